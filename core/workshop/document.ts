import * as z from 'zod'
import { offerSchema, orderSchema, supplierSchema } from '../buying'
import { harvestSchema } from '../harvest'
import { isZone, layingSchema, personSchema, timeSchema } from '../schedule'
import { toolRecordSchema } from '../tools'
import { batchSchema, runEventSchema, trayEntrySchema } from '../batches'
import { blendSchema, paletteSchema, tileSchema } from '../blends'
import { commissionSchema, lineSchema } from '../commissions'
import { ownCoefficientSchema } from '../quantities'
import { lotMarkSchema, lotSchema, materialSchema, MATERIAL_LIMIT, movementSchema } from '../stock'
import { speciesSchema, type Species } from '../plants'
import type { NumberField } from '../units'
import { changeable, momentSchema, nameSchema } from '../units/schema'

export const FILE_FORMAT = 'hardy-thicket-workshop'
/** Version of the file format; the database in the browser has its own. */
export const FILE_VERSION = 13

/** Where something is, with the bounds that a commission's place has. */
const placeSchema = commissionSchema.pick({ latitudeDeg: true, altitudeM: true })

/** Settings of a workshop: one record. */
export const settingsSchema = z.strictObject({
  ...changeable,
  id: z.literal('settings'),
  name: nameSchema,
  /** A sign or a short word, shown with every price. */
  currency: z.string().max(8),
  units: z.enum(['metric', 'imperial']),
  /** The room that pieces dry in. */
  roomC: z.number().min(0).max(45),
  humidity: z.number().min(5).max(95),
  paper: z.enum(['A4', 'Letter']),
  /** Where the workshop is, for what can be gathered near it: latitude, degrees, south negative; height, m. */
  place: placeSchema.optional(),
  /** How many days before a promise its materials must be there; absent: two weeks. */
  leadDays: z.number().int().min(0).max(365).optional(),
  /** The zone of the clock on its wall; absent: that of the device. */
  timeZone: z.string().max(60).refine(isZone, 'must be a time zone such as Europe/Vienna').optional(),
  /** Degrees, east positive, for the hours of daylight; absent: the middle of the time zone. */
  longitudeDeg: z.number().min(-180).max(180).optional(),
  /** A lamp that is as good as daylight for looking at pieces. */
  lamp: z.boolean().optional(),
  /** There is no booth: cans are sprayed outdoors, in dry, still daylight. */
  sprayOutdoors: z.boolean().optional(),
  /** No more of one thing in a row, minutes; absent: an hour. */
  boringMin: z.number().int().min(10).max(600).optional(),
  /** Days before a promise by which all should be done; absent: two. */
  reserveDays: z.number().int().min(0).max(60).optional(),
})
export type Settings = z.infer<typeof settingsSchema>

/** Settings as they are typed. */
export const settingsFields = {
  roomC: { name: 'Room', schema: settingsSchema.shape.roomC, unit: '°C' },
  humidity: { name: 'Humidity', schema: settingsSchema.shape.humidity, unit: '%' },
} satisfies Record<string, NumberField>

/** A species of the maker's own: a new one, or a changed copy of one of ours. */
export const ownSpeciesSchema = speciesSchema.extend({
  changedAt: changeable.changedAt,
  fieldsAt: changeable.fieldsAt,
  removed: changeable.removed,
})
export type OwnSpecies = z.infer<typeof ownSpeciesSchema>

/** The row itself, without what the workshop keeps beside it. */
export function plainSpecies(own: OwnSpecies): Species {
  const { changedAt: _changedAt, fieldsAt: _fieldsAt, removed: _removed, ...row } = own
  return row
}

/**
 * The lists of records in a document, in the order in which one refers to the next: how each is checked, and
 * how many there may be.
 */
export const recordTables = {
  species: { schema: ownSpeciesSchema, most: 2_000 },
  commissions: { schema: commissionSchema, most: 2_000 },
  lines: { schema: lineSchema, most: 20_000 },
  materials: { schema: materialSchema, most: MATERIAL_LIMIT },
  coefficients: { schema: ownCoefficientSchema, most: 5_000 },
  blends: { schema: blendSchema, most: 5_000 },
  tiles: { schema: tileSchema, most: 5_000 },
  palettes: { schema: paletteSchema, most: 500 },
  suppliers: { schema: supplierSchema, most: 200 },
  offers: { schema: offerSchema, most: 50_000 },
  orders: { schema: orderSchema, most: 5_000 },
  tools: { schema: toolRecordSchema, most: 1_000 },
  harvests: { schema: harvestSchema, most: 2_000 },
  people: { schema: personSchema, most: 100 },
  times: { schema: timeSchema, most: 20_000 },
  lotMarks: { schema: lotMarkSchema, most: 50_000 },
  lots: { schema: lotSchema, most: 50_000 },
  movements: { schema: movementSchema, most: 1_000_000 },
  batches: { schema: batchSchema, most: 50_000 },
  layings: { schema: layingSchema, most: 50_000 },
  events: { schema: runEventSchema, most: 2_000_000 },
  trayEntries: { schema: trayEntrySchema, most: 500_000 },
} as const
export type TableName = keyof typeof recordTables
export const tables = Object.keys(recordTables) as readonly TableName[]

const listOf = <S extends z.ZodType>({ schema, most }: { schema: S; most: number }) =>
  z.array(schema).max(most)

/** The whole workshop, as it is exported. */
export const documentSchema = z.strictObject({
  format: z.literal(FILE_FORMAT),
  version: z.literal(FILE_VERSION),
  savedAt: momentSchema,
  settings: settingsSchema,
  species: listOf(recordTables.species),
  commissions: listOf(recordTables.commissions),
  lines: listOf(recordTables.lines),
  materials: listOf(recordTables.materials),
  coefficients: listOf(recordTables.coefficients),
  blends: listOf(recordTables.blends),
  tiles: listOf(recordTables.tiles),
  palettes: listOf(recordTables.palettes),
  suppliers: listOf(recordTables.suppliers),
  offers: listOf(recordTables.offers),
  orders: listOf(recordTables.orders),
  tools: listOf(recordTables.tools),
  harvests: listOf(recordTables.harvests),
  people: listOf(recordTables.people),
  times: listOf(recordTables.times),
  lotMarks: listOf(recordTables.lotMarks),
  lots: listOf(recordTables.lots),
  movements: listOf(recordTables.movements),
  batches: listOf(recordTables.batches),
  layings: listOf(recordTables.layings),
  events: listOf(recordTables.events),
  trayEntries: listOf(recordTables.trayEntries),
})
export type WorkshopDocument = z.infer<typeof documentSchema>

/** What a workshop holds, for a confirmation that names what is lost. */
export function countsOf(document: Pick<WorkshopDocument, TableName>): Record<TableName, number> {
  const count = (name: TableName): number =>
    document[name].filter((row) => !('removed' in row && row.removed)).length
  return Object.fromEntries(tables.map((name) => [name, count(name)])) as Record<TableName, number>
}
