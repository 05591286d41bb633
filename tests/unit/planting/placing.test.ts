import { difference76 } from '../../../core/colour'
import type { KeepOut } from '../../../core/commissions'
import { lookOptions } from '../../../core/commissions'
import { lookOn, speciesById } from '../../../core/plants'
import { bedsOf, boardOf, clearanceOf, isWaterside, planPlanting } from '../../../core/planting'
import type { Handling } from '../../../core/makeup'
import { planOrderSchema } from '../../../server/plans/order'
import { job } from '../../support/plans'
import { line, pieces } from '../../support/workshop'

const pond: KeepOut = {
  id: 'pond',
  kind: 'shape',
  widthMm: 0,
  points: [
    [600, 120],
    [800, 120],
    [800, 260],
    [600, 260],
  ],
  water: true,
}
const lane: KeepOut = {
  id: 'lane',
  kind: 'line',
  widthMm: 30,
  points: [
    [0, 300],
    [1500, 300],
  ],
}
const commission = job({ boardWidthMm: 1500, boardDepthMm: 600 })
/** One line of so many pieces of a kind, planted. */
function planted(
  speciesId: string,
  over: Parameters<typeof line>[0] & { handling?: Handling } = {},
  more: Parameters<typeof job>[0] = {},
) {
  const { handling, ...own } = over
  const on = { ...commission, ...more }
  const beds = bedsOf(on, [
    {
      line: line({ id: 'l', speciesId, amount: pieces(12), ...own }),
      species: speciesById(speciesId),
      handling,
    },
  ])
  return planPlanting(boardOf(on)!, beds, 'seed')
}

describe('what a plan heeds besides room', () => {
  test('what breaks in a hand stands 70 mm behind the front edge and 35 from a track; else nothing keeps it', () => {
    const front = { zone: 'front' as const, amount: pieces(40) }
    const frail = planted('gorse', { ...front, handling: 'protected' }, { keepOuts: [lane] })
    expect(frail.spots.length).toBeGreaterThan(20)
    expect(Math.min(...frail.spots.map(({ y }) => y))).toBeGreaterThanOrEqual(70)
    for (const spot of frail.spots) expect(clearanceOf(lane, spot)).toBeGreaterThanOrEqual(35)
    const firm = planted('gorse', { ...front, handling: 'handled' }, { keepOuts: [lane] })
    expect(Math.min(...firm.spots.map(({ y }) => y))).toBeLessThan(70)
  })

  test('on a shallow board it stands as far back as two fifths of it', () => {
    const made = planted('gorse', { handling: 'protected', amount: pieces(3) }, { boardDepthMm: 100 })
    expect(made.spots.length).toBe(3)
    expect(Math.min(...made.spots.map(({ y }) => y))).toBeGreaterThanOrEqual(40)
  })

  test('what grows at the water stands at its edge, wherever that is, and never in it', () => {
    // Tufted hair-grass stands in the carr, and twice as much of it elsewhere.
    for (const [id, wet] of [
      ['common-reed', true],
      ['goat-willow', true],
      ['soft-rush', true],
      ['tufted-hair-grass', false],
      ['beech', false],
    ] as const)
      expect([id, isWaterside(speciesById(id))]).toEqual([id, wet])
    const { spots } = planted('alder', { zone: 'back', amount: pieces(5) }, { keepOuts: [pond] })
    expect(spots).toHaveLength(5)
    const off = spots.map((spot) => clearanceOf(pond, spot) - spot.crownMm / 2)
    for (const own of off) expect(own).toBeGreaterThanOrEqual(-1e-9)
    // The first of a group stands within 25 mm of it; the others beside that.
    expect(Math.min(...off)).toBeLessThanOrEqual(25)
    const middle = spots.reduce((sum, { y }) => sum + y, 0) / spots.length
    expect(middle).toBeLessThan(0.64 * 600)
    // A shape that is no water draws nothing.
    const { water: _water, ...yard } = pond
    const dry = planted('alder', { zone: 'back', amount: pieces(5) }, { keepOuts: [yard] })
    expect(dry.spots.reduce((sum, { y }) => sum + y, 0) / 5).toBeGreaterThan(middle)
  })

  test('before a backdrop the back row stands close and at the back; the others as they do', () => {
    const back = { zone: 'back' as const, amount: pieces(10) }
    const row = planted('silver-birch', back, { backdrop: '#9db4b0' })
    const loose = planted('silver-birch', back)
    const depth = (plan: typeof row) => plan.spots.reduce((sum, { y }) => sum + y, 0) / plan.spots.length
    expect(row.spots).toHaveLength(10)
    expect(depth(row)).toBeGreaterThan(depth(loose))
    expect(row.spots[0]!.ownMm / loose.spots[0]!.ownMm).toBeCloseTo(0.75, 9)
    expect(planted('silver-birch', { ...back, zone: 'front' }, { backdrop: '#9db4b0' }).spots).toEqual(
      planted('silver-birch', { ...back, zone: 'front' }).spots,
    )
  })

  test('its leaves go over into the backdrop by a tenth of the light, those in front do not', () => {
    const backdrop = '#9db4c8'
    const species = speciesById('beech')
    const look = (zone: 'back' | 'front', on: object) =>
      lookOn(species, '2026-06-20', undefined, lookOptions(line({ zone }), { ...commission, ...on }))
    const away = (colour: string): number => difference76(colour, backdrop)
    const [before, after] = [look('back', {}), look('back', { backdrop })]
    expect(away(after.tones.base)).toBeLessThan(away(before.tones.base) * 0.93)
    expect(look('front', { backdrop })).toEqual(look('front', {}))
  })

  test('what pieces asked of their place does not go to the printer', () => {
    const made = planted(
      'alder',
      { handling: 'protected', zone: 'back' },
      { keepOuts: [pond], backdrop: '#9db4b0' },
    )
    expect(Object.keys(made.spots[0]!)).not.toEqual(expect.arrayContaining(['waterside']))
    const { spots, board } = planOrderSchema.shape
    expect(spots.safeParse(made.spots).success).toBe(true)
    expect(board.safeParse(made.board).success).toBe(true)
  })
})
