import { heldBy, holderLimits, type BatchStep, type HolderLimit } from '~~/core/batches'
import { registerOf } from '~~/core/tools'

/** The register of tools and holders: what is there to work with, and what open batches occupy. */
export const useTools = defineStore('tools', () => {
  const workshop = useWorkshop()
  const stock = useStock()
  const register = computed(() => registerOf(workshop.tools))
  /** Whether anything has been said of tools at all. */
  const said = computed(() => register.value.size > 0)
  /** What open batches occupy. */
  const held = computed(() => {
    const all = new Map<string, number>()
    for (const { batch, run } of stock.open)
      for (const [what, count] of heldBy(batch, run)) all.set(what, (all.get(what) ?? 0) + count)
    return all
  })
  const limitsOf = (steps: readonly Pick<BatchStep, 'holders'>[], pieces: number): HolderLimit[] =>
    holderLimits(steps, pieces, register.value, held.value)
  return { register, said, held, limitsOf }
})
