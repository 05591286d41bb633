import { stageAfter } from '../../../core/batches'
import type { Material } from '../../../core/stock'

const stuffs: Record<string, Material['of']['stuff']> = {
  sprig: 'twig',
  medium: 'liquid',
  dark: 'foam',
  light: 'foam',
  needles: 'pad',
}
const step = (...materialIds: string[]) => ({ materialIds })
const after = (steps: readonly { materialIds: string[] }[]): string[] =>
  steps.map((_, index) => stageAfter(steps, index, (id) => stuffs[id]))

describe('what a piece looks like after a step', () => {
  it('is bare until foliage goes on, and dressed with the last of it', () => {
    expect(
      after([step('sprig'), step('medium'), step('medium', 'dark'), step('light'), step('medium'), step()]),
    ).toEqual(['bare', 'bare', 'dressed in part', 'dressed', 'dressed', 'dressed'])
  })
  it('is dressed by pads as by foam; by materials that nobody knows it is not', () => {
    expect(after([step('needles'), step('gone')])).toEqual(['dressed', 'dressed'])
    expect(after([step('gone')])).toEqual(['bare'])
    expect(after([])).toEqual([])
  })
})
