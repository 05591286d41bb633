import { loansOf } from '../../../core/tools'

const loan = (count: string, to = 'the club', since = '2026-10-01') => ({ count, to, since })

describe('loans of a tool, as they are typed', () => {
  it('are read with to whom and since when', () => {
    expect(loansOf([loan('2', ' Mill club '), loan('1.5')], 10, 1)).toEqual({
      kind: 'ok',
      value: [
        { count: 2, to: 'Mill club', since: '2026-10-01' },
        { count: 1.5, to: 'the club', since: '2026-10-01' },
      ],
    })
    expect(loansOf([], 0, 0)).toEqual({ kind: 'ok', value: [] })
  })
  it.each([
    [loan('two'), 'Lent: read “two”'],
    [loan('-1'), 'Lent: read “-1”'],
    [loan('1', '  '), 'say to whom'],
    [loan('1', 'the club', ''), 'say since when'],
  ])('say what is missing: %j', (typed, because) => {
    const read = loansOf([typed], 10, 0)
    expect(read.kind === 'none' && read.because).toContain(because)
  })
  it('are no more than there are, with those that are worn', () => {
    expect(loansOf([loan('3'), loan('4')], 10, 3).kind).toBe('ok')
    const read = loansOf([loan('3'), loan('4')], 10, 4)
    expect(read.kind === 'none' && read.because).toBe(
      'Read 7 lent and 4 worn of 10; together they can’t be more than there are.',
    )
  })
})
