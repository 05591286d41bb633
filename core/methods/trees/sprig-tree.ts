import {
  examplePiece,
  examplePieces,
  isBladed,
  isBushy,
  snowOption,
  snowSlots,
  startedOf,
  type PlantJob,
  type PlantMethod,
  type Slot,
  type Suit,
} from '../../makeup'
import { difference, figure, ONE, product, roundedDown } from '../../quantities'
import { catalogueRow } from '../../stock'
import { noun } from '../../units'
import { leafy, soak, sprigsEach, usesOf } from './sprig-tree-amounts'
import { sprigsOf } from './sprig-count'
import { sprigFigures as k } from './sprig-tree-figures'
import { stepsOf } from './sprig-tree-steps'

/** Bark of most trunks, and the depth at the tips: grey-brown, dark. Common practice. */
const TRUNK = '#7d756b'
const TIPS = '#3a3028'

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
    ...(sprigsOf(piece).value > 1
      ? [
          {
            id: 'tie',
            label: 'Fine wire to bind',
            wish: { stuff: 'wire', diameterMm: 0.3 },
            optional: true,
          } as const,
          { id: 'ca', label: 'CA', wish: { stuff: 'liquid', liquid: 'ca' } } as const,
        ]
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
  const hairspray: Slot = {
    id: 'hairspray',
    label: 'Hairspray',
    wish: { stuff: 'liquid', liquid: 'hairspray' },
  }
  const snow = snowSlots(choice)
  if (!leafy({ piece })) return [...armature, ...(snow.length > 0 ? [hairspray, ...snow] : [])]
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
        ...snow,
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
        ...snow,
      ]
}

/** Dried sprigs, toughened and dressed. Common practice. */
export const sprigTree: PlantMethod = {
  id: 'sprig-tree',
  name: 'Soaked sprig tree',
  makes: 'Dried sprigs, soaked and dried straight, painted, sprinkled with foam.',
  kinds: ['pieces'],
  profile: {
    sizeMm: [30, 250],
    shows: 'branches',
    effort: 'mass-made',
    handling: 'protected',
    together: [5, 50],
    seasons: 'any',
    manner: 'sprig',
  },
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
    snowOption,
  ],
  spoilage: k.spoilage,
  suits,
  slots,
  work(task) {
    const sprigs = sprigsEach(task)
    const bath = soak(task, sprigs)
    const uses = usesOf(task, sprigs, bath)
    const left = roundedDown(product(sprigs, difference(task.input(k.spare), ONE), startedOf(task)))
    return {
      uses,
      pours: bath ? [bath.pour] : [],
      cuts: [],
      yields: [
        ...(bath?.yields ?? []),
        ...(left.value > 0
          ? [
              {
                label: `Curved ${noun(left.value, 'sprig')}`,
                source: 'by-product' as const,
                material: catalogueRow('curved-sprigs'),
                quantity: figure(left, 'piece'),
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
