<script setup lang="ts">
import type { OrderProgress } from '~~/core/buying'
import { formatQuantity, type StockUnit } from '~~/core/units'
import { day, quantity, words, type Field } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'

/** Takes in what came of an order: each line as it was ordered, or as it really is. */
const props = defineProps<{ progress: OrderProgress }>()
defineEmits<{ close: [] }>()
const receiveOrder = useDeed('receiveOrder')
const buying = useBuying()
const stock = useStock()
const notices = useNotices()
const { order, lines } = props.progress
const unitOf = (materialId: string): StockUnit => stock.stateById.get(materialId)?.material.unit ?? 'g'
const nameOf = (materialId: string): string => stock.stateById.get(materialId)?.material.name ?? materialId
const waiting = lines.flatMap((line, index) =>
  line.waiting > 0 ? [{ line, index, key: `line-${index}` }] : [],
)
const supplier = buying.supplierName(order.supplierId)

const form = useFields(
  {
    ...Object.fromEntries(
      waiting.map(({ line, key }): [string, Field<number>] => [
        key,
        quantity(
          unitOf(line.materialId),
          { label: `Came of ${nameOf(line.materialId)}`, start: line.waiting },
          { zero: true },
        ),
      ]),
    ),
    date: day({ label: 'Day', start: buying.now, past: true }),
    label: words({ label: 'Written on each', wide: true, start: `${supplier} ${formatDate(buying.now)}` }),
  },
  {
    async send({ date, label, ...came }) {
      const quantities = came as Record<string, number>
      const come = waiting.map(({ index, key }) => ({
        line: index,
        quantity: quantities[key] ?? 0,
        label: label as string,
      }))
      const answer = await receiveOrder(order.id, come, date as string)
      if (answer.kind === 'ok') notices.done(`${answer.value.length} taken in.`)
      return answer
    },
  },
)
</script>

<template>
  <FieldsDialog wide :title="`What came of ${supplier}`" :form="form" act="Take in" @close="$emit('close')">
    <template v-for="{ line, key } in waiting" :key="key" #[key]="{ look, fault }">
      <div
        class="col-span-2 grid grid-cols-[1fr_auto] items-center gap-x-3 border-b border-line pb-1 sm:grid-cols-[1fr_176px_auto]"
      >
        <p class="max-sm:col-span-2">
          {{ nameOf(line.materialId) }}
          <span class="block text-sm text-soft"
            >{{ line.packs }} ×
            {{ formatQuantity(line.packQuantity, unitOf(line.materialId)) }} ordered<template
              v-if="line.come > 0"
              >, {{ formatQuantity(line.come, unitOf(line.materialId)) }} came before</template
            ></span
          >
        </p>
        <TextField
          hide-label
          :model-value="form.texts.value[key] ?? ''"
          :label="look.label"
          :fault="fault"
          @update:model-value="(text) => form.set(key, text)"
        />
        <button type="button" class="button button-small" @click="form.set(key, '0')">
          Not there<span class="sr-only">: {{ nameOf(line.materialId) }}</span>
        </button>
      </div>
    </template>
    <template #after>
      <p class="col-span-2 text-sm text-soft">
        Each becomes a lot, with its share of the postage in its price. What is missing is waited for until
        you say that no more comes.
      </p>
    </template>
  </FieldsDialog>
</template>
