import { linear } from '../../../app/drawing/linear'

describe('a length laid onto pixels', () => {
  const rule = linear([0, 50], [14, 514])
  test('50 mm on 500 px: 10 px to the mm, both ends where they belong', () => {
    expect(rule.pxPerUnit).toBe(10)
    expect([0, 20, 50].map(rule.px)).toEqual([14, 214, 514])
    expect([14, 214, 514].map(rule.unit)).toEqual([0, 20, 50])
  })
  test('what is beyond an end lies at it', () => {
    expect([-3, 80].map(rule.px)).toEqual([14, 514])
    expect([0, 900].map(rule.unit)).toEqual([0, 50])
  })
})
