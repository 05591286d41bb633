import { heapLengths, sharesByLine, shareSprigs } from '../../../core/armature'

describe('a sharing by line', () => {
  const lengths = [62, 64, 95, 97, 130]
  // Two lines: two small trees, then three large ones of which the last finds no sprig.
  const served = [
    { wanted: 0, sprigs: [1] },
    { wanted: 2, sprigs: [2] },
    { wanted: 3, sprigs: [3, 4] },
  ]

  test('each line has its own trees and the sprigs that go into them, by class', () => {
    const [small, large] = sharesByLine({ served }, [2, 3], lengths)
    expect([small!.served, large!.served]).toEqual([1, 2])
    const count = (of: { taken: readonly { count: number }[] }) =>
      of.taken.reduce((sum, own) => sum + own.count, 0)
    expect([count(small!), count(large!)]).toEqual([1, 3])
    for (const { fromMm, toMm, count: many } of large!.taken)
      expect(many).toBe([95, 97, 130].filter((mm) => mm >= fromMm && mm < toMm).length)
  })

  test('nothing shared, no line, and a line that wants nothing', () => {
    expect(sharesByLine({ served: [] }, [2, 0], lengths)).toEqual([
      { served: 0, taken: [] },
      { served: 0, taken: [] },
    ])
    expect(sharesByLine({ served }, [], lengths)).toEqual([])
  })

  test('over all lines as many are served as by the sharing itself', () => {
    const wanted = [70, 80, 90, 100, 110, 120].map((heightMm) => ({ heightMm, sprigs: 1 }))
    const sorting = shareSprigs(lengths, wanted)
    const lines = sharesByLine(sorting, [1, 2, 3], lengths)
    expect(lines.reduce((sum, line) => sum + line.served, 0)).toBe(sorting.served.length)
  })
})

test('a heap’s sprigs lie evenly over its class', () => {
  expect(heapLengths({ fromMm: 60, toMm: 80 }, 4)).toEqual([62.5, 67.5, 72.5, 77.5])
  expect(heapLengths({ fromMm: 60, toMm: 80 }, 0)).toEqual([])
})
