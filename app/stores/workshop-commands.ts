import { none } from '~~/core/units'
import type { CommandContext } from '../db/commands/context'
import type { WorkshopDb } from '../db/database'
import { newId, nowIso } from '../db/ids'
import { storageFault } from '../db/storage-faults'
import { bringBack, type TakenAway } from '../db/taken-away'

/** Why a command did nothing. */
type Refusal = ReturnType<typeof none>

/** How commands are given to the workshop that is open. */
export function workshopCommands(db: Readonly<Ref<WorkshopDb | undefined>>) {
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

  return { context, attempt, dispatch }
}
