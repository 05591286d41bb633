import type { StockMethod } from '../../makeup'
import type { Coefficient } from '../../quantities'
import { amount, coefficients, minutes, seconds, share } from '../kit/rows'
import type { Draft, Operation } from '../kit/making'
import { clump, foam, only, paint, wool } from '../kit/materials'
import { optional, slot } from '../kit/slot'
import type { StockMaking } from '../kit/way'
import { loadsOf, recipe, wholeBatch } from './recipe'

/** What is torn, shredded and mixed in one go, g. Our estimate. */
const LOAD_G = 60
const GREEN = '#51703a'

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
const foams = coefficients('clump-shredded', {
  all: share('shredded, of what goes in', 0.97),
  shredSec: seconds('shred in small loads', 300),
})
const SPONGE_G = 8
const sponge = coefficients('foam-sponge', {
  medium: share('held by the fine sieve', 0.55),
  fine: share('through it', 0.3),
  soakSec: seconds('cut a load, work paint through it, wring', 480),
  dryMin: minutes('dry through', 2880, 'memory', 'two days'),
  grindSec: seconds('grind a load, sieve it', 360),
})
const moss = coefficients('moss-shredded', {
  all: share('shredded, of what goes in', 0.8),
  shredSec: seconds('shred in small loads, sieve', 240),
})
const catkins = coefficients('leaf-catkin', {
  scales: share('scales, of ripe catkins', 0.55),
  loadG: amount('a load on the sieve', 15, 'g'),
  rubSec: seconds('rub a load apart, blow the seed off', 240),
})

/** In small loads: an overfull jar cuts only the bottom. */
const shred = (on: StockMaking, wholeG: number, of: Coefficient, title: string, draft: Draft): Operation =>
  wholeBatch(on, on.value(of) * loadsOf(wholeG, LOAD_G), 'shred', title, {
    tools: ['blender'],
    faults: ['overfilled-jar'],
    ...draft,
  })

/** What is shredded: each for itself, or together as a scrub of two grades. Common practice; figures from memory. */
export const shredded: readonly StockMethod[] = [
  recipe({
    id: 'scrub-blend',
    name: 'Shredded scrub, two grades',
    makes: 'Lichen and clump foam shredded and mixed, then sieved: coarse for scrub, fine for edges.',
    ingredients: [
      [slot('lichen', 'Lichen', wool('lichen')), 0.4],
      [slot('clump', 'Clump foam', clump(8, GREEN)), 0.4],
      [slot('dark', 'Dark coarse foam', foam(2.6, '#3a5330'), optional), 0.2],
    ],
    outcomes: [
      ['scrub-blend', scrub.coarse],
      ['scrub-fine', scrub.fine],
    ],
    figures: scrub,
    operations: (on, wholeG) => [
      shred(on, wholeG, scrub.shredSec, 'Shred in small loads', {
        text: 'Half of the lichen stays whole, for large texture. Small loads: an overfull jar cuts only the bottom. Clump charges and clings until it is mixed in.',
      }),
      wholeBatch(on, on.value(scrub.mixSec) * loadsOf(wholeG, LOAD_G), 'mix', 'Mix by hand, sieve', {
        text: 'About five minutes by hand. What the sieve holds is for thick growth, what passes for edges and clearings: two jars.',
        tools: ['sieve'],
        passes: 'Large and small pieces of both, evenly.',
      }),
    ],
    exampleG: 60,
  }),
  recipe({
    id: 'lichen-shredded',
    name: 'Shredded lichen',
    makes: 'Lichen torn, dried in the sun for two days, half of it shredded.',
    ingredients: [[slot('lichen', 'Lichen', wool('lichen')), 1]],
    outcomes: [['lichen-shredded', lichen.all]],
    figures: lichen,
    operations: (on, wholeG) => [
      wholeBatch(on, on.value(lichen.tearSec) * loadsOf(wholeG, LOAD_G), 'tear', 'Tear, dry in the sun', {
        text: 'Torn to thumb-sized pieces, needles out, spread thin in the sun and turned; in at night.',
        wait: on.dries(lichen.dryMin, 'Sun-dried, until it is crisp'),
        needs: ['outdoors', 'daylight'],
        cautions: ['gathering', 'dust'],
      }),
      shred(on, wholeG, lichen.shredSec, 'Shred half of it', {
        text: 'Small loads: an overfull jar cuts only the bottom. The other half stays whole, for large texture.',
        passes: 'Crumbs and small branches, no powder.',
      }),
    ],
    exampleG: 40,
  }),
  recipe({
    id: 'clump-shredded',
    name: 'Shredded clump foam',
    makes: 'Clump foam shredded in small loads.',
    ingredients: [[slot('clump', 'Clump foam', clump(8, GREEN)), 1]],
    outcomes: [['clump-shredded', foams.all]],
    figures: foams,
    operations: (on, wholeG) => [
      shred(on, wholeG, foams.shredSec, 'Shred in small loads', {
        text: 'A few seconds at a time. It charges and clings to the jar and to you: tip it straight into the tub that it will be mixed in, or into a paper bag.',
        passes: 'Torn edges, no cubes left.',
      }),
    ],
    exampleG: 40,
  }),
  recipe({
    id: 'foam-sponge',
    name: 'Foam ground at home',
    makes: 'Sponge dyed with thinned paint, dried, ground in small loads and sieved: medium and fine foam.',
    ingredients: [
      [slot('sponge', 'Sponges', only('sponge', 'close-pored sponges', 'piece')), 0.85 / SPONGE_G],
      [slot('paint', 'Green paint, thinned', paint('#56723a')), 0.35],
    ],
    outcomes: [
      ['foam-sponge-medium', sponge.medium],
      ['foam-sponge-fine', sponge.fine],
    ],
    figures: sponge,
    operations: (on, wholeG) => [
      wholeBatch(on, on.value(sponge.soakSec) * loadsOf(wholeG, LOAD_G), 'dye', 'Cut, dye, wring', {
        text: 'Cut to thumb-sized pieces; paint 1 : 6 with water worked through until no pale core is left; wrung out hard, spread on wire.',
        wait: on.dries(sponge.dryMin, 'Dry through: damp foam smears in the blender'),
        tools: ['scissors', 'bowl'],
        cautions: ['wet-bath'],
        faults: ['bleeding-dye'],
        passes: 'Cut one through: green to the core, and dry.',
      }),
      shred(on, wholeG, sponge.grindSec, 'Grind in small loads, sieve', {
        text: 'A few seconds at a time, jar half full; what is still coarse goes back. The fine sieve holds the medium; what passes is fine. Two jars, two labels.',
        tools: ['blender', 'sieve'],
        faults: ['overfilled-jar', 'clung-shreds'],
        passes: 'Grains, no threads; no pale ones.',
      }),
    ],
    exampleG: 60,
  }),
  recipe({
    id: 'moss-shredded',
    name: 'Shredded moss',
    makes: 'Dried moss shredded and its dust sieved off: low growth under trees.',
    ingredients: [[slot('moss', 'Dried moss', only('moss-raw', 'dried moss')), 1]],
    outcomes: [['moss-shredded', moss.all]],
    figures: moss,
    operations: (on, wholeG) => [
      shred(on, wholeG, moss.shredSec, 'Shred in small loads', {
        text: 'Needles and earth out, then a few seconds at a time. The dust is sieved off; keep it dry and dark.',
        tools: ['blender', 'sieve'],
        cautions: ['gathering'],
        faults: ['overfilled-jar', 'insects-in-store'],
        passes: 'Small sprays still whole, no powder.',
      }),
    ],
    exampleG: 30,
  }),
  recipe({
    id: 'leaf-catkin',
    name: 'Leaves from birch catkins',
    makes: 'Ripe catkins rubbed apart, seed blown off: scales that look like single leaves.',
    ingredients: [[slot('catkins', 'Birch catkins', only('catkins-birch', 'ripe birch catkins')), 1]],
    outcomes: [['leaf-catkin', catkins.scales]],
    figures: catkins,
    operations: (on, wholeG) => [
      wholeBatch(
        on,
        on.value(catkins.rubSec) * loadsOf(wholeG, on.value(catkins.loadG)),
        'rub',
        'Rub apart, blow the seed off',
        {
          text: 'Rub them apart over a sieve, outdoors: the round seeds have wings and fly, the scales with three lobes stay. Two days in the freezer before they are boxed.',
          tools: ['sieve'],
          cautions: ['gathering', 'dust'],
          faults: ['insects-in-store'],
          passes: 'Scales alone, no stalks.',
        },
      ),
    ],
    exampleG: 20,
  }),
]
