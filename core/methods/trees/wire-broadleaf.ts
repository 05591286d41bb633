import { proposedStrands, wantedStoutMm, type PATIENCE } from '../../armature'
import {
  coatUse,
  crownOf,
  dressing,
  dressSlots,
  dressSteps,
  dressUses,
  examplePiece,
  examplePieces,
  fixedUse,
  hands,
  hasLeaf,
  inspectStep,
  judge,
  open,
  paintStep,
  piecesUse,
  sets,
  snowOption,
  stepsWith,
  use,
  type Dress,
  type Piece,
  type PlantJob,
  type PlantMethod,
  type Slot,
  type StepDraft,
} from '../../makeup'
import { MM_IN_CM, number, ONE, product, quotient, roundedUp, sum } from '../../quantities'
import { beyond, hopeless, isBare, notABush, notATree, type Sizes } from './suits'
import { wireCuts, wireUses, type WireWork } from './wire-amounts'
import { wireFigures as k } from './wire-figures'

const SIZES: Sizes = { well: [120, 400], atMostMm: 700 }
const dress: Dress = { adhesive: 'hairspray', form: 'leaf', shade: true }
const COATS = 3

/** Strands that the plan proposes for a choice of patience; of which the maker may set another number. */
const strandsOf = (piece: Piece, choice: (option: string) => string): number =>
  proposedStrands(piece.heightMm, piece.zone, choice('patience') as keyof typeof PATIENCE)

function suits({ piece }: PlantJob) {
  const bare = isBare(piece)
  return judge({
    right: piece.habit === 'broadleaf' && piece.zone === 'front',
    pro: [
      'every limb where you want it: the fork of the plant itself, not what a box holds',
      bare
        ? 'a bare tree shows its wood: this is where wire is at its best'
        : piece.leaf < 0.5 && 'with so little leaf the branches are seen',
      piece.heightMm > 160 && 'taller than any sprig',
      'tough: it is planted by its own pin, and bends before it breaks',
    ],
    con: [
      beyond(piece, SIZES),
      piece.zone === 'back' && 'an evening and more of hands for a tree that stands at the back',
      piece.zone === 'middle' && 'hours of hands for a tree that is not looked at closely',
      piece.leaf > 0.9 && piece.seeThrough < 0.18 && 'in dense summer leaf little of the work is seen',
      piece.habit === 'conifer' && 'a conifer of whorls wants a dowel or, with plates, a wire pine',
      notABush(piece),
    ],
    never: [notATree(piece), hopeless(piece, SIZES)],
  })
}

const slots = ({ piece }: PlantJob, choice: (option: string) => string): Slot[] => {
  const strands = strandsOf(piece, choice)
  const stoutMm = wantedStoutMm(piece.trunkMm, strands, k.barkMm.value)
  return [
    { id: 'wire', label: 'Stout wire', wish: { stuff: 'wire', diameterMm: stoutMm } },
    {
      id: 'thin-wire',
      label: 'Thin wire',
      wish: { stuff: 'wire', diameterMm: Math.max(0.2, stoutMm * 0.45) },
    },
    { id: 'latex', label: 'Latex', wish: { stuff: 'liquid', liquid: 'latex' } },
    { id: 'grout', label: 'Grout', wish: { stuff: 'powder', powder: 'grout', colour: '#8f8b84' } },
    { id: 'pva', label: 'PVA', wish: { stuff: 'liquid', liquid: 'pva' } },
    {
      id: 'tips',
      label: 'Sprig tips',
      wish: { stuff: 'twig', twig: 'curved-sprig', heightMm: Math.min(90, piece.heightMm * 0.3) },
    },
    { id: 'ca', label: 'CA', wish: { stuff: 'liquid', liquid: 'ca' } },
    { id: 'activator', label: 'Activator', wish: { stuff: 'liquid', liquid: 'activator' }, optional: true },
    {
      id: 'primer',
      label: 'Grey primer',
      wish: { stuff: 'liquid', liquid: 'spray-paint', colour: '#8b8a87' },
    },
    {
      id: 'bark-paint',
      label: 'Dark brown',
      wish: { stuff: 'liquid', liquid: 'spray-paint', colour: '#3d3128' },
      tone: { is: 'darker', than: 'primer' },
    },
    {
      id: 'brush-paint',
      label: 'Dry-brush, pale grey',
      wish: { stuff: 'liquid', liquid: 'paint', colour: '#b7b2a8' },
    },
    {
      id: 'brush-brown',
      label: 'Dry-brush, brown',
      wish: { stuff: 'liquid', liquid: 'paint', colour: '#6b5440' },
    },
    ...dressSlots(piece, dress, choice),
  ]
}

/** A broadleaf of twisted wire: trunk and limbs of one hank, thin wire lashed on. Common practice. */
export const wireBroadleaf: PlantMethod = {
  id: 'wire-broadleaf',
  name: 'Twisted-wire broadleaf',
  makes:
    'A hank of wire twisted to trunk, roots and limbs, thin wires lashed on and split to tips, bark of grout and PVA.',
  kinds: ['pieces'],
  profile: {
    sizeMm: SIZES.well,
    shows: 'branches',
    effort: 'made one by one',
    handling: 'handled',
    together: [1, 4],
    seasons: 'bare and late autumn best; summer with more leaf',
    manner: 'wire',
  },
  coefficients: Object.values(k),
  options: [
    {
      id: 'patience',
      name: 'Strands',
      choices: [
        { id: 'usual', name: 'as many as read well', words: 'about sixty for 150 mm at the front' },
        { id: 'quick', name: 'fewer', words: 'an evening less; more left to sprig tips' },
        { id: 'fine', name: 'more', words: 'finer forks, half as much again to twist' },
      ],
    },
    {
      id: 'bulk',
      name: 'Bulk',
      choices: [
        { id: 'wire', name: 'by wire', words: 'thin wire wound round the limbs; fewer coats' },
        { id: 'paste', name: 'by paste', words: 'one coat more; softer joints' },
      ],
    },
    {
      id: 'ends',
      name: 'Ends',
      choices: [
        { id: 'short', name: 'clipped short', words: 'two short ends at each tip, sprig tips between' },
        { id: 'long', name: 'long and bent', words: 'ends left long and bent; fewer sprig tips' },
      ],
    },
    snowOption,
  ],
  spoilage: k.spoilage,
  suits,
  slots,
  work(task) {
    const { piece, value } = task
    const coats = COATS + (task.choice('bulk') === 'paste' ? 1 : 0)
    const wire: WireWork = {
      strands: task.wire?.strands ?? strandsOf(piece, task.choice),
      takeUp: k.takeUp,
      offcuts: k.offcuts,
    }
    const { uses: wired, surface } = wireUses(task, wire)
    // About one tip to a branch end: by the crown, whatever the wire.
    const full = quotient(crownOf(task), task.input(k.tipCm2))
    const tips = roundedUp(task.choice('ends') === 'long' ? product(full, task.input(k.longEnds)) : full)
    const bark = product(
      surface,
      task.input(k.barked),
      quotient(task.input(k.barkMm), MM_IN_CM),
      quotient(number(coats), number(COATS)),
    )
    const grout = product(bark, task.input(k.groutDensity), sum(ONE, task.input(k.groutLeft)))
    const coat = quotient(grout, number(coats))
    const paste = (i: number): string => (i === 0 ? 'paste' : `paste-${i + 1}`)
    const size = piece.heightMm / 200
    const uses = [
      ...wired,
      fixedUse(task, { slot: 'latex', step: 'latex', label: 'Latex' }, k.latexCoat, surface),
      ...Array.from({ length: coats }, (_, i) => [
        use(task, { slot: 'grout', step: paste(i), label: `Grout, coat ${i + 1}`, each: coat }),
        fixedUse(task, { slot: 'pva', step: paste(i), label: `PVA, coat ${i + 1}` }, k.pvaShare, coat),
      ]).flat(),
      ...piecesUse(task, {
        slot: 'tips',
        step: 'tips',
        label: 'Sprigs to cut up',
        each: quotient(tips, task.input(k.tipsFromSprig)),
      }),
      fixedUse(task, { slot: 'ca', step: 'tips', label: 'CA' }, k.caEach, tips),
      ...(task.fill('activator').parts.length > 0
        ? [fixedUse(task, { slot: 'activator', step: 'tips', label: 'Activator' }, k.activatorEach, tips)]
        : []),
      coatUse(task, { slot: 'primer', step: 'paint', label: 'Grey primer' }, dressing.paintCoat),
      coatUse(task, { slot: 'bark-paint', step: 'brown', label: 'Dark brown' }, dressing.mistCoat),
      coatUse(task, { slot: 'brush-paint', step: 'brush', label: 'Dry-brushed grey' }, k.brushCoat),
      coatUse(task, { slot: 'brush-brown', step: 'brush', label: 'Dry-brushed brown' }, k.brushCoat),
      ...dressUses(task, dress),
    ]
    const wires = { cautions: ['wire'], tools: ['pliers', 'cutters'] }
    return {
      uses,
      pours: [],
      cuts: wireCuts(task),
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'hank',
          title: 'Cut, fold, twist the trunk',
          text: `Cut by the list, lay the stout strands side by side, fold the hank and keep the foot loop. Twist to the first branch on the sheet. About ${wire.strands} tips in the end.`,
          hands: hands(value(k.trunkSec) * size, 60),
          ...wires,
          faults: ['one-sided'],
        },
        {
          id: 'roots',
          title: 'Roots and pin',
          text: 'Open the foot: two to four strands a root, looped and clipped; the rest twisted to a centre pin to plant by. Level it until it stands alone.',
          hands: hands(value(k.rootsSec) * size),
          ...wires,
          passes: 'It stands by itself.',
        },
        {
          id: 'limbs',
          title: 'Main branches',
          text: 'Split as the sheet says, the weaker first, and twist each limb to its next fork. Round from above. What loosens is twisted again with the pliers.',
          hands: hands(value(k.limbsSec) * size),
          ...wires,
          faults: ['one-sided'],
        },
        {
          id: 'split',
          title: 'Lash, split, loop, clip',
          text: `Lash four or five thin wires to each limb${task.choice('bulk') === 'wire' ? ' and wind more round it for bulk' : ''}, split them in bunches of three to five, never under two. Double each tip back into a loop, twist it, clip the loop to two ends${task.choice('ends') === 'long' ? ', left long and bent' : ', short and uneven'}.`,
          hands: hands(value(k.tipSec) * wire.strands),
          ...wires,
          faults: ['round-ends', 'one-sided'],
          passes: 'Round from above; no loop left whole.',
        },
        {
          id: 'latex',
          title: 'Latex',
          text: 'A thin coat with an old brush from the foot up, none on the tips: a drop there dries as a bead. It dries clear.',
          hands: hands(value(k.latexSec) * size),
          within: open(task, 'latex', { tail: 'little at a time' }),
          wait: sets(task, 'latex', 'Dry until it is clear', { by: k.latexMin }),
          tools: ['old brush'],
          holders: [{ what: 'base', each: 1, until: 'inspect' }],
          needs: ['ventilation'],
          cautions: ['latex'],
          faults: ['tip-drops'],
        },
        ...Array.from({ length: coats }, (_, i): StepDraft => {
          const last = i === coats - 1
          return {
            id: paste(i),
            title: `Bark paste, coat ${i + 1} of ${coats}`,
            text:
              i === 0
                ? 'Grout and PVA to a paste, over trunk and first limbs, none on twigs: it fills the lines of the twist and thickens.'
                : last
                  ? 'Finer and higher up. Dab dry grout where moss would grow. On until no wire shows.'
                  : 'A finer mix, a little higher up.',
            hands: hands(value(k.pasteSec) * size, 120),
            within: open(task, 'grout-paste', { by: k.pasteWetSec }),
            wait: sets(task, 'grout-paste', last ? 'Let the last coat cure overnight' : 'Let the coat cure', {
              by: last ? k.lastPasteMin : k.pasteMin,
            }),
            tools: ['old brush', 'bowl'],
            cautions: ['grout'],
            faults: ['wire-look'],
            ...(last ? { passes: 'No wire seen from the viewing distance.' } : {}),
          }
        }),
        {
          id: 'tips',
          title: 'Sprig tips',
          text: 'Branch by branch: a speck of CA, the tip held a second, a breath of activator. Tips lean on along the twig, outward and up.',
          hands: hands(value(k.sprigTipSec) * tips.value, 60),
          within: open(task, 'ca', { tail: 'hold the tip before you dab' }),
          tools: ['tweezers'],
          needs: ['ventilation'],
          gives: ['solvent'],
          cautions: ['ca'],
          faults: ['visible-join'],
        },
        paintStep(task, {
          id: 'paint',
          title: 'Grey primer',
          text: 'Grey primer all over.',
          hands: hands(value(k.primerSec) * size, 60),
        }),
        paintStep(task, {
          id: 'brown',
          title: 'Dark brown from below',
          text: 'A dark-brown mist from below, over dry primer.',
          hands: hands(value(k.brownSec) * size, 30),
        }),
        {
          id: 'brush',
          title: 'Dry-brush grey, then brown',
          text: 'Pale grey, then brown, on the ridges. Trunks are grey and grey-brown, rarely brown.',
          hands: hands(value(k.brushSec) * size, 60),
          wait: sets(task, 'dry-brush', 'Let the paint dry'),
          tools: ['brush'],
          faults: ['trunk-colour'],
        },
        ...dressSteps(task, dress),
        inspectStep(
          task,
          hasLeaf(piece)
            ? 'Stands alone, no wire at viewing distance, see-through near the target.'
            : 'Stands alone, no wire at viewing distance, tips finer than limbs.',
          ['wire-look', 'round-ends', 'tip-drops'],
        ),
      ]),
    }
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 200, { zone: 'front' }), 1),
    examplePieces(examplePiece('broadleaf', 'spreading', 340, { leaf: 0 }), 1),
    examplePieces(examplePiece('broadleaf', 'ovate', 150, { leaf: 0.33 }), 3),
  ],
}
