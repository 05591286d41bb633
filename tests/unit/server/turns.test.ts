import { inTurn } from '../../../server/utils/turns'

/** Work that ends when it is told to. */
function work(): { begun: boolean; end: (value: number) => void; done: Promise<number | undefined> } {
  const state = { begun: false, end: (_value: number) => {} }
  const done = inTurn(
    () =>
      new Promise<number>((resolve) => {
        state.begun = true
        state.end = resolve
      }),
  )
  return {
    get begun() {
      return state.begun
    },
    end: (value) => state.end(value),
    done,
  }
}
const settle = (): Promise<void> => jest.advanceTimersByTimeAsync(0)

describe('orders in turn', () => {
  beforeEach(() => jest.useFakeTimers())
  afterEach(() => jest.useRealTimers())

  test('two are worked on at once, the others as these end', async () => {
    const all = [work(), work(), work()]
    await settle()
    expect(all.map(({ begun }) => begun)).toEqual([true, true, false])
    all[1]!.end(2)
    await settle()
    expect(all[2]!.begun).toBe(true)
    all[0]!.end(1)
    all[2]!.end(3)
    expect(await Promise.all(all.map(({ done }) => done))).toEqual([1, 2, 3])
  })

  test('who waits too long is told that the server is busy, and is not worked on later', async () => {
    const all = [work(), work(), work(), work()]
    await jest.advanceTimersByTimeAsync(2_900)
    all[0]!.end(1)
    await settle()
    expect(all[2]!.begun).toBe(true)
    await jest.advanceTimersByTimeAsync(200)
    expect(await all[3]!.done).toBeUndefined()
    all[1]!.end(2)
    all[2]!.end(3)
    await settle()
    expect(all[3]!.begun).toBe(false)
    const after = work()
    await settle()
    expect(after.begun).toBe(true)
    after.end(5)
    expect(await after.done).toBe(5)
  })

  test('work that fails gives its turn on', async () => {
    const failing = inTurn(() => Promise.reject(new Error('no paper')))
    await expect(failing).rejects.toThrow('no paper')
    const next = work()
    await settle()
    expect(next.begun).toBe(true)
    next.end(1)
    expect(await next.done).toBe(1)
  })

  test('beyond sixty that wait the server is busy at once', async () => {
    const running = [work(), work()]
    const queue = Array.from({ length: 60 }, () => work())
    expect(await inTurn(() => Promise.resolve(1))).toBeUndefined()
    for (const one of [...running, ...queue]) {
      await settle()
      one.end(0)
    }
    expect((await Promise.all(queue.map(({ done }) => done))).every((value) => value === 0)).toBe(true)
  })
})
