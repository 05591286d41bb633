import {
  amount,
  coefficients,
  minutes,
  seconds,
  share,
  type StepDraft,
  type StockMethod,
  type Wish,
} from '../../makeup'
import { loadsOf, recipe } from './recipe'

const only = (materialId: string, words: string): Wish => ({ stuff: 'other', materialId, words })
const once = (sec: number): StepDraft['hands'] => ({
  onceSec: Math.round(sec),
  eachSec: 0,
  origin: 'memory',
})
/** An hour for each tray: one is in the oven at a time. */
const ovenWait = (min: number, trays: number): StepDraft['wait'] => ({
  leastMin: min * trays,
  kind: 'cure',
  what:
    trays > 1
      ? `${trays} trays, an hour each at 80 °C, until fully dry`
      : 'An hour at 80 °C, until fully dry',
  origin: 'common practice',
  attended: true,
})

const soil = coefficients('soil-grades', {
  coarseOfDug: share('coarse, of soil as dug', 0.22),
  mediumOfDug: share('medium', 0.3),
  fineOfDug: share('fine, through a stocking', 0.2),
  loadG: amount('a load in the sieve', 400, 'g'),
  spreadSec: seconds('spread a load', 240),
  sieveSec: seconds('crumble a load, sieve twice, shake through a stocking', 900),
  dryMin: minutes('spread to dry', 2880, 'memory', 'two days'),
})
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
const buff = coefficients('ground-buff', {
  all: share('all of it', 1, 'formula'),
  jarG: amount('a jar to be shaken', 250, 'g'),
  mixSec: seconds('mix a closed jar', 180),
})
const dyed = coefficients('sawdust-green', {
  all: share('dyed, of what goes in', 0.95),
  bowlG: amount('a bowl of sawdust', 150, 'g'),
  dyeSec: seconds('sieve a bowl, stir into the dye, spread', 600),
  dryMin: minutes('spread to dry', 1440),
})

/** Stock made at home from other stock. Common practice; shares and times from memory unless marked. */
export const recipes: readonly StockMethod[] = [
  recipe({
    id: 'soil-grades',
    name: 'Soil in three grades',
    makes: 'Dug clay soil dried, crumbled and sieved: coarse, medium, and fine through a stocking.',
    ingredients: [
      { slot: 'soil', label: 'Soil as dug', wish: only('soil-raw', 'clay soil, as dug'), each: 1 },
    ],
    outcomes: [
      { materialId: 'soil-medium', share: soil.mediumOfDug },
      { materialId: 'soil-fine', share: soil.fineOfDug },
      { materialId: 'soil-coarse', share: soil.coarseOfDug },
    ],
    coefficients: soil,
    steps: (value, { wholeG, dryMin }) => [
      {
        id: 'dry',
        title: 'Spread and dry',
        text: 'Stones and roots out; thin on paper, in the sun or a warm room.',
        hands: once(60 + value(soil.spreadSec) * loadsOf(wholeG, value(soil.loadG))),
        wait: {
          leastMin: dryMin(value(soil.dryMin)),
          kind: 'open film',
          what: 'Dry through',
          origin: 'memory',
        },
      },
      {
        id: 'sieve',
        title: 'Crumble and sieve in three',
        text: 'Crumble; what the first sieve holds is coarse, the second medium; shake the rest through a stocking: fine. Three jars, three labels.',
        hands: once(value(soil.sieveSec) * loadsOf(wholeG, value(soil.loadG))),
        tools: ['sieve'],
        cautions: ['dust'],
        passes: 'Fine soil floats like flour; no lumps in the medium.',
      },
    ],
    example: 400,
  }),
  recipe({
    id: 'leaf-litter',
    name: 'Ground leaves',
    makes:
      'Gathered leaves dried at 80 °C, blended for half a minute, both the coarse and the dust sieved off.',
    ingredients: [
      {
        slot: 'leaves',
        label: 'Leaves as gathered',
        wish: only('leaves-raw', 'fallen leaves, as gathered'),
        each: 1,
      },
    ],
    outcomes: [{ materialId: 'leaf-litter', share: leaves.litter }],
    coefficients: leaves,
    steps: (value, { wholeG }) => [
      {
        id: 'dry',
        title: 'Clean and dry',
        text: 'Stalks and pests out; thin on the tray, an hour at 80 °C until a leaf breaks.',
        hands: once(120 + value(leaves.cleanSec) * loadsOf(wholeG, value(leaves.trayG))),
        wait: ovenWait(value(leaves.ovenMin), loadsOf(wholeG, value(leaves.trayG))),
        tools: ['oven tray'],
        cautions: ['oven', 'gathering'],
        faults: ['mould'],
      },
      {
        id: 'blend',
        title: 'Blend, sieve both ends off',
        text: 'Small loads, 20 to 30 s; an overfull jar cuts only the bottom. Sieve off the coarse, and the dust.',
        hands: once(60 + value(leaves.blendLoadSec) * loadsOf(wholeG, value(leaves.loadG))),
        tools: ['blender', 'sieve'],
        cautions: ['dust'],
        faults: ['overfilled-jar'],
        passes: 'Flakes of one size, no dust.',
      },
    ],
    example: 60,
  }),
  recipe({
    id: 'coffee-dried',
    name: 'Dried coffee grounds',
    makes: 'Wet grounds dried at 80 °C until nothing clumps.',
    ingredients: [
      { slot: 'coffee', label: 'Wet grounds', wish: only('coffee-wet', 'wet coffee grounds'), each: 1 },
    ],
    outcomes: [{ materialId: 'coffee-grounds', share: coffee.dry }],
    coefficients: coffee,
    steps: (value, { wholeG }) => [
      {
        id: 'dry',
        title: 'Dry in the oven',
        text: 'Thin on the tray, an hour at 80 °C, stirred now and then, until fully dry: damp grounds mould.',
        hands: once(value(coffee.spreadSec) * loadsOf(wholeG, value(coffee.trayG))),
        wait: ovenWait(value(coffee.ovenMin), loadsOf(wholeG, value(coffee.trayG))),
        tools: ['oven tray'],
        cautions: ['oven'],
        faults: ['mould'],
        passes: 'Runs like dry sand.',
      },
    ],
    example: 80,
  }),
  recipe({
    id: 'ground-buff',
    name: 'Ground mix',
    makes: 'Fine soil and pale grout 1 : 1: a light buff ground.',
    ingredients: [
      {
        slot: 'soil',
        label: 'Fine soil',
        wish: only('soil-fine', 'fine soil'),
        each: 0.5,
      },
      {
        slot: 'grout',
        label: 'Pale grout',
        wish: { stuff: 'powder', powder: 'grout', colour: '#c4bfb4' },
        each: 0.5,
      },
    ],
    outcomes: [{ materialId: 'ground-buff', share: buff.all }],
    coefficients: buff,
    steps: (value, { wholeG }) => [
      {
        id: 'mix',
        title: 'Shake in a closed jar',
        text: 'Equal measures; both weigh much the same. Shake it closed, let the dust settle before you open it.',
        hands: once(value(buff.mixSec) * loadsOf(wholeG, value(buff.jarG))),
        cautions: ['grout', 'dust'],
        passes: 'One colour, no streaks.',
      },
    ],
    example: 200,
  }),
  recipe({
    id: 'sawdust-green',
    name: 'Dyed sawdust',
    makes: 'Fine sawdust stirred into thinned dark paint and dried: a little, for forest floors.',
    ingredients: [
      {
        slot: 'sawdust',
        label: 'Fine sawdust',
        wish: { stuff: 'powder', powder: 'sawdust', colour: '#a07a4e' },
        each: 0.9,
      },
      {
        slot: 'paint',
        label: 'Dark paint, thinned',
        wish: { stuff: 'liquid', liquid: 'paint', colour: '#33472c' },
        each: 0.3,
      },
    ],
    outcomes: [{ materialId: 'sawdust-green', share: dyed.all }],
    coefficients: dyed,
    steps: (value, { wholeG, dryMin }) => [
      {
        id: 'dye',
        title: 'Stir into the dye, spread',
        text: 'Paint thinned 1 : 6 with water; stir until no pale grain is left, squeeze, spread on paper.',
        hands: once(value(dyed.dyeSec) * loadsOf(wholeG, value(dyed.bowlG))),
        wait: {
          leastMin: dryMin(value(dyed.dryMin)),
          kind: 'open film',
          what: 'Dry through',
          origin: 'memory',
        },
        tools: ['bowl'],
        cautions: ['wet-bath', 'dust'],
        faults: ['mould'],
        passes: 'Dull, and dry to the hand.',
      },
    ],
    example: 100,
  }),
]
