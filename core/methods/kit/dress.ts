import {
  ONE,
  difference,
  fact,
  number,
  product,
  quotient,
  rest,
  type Coefficient,
  type Expression,
} from '../../quantities'
import type { Option, Slot } from '../../makeup'
import type { Kin, Piece } from '../../commissions'
import { CAN_AIR, type PlantMaking } from './bench'
import { dressing as d } from './figures'
import { hasLeaf } from './fit'
import { listed } from './listed'
import type { Operation, Taken } from './making'
import { foam, liquid, powder } from './materials'
import { darker, lighter, optional, sharing, slot } from './slot'
import { option } from './way'

/** How a crown is dressed: with what it is stuck, and whether with leaf, which takes two passes. */
export interface Dressing {
  readonly adhesive: 'hairspray' | 'spray-adhesive' | 'cement'
  readonly form: 'leaf' | 'ground'
  /** A darker coat first, underneath and inside. */
  readonly shade?: boolean
  /** The slot that holds the adhesive, where the way has one already; absent: one of its own. */
  readonly slot?: string
  /** Share of what is seen that armature and fibre cover already; the foliage makes up the rest. 0 to 1. */
  readonly filled?: Coefficient
}

/** The step of the second pass. */
const AGAIN = 'dress-again'
/** With less of its leaf than this on the day, twigs are left bare. Our estimate. */
const THIN = 0.6

/** A tree under snow: the same way, with one more step. */
export const snowOption: Option = option(
  'snow',
  'Snow',
  ['none', 'none', 'as on a day without snow'],
  ['laden', 'laden', 'very fine white powder over adhesive, from above, with no coat over it'],
)
const isLaden = (choice: (option: string) => string): boolean => choice('snow') === 'laden'

/** What snow takes where a way has a dressing of its own; nothing without it. */
export const snowSlots = (choice: (option: string) => string, own?: { id: string; label: string }): Slot[] =>
  isLaden(choice)
    ? listed([
        own && slot(own.id, own.label, liquid('hairspray')),
        slot('snow', 'Snow powder', powder('snow')),
      ])
    : []

const adhesiveNames: Record<Dressing['adhesive'], string> = {
  hairspray: 'Hairspray',
  'spray-adhesive': 'Spray adhesive',
  cement: 'Scenic cement',
}

/** A kind whose leaf is thrown, with its slot: several in a mixed hedge, each with its own leaf. */
interface Leafy extends Omit<Kin, 'name'> {
  readonly slot: string
  /** What it is called beside others; empty where it is the only one. */
  readonly of: string
}

/** Kinds that have leaf on the day, with their slots. */
export const leafyKin = (piece: Piece): Leafy[] =>
  (piece.kin ?? [{ name: '', share: 1, piece }]).flatMap(({ name, share, piece: own }, i) =>
    hasLeaf(own)
      ? [{ slot: i === 0 ? 'foliage' : `foliage-${i + 1}`, of: name && `, ${name}`, share, piece: own }]
      : [],
  )

/** A slot of leaf or ground foam for each kind that has leaf on the day. */
export const leafSlots = (piece: Piece, form: Dressing['form'], what: string): Slot[] =>
  leafyKin(piece).map(({ slot: id, of, piece: own }, i) =>
    slot(id, `${what}${of}`, foam(own.grainMm, own.tones.base, form), i === 0 ? {} : sharing),
  )

/** The materials that dressing takes: on a bare day none, but for snow. */
export function dressSlots(piece: Piece, dress: Dressing, choice: (option: string) => string): Slot[] {
  const { light, shade } = piece.tones
  const first = leafyKin(piece)[0]?.slot ?? 'foliage'
  const leafy = hasLeaf(piece)
  const shadeFoam = foam(piece.grainMm, shade, dress.form)
  return listed([
    (leafy || isLaden(choice)) &&
      dress.slot === undefined &&
      slot('adhesive', adhesiveNames[dress.adhesive], liquid(dress.adhesive)),
    leafy && [
      leafSlots(piece, dress.form, dress.form === 'leaf' ? 'Leaf' : 'Foliage'),
      dress.shade && slot('shade', 'Shade, underneath', shadeFoam, darker(first), optional),
      slot('highlight', 'Highlight', foam(piece.grainMm * 0.8, light, dress.form), lighter(first), optional),
    ],
    snowSlots(choice),
  ])
}

/**
 * Dressing a crown: foliage in coats, by the see-through law in sequence. The see-through of all coats together is
 * the product of each coat's, so that −ln g is shared out among shade, base and highlight, and leaf is thrown in two
 * passes, each with its own sticking share. Snow over it where it was chosen. Nothing on a bare day without snow.
 * @param where what the adhesive goes on @param eachSec hands for a pass, where the way has its own
 */
export function dress(on: PlantMaking, of: Dressing, where = 'foliage only', eachSec?: number): Operation[] {
  const { piece } = on
  const glue = adhesiveNames[of.adhesive]
  const name = glue.toLowerCase()
  const isCement = of.adhesive === 'cement'
  /** Cement is brushed on: only what falls into spray is thrown where cans are sprayed. */
  const there = isCement ? on.indoors : on
  const stuck = (label: string): Taken => on.coat(of.slot ?? 'adhesive', d.adhesiveCoat, label)
  const pass = (id: string, title: string, text: string, takes: readonly Taken[]): Operation => {
    // Little leaf is soon thrown; turning the piece and shaking it stay.
    const throwing = on.value(d.throwSec) * piece.sideAreaCm2 * (0.3 + 0.7 * Math.min(1, piece.leaf))
    const { atOnce, setUpEachSec } = on.rounds(of.adhesive, 4 + throwing, on.value(d.readySec))
    return on.work(id, title, {
      text,
      hands: eachSec === undefined ? [4 + throwing + setUpEachSec, 60] : [eachSec, 60, 'common practice'],
      takes,
      within: on.open(of.adhesive),
      atOnce,
      wait: on.sets(of.adhesive, isCement ? 'Let the cement dry' : 'Let it set'),
      tools: ['catch tray'],
      ...(isCement ? {} : CAN_AIR),
      faults: ['clogged-stems', 'fallen-foliage', 'loud-two-tone'],
      passes: 'Light through the crown; no foliage on the trunk.',
    })
  }
  const snow = isLaden((id) => on.choice(id)) && snowed(on, of, stuck(`${glue} for the snow`))
  if (!on.isLeafy) return listed([snow])

  const light = on.has('highlight') ? on.input(d.lightShare) : undefined
  const dark = of.shade && on.has('shade') ? on.input(d.shadeShare) : undefined
  const seen = of.filled ? [rest(on.input(of.filled))] : []
  const tone = (id: string, label: string, part: Expression, sticks: Coefficient): Taken =>
    there.crownFlock(id, { share: product(part, ...seen), sticks }, label)
  // The base makes up what the other two tones leave.
  const base = [light, dark].reduce<Expression>((left, one) => (one ? difference(left, one) : left), ONE)
  const leaf = (label: string, part: Expression, sticks: Coefficient): Taken[] =>
    leafyKin(piece).map((kin) => {
      const own = kin.share < 1 ? [fact('share of the kind', kin.share, '', 'line')] : []
      const share = product(part, ...own, ...seen)
      return there.with(kin.piece).flock(
        kin.slot,
        {
          area: on.crown,
          seeThrough: on.with(kin.piece).seeThrough,
          leaf: on.with(kin.piece).leaf,
          share,
          sticks,
        },
        `${label}${kin.of}`,
      )
    })
  const under = dark ? [tone('shade', 'Shade, underneath and inside', dark, d.baseSticks)] : []
  const over = light ? [tone('highlight', 'Highlight, from above', light, d.laterSticks)] : []
  const percent = Math.round(piece.leaf * 100)
  const thin =
    piece.leaf < THIN
      ? ` Only ${percent} % of the leaf hangs on the day: stop early, and leave twigs bare.`
      : ''
  const inside = of.shade ? '; the dark underneath and inside first' : ''
  const thrown = `Over the catch dish: ${name} on the ${where}${inside}. Sprinkle from above, turn over, and from below; shake.`
  const top = 'The lighter tone last, from above only. Tip the fall back into its own jar.'
  const first = stuck(`${glue}, first coat`)
  if (of.form === 'ground')
    return listed([
      pass('dress', 'Dress the crown', `${thrown} ${top}${thin}`, [
        first,
        ...under,
        ...leaf('Foliage', base, d.baseSticks),
        ...over,
      ]),
      snow,
    ])
  const half = quotient(base, number(2))
  return listed([
    pass('dress', 'Leaf, first pass', `${thrown}${thin}`, [
      first,
      ...under,
      ...leaf('Leaf, first pass', half, d.leafSticks),
    ]),
    pass(
      AGAIN,
      'Leaf, second pass; highlight',
      `A mist of ${name} again, and more leaf where it is bare. ${top}`,
      [stuck(`${glue}, second coat`), ...leaf('Leaf, second pass', half, d.leafSticks), ...over],
    ),
    snow,
  ])
}

/** Of a dressing only the snow: for a way that throws its leaf itself. */
export const snowOnly = (on: PlantMaking, of: Dressing): Operation[] => dress(on.with({ leaf: 0 }), of)

const snowed = (on: PlantMaking, { adhesive }: Dressing, glue: Taken): Operation =>
  on.work('snow', 'Snow', {
    text: `A mist of ${adhesiveNames[adhesive].toLowerCase()} from above only, then the white powder through a sieve, with a trace of black pigment in it. It lies on limbs and on what faces the sky. No coat over it: sealing turns it grey.`,
    hands: [(on.value(d.snowSec) * Math.max(4, on.piece.topAreaCm2)) / 40, 60],
    takes: [glue, on.snow()],
    within: on.open(adhesive),
    wait: on.sets(adhesive, 'Let it set untouched'),
    tools: ['sieve', 'catch tray'],
    ...(adhesive === 'cement' ? {} : CAN_AIR),
    faults: ['snow-sealed'],
  })
