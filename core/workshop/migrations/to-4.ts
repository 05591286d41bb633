import { foldRun, type Batch, type RunEvent } from '../../batches'
import { catalogue } from '../../stock'

type Loose = Record<string, unknown>

const isObject = (value: unknown): value is Loose =>
  value !== null && typeof value === 'object' && !Array.isArray(value)
const rowsOf = (value: unknown): Loose[] => (Array.isArray(value) ? value.filter(isObject) : [])
const objectOf = (value: unknown): Loose => (isObject(value) ? value : {})
const without = (row: Loose, ...fields: readonly string[]): Loose =>
  Object.fromEntries(Object.entries(row).filter(([name]) => !fields.includes(name)))
const defined = (row: Loose): Loose =>
  Object.fromEntries(Object.entries(row).filter(([, value]) => value !== undefined))

/** The moment of a record that nobody has touched since it came with the app. */
const UNTOUCHED = '1970-01-01T00:00:00.000Z'

/**
 * 3 → 4: a line has an amount; a material says what stuff it is; steps tell hands, waits and limits apart;
 * entries name what they follow from; finished pieces stand on trays; a workshop keeps coefficients of its
 * own.
 */
export function toVersion4(document: Loose): Loose {
  const events = chained(rowsOf(document.events))
  const batches = rowsOf(document.batches).map(batch4)
  return {
    ...document,
    version: 4,
    lines: rowsOf(document.lines).map(line4),
    materials: materials4(rowsOf(document.materials)),
    coefficients: [],
    batches,
    events,
    movements: rowsOf(document.movements).map((movement) => withCause(movement, events)),
    trayEntries: trayEntries4(batches, events),
  }
}

const line4 = (line: Loose): Loose => ({
  ...without(line, 'pieces'),
  amount: { kind: 'pieces', pieces: line.pieces },
})

/** Materials that came with the app and were left alone become what they are now; the rest is told in the new words. */
function materials4(rows: readonly Loose[]): Loose[] {
  const fresh = new Map(catalogue.map((row) => [row.id, row]))
  const known = new Set(rows.map(({ id }) => id))
  const added = catalogue.filter(({ id }) => !known.has(id)).map((row) => ({ ...row, changedAt: UNTOUCHED }))
  return [
    ...rows.map((row) => {
      const ours = typeof row.id === 'string' ? fresh.get(row.id) : undefined
      return ours && row.changedAt === UNTOUCHED && row.unit === ours.unit
        ? { ...ours, changedAt: UNTOUCHED }
        : material4(row)
    }),
    ...added,
  ]
}

function material4(row: Loose): Loose {
  const { kind, grainMm, fibreMm, dtex, fromMm, toMm, colour, densityGPerMl } = row
  const rest = without(row, 'kind', 'grainMm', 'fibreMm', 'dtex', 'fromMm', 'toMm', 'colour', 'densityGPerMl')
  const of = ((): Loose => {
    switch (kind) {
      case 'sprig':
        return { stuff: 'twig', twig: 'sprig', fromMm, toMm }
      case 'trunk':
        return { stuff: 'goods', goods: 'trunk', fromMm, toMm, colour }
      case 'fibre-wool':
        return { stuff: 'wool', colour }
      case 'foam':
        return { stuff: 'foam', form: 'ground', grainMm: grainMm ?? 0.5, colour }
      case 'clump':
        return { stuff: 'foam', form: 'clump', grainMm: grainMm ?? 5, colour }
      case 'static-fibre':
        return { stuff: 'fibre', lengthMm: fibreMm ?? 4, dtex: dtex ?? 22, colour }
      case 'backing':
        return { stuff: 'sheet', sheet: 'release', colour }
      case 'matte-medium':
      case 'pva':
      case 'contact-adhesive':
      case 'hairspray':
      case 'paint':
      case 'spray-paint':
        return { stuff: 'liquid', liquid: kind, colour }
      default:
        return { stuff: 'other', colour }
    }
  })()
  // What was written as the density of wool was that of the loose heap.
  const density = kind === 'fibre-wool' ? { bulkGPerMl: densityGPerMl } : { densityGPerMl }
  return defined({ ...rest, ...density, of: defined(of) })
}

/** Entries in the order that they were written in, each naming the one before it. */
function chained(rows: readonly Loose[]): Loose[] {
  const last = new Map<unknown, unknown>()
  return rows
    .toSorted(
      (a, b) =>
        Number(a.seq) - Number(b.seq) ||
        String(a.at).localeCompare(String(b.at)) ||
        String(a.id).localeCompare(String(b.id)),
    )
    .map((event) => {
      const after = last.get(event.batchId)
      last.set(event.batchId, event.id)
      return { ...without(event, 'seq'), ...(after === undefined ? {} : { after }) }
    })
}

/** A batch's draws were written at the moment of its ending, its reversals at that of the undoing. */
function withCause(movement: Loose, events: readonly Loose[]): Loose {
  const kinds =
    movement.kind === 'draw' ? ['finish', 'abandon'] : movement.kind === 'reversal' ? ['undo'] : []
  if (movement.batchId === undefined || kinds.length === 0) return movement
  const cause = events.find(
    (event) =>
      event.batchId === movement.batchId &&
      event.at === movement.at &&
      kinds.includes(String(objectOf(event.deed).type)),
  )
  return cause ? { ...movement, eventId: cause.id } : movement
}

function batch4(batch: Loose): Loose {
  const plan = objectOf(batch.plan)
  return {
    ...batch,
    makes: { kind: 'pieces' },
    plan: { ...plan, yields: [], steps: rowsOf(plan.steps).map(step4) },
  }
}

/** So many at once meant that there was no limit. */
const NO_LIMIT = 10_000

function step4(step: Loose): Loose {
  const { batchSec, pieceSec, timeOrigin, wait, window } = step
  const rest = without(step, 'batchSec', 'pieceSec', 'timeOrigin', 'wait', 'window')
  const waited = objectOf(wait)
  const open = objectOf(window)
  const limited = Number(open.atOnce) < NO_LIMIT
  return {
    ...rest,
    hands: { onceSec: batchSec, eachSec: pieceSec, origin: timeOrigin },
    ...(wait === undefined
      ? {}
      : { wait: { leastMin: waited.min, kind: 'open film', what: waited.what, origin: waited.origin } }),
    ...(window === undefined ? {} : { within: { sec: open.sec, what: open.what, origin: open.origin } }),
    ...(limited ? { atOnce: { count: open.atOnce, because: 'window', what: open.what } } : {}),
    tools: [],
    holders: [],
    needs: [],
    gives: [],
  }
}

/**
 * Pieces of finished batches stand on the tray that their ending named. A batch that can't be read is left to
 * the checks.
 */
function trayEntries4(batches: readonly Loose[], events: readonly Loose[]): Loose[] {
  const byBatch = new Map<unknown, Loose[]>()
  for (const event of events) byBatch.set(event.batchId, [...(byBatch.get(event.batchId) ?? []), event])
  return batches.flatMap((batch) => {
    try {
      const own = (byBatch.get(batch.id) ?? []) as unknown as RunEvent[]
      const { state, history } = foldRun(batch as unknown as Batch, own)
      const ending = history.at(-1)
      if (state.outcome?.type !== 'finish' || !ending || state.live < 1) return []
      return [
        {
          id: `tray-${ending.id}`.slice(0, 64),
          at: ending.at,
          batchId: batch.id,
          tray: state.outcome.tray,
          count: state.live,
          to: 'to be planted',
          eventId: ending.id,
        },
      ]
    } catch {
      return []
    }
  })
}
