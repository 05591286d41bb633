import type { StockMethod } from '../../makeup'
import { only, paint, powder } from '../kit/materials'
import { amount, coefficients, minutes, seconds, share } from '../kit/rows'
import { slot } from '../kit/slot'
import { loadsOf, recipe, wholeBatch } from './recipe'

const soil = coefficients('soil-grades', {
  coarseOfDug: share('coarse, of soil as dug', 0.22),
  mediumOfDug: share('medium', 0.3),
  fineOfDug: share('fine, through a stocking', 0.2),
  loadG: amount('a load in the sieve', 400, 'g'),
  spreadSec: seconds('spread a load', 240),
  sieveSec: seconds('crumble a load, sieve twice, shake through a stocking', 900),
  dryMin: minutes('spread to dry', 2880, 'memory', 'two days'),
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
    operations: (on, wholeG) => [
      wholeBatch(
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
          tools: ['sieve'],
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
]
