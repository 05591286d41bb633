import { jobOf, makeUp, type Job, type MakeUp, type MakeUpOrder, type PlantJob } from '../../../core/makeup'
import {
  layerPlanOf,
  layersOf,
  methods,
  plantMethodById,
  stockMethodFor,
  trayPlanOf,
} from '../../../core/methods'
import { reclaimAlarm, reclaimOf, planFrom } from '../../../core/batches'
import { individualSizes, type Amount, type Line } from '../../../core/commissions'
import { line, piece, stocked, workedOut } from '../../support/workshop'

type Over = Partial<Line>
const area = (areaCm2: number): Amount => ({ kind: 'area', areaCm2 })
const hedge = (lengthMm: number, section: 'free' | 'trimmed' = 'free'): Amount => ({
  kind: 'length',
  lengthMm,
  section,
})
const up = (id: string, over: Over, order: Partial<MakeUpOrder> = {}, job = {}): MakeUp =>
  workedOut(id, over, order, job)
const total = (made: MakeUp, slot: string): number =>
  made.uses.filter((use) => use.slot === slot).reduce((sum, { total: own }) => sum + own.value, 0)
const suit = (id: string, over: Over, job = {}) =>
  plantMethodById(id)!.suits(jobOf(line(over), piece(over, job).piece))
const NONE = new Map<string, number>()

describe('grass in layers', () => {
  const meadow: Over = { speciesId: 'meadow-grass', amount: area(600) }

  test('is made in even patches that hands can fill while the glue is open, whatever number is started', () => {
    // (240 − 20) s at 0.7 s a cm² are 314.3 cm²: two patches of 300.
    const made = up('layered-grass', meadow)
    expect(made.wanted.value).toBe(2)
    expect(made.share).toEqual({ kind: 'area', cm2Each: 300, each: 'patch' })
    const two = up('layered-grass', meadow, { started: 1 })
    expect(total(two, 'glue') / total(made, 'glue')).toBeCloseTo(1 / 2, 9)
  })

  test('grams follow the law, and what goes into the hopper is stood, lost or given back', () => {
    const made = up('layered-grass', {
      ...meadow,
      layers: [{ lengthMm: 4, tone: 'straw', glue: 'all over', perCm2: 200 }],
    })
    const plan = layerPlanOf(made, NONE)!
    // 200 of 4 mm and 22 dtex on a cm²: 17.6 g on a m², so 1.056 g on 600 cm².
    expect(plan.layers).toHaveLength(1)
    expect(plan.layers[0]!.standingG).toBeCloseTo(1.056, 6)
    const { hopperG, standingG, backG, takenG } = plan.layers[0]!
    expect(hopperG).toBeCloseTo(1.056 / 0.4, 6)
    expect(backG).toBeCloseTo((hopperG - standingG) * 0.85, 6)
    expect(takenG + backG).toBeCloseTo(hopperG, 9)
  })

  test('cover grows with each layer, the longest are fewest, and the plan follows the maker', () => {
    const made = up('layered-grass', meadow)
    const plan = layerPlanOf(made, NONE)!
    const covers = plan.layers.map(({ cover }) => cover)
    expect([...covers].sort((a, b) => a - b)).toEqual(covers)
    expect(plan.cover).toBeLessThan(0.9)
    // Each tip layer stands on the one below: all is seen a little lower than its highest tips.
    const highest = Math.max(...plan.fibres.map(({ footMm = 0, lengthMm }) => footMm + lengthMm))
    expect(plan.seenMm).toBeLessThan(highest)
    expect(plan.seenMm).toBeGreaterThan(highest / 2)
    const own = up('layered-grass', { ...meadow, layers: [...layersOf(made.job as PlantJob)].slice(0, 1) })
    expect(layerPlanOf(own, NONE)!.layers).toHaveLength(1)
    expect(own.steps.filter(({ id }) => id.startsWith('layer'))).toHaveLength(1)
    expect(layerPlanOf(up('tuft-sheet', meadow), NONE)).toBeUndefined()
  })

  test('a length that is not stocked is mixed, and two layers may take from one jar', () => {
    const made = up('layered-grass', {
      ...meadow,
      layers: [
        { lengthMm: 5, tone: 'straw', glue: 'all over', perCm2: 100 },
        { lengthMm: 5.1, tone: 'straw', glue: 'mid-patch', perCm2: 50 },
      ],
    })
    for (const slot of ['layer-1', 'layer-2']) {
      const parts = made.slots.find(({ slot: own }) => own.id === slot)!.parts
      const mean = parts.reduce(
        (sum, { material, share }) =>
          sum + (material.of.stuff === 'fibre' ? material.of.lengthMm : 0) * share,
        0,
      )
      expect(mean).toBeCloseTo(5, 0)
      expect(parts).toHaveLength(2)
    }
  })

  test('the vacuum, when the layer is dry: what should come back of it, and the alarm when it does not', () => {
    const made = up('layered-grass', meadow)
    const batch = planFrom(made, 'l1', 'Meadow')
    const step = batch.plan.steps.find(({ id }) => id === 'vacuum-1')!
    const material = made.uses.find(({ slot }) => slot === 'layer-1')!.material!
    const one = reclaimOf(batch, step, material.id, 1)!
    const thrown = made.uses.find(({ slot }) => slot === 'layer-1')!.dispensed!.value
    expect(one.thrown).toBeCloseTo(thrown, 9)
    expect(reclaimAlarm(one, one.thrown - one.back)).toBe('in order')
    expect(reclaimAlarm(one, one.thrown)).toBe('nothing')
    expect(reclaimAlarm(one, one.thrown - one.back * 0.3)).toBe('little')
    expect(reclaimOf(batch, step, 'pva', 1)).toBeUndefined()
  })

  test('sealing is one step more, with its mixture; fibre keeps away from fresh alcohol', () => {
    const dry = up('layered-grass', meadow)
    const sealed = up('layered-grass', { ...meadow }, { choices: { seal: 'sealed' } })
    expect(sealed.steps.length).toBe(dry.steps.length + 1)
    // 0.06 ml on each of 600 cm², a quarter of it PVA.
    expect(total(sealed, 'seal')).toBeCloseTo(9, 6)
    expect(sealed.steps.find(({ id }) => id === 'seal')!.gives).toContain('wet alcohol')
    for (const step of dry.steps.filter(({ id }) => id.startsWith('layer')))
      expect(step.apart).toEqual({ from: ['wet alcohol', 'solvent', 'aerosol'], airMin: 30 })
  })
})

describe('other ground', () => {
  test('cloth is cut 15 % larger than the ground', () => {
    const made = up('cloth-grass', { speciesId: 'fescue', amount: area(800) })
    expect(total(made, 'cloth')).toBeCloseTo(920, 6)
    expect(made.uses.filter(({ step }) => step === 'brush')).toHaveLength(4)
  })

  test('eight weeds from a banded bundle; a twist wastes its middle and wants clamps (common practice)', () => {
    const weeds: Over = { speciesId: 'bracken', heightM: 1.4, amount: { kind: 'pieces', pieces: 16 } }
    const band = up('field-fibre', weeds, { started: 16 })
    const twist = up('field-fibre', weeds, { started: 16, choices: { bind: 'twist' } })
    expect(band.cuts[0]!.count).toBe(2)
    expect(total(twist, 'hank')).toBeGreaterThan(total(band, 'hank') * 1.3)
    // Two for a twist, which gives eight.
    expect(twist.steps[0]!.holders).toEqual([{ what: 'clamp', each: 0.25, until: twist.steps[0]!.id }])
    expect(twist.steps[0]!.atOnce!.because).toBe('holder')
  })

  test('hanks are staged before any glue, the ground is tacky after 15 min, combed after two hours', () => {
    const made = up('roll-and-tear', { speciesId: 'meadow-grass', amount: area(1500) })
    expect(made.steps.map(({ id }) => id)).toEqual([
      'stage',
      'glue',
      'dab',
      'comb',
      'glue-2',
      'dab-2',
      'comb-2',
      'inspect',
    ])
    expect(made.steps[1]!.wait).toMatchObject({ leastMin: 15, mostMin: 35, kind: 'tack clearing' })
    expect(made.steps[2]!.wait!.leastMin).toBe(120)
    expect(made.share).toMatchObject({ cm2Each: 750, each: 'patch' })
    // Three hanks for each 100 cm².
    expect(made.steps[2]!.deal!.each).toBe(23)
  })

  test('flowering tufts are for the weeks that it flowers, in its colour', () => {
    const daisy: Over = { speciesId: 'oxeye-daisy' }
    expect(suit('flowering-tuft', daisy, { dateDepicted: '2026-06-15' }).verdict).toBe('suits')
    const out = suit('flowering-tuft', daisy, { dateDepicted: '2026-11-15' })
    expect(out.verdict).toBe('unsuited')
    expect(out.reasonsAgainst.join()).toMatch(/outside its weeks/)
  })

  test('a board of the usual size takes about seventy tufts, and so many fillings as it needs', () => {
    const over: Over = { speciesId: 'tufted-hair-grass', heightM: 0.6 }
    const made = up('drilled-board', over, { started: 140 })
    const plan = trayPlanOf(made, [], NONE, 'l1')!
    expect(plan.dots.length).toBeGreaterThanOrEqual(64)
    expect(plan.dots.length).toBeLessThanOrEqual(76)
    expect(plan.trays).toBe(Math.ceil(140 / plan.dots.length))
  })

  test('a tray has the dots of the batch by their own sizes, and no more of it than they need', () => {
    const over: Over = { speciesId: 'tufted-hair-grass', heightM: 0.6 }
    const made = up('tuft-sheet', over, { started: 120 })
    const { size } = piece(over)
    const plan = trayPlanOf(made, individualSizes(size, 120, 'l1'), NONE, 'l1')!
    expect(plan.dots.length).toBeGreaterThanOrEqual(115)
    expect(plan.sizes.length).toBeGreaterThan(1)
    expect(plan.heightMm).toBeLessThan(260)
    expect(plan.sizes.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 1)
  })

  test('ivy by area of wall: stems and mesh in leaf, its share of what hangs', () => {
    const wall: Over = { speciesId: 'wall-ivy', amount: area(240) }
    const made = up('creeper', wall)
    expect(made.share).toMatchObject({ kind: 'area', each: 'patch' })
    expect(made.wanted.value).toBe(4)
    expect(total(made, 'mesh')).toBeGreaterThan(0)
    expect(suit('creeper', { speciesId: 'hazel' }).verdict).toBe('unsuited')
  })
})

describe('hedges by the metre', () => {
  const thorn: Over = { speciesId: 'blackthorn', heightM: 1.9, crownWidthM: 1.6 }

  test('stretches of 200 mm at most; gates and gaps are not made', () => {
    const made = up('twig-hedge', { ...thorn, amount: hedge(1200) })
    expect(made.wanted.value).toBe(6)
    const gated = up('twig-hedge', { ...thorn, amount: hedge(1200), gaps: [{ atMm: 500, widthMm: 200 }] })
    expect(gated.wanted.value).toBe(5)
    expect(total(gated, 'twigs')).toBeLessThan(total(made, 'twigs'))
  })

  test('60 to 100 twigs for 200 mm of a hedge as wide as most (common practice: one hole for 30 to 50 mm²)', () => {
    // A bank 24 mm wide, six tenths of it with holes: 14.4 · 200 / 40 = 72.
    const { piece: wide } = piece({ ...thorn, crownWidthM: (24 * 76.2) / 1000 })
    expect(wide.crownWidthMm).toBeCloseTo(24, 1)
    const made = up('twig-hedge', { ...thorn, crownWidthM: (24 * 76.2) / 1000, amount: hedge(200) })
    expect(total(made, 'twigs')).toBe(72)
  })

  test('in June with leaf, in January without: no scatter, twigs and horsehair all the same', () => {
    const june = up('twig-hedge', { ...thorn, amount: hedge(2400) }, {}, { dateDepicted: '2026-06-05' })
    const january = up('twig-hedge', { ...thorn, amount: hedge(2400) }, {}, { dateDepicted: '2027-01-10' })
    expect(total(june, 'foliage')).toBeGreaterThan(0)
    expect(total(january, 'foliage')).toBe(0)
    expect(total(january, 'twigs')).toBe(total(june, 'twigs'))
    expect(january.steps.some(({ id }) => id === 'dress')).toBe(false)
  })

  test('trees stand before the row, earth comes over the holes, horsehair last', () => {
    const { steps } = up('twig-hedge', { ...thorn, amount: hedge(400) })
    const ids = steps.map(({ id }) => id)
    expect(ids.indexOf('twigs')).toBeLessThan(ids.indexOf('bank'))
    expect(ids.indexOf('bank')).toBeLessThan(ids.indexOf('work-in'))
    expect(steps.find(({ id }) => id === 'drill')!.text).toMatch(
      /Standing trees are glued in now, before the row/,
    )
  })

  test('a trimmed hedge takes strips by its section; twice as long takes about twice the sheet', () => {
    const one = up('trimmed-hedge', { ...thorn, amount: hedge(1200, 'trimmed') })
    const two = up('trimmed-hedge', { ...thorn, amount: hedge(2400, 'trimmed') })
    expect(total(two, 'hair') / total(one, 'hair')).toBeCloseTo(2, 0)
    expect(suit('trimmed-hedge', { ...thorn, amount: hedge(1200, 'trimmed') }).verdict).toBe('suits')
    expect(suit('twig-hedge', { ...thorn, amount: hedge(1200) }).verdict).toBe('suits')
    expect(suit('twig-hedge', { speciesId: 'meadow-grass', amount: hedge(300) }).verdict).toBe('unsuited')
  })
})

describe('recipes', () => {
  const make = (materialId: string, quantity: number): MakeUp => {
    const job: Job = { kind: 'stock', materialId, quantity, unit: 'g' }
    return makeUp({ job, method: stockMethodFor(materialId)!, states: stocked(() => 5000), dryingFactor: 1 })
  }

  test('soil comes in three grades, whichever is asked for', () => {
    const medium = make('soil-medium', 400)
    expect(medium.yields.map(({ material }) => material.id)).toEqual([
      'soil-medium',
      'soil-fine',
      'soil-coarse',
    ])
    expect(medium.yields[0]!.quantity.value).toBeCloseTo(400, 9)
    const fine = make('soil-fine', 250)
    expect(fine.yields[1]!.quantity.value).toBeCloseTo(250, 9)
    // 250 g are a fifth of what is dug.
    expect(fine.uses[0]!.total.value).toBeCloseTo(1250, 6)
  })

  test('the sieve of the scrub blend gives two lots, which share its cost', () => {
    const scrub = make('scrub-blend', 60)
    expect(scrub.yields).toHaveLength(2)
    for (const { materialId } of scrub.yields[0]!.shares) {
      const shares = scrub.yields.flatMap((made) =>
        made.shares.filter((own) => own.materialId === materialId),
      )
      expect(shares.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(1, 9)
    }
  })

  test('ground mix begins with fine soil alone, in equal measures with grout', () => {
    const buff = make('ground-buff', 200)
    expect(buff.uses.map(({ material, total: own }) => [material!.id, own.value])).toEqual([
      ['soil-fine', 100],
      ['grout-pale', 100],
    ])
  })

  test('leaves and coffee an hour at 80 °C, with someone by the oven (common practice)', () => {
    for (const id of ['leaf-litter', 'coffee-grounds']) {
      const { steps } = make(id, 50)
      expect(steps[0]!.wait).toMatchObject({ leastMin: 60, attended: true })
      expect(steps[0]!.cautions).toContain('oven')
    }
  })

  test('every way that uses an applicator says what it throws comes back', () => {
    const grassy: Over = { speciesId: 'meadow-grass', amount: area(300) }
    for (const { id, kinds } of methods) {
      if (!(kinds as readonly string[]).includes('area')) continue
      const made = up(id, grassy)
      made.steps.forEach((step, i) => {
        // At it, or at the next step, when it is dry.
        if (step.gives.includes('sparks'))
          expect([id, step.id, (step.back ?? made.steps[i + 1]?.back ?? []).length > 0]).toEqual([
            id,
            step.id,
            true,
          ])
      })
    }
  })
})
