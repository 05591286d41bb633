import { piecesFor, type PlantJob } from '../../makeup'
import { most, number } from '../../quantities'
import { amount, coefficients, minutes, seconds, share, spoilage, sticking } from '../kit/rows'
import { exampleArea, examplePiece, examplePieces } from '../kit/examples'
import { dressing } from '../kit/figures'
import { hasLeaf, judge } from '../kit/fit'
import { sealingIfChosen, sealOption, sealSlots } from '../kit/ground'
import { leafScatter, liquid, sheet, wool } from '../kit/materials'
import { optional, slot } from '../kit/slot'
import { areaParts } from '../kit/parts'
import { option, profile, way } from '../kit/way'

const k = coefficients('creeper', {
  spoilage: spoilage(0.03),
  patchCm2: amount('wall dressed at once, at most', 60, 'cm²'),
  mesh: amount('fine mesh for each cm² of wall', 0.7, 'cm²/cm²', 'memory', 'teased, with holes'),
  vineG: amount('thin fibre as vine', 0.004, 'g/cm²'),
  pvaMl: amount('PVA in specks', 0.02, 'ml/cm²'),
  sticks: sticking('leaf sticks, of what is thrown', 0.35),
  leafShare: share('leaf besides the mesh’s own', 0.5),
  lichenG: amount('lichen in the gaps', 0.008, 'g/cm²'),
  drapeSec: amount('drape, trim, speck with glue, for each cm²', 3, 's/cm²'),
  leafSec: amount('leaf over a dish, for each cm²', 0.6, 's/cm²'),
  dryMin: minutes('PVA on a wall dries', 240),
  setSec: seconds('begin a patch', 60),
})

const isClimber = ({ piece }: PlantJob): boolean => piece.crownForm === 'wall' || piece.habit === 'climber'

/** Climbers on fine mesh, for walls. Common practice. */
export const creeper = way('creeper', 'Climber on mesh', {
  makes: 'Thin fibre as stems, fine mesh teased and draped on the wall, leaf on it, gaps filled with lichen.',
  kinds: ['pieces', 'area'],
  profile: profile([10, 300], 'branches', 'mass-made', 'reached over', [1, 5], 'sprig'),
  seasons: 'all year',
  figures: k,
  options: [
    option(
      'gaps',
      'Gaps',
      ['open', 'left', 'mesh only'],
      ['lichen', 'filled with lichen', 'torn lichen in PVA where wall and ground part'],
    ),
    sealOption,
  ],
  suits: (job) => {
    const { piece } = job
    return judge({
      right: isClimber(job) && (hasLeaf(piece) || job.kind === 'area'),
      pro: ['hangs on its wall: stems as threads, leaf on fine mesh', 'covers joins, by area of wall'],
      con: [
        job.kind === 'pieces' && piece.crownForm !== 'wall' && 'without a wall it is a mound: mesh or wool',
        !hasLeaf(piece) && 'bare on the day: threads alone',
      ],
      never: [!isClimber(job) && 'it does not climb', piece.heightMm > 600 && 'higher than any model wall'],
    })
  },
  parts: (job, read) => (job.kind === 'area' ? areaParts(job, read, k.patchCm2) : piecesFor(job, read)),
  materials: ({ piece }, choice) => [
    slot('vine', 'Thin fibre, as stems', wool('hank', '#7a5f3e')),
    hasLeaf(piece) && [
      slot('mesh', 'Fine mesh', sheet('ivy-mesh', piece.tones.base)),
      slot('leaf', 'Leaf', leafScatter(piece.grainMm, piece.tones.light), optional),
      slot('adhesive', 'Hairspray', liquid('hairspray')),
    ],
    slot('pva', 'PVA', liquid('pva')),
    choice('gaps') === 'lichen' && slot('lichen', 'Lichen', wool('lichen')),
    sealSlots(choice),
  ],
  operations: (on) => {
    const { piece } = on
    const { share: part } = on.task
    const cm2 = part.kind === 'area' ? part.cm2Each : (piece.crownWidthMm * piece.heightMm) / 100
    const wall = on.cm2('wall', cm2)
    const leaf = { area: wall, share: on.input(k.leafShare), sticks: k.sticks }
    return [
      on.choice('gaps') === 'lichen' &&
        on.work('gaps', 'Fill the gaps', {
          text: 'PVA where wall and ground part; torn lichen pressed in until no shadow is left.',
          hands: 60,
          takes: [on.take('lichen', [wall, k.lichenG])],
          wait: on.dries(k.dryMin, 'Let the glue dry', 'pva'),
          tools: ['tweezers'],
          faults: ['gap-shadow'],
        }),
      on.work('drape', on.isLeafy ? 'Stems, then mesh' : 'Stems', {
        text: `Thin fibre draped as stems from the ground up, held with specks of PVA.${on.isLeafy ? ' Mesh teased thin, torn to an uneven edge, pressed to them here and there; it hangs free elsewhere.' : ''}`,
        hands: [on.value(k.drapeSec) * cm2, on.value(k.setSec)],
        takes: [
          on.take('vine', [wall, k.vineG]),
          on.take('pva', [wall, k.pvaMl], 'PVA in specks'),
          on.isLeafy && on.take('mesh', [wall, k.mesh, most(number(0.3), on.leaf)]),
        ],
        within: on.open('pva', { what: 'a speck of PVA' }),
        atOnce: on.one('One patch of wall at a time.'),
        wait: on.dries(k.dryMin, 'Let it dry', 'pva'),
        tools: ['tweezers', 'scissors'],
        faults: ['net-shows', 'shiny-patches'],
      }),
      on.isLeafy &&
        on.spray('leaf', 'Leaf over it', {
          text: 'A mist of hairspray with the wall behind masked by card; leaf from above, the lighter where it faces the light.',
          hands: [on.value(k.leafSec) * cm2, 30],
          takes: [
            on.take('adhesive', [wall, dressing.adhesiveCoat]),
            on.has('leaf') && on.crownFlock('leaf', leaf),
          ],
          can: 'hairspray',
          within: on.open('hairspray'),
          atOnce: on.one('One patch while the spray is wet.'),
          tools: ['catch tray'],
          faults: ['fallen-foliage'],
        }),
      sealingIfChosen(on, wall),
      on.inspect('Its foot stands in the ground; no edge of mesh is straight.', [
        'net-shows',
        'gap-shadow',
        'straight-edge',
      ]),
    ]
  },
  examples: [
    exampleArea(examplePiece('climber', 'wall', 80, { widthShare: 1.5 }), 200),
    examplePieces(examplePiece('climber', 'wall', 60), 3),
  ],
})
