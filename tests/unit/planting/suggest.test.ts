import fc from 'fast-check'
import { ages, formOf, habitatIds, speciesById, speciesTable, type HabitatId } from '../../../core/plants'
import {
  bedsOf,
  boardOf,
  layerGroupsOf,
  layerOf,
  planPlanting,
  suggestPlanting,
  type PlantingWish,
  type SuggestedLine,
} from '../../../core/planting'
import { commission, line } from '../../support/workshop'

const suggest = (wish: PlantingWish): SuggestedLine[] => {
  const reading = suggestPlanting(wish, speciesTable)
  if (reading.kind === 'none') throw new Error(reading.because)
  return [...reading.value.lines]
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

  test('what stands singly is said to', () => {
    const all = habitatIds.flatMap((id) => suggest(wish({ areaM2: 6800, habitats: [id], pieces: 150 })))
    const single = all.filter(({ groups }) => groups.every((size) => size === 1))
    expect(single.length).toBeGreaterThan(0)
    for (const { reason } of single) expect(reason).toMatch(/stands alone|one by one|in rows|in a bed/)
    for (const { reason } of all) expect(reason).not.toContain(', 1 at a time')
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
        if (line.groups.some((size) => size > 1) && line.stands === undefined)
          expect(line.reason).toContain([...new Set(line.groups)].join(' or '))
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
          expect(reading.value.lines.reduce((sum, line) => sum + line.pieces, 0)).toBeLessThanOrEqual(pieces)
          expect(reading.value.lines.every((line) => line.pieces > 0 && line.heightM > 0)).toBe(true)
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

  test('the larger trees of a kind stand before the smaller, and nothing tall before the low', () => {
    const place = { front: 0, middle: 1, back: 2 }
    for (const id of habitatIds) {
      const lines = suggest(wish({ areaM2: 20_000, habitats: [id], pieces: 300 }))
      for (const a of lines)
        for (const b of lines)
          if (a.layer === 'tree' && a.speciesId === b.speciesId && a.heightM > b.heightM)
            expect(place[a.zone]).toBeLessThanOrEqual(place[b.zone])
      for (const line of lines) {
        expect([line.name, line.zone === 'front']).toEqual([
          line.name,
          line.layer === 'ground' || line.stands === 'bed',
        ])
      }
    }
  })

  test('an age mix of one’s own is kept to', () => {
    const lines = suggest(wish({ ages: [0, 0, 0, 1] }))
    expect(new Set(lines.map(({ age }) => age))).toEqual(new Set([ages[3]]))
  })

  const told = (over: Partial<PlantingWish>) => {
    const reading = suggestPlanting(wish(over), speciesTable)
    if (reading.kind === 'none') throw new Error(reading.because)
    return reading.value
  }

  test('four hundred pieces of broadleaf wood on 0.9 × 0.4 m at 1:87: veterans too, narrow crowns, and all of it has room', () => {
    const areaM2 = 0.9 * 87.1 * (0.4 * 87.1)
    const { lines, said } = told({ areaM2, habitats: ['broadleaf-wood'], pieces: 400 })
    expect(lines.some(({ age, layer }) => age === 'veteran' && layer === 'tree')).toBe(true)
    for (const { layer, speciesId, age, crownWidthM } of lines)
      if (layer === 'tree')
        expect(crownWidthM! / formOf(speciesById(speciesId), age).crownWidthM).toBeCloseTo(0.55, 1)
    // Kinds that are not among the lines are named.
    const kinds = speciesTable.filter(({ habitats }) =>
      habitats.some(({ habitat }) => habitat === 'broadleaf-wood'),
    )
    for (const { id, common } of kinds)
      if (!lines.some(({ speciesId }) => speciesId === id)) expect(said.join(' ')).toContain(common)
    // Shrubs and herbs stand under the trees, and nothing is left without room unsaid.
    const job = commission({ ratio: 87.1, boardWidthMm: 900, boardDepthMm: 400, stature: 0.75 })
    const planted = lines.map((row, i) => ({
      line: line({
        id: `l${i}`,
        speciesId: row.speciesId,
        age: row.age,
        amount: { kind: 'pieces', pieces: row.pieces },
        zone: row.zone,
        ...(row.crownWidthM === undefined ? {} : { crownWidthM: row.crownWidthM }),
      }),
      species: speciesById(row.speciesId),
    }))
    const plan = planPlanting(boardOf(job)!, bedsOf(job, planted), 's')
    const all = lines.reduce((sum, row) => sum + row.pieces, 0)
    const left = plan.left.reduce((sum, row) => sum + row.pieces, 0)
    expect(plan.spots.length + left).toBe(all)
    expect(left / all).toBeLessThan(0.1)
    const veterans = planted.filter((row) => row.line.age === 'veteran').map((row) => row.line.id)
    expect(plan.spots.some(({ lineId }) => veterans.includes(lineId))).toBe(true)
  })

  test('natural spacing on a part, or thin over all: the part is told, and its numbers are nature’s', () => {
    const whole = told({ habitats: ['woodland-edge'], areaM2: 10_000, pieces: 100, spread: 'all' })
    const part = told({ habitats: ['woodland-edge'], areaM2: 10_000, pieces: 100, spread: 'part' })
    expect(whole.plantedShare).toBe(1)
    expect(part.plantedShare).toBeGreaterThan(0)
    expect(part.plantedShare).toBeLessThan(0.2)
    expect(part.said[0]).toMatch(/% of the ground is planted as closely as it grows there/)
    expect(part.lines.every(({ reason }) => !/thinned/.test(reason))).toBe(true)
  })

  test('tall growth stands in front only where it is asked for', () => {
    const zones = (tallInFront: boolean) =>
      told({ tallInFront })
        .lines.filter(({ layer }) => layer === 'tree')
        .map(({ zone }) => zone)
    expect(zones(false)).not.toContain('front')
    expect(zones(true)).toContain('front')
  })

  test('a hedge-bank stands in rows', () => {
    for (const { stands } of told({ habitats: ['hedge-bank'], areaM2: 2000 }).lines)
      expect(stands).toBe('row')
  })

  test('kinds of different parts of the world are not mixed', () => {
    expect(
      suggestPlanting(wish({ habitats: ['broadleaf-wood', 'australian-bush'] }), speciesTable),
    ).toMatchObject({
      kind: 'none',
      because: expect.stringMatching(/don’t grow together/) as string,
    })
  })

  test('a display of 0.3 × 0.3 m at 1:24 is a vignette: one leads, a few shrubs, a climber, ground', () => {
    const { lines, said } = told({ areaM2: (0.3 * 24) ** 2, habitats: ['garden'], pieces: 40 })
    expect(lines[0]?.pieces).toBe(1)
    expect(lines[0]?.reason).toMatch(/leads the scene/)
    expect(
      lines.filter(({ layer }) => layer === 'tree').reduce((sum, { pieces }) => sum + pieces, 0),
    ).toBeLessThanOrEqual(1)
    const shrubs = lines.filter(({ layer }) => layer === 'shrub')
    expect(shrubs.length).toBeGreaterThanOrEqual(2)
    expect(shrubs.some(({ speciesId }) => speciesById(speciesId).habit === 'climber')).toBe(true)
    expect(lines.some(({ layer }) => layer === 'ground')).toBe(true)
    expect(lines.reduce((sum, { pieces }) => sum + pieces, 0)).toBeLessThanOrEqual(40)
    expect(said[0]).toMatch(/small display/)
    const side = 0.3 * 24
    for (const { speciesId, age } of lines)
      expect(formOf(speciesById(speciesId), age).crownWidthM).toBeLessThanOrEqual(side * 0.7 + 1e-9)
  })

  test('in a small garden flowers stand in a drift, and grass takes the rest as far as there is ground', () => {
    const areaM2 = (0.3 * 24) ** 2
    const of = (pieces: number) =>
      new Map(
        told({ areaM2, habitats: ['garden'], pieces }).lines.map((line) => [line.speciesId, line.pieces]),
      )
    const many = of(150)
    expect(many.get('foxglove') ?? 0).toBeLessThanOrEqual(speciesById('foxglove').groups.size[1])
    expect(many.get('oxeye-daisy') ?? 0).toBeLessThanOrEqual(speciesById('oxeye-daisy').groups.size[1])
    expect(many.get('fescue')).toBeGreaterThan(75)
    // 60 % of 51.84 m² of tufts: more pieces than the ground takes are said to be left.
    const { lines, said } = told({ areaM2, habitats: ['garden'], pieces: 5000 })
    const tuft = formOf(speciesById('fescue'), lines.find(({ speciesId }) => speciesId === 'fescue')!.age)
    const covered =
      (lines.find(({ speciesId }) => speciesId === 'fescue')!.pieces * Math.PI * tuft.crownWidthM ** 2) / 4
    expect(covered / areaM2).toBeGreaterThan(0.55)
    expect(covered / areaM2).toBeLessThanOrEqual(0.6)
    expect(said.at(-1)).toMatch(/of the 5000 pieces are left for touches/)
    expect(of(1).size).toBe(1)
  })

  test('says why when there is nothing to suggest', () => {
    expect(suggestPlanting(wish({ habitats: [] }), speciesTable)).toMatchObject({
      kind: 'none',
      because: expect.stringContaining('habitat') as string,
    })
    expect(
      suggestPlanting(wish({ areaM2: 130, habitats: ['dry-interior'], pieces: 1 }), speciesTable),
    ).toMatchObject({
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
        const groups = layerGroupsOf(species, pieces)
        expect(groups.every((size) => size % 2 === 1 && size <= Math.max(1, species.groups.size[1]))).toBe(
          true,
        )
        expect(groups.reduce((sum, size) => sum + size, 0)).toBe(pieces)
      }),
    )
    expect(layerOf(speciesById('ivy'))).toBe('shrub')
  })
})
