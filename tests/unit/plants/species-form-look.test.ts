import { addDays } from '../../../core/units'
import {
  ages,
  crownFill,
  crownProfile,
  crownSideArea,
  crownForms,
  crownTopArea,
  cycleOf,
  dateOfDay,
  dayOfYear,
  faultsOf,
  formOf,
  habitatIds,
  habitats,
  regionsOf,
  speciesById,
  speciesSchema,
  speciesTable,
} from '../../../core/plants'
import { fromHex, inGamut, labToHex, luminance, mix, toHex, tonesOf } from '../../../core/colour'

describe('the species table', () => {
  const count = (...habits: string[]): number =>
    speciesTable.filter((row) => habits.includes(row.habit)).length

  test.each(speciesTable.map((row) => [row.id, row] as const))('%s is a valid row', (_id, row) => {
    expect(speciesSchema.parse(row)).toEqual(row)
    expect(faultsOf(row)).toEqual([])
    const { turning, ...others } = row.colours
    for (const lab of [...Object.values(others), ...turning, row.bark.low, row.bark.high])
      expect([lab, inGamut(lab)]).toEqual([lab, true])
    const { full, turning: turns, fall, bare, flower, fruit } = cycleOf(row)
    expect([full < turns, turns <= fall, fall <= bare]).toEqual([true, true, true])
    for (const span of [flower, fruit]) if (span) expect(span[1]).toBeGreaterThan(5)
    expect(row.dates.bare === undefined).toBe(row.keeps === 'evergreen')
    if (row.keeps === 'dies back') expect(row.standing).toBeDefined()
    expect([row.show.flower > 0, row.show.fruit > 0]).toEqual([
      row.dates.flower !== undefined,
      row.dates.fruit !== undefined,
    ])
    expect([
      row.colours.flower !== undefined || row.show.flower === 0,
      row.colours.fruit !== undefined || row.show.fruit === 0,
    ]).toEqual([true, true])
    for (const age of ages) {
      const form = formOf(row, age)
      expect(form.crownBaseM).toBeLessThanOrEqual(form.clearStemM + 1e-9)
    }
    for (const { ages: mix } of row.habitats)
      expect(mix.reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9)
    expect(new Set(row.habitats.map(({ habitat }) => habitat)).size).toBe(row.habitats.length)
    expect(row.groups.size[0]).toBeLessThanOrEqual(row.groups.size[1])
  })

  test('a hundred and eighty kinds at least: conifers, broadleaves and palms, shrubs and climbers, and what grows on the ground', () => {
    expect(speciesTable.length).toBeGreaterThanOrEqual(180)
    expect([
      count('conifer') >= 30,
      count('broadleaf', 'palm') >= 70,
      count('shrub') >= 35,
      count('climber') >= 8,
      count('grass', 'reed', 'fern', 'herb') >= 40,
    ]).toEqual([true, true, true, true, true])
    expect(new Set(speciesTable.map((row) => row.id)).size).toBe(speciesTable.length)
    expect(new Set(speciesTable.map((row) => row.botanical)).size).toBe(speciesTable.length)
  })

  test('what makers look for is found', () => {
    const found = (word: string): boolean =>
      speciesTable.some(({ common, botanical }) => `${common} ${botanical}`.toLowerCase().includes(word))
    const words = [
      ...[
        'black pine',
        'arolla',
        'lodgepole',
        'red pine',
        'robinia',
        'sugar maple',
        'live oak',
        'zelkova',
        'persimmon',
      ],
      ...[
        'wheat',
        'barley',
        'maize',
        'rape',
        'rice',
        'grapevine',
        'stubble',
        'cabbage',
        'thistle',
        'dock',
        'willowherb',
      ],
      ...[
        'buddleia',
        'horsetail',
        'dandelion',
        'hogweed',
        'wisteria',
        'virginia creeper',
        'climbing rose',
        'hop',
        'rose',
      ],
      ...[
        'hydrangea',
        'sunflower',
        'rhododendron',
        'lawson',
        'thuja',
        'box',
        'lawn',
        'peach',
        'almond',
        'citrus',
      ],
      ...[
        'sour cherry',
        'columnar cactus',
        'prickly pear',
        'agave',
        'banana',
        'umbrella acacia',
        'tree fern',
      ],
      ...[
        'yellow box',
        'grey box',
        'bottlebrush',
        'she-oak',
        'grass-tree',
        'plume grass',
        'tea',
        'ivy on a wall',
      ],
    ]
    expect(words.filter((word) => !found(word))).toEqual([])
  })

  test('kinds grow in their own regions only', () => {
    const regions = (id: string) => regionsOf(speciesById(id))
    expect(regions('cork-oak')).toEqual(['Mediterranean'])
    expect(regions('cedar-of-lebanon')).toEqual(['Mediterranean'])
    expect(regions('feather-grass')).toEqual(['temperate'])
    expect(regions('snow-gum')).toEqual(['Australia'])
    const habitatsOf = (id: string) => speciesById(id).habitats.map(({ habitat }) => habitat)
    expect(habitatsOf('spinifex')).toEqual(['australian-desert'])
    expect(habitatsOf('snow-gum')).toEqual(['australian-heights'])
    expect(habitatsOf('poppy')).toContain('arable')
    for (const row of speciesTable) expect(regionsOf(row).length).toBeGreaterThan(0)
  })

  test('form changes with age: young pines carry branches to the ground, young palms have no stem', () => {
    for (const id of [
      'umbrella-pine',
      'scots-pine',
      'ponderosa-pine',
      'date-palm',
      'coconut-palm',
      'fan-palm',
    ]) {
      const clear = ages.map((age) => {
        const form = formOf(speciesById(id), age)
        return form.clearStemM / form.heightM
      })
      expect(clear[0]!).toBeLessThan(0.12)
      expect(clear[2]!).toBeGreaterThan(0.3)
    }
    expect(ages.map((age) => formOf(speciesById('umbrella-pine'), age).crownForm)).toEqual([
      'rounded',
      'rounded',
      'mound',
      'mound',
    ])
    const alder = ages.map((age) => formOf(speciesById('alder'), age))
    expect(alder.map(({ stems }) => stems)).toEqual([1, 1, 1, 1])
    expect(alder.map(({ crownForm }) => crownForm)).toEqual(['conical', 'conical', 'ovate', 'ovate'])
    const birch = formOf(speciesById('silver-birch'), 'mature')
    expect(birch.dbhM / birch.heightM).toBeGreaterThanOrEqual(0.018)
    expect(birch.dbhM / birch.heightM).toBeLessThanOrEqual(0.02)
    // Flowering hair-grass stands 1 to 1.5 m high.
    for (const age of ['mature', 'veteran'] as const) {
      const { heightM } = formOf(speciesById('tufted-hair-grass'), age)
      expect(heightM).toBeGreaterThanOrEqual(1)
      expect(heightM).toBeLessThanOrEqual(1.5)
    }
  })

  test('every habitat has something to grow in it, at two sizes at least', () => {
    expect(habitats.map(({ id }) => id)).toEqual([...habitatIds])
    for (const id of habitatIds)
      expect(
        speciesTable.filter((row) => row.habitats.some(({ habitat }) => habitat === id)).length,
      ).toBeGreaterThanOrEqual(4)
  })

  test('a row that does not fit together says where', () => {
    const beech = speciesById('beech')
    const path = (over: object): string[] => faultsOf({ ...beech, ...over }).map(({ path: at }) => at)
    expect(path({ heightM: [7, 7, 24, 28] })).toEqual(['heightM.1'])
    expect(path({ dates: { ...beech.dates, burst: '02-30' } })).toEqual(['dates.burst'])
    expect(path({ dates: { ...beech.dates, bare: '10-02' } })).toEqual(['dates.turning'])
    expect(path({ keeps: 'evergreen' })).toContain('dates.turning')
    expect(path({ keeps: 'dies back' })).toEqual(['standing.winter'])
    expect(path({ show: { flower: 0.2, fruit: 0 } })).toEqual(['dates.flower.0', 'colours.flower'])
    expect(path({ colours: { ...beech.colours, summer: [50, -80, 60] } })).toEqual(['colours.summer'])
  })

  test('an unknown species names what there is; a maker’s own stands before ours', () => {
    expect(() => speciesById('triffid')).toThrow(/triffid.*beech/)
    const own = { ...speciesById('beech'), common: 'Copper beech' }
    expect(speciesById('beech', [own]).common).toBe('Copper beech')
  })
})

describe('form', () => {
  const beech = speciesById('beech')

  test('an overwritten height carries the crown along, an overwritten crown stays', () => {
    const mature = formOf(beech, 'mature')
    const taller = formOf(beech, 'mature', { heightM: 30 })
    expect(taller.crownWidthM / taller.heightM).toBeCloseTo(mature.crownWidthM / mature.heightM)
    expect(formOf(beech, 'mature', { heightM: 30, crownWidthM: 9 }).crownWidthM).toBe(9)
    expect(() => formOf(beech, 'mature', { heightM: 0 })).toThrow(/height is 0 m/)
  })

  test('older plants are taller', () => {
    for (const row of speciesTable)
      expect(ages.map((age) => formOf(row, age).heightM)).toEqual([...row.heightM])
  })

  test.each([...crownForms])('the outline of a %s crown stays in its box and fills part of it', (form) => {
    let widest = 0
    for (let t = 0; t <= 1; t += 0.005) {
      const half = crownProfile(form, t)
      expect(half).toBeGreaterThanOrEqual(0)
      expect(half).toBeLessThanOrEqual(1.0001)
      widest = Math.max(widest, half)
    }
    expect(widest).toBeGreaterThan(0.93)
    expect(crownFill(form)).toBeGreaterThan(0.4)
    expect(crownFill(form)).toBeLessThan(0.95)
  })

  test('a mound is half an ellipse, and a crown from above is a circle', () => {
    expect(crownFill('mound')).toBeCloseTo(Math.PI / 4, 2)
    expect(crownSideArea('mound', 10, 4)).toBeCloseTo((Math.PI / 4) * 40, 1)
    expect(crownTopArea(2)).toBeCloseTo(Math.PI)
    expect(() => crownSideArea('mound', 0, 4)).toThrow(/crown width/)
  })
})

describe('days', () => {
  test('days and dates', () => {
    expect(dayOfYear('2026-12-31')).toBe(365)
    expect(dayOfYear('2028-12-31')).toBe(366)
    expect(dateOfDay(2026, 277)).toBe('2026-10-04')
    expect(addDays('2026-12-31', 1)).toBe('2027-01-01')
    expect(() => dayOfYear('4 October')).toThrow(/YYYY-MM-DD/)
    expect(() => dayOfYear('2026-13-40')).toThrow(RangeError)
  })
})

describe('colour', () => {
  test('the three tones are ordered by lightness', () => {
    for (const row of speciesTable)
      for (const lab of [row.colours.fresh, row.colours.summer, ...row.colours.turning]) {
        const { shade, base, light } = tonesOf(labToHex(lab))
        expect(luminance(shade)).toBeLessThan(luminance(base))
        expect(luminance(base)).toBeLessThan(luminance(light))
      }
  })

  test('mixing is in linear light: black and white half and half is the middle grey of light, not of bytes', () => {
    expect(mix('#000000', '#ffffff', 0.5)).toBe('#bcbcbc')
    expect(mix('#123456', '#abcdef', 0)).toBe('#123456')
    expect(toHex([2, -1, 0.5])).toBe('#ff00bc')
    expect(() => fromHex('green')).toThrow('#RRGGBB')
    expect(() => mix('#000000', '#ffffff', 1.5)).toThrow('share')
  })
})
