import type { OwnCoefficient } from '~~/core/quantities'
import { speciesTable, type Species } from '~~/core/plants'
import {
  defaultSettings,
  plainSpecies,
  settingsSchema,
  type OwnSpecies,
  type Settings,
} from '~~/core/workshop'
import type { WorkshopDb } from '../db/database'
import { openWorkshop } from '../db/open'
import { storageFault } from '../db/storage-faults'
import { workshopCommands } from './workshop-commands'
import { workshopFollowing, type Followed } from './workshop-following'
import { workshopLedger } from './workshop-ledger'
import { workshopRows } from './workshop-rows'

/**
 * The open workshop: its records as live queries, and the way to give commands. Another window's changes
 * arrive by themselves.
 */
export const useWorkshop = defineStore('workshop', () => {
  const key = ref('')
  const status = ref<'closed' | 'opening' | 'open' | 'failed'>('closed')
  const failure = ref('')
  const db = shallowRef<WorkshopDb>()
  const isDemo = computed(() => key.value === 'demo')

  const followed: Followed = {
    isOpen: (opened) => db.value === opened,
    broken: fail,
  }
  const following = workshopFollowing(followed)
  const { ledger, followRuns, followLots, end: endLedger } = workshopLedger(followed, following)
  const { rows, followEach } = workshopRows()
  const { context, attempt, dispatch } = workshopCommands(db)

  const settings = shallowRef<Settings>(defaultSettings())
  const species = shallowRef<OwnSpecies[]>([])
  const coefficients = shallowRef<OwnCoefficient[]>([])

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

  function close(): void {
    following.end()
    endLedger()
    db.value?.close()
    db.value = undefined
    status.value = 'closed'
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
      await followAll(opened)
      status.value = 'open'
    } catch (error) {
      fail(error)
    }
  }

  /** Follows each table; resolves when all but the ledger have answered once. */
  async function followAll(opened: WorkshopDb): Promise<void> {
    const { follow, followTable, soundOf } = following
    await Promise.all([
      follow(
        () => opened.settings.get('settings'),
        (row) => {
          settings.value = row && settingsSchema.safeParse(row).success ? row : defaultSettings()
        },
      ),
      follow(
        () => opened.species.toArray(),
        (own) => {
          species.value = soundOf('species', own)
        },
      ),
      follow(
        () => opened.coefficients.toArray(),
        (own) => {
          coefficients.value = soundOf('coefficients', own)
        },
      ),
      ...followEach((table, list, inOrder) => followTable(opened, table, list, inOrder)),
      ...followRuns(opened),
    ])
    void followLots(opened).catch(fail)
  }

  return {
    key,
    status,
    failure,
    db,
    ...rows,
    ...ledger,
    settings,
    species,
    ownValues,
    faultyRecords: following.faultyRecords,
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
