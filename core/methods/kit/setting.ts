import { timeWords, type StepDraft, type Task } from '../../makeup'
import type { Coefficient } from '../../quantities'
import { coefficients, minutes, seconds } from './rows'
import { capitalised, type TradeOrigin } from '../../units'

/**
 * How glues, paints and pastes set: the one table of windows and waits. At 20 °C and 50 %; an open film follows the
 * air, what sets by itself or lies in a closed joint does not. An overnight is ten hours.
 */
const NIGHT = 600
const OVERNIGHT = [NIGHT, 'memory', 'overnight'] as const
interface Row {
  readonly name: string
  /** So long it can be worked on, s, and what then is the matter with it. */
  readonly open?: readonly [key: string, sec: number, words: string, origin?: TradeOrigin]
  /** So long until the next step, min. */
  readonly sets?: readonly [key: string, min: number, origin?: TradeOrigin, note?: string]
  readonly kind: NonNullable<StepDraft['wait']>['kind']
}
/** @param open null where it has no window @param sets absent where it has no wait */
const row = (name: string, kind: Row['kind'], open: Row['open'] | null, sets?: Row['sets']): Row => ({
  name,
  kind,
  ...(open && { open }),
  ...(sets && { sets }),
})
const table = {
  hairspray: row('hairspray', 'tack clearing', ['sprayWetSec', 60, 'stays wet for'], ['spraySetMin', 10]),
  'spray-adhesive': row(
    'spray adhesive',
    'tack clearing',
    ['tackWetSec', 300, 'stays open for'],
    ['tackSetMin', 20],
  ),
  ca: row('CA', 'cure', ['caOpenSec', 5, 'grabs in'], ['caNightMin', NIGHT, 'common practice', 'overnight']),
  'ca-fibre': row('CA in fibre', 'cure', null, ['caFibreMin', 20]),
  'hot-glue': row('hot glue', 'cure', ['hotGlueOpenSec', 10, 'grabs in'], ['hotGlueSetMin', 1]),
  tape: row('floral tape', 'tack clearing', ['tapeOpenSec', 120, 'keeps its tack for']),
  pva: row('PVA', 'open film', ['poolOpenSec', 480, 'skins after'], ['pvaDryMin', 720]),
  'tacky-pva': row('tacky PVA', 'open film', ['tackyOpenSec', 240, 'skins after'], ['tackySetMin', 240]),
  'dilute-pva': row('dilute PVA', 'open film', null, ['sealDryMin', 360]),
  trace: row('a trace of glue', 'open film', ['traceOpenSec', 120, 'takes powder for'], ['traceDryMin', 60]),
  medium: row(
    'fast matt medium',
    'open film',
    ['mediumOpenSec', 240, 'skins after'],
    ['mediumDryMin', 20, 'common practice'],
  ),
  latex: row('latex', 'open film', ['latexOpenSec', 180, 'skins in the brush after'], ['latexDryMin', 45]),
  'grout-paste': row(
    'grout and PVA',
    'cure',
    ['groutOpenSec', 900, 'stays workable for'],
    ['groutSetMin', 240],
  ),
  paste: row(
    'modelling paste',
    'open film',
    ['pasteOpenSec', 600, 'takes the brush for'],
    ['pasteDryMin', ...OVERNIGHT],
  ),
  cement: row(
    'scenic cement',
    'open film',
    ['cementWetSec', 600, 'stays wet for'],
    ['cementDryMin', ...OVERNIGHT],
  ),
  paint: row('spray paint', 'open film', ['paintWetSec', 60, 'takes scatter for'], ['paintDryMin', 20]),
  'brush-paint': row('brush paint', 'open film', null, ['brushPaintMin', 60]),
  'dry-brush': row('dry-brushed paint', 'open film', null, ['dryBrushMin', 20]),
  wash: row('wash', 'open film', null, ['washDryMin', 30]),
  stain: row('stain', 'open film', null, ['stainDryMin', 120]),
  clear: row('flat clear', 'open film', ['clearOpenSec', 120, 'takes foam for'], ['clearDryMin', 60]),
}

/** What sets. */
export type Setting = keyof typeof table

/** A row for a way that keeps a figure of its own: so long it can be worked on. */
export function staysOpen(of: Setting, name?: string) {
  const { open, name: own } = table[of]
  if (!open) throw new RangeError(`${of} has no window; it must have one`)
  return seconds(name ?? `${own} stays open`, open[1], open[3])
}
/** A row for a way that keeps a figure of its own: so long until it has set. */
export function dries(of: Setting, name?: string, note?: string) {
  const { sets, name: own } = table[of]
  if (!sets) throw new RangeError(`${of} has no wait; it must have one`)
  return minutes(name ?? `${own} dries`, sets[1], sets[2], note ?? sets[3])
}

/** Windows and waits that all ways share, as coefficients that a maker can set, by their keys. */
export const setting: Readonly<Record<string, Coefficient>> = coefficients(
  'shared',
  Object.fromEntries(
    (Object.keys(table) as Setting[]).flatMap((of) => {
      const { open, sets } = table[of]
      return [...(open ? [[open[0], staysOpen(of)]] : []), ...(sets ? [[sets[0], dries(of)]] : [])]
    }),
  ),
)

/** @throws RangeError for what has no window, or no wait */
function coefficientOf(of: Setting, what: 'open' | 'sets'): Coefficient {
  const found = setting[table[of][what]?.[0] ?? '']
  if (!found) throw new RangeError(`${of} has no ${what === 'open' ? 'window' : 'wait'}; it must have one`)
  return found
}

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
  const { name, open: row } = table[of]
  const words = `${capitalised(what ?? name)} ${row?.[2] ?? ''} about ${timeWords(sec / 60)}`
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
  const { kind } = table[of]
  const leastMin = kind === 'open film' ? task.dryMin(min) : min
  return { leastMin, kind, what, origin: coefficient.origin }
}
