import type * as commands from '../db/commands'
import type { CommandContext } from '../db/commands/context'

type Commands = typeof commands
type Command = (context: CommandContext, ...args: never[]) => Promise<{ readonly kind: string }>
export type DeedName = {
  [Name in keyof Commands]: Commands[Name] extends Command ? Name : never
}[keyof Commands]
/** A command of the open workshop: what it works with is known. */
export type Deed<Name extends DeedName> = Commands[Name] extends (
  context: CommandContext,
  ...args: infer Args
) => Promise<infer Answer>
  ? (...args: Args) => Promise<Answer>
  : never

/**
 * How a page or a component writes: a command of the open workshop by its name, fetched when it is first given.
 * @param refused where a refusal is shown: as a notice, or 'here', by the caller alone
 */
export function useDeed<Name extends DeedName>(
  name: Name,
  refused: 'as a notice' | 'here' = 'as a notice',
): Deed<Name> {
  const workshop = useWorkshop()
  const give = refused === 'here' ? workshop.attempt : workshop.dispatch
  const deed = (...args: unknown[]) =>
    give(async (context) => {
      const all = await import('../db/commands')
      const command: (context: CommandContext, ...args: never[]) => Promise<{ kind: string }> = all[name]
      return command(context, ...(args as never[]))
    })
  return deed as Deed<Name>
}
