import { boardHoles } from '../../grass'
import {
  amount,
  backOf,
  batchUse,
  coefficients,
  dries,
  examplePiece,
  examplePieces,
  fibreUses,
  fixedUse,
  hands,
  inspectStep,
  isBladed,
  judge,
  open,
  roundOf,
  seconds,
  sets,
  share,
  startedOf,
  staticStep,
  staysOpen,
  stepsWith,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import {
  discArea,
  fact,
  MM_IN_CM,
  ONE,
  product,
  quotient,
  rest,
  roundedUp,
  type Expression,
} from '../../quantities'
import { counted, plainNumber } from '../../units'

export const boardFigures = coefficients('drilled-board', {
  spoilage: share('spoilage', 0.06),
  holeMm: amount('hole', 10, 'mm', 'common practice'),
  bridgeMm: amount('wood between holes', 4, 'mm'),
  boardWidthMm: amount('board, width', 150, 'mm'),
  boardHeightMm: amount('board, depth', 100, 'mm'),
  glueMl: amount('PVA in a hole, clear of its wall', 0.05, 'ml'),
  fibres: amount('fibres on a cm²', 700, '/cm²'),
  sticks: share('sticks, of what is thrown', 0.35),
  glueSec: seconds('place glue with a skewer', 3),
  fibreSec: seconds('fibre into a hole', 1.5),
  setUpSec: seconds('clip on, fill, switch on', 45),
  openSec: staysOpen('pva', 'glue in a hole stays open'),
  dryMin: dries('pva', 'dries through'),
  liftSec: seconds('lift the board, slide a knife', 180),
})
const k = boardFigures

/** Of the fibre, that of the second tone. Our estimate. */
const SECOND = fact('second tone', 0.3, '', 'memory')

function suits({ piece }: PlantJob) {
  const upright = piece.habit === 'grass' || piece.habit === 'reed'
  return judge({
    right: false,
    pro: [
      'fibres stand upright between the walls: tussocks, and bases for flowers',
      'about seventy to a board',
    ],
    con: [
      !upright && 'fibres are blades: leaves and flowers are to be added',
      piece.crownWidthMm < 6 && 'narrower than a hole gives: dots on a sheet',
      piece.crownWidthMm > 22 && 'wider than one hole gives: several side by side',
    ],
    never: [
      !isBladed(piece) && 'it has stems and a crown, which fibres can’t show',
      (piece.heightMm > 16 || piece.heightMm < 2) &&
        `fibre is 2 to 12 mm, this is ${Math.round(piece.heightMm)} mm`,
    ],
  })
}

/** Tufts in the holes of a drilled board. Common practice. */
export const drilledBoard: PlantMethod = {
  id: 'drilled-board',
  name: 'Tufts in a drilled board',
  makes: 'Holes of a thin board over a release sheet: glue by skewer, fibre by static, the board lifted off.',
  kinds: ['pieces', 'area'],
  profile: {
    sizeMm: [3, 12],
    shows: 'branches',
    effort: 'mass-made',
    handling: 'reached over',
    together: [40, 75],
    seasons: 'all year, by tone',
    manner: 'tuft',
  },
  coefficients: Object.values(k),
  options: [],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }) => [
    { id: 'backing', label: 'Release backing', wish: { stuff: 'sheet', sheet: 'release' } },
    { id: 'pva', label: 'PVA', wish: { stuff: 'liquid', liquid: 'pva' } },
    {
      id: 'fibre',
      label: 'Main fibre',
      wish: { stuff: 'fibre', lengthMm: piece.heightMm, colour: piece.sward.colours.base },
    },
    {
      id: 'second',
      label: 'Second tone',
      wish: { stuff: 'fibre', lengthMm: piece.heightMm * 0.75, colour: piece.sward.colours.straw },
      optional: true,
    },
  ],
  work(task) {
    const { value } = task
    const [width, height] = [value(k.boardWidthMm), value(k.boardHeightMm)]
    const holes = Math.max(1, boardHoles(width, height, value(k.holeMm), value(k.bridgeMm)).length)
    const boardsOf = roundedUp(quotient(startedOf(task), fact('holes in a board', holes, '')))
    const boards = boardsOf.value
    const hole = discArea(quotient(task.input(k.holeMm), MM_IN_CM))
    const mixed = task.fill('second').parts.length > 0
    const fibre = (slot: string, label: string, part: Expression) =>
      fibreUses(task, {
        slot,
        step: 'glue',
        label,
        perCm2: task.input(k.fibres),
        area: hole,
        share: part,
        sticks: k.sticks,
      })
    const uses = [
      batchUse(task, {
        slot: 'backing',
        step: 'glue',
        label: 'Release backing',
        total: product(boardsOf, fact('a board', (width * height) / 100, 'cm²')),
      }),
      fixedUse(task, { slot: 'pva', step: 'glue', label: 'PVA' }, k.glueMl),
      ...fibre('fibre', 'Main fibre', mixed ? rest(SECOND) : ONE),
      ...(mixed ? fibre('second', 'Second tone', SECOND) : []),
    ]
    const eachSec = value(k.glueSec) + value(k.fibreSec)
    const round = Math.min(holes, roundOf(value(k.openSec), value(k.setUpSec), eachSec))
    const rounds = Math.ceil(task.started / round)
    return {
      uses,
      pours: [],
      cuts: [
        { slot: 'backing', what: 'sheet under the board', count: boards, lengthMm: width, widthMm: height },
      ],
      yields: [],
      steps: stepsWith(uses, [
        staticStep({
          id: 'glue',
          title: 'Drops and fibre, in rounds',
          text: `${counted(boards, 'sheet')} under the board, taped. A drop in the middle of each hole with a skewer: it must not touch the wall. Then fibre at once, earth lead on the metal under the sheet, applicator about 10 mm off; hole by hole, tap, top up. ${round} holes in a round, of ${holes} in a board. Flower stems while it is wet.`,
          hands: hands(
            eachSec + (value(k.setUpSec) * (rounds - 1)) / task.started,
            120 * boards + value(k.setUpSec),
          ),
          within: open(task, 'pva', { by: k.openSec, what: 'a drop of PVA' }),
          atOnce: {
            count: round,
            because: round === holes ? 'holder' : 'window',
            what:
              round === holes
                ? `A board has ${holes} holes.`
                : `${plainNumber(eachSec, 1)} s a hole with its fibre, before the drops skin.`,
          },
          wait: sets(task, 'pva', 'Dry through, overnight', { by: k.dryMin }),
          tools: ['drilled board', 'skewer', 'steel tray'],
          holders: [{ what: 'board hole', each: 1, until: 'lift' }],
          back: backOf(uses, 'glue'),
          faults: ['glued-wall', 'lying-fibres'],
        }),
        {
          id: 'lift',
          title: 'Lift the board, slide a knife',
          text: 'A thin knife under the sheet, the board straight up; push stuck ones with the skewer.',
          hands: hands(0, value(k.liftSec) * boards),
          tools: ['knife'],
          cautions: ['wire-and-blades'],
          faults: ['glued-wall'],
        },
        inspectStep(task, 'Vertical; loose in the hole.', ['glued-wall', 'lying-fibres']),
      ]),
    }
  },
  examples: [examplePieces(examplePiece('grass', 'blades', 8, { widthShare: 1.4 }), 140)],
}
