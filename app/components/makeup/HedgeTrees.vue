<script setup lang="ts">
import { withTree, type Gap, type HedgeTree } from '~~/core/hedges'
import { layerOf } from '~~/core/planting'
import { formatQuantity } from '~~/core/units'
import type { Plant } from '../../stores/plant'

/** Trees of other lines that stand in a hedge: no holes are drilled for them. */
const props = defineProps<{ plant: Plant; totalMm: number; gaps: readonly Gap[] }>()
const changeLine = useDeed('changeLine')
const { plants } = storeToRefs(useCommission())
const trees = computed<readonly HedgeTree[]>(() => props.plant.line.trees ?? [])

/** Lines of single trees in this commission: what can stand in the hedge. */
const treeLines = computed(() =>
  plants.value
    .filter(({ line, species }) => line.amount.kind === 'pieces' && layerOf(species) === 'tree')
    .map(({ line }) => ({ value: line.id, words: line.name })),
)
const treeName = (lineId: string): string =>
  plants.value.find(({ line }) => line.id === lineId)?.line.name ?? 'a line that is no more'
/** Trees of a line that stand in hedges beyond what it has. */
const tooMany = computed(() =>
  treeLines.value.flatMap(({ value: id, words }) => {
    const stand = trees.value.filter(({ lineId }) => lineId === id).length
    const has = plants.value.find(({ line }) => line.id === id)?.progress.wanted ?? 0
    return stand > has ? [`${words}: ${stand} stand in it, ${has} are wanted in all`] : []
  }),
)
const tree = reactive({ lineId: undefined as string | undefined, at: '' })
const treeFault = ref('')
const treeLine = computed(() => tree.lineId ?? treeLines.value[0]?.value)
const setTrees = (next: readonly HedgeTree[]) =>
  changeLine(props.plant.line.id, {
    trees: next.length === 0 ? undefined : next.map((own) => ({ ...own })),
  })
async function addTree(): Promise<void> {
  const plant = plants.value.find(({ line }) => line.id === treeLine.value)
  if (!plant) return
  const next = withTree(
    trees.value,
    tree.at,
    { lineId: plant.line.id, trunkMm: plant.piece.trunkMm },
    { lengthMm: props.totalMm, gaps: props.gaps },
  )
  treeFault.value = next.kind === 'none' ? next.because : ''
  if (next.kind === 'none') return
  await setTrees(next.value)
  tree.at = ''
}
</script>

<template>
  <div>
    <h3 class="px-4 pt-3 pb-1">Trees in it</h3>
    <ul class="px-4" aria-label="Trees in it">
      <li v-for="(own, i) in trees" :key="`${own.lineId}-${own.atMm}`" class="flex items-center gap-3">
        {{ treeName(own.lineId) }} at {{ formatQuantity(own.atMm, 'mm') }}, {{ own.clearMm }} mm kept clear
        <button
          type="button"
          class="button button-quiet button-small"
          :aria-label="`Take the tree at ${formatQuantity(own.atMm, 'mm')} out`"
          @click="setTrees(trees.filter((_, at) => at !== i))"
        >
          take it out
        </button>
      </li>
      <li v-if="trees.length === 0" class="text-sm text-soft">
        {{
          treeLines.length > 0 ? 'none' : 'none: a line of single trees in this commission can stand in it'
        }}
      </li>
    </ul>
    <form
      v-if="treeLines.length > 0"
      class="flex flex-wrap items-end gap-2 px-4 pt-2"
      @submit.prevent="addTree"
    >
      <SelectField
        cell
        class="w-44"
        label="Tree of"
        :model-value="treeLine"
        :options="treeLines"
        @update:model-value="(id) => (tree.lineId = id)"
      />
      <label class="text-sm"
        ><span class="block text-soft">At</span
        ><input
          v-model="tree.at"
          class="field field-cell !w-24"
          placeholder="300 mm"
          :aria-invalid="treeFault !== ''"
      /></label>
      <button type="submit" class="button button-small">Stand it in the hedge</button>
    </form>
    <p v-if="treeFault" class="px-4 pt-1 text-sm text-hip" role="alert">{{ treeFault }}</p>
    <p v-for="words in tooMany" :key="words" class="px-4 pt-1 text-sm text-larch">{{ words }}.</p>
  </div>
</template>
