import { measuredWords, packShareWords, wholeEachWords } from '../../../core/stock'
import { materials } from '../../support/workshop'

const named = (id: string) => materials.find((row) => row.id === id)!

describe('amounts as a bench measures them', () => {
  test.each([
    [4.83, 'g', '4.9 g'],
    [0.03, 'g', '0.1 g'],
    [123.4, 'g', '124 g'],
    [33.1, 'ml', '34 ml'],
    [0.15, 'ml', '3 drops'],
    [0.04, 'ml', '1 drop'],
    [13.2, 'piece', '14'],
    [130.4, 'mm', '131 mm'],
    [0, 'ml', '0 ml'],
  ] as const)('%d %s is %s', (quantity, unit, words) => expect(measuredWords(quantity, unit)).toBe(words))

  test('a spray is taken in steps of 5 ml, and told as a share of its can', () => {
    const can = { ...named('hairspray'), packQuantity: 400 }
    expect(measuredWords(33.1, 'ml', can)).toBe('35 ml')
    expect(packShareWords(33.1, can)).toBe('a tenth of the can')
    expect(packShareWords(200, can)).toBe('half of the can')
    expect(packShareWords(410, can)).toBe('a whole can')
    expect(packShareWords(1000, can)).toBe('2.5 cans')
    expect(packShareWords(5, can)).toBe('')
    expect(packShareWords(5, { ...can, packQuantity: undefined })).toBe('')
  })

  test('whole things for one: two or three, where they do not come out even', () => {
    expect(wholeEachWords(2.2)).toBe('2 or 3')
    expect(wholeEachWords(2)).toBe('2')
    expect(wholeEachWords(0.05)).toBe('1 to 20')
  })
})
