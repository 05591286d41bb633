import { type Piece } from '../../commissions'
import { type BoundTwigs } from '../../makeup'
import { difference, fact, ONE, roundedDown, type Leaf } from '../../quantities'
import { catalogueRow } from '../../stock'
import { counted, noun } from '../../units'
import { bathed } from '../kit/bath'
import type { PlantMaking } from '../kit/bench'
import { type Dressing } from '../kit/dress'
import type { Listed } from '../kit/listed'
import type { Operation } from '../kit/making'
import { amount, coefficients, minutes, row, seconds, spoilage, sticking } from '../kit/rows'
import { dries, staysOpen } from '../kit/setting'

/** The numbers that the soaked sprig tree rests on, until a maker knows better. */
export const sprigFigures = coefficients('sprig-tree', {
  spoilage: spoilage(0.08),
  spare: row('sprigs picked for one that is used', 1.1, '', [1, 4]),
  flatCm2: amount('a flat sprig, seen from above', 36, 'cm²'),
  longest: row('longest good sprig', 160, 'mm', [40, 400], 'common practice'),
  pickUp: amount('bath carried away, for each mm of a sprig', 0.015, 'ml/mm'),
  standing: amount('standing in the tub at the end', 400, 'ml'),
  bowl: row('sprigs in the bath at once', 10, '', [1, 60]),
  soakSec: seconds('a soak', 150, 'common practice', '2–3 minutes'),
  sortSec: seconds('pick and clean a sprig', 60),
  bowlSec: seconds('change a bowl', 5),
  bindSec: seconds('bind the sprigs of a tree', 180),
  tieMm: amount('fine wire round a joint', 120, 'mm'),
  jointMl: amount('CA in a joint', 0.1, 'ml'),
  pegSec: seconds('peg a sprig', 15),
  paintSec: seconds('spray a trunk, for each 40 cm² of crown', 12),
  flockSec: row('sprinkle, for each cm² of crown', 0.28, 's', [0.02, 3]),
  mistSec: seconds('a mist from above, for each 40 cm² of crown', 6),
  setUpSec: row('spray a round before the first sprinkle', 8, 's', [0, 50]),
  wetSec: staysOpen('hairspray', 'hairspray stays wet'),
  dryMin: minutes('bath film dries', 600, 'common practice', 'overnight'),
  paintMin: dries('paint'),
  setMin: dries('hairspray', 'hairspray sets'),
  trunkCoat: amount('trunk coat', 0.03, 'ml/cm²'),
  tipsCoat: amount('dark mist on the tips', 0.008, 'ml/cm²'),
  sprayCoat: amount('hairspray', 0.04, 'ml/cm²'),
  canopyCoat: amount('canopy colour', 0.03, 'ml/cm²'),
  mistCoat: amount('highlight mist', 0.008, 'ml/cm²'),
  sticks: sticking('sticks, of what is thrown', 0.45),
  highlight: row('share of the foliage on top', 0.15, '', [0, 0.5], 'memory', 'common practice: subtle'),
})
const k = sprigFigures

/** Bark of most trunks, and the depth at the tips: grey-brown, dark. Common practice. */
export const TRUNK = '#7d756b'

/** A tree that is only a little wider than so many sprigs is made of those. Our estimate. */
const A_LITTLE = 0.35

/** Of the shared dressing only snow is used; it is stuck with the way's own hairspray. */
export const snow: Dressing = { adhesive: 'hairspray', form: 'ground', slot: 'hairspray' }

/**
 * Sprigs bound together for one tree: as many flat ones as its crown, seen from above, has room for.
 * @param flatCm2 of one sprig
 */
export const sprigsOf = ({ topAreaCm2 }: Pick<Piece, 'topAreaCm2'>, flatCm2 = k.flatCm2.value): Leaf =>
  fact(
    'sprigs in a tree',
    Math.max(1, Math.ceil(topAreaCm2 / flatCm2 - A_LITTLE)),
    '',
    'formula',
    `crown from above of ${Math.round(topAreaCm2)} cm² ÷ a flat sprig of ${Math.round(flatCm2)} cm²`,
  )

/** How trees of sprigs are bound. */
export const boundSprigs: BoundTwigs = {
  twigs: (piece) => sprigsOf(piece).value,
  longestMm: k.longest.value,
}

/** Sprigs sorted, toughened where that was chosen, bound, and painted. */
export function armature(on: PlantMaking): Listed<Operation> {
  const sprigs = sprigsOf(on.piece, on.value(k.flatCm2))
  const n = sprigs.value
  const bowl = on.value(k.bowl)
  const longMm = Math.min(on.piece.heightMm, on.value(k.longest))
  const left = roundedDown(on.product(sprigs, difference(on.input(k.spare), ONE), on.pieces))
  return [
    on.work('sort', 'Sort and clean', {
      text: `Pick ${counted(n, 'sprig')} for each tree. Tweeze off dry leaves, cut inward twigs. Curved ones go to their own box.`,
      hands: [on.value(k.sortSec) * n, 60],
      takes: on.takePieces('sprig', [sprigs, k.spare]),
      yields: [left.value > 0 && on.byProduct('curved-sprigs', `Curved ${noun(left.value, 'sprig')}`, left)],
      tools: ['tweezers', 'cutters'],
      faults: ['one-sided'],
    }),
    on.choice('sprigs') === 'toughened' &&
      on.work('soak', 'Soak, peg to the line', {
        text: `${on.time(on.value(k.soakSec))} in the bath, ${counted(bowl, 'sprig')} at a time; peg one bowl while the next soaks. Tap off on newspaper, peg head down; a second peg on the tip of the curved ones pulls them straight.`,
        hands: [
          on.value(k.pegSec) * n + (Math.ceil((n * on.started) / bowl) * on.value(k.bowlSec)) / on.started,
          180,
        ],
        ...bathed(on, {
          title: 'Soaking bath',
          material: catalogueRow('soaking-bath'),
          taken: on.product(sprigs, fact('length of a sprig', longMm, 'mm'), k.pickUp),
          standing: on.input(k.standing),
          parts: [['medium', 1]],
          water: 5,
        }),
        atOnce: on.atOnce(bowl / n, `The bowl takes ${counted(bowl, 'sprig')}.`, 'bowl'),
        wait: on.dries(k.dryMin, 'Dry overnight on the line'),
        tools: ['bowl', 'drying line'],
        holders: [{ what: 'peg', each: 2 * n, until: 'soak' }],
        cautions: ['wet-bath'],
        faults: ['white-puddles', 'beads'],
      }),
    n > 1 &&
      on.work('bind', `Bind ${counted(n, 'sprig')} to a tree`, {
        text: 'Set them round, flat sides turned outward, so that it is round from above. Fine wire round the feet, CA into the joint, paste over it where it shows.',
        hands: [on.value(k.bindSec), 60],
        takes: [on.has('tie') && on.take('tie', k.tieMm), on.take('ca', k.jointMl)],
        within: on.open('ca'),
        tools: ['pliers'],
        needs: ['ventilation'],
        cautions: ['wire'],
        faults: ['one-sided', 'visible-join'],
        passes: 'Round from above; the joint can’t be found.',
      }),
    on.spray('trunk', 'Trunk colour, dark tips', {
      text:
        n > 1
          ? 'Grey-brown on both sides, over the joint too; a light dark mist on the tips for depth.'
          : 'In the foam block: grey-brown on both sides; a light dark mist on the tips for depth.',
      hands: on.value(k.paintSec) * crowns(on),
      takes: [on.coat('trunk-paint', k.trunkCoat), on.coat('tips-paint', k.tipsCoat)],
      wait: on.dries(k.paintMin, 'Let the paint dry', 'paint'),
      tools: ['foam block'],
      holders: [{ what: 'block place', each: 1, until: 'inspect' }],
      faults: ['trunk-colour', 'satin'],
    }),
  ]
}

/** Painting and misting take as long as there is crown, by a tree of 40 cm². */
export const crowns = ({ piece }: PlantMaking): number => Math.max(0.4, piece.sideAreaCm2 / 40)
