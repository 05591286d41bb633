import { toolSaves } from '../../../core/makeup'

describe('when a tool pays', () => {
  const trees = { pieces: 10, costMinor: 120, boughtMinor: 400 }

  test('by what the lines that want it save: 10 trees at 2.80 each, a pot of 28.00 pays from 10', () => {
    expect(toolSaves(2800, [trees])).toEqual({ savedMinor: 2800, pieces: 10, paysFrom: 10 })
    expect(toolSaves(2801, [trees])!.paysFrom).toBe(11)
    expect(toolSaves(0, [trees])!.paysFrom).toBe(1)
  })

  test('over several lines the mean saving counts', () => {
    // 10 × 2.80 and 30 × 0.40: 40.00 over 40 pieces, 1.00 each.
    const bushes = { pieces: 30, costMinor: 10, boughtMinor: 50 }
    expect(toolSaves(2500, [trees, bushes])).toEqual({ savedMinor: 4000, pieces: 40, paysFrom: 25 })
  })

  test('a line that is dearer made than bought does not speak for it, nor one with nothing left to make', () => {
    expect(toolSaves(2800, [{ ...trees, boughtMinor: 100 }])).toBeUndefined()
    expect(toolSaves(2800, [{ ...trees, pieces: 0 }])).toBeUndefined()
    expect(toolSaves(2800, [])).toBeUndefined()
    expect(toolSaves(2800, [trees, { pieces: 99, costMinor: 500, boughtMinor: 20 }])!.pieces).toBe(10)
  })
})
