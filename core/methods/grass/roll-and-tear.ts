import {
  amount,
  areaParts,
  coefficients,
  exampleArea,
  examplePiece,
  fixedUse,
  hands,
  heightOf,
  inspectStep,
  isBladed,
  judge,
  minutes,
  partCm2,
  seconds,
  sets,
  share,
  stepsWith,
  use,
  wait,
  within,
  type PlantJob,
  type PlantMethod,
} from '../../makeup'
import {
  constant,
  fact,
  most,
  ONE,
  product,
  quotient,
  rest,
  rounded,
  sum,
  type Expression,
} from '../../quantities'

const k = coefficients('roll-and-tear', {
  spoilage: share('spoilage', 0),
  patchCm2: amount('worked at once, at most', 1000, 'cm²', 'memory', '0.1 m²'),
  hanks: amount('hanks on 100 cm²', 3, 'piece'),
  hankG: amount('fibre of a hank, for each mm of its height', 0.012, 'g/mm'),
  again: share('second round, smaller patches, of the first', 0.4),
  adhesiveMl: amount('spray adhesive in random strokes', 0.012, 'ml/cm²'),
  earthG: amount('earth over bare glue', 0.05, 'g/cm²'),
  fixMl: amount('hairspray on what shines', 0.006, 'ml/cm²'),
  rollSec: seconds('roll, tear, stage a hank', 20),
  spraySec: amount('adhesive, for each cm²', 0.08, 's/cm²'),
  dabSec: seconds('dab a hank on', 3),
  earthSec: amount('earth on glue, for each cm²', 0.3, 's/cm²'),
  combSec: amount('comb, earth, vacuum, for each cm²', 0.6, 's/cm²'),
  tackMin: minutes('spray adhesive on ground turns tacky', 15, 'common practice'),
  tackUntilMin: minutes('and stays so until', 35),
  restMin: minutes('before it is combed', 120, 'common practice'),
})

/** Of the hanks, those of the second tone. Our estimate. */
const SECOND = fact('second tone', 0.4, '', 'memory')
const HUNDRED_CM2 = constant('', 100, 'cm²', 'as hanks are counted')

function suits({ piece }: PlantJob) {
  return judge({
    right: piece.sward.straw > 0.35 && piece.heightMm >= 6 && isBladed(piece),
    pro: ['waste ground in any tone, wild and three-dimensional', 'large areas in one go'],
    con: [
      piece.heightMm < 6 && 'hanks are 6 mm and more; shorter is a carpet',
      piece.sward.straw <= 0.35 && 'reads as waste ground: this is greener and tended',
    ],
    never: [
      !isBladed(piece) && 'it is long fibre: blades, not a crown',
      (piece.heightMm > 30 || piece.heightMm < 3) &&
        `hanks give 6 to 25 mm, this is ${Math.round(piece.heightMm)} mm`,
      piece.sward.mown && 'what is mown does not stand in hanks',
    ],
  })
}

/** Weeds from hanks, rolled, torn and dabbed on tacky ground. Common practice. */
export const rollAndTear: PlantMethod = {
  id: 'roll-and-tear',
  name: 'Weeds, rolled and torn',
  makes:
    'Hanks of long fibre rolled, torn in half, dabbed on tacky ground; earth over the glue, combed, a second round.',
  kinds: ['area'],
  profile: {
    sizeMm: [6, 25],
    shows: 'branches',
    effort: 'mass-made',
    handling: 'reached over',
    together: [1, 1],
    seasons: 'any tone; at its best dry',
    manner: 'tuft',
  },
  coefficients: Object.values(k),
  options: [],
  spoilage: k.spoilage,
  suits,
  parts: (job, read) => areaParts(job, read, k.patchCm2),
  slots: ({ piece }) => [
    {
      id: 'hank',
      label: 'Long fibre, main tone',
      wish: {
        stuff: 'wool',
        wool: 'hank',
        colour: piece.sward.straw > 0.5 ? piece.sward.colours.straw : piece.sward.colours.base,
      },
    },
    {
      id: 'second',
      label: 'Long fibre, second tone',
      wish: {
        stuff: 'wool',
        wool: 'hank',
        colour: piece.sward.straw > 0.5 ? piece.sward.colours.base : piece.sward.colours.straw,
      },
      optional: true,
    },
    { id: 'adhesive', label: 'Spray adhesive', wish: { stuff: 'liquid', liquid: 'spray-adhesive' } },
    { id: 'earth', label: 'Earth', wish: { stuff: 'powder', powder: 'soil', colour: '#74603f' } },
    { id: 'fix', label: 'Hairspray', wish: { stuff: 'liquid', liquid: 'hairspray' } },
  ],
  work(task) {
    const { value } = task
    const cm2 = partCm2(task)
    const area = fact('patch', cm2, 'cm²')
    const hanks = most(ONE, rounded(product(area, quotient(task.input(k.hanks), HUNDRED_CM2))))
    const mixed = task.fill('second').parts.length > 0
    const second = mixed ? SECOND.value : 0
    const fibre = (slot: string, label: string, part: Expression) =>
      use(task, {
        slot,
        step: 'stage',
        label,
        each: product(hanks, heightOf(task), task.input(k.hankG), part, sum(ONE, task.input(k.again))),
      })
    const less = product(area, task.input(k.again))
    const again = value(k.again)
    const uses = [
      fibre('hank', 'Main tone', mixed ? rest(SECOND) : ONE),
      ...(mixed ? [fibre('second', 'Second tone', SECOND)] : []),
      fixedUse(task, { slot: 'adhesive', step: 'glue', label: 'Spray adhesive' }, k.adhesiveMl, area),
      fixedUse(task, { slot: 'earth', step: 'dab', label: 'Earth over the glue' }, k.earthG, area),
      fixedUse(
        task,
        { slot: 'adhesive', step: 'glue-2', label: 'Spray adhesive, second round' },
        k.adhesiveMl,
        less,
      ),
      fixedUse(task, { slot: 'earth', step: 'dab-2', label: 'Earth, second round' }, k.earthG, less),
      fixedUse(task, { slot: 'fix', step: 'comb', label: 'Hairspray on shine' }, k.fixMl, area),
    ]
    const openSec = (value(k.tackUntilMin) - value(k.tackMin)) * 60
    const air = { needs: ['ventilation' as const], gives: ['aerosol' as const, 'solvent' as const] }
    return {
      uses,
      pours: [],
      cuts: [],
      yields: [],
      steps: stepsWith(uses, [
        {
          id: 'stage',
          title: 'Hanks first: roll, tear, stage',
          text: `About ${hanks.value} hanks to a patch, in every tone, before any glue: roll between the palms, tear in half, lay them out torn end forward.`,
          hands: hands(value(k.rollSec) * hanks.value),
          tools: ['scissors'],
        },
        {
          id: 'glue',
          title: 'Adhesive in random strokes',
          text: 'Paper over the neighbours. Strokes and spots, none of them straight; then wait until it no longer threads.',
          hands: hands(value(k.spraySec) * cm2, 60),
          wait: {
            ...wait(value(k.tackMin), 'tack clearing', 'Wait until it is tacky', 'common practice'),
            mostMin: value(k.tackUntilMin),
          },
          tools: ['paper'],
          ...air,
          cautions: ['spray'],
        },
        {
          id: 'dab',
          title: 'Dab on, earth on bare glue',
          text: 'Dab lightly, torn end down, tones in turn; turn the board. Earth on every spot of bare glue. Where it goes wrong: cover with earth and begin again.',
          hands: hands(value(k.dabSec) * hanks.value + value(k.earthSec) * cm2),
          within: within(
            openSec,
            `The ground stays tacky for about ${Math.round(openSec / 60)} minutes more.`,
          ),
          atOnce: { count: 1, because: 'window', what: 'One patch while it is tacky.' },
          wait: wait(value(k.restMin), 'tack clearing', 'Leave it before combing', 'common practice'),
          deal: {
            each: hanks.value,
            enough: 'Enough: the hanks of this patch are on. What is left bare gets earth.',
            suits: [
              {
                id: 'tone',
                options: [
                  { name: 'main tone', share: 1 - second },
                  { name: 'second tone', share: second },
                ].filter((option) => option.share > 0),
              },
              {
                id: 'size',
                options: [
                  { name: 'thin', share: 0.4 },
                  { name: 'usual', share: 0.4 },
                  { name: 'thick', share: 0.2 },
                ],
              },
            ],
          },
          cautions: ['dust'],
          faults: ['rows', 'shiny-patches'],
        },
        {
          id: 'comb',
          title: 'Comb, earth, fix',
          text: 'Comb with a skewer; earth and a mist of hairspray where it shines; vacuum lightly.',
          hands: hands(value(k.combSec) * cm2, 60),
          wait: sets(task, 'hairspray', 'Let it set'),
          tools: ['skewer', 'vacuum'],
          ...air,
          cautions: ['spray', 'dust'],
          faults: ['shiny-patches', 'lost-fibre'],
        },
        {
          id: 'glue-2',
          title: 'Second round: adhesive in smaller patches',
          text: 'Between and over the first, smaller, in other tones; wait until it no longer threads.',
          hands: hands(value(k.spraySec) * cm2 * again, 30),
          wait: {
            ...wait(value(k.tackMin), 'tack clearing', 'Wait until it is tacky', 'common practice'),
            mostMin: value(k.tackUntilMin),
          },
          ...air,
          cautions: ['spray'],
        },
        {
          id: 'dab-2',
          title: 'Dab on, earth',
          text: 'As before, lighter; earth on every spot of bare glue.',
          hands: hands((value(k.dabSec) * hanks.value + value(k.earthSec) * cm2) * again),
          within: within(
            openSec,
            `The ground stays tacky for about ${Math.round(openSec / 60)} minutes more.`,
          ),
          wait: wait(value(k.restMin), 'tack clearing', 'Leave it before combing', 'common practice'),
          cautions: ['dust'],
          faults: ['rows', 'shiny-patches'],
        },
        {
          id: 'comb-2',
          title: 'Comb, vacuum',
          text: 'Comb with a skewer once more; vacuum lightly.',
          hands: hands(value(k.combSec) * cm2 * again, 30),
          tools: ['skewer', 'vacuum'],
          cautions: ['dust'],
          faults: ['lost-fibre'],
        },
        inspectStep(task, 'No shine at low light, no rows.', ['rows', 'shiny-patches']),
      ]),
    }
  },
  examples: [exampleArea(examplePiece('grass', 'blades', 12), 1500)],
}
