<script setup lang="ts">
import { offerStocks, type Offer, type Supplier } from '~~/core/buying'
import { formatMoney, formatQuantity, parseMoney, parseQuantity, unitName } from '~~/core/units'
import { removeOffer, saveOffer } from '../../db/commands/buying'

/** What a supplier sells, offer by offer: typed, changed, taken out. */
const props = defineProps<{ supplier: Supplier }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const buying = useBuying()
const stock = useStock()
const { money } = useFormat()
const { open } = useDialog(() => emit('close'))
const wanted = ref('')
const rows = computed(() =>
  buying.offers
    .filter(({ supplierId }) => supplierId === props.supplier.id)
    .map((offer) => ({ offer, material: stock.stateById.get(offer.materialId)?.material }))
    .filter(({ material }) => material?.name.toLowerCase().includes(wanted.value.trim().toLowerCase()))
    .sort((a, b) => (a.material?.name ?? '').localeCompare(b.material?.name ?? '')),
)
const materials = computed(() =>
  [...workshop.materials]
    .filter(({ blendId }) => blendId === undefined)
    .sort((a, b) => a.name.localeCompare(b.name)),
)
const text = reactive({ materialId: '', pack: '', price: '' })
const fault = reactive({ pack: '', price: '' })
const chosen = computed(() => workshop.materials.find(({ id }) => id === text.materialId))
watch(chosen, (material) => {
  text.pack = material?.packQuantity === undefined ? '' : formatQuantity(material.packQuantity, material.unit)
  text.price = material?.packPriceMinor === undefined ? '' : formatMoney(material.packPriceMinor, '')
})
async function add(): Promise<void> {
  if (!chosen.value) return
  const pack = parseQuantity(text.pack, chosen.value.unit)
  const price = parseMoney(text.price)
  fault.pack = pack.kind === 'none' ? pack.because : ''
  fault.price = price.kind === 'none' ? price.because : ''
  if (pack.kind === 'none' || price.kind === 'none') return
  const answer = await workshop.dispatch(saveOffer, {
    supplierId: props.supplier.id,
    materialId: chosen.value.id,
    packQuantity: pack.value,
    priceMinor: price.value,
    stock: 'not said',
    seen: buying.now,
    origin: 'typed',
  })
  if (answer.kind === 'ok') text.materialId = ''
}
async function setStock(offer: Offer, event: Event): Promise<void> {
  const { fieldsAt: _fieldsAt, changedAt: _changedAt, ...draft } = offer
  await workshop.dispatch(saveOffer, {
    ...draft,
    stock: (event.target as HTMLSelectElement).value as Offer['stock'],
    seen: buying.now,
  })
}
</script>

<template>
  <BaseDialog v-model="open" wide :title="`Offers of ${supplier.name}`">
    <form class="grid grid-cols-[1fr_120px_110px_auto] items-start gap-2" @submit.prevent="add">
      <div>
        <label class="label" for="offer-material">Material</label>
        <select id="offer-material" v-model="text.materialId" class="field">
          <option value="">choose</option>
          <option v-for="material in materials" :key="material.id" :value="material.id">
            {{ material.name }}
          </option>
        </select>
      </div>
      <TextField
        v-model="text.pack"
        :label="chosen ? `Pack, ${unitName(chosen.unit)}` : 'Pack'"
        :fault="fault.pack"
      />
      <TextField v-model="text.price" label="Price" :fault="fault.price" />
      <button type="submit" class="button mt-[22px]" :disabled="!chosen">Add</button>
    </form>
    <TextField
      v-if="rows.length > 12 || wanted"
      v-model="wanted"
      class="mt-2"
      label="Find among its offers"
    />
    <div class="mt-2 max-h-96 overflow-y-auto">
      <table class="ruled w-full text-sm">
        <tbody>
          <tr v-for="{ offer, material } in rows.slice(0, 400)" :key="offer.id">
            <td>{{ material?.name ?? 'a material that is gone' }}</td>
            <td class="number">{{ formatQuantity(offer.packQuantity, material?.unit ?? 'g') }}</td>
            <td class="number">{{ money(offer.priceMinor) }}</td>
            <td class="w-32">
              <select
                class="field field-cell"
                :value="offer.stock"
                :aria-label="`Stock of ${material?.name}`"
                @change="setStock(offer, $event)"
              >
                <option v-for="word in offerStocks" :key="word">{{ word }}</option>
              </select>
            </td>
            <td class="number">
              <button
                type="button"
                class="button button-quiet button-small"
                @click="workshop.dispatch(removeOffer, offer.id)"
              >
                Take out<span class="sr-only"> {{ material?.name }}</span>
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <div class="mt-4 flex justify-end">
      <button type="button" class="button" @click="open = false">Done</button>
    </div>
  </BaseDialog>
</template>
