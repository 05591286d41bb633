import { liveQuery, type Subscription } from 'dexie'
import type { ShallowRef } from 'vue'
import type { RunEvent } from '~~/core/batches'
import type { OwnCoefficient } from '~~/core/quantities'
import { speciesTable, type Species } from '~~/core/plants'
import type { Lot, LotBalance, Movement } from '~~/core/stock'
import { counted, none } from '~~/core/units'
import {
  defaultSettings,
  plainSpecies,
  settingsSchema,
  type OwnSpecies,
  type Settings,
  type TableName,
} from '~~/core/workshop'
import type { CommandContext } from '../db/commands/context'
import { checkBalances } from '../db/derived'
import { openWorkshop } from '../db/open'
import { readWhole, type WorkshopDb } from '../db/database'
import { newId, nowIso } from '../db/ids'
import { bringBack, type TakenAway } from '../db/taken-away'
import { ValidRows, type FaultyRecord } from '../db/sound'
import { storageFault } from '../db/storage-faults'
import { workshopRows } from './workshop-rows'

/** Why a command did nothing. */
type Refusal = ReturnType<typeof none>

/**
 * The open workshop: its records as live queries, and the way to give commands. Another window's changes
 * arrive by themselves.
 */
export const useWorkshop = defineStore('workshop', () => {
  const key = ref('')
  const status = ref<'closed' | 'opening' | 'open' | 'failed'>('closed')
  const failure = ref('')
  /** What does not need the lots is shown before they are read. */
  const ledgerRead = ref(false)
  const db = shallowRef<WorkshopDb>()

  const settings = shallowRef<Settings>(defaultSettings())
  const { rows, followEach } = workshopRows()
  const species = shallowRef<OwnSpecies[]>([])
  const coefficients = shallowRef<OwnCoefficient[]>([])
  const lots = shallowRef<Lot[]>([])
  const balances = shallowRef<ReadonlyMap<string, LotBalance>>(new Map())
  /** Movements of batches that made lots which are still there: what those lots cost follows from them. */
  const makings = shallowRef<Movement[]>([])
  const setAside = shallowRef<ReadonlySet<string>>(new Set())
  /** Entries of the batches that are open, by batch; what has ended is read by the pages that show it. */
  const openEvents = shallowRef<ReadonlyMap<string, readonly RunEvent[]>>(new Map())

  /** Stored records that are not what they should be: told in the Workshop, left out elsewhere. */
  const faultyRecords = shallowRef<FaultyRecord[]>([])
  let sound = new ValidRows()
  function soundOf<T extends { id: string }>(table: TableName, rows: readonly T[]): T[] {
    const kept = sound.of(table, rows)
    faultyRecords.value = sound.list()
    return kept
  }

  /** The species table with the maker's own: a changed copy with a new id stands beside ours. */
  const kinds = computed<readonly Species[]>(() => [
    ...species.value.filter(({ removed }) => !removed).map(plainSpecies),
    ...speciesTable,
  ])
  const ours = new Map(speciesTable.map((row) => [row.id, row]))
  const ownById = computed(() => new Map(species.value.map((own) => [own.id, plainSpecies(own)])))
  /** The maker's own species with this id as a plain row, if it is one of theirs. */
  const ownKind = (id: string): Species | undefined => ownById.value.get(id)
  /** The species of a line, the maker's own first; undefined for one that nobody knows. */
  const speciesOf = (id: string): Species | undefined => ownById.value.get(id) ?? ours.get(id)
  /** Coefficients that the maker has set, by id. */
  const ownValues = computed<ReadonlyMap<string, number>>(
    () => new Map(coefficients.value.filter(({ removed }) => !removed).map(({ id, value }) => [id, value])),
  )

  const isDemo = computed(() => key.value === 'demo')
  let subscriptions: Subscription[] = []
  const perBatch = new Map<string, Subscription>()

  function close(): void {
    subscriptions.forEach((subscription) => subscription.unsubscribe())
    subscriptions = []
    perBatch.forEach((subscription) => subscription.unsubscribe())
    perBatch.clear()
    openEvents.value = new Map()
    sound = new ValidRows()
    faultyRecords.value = []
    db.value?.close()
    db.value = undefined
    status.value = 'closed'
    ledgerRead.value = false
  }

  function fail(error: unknown): void {
    failure.value = storageFault(error)
    status.value = 'failed'
  }

  /**
   * Opens a workshop by its key. The maker's own is made when it is not there; the demo is fetched; others
   * must exist.
   */
  async function open(wanted: string): Promise<void> {
    if (key.value === wanted && status.value === 'open') return
    close()
    key.value = wanted
    status.value = 'opening'
    failure.value = ''
    try {
      const opened = await openWorkshop(wanted, {
        // Another tab wipes it, or brings a newer version of it.
        gone: (why) => {
          if (db.value !== opened) return
          close()
          failure.value = why
          status.value = 'failed'
        },
        blocked: (why) => {
          failure.value = why
        },
      })
      db.value = opened
      failure.value = ''
      await watchAll(opened)
      status.value = 'open'
    } catch (error) {
      fail(error)
    }
  }

  function follow<T>(query: () => Promise<T>, take: (rows: T) => void | Promise<void>): Promise<void> {
    return new Promise((resolve, reject) => {
      subscriptions.push(
        liveQuery(query).subscribe({
          next: (rows) => void Promise.resolve(take(rows)).then(resolve, reject),
          error: (error: unknown) => {
            reject(error)
            if (status.value === 'open') fail(error)
          },
        }),
      )
    })
  }

  /** Follows a table of records; those that were taken out are left out, where such a table keeps them. */
  function followTable<T extends { id: string }>(
    opened: WorkshopDb,
    table: TableName,
    rows: ShallowRef<T[]>,
    inOrder?: (a: T, b: T) => number,
  ): Promise<void> {
    let newest: Promise<void> = Promise.resolve()
    let reading = 0
    async function take(read: readonly T[]): Promise<void> {
      const mine = (reading += 1)
      const kept = await sound.ofMany(table, read)
      if (db.value !== opened) return
      // What was read later is what counts, and what the opening waits for.
      if (mine !== reading) return newest
      faultyRecords.value = sound.list()
      const present = kept.filter((row) => !(row as { removed?: boolean }).removed)
      rows.value = inOrder ? present.sort(inOrder) : present
    }
    return follow(
      () => readWhole<T>(opened.table<T, string>(table)),
      (read) => (newest = take(read)),
    )
  }

  /** Follows each table; resolves when all but the ledger have answered once. */
  async function watchAll(opened: WorkshopDb): Promise<void> {
    await Promise.all([
      follow(
        () => opened.settings.get('settings'),
        (row) => {
          settings.value = row && settingsSchema.safeParse(row).success ? row : defaultSettings()
        },
      ),
      follow(
        () => opened.species.toArray(),
        (rows) => {
          species.value = soundOf('species', rows)
        },
      ),
      follow(
        () => opened.coefficients.toArray(),
        (rows) => {
          coefficients.value = soundOf('coefficients', rows)
        },
      ),
      ...followEach((table, list, inOrder) => followTable(opened, table, list, inOrder)),
      follow(
        () => opened.setAside.toArray(),
        (rows) => {
          setAside.value = new Set(rows.map(({ id }) => id))
        },
      ),
      follow(
        () => opened.openBatches.toCollection().primaryKeys(),
        (ids) => {
          watchOpen(opened, ids)
        },
      ),
    ])
    void Promise.all([
      followTable(opened, 'lots', lots),
      follow(
        () => opened.balances.toArray(),
        (rows) => {
          balances.value = new Map(rows.map((row) => [row.id, row]))
        },
      ),
      follow(
        async () => {
          const made = (await opened.lots.toArray()).flatMap(({ from }) => (from ? [from.batchId] : []))
          return opened.movements
            .where('batchId')
            .anyOf([...new Set(made)])
            .toArray()
        },
        (rows) => {
          makings.value = rows
        },
      ),
    ]).then(() => {
      ledgerRead.value = true
      void checkLedger(opened)
    }, fail)
  }

  /** In the background the stored balances are checked against the whole ledger, and set right where they differ. */
  async function checkLedger(opened: WorkshopDb): Promise<void> {
    await new Promise((resolve) => setTimeout(resolve, 4000))
    if (db.value !== opened) return
    try {
      const wrong = await checkBalances(opened)
      if (wrong.length > 0)
        useNotices().fault(
          `The balances of ${counted(wrong.length, 'lot')} were not what the ledger adds up to, and are set right.`,
        )
    } catch {
      // Closed meanwhile: the next opening checks again.
    }
  }

  /** Follows the entries of each open batch by itself: a piece done re-reads one batch. */
  function watchOpen(opened: WorkshopDb, ids: readonly string[]): void {
    const wanted = new Set(ids)
    for (const [id, subscription] of perBatch)
      if (!wanted.has(id)) {
        subscription.unsubscribe()
        perBatch.delete(id)
        const left = new Map(openEvents.value)
        left.delete(id)
        openEvents.value = left
      }
    for (const id of ids) {
      if (perBatch.has(id)) continue
      perBatch.set(
        id,
        liveQuery(() => opened.events.where('batchId').equals(id).toArray()).subscribe({
          next: (events) => {
            openEvents.value = new Map(openEvents.value).set(id, soundOf('events', events))
          },
          error: fail,
        }),
      )
    }
  }

  /** Says what was taken away, and offers it back for a while; later it is found in the Workshop. */
  function tookAway({ id, words }: TakenAway): void {
    useNotices().done(`Taken away: ${words}.`, {
      words: 'Take back',
      run: () => void dispatch(bringBack, id),
    })
  }

  /** What a command works with. @throws Error when no workshop is open */
  function context(): CommandContext {
    if (!db.value) throw new Error('No workshop is open.')
    return { db: db.value, now: nowIso, newId, tookAway }
  }

  /** Gives a command; what can't be stored is a refusal like others, which the caller tells. */
  const attempt = <A extends unknown[], R>(
    command: (context: CommandContext, ...args: A) => Promise<R>,
    ...args: A
  ): Promise<R | Refusal> =>
    Promise.resolve()
      .then(() => command(context(), ...args))
      .catch((error: unknown) => none(`It could not be stored: ${storageFault(error)}`))

  /** Gives a command; a refusal is shown as a notice as well as returned. */
  async function dispatch<A extends unknown[], R extends { readonly kind: string }>(
    command: (context: CommandContext, ...args: A) => Promise<R>,
    ...args: A
  ): Promise<R | Refusal> {
    const answer = await attempt(command, ...args)
    const { kind, because }: { kind: string; because?: string } = answer
    if (kind === 'none' && because !== undefined) useNotices().fault(because)
    return answer
  }

  return {
    key,
    status,
    failure,
    ledgerRead,
    db,
    ...rows,
    settings,
    species,
    lots,
    balances,
    makings,
    setAside,
    openEvents,
    ownValues,
    faultyRecords,
    isDemo,
    ownKind,
    speciesOf,
    kinds,
    open,
    close,
    context,
    attempt,
    dispatch,
  }
})
