import { dotFor, dotGapMm, sheetsFor, tuftSheetMm } from '../../grass'
import { roundOf } from '../../makeup'
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
import { trait, type Draft, type Operation, type Taken } from '../kit/making'
import { coefficients, minutes, row, share, spoilage, sticking } from '../kit/rows'

/** Amounts and times of a tuft sheet. From memory unless marked. */
export const tuftFigures = coefficients('tuft-sheet', {
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
const k = tuftFigures

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
export function tray(on: PlantMaking): Operation[] {
  const { started } = on
  const dot = dotFor(on.piece.crownWidthMm, on.value(k.spread))
  const { sheets, perSheet } = sheetsFor(
    started,
    tuftSheetMm.widthMm,
    tuftSheetMm.heightMm,
    dot,
    dotGapMm(dot),
  )
  const across = fact('dot', dot, 'mm', 'common practice', 'crown width ÷ spread, from 2 to 8 mm')
  const openSec = on.openSec('pva', k.openSec) * Math.min(on.task.dryMin(100) / 100, 2)
  const eachSec = on.value(k.dotSec) + on.value(k.fibreSec)
  const setUpSec = on.value(k.setUpSec)
  const round = Math.min(perSheet, roundOf(openSec, setUpSec, eachSec))
  const whole = round === perSheet
  // What comes with each sheet or round after the first has its share in each tuft: so a step can be done in parts.
  const again = (sec: number, times: number) => (sec * (times - 1)) / started
  const cut = { slot: 'backing', what: 'sheet of backing', count: sheets, lengthMm: tuftSheetMm.heightMm }
  return [
    on.work('tray', 'Lay the tray', {
      text: `${counted(sheets, 'sheet')} of backing, taped down on the steel tray. Mix the fibres: main, shorter, accent.`,
      hands: [again(60, sheets), 240],
      takes: [
        on.takeOnce(
          'backing',
          product(
            fact('sheets', sheets, '', 'formula', 'dots in staggered rows'),
            fact(
              'a sheet',
              (tuftSheetMm.widthMm * tuftSheetMm.heightMm) / 100,
              'cm²',
              'memory',
              '180 × 260 mm',
            ),
          ),
        ),
      ],
      cuts: [{ ...cut, widthMm: tuftSheetMm.widthMm }],
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
      wait: on.dries(k.gripMin, 'Let the dots grip', 'pva'),
      holders: [{ what: 'steel tray', each: 1 / perSheet, until: 'lift' }],
      faults: ['joined-dots', 'lying-fibres'],
      passes: 'Fibres upright, each foot within its dot.',
    }),
    on.work('tap', 'Tilt and tap off', {
      text: 'Tilt, tap the loose fibre to one corner, back into its box.',
      hands: [again(60, sheets), 60],
      vacuums: 'dots',
      wait: on.dries(k.dryMin, 'Dry through', 'pva'),
      cautions: ['dust'],
      faults: ['lying-fibres', 'carpet-of-grass'],
    }),
  ]
}
