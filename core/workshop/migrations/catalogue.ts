import { catalogue, MATERIAL_LIMIT } from '../../stock'

export type Loose = Record<string, unknown>

/** The moment of a record that nobody has touched since it came with the app. */
const UNTOUCHED = '1970-01-01T00:00:00.000Z'

/**
 * A document with the materials that have come to the shelf's list, none of them in stock; one of the maker's
 * own with the same id stays as it is. Of a workshop that holds the most it can, none is pushed out.
 */
export function withNewMaterials(document: Loose, version: number): Loose {
  const rows = Array.isArray(document.materials) ? (document.materials as Loose[]) : []
  const known = new Set(rows.map(({ id }) => id))
  const added = catalogue.filter(({ id }) => !known.has(id)).map((row) => ({ ...row, changedAt: UNTOUCHED }))
  const room = Math.max(0, MATERIAL_LIMIT - rows.length)
  return { ...document, version, materials: [...rows, ...added.slice(0, room)] }
}

/** Mixed falls are a scatter, which blends and grounds take: before, they were nothing that could be mixed. */
export function withMixedFalls(document: Loose): Loose {
  const rows = Array.isArray(document.materials) ? (document.materials as Loose[]) : []
  return {
    ...document,
    materials: rows.map((row) => {
      const of = row.of as Loose | undefined
      return row.id === 'rough-ground' && of?.stuff === 'other'
        ? { ...row, of: { ...of, stuff: 'powder', powder: 'other' } }
        : row
    }),
  }
}

const keeps = new Map(catalogue.map(({ id, keepsDays }) => [id, keepsDays]))

/** A document whose mixtures say for how long they keep, where the maker has not said so. */
export function withKeepingTimes(document: Loose): Loose {
  const rows = Array.isArray(document.materials) ? (document.materials as Loose[]) : []
  return {
    ...document,
    materials: rows.map((row) => {
      const keepsDays = row.keepsDays ?? keeps.get(String(row.id))
      return keepsDays === undefined ? row : { ...row, keepsDays }
    }),
  }
}

const today = new Map<string, Loose>(catalogue.map((row) => [row.id, { ...row }]))
const BOOKKEEPING = ['id', 'changedAt', 'fieldsAt', 'removed']

/**
 * A document whose materials are those of today’s list: new ones come, none of them in stock, and what has been put
 * right about the others since is taken over. What a maker changed, added or took away stays as it is, field by field.
 */
export function withCatalogueOfToday(document: Loose, version: number): Loose {
  const rows = Array.isArray(document.materials) ? (document.materials as Loose[]) : []
  const materials = rows.map((row): Loose => {
    const listed = today.get(String(row.id))
    // What is counted otherwise today keeps its row: the books are in its unit.
    if (!listed || row.changedAt !== UNTOUCHED || row.removed === true || listed.unit !== row.unit) return row
    const own = Object.keys((row.fieldsAt ?? {}) as Loose)
    const kept = Object.entries(row).filter(([name]) => BOOKKEEPING.includes(name) || own.includes(name))
    const taken = Object.entries(listed).filter(([name]) => !own.includes(name))
    return Object.fromEntries([...kept, ...taken])
  })
  return withNewMaterials({ ...document, materials }, version)
}
