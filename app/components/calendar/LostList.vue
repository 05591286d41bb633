<script setup lang="ts">
import { COMES_AFTER, isTooLarge, unplacedWords, type Bench } from '~~/core/schedule'

/** Steps that find no place, each batch once, and why. */
const props = defineProps<{
  bench: Bench
  works: readonly number[]
  names: ReadonlyMap<string, string>
}>()
const selected = defineModel<number>('selected')
const emit = defineEmits<{ split: [batchId: string] }>()
const calendar = useCalendar()
const workshop = useWorkshop()
const stock = useStock()

const { moment } = useBenchWords(() => props.bench)
/** The first of each batch that is without a place: the others wait for it. */
const firsts = computed(() => {
  const seen = new Set<string>()
  return props.works.flatMap((work) => {
    const why = calendar.unplaced.get(work)
    const told = props.bench.works[work]
    if (why === undefined || why === COMES_AFTER || !told || seen.has(told.batchId)) return []
    seen.add(told.batchId)
    const run = stock.runs.get(told.batchId)
    const line = workshop.lines.find(({ id }) => id === stock.batchById.get(told.batchId)?.lineId)
    const isPlanned = run?.state.phase === 'planned' && line?.amount.kind === 'pieces'
    const canSplit = isPlanned && told.pieces > 1 && isTooLarge(props.bench, work)
    return [{ work, told, canSplit, words: unplacedWords(props.bench, work, why, moment) }]
  })
})
</script>

<template>
  <section aria-label="Without a place">
    <h2>Without a place</h2>
    <p v-for="{ work, told, canSplit, words } in firsts" :key="work" class="mt-1">
      <button type="button" class="text-left font-semibold hover:underline" @click="selected = work">
        {{ names.get(told.batchId) }}: {{ told.step.title }}
      </button>
      <span class="block text-sm text-hip">{{ words }}</span>
      <button
        v-if="canSplit"
        type="button"
        class="button button-small my-1"
        @click="emit('split', told.batchId)"
      >
        In smaller batches…
      </button>
    </p>
  </section>
</template>
