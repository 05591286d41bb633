import { plantingGlues, type PlantingGlue } from '../../commissions'
import { bitFor } from '../../hedges'
import { number, quotient } from '../../quantities'
import type { MaterialSpec } from '../../stock'
import { plainNumber } from '../../units'
import type { PlantMaking } from '../kit/bench'
import { examplePiece, examplePieces } from '../kit/examples'
import { grounding } from '../kit/ground'
import type { Listed } from '../kit/listed'
import type { Operation } from '../kit/making'
import { fineEarth, liquid, tackyPva } from '../kit/materials'
import { amount, coefficients, minutes, seconds, spoilage } from '../kit/rows'
import { sharing, slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'

export const plantingFigures = coefficients('planting-out', {
  spoilage: spoilage(0, 'memory', 'what falls while it is set is glued again'),
  findSec: seconds('find a place by the plan', 5),
  awlSec: seconds('prick a hole', 3),
  drillSec: seconds('drill a hole, vacuum its dust', 9),
  setSec: seconds('glue, set, turn and look from two sides', 22),
  propSec: seconds('prop with two pegs', 15),
  dotSec: seconds('a dot of glue, a tuft on it', 7),
  ringSec: seconds('earth and a squirt of water on a ring', 9),
  freeSec: seconds('take the pegs off', 4),
  earthSec: seconds('earth on what shines', 4),
  proppedMm: amount('taller than this it leans until its glue holds', 45, 'mm'),
  holeMl: amount('glue in a hole, for each mm of stem', 0.03, 'ml/mm'),
  hotMl: amount('hot glue in a hole, for each mm of stem', 0.05, 'ml/mm'),
  dotMl: amount('glue in a dot, for a cm² of foot', 0.1, 'ml/cm²'),
  ringG: amount('earth on a ring, for each mm of stem', 0.02, 'g/mm'),
  earthG: amount('earth on what shines, for a cm² of foot', 0.03, 'g/cm²'),
  pvaMin: minutes('PVA in a closed hole holds after', 720),
  mediumMin: minutes('medium in a closed hole holds after', 120),
})
const k = plantingFigures

/** In what a piece is set, by how it grows: what has a stem goes into a hole, a bush into a pool, a tuft onto a dot. */
export type Foot = 'hole' | 'pool' | 'dot'

const GLUE_WORDS: Record<PlantingGlue, readonly [name: string, words: string]> = {
  pva: ['PVA', 'hidden, propped overnight'],
  medium: ['full-strength medium', 'hidden, propped two hours'],
  'hot-glue': ['hot glue', 'no prop; burns, and shows'],
}
const footOf = (on: Pick<PlantMaking, 'choice'>): string => on.choice('foot')

/**
 * Pieces that were made leave their trays and are set on the scene: holes, glue, props, the earth around them. It
 * makes nothing, so it is not offered for a line. Common practice.
 */
export const plantingOut = way('planting-out', 'Planting out', {
  makes: 'Finished pieces set where the plan says: holes, glue, props, and earth on the ring.',
  profile: profile([1, 400], 'branches', 'mass-made', 'handled', [1, 400], 'ready'),
  seasons: 'any',
  figures: k,
  options: [
    option(
      'foot',
      'Foot',
      ['hole', 'in a hole', 'what has a stem'],
      ['pool', 'in a pool', 'bushes, as wide as their foot'],
      ['dot', 'on a dot', 'tufts'],
    ),
    option('glue', 'Glue', ...plantingGlues.map((id): [string, string, string] => [id, ...GLUE_WORDS[id]])),
    option(
      'hole',
      'Holes',
      ['drill', 'drilled', 'in wood, plaster, cloth on board'],
      ['awl', 'by awl', 'thin stems'],
      ['screwdriver', 'by screwdriver', 'in foam and card'],
    ),
  ],
  suits: () => ({ verdict: 'suits', reasonsFor: [], reasonsAgainst: [] }),
  materials: (_job, choice) => [
    slot('glue', 'Glue to plant with', glueFor(choice('foot'), choice('glue'))),
    slot('earth', 'Earth powder', fineEarth, sharing),
  ],
  operations: (on) => (footOf(on) === 'hole' ? inHoles(on) : onGround(on)),
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 160), 12),
    examplePieces(examplePiece('shrub', 'mound', 18), 20),
    examplePieces(examplePiece('grass', 'blades', 6), 60),
  ],
})

function glueFor(foot: string, glue: string): MaterialSpec {
  if (foot === 'dot') return tackyPva
  return liquid(foot !== 'hole' || glue === 'pva' ? 'pva' : glue === 'medium' ? 'matte-medium' : 'hot-glue')
}

/** Trees: holes by the plan, glue, props, then earth on the ring. */
function inHoles(on: PlantMaking): Listed<Operation> {
  const hot = on.choice('glue') === 'hot-glue'
  const tool = on.choice('hole')
  const mm = plainNumber(bitFor(on.piece.trunkMm), 1)
  const isPropped = !hot && on.piece.heightMm > on.value(k.proppedMm)
  const isMedium = on.choice('glue') === 'medium'
  const holds = on.rests(
    isMedium ? k.mediumMin : k.pvaMin,
    'Stand still until it holds',
    'closed joint',
    isMedium ? 'medium' : 'pva',
  )
  return [
    on.work('holes', 'Holes', {
      text: `By the plan, from the back: ${tool === 'drill' ? 'drill' : 'prick'} ${mm} mm holes straight down, deep enough to hold the stem.${tool === 'drill' ? ' Vacuum the dust: glue does not hold on it.' : ''}`,
      hands: on.value(k.findSec) + on.value(tool === 'drill' ? k.drillSec : k.awlSec),
      tools: tool === 'drill' ? ['drill', 'vacuum'] : [tool],
      cautions: tool === 'drill' ? ['drilling'] : ['wire-and-blades'],
      faults: ['holes-seen'],
    }),
    on.work('set', isPropped ? 'Glue, set and prop' : 'Glue and set', {
      text: `From the back. ${hot ? 'A drop of hot glue in the hole, where no eye comes' : 'Glue in the hole'}, the stem into it, turned until its best side looks to the front; upright from two sides.${isPropped ? ' Prop it with two plastic pegs: glue does not hold on them.' : ''}`,
      hands: on.value(k.findSec) + on.value(k.setSec) + (isPropped ? on.value(k.propSec) : 0),
      takes: [on.takeGood('glue', [on.trunk, hot ? k.hotMl : k.holeMl])],
      ...(hot
        ? {
            within: on.open('hot-glue'),
            atOnce: on.one('One at a time.'),
            wait: on.sets('hot-glue', 'Let it cool'),
          }
        : { wait: holds }),
      tools: hot ? ['glue pot'] : [],
      holders: isPropped ? [{ what: 'peg', each: 2, until: 'set' }] : [],
      needs: hot ? ['ventilation'] : [],
      faults: ['leaning', hot ? 'glue-strings' : 'shiny-patches'],
    }),
    on.work('ring', isPropped ? 'Pegs off, earth on the ring' : 'Earth on the ring', {
      text: `${isPropped ? 'Pegs off, one hand on the stem. ' : ''}Earth powder on the ring and a squirt of water. Blow nothing: vacuum through a stocking when all is dry.`,
      hands: on.value(k.ringSec) + (isPropped ? on.value(k.freeSec) : 0),
      takes: [on.takeGood('earth', [on.trunk, k.ringG])],
      tools: ['small spoon', 'spray bottle'],
      passes: 'Upright; no hole, no ring, no shine from the front edge.',
      faults: ['holes-seen', 'shiny-patches', 'leaning'],
    }),
  ]
}

/** Bushes in pools, tufts on dots: nothing is drilled, nothing propped. */
function onGround(on: PlantMaking): Listed<Operation> {
  const isDot = footOf(on) === 'dot'
  const foot = quotient(on.above, number(2))
  return [
    on.work('set', isDot ? 'Dot and set' : 'Pool and set', {
      text: isDot
        ? 'From the back: a dot of PVA that has gone tacky, the tuft on it, not pressed down; tones mixed, none in a row.'
        : 'From the back: a pool of PVA as wide as the foot; push the bush up with a stick while it is wet.',
      hands: on.value(k.findSec) + on.value(isDot ? k.dotSec : grounding.poolSec),
      takes: [on.takeGood('glue', [foot, isDot ? k.dotMl : grounding.poolMl])],
      within: on.open('pva'),
      atOnce: on.rounds('pva', on.value(k.findSec) + on.value(isDot ? k.dotSec : grounding.poolSec)).atOnce,
      wait: on.sets(isDot ? 'tacky-pva' : 'pva', isDot ? 'Let it hold' : 'Dry overnight'),
      tools: isDot ? ['tweezers'] : ['skewer'],
      faults: ['white-puddles', 'shiny-patches'],
    }),
    on.work('ring', 'Earth on what shines', {
      text: 'Look along the ground against the light: a pinch of earth on every spot that shines. Vacuum what lies loose.',
      hands: on.value(k.earthSec),
      takes: [on.takeGood('earth', [foot, k.earthG])],
      tools: ['small spoon', 'stocking', 'vacuum'],
      passes: 'No shine, no gap under a foot, no two alike side by side.',
      faults: ['shiny-patches', 'rows'],
    }),
  ]
}
