import fc from 'fast-check'
import {
  drierLab,
  fitSealing,
  noSealing,
  sealedLab,
  toLab,
  usualSealing,
  type Lab,
  type SealedPair,
} from '../../../core/colour'
import {
  clashesOf,
  differenceWords,
  leaningWords,
  measuredTile,
  nearestIn,
  readCsvRows,
  readGpl,
  referencePalettes,
  sameParts,
  sealingsOf,
  standIns,
  toCsvRows,
  toGpl,
  trialTiles,
  type Tile,
} from '../../../core/blends'
import Papa from 'papaparse'
import { foam, grain } from '../../support/grains'

const NOON = '2026-10-04T12:00:00.000Z'
const tile = (over: Partial<Tile> = {}): Tile => ({
  id: 't1',
  changedAt: NOON,
  name: 'Tile',
  parts: [{ materialId: 'a', parts: 2 }],
  date: '2026-10-04',
  ground: 'card',
  sealer: 'pva',
  ...over,
})

describe('sealing', () => {
  test('darkens by the factor of L*, enriches by that of C*, and keeps the hue', () => {
    const [l, a, b] = sealedLab([50, 10, 20], usualSealing)
    expect([l, a, b]).toEqual([46, expect.closeTo(10.6, 9), expect.closeTo(21.2, 9)])
  })

  test('what is drier, sealed again, is what it was', () => {
    fc.assert(
      fc.property(
        fc.tuple(
          fc.float({ min: 1, max: 99, noNaN: true }),
          fc.float({ min: -60, max: 60, noNaN: true }),
          fc.float({ min: -60, max: 60, noNaN: true }),
        ),
        (lab) => {
          const back = sealedLab(drierLab(lab, usualSealing), usualSealing)
          back.forEach((own, i) => expect(own).toBeCloseTo(lab[i]!, 6))
        },
      ),
    )
  })

  const pair = (l: number, c: number, lightness: number, chroma: number): SealedPair => ({
    dry: [l, c, 0],
    sealed: [l * lightness, c * chroma, 0],
  })

  test('three tiles of one glue give its factors exactly, with no error; two give nothing', () => {
    const pairs = [pair(40, 20, 0.85, 1.1), pair(55, 30, 0.85, 1.1), pair(70, 12, 0.85, 1.1)]
    expect(fitSealing(pairs)).toEqual({
      lightness: { value: expect.closeTo(0.85, 9), error: expect.closeTo(0, 9) },
      chroma: { value: expect.closeTo(1.1, 9), error: expect.closeTo(0, 9) },
      tiles: 3,
    })
    expect(fitSealing(pairs.slice(0, 2))).toBeUndefined()
  })

  test('slope and standard error of three points by hand', () => {
    // x 10, 20, 30; y 9, 19, 26: Σxy 1250, Σxx 1400, slope 0.892857;
    // rest 0.071429² + 1.142857² + 0.785714² = 1.928571.
    const fitted = fitSealing(
      [10, 20, 30].map((x, i) => ({ dry: [x, 10, 0], sealed: [[9, 19, 26][i]!, 10, 0] }) as SealedPair),
    )
    expect(fitted?.lightness.value).toBeCloseTo(0.892857, 6)
    expect(fitted?.lightness.error).toBeCloseTo(Math.sqrt(1.928571 / 2 / 1400), 6)
  })

  test('grey tiles say nothing of chroma, and a factor that no glue has is refused', () => {
    const grey = [pair(40, 1, 0.9, 3), pair(50, 1, 0.9, 3), pair(60, 1, 0.9, 3)]
    expect(fitSealing(grey)?.chroma).toEqual(usualSealing.chroma)
    expect(() => fitSealing([pair(10, 9, 0.1, 1), pair(20, 9, 0.1, 1), pair(30, 9, 0.1, 1)])).toThrow(
      'L* factor',
    )
  })
})

describe('tiles', () => {
  const measured = { date: '2026-10-04', light: 'daylight' }

  test('teach the sealing of their glue alone, once three are measured dry and sealed', () => {
    const three = ['#808040', '#607030', '#a0a060'].map((dry, i) =>
      tile({ id: `t${i}`, dry, sealed: ['#6f6f36', '#536128', '#8c8c52'][i]!, measured }),
    )
    const sealings = sealingsOf(three)
    expect(sealings.pva.tiles).toBe(3)
    expect(sealings.pva.lightness.value).toBeLessThan(0.92)
    expect(sealings['matte-medium']).toBe(usualSealing)
    expect(sealings.none).toBe(noSealing)
    expect(sealingsOf([...three.slice(1), { ...three[0]!, removed: true }]).pva).toBe(usualSealing)
    expect(sealingsOf(three.map(({ measured: _measured, ...rest }) => rest)).pva).toBe(usualSealing)
  })

  test('tiles that no glue explains leave what is known as it is', () => {
    const odd = [1, 2, 3].map((i) => tile({ id: `t${i}`, dry: '#f0f0e0', sealed: '#101008', measured }))
    expect(sealingsOf(odd).pva).toBe(usualSealing)
  })

  test('the latest measured tile of a recipe tells what it looks like, not one of other parts or glue', () => {
    const blend = { id: 'b', parts: [{ materialId: 'a', parts: 2 }], sealer: 'pva' as const }
    const all = [
      tile({ id: 'old', date: '2026-09-01', sealed: '#111111', measured }),
      tile({ id: 'new', date: '2026-10-01', sealed: '#222222', measured }),
      tile({ id: 'eye', date: '2026-10-03', sealed: '#333333' }),
      tile({ id: 'other', date: '2026-10-04', sealed: '#444444', measured, sealer: 'hairspray' }),
      tile({
        id: 'parts',
        date: '2026-10-04',
        sealed: '#555555',
        measured,
        parts: [{ materialId: 'a', parts: 1 }],
      }),
    ]
    expect(measuredTile(blend, all)?.id).toBe('new')
  })

  test('a trial is six recipes in whole parts that differ, the recipe itself first', () => {
    const parts = [
      { materialId: 'a', parts: 2 },
      { materialId: 'b', parts: 1 },
    ]
    const trial = trialTiles(parts, 12)
    expect(trial[0]).toEqual(parts)
    expect(trial).toHaveLength(6)
    trial.forEach((own, i) => {
      for (const other of trial.slice(i + 1)) expect(sameParts(own, other)).toBe(false)
      for (const part of own) expect(Number.isInteger(part.parts) && part.parts > 0).toBe(true)
    })
  })

  test('a trial never has more parts than there may be, nor the same mix in other numbers', () => {
    const full = trialTiles(
      [
        { materialId: 'a', parts: 6 },
        { materialId: 'b', parts: 6 },
      ],
      12,
    )
    for (const own of full) expect(own.reduce((sum, { parts }) => sum + parts, 0)).toBeLessThanOrEqual(12)
    expect(trialTiles([{ materialId: 'a', parts: 1 }], 12)).toHaveLength(1)
  })
})

test('what stands in is ordered by how far it moves the mix, and leaves out what is in it', () => {
  const grains = ['#557733', '#567834', '#223311', '#c0a040'].map((colour, i) =>
    grain(foam(`m${i}`, 0.5, colour)),
  )
  const byId = new Map(grains.map((own) => [own.material.id, own]))
  const parts = [
    { materialId: 'm0', parts: 2 },
    { materialId: 'm3', parts: 1 },
  ]
  const found = standIns(parts, 'm0', byId, grains, usualSealing)
  expect(found.map(({ grain: own }) => own.material.id)).toEqual(['m1', 'm2'])
  expect(found[0]!.drift).toBeLessThan(1)
  expect(found[0]!.grainRatio).toBe(1)
  expect(standIns(parts, 'gone', byId, grains, usualSealing)).toEqual([])
})

describe('differences in words', () => {
  test('a step that is just seen is where they begin to be told apart', () => {
    expect([0, 0.99, 1, 2.4, 4.9, 9.9, 30].map(differenceWords)).toEqual([
      'can’t be told apart',
      'can’t be told apart',
      'a close tone',
      'a close tone',
      'the same family',
      'another bag',
      'another colour',
    ])
  })

  test.each([
    [[40, -10, 30], [50, -10, 30], 'darker'],
    [[50, -16, 48], [50, -10, 30], 'stronger'],
    [[50, 10, 30], [50, 5, 31.2], 'redder'],
    [[56, -4, 12], [50, -10, 30], 'lighter and duller'],
    [[50, -10, 30], [50, -10, 30], ''],
  ] as [Lab, Lab, string][])('%j beside %j is %s', (is, wanted, words) => {
    expect(leaningWords(is, wanted)).toBe(words)
  })
})

describe('palettes', () => {
  const file = {
    name: 'Halt\tOctober',
    colours: [
      { name: 'Beech, base', colour: '#686e34' },
      { name: 'Grün “dunkel”', colour: '#0a1b2c' },
    ],
  }

  test('a GIMP palette is read back as it was written', () => {
    expect(readGpl(toGpl(file))).toEqual({ kind: 'ok', value: { ...file, name: 'Halt October' } })
    expect(toGpl(file)).toContain('104 110  52\tBeech, base')
  })

  test('one with Windows line ends, a mark at its start, comments and nameless colours is read', () => {
    const text =
      '\uFEFFGIMP Palette\r\nName: Old\r\nColumns: 16\r\n# made by hand\r\n\r\n255 0 10\r\n 1  2  3 Dark\r\n'
    expect(readGpl(text)).toEqual({
      kind: 'ok',
      value: {
        name: 'Old',
        colours: [
          { name: 'Colour 1', colour: '#ff000a' },
          { name: 'Dark', colour: '#010203' },
        ],
      },
    })
  })

  test.each([
    ['JASC-PAL\n0100\n', 'Line 1: read “JASC-PAL”'],
    ['GIMP Palette\n10 20\n', 'Line 2: read “10 20”'],
    ['GIMP Palette\n10 20 256 X\n', 'three numbers from 0 to 255'],
    ['GIMP Palette\nName: none\n', 'names no colour'],
  ])('a faulty one says where and what: %j', (text, words) => {
    expect(readGpl(text)).toMatchObject({ kind: 'none', because: expect.stringContaining(words) as string })
  })

  test('a name that a spreadsheet would work out goes out as text, and comes back as it was', () => {
    const names = ['=cmd|calc', '+1+1', '@SUM(1)', '-2', '\tx', "'quoted"]
    const colours = names.map((name) => ({ name: name.trim(), colour: '#5a7a36' }))
    const rows = toCsvRows({ name: 'x', colours })
    expect(rows.slice(1).map(([name]) => name)).toEqual([
      "'=cmd|calc",
      "'+1+1",
      "'@SUM(1)",
      '-2',
      'x',
      "'quoted",
    ])
    expect(readCsvRows(rows, 'x.csv')).toEqual({ kind: 'ok', value: { name: 'x', colours } })
  })

  test('CSV goes out and comes back, commas, quotes and all (RFC 4180)', () => {
    const text = Papa.unparse(toCsvRows(file), { newline: '\r\n' })
    const back = readCsvRows(Papa.parse<string[]>(text).data, 'halt.csv')
    expect(back).toEqual({ kind: 'ok', value: { name: 'halt', colours: file.colours } })
  })

  test.each([
    [[['tone', 'hex']], 'a column “colour” is wanted'],
    [
      [
        ['name', 'colour'],
        ['Moss', 'green'],
      ],
      'Line 2: colour: read “green”',
    ],
    [[['colour']], 'names no colour'],
  ])('a faulty CSV says where and what', (rows, words) => {
    expect(readCsvRows(rows, 'x.csv')).toMatchObject({ because: expect.stringContaining(words) as string })
  })

  test('three references of our own, each with a set of blends for colours that it has', () => {
    expect(referencePalettes.map(({ id }) => id)).toEqual(['dry-continental', 'boreal-dark', 'bright-meadow'])
    for (const { colours, set } of referencePalettes) {
      expect(Object.keys(set).length).toBeGreaterThanOrEqual(4)
      for (const name of Object.keys(set)) expect(colours.map((own) => own.name)).toContain(name)
    }
    // The names say how they stand to one another: boreal darkest, dry palest.
    const lightness = referencePalettes.map(({ colours }) => toLab(colours[1]!.colour)[0])
    expect(lightness[1]).toBeLessThan(lightness[2]!)
    expect(lightness[2]).toBeLessThan(lightness[0]!)
  })

  test('two bags too alike, and one too loud, are told before they are mixed', () => {
    const palette = referencePalettes[2]!.colours
    expect(
      clashesOf('#557033', [{ name: 'Hedge', colour: '#567134' }], palette).map(({ kind }) => kind),
    ).toEqual(['too alike'])
    expect(clashesOf('#40d010', [], palette).map(({ kind }) => kind)).toEqual(['too loud'])
    expect(clashesOf('#557033', [{ name: 'Straw', colour: '#c8b67f' }], palette)).toEqual([])
    expect(nearestIn('#566f34', palette)?.colour.name).toBe('Crown, base')
    expect(nearestIn('#566f34', [])).toBeUndefined()
  })
})
