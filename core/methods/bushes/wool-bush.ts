import {
  bathWork,
  coefficients,
  examplePiece,
  examplePieces,
  flockUse,
  isBladed,
  isBushy,
  materialsAt,
  roundOf,
  step,
  timeWords,
  use,
  volumeOf,
  type PlantJob,
  type PlantMethod,
  type PlantTask,
  type Suit,
  type Yield,
} from '../../makeup'
import { fact, ONE, product } from '../../quantities'
import { colourOf } from '../../stock'

const k = coefficients('wool-bush', {
  spoilage: { name: 'spoilage', value: 0.05, unit: '', origin: 'memory', range: [0, 0.5] },
  wool: {
    name: 'wool in a finished bush',
    value: 0.022,
    unit: 'g/cm³',
    origin: 'memory',
    range: [0.002, 0.3],
  },
  held: { name: 'bath held by a gram of wool', value: 5, unit: 'ml/g', origin: 'memory', range: [1.2, 20] },
  standing: {
    name: 'standing in the tub at the end',
    value: 60,
    unit: 'ml',
    origin: 'memory',
    range: [5, 2000],
  },
  sticks: { name: 'sticks, of what is thrown', value: 0.6, unit: '', origin: 'memory', range: [0.05, 1] },
  coat: {
    name: 'see-through of the foam over the core',
    value: 0.3,
    unit: '',
    origin: 'memory',
    range: [0.05, 0.9],
    note: 'the core may show',
  },
  teaseSec: { name: 'tear and tease a bush', value: 10, unit: 's', origin: 'memory', range: [1, 300] },
  dipSec: {
    name: 'dip and squeeze, several together',
    value: 5,
    unit: 's',
    origin: 'memory',
    range: [1, 120],
  },
  foamSec: {
    name: 'sprinkle, for each cm² of surface',
    value: 0.35,
    unit: 's',
    origin: 'memory',
    range: [0.02, 5],
  },
  wetSec: { name: 'the bath on them stays wet', value: 600, unit: 's', origin: 'memory', range: [60, 3600] },
  setUpSec: {
    name: 'dip a round before the first sprinkle',
    value: 60,
    unit: 's',
    origin: 'memory',
    range: [0, 600],
  },
  dryMin: {
    name: 'dries through',
    value: 480,
    unit: 'min',
    origin: 'memory',
    range: [60, 2880],
    note: 'overnight',
  },
})

/** Paint 1 : PVA 1 : water 4, by volume. From memory; that it is paint, water and PVA is common practice. */
const PARTS = { paint: 1, pva: 1, water: 4 }

function suits({ piece, kind }: PlantJob): Suit {
  const reasonsFor: string[] = []
  const reasonsAgainst: string[] = []
  if (isBushy(piece)) reasonsFor.push('a rounded mass down to the ground, as a bush has')
  reasonsFor.push('minutes for a large heap, and the cheapest way of all')
  if (piece.crownForm === 'mound') reasonsFor.push('scrub that really is dense may be opaque')
  if (kind === 'length')
    reasonsAgainst.push(
      'set bush by bush: a closed green line, without the twigs and the daylight of a hedge',
    )
  if (piece.habit === 'broadleaf')
    reasonsAgainst.push('no stem and no branches: only for a bush-like tree that stands among others')
  if (piece.habit === 'conifer') reasonsAgainst.push('a conifer has a leader and tiers')
  if (isBladed(piece) && piece.habit !== 'fern') reasonsAgainst.push('it stands in blades')
  if (piece.habit === 'palm') reasonsAgainst.push('a palm has fronds on a bare stem')
  if (piece.habit === 'fern')
    reasonsAgainst.push('fronds would be lost; from a distance it may pass for a bracken bank')
  if (piece.leaf < 0.3) reasonsAgainst.push('with so little leaf on the day, a bush is mostly twigs')
  if (piece.heightMm > 70) reasonsAgainst.push(`at ${Math.round(piece.heightMm)} mm the wool sags`)
  if (piece.heightMm < 4) reasonsAgainst.push('too small to tease and dip one by one')
  if (piece.zone === 'front' && piece.heightMm > 40)
    reasonsAgainst.push('at the front a bush of this size wants twigs inside')
  const wrong =
    piece.habit === 'conifer' ||
    piece.habit === 'palm' ||
    (isBladed(piece) && piece.habit !== 'fern') ||
    piece.heightMm > 90 ||
    piece.heightMm < 3 ||
    piece.leaf < 0.15
  const right = isBushy(piece) && reasonsAgainst.length === 0
  return {
    verdict: wrong ? 'unsuited' : right ? 'suits' : 'possible',
    reasonsFor: wrong ? [] : reasonsFor,
    reasonsAgainst,
  }
}

/** The bath that is kept: of one colour, by the paint that is in it. */
function dyeBath(task: PlantTask): Yield['material'] {
  const [paint] = task.fill('paint').parts
  const [pva] = task.fill('pva').parts
  const colour = paint && colourOf(paint.material.of)
  return {
    id: `dye-bath-${paint?.material.id ?? 'open'}`.slice(0, 64),
    name: `Dye bath, ${paint?.material.name ?? 'no paint'}`.slice(0, 120),
    unit: 'ml',
    of: {
      stuff: 'mixture',
      parts: [
        { name: 'Paint', parts: PARTS.paint, ...(paint && { materialId: paint.material.id }) },
        { name: 'PVA', parts: PARTS.pva, ...(pva && { materialId: pva.material.id }) },
        { name: 'Water', parts: PARTS.water },
      ],
      ...(colour === undefined ? {} : { colour }),
    },
    densityGPerMl: 1.03,
  }
}

/** Teased wool, dyed and stiffened in one bath. Common practice. */
export const woolBush: PlantMethod = {
  id: 'wool-bush',
  name: 'Wool bush',
  makes: 'Teased filter wool, dyed and stiffened in one bath, fine foam sprinkled in while it is wet.',
  kinds: ['pieces', 'length'],
  profile: {
    sizeMm: [5, 60],
    shows: 'puff',
    effort: 'mass-made',
    handling: 'handled',
    together: [10, 50],
    seasons: 'in leaf',
    manner: 'wool',
  },
  coefficients: Object.values(k),
  options: [
    {
      id: 'core',
      name: 'Core',
      choices: [
        { id: 'dark', name: 'dark core', words: 'depth between the leaves' },
        {
          id: 'leaf',
          name: 'leaf-coloured core',
          words: 'paler and softer; where the core shows it passes for leaf',
        },
      ],
    },
  ],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }, choice) => [
    { id: 'wool', label: 'Filter wool', wish: { stuff: 'wool' } },
    {
      id: 'paint',
      label: 'Core colour',
      wish: {
        stuff: 'liquid',
        liquid: 'paint',
        colour: choice('core') === 'leaf' ? piece.tones.base : piece.tones.shade,
      },
    },
    { id: 'pva', label: 'PVA', wish: { stuff: 'liquid', liquid: 'pva' } },
    {
      id: 'foliage',
      label: 'Foliage',
      wish: { stuff: 'foam', form: 'ground', grainMm: piece.grainMm, colour: piece.tones.base },
    },
  ],
  work(task) {
    const { piece, value } = task
    const volume = volumeOf(task)
    const surface = fact(
      'surface',
      piece.surfaceCm2,
      'cm²',
      'formula',
      'the outline of its form, turned round the stem',
    )
    const wool = task.input(k.wool)
    const bath = bathWork(task, {
      step: 'dip',
      title: 'Dye bath',
      material: dyeBath(task),
      taken: product(volume, wool, task.input(k.held)),
      standing: task.input(k.standing),
      parts: [
        { slot: 'paint', label: 'Paint', parts: PARTS.paint },
        { slot: 'pva', label: 'PVA', parts: PARTS.pva },
      ],
      water: PARTS.water,
    })
    const uses = [
      use(task, {
        slot: 'wool',
        step: 'tease',
        label: 'Filter wool',
        each: product(volume, wool),
      }),
      ...bath.uses,
      flockUse(task, {
        slot: 'foliage',
        step: 'dip',
        label: 'Foliage',
        area: surface,
        seeThrough: task.input(k.coat),
        leaf: ONE,
        share: ONE,
        sticks: k.sticks,
      }),
    ]
    const at = (id: string) => ({ id, materialIds: materialsAt(uses, id) })
    const wetSec = value(k.wetSec)
    const foamSec = 1 + value(k.foamSec) * piece.surfaceCm2
    const round = roundOf(wetSec, value(k.setUpSec), foamSec + value(k.dipSec))
    return {
      uses,
      pours: [bath.pour],
      cuts: [],
      yields: bath.yields,
      steps: [
        step({
          ...at('tease'),
          title: 'Tear and tease',
          text: 'Tear the wool to size and tease it until light comes through.',
          hands: {
            onceSec: 60,
            eachSec: value(k.teaseSec) * Math.max(0.2, piece.volumeCm3 / 2.5),
            origin: 'memory',
          },
          cautions: ['dust'],
        }),
        step({
          ...at('dip'),
          title: 'Dip, squeeze, sprinkle',
          text: `Dip, and squeeze several together in the folded coated carton; they spring open by themselves. Sprinkle the foam in while they are wet: about ${timeWords(wetSec / 60)}.`,
          hands: { onceSec: 180, eachSec: value(k.dipSec) + foamSec, origin: 'memory' },
          within: {
            sec: wetSec,
            what: `The bath on them is wet for about ${timeWords(wetSec / 60)}.`,
            origin: 'memory',
          },
          atOnce: {
            count: round,
            because: 'window',
            what: `${Math.round(foamSec + value(k.dipSec))} s each, and ${timeWords(value(k.setUpSec) / 60)} to begin a round.`,
          },
          wait: {
            leastMin: task.dryMin(value(k.dryMin)),
            kind: 'open film',
            what: 'Dry through, on the coated card',
            origin: 'memory',
          },
          tools: ['coated carton', 'tub'],
          holders: [{ what: 'drying card place', each: 1, until: 'dip' }],
          cautions: ['wet-bath', 'dust'],
          faults: ['pancake', 'shiny-patches'],
        }),
        step({
          ...at('inspect'),
          title: 'Loosen, inspect',
          text: 'Knock off loose foam over the tray, push flat ones up with a stick.',
          hands: { onceSec: 30, eachSec: 4, origin: 'memory' },
          passes: 'Springs back when pinched; no white core.',
          cautions: ['dust'],
          faults: ['pancake', 'shiny-patches', 'fallen-foliage'],
        }),
      ],
    }
  },
  examples: [
    examplePieces(examplePiece('shrub', 'mound', 15, { widthShare: 1.3 }), 80),
    examplePieces(examplePiece('shrub', 'multi-stemmed', 60), 1),
    { kind: 'length', piece: examplePiece('shrub', 'multi-stemmed', 22), lengthMm: 1200, section: 'trimmed' },
  ],
}
