import { soakingMedium } from '../../adhesives'
import {
  coefficients,
  materialsAt,
  seconds,
  step,
  use,
  type Step,
  type StockMethod,
  type Wish,
} from '../../makeup'
import { fact, figure, product, type Expression } from '../../quantities'
import { catalogueRow } from '../../stock'
import { counted, type Origin } from '../../units'

/** What is poured of one material into water, by volume. */
interface Mixture {
  readonly id: string
  readonly name: string
  readonly makes: string
  readonly slot: string
  readonly label: string
  readonly wish: Wish
  /** Parts of it, and of water. */
  readonly parts: number
  readonly water: number
  readonly origin: Origin
  readonly text: string
  readonly passes: string
  readonly step?: Partial<Pick<Step, 'cautions' | 'faults' | 'needs' | 'gives'>>
  readonly examplesMl: readonly number[]
}

/** A mixture as a way of making stock: so much of it is poured, covered and labelled. */
function mixtureMethod(of: Mixture): StockMethod {
  const k = coefficients(of.id, {
    spoilage: { name: 'spoilage', value: 0, unit: '', origin: 'formula', range: [0, 0.5] },
    stirSec: seconds('pour and stir', 180),
  })
  const { keepsDays } = catalogueRow(of.id)
  const whole = of.parts + of.water
  return {
    id: of.id,
    name: of.name,
    makes: of.makes,
    kinds: ['stock'],
    product: of.id,
    coefficients: Object.values(k),
    options: [],
    spoilage: k.spoilage,
    slots: () => [{ id: of.slot, label: of.label, wish: of.wish }],
    work(task) {
      const { quantity } = task.job
      const wanted = fact('wanted', quantity, 'ml', 'line')
      const share = (parts: number): Expression =>
        product(wanted, fact('its part', parts / whole, '', of.origin, `${parts} of ${whole}`))
      const poured = share(of.parts)
      const uses = [use(task, { slot: of.slot, step: 'mix', label: of.label, each: poured, total: poured })]
      return {
        uses,
        pours: [
          {
            title: `${of.name}, ${of.label.toLowerCase()} ${of.parts} : water ${of.water}`,
            lines: [
              { label: of.label, figure: figure(poured, 'ml') },
              { label: 'Water', figure: figure(share(of.water), 'ml') },
            ],
          },
        ],
        cuts: [],
        yields: [
          {
            label: of.name,
            source: 'home-made',
            material: catalogueRow(of.id),
            quantity: figure(wanted, 'ml'),
            shares: materialsAt(uses, 'mix').map((materialId) => ({ materialId, share: 1 })),
          },
        ],
        steps: [
          step({
            id: 'mix',
            title: 'Pour, stir, cover, label',
            text: `${of.text} Write the day on the lid${keepsDays === undefined ? '' : `: it keeps about ${counted(keepsDays, 'day')}`}.`,
            hands: { onceSec: task.value(k.stirSec), eachSec: 0, origin: 'memory' },
            tools: ['tub', 'measuring cup'],
            passes: of.passes,
            cautions: ['wet-bath'],
            materialIds: materialsAt(uses, 'mix'),
            ...of.step,
          }),
        ],
      }
    },
    examples: of.examplesMl.map((quantity) => ({
      kind: 'stock',
      materialId: of.id,
      quantity,
      unit: 'ml',
    })),
  }
}

/** Baths, watered glues and washes that are mixed ahead. Their ratios: common practice, but for the wash. */
export const mixtureMethods: readonly StockMethod[] = [
  mixtureMethod({
    id: 'soaking-bath',
    name: 'Soaking bath',
    makes: 'Matte medium 1 : 5 with water, kept covered for the next sprigs.',
    slot: 'medium',
    label: 'Matte medium',
    wish: { stuff: 'liquid', liquid: 'matte-medium' },
    parts: soakingMedium.concentrate,
    water: soakingMedium.water,
    origin: 'common practice',
    text: 'Water first, a drop of detergent, then the medium; stir until no streaks show.',
    passes: 'Even milk, no streaks on the bottom.',
    step: { faults: ['white-puddles'] },
    examplesMl: [500, 20_000],
  }),
  mixtureMethod({
    id: 'sealing-water',
    name: 'Sealing water',
    makes: 'PVA 1 : 3 with water, to run into ground and litter that has been wetted.',
    slot: 'pva',
    label: 'PVA',
    wish: { stuff: 'liquid', liquid: 'pva' },
    parts: 1,
    water: 3,
    origin: 'common practice',
    text: 'Water first, a drop of detergent, then PVA; shake it in a closed bottle.',
    passes: 'Runs through the sprayer without strings.',
    step: { faults: ['white-puddles'] },
    examplesMl: [500, 5_000],
  }),
  mixtureMethod({
    id: 'ground-medium',
    name: 'Ground glue',
    makes: 'Matte medium 3 : 1 with water, the coat that bare ground is set in.',
    slot: 'medium',
    label: 'Matte medium',
    wish: { stuff: 'liquid', liquid: 'matte-medium' },
    parts: 3,
    water: 1,
    origin: 'common practice',
    text: 'Stir the water into the medium a little at a time, without beating air in.',
    passes: 'Runs off the brush like cream.',
    examplesMl: [200],
  }),
  mixtureMethod({
    id: 'wetting-mist',
    name: 'Wetting mist',
    makes: 'Alcohol and water, so that dilute glue runs in instead of beading up.',
    slot: 'alcohol',
    label: 'Wetting alcohol',
    wish: { stuff: 'liquid', liquid: 'alcohol' },
    parts: 7,
    water: 3,
    origin: 'memory',
    text: 'Into the sprayer itself, by a funnel; close it at once. Write on it what it is.',
    passes: 'A drop of it darkens dry soil at once and leaves no bead.',
    step: { needs: ['ventilation'], gives: ['wet alcohol'] },
    examplesMl: [300],
  }),
  mixtureMethod({
    id: 'dark-wash',
    name: 'Dark wash',
    makes: 'Dark paint thinned with water, for trunks that are too pale.',
    slot: 'paint',
    label: 'Dark paint',
    wish: { stuff: 'liquid', liquid: 'paint', colour: '#4c3a2c' },
    parts: 1,
    water: 8,
    origin: 'memory',
    text: 'A little water first, until the paint is smooth, then the rest; a drop of detergent.',
    passes: 'Dark in the grooves, all but nothing on the ridges.',
    examplesMl: [100],
  }),
]
