import { amount, crownInputs, figure, input } from './figures'
import { flockAmount } from './foliage-amount'
import type { Method, Piece, Suit } from './types'

/** Share of the crown's side area that is branch ends, and the coat on them. From memory. */
const BRANCH_SHARE = 0.3
const COAT_ML_PER_CM2 = 0.03
/** Clump is pressed on: most of it stays. From memory. */
const STICKS = 0.85

function suits(piece: Piece): Suit {
  const reasonsFor: string[] = []
  const reasonsAgainst: string[] = []
  const tree = piece.habit === 'broadleaf' || piece.habit === 'conifer'
  if (piece.habit === 'broadleaf')
    reasonsFor.push('full crowns for a hedge line or a wood, where clumps read as foliage')
  if (piece.heightMm >= 70) reasonsFor.push('the trunk has its flare and main forks already')
  reasonsFor.push('under three minutes of hands each, and no paint')
  if (piece.zone === 'front')
    reasonsAgainst.push('at the front the clumps and the plastic are seen for what they are')
  if (piece.leaf < 0.4) reasonsAgainst.push('with so little leaf on the day, the plastic branches would show')
  if (piece.seeThrough > 0.35) reasonsAgainst.push('clump makes a dense crown; this species is airy')
  if (piece.habit === 'conifer')
    reasonsAgainst.push('the forks are a broadleaf’s; only a pine with pads could pass')
  if (!tree) reasonsAgainst.push('it is a trunk with a crown, which this plant has not')
  if (piece.heightMm > 230) reasonsAgainst.push('no moulded trunk is that tall')
  if (piece.heightMm < 35) reasonsAgainst.push('smaller than the smallest moulded trunk')
  const verdict =
    !tree || piece.heightMm > 230 || piece.heightMm < 35 || piece.leaf < 0.15
      ? 'unsuited'
      : piece.habit === 'broadleaf' && reasonsAgainst.length === 0
        ? 'suits'
        : 'possible'
  return { verdict, reasonsFor: verdict === 'unsuited' ? [] : reasonsFor, reasonsAgainst }
}

export const mouldedTrunk: Method = {
  id: 'moulded-trunk',
  name: 'Moulded trunk',
  makes: 'A bent plastic trunk with clump foam pressed onto sticky branch ends.',
  spoilage: { share: 0.03, origin: 'memory' },
  slots: [
    { id: 'trunk', label: 'Trunks', kind: 'trunk', wish: (piece) => ({ heightMm: piece.heightMm * 0.92 }) },
    { id: 'adhesive', label: 'Contact adhesive', kind: 'contact-adhesive', wish: () => ({}) },
    {
      id: 'clump',
      label: 'Clump foam',
      kind: 'clump',
      wish: (piece) => ({ grainMm: Math.max(3, piece.grainMm * 2), colour: piece.tones.base }),
    },
  ],
  suits,
  amounts({ piece, started, use }) {
    const area = crownInputs(piece)[0] ?? input('crown', 0, 'cm²', 'formula')
    return [
      amount('Trunks', 'trunk', use('trunk'), started, figure(1, 'piece', 'one a tree', [])),
      amount(
        'Contact adhesive',
        'adhesive',
        use('adhesive'),
        started,
        figure(
          piece.sideAreaCm2 * BRANCH_SHARE * COAT_ML_PER_CM2,
          'ml',
          'crown from the side × share of branch ends × coat',
          [
            area,
            input('share of branch ends', BRANCH_SHARE, '', 'memory'),
            input('coat', COAT_ML_PER_CM2, 'ml/cm²', 'memory'),
          ],
        ),
      ),
      flockAmount({
        label: 'Clump foam',
        slot: 'clump',
        material: use('clump'),
        started,
        areaCm2: piece.sideAreaCm2,
        areaInput: area,
        seeThrough: piece.seeThrough,
        seeThroughOrigin: piece.seeThroughOrigin,
        leaf: piece.leaf,
        stickShare: STICKS,
        share: { ...input('share of the foliage', 1, '', 'formula'), number: 1 },
      }),
    ]
  },
  pours: () => [],
  steps({ use }) {
    return [
      {
        id: 'bend',
        title: 'Twist off and bend',
        text: 'Bend the branches to all sides: as delivered they are flat. Look at it from above; it should be round.',
        batchSec: 60,
        pieceSec: 50,
        timeOrigin: 'memory',
        cautions: ['wire-and-blades'],
        faults: ['one-sided'],
        materialIds: [use('trunk').id],
      },
      {
        id: 'coat',
        title: 'Coat the branch ends',
        text: 'A thin coat of contact adhesive on the ends only.',
        batchSec: 60,
        pieceSec: 25,
        timeOrigin: 'memory',
        cautions: ['adhesive'],
        faults: ['shiny-patches'],
        materialIds: [use('adhesive').id],
        wait: { min: 25, what: 'Wait until the milk turns clear', origin: 'common practice' },
      },
      {
        id: 'press',
        title: 'Press the clumps on',
        text: 'Press clumps on, squeeze, shake. Put back what fell.',
        batchSec: 30,
        pieceSec: 45,
        timeOrigin: 'common practice',
        cautions: ['dust'],
        faults: ['fallen-foliage', 'one-sided'],
        materialIds: [use('clump').id],
        window: {
          sec: 86_400,
          what: 'The coat stays tacky for a day.',
          atOnce: 10_000,
          origin: 'common practice',
        },
        wait: { min: 60, what: 'Leave it to grip', origin: 'memory' },
      },
      {
        id: 'inspect',
        title: 'Touch up, inspect',
        text: 'Squeeze loose clumps again, trim what sticks out.',
        batchSec: 0,
        pieceSec: 12,
        timeOrigin: 'memory',
        cautions: [],
        faults: ['one-sided', 'fallen-foliage'],
        materialIds: [],
      },
    ]
  },
}
