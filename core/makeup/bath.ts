import { bathFor, type Bath } from '../adhesives'
import {
  difference,
  fact,
  figure,
  number,
  product,
  quotient,
  sum,
  type Expression,
  type Figure,
} from '../quantities'
import type { Pour, Task, Use, Yield } from './method'
import { startedOf, use } from './uses'

/** A mixture that pieces are dipped in: what is left of it is kept, and the next batch begins with it. */
export interface BathOrder {
  readonly step: string
  readonly title: string
  /** The kept mixture as a material of its own. */
  readonly material: Yield['material']
  /** What each piece carries away, ml, and what must stand in the tub for the last one. */
  readonly taken: Expression
  readonly standing: Expression
  /** The parts that come from slots; water is the rest. */
  readonly parts: readonly { readonly slot: string; readonly label: string; readonly parts: number }[]
  readonly water: number
}

export interface BathWork {
  readonly bath: Bath
  readonly uses: readonly Use[]
  readonly pour: Pour
  readonly yields: readonly Yield[]
}

/**
 * Works a bath out: what was kept is poured in first, the rest is mixed fresh, and what stands at the end
 * becomes a lot again with its share of the cost. Ratios by volume.
 */
export function bathWork(task: Task, order: BathOrder): BathWork {
  const { started } = task
  const solids = order.parts.reduce((all, { parts }) => all + parts, 0)
  const bath = bathFor(started, order.taken.value, order.standing.value, {
    concentrate: solids,
    water: order.water,
  })
  const keptMl = Math.min(bath.totalMl, Math.max(0, task.kept(order.material.id)))
  const kept = fact('kept from before', keptMl, 'ml', 'stock', 'up to the whole bath')
  const all = sum(product(order.taken, startedOf(task)), order.standing)
  const fresh = keptMl > 0 ? difference(all, kept) : all
  const part = (own: number): Expression => quotient(number(own), number(solids + order.water))
  const ratio = `${order.parts.map(({ label, parts: own }) => `${label} ${own}`).join(' : ')} : water ${order.water}`
  const ml = (of: Expression): Figure => figure(of, 'ml')
  const leftShare = bath.totalMl > 0 ? bath.leftMl / bath.totalMl : 0
  const uses: Use[] = order.parts.map(({ slot, label, parts: own }) =>
    use(task, {
      slot,
      step: order.step,
      label,
      once: true,
      leaves: order.taken.value * started * part(own).value,
      // What a piece costs is what it carries away; what is poured for the tub is kept.
      each: product(order.taken, part(own)),
      total: product(fresh, part(own)),
    }),
  )
  if (keptMl > 0)
    uses.push({
      slot: 'kept',
      step: order.step,
      label: `${order.title}, kept`,
      once: true,
      leaves: 0,
      material: { ...order.material, changedAt: '1970-01-01T00:00:00.000Z' },
      perPiece: ml(quotient(kept, startedOf(task))),
      total: ml(kept),
    })
  const drawn = [
    ...new Set(uses.flatMap(({ material, total }) => (material && total.value > 0 ? [material.id] : []))),
  ]
  const left = ml(order.standing)
  return {
    bath,
    uses,
    pour: {
      title: `${order.title}, ${ratio}`,
      lines: [
        ...(keptMl > 0 ? [{ label: 'Kept from before', figure: ml(kept) }] : []),
        ...order.parts.map(({ label, parts: own }) => ({ label, figure: ml(product(fresh, part(own))) })),
        { label: 'Water', figure: ml(product(fresh, part(order.water))) },
        { label: 'Left in the tub', figure: left },
      ],
    },
    yields: [
      {
        label: `${order.title}, kept`,
        source: 'home-made',
        material: order.material,
        quantity: left,
        shares: drawn.map((materialId) => ({ materialId, share: leftShare })),
      },
    ],
  }
}
