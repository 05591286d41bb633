import { roundOf, type Yield } from '../../makeup'
import { colourOf } from '../../stock'
import { bathed } from '../kit/bath'
import type { PlantMaking } from '../kit/bench'
import type { Listed } from '../kit/listed'
import type { Operation } from '../kit/making'
import { amount, coefficients, minutes, row, seconds, spoilage, sticking } from '../kit/rows'

/** Amounts and times of a wool bush. From memory unless marked. */
export const woolBushFigures = coefficients('wool-bush', {
  spoilage: spoilage(0.05),
  wool: amount('wool in a finished bush', 0.022, 'g/cm³'),
  held: row('bath held by a gram of wool', 5, 'ml/g', [1.2, 20]),
  standing: amount('standing in the tub at the end', 60, 'ml'),
  sticks: sticking('sticks, of what is thrown', 0.6),
  coat: row('see-through of the foam over the core', 0.3, '', [0.05, 0.9], 'memory', 'the core may show'),
  teaseSec: seconds('tear and tease a bush', 10),
  dipSec: seconds('dip and squeeze, several together', 5),
  foamSec: row('sprinkle, for each cm² of surface', 0.35, 's', [0.02, 5]),
  wetSec: seconds('the bath on them stays wet', 600),
  setUpSec: row('dip a round before the first sprinkle', 60, 's', [0, 600]),
  dryMin: minutes('dries through', 480, 'memory', 'overnight'),
})
const k = woolBushFigures

/** Paint 1 : PVA 1 : water 4, by volume. From memory; that it is paint, water and PVA is common practice. */
const PARTS = { paint: 1, pva: 1, water: 4 }

/** The bath that is kept: of one colour, by the paint that is in it. */
function dyeBath(on: PlantMaking): Yield['material'] {
  const paint = on.material('paint')
  const pva = on.material('pva')
  const colour = paint && colourOf(paint.of)
  return {
    id: `dye-bath-${paint?.id ?? 'open'}`.slice(0, 64),
    name: `Dye bath, ${paint?.name ?? 'no paint'}`.slice(0, 120),
    unit: 'ml',
    of: {
      stuff: 'mixture',
      parts: [
        { name: 'Paint', parts: PARTS.paint, ...(paint && { materialId: paint.id }) },
        { name: 'PVA', parts: PARTS.pva, ...(pva && { materialId: pva.id }) },
        { name: 'Water', parts: PARTS.water },
      ],
      ...(colour === undefined ? {} : { colour }),
    },
    densityGPerMl: 1.03,
  }
}

/** Torn and teased, dipped and sprinkled, loosened. */
export function woolBushOperations(on: PlantMaking): Listed<Operation> {
  const { surfaceCm2, volumeCm3 } = on.piece
  const surface = on.cm2('surface', surfaceCm2, 'the outline of its form, turned round the stem')
  const wet = on.time(on.value(k.wetSec))
  const foamSec = 1 + on.value(k.foamSec) * surfaceCm2
  const eachSec = on.value(k.dipSec) + foamSec
  const bath = bathed(on, {
    title: 'Dye bath',
    material: dyeBath(on),
    taken: on.product(on.volume, k.wool, k.held),
    standing: on.input(k.standing),
    parts: [
      ['paint', PARTS.paint],
      ['pva', PARTS.pva],
    ],
    water: PARTS.water,
  })
  const coat = { area: surface, seeThrough: on.input(k.coat), sticks: k.sticks }
  return [
    on.work('tease', 'Tear and tease', {
      text: 'Tear the wool to size and tease it until light comes through.',
      hands: [on.value(k.teaseSec) * Math.max(0.2, volumeCm3 / 2.5), 60],
      takes: [on.take('wool', [on.volume, k.wool])],
      cautions: ['dust'],
    }),
    on.work('dip', 'Dip, squeeze, sprinkle', {
      text: `Dip, and squeeze several together in the folded coated carton; they spring open by themselves. Sprinkle the foam in while they are wet: about ${wet}.`,
      hands: [eachSec, 180],
      ...bath,
      takes: [...bath.takes, on.indoors.flock('foliage', coat)],
      within: on.within(on.value(k.wetSec), `The bath on them is wet for about ${wet}.`),
      atOnce: on.atOnce(
        roundOf(on.value(k.wetSec), on.value(k.setUpSec), eachSec),
        `${Math.round(eachSec)} s each, and ${on.time(on.value(k.setUpSec))} to begin a round.`,
      ),
      wait: on.dries(k.dryMin, 'Dry through, on the coated card'),
      tools: ['coated carton', 'tub'],
      holders: [{ what: 'drying card place', each: 1, until: 'dip' }],
      cautions: ['wet-bath'],
      faults: ['pancake', 'shiny-patches'],
    }),
    on.work('inspect', 'Loosen, inspect', {
      text: 'Knock off loose foam over the tray, push flat ones up with a stick.',
      hands: 4,
      passes: 'Springs back when pinched; no white core.',
      cautions: ['dust'],
      faults: ['pancake', 'shiny-patches', 'fallen-foliage'],
    }),
  ]
}
