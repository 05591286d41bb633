import * as z from 'zod'
import { isDayOfYear } from './days'
import {
  arrangements,
  barkMarks,
  crownForms,
  groupings,
  habitatIds,
  habits,
  leafHabits,
  leafKinds,
  organKinds,
} from './kinds'

const share = z.number().min(0).max(1)
/** Measures at the four ages, within what plants are. */
const four = (least: number, most: number) => {
  const one = z.number().min(least).max(most)
  return z.tuple([one, one, one, one])
}
/** One value for all ages, or one for each of the four. */
const byAges = <T extends z.ZodType>(one: T) => z.union([one, z.tuple([one, one, one, one])])
const angle = z.number().min(5).max(120)
const labSchema = z.tuple([
  z.number().min(0).max(100),
  z.number().min(-90).max(90),
  z.number().min(-90).max(100),
])
/** A day of the reference year, MM-DD: one that a common year has. */
const daySchema = z
  .string()
  .regex(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, 'must be MM-DD')
  .refine(isDayOfYear, 'must be a day that every year has')
const span = z.tuple([daySchema, daySchema])

/**
 * One row of the species table. Lengths are real ones, in metres unless the name says otherwise; colours are
 * CIELAB (D65); dates are those of a plant at 50° N and 100 m.
 */
export const speciesSchema = z.strictObject({
  id: z
    .string()
    .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/)
    .max(64),
  botanical: z.string().min(3).max(80),
  common: z.string().min(3).max(80),
  habit: z.enum(habits),
  /** The crown's outline; of kinds that change it with age, at each. */
  crownForm: byAges(z.enum(crownForms)),
  /** Height at the four ages, m. */
  heightM: four(0.01, 130),
  /** Crown width divided by height, at the four ages. */
  crownRatio: four(0.02, 20),
  /** Share of the height that is stem without branches, 0–0.85: one, or one for each age. */
  clearStem: byAges(z.number().min(0).max(0.85)),
  /** Share of the height that the lowest foliage hangs down to; absent: the clear stem. */
  crownBase: byAges(z.number().min(0).max(0.85)).optional(),
  /** Trunk diameter at breast height divided by the height; 0 where there is no trunk. */
  dbhRatio: z.number().min(0).max(0.09),
  stems: byAges(z.number().int().min(1).max(60)),
  /** Share of the background seen through a crown in full leaf. */
  seeThrough: z.number().min(0.02).max(0.8),
  /**
   * How the crown is built: lobes (clumps, pads or tiers) that it divides into, 0 for one even crown; how far
   * shoots hang (−1 stiffly upright, 1 hanging). Where the kind differs from its crown form: the angle of its
   * limbs from the vertical where they leave the stem, at the crown's base and at its top, degrees; the share
   * of the crown's depth that its stem runs through as one; its limbs; how far they turn up along their length
   * (below 0: down); and how crooked it grows (0 straight, 1 gnarled).
   */
  growth: z.strictObject({
    lobes: z.number().int().min(0).max(40),
    droop: z.number().min(-1).max(1),
    angle: z.tuple([angle, angle]).optional(),
    leader: share.optional(),
    limbs: z.number().int().min(2).max(60).optional(),
    curve: z.number().min(-1).max(1).optional(),
    crook: share.optional(),
    /** Shoots that end in the light; absent: as many as read well. Of stems without twigs: all that there are. */
    tips: z.number().int().min(1).max(2000).optional(),
  }),
  /** Length of a leaf or of the cluster that reads as one, mm. */
  leafMm: z.number().min(0.5).max(8000),
  arrangement: z.enum(arrangements),
  /** What a leaf looks like; absent: what its arrangement and length suggest. */
  leaf: z.enum(leafKinds).optional(),
  /** What flowers and fruit look like; absent: blossom and berries, of conifers cones. */
  organs: z
    .strictObject({ flower: z.enum(organKinds).optional(), fruit: z.enum(organKinds).optional() })
    .optional(),
  keeps: z.enum(leafHabits),
  /** Of a kind that keeps only part of its leaves over winter: the share that hangs in the middle of it. */
  winterLeaf: share.optional(),
  /** Planted in rows: metres from row to row, and from plant to plant in a row. */
  rows: z
    .strictObject({ apartM: z.number().min(0.05).max(30), inRowM: z.number().min(0.01).max(30) })
    .optional(),
  /** Bark at the foot and in the crown, and what marks it. */
  bark: z.strictObject({ low: labSchema, high: labSchema, marks: z.enum(barkMarks) }),
  colours: z.strictObject({
    fresh: labSchema,
    summer: labSchema,
    turning: z.array(labSchema).max(3),
    dead: labSchema,
    twig: labSchema,
    flower: labSchema.optional(),
    /** The middle of a flower that has one of another colour. */
    eye: labSchema.optional(),
    fruit: labSchema.optional(),
  }),
  /** Share of the crown that flowers and fruit cover at their best. */
  show: z.strictObject({ flower: share, fruit: share }),
  dates: z.strictObject({
    /** Buds burst (BBCH 07), all leaves out (BBCH 19). */
    burst: daySchema,
    fullLeaf: daySchema,
    /** First flowers to the last (BBCH 60–69); ripening to the last fruit (BBCH 81–89). */
    flower: span.optional(),
    fruit: span.optional(),
    /** Leaves turn (BBCH 92), begin to fall (93), have fallen (97). Evergreens have none of these. */
    turning: daySchema.optional(),
    fall: daySchema.optional(),
    bare: daySchema.optional(),
  }),
  /**
   * Grasses, reeds, ferns and herbs: share of the full height that stands in winter, the day it is mown, and
   * what stays green.
   */
  standing: z
    .strictObject({
      winter: share,
      cut: daySchema.optional(),
      /** Share of what stands in winter that is green, dull as it is; absent: none. */
      green: share.optional(),
    })
    .optional(),
  /** Where it grows, how many to the hectare, and the shares of the four ages there. */
  habitats: z.array(
    z.strictObject({
      habitat: z.enum(habitatIds),
      perHa: z.number().min(0.01).max(1e7),
      ages: z.tuple([share, share, share, share]),
    }),
  ),
  /** How it stands: alone, a few, a grove, a drift, a row or a carpet, of so many together. */
  groups: z.strictObject({
    as: z.enum(groupings),
    size: z.tuple([z.number().int().min(1).max(500), z.number().int().min(1).max(500)]),
  }),
  origin: z.enum(['memory', 'common practice', 'yours']),
  note: z.string().max(400).optional(),
})
export type Species = z.infer<typeof speciesSchema>
