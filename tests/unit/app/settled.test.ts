import { computed, effectScope, nextTick, ref, watch } from 'vue'
import type { Breathing } from '../../../core/units'
import { isBehind, useSettled } from '../../../app/composables/settled'
import { holdBack, letGoOn } from '../../../app/composables/when-idle'

/** A clock that goes on by so many ms with each part of a work. */
function clocked(eachMs: number) {
  let ms = 0
  jest.spyOn(performance, 'now').mockImplementation(() => ms)
  let times = 0
  function* work<T>(value: T, parts: number): Breathing<T> {
    for (let i = 0; i < parts; i += 1) {
      ms += eachMs
      times += 1
      yield
    }
    return value
  }
  return { times: () => times, work }
}
beforeEach(() => jest.useFakeTimers({ doNotFake: ['performance', 'nextTick', 'queueMicrotask'] }))
afterEach(() => {
  jest.runOnlyPendingTimers()
  jest.restoreAllMocks()
  jest.useRealTimers()
})

describe('what is worked out in tasks of its own where it is much', () => {
  test('is worked out at once where it is little, and once for all who read it', () => {
    const { times, work } = clocked(2)
    const factor = ref(1)
    const value = useSettled(() => work(factor.value * 10, 3))
    expect([value.value, value.value]).toEqual([10, 10])
    factor.value = 2
    expect(value.value).toBe(20)
    expect(times()).toBe(6)
  })

  test('stands as it was while what is much is still to come, and is told when it is there', async () => {
    const { work } = clocked(10)
    const factor = ref(1)
    const value = useSettled(() => work(factor.value * 10, 12))
    const after = useSettled(() => work(value.value + 1, 12))
    const told: number[] = []
    watch(after, (now) => told.push(now), { immediate: true })
    expect(told).toEqual([11])
    factor.value = 2
    factor.value = 3
    await nextTick()
    // Twelve parts of 10 ms: three slices and a bit.
    expect([value.value, after.value]).toEqual([10, 11])
    expect(isBehind(value)).toBe(true)
    jest.advanceTimersToNextTimer()
    expect([value.value, after.value]).toEqual([10, 11])
    for (let i = 0; i < 30; i += 1) {
      jest.advanceTimersToNextTimer()
      await nextTick()
    }
    expect(told).toEqual([11, 31])
    expect(value.value).toBe(30)
    expect([isBehind(value), isBehind(after)]).toEqual([false, false])
  })

  test('begins afresh where what it builds on changes on the way', () => {
    const { work } = clocked(10)
    const factor = ref(1)
    const value = useSettled(() => work(factor.value * 10, 12))
    expect(value.value).toBe(10)
    factor.value = 2
    expect(value.value).toBe(10)
    jest.advanceTimersToNextTimer()
    factor.value = 3
    jest.runAllTimers()
    expect(value.value).toBe(30)
  })

  test('is not worked out again where what it builds on comes out the same', () => {
    const { times, work } = clocked(50)
    const day = ref(3)
    const month = computed(() => Math.floor(day.value / 30))
    const value = useSettled(() => work(month.value, 1))
    expect(value.value).toBe(0)
    day.value = 31
    jest.runAllTimers()
    expect(value.value).toBe(1)
    const before = times()
    day.value = 32
    expect(value.value).toBe(1)
    jest.runAllTimers()
    expect(times()).toBeLessThanOrEqual(before + 1)
  })

  test('has something to show before the first is there', () => {
    const { work } = clocked(10)
    const value = useSettled(() => work('all', 12), 'nothing yet')
    expect(value.value).toBe('nothing yet')
    jest.runAllTimers()
    expect(value.value).toBe('all')
  })

  test('waits while something more pressing is under way', () => {
    const { work } = clocked(10)
    const factor = ref(1)
    const value = useSettled(() => work(factor.value, 12))
    expect(value.value).toBe(1)
    holdBack()
    factor.value = 2
    expect(value.value).toBe(1)
    jest.advanceTimersByTime(1_000)
    expect(value.value).toBe(1)
    letGoOn()
    jest.advanceTimersByTime(1_000)
    expect(value.value).toBe(2)
  })

  test('is left alone when who asked for it has gone', () => {
    const { times, work } = clocked(10)
    const factor = ref(1)
    const scope = effectScope()
    const value = scope.run(() => useSettled(() => work(factor.value, 12)))
    expect(value?.value).toBe(1)
    factor.value = 2
    expect(value?.value).toBe(1)
    scope.stop()
    const before = times()
    jest.runAllTimers()
    expect(times()).toBe(before)
  })

  test('throws what went wrong to who reads it, and is tried again', () => {
    const broken = ref(true)
    const value = useSettled(() => pieceOf(broken.value))
    expect(() => value.value).toThrow('no jar')
    broken.value = false
    expect(value.value).toBe('a jar')
  })
})

function* pieceOf(isBroken: boolean): Breathing<string> {
  yield
  if (isBroken) throw new Error('no jar')
  return 'a jar'
}
