import type { StockState } from './ledger'
import { isKindOf, unitOfSpec, type MaterialSpec } from './spec'

/** A shelf that can be asked by id, and by what a use asks for. */
export interface Shelf {
  readonly byId: ReadonlyMap<string, StockState>
  /** All that are of the kind and unit that is asked for, in the order of the shelf. */
  fitting(spec: MaterialSpec): readonly StockState[]
}

const laid = new WeakMap<readonly StockState[], Shelf>()

/** The shelf of a list of states: laid out once, and kept as long as the list is. */
export function shelfOf(states: readonly StockState[]): Shelf {
  const known = laid.get(states)
  if (known) return known
  const byId = new Map(states.map((state) => [state.material.id, state]))
  const byStuff = new Map<string, StockState[]>()
  for (const state of states) {
    const { stuff } = state.material.of
    const same = byStuff.get(stuff)
    if (same) same.push(state)
    else byStuff.set(stuff, [state])
  }
  const ofStuff = (spec: MaterialSpec): readonly StockState[] => {
    if (spec.stuff !== 'other') return byStuff.get(spec.stuff) ?? []
    const one = byId.get(spec.materialId)
    return one ? [one] : []
  }
  const shelf: Shelf = {
    byId,
    fitting: (spec) => {
      const unit = unitOfSpec(spec)
      return ofStuff(spec).filter(({ material }) => material.unit === unit && isKindOf(material, spec))
    },
  }
  laid.set(states, shelf)
  return shelf
}
