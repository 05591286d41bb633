import { soakingMedium } from '../../adhesives'
import type { Slot, StockMethod } from '../../makeup'
import { fact, figure, product, type Expression } from '../../quantities'
import { coefficients, row, seconds } from '../kit/rows'
import { catalogueRow } from '../../stock'
import { counted, type Origin } from '../../units'
import type { Draft } from '../kit/making'
import { liquid, paint } from '../kit/materials'
import { slot } from '../kit/slot'
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
function mixture({ id, name, makes, of, parts, water, origin, examplesMl, ...words }: Mixture): StockMethod {
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

/** Baths, watered glues and washes that are mixed ahead. Their ratios: common practice, but for the wash. */
export const mixtureMethods: readonly StockMethod[] = [
  mixture({
    id: 'soaking-bath',
    name: 'Soaking bath',
    makes: 'Matte medium 1 : 5 with water, kept covered for the next sprigs.',
    of: slot('medium', 'Matte medium', liquid('matte-medium')),
    parts: soakingMedium.concentrate,
    water: soakingMedium.water,
    origin: 'common practice',
    text: 'Water first, a drop of detergent, then the medium; stir until no streaks show.',
    passes: 'Even milk, no streaks on the bottom.',
    step: { faults: ['white-puddles'] },
    examplesMl: [500, 20_000],
  }),
  mixture({
    id: 'sealing-water',
    name: 'Sealing water',
    makes: 'PVA 1 : 3 with water, to run into ground and litter that has been wetted.',
    of: slot('pva', 'PVA', liquid('pva')),
    parts: 1,
    water: 3,
    origin: 'common practice',
    text: 'Water first, a drop of detergent, then PVA; shake it in a closed bottle.',
    passes: 'Runs through the sprayer without strings.',
    step: { faults: ['white-puddles'] },
    examplesMl: [500, 5_000],
  }),
  mixture({
    id: 'ground-medium',
    name: 'Ground glue',
    makes: 'Matte medium 3 : 1 with water, the coat that bare ground is set in.',
    of: slot('medium', 'Matte medium', liquid('matte-medium')),
    parts: 3,
    water: 1,
    origin: 'common practice',
    text: 'Stir the water into the medium a little at a time, without beating air in.',
    passes: 'Runs off the brush like cream.',
    examplesMl: [200],
  }),
  mixture({
    id: 'wetting-mist',
    name: 'Wetting mist',
    makes: 'Alcohol and water, so that dilute glue runs in instead of beading up.',
    of: slot('alcohol', 'Wetting alcohol', liquid('alcohol')),
    parts: 7,
    water: 3,
    origin: 'memory',
    text: 'Into the sprayer itself, by a funnel; close it at once. Write on it what it is.',
    passes: 'A drop of it darkens dry soil at once and leaves no bead.',
    step: { needs: ['ventilation'], gives: ['wet alcohol'] },
    examplesMl: [300],
  }),
  mixture({
    id: 'dark-wash',
    name: 'Dark wash',
    makes: 'Dark paint thinned with water, for trunks that are too pale.',
    of: slot('paint', 'Dark paint', paint('#4c3a2c')),
    parts: 1,
    water: 8,
    origin: 'memory',
    text: 'A little water first, until the paint is smooth, then the rest; a drop of detergent.',
    passes: 'Dark in the grooves, all but nothing on the ridges.',
    examplesMl: [100],
  }),
]
