import { fact, most, ONE, quotient, rest, rounded, type Expression } from '../../quantities'
import { plainNumber } from '../../units'
import type { PlantMaking } from '../kit/bench'
import { dress, type Dressing } from '../kit/dress'
import { dressing } from '../kit/figures'
import type { Listed } from '../kit/listed'
import type { Operation } from '../kit/making'
import { treesAlong, twigFigures as k } from '../plans/hedge'

/** Two scatters of near tones; horsehair makes up a part of what is seen already. */
export const hedgeLeaf: Dressing = { adhesive: 'spray-adhesive', form: 'leaf', filled: k.filled }

/** What trees in the hedge leave of it, as a factor; none where there are none. */
function treeShare({ job }: PlantMaking): Expression[] {
  if (job.kind !== 'length' || !job.trees) return []
  return [fact('of its length, not kept clear for trees', 1 - job.trees.clear, '')]
}

/** What is done about trees that stand in it. */
function treeWords({ job }: PlantMaking): string {
  const at = treesAlong(job)
  const count = job.kind === 'length' ? (job.trees?.atMm.length ?? 0) : 0
  if (count === 0) return 'Standing trees are glued in now, before the row.'
  return count === 1
    ? `The tree that stands in it, at ${at} along, is glued in now, before the row; no hole where the sheet has a ring.`
    : `The ${count} trees that stand in it, at ${at} along, are glued in now, before the row; no hole where the sheet has a ring.`
}

/** Holes, and so twigs, in one stretch. */
function twigsIn(on: PlantMaking): Expression {
  const top = on.product(
    fact('stretch', on.partMm, 'mm'),
    fact('width of the hedge', on.piece.crownWidthMm, 'mm'),
    k.bankShare,
    ...treeShare(on),
  )
  return most(ONE, rounded(quotient(top, on.input(k.perHoleMm2))))
}

/** The bank with its twigs, earth over their feet. */
export function skeleton(on: PlantMaking, top: Expression): Listed<Operation> {
  const of200 = on.partMm / 200
  const twigs = twigsIn(on)
  const isFoam = on.choice('bank') === 'foam'
  return [
    isFoam &&
      on.work('lay-bank', 'Foam strip down', {
        text: 'A strip of foam sheet as wide as the bank, its flanks cut uneven. Adhesive in small dots, a thumb apart, pressed flat: under a closed film nothing dries. Weight it along its length.',
        hands: [on.value(k.layBankSec) * of200, 60],
        takes: [on.take('sheet', [top, k.sheetShare]), on.take('dots', [top, k.dotsMl], 'Adhesive in dots')],
        within: on.open('construction'),
        wait: on.sets('construction', 'Weighted, until it is closed', k.closedMin),
        tools: ['knife', 'steel rule'],
        cautions: ['wire-and-blades'],
        passes: 'It does not move when it is pushed from the side.',
      }),
    on.choice('bank') !== 'there' &&
      on.glue('raise', isFoam ? 'Paste over the foam' : 'Raise the bank', {
        text: isFoam
          ? 'A skin of paste over foam and flanks, a damp brush over it: no edge of the strip is seen.'
          : 'Paste along the line, a few mm high, its flanks uneven; a damp brush over it.',
        hands: [on.value(k.raiseSec) * of200 * (isFoam ? on.value(k.skin) : 1), 60],
        takes: [on.take('bank', [top, k.bankMl, ...(isFoam ? [k.skin] : [])])],
        in: 'paste',
        until: 'Dry overnight',
        tools: ['old brush'],
        faults: ['regular-row'],
      }),
    on.work('drill', 'Holes at random', {
      text: `Lay the hole sheet on it and drill ${twigs.value} holes of ${plainNumber(on.value(k.holeMm), 1)} mm for each stretch, or drill at random without it; vacuum the dust. ${treeWords(on)}`,
      hands: [on.value(k.drillSec) * twigs.value, 120],
      tools: ['drill', 'vacuum'],
      cautions: ['drilling', 'dust'],
      faults: ['holes-seen', 'grout-ring'],
    }),
    on.work('twigs', 'Twigs', {
      text: `Cut to length, no two alike, the longest in the middle; dip the foot, insert. ${twigs.value} for each stretch.`,
      hands: on.value(k.twigSec) * twigs.value,
      takes: [on.take('twigs', twigs), on.take('pva', [twigs, k.dipMl], 'PVA on their feet')],
      cuts: [
        {
          slot: 'twigs',
          what: 'twigs, about',
          count: twigs.value * on.started,
          lengthMm: on.piece.heightMm + on.value(k.footMm),
        },
      ],
      within: on.open('pva', { what: 'PVA on a dipped foot' }),
      atOnce: on.one('Dip and insert one by one.'),
      tools: ['cutters'],
      faults: ['regular-row'],
    }),
    on.work('bank', 'Earth over the holes', {
      text: 'At once, while the feet are wet: earth over holes and feet; a mist with a drop of detergent, then cement.',
      hands: [on.value(k.bankSec) * of200, 60],
      takes: [
        on.take('earth', [top, k.earthG]),
        on.take('cement', [top, k.cementMl], 'Cement over the earth'),
      ],
      wait: on.sets('cement', 'Let the cement dry', k.cementDryMin),
      tools: ['spray bottle'],
      faults: ['holes-seen', 'beads', 'tide-line'],
    }),
  ]
}

/** Horsehair teased, browned, scattered, and worked between the twigs. */
export function growth(on: PlantMaking, side: Expression): Listed<Operation> {
  const of200 = on.partMm / 200
  const lengthCm = on.partMm / 10
  const { heightMm, crownWidthMm } = on.piece
  // A stretch of hedge as dressing sees it: a crown as long as the stretch.
  const stretch = on.with({
    sideAreaCm2: (lengthCm * heightMm) / 10,
    topAreaCm2: (lengthCm * crownWidthMm) / 10,
  })
  return [
    stretch.paint('hair', 'Horsehair: strip, tease, brown', {
      text: 'Thin strips; cut the dense base off and discard it. Tease apart until daylight shows, spray it brown.',
      hands: on.value(k.hairSec) * of200,
      takes: [
        on.take('hair', quotient(on.product(side, k.hairFill), rest(on.input(k.base)))),
        on.take('brown', [side, dressing.paintCoat]),
      ],
      cuts: [
        {
          slot: 'hair',
          what: 'strips, dense base cut off',
          count: on.started * Math.max(1, Math.round(2 * on.value(k.hairFill) * of200)),
          lengthMm: on.partMm,
          widthMm: heightMm,
        },
      ],
      // Teased and browned while the bank's paste and cement dry.
      after: [],
      tools: ['scissors', 'tweezers'],
      cautions: ['dust'],
      faults: ['solid-wall'],
    }),
    dress(stretch, hedgeLeaf, 'teased strips, on both sides'),
    on.work('work-in', 'Work it between the twigs', {
      text: `Glue brushed up the twigs; horsehair between them from both sides, across the joints of the stretches. Stop while daylight comes through.${on.isLeafy ? '' : ' Bare: little horsehair, for the fine twigs only.'}`,
      hands: [on.value(k.setHairSec) * of200, 60],
      takes: [on.take('cement', [side, k.brushMl], 'Glue up the twigs')],
      after: ['bank', 'hair', 'dress', 'dress-again'],
      within: on.open('cement'),
      atOnce: on.one('One stretch at a time.'),
      wait: on.sets('cement', 'Let it dry overnight', k.cementDryMin),
      tools: ['tweezers', 'brush'],
      faults: ['solid-wall', 'regular-row'],
    }),
    on.work('below', 'Small bushes, flowers below', {
      text: 'Small sprig bushes in it, flowers beneath, their stems over-length and pushed in with a blade.',
      hands: on.value(k.bushSec) * of200,
      takes: [on.has('bushes') && on.takePieces('bushes', [fact('stretch', on.partMm, 'mm'), k.bushesEach])],
      tools: ['flat blade'],
      faults: ['regular-row'],
    }),
  ]
}
