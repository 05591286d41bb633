import type * as z from 'zod'
import { plantedLine } from '../batches'
import { speciesIdsOf } from '../commissions'
import { speciesTable } from '../plants'
import { none, ok, type Reading } from '../units'
import { documentSchema, FILE_FORMAT, tables, type TableName, type WorkshopDocument } from './document'
import { migrateDocument } from './migrate'

/** The largest file that is read, in characters: far beyond any real workshop, and small enough for a browser. */
export const MAX_FILE_CHARACTERS = 200_000_000

/** How many faults of a file are named before the rest is counted. */
const NAMED_FAULTS = 6

/** A workshop as text for a file. */
export const writeWorkshopFile = (document: WorkshopDocument): string =>
  `${JSON.stringify(document, null, 1)}\n`

/**
 * Reads a workshop file. Nothing in it is trusted: size, shape, version, every field and every reference are
 * checked, and the answer says which field, what was read and what is allowed.
 */
export function readWorkshopFile(text: string): Reading<WorkshopDocument> {
  if (text.length > MAX_FILE_CHARACTERS)
    return none(`The file is larger than ${MAX_FILE_CHARACTERS / 1e6} million characters.`)
  const parsed = parse(text)
  if (parsed.kind === 'none') return parsed
  if (parsed.value.format !== FILE_FORMAT)
    return none(
      `format: read ${show(parsed.value.format)}; allowed is "${FILE_FORMAT}". This is not a workshop file.`,
    )
  const migrated = migrateDocument(parsed.value)
  if (migrated.kind === 'none') return migrated
  const checked = documentSchema.safeParse(migrated.value)
  if (!checked.success)
    return none(list(checked.error.issues.map((issue) => faultWords(issue, migrated.value))))
  const broken = brokenReferences(checked.data)
  return broken.length > 0 ? none(list(broken)) : ok(checked.data)
}

function parse(text: string): Reading<Record<string, unknown>> {
  const forbidden = new Set(['__proto__', 'constructor', 'prototype'])
  let hostile: string | undefined
  let value: unknown
  try {
    value = JSON.parse(text, (key: string, field: unknown) => {
      if (forbidden.has(key)) hostile = key
      return field
    })
  } catch (error) {
    return none(
      `The file is not JSON, or is broken off: ${error instanceof Error ? error.message : String(error)}`,
    )
  }
  if (hostile !== undefined)
    return none(`The file has a field named “${hostile}”, which no workshop file has.`)
  if (value === null || typeof value !== 'object' || Array.isArray(value))
    return none(`The file holds ${show(value)}; a workshop file holds an object.`)
  return ok(value as Record<string, unknown>)
}

function faultWords(issue: z.core.$ZodIssue, document: unknown): string {
  const path = issue.path.map(String)
  const read = path.reduce<unknown>(
    (value, key) =>
      value !== null && typeof value === 'object' ? (value as Record<string, unknown>)[key] : undefined,
    document,
  )
  return `${path.join('.') || 'file'}: read ${show(read)}; ${issue.message}.`
}

function show(value: unknown): string {
  const text = JSON.stringify(value) ?? 'nothing'
  return text.length > 60 ? `${text.slice(0, 57)}…` : text
}

function list(faults: readonly string[]): string {
  const named = faults.slice(0, NAMED_FAULTS).join('\n')
  return faults.length > NAMED_FAULTS ? `${named}\nand ${faults.length - NAMED_FAULTS} more.` : named
}

/** References to records that are not in the file, ids that stand twice, and species nobody knows. */
function brokenReferences(document: WorkshopDocument): string[] {
  const faults: string[] = []
  const ids = Object.fromEntries(tables.map((name) => [name, new Set<string>()])) as Record<
    TableName,
    Set<string>
  >
  for (const name of tables)
    for (const { id } of document[name]) {
      if (ids[name].has(id)) faults.push(`${name}: the id “${id}” stands twice.`)
      ids[name].add(id)
    }
  const wants = (
    table: TableName,
    index: number,
    field: string,
    id: string | undefined,
    target: TableName,
  ): void => {
    if (id !== undefined && !ids[target].has(id))
      faults.push(`${table}.${index}.${field}: “${id}” is not among the ${target}.`)
  }
  const kinds = new Set([...speciesTable, ...document.species].map(({ id }) => id))
  document.lines.forEach((line, i) => {
    wants('lines', i, 'commissionId', line.commissionId, 'commissions')
    for (const id of speciesIdsOf(line))
      if (!kinds.has(id))
        faults.push(
          `lines.${i}.${id === line.speciesId ? 'speciesId' : 'mix'}: read “${id}”; no such species.`,
        )
    for (const [slot, id] of Object.entries(line.materials ?? {}))
      wants('lines', i, `materials.${slot}`, id, 'materials')
  })
  document.lots.forEach((lot, i) => {
    wants('lots', i, 'materialId', lot.materialId, 'materials')
    wants('lots', i, 'from.batchId', lot.from?.batchId, 'batches')
    wants('lots', i, 'order.orderId', lot.order?.orderId, 'orders')
    wants('lots', i, 'harvestId', lot.harvestId, 'harvests')
  })
  document.offers.forEach((offer, i) => {
    wants('offers', i, 'supplierId', offer.supplierId, 'suppliers')
    wants('offers', i, 'materialId', offer.materialId, 'materials')
  })
  document.orders.forEach((order, i) => {
    wants('orders', i, 'supplierId', order.supplierId, 'suppliers')
    for (const { materialId } of order.lines) wants('orders', i, 'lines', materialId, 'materials')
  })
  document.harvests.forEach((harvest, i) => {
    wants('harvests', i, 'materialId', harvest.materialId, 'materials')
    wants('harvests', i, 'batchId', harvest.batchId, 'batches')
  })
  document.times.forEach((time, i) => {
    if ('people' in time) for (const id of time.people) wants('times', i, 'people', id, 'people')
  })
  document.layings.forEach((laying, i) => {
    wants('layings', i, 'id', laying.id, 'batches')
    wants('layings', i, 'follows', laying.follows, 'batches')
  })
  document.lotMarks.forEach((mark, i) => wants('lotMarks', i, 'id', mark.id, 'lots'))
  document.batches.forEach((batch, i) => {
    wants('batches', i, 'lineId', batch.lineId, 'lines')
    wants('batches', i, 'makes.lineId', plantedLine(batch), 'lines')
    for (const { materialId } of batch.plan.amounts)
      wants('batches', i, 'plan.amounts', materialId, 'materials')
  })
  document.movements.forEach((movement, i) => {
    wants('movements', i, 'lotId', movement.lotId, 'lots')
    wants('movements', i, 'batchId', movement.batchId, 'batches')
    wants('movements', i, 'eventId', movement.eventId, 'events')
  })
  const batchOf = new Map(document.events.map((event) => [event.id, event.batchId]))
  document.events.forEach((event, i) => {
    wants('events', i, 'batchId', event.batchId, 'batches')
    wants('events', i, 'after', event.after, 'events')
    if (
      event.after !== undefined &&
      batchOf.get(event.after) !== undefined &&
      batchOf.get(event.after) !== event.batchId
    )
      faults.push(`events.${i}.after: “${event.after}” is an entry of another batch.`)
  })
  document.trayEntries.forEach((entry, i) => {
    wants('trayEntries', i, 'batchId', entry.batchId, 'batches')
    wants('trayEntries', i, 'eventId', entry.eventId, 'events')
  })
  return faults
}
