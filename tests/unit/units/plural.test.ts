import { uncapitalised } from '../../../core/units'
test('a sentence within another begins small, unless its first letters stand for words', () => {
  expect(uncapitalised('Let it dry (Tacky PVA: 4 hours)')).toBe('let it dry (Tacky PVA: 4 hours)')
  expect(uncapitalised('CA in the joint overnight')).toBe('CA in the joint overnight')
  expect([uncapitalised(''), uncapitalised('Ä')]).toEqual(['', 'ä'])
})
