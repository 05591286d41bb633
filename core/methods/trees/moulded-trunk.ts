import {
  coatUse,
  coefficients,
  crownOf,
  dressing,
  dressSteps,
  dressUses,
  examplePiece,
  examplePieces,
  flockUse,
  hands,
  leafOf,
  materialsAt,
  pinSlots,
  pinStep,
  pinUses,
  seeThroughOf,
  sets,
  snowOption,
  snowSlots,
  step,
  timeWords,
  use,
  withoutLeaf,
  type Dress,
  type PlantJob,
  type PlantMethod,
  type Suit,
} from '../../makeup'
import { ONE } from '../../quantities'

/** Of the shared dressing only snow is used. */
const snowOnly: Dress = { adhesive: 'hairspray', form: 'ground', slot: 'snow-glue' }

const k = coefficients('moulded-trunk', {
  spoilage: { name: 'spoilage', value: 0.03, unit: '', origin: 'memory', range: [0, 0.5] },
  ends: {
    name: 'share of branch ends',
    value: 0.3,
    unit: '',
    origin: 'memory',
    range: [0.05, 1],
    note: 'of the crown from the side',
  },
  washCoat: { name: 'a thin dark wash', value: 0.004, unit: 'ml/cm²', origin: 'memory', range: [0.0001, 1] },
  coat: { name: 'coat of adhesive', value: 0.03, unit: 'ml/cm²', origin: 'memory', range: [0.001, 1] },
  sticks: { name: 'sticks, of what is pressed on', value: 0.85, unit: '', origin: 'memory', range: [0.1, 1] },
  bendSec: { name: 'bend a trunk', value: 60, unit: 's', origin: 'memory', range: [5, 600] },
  coatSec: {
    name: 'coat the ends, for each 40 cm² of crown',
    value: 60,
    unit: 's',
    origin: 'memory',
    range: [5, 600],
  },
  pressSec: {
    name: 'press the clumps on, for each 40 cm² of crown',
    value: 45,
    unit: 's',
    origin: 'common practice',
    range: [5, 600],
  },
  clearMin: {
    name: 'milk turns clear',
    value: 25,
    unit: 'min',
    origin: 'common practice',
    range: [5, 240],
    note: '20–30 minutes; a few white spots remain',
  },
  tackyMin: {
    name: 'stays tacky',
    value: 1440,
    unit: 'min',
    origin: 'common practice',
    range: [30, 10_000],
    note: 'still open the next day',
  },
  gripMin: { name: 'grips', value: 720, unit: 'min', origin: 'memory', range: [30, 2880], note: 'overnight' },
})

function suits({ piece }: PlantJob): Suit {
  const reasonsFor: string[] = []
  const reasonsAgainst: string[] = []
  const tree = piece.habit === 'broadleaf' || piece.habit === 'conifer'
  if (piece.habit === 'broadleaf')
    reasonsFor.push('full crowns for a hedge line or a wood, where clumps read as foliage')
  if (piece.heightMm >= 70) reasonsFor.push('the trunk has its flare and main forks already')
  reasonsFor.push('a few minutes of hands each, and no paint')
  if (piece.zone === 'front')
    reasonsAgainst.push('at the front the clumps and the plastic are seen for what they are')
  if (piece.leaf < 0.4) reasonsAgainst.push('with so little leaf on the day, the plastic branches would show')
  if (piece.seeThrough > 0.35) reasonsAgainst.push('clump makes a dense crown; this species is airy')
  if (piece.habit === 'conifer')
    reasonsAgainst.push('the forks are a broadleaf’s; only a pine with pads could pass')
  if (!tree) reasonsAgainst.push('it is a trunk with a crown, which this plant has not')
  if (piece.heightMm > 230) reasonsAgainst.push('no moulded trunk is that tall')
  if (piece.heightMm < 35) reasonsAgainst.push('smaller than the smallest moulded trunk')
  const wrong = !tree || piece.heightMm > 230 || piece.heightMm < 35 || piece.leaf < 0.15
  const right = piece.habit === 'broadleaf' && reasonsAgainst.length === 0
  return {
    verdict: wrong ? 'unsuited' : right ? 'suits' : 'possible',
    reasonsFor: wrong ? [] : reasonsFor,
    reasonsAgainst,
  }
}

/** A bent plastic trunk with clump foam. Common practice. */
export const mouldedTrunk: PlantMethod = {
  id: 'moulded-trunk',
  name: 'Moulded trunk',
  makes: 'A bent plastic trunk with clump foam pressed onto sticky branch ends.',
  kinds: ['pieces'],
  profile: {
    sizeMm: [40, 200],
    shows: 'puff',
    effort: 'from the bag',
    handling: 'handled',
    together: [2, 12],
    seasons: 'in leaf',
    manner: 'moulded',
  },
  coefficients: Object.values(k),
  options: [
    {
      id: 'foliage',
      name: 'Foliage',
      choices: [
        { id: 'clump', name: 'clump foam', words: 'pressed on: full and dense' },
        { id: 'leaf', name: 'leaf on a fine web', words: 'teased out along the branch: lighter' },
      ],
    },
    {
      id: 'trunk',
      name: 'Trunk',
      choices: [
        { id: 'leave', name: 'as delivered', words: 'no paint' },
        { id: 'wash', name: 'washed', words: 'a thin dark wash before the adhesive takes the shine away' },
      ],
    },
    {
      id: 'hold',
      name: 'Afterwards',
      choices: [
        { id: 'none', name: 'nothing', words: 'the contact adhesive holds it' },
        { id: 'spray', name: 'a mist of spray adhesive', words: 'for pieces that are handled' },
      ],
    },
    snowOption,
  ],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }, choice) => [
    {
      id: 'trunk',
      label: 'Trunks',
      wish: { stuff: 'goods', goods: 'trunk', heightMm: piece.heightMm * 0.92 },
    },
    { id: 'adhesive', label: 'Contact adhesive', wish: { stuff: 'liquid', liquid: 'contact-adhesive' } },
    choice('foliage') === 'leaf'
      ? {
          id: 'clump',
          label: 'Leaf',
          wish: { stuff: 'foam', form: 'leaf', grainMm: piece.grainMm, colour: piece.tones.base },
        }
      : {
          id: 'clump',
          label: 'Clump foam',
          wish: {
            stuff: 'foam',
            form: 'clump',
            grainMm: Math.max(3, piece.grainMm * 2),
            colour: piece.tones.base,
          },
        },
    ...(choice('trunk') === 'wash'
      ? [
          {
            id: 'wash',
            label: 'Dark wash',
            wish: { stuff: 'liquid', liquid: 'paint', colour: '#45423e' },
          } as const,
        ]
      : []),
    ...(choice('hold') === 'spray'
      ? [
          {
            id: 'hold',
            label: 'Spray adhesive',
            wish: { stuff: 'liquid', liquid: 'spray-adhesive' },
          } as const,
        ]
      : []),
    ...snowSlots(choice, { id: 'snow-glue', label: 'Hairspray for the snow' }),
    ...pinSlots(piece),
  ],
  work(task) {
    const { piece, value } = task
    const size = Math.max(0.4, piece.sideAreaCm2 / 40)
    const washed = task.choice('trunk') === 'wash'
    const held = task.choice('hold') === 'spray'
    const uses = [
      use(task, {
        slot: 'trunk',
        step: 'bend',
        label: 'Trunks',
        each: ONE,
      }),
      ...pinUses(task),
      coatUse(
        task,
        { slot: 'adhesive', step: 'coat', label: 'Contact adhesive' },
        k.coat,
        task.input(k.ends),
      ),
      flockUse(task, {
        slot: 'clump',
        step: 'press',
        label: 'Clump foam',
        area: crownOf(task),
        seeThrough: seeThroughOf(task),
        leaf: leafOf(task),
        share: ONE,
        sticks: k.sticks,
      }),
      ...(washed ? [coatUse(task, { slot: 'wash', step: 'wash', label: 'Dark wash' }, k.washCoat)] : []),
      ...(held
        ? [coatUse(task, { slot: 'hold', step: 'hold', label: 'Spray adhesive' }, dressing.mistCoat)]
        : []),
      ...dressUses(withoutLeaf(task), snowOnly),
    ]
    const at = (id: string) => ({ id, materialIds: materialsAt(uses, id) })
    const clearMin = task.dryMin(value(k.clearMin))
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [],
      steps: [
        step({
          ...at('bend'),
          title: 'Twist off and bend',
          text: 'Bend the branches to all sides: as delivered they are flat. Look at it from above; it should be round.',
          hands: { onceSec: 60, eachSec: value(k.bendSec) * size, origin: 'memory' },
          tools: ['cutters'],
          cautions: ['wire-and-blades'],
          faults: piece.habit === 'conifer' ? ['spiral', 'one-sided'] : ['one-sided'],
        }),
        step({ ...pinStep(task), materialIds: materialsAt(uses, 'pin') }),
        ...(washed
          ? [
              step({
                ...at('wash'),
                title: 'Wash the trunk',
                text: 'Dark paint thinned well, over trunk and limbs; wipe it off the ridges.',
                hands: hands(20, 60),
                wait: sets(task, 'wash', 'Let the wash dry'),
                tools: ['brush'],
                faults: ['trunk-colour'],
              }),
            ]
          : []),
        step({
          ...at('coat'),
          title: 'Coat the branch ends',
          text: `A thin coat of contact adhesive on both sides of the ends only. Nothing touches while it is white; about ${timeWords(clearMin)} until it is clear.`,
          hands: { onceSec: 60, eachSec: value(k.coatSec) * size, origin: 'memory' },
          wait: {
            leastMin: clearMin,
            mostMin: value(k.tackyMin),
            kind: 'tack clearing',
            what: 'Wait until the milk turns clear',
            origin: 'common practice',
          },
          tools: ['brush'],
          holders: [{ what: 'base', each: 1, until: 'press' }],
          needs: ['ventilation'],
          gives: ['solvent'],
          cautions: ['adhesive'],
          faults: ['shiny-patches'],
        }),
        step({
          ...at('press'),
          title: 'Press the clumps on',
          text: 'Push it into the bag, roll, squeeze, shake; split the big lumps. Put back what fell.',
          hands: { onceSec: 30, eachSec: value(k.pressSec) * size, origin: 'common practice' },
          wait: {
            leastMin: value(k.gripMin),
            kind: 'closed joint',
            what: 'Leave it to grip',
            origin: 'memory',
          },
          tools: ['catch tray'],
          cautions: ['dust'],
          faults: ['fallen-foliage', 'one-sided'],
        }),
        ...(held
          ? [
              step({
                ...at('hold'),
                title: 'A mist of spray adhesive',
                text: 'From farther off, over the foliage; it holds what a hand would rub off.',
                hands: hands(6, 60),
                wait: sets(task, 'spray-adhesive', 'Let it set'),
                needs: ['ventilation'],
                gives: ['aerosol', 'solvent'],
                cautions: ['spray'],
                faults: ['shiny-patches'],
              }),
            ]
          : []),
        ...dressSteps(withoutLeaf(task), snowOnly).map((draft) => step({ ...draft, ...at(draft.id) })),
        step({
          ...at('inspect'),
          title: 'Touch up, inspect',
          text: 'Squeeze loose clumps again, trim what sticks out.',
          hands: { onceSec: 0, eachSec: 12, origin: 'memory' },
          needs: ['daylight'],
          passes: 'Nothing falls when it is tapped; branches partly visible.',
          faults: ['one-sided', 'fallen-foliage'],
        }),
      ],
    }
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 110), 20),
    examplePieces(examplePiece('broadleaf', 'ovate', 40), 1),
  ],
}
