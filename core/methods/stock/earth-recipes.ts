import type { StockMethod } from '../../makeup'
import type { Coefficient } from '../../quantities'
import type { Draft, Operation } from '../kit/making'
import { only, paint, powder } from '../kit/materials'
import { amount, coefficients, minutes, seconds, share } from '../kit/rows'
import { slot } from '../kit/slot'
import type { StockMaking } from '../kit/way'
import { drying, inOven } from './oven'
import { loadsOf, recipe, wholeBatch } from './recipe'

const soil = coefficients('soil-grades', {
  coarseOfDug: share('coarse, of soil as dug', 0.22),
  mediumOfDug: share('medium', 0.3),
  fineOfDug: share('fine, through a stocking', 0.2),
  loadG: amount('a load in the sieve', 400, 'g'),
  spreadSec: seconds('spread a load', 240),
  sieveSec: seconds('crumble a load, sieve twice, shake through a stocking', 900),
  dryMin: minutes('spread to dry', 2880, 'memory', 'two days'),
  trayG: amount('soil on a tray', 600, 'g', 'memory', 'a layer of 4 mm on 300 × 400 mm'),
  traySec: seconds('spread a tray, stir it once', 120),
  ovenMin: minutes('oven at 100 °C', 60, 'common practice'),
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
const sand = coefficients('sand-grades', {
  fineOfAll: share('fine, of sand as gathered', 0.45),
  coarseOfAll: share('coarse', 0.4),
  loadG: amount('a load in the sieve', 500, 'g'),
  rinseSec: seconds('rinse a load until the water stays clear, spread it', 360),
  sieveSec: seconds('sieve a load twice', 180),
  dryMin: minutes('spread to dry', 1440),
  trayG: amount('wet sand on a tray', 700, 'g', 'memory', 'a layer of 4 mm on 300 × 400 mm'),
  traySec: seconds('spread a tray, stir it once', 120),
  ovenMin: minutes('oven at 100 °C', 60),
})
const clay = coefficients('clay-powder', {
  all: share('powder, of lumps', 0.8),
  loadG: amount('a load in the mortar', 120, 'g'),
  poundSec: seconds('pound a load, shake it through a stocking', 420),
})

/** So much of a tray at a time, an hour each at 100 °C. */
function ovenDried(
  on: StockMaking,
  wholeG: number,
  of: Readonly<Record<'trayG' | 'traySec' | 'ovenMin', Coefficient>>,
  words: Pick<Draft, 'text' | 'faults'>,
): Operation {
  const trays = loadsOf(wholeG, on.value(of.trayG))
  return wholeBatch(on, on.value(of.traySec) * trays, 'bake', 'Dry in the oven', {
    ...words,
    ...inOven(on, of.ovenMin, trays, 100),
    passes: 'Runs like dust, and steams no more.',
  })
}

/** Earths, and sawdust for forest floors. Common practice; shares and times from memory unless marked. */
export const earthRecipes: readonly StockMethod[] = [
  recipe({
    id: 'soil-grades',
    name: 'Soil in three grades',
    makes: 'Dug clay soil dried, crumbled and sieved: coarse, medium, and fine through a stocking.',
    ingredients: [[slot('soil', 'Soil as dug', only('soil-raw', 'clay soil, as dug')), 1]],
    outcomes: [
      ['soil-medium', soil.mediumOfDug],
      ['soil-fine', soil.fineOfDug],
      ['soil-coarse', soil.coarseOfDug],
    ],
    figures: soil,
    options: [drying],
    operations: (on, wholeG) => [
      on.choice('drying') === 'oven'
        ? ovenDried(on, wholeG, soil, {
            text: 'Stones and roots out; a thin layer on the tray, stirred once. What lives in it dies too.',
            faults: ['sprouting-ground'],
          })
        : wholeBatch(
            on,
            60 + on.value(soil.spreadSec) * loadsOf(wholeG, on.value(soil.loadG)),
            'dry',
            'Spread and dry',
            {
              text: 'Stones and roots out; thin on paper, in the sun or a warm room.',
              wait: on.dries(soil.dryMin, 'Dry through'),
            },
          ),
      wholeBatch(
        on,
        on.value(soil.sieveSec) * loadsOf(wholeG, on.value(soil.loadG)),
        'sieve',
        'Crumble and sieve in three',
        {
          text: 'Crumble; what the first sieve holds is coarse, the second medium; shake the rest through a stocking: fine. Three jars, three labels.',
          tools: ['sieve', 'stocking'],
          passes: 'Fine soil floats like flour; no lumps in the medium.',
        },
      ),
    ],
    exampleG: 400,
  }),
  recipe({
    id: 'ground-buff',
    name: 'Ground mix',
    makes: 'Fine soil and pale grout 1 : 1: a light buff ground.',
    ingredients: [
      [slot('soil', 'Fine soil', only('soil-fine', 'fine soil')), 0.5],
      [slot('grout', 'Pale grout', powder('grout', '#c4bfb4')), 0.5],
    ],
    outcomes: [['ground-buff', buff.all]],
    figures: buff,
    operations: (on, wholeG) => [
      wholeBatch(
        on,
        on.value(buff.mixSec) * loadsOf(wholeG, on.value(buff.jarG)),
        'mix',
        'Shake in a closed jar',
        {
          text: 'Equal measures; both weigh much the same. Shake it closed, let the dust settle before you open it.',
          passes: 'One colour, no streaks.',
        },
      ),
    ],
    exampleG: 200,
  }),
  recipe({
    id: 'sawdust-green',
    name: 'Dyed sawdust',
    makes: 'Fine sawdust stirred into thinned dark paint and dried: a little, for forest floors.',
    ingredients: [
      [slot('sawdust', 'Fine sawdust', powder('sawdust', '#a07a4e')), 0.9],
      [slot('paint', 'Dark paint, thinned', paint('#33472c')), 0.3],
    ],
    outcomes: [['sawdust-green', dyed.all]],
    figures: dyed,
    operations: (on, wholeG) => [
      wholeBatch(
        on,
        on.value(dyed.dyeSec) * loadsOf(wholeG, on.value(dyed.bowlG)),
        'dye',
        'Stir into the dye, spread',
        {
          text: 'Paint thinned 1 : 6 with water; stir until no pale grain is left, squeeze, spread on paper.',
          wait: on.dries(dyed.dryMin, 'Dry through'),
          tools: ['bowl'],
          cautions: ['wet-bath'],
          faults: ['mould'],
          passes: 'Dull, and dry to the hand.',
        },
      ),
    ],
    exampleG: 100,
  }),
  recipe({
    id: 'sand-grades',
    name: 'Sand in two grades',
    makes: 'Sand rinsed until the water stays clear, dried, and sieved: fine, and coarse.',
    ingredients: [[slot('sand', 'Sand as gathered', only('sand-raw', 'sand, as gathered')), 1]],
    outcomes: [
      ['sand-fine', sand.fineOfAll],
      ['sand-coarse', sand.coarseOfAll],
    ],
    figures: sand,
    options: [drying],
    operations: (on, wholeG) => {
      const loads = loadsOf(wholeG, on.value(sand.loadG))
      const isBaked = on.choice('drying') === 'oven'
      return [
        wholeBatch(on, on.value(sand.rinseSec) * loads, 'rinse', isBaked ? 'Rinse' : 'Rinse and dry', {
          text: 'Swirl, pour off, again, until the water stays clear; sea sand five times: its salt blooms on the scene. Let it drip off.',
          ...(isBaked ? {} : { wait: on.dries(sand.dryMin, 'Spread thin on paper, dry through') }),
          tools: ['bowl', 'paper'],
          faults: ['salt-bloom'],
        }),
        ...(isBaked
          ? [ovenDried(on, wholeG, sand, { text: 'Drained, in a thin layer on the tray, stirred once.' })]
          : []),
        wholeBatch(on, on.value(sand.sieveSec) * loads, 'sieve', 'Sieve in two', {
          text: 'What the first sieve holds are stones; the second parts coarse from fine. Two jars, two labels.',
          tools: ['sieve'],
          passes: 'Runs like water; no shell that shows its shape.',
        }),
      ]
    },
    exampleG: 400,
  }),
  recipe({
    id: 'clay-powder',
    name: 'Clay powder',
    makes: 'Dry lumps of clay pounded and shaken through a stocking: dust of paths and tracks.',
    ingredients: [[slot('clay', 'Dry clay', only('clay-raw', 'dry lumps of clay')), 1]],
    outcomes: [['clay-powder', clay.all]],
    figures: clay,
    operations: (on, wholeG) => [
      wholeBatch(
        on,
        on.value(clay.poundSec) * loadsOf(wholeG, on.value(clay.loadG)),
        'pound',
        'Pound, shake through a stocking',
        {
          text: 'Bone dry, small loads, mask on; the stocking hangs in a closed bag while it is shaken. Roots and stones stay behind.',
          tools: ['mortar', 'stocking'],
          passes: 'Floats like flour, and marks the thumb.',
        },
      ),
    ],
    exampleG: 150,
  }),
]
