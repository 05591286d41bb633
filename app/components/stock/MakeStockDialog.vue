<script setup lang="ts">
import { batchName, planFrom } from '~~/core/batches'
import { makeUp } from '~~/core/makeup'
import { stockMethodFor } from '~~/core/methods'
import type { Material } from '~~/core/stock'
import { formatQuantity, parseQuantity } from '~~/core/units'
import { quantity } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'

/** Makes stock from stock: so much of it, as a batch at the bench that ends as a lot. */
const props = defineProps<{ material: Material }>()
defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const planBatch = useDeed('planBatch')
const estimates = useEstimates()
const to = useStationPath()
const { material } = props
const { unit } = material
const how = { pack: material.packQuantity }

const form = useFields(
  {
    quantity: quantity(unit, { label: 'How much', start: unit === 'ml' ? 500 : undefined, wide: true }, how),
  },
  {
    async send() {
      if (!work.value || work.value.missing.length > 0) return { kind: 'none' }
      const { method } = work.value
      const number = workshop.batches.filter(({ methodId }) => methodId === method.id).length + 1
      const answer = await planBatch(planFrom(work.value, undefined, batchName(material.name, number)), {
        start: true,
      })
      if (answer.kind === 'ok') await navigateTo({ path: to('bench'), query: { batch: answer.value.id } })
      return answer
    },
  },
)
const work = computed(() => {
  const method = stockMethodFor(material.id)
  const reading = parseQuantity(form.texts.value.quantity ?? '', unit, how)
  if (reading.kind === 'none' || !method) return undefined
  return makeUp({
    job: { kind: 'stock', materialId: material.id, quantity: reading.value, unit },
    method,
    ...estimates.contextOf(method.id),
  })
})
</script>

<template>
  <FieldsDialog
    :title="`Make ${material.name}`"
    :form="form"
    act="Start at the bench"
    :disabled="work && work.missing.length > 0"
    @close="$emit('close')"
  >
    <template #after>
      <table v-if="work" class="ruled col-span-2 w-full">
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
      <p v-if="work && work.missing.length > 0" class="col-span-2 text-hip" role="alert">
        Open: {{ work.missing.map(({ because }) => because).join('; ') }}.
      </p>
    </template>
  </FieldsDialog>
</template>
