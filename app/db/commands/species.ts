import { speciesIdsOf } from '../../../core/commissions'
import { faultsOf, speciesTable, type Species } from '../../../core/plants'
import { none, ok, type Reading } from '../../../core/units'
import { ownSpeciesSchema, withChange, type OwnSpecies } from '../../../core/workshop'
import { undoable } from '../taken-away'
import { check, type CommandContext } from './context'

/**
 * Writes a species of the maker's own: a new one, or a changed one. One of ours is never overwritten; a copy
 * has an id of its own.
 */
export async function saveSpecies({ db, now }: CommandContext, row: Species): Promise<Reading<OwnSpecies>> {
  if (speciesTable.some(({ id }) => id === row.id))
    return none(
      `“${row.id}” is one of the species that come with the app; save a copy under an id of its own.`,
    )
  const faults = faultsOf(row)
  if (faults.length > 0) return none(faults.map(({ path, message }) => `${path} ${message}.`).join('\n'))
  return db.transaction('rw', db.species, async () => {
    const before = await db.species.get(row.id)
    const emptied = Object.fromEntries(Object.keys(before ?? {}).map((name) => [name, undefined]))
    const checked = check(
      ownSpeciesSchema,
      before ? withChange(before, { ...emptied, ...row }, now()) : { ...row, changedAt: now() },
    )
    if (checked.kind === 'ok') await db.species.put(checked.value)
    return checked
  })
}

/** Takes a species of the maker's own out of sight. Refused while a line uses it. */
export const removeSpecies = undoable(
  ['species'],
  ['lines'],
  ({ common }: OwnSpecies) => `the species “${common}”`,
  takeSpecies,
)
async function takeSpecies({ db, now }: CommandContext, id: string): Promise<Reading<OwnSpecies>> {
  return db.transaction('rw', [db.species, db.lines], async () => {
    const row = await db.species.get(id)
    if (!row || row.removed) return none('This species is gone already.')
    const used = (await db.lines.toArray()).filter((line) => !line.removed && speciesIdsOf(line).includes(id))
    if (used.length > 0)
      return none(
        `${used.length === 1 ? 'A line uses' : `${used.length} lines use`} this species: “${used[0]?.name}”. Change the line first.`,
      )
    const removed = withChange(row, { removed: true }, now())
    await db.species.put(removed)
    return ok(removed)
  })
}
