import { bathFor, soakingMedium } from '../adhesives'
import { amount, crownInputs, figure, input } from './figures'
import { flockAmount } from './foliage-amount'
import { isBladed, isBushy, type Method, type Piece, type Suit, type Work } from './types'

/** A single sprig's crown is about this share of its height wide. From memory. */
const SPRIG_WIDTH_SHARE = 0.75
/** What a sprig carries out of the bath after shaking off, ml for each mm of height. From memory. */
const PICK_UP_ML_PER_MM = 0.015
/** What must stand in the soaking tray for the last sprigs, ml. From memory: a flat 2-litre tub. */
const STANDING_ML = 400
/** A soak takes two to three minutes. Common practice. */
const SOAK_SEC = 180
const HAIRSPRAY_ML_PER_CM2 = 0.04
const TRUNK_PAINT_ML_PER_CM2 = 0.03
const STICKS = 0.45
/** Share of the foliage that goes on last, from above only, one tone lighter. Common practice: subtle; the number is from memory. */
const HIGHLIGHT = 0.15

const sprigsEach = (piece: Piece): number =>
  Math.min(4, Math.max(1, Math.ceil(piece.crownWidthMm / (SPRIG_WIDTH_SHARE * piece.heightMm) - 0.05)))

function suits(piece: Piece): Suit {
  const reasonsFor: string[] = []
  const reasonsAgainst: string[] = []
  if (piece.habit === 'broadleaf') reasonsFor.push('fine branching that reads as a broadleaf even when bare')
  if (piece.heightMm >= 45 && piece.heightMm <= 160) reasonsFor.push('a good sprig has just this height')
  if (piece.zone !== 'back') reasonsFor.push('see-through crown bears being looked at from close by')
  reasonsFor.push('cheap and quick in batches of fifty')
  if (piece.heightMm > 160)
    reasonsAgainst.push(
      `sprigs over 160 mm are rare; ${Math.round(piece.heightMm)} mm wants several bound together`,
    )
  if (piece.heightMm < 45)
    reasonsAgainst.push('smaller than a sprig’s own forks: tips only, and few branches to see')
  if (piece.habit === 'conifer')
    reasonsAgainst.push('no leader and no whorls: it won’t pass for a conifer close by')
  if (isBladed(piece)) reasonsAgainst.push('has a stem and forks, which a tuft has not')
  if (piece.habit === 'palm') reasonsAgainst.push('a palm has fronds on a bare stem, which no sprig has')
  if (isBushy(piece)) reasonsAgainst.push('a sprig has one stem; a shrub wants several from the foot')
  const wrongKind = isBladed(piece) || piece.habit === 'palm'
  const verdict =
    wrongKind || piece.heightMm > 260 || piece.heightMm < 25
      ? 'unsuited'
      : piece.habit === 'broadleaf' && piece.heightMm >= 45 && piece.heightMm <= 160
        ? 'suits'
        : 'possible'
  return { verdict, reasonsFor: verdict === 'unsuited' ? [] : reasonsFor, reasonsAgainst }
}

function bath(work: Work) {
  const each = PICK_UP_ML_PER_MM * work.piece.heightMm * sprigsEach(work.piece)
  return { each, ...bathFor(work.started, each, STANDING_ML, soakingMedium) }
}

const bathInputs = (work: Work) => [
  input(
    'carried away by one',
    bath(work).each,
    'ml',
    'memory',
    '0.015 ml for each mm of height and sprig, after shaking off',
  ),
  input('pieces started', work.started, '', 'formula'),
  input('standing in the tub at the end', STANDING_ML, 'ml', 'memory'),
  input('mixture', '1 : 5 by volume', '', 'common practice'),
]

export const sprigTree: Method = {
  id: 'sprig-tree',
  name: 'Soaked sprig tree',
  makes: 'Dried sprigs, soaked and dried straight, painted, sprinkled with foam.',
  spoilage: { share: 0.08, origin: 'memory' },
  slots: [
    { id: 'sprig', label: 'Sprigs', kind: 'sprig', wish: (piece) => ({ heightMm: piece.heightMm }) },
    { id: 'medium', label: 'Matte medium', kind: 'matte-medium', wish: () => ({}) },
    { id: 'trunk-paint', label: 'Trunk colour', kind: 'spray-paint', wish: () => ({ colour: '#7d756b' }) },
    { id: 'hairspray', label: 'Hairspray', kind: 'hairspray', wish: () => ({}) },
    {
      id: 'foliage',
      label: 'Foliage',
      kind: 'foam',
      wish: (piece) => ({ grainMm: piece.grainMm, colour: piece.tones.base }),
    },
    {
      id: 'highlight',
      label: 'Highlight',
      kind: 'foam',
      wish: (piece) => ({ grainMm: piece.grainMm * 0.8, colour: piece.tones.light }),
    },
  ],
  suits,
  amounts(work) {
    const { piece, started, use } = work
    const n = sprigsEach(piece)
    const wet = bath(work)
    const area = crownInputs(piece)[0] ?? input('crown', 0, 'cm²', 'formula')
    const coat = {
      started,
      areaCm2: piece.sideAreaCm2,
      areaInput: area,
      seeThrough: piece.seeThrough,
      seeThroughOrigin: piece.seeThroughOrigin,
      leaf: piece.leaf,
      stickShare: STICKS,
    }
    const perArea = (slot: string, label: string, mlPerCm2: number) =>
      amount(
        label,
        slot,
        use(slot),
        started,
        figure(piece.sideAreaCm2 * mlPerCm2, 'ml', 'crown from the side × coat', [
          area,
          input('coat', mlPerCm2, 'ml/cm²', 'memory'),
        ]),
      )
    return [
      amount(
        'Sprigs',
        'sprig',
        use('sprig'),
        started,
        figure(n, 'piece', 'crown width ÷ (width share of a sprig × height), rounded up', [
          input('crown width', piece.crownWidthMm, 'mm', 'formula'),
          input('height', piece.heightMm, 'mm', 'formula'),
          input('width share of a sprig', SPRIG_WIDTH_SHARE, '', 'memory'),
        ]),
      ),
      amount(
        'Matte medium',
        'medium',
        use('medium'),
        started,
        figure(
          wet.concentrateMl / started,
          'ml',
          'concentrate in the bath ÷ pieces started',
          bathInputs(work),
        ),
        figure(wet.concentrateMl, 'ml', '(carried away × pieces + standing) × 1/6', bathInputs(work)),
      ),
      perArea('trunk-paint', 'Trunk colour', TRUNK_PAINT_ML_PER_CM2),
      ...(piece.leaf > 0.01
        ? [
            perArea('hairspray', 'Hairspray', HAIRSPRAY_ML_PER_CM2),
            flockAmount({
              ...coat,
              label: 'Foliage',
              slot: 'foliage',
              material: use('foliage'),
              share: { ...input('share of the foliage', 1 - HIGHLIGHT, '', 'memory'), number: 1 - HIGHLIGHT },
            }),
            flockAmount({
              ...coat,
              label: 'Highlight, from above',
              slot: 'highlight',
              material: use('highlight'),
              share: {
                ...input('share of the foliage', HIGHLIGHT, '', 'memory', 'common practice: subtle'),
                number: HIGHLIGHT,
              },
            }),
          ]
        : []),
    ]
  },
  pours(work) {
    const wet = bath(work)
    const inputs = bathInputs(work)
    return [
      {
        title: 'Soaking bath, matte medium 1 : 5',
        lines: [
          { label: 'Matte medium', figure: figure(wet.concentrateMl, 'ml', 'whole bath × 1/6', inputs) },
          { label: 'Water', figure: figure(wet.waterMl, 'ml', 'whole bath × 5/6', inputs) },
          {
            label: 'Left in the bath',
            figure: figure(
              wet.leftMl,
              'ml',
              'what must stand in the tub for the last sprigs; cover it and keep it',
              inputs,
            ),
          },
        ],
      },
    ]
  },
  steps(work) {
    const { piece, use, dryingFactor } = work
    const n = sprigsEach(piece)
    const leafy = piece.leaf > 0.01
    const sprinkleSec = 14
    const windowSec = 60
    return [
      {
        id: 'sort',
        title: 'Sort and clean',
        text: `Pick ${n === 1 ? 'a sprig' : `${n} sprigs`} for each tree. Tweeze off dry leaves.`,
        batchSec: 120,
        pieceSec: 25 * n,
        timeOrigin: 'memory',
        cautions: ['wire-and-blades'],
        faults: ['one-sided'],
        materialIds: [use('sprig').id],
      },
      {
        id: 'soak',
        title: 'Soak, shake off',
        text: 'Two to three minutes in the bath, then shake off over the tub until no drop hangs.',
        batchSec: 300,
        pieceSec: 8,
        timeOrigin: 'memory',
        cautions: ['wet-bath'],
        faults: ['white-puddles', 'beads'],
        materialIds: [use('medium').id],
        window: {
          sec: SOAK_SEC,
          what: 'Two to three minutes each: no more at once than you can shake off in that time.',
          atOnce: Math.floor(SOAK_SEC / 8),
          origin: 'common practice',
        },
      },
      {
        id: 'peg',
        title: n === 1 ? 'Peg up, head down' : 'Bind and peg up, head down',
        text: 'Peg head down on a line, with a peg on the tip to pull it straight.',
        batchSec: 60,
        pieceSec: 15 + 20 * (n - 1),
        timeOrigin: 'memory',
        cautions: [],
        faults: ['one-sided'],
        materialIds: [],
        wait: { min: 600 * dryingFactor, what: 'Dry overnight', origin: 'common practice' },
      },
      {
        id: 'trunk',
        title: 'Trunk colour, dark tips',
        text: 'Grey-brown all over; a light dark mist on the tips for depth.',
        batchSec: 180,
        pieceSec: 12,
        timeOrigin: 'memory',
        cautions: ['spray'],
        faults: ['trunk-colour', 'satin'],
        materialIds: [use('trunk-paint').id],
        wait: { min: 30, what: 'Let the paint dry', origin: 'memory' },
      },
      ...(leafy
        ? [
            {
              id: 'sprinkle',
              title: 'Hairspray the crown, sprinkle',
              text: 'Spray the crown only. Sprinkle from above, turn over, and do it from below. Don’t plunge it into the tub.',
              batchSec: 120,
              pieceSec: sprinkleSec,
              timeOrigin: 'memory' as const,
              cautions: ['spray' as const, 'dust' as const],
              faults: ['clogged-stems' as const, 'fallen-foliage' as const],
              materialIds: [use('foliage').id, use('hairspray').id],
              window: {
                sec: windowSec,
                what: 'The spray stays wet for about a minute.',
                atOnce: Math.max(1, Math.floor(windowSec / sprinkleSec)),
                origin: 'common practice' as const,
              },
              wait: { min: 20, what: 'Let it set', origin: 'memory' as const },
            },
            {
              id: 'highlight',
              title: 'Highlight from above',
              text: 'A touch of spray and the lighter foam from above only. One step lighter, never another hue.',
              batchSec: 60,
              pieceSec: 8,
              timeOrigin: 'memory' as const,
              cautions: ['spray' as const],
              faults: ['loud-two-tone' as const],
              materialIds: [use('highlight').id],
              wait: { min: 20, what: 'Let it set', origin: 'memory' as const },
            },
          ]
        : []),
      {
        id: 'inspect',
        title: 'Inspect, stand up',
        text: 'Turn each one round. Stand it in the foam block.',
        batchSec: 0,
        pieceSec: 8,
        timeOrigin: 'memory',
        cautions: [],
        faults: ['one-sided', 'satin', 'shiny-patches'],
        materialIds: [],
      },
    ]
  },
}
