<script setup lang="ts">
import {
  kindNames,
  materialKinds,
  shortages,
  totalNeeds,
  type Material,
  type Need,
  type Shortage,
} from '~~/core/stock'
import { needsOf } from '~~/core/methods'

const route = useRoute()
const workshop = useWorkshop()
const stock = useStock()
const commission = useCommission()

const receiving = ref<Material>()
const editing = ref<Material | 'new'>()
const { opened, toggle } = useOpened()
const only = ref<'held' | 'short' | 'all'>('held')
useStation('Stock', () => {
  receiving.value = chosen.value ?? stock.states[0]?.material
})

/** What is still to be made in this commission takes so much of each material. */
const needs = computed<Need[]>(() =>
  commission.plants.flatMap((plant) => {
    if (plant.line.methodId === undefined || plant.progress.left === 0) return []
    return needsOf(commission.workOut(plant, plant.line.methodId, { wanted: plant.progress.left }).amounts)
  }),
)
const needed = computed(() => totalNeeds(needs.value))
const short = computed<Map<string, Shortage>>(
  () => new Map(shortages(needs.value, stock.states).map((row) => [row.materialId, row])),
)
const shownShort = (id: string): boolean => short.value.has(id) || lineShort.value.has(id)

/** The line in hand may be short by itself, whatever the rest takes. */
const lineShort = computed(
  () =>
    new Set(
      (commission.stockOf.get(commission.selected?.line.id ?? '')?.short ?? []).map(
        ({ materialId }) => materialId,
      ),
    ),
)
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

const groups = computed(() =>
  materialKinds
    .map((kind) => ({
      kind,
      states: stock.states.filter(
        (state) =>
          state.material.kind === kind &&
          (only.value === 'all' ||
            (only.value === 'short'
              ? shownShort(state.material.id)
              : state.lots.length > 0 || needed.value.has(state.material.id))),
      ),
    }))
    .filter(({ states }) => states.length > 0),
)
</script>

<template>
  <div>
    <div class="flex flex-wrap items-center gap-3 px-5 pt-3 pb-2">
      <h1>Stock</h1>
      <div class="flex" role="group" aria-label="Which materials">
        <button
          v-for="[key, word] in [
            ['held', 'held or needed'],
            ['short', `short (${short.size})`],
            ['all', 'all materials'],
          ] as const"
          :key="key"
          type="button"
          class="choice"
          :aria-pressed="only === key"
          @click="only = key"
        >
          {{ word }}
        </button>
      </div>
      <span class="flex-1" />
      <button type="button" class="button" @click="editing = 'new'">New material</button>
    </div>
    <ShortNow
      v-if="commission.current"
      :short="[...short.values()]"
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
          <th class="number">Promised</th>
          <th class="number">Free</th>
          <th class="number">{{ commission.current?.name ?? 'Commission' }} takes</th>
          <th>State</th>
          <th><span class="sr-only">Actions</span></th>
        </tr>
      </thead>
      <tbody v-for="group in groups" :key="group.kind">
        <tr>
          <th colspan="7" class="kind" scope="rowgroup">{{ kindNames[group.kind] }}</th>
        </tr>
        <MaterialRow
          v-for="state in group.states"
          :key="state.material.id"
          :state="state"
          :needed="needed.get(state.material.id) ?? 0"
          :short="short.get(state.material.id)"
          :open="opened.has(state.material.id)"
          @toggle="toggle(state.material.id)"
          @receive="receiving = state.material"
          @edit="editing = state.material"
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
      Balances are added up from {{ workshop.movements.length.toLocaleString('en-GB') }} entries in the
      ledger. Nothing in it is ever overwritten: a slip is put right by a count.
    </p>
    <ReceiveDialog
      v-if="receiving"
      :key="receiving.id"
      :material="receiving"
      @close="receiving = undefined"
    />
    <MaterialDialog
      v-if="editing"
      :material="editing === 'new' ? undefined : editing"
      @close="editing = undefined"
    />
  </div>
</template>

<style scoped>
.choice {
  min-height: 36px;
  padding: 0 12px;
  border: 1px solid var(--color-line);
  margin-left: -1px;
  font-size: 13px;
  background: #fff;
}
.choice[aria-pressed='true'] {
  background: var(--color-ink);
  color: #fff;
  border-color: var(--color-ink);
}
.kind {
  font-family: var(--font-title);
  font-weight: 650 !important;
  font-size: 15px !important;
  color: var(--color-ink) !important;
  padding: 12px 20px 3px !important;
}
</style>
