import { settings, type Setting } from '../../adhesives'
import type { Task } from '../../makeup'
import type { Liquid, Material } from '../../stock'

/** What comes out of which jar: the liquid that sets so, and whether as it is, not thinned or in a trace. */
const liquidOf: Partial<Record<Setting, readonly [liquid: Liquid, neat: boolean]>> = {
  hairspray: ['hairspray', true],
  'spray-adhesive': ['spray-adhesive', true],
  ca: ['ca', true],
  'ca-fibre': ['ca', false],
  'hot-glue': ['hot-glue', true],
  pva: ['pva', true],
  'tacky-pva': ['pva', true],
  'dilute-pva': ['pva', false],
  trace: ['pva', false],
  medium: ['matte-medium', true],
  latex: ['latex', true],
  paste: ['paste', true],
  cement: ['cement', true],
  paint: ['spray-paint', true],
  'brush-paint': ['paint', true],
  'dry-brush': ['paint', false],
  wash: ['paint', false],
  stain: ['stain', true],
  clear: ['varnish', true],
  construction: ['construction', true],
  filler: ['filler', true],
}

/** How a liquid usually sets, neat. */
const usual = new Map<Liquid, Setting>()
for (const of of Object.keys(liquidOf) as Setting[]) {
  const [liquid, neat] = liquidOf[of] ?? []
  if (liquid !== undefined && neat === true && !usual.has(liquid)) usual.set(liquid, of)
}

/**
 * A time of what sets so, as the jar that fills its slot says. The film that everyone means takes what the label says;
 * another one, thinned, in a trace, thicker, is as much quicker or slower as the jar is than what is usual for its kind
 * (our estimate: films of one glue keep their proportion).
 * @param what the window, s, or the wait, min
 * @param usually what it takes without a word from the jar
 * @param usualRow whether that is the figure of the film that everyone means
 * @param from the slot that it is taken from, where several take of its kind
 * @returns undefined where no jar is chosen, or it says nothing of itself
 */
export function jarTime(
  task: Pick<Task, 'jarOf'>,
  of: Setting,
  what: 'openSec' | 'setsMin',
  usually: number,
  usualRow: boolean,
  from?: string,
): { readonly time: number; readonly name: string } | undefined {
  const [liquid, neat] = liquidOf[of] ?? []
  const jar: Material | undefined = liquid === undefined ? undefined : task.jarOf?.(liquid, from)
  const own = jar?.of.stuff === 'liquid' ? jar.of[what] : undefined
  if (liquid === undefined || jar === undefined || own === undefined) return undefined
  if (neat === true && usualRow) return { time: own, name: jar.name }
  const base = settings[usual.get(liquid) ?? of]
  const row = (what === 'openSec' ? base.open : base.sets)?.[1]
  return row === undefined ? undefined : { time: (usually * own) / row, name: jar.name }
}
