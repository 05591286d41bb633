import type { Slot, StockMethod } from '../../makeup'
import { fact, figure, product, type Expression } from '../../quantities'
import { catalogueRow } from '../../stock'
import { counted, type Origin } from '../../units'
import type { Draft } from '../kit/making'
import { coefficients, row, seconds } from '../kit/rows'
import { stockWay } from '../kit/way'

/** What is poured of one material into water, by volume. */
interface Mixture {
  readonly id: string
  readonly name: string
  readonly makes: string
  readonly of: Slot
  /** Parts of it, and of water. */
  readonly parts: number
  readonly water: number
  readonly origin: Origin
  readonly text: string
  readonly passes: string
  readonly step?: Partial<Pick<Draft, 'faults' | 'needs' | 'gives'>>
  readonly examplesMl: readonly number[]
}

/** A mixture as a way of making stock: so much of it is poured, covered and labelled. */
export function mixtureWay({
  id,
  name,
  makes,
  of,
  parts,
  water,
  origin,
  examplesMl,
  ...words
}: Mixture): StockMethod {
  const k = coefficients(id, {
    spoilage: row('spoilage', 0, '', [0, 0.5], 'formula'),
    stirSec: seconds('pour and stir', 180),
  })
  const material = catalogueRow(id)
  const { keepsDays } = material
  const keeps = keepsDays === undefined ? '' : `: it keeps about ${counted(keepsDays, 'day')}`
  return stockWay({
    id,
    name,
    makes,
    product: id,
    figures: k,
    materials: [of],
    operations: (on) => {
      const wanted = fact('wanted', on.job.quantity, 'ml', 'line')
      const share = (own: number): Expression =>
        product(wanted, fact('its part', own / (parts + water), '', origin, `${own} of ${parts + water}`))
      const poured = on.takeAll(of.id, share(parts))
      return [
        on.work('mix', 'Pour, stir, cover, label', {
          text: `${words.text} Write the day on the lid${keeps}.`,
          hands: [0, on.value(k.stirSec)],
          takes: [poured],
          pours: [
            {
              title: `${name}, ${of.label.toLowerCase()} ${parts} : water ${water}`,
              lines: [
                { label: of.label, figure: poured.total },
                { label: 'Water', figure: figure(share(water), 'ml') },
              ],
            },
          ],
          yields: [
            {
              label: name,
              source: 'home-made',
              material,
              quantity: figure(wanted, 'ml'),
              shares: poured.material ? [{ materialId: poured.material.id, share: 1 }] : [],
            },
          ],
          tools: ['tub', 'measuring cup'],
          passes: words.passes,
          cautions: ['wet-bath'],
          ...words.step,
        }),
      ]
    },
    examples: examplesMl.map((quantity) => ({ kind: 'stock', materialId: id, quantity, unit: 'ml' })),
  })
}
