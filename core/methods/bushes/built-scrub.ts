import {
  amount,
  coefficients,
  dressSlots,
  dressSteps,
  dressUses,
  examplePiece,
  examplePieces,
  fixedUse,
  hands,
  inspectStep,
  isBladed,
  isBushy,
  judge,
  open,
  piecesUse,
  seconds,
  share,
  snowOption,
  stepsWith,
  type Dress,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { rounded } from '../../quantities'

const k = coefficients('built-scrub', {
  spoilage: share('spoilage', 0.05),
  sprigs: amount('curved sprigs in one', 5, 'piece', 'memory', '4 to 7'),
  insertionCa: amount('CA at an insertion', 0.03, 'ml'),
  cleanSec: seconds('clean a sprig, inward twigs off', 60),
  buildSec: seconds('drill, shave, CA, hold: all insertions', 240),
  filled: share('covered before the leaf, of what is seen', 0.2),
})

const dress: Dress = { adhesive: 'spray-adhesive', form: 'leaf', filled: k.filled }

function suits({ piece }: PlantJob) {
  return judge({
    right: isBushy(piece) && piece.heightMm >= 40 && piece.heightMm <= 120,
    pro: [
      'depth on both sides: a big shrub seen from near',
      'dying or dense, bare or in leaf',
      'uses up the curved sprigs',
    ],
    con: [
      piece.heightMm < 40 && 'smaller ones are done by wool and mesh in seconds',
      piece.heightMm > 120 && 'larger than sprigs build well',
      piece.zone === 'front' && 'it snaps: inboard, where no sleeve passes',
    ],
    never: [
      isBladed(piece) && 'it stands in blades',
      !isBushy(piece) && 'it is a shrub from many stems; this has one',
      piece.crownForm === 'wall' && 'what climbs wants mesh on its wall',
      (piece.heightMm > 180 || piece.heightMm < 22) &&
        `it is built 40 to 120 mm high, this is ${Math.round(piece.heightMm)} mm`,
    ],
  })
}

/** A large shrub built of curved sprigs pinned to a flat one. Common practice. */
export const builtScrub: PlantMethod = {
  id: 'built-scrub',
  name: 'Built scrub',
  makes: 'Curved sprigs drilled and pinned onto a flat one on both sides, CA, dense leaf in two coats.',
  kinds: ['pieces'],
  profile: {
    sizeMm: [40, 120],
    shows: 'branches',
    effort: 'made one by one',
    handling: 'protected',
    together: [2, 6],
    seasons: 'late summer; bare too',
    manner: 'sprig',
  },
  coefficients: Object.values(k),
  options: [snowOption],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }, choice) => [
    {
      id: 'sprig',
      label: 'Curved sprigs',
      wish: { stuff: 'twig', twig: 'curved-sprig', heightMm: piece.heightMm },
    },
    { id: 'ca', label: 'CA', wish: { stuff: 'liquid', liquid: 'ca' } },
    ...dressSlots(piece, dress, choice),
  ],
  work(task) {
    const { value } = task
    const sprigs = Math.round(value(k.sprigs))
    const uses = [
      ...piecesUse(task, {
        slot: 'sprig',
        step: 'clean',
        label: 'Curved sprigs',
        each: rounded(task.input(k.sprigs)),
      }),
      fixedUse(
        task,
        { slot: 'ca', step: 'build', label: 'CA' },
        k.insertionCa,
        rounded(task.input(k.sprigs)),
      ),
      ...dressUses(task, dress),
    ]
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'clean',
          title: 'Pick and clean',
          text: `A flat sprig for the back of each and ${sprigs - 1} more; inward twigs off.`,
          hands: hands(value(k.cleanSec) * (task.piece.heightMm / 70)),
          tools: ['tweezers', 'cutters'],
          cautions: ['wire-and-blades'],
        },
        {
          id: 'build',
          title: 'Drill, shave, insert',
          text: 'Drill at the size of the next stem, shave its end, a speck of CA, hold for seconds; three to six insertions on both faces until it is two thirds as deep as wide.',
          hands: hands(value(k.buildSec) * (task.piece.heightMm / 70)),
          within: open(task, 'ca'),
          tools: ['pin vice', 'knife'],
          needs: ['ventilation'],
          cautions: ['ca', 'drill', 'wire-and-blades'],
          faults: ['one-sided'],
        },
        ...dressSteps(task, dress),
        inspectStep(task, 'Depth at least two thirds of the width.', ['one-sided', 'bare-patches']),
      ]),
    }
  },
  examples: [examplePieces(examplePiece('shrub', 'multi-stemmed', 70), 6)],
}
