import type { PlantMaking } from '../kit/bench'
import { dress, type Dressing } from '../kit/dress'
import { dressing } from '../kit/figures'
import type { Listed } from '../kit/listed'
import type { Operation } from '../kit/making'
import { amount, coefficients, minutes, seconds, share, spoilage } from '../kit/rows'
import { dries } from '../kit/setting'

/** Amounts and times of a dwarf shrub tree. From memory unless marked. */
export const dwarfShrubTreeFigures = coefficients('dwarf-shrub-tree', {
  spoilage: spoilage(0.06),
  stems: amount('stems joined to a tree', 2.4, 'piece'),
  tapeTurns: amount('tape around the joint, for each mm of trunk', 20, 'mm/mm'),
  jointCa: amount('CA on joint and tape, for each mm of trunk', 0.04, 'ml/mm'),
  glue: amount('PVA for the twigs, for each cm² of crown', 0.02, 'ml/cm²'),
  sisal: amount('cut sisal, for each cm² of crown', 0.006, 'g/cm²'),
  fibre: amount('2.5 mm fibre, for each cm² of crown', 0.003, 'g/cm²'),
  foam: amount('fine foam in the wet, for each cm² of crown', 0.005, 'g/cm²'),
  joinSec: seconds('shave and glue stems of a tree of 140 mm', 240),
  tapeSec: seconds('tape, seal', 120),
  trimSec: seconds('trim the outline', 40),
  sisalSec: seconds('PVA and sisal', 120),
  fibreSec: seconds('adhesive and short fibre', 50),
  paintSec: seconds('brown and black, foam in the wet', 40),
  nightMin: dries('ca', 'CA in the joint'),
  bearsMin: minutes('a taped joint bears', 10, 'common practice'),
  filled: share('covered before the leaf, of what is seen', 0.2),
})
const k = dwarfShrubTreeFigures

export const shrubLeaf: Dressing = { adhesive: 'hairspray', form: 'leaf', shade: true, filled: k.filled }

/** Stems bound to one trunk, twigs of fibre, leaf. */
export function dwarfShrubTreeOperations(on: PlantMaking): Listed<Operation> {
  const size = on.piece.heightMm / 140
  const overnight = on.choice('joint') === 'overnight'
  return [
    on.work('join', 'Shave, glue', {
      text: 'Two or three stems; halve each where they meet, glue the faces together.',
      hands: [on.value(k.joinSec) * size, 60],
      takes: [on.takePieces('stems', k.stems), on.take('ca', [on.trunk, k.jointCa])],
      ...(overnight ? { wait: on.sets('ca', 'CA in the joint overnight', k.nightMin) } : {}),
      tools: ['knife', 'cutters'],
      holders: [{ what: 'clamp', each: 1, until: 'tape' }],
      cautions: ['gathering'],
      faults: ['visible-join'],
    }),
    on.work('tape', 'Tape, seal at once', {
      text: 'Stretch the tape around the joint: it sticks only when stretched. Seal it with CA at once, the tack fades; breathe on it, moisture speeds it.',
      hands: on.value(k.tapeSec) * size,
      takes: [on.take('tape', [on.trunk, k.tapeTurns])],
      within: on.open('tape'),
      ...(overnight ? {} : { wait: on.rests(k.bearsMin, 'Minutes, until it bears', 'cure') }),
      tools: ['scissors'],
      cautions: ['ca'],
      faults: ['tape-lets-go'],
      passes: 'One trunk; no tape edge.',
    }),
    on.work('trim', 'Trim the outline', {
      text: 'Cut to the crown’s outline; turn it as you cut.',
      hands: on.value(k.trimSec) * size,
      tools: ['scissors'],
      faults: ['one-sided'],
    }),
    on.glue('sisal', 'Twigs in PVA', {
      text: 'PVA on the branches, cut fibre sprinkled from all sides; tap off.',
      hands: [on.value(k.sisalSec) * size, 60],
      takes: [on.coat('pva', k.glue), on.coat('twig-fibre', k.sisal)],
      in: 'pva',
      until: 'Dry overnight',
      tools: ['brush', 'catch tray'],
      holders: [{ what: 'block place', each: 1, until: 'inspect' }],
      faults: ['fibre-clumps'],
    }),
    on.spray('fibre', 'Short fibre', {
      text: 'Spray adhesive on the twigs, 2.5 mm brown over it.',
      hands: on.value(k.fibreSec) * size,
      takes: [on.coat('twig-glue', dressing.adhesiveCoat), on.coat('short-fibre', k.fibre)],
      can: 'spray-adhesive',
      within: on.open('spray-adhesive'),
      tools: ['catch tray'],
      faults: ['fibre-clumps'],
    }),
    on.spray('paint', on.isLeafy ? 'Brown, black mist, foam in the wet' : 'Brown, black mist', {
      text: `Brown and a black mist wet in wet${on.isLeafy ? '; fine foam into the wet paint on the crown' : ''}.`,
      hands: on.value(k.paintSec) * size,
      takes: [
        on.coat('brown', dressing.paintCoat),
        on.has('black') && on.coat('black', dressing.mistCoat),
        on.isLeafy && on.coat('core', k.foam),
      ],
      ...(on.isLeafy ? { wet: 0 } : { within: on.open('paint'), tools: ['catch tray'] }),
      cautions: ['dust'],
      faults: ['trunk-colour'],
    }),
    dress(on, shrubLeaf),
    on.inspect('One trunk, varied twigs.', ['visible-join', 'one-sided']),
  ]
}
