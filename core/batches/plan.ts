import type { Line } from '../commissions'
import type { MakeUp, Use, Yield } from '../makeup'
import type { Batch, BatchYield, Makes } from './records'

const MOST_NAME = 120

/** A name with something before or after it, cut to what a name may be. */
export function withinAName(name: string, { before = '', after = '' }): string {
  const room = MOST_NAME - before.length - after.length
  return `${before}${name.length > room ? `${name.slice(0, room - 1).trimEnd()}…` : name}${after}`
}

/** A name for a line's nth batch, within what a name may be: "Beech 3". */
export const batchName = (lineName: string, number: number): string =>
  withinAName(lineName, { after: ` ${number}` })

/**
 * A name for the next batch of a line: "Beech, batch 3".
 * @param batches all that were ever planned @param nth 0 for the next, 1 for the one after it @param what "refreshed"
 */
export function nextBatchName(
  line: Pick<Line, 'id' | 'name'>,
  batches: readonly Pick<Batch, 'lineId'>[],
  { nth = 0, what = 'batch' } = {},
): string {
  const already = batches.filter(({ lineId }) => lineId === line.id).length
  return withinAName(line.name, { after: `, ${what} ${already + 1 + nth}` })
}

/**
 * What a make-up foretells, as it is kept with the batch.
 * @param name of the batch, for the bench and the log
 * @param lineId absent for stock
 */
export function planFrom(
  makeUp: MakeUp,
  lineId: string | undefined,
  name: string,
): Omit<Batch, 'id' | 'madeAt'> {
  const { expectedGood } = makeUp
  return {
    ...(lineId === undefined ? {} : { lineId }),
    name,
    methodId: makeUp.method.id,
    makes: makesOf(makeUp),
    pieces: makeUp.started.value,
    plan: {
      expectedGood,
      handsMin: makeUp.handsMin.value,
      elapsedMin: makeUp.elapsedMin.value,
      ...(makeUp.costEachMinor === undefined
        ? {}
        : { costMinor: makeUp.costEachMinor.value * Math.max(1, expectedGood) }),
      amounts: amountsOf(makeUp.uses),
      yields: makeUp.yields.filter(({ quantity }) => quantity.value > 0).map(yieldOf),
      steps: makeUp.steps.map((step) => ({ ...step })),
    },
  }
}

function makesOf({ job, share }: MakeUp): Makes {
  if (job.kind === 'stock') return { kind: 'stock' }
  return share
}

/** One entry for each material at each step. */
function amountsOf(uses: readonly Use[]): Batch['plan']['amounts'] {
  const merged = new Map<string, Batch['plan']['amounts'][number]>()
  for (const { material, step, label, total, dispensed, once, consumed } of uses) {
    if (!material || total.value <= 0) continue
    const key = `${material.id}|${step}`
    const known = merged.get(key)
    const tray = (known?.lies ?? 0) + (dispensed?.value ?? 0)
    merged.set(key, {
      materialId: material.id,
      label: known ? `${known.label}, ${label}` : label,
      quantity: (known?.quantity ?? 0) + total.value,
      ...(tray > 0 ? { lies: tray } : {}),
      step,
      ...(once || known?.once ? { once: true } : {}),
      ...(consumed === undefined && known?.leaves === undefined
        ? {}
        : { leaves: (known?.leaves ?? known?.quantity ?? 0) + (consumed ?? total.value) }),
    })
  }
  return [...merged.values()]
}

function yieldOf({ label, source, material, quantity, shares }: Yield): BatchYield {
  const { name, unit, of, densityGPerMl, bulkGPerMl, pieceG, keepsDays, blendId, sealed } = material
  return {
    label,
    source,
    materialId: material.id,
    quantity: quantity.value,
    material: {
      name,
      unit,
      of,
      ...(densityGPerMl === undefined ? {} : { densityGPerMl }),
      ...(bulkGPerMl === undefined ? {} : { bulkGPerMl }),
      ...(pieceG === undefined ? {} : { pieceG }),
      ...(keepsDays === undefined ? {} : { keepsDays }),
      ...(blendId === undefined ? {} : { blendId, sealed }),
    },
    shares: shares.map((share) => ({ ...share })),
  }
}
