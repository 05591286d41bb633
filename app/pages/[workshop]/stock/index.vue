<script setup lang="ts">
import { stockMethodFor } from '~~/core/methods'
import { stockValue, stuffNames, type Material, type StuffName } from '~~/core/stock'
import { counted } from '~~/core/units'

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
const shownShort = (id: string): boolean => shelf.shortageOf.has(id)
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

/** By what they are; what is mixed by a recipe stands together, first. */
type GroupName = StuffName | 'blends'
const groupNames: Record<GroupName, string> = { blends: 'Blends', ...stuffNames }
const groups = computed(() =>
  (Object.keys(groupNames) as GroupName[])
    .map((kind) => ({
      kind,
      states: stock.states.filter(
        (state) =>
          (state.material.blendId === undefined ? state.material.of.stuff : 'blends') === kind &&
          (only.value === 'all' ||
            (only.value === 'short'
              ? shownShort(state.material.id)
              : state.lots.length > 0 || claimed.value.has(state.material.id))),
      ),
    }))
    .filter(({ states }) => states.length > 0),
)
</script>

<template>
  <div>
    <div class="flex flex-wrap items-center gap-3 px-5 pt-3 pb-2">
      <h1>Stock</h1>
      <ChoiceRow
        v-model="only"
        label="Which materials"
        :choices="[
          ['held', 'held or needed'],
          ['short', `short (${shelf.shortages.length})`],
          ['all', 'all materials'],
        ]"
      />
      <span class="flex-1" />
      <button type="button" class="button" @click="filing = true">Files</button>
      <button type="button" class="button" @click="scanning = true">Find a jar</button>
      <NuxtLink class="button" :to="to('sorting')">Sort a box</NuxtLink>
      <button type="button" class="button" @click="editing = 'new'">New material</button>
    </div>
    <StockNav />
    <ShortNow
      @receive="
        (id) => {
          receiving = stock.stateById.get(id)?.material
        }
      "
    />
    <table v-if="groups.length > 0" class="ruled w-full border-t-2 border-ink">
      <thead>
        <tr>
          <th class="!pl-5">Material</th>
          <th class="number">On hand</th>
          <th class="number">Wanted</th>
          <th class="number">Over, or lacking</th>
          <th>State</th>
          <th><span class="sr-only">Actions</span></th>
        </tr>
      </thead>
      <tbody v-for="group in groups" :key="group.kind">
        <tr>
          <th colspan="6" class="kind" scope="rowgroup">{{ groupNames[group.kind] }}</th>
        </tr>
        <MaterialRow
          v-for="state in group.states"
          :key="state.material.id"
          :state="state"
          :claimed="claimed.get(state.material.id) ?? 0"
          :short="shelf.shortageOf.get(state.material.id)"
          :makeable="state.material.blendId !== undefined || stockMethodFor(state.material.id) !== undefined"
          :open="opened.has(state.material.id)"
          @toggle="toggle(state.material.id)"
          @receive="receiving = state.material"
          @edit="editing = state.material"
          @make="make(state.material)"
        />
      </tbody>
    </table>
    <p v-else class="m-6 text-soft">
      {{
        only === 'short'
          ? 'Nothing is short.'
          : 'Nothing is in stock yet. Choose “all materials” and receive what is on your shelf.'
      }}
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

<style scoped>
.kind {
  font-family: var(--font-title);
  font-weight: 650 !important;
  font-size: 15px !important;
  color: var(--color-ink) !important;
  padding: 12px 20px 3px !important;
}
</style>
