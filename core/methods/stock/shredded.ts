import type { StockMethod } from '../../makeup'
import type { Coefficient } from '../../quantities'
import { coefficients, minutes, seconds, share } from '../kit/rows'
import type { Draft, Operation } from '../kit/making'
import { clump, foam, wool } from '../kit/materials'
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
]
