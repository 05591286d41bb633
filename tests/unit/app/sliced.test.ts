import { effectScope, nextTick, ref, shallowRef, watch } from 'vue'
import { useSliced } from '../../../app/composables/sliced'

interface Item {
  readonly id: number
}
const many = (count: number): Item[] => Array.from({ length: count }, (_, id) => ({ id }))

/** A clock that goes on by 1 ms with each item that is worked out. */
function clocked() {
  let ms = 0
  jest.spyOn(performance, 'now').mockImplementation(() => ms)
  const worked: number[] = []
  return {
    worked,
    work: (id: number): number => {
      ms += 1
      worked.push(id)
      return id * 10
    },
  }
}
beforeEach(() => jest.useFakeTimers({ doNotFake: ['performance', 'nextTick', 'queueMicrotask'] }))
afterEach(() => {
  jest.runOnlyPendingTimers()
  jest.restoreAllMocks()
  jest.useRealTimers()
})

describe('what is worked out by slices', () => {
  test('is there at once where it is little, and not worked out twice', () => {
    const { worked, work } = clocked()
    const { results, left } = useSliced(
      () => items.value,
      ({ id }) => work(id),
    )
    const items = shallowRef(many(10))
    expect(results.value).toEqual([0, 10, 20, 30, 40, 50, 60, 70, 80, 90])
    expect(results.value).toHaveLength(10)
    expect(left.value).toBe(0)
    expect(worked).toHaveLength(10)
    expect(
      useSliced<Item, number>(
        () => [],
        ({ id }) => id,
      ).results.value,
    ).toEqual([])
  })

  test('is worked out again for the one that has changed, or that reads what has changed', async () => {
    const { worked, work } = clocked()
    const factor = ref(1)
    const items = shallowRef(many(10))
    const { results } = useSliced(
      () => items.value,
      ({ id }) => work(id) * (id === 3 ? factor.value : 1),
    )
    const told: (readonly number[])[] = []
    watch(results, (now) => told.push(now), { immediate: true })
    worked.length = 0
    factor.value = 7
    await nextTick()
    expect(worked).toEqual([3])
    expect(told.at(-1)?.[3]).toBe(210)
    worked.length = 0
    items.value = [...items.value.slice(0, 5), { id: 50 }]
    await nextTick()
    expect(worked).toEqual([50])
    expect(told.at(-1)).toEqual([0, 10, 20, 210, 40, 500])
  })

  test('takes no longer than a slice at once; the rest follows, told when it is twice as much', () => {
    const { worked, work } = clocked()
    const items = shallowRef(many(1000))
    const { results, left } = useSliced(
      () => items.value,
      ({ id }) => work(id),
    )
    let told = 0
    watch(results, () => (told += 1), { immediate: true, flush: 'sync' })
    expect(worked.length).toBeLessThanOrEqual(31)
    expect(results.value.length).toBe(worked.length)
    expect(left.value).toBe(1000 - worked.length)
    let most = 0
    for (let tasks = 0; left.value > 0 && tasks < 1000; tasks += 1) {
      const before = worked.length
      jest.advanceTimersToNextTimer()
      most = Math.max(most, worked.length - before)
    }
    // A telling works out another slice.
    expect(most).toBeLessThanOrEqual(62)
    expect(results.value).toHaveLength(1000)
    expect(worked).toHaveLength(1000)
    expect(told).toBeLessThan(10)
  })

  test('what was known stands while all is worked out anew; what is new comes first', async () => {
    const { worked, work } = clocked()
    const day = ref(0)
    const items = shallowRef(many(500))
    const { results, left } = useSliced(
      () => items.value,
      ({ id }) => work(id) + day.value,
    )
    const settle = (): void => {
      for (let tasks = 0; left.value > 0 && tasks < 1000; tasks += 1) jest.runOnlyPendingTimers()
    }
    watch(results, () => undefined, { immediate: true })
    settle()
    day.value = 1
    await nextTick()
    expect(results.value).toHaveLength(500)
    expect(results.value[499]).toBe(4990)
    worked.length = 0
    items.value = [...items.value, { id: 900 }]
    await nextTick()
    expect(worked[0]).toBe(900)
    expect(results.value.at(-1)).toBe(9001)
    settle()
    await nextTick()
    expect(results.value[499]).toBe(4991)
    expect(results.value).toHaveLength(501)
  })

  test('what falls due while it is worked out is worked out again', () => {
    const { work } = clocked()
    const seen = ref(0)
    const items = shallowRef(many(3))
    const { results, left } = useSliced(
      () => items.value,
      ({ id }) => {
        work(id)
        if (id === 2) seen.value = 1
        return id === 2 ? 1 : seen.value
      },
    )
    expect(results.value).toHaveLength(3)
    for (let tasks = 0; left.value > 0 && tasks < 10; tasks += 1) jest.runOnlyPendingTimers()
    expect(results.value).toEqual([1, 1, 1])
  })

  test('what goes wrong is thrown to who reads, until it goes right', () => {
    clocked()
    const broken = ref(true)
    const { results } = useSliced(
      () => [{ id: 1 }, { id: 2 }],
      ({ id }) => {
        if (id === 2 && broken.value) throw new Error('no such thing')
        return id
      },
    )
    expect(() => results.value).toThrow('no such thing')
    broken.value = false
    expect(results.value).toEqual([1, 2])
  })

  test('is left alone when who asked for it has gone', () => {
    const { worked, work } = clocked()
    const items = shallowRef(many(1000))
    const scope = effectScope()
    const sliced = scope.run(() =>
      useSliced(
        () => items.value,
        ({ id }) => work(id),
      ),
    )
    expect(sliced?.results.value.length).toBeGreaterThan(0)
    scope.stop()
    const before = worked.length
    jest.runAllTimers()
    expect(worked).toHaveLength(before)
  })
})
