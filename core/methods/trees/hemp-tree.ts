import { isBushy } from '../../commissions'
import { fact, sum } from '../../quantities'
import { amount, coefficients, seconds, share, spoilage, sticking } from '../kit/rows'
import { dress, dressSlots, snowOnly, snowOption, type Dressing } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { dressing } from '../kit/figures'
import { isBare, judgeTree, type Sizes } from '../kit/fit'
import { liquid, rod, sprayPaint } from '../kit/materials'
import { slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'

const SIZES: Sizes = { well: [25, 80] }
/** The wet paint holds half of the leaf; adhesive and a second throw the rest, where it is wanted dense. */
const k = coefficients('hemp-tree', {
  spoilage: spoilage(0.05),
  leafAiry: share('leaf in the wet paint, of the foliage', 0.75, 'memory', 'strands make up the rest'),
  leafDense: share('leaf in the wet paint, of the foliage, where more follows', 0.5),
  extra: amount('rope besides the height', 10, 'mm'),
  neckCa: amount('CA around a neck, for each mm of rope', 0.007, 'ml/mm'),
  sticks: sticking('leaf sticks in wet paint, of what is thrown', 0.35),
  poolPva: amount('PVA in the pool for a foot, for each mm of rope', 0.04, 'ml/mm'),
  openSec: seconds('open the end', 60),
  neckSec: seconds('CA around the neck, cut below', 10),
  colourSec: seconds('colour, leaf in the wet', 20),
  poolSec: seconds('set in the pool', 20),
  filled: share('covered before the leaf, of what is seen', 0.5),
})

const dense: Dressing = { adhesive: 'hairspray', form: 'leaf', filled: k.filled }

/** The rope that opens to a crown of its size, mm. Our estimate. */
const ropeMm = ({ heightMm }: { readonly heightMm: number }): number => Math.max(4, heightMm * 0.15)

/** A bush or low tree from the opened end of a hemp rope. Common practice. */
export const hempTree = way('hemp-tree', 'Hemp tree', {
  makes: 'The end of a hemp rope opened to its height, CA at the neck, colour, leaf in the wet paint.',
  kinds: ['pieces', 'length'],
  profile: profile(SIZES.well, 'branches', 'mass-made', 'handled', [5, 10], 'hemp'),
  seasons: 'in leaf',
  setsInPlace: true,
  figures: k,
  options: [
    option(
      'density',
      'Leaf',
      ['airy', 'in the paint alone', 'airy: leaf only where the wet paint holds it'],
      ['dense', 'adhesive too', 'denser: a mist of adhesive and more leaf'],
    ),
    snowOption,
  ],
  suits({ piece, kind }) {
    const low = isBushy(piece) || (piece.habit === 'broadleaf' && piece.heightMm < 80)
    return judgeTree(piece, SIZES, {
      bushes: true,
      right: low && !isBare(piece) && piece.seeThrough >= 0.18,
      pro: [
        'twigs are seen through the leaf: neither a puff nor a stick',
        'a minute and a half of hands, from a rope that lasts for hundreds',
        'core and leaf in any colour',
      ],
      con: [
        kind === 'length' && 'set bush by bush: without the bank and the skeleton of a hedge',
        piece.seeThrough < 0.18 && 'strands stay airy; this plant is dense',
        isBare(piece) && 'bare, it is the end of a rope',
        piece.habit === 'broadleaf' &&
          piece.clearStemMm > piece.heightMm * 0.3 &&
          'its strands part at the neck: a long clear stem is not in it',
      ],
      never: [piece.habit === 'conifer' && 'a rope has no leader'],
    })
  },
  materials: ({ piece }, choice) => [
    slot('rope', 'Hemp rope', rod('rope', ropeMm(piece))),
    slot('ca', 'CA', liquid('ca')),
    slot('core-paint', 'Colour of the strands', sprayPaint('#5f4a37')),
    // In the paint alone one leaf is enough, and no adhesive but for snow.
    dressSlots(piece, dense, choice).filter(
      ({ id }) =>
        choice('density') === 'dense' ||
        (id !== 'highlight' && (id !== 'adhesive' || choice('snow') === 'laden')),
    ),
    slot('pva', 'PVA for the pool', liquid('pva')),
  ],
  operations: (on) => {
    const { heightMm } = on.piece
    const more = on.choice('density') === 'dense'
    const rope = fact('rope', ropeMm(on.piece), 'mm', 'formula', 'its thickness')
    const size = heightMm / 50
    const inPaint = on.input(more ? k.leafDense : k.leafAiry)
    return [
      on.work('open', 'Open the end', {
        text: `Untwist the rope’s end over ${Math.round(heightMm)} mm and bend every strand out, no two alike: straight ones make a broom.`,
        hands: on.value(k.openSec) * size,
        takes: [on.take('rope', sum(on.height, on.input(k.extra)))],
        cuts: [
          { slot: 'rope', what: 'rope ends', count: on.started, lengthMm: heightMm + on.value(k.extra) },
        ],
        tools: ['tweezers'],
        faults: ['broom-shape'],
      }),
      on.work('neck', 'CA at the neck, cut below', {
        text: 'A little CA all around the neck, head down so that it can’t run up the strands; cut below it.',
        hands: on.value(k.neckSec),
        takes: [on.take('ca', [rope, k.neckCa])],
        within: on.open('ca'),
        tools: ['knife'],
        needs: ['ventilation'],
        faults: ['glue-run'],
      }),
      on.spray('colour', on.isLeafy ? 'Colour, leaf in the wet' : 'Colour', {
        text: `Spray the strands all round${on.isLeafy ? '; leaf into the wet paint from above and below' : ''}. A paler colour gives a paler core.`,
        hands: on.value(k.colourSec) * size,
        takes: [
          on.coat('core-paint', dressing.paintCoat),
          on.isLeafy &&
            on.crownFlock('foliage', { share: inPaint, sticks: k.sticks }, 'Leaf in the wet paint'),
        ],
        wet: 0,
        holders: [{ what: 'block place', each: 1, until: 'pool' }],
        cautions: ['dust'],
      }),
      more ? dress(on, dense, 'tips, where it is thin') : snowOnly(on, dense),
      on.inspect('Forked, and spread to all sides.', ['broom-shape', 'glue-run']),
      on.glue('pool', 'Set in a pool', {
        text: 'A pool of PVA as wide as the foot, several together; push in with a stick.',
        hands: on.value(k.poolSec),
        takes: [on.takeGood('pva', [rope, k.poolPva])],
        in: 'pva',
        until: 'Dry overnight',
        tools: ['skewer'],
      }),
    ]
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 50, { seeThrough: 0.3 }), 10),
    examplePieces(examplePiece('shrub', 'multi-stemmed', 35, { seeThrough: 0.3 }), 20),
  ],
})
