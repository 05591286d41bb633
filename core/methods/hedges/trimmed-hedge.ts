import { layersAcross, slicesOf } from '../../hedges'
import { fact, product, quotient, type Coefficient } from '../../quantities'
import { counted } from '../../units'
import { leafSlots, leafyKin } from '../kit/dress'
import { exampleHedge, examplePiece } from '../kit/examples'
import { dressing } from '../kit/figures'
import { isHedgeWood, judge, notAHedge } from '../kit/fit'
import { liquid, sheet, sprayPaint } from '../kit/materials'
import { slot } from '../kit/slot'
import { stretchParts } from '../kit/parts'
import { profile, way } from '../kit/way'
import { sheetOf, stripPlanOf, treesAlong, trimmedFigures as k } from '../plans/hedge'

/** A clipped hedge by the metre: strips of horsehair cut to the section, joints staggered. Common practice. */
export const trimmedHedge = way('trimmed-hedge', 'Trimmed hedge', {
  makes: 'Strips of horsehair cut to the section, joints staggered, leaf on all faces, the top cleaner.',
  kinds: ['length'],
  profile: profile([6, 60], 'puff', 'mass-made', 'handled', [1, 4], 'wool'),
  seasons: 'in leaf',
  planner: { kind: 'hedge', of: 'strips' },
  figures: k,
  suits(job) {
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
  },
  parts: (job, read) => stretchParts(job, read, k.stretchMm),
  materials: ({ piece }) => [
    slot('hair', 'Rubberised horsehair', sheet('horsehair')),
    slot('brown', 'Brown for the core', sprayPaint(piece.tones.shade)),
    slot('adhesive', 'Spray adhesive', liquid('spray-adhesive')),
    leafSlots(piece, 'leaf', 'Leaf'),
    slot('glue', 'PVA along the ground', liquid('pva')),
  ],
  operations: (on) => {
    const { piece, job, started } = on
    const mm = on.partMm
    const trees = treesAlong(job)
    const value = (of: Coefficient): number => on.value(of)
    const thickMm = on.value(k.thickMm)
    const across = layersAcross(piece.crownWidthMm, thickMm)
    const slices = slicesOf(piece.crownWidthMm, thickMm)
    const facesCm2 = (mm * (2 * piece.heightMm + piece.crownWidthMm)) / 100
    const faces = on.cm2('faces and top', facesCm2, 'stretch × (2 · height + width)')
    const hair = on.material('hair')
    const sheet = sheetOf(hair)
    const plan =
      job.kind === 'length' && piece.heightMm <= sheet.heightMm
        ? stripPlanOf({ ...job, lengthMm: mm * started }, [], value, hair)
        : undefined
    const rows = fact(
      'rows cut',
      plan?.rows ?? Math.ceil((across * started) / slices),
      '',
      'formula',
      'strips nested in the sheet’s width',
    )
    const row = on.cm2('area of a row', (sheet.widthMm * Math.min(piece.heightMm, sheet.heightMm)) / 100)
    const sliced =
      slices > 1 ? `, each sliced to ${slices} of ${Math.round(on.value(k.thickMm) / slices)} mm` : ''
    const faceSec = on.value(k.faceSec) * facesCm2
    return [
      on.work('cut', 'Cut to the section', {
        text: `Strips of ${Math.round(piece.heightMm)} mm, ${counted(across, 'layer')} for the width${sliced}; the dense side inward. Square the top, leave the foot ragged.`,
        hands: [(on.value(k.cutSec) * across + on.value(k.sliceSec) * (slices - 1)) / slices, 60],
        takes: [on.take('hair', quotient(product(rows, row), on.pieces))],
        cuts: [
          {
            slot: 'hair',
            what: `strips, ${counted(across, 'layer')} side by side`,
            count: plan?.strips.length ?? across * started,
            lengthMm: Math.min(sheet.widthMm, mm * started),
            widthMm: piece.heightMm,
          },
        ],
        tools: ['knife', 'steel rule'],
        cautions: ['dust'],
      }),
      on.with({ sideAreaCm2: facesCm2 }).paint('core', 'Colour the core', {
        text: 'A dark green or brown all over; what shows between the leaves is shade.',
        takes: [on.take('brown', [faces, dressing.paintCoat])],
      }),
      on.spray('faces', 'Dress the faces', {
        text: 'Adhesive on one face, leaf over the dish, the next face; the top last and cleaner. Shake, press nothing. Tip the fall back into its own jar.',
        hands: faceSec,
        takes: [
          on.take('adhesive', [faces, dressing.adhesiveCoat]),
          leafyKin(piece).map((kin) =>
            on.flock(
              kin.slot,
              {
                area: faces,
                seeThrough: on.input(k.faceSeeThrough),
                leaf: on.with(kin.piece).leaf,
                share: fact('share of the foliage', kin.share, ''),
                sticks: k.stickShare,
              },
              `Leaf on all faces${kin.of}`,
            ),
          ),
        ],
        can: 'spray-adhesive',
        within: on.open('spray-adhesive'),
        atOnce: on.atOnce(on.openSec('spray-adhesive') / Math.max(1, faceSec), 'Face by face.'),
        tools: ['catch tray'],
        faults: ['bare-patches', 'fallen-foliage'],
      }),
      on.work('set', 'Set, joints staggered', {
        text: `${trees === '' ? '' : `The trees at ${trees} along go in first; notch the strips around their trunks. `}PVA along the line; strips end to end, joints of neighbouring layers never together; leaf over each joint. Gates and gaps end square.`,
        hands: [on.value(k.setSec) * across, 60],
        takes: [on.take('glue', [on.cm2('foot', (mm * piece.crownWidthMm) / 100), k.glueMl])],
        wait: on.rests(k.dryMin, 'Dry under the strip, overnight', 'closed joint', 'pva'),
        tools: ['steel rule'],
        faults: ['visible-join'],
      }),
      on.inspect('No joint is seen; the top is level.', ['visible-join', 'bare-patches']),
    ]
  },
  examples: [
    exampleHedge(examplePiece('shrub', 'multi-stemmed', 22), 1200, 'trimmed'),
    exampleHedge(examplePiece('broadleaf', 'columnar', 40), 90, 'trimmed'),
  ],
})
