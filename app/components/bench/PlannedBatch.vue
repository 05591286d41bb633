<script setup lang="ts">
import { needsOfBatch, partOf, partNounPlural, type Batch } from '~~/core/batches'
import { lackWords } from '~~/core/stock'
import { counted, formatMinutes, formatQuantity } from '~~/core/units'

/** A batch that is planned and not begun: lay out what it takes. */
const props = defineProps<{ batch: Batch }>()
const emit = defineEmits<{ start: []; abandon: [] }>()
const stock = useStock()
const shelf = useShelf()
/** Tools that its steps name, each once. */
const tools = computed(() => [...new Set(props.batch.plan.steps.flatMap((step) => step.tools))])
const lackOf = (id: string): string => {
  const lack = shelf.lacksOfBatch(props.batch.id).find(({ materialId }) => materialId === id)
  return lack ? lackWords(lack, stock.stateById.get(id)?.material.unit ?? 'g') : ''
}
</script>

<template>
  <section class="p-6">
    <h2 class="text-[26px]">
      Lay out for {{ counted(batch.pieces, partOf(batch), partNounPlural(partOf(batch))) }}
    </h2>
    <table class="ruled mt-3 text-lg">
      <tbody>
        <tr v-for="amount in batch.plan.amounts" :key="`${amount.materialId}|${amount.step}`">
          <td>{{ stock.stateById.get(amount.materialId)?.material.name ?? amount.label }}</td>
          <td class="number font-semibold">
            {{
              formatQuantity(
                amount.lies ?? amount.quantity,
                stock.stateById.get(amount.materialId)?.material.unit ?? 'g',
              )
            }}
          </td>
          <td>
            <span v-if="lackOf(amount.materialId)" class="tag tag-hip">{{ lackOf(amount.materialId) }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-if="tools.length > 0" class="mt-3 text-lg">Tools: {{ tools.join(', ') }}.</p>
    <BeforeStart
      :needs="needsOfBatch(batch)"
      :steps="batch.plan.steps"
      :pieces="batch.pieces"
      promised
      class="mt-3 text-lg"
    />
    <p class="mt-3 text-soft">
      {{ formatMinutes(batch.plan.handsMin) }} of hands, {{ formatMinutes(batch.plan.elapsedMin) }} from start
      to end.
    </p>
    <BenchFoot>
      <button type="button" class="button button-act huge" @click="emit('start')">Start batch</button>
      <template #reject
        ><button type="button" class="button button-danger" @click="emit('abandon')">
          Don’t make it
        </button></template
      >
    </BenchFoot>
  </section>
</template>
