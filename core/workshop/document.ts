import * as z from 'zod'
import { batchSchema, runEventSchema } from '../batches'
import { commissionSchema, lineSchema } from '../commissions'
import { lotSchema, materialSchema, movementSchema } from '../stock'
import { speciesSchema, type Species } from '../plants'
import { changeable, momentSchema, nameSchema } from '../units/schema'

export const FILE_FORMAT = 'hardy-thicket-workshop'
/** Version of the file format; the database in the browser has its own. */
export const FILE_VERSION = 3

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
})
export type Settings = z.infer<typeof settingsSchema>

/** A species of the maker's own: a new one, or a changed copy of one of ours. */
export const ownSpeciesSchema = speciesSchema.extend({
  changedAt: changeable.changedAt,
  removed: changeable.removed,
})
export type OwnSpecies = z.infer<typeof ownSpeciesSchema>

/** The row itself, without what the workshop keeps beside it. */
export function plainSpecies(own: OwnSpecies): Species {
  const { changedAt: _changedAt, removed: _removed, ...row } = own
  return row
}

const most = (records: number) => ({ max: records })
export const limits = {
  species: most(2_000),
  commissions: most(2_000),
  lines: most(20_000),
  materials: most(5_000),
  lots: most(50_000),
  movements: most(1_000_000),
  batches: most(50_000),
  events: most(2_000_000),
}

/** The whole workshop, as it is exported. */
export const documentSchema = z.strictObject({
  format: z.literal(FILE_FORMAT),
  version: z.literal(FILE_VERSION),
  savedAt: momentSchema,
  settings: settingsSchema,
  species: z.array(ownSpeciesSchema).max(limits.species.max),
  commissions: z.array(commissionSchema).max(limits.commissions.max),
  lines: z.array(lineSchema).max(limits.lines.max),
  materials: z.array(materialSchema).max(limits.materials.max),
  lots: z.array(lotSchema).max(limits.lots.max),
  movements: z.array(movementSchema).max(limits.movements.max),
  batches: z.array(batchSchema).max(limits.batches.max),
  events: z.array(runEventSchema).max(limits.events.max),
})
export type WorkshopDocument = z.infer<typeof documentSchema>

/** The lists of records in a document, in the order in which one refers to the next. */
export const tables = [
  'species',
  'commissions',
  'lines',
  'materials',
  'lots',
  'movements',
  'batches',
  'events',
] as const
export type TableName = (typeof tables)[number]

/** What a workshop holds, for a confirmation that names what is lost. */
export function countsOf(document: Pick<WorkshopDocument, TableName>): Record<TableName, number> {
  const count = (name: TableName): number =>
    document[name].filter((row) => !('removed' in row && row.removed)).length
  return Object.fromEntries(tables.map((name) => [name, count(name)])) as Record<TableName, number>
}
