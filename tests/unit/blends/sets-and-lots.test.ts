import { difference2000, labToHex, noSealing, toLab, type Lab } from '../../../core/colour'
import { lotColours, lotDrifts, setSteps, steppedFrom, type SetTone, type Tile } from '../../../core/blends'
import { foam, grain } from '../../support/grains'

const tone = (name: SetTone['tone'], wanted: Lab, is: Lab): SetTone => ({ tone: name, wanted, is })

describe('a set of three', () => {
  test('keeps its steps where shade and light stand to the base that there is as they should', () => {
    const steps = setSteps([
      tone('shade', [30, 0, 20], [34, 0, 20]),
      tone('base', [42, 0, 25], [46, 0, 25]),
      tone('light', [50, 0, 30], [48, 0, 30]),
    ])
    expect(steps).toEqual([
      { tone: 'shade', wanted: -12, is: -12, keeps: true },
      { tone: 'light', wanted: 8, is: 2, keeps: false },
    ])
  })

  test('a highlight darker than its base has lost its step, however near', () => {
    expect(
      setSteps([tone('base', [40, 0, 0], [42, 0, 0]), tone('light', [41, 0, 0], [41, 0, 0])])[0]?.keeps,
    ).toBe(false)
    expect(setSteps([tone('light', [50, 0, 0], [50, 0, 0])])).toEqual([])
  })

  test('where the base could not be met the others move with it', () => {
    expect(steppedFrom([50, 5, 30], [42, 0, 25], [46, 2, 20])).toEqual([54, 7, 25])
  })
})

describe('bags of one material', () => {
  const rust = grain(foam('rust', 0.5, '#9c5a2c'))
  const gold = grain(foam('gold', 0.5, '#d8bd68'))
  const grains = new Map([rust, gold].map((own) => [own.material.id, own]))
  const swatch = (over: Partial<Tile>): Tile => ({
    id: 't',
    changedAt: '2026-10-04T12:00:00.000Z',
    name: 'swatch',
    lotId: 'l1',
    parts: [{ materialId: 'rust', parts: 1 }],
    date: '2026-10-04',
    ground: '',
    sealer: 'none',
    dry: '#a86434',
    measured: { date: '2026-10-04', light: 'daylight' },
    ...over,
  })

  test('have the colour of their latest measured swatch', () => {
    const colours = lotColours([
      swatch({ id: 'new', date: '2026-11-01', dry: '#aa6633' }),
      swatch({ id: 'old' }),
      swatch({ id: 'eye', lotId: 'l2', measured: undefined }),
      swatch({ id: 'gone', lotId: 'l3', removed: true }),
    ])
    expect([...colours]).toEqual([['l1', '#aa6633']])
  })

  test('move the mix: all of it where it is the only material, by its share where it is not', () => {
    const lots = [
      { lotId: 'l1', materialId: 'rust', colour: '#a86434' },
      { lotId: 'l9', materialId: 'other', colour: '#000000' },
    ]
    const [alone] = lotDrifts([{ materialId: 'rust', parts: 1 }], grains, lots, noSealing)
    expect(alone?.drift).toBeCloseTo(difference2000(toLab('#a86434'), toLab('#9c5a2c')), 6)
    expect(labToHex(alone!.sealed)).toBe('#a86434')
    const mixed = lotDrifts(
      [
        { materialId: 'rust', parts: 1 },
        { materialId: 'gold', parts: 3 },
      ],
      grains,
      lots,
      noSealing,
    )
    expect(mixed).toHaveLength(1)
    expect(mixed[0]!.drift).toBeLessThan(alone!.drift / 2)
    expect(lotDrifts([], grains, lots, noSealing)).toEqual([])
  })
})
