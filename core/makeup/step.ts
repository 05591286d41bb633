import * as z from 'zod'
import { waitKinds } from '../adhesives'
import { idSchema, nameSchema, noteSchema, originSchema } from '../units/schema'
import { noun } from '../units'

/** Bounds of what a step can take: a week of hands, and of waiting a bit over a year, for what has to grow. */
const secSchema = z
  .number()
  .min(0)
  .max(7 * 24 * 3600)
const minSchema = z
  .number()
  .min(0)
  .max(400 * 24 * 60)
const wordsSchema = z.string().max(200)
/** Ids of cautions, faults, tools: text, so that a file from a later version with an unknown one still opens. */
const looseId = z.string().min(1).max(60)

/** What limits how many are done at once. */
export const limitKinds = ['window', 'holder', 'bowl', 'sheet'] as const
/** What a step wants of the place. */
export const placeNeeds = ['ventilation', 'daylight', 'outdoors'] as const
/** What a step leaves in the air, and can't stand near. */
export const airs = ['wet alcohol', 'solvent', 'aerosol', 'sparks'] as const

/**
 * One operation, worked out for a batch. It is copied into the batch when that is planned, so that later
 * changes leave it alone.
 */
export const stepSchema = z.strictObject({
  id: z.string().min(1).max(40),
  title: nameSchema,
  text: noteSchema,
  /** Steps by their ids that must be behind before it; absent: the one before it; none: it can begin at once. */
  after: z.array(z.string().min(1).max(40)).max(10).optional(),
  /** Hands-on time: once for the batch, and for each piece. */
  hands: z.strictObject({ onceSec: secSchema, eachSec: secSchema, origin: originSchema }),
  /** What must pass before the next step: at least, and at most where it may become too late. */
  wait: z
    .strictObject({
      leastMin: minSchema,
      mostMin: minSchema.optional(),
      kind: z.enum(waitKinds),
      what: wordsSchema,
      origin: originSchema,
      /** Someone must stay by it: an oven, a hot pot. */
      attended: z.boolean().optional(),
    })
    .optional(),
  /** What was begun must be followed up within so long. */
  within: z.strictObject({ sec: secSchema.min(1), what: wordsSchema, origin: originSchema }).optional(),
  /** How many at once, and why no more. */
  atOnce: z
    .strictObject({
      count: z.number().int().min(1).max(100_000),
      because: z.enum(limitKinds),
      what: wordsSchema,
    })
    .optional(),
  tools: z.array(looseId).max(20),
  /** What each piece occupies, until the end of the step that is named. */
  holders: z
    .array(z.strictObject({ what: looseId, each: z.number().min(0).max(1000), until: z.string().max(40) }))
    .max(10),
  needs: z.array(z.enum(placeNeeds)).max(3),
  gives: z.array(z.enum(airs)).max(4),
  /** What must have aired away before this step begins. */
  apart: z.strictObject({ from: z.array(z.enum(airs)).min(1).max(4), airMin: minSchema }).optional(),
  /** What passes inspection. */
  passes: wordsSchema.optional(),
  cautions: z.array(looseId).max(20),
  faults: z.array(looseId).max(20),
  /** Fibre that the vacuum gives back after it, for the whole batch: what is on the tray less what stands. */
  back: z
    .array(z.strictObject({ materialId: idSchema, share: z.number().min(0).max(1) }))
    .max(10)
    .optional(),
  /** What the dealer deals at it, so that variety needs no thinking; and how often for each piece. */
  deal: z
    .strictObject({
      each: z.number().int().min(1).max(1000),
      /** What is said when all are dealt. */
      enough: wordsSchema.optional(),
      suits: z
        .array(
          z.strictObject({
            id: z.string().min(1).max(20),
            options: z
              .array(z.strictObject({ name: z.string().min(1).max(40), share: z.number().min(0).max(1) }))
              .min(1)
              .max(8),
          }),
        )
        .min(1)
        .max(4),
    })
    .optional(),
  /** Materials that can be weighed in and out at this step. */
  materialIds: z.array(idSchema).max(20),
})
export type Step = z.infer<typeof stepSchema>

/** A step as a method writes it: what it leaves out is nothing. */
export type StepDraft = Pick<Step, 'id' | 'title' | 'text' | 'hands'> & Partial<Step>

export const step = (draft: StepDraft): Step => ({
  holders: [],
  tools: [],
  needs: [],
  gives: [],
  cautions: [],
  faults: [],
  materialIds: [],
  ...draft,
})

/**
 * Places of the steps that must be behind before a step: those that it names, by default the one before it. What it
 * names that is not there, or comes later, binds nothing.
 */
export function stepsBefore(steps: readonly Pick<Step, 'id' | 'after'>[], at: number): number[] {
  const after = steps[at]?.after
  if (after === undefined) return at > 0 ? [at - 1] : []
  return after.map((id) => steps.findIndex((own) => own.id === id)).filter((i) => i >= 0 && i < at)
}

/** Where a step stands among the others, in words; undefined where it follows the one before it. */
export function placeWords(
  steps: readonly Pick<Step, 'id' | 'title' | 'after'>[],
  at: number,
): string | undefined {
  if (steps[at]?.after === undefined) return undefined
  const before = stepsBefore(steps, at).flatMap((one) => steps[one]?.title ?? [])
  if (before.length > 0) return `after ${before.map((title) => `“${title}”`).join(', ')}`
  const user = steps.find(
    ({ after }, i) => i > at && after?.some((id) => steps.findIndex((own) => own.id === id) >= at),
  )
  return user ? `whenever hands are free before “${user.title}”` : 'whenever hands are free'
}

/**
 * Minutes from the first touch to the last, all waits kept, for one pair of hands that always takes the first step of
 * the list that can be done: what needs nothing that dries is done meanwhile.
 * @param pieces that each step is done for
 */
export function elapsedMin(
  steps: readonly Pick<Step, 'id' | 'after' | 'hands' | 'wait'>[],
  pieces: number,
): number {
  /** When a step is behind with its wait; undefined: it has not been done. */
  const behind: (number | undefined)[] = steps.map(() => undefined)
  let now = 0
  for (let left = steps.length; left > 0; left -= 1) {
    const ready = steps.flatMap((_, i) => {
      if (behind[i] !== undefined) return []
      const ends = stepsBefore(steps, i).map((one) => behind[one] ?? Infinity)
      return [{ i, from: Math.max(now, ...ends) }]
    })
    const next = ready.reduce((best, one) => (one.from < best.from ? one : best))
    const own = steps[next.i]
    if (!own) break
    const wait = own.wait?.leastMin ?? 0
    const hands = next.from + stepHandsMin(own, pieces)
    behind[next.i] = hands + wait
    now = own.wait?.attended ? hands + wait : hands
  }
  return Math.max(0, ...behind.map((end) => end ?? 0))
}

/** Minutes of hands in a step for a number of pieces. */
export const stepHandsMin = ({ hands }: Pick<Step, 'hands'>, pieces: number): number =>
  (hands.onceSec + hands.eachSec * pieces) / 60

/** The size of a round: what can be begun, set up for and followed up while the window is open. At least one. */
export const roundOf = (windowSec: number, setUpSec: number, eachSec: number): number =>
  Math.max(1, Math.floor((windowSec - setUpSec) / Math.max(1e-9, eachSec) + 1e-9))

/** What can be done while something is wet. */
export interface WetRounds {
  /** How many at once, and why no more. */
  readonly atOnce: NonNullable<Step['atOnce']>
  /** Parts that one piece is done in where it takes longer than the window; 1 where it does not. */
  readonly parts: number
  /** Seconds of setting up that each piece bears. */
  readonly setUpEachSec: number
}

/**
 * Rounds that a window allows: as many pieces as fit, or a part of one, a side at a time, where not even one does.
 * @param setUpSec that each round begins with: spraying, mixing
 */
export function wetRounds(windowSec: number, setUpSec: number, eachSec: number, begun = 'spray'): WetRounds {
  const room = Math.max(1, windowSec - setUpSec)
  const parts = Math.max(1, Math.ceil(eachSec / room - 1e-9))
  const count = roundOf(windowSec, setUpSec, eachSec)
  const each = `${Math.max(1, Math.round(eachSec))} s each`
  return {
    parts,
    setUpEachSec: parts > 1 ? setUpSec * parts : setUpSec / count,
    atOnce: {
      count,
      because: 'window',
      what:
        parts > 1
          ? `One takes longer than it stays open: in ${parts} parts, a side at a time.`
          : `${each}${setUpSec > 0 ? `, and ${Math.round(setUpSec)} s to ${begun} the round first` : ''}.`,
    },
  }
}

/** A stretch of time in a sentence, computed: "about 40 s", "25 minutes", "8 hours". */
export function timeWords(min: number): string {
  if (min < 1.5) return `${Math.max(1, Math.round(min * 60))} s`
  if (min < 90) return `${Math.round(min)} ${noun(Math.round(min), 'minute')}`
  const hours = Math.round(min / 30) / 2
  return `${hours} ${noun(hours, 'hour')}`
}

/** What a thing is called when its wait is over: glue is dry, what was sown is ready. */
export const afterWait = ({ wait: of }: Pick<Step, 'wait'>): 'dry' | 'ready' =>
  of?.kind === 'growth' ? 'ready' : 'dry'

/**
 * How long is waited, in words; of a film that dries as no rule foretells, that.
 * @param time writes minutes @param unsure why it is not foretold
 */
export const waitTime = (
  { leastMin, mostMin, kind }: NonNullable<Step['wait']>,
  time: (minutes: number) => string,
  unsure?: string,
): string =>
  unsure && kind === 'open film'
    ? `${unsure} to foretell`
    : `${time(leastMin)}${mostMin === undefined ? '' : `, at most ${time(mostMin)}`}`
