import { whenReady } from '../db/when-ready'
import { save } from './save'

/** Asks the server for a printed sheet and saves it; without a connection it says so. @param what such as "The card" */
export async function printFrom(path: string, order: object, name: string, what: string): Promise<void> {
  const notices = useNotices()
  try {
    const sheet = await whenReady(path, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(order),
    })
    if (!sheet.ok) {
      const problem = (await sheet.json().catch(() => ({}))) as { title?: string; detail?: string }
      throw new Error(problem.detail ?? problem.title ?? `the server answered ${sheet.status}`)
    }
    save(await sheet.blob(), name)
  } catch (error) {
    notices.fault(
      error instanceof TypeError
        ? `${what} is printed by the server, which can’t be reached just now. Everything else works without it.`
        : `${what} was not printed: ${error instanceof Error ? error.message : String(error)}`,
    )
  }
}
