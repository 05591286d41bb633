import type { StockMethod } from '../../makeup'
import { catalogueRow } from '../../stock'
import { only, paint } from '../kit/materials'
import { amount, coefficients, minutes, seconds, share } from '../kit/rows'
import { slot } from '../kit/slot'
import { loadsOf, recipe, wholeBatch } from './recipe'

/** What is combed out and cut in one go, g. Our estimate. */
const LOAD_G = 25

/** Rope that so much comes of, mm/g. Hemp of 10 mm weighs 70 g a metre, from memory. */
const mmPerG = (ropeId: string): number => 1000 / (catalogueRow(ropeId).metreG ?? 70)

const cutting = (id: string, kept: number) =>
  coefficients(id, {
    cut: share('cut, of rope', kept),
    cutSec: seconds('unlay, comb and cut a load', 420),
  })
const sisal = cutting('sisal-cut', 0.9)
const hemp = cutting('hemp-cut', 0.8)
const pastel = coefficients('pastel-green', {
  powder: share('powder, of a stick', 0.95),
  loadG: amount('a jar lid of powder', 5, 'g'),
  scrapeSec: seconds('scrape a lid full', 240),
})
const dyed = coefficients('wool-dyed-green', {
  all: share('dyed, of what goes in', 0.95),
  bathG: amount('wool in one bath', 20, 'g'),
  dyeSec: seconds('tear, work through the bath, wring, hang', 420),
  teaseSec: seconds('tease it open again', 240),
  dryMin: minutes('hung to dry', 1440),
})

const cutRope = (
  of: 'sisal' | 'hemp',
  figures: typeof sisal,
  { makes, text }: { readonly makes: string; readonly text: string },
): StockMethod =>
  recipe({
    id: `${of}-cut`,
    name: `${of === 'sisal' ? 'Sisal' : 'Hemp'}, cut to length`,
    makes,
    ingredients: [
      [
        slot('rope', `${of === 'sisal' ? 'Sisal' : 'Hemp'} rope`, only(`${of}-rope`, `${of} rope`, 'mm')),
        mmPerG(`${of}-rope`),
      ],
    ],
    outcomes: [[`${of}-cut`, figures.cut]],
    figures,
    operations: (on, wholeG) => [
      wholeBatch(on, on.value(figures.cutSec) * loadsOf(wholeG, LOAD_G), 'cut', 'Unlay, comb, cut', {
        text,
        tools: ['scissors', 'steel rule', 'paper'],
        cautions: ['dust'],
        passes: 'All of one length within a millimetre or two; no knots.',
      }),
    ],
    exampleG: 50,
  })

/** What is cut, scraped or dyed at home. Common practice; shares and times from memory unless marked. */
export const cutAndDyed: readonly StockMethod[] = [
  cutRope('sisal', sisal, {
    makes: 'Sisal rope unlaid, combed and cut to 12 mm: coarse, stiff stems for the edge of fields.',
    text: 'Unlay a hand’s length, comb the strands straight, wrap the bundle in paper and cut through both, 12 mm at a time. What is combed out fills banks.',
  }),
  cutRope('hemp', hemp, {
    makes: 'Hemp rope unlaid, combed and cut to 12 mm: soft dead stems, to be sprinkled.',
    text: 'Unlay a hand’s length and open it with the fingers; comb until no clump is left, wrap it in paper and cut through both, 12 mm at a time.',
  }),
  recipe({
    id: 'pastel-green',
    name: 'Pastel scraped to powder',
    makes: 'A soft pastel scraped over a lid: tone for conifers and paths.',
    ingredients: [
      [
        slot('stick', 'Soft pastel', only('pastel-stick-green', 'a soft pastel', 'piece')),
        1 / (catalogueRow('pastel-stick-green').pieceG ?? 9),
      ],
    ],
    outcomes: [['pastel-green', pastel.powder]],
    figures: pastel,
    operations: (on, wholeG) => [
      wholeBatch(
        on,
        on.value(pastel.scrapeSec) * loadsOf(wholeG, on.value(pastel.loadG)),
        'scrape',
        'Scrape over a lid',
        {
          text: 'Blade upright, drawn along the stick and away from the fingers, over a lid; grit is pressed flat with the blade. Window shut, mask on.',
          tools: ['knife'],
          cautions: ['dust'],
          passes: 'Powder between the fingers, no grit.',
        },
      ),
    ],
    exampleG: 8,
  }),
  recipe({
    id: 'wool-dyed-green',
    name: 'Dyed filter wool',
    makes: 'Filter wool worked through thinned paint, hung to dry, teased open again.',
    ingredients: [
      [slot('wool', 'Filter wool', only('filter-wool', 'undyed filter wool')), 0.95],
      [slot('paint', 'Pale green paint, thinned', paint('#a3ab55')), 0.25],
    ],
    outcomes: [['wool-dyed-green', dyed.all]],
    figures: dyed,
    operations: (on, wholeG) => {
      const baths = loadsOf(wholeG, on.value(dyed.bathG))
      return [
        wholeBatch(on, on.value(dyed.dyeSec) * baths, 'dye', 'Dye, wring, hang', {
          text: 'Torn to hand-sized pieces; paint 1 : 8 with water, duller than it is to look, since thin wool lets light through. Wrung out, hung so that nothing drips on it.',
          wait: on.dries(dyed.dryMin, 'Hung to dry'),
          tools: ['bowl', 'drying line'],
          cautions: ['wet-bath'],
          faults: ['bleeding-dye'],
        }),
        wholeBatch(on, on.value(dyed.teaseSec) * baths, 'tease', 'Tease it open', {
          text: 'Paint glues it together: pull it apart until it is as loose as before. Crumbs of dry paint are shaken out.',
          passes: 'No white thread, no hard spot; it can be seen through.',
        }),
      ]
    },
    exampleG: 40,
  }),
]
