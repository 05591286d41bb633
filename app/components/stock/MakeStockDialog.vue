<script setup lang="ts">
import { batchName, planFrom } from '~~/core/batches'
import { makeUp } from '~~/core/makeup'
import { stockMethodFor } from '~~/core/methods'
import type { Material } from '~~/core/stock'
import { formatQuantity, parseQuantity, unitName } from '~~/core/units'
import { planBatch } from '../../db/commands/bench'

/** Makes stock from stock: so much of it, as a batch at the bench that ends as a lot. */
const props = defineProps<{ material: Material }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const estimates = useEstimates()
const to = useStationPath()
const { open } = useDialog(() => emit('close'))
const text = ref(props.material.unit === 'ml' ? '500 ml' : '')
const reading = computed(() =>
  parseQuantity(text.value, props.material.unit, { pack: props.material.packQuantity }),
)
const work = computed(() => {
  const method = stockMethodFor(props.material.id)
  if (reading.value.kind === 'none' || !method) return undefined
  return makeUp({
    job: {
      kind: 'stock',
      materialId: props.material.id,
      quantity: reading.value.value,
      unit: props.material.unit,
    },
    method,
    ...estimates.contextOf(method.id),
  })
})
async function start(): Promise<void> {
  if (!work.value || work.value.missing.length > 0) return
  const number = workshop.batches.filter(({ methodId }) => methodId === work.value?.method.id).length + 1
  const answer = await workshop.dispatch(
    planBatch,
    planFrom(work.value, undefined, batchName(props.material.name, number)),
    { start: true },
  )
  if (answer.kind === 'ok') await navigateTo({ path: to('bench'), query: { batch: answer.value.id } })
}
</script>

<template>
  <BaseDialog v-model="open" :title="`Make ${material.name}`">
    <form class="grid gap-3" @submit.prevent="start">
      <TextField
        v-model="text"
        :label="`How much, ${unitName(material.unit)}`"
        :fault="reading.kind === 'none' ? reading.because : ''"
      />
      <table v-if="work" class="ruled w-full">
        <tbody>
          <tr v-for="line in work.pours.flatMap(({ lines }) => lines)" :key="line.label">
            <td>{{ line.label }}</td>
            <td class="number">{{ formatQuantity(line.figure.value, 'ml') }}</td>
          </tr>
          <template v-if="work.pours.length === 0">
            <tr v-for="use in work.uses" :key="use.slot">
              <td>{{ use.material?.name ?? use.label }}</td>
              <td class="number">
                {{ use.material ? formatQuantity(use.total.value, use.material.unit) : '' }}
              </td>
            </tr>
            <tr v-for="made in work.yields" :key="made.material.id" class="text-moss">
              <td>gives {{ made.material.name }}</td>
              <td class="number">{{ formatQuantity(made.quantity.value, made.material.unit) }}</td>
            </tr>
          </template>
        </tbody>
      </table>
      <p v-if="work && work.missing.length > 0" class="text-hip" role="alert">
        Open: {{ work.missing.map(({ because }) => because).join('; ') }}.
      </p>
      <div class="flex justify-end gap-2">
        <button type="button" class="button" @click="open = false">Leave it</button>
        <button type="submit" class="button button-act" :disabled="!work || work.missing.length > 0">
          Start at the bench
        </button>
      </div>
    </form>
  </BaseDialog>
</template>
