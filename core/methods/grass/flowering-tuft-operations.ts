import { fibreMass } from '../../coverage'
import { ONE, product, property, rest, sum, type Expression } from '../../quantities'
import type { PlantMaking } from '../kit/bench'
import type { Listed } from '../kit/listed'
import { trait, type Draft, type Operation, type Taken } from '../kit/making'
import { amount, coefficients, seconds, share, spoilage, sticking } from '../kit/rows'
import { dries, staysOpen } from '../kit/setting'

/** Amounts and times of a flowering tuft. From memory unless marked. */
export const floweringTuftFigures = coefficients('flowering-tuft', {
  spoilage: spoilage(0.1),
  backing: amount('release backing, of its circle from above', 1.6, '', 'memory', 'with its gap'),
  footShare: share('foot, of its circle from above', 0.35),
  glueMl: amount('PVA in a dot, for a cm² of foot', 0.1, 'ml/cm²'),
  fibres: amount('fibres on a cm²', 700, '/cm²'),
  sticks: sticking('sticks, of what is thrown', 0.3),
  dipped: share('of its fibre, tips that are dipped', 0.4),
  powderG: amount('flower powder to a gram of dipped fibre', 2, 'g/g', 'memory', 'at most'),
  second: share('tufts in the second colour', 0.3),
  third: share('tufts in the third colour', 0.15),
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
const k = floweringTuftFigures

/** Of a stem fibre that is open, dtex. Our estimate. */
const USUAL_DTEX = 22

/** Colours of a line by their slots, each with its share of the tufts; the first takes what the others leave. */
function colours(on: PlantMaking): readonly (readonly [slot: string, share: Expression])[] {
  const choice = on.choice('colours')
  if (choice === 'one') return [['flower', ONE]]
  const second = on.input(k.second)
  if (choice === 'two')
    return [
      ['flower', rest(second)],
      ['flower-2', second],
    ]
  const third = on.input(k.third)
  return [
    ['flower', rest(sum(second, third))],
    ['flower-2', second],
    ['flower-3', third],
  ]
}

/** What a colour is called by the dealer: its jar, or its slot where that is open. */
const colourName = (on: PlantMaking, slotId: string): string =>
  (on.material(slotId)?.name ?? on.fill(slotId).slot.label).slice(0, 40)

/** A tuft without flowers here and there, low ones between the tall, and colours in turn. From memory. */
function flowered(on: PlantMaking): NonNullable<Draft['deal']> {
  const all = colours(on)
  return {
    each: 1,
    suits: [
      trait('flowers', { 'in flower': 0.8, bare: 0.2 }),
      trait('height', { tall: 0.4, low: 0.6 }),
      ...(all.length > 1
        ? [trait('colour', Object.fromEntries(all.map(([id, of]) => [colourName(on, id), of.value])))]
        : []),
    ],
  }
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
  const takes: Listed<Taken> = [
    on.take('pva', [foot, k.tipCoat], 'PVA on the tips'),
    colours(on).map(([id, of]) => on.take(id, [standing, k.dipped, k.powderG, ...(of === ONE ? [] : [of])])),
  ]
  const dipSec = on.value(k.dipSec)
  const common = {
    tools: ['tweezers', 'scissors'],
    deal: flowered(on),
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
        atOnce: on.atOnce(on.openSec('trace', k.tipOpenSec) / dipSec, `${Math.round(dipSec)} s each.`),
        wait: on.sets('trace', 'Let the tips dry', k.tipDryMin),
        faults: ['petal-blobs', 'shiny-patches'],
      })
}

/** Tufts with flowers on them. */
export function floweringTuftOperations(on: PlantMaking): Listed<Operation> {
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
}
