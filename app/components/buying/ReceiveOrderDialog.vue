<script setup lang="ts">
import type { OrderProgress } from '~~/core/buying'
import { formatQuantity, parseQuantity, type StockUnit } from '~~/core/units'
import { receiveOrder } from '../../db/commands/buying'

/** Takes in what came of an order: each line as it was ordered, or as it really is. */
const props = defineProps<{ progress: OrderProgress }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const buying = useBuying()
const stock = useStock()
const notices = useNotices()
const { open } = useDialog(() => emit('close'))
const unitOf = (materialId: string): StockUnit => stock.stateById.get(materialId)?.material.unit ?? 'g'
const nameOf = (materialId: string): string => stock.stateById.get(materialId)?.material.name ?? materialId
const waiting = props.progress.lines.flatMap((line, index) => (line.waiting > 0 ? [{ line, index }] : []))
const texts = reactive(
  waiting.map(({ line }) => ({ quantity: formatQuantity(line.waiting, unitOf(line.materialId)), fault: '' })),
)
const date = ref(buying.now)
const label = ref(`${buying.supplierName(props.progress.order.supplierId)} ${formatDate(buying.now)}`)

const nothing = (i: number): void => {
  const text = texts[i]
  if (text) text.quantity = '0'
}
async function take(): Promise<void> {
  const read = waiting.map(({ line, index }, i) => {
    const text = texts[i]
    const quantity = parseQuantity(text?.quantity ?? '', unitOf(line.materialId), { zero: true })
    if (text) text.fault = quantity.kind === 'none' ? quantity.because : ''
    return quantity.kind === 'ok' ? { line: index, quantity: quantity.value, label: label.value } : undefined
  })
  const come = read.filter((one) => one !== undefined)
  if (come.length < read.length) return
  const answer = await workshop.dispatch(receiveOrder, props.progress.order.id, come, date.value)
  if (answer.kind === 'none') return
  notices.done(`${answer.value.length} taken in.`)
  open.value = false
}
</script>

<template>
  <BaseDialog v-model="open" wide :title="`What came of ${buying.supplierName(progress.order.supplierId)}`">
    <form @submit.prevent="take">
      <table class="ruled w-full">
        <tbody>
          <tr v-for="({ line }, i) in waiting" :key="i">
            <td>
              {{ nameOf(line.materialId) }}
              <span class="block text-sm text-soft"
                >{{ line.packs }} ×
                {{ formatQuantity(line.packQuantity, unitOf(line.materialId)) }} ordered<template
                  v-if="line.come > 0"
                  >, {{ formatQuantity(line.come, unitOf(line.materialId)) }} came before</template
                ></span
              >
            </td>
            <td class="w-44">
              <TextField
                v-model="texts[i]!.quantity"
                hide-label
                :label="`Came of ${nameOf(line.materialId)}`"
                :fault="texts[i]!.fault"
              />
            </td>
            <td class="w-32">
              <button type="button" class="button button-small" @click="nothing(i)">
                Not there<span class="sr-only">: {{ nameOf(line.materialId) }}</span>
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <div class="mt-3 grid grid-cols-2 gap-3">
        <DateField v-model="date" label="Day" past />
        <TextField v-model="label" label="Written on each" />
      </div>
      <p class="text-sm text-soft">
        Each becomes a lot, with its share of the postage in its price. What is missing is waited for until
        you say that no more comes.
      </p>
      <div class="mt-3 flex justify-end gap-2">
        <button type="button" class="button" @click="open = false">Leave it</button>
        <button type="submit" class="button button-act">Take in</button>
      </div>
    </form>
  </BaseDialog>
</template>
