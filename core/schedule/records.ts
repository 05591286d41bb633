import * as z from 'zod'
import { changeable, dateSchema, idSchema, momentSchema, nameSchema } from '../units/schema'

/** Someone who works at the bench. */
export const personSchema = z.strictObject({ ...changeable, name: nameSchema })
export type Person = z.infer<typeof personSchema>

/** HH:MM on the wall; 24:00 ends a day. */
export const clockSchema = z
  .string()
  .regex(/^(([01]\d|2[0-3]):[0-5]\d|24:00)$/, 'must be a time such as 19:30')

/** Whose time it is; none: everybody's. */
const people = z.array(idSchema).max(20)
const why = z.string().max(200)

/**
 * Time at the bench, and time that there is not. A session that ends before it begins, by the clock, ends on the next
 * day.
 */
export const timeSchema = z.discriminatedUnion('kind', [
  /** Each week on a day, from the first date on and until the last, where they are given. */
  z.strictObject({
    ...changeable,
    kind: z.literal('weekly'),
    weekday: z.number().int().min(1).max(7),
    from: clockSchema,
    to: clockSchema,
    people,
    since: dateSchema.optional(),
    until: dateSchema.optional(),
  }),
  /** On one day. */
  z.strictObject({
    ...changeable,
    kind: z.literal('once'),
    date: dateSchema,
    from: clockSchema,
    to: clockSchema,
    people,
  }),
  /** No sessions on these days: a holiday, an evening that was missed. */
  z.strictObject({ ...changeable, kind: z.literal('off'), from: dateSchema, to: dateSchema, people, why }),
  /** Whether it is dry and still outdoors then, as the maker has answered. */
  z.strictObject({
    ...changeable,
    kind: z.literal('outdoors'),
    date: dateSchema,
    from: clockSchema,
    to: clockSchema,
    fit: z.boolean(),
  }),
  /** Busy with something else, as from an iCalendar file. */
  z.strictObject({
    ...changeable,
    kind: z.literal('busy'),
    from: momentSchema,
    to: momentSchema,
    people,
    why,
    /** What it is called in the file that it came from, so that the file can be read again. */
    uid: z.string().max(300).optional(),
  }),
])
export type TimeRecord = z.infer<typeof timeSchema>
export type TimeOf<K extends TimeRecord['kind']> = Extract<TimeRecord, { kind: K }>

/** Where a part of a step lies. */
export const laidWorkSchema = z.strictObject({
  step: z.string().min(1).max(40),
  /** Of a step that is done in several parts: how many come after it. Those done already leave the rest as they are. */
  part: z.number().int().min(0).max(999),
  person: idSchema,
  start: momentSchema,
  end: momentSchema,
  /** The maker has put it there: it is not moved. */
  pinned: z.boolean().optional(),
})
export type LaidWork = z.infer<typeof laidWorkSchema>

/** How a batch is laid; its id is the batch's. */
export const layingSchema = z.strictObject({
  ...changeable,
  works: z.array(laidWorkSchema).max(1_000),
  /** The batch that must be done before this one is begun: its pilot. */
  follows: idSchema.optional(),
  /** The day that it is promised for, where that is not its commission's. */
  due: dateSchema.optional(),
})
export type Laying = z.infer<typeof layingSchema>
