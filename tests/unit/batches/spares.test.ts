import { draftOfSpares, sparesFor, type Tray } from '../../../core/batches'
import { oldPieceFor } from '../../../core/stock'
import { batch, line, pieces } from '../../support/workshop'

const tray = (name: string, waiting: number, planted = 0): Tray => ({
  batchId: `of-${name}`,
  name,
  counts: { 'to be planted': waiting, planted, sold: 0, 'given back': 0, spoilt: 0, 'moved on': 0 },
})
const short = line({ id: 'short', amount: pieces(10) })
const long = line({ id: 'long', amount: pieces(8), commissionId: 'elsewhere' })
const heights = new Map([
  ['short', 100],
  ['long', 110],
])
const spares = (trays: readonly Tray[], other = long, heightMm = 110) =>
  sparesFor(short, [short, other], new Map([['long', trays]]), ({ id }) =>
    id === 'long' ? heightMm : heights.get(id),
  ).map(({ tray: name, count }) => [name, count])

describe('spares', () => {
  test('what lies on trays beyond what its line wants, the fullest tray first', () => {
    // 3 stand, 5 and 4 wait: 12 of 8 wanted, so four are spare.
    expect(spares([tray('Left', 5, 3), tray('Lid', 4)])).toEqual([['Left', 4]])
    expect(spares([tray('Left', 2, 9), tray('Lid', 1)])).toEqual([
      ['Left', 2],
      ['Lid', 1],
    ])
    expect(spares([tray('Left', 5)])).toEqual([])
  })

  test('only of the same kind and within a fifth of the height; none of a line by the metre', () => {
    expect(spares([tray('Left', 12)], long, 125)).toEqual([])
    expect(spares([tray('Left', 12)], line({ ...long, speciesId: 'rowan' }))).toEqual([])
    const hedge = line({ ...short, amount: { kind: 'length', lengthMm: 300, section: 'free' } })
    expect(sparesFor(hedge, [long], new Map([['long', [tray('Left', 12)]]]), () => 100)).toEqual([])
  })

  test('of a line that was taken away all that waits is spare', () => {
    expect(spares([tray('Left', 5)], line({ ...long, removed: true }))).toEqual([['Left', 5]])
  })

  test('a batch of them draws nothing from the shelf', () => {
    const draft = draftOfSpares(batch())
    expect(draft.plan.amounts).toEqual([])
    expect(draft.plan.steps.flatMap(({ materialIds }) => materialIds)).toEqual([])
    expect(draft.plan.steps.map(({ id }) => id)).toEqual(batch().plan.steps.map(({ id }) => id))
  })

  test('old pieces are entered under the row of their height', () => {
    expect([4, 59, 60, 140, 900].map((mm) => oldPieceFor(mm).id)).toEqual([
      'old-pieces-small',
      'old-pieces-small',
      'old-pieces-medium',
      'old-pieces-large',
      'old-pieces-large',
    ])
  })
})
