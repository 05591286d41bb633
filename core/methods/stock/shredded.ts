import { coefficients, minutes, seconds, share, type StepDraft, type StockMethod } from '../../makeup'
import { loadsOf, recipe } from './recipe'

const once = (sec: number): StepDraft['hands'] => ({
  onceSec: Math.round(sec),
  eachSec: 0,
  origin: 'memory',
})
/** What is torn, shredded and mixed in one go, g. Our estimate. */
const LOAD_G = 60

const scrub = coefficients('scrub-blend', {
  coarse: share('held by the sieve', 0.6),
  fine: share('through it', 0.38),
  shredSec: seconds('shred in small loads', 420),
  mixSec: seconds('mix by hand', 300, 'common practice', 'about five minutes'),
})
const lichen = coefficients('lichen-shredded', {
  all: share('shredded, of what goes in', 0.95),
  tearSec: seconds('tear it apart, spread it', 420),
  dryMin: minutes('sun-dried', 2880, 'common practice', 'two days'),
  shredSec: seconds('shred half of it in small loads', 240),
})
const clump = coefficients('clump-shredded', {
  all: share('shredded, of what goes in', 0.97),
  shredSec: seconds('shred in small loads', 300),
})

/** What is shredded: each for itself, or together as a scrub of two grades. Common practice; figures from memory. */
export const shredded: readonly StockMethod[] = [
  recipe({
    id: 'scrub-blend',
    name: 'Shredded scrub, two grades',
    makes: 'Lichen and clump foam shredded and mixed, then sieved: coarse for scrub, fine for edges.',
    ingredients: [
      { slot: 'lichen', label: 'Lichen', wish: { stuff: 'wool', wool: 'lichen' }, each: 0.4 },
      {
        slot: 'clump',
        label: 'Clump foam',
        wish: { stuff: 'foam', form: 'clump', grainMm: 5, colour: '#51703a' },
        each: 0.4,
      },
      {
        slot: 'dark',
        label: 'Dark coarse foam',
        wish: { stuff: 'foam', form: 'ground', grainMm: 1.4, colour: '#3a5330' },
        each: 0.2,
        optional: true,
      },
    ],
    outcomes: [
      { materialId: 'scrub-blend', share: scrub.coarse },
      { materialId: 'scrub-fine', share: scrub.fine },
    ],
    coefficients: scrub,
    steps: (value, { wholeG }) => [
      {
        id: 'shred',
        title: 'Shred in small loads',
        text: 'Half of the lichen stays whole, for large texture. Small loads: an overfull jar cuts only the bottom. Clump charges and clings until it is mixed in.',
        hands: once(value(scrub.shredSec) * loadsOf(wholeG, LOAD_G)),
        tools: ['blender'],
        cautions: ['dust'],
        faults: ['overfilled-jar'],
      },
      {
        id: 'mix',
        title: 'Mix by hand, sieve',
        text: 'About five minutes by hand. What the sieve holds is for thick growth, what passes for edges and clearings: two jars.',
        hands: once(value(scrub.mixSec) * loadsOf(wholeG, LOAD_G)),
        tools: ['sieve'],
        cautions: ['dust'],
        passes: 'Large and small pieces of both, evenly.',
      },
    ],
    example: 60,
  }),
  recipe({
    id: 'lichen-shredded',
    name: 'Shredded lichen',
    makes: 'Lichen torn, dried in the sun for two days, half of it shredded.',
    ingredients: [{ slot: 'lichen', label: 'Lichen', wish: { stuff: 'wool', wool: 'lichen' }, each: 1 }],
    outcomes: [{ materialId: 'lichen-shredded', share: lichen.all }],
    coefficients: lichen,
    steps: (value, { wholeG, dryMin }) => [
      {
        id: 'tear',
        title: 'Tear, dry in the sun',
        text: 'Torn to thumb-sized pieces, needles out, spread thin in the sun and turned; in at night.',
        hands: once(value(lichen.tearSec) * loadsOf(wholeG, LOAD_G)),
        wait: {
          leastMin: dryMin(value(lichen.dryMin)),
          kind: 'open film',
          what: 'Sun-dried, until it is crisp',
          origin: 'common practice',
        },
        needs: ['outdoors', 'daylight'],
        cautions: ['gathering', 'dust'],
      },
      {
        id: 'shred',
        title: 'Shred half of it',
        text: 'Small loads: an overfull jar cuts only the bottom. The other half stays whole, for large texture.',
        hands: once(value(lichen.shredSec) * loadsOf(wholeG, LOAD_G)),
        tools: ['blender'],
        cautions: ['dust'],
        faults: ['overfilled-jar'],
        passes: 'Crumbs and small branches, no powder.',
      },
    ],
    example: 40,
  }),
  recipe({
    id: 'clump-shredded',
    name: 'Shredded clump foam',
    makes: 'Clump foam shredded in small loads.',
    ingredients: [
      {
        slot: 'clump',
        label: 'Clump foam',
        wish: { stuff: 'foam', form: 'clump', grainMm: 5, colour: '#51703a' },
        each: 1,
      },
    ],
    outcomes: [{ materialId: 'clump-shredded', share: clump.all }],
    coefficients: clump,
    steps: (value, { wholeG }) => [
      {
        id: 'shred',
        title: 'Shred in small loads',
        text: 'A few seconds at a time. It charges and clings to the jar and to you: tip it straight into the tub that it will be mixed in, or into a paper bag.',
        hands: once(value(clump.shredSec) * loadsOf(wholeG, LOAD_G)),
        tools: ['blender'],
        cautions: ['dust'],
        faults: ['overfilled-jar'],
        passes: 'Torn edges, no cubes left.',
      },
    ],
    example: 40,
  }),
]
