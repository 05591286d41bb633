import fc from 'fast-check'
import { ages, habitatIds, speciesById, speciesTable, type HabitatId } from '../../../core/plants'
import {
  groupsOf,
  layerOf,
  suggestPlanting,
  type PlantingWish,
  type SuggestedLine,
} from '../../../core/planting'

const suggest = (wish: PlantingWish): SuggestedLine[] => {
  const reading = suggestPlanting(wish, speciesTable)
  if (reading.kind === 'none') throw new Error(reading.because)
  return reading.value
}
const wish = (over: Partial<PlantingWish> = {}): PlantingWish => ({
  areaM2: 7888,
  habitats: ['woodland-edge'],
  pieces: 150,
  ...over,
})

describe('a suggested planting', () => {
  test('woodland edge of 0.9 m × 0.4 m at 1:148: trees behind, shrubs before them, grass in front', () => {
    const lines = suggest(wish())
    const of = (layer: string) => lines.filter((line) => line.layer === layer)
    expect([of('tree').length > 2, of('shrub').length > 1, of('ground').length > 1]).toEqual([
      true,
      true,
      true,
    ])
    expect(of('tree').every(({ zone }) => zone !== 'front')).toBe(true)
    expect(of('ground').every(({ zone }) => zone === 'front')).toBe(true)
    expect(
      lines.every(({ speciesId }) =>
        speciesById(speciesId).habitats.some(({ habitat }) => habitat === 'woodland-edge'),
      ),
    ).toBe(true)
    const total = lines.reduce((sum, { pieces }) => sum + pieces, 0)
    expect(total).toBeLessThanOrEqual(150)
    expect(total).toBeGreaterThan(120)
  })

  test.each([...habitatIds])('%s has a planting on a hectare, with a reason on each line', (id) => {
    const lines = suggest(wish({ areaM2: 10_000, habitats: [id], pieces: 200 }))
    expect(lines.length).toBeGreaterThan(2)
    for (const line of lines) {
      expect(line.reason).toMatch(/to the hectare is usual \(.+\): .+ on 1 ha/)
      expect(line.groups.reduce((sum, size) => sum + size, 0)).toBe(line.pieces)
      expect(line.groups.every((size) => size % 2 === 1)).toBe(true)
    }
  })

  test('of several habitats each has its part of the ground, and the reason says so', () => {
    const reasonOf = (habitats: HabitatId[], id: string): string =>
      suggest(wish({ areaM2: 10_000, habitats })).find(({ speciesId }) => speciesId === id)!.reason
    expect(reasonOf(['woodland-edge'], 'beech')).toMatch(
      /^30 to the hectare is usual \(woodland edge\): 30 on 1 ha;/,
    )
    expect(reasonOf(['woodland-edge', 'hay-meadow'], 'beech')).toMatch(
      /^30 to the hectare is usual \(woodland edge\), on half of the ground: 15 on 1 ha;/,
    )
    expect(reasonOf(['woodland-edge', 'hay-meadow'], 'hawthorn')).toMatch(
      /^80 to the hectare is usual \(woodland edge\), 2 \(hay meadow\), each on half of the ground: 41 on 1 ha;/,
    )
  })

  test('a reason names the pieces that the line has, also after the last were left out to keep to the budget', () => {
    for (const id of habitatIds)
      for (const line of suggest(wish({ areaM2: 6830, habitats: [id] }))) {
        const named = / thinned to (\d+) for 150 pieces/.exec(line.reason)?.[1]
        if (named !== undefined) expect(Number(named)).toBe(line.pieces)
        if (line.groups.length > 1) expect(line.reason).toContain([...new Set(line.groups)].join(' or '))
      }
  })

  test('never more than wanted, whatever is asked', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 1e6, noNaN: true }),
        fc.subarray([...habitatIds] as HabitatId[], { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 1, max: 900 }),
        (areaM2, habitats, pieces) => {
          const reading = suggestPlanting({ areaM2, habitats, pieces }, speciesTable)
          if (reading.kind === 'none') return
          expect(reading.value.reduce((sum, line) => sum + line.pieces, 0)).toBeLessThanOrEqual(pieces)
          expect(reading.value.every((line) => line.pieces > 0 && line.heightM > 0)).toBe(true)
        },
      ),
    )
  })

  test('where the budget does not bind, numbers are the habitat’s own', () => {
    const lines = suggest(wish({ areaM2: 10_000, habitats: ['orchard'], pieces: 5000 }))
    const apples = lines
      .filter(({ speciesId }) => speciesId === 'apple')
      .reduce((sum, { pieces }) => sum + pieces, 0)
    expect(Math.abs(apples - 110)).toBeLessThanOrEqual(3)
    expect(lines.find(({ speciesId }) => speciesId === 'apple')!.reason).not.toContain('thinned')
  })

  test('the larger of a kind stand before the smaller', () => {
    const place = { front: 0, middle: 1, back: 2 }
    for (const id of habitatIds) {
      const lines = suggest(wish({ areaM2: 20_000, habitats: [id], pieces: 300 }))
      for (const a of lines)
        for (const b of lines)
          if (a.speciesId === b.speciesId && a.heightM > b.heightM)
            expect(place[a.zone]).toBeLessThanOrEqual(place[b.zone])
    }
  })

  test('an age mix of one’s own is kept to', () => {
    const lines = suggest(wish({ ages: [0, 0, 0, 1] }))
    expect(new Set(lines.map(({ age }) => age))).toEqual(new Set([ages[3]]))
  })

  test('says why when there is nothing to suggest', () => {
    expect(suggestPlanting(wish({ habitats: [] }), speciesTable)).toMatchObject({
      kind: 'none',
      because: expect.stringContaining('habitat') as string,
    })
    expect(suggestPlanting(wish({ areaM2: 0.01 }), speciesTable)).toMatchObject({
      kind: 'none',
      because: expect.stringContaining('larger area') as string,
    })
    expect(suggestPlanting(wish(), [])).toMatchObject({ kind: 'none' })
    expect(() => suggestPlanting(wish({ areaM2: -1 }), speciesTable)).toThrow('area is -1 m²')
    expect(() => suggestPlanting(wish({ ages: [0, 0, 0, 0] }), speciesTable)).toThrow('age shares')
  })

  test('groups are odd, as large as the kind stands together, and use up what there is', () => {
    fc.assert(
      fc.property(fc.constantFrom(...speciesTable), fc.integer({ min: 1, max: 200 }), (species, pieces) => {
        const groups = groupsOf(species, pieces)
        expect(groups.every((size) => size % 2 === 1 && size <= Math.max(1, species.groups.size[1]))).toBe(
          true,
        )
        expect(groups.reduce((sum, size) => sum + size, 0)).toBe(pieces)
      }),
    )
    expect(layerOf(speciesById('ivy'))).toBe('shrub')
  })
})
