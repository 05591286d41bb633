import { isKindOf, shelfOf, unitOfSpec, type MaterialSpec } from '../../../core/stock'
import { stocked } from '../../support/workshop'

const states = stocked()
const specs: readonly MaterialSpec[] = [
  { stuff: 'foam', form: 'ground', grainMm: 1, colour: '#5b7a3a' },
  { stuff: 'fibre', lengthMm: 4, colour: '#5b7a3a' },
  { stuff: 'fibre', lengthMm: 4, colour: '#5b7a3a', mostMm: 3 },
  { stuff: 'liquid', liquid: 'pva' },
  { stuff: 'twig', twig: 'sprig', heightMm: 70 },
  { stuff: 'other', materialId: 'soil-raw', words: 'soil' },
]

describe('a shelf', () => {
  test.each(specs)('gives for %j what a walk along the whole of it gives, in its order', (spec) => {
    const walked = states.filter(
      ({ material }) => isKindOf(material, spec) && material.unit === unitOfSpec(spec),
    )
    expect(walked.length).toBeGreaterThan(0)
    expect(shelfOf(states).fitting(spec)).toEqual(walked)
  })

  test('of a new list is a new one: what was bought since is on it', () => {
    const bare = states.filter(({ material }) => material.of.stuff !== 'foam')
    expect(shelfOf(bare).fitting(specs[0]!)).toEqual([])
    expect(shelfOf([...bare, states[0]!]).byId.get(states[0]!.material.id)).toBe(states[0])
    expect(shelfOf(bare)).toBe(shelfOf(bare))
  })

  test('of nothing has nothing, and what is not a material of it neither', () => {
    expect(shelfOf([]).fitting(specs[3]!)).toEqual([])
    expect(shelfOf(states).fitting({ stuff: 'other', materialId: 'nothing such', words: '' })).toEqual([])
  })
})
