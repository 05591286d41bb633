import { none, ok, type Reading } from '../units'
import { FILE_VERSION } from './document'
import { toVersion9 } from './migrations/to-9'
import { toVersion4 } from './migrations/to-4'
import {
  withCatalogueOfToday,
  withKeepingTimes,
  withMixedFalls,
  withNewMaterials,
  type Loose,
} from './migrations/catalogue'

/** Clamps stood twice in the register, as a tool and by number: only the number stays. */
const withoutTwiceNamed = (document: Loose): Loose => ({
  ...document,
  tools: rowsOf(document.tools).filter(({ id, name }) => id !== 'clamps' || name !== undefined),
})

const rowsOf = (value: unknown): Loose[] => (Array.isArray(value) ? (value as Loose[]) : [])

/** Steps from one version of the file format to the next; the key is the version that a step starts from. */
const steps: Record<number, (document: Loose) => Loose> = {
  /** 1 → 2: entries of a run carry their place in the run; settings carry the room's climate and the paper. */
  1: (document) => {
    const places = new Map<unknown, number>()
    const events = rowsOf(document.events)
      .toSorted(
        (a, b) => String(a.at).localeCompare(String(b.at)) || String(a.id).localeCompare(String(b.id)),
      )
      .map((event) => {
        const seq = (places.get(event.batchId) ?? 0) + 1
        places.set(event.batchId, seq)
        return { ...event, seq }
      })
    const settings =
      document.settings === undefined
        ? {}
        : { settings: { roomC: 20, humidity: 50, paper: 'A4', ...(document.settings as Loose) } }
    return { ...document, version: 2, ...settings, events }
  },
  /** 2 → 3: a workshop keeps species of its own. */
  2: (document) => ({ ...document, version: 3, species: [] }),
  3: toVersion4,
  /** 4 → 5: materials for every way of making a tree; settings may say which tools are there. */
  4: (document) => withNewMaterials(document, 5),
  /** 5 → 6: materials for ground, bushes and hedges; a line may say its layers of grass. */
  5: (document) => withNewMaterials(document, 6),
  /** 6 → 7: a line may mix kinds; coarse foams for turf and bare ground. */
  6: (document) => withNewMaterials(document, 7),
  /** 7 → 8: blends, test tiles and palettes. */
  7: (document) => ({ ...document, version: 8, blends: [], tiles: [], palettes: [] }),
  8: toVersion9,
  /** 9 → 10: what is gathered, sown and mixed ahead; steps may wait for a season. */
  9: (document) => withoutTwiceNamed(withKeepingTimes(withMixedFalls(withNewMaterials(document, 10)))),
  /** 10 → 11: who is at the bench and when, and how batches are laid. */
  10: (document) => ({ ...document, version: 11, people: [], times: [], layings: [] }),
  /** 11 → 12: what is made at home and of what, more tones; what was put right in the list is taken over. */
  11: (document) => withCatalogueOfToday(document, 12),
  /**
   * 12 → 13: a batch may plant out; a commission says what lies under its ground, what trees are set in, and what is
   * painted behind it; pieces that are bought ready come to the list.
   */
  12: (document) => withCatalogueOfToday(document, 13),
}

/** Brings a document of an older version up to this one; a newer one is refused. */
export function migrateDocument(document: Loose): Reading<Loose> {
  const from = document.version
  if (typeof from !== 'number' || !Number.isInteger(from) || from < 1)
    return none(
      `version: read ${JSON.stringify(from) ?? 'nothing'}; allowed is a whole number from 1 to ${FILE_VERSION}.`,
    )
  if (from > FILE_VERSION)
    return none(
      `version: this file was saved by a newer Hardy Thicket (format ${from}); this one reads up to ${FILE_VERSION}. Nothing was changed.`,
    )
  let current = document
  for (let version = from; version < FILE_VERSION; version += 1) {
    const step = steps[version]
    if (!step) return none(`version: files of format ${version} can’t be read any more.`)
    current = step(current)
  }
  return ok(current)
}

/**
 * The rows of a database of an older version, brought up by the same rules as files.
 * @param from the version that they are of
 * @param to the version wanted
 */
export function migrateRows(rows: Loose, from: number, to: number = FILE_VERSION): Loose {
  let current = rows
  for (let version = from; version < to; version += 1) current = steps[version]?.(current) ?? current
  return current
}
