import { fibreMass } from '../../coverage'
import { isBladed } from '../../commissions'
import { product, property, type Expression } from '../../quantities'
import type { PlantMaking } from '../kit/bench'
import { examplePiece, examplePieces } from '../kit/examples'
import { judge } from '../kit/fit'
import { trait, type Operation } from '../kit/making'
import { fibre, liquid, powder, sheet } from '../kit/materials'
import { amount, coefficients, seconds, share, spoilage, sticking } from '../kit/rows'
import { dries, staysOpen } from '../kit/setting'
import { sharing, slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'

const k = coefficients('flowering-tuft', {
  spoilage: spoilage(0.1),
  backing: amount('release backing, of its circle from above', 1.6, '', 'memory', 'with its gap'),
  footShare: share('foot, of its circle from above', 0.35),
  glueMl: amount('PVA in a dot, for a cm² of foot', 0.1, 'ml/cm²'),
  fibres: amount('fibres on a cm²', 700, '/cm²'),
  sticks: sticking('sticks, of what is thrown', 0.3),
  dipped: share('of its fibre, tips that are dipped', 0.4),
  powderG: amount('flower powder to a gram of dipped fibre', 2, 'g/g', 'memory', 'at most'),
  tipCoat: amount('glue on its tips, for a cm² of foot', 0.05, 'ml/cm²'),
  stems: amount('stem fibres in a tuft', 3, 'piece', 'memory', 'two or three'),
  dotSec: seconds('dot and fibre', 3),
  dipSec: seconds('glue on tips, dip inverted', 5),
  stemSec: seconds('stems dipped and pushed in, tips dipped', 20),
  openSec: staysOpen('pva', 'a dot stays open'),
  tipOpenSec: staysOpen('trace', 'glue on tips stays open'),
  dryMin: dries('pva', 'dots dry through'),
  tipDryMin: dries('trace', 'tips dry'),
})

/** Of a stem fibre that is open, dtex. Our estimate. */
const USUAL_DTEX = 22

/** A tuft without flowers here and there, and low ones between the tall. From memory. */
const FLOWERED = {
  each: 1,
  suits: [trait('flowers', { 'in flower': 0.8, bare: 0.2 }), trait('height', { tall: 0.4, low: 0.6 })],
}

/** Length and dtex of the fibre that fills a slot, as leaves. @param words what is called by them */
function fibreIn(on: PlantMaking, slotId: string, words: string): [Expression, Expression] {
  const material = on.material(slotId)
  const of = material?.of.stuff === 'fibre' ? material.of : { lengthMm: on.piece.heightMm, dtex: USUAL_DTEX }
  return [
    property(`length${words}`, of.lengthMm, 'mm', 'stock', material?.name),
    property(`linear density${words}`, of.dtex, 'dtex'),
  ]
}

/** Flowers on the tips of a dry tuft, or on stems that are pushed into the wet one. */
function flowers(on: PlantMaking, foot: Expression, onStems: boolean): Operation {
  const standing = product(fibreMass(on.input(k.fibres), ...fibreIn(on, 'fibre', ' of the blades')), foot)
  const takes = [
    on.take('pva', [foot, k.tipCoat], 'PVA on the tips'),
    on.take('flower', [standing, k.dipped, k.powderG]),
  ]
  const dipSec = on.value(k.dipSec)
  const common = {
    tools: ['tweezers', 'scissors'],
    deal: FLOWERED,
    cautions: ['dust'],
  }
  return onStems
    ? on.work('stems', 'Stems in, tips dipped', {
        ...common,
        text: 'Two or three stem fibres dipped and pushed into the wet tuft; tease upright as the glue starts to set, trim to twice the tuft at most; each tip dipped by tweezers. Tall and low mixed, three colours or more.',
        hands: [on.value(k.stemSec), 60],
        takes: [on.take('stems', fibreMass(on.input(k.stems), ...fibreIn(on, 'stems', ''))), takes],
        wait: on.sets('pva', 'Dry through, overnight', k.dryMin),
        faults: ['over-long-stems', 'shiny-patches'],
      })
    : on.work('dip', 'Tips: glue, dip upside down', {
        ...common,
        text: 'Cut the strip to hold it. Glue on the tallest tips only, dip them upside down into the powder, tap. One colour after the other; pour what is left back.',
        hands: [dipSec, 60],
        takes,
        within: on.open('trace', { by: k.tipOpenSec, what: 'glue on tips' }),
        atOnce: on.atOnce(on.value(k.tipOpenSec) / dipSec, `${Math.round(dipSec)} s each.`),
        wait: on.sets('trace', 'Let the tips dry', k.tipDryMin),
        faults: ['petal-blobs', 'shiny-patches'],
      })
}

/** Tufts with flowers: tips dipped, or stems pushed in. Common practice. */
export const floweringTuft = way('flowering-tuft', 'Flowering tufts', {
  makes:
    'Tufts on a strip; tips touched with glue and dipped in flower powder, or stems pushed in and dipped.',
  kinds: ['pieces', 'area'],
  profile: profile([2, 16], 'branches', 'mass-made', 'protected', [10, 20], 'tuft'),
  seasons: 'the weeks that it flowers',
  figures: k,
  options: [
    option(
      'flowers',
      'Flowers',
      ['tips', 'on the tips', 'the tallest tips only, touched with glue and dipped upside down'],
      ['stems', 'on stems', 'two or three stems pushed into the wet tuft, dipped by tweezers'],
    ),
  ],
  suits({ piece, kind }) {
    const flowers = piece.sward.heads > 0.02
    const sward = kind === 'area' && piece.habit !== 'herb'
    return judge({
      right: flowers && !sward && (piece.habit === 'herb' || piece.sward.heads > 0.1),
      pro: ['flowers in the colour of the day, tall and low mixed', 'for gardens, verges and meadow edges'],
      con: [
        sward && 'a sward by area wants layers, seed heads on top: tufts are for what stands out of it',
        piece.heightMm > 12 && 'taller than fibre that stands: stems pushed in, trimmed to twice the tuft',
      ],
      never: [
        !isBladed(piece) && 'its flowers sit on wood, not on blades',
        !flowers && 'it does not flower on this day: outside its weeks there is nothing to dip',
        (piece.heightMm > 22 || piece.heightMm < 2) &&
          `a flowering tuft is 2 to 16 mm, this is ${Math.round(piece.heightMm)} mm`,
      ],
    })
  },
  materials: ({ piece }, choice) => {
    const { heightMm, sward } = piece
    const { base, light, head } = sward.colours
    return [
      slot('backing', 'Release backing', sheet('release')),
      slot('pva', 'PVA', liquid('pva')),
      slot('fibre', 'Fibre', fibre(Math.min(8, heightMm * 0.7), base)),
      choice('flowers') === 'stems' && slot('stems', 'Stems', fibre(Math.min(12, heightMm), light), sharing),
      slot('flower', 'Flower powder', powder('blossom', head)),
    ]
  },
  operations: (on) => {
    const onStems = on.choice('flowers') === 'stems'
    const foot = on.product(on.above, k.footShare)
    return [
      on.static('tufts', 'Tufts on a strip', {
        text: `Dots that must not touch on a strip of backing over the steel tray; fibre at once.${onStems ? ' Stems follow while it is wet: go on with a few at a time.' : ''}`,
        hands: [on.value(k.dotSec), 120],
        takes: [
          on.take('backing', [on.above, k.backing]),
          on.take('pva', [foot, k.glueMl], 'PVA in the dot'),
          on.fibre('fibre', { perCm2: on.input(k.fibres), area: foot, sticks: k.sticks }),
        ],
        within: on.open('pva', { by: k.openSec, what: 'a dot of PVA' }),
        atOnce: onStems
          ? { count: 8, because: 'window', what: 'Stems must go in while the dots are wet.' }
          : { count: 20, because: 'holder', what: 'A strip that a hand can turn over holds about twenty.' },
        ...(onStems ? {} : { wait: on.sets('pva', 'Dry through, overnight', k.dryMin) }),
        tools: ['steel tray'],
        vacuums: 'tufts',
        faults: ['joined-dots', 'lying-fibres'],
      }),
      flowers(on, foot, onStems),
      on.inspect('Stems no more than twice the tuft’s height; no shine at the foot.', [
        'over-long-stems',
        'petal-blobs',
      ]),
    ]
  },
  examples: [
    examplePieces(
      examplePiece('herb', 'blades', 6, {
        sward: {
          heightMm: 6,
          straw: 0,
          heads: 0.3,
          mown: false,
          colours: { shade: '#3f5a33', base: '#5f7d3a', light: '#8fa84a', straw: '#bda76c', head: '#8a6aa0' },
        },
      }),
      60,
    ),
  ],
})
