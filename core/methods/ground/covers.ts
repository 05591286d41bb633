import { fixedUse, type Coefficient, type PlantTask, type Slot, type Use, type Wish } from '../../makeup'
import { fact, product } from '../../quantities'

/** One cover of an order: what is thrown, brushed or poured at a step, how much where it lies, on which share of it. */
export interface Cover {
  readonly step: string
  readonly slot: string
  readonly label: string
  readonly wish: Wish
  /** g or ml for a cm² where it lies. */
  readonly rate: Coefficient
  /** Share of the ground that it lies on; absent: all of it. */
  readonly on?: Coefficient
  /** The order is complete without it. */
  readonly optional?: boolean
}

/** Slots of the covers, each once: one jar may serve several of them. */
export function coverSlots(covers: readonly Cover[]): Slot[] {
  const slots = new Map<string, Slot>()
  for (const { slot, label, wish, optional } of covers)
    if (!slots.has(slot))
      slots.set(slot, { id: slot, label, wish, mayShare: true, ...(optional ? { optional } : {}) })
  return [...slots.values()]
}

/** What the covers of an order take from the shelf. @param cm2 of one part */
export function coverUses(task: PlantTask, covers: readonly Cover[], cm2: number): Use[] {
  return covers.flatMap(({ step, slot, label, rate, on, optional }) => {
    if (optional && task.fill(slot).parts.length === 0) return []
    const ground = fact('ground', cm2, 'cm²')
    const covered = on === undefined ? ground : product(ground, task.input(on))
    return [fixedUse(task, { slot, step, label }, rate, covered)]
  })
}

/** Fine, coarse and clump foam as covers wish for them. */
export const foamWish = (colour: string, grainMm: number, form: 'ground' | 'clump' = 'ground'): Wish => ({
  stuff: 'foam',
  form,
  grainMm,
  colour,
})
export const liquidWish = (liquid: 'pva' | 'matte-medium' | 'hairspray'): Wish => ({
  stuff: 'liquid',
  liquid,
})
export const EARTH: Wish = { stuff: 'powder', powder: 'soil', colour: '#74603f' }
