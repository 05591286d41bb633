import { liveQuery, type EntityTable, type Subscription } from 'dexie'
import type { Batch, RunEvent } from '~~/core/batches'
import type { Commission, Line } from '~~/core/commissions'
import { speciesById, speciesTable, type Species } from '~~/core/plants'
import type { Lot, Material, Movement } from '~~/core/stock'
import type { Reading } from '~~/core/units'
import {
  defaultSettings,
  documentSchema,
  plainSpecies,
  type OwnSpecies,
  type Settings,
} from '~~/core/workshop'
import type { CommandContext } from '../db/commands/context'
import { ensureWorkshop, replaceWorkshop } from '../db/commands/data'
import { DEMO_KEY, OWN_KEY, WorkshopDb, workshopKeys } from '../db/database'
import { newId, nowIso } from '../db/ids'

/** The open workshop: its records as live queries, and the way to give commands. Another window's changes arrive by themselves. */
export const useWorkshop = defineStore('workshop', () => {
  const key = ref('')
  const status = ref<'closed' | 'opening' | 'open' | 'failed'>('closed')
  const failure = ref('')
  /** The ledger is the longest list; what does not need it is shown before it is read. */
  const ledgerRead = ref(false)
  const db = shallowRef<WorkshopDb>()

  const settings = shallowRef<Settings>(defaultSettings())
  const species = shallowRef<OwnSpecies[]>([])
  const commissions = shallowRef<Commission[]>([])
  const lines = shallowRef<Line[]>([])
  const materials = shallowRef<Material[]>([])
  const lots = shallowRef<Lot[]>([])
  const movements = shallowRef<Movement[]>([])
  const batches = shallowRef<Batch[]>([])
  const events = shallowRef<RunEvent[]>([])

  /** The species table with the maker's own: a changed copy with a new id stands beside ours. */
  const kinds = computed<readonly Species[]>(() => [
    ...species.value.filter(({ removed }) => !removed).map(plainSpecies),
    ...speciesTable,
  ])

  const ownById = computed(() => new Map(species.value.map((own) => [own.id, plainSpecies(own)])))
  /** The maker's own species with this id as a plain row, if it is one of theirs. */
  const ownKind = (id: string): Species | undefined => ownById.value.get(id)
  /** The species of a line, the maker's own first. @throws RangeError for one that nobody knows */
  const speciesOf = (id: string): Species => ownById.value.get(id) ?? speciesById(id)

  const isDemo = computed(() => key.value === DEMO_KEY)
  let subscriptions: Subscription[] = []

  function close(): void {
    subscriptions.forEach((subscription) => subscription.unsubscribe())
    subscriptions = []
    db.value?.close()
    db.value = undefined
    status.value = 'closed'
    ledgerRead.value = false
  }

  /** Opens a workshop by its key. The maker's own is made when it is not there; the demo is fetched; others must exist. */
  async function open(wanted: string): Promise<void> {
    if (key.value === wanted && status.value === 'open') return
    close()
    key.value = wanted
    status.value = 'opening'
    try {
      if (wanted !== OWN_KEY && wanted !== DEMO_KEY && !(await workshopKeys()).includes(wanted))
        throw new Error(`There is no workshop “${wanted}” in this browser.`)
      const opened = new WorkshopDb(wanted)
      await opened.open()
      if (wanted === DEMO_KEY) await fillDemo(opened)
      else await ensureWorkshop({ db: opened, now: nowIso, newId })
      db.value = opened
      await watchAll(opened)
      status.value = 'open'
    } catch (error) {
      failure.value = error instanceof Error ? error.message : String(error)
      status.value = 'failed'
    }
  }

  /** Follows each table; resolves when all but the ledger have answered once. */
  async function watchAll(opened: WorkshopDb): Promise<void> {
    const follow = <T>(query: () => Promise<T>, take: (rows: T) => void): Promise<void> =>
      new Promise((resolve, reject) => {
        subscriptions.push(
          liveQuery(query).subscribe({
            next: (rows) => {
              take(rows)
              resolve()
            },
            error: reject,
          }),
        )
      })
    const present = <T extends { removed?: boolean }>(rows: T[]): T[] => rows.filter((row) => !row.removed)
    await Promise.all([
      follow(
        () => opened.settings.get('settings'),
        (row) => {
          settings.value = row ?? defaultSettings()
        },
      ),
      follow(
        () => opened.species.toArray(),
        (rows) => {
          species.value = rows
        },
      ),
      follow(
        () => opened.commissions.toArray(),
        (rows) => {
          commissions.value = present(rows).sort(byDeadline)
        },
      ),
      follow(
        () => opened.lines.toArray(),
        (rows) => {
          lines.value = present(rows).sort((a, b) => a.order - b.order)
        },
      ),
      follow(
        () => opened.materials.toArray(),
        (rows) => {
          materials.value = present(rows)
        },
      ),
      follow(
        () => opened.batches.toArray(),
        (rows) => {
          batches.value = rows
        },
      ),
      follow(
        () => opened.events.toArray(),
        (rows) => {
          events.value = rows
        },
      ),
    ])
    void Promise.all([
      follow(
        () => opened.lots.toArray(),
        (rows) => {
          lots.value = rows
        },
      ),
      follow(
        () => inParts(opened.movements),
        (rows) => {
          movements.value = rows
        },
      ),
    ]).then(
      () => {
        ledgerRead.value = true
      },
      (error: unknown) => {
        failure.value = String(error)
        status.value = 'failed'
      },
    )
  }

  /** What a command works with. @throws Error when no workshop is open */
  function context(): CommandContext {
    if (!db.value) throw new Error('No workshop is open.')
    return { db: db.value, now: nowIso, newId }
  }

  /** Gives a command; a refusal is shown as a notice as well as returned. */
  async function give<A extends unknown[], R>(
    command: (context: CommandContext, ...args: A) => Promise<Reading<R>>,
    ...args: A
  ): Promise<Reading<R>> {
    const answer = await command(context(), ...args).catch((error: unknown): Reading<R> => ({
      kind: 'none',
      because: `It could not be stored: ${error instanceof Error ? error.message : String(error)}`,
    }))
    if (answer.kind === 'none') useNotices().fault(answer.because)
    return answer
  }

  return {
    key,
    status,
    failure,
    ledgerRead,
    db,
    settings,
    species,
    commissions,
    lines,
    materials,
    lots,
    movements,
    batches,
    events,
    isDemo,
    ownKind,
    speciesOf,
    kinds,
    open,
    close,
    context,
    give,
  }
})

/** Reads a long table some thousand rows at a time, so that the page answers in between. */
async function inParts(table: EntityTable<Movement, 'id'>, rowsAtOnce = 2500): Promise<Movement[]> {
  const rows: Movement[] = []
  for (;;) {
    const last = rows.at(-1)
    const part = await (last ? table.where('id').above(last.id) : table.orderBy('id'))
      .limit(rowsAtOnce)
      .toArray()
    rows.push(...part)
    if (part.length < rowsAtOnce) return rows
  }
}

/** What is due first stands first; then by name. */
const byDeadline = (a: Commission, b: Commission): number =>
  (a.deadline ?? '9999').localeCompare(b.deadline ?? '9999') || a.name.localeCompare(b.name)

/** Fetches the demo once; `afresh` throws away what was done in it. */
export async function fillDemo(db: WorkshopDb, afresh = false): Promise<void> {
  if (!afresh && (await db.settings.get('settings'))) return
  const document = documentSchema.parse(await $fetch('/api/demo-workshop'))
  await replaceWorkshop({ db, now: nowIso, newId }, document)
}
