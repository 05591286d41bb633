<script setup lang="ts">
import { searchShelf, stockValue, type Material, type ShelfQuery } from '~~/core/stock'
import { counted, noun } from '~~/core/units'
import { shelfChoices, usualColumns, type ShelfColumn } from '../../../components/stock/shelf-columns'
import type { Order } from '../../../parts/table/column'

const route = useRoute()
const stock = useStock()
const shelf = useShelf()
const to = useStationPath()

const receiving = ref<Material>()
const editing = ref<Material | 'new'>()
const making = ref<Material>()
const scanning = ref(false)
const filing = ref(false)
const { opened, toggle } = useOpened()
const only = ref<'held' | 'short' | 'all'>('held')
useStation('Stock', () => {
  receiving.value = chosen.value ?? stock.states[0]?.material
})

/** A blend is made where its recipe is; what has a way of its own, here. */
function make(material: Material): void {
  if (material.blendId === undefined) making.value = material
  else void navigateTo({ path: to('blends'), query: { blend: material.blendId } })
}
/** Keys of materials that are chosen, while several may be. */
const chosenOnes = shallowRef<ReadonlySet<string>>()
const others = computed(() => [
  {
    words: 'Choose several',
    act: () => {
      chosenOnes.value = new Set()
    },
  },
  { words: 'Sort a box', to: to('sorting') },
  {
    words: 'Files',
    act: () => {
      filing.value = true
    },
  },
])
const workshop = useWorkshop()
const notices = useNotices()
/** Opens the material that a jar's code named, and says which jar it is. */
async function show({ materialId, lotId }: { materialId: string; lotId?: string }): Promise<void> {
  await navigateTo({ path: to('stock'), query: { material: materialId } })
  const label = workshop.lots.find(({ id }) => id === lotId)?.label
  if (label) notices.done(`The jar is “${label}”.`)
}
const { money } = useFormat()
const value = computed(() => stockValue(stock.states))
const claimed = computed(() => shelf.allocation.claimed)
const chosen = computed(() => stock.stateById.get(String(route.query.material ?? ''))?.material)
watch(
  chosen,
  (material) => {
    if (material) {
      opened.value = new Set([material.id])
      only.value = 'all'
    }
  },
  { immediate: true },
)

/** What is looked for, in which order, and which columns are shown. */
const query = shallowRef<ShelfQuery>({})
const order = shallowRef<Order>()
const columns = useKept<ShelfColumn[]>('hardy-thicket-shelf-columns-2', [...usualColumns])
const now = useToday()
const { placeOf } = useLotMarks()
const among = computed(() =>
  stock.states.filter(
    ({ material, lots }) =>
      only.value === 'all' ||
      (only.value === 'short'
        ? shelf.shortageOf.has(material.id)
        : lots.length > 0 || claimed.value.has(material.id)),
  ),
)
const rows = computed(() => searchShelf(among.value, query.value, now.value, placeOf))
const asked = computed(() => Object.keys(query.value).length > 0)
/** What is found of all materials, and not among those that are looked at. */
const beyond = computed(() =>
  asked.value && only.value !== 'all'
    ? searchShelf(stock.states, query.value, now.value, placeOf).length - rows.value.length
    : 0,
)
// The nearest colour first, as soon as one is asked for; and by how much it is off.
watch(
  () => query.value.near === undefined,
  (none) => {
    order.value = none ? undefined : { by: 'off', down: false }
    columns.value = shelfChoices
      .map(({ id }) => id)
      .filter((id) => (id === 'off' ? !none : columns.value.includes(id)))
  },
)
</script>

<template>
  <div>
    <StockNav title="Stock">
      <button type="button" class="button" @click="scanning = true">Find a jar</button>
      <button type="button" class="button" @click="editing = 'new'">New material</button>
      <ActionMenu label="More" button="button" right :choices="others">More</ActionMenu>
    </StockNav>
    <ShelfSearch
      v-model:query="query"
      :columns="columns"
      :found="rows.length"
      :of="among.length"
      @update:columns="columns = [...$event]"
    >
      <ChoiceRow
        v-model="only"
        label="Which materials"
        :choices="[
          ['held', 'held or needed'],
          ['short', `short (${shelf.shortages.length})`],
          ['all', 'all materials'],
        ]"
      />
    </ShelfSearch>
    <ShelfNow v-if="!asked" />
    <LaterPart v-if="rows.length > 0">
      <ShelfTable
        v-model:order="order"
        v-model:chosen="chosenOnes"
        :choosing="chosenOnes !== undefined"
        :rows="rows"
        :columns="columns"
        :opened="opened"
        @toggle="toggle"
        @receive="receiving = $event"
        @edit="editing = $event"
        @make="make"
      />
    </LaterPart>
    <p v-else class="mx-6 my-4 text-soft">
      {{
        asked
          ? 'Nothing of what is shown fits that.'
          : only === 'short'
            ? 'Nothing is short.'
            : 'Nothing is in stock yet. Choose “all materials” and receive what is on your shelf.'
      }}
    </p>
    <p v-if="beyond > 0" class="px-5 py-2 text-sm">
      {{ counted(beyond, 'more material') }} that {{ noun(beyond, 'fits', 'fit') }}
      {{ noun(beyond, 'is', 'are') }} not among these.
      <button type="button" class="button button-small ml-1" @click="only = 'all'">
        Look in all materials
      </button>
    </p>
    <p class="px-5 py-3 text-sm text-soft">
      <template v-if="workshop.ledgerRead"
        >What stands on the shelf is worth {{ money(value.minor) }} at what it was bought or made for<template
          v-if="value.unpriced > 0"
          >; {{ counted(value.unpriced, 'lot') }} without a price
          {{ value.unpriced === 1 ? 'is' : 'are' }} not in that</template
        >.
      </template>
      Wanted is what open batches and all that is left to make will take. Nothing in the ledger is ever
      overwritten: a slip is put right by a count.
    </p>
    <ReceiveDialog
      v-if="receiving"
      :key="receiving.id"
      :material="receiving"
      @close="receiving = undefined"
    />
    <ChosenBar v-if="chosenOnes" :chosen="chosenOnes" @close="chosenOnes = undefined" />
    <FilesDialog v-if="filing" @close="filing = false" />
    <ScanDialog v-if="scanning" @close="scanning = false" @found="show" />
    <MakeStockDialog v-if="making" :material="making" @close="making = undefined" />
    <MaterialDialog
      v-if="editing"
      :material="editing === 'new' ? undefined : editing"
      @close="editing = undefined"
    />
  </div>
</template>
