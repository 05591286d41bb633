import { settings, type Setting } from '../../adhesives'
import { timeWords, type StepDraft, type Task } from '../../makeup'
import type { Coefficient } from '../../quantities'
import { capitalised } from '../../units'
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
  const { name, open: row } = settings[of]
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
  const { kind } = settings[of]
  const leastMin = kind === 'open film' ? task.dryMin(min) : min
  return { leastMin, kind, what, origin: coefficient.origin }
}
