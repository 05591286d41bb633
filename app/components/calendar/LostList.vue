<script setup lang="ts">
import { unplacedWords, type Bench } from '~~/core/schedule'

/** Steps that find no place, each batch once, and why. */
const props = defineProps<{
  bench: Bench
  works: readonly number[]
  names: ReadonlyMap<string, string>
}>()
const selected = defineModel<number>('selected')
const calendar = useCalendar()

const { moment } = useBenchWords(() => props.bench)
const FOLLOWS = 'what comes before it finds no place'
/** The first of each batch that is without a place: the others wait for it. */
const firsts = computed(() =>
  props.works.flatMap((work) => {
    const why = calendar.unplaced.get(work)
    const told = props.bench.works[work]
    if (why === undefined || why === FOLLOWS || !told) return []
    return [{ work, told, words: unplacedWords(props.bench, work, why, moment) }]
  }),
)
</script>

<template>
  <section aria-label="Without a place">
    <h2>Without a place</h2>
    <p v-for="{ work, told, words } in firsts" :key="work" class="mt-1">
      <button type="button" class="text-left font-semibold hover:underline" @click="selected = work">
        {{ names.get(told.batchId) }}: {{ told.step.title }}
      </button>
      <span class="block text-sm text-hip">{{ words }}</span>
    </p>
  </section>
</template>
