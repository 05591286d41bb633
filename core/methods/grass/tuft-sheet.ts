import { sheetsFor } from '../../grass'
import {
  backOf,
  batchUse,
  coefficients,
  examplePiece,
  examplePieces,
  fibreUses,
  isBladed,
  materialsAt,
  roundOf,
  step,
  timeWords,
  use,
  type Coefficient,
  type PlantJob,
  type PlantMethod,
  type PlantTask,
  type Step,
  type Suit,
  type Use,
} from '../../makeup'
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
  type Leaf,
} from '../../quantities'
import { counted, plainNumber } from '../../units'

const k = coefficients('tuft-sheet', {
  spoilage: { name: 'spoilage', value: 0.1, unit: '', origin: 'memory', range: [0, 0.5] },
  spread: { name: 'a tuft’s width, of its foot', value: 1.7, unit: '', origin: 'memory', range: [1, 5] },
  dotHeight: {
    name: 'a dot’s height, of its width',
    value: 0.22,
    unit: '',
    origin: 'memory',
    range: [0.05, 0.6],
  },
  fibres: {
    name: 'fibres on a cm²',
    value: 900,
    unit: '/cm²',
    origin: 'memory',
    range: [20, 5000],
    note: 'ground cover has some 200',
  },
  sticks: {
    name: 'sticks, of what is thrown',
    value: 0.3,
    unit: '',
    origin: 'memory',
    range: [0.05, 1],
    note: 'three times what stands',
  },
  glueLoss: {
    name: 'left on the needle and in the nozzle',
    value: 0.15,
    unit: '',
    origin: 'memory',
    range: [0, 1],
  },
  second: { name: 'share of the second fibre', value: 0.3, unit: '', origin: 'memory', range: [0, 0.6] },
  accent: {
    name: 'share of the accent tone',
    value: 0.15,
    unit: '',
    origin: 'memory',
    range: [0, 0.4],
    note: 'common practice: 3–4 tones',
  },
  dotSec: { name: 'set a dot', value: 1.5, unit: 's', origin: 'memory', range: [0.3, 30] },
  fibreSec: { name: 'fibre on a dot', value: 0.6, unit: 's', origin: 'memory', range: [0.05, 30] },
  setUpSec: { name: 'clip on, fill, switch on', value: 45, unit: 's', origin: 'memory', range: [0, 300] },
  openSec: { name: 'a dot stays open', value: 480, unit: 's', origin: 'memory', range: [30, 3600] },
  gripMin: { name: 'dots grip', value: 20, unit: 'min', origin: 'memory', range: [2, 240] },
  dryMin: {
    name: 'dries through',
    value: 720,
    unit: 'min',
    origin: 'memory',
    range: [30, 2880],
    note: 'neat PVA: half a day',
  },
})

/** Dots from a rice grain to a pea, mm. Common practice. */
const SMALLEST_DOT_MM = 2
const LARGEST_DOT_MM = 8
/** The part of a biscuit-tin lid that dots go on, mm. From memory. */
export const sheetMm = { widthMm: 180, heightMm: 260 } as const
const LONGEST_FIBRE_MM = 12

export const spreadOf = k.spread
/** The dot for a tuft of so many mm: from a rice grain to a pea. */
export const dotFor = (crownWidthMm: number, spread: number): number =>
  Math.min(LARGEST_DOT_MM, Math.max(SMALLEST_DOT_MM, crownWidthMm / spread))
/** How far dots keep from one another, by their width, mm. From memory. */
export const dotGapMm = (dot: number): number => Math.max(3, dot * 0.8)
const dotMm = ({ piece, value }: PlantTask): number => dotFor(piece.crownWidthMm, value(k.spread))

/** From so many on, tuft by tuft is not how makers do it. Our estimate. */
const TOO_MANY = 20_000
/** At this ratio and below this height a single plant is sprinkled, not made. Common practice. */
const SPRINKLED = { ratio: 200, mm: 3 }

function suits(job: PlantJob): Suit {
  const { piece, kind } = job
  const reasonsFor: string[] = []
  const reasonsAgainst: string[] = []
  if (piece.habit === 'grass' || piece.habit === 'reed')
    reasonsFor.push('blades that stand up, as grass does')
  if (piece.heightMm >= 2 && piece.heightMm <= LONGEST_FIBRE_MM)
    reasonsFor.push('within the lengths that static fibre comes in')
  reasonsFor.push('hundreds in one go, and they keep on their sheet until planted')
  if (kind === 'area')
    reasonsAgainst.push('a patch set tuft by tuft: for tussocks; a closed sward is laid in layers')
  if (piece.habit === 'fern') reasonsAgainst.push('fibres are blades, not fronds; it passes from a step away')
  if (piece.habit === 'herb')
    reasonsAgainst.push('leaves and flowers are to be added: fibres give only the stems')
  if (!isBladed(piece)) reasonsAgainst.push('it has stems and a crown, which fibres can’t show')
  if (piece.heightMm > LONGEST_FIBRE_MM * 1.15)
    reasonsAgainst.push(
      `${Math.round(piece.heightMm)} mm is beyond the longest fibre, ${LONGEST_FIBRE_MM} mm`,
    )
  if (piece.heightMm < 1.5) reasonsAgainst.push('lower than the shortest fibre: a mat would do')
  if (piece.crownWidthMm > LARGEST_DOT_MM * k.spread.value * 1.3)
    reasonsAgainst.push('wider than one dot makes: set several side by side')
  const tufts =
    job.kind === 'pieces' ? job.pieces : job.kind === 'area' ? (job.areaCm2 * 0.55) / piece.topAreaCm2 : 0
  const silly = tufts > TOO_MANY
  if (silly)
    reasonsAgainst.push(
      `about ${Math.round(tufts / 1000) * 1000} tufts, one by one: lay it in layers, tufts at its edges`,
    )
  const sprinkled = piece.realRatio >= SPRINKLED.ratio && piece.heightMm < SPRINKLED.mm
  if (sprinkled) reasonsAgainst.push('at this scale single plants are sprinkled: turf in covers')
  const wrong =
    silly || sprinkled || !isBladed(piece) || piece.heightMm > LONGEST_FIBRE_MM * 1.6 || piece.heightMm < 1
  const right = (piece.habit === 'grass' || piece.habit === 'reed') && reasonsAgainst.length === 0
  return {
    verdict: wrong ? 'unsuited' : right ? 'suits' : 'possible',
    reasonsFor: wrong ? [] : reasonsFor,
    reasonsAgainst,
  }
}

function layout(task: PlantTask) {
  const dot = dotMm(task)
  return { dot, ...sheetsFor(task.started, sheetMm.widthMm, sheetMm.heightMm, dot, dotGapMm(dot)) }
}

/** Dots by size, as the pieces' own widths ask for: three sizes, dealt in turn. */
function dealOfDots(task: PlantTask, mean: number): NonNullable<Step['deal']> {
  const dots = task.sizes(task.started).map(({ crownWidthMm }) => dotFor(crownWidthMm, task.value(k.spread)))
  const shareOf = (fits: (dot: number) => boolean): number =>
    dots.length === 0 ? 0 : dots.filter(fits).length / dots.length
  const [least, most] = [mean * 0.93, mean * 1.07]
  const sized = (dot: number): string => `${plainNumber(Math.round(dot * 2) / 2, 1)} mm`
  const options = [
    { name: `small, ${sized(mean * 0.85)}`, share: shareOf((dot) => dot < least) },
    { name: `usual, ${sized(mean)}`, share: shareOf((dot) => dot >= least && dot <= most) },
    { name: `large, ${sized(mean * 1.15)}`, share: shareOf((dot) => dot > most) },
  ].filter(({ share }) => share > 0)
  return { each: 1, suits: [{ id: 'dot', options }] }
}

const filledShare = (task: PlantTask, slot: string, share: Coefficient): Leaf | undefined =>
  task.fill(slot).parts.length > 0 ? task.input(share) : undefined

/** Dots of PVA on a release sheet, fibres set upright. Common practice. */
export const tuftSheet: PlantMethod = {
  id: 'tuft-sheet',
  name: 'Tufts on a release sheet',
  makes: 'Dots of PVA on a release sheet, fibres set upright by static, lifted when dry.',
  kinds: ['pieces', 'area'],
  profile: {
    sizeMm: [2, 14],
    shows: 'branches',
    effort: 'mass-made',
    handling: 'reached over',
    together: [50, 400],
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
      wish: { stuff: 'fibre', lengthMm: piece.heightMm, colour: piece.tones.base },
    },
    {
      id: 'second',
      label: 'Second, shorter',
      wish: { stuff: 'fibre', lengthMm: piece.heightMm * 0.65, colour: piece.tones.shade },
      optional: true,
    },
    {
      id: 'accent',
      label: 'Accent tone',
      wish: { stuff: 'fibre', lengthMm: piece.heightMm, colour: piece.tones.light },
      tone: { is: 'lighter', than: 'fibre' },
      optional: true,
    },
  ],
  work(task) {
    const { value, started } = task
    const { dot, sheets, perSheet } = layout(task)
    const across = fact('dot', dot, 'mm', 'common practice', 'crown width ÷ spread, from 2 to 8 mm')
    const second = filledShare(task, 'second', k.second)
    const accent = filledShare(task, 'accent', k.accent)
    const others = [second, accent].filter((one) => one !== undefined)
    const fibre = (slot: string, label: string, share: Expression): Use[] =>
      fibreUses(task, {
        slot,
        step: 'dots',
        label,
        perCm2: task.input(k.fibres),
        area: discArea(quotient(across, MM_IN_CM)),
        share,
        sticks: k.sticks,
      })
    const uses: Use[] = [
      batchUse(task, {
        slot: 'backing',
        step: 'tray',
        label: 'Release backing',
        total: product(
          fact('sheets', sheets, '', 'formula', 'dots in staggered rows'),
          fact('a sheet', (sheetMm.widthMm * sheetMm.heightMm) / 100, 'cm²', 'memory', '180 × 260 mm'),
        ),
      }),
      use(task, {
        slot: 'pva',
        step: 'dots',
        label: 'PVA',
        each: product(
          capVolume(quotient(across, MM_IN_CM), task.input(k.dotHeight)),
          sum(ONE, task.input(k.glueLoss)),
        ),
      }),
      ...fibre(
        'fibre',
        'Main fibre',
        others.reduce<Expression>((left, one) => difference(left, one), ONE),
      ),
      ...(second ? fibre('second', 'Second fibre', second) : []),
      ...(accent ? fibre('accent', 'Accent tone', accent) : []),
    ]
    const at = (id: string) => ({ id, materialIds: materialsAt(uses, id) })
    const openSec = value(k.openSec) * Math.min(task.dryMin(100) / 100, 2)
    const eachSec = value(k.dotSec) + value(k.fibreSec)
    const round = Math.min(perSheet, roundOf(openSec, value(k.setUpSec), eachSec))
    const rounds = Math.ceil(started / round)
    // What comes with each sheet or round after the first has its share in each tuft: so a step can be done in parts.
    const again = (sec: number, times: number) => ({ onceSec: sec, eachSec: (sec * (times - 1)) / started })
    const taping = again(60, sheets)
    const settingUp = again(value(k.setUpSec), rounds)
    return {
      uses,
      pours: [],
      cuts: [
        {
          slot: 'backing',
          what: 'sheet of backing',
          count: sheets,
          lengthMm: sheetMm.heightMm,
          widthMm: sheetMm.widthMm,
        },
      ],
      yields: [],
      steps: [
        step({
          ...at('tray'),
          title: 'Lay the tray',
          text: `${counted(sheets, 'sheet')} of backing, taped down on the steel tray. Mix the fibres: main, shorter, accent.`,
          hands: { onceSec: 180 + taping.onceSec, eachSec: taping.eachSec, origin: 'memory' },
          tools: ['steel tray'],
          cautions: ['dust'],
        }),
        step({
          ...at('dots'),
          deal: dealOfDots(task, dot),
          title: 'Set dots, apply fibre',
          text: `Dots of ${plainNumber(dot, 1)} mm that must not touch, ${perSheet} to a sheet; ${round} at a time before they skin. Earth lead on the metal, applicator about 10 mm off; move methodically.`,
          hands: {
            onceSec: settingUp.onceSec,
            eachSec: eachSec + settingUp.eachSec,
            origin: 'memory',
          },
          within: {
            sec: openSec,
            what: `Small dots skin over in about ${timeWords(openSec / 60)}.`,
            origin: 'memory',
          },
          atOnce: {
            count: round,
            because: round === perSheet ? 'sheet' : 'window',
            what:
              round === perSheet
                ? `A sheet takes ${perSheet}.`
                : `${plainNumber(eachSec, 1)} s a dot, and ${timeWords(value(k.setUpSec) / 60)} to set up.`,
          },
          wait: {
            leastMin: task.dryMin(value(k.gripMin)),
            kind: 'open film',
            what: 'Let the dots grip',
            origin: 'memory',
          },
          tools: ['static applicator', 'earth lead'],
          holders: [{ what: 'steel tray', each: 1 / perSheet, until: 'lift' }],
          gives: ['sparks'],
          apart: { from: ['wet alcohol', 'solvent', 'aerosol'], airMin: 30 },
          cautions: ['high-voltage', 'static-sparks', 'dust'],
          faults: ['joined-dots', 'lying-fibres'],
          passes: 'Fibres upright, each foot within its dot.',
        }),
        step({
          ...at('tap'),
          title: 'Tilt and tap off',
          text: 'Tilt, tap the loose fibre to one corner, back into its box.',
          back: backOf(uses, 'dots'),
          hands: { ...again(60, sheets), origin: 'memory' },
          wait: {
            leastMin: task.dryMin(value(k.dryMin)),
            kind: 'open film',
            what: 'Dry through',
            origin: 'memory',
          },
          cautions: ['dust'],
          faults: ['lying-fibres', 'carpet-of-grass'],
        }),
        step({
          ...at('lift'),
          title: 'Lift and inspect',
          text: 'Lift with a flat blade, put aside what lies down or has joined.',
          hands: { onceSec: 0, eachSec: 2.5, origin: 'memory' },
          tools: ['flat blade'],
          passes: 'Upright, dry at the foot, none joined.',
          cautions: ['wire-and-blades'],
          faults: ['tuft-stuck', 'joined-dots', 'shiny-patches'],
        }),
      ],
    }
  },
  examples: [
    examplePieces(examplePiece('grass', 'tuft', 6, { widthShare: 0.9 }), 220),
    examplePieces(examplePiece('reed', 'blades', 12, { widthShare: 0.5 }), 1),
    { kind: 'area', piece: examplePiece('grass', 'tuft', 8, { widthShare: 0.5 }), areaCm2: 300 },
  ],
}
