import type { StockMethod } from '../../makeup'
import { only } from '../kit/materials'
import { amount, coefficients, minutes, seconds, share } from '../kit/rows'
import { slot } from '../kit/slot'
import { inOven } from './oven'
import { loadsOf, recipe, wholeBatch } from './recipe'

const leaves = coefficients('leaf-litter', {
  litter: share('litter, of raw leaves', 0.5),
  loadG: amount('a load in the blender', 20, 'g'),
  trayG: amount('leaves on a tray', 120, 'g'),
  cleanSec: seconds('clean and spread a tray', 300),
  blendLoadSec: seconds('blend a load, sieve off both ends', 100),
  ovenMin: minutes('oven at 80 °C', 60, 'common practice'),
})
const coffee = coefficients('coffee-dried', {
  dry: share('dry, of wet grounds', 0.45),
  trayG: amount('wet grounds on a tray', 225, 'g', 'memory', 'eight trays of 1.8 kg'),
  spreadSec: seconds('spread a tray, stir now and then', 180),
  ovenMin: minutes('oven at 80 °C', 60, 'common practice'),
})

const tea = coefficients('tea-leaves', {
  dry: share('dry, of wet leaves', 0.25),
  trayG: amount('wet leaves on a tray', 200, 'g'),
  spreadSec: seconds('spread a tray, part the lumps', 180),
  rubSec: seconds('rub a tray of it through the sieve', 120),
  ovenMin: minutes('oven at 80 °C', 60, 'common practice'),
})
const bark = coefficients('bark-crumbs', {
  crumbs: share('crumbs, of fallen bark', 0.75),
  trayG: amount('bark on a tray', 250, 'g'),
  spreadSec: seconds('brush off and spread a tray', 240),
  loadG: amount('a load in the mortar', 60, 'g'),
  crushSec: seconds('crush a load, sieve it', 180),
  ovenMin: minutes('oven at 80 °C', 60),
})

/** Stock that is dried in the oven. Common practice; shares and times from memory unless marked. */
export const ovenRecipes: readonly StockMethod[] = [
  recipe({
    id: 'leaf-litter',
    name: 'Ground leaves',
    makes:
      'Gathered leaves dried at 80 °C, blended for half a minute, both the coarse and the dust sieved off.',
    ingredients: [
      [slot('leaves', 'Leaves as gathered', only('leaves-raw', 'fallen leaves, as gathered')), 1],
    ],
    outcomes: [['leaf-litter', leaves.litter]],
    figures: leaves,
    operations: (on, wholeG) => {
      const trays = loadsOf(wholeG, on.value(leaves.trayG))
      return [
        wholeBatch(on, 120 + on.value(leaves.cleanSec) * trays, 'dry', 'Clean and dry', {
          text: 'Stalks and pests out; thin on the tray, an hour at 80 °C until a leaf breaks.',
          ...inOven(on, leaves.ovenMin, trays, 80),
          cautions: ['gathering'],
          faults: ['mould'],
        }),
        wholeBatch(
          on,
          60 + on.value(leaves.blendLoadSec) * loadsOf(wholeG, on.value(leaves.loadG)),
          'blend',
          'Blend, sieve both ends off',
          {
            text: 'Small loads, 20 to 30 s; an overfull jar cuts only the bottom. Sieve off the coarse, and the dust.',
            tools: ['blender', 'sieve'],
            faults: ['overfilled-jar'],
            passes: 'Flakes of one size, no dust.',
          },
        ),
      ]
    },
    exampleG: 60,
  }),
  recipe({
    id: 'coffee-dried',
    name: 'Dried coffee grounds',
    makes: 'Wet grounds dried at 80 °C until nothing clumps.',
    ingredients: [[slot('coffee', 'Wet grounds', only('coffee-wet', 'wet coffee grounds')), 1]],
    outcomes: [['coffee-grounds', coffee.dry]],
    figures: coffee,
    operations: (on, wholeG) => {
      const trays = loadsOf(wholeG, on.value(coffee.trayG))
      return [
        wholeBatch(on, on.value(coffee.spreadSec) * trays, 'dry', 'Dry in the oven', {
          text: 'Thin on the tray, an hour at 80 °C, stirred now and then, until fully dry: damp grounds mould.',
          ...inOven(on, coffee.ovenMin, trays, 80),
          faults: ['mould'],
          passes: 'Runs like dry sand.',
        }),
      ]
    },
    exampleG: 80,
  }),
  recipe({
    id: 'tea-leaves',
    name: 'Dried tea leaves',
    makes: 'Used tea leaves dried at 80 °C and rubbed through a sieve: dark, fine litter.',
    ingredients: [[slot('tea', 'Wet tea leaves', only('tea-wet', 'wet tea leaves')), 1]],
    outcomes: [['tea-leaves', tea.dry]],
    figures: tea,
    operations: (on, wholeG) => {
      const trays = loadsOf(wholeG, on.value(tea.trayG))
      return [
        wholeBatch(on, on.value(tea.spreadSec) * trays, 'dry', 'Dry in the oven', {
          text: 'Wrung out, lumps parted, thin on the tray; an hour at 80 °C, stirred now and then.',
          ...inOven(on, tea.ovenMin, trays, 80),
          faults: ['mould'],
          passes: 'A pinch crumbles and does not stick.',
        }),
        wholeBatch(on, on.value(tea.rubSec) * trays, 'rub', 'Rub through the sieve', {
          text: 'Stalks stay behind. Two days in the freezer, in a closed bag, before it goes on the shelf.',
          tools: ['sieve'],
          faults: ['insects-in-store'],
          passes: 'Dark flakes of one size, no stalks.',
        }),
      ]
    },
    exampleG: 40,
  }),
  recipe({
    id: 'bark-crumbs',
    name: 'Crumbled bark',
    makes: 'Fallen pine bark dried at 80 °C, crushed and sieved: rock and broken wood of forest floors.',
    ingredients: [[slot('bark', 'Fallen bark', only('bark-pine', 'fallen pine bark')), 1]],
    outcomes: [['bark-crumbs', bark.crumbs]],
    figures: bark,
    operations: (on, wholeG) => {
      const trays = loadsOf(wholeG, on.value(bark.trayG))
      return [
        wholeBatch(on, on.value(bark.spreadSec) * trays, 'dry', 'Brush off, dry in the oven', {
          text: 'Earth and moss brushed off outdoors; an hour at 80 °C, so that nothing that lived in it comes along.',
          ...inOven(on, bark.ovenMin, trays, 80),
          cautions: ['gathering'],
          faults: ['insects-in-store'],
        }),
        wholeBatch(
          on,
          on.value(bark.crushSec) * loadsOf(wholeG, on.value(bark.loadG)),
          'crush',
          'Crush in small loads, sieve',
          {
            text: 'Press and roll rather than pound; what splits along the grain stays as it is, for fallen wood. The dust is sieved off.',
            tools: ['mortar', 'sieve'],
            passes: 'Angular crumbs of 2 to 4 mm, no dust.',
          },
        ),
      ]
    },
    exampleG: 100,
  }),
]
