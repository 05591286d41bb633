<script setup lang="ts">
import { gatheringById } from '~~/core/harvest'
import { holdersWords, lackWords } from '~~/core/stock'

/** What stands about the shelf today: whether all is covered, what is to be gathered, what the line in hand lacks. */
const commission = useCommission()
const stock = useStock()
const shelf = useShelf()
const workshop = useWorkshop()
const harvests = useHarvests()
const to = useStationPath()

const line = computed(() => commission.selected?.line)
const lacks = computed(() => (line.value ? (shelf.stockOf.get(line.value.id)?.lacks ?? []) : []))
/** Harvests whose days have come. */
const due = computed(() =>
  workshop.harvests
    .filter((harvest) => harvests.stateOf(harvest) === 'open')
    .map(
      ({ gather, to: last }) =>
        `${gatheringById(gather)?.name.toLowerCase() ?? gather}, until ${formatDay(last)}`,
    ),
)
const materialOf = (id: string) => stock.stateById.get(id)?.material
</script>

<template>
  <section class="px-5 pb-1 text-sm" aria-label="The shelf now">
    <p v-if="shelf.shortages.length === 0" class="pb-1 text-moss">
      All that is left to make is covered, in every commission.
    </p>
    <p v-if="due.length > 0" class="pb-1">
      <span class="tag tag-larch">to gather now</span>
      {{ due.join('; ') }}.
      <NuxtLink class="underline" :to="to('stock/harvest')">See the harvests</NuxtLink>
    </p>
    <p v-if="line?.methodId" class="pb-1 text-soft">
      {{ line.name }}:
      <template v-if="lacks.length === 0">covered.</template>
      <template v-else>
        <span v-for="(lack, i) in lacks" :key="lack.materialId"
          >{{ i ? '; ' : '' }}{{ materialOf(lack.materialId)?.name }}
          {{ lackWords(lack, materialOf(lack.materialId)?.unit ?? 'g')
          }}<template v-if="holdersWords(lack)"
            >, what there is goes first to {{ holdersWords(lack) }}</template
          ></span
        >.</template
      >
    </p>
  </section>
</template>
