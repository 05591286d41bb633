import {
  dressing,
  exampleHedge,
  examplePiece,
  fixedUse,
  flockUse,
  hands,
  inspectStep,
  judge,
  leafOf,
  leafSlots,
  leafyKin,
  open,
  openSecOf,
  paintStep,
  partMm,
  sets,
  startedOf,
  stepsWith,
  stretchParts,
  use,
  wait,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { fact, product, quotient } from '../../quantities'
import { counted } from '../../units'
import { trimmedFigures as k } from './hedge-figures'
import { layersAcross, sheetOf, slicesOf, stripPlanOf } from './hedge-plan'
import { isHedgeWood, notAHedge } from './suits'

function suits(job: PlantJob) {
  const { piece } = job
  const trimmed = job.kind === 'length' && job.section === 'trimmed'
  return judge({
    right: trimmed && isHedgeWood(job) && piece.leaf > 0.3,
    pro: ['square to the section, faces alike, top cleaner: clipped', 'metres in an evening'],
    con: [
      !trimmed && 'a free hedge is not a strip: twigs and daylight',
      piece.leaf <= 0.3 && 'with so little leaf the strip shows; twigs show a bare hedge',
      piece.heightMm > 60 && `at ${Math.round(piece.heightMm)} mm strips lean: pins inside`,
    ],
    never: [
      notAHedge(job),
      (piece.heightMm > 120 || piece.heightMm < 6) &&
        `strips give 6 to 60 mm, this is ${Math.round(piece.heightMm)} mm`,
    ],
  })
}

/** A clipped hedge by the metre: strips of horsehair cut to the section, joints staggered. Common practice. */
export const trimmedHedge: PlantMethod = {
  id: 'trimmed-hedge',
  name: 'Trimmed hedge',
  makes: 'Strips of horsehair cut to the section, joints staggered, leaf on all faces, the top cleaner.',
  kinds: ['length'],
  profile: {
    sizeMm: [6, 60],
    shows: 'puff',
    effort: 'mass-made',
    handling: 'handled',
    together: [1, 4],
    seasons: 'in leaf',
    manner: 'wool',
  },
  coefficients: Object.values(k),
  options: [],
  spoilage: k.spoilage,
  suits,
  parts: (job, read) => stretchParts(job, read, k.stretchMm),
  slots: ({ piece }) => [
    { id: 'hair', label: 'Rubberised horsehair', wish: { stuff: 'sheet', sheet: 'horsehair' } },
    {
      id: 'brown',
      label: 'Brown for the core',
      wish: { stuff: 'liquid', liquid: 'spray-paint', colour: piece.tones.shade },
    },
    { id: 'adhesive', label: 'Spray adhesive', wish: { stuff: 'liquid', liquid: 'spray-adhesive' } },
    ...leafSlots(piece, 'leaf', 'Leaf'),
    { id: 'glue', label: 'PVA along the ground', wish: { stuff: 'liquid', liquid: 'pva' } },
  ],
  work(task) {
    const { value, piece, job } = task
    const mm = partMm(task)
    const across = job.kind === 'length' ? layersAcross(job, value) : 1
    const faces = fact(
      'faces and top',
      (mm * (2 * piece.heightMm + piece.crownWidthMm)) / 100,
      'cm²',
      'formula',
      'stretch × (2 · height + width)',
    )
    const foot = fact('foot', (mm * piece.crownWidthMm) / 100, 'cm²')
    const [hair] = task.fill('hair').parts
    const sheet = sheetOf(hair?.material)
    const plan =
      job.kind === 'length' && piece.heightMm <= sheet.heightMm
        ? stripPlanOf({ ...job, lengthMm: mm * task.started }, [], value, hair?.material)
        : undefined
    const slices = job.kind === 'length' ? slicesOf(job, value) : 1
    const rows = plan?.rows ?? Math.ceil((across * task.started) / slices)
    const sheetCm2 = (sheet.widthMm * Math.min(piece.heightMm, sheet.heightMm)) / 100
    const uses = [
      use(task, {
        slot: 'hair',
        step: 'cut',
        label: 'Horsehair',
        each: quotient(
          product(
            fact('rows cut', rows, '', 'formula', 'strips nested in the sheet’s width'),
            fact('area of a row', sheetCm2, 'cm²'),
          ),
          startedOf(task),
        ),
      }),
      fixedUse(task, { slot: 'brown', step: 'core', label: 'Core' }, dressing.paintCoat, faces),
      fixedUse(task, { slot: 'adhesive', step: 'faces', label: 'Adhesive' }, dressing.adhesiveCoat, faces),
      ...leafyKin(piece).map((kin) =>
        flockUse(task, {
          slot: kin.slot,
          step: 'faces',
          label: `Leaf on all faces${kin.of}`,
          area: faces,
          seeThrough: task.input(k.faceSeeThrough),
          leaf: leafOf(kin),
          share: fact('share of the foliage', kin.share, ''),
          sticks: k.stickShare,
        }),
      ),
      fixedUse(task, { slot: 'glue', step: 'set', label: 'PVA' }, k.glueMl, foot),
    ]
    const wetSec = openSecOf(task, 'spray-adhesive')
    const faceSec = value(k.faceSec) * faces.value
    return {
      uses,
      pours: [],
      cuts: [
        {
          slot: 'hair',
          what: `strips, ${counted(across, 'layer')} side by side`,
          count: plan?.strips.length ?? across * task.started,
          lengthMm: Math.min(sheet.widthMm, mm * task.started),
          widthMm: piece.heightMm,
        },
      ],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'cut',
          title: 'Cut to the section',
          text: `Strips of ${Math.round(piece.heightMm)} mm, ${counted(across, 'layer')} for the width${slices > 1 ? `, each sliced to ${slices} of ${Math.round(value(k.thickMm) / slices)} mm` : ''}; the dense side inward. Square the top, leave the foot ragged.`,
          hands: hands((value(k.cutSec) * across) / slices + (value(k.sliceSec) * (slices - 1)) / slices, 60),
          tools: ['knife', 'steel rule'],
          cautions: ['wire-and-blades', 'dust'],
        },
        paintStep(
          { ...task, piece: { ...piece, sideAreaCm2: faces.value } },
          {
            id: 'core',
            title: 'Colour the core',
            text: 'A dark green or brown all over; what shows between the leaves is shade.',
          },
        ),
        {
          id: 'faces',
          title: 'Dress the faces',
          text: 'Adhesive on one face, leaf over the dish, the next face; the top last and cleaner. Shake, press nothing. Tip the fall back into its own jar.',
          hands: hands(faceSec, 60),
          within: open(task, 'spray-adhesive'),
          atOnce: {
            count: Math.max(1, Math.floor(wetSec / Math.max(1, faceSec))),
            because: 'window',
            what: 'Face by face.',
          },
          wait: sets(task, 'spray-adhesive', 'Let it set'),
          tools: ['catch tray'],
          needs: ['ventilation'],
          gives: ['aerosol', 'solvent'],
          cautions: ['spray', 'dust'],
          faults: ['bare-patches', 'fallen-foliage'],
        },
        {
          id: 'set',
          title: 'Set, joints staggered',
          text: 'PVA along the line; strips end to end, joints of neighbouring layers never together; leaf over each joint. Gates and gaps end square.',
          hands: hands(value(k.setSec) * across, 60),
          wait: wait(value(k.dryMin), 'closed joint', 'Dry under the strip, overnight'),
          tools: ['steel rule'],
          faults: ['visible-join'],
        },
        inspectStep(task, 'No joint is seen; the top is level.', ['visible-join', 'bare-patches']),
      ]),
    }
  },
  examples: [
    exampleHedge(examplePiece('shrub', 'multi-stemmed', 22), 1200, 'trimmed'),
    exampleHedge(examplePiece('broadleaf', 'columnar', 40), 90, 'trimmed'),
  ],
}
