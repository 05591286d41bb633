import { exampleArea, examplePiece } from '../kit/examples'
import { judge } from '../kit/fit'
import { liquid, paint, sheet } from '../kit/materials'
import { slot } from '../kit/slot'
import { areaParts } from '../kit/parts'
import { amount, coefficients, seconds, spoilage } from '../kit/rows'
import { dries } from '../kit/setting'
import { profile, way } from '../kit/way'

const k = coefficients('cloth-grass', {
  spoilage: spoilage(0),
  slopeCm2: amount('one slope at once, at most', 900, 'cm²'),
  more: amount('cloth for each cm² of ground', 1.15, 'cm²/cm²'),
  glueMl: amount('wood glue', 0.03, 'ml/cm²'),
  paintMl: amount('paint of each green', 0.006, 'ml/cm²'),
  layMin: dries('pva', 'glue under cloth dries'),
  laySec: seconds('cut the stitching, glue, lay', 240),
  trimSec: amount('trim, snip, vacuum, for each cm²', 1.2, 's/cm²'),
  brushSec: amount('four greens, for each cm²', 6, 's/cm²', 'memory', '10 min for 100 cm²'),
})

/** Four greens, the brightest first. Common practice: bright base, dull, highlight, muddy. */
const GREENS = [
  ['bright', 'Bright base green', '#6f8a3c'],
  ['dull', 'Dull green', '#66704a'],
  ['highlight', 'Highlight, yellow-green', '#a3ab55'],
  ['muddy', 'Muddy brown-green', '#5c4a38'],
] as const

/** Towelling glued over a form and brushed with four greens. Common practice. */
export const clothGrass = way('cloth-grass', 'Cloth grass', {
  makes: 'Towelling glued over the slope, trimmed, brushed nearly dry with four greens, flicked up.',
  kinds: ['area'],
  profile: profile([2, 5], 'puff', 'made one by one', 'handled', [1, 1], 'tuft'),
  seasons: 'spring to autumn',
  figures: k,
  suits: ({ piece }) =>
    judge({
      right: false,
      pro: ['rough grazing on a slope, in one piece', 'no applicator wanted'],
      con: ['a nap like rough grazing: never a lawn, nor a meadow with stems'],
      never: [
        piece.habit !== 'grass' && 'it is the pile of a cloth: short rough grass',
        (piece.heightMm > 8 || piece.heightMm < 1) &&
          `the pile is 2 to 5 mm, this is ${Math.round(piece.heightMm)} mm`,
        piece.sward.mown && 'a mown sward is level, the pile is not',
      ],
    }),
  parts: (job, read) => areaParts(job, read, k.slopeCm2),
  materials: () => [
    slot('cloth', 'Towelling', sheet('cloth', '#c9b365')),
    slot('glue', 'Wood glue', liquid('pva')),
    GREENS.map(([id, label, colour]) => slot(id, label, paint(colour))),
  ],
  operations: (on) => {
    const { ground, partCm2 } = on
    const side = Math.sqrt(partCm2 * on.value(k.more)) * 10
    return [
      on.work('lay', 'Cut, glue, lay', {
        text: 'Cut hems and stitching off. Glue on the form, cloth on it pile side up, pressed into every hollow; pins until it holds.',
        hands: on.value(k.laySec),
        takes: [on.take('cloth', [ground, k.more]), on.take('glue', [ground, k.glueMl])],
        cuts: [{ slot: 'cloth', what: 'piece of cloth', count: on.started, lengthMm: side, widthMm: side }],
        wait: on.rests(k.layMin, 'Dry under the cloth, overnight', 'closed joint', 'pva'),
        tools: ['scissors', 'knife'],
      }),
      on.work('trim', 'Trim and vacuum', {
        text: 'Shear the loops here and there, deeper on paths and around rock; tear the edges; vacuum.',
        hands: on.value(k.trimSec) * partCm2,
        tools: ['scissors', 'vacuum'],
        cautions: ['dust'],
        faults: ['straight-edge'],
      }),
      on.work('brush', 'Four greens, brushed nearly dry', {
        text: 'Toothbrush wiped nearly dry, skimming: bright base, dull over it, highlight on what faces up, mud in hollows; unevenly. Flick the pile up while it dries.',
        hands: [on.value(k.brushSec) * partCm2, 60],
        takes: GREENS.map(([id]) => on.take(id, [ground, k.paintMl])),
        wait: on.sets('brush-paint', 'Let the paint dry'),
        tools: ['toothbrush'],
        faults: ['matted-cloth', 'orange-cast'],
      }),
      on.inspect('No flat clumps, no hem.', ['matted-cloth', 'straight-edge']),
    ]
  },
  examples: [exampleArea(examplePiece('grass', 'blades', 4), 800)],
})
