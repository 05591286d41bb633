import { bathFor } from '../../adhesives'
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
} from '../../quantities'
import type { Pour, Task, Yield } from '../../makeup'
import type { Making, Taken } from './making'

/** A mixture that pieces are dipped in: what is left of it is kept, and the next batch begins with it. */
export interface BathOrder {
  readonly title: string
  /** The kept mixture as a material of its own. */
  readonly material: Yield['material']
  /** What each piece carries away, ml, and what must stand in the tub for the last one. */
  readonly taken: Expression
  readonly standing: Expression
  /** The parts that come from slots; water is the rest. */
  readonly parts: readonly (readonly [slot: string, parts: number])[]
  readonly water: number
}

/** What an operation with a bath takes, pours and keeps. */
interface Bathed {
  readonly takes: readonly Taken[]
  readonly pours: readonly Pour[]
  readonly yields: readonly Yield[]
}

/**
 * Works a bath out: what was kept is poured in first, the rest is mixed fresh, and what stands at the end becomes a lot
 * again with its share of the cost. Ratios by volume.
 */
export function bathed<T extends Task>(
  on: Making<T>,
  { title, material, taken, standing, ...of }: BathOrder,
): Bathed {
  const { started } = on
  const parts = of.parts.map(([slot, own]) => ({ slot, own, label: on.fill(slot).slot.label }))
  const solids = parts.reduce((all, { own }) => all + own, 0)
  const ratio = { concentrate: solids, water: of.water }
  const bath = bathFor(started, taken.value, standing.value, ratio)
  const keptMl = Math.min(bath.totalMl, Math.max(0, on.task.kept(material.id)))
  const kept = fact('kept from before', keptMl, 'ml', 'stock', 'up to the whole bath')
  const all = sum(product(taken, on.pieces), standing)
  const fresh = keptMl > 0 ? difference(all, kept) : all
  const part = (own: number): Expression => quotient(number(own), number(solids + of.water))
  const ml = (amount: Expression): Figure => figure(amount, 'ml')
  const leftShare = bath.totalMl > 0 ? bath.leftMl / bath.totalMl : 0
  const takes: Taken[] = parts.map(({ slot, own }) => ({
    ...on.take(slot, [taken, part(own)]),
    once: true,
    consumed: taken.value * started * part(own).value,
    // What a piece costs is what it carries away; what is poured for the tub is kept.
    total: ml(product(fresh, part(own))),
  }))
  if (keptMl > 0)
    takes.push({
      slot: 'kept',
      label: `${title}, kept`,
      once: true,
      consumed: 0,
      material: { ...material, changedAt: '1970-01-01T00:00:00.000Z' },
      perPiece: ml(quotient(kept, on.pieces)),
      total: ml(kept),
    })
  const drawn = takes.flatMap(({ material: of, total }) => (of && total.value > 0 ? [of.id] : []))
  const words = parts.map(({ label, own }) => `${label} ${own}`).join(' : ')
  return {
    takes,
    pours: [
      {
        title: `${title}, ${words} : water ${of.water}`,
        lines: [
          ...(keptMl > 0 ? [{ label: 'Kept from before', figure: ml(kept) }] : []),
          ...parts.map(({ label, own }) => ({ label, figure: ml(product(fresh, part(own))) })),
          { label: 'Water', figure: ml(product(fresh, part(of.water))) },
          { label: 'Left in the tub', figure: ml(standing) },
        ],
      },
    ],
    yields: [
      {
        label: `${title}, kept`,
        source: 'home-made',
        material,
        quantity: ml(standing),
        shares: [...new Set(drawn)].map((materialId) => ({ materialId, share: leftShare })),
      },
    ],
  }
}
