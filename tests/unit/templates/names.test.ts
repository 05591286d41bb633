import { namesApart, namesInLines } from '../../../core/templates'

describe('names on a drawing', () => {
  const box = (name: string, x: number, y: number) => ({ name, x, y, width: 12 })
  test('what comes first keeps its place; who would lie over it is left out, and covers nobody', () => {
    const shown = namesApart([box('A1', 0, 0), box('B1', 8, 4), box('C1', 16, 4), box('D1', 8, 20)], 10)
    expect([...shown]).toEqual(['A1', 'C1', 'D1'])
  })
  test('side by side and one above the other they all stand', () => {
    expect(namesApart([box('A1', 0, 0), box('A2', 12, 0), box('A3', 0, 10)], 10).size).toBe(3)
  })
})

describe('names in lines', () => {
  test('side by side on the first line where there is room, else on the next', () => {
    const names = [
      { x: 0, width: 40 },
      { x: 20, width: 40 },
      { x: 41, width: 40 },
      { x: 60, width: 40 },
    ]
    expect(namesInLines(names, 2, 500)).toEqual([
      { line: 0, x: 0 },
      { line: 1, x: 20 },
      { line: 0, x: 41 },
      { line: 1, x: 60 },
    ])
  })
  test('what finds no room is left out, and takes none from the others', () => {
    const names = [0, 1, 2, 45].map((x) => ({ x, width: 40 }))
    expect(namesInLines(names, 2, 500).map((one) => one?.line)).toEqual([0, 1, undefined, 0])
  })
  test('where there is no room for all, those that come first have theirs; where there is, nothing moves', () => {
    const names = [0, 1, 2, 45].map((x) => ({ x, width: 40, first: x === 2 }))
    expect(namesInLines(names, 2, 500).map((one) => one?.line)).toEqual([1, undefined, 0, 0])
    expect(namesInLines(names, 3, 500).map((one) => one?.line)).toEqual([0, 1, 2, 0])
  })
  test('at the edge they begin sooner; nothing begins before the drawing', () => {
    expect(namesInLines([{ x: 480, width: 60 }], 1, 500)).toEqual([{ line: 0, x: 440 }])
    expect(namesInLines([{ x: 10, width: 600 }], 1, 500)).toEqual([{ line: 0, x: 0 }])
  })
})
