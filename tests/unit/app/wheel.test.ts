import { wheelFactor, wheelZooms } from '../../../app/drawing/wheel'

const turn = (over: Partial<{ deltaY: number; deltaMode: number; ctrlKey: boolean; metaKey: boolean }>) => ({
  deltaY: -100,
  deltaMode: 0,
  ctrlKey: false,
  metaKey: false,
  ...over,
})

describe('the wheel over the line-up', () => {
  test('500 px forwards is twice as near, and back again as far', () => {
    expect(wheelFactor(turn({ deltaY: -500 }))).toBeCloseTo(2, 9)
    expect(wheelFactor(turn({ deltaY: 500 }))).toBeCloseTo(0.5, 9)
  })
  test('twenty lines, a page, and 50 px of a pinch are as much', () => {
    expect(wheelFactor(turn({ deltaY: -20, deltaMode: 1 }))).toBeCloseTo(2, 9)
    expect(wheelFactor(turn({ deltaY: -1, deltaMode: 2 }))).toBeCloseTo(2, 9)
    expect(wheelFactor(turn({ deltaY: -50, ctrlKey: true }))).toBeCloseTo(2, 9)
  })
  test('the whole is looked nearer at, and scrolled away from', () => {
    const whole = { zoom: 1, panX: 0, panY: 0 }
    expect(wheelZooms(turn({}), whole)).toBe(true)
    expect(wheelZooms(turn({ deltaY: 100 }), whole)).toBe(false)
    expect(wheelZooms(turn({ deltaY: 100, ctrlKey: true }), whole)).toBe(true)
    expect(wheelZooms(turn({ deltaY: 100 }), { ...whole, zoom: 2 })).toBe(true)
  })
})
