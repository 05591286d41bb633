import { settings, type Setting, type WaitKind } from '../../adhesives'
import { timeWords, type StepDraft, type Task } from '../../makeup'
import type { Coefficient } from '../../quantities'
import { capitalised } from '../../units'
import { jarTime } from './jar'
import { coefficients, minutes, seconds } from './rows'

/** A row for a way that keeps a figure of its own: so long it can be worked on. */
export function staysOpen(of: Setting, name?: string) {
  const { open, name: own } = settings[of]
  if (!open) throw new RangeError(`${of} has no window; it must have one`)
  return seconds(name ?? `${own} stays open`, open[1], open[3])
}
/** A row for a way that keeps a figure of its own: so long until it has set. */
export function dries(of: Setting, name?: string, note?: string) {
  const { sets, name: own } = settings[of]
  if (!sets) throw new RangeError(`${of} has no wait; it must have one`)
  return minutes(name ?? `${own} dries`, sets[1], sets[2], note ?? sets[3])
}

/** Windows and waits that all ways share, as coefficients that a maker can set, by their keys. */
export const setting: Readonly<Record<string, Coefficient>> = coefficients(
  'shared',
  Object.fromEntries(
    (Object.keys(settings) as Setting[]).flatMap((of) => {
      const { open, sets } = settings[of]
      return [...(open ? [[open[0], staysOpen(of)]] : []), ...(sets ? [[sets[0], dries(of)]] : [])]
    }),
  ),
)

/** @throws RangeError for what has no window, or no wait */
function coefficientOf(of: Setting, what: 'open' | 'sets'): Coefficient {
  const found = setting[settings[of][what]?.[0] ?? '']
  if (!found) throw new RangeError(`${of} has no ${what === 'open' ? 'window' : 'wait'}; it must have one`)
  return found
}

/** Whose figure a window or a wait is: a way's own; the slot that is taken from, where several take of its kind. */
export interface WhoseTime {
  readonly by?: Coefficient
  readonly from?: string
}

/** A window or a wait as its jar says, else as usual. */
export function timeOf(
  task: Pick<Task, 'value' | 'jarOf'>,
  of: Setting,
  what: 'open' | 'sets',
  { by, from }: WhoseTime,
) {
  const usual = coefficientOf(of, what)
  const coefficient = by ?? usual
  const usually = task.value(coefficient)
  const isUsual = coefficient.value === usual.value
  const jar = jarTime(task, of, what === 'open' ? 'openSec' : 'setsMin', usually, isUsual, from)
  return { coefficient, time: jar?.time ?? usually, jar: jar?.name }
}

/** Seconds for which it can be worked on. */
export const openSecOf = (task: Pick<Task, 'value' | 'jarOf'>, of: Setting, whose: WhoseTime = {}): number =>
  timeOf(task, of, 'open', whose).time

/** The window of a step, in words that are made of its own seconds. @param tail what follows from it */
export function open(
  task: Pick<Task, 'value' | 'jarOf'>,
  of: Setting,
  { tail, what, ...whose }: WhoseTime & { readonly tail?: string; readonly what?: string } = {},
): NonNullable<StepDraft['within']> {
  const { time: sec, jar } = timeOf(task, of, 'open', whose)
  const { name, open: row } = settings[of]
  const words = `${capitalised(what ?? jar ?? name)} ${row?.[2] ?? ''} about ${timeWords(sec / 60)}`
  return { sec, what: tail === undefined ? `${words}.` : `${words}: ${tail}.`, origin: 'memory' }
}

/**
 * The wait after a step until it has set: as its jar says, else as usual.
 * @param kind where it lies otherwise than usual: in a closed joint, or drying in the open
 */
export function sets(
  task: Pick<Task, 'value' | 'dryMin' | 'jarOf'>,
  of: Setting,
  what: string,
  { kind = settings[of].kind, ...whose }: WhoseTime & { readonly kind?: WaitKind } = {},
): NonNullable<StepDraft['wait']> {
  const { coefficient, time, jar } = timeOf(task, of, 'sets', whose)
  return {
    leastMin: kind === 'open film' ? task.dryMin(time) : time,
    kind,
    what: jar === undefined ? what : waitWords(what, time, jar),
    origin: coefficient.origin,
  }
}

/** From so long on a wait takes the night. */
const NIGHT_MIN = 480
/** A wait that its jar tells, in words: no night for what sets in an hour. */
const waitWords = (what: string, min: number, jar: string): string =>
  `${min < NIGHT_MIN ? what.replace(/,? overnight/, '') : what} (${jar}: ${timeWords(min)})`
