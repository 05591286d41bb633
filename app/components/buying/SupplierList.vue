<script setup lang="ts">
import type { Supplier } from '~~/core/buying'
import { counted } from '~~/core/units'
import type { Column } from '../../parts/table/column'

/** Who sells: terms of each, how many offers and how old they are; their prices asked for, or read from a file. */
const emit = defineEmits<{ edit: [supplier: Supplier] }>()
const workshop = useWorkshop()
const removeSupplier = useDeed('removeSupplier')
const buying = useBuying()
const prices = usePriceLists()
const { money } = useFormat()
const removing = ref<Supplier>()
const offering = ref<Supplier>()

const rows = computed(() =>
  workshop.suppliers.map((supplier) => {
    const offers = buying.offers.filter(({ supplierId }) => supplierId === supplier.id)
    return {
      supplier,
      offers: offers.length,
      soldOut: offers.filter(({ stock }) => stock === 'sold out').length,
      seen: offers
        .map(({ seen }) => seen)
        .sort()
        .at(-1),
    }
  }),
)
function terms({ days, postageMinor, freeFromMinor, minimumMinor }: Supplier): string {
  return [
    `${counted(days, 'day')} to the shelf`,
    postageMinor === 0 ? 'no postage' : `postage ${money(postageMinor)}`,
    freeFromMinor === undefined ? '' : `free from ${money(freeFromMinor)}`,
    minimumMinor === undefined ? '' : `no order below ${money(minimumMinor)}`,
  ]
    .filter(Boolean)
    .join(', ')
}
async function readFile(supplier: Supplier, event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  if (file) await prices.read(supplier, file)
  input.value = ''
}
async function remove(): Promise<void> {
  if (removing.value) await removeSupplier(removing.value.id)
}
const columns: readonly Column<(typeof rows.value)[number]>[] = [
  { id: 'who', head: 'Supplier' },
  { id: 'offers', head: 'Offers', cell: 'text-sm' },
  { id: 'act', head: 'Actions', number: true },
]
</script>

<template>
  <section aria-label="Suppliers" class="mt-4 border-t-2 border-ink">
    <h2 class="px-5 pt-3 pb-1">Suppliers</h2>
    <p v-if="rows.length === 0" class="px-5 pb-4 text-soft">
      Nobody yet. Add who sells to you; then read their price list from a file, or type their offers.
    </p>
    <DataTable
      v-else
      page
      bare
      label="Suppliers"
      :rows="rows"
      :columns="columns"
      :key-of="({ supplier }) => supplier.id"
    >
      <template #who="{ row: { supplier } }">
        <span class="font-semibold">{{ supplier.name }}</span>
        <span class="block text-sm text-soft">{{ terms(supplier) }}</span>
      </template>
      <template #offers="{ row: { supplier, offers, soldOut, seen } }">
        <button type="button" class="button button-quiet button-small -ml-2" @click="offering = supplier">
          {{ offers === 0 ? 'Type its offers' : counted(offers, 'offer') }}
        </button>
        <span v-if="soldOut > 0" class="text-larch">{{ soldOut }} sold out</span>
        <span v-if="seen" class="block text-soft">seen {{ formatDate(seen) }}</span>
      </template>
      <template #act="{ row: { supplier } }">
        <span v-if="prices.asking.value === supplier.id" class="mr-2 text-sm text-soft" role="status"
          >Asking…</span
        >
        <button
          v-if="supplier.listed"
          type="button"
          class="button button-small mr-1"
          :disabled="prices.asking.value !== undefined"
          @click="prices.ask(supplier)"
        >
          Ask for prices<span class="sr-only">: {{ supplier.name }}</span>
        </button>
        <label class="button button-small mr-1 cursor-pointer"
          >Read a price list<input
            type="file"
            class="sr-only"
            accept=".csv,text/csv"
            :aria-label="`Read a price list of ${supplier.name}`"
            @change="readFile(supplier, $event)"
        /></label>
        <button type="button" class="button button-quiet button-small" @click="emit('edit', supplier)">
          Change<span class="sr-only"> {{ supplier.name }}</span>
        </button>
        <button type="button" class="button button-quiet button-small" @click="removing = supplier">
          Take out<span class="sr-only"> {{ supplier.name }}</span>
        </button>
      </template>
    </DataTable>
    <PriceListDialog
      v-if="prices.found.value"
      :found="prices.found.value"
      @close="prices.found.value = undefined"
    />
    <OffersDialog v-if="offering" :supplier="offering" @close="offering = undefined" />
    <ConfirmDialog
      v-if="removing"
      :model-value="true"
      :title="`Take ${removing.name} out?`"
      act="Take out"
      danger
      @confirm="remove"
      @update:model-value="removing = undefined"
    >
      Its offers go with it. Orders that were sent, and what came of them, stay.
    </ConfirmDialog>
  </section>
</template>
