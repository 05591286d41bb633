import { coefficients, timeWords, type Coefficient, type StepDraft, type Task } from '../../makeup'
import type { TradeOrigin } from '../../units'
import { minutes, seconds } from './rows'

/**
 * How glues, paints and pastes set: the one table of windows and waits. At 20 °C and 50 %; an open film follows the
 * air, what sets by itself or lies in a closed joint does not. An overnight is ten hours.
 */
const NIGHT = 600
interface Row {
  readonly name: string
  /** So long it can be worked on, s, and what then is the matter with it. */
  readonly open?: readonly [key: string, sec: number, words: string, origin?: TradeOrigin]
  /** So long until the next step, min. */
  readonly sets?: readonly [key: string, min: number, origin?: TradeOrigin, note?: string]
  readonly kind: NonNullable<StepDraft['wait']>['kind']
}
const table = {
  hairspray: {
    name: 'hairspray',
    open: ['sprayWetSec', 60, 'stays wet for'],
    sets: ['spraySetMin', 10],
    kind: 'tack clearing',
  },
  'spray-adhesive': {
    name: 'spray adhesive',
    open: ['tackWetSec', 300, 'stays open for'],
    sets: ['tackSetMin', 20],
    kind: 'tack clearing',
  },
  ca: {
    name: 'CA',
    open: ['caOpenSec', 5, 'grabs in'],
    sets: ['caNightMin', NIGHT, 'common practice', 'overnight'],
    kind: 'cure',
  },
  'hot-glue': {
    name: 'hot glue',
    open: ['hotGlueOpenSec', 10, 'grabs in'],
    sets: ['hotGlueSetMin', 1],
    kind: 'cure',
  },
  tape: { name: 'floral tape', open: ['tapeOpenSec', 120, 'keeps its tack for'], kind: 'tack clearing' },
  pva: {
    name: 'PVA',
    open: ['poolOpenSec', 480, 'skins after'],
    sets: ['pvaDryMin', 720],
    kind: 'open film',
  },
  'tacky-pva': {
    name: 'tacky PVA',
    open: ['tackyOpenSec', 240, 'skins after'],
    sets: ['tackySetMin', 240],
    kind: 'open film',
  },
  trace: {
    name: 'a trace of glue',
    open: ['traceOpenSec', 120, 'takes powder for'],
    sets: ['traceDryMin', 60],
    kind: 'open film',
  },
  wash: { name: 'wash', sets: ['washDryMin', 30], kind: 'open film' },
  'dry-brush': { name: 'dry-brushed paint', sets: ['dryBrushMin', 20], kind: 'open film' },
  'brush-paint': { name: 'brush paint', sets: ['brushPaintMin', 60], kind: 'open film' },
  'ca-fibre': { name: 'CA in fibre', sets: ['caFibreMin', 20], kind: 'cure' },
  'dilute-pva': { name: 'dilute PVA', sets: ['sealDryMin', 360], kind: 'open film' },
  medium: {
    name: 'fast matt medium',
    open: ['mediumOpenSec', 240, 'skins after'],
    sets: ['mediumDryMin', 20, 'common practice'],
    kind: 'open film',
  },
  latex: {
    name: 'latex',
    open: ['latexOpenSec', 180, 'skins in the brush after'],
    sets: ['latexDryMin', 45],
    kind: 'open film',
  },
  'grout-paste': {
    name: 'grout and PVA',
    open: ['groutOpenSec', 900, 'stays workable for'],
    sets: ['groutSetMin', 240],
    kind: 'cure',
  },
  paste: {
    name: 'modelling paste',
    open: ['pasteOpenSec', 600, 'takes the brush for'],
    sets: ['pasteDryMin', NIGHT, 'memory', 'overnight'],
    kind: 'open film',
  },
  cement: {
    name: 'scenic cement',
    open: ['cementWetSec', 600, 'stays wet for'],
    sets: ['cementDryMin', NIGHT, 'memory', 'overnight'],
    kind: 'open film',
  },
  paint: {
    name: 'spray paint',
    open: ['paintWetSec', 60, 'takes scatter for'],
    sets: ['paintDryMin', 20],
    kind: 'open film',
  },
  stain: { name: 'stain', sets: ['stainDryMin', 120], kind: 'open film' },
  clear: {
    name: 'flat clear',
    open: ['clearOpenSec', 120, 'takes foam for'],
    sets: ['clearDryMin', 60],
    kind: 'open film',
  },
} satisfies Record<string, Row>

/** What sets. */
export type Setting = keyof typeof table

/** A row, whatever it lacks. */
const rowOf = (of: Setting): Row => table[of]
/** A row for a way that keeps a figure of its own: so long it can be worked on. */
export function staysOpen(of: Setting, name?: string) {
  const { open, name: own } = rowOf(of)
  if (!open) throw new RangeError(`${of} has no window; it must have one`)
  return seconds(name ?? `${own} stays open`, open[1], open[3])
}
/** A row for a way that keeps a figure of its own: so long until it has set. */
export function dries(of: Setting, name?: string, note?: string) {
  const { sets, name: own } = rowOf(of)
  if (!sets) throw new RangeError(`${of} has no wait; it must have one`)
  return minutes(name ?? `${own} dries`, sets[1], sets[2], note ?? sets[3])
}

/** Windows and waits that all ways share, as coefficients that a maker can set, by their keys. */
export const setting: Readonly<Record<string, Coefficient>> = coefficients(
  'shared',
  Object.fromEntries(
    (Object.keys(table) as Setting[]).flatMap((of) => {
      const { open, sets } = rowOf(of)
      return [...(open ? [[open[0], staysOpen(of)]] : []), ...(sets ? [[sets[0], dries(of)]] : [])]
    }),
  ),
)

/** @throws RangeError for what has no window, or no wait */
function coefficientOf(of: Setting, what: 'open' | 'sets'): Coefficient {
  const found = setting[rowOf(of)[what]?.[0] ?? '']
  if (!found) throw new RangeError(`${of} has no ${what === 'open' ? 'window' : 'wait'}; it must have one`)
  return found
}
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

/** Seconds for which it can be worked on. @param by a way's own figure */
export const openSecOf = (task: Pick<Task, 'value'>, of: Setting, by?: Coefficient): number =>
  task.value(by ?? coefficientOf(of, 'open'))

/** The window of a step, in words that are made of its own seconds. @param tail what follows from it */
export function open(
  task: Pick<Task, 'value'>,
  of: Setting,
  { by, tail, what }: { readonly by?: Coefficient; readonly tail?: string; readonly what?: string } = {},
): NonNullable<StepDraft['within']> {
  const sec = openSecOf(task, of, by)
  const { name, open: row } = rowOf(of)
  const words = `${capital(what ?? name)} ${row?.[2] ?? ''} about ${timeWords(sec / 60)}`
  return { sec, what: tail === undefined ? `${words}.` : `${words}: ${tail}.`, origin: 'memory' }
}

/** The wait after a step until it has set. @param by a way's own figure */
export function sets(
  task: Pick<Task, 'value' | 'dryMin'>,
  of: Setting,
  what: string,
  { by }: { readonly by?: Coefficient } = {},
): NonNullable<StepDraft['wait']> {
  const coefficient = by ?? coefficientOf(of, 'sets')
  const min = task.value(coefficient)
  const { kind } = rowOf(of)
  const leastMin = kind === 'open film' ? task.dryMin(min) : min
  return { leastMin, kind, what, origin: coefficient.origin }
}
