import { gatheringById, gatherings, type Gathering, type Sowing } from '../../harvest'
import {
  amount,
  coefficients,
  minutes,
  seconds,
  share,
  step,
  type Coefficient,
  type Option,
  type Step,
  type StepDraft,
  type StockMethod,
  type Task,
  type Yield,
} from '../../makeup'
import { fact, figure, perUnit, product, rounded } from '../../quantities'
import { catalogueRow } from '../../stock'
import { formatQuantity, plainNumber } from '../../units'

const MIN_PER_DAY = 24 * 60

/** How it stands with leave: what need not be asked any more is no step. */
const leave: Option = {
  id: 'leave',
  name: 'Leave',
  choices: [
    { id: 'to-ask', name: 'to be asked', words: 'owner and authority are asked first' },
    { id: 'given', name: 'given', words: 'owner and authority have said yes' },
    { id: 'own', name: 'own ground', words: 'nobody has to be asked' },
  ],
}

const askStep = ({ mind }: Gathering): StepDraft => ({
  id: 'ask',
  title: 'Ask for leave',
  text: `Ask the owner, and the authority where the ground or the kind may be protected; write down who said yes, and for how much. ${mind}`,
  hands: { onceSec: 900, eachSec: 0, origin: 'memory' },
  cautions: ['gathering'],
  passes: 'A yes from somebody who may give it. Without it, don’t go.',
})

type Figures = Readonly<
  Record<
    'spoilage' | 'fit' | 'outing' | 'outingMin' | 'cleanMin' | 'dryDays' | 'hangSec' | 'boxSec',
    Coefficient
  >
>

const figuresOf = (id: string, of: Gathering): Figures =>
  coefficients(id, {
    spoilage: { name: 'spoilage', value: 0, unit: '', origin: 'formula', range: [0, 0.5] },
    fit: share('fit for the shelf, of what is picked', of.fit),
    outing: amount('one outing brings', of.outing, catalogueRow(of.materialId).unit, of.outingOrigin),
    outingMin: minutes('one outing', of.outingMin),
    cleanMin: minutes('clean what one outing brings', of.cleanMin),
    dryDays: amount('dries', of.dryDays, 'd'),
    hangSec: seconds('hang or spread, each or 10 g', 6.4),
    boxSec: seconds('look over and box, each or 10 g', 3.2),
  })

/** What has been cleaned and dried, and what comes of it besides. */
function harvested(of: Gathering, quantity: number): Yield[] {
  const wanted = fact('wanted', quantity, catalogueRow(of.materialId).unit, 'line')
  const lot = (materialId: string, each: number): Yield => {
    const material = catalogueRow(materialId)
    const comes =
      each === 1
        ? wanted
        : product(wanted, fact('besides each', each, perUnit(material.unit, wanted.unit), 'memory'))
    return {
      label: material.name,
      source: 'harvested',
      material,
      quantity: figure(material.unit === 'piece' ? rounded(comes) : comes, material.unit),
      shares: [],
    }
  }
  return [lot(of.materialId, 1), ...(of.besides ? [lot(of.besides.materialId, of.besides.each)] : [])]
}

/** From the plant to the shelf: cut, clean, dry, look over. */
function bringSteps(of: Gathering, k: Figures, task: Task, quantity: number): Step[] {
  const { value } = task
  const picked = quantity / Math.max(0.02, value(k.fit))
  const outings = picked / value(k.outing)
  const { unit } = catalogueRow(of.materialId)
  // Stems are hung one by one; what is weighed is spread by the handful.
  const handled = unit === 'piece' ? quantity : quantity / 10
  return [
    step({
      id: 'gather',
      title: `Gather ${of.name.toLowerCase()}`,
      text: `About ${formatQuantity(unit === 'piece' ? Math.ceil(picked) : picked, unit)}, of which ${formatQuantity(quantity, unit)} will be fit${outings > 1.2 ? `: ${plainNumber(Math.ceil(outings), 0)} outings` : ''}. ${of.how} ${of.mind}`,
      hands: { onceSec: Math.round(outings * value(k.outingMin) * 60), eachSec: 0, origin: 'memory' },
      needs: ['outdoors', 'daylight'],
      tools: ['cutters'],
      cautions: [...of.cautions],
    }),
    step({
      id: 'clean',
      title: 'Clean it',
      text: `${of.clean} Outdoors or over paper that is burnt or binned: no guests for the bench.`,
      hands: { onceSec: Math.round(outings * value(k.cleanMin) * 60), eachSec: 0, origin: 'memory' },
      tools: [...(of.cleanTools ?? [])],
      cautions: ['gathering', 'dust'],
    }),
    ...(value(k.dryDays) <= 0
      ? []
      : [
          step({
            id: 'dry',
            title: 'Hang or lay out to dry',
            text: `${of.dry}. Air dries it, not heat: no stove, heater or oven.`,
            hands: { onceSec: Math.round(120 + value(k.hangSec) * handled), eachSec: 0, origin: 'memory' },
            wait: {
              leastMin: task.dryMin(value(k.dryDays) * MIN_PER_DAY),
              kind: 'open film',
              what: `${of.dry}, until it is dry through`,
              origin: 'memory',
            },
            faults: ['mould'],
            passes: of.passes,
          }),
        ]),
    step({
      id: 'box',
      title: 'Look over, count, box',
      text: 'Once more against the light: pests, grey spots, limp ones out. Count or weigh what is fit, box it with a paper bag of something dry, label it with place and day. What had guests goes into the freezer for two days first, in a closed bag.',
      hands: { onceSec: Math.round(120 + value(k.boxSec) * handled), eachSec: 0, origin: 'memory' },
      tools: ['scale'],
      cautions: ['gathering'],
      passes: 'Nothing moves in the box after a week.',
    }),
  ]
}

const common = (of: Gathering) => ({
  kinds: ['stock'] as const,
  product: of.materialId,
  ...(of.besides ? { also: [of.besides.materialId] } : {}),
  options: [leave],
  slots: () => [],
  examples: [
    {
      kind: 'stock' as const,
      materialId: of.materialId,
      quantity: of.outing,
      unit: catalogueRow(of.materialId).unit,
    },
  ],
})

function gatherMethod(of: Gathering): StockMethod {
  const id = `gather-${of.id}`
  const k = figuresOf(id, of)
  return {
    ...common(of),
    id,
    name: `Gathering ${of.name.toLowerCase()}`,
    makes: `${of.name}, gathered ${of.when}; cleaned and dried.`,
    coefficients: Object.values(k),
    spoilage: k.spoilage,
    work(task) {
      const { quantity } = task.job
      const asks = task.choice('leave') === 'to-ask'
      return {
        uses: [],
        pours: [],
        cuts: [],
        yields: harvested(of, quantity),
        steps: [...(asks ? [step(askStep(of))] : []), ...bringSteps(of, k, task, quantity)],
      }
    },
  }
}

/** Growing it: sown under glass, set out, cut when it has ripened. Common practice; figures from memory. */
function sowMethod(of: Gathering, sowing: Sowing): StockMethod {
  const id = `sow-${of.id}`
  const k = {
    ...figuresOf(id, of),
    ...coefficients(id, {
      perPlant: amount('fit for the shelf, of one plant', 6, 'piece'),
      survive: share('seedlings that come to the cut', 0.7),
      sowMin: minutes('sow a tray', 30),
      plantSec: { name: 'set one out', value: 40, unit: 's', origin: 'memory', range: [5, 600] },
      indoorDays: amount('under glass', sowing.indoorWeeks * 7, 'd'),
      outdoorDays: amount('in the bed, until it is cut', sowing.outdoorWeeks * 7, 'd'),
    }),
  }
  return {
    ...common(of),
    id,
    name: `Sowing ${of.name.toLowerCase()}`,
    makes: `${of.name} from seed: sown under glass, set out in spring, cut ${of.when}.`,
    coefficients: Object.values(k),
    spoilage: k.spoilage,
    work(task) {
      const { value } = task
      const { quantity } = task.job
      const plants = Math.max(1, Math.ceil(quantity / value(k.perPlant) / Math.max(0.02, value(k.survive))))
      return {
        uses: [],
        pours: [],
        cuts: [],
        yields: harvested(of, quantity),
        steps: [
          step({
            id: 'sow',
            title: 'Sow under glass',
            text: `Seed of last year’s plants thinly on damp sand and earth, pressed on, not covered: for ${plants} plants. Light, not above 20 °C; water from below.`,
            hands: { onceSec: Math.round(value(k.sowMin) * 60), eachSec: 0, origin: 'memory' },
            wait: {
              leastMin: value(k.indoorDays) * MIN_PER_DAY,
              kind: 'growth',
              what: 'Until they have four leaves and the last frost is past',
              origin: 'memory',
            },
          }),
          step({
            id: 'set-out',
            title: 'Set out',
            text: `After the last frost, ${plants} plants a hand’s breadth apart, in poor soil and full sun: a rich bed makes them limp. Hardened off for a week before. Water for a fortnight, weed, then leave them alone. A tall kind can seed itself into the neighbour’s: cut in time.`,
            hands: { onceSec: Math.round(600 + plants * value(k.plantSec)), eachSec: 0, origin: 'memory' },
            wait: {
              leastMin: value(k.outdoorDays) * MIN_PER_DAY,
              kind: 'growth',
              what: `To be cut ${of.when}`,
              origin: 'common practice',
            },
            needs: ['outdoors'],
            cautions: ['gathering'],
          }),
          ...bringSteps(of, k, task, quantity),
        ],
      }
    },
  }
}

/** What is gathered, and what is grown to be gathered, as ways of making stock out of nothing but time. */
export const gatherMethods: readonly StockMethod[] = gatherings.flatMap((of) => [
  gatherMethod(of),
  ...(of.sowing ? [sowMethod(of, of.sowing)] : []),
])

/**
 * How something is brought in; undefined for what this version does not know, or what is not sown.
 * @param how gathered where it stands, or grown from seed
 */
export function gatherMethodFor(gather: string, how: 'gather' | 'sow'): StockMethod | undefined {
  const of = gatheringById(gather)
  return of && gatherMethods.find(({ id }) => id === `${how}-${of.id}`)
}
