import { sheetsFor } from '../../grass'
import { roundOf } from '../../makeup'
import { isBladed } from '../../commissions'
import {
  capVolume,
  difference,
  discArea,
  fact,
  MM_IN_CM,
  ONE,
  product,
  quotient,
  sum,
  type Expression,
} from '../../quantities'
import { counted, plainNumber } from '../../units'
import type { PlantMaking } from '../kit/bench'
import { examplePiece, examplePieces } from '../kit/examples'
import { judge } from '../kit/fit'
import { trait, type Draft, type Operation, type Taken } from '../kit/making'
import { fibre, liquid, sheet } from '../kit/materials'
import { coefficients, minutes, row, share, spoilage, sticking } from '../kit/rows'
import { lighter, optional, slot } from '../kit/slot'
import { profile, way } from '../kit/way'

const k = coefficients('tuft-sheet', {
  spoilage: spoilage(0.1),
  spread: row('a tuft’s width, of its foot', 1.7, '', [1, 5]),
  dotHeight: row('a dot’s height, of its width', 0.22, '', [0.05, 0.6]),
  fibres: row('fibres on a cm²', 900, '/cm²', [20, 5000], 'memory', 'ground cover has some 200'),
  sticks: sticking('sticks, of what is thrown', 0.3, 'memory', 'three times what stands'),
  glueLoss: share('left on the needle and in the nozzle', 0.15),
  second: row('share of the second fibre', 0.3, '', [0, 0.6]),
  accent: row('share of the accent tone', 0.15, '', [0, 0.4], 'memory', 'common practice: 3–4 tones'),
  dotSec: row('set a dot', 1.5, 's', [0.3, 30]),
  fibreSec: row('fibre on a dot', 0.6, 's', [0.05, 30]),
  setUpSec: row('clip on, fill, switch on', 45, 's', [0, 300]),
  openSec: row('a dot stays open', 480, 's', [30, 3600]),
  gripMin: minutes('dots grip', 20),
  dryMin: minutes('dries through', 720, 'memory', 'neat PVA: half a day'),
})

/** Dots from a rice grain to a pea, mm. Common practice. */
const SMALLEST_DOT_MM = 2
const LARGEST_DOT_MM = 8
/** The part of a biscuit-tin lid that dots go on, mm. From memory. */
export const sheetMm = { widthMm: 180, heightMm: 260 } as const
const LONGEST_FIBRE_MM = 12

export const tuftSpread = k.spread
/** The dot for a tuft of so many mm: from a rice grain to a pea. */
export const dotFor = (crownWidthMm: number, spread: number): number =>
  Math.min(LARGEST_DOT_MM, Math.max(SMALLEST_DOT_MM, crownWidthMm / spread))
/** How far dots keep from one another, by their width, mm. From memory. */
export const dotGapMm = (dot: number): number => Math.max(3, dot * 0.8)

/** From so many on, tuft by tuft is not how makers do it. Our estimate. */
const TOO_MANY = 20_000
/** At this ratio and below this height a single plant is sprinkled, not made. Common practice. */
const SPRINKLED = { ratio: 200, mm: 3 }

/** Dots by size, as the pieces' own widths ask for: three sizes, dealt in turn. */
function dealOfDots(on: PlantMaking, mean: number): NonNullable<Draft['deal']> {
  const sizes = on.task.sizes(on.started)
  const dots = sizes.map(({ crownWidthMm }) => dotFor(crownWidthMm, on.value(k.spread)))
  const shareOf = (fits: (dot: number) => boolean): number =>
    dots.length === 0 ? 0 : dots.filter(fits).length / dots.length
  const [least, most] = [mean * 0.93, mean * 1.07]
  const sized = (dot: number): string => `${plainNumber(Math.round(dot * 2) / 2, 1)} mm`
  const shares = {
    [`small, ${sized(mean * 0.85)}`]: shareOf((dot) => dot < least),
    [`usual, ${sized(mean)}`]: shareOf((dot) => dot >= least && dot <= most),
    [`large, ${sized(mean * 1.15)}`]: shareOf((dot) => dot > most),
  }
  return { each: 1, suits: [trait('dot', shares)] }
}

/** What of the fibre is of each slot that is filled: the main one makes up what the others leave. */
function fibres(on: PlantMaking, dot: Expression): Taken[] {
  const second = on.has('second') ? on.input(k.second) : undefined
  const accent = on.has('accent') ? on.input(k.accent) : undefined
  const main = [second, accent].reduce<Expression>((left, one) => (one ? difference(left, one) : left), ONE)
  const of = { perCm2: on.input(k.fibres), area: discArea(quotient(dot, MM_IN_CM)), sticks: k.sticks }
  return [
    ...on.fibre('fibre', { ...of, share: main }),
    ...(second ? on.fibre('second', { ...of, share: second }) : []),
    ...(accent ? on.fibre('accent', { ...of, share: accent }) : []),
  ]
}

/** The tray, its dots with their fibre, and what is tapped off. */
function tray(on: PlantMaking): Operation[] {
  const { started } = on
  const dot = dotFor(on.piece.crownWidthMm, on.value(k.spread))
  const { sheets, perSheet } = sheetsFor(started, sheetMm.widthMm, sheetMm.heightMm, dot, dotGapMm(dot))
  const across = fact('dot', dot, 'mm', 'common practice', 'crown width ÷ spread, from 2 to 8 mm')
  const openSec = on.value(k.openSec) * Math.min(on.task.dryMin(100) / 100, 2)
  const eachSec = on.value(k.dotSec) + on.value(k.fibreSec)
  const setUpSec = on.value(k.setUpSec)
  const round = Math.min(perSheet, roundOf(openSec, setUpSec, eachSec))
  const whole = round === perSheet
  // What comes with each sheet or round after the first has its share in each tuft: so a step can be done in parts.
  const again = (sec: number, times: number) => (sec * (times - 1)) / started
  const cut = { slot: 'backing', what: 'sheet of backing', count: sheets, lengthMm: sheetMm.heightMm }
  return [
    on.work('tray', 'Lay the tray', {
      text: `${counted(sheets, 'sheet')} of backing, taped down on the steel tray. Mix the fibres: main, shorter, accent.`,
      hands: [again(60, sheets), 240],
      takes: [
        on.takeOnce(
          'backing',
          product(
            fact('sheets', sheets, '', 'formula', 'dots in staggered rows'),
            fact('a sheet', (sheetMm.widthMm * sheetMm.heightMm) / 100, 'cm²', 'memory', '180 × 260 mm'),
          ),
        ),
      ],
      cuts: [{ ...cut, widthMm: sheetMm.widthMm }],
      tools: ['steel tray'],
      cautions: ['dust'],
    }),
    on.static('dots', 'Set dots, apply fibre', {
      text: `Dots of ${plainNumber(dot, 1)} mm that must not touch, ${perSheet} to a sheet; ${round} at a time before they skin. Earth lead on the metal, applicator about 10 mm off; move methodically.`,
      hands: [eachSec + again(setUpSec, Math.ceil(started / round)), setUpSec],
      takes: [
        on.take('pva', [
          capVolume(quotient(across, MM_IN_CM), on.input(k.dotHeight)),
          sum(ONE, on.input(k.glueLoss)),
        ]),
        fibres(on, across),
      ],
      deal: dealOfDots(on, dot),
      within: on.within(openSec, `Small dots skin over in about ${on.time(openSec)}.`),
      atOnce: {
        count: round,
        because: whole ? 'sheet' : 'window',
        what: whole
          ? `A sheet takes ${perSheet}.`
          : `${plainNumber(eachSec, 1)} s a dot, and ${on.time(setUpSec)} to set up.`,
      },
      wait: on.dries(k.gripMin, 'Let the dots grip'),
      holders: [{ what: 'steel tray', each: 1 / perSheet, until: 'lift' }],
      faults: ['joined-dots', 'lying-fibres'],
      passes: 'Fibres upright, each foot within its dot.',
    }),
    on.work('tap', 'Tilt and tap off', {
      text: 'Tilt, tap the loose fibre to one corner, back into its box.',
      hands: [again(60, sheets), 60],
      vacuums: 'dots',
      wait: on.dries(k.dryMin, 'Dry through'),
      cautions: ['dust'],
      faults: ['lying-fibres', 'carpet-of-grass'],
    }),
  ]
}

/** Dots of PVA on a release sheet, fibres set upright. Common practice. */
export const tuftSheet = way('tuft-sheet', 'Tufts on a release sheet', {
  makes: 'Dots of PVA on a release sheet, fibres set upright by static, lifted when dry.',
  kinds: ['pieces', 'area'],
  profile: profile([2, 14], 'branches', 'mass-made', 'reached over', [50, 400], 'tuft'),
  seasons: 'all year, by tone',
  planner: { kind: 'tray', of: 'dots' },
  figures: k,
  suits: (job) => {
    const { piece } = job
    const { habit, heightMm } = piece
    const upright = habit === 'grass' || habit === 'reed'
    const pieces = job.kind === 'pieces' ? job.pieces : 0
    const tufts = job.kind === 'area' ? (job.areaCm2 * 0.55) / piece.topAreaCm2 : pieces
    const long = `${Math.round(heightMm)} mm is beyond the longest fibre, ${LONGEST_FIBRE_MM} mm`
    const low = 'lower than the shortest fibre: a mat would do'
    return judge({
      right: upright,
      pro: [
        upright && 'blades that stand up, as grass does',
        heightMm >= 2 && heightMm <= LONGEST_FIBRE_MM && 'within the lengths that static fibre comes in',
        'hundreds in one go, and they keep on their sheet until planted',
      ],
      con: [
        job.kind === 'area' && 'a patch set tuft by tuft: for tussocks; a closed sward is laid in layers',
        habit === 'fern' && 'fibres are blades, not fronds; it passes from a step away',
        habit === 'herb' && 'leaves and flowers are to be added: fibres give only the stems',
        heightMm > LONGEST_FIBRE_MM * 1.15 && heightMm <= LONGEST_FIBRE_MM * 1.6 && long,
        heightMm < 1.5 && heightMm >= 1 && low,
        piece.crownWidthMm > LARGEST_DOT_MM * k.spread.value * 1.3 &&
          'wider than one dot makes: set several side by side',
      ],
      never: [
        !isBladed(piece) && 'it has stems and a crown, which fibres can’t show',
        tufts > TOO_MANY &&
          `about ${Math.round(tufts / 1000) * 1000} tufts, one by one: lay it in layers, tufts at its edges`,
        piece.realRatio >= SPRINKLED.ratio &&
          heightMm < SPRINKLED.mm &&
          'at this scale single plants are sprinkled: turf in covers',
        heightMm > LONGEST_FIBRE_MM * 1.6 && long,
        heightMm < 1 && low,
      ],
    })
  },
  materials: ({ piece }) => {
    const { base, light, shade } = piece.tones
    return [
      slot('backing', 'Release backing', sheet('release')),
      slot('pva', 'PVA', liquid('pva')),
      slot('fibre', 'Main fibre', fibre(piece.heightMm, base)),
      slot('second', 'Second, shorter', fibre(piece.heightMm * 0.65, shade), optional),
      slot('accent', 'Accent tone', fibre(piece.heightMm, light), lighter('fibre'), optional),
    ]
  },
  operations: (on) => [
    tray(on),
    on.work('lift', 'Lift and inspect', {
      text: 'Lift with a flat blade, put aside what lies down or has joined.',
      hands: [2.5, 0],
      tools: ['flat blade'],
      passes: 'Upright, dry at the foot, none joined.',
      faults: ['tuft-stuck', 'joined-dots', 'shiny-patches'],
    }),
  ],
  examples: [
    examplePieces(examplePiece('grass', 'tuft', 6, { widthShare: 0.9 }), 220),
    examplePieces(examplePiece('reed', 'blades', 12, { widthShare: 0.5 }), 1),
    { kind: 'area', piece: examplePiece('grass', 'tuft', 8, { widthShare: 0.5 }), areaCm2: 300 },
  ],
})
