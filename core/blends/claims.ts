import { difference2000, toLab } from '../colour'
import {
  allocate,
  costOfDraw,
  firstDue,
  shelfOf,
  type Claim,
  type Material,
  type MaterialSpec,
  type StockState,
} from '../stock'
import type { MixedBlend } from './materials'

/**
 * What must be mixed, and so what goes into it: for each blend that claims lack, a claim of its parts, due when the
 * first of those is. Of a sieved blend the jar that lacks most tells how much of the whole is mixed.
 * @param coming what is being mixed already, in grams
 */
export function mixingClaims(
  claims: readonly Claim[],
  states: readonly StockState[],
  coming: ReadonlyMap<string, number>,
  mixed: ReadonlyMap<string, MixedBlend>,
): Claim[] {
  if (mixed.size === 0) return []
  const jars = new Set([...mixed.values()].flatMap(({ jars: own }) => own.map(({ material }) => material.id)))
  const { shortages } = allocate(
    claims,
    states.filter(({ material }) => jars.has(material.id)),
    coming,
  )
  const shortOf = new Map(
    shortages.map(({ materialId, short, shortOnTray }) => [materialId, short + shortOnTray]),
  )
  return [...mixed.values()].flatMap(({ blend, mixture, jars: own }, i): Claim[] => {
    const wholeG = Math.max(
      0,
      ...own.map(({ material, massShare }) => (shortOf.get(material.id) ?? 0) / Math.max(0.002, massShare)),
    )
    if (wholeG <= 0) return []
    const due = firstDue(
      claims,
      own.map(({ material }) => material.id),
    )
    const allG = mixture.portions.reduce((sum, { grain, parts }) => sum + grain.bulkGPerMl * parts, 0)
    return [
      {
        id: `blend:${blend.id}`,
        who: `${blend.name}, to be mixed`,
        ...(due === undefined ? {} : { due }),
        order: 2000 + i,
        needs: mixture.portions.map(({ grain, parts }) => ({
          materialId: grain.material.id,
          quantity: (wholeG * grain.bulkGPerMl * parts) / allG,
        })),
      },
    ]
  })
}

/**
 * States with what each blend's jar costs if it is mixed now: its parts at what they cost. All fractions of a sieved
 * blend cost the same for a gram.
 */
export function withMadeAt(
  states: readonly StockState[],
  mixed: ReadonlyMap<string, MixedBlend>,
): StockState[] {
  if (mixed.size === 0) return [...states]
  const { byId } = shelfOf(states)
  return states.map((state) => {
    const own = mixed.get(state.material.blendId ?? '')
    if (!own) return state
    const { portions } = own.mixture
    const grams = portions.map(({ grain, parts }) => grain.bulkGPerMl * parts)
    const costs = portions.map(({ grain }, i) => {
      const from = byId.get(grain.material.id)
      return from && costOfDraw(grams[i] ?? 0, from)
    })
    if (costs.some((cost) => cost === undefined)) return state
    const sum = (values: readonly (number | undefined)[]): number =>
      values.reduce<number>((all, value) => all + (value ?? 0), 0)
    return { ...state, madeAtMinor: sum(costs) / sum(grams) }
  })
}

/** How far a blend, sealed, is from the tone that a slot asks for; undefined where either is not known. */
export function blendOff(
  { wish }: { readonly wish: MaterialSpec },
  material: Material | undefined,
): number | undefined {
  const wanted = 'colour' in wish ? wish.colour : undefined
  return material?.blendId === undefined || material.sealed === undefined || wanted === undefined
    ? undefined
    : difference2000(toLab(material.sealed), toLab(wanted))
}
