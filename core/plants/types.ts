import * as z from 'zod'

export const ages = ['young', 'semi-mature', 'mature', 'veteran'] as const
export type Age = (typeof ages)[number]

export const habits = ['conifer', 'broadleaf', 'shrub', 'grass', 'fern'] as const
export type Habit = (typeof habits)[number]

export const crownForms = ['columnar', 'conical', 'ovate', 'rounded', 'spreading', 'vase', 'flat-topped', 'irregular', 'multi-stemmed', 'mound', 'blades'] as const
export type CrownForm = (typeof crownForms)[number]

const hex = z.string().regex(/^#[0-9a-f]{6}$/)

/** How a species looks in one month. `leaf` is the share of the full foliage, 0–1. */
export const monthLookSchema = z.object({ leaf: z.number().min(0).max(1), colour: hex, words: z.string().min(3) })
export type MonthLook = z.infer<typeof monthLookSchema>

/** One row of the species table. Lengths are real ones, in metres unless the name says otherwise. */
export const speciesSchema = z.object({
  id: z.string().regex(/^[a-z]+(-[a-z]+)*$/),
  botanical: z.string().min(3),
  common: z.string().min(3),
  habit: z.enum(habits),
  crownForm: z.enum(crownForms),
  /** Height at the four ages, m. */
  heightM: z.tuple([z.number().positive(), z.number().positive(), z.number().positive(), z.number().positive()]),
  /** Crown width divided by height, at the four ages. */
  crownRatio: z.tuple([z.number().positive(), z.number().positive(), z.number().positive(), z.number().positive()]),
  /** Share of the height that is bare stem below the crown, 0–0.7. */
  clearStem: z.number().min(0).max(0.7),
  /** Trunk diameter at breast height divided by the height; 0 where there is no trunk. */
  dbhRatio: z.number().min(0).max(0.08),
  stems: z.number().int().min(1).max(40),
  /** Share of the background seen through a crown in full leaf, 0–1. */
  seeThrough: z.number().min(0.02).max(0.8),
  /** Length of a leaf or of the cluster that reads as one, mm. */
  leafMm: z.number().positive(),
  bark: hex,
  /** The look of the twelve months, January first, at about 50° N and 100 m. */
  months: z.array(monthLookSchema).length(12),
  origin: z.enum(['memory', 'common practice']),
  note: z.string().optional(),
})
export type Species = z.infer<typeof speciesSchema>
