import {
  bathWork,
  coatUse,
  examplePiece,
  examplePieces,
  crownInput,
  flockUse,
  isBladed,
  isBushy,
  materialsAt,
  roundOf,
  step,
  timeWords,
  use,
  type BathWork,
  type PlantJob,
  type PlantMethod,
  type PlantTask,
  type Slot,
  type Step,
  type Suit,
  type Use,
} from '../../makeup'
import { catalogueRow } from '../../stock'
import { counted, figure, input, noun, type NumberInput } from '../../units'
import { sprigFigures as k } from './sprig-tree-figures'

/** Bark of most trunks, and the depth at the tips: grey-brown, dark. Common practice. */
const TRUNK = '#7d756b'
const TIPS = '#3a3028'

const areaFactor = ({ piece }: PlantTask): number => Math.max(0.4, piece.sideAreaCm2 / 40)

/** Sprigs bound together for one tree: as many as its crown has room for, each no longer than good sprigs are. */
function sprigsEach(task: PlantTask): NumberInput {
  const { piece } = task
  const width = task.value(k.width)
  const length = Math.min(piece.heightMm, task.value(k.longest))
  const one = (Math.PI / 4) * (width * length) ** 2
  const count = Math.max(1, Math.ceil((piece.sideAreaCm2 * 100) / one - 0.35))
  return input(
    'sprigs in a tree',
    count,
    '',
    'formula',
    `crown from the side ÷ crown of a sprig of ${Math.round(length)} mm`,
  )
}

function suits({ piece, kind }: PlantJob): Suit {
  const reasonsFor: string[] = []
  const reasonsAgainst: string[] = []
  if (piece.habit === 'broadleaf') reasonsFor.push('fine branching that reads as a broadleaf even when bare')
  if (piece.heightMm >= 45 && piece.heightMm <= 160) reasonsFor.push('a good sprig has just this height')
  if (piece.zone !== 'back') reasonsFor.push('see-through crown bears being looked at from close by')
  reasonsFor.push('cheap and quick in drying loads of fifty')
  if (piece.zone === 'front') reasonsAgainst.push('sprigs snap: not at the very edge, where sleeves pass')
  if (piece.heightMm > 160)
    reasonsAgainst.push(
      `sprigs over 160 mm are rare; ${Math.round(piece.heightMm)} mm wants several bound together`,
    )
  if (piece.heightMm < 45)
    reasonsAgainst.push('smaller than a sprig’s own forks: tips only, and few branches to see')
  if (piece.habit === 'conifer')
    reasonsAgainst.push('no leader and no whorls: it won’t pass for a conifer close by')
  if (isBladed(piece)) reasonsAgainst.push('has a stem and forks, which a tuft has not')
  if (piece.habit === 'palm') reasonsAgainst.push('a palm has fronds on a bare stem, which no sprig has')
  if (isBushy(piece)) reasonsAgainst.push('a sprig has one stem; a shrub wants several from the foot')
  const wrong = isBladed(piece) || piece.habit === 'palm' || piece.heightMm > 260 || piece.heightMm < 25
  const right =
    piece.habit === 'broadleaf' && piece.heightMm >= 45 && piece.heightMm <= 160 && kind === 'pieces'
  return {
    verdict: wrong ? 'unsuited' : right ? 'suits' : 'possible',
    reasonsFor: wrong ? [] : reasonsFor,
    reasonsAgainst,
  }
}

const leafy = ({ piece }: Pick<PlantTask, 'piece'>): boolean => piece.leaf > 0.01

function slots({ piece }: PlantJob, choice: (option: string) => string): Slot[] {
  const { base, light } = piece.tones
  const sprayed = choice('colour') === 'overspray'
  const armature: Slot[] = [
    {
      id: 'sprig',
      label: 'Sprigs',
      wish: { stuff: 'twig', twig: 'sprig', heightMm: Math.min(piece.heightMm, k.longest.value) },
    },
    ...(choice('sprigs') === 'toughened'
      ? [{ id: 'medium', label: 'Matte medium', wish: { stuff: 'liquid', liquid: 'matte-medium' } } as const]
      : []),
    {
      id: 'trunk-paint',
      label: 'Trunk colour',
      wish: { stuff: 'liquid', liquid: 'spray-paint', colour: TRUNK },
    },
    {
      id: 'tips-paint',
      label: 'Dark tips',
      wish: { stuff: 'liquid', liquid: 'spray-paint', colour: TIPS },
      tone: { is: 'darker', than: 'trunk-paint' },
      optional: true,
    },
  ]
  if (!leafy({ piece })) return armature
  const hairspray: Slot = {
    id: 'hairspray',
    label: 'Hairspray',
    wish: { stuff: 'liquid', liquid: 'hairspray' },
  }
  return sprayed
    ? [
        ...armature,
        hairspray,
        // Any mid colour will do: it is sprayed over. Coarse, for volume.
        {
          id: 'foliage',
          label: 'Coarse foam',
          wish: { stuff: 'foam', form: 'ground', grainMm: Math.max(1, piece.grainMm * 1.8), colour: base },
        },
        {
          id: 'canopy-paint',
          label: 'Canopy colour',
          wish: { stuff: 'liquid', liquid: 'spray-paint', colour: base },
        },
        {
          id: 'highlight-spray',
          label: 'Highlight mist',
          wish: { stuff: 'liquid', liquid: 'spray-paint', colour: light },
          tone: { is: 'lighter', than: 'canopy-paint' },
          optional: true,
        },
      ]
    : [
        ...armature,
        hairspray,
        {
          id: 'foliage',
          label: 'Foliage',
          wish: { stuff: 'foam', form: 'ground', grainMm: piece.grainMm, colour: base },
        },
        {
          id: 'highlight',
          label: 'Highlight',
          wish: { stuff: 'foam', form: 'ground', grainMm: piece.grainMm * 0.8, colour: light },
          tone: { is: 'lighter', than: 'foliage' },
          optional: true,
        },
      ]
}

function soak(task: PlantTask, sprigs: NumberInput): BathWork | undefined {
  if (task.choice('sprigs') !== 'toughened') return undefined
  const length = Math.min(task.piece.heightMm, task.value(k.longest))
  return bathWork(task, {
    step: 'soak',
    title: 'Soaking bath',
    material: catalogueRow('soaking-bath'),
    taken: input(
      'carried away by one',
      task.value(k.pickUp) * length * sprigs.value,
      'ml',
      'formula',
      'for each mm of its sprigs, after shaking off',
    ),
    standing: task.input(k.standing),
    parts: [{ slot: 'medium', label: 'Matte medium', parts: 1 }],
    water: 5,
  })
}

function usesOf(task: PlantTask, sprigs: NumberInput, bath: BathWork | undefined): Use[] {
  const { piece, started } = task
  const coat = (slot: string, at: string, label: string, of: (typeof k)[keyof typeof k]): Use =>
    coatUse(task, { slot, step: at, label }, of)
  const picked = task.input(k.spare)
  const armature = [
    use(task, {
      slot: 'sprig',
      step: 'sort',
      label: 'Sprigs',
      perPiece: figure(
        sprigs.value * picked.value,
        'piece',
        'sprigs in a tree × sprigs picked for one that is used',
        [sprigs, picked],
      ),
      total: figure(
        Math.ceil(sprigs.value * picked.value * started - 1e-9),
        'piece',
        'for one × pieces started, rounded up',
        [sprigs, picked, input('pieces started', started, '', 'formula')],
      ),
    }),
    ...(bath?.uses ?? []),
    coat('trunk-paint', 'trunk', 'Trunk colour', k.trunkCoat),
    coat('tips-paint', 'trunk', 'Dark tips', k.tipsCoat),
  ]
  if (!leafy(task)) return armature
  const flock = (slot: string, at: string, label: string, share: NumberInput): Use =>
    flockUse(task, {
      slot,
      step: at,
      label,
      area: crownInput(task),
      seeThrough: input('g, see-through in full leaf', piece.seeThrough, '', piece.seeThroughOrigin),
      leaf: piece.leaf,
      share,
      sticks: k.sticks,
    })
  if (task.choice('colour') === 'overspray')
    return [
      ...armature,
      coat('hairspray', 'sprinkle', 'Hairspray', k.sprayCoat),
      flock('foliage', 'sprinkle', 'Coarse foam', input('share of the foliage', 1, '', 'formula')),
      coat('canopy-paint', 'canopy', 'Canopy colour', k.canopyCoat),
      coat('highlight-spray', 'canopy', 'Highlight mist', k.mistCoat),
    ]
  const top =
    task.fill('highlight').parts.length > 0
      ? task.input(k.highlight)
      : input('share on top', 0, '', 'formula', 'the highlight is open')
  return [
    ...armature,
    coat('hairspray', 'sprinkle', 'Hairspray', k.sprayCoat),
    flock(
      'foliage',
      'sprinkle',
      'Foliage',
      input('share of the foliage', 1 - top.value, '', top.origin, 'less what goes on top'),
    ),
    flock('highlight', 'highlight', 'Highlight, from above', task.input(k.highlight)),
    coatUse(
      task,
      { slot: 'hairspray', step: 'highlight', label: 'Hairspray for the highlight' },
      k.sprayCoat,
      task.input(k.highlight),
    ),
  ]
}

function stepsOf(task: PlantTask, sprigs: NumberInput, uses: readonly Use[]): Step[] {
  const n = sprigs.value
  const { value } = task
  const toughened = task.choice('sprigs') === 'toughened'
  const tree = counted(n, 'sprig')
  const bowls = Math.ceil((n * task.started) / value(k.bowl))
  const pegs = { what: 'peg', each: 2 * n, until: 'soak' }
  const paint = value(k.paintSec) * areaFactor(task)
  const at = (id: string) => ({ id, materialIds: materialsAt(uses, id) })
  const spraying = { needs: ['ventilation'], gives: ['aerosol', 'solvent'] } satisfies Partial<Step>
  const armature: Step[] = [
    step({
      ...at('sort'),
      title: 'Sort and clean',
      text: `Pick ${tree} for each tree. Tweeze off dry leaves, cut inward twigs. Curved ones go to their own box.`,
      hands: { onceSec: 60, eachSec: value(k.sortSec) * n, origin: 'memory' },
      tools: ['tweezers', 'cutters'],
      cautions: ['wire-and-blades'],
      faults: ['one-sided'],
    }),
    ...(toughened
      ? [
          step({
            ...at('soak'),
            title: 'Soak, peg to the line',
            text: `${timeWords(value(k.soakSec) / 60)} in the bath, ${counted(value(k.bowl), 'sprig')} at a time. Tap off on newspaper, peg head down; a second peg on the tip of the curved ones pulls them straight.`,
            hands: {
              onceSec: 180 + bowls * value(k.soakSec),
              eachSec: value(k.pegSec) * n,
              origin: 'memory',
            },
            atOnce: {
              count: Math.max(1, Math.floor(value(k.bowl) / n)),
              because: 'bowl',
              what: `The bowl takes ${counted(value(k.bowl), 'sprig')}.`,
            },
            wait: {
              leastMin: task.dryMin(value(k.dryMin)),
              kind: 'open film',
              what: 'Dry overnight on the line',
              origin: 'common practice',
            },
            tools: ['bowl', 'drying line'],
            holders: [pegs],
            cautions: ['wet-bath'],
            faults: ['white-puddles', 'beads'],
          }),
        ]
      : []),
    step({
      ...at('trunk'),
      title: 'Trunk colour, dark tips',
      text:
        n > 1
          ? `Bind the ${tree} at the foot. Grey-brown on both sides; a light dark mist on the tips for depth.`
          : 'In the foam block: grey-brown on both sides; a light dark mist on the tips for depth.',
      hands: { onceSec: 60, eachSec: paint + (n > 1 ? 25 * (n - 1) : 0), origin: 'memory' },
      wait: {
        leastMin: task.dryMin(value(k.paintMin)),
        kind: 'open film',
        what: 'Let the paint dry',
        origin: 'memory',
      },
      tools: ['foam block'],
      holders: [{ what: 'block place', each: 1, until: 'inspect' }],
      ...spraying,
      cautions: ['spray'],
      faults: ['trunk-colour', 'satin'],
    }),
  ]
  const inspect = step({
    ...at('inspect'),
    title: 'Inspect',
    text: 'Turn each one round, look at it from above, in daylight.',
    hands: { onceSec: 0, eachSec: 8, origin: 'memory' },
    needs: ['daylight'],
    passes: leafy(task)
      ? 'Straight, see-through near the target, clean trunk, lighter on top.'
      : 'Straight, no puddles on the stem, tips darker than the trunk.',
    faults: ['one-sided', 'satin', 'shiny-patches'],
  })
  if (!leafy(task)) return [...armature, inspect]
  const sprinkleSec = 3 + value(k.flockSec) * task.piece.sideAreaCm2
  const wetSec = value(k.wetSec)
  const mistSec = value(k.mistSec) * areaFactor(task)
  const sprinkle = step({
    ...at('sprinkle'),
    title: 'Hairspray the crown, sprinkle',
    text: `Spray the crown only. Sprinkle from above, turn over, and do it from below. Don’t plunge it into the tub. ${timeWords(wetSec / 60)} before the spray has set.`,
    hands: {
      onceSec: 60,
      eachSec: sprinkleSec + value(k.setUpSec) / roundOf(wetSec, value(k.setUpSec), sprinkleSec),
      origin: 'memory',
    },
    within: {
      sec: wetSec,
      what: `The spray stays wet for about ${timeWords(wetSec / 60)}.`,
      origin: 'memory',
    },
    atOnce: {
      count: roundOf(wetSec, value(k.setUpSec), sprinkleSec),
      because: 'window',
      what: `${Math.round(sprinkleSec)} s each, and ${Math.round(value(k.setUpSec))} s to spray the round first.`,
    },
    wait: { leastMin: value(k.setMin), kind: 'open film', what: 'Let it set', origin: 'memory' },
    tools: ['catch tray'],
    ...spraying,
    cautions: ['spray', 'dust'],
    faults: ['clogged-stems', 'fallen-foliage'],
    passes: 'Light through the crown; no foam on the trunk.',
  })
  const second =
    task.choice('colour') === 'overspray'
      ? step({
          ...at('canopy'),
          title: 'Spray the canopy, mist from above',
          text: 'The wanted green around the foliage; then the lighter mist, from above only. Mask the trunk or keep off it.',
          hands: { onceSec: 60, eachSec: paint + mistSec, origin: 'memory' },
          wait: {
            leastMin: task.dryMin(value(k.paintMin)),
            kind: 'open film',
            what: 'Let the paint dry',
            origin: 'memory',
          },
          ...spraying,
          cautions: ['spray'],
          faults: ['loud-two-tone', 'trunk-colour', 'satin'],
        })
      : step({
          ...at('highlight'),
          title: 'Highlight from above',
          text: 'A touch of spray and the lighter foam from above only. One step lighter, never another hue.',
          hands: { onceSec: 30, eachSec: mistSec, origin: 'memory' },
          wait: { leastMin: value(k.setMin), kind: 'open film', what: 'Let it set', origin: 'memory' },
          ...spraying,
          cautions: ['spray'],
          faults: ['loud-two-tone'],
        })
  const open = task.choice('colour') !== 'overspray' && task.fill('highlight').parts.length === 0
  return [...armature, sprinkle, ...(open ? [] : [second]), inspect]
}

/** Dried sprigs, toughened and dressed. methods of the trade, common practice. */
export const sprigTree: PlantMethod = {
  id: 'sprig-tree',
  name: 'Soaked sprig tree',
  makes: 'Dried sprigs, soaked and dried straight, painted, sprinkled with foam.',
  kinds: ['pieces'],
  coefficients: Object.values(k),
  options: [
    {
      id: 'colour',
      name: 'Colour',
      choices: [
        {
          id: 'own',
          name: 'coloured foam straight on',
          words: 'the foam keeps its own colour, the lighter one on top',
        },
        {
          id: 'overspray',
          name: 'any foam, sprayed over',
          words: 'coarse foam of any mid colour; the canopy is sprayed, then misted lighter from above',
        },
      ],
    },
    {
      id: 'sprigs',
      name: 'Sprigs',
      choices: [
        { id: 'toughened', name: 'soaked', words: 'tough and straight; a night’s drying' },
        { id: 'dry', name: 'dry', words: 'no bath and no night, but brittle and as they grew' },
      ],
    },
  ],
  spoilage: k.spoilage,
  suits,
  slots,
  work(task) {
    const sprigs = sprigsEach(task)
    const bath = soak(task, sprigs)
    const uses = usesOf(task, sprigs, bath)
    const left = Math.floor(sprigs.value * (task.value(k.spare) - 1) * task.started + 1e-9)
    return {
      uses,
      pours: bath ? [bath.pour] : [],
      cuts: [],
      yields: [
        ...(bath?.yields ?? []),
        ...(left > 0
          ? [
              {
                label: `Curved ${noun(left, 'sprig')}`,
                source: 'by-product' as const,
                material: catalogueRow('curved-sprigs'),
                quantity: figure(left, 'piece', 'sprigs picked, less those used', [
                  sprigs,
                  task.input(k.spare),
                ]),
                shares: [],
              },
            ]
          : []),
      ],
      steps: stepsOf(task, sprigs, uses),
    }
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 100), 50),
    examplePieces(examplePiece('broadleaf', 'rounded', 250), 3),
    examplePieces(examplePiece('broadleaf', 'ovate', 90, { leaf: 0 }), 12),
    examplePieces(examplePiece('broadleaf', 'spreading', 60, { leaf: 0.35 }), 1),
  ],
}
