import { useTurns } from '../../../app/composables/turns'

/** A deed that ends when it is told to. */
function slow(told: string[], name: string): { give: () => Promise<void>; end: () => void } {
  let end = (): void => undefined
  const ended = new Promise<void>((resolve) => {
    end = resolve
  })
  return {
    give: async () => {
      told.push(`${name} begins`)
      await ended
      told.push(`${name} ends`)
    },
    end,
  }
}
const settled = async (): Promise<void> => {
  for (let i = 0; i < 12; i += 1) await Promise.resolve()
}

describe('deeds in turn', () => {
  test('what is asked for while another is being written waits for it, and is not lost', async () => {
    const told: string[] = []
    const inTurn = useTurns()
    const [round, piece] = [slow(told, 'round'), slow(told, 'piece')]
    inTurn('round', round.give)
    inTurn('piece', piece.give)
    await settled()
    expect(told).toEqual(['round begins'])
    round.end()
    await settled()
    expect(told).toEqual(['round begins', 'round ends', 'piece begins'])
  })
  test('the same twice while the first is being written is once; afterwards it is another', async () => {
    const told: string[] = []
    const inTurn = useTurns()
    const [first, second, third] = [slow(told, 'first'), slow(told, 'second'), slow(told, 'third')]
    inTurn('piece', first.give)
    inTurn('piece', second.give)
    first.end()
    await settled()
    inTurn('piece', third.give)
    await settled()
    expect(told).toEqual(['first begins', 'first ends', 'third begins'])
  })
  test('one that fails does not keep the others from their turn', async () => {
    const told: string[] = []
    const inTurn = useTurns()
    const failing = new Promise<void>((_, reject) =>
      queueMicrotask(() => reject(new Error('the disc is full'))),
    )
    inTurn('piece', () => failing)
    const next = slow(told, 'next')
    inTurn('undo', next.give)
    await settled()
    expect(told).toEqual(['next begins'])
  })
})
