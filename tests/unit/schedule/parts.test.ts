import { activityPartsOf } from '../../../core/schedule'
import { dry, hands } from '../../support/benches'

describe('parts of a step', () => {
  const limits = { longestMin: 150, boringMin: 60 }
  it('are one where it fits, even ones where it is too much in a row, none lost', () => {
    expect(activityPartsOf({ hands: hands(5, 1) }, 30, limits)).toEqual([
      { firstPiece: 0, pieces: 30, minutes: 35 },
    ])
    expect(activityPartsOf({ hands: hands(5, 2) }, 60, limits)).toEqual([
      { firstPiece: 0, pieces: 20, minutes: 45 },
      { firstPiece: 20, pieces: 20, minutes: 45 },
      { firstPiece: 40, pieces: 20, minutes: 45 },
    ])
  })
  it('are whole rounds where a window makes rounds', () => {
    const step = {
      hands: hands(0, 2),
      within: { sec: 900, what: '', origin: 'memory' as const },
      atOnce: { count: 7, because: 'window' as const, what: '' },
    }
    const parts = activityPartsOf(step, 50, limits)
    expect(parts.map(({ pieces }) => pieces).reduce((a, b) => a + b)).toBe(50)
    for (const { pieces } of parts.slice(0, -1)) expect(pieces % 7).toBe(0)
  })
  it('hold, for a thousand kinds of step, every piece once and no more than can be borne', () => {
    for (let once = 0; once < 10; once += 1)
      for (let each = 1; each <= 10; each += 1)
        for (const pieces of [1, 2, 3, 7, 12, 40, 117, 400, 1000, 2500]) {
          const step = { hands: hands(once * 3, each / 2) }
          const parts = activityPartsOf(step, pieces, limits)
          let next = 0
          for (const part of parts) {
            if (part.firstPiece !== next || part.minutes > 60)
              throw new Error(`${once} + ${each} × ${pieces}: ${JSON.stringify(part)}`)
            next += part.pieces
          }
          expect(next).toBe(pieces)
        }
  })
  it('stay whole where one piece takes longer than any session, and say so by their length', () => {
    expect(activityPartsOf({ hands: hands(0, 400) }, 2, limits).map(({ minutes }) => minutes)).toEqual([
      400, 400,
    ])
  })
  it('a wait that must be attended is time at the bench', () => {
    const step = { hands: hands(5, 0), wait: { ...dry(60), attended: true } }
    expect(activityPartsOf(step, 1, { longestMin: 150, boringMin: 60 })[0]?.minutes).toBe(65)
  })
})
