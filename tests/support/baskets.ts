import { seededRandom } from '../../core/units'
import type { BasketNeed, BasketOffer, BasketProblem, BasketSupplier } from '../../core/buying/search'

const SOON = '2026-12-04'
const LATE = '2026-12-20'

/**
 * A shopping list by chance: so many materials, offers of each, suppliers; odd prices, parcels with sums and
 * minimums.
 */
export function randomBasket(
  seed: number,
  { materials, offers, suppliers }: { materials: number; offers: number; suppliers: number },
): BasketProblem {
  const random = seededRandom(seed)
  const whole = (from: number, to: number): number => from + Math.floor(random() * (to - from + 1))
  const sellers: BasketSupplier[] = Array.from({ length: suppliers }, (_, i) => ({
    id: `s${i}`,
    postageMinor: whole(290, 990),
    ...(random() < 0.7 ? { freeFromMinor: whole(25, 90) * 100 } : {}),
    ...(random() < 0.4 ? { minimumMinor: whole(8, 25) * 100 } : {}),
  }))
  const needs: BasketNeed[] = []
  const rows: BasketOffer[] = []
  for (let m = 0; m < materials; m += 1) {
    const unitMinor = 2 + random() * 30
    const first = whole(5, 120)
    needs.push({
      materialId: `m${m}`,
      dues:
        random() < 0.4
          ? [
              { by: SOON, quantity: first },
              { by: LATE, quantity: first + whole(1, 200) },
            ]
          : [{ by: LATE, quantity: whole(5, 300) }],
      later: random() < 0.3 ? whole(10, 150) : 0,
    })
    for (let o = 0; o < offers; o += 1) {
      const packQuantity = whole(1, 12) * 10
      rows.push({
        id: `m${m}o${o}`,
        supplierId: `s${whole(0, suppliers - 1)}`,
        materialId: `m${m}`,
        packQuantity,
        priceMinor: Math.max(1, Math.round(packQuantity * unitMinor * (0.75 + 0.5 * random()))),
        arrives: o === 0 || random() < 0.6 ? SOON : LATE,
      })
    }
  }
  return { needs, offers: rows, suppliers: sellers }
}

/** HiGHS, as far as it is asked here. */
export interface Solver {
  readonly solve: (
    program: string,
    options?: Record<string, number>,
  ) => { readonly Status: string; readonly ObjectiveValue: number }
}

/**
 * The least net cost by an integer program of its own: packs are whole, a supplier is used or not, a parcel is free or
 * not, worth is had of what is over up to what later work takes.
 * @returns undefined where nothing covers it
 */
export function leastByProgram(
  solver: Solver,
  { needs, offers, suppliers }: BasketProblem,
  not?: readonly string[],
): number | undefined {
  const signed = (factor: number, name: string): string =>
    `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${name}`
  const cost: string[] = []
  const rules: string[] = []
  const bounds: string[] = []
  for (const { id, priceMinor } of offers) cost.push(signed(priceMinor, id))
  for (const { materialId, dues, later } of needs) {
    const own = offers.filter((offer) => offer.materialId === materialId)
    for (const { by, quantity } of dues)
      rules.push(
        `${own
          .filter(({ arrives }) => arrives <= by)
          .map(({ packQuantity, id }) => signed(packQuantity, id))
          .join(' ')} >= ${quantity}`,
      )
    const last = dues.at(-1)?.quantity ?? 0
    const usable = own.filter(({ arrives }) => dues.length === 0 || arrives <= (dues.at(-1)?.by ?? ''))
    const unit = Math.min(...usable.map(({ priceMinor, packQuantity }) => priceMinor / packQuantity))
    if (later > 0) {
      cost.push(signed(-unit, `w_${materialId}`))
      bounds.push(`0 <= w_${materialId} <= ${later}`)
      rules.push(
        `${usable.map(({ packQuantity, id }) => signed(packQuantity, id)).join(' ')} - w_${materialId} >= ${last}`,
      )
    }
  }
  const used: string[] = []
  suppliers.forEach(({ id, postageMinor, freeFromMinor, minimumMinor = 0 }) => {
    const spend = offers
      .filter(({ supplierId }) => supplierId === id)
      .map((offer) => signed(offer.priceMinor, offer.id))
      .join(' ')
    if (spend === '') return
    used.push(id)
    cost.push(signed(postageMinor, `y_${id}`))
    for (const offer of offers) if (offer.supplierId === id) rules.push(`${offer.id} - 400 y_${id} <= 0`)
    rules.push(`${spend} - ${Math.max(not ? 1 : 0, minimumMinor)} y_${id} >= 0`)
    if (freeFromMinor === undefined) return
    cost.push(signed(-postageMinor, `f_${id}`))
    rules.push(`f_${id} - y_${id} <= 0`, `${spend} - ${freeFromMinor} f_${id} >= 0`)
  })
  if (not) {
    // At least one supplier is in that was not, or the other way round.
    const terms = used.map((id) => signed(not.includes(id) ? -1 : 1, `y_${id}`)).join(' ')
    rules.push(`${terms} >= ${1 - used.filter((id) => not.includes(id)).length}`)
  }
  const binaries = suppliers.flatMap(({ id, freeFromMinor }) =>
    used.includes(id) ? [`y_${id}`, ...(freeFromMinor === undefined ? [] : [`f_${id}`])] : [],
  )
  const program = `Minimize
 cost: ${cost.join(' ')}
Subject To
${rules.map((rule, i) => ` r${i}: ${rule}`).join('\n')}
Bounds
${bounds.join('\n')}
General
 ${offers.map(({ id }) => id).join(' ')}
Binary
 ${binaries.join(' ')}
End`
  const answer = solver.solve(program, { mip_rel_gap: 0, mip_abs_gap: 0.01 })
  return answer.Status === 'Optimal' ? answer.ObjectiveValue : undefined
}
