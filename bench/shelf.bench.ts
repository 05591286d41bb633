import { searchShelf, type LotState, type StockState } from '../core/stock'
import { race, report } from './race'

const ROWS = 5_000
/** What a key may cost before the hand feels it: a frame of thirty a second. */
const MOST_MS = 33

const hex = (value: number): string => value.toString(16).padStart(2, '0')
/** A shelf of five thousand foams, a jar of each. */
const shelf = Array.from({ length: ROWS }, (_, at): StockState => {
  // Bags as they were bought, in no order.
  const i = (at * 2_741) % ROWS
  const colour = `#${hex(60 + ((i * 7) % 160))}${hex(70 + ((i * 13) % 150))}${hex(30 + ((i * 29) % 90))}`
  const lot: LotState = {
    lot: {
      id: `l${i}`,
      materialId: `m${i}`,
      label: `Jar ${i}`,
      source: 'bought',
      date: `2025-0${1 + (i % 9)}-11`,
      madeAt: '2025-01-11T10:00:00.000Z',
    },
    onHand: 10 + (i % 40),
    received: 60,
    unitPriceMinor: 8,
  }
  return {
    material: {
      id: `m${i}`,
      changedAt: '2025-01-11T10:00:00.000Z',
      name: `Ground foam, mix ${i}`,
      unit: 'g',
      of: { stuff: 'foam', form: 'ground', grainMm: 0.3 + (i % 60) / 10, colour },
    },
    onHand: lot.onHand,
    lots: [lot],
  }
})
const today = '2026-11-27'
const times = race(
  {
    word: () => searchShelf(shelf, { words: 'mix 43' }, today),
    colour: () => searchShelf(shelf, { near: '#6b8743', within: 12 }, today),
    all: () => searchShelf(shelf, {}, today),
  },
  30,
  5,
)
const { word = NaN, colour = NaN, all = NaN } = times
console.log(
  `${ROWS} materials: a word ${word.toFixed(1)} ms, near a colour ${colour.toFixed(1)} ms, all of them ${all.toFixed(1)} ms`,
)
report(`a key under ${MOST_MS} ms`, Math.max(word, colour, all) < MOST_MS)
