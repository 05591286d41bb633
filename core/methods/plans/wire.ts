import { proposedStrands, STRANDS_RANGE, type WireOrder, type WirePlan } from '../../armature'
import { makeUp, plannerOf, type MakeUp, type MakeUpOrder } from '../../makeup'
import { worthOf } from '../../quantities'

/** The choice that holds a number of strands set by the maker. */
export const STRANDS_CHOICE = 'strands'

/** A number of strands as it was set; undefined where it was not, or can't be twisted. */
export function strandsSet(choices: Readonly<Record<string, string>> | undefined): number | undefined {
  const set = Number(choices?.[STRANDS_CHOICE])
  const [least, most] = STRANDS_RANGE
  return Number.isInteger(set) && set >= least && set <= most ? set : undefined
}

const diameterOf = (up: MakeUp, slotId: string): number | undefined => {
  const of = up.slots.find(({ slot }) => slot.id === slotId)?.parts[0]?.material.of
  return of?.stuff === 'wire' ? of.diameterMm : undefined
}

/** What the armature of a make-up is planned for; undefined for a way without wire, or without wire chosen. */
export function wireOrderOf(
  up: MakeUp,
  order: Pick<MakeUpOrder, 'choices' | 'states' | 'own'>,
): WireOrder | undefined {
  const planner = plannerOf(up, 'wire')
  const [stoutMm, thinMm] = [diameterOf(up, 'wire'), diameterOf(up, 'thin-wire')]
  if (!planner || up.job.kind === 'stock' || stoutMm === undefined || thinMm === undefined) return undefined
  const { piece } = up.job
  const own = order.own ?? new Map<string, number>()
  const patience = planner.patience((id) => up.choices[id] ?? '')
  return {
    heightMm: piece.heightMm,
    trunkMm: piece.trunkMm,
    strands: strandsSet(order.choices) ?? proposedStrands(piece.heightMm, piece.zone, patience),
    stoutMm,
    thinMm,
    barkMm: worthOf(planner.barkMm, own).value,
    takeUp: worthOf(planner.takeUp, own).value,
    wiresMm: [
      ...new Set(
        order.states.flatMap(({ material, onHand }) =>
          material.of.stuff === 'wire' && onHand > 0 ? [material.of.diameterMm] : [],
        ),
      ),
    ],
  }
}

/**
 * Works a job out, with its armature where it has been planned: first without, which says what wire is chosen,
 * then with the plan for it.
 * @param plan the plan for an order; undefined while it is not known
 */
export function workedOutWith(order: MakeUpOrder, plan: (wire: WireOrder) => WirePlan | undefined): MakeUp {
  const first = makeUp(order)
  const wanted = wireOrderOf(first, order)
  const wire = wanted && plan(wanted)
  return wire ? makeUp({ ...order, wire }) : first
}
