import fc from 'fast-check'
import {
  dealt,
  isFloor,
  kindsAt,
  lineSchema,
  membersOf,
  mixSchema,
  shownMm,
  sitterParts,
  speciesIdsOf,
  type Line,
} from '../../../core/commissions'
import { speciesById } from '../../../core/plants'
import { line, piece } from '../../support/workshop'

const known = (id: string) => speciesById(id)
const HEDGE: Partial<Line> = {
  speciesId: 'blackthorn',
  amount: { kind: 'length', lengthMm: 1200, section: 'free' },
  mix: [
    { speciesId: 'hawthorn', share: 0.3 },
    { speciesId: 'hazel', share: 0.15 },
  ],
}

describe('the kinds of a line', () => {
  test('its own makes up what the others leave; single pieces are of one kind whatever is stored', () => {
    const kinds = membersOf(line(HEDGE), known)
    expect(kinds.map(({ species }) => species.id)).toEqual(['blackthorn', 'hawthorn', 'hazel'])
    expect(kinds.map(({ share }) => Number(share.toFixed(9)))).toEqual([0.55, 0.3, 0.15])
    expect(membersOf(line({ ...HEDGE, amount: { kind: 'pieces', pieces: 5 } }), known)).toHaveLength(1)
    expect(speciesIdsOf(line(HEDGE))).toEqual(['blackthorn', 'hawthorn', 'hazel'])
  })

  test('a kind that nobody knows is named', () =>
    expect(() =>
      membersOf(line({ ...HEDGE, mix: [{ speciesId: 'triffid', share: 0.2 }] }), (id) =>
        id === 'triffid' ? undefined : known(id),
      ),
    ).toThrow('triffid'))

  test('its own species named again among the others counts once', () =>
    expect(
      membersOf(line({ ...HEDGE, mix: [{ speciesId: 'blackthorn', share: 0.4 }] }), known).map(
        ({ share }) => share,
      ),
    ).toEqual([1]))

  test('shares that leave nothing, the same kind twice, none and too many are refused', () => {
    const of = (...shares: number[]) =>
      mixSchema.safeParse(shares.map((share, i) => ({ speciesId: `s${i}`, share }))).success
    expect(of(0.5, 0.48)).toBe(true)
    expect(of(0.5, 0.49)).toBe(false)
    expect(of()).toBe(false)
    expect(of(0.96)).toBe(false)
    expect(of(0.1, 0.1, 0.1, 0.1, 0.1, 0.1)).toBe(true)
    expect(of(0.1, 0.1, 0.1, 0.1, 0.1, 0.1, 0.1)).toBe(false)
    const twice = [
      { speciesId: 'hazel', share: 0.2 },
      { speciesId: 'hazel', share: 0.2 },
    ]
    expect(lineSchema.safeParse(line({ ...HEDGE, mix: twice })).success).toBe(false)
  })
})

describe('dealing places', () => {
  test('three to two to one over six places', () =>
    expect(dealt([0.5, 1 / 3, 1 / 6], 6).sort()).toEqual([0, 0, 0, 1, 1, 2]))

  test('along the whole row no kind is a place ahead of its share, nor a whole round of kinds behind', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 6 }), (weights) => {
        const all = weights.reduce((sum, weight) => sum + weight, 0)
        const shares = weights.map((weight) => weight / all)
        const places = dealt(shares, 60)
        const given = shares.map(() => 0)
        places.forEach((kind, at) => {
          given[kind] = (given[kind] ?? 0) + 1
          shares.forEach((share, i) => {
            expect((given[i] ?? 0) - share * (at + 1)).toBeLessThan(1)
            expect(share * (at + 1) - (given[i] ?? 0)).toBeLessThan(shares.length)
          })
        })
      }),
      { numRuns: 60 },
    )
  })

  test('of one kind every place is its', () => expect(kindsAt([{ share: 1 }], 4)).toEqual([0, 0, 0, 0]))
})

describe('a mixed line drawn', () => {
  const partsOf = (over: Partial<Line>) => {
    const { members, size } = piece(over)
    const kinds = members.map(({ species, share, size: own, piece: { seeThrough } }) => ({
      species,
      share,
      size: own,
      seeThrough,
    }))
    const [own, ...others] = kinds
    return { parts: sitterParts(line(over), [own!, ...others]), size }
  }

  test('a hedge: runs of each kind in their shares, as high and thick as the hedge, end to end', () => {
    const { parts, size } = partsOf(HEDGE)
    const whole = shownMm(line(HEDGE).amount, size)
    const lengths = parts.map(({ sitter }) => sitter.habitus.row!.lengthMm)
    for (const { sitter } of parts) {
      expect(sitter.habitus.heightMm).toBeCloseTo(size.heightMm / size.heightShare, 9)
      expect(sitter.habitus.crownWidthMm).toBeCloseTo(size.crownWidthMm, 9)
    }
    // They begin and end with the stretch, and neighbours overlap.
    const spans = parts.map(({ offsetMm }, i) => [offsetMm - lengths[i]! / 2, offsetMm + lengths[i]! / 2])
    expect(Math.min(...spans.map(([from]) => from!))).toBeCloseTo(-whole / 2, 6)
    expect(Math.max(...spans.map(([, to]) => to!))).toBeCloseTo(whole / 2, 6)
    spans.slice(1).forEach(([from], i) => expect(from!).toBeLessThan(spans[i]![1]!))
    expect(new Set(parts.map(({ of }) => of.species.id))).toEqual(
      new Set(['blackthorn', 'hawthorn', 'hazel']),
    )
    expect(new Set(parts.map(({ sitter }) => sitter.seed)).size).toBe(parts.length)
  })

  test('a sward: every kind over the whole patch, with its share of the shoots', () => {
    const { parts } = partsOf({
      speciesId: 'meadow-grass',
      amount: { kind: 'area', areaCm2: 400 },
      mix: [{ speciesId: 'fescue', share: 0.35 }],
    })
    expect(parts.map(({ sitter }) => Number(sitter.habitus.row!.share!.toFixed(9)))).toEqual([0.65, 0.35])
    expect(parts.map(({ offsetMm }) => offsetMm)).toEqual([0, 0])
  })

  test('of one kind it is what it was: one drawing, of the line’s own seed', () => {
    const { parts } = partsOf({ ...HEDGE, mix: undefined })
    expect(parts).toHaveLength(1)
    expect(parts[0]!.offsetMm).toBe(0)
  })
})

describe('the floor under trees', () => {
  test('so much ground of a tree is what it drops: low, dry leaf, never a tree', () => {
    const floor = piece({ speciesId: 'beech', amount: { kind: 'area', areaCm2: 300 }, heightM: 25 })
    expect(floor.piece.floor).toBe(true)
    expect(floor.piece.heightMm).toBeLessThan(1)
    expect(floor.look.words).toBe('leaf litter')
    expect(floor.piece.leaf).toBe(1)
    expect(piece({ speciesId: 'beech' }).piece.floor).toBeUndefined()
  })

  test('grass, hedges and climbers by area are no floor', () => {
    const area = { amount: { kind: 'area' as const, areaCm2: 100 } }
    expect(isFloor(area, speciesById('meadow-grass'))).toBe(false)
    expect(isFloor(area, speciesById('ivy'))).toBe(false)
    expect(isFloor({ amount: { kind: 'length', lengthMm: 90, section: 'free' } }, speciesById('beech'))).toBe(
      false,
    )
  })
})
