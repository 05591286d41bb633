import {
  amount,
  coatUse,
  coefficients,
  crownOf,
  dressing,
  dressSlots,
  dressSteps,
  dressUses,
  dries,
  examplePiece,
  examplePieces,
  hands,
  hasLeaf,
  inspectStep,
  judge,
  open,
  openSecOf,
  piecesUse,
  seconds,
  sets,
  share,
  snowOption,
  stepsWith,
  trunkOf,
  use,
  wetRounds,
  type Dress,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { product } from '../../quantities'
import { beyond, hopeless, isBare, notABush, notATree, type Sizes } from './suits'

const SIZES: Sizes = { well: [80, 200] }
const k = coefficients('dwarf-shrub-tree', {
  spoilage: share('spoilage', 0.06),
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
  filled: share('covered before the leaf, of what is seen', 0.2),
})

const dress: Dress = { adhesive: 'hairspray', form: 'leaf', shade: true, filled: k.filled }

function suits({ piece }: PlantJob) {
  return judge({
    right: piece.habit === 'broadleaf' && piece.zone !== 'back',
    pro: [
      'a stout trunk with a true fork in minutes of hands',
      'twigs of two thicknesses: it bears being seen with little leaf',
      'tougher than a sprig',
    ],
    con: [
      beyond(piece, SIZES),
      piece.zone === 'back' && 'more than a tree at the back needs',
      isBare(piece) && 'bare, its straight fibre twigs are seen for what they are',
      piece.habit === 'conifer' && 'stems fork like a broadleaf',
      notABush(piece),
    ],
    never: [
      notATree(piece),
      hopeless(piece, SIZES),
      piece.crownForm === 'conical' && 'no whorls about a leader',
    ],
  })
}

/** A tree from two or three dwarf-shrub stems, taped to one trunk. Common practice. */
export const dwarfShrubTree: PlantMethod = {
  id: 'dwarf-shrub-tree',
  name: 'Dwarf-shrub tree',
  makes:
    'Two or three berry-shrub stems shaved, glued and taped to one trunk, sisal and fibre for twigs, leaf.',
  kinds: ['pieces'],
  profile: {
    sizeMm: SIZES.well,
    shows: 'branches',
    effort: 'made one by one',
    handling: 'reached over',
    together: [4, 6],
    seasons: 'in leaf; stems cut after leaf fall',
    manner: 'stem',
  },
  coefficients: Object.values(k),
  options: [
    {
      id: 'twigs',
      name: 'Twigs',
      choices: [
        { id: 'sisal', name: 'cut sisal', words: 'crooked and uneven' },
        { id: 'fibre', name: 'static fibre', words: 'straight, all of one length' },
      ],
    },
    snowOption,
  ],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }, choice) => [
    { id: 'stems', label: 'Stems', wish: { stuff: 'twig', twig: 'stem', heightMm: piece.heightMm } },
    { id: 'ca', label: 'CA', wish: { stuff: 'liquid', liquid: 'ca' } },
    { id: 'tape', label: 'Floral tape', wish: { stuff: 'goods', goods: 'tape' } },
    { id: 'pva', label: 'PVA', wish: { stuff: 'liquid', liquid: 'pva' } },
    {
      id: 'twig-fibre',
      label: choice('twigs') === 'fibre' ? 'Brown fibre for twigs' : 'Cut sisal',
      wish: {
        stuff: 'fibre',
        how: 'sprinkled',
        lengthMm: 12,
        colour: choice('twigs') === 'fibre' ? '#5a4330' : '#9c8460',
      },
    },
    {
      id: 'short-fibre',
      label: 'Brown fibre, 2.5 mm',
      wish: { stuff: 'fibre', how: 'sprinkled', lengthMm: 2.5, colour: '#5a4330' },
    },
    { id: 'twig-glue', label: 'Spray adhesive', wish: { stuff: 'liquid', liquid: 'spray-adhesive' } },
    { id: 'brown', label: 'Brown', wish: { stuff: 'liquid', liquid: 'spray-paint', colour: '#5f4a37' } },
    {
      id: 'black',
      label: 'Black mist',
      wish: { stuff: 'liquid', liquid: 'spray-paint', colour: '#26241f' },
      tone: { is: 'darker', than: 'brown' },
      optional: true,
    },
    ...(hasLeaf(piece)
      ? [
          {
            id: 'core',
            label: 'Fine foam, core',
            wish: { stuff: 'foam', form: 'ground', grainMm: 0.4, colour: piece.tones.shade },
          } as const,
        ]
      : []),
    ...dressSlots(piece, dress, choice),
  ],
  work(task) {
    const { piece, value } = task
    const crown = crownOf(task)
    const trunk = trunkOf(task)
    const size = piece.heightMm / 140
    const paintSec = value(k.paintSec) * size
    const per = (slot: string, step: string, label: string, of: typeof k.glue) =>
      use(task, {
        slot,
        step,
        label,
        each: product(crown, task.input(of)),
      })
    const uses = [
      ...piecesUse(task, {
        slot: 'stems',
        step: 'join',
        label: 'Stems',
        each: task.input(k.stems),
      }),
      use(task, {
        slot: 'ca',
        step: 'join',
        label: 'CA',
        each: product(trunk, task.input(k.jointCa)),
      }),
      use(task, {
        slot: 'tape',
        step: 'tape',
        label: 'Tape',
        each: product(trunk, task.input(k.tapeTurns)),
      }),
      per('pva', 'sisal', 'PVA', k.glue),
      per('twig-fibre', 'sisal', 'Twigs', k.sisal),
      coatUse(task, { slot: 'twig-glue', step: 'fibre', label: 'Spray adhesive' }, dressing.adhesiveCoat),
      per('short-fibre', 'fibre', 'Short fibre', k.fibre),
      coatUse(task, { slot: 'brown', step: 'paint', label: 'Brown' }, dressing.paintCoat),
      ...(task.fill('black').parts.length > 0
        ? [coatUse(task, { slot: 'black', step: 'paint', label: 'Black mist' }, dressing.mistCoat)]
        : []),
      ...(hasLeaf(piece) ? [per('core', 'paint', 'Fine foam', k.foam)] : []),
      ...dressUses(task, dress),
    ]
    const air = { needs: ['ventilation' as const], gives: ['aerosol' as const, 'solvent' as const] }
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'join',
          title: 'Shave, glue',
          text: 'Two or three stems; halve each where they meet, glue the faces together.',
          hands: hands(value(k.joinSec) * size, 60),
          wait: sets(task, 'ca', 'CA in the joint overnight', { by: k.nightMin }),
          tools: ['knife', 'cutters'],
          holders: [{ what: 'clamp', each: 1, until: 'tape' }],
          cautions: ['wire-and-blades', 'ca', 'gathering'],
          faults: ['visible-join'],
        },
        {
          id: 'tape',
          title: 'Tape, seal at once',
          text: 'Stretch the tape around the joint: it sticks only when stretched. Seal it with CA at once, the tack fades; breathe on it, moisture speeds it.',
          hands: hands(value(k.tapeSec) * size),
          within: open(task, 'tape'),
          tools: ['scissors'],
          cautions: ['ca'],
          faults: ['tape-lets-go'],
          passes: 'One trunk; no tape edge.',
        },
        {
          id: 'trim',
          title: 'Trim the outline',
          text: 'Cut to the crown’s outline; turn it as you cut.',
          hands: hands(value(k.trimSec) * size),
          tools: ['scissors'],
          faults: ['one-sided'],
        },
        {
          id: 'sisal',
          title: 'Twigs in PVA',
          text: 'PVA on the branches, cut fibre sprinkled from all sides; tap off.',
          hands: hands(value(k.sisalSec) * size, 60),
          within: open(task, 'pva'),
          wait: sets(task, 'pva', 'Dry overnight'),
          tools: ['brush', 'catch tray'],
          holders: [{ what: 'block place', each: 1, until: 'inspect' }],
          cautions: ['dust'],
          faults: ['fibre-clumps'],
        },
        {
          id: 'fibre',
          title: 'Short fibre',
          text: 'Spray adhesive on the twigs, 2.5 mm brown over it.',
          hands: hands(value(k.fibreSec) * size, 60),
          within: open(task, 'spray-adhesive'),
          wait: sets(task, 'spray-adhesive', 'Let it set'),
          tools: ['catch tray'],
          ...air,
          cautions: ['spray', 'dust'],
          faults: ['fibre-clumps'],
        },
        {
          id: 'paint',
          title: hasLeaf(piece) ? 'Brown, black mist, foam in the wet' : 'Brown, black mist',
          text: `Brown and a black mist wet in wet${hasLeaf(piece) ? '; fine foam into the wet paint on the crown' : ''}.`,
          hands: hands(paintSec, 60),
          within: open(task, 'paint'),
          ...(hasLeaf(piece) ? { atOnce: wetRounds(openSecOf(task, 'paint'), 0, paintSec).atOnce } : {}),
          wait: sets(task, 'paint', 'Let the paint dry'),
          tools: ['catch tray'],
          ...air,
          cautions: ['spray', 'dust'],
          faults: ['trunk-colour'],
        },
        ...dressSteps(task, dress),
        inspectStep(task, 'One trunk, varied twigs.', ['visible-join', 'one-sided']),
      ]),
    }
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 130), 6),
    examplePieces(examplePiece('broadleaf', 'spreading', 170, { leaf: 0.33 }), 4),
  ],
}
