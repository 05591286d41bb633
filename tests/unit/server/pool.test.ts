import { resolve } from 'node:path'
import { AT_WORK, MOST_WAITING, poolOf, withinMs, type Outcome, type Pool } from '../../../server/jobs/pool'

const never = new AbortController().signal
let pool: Pool
let loaded = false
const order = (does: string, ms = 0, gone = never): Promise<Outcome> =>
  pool.run({ kind: 'sheets', name: 'template', body: Buffer.from(JSON.stringify({ does, ms })) }, gone)
const kinds = async (orders: readonly Promise<Outcome>[]): Promise<string[]> =>
  (await Promise.all(orders)).map(({ kind }) => kind)

describe('the pool that prints', () => {
  beforeEach(() => {
    pool = poolOf(resolve('tests/fixtures/pool-worker.mjs'), {
      answeredWithinMs: 1_200,
      workedLongMs: 500,
      isOverloaded: () => loaded,
    })
  })
  afterEach(() => {
    loaded = false
    return pool.close()
  })

  test('what can be done is done', async () => {
    expect(await order('work')).toEqual({ kind: 'done', bytes: new Uint8Array([1, 2, 3]) })
  })

  test('work without an end is ended, and what comes after it is done all the same', async () => {
    expect(await kinds(Array.from({ length: AT_WORK }, () => order('for ever')))).toEqual(
      Array.from({ length: AT_WORK }, () => 'too-large'),
    )
    expect(await kinds([order('work'), order('work'), order('work')])).toEqual(['done', 'done', 'done'])
  })

  test('what takes more memory than a worker has is told, and the server lives on', async () => {
    expect(await order('hoard')).toEqual({ kind: 'too-large' })
    expect(await order('work')).toMatchObject({ kind: 'done' })
  })

  test('what runs out of memory just as it is given up ends nobody but its worker', async () => {
    await order('work')
    const began = performance.now()
    await order('hoard')
    const whole = performance.now() - began
    for (let share = 0.9; share < 1.01; share += 0.01) {
      const gone = new AbortController()
      const hoarding = order('hoard', 0, gone.signal)
      setTimeout(() => gone.abort(), whole * share)
      expect(['gone', 'too-large']).toContain((await hoarding).kind)
    }
    expect(await order('work')).toMatchObject({ kind: 'done' })
  })

  test('more than wait at the most are told at once that it is busy; those whose turn does not come, in time', async () => {
    const blocking = Array.from({ length: AT_WORK }, () => order('for ever'))
    const waiting = Array.from({ length: MOST_WAITING }, () => order('for ever'))
    const one = await order('work')
    expect(one).toEqual({ kind: 'busy' })
    expect(await kinds(blocking)).toEqual(Array.from({ length: AT_WORK }, () => 'too-large'))
    expect(new Set(await kinds(waiting))).toEqual(new Set(['busy']))
  })

  test('an order that nobody waits for any more is dropped: it takes no turn, and what is at work is ended', async () => {
    const gone = new AbortController()
    const left = Array.from({ length: AT_WORK + 4 }, () => order('for ever', 0, gone.signal))
    gone.abort()
    expect(new Set(await kinds(left))).toEqual(new Set(['gone']))
    expect(await order('work')).toMatchObject({ kind: 'done' })
  })

  test('what is late on a machine that others load may be sent again', async () => {
    loaded = true
    expect(await order('for ever')).toEqual({ kind: 'busy' })
  })

  test('a fault in the worker is a fault here', async () => {
    await expect(order('throw')).rejects.toThrow('the worker was told to')
    expect(await order('work')).toMatchObject({ kind: 'done' })
  })

  test('a slow machine may be given more time; what is no time is named', () => {
    expect([withinMs(undefined), withinMs(''), withinMs('30000')]).toEqual([4_500, 4_500, 30_000])
    for (const wrong of ['soon', '0', '499', '120001', '1000.5'])
      expect(() => withinMs(wrong)).toThrow(
        `PRINT_WITHIN_MS: read “${wrong}”; allowed is a whole number of ms`,
      )
  })
})
