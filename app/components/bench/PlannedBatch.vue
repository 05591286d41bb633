<script setup lang="ts">
import type { Batch } from '~~/core/batches'
import { formatMinutes, formatQuantity } from '~~/core/units'

/** A batch that is planned and not begun: lay out what it takes. */
defineProps<{ batch: Batch }>()
const emit = defineEmits<{ start: []; abandon: [] }>()
const stock = useStock()
</script>

<template>
  <section class="p-6">
    <h2 class="text-[26px]">Lay out for {{ batch.pieces }} pieces</h2>
    <table class="ruled mt-3 text-lg">
      <tbody>
        <tr v-for="amount in batch.plan.amounts" :key="amount.materialId">
          <td>{{ stock.stateById.get(amount.materialId)?.material.name ?? amount.label }}</td>
          <td class="number font-semibold">
            {{
              formatQuantity(amount.quantity, stock.stateById.get(amount.materialId)?.material.unit ?? 'g')
            }}
          </td>
        </tr>
      </tbody>
    </table>
    <p class="mt-3 text-soft">
      {{ formatMinutes(batch.plan.handsMin) }} of hands, {{ formatMinutes(batch.plan.elapsedMin) }} from start
      to end.
    </p>
    <div class="mt-6 flex gap-3">
      <button type="button" class="button button-act !min-h-[72px] !px-8 !text-[24px]" @click="emit('start')">
        Start batch
      </button>
      <button type="button" class="button !min-h-[72px] !text-lg" @click="emit('abandon')">
        Don’t make it
      </button>
    </div>
  </section>
</template>
