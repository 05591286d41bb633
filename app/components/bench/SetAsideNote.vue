<script setup lang="ts">
import type { RunEvent } from '~~/core/batches'
import { counted, formatQuantity, noun } from '~~/core/units'
import { deedWords } from './deed-words'

/** What another copy did with the batch, and does not count: shown, so that a person can look at the pieces and the jars. */
const props = defineProps<{ entries: readonly RunEvent[] }>()
const stock = useStock()

/** Each kind once: "2 × pieces done, finish". */
const kinds = computed(() => {
  const counts = new Map<string, number>()
  for (const { deed } of props.entries)
    counts.set(deedWords[deed.type], (counts.get(deedWords[deed.type]) ?? 0) + 1)
  return [...counts].map(([words, n]) => (n > 1 ? `${n} × ${words}` : words)).join(', ')
})
/** What those that ended it say was used. */
const drew = computed(() =>
  props.entries
    .flatMap(({ deed }) => ('used' in deed ? deed.used : []))
    .map(({ materialId, quantity }) => {
      const material = stock.stateById.get(materialId)?.material
      return `${formatQuantity(quantity, material?.unit ?? 'g')} ${material?.name ?? materialId}`
    })
    .join(', '),
)
</script>

<template>
  <p v-if="entries.length > 0" class="text-sm text-larch" role="status">
    {{ counted(entries.length, 'entry', 'entries') }} of another copy went another way and
    {{ noun(entries.length, 'is', 'are') }} set aside: {{ kinds }}.
    <template v-if="drew"
      >There it used {{ drew }}; that is not drawn from stock. Count the pieces, and the jars.</template
    >
    <template v-else>Count the pieces.</template>
  </p>
</template>
