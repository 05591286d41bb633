import { Dexie } from 'dexie'
import { documentSchema } from '../../core/workshop'
import { ensureWorkshop, replaceWorkshop } from './commands/data'
import { DATABASE_VERSION, DEMO_KEY, OWN_KEY, WorkshopDb, workshopKeys } from './database'
import { newId, nowIso } from './ids'
import { whenReady } from './when-ready'

interface Heard {
  /** The database went away under the app: another tab deletes it, or brings a newer version. */
  readonly gone: (why: string) => void
  /** Another tab holds an older version open. */
  readonly blocked: (why: string) => void
}

/**
 * Opens a workshop's database by its key and fills it when it is new: the maker's own with the usual
 * materials, the demo from the server.
 * @throws Error when there is no such workshop, or the browser's storage fails
 */
export async function openWorkshop(key: string, heard: Heard): Promise<WorkshopDb> {
  if (key !== OWN_KEY && key !== DEMO_KEY && !(await workshopKeys()).includes(key))
    throw new Error(`There is no workshop “${key}” in this browser.`)
  const db = new WorkshopDb(key)
  await refuseNewer(db.name)
  db.on('blocked', () => {
    heard.blocked(
      'Another tab has this workshop open in an older version of the app. Close that tab, or reload it.',
    )
  })
  db.on('versionchange', (event) => {
    // Make way, so that the other tab is not blocked.
    db.close()
    heard.gone(
      event.newVersion === null
        ? 'This workshop was deleted from another tab.'
        : 'Another tab has brought this workshop to a newer version of the app. Reload the page.',
    )
  })
  await db.open()
  try {
    if (key === DEMO_KEY) await fillDemo(db)
    else await ensureWorkshop({ db, now: nowIso, newId })
  } catch (error) {
    db.close()
    throw error
  }
  return db
}

/** What is asked of the browser's storage here; an older one cannot list its databases. */
interface DatabaseList {
  databases?(): Promise<{ readonly name?: string; readonly version?: number }[]>
}

/**
 * Dexie would open what a newer version of the app has written, and add to it what it misses; so the version
 * is looked at first.
 */
async function refuseNewer(name: string): Promise<void> {
  const { indexedDB } = Dexie.dependencies as { indexedDB?: DatabaseList }
  const known = (await withinSeconds(STORAGE_ANSWERS_S, indexedDB?.databases?.())) ?? []
  const version = known.find((database) => database.name === name)?.version ?? 0
  // Dexie counts in tenths, and uses single steps for its own.
  if (version >= (DATABASE_VERSION + 1) * 10) throw new Dexie.VersionError('newer than the app')
}

/** A browser whose storage has not answered after so long will not, s. */
const STORAGE_ANSWERS_S = 5

/** @throws Error when it takes longer */
function withinSeconds<T>(seconds: number, answer: Promise<T> | undefined): Promise<T | undefined> {
  let timer: ReturnType<typeof setTimeout> | undefined
  const late = new Promise<never>((_resolve, reject) => {
    timer = setTimeout(() => {
      reject(
        new Error(
          `The browser’s storage has not answered for ${seconds} seconds. Close other tabs of this site, or start the browser anew; nothing was changed.`,
        ),
      )
    }, seconds * 1000)
  })
  return Promise.race([Promise.resolve(answer), late]).finally(() => clearTimeout(timer))
}

/** Fetches the demo once; `afresh` throws away what was done in it. */
export async function fillDemo(db: WorkshopDb, afresh = false): Promise<void> {
  if (!afresh && (await db.settings.get('settings'))) return
  const answer = await whenReady('/api/demo-workshop')
  if (!answer.ok)
    throw new Error(`The demo workshop could not be fetched: the server answered ${answer.status}.`)
  const document = documentSchema.parse(await answer.json())
  await replaceWorkshop({ db, now: nowIso, newId }, document)
}
