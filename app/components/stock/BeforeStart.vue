<script setup lang="ts">
import type { BatchStep } from '~~/core/batches'
import { isFoamBase, type Base } from '~~/core/hedges'
import { enoughFor, enoughWords, lastOfKind, meltsFoam, type Claim, type LastOfKind } from '~~/core/stock'
import { holderByName, missingTools, missingWords } from '~~/core/tools'
import { formatQuantity, noun, plainNumber } from '~~/core/units'

/** What to know before a batch is planned or begun: the last of something, too few holders, a tool that is away. */
const props = defineProps<{
  needs: Claim['needs']
  steps: readonly Pick<BatchStep, 'tools' | 'holders'>[]
  pieces: number
  /** Its needs are promised to it already. */
  promised?: boolean
  /** What it is made on, where it is made on the scene. */
  base?: Base | undefined
}>()
const stock = useStock()
const shelf = useShelf()
const buying = useBuying()
const tools = useTools()

/** What there is for it: not what other batches have claimed. */
function freeFor(materialId: string): number {
  const own = props.promised
    ? props.needs
        .filter((need) => need.materialId === materialId)
        .reduce((sum, { quantity }) => sum + quantity, 0)
    : 0
  const onHand = stock.stateById.get(materialId)?.onHand ?? 0
  return Math.max(0, onHand - Math.max(0, (stock.takenByBatches.get(materialId) ?? 0) - own))
}
function again(materialId: string): LastOfKind['again'] {
  const material = stock.stateById.get(materialId)?.material
  if (buying.arrivals.has(materialId)) return 'on its way'
  if (buying.offersOf.get(materialId)?.some((offer) => offer.stock !== 'sold out')) return 'on offer'
  if (material && (material.blendId !== undefined || shelf.homeMade(material))) return 'made here'
  return 'not to be had'
}
const last = computed(() => lastOfKind(props.needs, stock.stateById, freeFor, again))
const againWords: Record<LastOfKind['again'], string> = {
  'on its way': 'more is on its way',
  'on offer': 'more is on offer',
  'made here': 'more can be made here',
  'not to be had': 'nobody is known who has more',
}
/** What runs out of what it takes: whom what there is now is enough for. */
const SAID = 3
const runningOut = computed(() =>
  [...new Set(props.needs.map(({ materialId }) => materialId))]
    .flatMap((id) => {
      const ahead = buying.aheads.get(id)
      const material = stock.stateById.get(id)?.material
      return ahead?.runsOut && material
        ? [{ id, name: material.name, words: enoughWords(enoughFor(ahead, material.unit)) }]
        : []
    })
    .slice(0, SAID),
)
const missing = computed(() => missingTools(props.steps, tools.register))
const limits = computed(() => tools.limitsOf(props.steps, props.pieces))
/** What would melt the board that it is put on. */
const melting = computed(() =>
  isFoamBase(props.base)
    ? [...new Set(props.needs.map(({ materialId }) => materialId))].flatMap((id) => {
        const material = stock.stateById.get(id)?.material
        return material && meltsFoam(material) ? [material.name] : []
      })
    : [],
)
const nameOf = (what: string, count: number): string => {
  const holder = holderByName(what)
  return count === 1 || !holder ? what : holder.plural
}
const isSaid = computed(
  () =>
    melting.value.length +
      last.value.length +
      runningOut.value.length +
      missing.value.length +
      limits.value.length >
    0,
)
</script>

<template>
  <ul v-if="isSaid" class="text-larch" aria-label="Before you start">
    <li v-if="melting.length > 0" class="text-hip">
      {{ melting.join(', ') }} on {{ base }}: solvent and heat melt it. Seal the foam with water-based paint
      or plaster first, and try a scrap.
    </li>
    <li v-for="one in last" :key="one.materialId">
      It takes the last of {{ one.name
      }}<template v-if="one.leaves > 0">: {{ formatQuantity(one.leaves, one.unit) }} would be left</template>;
      {{ againWords[one.again] }}.
    </li>
    <li v-for="one in runningOut" :key="`out-${one.id}`">{{ one.name }}: {{ one.words }}.</li>
    <li v-for="limit in limits" :key="limit.what">
      {{ plainNumber(limit.needed, 0) }} {{ nameOf(limit.what, limit.needed) }} wanted,
      {{ plainNumber(limit.free, 0) }} free<template v-if="limit.held > 0"
        >, {{ plainNumber(limit.held, 0) }} in use</template
      >: {{ limit.pieces }} {{ noun(limit.pieces, 'piece') }} at once.
    </li>
    <li v-for="tool in missing" :key="tool.id">
      {{ missingWords(tool) }}<template v-if="tool.instead">; or {{ tool.instead }}</template
      >.
    </li>
  </ul>
</template>
