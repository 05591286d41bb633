import { boardHoles } from '../../grass'
import { roundOf } from '../../makeup'
import { isBladed } from '../../commissions'
import { discArea, fact, MM_IN_CM, ONE, product, quotient, rest, roundedUp } from '../../quantities'
import { amount, coefficients, seconds, spoilage, sticking } from '../kit/rows'
import { counted, plainNumber } from '../../units'
import { examplePiece, examplePieces } from '../kit/examples'
import { judge } from '../kit/fit'
import { fibre, liquid, sheet } from '../kit/materials'
import { optional, slot } from '../kit/slot'
import { dries, staysOpen } from '../kit/setting'
import { profile, way } from '../kit/way'

export const boardFigures = coefficients('drilled-board', {
  spoilage: spoilage(0.06),
  holeMm: amount('hole', 10, 'mm', 'common practice'),
  bridgeMm: amount('wood between holes', 4, 'mm'),
  boardWidthMm: amount('board, width', 150, 'mm'),
  boardHeightMm: amount('board, depth', 100, 'mm'),
  glueMl: amount('PVA in a hole, clear of its wall', 0.05, 'ml'),
  fibres: amount('fibres on a cm²', 700, '/cm²'),
  sticks: sticking('sticks, of what is thrown', 0.35),
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

/** Tufts in the holes of a drilled board. Common practice. */
export const drilledBoard = way('drilled-board', 'Tufts in a drilled board', {
  makes: 'Holes of a thin board over a release sheet: glue by skewer, fibre by static, the board lifted off.',
  kinds: ['pieces', 'area'],
  profile: profile([3, 12], 'branches', 'mass-made', 'reached over', [40, 75], 'tuft'),
  seasons: 'all year, by tone',
  planner: { kind: 'tray', of: 'holes' },
  figures: k,
  suits({ piece }) {
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
  },
  materials: ({ piece }) => {
    const { base, straw } = piece.sward.colours
    return [
      slot('backing', 'Release backing', sheet('release')),
      slot('pva', 'PVA', liquid('pva')),
      slot('fibre', 'Main fibre', fibre(piece.heightMm, base)),
      slot('second', 'Second tone', fibre(piece.heightMm * 0.75, straw), optional),
    ]
  },
  operations: (on) => {
    const [width, height] = [on.value(k.boardWidthMm), on.value(k.boardHeightMm)]
    const holes = Math.max(1, boardHoles(width, height, on.value(k.holeMm), on.value(k.bridgeMm)).length)
    const boardsOf = roundedUp(quotient(on.pieces, fact('holes in a board', holes, '')))
    const boards = boardsOf.value
    const mixed = on.has('second')
    const hole = discArea(quotient(on.input(k.holeMm), MM_IN_CM))
    const of = { perCm2: on.input(k.fibres), area: hole, sticks: k.sticks }
    const eachSec = on.value(k.glueSec) + on.value(k.fibreSec)
    const setUpSec = on.value(k.setUpSec)
    const round = Math.min(holes, roundOf(on.openSec('pva', k.openSec), setUpSec, eachSec))
    const rounds = Math.ceil(on.started / round)
    const whole = round === holes
    return [
      on.static('glue', 'Drops and fibre, in rounds', {
        text: `${counted(boards, 'sheet')} under the board, taped. A drop in the middle of each hole with a skewer: it must not touch the wall. Then fibre at once, earth lead on the metal under the sheet, applicator about 10 mm off; hole by hole, tap, top up. ${round} holes in a round, of ${holes} in a board. Flower stems while it is wet.`,
        hands: [eachSec + (setUpSec * (rounds - 1)) / on.started, 120 * boards + setUpSec],
        takes: [
          on.takeOnce('backing', product(boardsOf, on.cm2('a board', (width * height) / 100))),
          on.take('pva', k.glueMl),
          on.fibre('fibre', { ...of, share: mixed ? rest(SECOND) : ONE }),
          mixed && on.fibre('second', { ...of, share: SECOND }),
        ],
        cuts: [
          { slot: 'backing', what: 'sheet under the board', count: boards, lengthMm: width, widthMm: height },
        ],
        within: on.open('pva', { by: k.openSec, what: 'a drop of PVA' }),
        atOnce: {
          count: round,
          because: whole ? 'holder' : 'window',
          what: whole
            ? `A board has ${holes} holes.`
            : `${plainNumber(eachSec, 1)} s a hole with its fibre, before the drops skin.`,
        },
        wait: on.sets('pva', 'Dry through, overnight', k.dryMin),
        tools: ['drilled board', 'skewer', 'steel tray'],
        holders: [{ what: 'board hole', each: 1, until: 'lift' }],
        vacuums: 'glue',
        faults: ['glued-wall', 'lying-fibres'],
      }),
      on.work('lift', 'Lift the board, slide a knife', {
        text: 'A thin knife under the sheet, the board straight up; push stuck ones with the skewer.',
        hands: [0, on.value(k.liftSec) * boards],
        tools: ['knife'],
        faults: ['glued-wall'],
      }),
      on.inspect('Vertical; loose in the hole.', ['glued-wall', 'lying-fibres']),
    ]
  },
  examples: [examplePieces(examplePiece('grass', 'blades', 8, { widthShare: 1.4 }), 140)],
})
