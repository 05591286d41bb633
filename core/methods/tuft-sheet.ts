import { RECLAIMED_SHARE, sprinkle } from '../foliage'
import { dotVolumeMl, fibreMassPerArea, sheetsFor } from '../grass'
import type { Material } from '../stock'
import { amount, figure, input } from './figures'
import { isBladed, type Method, type Piece, type Suit, type Work } from './types'

/** Dots from a rice grain to a pea, mm. Common practice. */
const SMALLEST_DOT_MM = 2
const LARGEST_DOT_MM = 8
/** A tuft spreads to about this many times its foot; a dot stands a quarter as high as it is wide. From memory. */
const SPREAD = 1.7
const DOT_HEIGHT_SHARE = 0.22
/** Fibres on the foot of a dense tuft; ground cover has some 200. From memory. */
const FIBRES_PER_CM2 = 900
const STICKS = 0.3
/** The part of a biscuit-tin lid that dots go on, mm. From memory. */
const SHEET = { widthMm: 180, heightMm: 260 }
/** Left on the needle and in the nozzle. From memory. */
const GLUE_LOSS = 0.15
/** Of the fibres, these are of the second length and of the accent tone. Common practice: 3–4 tones; the shares are from memory. */
const SECOND = 0.3
const ACCENT = 0.15
const LONGEST_FIBRE_MM = 12

const dotMm = (piece: Piece): number =>
  Math.min(LARGEST_DOT_MM, Math.max(SMALLEST_DOT_MM, piece.crownWidthMm / SPREAD))
const gapMm = (piece: Piece): number => Math.max(3, dotMm(piece) * 0.8)

function suits(piece: Piece): Suit {
  const reasonsFor: string[] = []
  const reasonsAgainst: string[] = []
  if (piece.habit === 'grass' || piece.habit === 'reed')
    reasonsFor.push('blades that stand up, as grass does')
  if (piece.heightMm >= 2 && piece.heightMm <= LONGEST_FIBRE_MM)
    reasonsFor.push('within the lengths that static fibre comes in')
  reasonsFor.push('hundreds in one go, and they keep on their sheet until planted')
  if (piece.habit === 'fern') reasonsAgainst.push('fibres are blades, not fronds; it passes from a step away')
  if (piece.habit === 'herb')
    reasonsAgainst.push('leaves and flowers are to be added: fibres give only the stems')
  if (!isBladed(piece)) reasonsAgainst.push('it has stems and a crown, which fibres can’t show')
  if (piece.heightMm > LONGEST_FIBRE_MM * 1.15)
    reasonsAgainst.push(
      `${Math.round(piece.heightMm)} mm is beyond the longest fibre, ${LONGEST_FIBRE_MM} mm`,
    )
  if (piece.heightMm < 1.5) reasonsAgainst.push('lower than the shortest fibre: a mat would do')
  if (piece.crownWidthMm > LARGEST_DOT_MM * SPREAD * 1.3)
    reasonsAgainst.push('wider than one dot makes: set several side by side')
  const wrong = !isBladed(piece) || piece.heightMm > LONGEST_FIBRE_MM * 1.6 || piece.heightMm < 1
  const verdict = wrong
    ? 'unsuited'
    : (piece.habit === 'grass' || piece.habit === 'reed') && reasonsAgainst.length === 0
      ? 'suits'
      : 'possible'
  return { verdict, reasonsFor: wrong ? [] : reasonsFor, reasonsAgainst }
}

const layout = (work: Work) =>
  sheetsFor(work.started, SHEET.widthMm, SHEET.heightMm, dotMm(work.piece), gapMm(work.piece))

export const tuftSheet: Method = {
  id: 'tuft-sheet',
  name: 'Tufts on a release sheet',
  makes: 'Dots of PVA on a release sheet, fibres set upright by static, lifted when dry.',
  spoilage: { share: 0.1, origin: 'memory' },
  slots: [
    { id: 'backing', label: 'Release backing', kind: 'backing', wish: () => ({}) },
    { id: 'pva', label: 'PVA', kind: 'pva', wish: () => ({}) },
    {
      id: 'fibre',
      label: 'Main fibre',
      kind: 'static-fibre',
      wish: (piece) => ({ fibreMm: piece.heightMm, colour: piece.tones.base }),
    },
    {
      id: 'second',
      label: 'Second, shorter',
      kind: 'static-fibre',
      wish: (piece) => ({ fibreMm: piece.heightMm * 0.65, colour: piece.tones.shade }),
    },
    {
      id: 'accent',
      label: 'Accent tone',
      kind: 'static-fibre',
      wish: (piece) => ({ fibreMm: piece.heightMm, colour: piece.tones.light }),
    },
  ],
  suits,
  amounts(work) {
    const { piece, started, use } = work
    const d = dotMm(piece)
    const footCm2 = (Math.PI / 4) * (d / 10) ** 2
    const cap = dotVolumeMl(d, d * DOT_HEIGHT_SHARE) * (1 + GLUE_LOSS)
    const { sheets, perSheet } = layout(work)
    const sheetCm2 = (SHEET.widthMm * SHEET.heightMm) / 100
    const dot = input('dot', d, 'mm', 'common practice', 'crown width ÷ 1.7, from 2 to 8 mm')
    const fibre = (slot: string, label: string, share: number) => {
      const material: Material = use(slot)
      const lengthMm = material.fibreMm ?? 4
      const dtex = material.dtex ?? 22
      const stuck = fibreMassPerArea(FIBRES_PER_CM2, lengthMm, dtex) * footCm2 * share
      const each = sprinkle(stuck, STICKS)
      const inputs = [
        dot,
        input('fibres on a cm²', FIBRES_PER_CM2, '', 'memory'),
        input('length', lengthMm, 'mm', 'memory', material.name),
        input('linear density', dtex, 'dtex', 'memory'),
        input('share of the fibres', share, '', 'memory'),
        input('sticks, of what is thrown', STICKS, '', 'memory'),
        input('comes back from the tray', RECLAIMED_SHARE, '', 'common practice'),
      ]
      return amount(
        label,
        slot,
        material,
        started,
        figure(
          each.leavesStockG,
          'g',
          'fibres per area × length × dtex × foot of the dot × share, plus what is lost',
          inputs,
          'formula',
          'ISO 1144 tex system',
        ),
        undefined,
        figure(each.thrownG * started, 'g', 'stuck ÷ sticking share × pieces started', inputs),
      )
    }
    return [
      amount(
        'Release backing',
        'backing',
        use('backing'),
        started,
        figure((sheets * sheetCm2) / started, 'cm2', 'sheets × area ÷ pieces started', [
          input('sheets', sheets, '', 'formula'),
          input('sheet', `${SHEET.widthMm} × ${SHEET.heightMm} mm`, '', 'memory'),
        ]),
        figure(
          sheets * sheetCm2,
          'cm2',
          'sheets × area',
          [
            input(
              'sheets',
              sheets,
              '',
              'formula',
              `${perSheet} dots on each, gaps of ${gapMm(piece).toFixed(1)} mm`,
            ),
            input('sheet', `${SHEET.widthMm} × ${SHEET.heightMm} mm`, '', 'memory'),
          ],
          'formula',
          'staggered rows; hexagonal bound 0.9069',
        ),
      ),
      amount(
        'PVA',
        'pva',
        use('pva'),
        started,
        figure(
          cap,
          'ml',
          'π·h·(3a² + h²)/6, plus what stays in the nozzle',
          [
            dot,
            input('height of the dot', d * DOT_HEIGHT_SHARE, 'mm', 'memory'),
            input('stays in the nozzle', GLUE_LOSS, '', 'memory'),
          ],
          'formula',
          'spherical cap',
        ),
      ),
      fibre('fibre', 'Main fibre', 1 - SECOND - ACCENT),
      fibre('second', 'Second fibre', SECOND),
      fibre('accent', 'Accent tone', ACCENT),
    ]
  },
  pours: () => [],
  steps(work) {
    const { piece, use, dryingFactor, started } = work
    const { sheets, perSheet } = layout(work)
    const dotSec = 2.5
    const openSec = 480 * Math.min(dryingFactor, 2)
    const fibres = [use('fibre').id, use('second').id, use('accent').id]
    return [
      {
        id: 'tray',
        title: 'Lay the tray',
        text: `${sheets === 1 ? 'One sheet' : `${sheets} sheets`} of backing on the steel tray. Mix the fibres: main, shorter, accent.`,
        batchSec: 180 + 60 * sheets,
        pieceSec: 0,
        timeOrigin: 'memory',
        cautions: ['dust'],
        faults: [],
        materialIds: [use('backing').id],
      },
      {
        id: 'dots',
        title: 'Set dots, apply fibre',
        text: `Dots of ${dotMm(piece).toFixed(1)} mm that must not touch, ${perSheet} to a sheet. Earth lead on the metal, applicator about 10 mm off; move methodically.`,
        batchSec: 120 * sheets,
        pieceSec: dotSec + 1,
        timeOrigin: 'memory',
        cautions: ['high-voltage', 'static-sparks', 'dust'],
        faults: ['joined-dots', 'lying-fibres'],
        materialIds: [use('pva').id, ...fibres],
        window: {
          sec: openSec,
          what: 'Small dots skin over in about eight minutes.',
          atOnce: Math.min(started, perSheet, Math.max(1, Math.floor(openSec / (dotSec + 1)))),
          origin: 'memory',
        },
        wait: { min: 20 * dryingFactor, what: 'Let the dots grip', origin: 'memory' },
      },
      {
        id: 'tap',
        title: 'Tilt and tap off',
        text: 'Tilt, tap the loose fibre back into its box.',
        batchSec: 60 * sheets,
        pieceSec: 0,
        timeOrigin: 'memory',
        cautions: ['dust'],
        faults: ['lying-fibres'],
        materialIds: fibres,
        wait: { min: 360 * dryingFactor, what: 'Dry through', origin: 'memory' },
      },
      {
        id: 'lift',
        title: 'Lift and inspect',
        text: 'Lift with a flat blade, put aside what lies down or has joined.',
        batchSec: 0,
        pieceSec: 2.5,
        timeOrigin: 'memory',
        cautions: ['wire-and-blades'],
        faults: ['tuft-stuck', 'joined-dots', 'shiny-patches'],
        materialIds: [],
      },
    ]
  },
}
