import { bathFor, type Bath } from '../adhesives'
import { figure, input, type Figure, type NumberInput } from '../units'
import { plainNumber } from '../units'
import type { Pour, Task, Use, Yield } from './method'
import { use } from './uses'

/** A mixture that pieces are dipped in: what is left of it is kept, and the next batch begins with it. */
export interface BathOrder {
  readonly step: string
  readonly title: string
  /** The kept mixture as a material of its own. */
  readonly material: Yield['material']
  /** What each piece carries away, ml, and what must stand in the tub for the last one. */
  readonly taken: NumberInput
  readonly standing: NumberInput
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
  const solids = order.parts.reduce((sum, { parts }) => sum + parts, 0)
  const bath = bathFor(started, order.taken.value, order.standing.value, {
    concentrate: solids,
    water: order.water,
  })
  const kept = Math.min(bath.totalMl, Math.max(0, task.kept(order.material.id)))
  const fresh = bath.totalMl - kept
  const parts = solids + order.water
  const ratio = `${order.parts.map(({ label, parts: own }) => `${label} ${own}`).join(' : ')} : water ${order.water}`
  const inputs = [
    order.taken,
    input('pieces started', started, '', 'formula'),
    order.standing,
    ...(kept > 0 ? [input('kept from before', kept, 'ml', 'yours')] : []),
  ]
  const whole = (value: number, formula: string): Figure => figure(value, 'ml', formula, inputs)
  const leftShare = bath.totalMl > 0 ? bath.leftMl / bath.totalMl : 0
  const uses: Use[] = order.parts.map(({ slot, label, parts: own }) => {
    const poured = (fresh * own) / parts
    return use(task, {
      slot,
      step: order.step,
      label,
      once: true,
      leaves: (order.taken.value * started * own) / parts,
      // What a piece costs is what it carries away; what is poured for the tub is kept.
      perPiece: figure((order.taken.value * own) / parts, 'ml', `carried away by one × ${own}/${parts}`, [
        order.taken,
      ]),
      total: whole(poured, `(carried away × pieces + standing − kept) × ${own}/${parts}`),
    })
  })
  if (kept > 0)
    uses.push({
      slot: 'kept',
      step: order.step,
      label: `${order.title}, kept`,
      once: true,
      leaves: 0,
      material: { ...order.material, changedAt: '1970-01-01T00:00:00.000Z' },
      perPiece: whole(kept / started, 'kept ÷ pieces started'),
      total: whole(kept, 'what was kept, up to the whole bath'),
    })
  const drawn = [
    ...new Set(uses.flatMap(({ material, total }) => (material && total.value > 0 ? [material.id] : []))),
  ]
  return {
    bath,
    uses,
    pour: {
      title: `${order.title}, ${ratio}`,
      lines: [
        ...(kept > 0
          ? [{ label: 'Kept from before', figure: whole(kept, 'what was kept, up to the whole bath') }]
          : []),
        ...order.parts.map(({ label, parts: own }) => ({
          label,
          figure: whole(
            (fresh * own) / parts,
            `fresh mixture × ${plainNumber(own, 2)}/${plainNumber(parts, 2)}`,
          ),
        })),
        {
          label: 'Water',
          figure: whole((fresh * order.water) / parts, `fresh mixture × ${order.water}/${parts}`),
        },
        {
          label: 'Left in the tub',
          figure: whole(bath.leftMl, 'what must stand for the last piece; cover it and keep it'),
        },
      ],
    },
    yields: [
      {
        label: `${order.title}, kept`,
        source: 'home-made',
        material: order.material,
        quantity: whole(bath.leftMl, 'what must stand for the last piece'),
        shares: drawn.map((materialId) => ({ materialId, share: leftShare })),
      },
    ],
  }
}
