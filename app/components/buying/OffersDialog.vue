<script setup lang="ts">
import { offerStocks, type Offer, type Supplier } from '~~/core/buying'
import { formatMoney, formatQuantity, parseQuantity, unitName, type StockUnit } from '~~/core/units'
import { namedChoices, plainChoices } from '../../parts/fields/choice'
import { money as moneyField, picked, typed } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'
import type { Column } from '../../parts/table/column'

/** What a supplier sells, offer by offer: typed, changed, taken out. */
const props = defineProps<{ supplier: Supplier }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const removeOffer = useDeed('removeOffer')
const saveOffer = useDeed('saveOffer')
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
type Row = (typeof rows.value)[number]
const columns: readonly Column<Row>[] = [
  { id: 'name', head: 'Material', by: ({ material }) => material?.name ?? 'a material that is gone' },
  {
    id: 'pack',
    head: 'Pack',
    number: true,
    cell: 'wide',
    text: ({ offer, material }) => formatQuantity(offer.packQuantity, material?.unit ?? 'g'),
  },
  {
    id: 'price',
    head: 'Price',
    number: true,
    by: ({ offer }) => offer.priceMinor,
    text: ({ offer }) => money(offer.priceMinor),
  },
  { id: 'stock', head: 'Stock', cell: 'wide', by: ({ offer }) => offer.stock },
  { id: 'act', head: 'Actions', headless: true, number: true },
]
const materials = computed(() =>
  [...workshop.materials]
    .filter(({ blendId }) => blendId === undefined)
    .sort((a, b) => a.name.localeCompare(b.name)),
)
const form = useFields(
  {
    materialId: picked({ label: 'Material', placeholder: 'choose', wide: true }),
    packQuantity: typed<number>({ label: 'Pack' }, (text, { materialId }) =>
      parseQuantity(text, unitOf(materialId ?? '')),
    ),
    priceMinor: moneyField({ label: 'Price' }),
  },
  {
    send: (values) =>
      saveOffer({
        supplierId: props.supplier.id,
        ...values,
        stock: 'not said',
        seen: buying.now,
        origin: 'typed',
      }),
    look: ({ materialId }) => ({
      materialId: { choices: namedChoices(materials.value) },
      packQuantity: { label: materialId ? `Pack, ${unitName(unitOf(materialId))}` : 'Pack' },
    }),
  },
)
const unitOf = (id: string): StockUnit => stock.stateById.get(id)?.material.unit ?? 'g'
watch(
  () => form.texts.value.materialId,
  (id) => {
    const material = stock.stateById.get(id ?? '')?.material
    form.set(
      'packQuantity',
      material?.packQuantity === undefined ? '' : formatQuantity(material.packQuantity, material.unit),
    )
    form.set(
      'priceMinor',
      material?.packPriceMinor === undefined ? '' : formatMoney(material.packPriceMinor, ''),
    )
  },
)
async function setStock(offer: Offer, now: Offer['stock']): Promise<void> {
  const { fieldsAt: _fieldsAt, changedAt: _changedAt, ...draft } = offer
  await saveOffer({
    ...draft,
    stock: now,
    seen: buying.now,
  })
}
</script>

<template>
  <BaseDialog v-model="open" wide :title="`Offers of ${supplier.name}`">
    <FieldsForm :form="form" act="Add" no-leave />
    <TextField
      v-if="rows.length > 12 || wanted"
      v-model="wanted"
      class="mt-2"
      label="Find among its offers"
    />
    <div class="mt-2 max-h-96 overflow-y-auto">
      <DataTable
        label="Offers"
        class="text-sm"
        :rows="rows"
        :columns="columns"
        :key-of="({ offer }) => offer.id"
        empty="No offer is known yet."
      >
        <template #stock="{ row: { offer, material } }">
          <SelectField
            cell
            class="w-32"
            :model-value="offer.stock"
            :label="`Stock of ${material?.name}`"
            :options="plainChoices(offerStocks)"
            @update:model-value="(now) => setStock(offer, now)"
          />
        </template>
        <template #act="{ row: { offer, material } }">
          <button type="button" class="button button-quiet button-small" @click="removeOffer(offer.id)">
            Take out<span class="sr-only"> {{ material?.name }}</span>
          </button>
        </template>
      </DataTable>
    </div>
    <div class="answers mt-4">
      <button type="button" class="button" @click="open = false">Done</button>
    </div>
  </BaseDialog>
</template>
