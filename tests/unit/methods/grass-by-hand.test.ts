import { makeUp, stepHandsMin, type MakeUp, type PlantJob } from '../../../core/makeup'
import { examplePiece, examplePieces } from '../../../core/methods/kit'
import { plantMethodById } from '../../../core/methods'
import { each, handsH, made, stepIds, stepOf, total, wayExamples } from '../../support/ways'
import { stocked } from '../../support/workshop'

describe('grass, hedges and ground, by hand', () => {
  const meadow = examplePiece('grass', 'blades', 9, {
    sward: { ...examplePiece('grass', 'blades', 9).sward, heightMm: 9, straw: 0.5, heads: 0.3 },
  })

  test('fibre that does not fly is never proposed for a static pass, whatever is on the shelf', () => {
    for (const { method, job, choices } of wayExamples) {
      const up = makeUp({ job, method, states: stocked(), choices, dryingFactor: 1 })
      for (const { slot, parts } of up.slots) {
        const { wish } = slot
        if (wish.stuff !== 'fibre' || wish.how === 'sprinkled') continue
        for (const { material } of parts) {
          const fibre = material.of.stuff === 'fibre' ? material.of : undefined
          expect([method.id, slot.id, fibre!.dtex <= 40 && fibre!.lengthMm <= 12]).toEqual([
            method.id,
            slot.id,
            true,
          ])
        }
      }
    }
  })

  test('a fibre of more than twice the grass is refused, with the lengths that would do', () => {
    const up = made(
      'layered-grass',
      { kind: 'area', piece: examplePiece('grass', 'blades', 2), areaCm2: 100 },
      {},
      { materials: { 'layer-1': 'static-6-straw' } },
    )
    const slot = up.slots.find(({ slot: { id } }) => id === 'layer-1')!
    expect(slot.chosen).toBe(false)
  })

  test('0.25 m² in four layers is about two and a half hours of hands, and nothing is vacuumed out of wet glue', () => {
    const layers = [
      { lengthMm: 2, perCm2: 1800, tone: 'base', glue: 'all over' },
      { lengthMm: 4, perCm2: 400, tone: 'straw', glue: 'mid-patch' },
      { lengthMm: 6, perCm2: 120, tone: 'straw', glue: 'tips only' },
      { lengthMm: 8, perCm2: 50, tone: 'straw', glue: 'tips only' },
    ] as const
    const up = made('layered-grass', { kind: 'area', piece: meadow, areaCm2: 2500, layers })
    expect(handsH(up)).toBeGreaterThan(2.2)
    expect(handsH(up)).toBeLessThan(3)
    for (const [i] of layers.entries()) {
      const at = stepIds(up).indexOf(`layer-${i + 1}`)
      expect(up.steps[at]!.wait!.leastMin).toBe(20)
      expect(up.steps[at]!.tools).not.toContain('vacuum')
      expect(stepIds(up)[at + 1]).toBe(`vacuum-${i + 1}`)
    }
    const upright = made('layered-grass', { kind: 'area', piece: meadow, areaCm2: 100 }, { comb: 'upright' })
    for (const { text } of upright.steps) expect(text).not.toMatch(/wind/)
  })

  test('a trimmed hedge of 10.5 mm is split once from a sheet of 20, and takes half of it', () => {
    const hedge = (widthMm: number): MakeUp =>
      made('trimmed-hedge', {
        kind: 'length',
        piece: examplePiece('shrub', 'multi-stemmed', 14, { crownWidthMm: widthMm }),
        lengthMm: 1200,
        section: 'trimmed',
      })
    expect(stepOf(hedge(10.5), 'cut').text).toMatch(/sliced to 2 of 10 mm/)
    expect(stepOf(hedge(19), 'cut').text).not.toMatch(/sliced/)
    expect(total(hedge(10.5), 'hair') / total(hedge(19), 'hair')).toBeCloseTo(0.5, 1)
    // 1.2 m of strips of 14 mm: 168 cm², half of that where each is sliced; the rows that are cut are whole.
    expect(total(hedge(10.5), 'hair')).toBeLessThan(130)
    const low = plantMethodById('trimmed-hedge')!
    const job: PlantJob = {
      kind: 'length',
      piece: examplePiece('shrub', 'multi-stemmed', 5),
      lengthMm: 500,
      section: 'trimmed',
    }
    expect(low.suits(job).verdict).toBe('unsuited')
  })

  test('powder on a flowering tuft is at most twice the fibre that is dipped', () => {
    const method = plantMethodById('flowering-tuft')!
    const up = makeUp({ job: method.examples[0]!, method, states: stocked(), dryingFactor: 1 })
    const fibre = up.uses.find(({ slot }) => slot === 'fibre')!
    const standing = (fibre.dispensed!.value * 0.3) / up.started.value
    expect(each(up, 'flower')).toBeLessThanOrEqual(2 * standing)
    expect(each(up, 'flower')).toBeGreaterThan(0.2 * standing)
  })

  test('drops in a board meet their fibre in the same round; looking the tufts over is no longer the longest work', () => {
    const up = made(
      'drilled-board',
      examplePieces(examplePiece('grass', 'blades', 8, { widthShare: 1.4 }), 140),
    )
    expect(up.uses.every(({ slot, step }) => slot === 'backing' || slot === 'pva' || step === 'glue')).toBe(
      true,
    )
    // (480 − 45) ÷ 4.5 s: 96 holes; a board has fewer.
    expect(stepOf(up, 'glue').atOnce!.count).toBeLessThanOrEqual(96)
    expect(stepHandsMin(stepOf(up, 'inspect'), up.started.value)).toBeLessThan(
      stepHandsMin(stepOf(up, 'glue'), up.started.value),
    )
  })

  test('what makes no sense says so, and what to do instead', () => {
    const verdict = (methodId: string, job: PlantJob) => plantMethodById(methodId)!.suits(job)
    const field = verdict('tuft-sheet', {
      kind: 'pieces',
      piece: examplePiece('grass', 'tuft', 4),
      pieces: 150_000,
    })
    expect(field.verdict).toBe('unsuited')
    expect(field.reasonsAgainst.join()).toMatch(/lay it in layers/)
    const tiny = verdict(
      'tuft-sheet',
      examplePieces(examplePiece('grass', 'tuft', 1.5, { realRatio: 220 }), 30),
    )
    expect(tiny.verdict).toBe('unsuited')
    expect(tiny.reasonsAgainst.join()).toMatch(/sprinkled/)
    const low: PlantJob = {
      kind: 'length',
      piece: examplePiece('shrub', 'multi-stemmed', 11),
      lengthMm: 400,
      section: 'free',
    }
    expect(verdict('twig-hedge', low).verdict).toBe('unsuited')
  })

  test('snow is asked for in real centimetres: 15 cm is 6.3 mm at 1:24 and 0.7 mm at 1:220', () => {
    const snow = (realRatio: number): number =>
      each(
        made('snow-cover', {
          kind: 'area',
          piece: examplePiece('grass', 'blades', 5, { realRatio }),
          areaCm2: 400,
        }),
        'snow',
      )
    expect(snow(24) / snow(220)).toBeCloseTo(220 / 24, 6)
    const part = made('snow-cover', {
      kind: 'area',
      piece: examplePiece('grass', 'blades', 5, { realRatio: 24 }),
      areaCm2: 100,
    })
    // 100 cm² × 0.625 cm × 0.5 g/ml ÷ 0.85.
    expect(total(part, 'snow')).toBeCloseTo((100 * 0.625 * 0.5) / 0.85, 0)
  })

  test('what a step names is listed: bank and bushes of a hedge, bushes of a verge, the foot of a bunch, a second round', () => {
    const hedge = made('twig-hedge', {
      kind: 'length',
      piece: examplePiece('shrub', 'multi-stemmed', 25),
      lengthMm: 800,
      section: 'free',
    })
    expect(total(hedge, 'bank')).toBeGreaterThan(0)
    expect(stepOf(hedge, 'raise').hands.eachSec).toBe(1200)
    expect(total(hedge, 'bushes')).toBeGreaterThan(0)
    const there = made(
      'twig-hedge',
      { kind: 'length', piece: examplePiece('shrub', 'multi-stemmed', 25), lengthMm: 800, section: 'free' },
      { bank: 'there' },
    )
    expect(stepIds(there)).not.toContain('raise')
    const verge = made('verge', { kind: 'area', piece: meadow, areaCm2: 300 })
    expect(total(verge, 'bush')).toBeGreaterThan(0)
    expect(
      total(
        made('long-bunch', examplePieces(examplePiece('reed', 'blades', 35, { widthShare: 0.3 }), 10)),
        'foot',
      ),
    ).toBeGreaterThan(0)
    const torn = made('roll-and-tear', {
      kind: 'area',
      piece: examplePiece('grass', 'blades', 12),
      areaCm2: 500,
    })
    expect(stepIds(torn)).toEqual(expect.arrayContaining(['glue-2', 'dab-2', 'comb-2']))
    expect(each(torn, 'adhesive', 'glue-2') / each(torn, 'adhesive', 'glue')).toBeCloseTo(0.4, 9)
  })

  test('what does not stand by itself gets a pin for its foot', () => {
    for (const [methodId, piece] of [
      ['moulded-trunk', examplePiece('broadleaf', 'rounded', 120)],
      ['root-tree', examplePiece('broadleaf', 'spreading', 160)],
    ] as const) {
      const up = made(methodId, examplePieces(piece, 10))
      expect([methodId, total(up, 'foot-pin') > 0, stepIds(up).includes('pin')]).toEqual([
        methodId,
        true,
        true,
      ])
    }
  })
})

describe('a verge of 1.4 m, 60 mm wide, by hand', () => {
  const strip = {
    kind: 'area',
    piece: examplePiece('grass', 'blades', 5),
    areaCm2: 840,
    strip: { lengthMm: 1400, widthMm: 60 },
  } as const
  test('a track: straw along the middle, green, a second round, straw at the edges; three rounds share what is no edge', () => {
    const up = made('verge', strip, { pattern: 'track', accent: 'both' })
    expect(stepIds(up).filter((id) => !id.endsWith('-back'))).toEqual([
      'first',
      'bushes',
      'second',
      'again',
      'edge',
      'bits',
      'tips',
      'tips-earth',
      'inspect',
    ])
    const standing = (slot: string) =>
      up.uses.filter((use) => use.slot === slot).reduce((sum, { dispensed }) => sum + dispensed!.value, 0) *
      0.35
    // 840 cm² × 0.4 dotted × 350 on a cm² × ¼ = 29 400 fibres of 4 mm and 22 dtex: 0.2587 g.
    expect(standing('second')).toBeCloseTo((29_400 * 4 * 22) / 1e7, 6)
    expect(standing('again')).toBeCloseTo(standing('second'), 9)
    expect(up.steps[0]?.text).toContain('1.4 m long, 60 mm wide')
    // 2 ml on 1 000 cm², twice: pale blue and dark earth.
    expect(total(up, 'tips')).toBeCloseTo(1.68, 9)
    expect(total(up, 'tips-earth')).toBeCloseTo(1.68, 9)
  })

  test('an old road: 15 % of it gets turf and a little soil; only its edges get fibre', () => {
    const up = made('verge', strip, { pattern: 'road' })
    // 126 cm² × 0.02 g, and × 0.03 g.
    expect([total(up, 'turf'), total(up, 'soil')].map((g) => Number(g.toFixed(6)))).toEqual([2.52, 3.78])
    // Medium: 126 cm² × 0.02 ml, and a quarter of 840 cm² × 0.02 ml.
    expect(total(up, 'glue')).toBeCloseTo(2.52 + 4.2, 9)
    expect(up.uses.some(({ slot }) => slot === 'first' || slot === 'second')).toBe(false)
  })
})

test('a seal of 1 : 1 takes twice the PVA of one of 1 : 3, and says so; turf is laid in either order with the same', () => {
  const turf = { kind: 'area', piece: examplePiece('grass', 'blades', 2), areaCm2: 100 } as const
  const pva = (water?: number) =>
    made('turf-covers', turf, {}, water === undefined ? {} : { own: new Map([['shared/seal-water', water]]) })
  // 100 cm² × 0.06 ml, a quarter of it PVA, sealed twice; half of it.
  expect(total(pva(), 'seal')).toBeCloseTo(2 * 100 * 0.06 * 0.25, 9)
  expect(total(pva(1), 'seal')).toBeCloseTo(2 * 100 * 0.06 * 0.5, 9)
  expect(stepOf(pva(1), 'seal').text).toContain('PVA 1 : 1 with water')
  const coarse = made('turf-covers', turf, { order: 'coarse-first' })
  expect(coarse.steps[0]?.text).toMatch(/Dark coarse foam first/)
  expect(total(coarse, 'dark')).toBe(total(made('turf-covers', turf), 'dark'))
})

test('weeds of 12 mm static fibre, and soaked earth instead of a mist on what shines: 1 000 cm² take 10 g more', () => {
  const waste = { kind: 'area', piece: examplePiece('grass', 'blades', 12), areaCm2: 1000 } as const
  const usual = made('roll-and-tear', waste)
  const soaked = made('roll-and-tear', waste, { fibre: 'static', shine: 'earth' })
  expect(stepIds(soaked).slice(-3)).toEqual(['soak', 'lift', 'inspect'])
  expect(total(soaked, 'earth') - total(usual, 'earth')).toBeCloseTo(10, 9)
  expect(soaked.slots.some(({ slot }) => slot.id === 'fix')).toBe(false)
  const [first] = soaked.slots.find(({ slot }) => slot.id === 'hank')!.parts
  expect(first?.material.of).toMatchObject({ stuff: 'fibre', lengthMm: 12 })
  // As much of it by weight, rolled and torn alike.
  expect(total(soaked, 'hank')).toBeCloseTo(total(usual, 'hank'), 9)
  expect(stepOf(soaked, 'soak').wait?.leastMin).toBe(240)
})

test('flowers in three colours: 55, 30 and 15 tufts in a hundred, dealt, and a jar of powder for each', () => {
  const piece = examplePiece('herb', 'blades', 6, {
    sward: { ...examplePiece('herb', 'blades', 6).sward, heads: 0.3 },
  })
  const [one, three] = ['one', 'three'].map((colours) =>
    made('flowering-tuft', examplePieces(piece, 60), { colours }),
  ) as [MakeUp, MakeUp]
  const all = total(one, 'flower')
  expect(
    ['flower', 'flower-2', 'flower-3'].map((slot) => total(three, slot) / all).map((s) => s.toFixed(4)),
  ).toEqual(['0.5500', '0.3000', '0.1500'])
  const jars = three.slots.flatMap(({ slot, parts: [first] }) =>
    slot.id.startsWith('flower') && first ? [first.material.id] : [],
  )
  expect(new Set(jars).size).toBe(3)
  const dealt = stepOf(three, 'dip').deal!.suits.find(({ id }) => id === 'colour')!
  expect(dealt.options.map(({ share }) => Number(share.toFixed(9)))).toEqual([0.55, 0.3, 0.15])
  expect(stepOf(one, 'dip').deal!.suits.map(({ id }) => id)).toEqual(['flowers', 'height'])
})
