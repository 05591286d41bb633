import { mixHex } from '../../../core/colour'
import { mixedSward, proposeLayers, shareAbove, type Sward } from '../../../core/grass'
import { rankMethods, jobOf } from '../../../core/makeup'
import { plantMethods } from '../../../core/methods'
import type { Line } from '../../../core/commissions'
import { line, piece, workedOut } from '../../support/workshop'

const hedge = (mix?: Line['mix'], section: 'free' | 'trimmed' = 'free'): Partial<Line> => ({
  speciesId: 'hawthorn',
  amount: { kind: 'length', lengthMm: 800, section },
  heightM: 1.9,
  crownWidthM: 1.6,
  ...(mix ? { mix } : {}),
})
const HALF_HAZEL: Line['mix'] = [{ speciesId: 'hazel', share: 0.5 }]

const sward = (over: Partial<Sward>): Sward => ({
  heightMm: 4,
  straw: 0,
  heads: 0,
  mown: false,
  colours: { shade: '#203010', base: '#406020', light: '#608040', straw: '#c0b070', head: '#a09060' },
  ...over,
})

describe('a hedge of several species', () => {
  test('each brings its own leaf: the same jar by halves as by wholes', () => {
    const leafOf = (made: ReturnType<typeof workedOut>, slot: string): number =>
      made.uses.filter((use) => use.slot === slot).reduce((sum, { total }) => sum + total.value, 0)
    // Of one species mixed with itself under another name the sum is what one alone takes.
    const alone = workedOut('twig-hedge', hedge())
    const mixed = workedOut('twig-hedge', hedge(HALF_HAZEL))
    expect(leafOf(mixed, 'foliage')).toBeCloseTo(leafOf(alone, 'foliage') / 2, 6)
    expect(leafOf(mixed, 'foliage-2')).toBeGreaterThan(0)
    expect(mixed.slots.map(({ slot }) => slot.label)).toEqual(
      expect.arrayContaining(['Leaf, Hawthorn', 'Leaf, Hazel']),
    )
    expect(mixed.wanted.value).toBe(alone.wanted.value)
  })

  test('see-through adds up as −ln g does: between the two, at their geometric mean for halves', () => {
    const [a, b] = [piece(hedge()), piece({ ...hedge(), speciesId: 'hazel' })].map(
      (one) => one.piece.seeThrough,
    )
    const own = piece(hedge(HALF_HAZEL)).piece.seeThrough
    expect(own).toBeCloseTo(Math.sqrt(a! * b!), 9)
  })

  test('a species that stands bare on the day brings none: evergreen half, deciduous half, on 10 January', () => {
    const winter = { dateDepicted: '2026-01-10' }
    const over = hedge([{ speciesId: 'holly', share: 0.5 }])
    const made = workedOut('twig-hedge', over, {}, winter)
    const leaf = made.slots.filter(({ slot }) => slot.id.startsWith('foliage')).map(({ slot }) => slot.label)
    expect(leaf).toEqual(['Leaf, Holly'])
    expect(piece(over, winter).piece.leaf).toBeCloseTo(
      0.5 * piece({ ...over, speciesId: 'holly', mix: undefined }, winter).piece.leaf,
      6,
    )
  })

  test('trimmed, its faces take each leaf by share', () => {
    const made = workedOut('trimmed-hedge', hedge(HALF_HAZEL, 'trimmed'))
    expect(made.uses.filter(({ slot }) => slot.startsWith('foliage')).map(({ label }) => label)).toEqual([
      'Leaf on all faces, Hawthorn',
      'Leaf on all faces, Hazel',
    ])
  })

  test('2.4 m of hedge-bank in June and in January: the same twigs, leaf only in June', () => {
    const bank: Partial<Line> = {
      ...hedge(HALF_HAZEL),
      amount: { kind: 'length', lengthMm: 2400, section: 'free' },
    }
    const june = workedOut('twig-hedge', bank, {}, { dateDepicted: '2026-06-05' })
    const january = workedOut('twig-hedge', bank, {}, { dateDepicted: '2026-01-10' })
    const twigs = (made: typeof june): number => made.uses.find(({ slot }) => slot === 'twigs')!.total.value
    expect(twigs(january)).toBe(twigs(june))
    expect(june.uses.some(({ slot }) => slot === 'foliage-2')).toBe(true)
    expect(january.uses.some(({ slot }) => slot.startsWith('foliage'))).toBe(false)
  })
})

describe('a sward of several kinds', () => {
  test('is as tall as the tallest with a tenth of the ground; dry share and heads go by ground', () => {
    const mixed = mixedSward([
      { share: 0.55, sward: sward({ heightMm: 4, straw: 0.2 }) },
      { share: 0.36, sward: sward({ heightMm: 9, straw: 0.8, heads: 0.5 }) },
      { share: 0.09, sward: sward({ heightMm: 30, straw: 1 }) },
    ])
    expect(mixed.heightMm).toBe(9)
    expect(mixed.straw).toBeCloseTo(0.55 * 0.2 + 0.36 * 0.8 + 0.09, 9)
    expect(mixed.heads).toBeCloseTo(0.18, 9)
  })

  test('what is taller than the rest has only its own ground: fewer of the long, as many of the short', () => {
    const tall = sward({ heightMm: 10 })
    const mixed = mixedSward([
      { share: 0.7, sward: sward({ heightMm: 3 }) },
      { share: 0.3, sward: tall },
    ])
    expect(shareAbove(mixed, 10)).toBeCloseTo(0.3, 9)
    expect(shareAbove(mixed, 3)).toBe(1)
    expect(shareAbove(tall, 10)).toBe(1)
    const law = { firstPerCm2: 800, fall: 0.5 }
    const [one, both] = [proposeLayers(tall, law), proposeLayers(mixed, law)]
    expect(both[0]!.perCm2).toBe(one[0]!.perCm2)
    expect(both.at(-1)!.perCm2 / one.at(-1)!.perCm2).toBeCloseTo(0.3, 1)
  })

  test('colours are mixed by what each shows of them: straw by the dry, green by the green', () => {
    const colours = sward({}).colours
    const mixed = mixedSward([
      { share: 0.5, sward: sward({ straw: 1, colours: { ...colours, base: '#ff0000', straw: '#0000ff' } }) },
      { share: 0.5, sward: sward({ straw: 0 }) },
    ])
    expect(mixed.colours.base).toBe(colours.base)
    expect(mixed.colours.straw).toBe('#0000ff')
  })

  test('mown only where all that counts is mown', () => {
    const of = (mown: boolean, share: number) => ({ share, sward: sward({ mown }) })
    expect(mixedSward([of(true, 0.95), of(false, 0.05)]).mown).toBe(true)
    expect(mixedSward([of(true, 0.6), of(false, 0.4)]).mown).toBe(false)
    expect(() => mixedSward([])).toThrow(RangeError)
  })

  test('colours by weight: two to one of black and white has two thirds of white’s light', () => {
    // Linear 2/3 is 213 of 255 in sRGB (IEC 61966-2-1).
    expect(
      mixHex([
        ['#ffffff', 2],
        ['#000000', 1],
      ]),
    ).toBe('#d5d5d5')
  })
})

test('the floor under trees is made by its own way and by no other', () => {
  const over: Partial<Line> = { speciesId: 'beech', amount: { kind: 'area', areaCm2: 300 } }
  const ranked = rankMethods(plantMethods, jobOf(line(over), piece(over).piece))
  expect(ranked[0]!.method.id).toBe('woodland-floor')
  expect(ranked.filter(({ suit }) => suit.verdict !== 'unsuited').map(({ method }) => method.id)).toEqual([
    'woodland-floor',
  ])
})
