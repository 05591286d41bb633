import { pour, soakingMedium } from '../../adhesives'
import { coefficients, materialsAt, step, use, type StockMethod } from '../../makeup'
import { catalogueRow } from '../../stock'
import { figure, input } from '../../units'

const k = coefficients('soaking-bath', {
  spoilage: { name: 'spoilage', value: 0, unit: '', origin: 'formula', range: [0, 0.5] },
  stirSec: { name: 'pour and stir', value: 180, unit: 's', origin: 'memory', range: [20, 1800] },
})

/** Matte medium and water, mixed ahead: a lot that sprig trees draw on. Common practice for 1 : 5. */
export const soakingBath: StockMethod = {
  id: 'soaking-bath',
  name: 'Soaking bath',
  makes: 'Matte medium 1 : 5 with water, kept covered for the next sprigs.',
  kinds: ['stock'],
  product: 'soaking-bath',
  coefficients: Object.values(k),
  options: [],
  spoilage: k.spoilage,
  slots: () => [{ id: 'medium', label: 'Matte medium', wish: { stuff: 'liquid', liquid: 'matte-medium' } }],
  work(task) {
    const { quantity } = task.job
    const { concentrateMl, waterMl } = pour(quantity, soakingMedium)
    const wanted = input('bath wanted', quantity, 'ml', 'yours')
    const medium = figure(concentrateMl, 'ml', 'bath × 1/6', [wanted], 'common practice')
    const uses = [
      use(task, { slot: 'medium', step: 'mix', label: 'Matte medium', perPiece: medium, total: medium }),
    ]
    return {
      uses,
      pours: [
        {
          title: 'Soaking bath, matte medium 1 : water 5',
          lines: [
            { label: 'Matte medium', figure: medium },
            { label: 'Water', figure: figure(waterMl, 'ml', 'bath × 5/6', [wanted], 'common practice') },
          ],
        },
      ],
      cuts: [],
      yields: [
        {
          label: 'Soaking bath',
          source: 'home-made',
          material: catalogueRow('soaking-bath'),
          quantity: figure(quantity, 'ml', 'as wanted', [wanted], 'yours'),
          shares: materialsAt(uses, 'mix').map((materialId) => ({ materialId, share: 1 })),
        },
      ],
      steps: [
        step({
          id: 'mix',
          title: 'Pour and stir',
          text: 'Water first, a drop of detergent, then the medium; stir until no streaks show. Cover it.',
          hands: { onceSec: task.value(k.stirSec), eachSec: 0, origin: 'memory' },
          tools: ['tub', 'measuring cup'],
          passes: 'Even milk, no streaks on the bottom.',
          cautions: ['wet-bath'],
          faults: ['white-puddles'],
          materialIds: materialsAt(uses, 'mix'),
        }),
      ],
    }
  },
  examples: [
    { kind: 'stock', materialId: 'soaking-bath', quantity: 500, unit: 'ml' },
    { kind: 'stock', materialId: 'soaking-bath', quantity: 20_000, unit: 'ml' },
  ],
}
