import { fact, number, quotient, rest, roundedUp } from '../../quantities'
import { examplePiece, examplePieces } from '../kit/examples'
import { judge } from '../kit/fit'
import { pooled, poolSlot } from '../kit/ground'
import { trait } from '../kit/making'
import { foam, powder, tackyPva, twig } from '../kit/materials'
import { amount, coefficients, seconds, share, spoilage } from '../kit/rows'
import { dries, staysOpen } from '../kit/setting'
import { optional, sharing, slot } from '../kit/slot'
import { profile, way } from '../kit/way'

const k = coefficients('seed-heads', {
  spoilage: spoilage(0.12, 'memory', 'make extra'),
  tipsEach: amount('tips from one curved sprig', 6, 'piece'),
  bare: share('left bare', 0.2),
  powderMm: amount('powder on a head, for each mm of its height', 0.001, 'g/mm'),
  glueMm: amount('a trace of glue, for each mm of its height', 0.0015, 'ml/mm'),
  cutSec: seconds('cut a tip', 5),
  dipSec: seconds('glue, dip', 10),
  openSec: staysOpen('trace', 'glue on a tip stays open'),
  dryMin: dries('trace', 'tips dry'),
})

/** Undergrowth and seed heads from sprig tips. Common practice. */
export const seedHeads = way('seed-heads', 'Sprig undergrowth, seed heads', {
  makes: 'Sprig tips with a trace of glue, dipped in purple, ochre and green; one in five left bare.',
  profile: profile([10, 30], 'branches', 'mass-made', 'protected', [10, 30], 'sprig'),
  seasons: 'summer to winter',
  setsInPlace: true,
  figures: k,
  suits({ piece }) {
    const herb = piece.habit === 'herb' || piece.habit === 'fern'
    return judge({
      right: herb && piece.heightMm >= 10 && piece.heightMm <= 30,
      pro: [
        'fine forked stems, heads in purple, ochre and green, some bare',
        'stands in long grass, which holds it up',
      ],
      con: [
        piece.zone === 'front' && 'at the front but inboard: the edge snaps it',
        !herb && 'for a low shrub it is thin: among others',
        piece.heightMm < 10 && 'shorter than a tip that holds together',
        piece.heightMm > 30 && 'longer than tips are: whole sprigs',
      ],
      never: [
        piece.habit === 'grass' && 'a grass has no forked stem',
        piece.habit === 'palm' && 'a palm has fronds on a bare stem',
        (piece.habit === 'broadleaf' || piece.habit === 'conifer') && 'a tree is more than a tip',
        piece.crownForm === 'wall' && 'what climbs wants mesh on its wall',
        (piece.heightMm > 50 || piece.heightMm < 6) &&
          `tips are 10 to 30 mm, this is ${Math.round(piece.heightMm)} mm`,
      ],
    })
  },
  materials: ({ piece }) => {
    const { heads, colours } = piece.sward
    return [
      slot('sprig', 'Curved sprigs, for tips', twig('curved-sprig', Math.max(20, piece.heightMm * 2))),
      slot('head', 'Powder of the heads', powder('blossom', heads > 0.02 ? colours.head : '#b08a45')),
      slot('ochre', 'Powder, ochre ones', powder('pastel', '#b08a45'), optional),
      slot('foam', 'Fine foam, green ones', foam(0.5, piece.tones.base), optional),
      slot('glue', 'Tacky PVA', tackyPva),
      { ...poolSlot, ...sharing },
    ]
  },
  operations: (on) => {
    const { heightMm } = on.piece
    const others = ['ochre', 'foam'].filter((id) => on.has(id))
    const bare = on.value(k.bare)
    const dipped = rest(on.input(k.bare))
    const each = others.length > 0 ? quotient(dipped, number(1 + others.length)) : dipped
    const dipIn = (id: string): number => (others.includes(id) ? each.value : 0)
    const heads = { 'heads in colour': each.value, ochre: dipIn('ochre'), green: dipIn('foam'), bare }
    return [
      on.work('cut', 'Cut tips', {
        text: `Tips of about ${Math.round(heightMm)} mm, forked ones first; make extra.`,
        hands: on.value(k.cutSec),
        takes: [on.takeOnce('sprig', roundedUp(quotient(on.pieces, on.input(k.tipsEach))))],
        cuts: [{ slot: 'sprig', what: 'tips', count: on.started, lengthMm: heightMm }],
        tools: ['cutters'],
      }),
      on.work('dip', 'A trace of glue, dip', {
        text: `A trace of glue on the head, dip, tap${bare > 0 ? `; about one in ${Math.round(1 / bare)} stays bare` : ''}. ${others.length > 0 ? 'The colours in turn: let the dealer choose.' : ''}`,
        hands: on.value(k.dipSec) * dipped.value,
        takes: [
          ['head', ...others].map((id) => on.take(id, [on.height, each, k.powderMm])),
          on.take('glue', [on.height, dipped, k.glueMm], 'A trace of glue'),
        ],
        within: on.open('trace', { by: k.openSec }),
        atOnce: on.atOnce(
          on.openSec('trace', k.openSec) / on.value(k.dipSec),
          `${on.value(k.dipSec)} s each.`,
        ),
        wait: on.sets('trace', 'Let the heads dry', k.dryMin),
        tools: ['tweezers'],
        deal: { each: 1, suits: [trait('head', heads)] },
        cautions: ['dust'],
        faults: ['petal-blobs', 'too-orderly'],
      }),
      on.inspect('Heads uneven, some bare; no glue seen.', ['too-orderly']),
      pooled(on, fact('foot of a stem', 0.15, 'cm²', 'memory'), {
        text: 'Place them quickly among long grass, glue at the foot only; the grass holds them up.',
        faults: ['too-orderly', 'shiny-patches'],
      }),
    ]
  },
  examples: [examplePieces(examplePiece('herb', 'blades', 16), 30)],
})
