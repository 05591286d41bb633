import { stepHandsMin } from '../../../core/makeup'
import { examplePiece, examplePieces } from '../../../core/methods/kit'
import { each, handsH, made, oak, stepOf, total } from '../../support/ways'

describe('trees, by hand', () => {
  test('bark paste on an oak of 200 mm is 15 to 20 g of grout, in coats that each have their wait', () => {
    const up = made('wire-broadleaf', examplePieces(oak(), 1))
    // 144 cm² of wood, three quarters under 0.6 mm of bark: 6.5 ml, 11.7 g, and two fifths more in the bowl.
    expect(each(up, 'grout')).toBeGreaterThan(15)
    expect(each(up, 'grout')).toBeLessThan(20)
    const coats = up.steps.filter(({ id }) => id.startsWith('paste'))
    expect(coats).toHaveLength(3)
    expect(coats.map(({ wait }) => wait!.leastMin)).toEqual([240, 240, 720])
    expect(
      made('wire-broadleaf', examplePieces(oak(), 1), { bulk: 'paste' }).steps.filter(({ id }) =>
        id.startsWith('paste'),
      ),
    ).toHaveLength(4)
  })

  test('83 sprig tips on it are four to six sprigs, whatever the strands; half as many where ends are long', () => {
    const up = made('wire-broadleaf', examplePieces(oak(), 1))
    // 182 cm² ÷ 2.2 cm² a tip: 83. Twenty from a sprig: 4.15, so five.
    expect(total(up, 'tips')).toBe(5)
    expect(each(up, 'ca', 'tips')).toBeCloseTo(83 * 0.012, 9)
    expect(stepHandsMin(stepOf(up, 'tips'), 1)).toBeCloseTo((83 * 18 + 60) / 60, 6)
    const long = made('wire-broadleaf', examplePieces(oak(), 1), { ends: 'long' })
    expect(each(long, 'ca', 'tips')).toBeCloseTo(42 * 0.012, 9)
  })

  test('outdoors the wind takes most of what falls: two thirds more foam, and the box is said', () => {
    const inside = made('ready-tree', examplePieces(oak({ heightMm: 110, zone: 'back' }), 5))
    const outside = made(
      'ready-tree',
      examplePieces(oak({ heightMm: 110, zone: 'back' }), 5),
      {},
      { outdoors: true },
    )
    // 40 % of what is thrown sticks. Indoors 85 % of the rest comes back: 0.85 + 0.15 ÷ 0.4 = 1.225 of what sticks is
    // used; outdoors 30 %: 0.3 + 0.7 ÷ 0.4 = 2.05.
    expect(each(outside, 'foliage') / each(inside, 'foliage')).toBeCloseTo(2.05 / 1.225, 6)
    expect(stepOf(outside, 'dress').text).toContain('the tray in a deep box')
    expect(stepOf(inside, 'dress').text).not.toContain('Outdoors')
    // Fibre is set by static, indoors: the same.
    expect(each(outside, 'canopy-paint')).toBe(each(inside, 'canopy-paint'))
  })

  test('wire that fingers twist is 0.7 mm at the stoutest', () => {
    const thick = made('wire-broadleaf', examplePieces(oak({ heightMm: 380, trunkMm: 22 }), 1))
    const { wish } = thick.slots.find(({ slot }) => slot.id === 'wire')!.slot
    expect('diameterMm' in wish && wish.diameterMm).toBe(0.7)
  })

  test('a pine’s needles are two steps with a night between; what its steps name is listed', () => {
    const pine = made(
      'wire-pine',
      examplePieces(examplePiece('conifer', 'irregular', 240, { zone: 'front' }), 1),
    )
    const ids = pine.steps.map(({ id }) => id)
    expect(ids.indexOf('needles-again')).toBe(ids.indexOf('needles') + 1)
    expect(stepOf(pine, 'needles').wait!.leastMin).toBe(600)
    expect(each(pine, 'needles', 'needles')).toBeCloseTo(each(pine, 'needles', 'needles-again'), 12)
    for (const slot of ['yellow-paint', 'pastel', 'moss'])
      expect([slot, total(pine, slot) > 0]).toEqual([slot, true])
  })

  test('a wash goes over primer that has dried', () => {
    const up = made('twig-tree', examplePieces(oak({ heightMm: 160, sideAreaCm2: 130 }), 6))
    const ids = up.steps.map(({ id }) => id)
    expect(ids.indexOf('wash')).toBe(ids.indexOf('paint') + 1)
    expect(stepOf(up, 'paint').wait!.leastMin).toBe(20)
    // 15 to 20 minutes of tips a tree.
    expect(stepOf(up, 'tips').hands.eachSec / 60).toBeGreaterThan(15)
    expect(stepOf(up, 'tips').hands.eachSec / 60).toBeLessThan(20)
  })

  const spruce = (heightMm: number, over: object = {}) =>
    examplePiece('conifer', 'conical', heightMm, { widthShare: 0.36, zone: 'back', ...over })

  test('foam on a spruce of 230 mm is by its discs: 1.3 to 2.3 g stuck, 9 ml of adhesive', () => {
    const up = made('dowel-conifer', examplePieces(spruce(230), 12))
    const foam = up.uses.filter(({ step }) => step === 'foam')
    const stuck =
      foam
        .filter(({ dispensed: lies }) => lies)
        .reduce((sum, { dispensed: lies }) => sum + lies!.value * 0.5, 0) / up.started.value
    expect(stuck).toBeGreaterThan(1.3)
    expect(stuck).toBeLessThan(2.3)
    expect(each(up, 'adhesive', 'foam')).toBeGreaterThan(7)
    expect(each(up, 'adhesive', 'foam')).toBeLessThan(11)
  })

  test('the hole is no wider than two fifths of its rod, and the pin matches it', () => {
    expect(stepOf(made('dowel-conifer', examplePieces(spruce(230, { trunkMm: 7 }), 1)), 'cut').text).toMatch(
      /2\.8 mm.*7\/64/,
    )
    const thin = made('dowel-conifer', examplePieces(spruce(110, { trunkMm: 4 }), 1))
    expect(stepOf(thin, 'cut').text).toMatch(/1\.6 mm/)
    expect(thin.slots.find(({ slot }) => slot.id === 'pin')!.slot.wish).toEqual({
      stuff: 'wire',
      diameterMm: 1.6,
    })
  })

  test('rasping is by the length: 5 minutes for 300 mm, 1½ for 90; 60 spruces of 125 mm take about ten hours', () => {
    const rasp = (heightMm: number): number =>
      stepOf(made('dowel-conifer', examplePieces(spruce(heightMm), 1)), 'rasp').hands.eachSec
    expect(rasp(300)).toBe(300)
    expect(rasp(90)).toBe(90)
    const up = made('dowel-conifer', examplePieces(spruce(125), 60))
    expect(handsH(up)).toBeGreaterThan(8)
    expect(handsH(up)).toBeLessThan(12)
  })

  test('an oak of 161 × 145 mm is bound of four or five sprigs, an operation of its own', () => {
    const wide = made(
      'sprig-tree',
      examplePieces(examplePiece('broadleaf', 'rounded', 161, { widthShare: 145 / 161 }), 4),
    )
    const bind = stepOf(wide, 'bind')
    expect(bind.title).toMatch(/Bind [45] sprigs/)
    expect(bind.hands.eachSec).toBe(180)
    expect(each(wide, 'ca', 'bind')).toBeCloseTo(0.1, 9)
    // 165 cm² from above ÷ 36.
    expect(total(wide, 'sprig')).toBe(Math.ceil(5 * 1.1 * wide.started.value - 1e-9))
    const slim = made(
      'sprig-tree',
      examplePieces(examplePiece('broadleaf', 'rounded', 110, { widthShare: 0.5 }), 4),
    )
    expect(slim.steps.map(({ id }) => id)).not.toContain('bind')
  })

  test('a soak wants an eye, not hands: 435 sprigs take about 115 minutes', () => {
    const up = made(
      'sprig-tree',
      examplePieces(examplePiece('broadleaf', 'rounded', 80, { widthShare: 0.5 }), 435),
      {},
      { started: 435 },
    )
    const minutes = stepHandsMin(stepOf(up, 'soak'), 435)
    expect(minutes).toBeGreaterThan(108)
    expect(minutes).toBeLessThan(120)
  })

  test('one ordered is one started; a spare where half a piece is likely to be lost', () => {
    const birch = (pieces: number) =>
      made('sprig-tree', examplePieces(examplePiece('broadleaf', 'rounded', 80), pieces)).started.value
    // 8 % is lost: of one 0.09, of five 0.43, of six 0.52.
    expect([birch(1), birch(5), birch(6), birch(50)]).toEqual([1, 5, 7, 55])
  })

  test('where one crown takes longer than the spray stays wet, it is done in parts', () => {
    const up = made('sprig-tree', examplePieces(oak({ heightMm: 240, sideAreaCm2: 320 }), 2))
    const { atOnce, hands } = stepOf(up, 'sprinkle')
    // 3 + 0.28 × 320 = 93 s; 52 s of a minute are left when it is sprayed: two halves.
    expect(atOnce!.count).toBe(1)
    expect(atOnce!.what).toMatch(/2 parts, a side at a time/)
    expect(hands.eachSec).toBeCloseTo(3 + 0.28 * 320 + 16, 6)
  })
})
