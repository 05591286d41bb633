import { roundOf, type Yield } from '../../makeup'
import { isBladed, isBushy } from '../../commissions'
import { colourOf } from '../../stock'
import { bathed } from '../kit/bath'
import type { PlantMaking } from '../kit/bench'
import { examplePiece, examplePieces } from '../kit/examples'
import { judge } from '../kit/fit'
import { foam, liquid, paint, wool } from '../kit/materials'
import { slot } from '../kit/slot'
import { amount, coefficients, minutes, row, seconds, spoilage, sticking } from '../kit/rows'
import { option, profile, way } from '../kit/way'

const k = coefficients('wool-bush', {
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

/** Teased wool, dyed and stiffened in one bath. Common practice. */
export const woolBush = way('wool-bush', 'Wool bush', {
  makes: 'Teased filter wool, dyed and stiffened in one bath, fine foam sprinkled in while it is wet.',
  kinds: ['pieces', 'length'],
  profile: profile([5, 60], 'puff', 'mass-made', 'handled', [10, 50], 'wool'),
  seasons: 'in leaf',
  figures: k,
  options: [
    option(
      'core',
      'Core',
      ['dark', 'dark core', 'depth between the leaves'],
      ['leaf', 'leaf-coloured core', 'paler and softer; where the core shows it passes for leaf'],
    ),
  ],
  suits: ({ piece, kind }) => {
    const { habit, heightMm, leaf } = piece
    return judge({
      right: isBushy(piece),
      pro: [
        isBushy(piece) && 'a rounded mass down to the ground, as a bush has',
        'minutes for a large heap, and the cheapest way of all',
        piece.crownForm === 'mound' && 'scrub that really is dense may be opaque',
      ],
      con: [
        kind === 'length' &&
          'set bush by bush: a closed green line, without the twigs and the daylight of a hedge',
        habit === 'broadleaf' &&
          'no stem and no branches: only for a bush-like tree that stands among others',
        habit === 'fern' && 'fronds would be lost; from a distance it may pass for a bracken bank',
        leaf < 0.3 && leaf >= 0.15 && 'with so little leaf on the day, a bush is mostly twigs',
        heightMm > 70 && heightMm <= 90 && `at ${Math.round(heightMm)} mm the wool sags`,
        heightMm < 4 && heightMm >= 3 && 'too small to tease and dip one by one',
        piece.zone === 'front' && heightMm > 40 && 'at the front a bush of this size wants twigs inside',
      ],
      never: [
        habit === 'conifer' && 'a conifer has a leader and tiers',
        isBladed(piece) && habit !== 'fern' && 'it stands in blades',
        habit === 'palm' && 'a palm has fronds on a bare stem',
        leaf < 0.15 && 'with so little leaf on the day, a bush is mostly twigs',
        heightMm > 90 && `at ${Math.round(heightMm)} mm the wool sags`,
        heightMm < 3 && 'too small to tease and dip one by one',
      ],
    })
  },
  materials: ({ piece }, choice) => {
    const { base, shade } = piece.tones
    return [
      slot('wool', 'Filter wool', wool()),
      slot('paint', 'Core colour', paint(choice('core') === 'leaf' ? base : shade)),
      slot('pva', 'PVA', liquid('pva')),
      slot('foliage', 'Foliage', foam(piece.grainMm, base)),
    ]
  },
  operations: (on) => {
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
        takes: [...bath.takes, on.flock('foliage', coat)],
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
  },
  examples: [
    examplePieces(examplePiece('shrub', 'mound', 15, { widthShare: 1.3 }), 80),
    examplePieces(examplePiece('shrub', 'multi-stemmed', 60), 1),
    { kind: 'length', piece: examplePiece('shrub', 'multi-stemmed', 22), lengthMm: 1200, section: 'trimmed' },
  ],
})
