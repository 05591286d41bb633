import { proposedStrands } from '../../armature'
import {
  coatUse,
  crownOf,
  dressSteps,
  dressUses,
  examplePiece,
  examplePieces,
  fixedUse,
  flockUse,
  hands,
  inspectStep,
  judge,
  leafOf,
  open,
  paintStep,
  seeThroughOf,
  sets,
  snowOption,
  startedOf,
  stepsWith,
  trunkOf,
  use,
  withoutLeaf,
  type Coefficient,
  type Dress,
  type PlantJob,
  type PlantMethod,
  type StepDraft,
} from '../../makeup'
import { discArea, figure, MM_IN_CM, number, product, quotient } from '../../quantities'
import { catalogueRow } from '../../stock'
import { beyond, hasPlates, hopeless, notABush, notATree, type Sizes } from './suits'
import { wireCuts, wireUses } from './wire-amounts'
import { k, slots } from './wire-pine-figures'

const SIZES: Sizes = { well: [150, 350], atMostMm: 600 }

/** Needles are thrown by the steps of its own; of the shared dressing only snow is used. */
const snowOnly: Dress = { adhesive: 'hairspray', form: 'ground' }

function suits({ piece }: PlantJob) {
  const plated = hasPlates(piece)
  return judge({
    right: plated,
    pro: [
      plated && 'plates of needles on bent limbs, with air between them: what wire and teased fibre do best',
      'two colours of bark, rough below and orange above',
      'planted by its own pin; it bends before it breaks',
    ],
    con: [
      beyond(piece, SIZES),
      piece.zone !== 'front' && 'two and a half hours of hands for a tree that is not looked at closely',
      piece.habit === 'conifer' && !plated && 'whorls about a leader are quicker and truer on a dowel',
      piece.habit === 'broadleaf' && 'its plates are a pine’s; a broadleaf wants a finer fork',
      notABush(piece),
    ],
    never: [
      notATree(piece),
      hopeless(piece, SIZES),
      piece.habit === 'broadleaf' && piece.leaf < 0.3 && 'without leaf nothing hides its cradles',
    ],
  })
}

/** A pine with plates: armatures strapped together, pads of teased fibre, needles twice. Common practice. */
export const wirePine: PlantMethod = {
  id: 'wire-pine',
  name: 'Wire pine',
  makes:
    'Two or three wire armatures strapped together, bark of paste and sawdust, pads of teased fibre in cradled ends, needles twice.',
  kinds: ['pieces'],
  profile: {
    sizeMm: SIZES.well,
    shows: 'branches',
    effort: 'made one by one',
    handling: 'reached over',
    together: [1, 3],
    seasons: 'all year',
    manner: 'wire',
  },
  coefficients: Object.values(k),
  options: [snowOption],
  spoilage: k.spoilage,
  suits,
  slots,
  work(task) {
    const { piece, value } = task
    const strands = task.wire?.strands ?? proposedStrands(piece.heightMm, piece.zone, 'quick')
    const joined = piece.heightMm > 240 ? 3 : 2
    const { uses: wired, surface } = wireUses(task, { strands, takeUp: k.takeUp, offcuts: k.offcuts })
    const crown = crownOf(task)
    const size = piece.heightMm / 240
    const paste = product(surface, task.input(k.pasteCoat))
    const bark = quotient(surface, number(2))
    const foot = discArea(quotient(product(trunkOf(task), number(4)), MM_IN_CM))
    const thickened = product(surface, task.input(k.thickenCoat), task.input(k.thickened))
    const needles = (label: string, part: Coefficient, step: string) =>
      flockUse(task, {
        slot: 'needles',
        step,
        label,
        area: crown,
        seeThrough: seeThroughOf(task),
        leaf: leafOf(task),
        share: quotient(task.input(part), number(passes.length)),
        sticks: k.sticks,
      })
    const passes = ['needles', 'needles-again'] as const
    const uses = [
      ...wired,
      use(task, { slot: 'cement', step: 'thicken', label: 'Cement, to thicken', each: thickened }),
      fixedUse(
        task,
        { slot: 'sawdust', step: 'thicken', label: 'Sawdust, to thicken' },
        k.thickenDust,
        thickened,
      ),
      use(task, { slot: 'paste', step: 'bark', label: 'Paste', each: paste }),
      fixedUse(task, { slot: 'umber', step: 'bark', label: 'Umber' }, k.umberShare, paste),
      fixedUse(task, { slot: 'sawdust', step: 'bark', label: 'Sawdust in the paste' }, k.sawdustShare, paste),
      fixedUse(task, { slot: 'fibre', step: 'pads', label: 'Fibre' }, k.fibre, crown),
      fixedUse(task, { slot: 'pva', step: 'pads', label: 'PVA' }, k.glue, crown),
      coatUse(task, { slot: 'upper-paint', step: 'paint', label: 'Rust, upper half' }, k.upperCoat),
      ...(task.fill('yellow-paint').parts.length > 0
        ? [coatUse(task, { slot: 'yellow-paint', step: 'paint', label: 'A breath of yellow' }, k.yellowCoat)]
        : []),
      coatUse(task, { slot: 'lower-paint', step: 'paint', label: 'Grey-brown, lower half' }, k.lowerCoat),
      ...passes.flatMap((pass) => {
        const foam = needles('Foam in the mix', k.needleFoam, pass)
        return [
          fixedUse(
            task,
            { slot: 'cement', step: pass, label: 'Cement for the needles' },
            k.cementCoat,
            crown,
          ),
          foam,
          // By small spoon, one to one by volume.
          use(task, {
            slot: 'needle-fibre',
            step: pass,
            label: 'Fibre in the mix',
            each: product(foam.perPiece.of, task.input(k.needleFibre)),
          }),
        ]
      }),
      ...(task.fill('pastel').parts.length > 0
        ? [fixedUse(task, { slot: 'pastel', step: 'foot', label: 'Flesh pastel' }, k.pastelG, bark)]
        : []),
      ...(task.fill('pastel-dark').parts.length > 0
        ? [fixedUse(task, { slot: 'pastel-dark', step: 'foot', label: 'Umber pastel' }, k.pastelG, bark)]
        : []),
      fixedUse(task, { slot: 'moss', step: 'foot', label: 'Moss at the foot' }, k.mossG, foot),
      ...dressUses(withoutLeaf(task), snowOnly),
    ]
    return {
      uses,
      pours: [],
      cuts: wireCuts(task),
      yields: [
        {
          label: 'Fibre pruned off: fallen stems',
          source: 'by-product',
          material: catalogueRow('rough-ground'),
          quantity: figure(product(crown, task.input(k.fibre), task.input(k.pruned), startedOf(task)), 'g'),
          shares: [],
        },
      ],
      steps: stepsWith(uses, [
        {
          id: 'hank',
          title: `Join ${joined} armatures, roots and pin`,
          text: `Twist ${joined} hanks by the sheet, strap wire round the foot and set them one above the other. Roots of two to four strands, a pin; mount it on a foam slab that is sunk in later.`,
          hands: hands(value(k.joinSec) * size, 60),
          tools: ['pliers', 'cutters'],
          cautions: ['wire'],
          faults: ['one-sided'],
        },
        {
          id: 'split',
          title: 'Clip loops, bend, cradle the ends',
          text: 'Clip the loops; strong bends; each branch end opened like a shallow hand, so that the wool does not slide off. Tiers apart, and seen from above all round.',
          hands: hands(value(k.endsSec) * size),
          tools: ['pliers', 'cutters'],
          cautions: ['wire'],
          faults: ['round-ends', 'wool-slides'],
        },
        {
          id: 'thicken',
          title: 'Thicken',
          text: 'Where a limb is too thin: scenic cement, sawdust over it.',
          hands: hands(value(k.thickenSec) * size),
          within: open(task, 'cement'),
          wait: sets(task, 'cement', 'Dry overnight'),
          tools: ['brush', 'catch tray'],
          holders: [{ what: 'base', each: 1, until: 'inspect' }],
          cautions: ['dust'],
        },
        {
          id: 'bark',
          title: 'Bark paste',
          text: 'Paste, raw umber, sawdust. A stiff brush drawn upwards makes ribs; coarse below, fine and thin above.',
          hands: hands(value(k.barkSec) * size, 120),
          within: open(task, 'paste', { tail: 'a limb at a time' }),
          wait: sets(task, 'paste', 'Dry overnight', { by: k.pasteMin }),
          tools: ['old brush', 'bowl'],
          cautions: ['dust'],
          faults: ['wire-look'],
        },
        {
          id: 'pads',
          title: 'Fibre pads',
          text: 'Tease the fibre to flat thin pads. Glue on a few cradles at a time, a small pad in each; daylight between the tiers.',
          hands: hands(value(k.padsSec) * size, 60),
          within: open(task, 'pva', { tail: 'few branches at a time' }),
          wait: sets(task, 'pva', 'Dry overnight'),
          tools: ['tweezers', 'scissors'],
          faults: ['cushions', 'wool-slides'],
        },
        paintStep(task, {
          id: 'paint',
          title: 'Orange above, grey-brown below',
          text: 'Spray rust, then a breath of yellow, on the upper trunk and limbs. Brush the lower half grey-brown with a little green in it; the two meet unevenly. Tedious: split it over two evenings if you like.',
          hands: hands(value(k.paintSec) * size, 60),
          tools: ['brush'],
          passes: 'Two zones of bark that meet unevenly.',
        }),
        {
          id: 'prune',
          title: 'Prune',
          text: 'Cut surplus fibre: after the paint and before the needles. Keep the cuttings as fallen stems.',
          hands: hands(value(k.pruneSec) * size),
          tools: ['scissors'],
          faults: ['cushions'],
        },
        // Twice in full, with the cement dry between. Common practice.
        ...passes.map((pass, i): StepDraft => ({
          id: pass,
          title: i === 0 ? 'Cement and needles' : 'Cement and needles again',
          text:
            i === 0
              ? 'Foam and fibre one to one by small spoon. Cement on the pads; needles by spoon, inmost first, then outward and up.'
              : 'All of it once more over the dry first pass, where it is thin most.',
          hands: hands(value(k.needleSec) * size, 60),
          within: open(task, 'cement'),
          wait: sets(task, 'cement', 'Dry overnight'),
          tools: ['small spoon', 'catch tray'],
          cautions: ['dust'],
          faults: ['cushions', 'glued-trunk'],
          ...(i === 1 ? { passes: 'Tiers apart, matt; no needles on the trunk.' } : {}),
        })),
        {
          id: 'foot',
          title: 'Pastels, moss, foot',
          text: 'Flesh, umber and green pastel on the bark; moss and dead needles at the foot.',
          hands: hands(value(k.pastelSec) * size),
          tools: ['brush'],
          cautions: ['dust'],
        },
        ...dressSteps(withoutLeaf(task), snowOnly),
        inspectStep(task, 'Two zones of bark, tiers apart, matt.', ['cushions', 'wire-look']),
      ]),
    }
  },
  examples: [
    examplePieces(examplePiece('conifer', 'irregular', 220, { zone: 'front' }), 1),
    examplePieces(examplePiece('conifer', 'flat-topped', 330, { zone: 'front' }), 3),
  ],
}
