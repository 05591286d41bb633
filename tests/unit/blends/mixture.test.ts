import fc from 'fast-check'
import { difference2000, fromHex, toHex, toLab } from '../../../core/colour'
import {
  amountsFor,
  grainOf,
  keepsTexture,
  lastOf,
  limitOf,
  mixtureOf,
  passingOf,
  sieved,
  speckleOf,
  takes,
  wantsShredding,
} from '../../../core/blends'
import { catalogue, catalogueRow, type Material } from '../../../core/stock'
import { fibre, foam, grain } from '../../support/grains'

const row = (id: string): Material => ({ ...catalogueRow(id), changedAt: '2026-01-01T00:00:00.000Z' })
const fine = grain(foam('fine', 0.5, '#404040'))
const coarse = grain(foam('coarse', 2.5, '#c0c0c0'))

describe('how a material shows', () => {
  test('of one foam the grain of a fifth the size shows five times the area', () => {
    expect(fine.areaPerMl / coarse.areaPerMl).toBeCloseTo(5, 9)
  })

  test('a millilitre of fibre shows length × diameter of each: 17 dtex of 4 mm by hand', () => {
    // 0.07 g/ml ÷ (17 g / 10 km · 4 mm = 6.8 µg) = 10 294 fibres; 43.56 µm thick: 10 294 · 4 · 0.04356 = 1793.6 mm².
    expect(grain(fibre('f', 4, '#808080')).areaPerMl).toBeCloseTo(1793.6, 0)
  })

  test('what is counted otherwise, has no colour, no bulk density or no grain is refused by name', () => {
    const because = (material: Material): string => {
      const read = grainOf(material)
      return read.kind === 'none' ? read.because : ''
    }
    expect(because(row('sprigs'))).toBe('“Dried sprigs” is not counted in grams: it can’t be mixed by parts.')
    expect(because({ ...row('lichen'), bulkGPerMl: undefined })).toContain('has no bulk density')
    expect(because({ ...row('lichen'), of: { stuff: 'wool', wool: 'lichen' } })).toContain('has no colour')
    expect(because(row('filter-wool'))).toContain('is no flock, fibre or powder')
  })

  test('clump and lichen are shredded first, ground foam is not', () => {
    expect(['clump-mid', 'lichen', 'foam-fine-mid'].map((id) => wantsShredding(row(id)))).toEqual([
      true,
      true,
      false,
    ])
    expect(grain(row('clump-mid')).sizeMm).toBeLessThan(5)
  })

  test('soil in its grades, and what is shredded by one rule', () => {
    expect(['soil-coarse', 'soil-medium', 'soil-fine'].map((id) => grain(row(id)).sizeMm)).toEqual([
      2.5, 0.9, 0.12,
    ])
    const shredded = ['clump-mid', 'clump-shredded', 'lichen', 'lichen-shredded', 'scrub-blend']
    expect(new Set(shredded.map((id) => grain(row(id)).sizeMm)).size).toBe(1)
  })

  test('the ground mix of the catalogue has the colour that the mixing model gives its parts', () => {
    const { dryHex } = mixtureOf(
      ['soil-fine', 'grout-pale'].map((id) => ({ grain: grain(row(id)), parts: 1 })),
    )
    const { of } = row('ground-buff')
    expect(of.stuff === 'powder' && difference2000(toLab(of.colour!), toLab(dryHex))).toBeLessThan(1.5)
  })

  test('foam and fibre at one to one lie in a fifth less than both heaps, one of them alone in all of its own', () => {
    const [flock, blades] = [grain(foam('f', 0.5, '#5a7a36')), grain(fibre('b', 4, '#6b8743'))]
    const settled = (foamParts: number, fibreParts: number): number =>
      mixtureOf([
        { grain: flock, parts: foamParts },
        { grain: blades, parts: fibreParts },
      ]).settled
    expect(settled(1, 1)).toBeCloseTo(0.8, 9)
    expect(settled(3, 1)).toBeCloseTo(1 - 0.2 * 4 * 0.25 * 0.75, 9)
    expect(mixtureOf([{ grain: flock, parts: 2 }]).settled).toBe(1)
    const both = mixtureOf([
      { grain: flock, parts: 1 },
      { grain: blades, parts: 1 },
    ])
    expect(both.bulkGPerMl).toBeCloseTo((flock.bulkGPerMl + blades.bulkGPerMl) / 1.6, 9)
  })

  test('every flock, fibre and powder of the catalogue can be mixed, and serves some use', () => {
    for (const { id, of, unit } of catalogue) {
      if (unit !== 'g' || !['foam', 'fibre', 'powder'].includes(of.stuff)) continue
      const own = grain(row(id))
      expect(own.areaPerMl).toBeGreaterThan(0)
      // Cut rope and bristle are for twigs and stems: they neither fly nor lie among leaf.
      if (of.stuff !== 'powder' && !['sisal-cut', 'hemp-cut', 'brush-bristle'].includes(id))
        expect((['crown', 'scrub', 'sward'] as const).some((use) => takes(use, own))).toBe(true)
    }
  })
})

describe('a mixture', () => {
  test('shows its grains by area: a part of fine against five of coarse is half and half', () => {
    const mixture = mixtureOf([
      { grain: fine, parts: 1 },
      { grain: coarse, parts: 5 },
    ])
    expect(mixture.shown[0]).toBeCloseTo(0.5, 9)
    const half = (fromHex('#404040')[0] + fromHex('#c0c0c0')[0]) / 2
    expect(mixture.dryHex).toBe(toHex([half, half, half]))
  })

  test('of one material it is that material', () => {
    const { dryHex, grainMm, bulkGPerMl, densityGPerMl } = mixtureOf([{ grain: fine, parts: 3 }])
    expect(dryHex).toBe('#404040')
    expect(grainMm).toBeCloseTo(0.5, 9)
    expect([bulkGPerMl, densityGPerMl]).toEqual([expect.closeTo(0.045, 9), expect.closeTo(0.11, 9)])
  })

  test('a pinch of fine dust takes over: a twelfth of grout shows most of the colour', () => {
    const mixture = mixtureOf([
      { grain: grain(row('grout-pale')), parts: 1 },
      { grain: coarse, parts: 11 },
    ])
    expect(mixture.shown[0]).toBeGreaterThan(0.65)
  })

  test('its colour lies between those of its grains, whatever the parts', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), fc.integer({ min: 1, max: 12 }), (a, b) => {
        const { dry } = mixtureOf([
          { grain: fine, parts: a },
          { grain: coarse, parts: b },
        ])
        expect(dry[0]).toBeGreaterThan(fine.colour[0])
        expect(dry[0]).toBeLessThan(coarse.colour[0])
      }),
    )
  })

  test('close tones are quiet, black beside white is speckled', () => {
    const of = (first: string, second: string): string =>
      speckleOf(
        mixtureOf([
          { grain: grain(foam('a', 0.5, first)), parts: 1 },
          { grain: grain(foam('b', 0.5, second)), parts: 1 },
        ]),
      ).words
    expect(of('#5a7a36', '#607c3a')).toBe('quiet')
    expect(of('#101010', '#f0f0f0')).toContain('speckled')
  })

  test('textures are ratios of grain', () => {
    expect([1, 1.7, 2, 4].map((ratio) => keepsTexture('one', 1, ratio))).toEqual([true, true, false, false])
    expect([1, 2, 4].map((ratio) => keepsTexture('mixed', 1, ratio))).toEqual([false, true, true])
    expect([2, 4].map((ratio) => keepsTexture('rough', 1, ratio))).toEqual([false, true])
  })
})

describe('amounts', () => {
  const mixture = mixtureOf([
    { grain: fine, parts: 2 },
    { grain: grain(fibre('f', 2, '#888855')), parts: 1 },
  ])

  test('parts become millilitres, grams, handfuls, scoops and packs', () => {
    const [flock, fibres] = amountsFor(mixture, 300)
    expect(flock).toMatchObject({ ml: 200, g: 9, packs: 9 / 40 })
    expect(flock?.handfuls).toBeCloseTo(200 / 60, 9)
    expect(flock?.scoops).toBeCloseTo(200 / 15, 9)
    expect([fibres?.ml, fibres?.g]).toEqual([100, expect.closeTo(7, 9)])
  })

  test('the scarcest jar limits: 1.8 g of flock are 40 ml, two thirds of 60', () => {
    const limit = limitOf(mixture, (id) => (id === 'fine' ? 1.8 : 50))
    expect([limit.mostMl, limit.scarcest?.grain.material.id]).toEqual([expect.closeTo(60, 9), 'fine'])
    expect(limitOf(mixture, () => -3).mostMl).toBe(0)
  })

  test('what is used up, or all but, is the point of no return; what was gathered can’t come again', () => {
    const amounts = amountsFor(mixture, 300)
    const last = lastOf(
      amounts,
      (id) => (id === 'fine' ? 9.5 : 7),
      (id) => id === 'fine',
    )
    expect(
      last.map(({ portion, leftG, cantComeAgain }) => [portion.grain.material.id, leftG, cantComeAgain]),
    ).toEqual([
      ['fine', 0.5, false],
      ['f', expect.closeTo(0, 9), true],
    ])
    expect(
      lastOf(
        amounts,
        () => 100,
        () => true,
      ),
    ).toEqual([])
  })

  test('nothing is no amount', () => {
    expect(() => amountsFor(mixture, 0)).toThrow('amount of the mix is 0 ml')
  })
})

describe('a sieve', () => {
  const both = [
    { grain: fine, parts: 1 },
    { grain: coarse, parts: 1 },
  ]

  test('between two grades it parts them: each side has the colour of its own, but for a trace', () => {
    const { passed, held } = sieved(both, 1.1)
    expect(passed.volumeShare).toBeCloseTo(0.5, 2)
    expect([passed.mixture?.dryHex, held.mixture?.dryHex]).toEqual(['#404040', '#bfbfbf'])
  })

  test('the median by volume of a log-normal grade goes half through: Sauter mean · e^(σ²/2)', () => {
    const median = 0.5 * Math.exp(Math.log(1.35) ** 2 / 2)
    expect(passingOf({ grain: fine }, median).byVolume).toBeCloseTo(0.5, 6)
    expect(passingOf({ grain: fine }, median).byArea).toBeGreaterThan(0.5)
  })

  test('what passes and what is held is all of it, by volume, mass and area', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 6, noNaN: true }), (opening) => {
        const { passed, held } = sieved(both, opening)
        expect(passed.volumeShare + held.volumeShare).toBeCloseTo(1, 9)
        expect(passed.massShare + held.massShare).toBeCloseTo(1, 9)
        // Light adds up: what both sides show together is the whole.
        const area = (side: typeof passed): number =>
          (side.mixture?.portions ?? []).reduce(
            (sum, { grain: own, parts }) => sum + own.areaPerMl * parts,
            0,
          )
        if (passed.mixture && held.mixture) {
          const red = area(passed) * passed.mixture.dry[0] + area(held) * held.mixture.dry[0]
          expect(red / (area(passed) + area(held))).toBeCloseTo(mixtureOf(both).dry[0], 6)
        }
      }),
    )
  })

  test('a mesh far too wide or too fine leaves one side empty', () => {
    expect(sieved(both, 15).held.mixture).toBeUndefined()
    expect(sieved(both, 0.05).passed.mixture).toBeUndefined()
    expect(() => sieved(both, 0)).toThrow('opening of the sieve is 0 mm')
  })

  test('long fibres stay on a mesh that lets short ones through', () => {
    const passes = (lengthMm: number): number =>
      passingOf({ grain: grain(fibre('f', lengthMm, '#888888')) }, 1.4).byVolume
    expect(passes(1.5)).toBeGreaterThan(0.9)
    expect(passes(6)).toBeLessThan(0.1)
  })
})
