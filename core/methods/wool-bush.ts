import { bathFor } from '../adhesives'
import { amount, figure, input } from './figures'
import { flockAmount } from './foliage-amount'
import { isBladed, isBushy, type Method, type Piece, type Suit, type Work } from './types'

/** Wool in a finished bush, g for each cm³; what the squeezed wool holds, ml for each cm³. From memory. */
const WOOL_G_PER_CM3 = 0.022
const HELD_ML_PER_CM3 = 0.25
const STANDING_ML = 60
/** Paint 1 : PVA 2 : water 4, by volume. From memory; the recipe itself (paint, water, PVA) is common practice. */
const PARTS = { paint: 1, pva: 2, water: 4 }
const PARTS_SUM = PARTS.paint + PARTS.pva + PARTS.water
const STICKS = 0.6
/** See-through of the foam coat over the dyed core: the core may show. From memory. */
const COAT_SEE_THROUGH = 0.3

function suits(piece: Piece): Suit {
  const reasonsFor: string[] = []
  const reasonsAgainst: string[] = []
  if (isBushy(piece)) reasonsFor.push('a rounded mass down to the ground, as a bush has')
  reasonsFor.push('minutes for a large heap, and the cheapest way of all')
  if (piece.crownForm === 'mound') reasonsFor.push('scrub that really is dense may be opaque')
  if (piece.habit === 'broadleaf')
    reasonsAgainst.push('no stem and no branches: only for a bush-like tree that stands among others')
  if (piece.habit === 'conifer') reasonsAgainst.push('a conifer has a leader and tiers')
  if (isBladed(piece) && piece.habit !== 'fern') reasonsAgainst.push('it stands in blades')
  if (piece.habit === 'palm') reasonsAgainst.push('a palm has fronds on a bare stem')
  if (piece.habit === 'fern')
    reasonsAgainst.push('fronds would be lost; from a distance it may pass for a bracken bank')
  if (piece.leaf < 0.3) reasonsAgainst.push('with so little leaf on the day, a bush is mostly twigs')
  if (piece.heightMm > 70) reasonsAgainst.push(`at ${Math.round(piece.heightMm)} mm the wool sags`)
  if (piece.heightMm < 4) reasonsAgainst.push('too small to tease and dip one by one')
  if (piece.zone === 'front' && piece.heightMm > 40)
    reasonsAgainst.push('at the front a bush of this size wants twigs inside')
  const wrong =
    piece.habit === 'conifer' ||
    piece.habit === 'palm' ||
    (isBladed(piece) && piece.habit !== 'fern') ||
    piece.heightMm > 90 ||
    piece.heightMm < 3 ||
    piece.leaf < 0.15
  const verdict = wrong ? 'unsuited' : isBushy(piece) && reasonsAgainst.length === 0 ? 'suits' : 'possible'
  return { verdict, reasonsFor: wrong ? [] : reasonsFor, reasonsAgainst }
}

function bath(work: Work) {
  const each = work.piece.volumeCm3 * HELD_ML_PER_CM3
  const whole = bathFor(work.started, each, STANDING_ML, {
    concentrate: PARTS.paint + PARTS.pva,
    water: PARTS.water,
  })
  const part = whole.totalMl / PARTS_SUM
  return { ...whole, each, paintMl: part * PARTS.paint, pvaMl: part * PARTS.pva }
}

const bathInputs = (work: Work) => [
  input('volume of one bush', work.piece.volumeCm3, 'cm³', 'formula', '2/3 · area from above · height'),
  input('held after squeezing', HELD_ML_PER_CM3, 'ml/cm³', 'memory'),
  input('pieces started', work.started, '', 'formula'),
  input('standing in the tub at the end', STANDING_ML, 'ml', 'memory'),
  input('mixture', `paint ${PARTS.paint} : PVA ${PARTS.pva} : water ${PARTS.water}`, '', 'memory'),
]

export const woolBush: Method = {
  id: 'wool-bush',
  name: 'Wool bush',
  makes: 'Teased filter wool, dyed and stiffened in one bath, rolled in fine foam.',
  spoilage: { share: 0.05, origin: 'memory' },
  slots: [
    { id: 'wool', label: 'Filter wool', kind: 'fibre-wool', wish: () => ({}) },
    { id: 'paint', label: 'Core colour', kind: 'paint', wish: (piece) => ({ colour: piece.tones.shade }) },
    { id: 'pva', label: 'PVA', kind: 'pva', wish: () => ({}) },
    {
      id: 'foliage',
      label: 'Foliage',
      kind: 'foam',
      wish: (piece) => ({ grainMm: piece.grainMm, colour: piece.tones.base }),
    },
  ],
  suits,
  amounts(work) {
    const { piece, started, use } = work
    const wet = bath(work)
    const surfaceCm2 = Math.PI * piece.sideAreaCm2
    const inBath = (slot: string, label: string, ml: number, parts: number) =>
      amount(
        label,
        slot,
        use(slot),
        started,
        figure(ml / started, 'ml', 'in the bath ÷ pieces started', bathInputs(work)),
        figure(ml, 'ml', `(held × pieces + standing) × ${parts}/${PARTS_SUM}`, bathInputs(work)),
      )
    return [
      amount(
        'Filter wool',
        'wool',
        use('wool'),
        started,
        figure(piece.volumeCm3 * WOOL_G_PER_CM3, 'g', 'volume × wool in a finished bush', [
          input('volume of one bush', piece.volumeCm3, 'cm³', 'formula', '2/3 · area from above · height'),
          input('wool in a finished bush', WOOL_G_PER_CM3, 'g/cm³', 'memory'),
        ]),
      ),
      inBath('paint', 'Core colour', wet.paintMl, PARTS.paint),
      inBath('pva', 'PVA', wet.pvaMl, PARTS.pva),
      flockAmount({
        label: 'Foliage',
        slot: 'foliage',
        material: use('foliage'),
        started,
        areaCm2: surfaceCm2,
        areaInput: input(
          'surface',
          surfaceCm2,
          'cm²',
          'formula',
          'π · crown from the side, for a body of revolution',
        ),
        seeThrough: COAT_SEE_THROUGH,
        seeThroughOrigin: 'memory',
        leaf: 1,
        stickShare: STICKS,
        share: { ...input('share of the foliage', 1, '', 'formula'), number: 1 },
      }),
    ]
  },
  pours(work) {
    const wet = bath(work)
    const inputs = bathInputs(work)
    return [
      {
        title: `Dye bath, paint ${PARTS.paint} : PVA ${PARTS.pva} : water ${PARTS.water}`,
        lines: [
          {
            label: 'Paint',
            figure: figure(wet.paintMl, 'ml', `whole bath × ${PARTS.paint}/${PARTS_SUM}`, inputs),
          },
          { label: 'PVA', figure: figure(wet.pvaMl, 'ml', `whole bath × ${PARTS.pva}/${PARTS_SUM}`, inputs) },
          {
            label: 'Water',
            figure: figure(wet.waterMl, 'ml', `whole bath × ${PARTS.water}/${PARTS_SUM}`, inputs),
          },
          {
            label: 'Left in the bath',
            figure: figure(wet.leftMl, 'ml', 'what must stand in the tub for the last bush', inputs),
          },
        ],
      },
    ]
  },
  steps({ use, dryingFactor }) {
    const rollSec = 14
    const wetSec = 600
    return [
      {
        id: 'tease',
        title: 'Tear and tease',
        text: 'Tear the wool to size and tease it until light comes through.',
        batchSec: 60,
        pieceSec: 10,
        timeOrigin: 'memory',
        cautions: ['dust'],
        faults: [],
        materialIds: [use('wool').id],
      },
      {
        id: 'dip',
        title: 'Dip, squeeze, open out, roll in foam',
        text: 'Dip, squeeze between folded coated card, open out, roll in the foam.',
        batchSec: 240,
        pieceSec: rollSec,
        timeOrigin: 'memory',
        cautions: ['wet-bath', 'dust'],
        faults: ['pancake', 'shiny-patches'],
        materialIds: [use('paint').id, use('pva').id, use('foliage').id],
        window: {
          sec: wetSec,
          what: 'Roll them while the bath on them is wet: about ten minutes.',
          atOnce: Math.floor(wetSec / rollSec),
          origin: 'memory',
        },
        wait: { min: 480 * dryingFactor, what: 'Dry through, on the coated card', origin: 'memory' },
      },
      {
        id: 'inspect',
        title: 'Loosen, inspect',
        text: 'Knock off loose foam over the tray, push flat ones up with a stick.',
        batchSec: 30,
        pieceSec: 4,
        timeOrigin: 'memory',
        cautions: ['dust'],
        faults: ['pancake', 'shiny-patches', 'fallen-foliage'],
        materialIds: [],
      },
    ]
  },
}
