import { isBladed } from '../../commissions'
import { LARGEST_DOT_MM } from '../../grass'
import { examplePiece, examplePieces } from '../kit/examples'
import { judge } from '../kit/fit'
import { fibre, liquid, sheet } from '../kit/materials'
import { lighter, optional, slot } from '../kit/slot'
import { profile, way } from '../kit/way'
import { tray, tuftFigures } from './tuft-sheet-operations'

const LONGEST_FIBRE_MM = 12

/** From so many on, tuft by tuft is not how makers do it. Our estimate. */
const TOO_MANY = 20_000

/** At this ratio and below this height a single plant is sprinkled, not made. Common practice. */
const SPRINKLED = { ratio: 200, mm: 3 }

/** Dots of PVA on a release sheet, fibres set upright. Common practice. */
export const tuftSheet = way('tuft-sheet', 'Tufts on a release sheet', {
  makes: 'Dots of PVA on a release sheet, fibres set upright by static, lifted when dry.',
  kinds: ['pieces', 'area'],
  profile: profile([2, 14], 'branches', 'mass-made', 'reached over', [50, 400], 'tuft'),
  seasons: 'all year, by tone',
  planner: { kind: 'tray', of: 'dots' },
  figures: tuftFigures,
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
        piece.crownWidthMm > LARGEST_DOT_MM * tuftFigures.spread.value * 1.3 &&
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
