import {
  amount,
  coefficients,
  examplePiece,
  examplePieces,
  fixedUse,
  flockUse,
  hands,
  heightOf,
  inspectStep,
  isBladed,
  judge,
  leafOf,
  open,
  seconds,
  sets,
  share,
  startedOf,
  stepsWith,
  use,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import { fact, most, number, product, quotient, rest, roundedUp, sum } from '../../quantities'

const k = coefficients('field-fibre', {
  spoilage: share('spoilage', 0.08),
  each: amount('weeds from a banded bundle', 8, 'piece', 'common practice'),
  footMm: amount('foot below the ground', 5, 'mm'),
  bundleG: amount('fibre of a weed, for each mm of its height', 0.003, 'g/mm'),
  waste: share('wasted in the locked middle of a twist', 0.3),
  bundleCa: amount('CA through the middle of a bundle, for each mm of height', 0.005, 'ml/mm'),
  bundleGlue: amount('tacky glue in the end of a bundle, for each mm of height', 0.005, 'ml/mm'),
  adhesiveCoat: amount('light adhesive', 0.05, 'ml/cm²'),
  leafShare: share('share of its side that leaf covers', 0.4),
  sticks: share('leaf sticks, of what is thrown', 0.35),
  bindSec: seconds('band or twist a bundle', 60),
  trimSec: seconds('spread and trim', 30),
  leafSec: seconds('adhesive, leaf over a dish', 20),
  flowerG: amount('flower powder on a dipped tip, for each mm of height', 0.0005, 'g/mm'),
  clamps: amount('clamps that are there', 6, 'piece'),
})

function suits({ piece }: PlantJob) {
  return judge({
    right: (piece.habit === 'herb' || piece.habit === 'fern') && piece.heightMm >= 10,
    pro: ['stems that branch and stand free, with leaf on them', 'eight to a bundle'],
    con: [
      piece.heightMm < 10 && 'short for bundles: they get stiff',
      piece.habit === 'grass' && 'made for weeds with leaf; plain grass is less work in bunches',
      piece.habit === 'reed' && 'leaf makes a weed of a reed',
    ],
    never: [
      !isBladed(piece) && 'it is a bundle of fibre: no wood in it',
      (piece.heightMm > 50 || piece.heightMm < 6) &&
        `bundles give 10 to 35 mm, this is ${Math.round(piece.heightMm)} mm`,
    ],
  })
}

/** Both ends of a twist are held. */
const CLAMPS_A_TWIST = 2

/** Weeds from bundles of long field fibre. Common practice. */
export const fieldFibre: PlantMethod = {
  id: 'field-fibre',
  name: 'Field-fibre weeds',
  makes:
    'A bundle banded or twisted, its end in tacky glue, cut into about eight, squashed open, leaf over a dish.',
  kinds: ['pieces'],
  profile: {
    sizeMm: [10, 35],
    shows: 'branches',
    effort: 'mass-made',
    handling: 'reached over',
    together: [8, 24],
    seasons: 'any, by leaf and tone',
    manner: 'tuft',
  },
  coefficients: Object.values(k),
  options: [
    {
      id: 'bind',
      name: 'Bundle',
      choices: [
        { id: 'band', name: 'banded', words: 'quick, nothing wasted: about eight from a bundle' },
        {
          id: 'twist',
          name: 'twisted',
          words: 'CA through the middle, held by clamps until it sets; the middle is lost',
        },
      ],
    },
  ],
  spoilage: k.spoilage,
  suits,
  slots: ({ piece }, choice) => [
    { id: 'hank', label: 'Long fibre', wish: { stuff: 'wool', wool: 'hank', colour: piece.tones.base } },
    choice('bind') === 'twist'
      ? { id: 'lock', label: 'CA', wish: { stuff: 'liquid', liquid: 'ca' } }
      : { id: 'lock', label: 'Tacky PVA', wish: { stuff: 'liquid', liquid: 'pva' } },
    { id: 'adhesive', label: 'Spray adhesive', wish: { stuff: 'liquid', liquid: 'spray-adhesive' } },
    {
      id: 'leaf',
      label: 'Leaf',
      wish: { stuff: 'foam', form: 'leaf', grainMm: piece.grainMm, colour: piece.tones.base },
    },
    ...(piece.sward.heads > 0.02
      ? [
          {
            id: 'flower',
            label: 'Flower powder',
            wish: { stuff: 'powder' as const, powder: 'blossom' as const, colour: piece.sward.colours.head },
            optional: true,
          },
        ]
      : []),
  ],
  work(task) {
    const { value, piece } = task
    const twist = task.choice('bind') === 'twist'
    const bundlesOf = roundedUp(quotient(startedOf(task), task.input(k.each)))
    const bundles = bundlesOf.value
    const length = sum(heightOf(task), task.input(k.footMm))
    const fibre = product(length, task.input(k.bundleG))
    const flowers = piece.sward.heads > 0.02 && task.fill('flower').parts.length > 0
    const uses = [
      use(task, {
        slot: 'hank',
        step: 'bind',
        label: 'Long fibre',
        each: twist ? quotient(fibre, rest(task.input(k.waste))) : fibre,
      }),
      fixedUse(
        task,
        { slot: 'lock', step: 'bind', label: twist ? 'CA' : 'Tacky PVA' },
        twist ? k.bundleCa : k.bundleGlue,
        product(quotient(bundlesOf, startedOf(task)), heightOf(task)),
      ),
      fixedUse(
        task,
        { slot: 'adhesive', step: 'leaf', label: 'Adhesive' },
        k.adhesiveCoat,
        fact('its side', piece.sideAreaCm2, 'cm²'),
      ),
      flockUse(task, {
        slot: 'leaf',
        step: 'leaf',
        label: 'Leaf',
        area: fact('its side', piece.sideAreaCm2, 'cm²'),
        seeThrough: fact('see-through of its leaf', 0.5, '', 'memory'),
        leaf: most(number(0.2), leafOf(task)),
        share: task.input(k.leafShare),
        sticks: k.sticks,
      }),
      ...(flowers
        ? [
            fixedUse(
              task,
              { slot: 'flower', step: 'leaf', label: 'Flower powder' },
              k.flowerG,
              heightOf(task),
            ),
          ]
        : []),
    ]
    const atOnce = Math.max(1, Math.floor(twist ? value(k.clamps) / 2 : 3)) * value(k.each)
    return {
      uses,
      pours: [],
      cuts: [{ slot: 'hank', what: 'bundles', count: bundles, lengthMm: length.value * (twist ? 2.6 : 2) }],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'bind',
          title: twist ? 'Twist, lock with CA' : 'Band, cut, knead in glue',
          text: twist
            ? `${bundles} bundles: twist, both ends held by clamps, CA through the middle; cut on either side of it, then each into four.`
            : `${bundles} bundles: a tight band, cut flush with it, knead the end in tacky glue, cut into about ${value(k.each)}.`,
          hands: hands(value(k.bindSec) / value(k.each), 60),
          ...(twist ? { within: open(task, 'ca') } : {}),
          atOnce: {
            count: atOnce,
            because: 'holder',
            what: twist ? 'A twist takes two clamps.' : 'Three bundles before the glue skins.',
          },
          wait: sets(task, twist ? 'ca-fibre' : 'tacky-pva', 'Let the ends set'),
          tools: twist ? ['knife'] : ['scissors', 'knife'],
          ...(twist
            ? { holders: [{ what: 'clamp', each: CLAMPS_A_TWIST / value(k.each), until: 'bind' }] }
            : {}),
          needs: ['ventilation'],
          cautions: twist ? ['ca', 'wire-and-blades'] : ['wire-and-blades'],
          faults: ['plugged-stalk'],
        },
        {
          id: 'trim',
          title: 'Squash open, trim',
          text: 'Press it open on the bench, spread the stems to all sides, trim to uneven lengths.',
          hands: hands(value(k.trimSec) * Math.max(0.4, piece.heightMm / 18)),
          tools: ['scissors'],
          cautions: ['wire-and-blades'],
          faults: ['one-sided'],
        },
        {
          id: 'leaf',
          title: 'Leaf over a dish',
          text: `A light mist of adhesive: too much clogs the stems. Tilt it forward, leaf over the dish${flowers ? '; the top dipped in flower while wet' : ''}.`,
          hands: hands(value(k.leafSec) * Math.max(0.4, piece.heightMm / 18), 60),
          within: open(task, 'spray-adhesive'),
          wait: sets(task, 'spray-adhesive', 'Let it set'),
          tools: ['catch tray'],
          needs: ['ventilation'],
          gives: ['aerosol', 'solvent'],
          cautions: ['spray', 'dust'],
          faults: ['clogged-stems', 'fallen-foliage'],
        },
        inspectStep(task, 'Three-dimensional, stalks free.', ['plugged-stalk', 'one-sided']),
      ]),
    }
  },
  examples: [examplePieces(examplePiece('herb', 'blades', 18), 24)],
}
