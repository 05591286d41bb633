import type { CommandContext } from '../../app/db/commands/context'
import { countLot } from '../../app/db/commands/stock'
import type { Batch } from '../../core/batches'
import type { TableName } from '../../core/workshop'

/** A maker at one copy of a workshop, who does things by chance. */
export class Hand {
  constructor(
    readonly context: CommandContext,
    private readonly random: () => number,
    /** What stands on the one real shelf that all copies keep the books of: how much is in each jar. */
    readonly shelf: Map<string, number>,
    /** What the ids that are made at this copy begin with. */
    readonly prefix: string,
  ) {}

  int(least: number, most: number): number {
    return least + Math.floor(this.random() * (most - least + 1))
  }
  of<T>(list: readonly T[]): T {
    if (list.length === 0) throw new Error('nothing to choose from')
    return list[this.int(0, list.length - 1)] as T
  }
  /** The id of some record, or of none. */
  async id(table: TableName | 'takenAway'): Promise<string> {
    const ids = await this.context.db.table(table).toCollection().primaryKeys()
    return ids.length > 0 ? String(this.of(ids)) : 'nobody'
  }
  name(): string {
    return `${this.of(['Beech', 'Lane', 'Far bank', 'Red jar'])} ${this.int(1, 99)}`
  }
  day(): string {
    return `2026-${String(this.int(1, 12)).padStart(2, '0')}-${String(this.int(1, 28)).padStart(2, '0')}`
  }
  /** Jars of the honest shelf that this copy knows of, counted where its books differ. */
  async knownJars(): Promise<string[]> {
    const known: string[] = []
    for (const [lotId, really] of this.shelf) {
      if (!(await this.context.db.lots.get(lotId))) continue
      known.push(lotId)
      const books = (await this.context.db.balances.get(lotId))?.onHand ?? 0
      if (books !== really) await countLot(this.context, lotId, really)
    }
    return known
  }
  /** Batches that were planned at this copy. */
  async ownBatches(): Promise<Batch[]> {
    return (await this.context.db.batches.toArray()).filter(({ id }) => id.startsWith(this.prefix))
  }
  /** Does something that takes from the honest shelf, or gives back to it, what its entries say. */
  async moving<T>(work: () => Promise<T>): Promise<T> {
    const { db } = this.context
    const before = new Set(await db.movements.toCollection().primaryKeys())
    const answer = await work()
    for (const { id, lotId, quantity } of await db.movements.toArray())
      if (!before.has(id) && this.shelf.has(lotId))
        this.shelf.set(lotId, (this.shelf.get(lotId) ?? 0) + quantity)
    return answer
  }
}
