import { jobOf, type MakeUp, type MakeUpOrder } from '../../../core/makeup'
import { plantMethodById } from '../../../core/methods'
import { line, piece, pieces, workedOut } from '../../support/workshop'

type Over = Parameters<typeof piece>[0]
const up = (methodId: string, over: Over, started: number, order: Partial<MakeUpOrder> = {}): MakeUp =>
  workedOut(methodId, over, { started, ...order })
const total = (made: MakeUp, slot: string): number =>
  made.uses.find((use) => use.slot === slot)?.total.value ?? NaN
const suit = (methodId: string, over: Over, job: Parameters<typeof piece>[1] = {}) =>
  plantMethodById(methodId)!.suits(jobOf(line(over), piece(over, job).piece))

describe('soaked sprig tree', () => {
  test('a wide crown takes more sprigs than a narrow one, and the curved ones are kept', () => {
    const narrow = up('sprig-tree', { speciesId: 'silver-birch', heightM: 8 }, 10)
    const wide = up('sprig-tree', { speciesId: 'pedunculate-oak', age: 'veteran', heightM: 12 }, 10)
    // Eleven are picked for ten; the eleventh is a curved one.
    expect(total(narrow, 'sprig')).toBe(11)
    expect(total(wide, 'sprig')).toBeGreaterThanOrEqual(22)
    expect(narrow.yields.find(({ material }) => material.id === 'curved-sprigs')?.quantity.value).toBe(1)
  })

  test('the bath grows with the pieces and their height, not with nothing', () => {
    const small = total(up('sprig-tree', {}, 10), 'medium')
    const large = total(up('sprig-tree', {}, 50), 'medium')
    expect(large).toBeGreaterThan(small)
    expect(large).toBeLessThan(5 * small)
    expect(total(up('sprig-tree', { heightM: 9 }, 10), 'medium')).toBeGreaterThan(small)
  })

  test('suits a tree of a sprig’s size, not a tall one, a tiny one or a tussock', () => {
    expect(suit('sprig-tree', { heightM: 6 }).verdict).toBe('suits')
    expect(suit('sprig-tree', { heightM: 6 }).reasonsAgainst.join()).toMatch(/not at the very edge/)
    expect(suit('sprig-tree', { speciesId: 'beech', heightM: 16 }).reasonsAgainst.join()).toMatch(
      /several bound together/,
    )
    expect(suit('sprig-tree', { heightM: 1.5 }).verdict).toBe('unsuited')
    expect(suit('sprig-tree', { speciesId: 'tufted-hair-grass' }).verdict).toBe('unsuited')
    expect(suit('sprig-tree', { speciesId: 'norway-spruce', heightM: 8 }).reasonsAgainst.join()).toMatch(
      /conifer/,
    )
  })
})

describe('moulded trunk', () => {
  test('takes one trunk each, of a size that serves the height', () => {
    const made = up('moulded-trunk', { speciesId: 'beech', heightM: 8 }, 9)
    expect(total(made, 'trunk')).toBe(9)
    const trunk = made.uses.find(({ slot }) => slot === 'trunk')!.material!
    const wish = made.slots[0]!.slot.wish
    expect(trunk.of.stuff === 'goods' && wish.stuff === 'goods' && trunk.of.fromMm! <= wish.heightMm!).toBe(
      true,
    )
  })

  test('is for the middle and back, and for trees in leaf', () => {
    expect(suit('moulded-trunk', { speciesId: 'beech', heightM: 9, zone: 'back' }).verdict).toBe('suits')
    expect(
      suit('moulded-trunk', { speciesId: 'beech', heightM: 9, zone: 'front' }).reasonsAgainst.join(),
    ).toMatch(/at the front/)
    expect(
      suit('moulded-trunk', { speciesId: 'beech', heightM: 9, zone: 'back' }, { dateDepicted: '2026-01-16' })
        .verdict,
    ).toBe('unsuited')
    expect(suit('moulded-trunk', { speciesId: 'gorse' }).verdict).toBe('unsuited')
  })
})

describe('wool bush', () => {
  const over: Over = { speciesId: 'blackthorn', heightM: 1.5, zone: 'middle' }

  test('paint, PVA and water keep their parts 1 : 1 : 4', () => {
    const [paint, pva, water] = up('wool-bush', over, 40).pours[0]!.lines.map(({ figure }) => figure.value)
    expect(pva! / paint!).toBeCloseTo(1, 9)
    expect(water! / paint!).toBeCloseTo(4, 9)
  })

  test('twice as large takes eight times the wool and four times the flock', () => {
    const small = up('wool-bush', over, 10)
    const large = up('wool-bush', { ...over, heightM: 3 }, 10)
    expect(total(large, 'wool') / total(small, 'wool')).toBeCloseTo(8, 6)
    expect(total(large, 'foliage') / total(small, 'foliage')).toBeCloseTo(4, 6)
  })

  test('the foam covers the surface of its form: a mound’s is that of half a ball', () => {
    const { piece: mound } = piece({ speciesId: 'gorse', heightM: 2, crownWidthM: 4 })
    const radius = mound.crownWidthMm / 20
    if (mound.crownForm === 'mound') expect(mound.surfaceCm2).toBeCloseTo(2 * Math.PI * radius * radius, 0)
    expect(mound.surfaceCm2).toBeGreaterThan(mound.topAreaCm2)
  })

  test('a hedge takes bushes by its length: trimmed it is closer', () => {
    const own = { ...over, crownWidthM: 1.4 }
    const hedge = (section: 'free' | 'trimmed') =>
      workedOut('wool-bush', { ...own, amount: { kind: 'length', lengthMm: 1200, section } }).wanted.value
    const width = piece(own).piece.crownWidthMm
    expect(hedge('free')).toBe(Math.ceil(1200 / (width * 0.85)))
    expect(hedge('trimmed')).toBeGreaterThan(hedge('free'))
  })

  test('forty bushes are the work of minutes', () =>
    expect(up('wool-bush', over, 42).handsMin.value).toBeLessThan(30))
})

describe('tufts on a release sheet', () => {
  const over: Over = { speciesId: 'tufted-hair-grass' }

  test('more tufts than a sheet holds take another sheet', () => {
    const one = total(up('tuft-sheet', over, 60), 'backing')
    const many = total(up('tuft-sheet', over, 2000), 'backing')
    expect(one).toBeCloseTo((180 * 260) / 100, 6)
    expect(many / one).toBeGreaterThan(1)
    expect(Number.isInteger(many / one)).toBe(true)
  })

  test('the fibres are of three tones, the accent lighter than the rest', () => {
    const made = up('tuft-sheet', over, 60)
    const families = ['fibre', 'second', 'accent'].map(
      (slot) => made.uses.find((use) => use.slot === slot)!.material!.family,
    )
    expect(new Set(families).size).toBeGreaterThanOrEqual(2)
    expect(made.slots.find(({ slot }) => slot.id === 'accent')?.slot.tone).toEqual({
      is: 'lighter',
      than: 'fibre',
    })
  })

  test('a patch takes tufts by its area', () => {
    const one = workedOut('tuft-sheet', { speciesId: 'meadow-grass', amount: { kind: 'area', areaCm2: 200 } })
    const two = workedOut('tuft-sheet', { speciesId: 'meadow-grass', amount: { kind: 'area', areaCm2: 400 } })
    expect(two.wanted.value / one.wanted.value).toBeCloseTo(2, 1)
    const { topAreaCm2 } = piece({ speciesId: 'meadow-grass' }).piece
    expect(one.wanted.value).toBe(Math.ceil((200 * 0.55) / topAreaCm2))
  })

  test('no more dots at once than the glue stays open for, the set-up counted', () => {
    const dotsOf = (count: number) =>
      up('tuft-sheet', { ...over, amount: pieces(count) }, count).steps.find(({ id }) => id === 'dots')!
    const [many, one] = [dotsOf(600), dotsOf(1)]
    const atOnce = many.atOnce!.count
    expect(one.hands.onceSec).toBe(45)
    expect(45 + atOnce * one.hands.eachSec).toBeLessThanOrEqual(many.within!.sec + 1e-9)
    // It is set up for each round, the last one too, and a round more would not be in time.
    const handsSec = many.hands.onceSec + 600 * many.hands.eachSec
    expect(handsSec).toBeCloseTo(45 * Math.ceil(600 / atOnce) + 600 * one.hands.eachSec, 6)
    expect(atOnce * many.hands.eachSec).toBeLessThanOrEqual(many.within!.sec + 1e-9)
  })

  test('a reed is beyond the longest fibre and says so', () => {
    const { verdict, reasonsAgainst } = suit('tuft-sheet', { speciesId: 'common-reed' })
    expect(verdict).toBe('unsuited')
    expect(reasonsAgainst.join()).toMatch(/beyond the longest fibre, 12 mm/)
  })
})
