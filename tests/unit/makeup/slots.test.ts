import fc from 'fast-check'
import { fillSlots, type Slot } from '../../../core/makeup'
import { colourOf, mismatch, sameHueFamily, tonesFit, type StockState } from '../../../core/stock'
import { toLab } from '../../../core/colour'
import { materials, stocked } from '../../support/workshop'

const foam = (id: string, colour: string, over: Partial<Slot> = {}): Slot => ({
  id,
  label: id,
  wish: { stuff: 'foam', form: 'ground', grainMm: 0.5, colour },
  ...over,
})
const highlight = (colour: string): Slot =>
  foam('highlight', colour, { tone: { is: 'lighter', than: 'foliage' }, optional: true })
const shelf = (...colours: string[]): StockState[] =>
  colours.map((colour, i) => ({
    material: {
      ...materials.find(({ id }) => id === 'foam-fine-mid')!,
      id: `foam-${i}`,
      name: `Foam ${i}`,
      of: { stuff: 'foam', form: 'ground', grainMm: 0.5, colour },
    },
    lots: [],
    onHand: 40,
  }))

describe('a highlight', () => {
  test('is lighter than its base, always, and of its hue', () => {
    const hex = fc
      .tuple(fc.nat(255), fc.nat(255), fc.nat(255))
      .map((rgb) => `#${rgb.map((c) => c.toString(16).padStart(2, '0')).join('')}`)
    fc.assert(
      fc.property(hex, hex, fc.array(hex, { minLength: 1, maxLength: 8 }), (base, light, colours) => {
        const [first, second] = fillSlots([foam('foliage', base), highlight(light)], {}, shelf(...colours))
        const [a, b] = [first?.parts[0], second?.parts[0]].map((part) => part && colourOf(part.material.of))
        if (!b) return
        expect(toLab(b)[0]).toBeGreaterThan(toLab(a!)[0])
        expect(sameHueFamily(a!, b)).toBe(true)
      }),
    )
  })

  test('stays open where nothing stocked is, and says what is wanted', () => {
    const [, open] = fillSlots(
      [foam('foliage', '#5a7a36'), highlight('#86a045')],
      {},
      shelf('#5a7a36', '#3a5330', '#c04030'),
    )
    expect(open).toMatchObject({ parts: [], because: expect.stringMatching(/lighter than the foliage/) })
  })

  test('a choice that is no longer lighter is passed over, and said', () => {
    const [, lit] = fillSlots(
      [foam('foliage', '#5a7a36'), highlight('#86a045')],
      { highlight: 'foam-1' },
      shelf('#5a7a36', '#3a5330', '#86a045'),
    )
    expect(lit?.parts[0]?.material.id).toBe('foam-2')
    expect(lit?.because).toMatch(/“Foam 1” was chosen/)
  })

  test('two tones come from one jar only where the maker says so', () => {
    const slots = [foam('foliage', '#5a7a36'), foam('second', '#5a7a36')]
    const one = shelf('#5a7a36')
    expect(fillSlots(slots, {}, one).map(({ parts }) => parts.length)).toEqual([1, 0])
    expect(fillSlots(slots, { second: 'foam-0' }, one).map(({ parts }) => parts.length)).toEqual([1, 1])
  })

  test('reads as lighter from a step on, and greys go with every hue', () => {
    expect(tonesFit('#5b7b37', 'lighter', '#5a7a36')).toBe(false)
    expect(tonesFit('#86a045', 'lighter', '#5a7a36')).toBe(true)
    expect(tonesFit('#3a5330', 'darker', '#5a7a36')).toBe(true)
    expect(sameHueFamily('#808080', '#5a7a36')).toBe(true)
    expect(sameHueFamily('#9c5a2c', '#5a7a36')).toBe(false)
    // Straw on green reads as drought, not as light; light green does, and straw on russet.
    const of = (name: string): string =>
      colourOf(materials.find((row) => row.name === `Ground foam, ${name}`)!.of)!
    expect(sameHueFamily(of('fine, straw'), of('fine, mid green'))).toBe(false)
    expect(sameHueFamily(of('fine, light green'), of('fine, mid green'))).toBe(true)
    expect(sameHueFamily(of('fine, straw'), of('medium, russet'))).toBe(true)
  })
})

describe('what fills a slot', () => {
  test('the nearest colour and size, what is in stock before what is not', () => {
    const slot = foam('foliage', '#5a7a36')
    expect(fillSlots([slot], {}, stocked())[0]?.parts[0]?.material.id).toBe('foam-fine-mid')
    const only = stocked((m) => (m.id === 'foam-fine-light' ? 40 : 0))
    expect(fillSlots([slot], {}, only)[0]?.parts[0]?.material.id).toBe('foam-fine-mid')
    const near = shelf('#5d7c39')[0]!
    expect(fillSlots([slot], {}, [...stocked(() => 0), near])[0]?.parts[0]?.material.id).toBe('foam-0')
    const rust = materials.find(({ id }) => id === 'foam-fine-rust')!
    const mid = materials.find(({ id }) => id === 'foam-fine-mid')!
    expect(mismatch(rust, slot.wish)).toBeGreaterThan(mismatch(mid, slot.wish))
  })

  test('clump is no ground foam, paint no spray: a wish names the stuff itself', () => {
    const clump: Slot = {
      id: 'c',
      label: 'c',
      wish: { stuff: 'foam', form: 'clump', grainMm: 5, colour: '#51703a' },
    }
    const spray: Slot = {
      id: 's',
      label: 's',
      wish: { stuff: 'liquid', liquid: 'spray-paint', colour: '#4c3a2c' },
    }
    expect(fillSlots([clump, spray], {}, stocked()).map(({ parts }) => parts[0]?.material.id)).toEqual([
      'clump-mid',
      'spray-dark-brown',
    ])
  })

  test('a length that is not stocked is mixed from those that are, and said', () => {
    const fibre = (lengthMm: number): Slot => ({
      id: 'f',
      label: 'f',
      wish: { stuff: 'fibre', lengthMm, colour: '#bda76c' },
    })
    const [five] = fillSlots([fibre(5)], {}, stocked())
    expect(five?.parts.map(({ material, share }) => [material.id, share])).toEqual([
      ['static-straw-4', 0.5],
      ['static-straw-6', 0.5],
    ])
    expect(five?.because).toMatch(/^5 mm is not stocked: 50 % of 4 mm and 50 % of 6 mm/)
    expect(fillSlots([fibre(4.2)], {}, stocked())[0]?.parts).toHaveLength(1)
    expect(fillSlots([fibre(30)], {}, stocked())[0]?.parts).toHaveLength(1)
  })
})

describe('what nobody has yet', () => {
  const none = stocked(() => 0)
  const there = (id: string): StockState[] =>
    none.map((state) => (state.material.id === id ? { ...state, onHand: 40 } : state))
  const taken = (slot: Slot, states: readonly StockState[]) =>
    fillSlots([slot], {}, states)[0]?.parts[0]?.material.id

  test('is bought rather than ground, dyed or gathered at home; what stands on the shelf goes before both', () => {
    // The very tone and grain of foam ground of sponge.
    const slot = foam('foliage', '#5d7840')
    expect(taken(slot, none)).toBe('foam-fine-mid')
    expect(taken(slot, there('foam-sponge-fine'))).toBe('foam-sponge-fine')
    const leaf: Slot = { ...slot, wish: { stuff: 'foam', form: 'leaf', grainMm: 0.7, colour: '#8a6c40' } }
    expect(taken(leaf, none)).toBe('leaf-russet')
    expect(taken(leaf, there('leaf-catkin'))).toBe('leaf-catkin')
  })

  test('is made at home where it is nowhere sold', () => {
    const soil: Slot = {
      id: 'soil',
      label: 'Soil',
      wish: { stuff: 'powder', powder: 'soil', colour: '#6b563e' },
    }
    expect(taken(soil, none)).toBe('soil-coarse')
    // Pale sawdust on the shelf is no reason to leave the dark one undyed: neither is sold.
    const dyed: Slot = {
      id: 'sawdust',
      label: 'Sawdust',
      wish: { stuff: 'powder', powder: 'sawdust', colour: '#44543a' },
    }
    expect(taken(dyed, there('sawdust-fine'))).toBe('sawdust-green')
  })
})
