<script setup lang="ts">
import { gatheringById, isOpenOn, type Harvest, type HarvestState } from '~~/core/harvest'
import { formatQuantity } from '~~/core/units'
import type { Column } from '../../parts/table/column'

/** Harvests that are meant to be, the next one first: what is hoped for, how it stands, and what to do now. */
const props = defineProps<{ label: string; rows: readonly Harvest[] }>()
const emit = defineEmits<{ edit: [harvest: Harvest]; take: [harvest: Harvest] }>()
const stock = useStock()
const harvests = useHarvests()
const buying = useBuying()
const to = useStationPath()
const { begin, sowingOf } = useHarvestPlans()

const tones: Record<HarvestState, string> = {
  planned: 'tag-plain',
  open: 'tag-larch',
  'under way': 'tag-larch',
  'brought in': 'tag-moss',
  missed: 'tag-hip',
}
const words: Record<HarvestState, string> = {
  planned: 'planned',
  open: 'due now',
  'under way': 'under way',
  'brought in': 'brought in',
  missed: 'missed',
}
const shown = computed(() =>
  props.rows.map((harvest) => {
    const state = harvests.stateOf(harvest)
    const unit = stock.stateById.get(harvest.materialId)?.material.unit ?? 'g'
    const came = harvests.came.get(harvest.id)
    const sowing = sowingOf(harvest, buying.now)
    const { share, of } = harvests.countOn(harvest.gather)
    return {
      harvest,
      state,
      name: gatheringById(harvest.gather)?.name ?? harvest.gather,
      hoped: formatQuantity(harvest.quantity, unit),
      came:
        came === undefined
          ? of > 0 && state !== 'missed'
            ? `about ${formatQuantity(harvest.quantity * share, unit)} to count on`
            : ''
          : `${formatQuantity(came, unit)} came`,
      sowing: state === 'planned' && sowing && sowing.to < harvest.from ? sowing : undefined,
    }
  }),
)
type Shown = (typeof shown.value)[number]
const columns = computed((): readonly Column<Shown>[] => [
  { id: 'name', head: props.label },
  { id: 'when', head: 'When' },
  { id: 'hoped', head: 'Hoped for', number: true, cell: 'wide' },
  { id: 'where', head: 'Where, and leave' },
  { id: 'state', head: 'State', cell: 'wide' },
  { id: 'act', head: 'Actions', headless: true, number: true },
])
</script>

<template>
  <DataTable :label="label" page :rows="shown" :columns="columns" :key-of="({ harvest }) => harvest.id">
    <template #name="{ row: { harvest, name } }">
      {{ name }}<span v-if="harvest.note" class="block text-xs text-soft">{{ harvest.note }}</span>
    </template>
    <template #when="{ row: { harvest, sowing } }">
      {{ formatDay(harvest.from) }} – {{ formatDate(harvest.to)
      }}<span v-if="sowing" class="block text-xs text-soft"
        >sow {{ formatDay(sowing.from) }} – {{ formatDate(sowing.to) }}</span
      >
    </template>
    <template #hoped="{ row: { hoped, came } }">
      {{ hoped }}<span v-if="came" class="block text-xs text-soft">{{ came }}</span>
    </template>
    <template #where="{ row: { harvest } }">
      {{ harvest.place || 'nowhere named' }}
      <span
        class="block text-xs"
        :class="
          harvest.permission === 'own ground' || harvest.permission === 'given' ? 'text-soft' : 'text-larch'
        "
        >{{ harvest.permission === 'own ground' ? 'own ground' : `leave ${harvest.permission}` }}</span
      >
    </template>
    <template #state="{ row: { state } }">
      <span class="tag" :class="tones[state]">{{ words[state] }}</span>
    </template>
    <template #act="{ row: { harvest, state, name, sowing } }">
      <button
        v-if="sowing && isOpenOn(sowing, buying.now)"
        type="button"
        class="button button-small mr-1"
        @click="begin(harvest, 'sow')"
      >
        Sow it
      </button>
      <template v-if="state === 'open' || state === 'planned' || state === 'missed'">
        <button
          v-if="state !== 'planned'"
          type="button"
          class="button button-small mr-1"
          @click="begin(harvest, 'gather')"
        >
          Go gathering<span class="sr-only">: {{ name }}</span>
        </button>
        <button type="button" class="button button-quiet button-small" @click="emit('take', harvest)">
          Take it in<span class="sr-only">: {{ name }}</span>
        </button>
      </template>
      <NuxtLink
        v-if="state === 'under way'"
        class="button button-small mr-1"
        :to="{ path: to('bench'), query: { batch: harvest.batchId } }"
        >At the bench<span class="sr-only">: {{ name }}</span></NuxtLink
      >
      <button
        v-if="state !== 'brought in'"
        type="button"
        class="button button-quiet button-small"
        @click="emit('edit', harvest)"
      >
        Change<span class="sr-only"> {{ name }}</span>
      </button>
    </template>
  </DataTable>
</template>
