import { useDebounceFn } from '@vueuse/core'
import { takes, type Blend } from '~~/core/blends'
import { serviceOf } from '../workers/service'
import type { MixAnswer, MixOrder } from '../workers/blend'

/** Less than this in a jar is dust, g. */
const LEAST_G = 0.05
/** What may go in: what is free on the shelf, and what could be bought where that is asked for. */
export function useMixOrder() {
  const store = useBlends()
  const stock = useStock()

  function orderFor(
    blend: Pick<Blend, 'target' | 'use' | 'texture' | 'sealer' | 'bounds'>,
    buy: boolean,
  ): MixOrder | undefined {
    const aim = store.targetOf(blend)
    if (!aim) return undefined
    const fit = [...store.grains.values()].filter((grain) => takes(blend.use, grain))
    const isThere = (id: string): boolean => stock.freeOf(id) > LEAST_G
    const jars = fit.filter(
      ({ material }) => isThere(material.id) || (buy && material.packQuantity !== undefined),
    )
    const offers = fit.filter((grain) => !jars.includes(grain) && grain.material.packQuantity !== undefined)
    const known = new Set(jars.map(({ material }) => material.id))
    return JSON.parse(
      JSON.stringify({
        jars: jars.map(({ material }) => material),
        offers: offers.map(({ material }) => material),
        wanted: aim.colour,
        sealing: store.sealings[blend.sealer],
        use: blend.use,
        texture: blend.texture,
        bounds: (blend.bounds ?? []).filter(({ materialId }) => known.has(materialId)),
      } satisfies MixOrder),
    ) as MixOrder
  }

  return { orderFor }
}

/** Searches the jars for a blend whenever what it asks for has come to rest. */
export function useMixSearch(blend: () => Blend | undefined) {
  const workshop = useWorkshop()
  const notices = useNotices()
  const { orderFor } = useMixOrder()
  /** Whether what could be bought is looked at too. */
  const buyable = ref(false)
  const order = computed(() => {
    const own = blend()
    return workshop.ledgerRead && own ? orderFor(own, buyable.value) : undefined
  })
  const answer = shallowRef<MixAnswer>()
  const searching = ref(false)
  let asked = 0
  const search = useDebounceFn(async () => {
    const own = order.value
    if (!own) return
    const turn = (asked += 1)
    searching.value = true
    try {
      const found = await serviceOf('blend').propose(own)
      if (turn === asked) answer.value = found
    } catch (error) {
      if (turn === asked)
        notices.fault(`The search failed: ${error instanceof Error ? error.message : String(error)}`)
    }
    if (turn === asked) searching.value = false
  }, 150)
  watch(
    () => JSON.stringify(order.value),
    () => {
      answer.value = undefined
      searching.value = order.value !== undefined
      void search()
    },
    { immediate: true },
  )
  return { buyable, answer, searching }
}
