import { makeUp, sentContext, shared, jobOf, type EstimateContext, type MakeUp } from '../../../core/makeup'
import { plantMethodById } from '../../../core/methods'
import { dealtSizes } from '../../../core/commissions'
import { cardOrderSchema } from '../../../server/cards/order'
import { cardEstimate } from '../../../server/cards/print'
import { commission, line, piece, stocked } from '../../support/workshop'

/** What the workshop has and has learnt: a bath that was kept, fibre that comes back badly, a damp room. */
const context: EstimateContext = {
  states: stocked(),
  free: (id) => (id === 'soaking-bath' ? 380 : 100),
  own: new Map([
    ['sprig-tree/sort-sec', 75],
    ['wool-bush/dip-sec', 3],
  ]),
  learnt: new Map([[shared.reclaimed.id, { value: 0.6, of: 3 }]]),
  dryingFactor: 1.35,
}

function onScreen(methodId: string): MakeUp {
  const measured = piece()
  return makeUp({
    ...context,
    job: jobOf(line(), measured.piece),
    method: plantMethodById(methodId)!,
    started: 12,
    sizes: dealtSizes(measured.size, 'l1'),
  })
}

/** The same batch as the card has it: sent as text, read by its schema, worked out anew. */
function onPaper(up: MakeUp, over: Partial<EstimateContext> = {}): MakeUp {
  const materials = up.slots.flatMap(({ parts }) => parts.map(({ material }) => material))
  const sent: unknown = JSON.parse(
    JSON.stringify({
      paper: 'A4',
      units: 'metric',
      workshop: 'Bench',
      commission: commission(),
      line: { ...line(), methodId: up.method.id },
      started: up.started.value,
      context: sentContext({ ...context, ...over }, up),
      materials: [...new Map(materials.map((row) => [row.id, row])).values()],
    }),
  )
  return cardEstimate(cardOrderSchema.parse(sent))!.up
}
const figuresOf = (up: MakeUp) => ({
  uses: up.uses.map(({ slot, material, total, dispensed: lies }) => [
    slot,
    material?.id,
    total.value,
    lies?.value,
  ]),
  pours: up.pours.map(({ lines }) => lines.map(({ label, figure }) => [label, figure.value])),
  yields: up.yields.map(({ quantity }) => quantity.value),
  hands: up.handsMin.value,
  elapsed: up.elapsedMin.value,
  steps: up.steps,
})

describe('the card has the figures of the screen', () => {
  test.each(['sprig-tree', 'mesh-bush', 'hemp-tree', 'built-scrub'])('%s', (methodId) => {
    const up = onScreen(methodId)
    expect(figuresOf(onPaper(up))).toEqual(figuresOf(up))
  })

  test('a kept bath is poured in first: by hand, 12 hawthorns carry away little, and what was kept leaves little to mix', () => {
    const up = onScreen('sprig-tree')
    const medium = (of: MakeUp): number => of.uses.find(({ slot }) => slot === 'medium')!.total.value
    const [carried, standing] = [up.uses.find(({ slot }) => slot === 'medium')!.perPiece.value * 6 * 12, 400]
    // A sixth of what is still missing: all that is carried away and what must stand, less the 380 ml.
    expect(medium(onPaper(up))).toBeCloseTo((carried + standing - 380) / 6, 6)
    expect(medium(onPaper(up, { free: () => 0 }))).toBeCloseTo((carried + standing) / 6, 6)
  })

  test('where drying can’t be foretold, the card gives no time for it either', () => {
    const damp = onPaper(onScreen('sprig-tree'), { unsure: 'too damp' })
    expect(damp.unsure).toBe('too damp')
    const films = damp.steps.filter(({ wait }) => wait?.kind === 'open film')
    expect(films.length).toBeGreaterThan(1)
    for (const { wait } of films) expect(wait!.what).toMatch(/too damp to foretell/)
    expect(onPaper(onScreen('sprig-tree')).unsure).toBeUndefined()
  })
})
