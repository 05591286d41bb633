import {
  amount,
  areaParts,
  coefficients,
  dressing,
  exampleArea,
  examplePiece,
  examplePieces,
  fixedUse,
  flockUse,
  hands,
  hasLeaf,
  inspectStep,
  judge,
  leafOf,
  minutes,
  open,
  sealOption,
  sealPours,
  sealSlots,
  sealStep,
  sealUses,
  seconds,
  seeThroughOf,
  sets,
  share,
  stepsWith,
  use,
  wait,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { fact, figure, most, number, product } from '../../quantities'

const k = coefficients('creeper', {
  spoilage: share('spoilage', 0.03),
  patchCm2: amount('wall dressed at once, at most', 60, 'cm²'),
  mesh: amount('fine mesh for each cm² of wall', 0.7, 'cm²/cm²', 'memory', 'teased, with holes'),
  vineG: amount('thin fibre as vine', 0.004, 'g/cm²'),
  pvaMl: amount('PVA in specks', 0.02, 'ml/cm²'),
  sticks: share('leaf sticks, of what is thrown', 0.35),
  leafShare: share('leaf besides the mesh’s own', 0.5),
  lichenG: amount('lichen in the gaps', 0.008, 'g/cm²'),
  drapeSec: amount('drape, trim, speck with glue, for each cm²', 3, 's/cm²'),
  leafSec: amount('leaf over a dish, for each cm²', 0.6, 's/cm²'),
  dryMin: minutes('PVA on a wall dries', 240),
  setSec: seconds('begin a patch', 60),
})

const isClimber = ({ piece }: PlantJob): boolean => piece.crownForm === 'wall' || piece.habit === 'climber'

function suits(job: PlantJob) {
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
}

/** Climbers on fine mesh, for walls. Common practice. */
export const creeper: PlantMethod = {
  id: 'creeper',
  name: 'Climber on mesh',
  makes: 'Thin fibre as stems, fine mesh teased and draped on the wall, leaf on it, gaps filled with lichen.',
  kinds: ['pieces', 'area'],
  profile: {
    sizeMm: [10, 300],
    shows: 'branches',
    effort: 'mass-made',
    handling: 'reached over',
    together: [1, 5],
    seasons: 'all year',
    manner: 'sprig',
  },
  coefficients: Object.values(k),
  options: [
    {
      id: 'gaps',
      name: 'Gaps',
      choices: [
        { id: 'open', name: 'left', words: 'mesh only' },
        { id: 'lichen', name: 'filled with lichen', words: 'torn lichen in PVA where wall and ground part' },
      ],
    },
    sealOption,
  ],
  spoilage: k.spoilage,
  suits,
  parts: (job, read) =>
    job.kind === 'area'
      ? areaParts(job, read, k.patchCm2)
      : {
          count: figure(
            fact('pieces of the line', job.kind === 'pieces' ? job.pieces : 1, 'pieces', 'line'),
            'pieces',
          ),
          share: { kind: 'pieces' },
        },
  slots: ({ piece }, choice) => [
    { id: 'vine', label: 'Thin fibre, as stems', wish: { stuff: 'wool', wool: 'hank', colour: '#7a5f3e' } },
    ...(hasLeaf(piece)
      ? [
          {
            id: 'mesh',
            label: 'Fine mesh',
            wish: { stuff: 'sheet' as const, sheet: 'ivy-mesh' as const, colour: piece.tones.base },
          },
          {
            id: 'leaf',
            label: 'Leaf',
            wish: {
              stuff: 'foam' as const,
              form: 'leaf' as const,
              grainMm: piece.grainMm,
              colour: piece.tones.light,
            },
            optional: true,
          },
          {
            id: 'adhesive',
            label: 'Hairspray',
            wish: { stuff: 'liquid' as const, liquid: 'hairspray' as const },
          },
        ]
      : []),
    { id: 'pva', label: 'PVA', wish: { stuff: 'liquid', liquid: 'pva' } },
    ...(choice('gaps') === 'lichen'
      ? [{ id: 'lichen', label: 'Lichen', wish: { stuff: 'wool' as const, wool: 'lichen' as const } }]
      : []),
    ...sealSlots(choice),
  ],
  work(task) {
    const { value, piece, share: part } = task
    const cm2 = part.kind === 'area' ? part.cm2Each : (piece.crownWidthMm * piece.heightMm) / 100
    const wall = fact('wall', cm2, 'cm²')
    const leafy = hasLeaf(piece)
    const scatter = leafy && task.fill('leaf').parts.length > 0
    const uses = [
      fixedUse(task, { slot: 'vine', step: 'drape', label: 'Stems' }, k.vineG, wall),
      fixedUse(task, { slot: 'pva', step: 'drape', label: 'PVA in specks' }, k.pvaMl, wall),
      ...(leafy
        ? [
            use(task, {
              slot: 'mesh',
              step: 'drape',
              label: 'Fine mesh',
              each: product(wall, task.input(k.mesh), most(number(0.3), leafOf(task))),
            }),
            fixedUse(
              task,
              { slot: 'adhesive', step: 'leaf', label: 'Hairspray' },
              dressing.adhesiveCoat,
              wall,
            ),
          ]
        : []),
      ...(scatter
        ? [
            flockUse(task, {
              slot: 'leaf',
              step: 'leaf',
              label: 'Leaf',
              area: wall,
              seeThrough: seeThroughOf(task),
              leaf: leafOf(task),
              share: task.input(k.leafShare),
              sticks: k.sticks,
            }),
          ]
        : []),
      ...(task.choice('gaps') === 'lichen'
        ? [
            use(task, {
              slot: 'lichen',
              step: 'gaps',
              label: 'Lichen',
              each: product(wall, task.input(k.lichenG)),
            }),
          ]
        : []),
      ...sealUses(task, wall),
    ]
    return {
      uses,
      pours: sealPours(task, wall),
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        task.choice('gaps') === 'lichen' && {
          id: 'gaps',
          title: 'Fill the gaps',
          text: 'PVA where wall and ground part; torn lichen pressed in until no shadow is left.',
          hands: hands(60),
          wait: wait(task.dryMin(value(k.dryMin)), 'open film', 'Let the glue dry'),
          tools: ['tweezers'],
          faults: ['gap-shadow'],
        },
        {
          id: 'drape',
          title: leafy ? 'Stems, then mesh' : 'Stems',
          text: `Thin fibre draped as stems from the ground up, held with specks of PVA.${leafy ? ' Mesh teased thin, torn to an uneven edge, pressed to them here and there; it hangs free elsewhere.' : ''}`,
          hands: hands(value(k.drapeSec) * cm2, value(k.setSec)),
          within: open(task, 'pva', { what: 'a speck of PVA' }),
          atOnce: { count: 1, because: 'window', what: 'One patch of wall at a time.' },
          wait: wait(task.dryMin(value(k.dryMin)), 'open film', 'Let it dry'),
          tools: ['tweezers', 'scissors'],
          cautions: ['wire-and-blades'],
          faults: ['net-shows', 'shiny-patches'],
        },
        leafy && {
          id: 'leaf',
          title: 'Leaf over it',
          text: 'A mist of hairspray with the wall behind masked by card; leaf from above, the lighter where it faces the light.',
          hands: hands(value(k.leafSec) * cm2, 30),
          within: open(task, 'hairspray'),
          atOnce: { count: 1, because: 'window', what: 'One patch while the spray is wet.' },
          wait: sets(task, 'hairspray', 'Let it set'),
          tools: ['catch tray'],
          needs: ['ventilation'],
          gives: ['aerosol', 'solvent'],
          cautions: ['spray', 'dust'],
          faults: ['fallen-foliage'],
        },
        sealStep(task, cm2),
        inspectStep(task, 'Its foot stands in the ground; no edge of mesh is straight.', [
          'net-shows',
          'gap-shadow',
          'straight-edge',
        ]),
      ]),
    }
  },
  examples: [
    exampleArea(examplePiece('climber', 'wall', 80, { widthShare: 1.5 }), 200),
    examplePieces(examplePiece('climber', 'wall', 60), 3),
  ],
}
