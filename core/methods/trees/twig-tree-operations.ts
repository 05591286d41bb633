import { quotient, roundedUp } from '../../quantities'
import type { PlantMaking } from '../kit/bench'
import { dress, type Dressing } from '../kit/dress'
import { dressing } from '../kit/figures'
import type { Listed } from '../kit/listed'
import type { Operation } from '../kit/making'
import { amount, coefficients, seconds, spoilage } from '../kit/rows'
import { dries } from '../kit/setting'

export const twigLeaf: Dressing = { adhesive: 'hairspray', form: 'leaf', shade: true }

/** Amounts and times of a twig tree. From memory unless marked. */
export const twigTreeFigures = coefficients('twig-tree', {
  spoilage: spoilage(0.08),
  twigsEach: amount('twigs joined to a tree', 1.6, 'piece'),
  tipCm2: amount('crown for each sprig tip', 2.2, 'cm²'),
  tipsFromSprig: amount('tips from a curved sprig', 20, 'piece', 'memory', '15 to 25'),
  jointCa: amount('CA in a joint, for each mm of trunk', 0.025, 'ml/mm'),
  paste: amount('paste for joint, foot and flange, for each mm of height', 0.05, 'ml/mm'),
  edgeCoat: amount('medium on the edges of a crown', 0.01, 'ml/cm²'),
  tipGlue: amount('hot glue for a tip', 0.025, 'ml'),
  washCoat: amount('a thin dark wash', 0.004, 'ml/cm²'),
  joinSec: seconds('choose, trim, join, a tree of 180 mm', 300),
  footSec: seconds('paste foot, bark, flange, of a tree of 180 mm', 300),
  sprigTipSec: seconds('place a tip', 18, 'common practice', '15 to 20 minutes for a tree of 160 mm'),
  washSec: seconds('a thin wash, on a tree of 180 mm', 90),
  leafSec: seconds('base and highlight', 180),
  nightMin: dries('ca', 'CA in the joint'),
  pasteMin: dries('paste', 'paste dries'),
})
const k = twigTreeFigures

/** Twigs joined, a foot of paste, tips, leaf. */
export function twigTreeOperations(on: PlantMaking): Listed<Operation> {
  const size = on.piece.heightMm / 180
  const tips = roundedUp(quotient(on.crown, on.input(k.tipCm2)))
  const dipped = on.choice('leafing') === 'medium'
  return [
    on.work('join', 'Choose, trim, join', {
      text: 'Compact twigs with forks close together; trim what crosses. Shave two where they will meet, at a natural joint; CA.',
      hands: [on.value(k.joinSec) * size, 60],
      takes: [on.takePieces('twig', k.twigsEach), on.take('ca', [on.trunk, k.jointCa])],
      wait: on.sets('ca', 'CA in the joint overnight', k.nightMin),
      tools: ['cutters', 'knife'],
      holders: [{ what: 'base', each: 1, until: 'inspect' }],
      cautions: ['gathering'],
      faults: ['visible-join', 'one-sided'],
    }),
    on.work('foot', 'Foot, bark, flange', {
      text: 'Paste with the fingers over joint and foot; bark it with an old toothbrush, upwards. Roots run out on a flange that will be planted under the ground, a post below.',
      hands: [on.value(k.footSec) * size, 60],
      takes: [on.take('paste', [on.height, k.paste])],
      within: on.open('paste'),
      wait: on.sets('paste', 'Dry overnight', k.pasteMin),
      tools: ['toothbrush'],
      faults: ['visible-join'],
      passes: 'The joint can’t be found.',
    }),
    on.work('tips', 'Tips in hot glue', {
      text: 'The pot on low with a few chips, never filled: old glue strings. Tip by tip with tweezers, outward and up, no two side by side. Dull: do two trees an evening if you like.',
      hands: [on.value(k.sprigTipSec) * tips.value, 120, 'common practice'],
      takes: [
        on.takePieces('tips', quotient(tips, on.input(k.tipsFromSprig))),
        on.take('glue', [tips, k.tipGlue]),
      ],
      within: on.open('hot-glue'),
      tools: ['glue pot', 'tweezers'],
      faults: ['glue-strings', 'one-sided'],
    }),
    on.paint('paint', 'Grey primer', {
      text: 'Grey primer on all of it.',
      takes: [on.coat('primer', dressing.paintCoat)],
    }),
    on.work('wash', 'Thin dark wash', {
      text: 'Over dry primer, where the trunk is too pale: easiest now, before any leaf.',
      hands: [on.value(k.washSec) * size, 60],
      takes: [on.coat('wash', k.washCoat)],
      wait: on.sets('wash', 'Let the wash dry'),
      tools: ['brush'],
      faults: ['trunk-colour'],
    }),
    dress(
      on,
      twigLeaf,
      dipped
        ? 'tips, their edges dipped in dilute medium first (never plunged)'
        : 'tips only, the tree upright',
    ).map((one) =>
      dipped && one.step.id === 'dress'
        ? { ...one, takes: [on.coat('medium', k.edgeCoat), ...one.takes] }
        : one,
    ),
    on.inspect('The joint is invisible; no strings; close tones.', [
      'visible-join',
      'glue-strings',
      'loud-two-tone',
    ]),
  ]
}
