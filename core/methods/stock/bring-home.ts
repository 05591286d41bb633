import { type Gathering } from '../../harvest'
import type { Yield } from '../../makeup'
import { fact, figure, perUnit, product, rounded, type Coefficient } from '../../quantities'
import { catalogueRow } from '../../stock'
import { formatQuantity, plainNumber } from '../../units'
import type { Listed } from '../kit/listed'
import type { Operation } from '../kit/making'
import { amount, coefficients, minutes, row, seconds, share } from '../kit/rows'
import { option, type StockMaking, type StockWay } from '../kit/way'

export const MIN_PER_DAY = 24 * 60

/** How it stands with leave: what need not be asked any more is no step. */
const leave = option(
  'leave',
  'Leave',
  ['to-ask', 'to be asked', 'owner and authority are asked first'],
  ['given', 'given', 'owner and authority have said yes'],
  ['own', 'own ground', 'nobody has to be asked'],
)

type GatherFigures = Readonly<
  Record<
    'spoilage' | 'fit' | 'outing' | 'outingMin' | 'cleanMin' | 'dryDays' | 'hangSec' | 'boxSec',
    Coefficient
  >
>

export const figuresOf = (id: string, of: Gathering): GatherFigures =>
  coefficients(id, {
    spoilage: row('spoilage', 0, '', [0, 0.5], 'formula'),
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
export function bringHome(on: StockMaking, of: Gathering, k: GatherFigures): Listed<Operation> {
  const { quantity } = on.job
  const picked = quantity / Math.max(0.02, on.value(k.fit))
  const outings = picked / on.value(k.outing)
  const { unit } = catalogueRow(of.materialId)
  const pieces = unit === 'piece'
  // Stems are hung one by one; what is weighed is spread by the handful.
  const handled = pieces ? quantity : quantity / 10
  const about = formatQuantity(pieces ? Math.ceil(picked) : picked, unit)
  const trips = outings > 1.2 ? `: ${plainNumber(Math.ceil(outings), 0)} outings` : ''
  const days = on.value(k.dryDays)
  return [
    on.work('gather', `Gather ${of.name.toLowerCase()}`, {
      text: `About ${about}, of which ${formatQuantity(quantity, unit)} will be fit${trips}. ${of.how} ${of.mind}`,
      hands: [0, Math.round(outings * on.value(k.outingMin) * 60)],
      yields: harvested(of, quantity),
      needs: ['outdoors', 'daylight'],
      tools: [...(of.takeTools ?? ['cutters'])],
      cautions: [...of.cautions],
    }),
    on.work('clean', 'Clean it', {
      text: `${of.clean} Outdoors or over paper that is burnt or binned: no guests for the bench.`,
      hands: [0, Math.round(outings * on.value(k.cleanMin) * 60)],
      tools: [...(of.cleanTools ?? [])],
      cautions: ['gathering', 'dust'],
    }),
    days > 0 &&
      on.work('dry', 'Hang or lay out to dry', {
        text: `${of.dry}. Air dries it, not heat: no stove, heater or oven.`,
        hands: [0, Math.round(120 + on.value(k.hangSec) * handled)],
        wait: {
          leastMin: on.task.dryMin(days * MIN_PER_DAY),
          kind: 'open film',
          what: `${of.dry}, until it is dry through`,
          origin: 'memory',
        },
        tools: [...(of.dryTools ?? [])],
        faults: ['mould'],
        passes: of.passes,
      }),
    on.work('box', 'Look over, count, box', {
      text: 'Once more against the light: pests, grey spots, limp ones out. Count or weigh what is fit, box it with a paper bag of something dry, label it with place and day. What had guests goes into the freezer for two days first, in a closed bag.',
      hands: [0, Math.round(120 + on.value(k.boxSec) * handled)],
      tools: ['scale'],
      cautions: ['gathering'],
      passes: 'Nothing moves in the box after a week.',
    }),
  ]
}

/** What gathering and sowing have in common. */
export const common = (
  of: Gathering,
): Pick<StockWay, 'product' | 'also' | 'options' | 'materials' | 'examples'> => ({
  product: of.materialId,
  ...(of.besides ? { also: [of.besides.materialId] } : {}),
  options: [leave],
  materials: [],
  examples: [
    {
      kind: 'stock',
      materialId: of.materialId,
      quantity: of.outing,
      unit: catalogueRow(of.materialId).unit,
    },
  ],
})
