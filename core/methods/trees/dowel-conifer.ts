import {
  examplePiece,
  examplePieces,
  hands,
  hasLeaf,
  inspectStep,
  judge,
  open,
  sets,
  snowOption,
  snowSlots,
  stepsWith,
  wait,
  type PlantJob,
  type PlantMethod,
  type Slot,
} from '../../makeup'
import { counted, plainNumber } from '../../units'
import { discsCm2, discsOf, dowelWork, LAYERS, pinMm, USUAL_PIN_MM } from './dowel-conifer-amounts'
import { dowelFigures as k } from './dowel-conifer-figures'
import { beyond, hopeless, notABush, notATree, type Sizes } from './suits'

const SIZES: Sizes = { well: [100, 450], atMostMm: 700 }
/** No pad is wider. From memory. */
const WIDEST_MM = 300

function suits({ piece }: PlantJob) {
  const whorled = piece.crownForm === 'conical' || piece.crownForm === 'columnar'
  return judge({
    right: piece.habit === 'conifer' && piece.crownForm === 'conical',
    pro: [
      'a straight stem with tiers about it: a spruce’s own plan',
      'a dozen trunks at once, every one of another height',
      piece.heightMm > 160 && 'taller than any sprig',
    ],
    con: [
      beyond(piece, SIZES),
      piece.habit === 'conifer' && !whorled && 'its crown is no cone: plates want a wire pine',
      piece.crownForm === 'columnar' && 'so narrow a crown shows the edges of its discs',
      piece.zone === 'front' && piece.heightMm < 140 && 'from close by the discs are seen for what they are',
    ],
    never: [
      notATree(piece),
      notABush(piece),
      hopeless(piece, SIZES),
      piece.habit !== 'conifer' && 'discs on a stem make a cone in tiers, which a broadleaf is not',
      piece.crownWidthMm > WIDEST_MM &&
        `its lowest discs would be ${Math.round(piece.crownWidthMm)} mm wide, more than a pad`,
      !hasLeaf(piece) && 'a larch without needles would be bare discs',
    ],
  })
}

const slots = ({ piece }: PlantJob, choice: (option: string) => string): Slot[] => {
  const coir = choice('pad') === 'coir'
  return [
    { id: 'dowel', label: 'Dowel rods', wish: { stuff: 'dowel', diameterMm: Math.max(2, piece.trunkMm) } },
    pinMm(piece.trunkMm, k.pinShare.value) < USUAL_PIN_MM
      ? {
          id: 'pin',
          label: 'Wire for pins',
          wish: { stuff: 'wire', diameterMm: pinMm(piece.trunkMm, k.pinShare.value) },
        }
      : { id: 'pin', label: 'Pins', wish: { stuff: 'goods', goods: 'pin' } },
    { id: 'ca', label: 'CA', wish: { stuff: 'liquid', liquid: 'ca' } },
    { id: 'stain', label: 'Stain', wish: { stuff: 'liquid', liquid: 'stain', colour: '#5d5145' } },
    {
      id: 'brush-paint',
      label: 'Dry-brush, grey',
      wish: { stuff: 'liquid', liquid: 'paint', colour: '#b7b2a8' },
    },
    {
      id: 'pad',
      label: coir ? 'Coir' : 'Pads',
      wish: { stuff: 'pad', pad: coir ? 'coir' : 'fibre', thicknessMm: 25, colour: piece.tones.shade },
    },
    ...(coir
      ? [
          {
            id: 'pad-paint',
            label: 'Green for the coir',
            wish: { stuff: 'liquid', liquid: 'spray-paint', colour: piece.tones.shade },
          } as const,
        ]
      : []),
    { id: 'adhesive', label: 'Spray adhesive', wish: { stuff: 'liquid', liquid: 'spray-adhesive' } },
    {
      id: 'foliage',
      label: 'Dark foam',
      wish: {
        stuff: 'foam',
        form: 'ground',
        grainMm: Math.max(0.4, piece.grainMm),
        colour: piece.tones.base,
      },
    },
    {
      id: 'highlight',
      label: 'Light foam',
      wish: {
        stuff: 'foam',
        form: 'ground',
        grainMm: Math.max(0.4, piece.grainMm),
        colour: piece.tones.light,
      },
      tone: { is: 'lighter', than: 'foliage' },
      optional: true,
    },
    { id: 'clear', label: 'Flat clear', wish: { stuff: 'liquid', liquid: 'varnish' } },
    ...snowSlots(choice),
  ]
}

/** A conifer of a rasped dowel and ragged discs of pad or coir. Common practice. */
export const dowelConifer: PlantMethod = {
  id: 'dowel-conifer',
  name: 'Dowel conifer',
  makes: 'A rasped and tapered dowel, ragged discs of pad or coir threaded from the top, foam, flat clear.',
  kinds: ['pieces'],
  profile: {
    sizeMm: SIZES.well,
    shows: 'branches',
    effort: 'mass-made',
    handling: 'handled',
    together: [6, 12],
    seasons: 'all year',
    manner: 'discs',
  },
  coefficients: Object.values(k),
  options: [
    {
      id: 'pad',
      name: 'Discs',
      choices: [
        { id: 'fibre', name: 'natural fibre pad', words: 'ready green; split once' },
        {
          id: 'coir',
          name: 'coir, two laid over each other',
          words: 'limp: doubled, painted green, foam into the paint',
        },
      ],
    },
    {
      id: 'layers',
      name: 'Pad',
      choices: [
        { id: 'once', name: 'split once', words: 'two discs from each that is cut' },
        { id: 'twice', name: 'split twice', words: 'four thin ones: finer, and the hardest cut there is' },
        { id: 'whole', name: 'not split', words: 'quick and coarse' },
      ],
    },
    {
      id: 'paint',
      name: 'Green of coir',
      choices: [
        { id: 'tree', name: 'on the tree', words: 'sprayed on the tree, foam into the wet paint' },
        { id: 'discs', name: 'on the discs first', words: 'both sides reached; foam on adhesive afterwards' },
      ],
    },
    {
      id: 'hang',
      name: 'Branches',
      choices: [
        { id: 'drooping', name: 'drooping', words: 'dries upright' },
        { id: 'upswept', name: 'upswept', words: 'dries upside down' },
      ],
    },
    {
      id: 'foot',
      name: 'First branch',
      choices: [
        { id: 'timber', name: 'at 10 scale feet', words: 'as in a managed wood: about 3 real metres up' },
        {
          id: 'own',
          name: 'where the plant has it',
          words: 'by the form of the line: down to the ground in the open',
        },
      ],
    },
    snowOption,
  ],
  spoilage: k.spoilage,
  suits,
  slots,
  work(task) {
    const { value } = task
    const made = dowelWork(task)
    const { discs: onStem } = made.tree
    const discs = onStem.length
    const acrossMm = onStem.reduce((sum, { diameterMm }) => sum + diameterMm, 0)
    const foliageCm2 = discsCm2(made.tree) * value(k.ragged)
    const { heightMm } = task.piece
    const pin = pinMm(task.piece.trunkMm, value(k.pinShare))
    const coir = task.choice('pad') === 'coir'
    const discsFirst = task.choice('paint') === 'discs'
    const layers = LAYERS[task.choice('layers') as keyof typeof LAYERS]
    const air = {
      needs: ['ventilation' as const],
      gives: ['aerosol' as const, 'solvent' as const],
      cautions: ['spray'],
    }
    const first = Math.round(discsOf(task, task.piece).discs[0]?.atMm ?? 0)
    const inverted = task.choice('hang') === 'upswept'
    return {
      uses: made.uses,
      pours: [],
      cuts: made.cuts,
      yields: made.yields,
      steps: stepsWith(made.uses, [
        {
          id: 'cut',
          title: 'Cut and drill the dowels',
          text: `Labels off with solvent. Cut by the list, write its number on each. Drill the foot ${plainNumber(pin, 1)} mm for the pin${pin === USUAL_PIN_MM ? ' (7/64 in)' : ', no wider: the wood splits'}; it need be neither straight nor centred.`,
          hands: hands(value(k.cutSec), 120),
          tools: ['saw and mitre box', 'drill'],
          cautions: ['solvent', 'drill', 'wire-and-blades'],
        },
        {
          id: 'taper',
          title: 'Taper',
          text: 'Taper the upper part to a point, by knife or sander.',
          hands: hands(value(k.taperSec) * heightMm),
          tools: ['belt sander'],
          cautions: ['wire-and-blades'],
        },
        {
          id: 'rasp',
          title: 'Rasp the bark',
          text: 'Rasp lengthwise all round. The dull part of it: split it over evenings, or rasp only what will show.',
          hands: hands(value(k.raspSec) * heightMm, 60, 'common practice'),
          tools: ['rasp'],
          needs: ['outdoors'],
          cautions: ['rasping'],
          passes: 'No smooth wood where it shows.',
        },
        {
          id: 'pin',
          title: 'Pin, stain',
          text: 'Glue the pin in. Stain; the visible top and foot are enough.',
          hands: hands(value(k.pinSec) + value(k.stainSec) * heightMm),
          wait: sets(task, 'stain', 'Let the stain dry', { by: k.stainMin }),
          tools: ['brush'],
          holders: [{ what: 'block place', each: 1, until: 'inspect' }],
          needs: ['ventilation'],
          gives: ['solvent'],
          cautions: ['ca', 'solvent'],
        },
        {
          id: 'brush',
          title: 'Dry-brush',
          text: 'Grey on the ridges, before any branch goes on.',
          hands: hands(value(k.brushSec) * heightMm, 60),
          tools: ['brush'],
          faults: ['trunk-colour'],
        },
        {
          id: 'discs',
          title: coir ? 'Cut ragged discs of coir' : 'Cut ragged discs, split them',
          text: `Cut by the template: circles first, then ragged notches; ${
            layers === 1
              ? 'not split'
              : layers === 2
                ? 'each split into two thin ones'
                : 'each split into two and those again'
          }${coir ? '; two over each other for each place' : ''}. ${counted(discs, 'disc')} for a tree of the usual size. Keep the numbers together; square corners go on upper discs.`,
          hands: hands(value(k.discMmSec) * acrossMm, 120),
          tools: ['scissors', 'knife'],
          cautions: ['wire-and-blades'],
          faults: ['square-disc', 'limp-pad'],
          passes: 'No straight edge; the largest at the bottom.',
        },
        coir &&
          discsFirst && {
            id: 'paint-discs',
            title: 'Green the discs',
            text: 'Spray them flat, both sides, so that no brown is missed.',
            hands: hands(4 * discs, 60),
            wait: sets(task, 'paint', 'Let the paint dry'),
            ...air,
            faults: ['dieback'],
          },
        {
          id: 'fit',
          title: 'Dry-fit, lay out, mask',
          text: `Thread all discs dry, lay them out in their order. Mask the stem below the first branch, ${first} mm up.`,
          hands: hands(value(k.fitSec) * discs),
          tools: ['pencil'],
          faults: ['bare-ring'],
        },
        {
          id: 'thread',
          title: 'Adhesive, disc, next',
          text: 'Adhesive on the stem where the disc will sit, slide it down from the top, press; the next. No bare ring.',
          hands: hands(value(k.threadMmSec) * acrossMm, 30),
          within: open(task, 'spray-adhesive'),
          wait: sets(task, 'spray-adhesive', 'Let it grip'),
          ...air,
          faults: ['bare-ring', 'glued-trunk'],
        },
        coir && !discsFirst
          ? {
              id: 'foam',
              title: 'Green, and foam while it is wet',
              text: 'Spray the coir green all over; dark foam into the wet paint, over the bin; then light on top. When it has set tease the branches into shape. Missed brown reads as dieback.',
              hands: hands(value(k.foamSec) * foliageCm2, 60),
              within: open(task, 'paint', { tail: 'one tree at a time' }),
              atOnce: { count: 1, because: 'window', what: 'One tree to a wet coat.' },
              wait: sets(task, 'paint', 'Let the paint dry'),
              tools: ['catch tray'],
              ...air,
              cautions: ['spray', 'dust'],
              faults: ['dieback', 'glued-trunk'],
            }
          : {
              id: 'foam',
              title: 'Foam, dark then light',
              text: 'Adhesive over the discs; dark foam over the bin, shake; light foam from above. What falls goes back to its jar.',
              hands: hands(value(k.foamSec) * foliageCm2, 60),
              within: open(task, 'spray-adhesive'),
              tools: ['catch tray'],
              ...air,
              cautions: ['spray', 'dust'],
              faults: ['glued-trunk', 'loud-two-tone'],
            },
        {
          id: 'clear',
          title: `Flat clear, dried ${inverted ? 'upside down' : 'upright'}`,
          text: `A generous coat of flat clear: it tightens everything. Dry it ${inverted ? 'upside down, so that branches rise' : 'upright, so that branches droop'}.`,
          hands: hands(value(k.clearSec) * foliageCm2, 30),
          wait: wait(
            task.dryMin(value(k.clearMin)),
            'open film',
            inverted ? 'Dry upside down' : 'Dry upright',
          ),
          ...air,
          faults: ['satin'],
        },
        task.choice('snow') === 'laden' && {
          id: 'snow',
          title: 'Snow',
          text: 'A mist of adhesive from above only, then white powder through a sieve, a trace of black in it. No coat over it.',
          hands: hands(0.05 * foliageCm2, 60),
          wait: sets(task, 'spray-adhesive', 'Let it set untouched'),
          tools: ['sieve', 'catch tray'],
          ...air,
          cautions: ['spray', 'dust'],
          faults: ['snow-sealed'],
        },
        inspectStep(task, 'Tapers to the top; first branch in its place; no bare ring; matt.', [
          'square-disc',
          'bare-ring',
        ]),
      ]),
    }
  },
  examples: [
    examplePieces(examplePiece('conifer', 'conical', 241, { widthShare: 0.36, zone: 'back' }), 18),
    examplePieces(examplePiece('conifer', 'conical', 110, { widthShare: 0.4 }), 1),
    examplePieces(examplePiece('conifer', 'conical', 400, { widthShare: 0.3 }), 2),
  ],
}
