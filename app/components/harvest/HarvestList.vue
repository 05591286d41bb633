<script setup lang="ts">
import { gatheringById, isOpenOn, type Harvest, type HarvestState } from '~~/core/harvest'
import { formatQuantity } from '~~/core/units'

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
</script>

<template>
  <table class="ruled w-full">
    <thead>
      <tr>
        <th class="!pl-5">{{ label }}</th>
        <th>When</th>
        <th class="number">Hoped for</th>
        <th>Where, and leave</th>
        <th>State</th>
        <th><span class="sr-only">Actions</span></th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="{ harvest, state, name, hoped, came, sowing } in shown" :key="harvest.id">
        <td class="!pl-5">
          {{ name }}<span v-if="harvest.note" class="block text-xs text-soft">{{ harvest.note }}</span>
        </td>
        <td>
          {{ formatDay(harvest.from) }} – {{ formatDate(harvest.to)
          }}<span v-if="sowing" class="block text-xs text-soft"
            >sow {{ formatDay(sowing.from) }} – {{ formatDate(sowing.to) }}</span
          >
        </td>
        <td class="number">
          {{ hoped }}<span v-if="came" class="block text-xs text-soft">{{ came }}</span>
        </td>
        <td>
          {{ harvest.place || 'nowhere named' }}
          <span
            class="block text-xs"
            :class="
              harvest.permission === 'own ground' || harvest.permission === 'given'
                ? 'text-soft'
                : 'text-larch'
            "
            >{{ harvest.permission === 'own ground' ? 'own ground' : `leave ${harvest.permission}` }}</span
          >
        </td>
        <td>
          <span class="tag" :class="tones[state]">{{ words[state] }}</span>
        </td>
        <td class="number">
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
        </td>
      </tr>
    </tbody>
  </table>
</template>
