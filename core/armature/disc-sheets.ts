import type { Shape, Template } from '../templates'
import { counted, seededRandom } from '../units'
import { raggedStar, type DiscTree } from './discs'
import type { Nesting, NestSheet } from './nest'
import { sizeClasses } from './sprigs'
import type { RodPlan } from './rods'

const TYPE_MM = 3

/**
 * Cutting templates at 1:1, one for each pad that is begun: ragged stars with their numbers (tree · discs), and
 * the strip that is kept.
 * @param labels of the discs, by place @param padMm width of the whole pad @param only this pad; absent: all
 */
export function padSheets(
  nesting: Nesting,
  order: { readonly radiiMm: readonly number[]; readonly sheets: readonly NestSheet[] },
  labels: readonly string[],
  padMm: number,
  title: string,
  only?: number,
): Template[] {
  return order.sheets.flatMap((sheet, i): Template[] => {
    if (only !== undefined && i !== only) return []
    const own = nesting.placed.filter(({ sheet: at }) => at === i)
    if (own.length === 0) return []
    const shapes: Shape[] = [
      { kind: 'path', layer: 'label', points: box(0, 0, padMm, sheet.heightMm), closed: true, widthMm: 0.3 },
      {
        kind: 'path',
        layer: 'fold',
        points: [
          [sheet.widthMm, 0],
          [sheet.widthMm, sheet.heightMm],
        ],
      },
      {
        kind: 'text',
        layer: 'label',
        at: [sheet.widthMm + 2, 8],
        text: 'strip kept',
        sizeMm: TYPE_MM,
      },
    ]
    for (const { disc, x, y } of own) {
      const r = order.radiiMm[disc] ?? 0
      const random = seededRandom(disc + 1)
      shapes.push(
        {
          kind: 'path',
          layer: 'cut',
          closed: true,
          points: raggedStar(2 * r, random).map(([dx, dy]) => [x + dx, y + dy] as const),
        },
        { kind: 'circle', layer: 'fold', at: [x, y], radiusMm: r },
        {
          kind: 'text',
          layer: 'label',
          at: [x, y + TYPE_MM / 3],
          text: labels[disc] ?? '',
          sizeMm: Math.min(TYPE_MM, Math.max(1.6, r * 0.45)),
          align: 'middle',
        },
      )
    }
    return [
      {
        title: `${title}: pad ${i + 1}`,
        note: `${counted(own.length, 'disc')}, ${Math.round((nesting.covered[i] ?? 0) * 100)} % of what is cut. Figures are tree · discs from the bottom. Circles first, then ragged cuts, then split.`,
        widthMm: padMm,
        heightMm: sheet.heightMm,
        shapes,
      },
    ]
  })
}

const box = (x: number, y: number, w: number, h: number) =>
  [
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ] as const

/** The order of the discs on the stem at 1:1: the dowel with its taper, each disc’s place, number and width. */
export function stemSheet(tree: DiscTree, dowelMm: number, title: string): Template {
  const widest = tree.discs.reduce((most, { diameterMm }) => Math.max(most, diameterMm), dowelMm)
  const middle = Math.max(24, widest / 2 + 6)
  const ground = tree.dowelMm + 10
  const half = dowelMm / 2
  const y = (mm: number): number => ground - mm
  return {
    title,
    note: `Dowel of ${Math.round(tree.dowelMm)} mm, tapered from ${Math.round(tree.taperFromMm)} mm; ${counted(tree.discs.length, 'disc')} from the first branch at ${Math.round(tree.discs[0]?.atMm ?? 0)} mm.`,
    widthMm: middle + Math.max(24, widest / 2) + 30,
    heightMm: ground + 8,
    shapes: [
      {
        kind: 'path',
        layer: 'cut',
        closed: true,
        points: [
          [middle - half, y(0)],
          [middle - half, y(tree.taperFromMm)],
          [middle - 0.4, y(tree.dowelMm)],
          [middle + 0.4, y(tree.dowelMm)],
          [middle + half, y(tree.taperFromMm)],
          [middle + half, y(0)],
        ],
      },
      ...tree.discs.flatMap(({ number, atMm, diameterMm }): Shape[] => [
        {
          kind: 'path',
          layer: 'fold',
          points: [
            [middle - diameterMm / 2, y(atMm)],
            [middle + diameterMm / 2, y(atMm)],
          ],
        },
        {
          kind: 'text',
          layer: 'label',
          at: [middle + Math.max(24, widest / 2) + 3, y(atMm) + 1],
          text: `${number}:  ${Math.round(diameterMm)} wide, ${Math.round(atMm)} up`,
          sizeMm: 2.6,
        },
      ]),
    ],
  }
}

/** Rods at 1:1 with the saw’s cuts: each a strip with its pieces by number. */
export function rodSheet(
  plan: RodPlan,
  pieces: readonly number[],
  rodsMm: readonly number[],
  kerfMm: number,
  title: string,
): Template {
  const shapes: Shape[] = []
  plan.rods.forEach(({ rod, pieces: own }, i) => {
    const y = 6 + i * 12
    shapes.push({
      kind: 'path',
      layer: 'label',
      closed: true,
      points: box(0, y, rodsMm[rod] ?? 0, 6),
      widthMm: 0.3,
    })
    let x = 0
    for (const piece of own) {
      const length = pieces[piece] ?? 0
      shapes.push(
        {
          kind: 'text',
          layer: 'label',
          at: [x + length / 2, y + 4.2],
          text: `${piece + 1} · ${Math.round(length)}`,
          sizeMm: TYPE_MM,
          align: 'middle',
        },
        {
          kind: 'path',
          layer: 'cut',
          points: [
            [x + length, y - 1],
            [x + length, y + 7],
          ],
        },
      )
      x += length + kerfMm
    }
  })
  return {
    title,
    note: `${counted(plan.rods.length, 'rod')}; ${kerfMm} mm for each cut. Lay the rod on its strip and mark.`,
    widthMm: Math.max(...rodsMm, 1),
    heightMm: 12 * plan.rods.length + 8,
    shapes,
  }
}

/** The gauge that sprigs are sorted by: lay the foot on the line, read the class at the tip. */
export function gaugeSheet(title: string): Template {
  const most = sizeClasses.at(-1)?.toMm ?? 0
  const ground = most + 8
  const width = 120
  return {
    title,
    note: 'Foot of the sprig on the heavy line; its tip lies in its class.',
    widthMm: width,
    heightMm: ground + 6,
    shapes: [
      {
        kind: 'path',
        layer: 'cut',
        points: [
          [0, ground],
          [width, ground],
        ],
        widthMm: 0.8,
      },
      ...sizeClasses.flatMap(({ fromMm, toMm }, i): Shape[] => [
        ...(i === 0
          ? [
              {
                kind: 'path' as const,
                layer: 'fold' as const,
                points: [
                  [0, ground - fromMm],
                  [width, ground - fromMm],
                ] as const,
              },
            ]
          : []),
        {
          kind: 'path',
          layer: 'fold',
          points: [
            [0, ground - toMm],
            [width, ground - toMm],
          ],
        },
        {
          kind: 'text',
          layer: 'label',
          at: [width - 26, ground - (fromMm + toMm) / 2 + 1.6],
          text: `${i + 1}   ${fromMm}–${toMm} mm`,
          sizeMm: 4,
        },
      ]),
    ],
  }
}
