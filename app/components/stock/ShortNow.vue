<script setup lang="ts">
import { gatheringById, gatheringOf } from '~~/core/harvest'
import { holdersWords, lackWords } from '~~/core/stock'
import { counted } from '~~/core/units'

/**
 * What the workshop is short of, and the packs that would cover it; then the line in hand by itself, and who
 * has what it lacks.
 */
const emit = defineEmits<{ receive: [materialId: string] }>()
const commission = useCommission()
const stock = useStock()
const shelf = useShelf()
const buying = useBuying()
const workshop = useWorkshop()
const harvests = useHarvests()
const { money } = useFormat()
const to = useStationPath()

const total = computed(() => shelf.shortages.reduce((sum, row) => sum + (row.packsCostMinor ?? 0), 0))
const line = computed(() => commission.selected)
const lacks = computed(() => (line.value ? (shelf.stockOf.get(line.value.line.id)?.lacks ?? []) : []))
/** The day that more of it comes, where it is on its way. */
const comingOn = (id: string): string | undefined =>
  buying.arrivals
    .get(id)
    ?.map(({ on }) => on)
    .sort()[0]
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
  <section class="border-t border-line px-5 py-2" aria-label="Short">
    <p v-if="shelf.shortages.length === 0" class="text-moss">
      All that is left to make is covered, in every commission.
    </p>
    <ul v-else class="shorts">
      <li v-for="row in shelf.shortages" :key="row.materialId">
        <span class="min-w-0">
          <span class="font-semibold">{{ row.name }}</span>
          <span v-if="comingOn(row.materialId)" class="tag tag-rain ml-2"
            >on its way, {{ formatDay(comingOn(row.materialId) ?? '') }}</span
          >
        </span>
        <span class="lacks">{{ lackWords(row, row.unit) }}</span>
        <span class="packs">
          <template v-if="row.short === 0">must lie there; it comes back</template>
          <template v-else-if="row.packs"
            >{{ counted(row.packs, 'pack')
            }}<template v-if="row.packsCostMinor !== undefined"
              >, about {{ money(row.packsCostMinor) }}</template
            ></template
          >
        </span>
        <span class="acts">
          <NuxtLink
            v-if="materialOf(row.materialId)?.blendId"
            class="button button-small"
            :to="{ path: to('blends'), query: { blend: materialOf(row.materialId)?.blendId } }"
            >Mix<span class="sr-only"> {{ row.name }}</span></NuxtLink
          >
          <NuxtLink v-if="gatheringOf(row.materialId)" class="button button-small" :to="to('stock/harvest')"
            >Gather<span class="sr-only"> {{ row.name }}</span></NuxtLink
          >
          <button
            v-if="!materialOf(row.materialId)?.blendId"
            type="button"
            class="button button-small"
            @click="emit('receive', row.materialId)"
          >
            Receive<span class="sr-only"> {{ row.name }}</span>
          </button>
        </span>
      </li>
    </ul>
    <p v-if="shelf.shortages.length > 0" class="pt-1 text-sm text-soft">
      <template v-if="shelf.shortages.length > 1 && total > 0"
        >All of it in whole packs: about {{ money(total) }}.
      </template>
      <NuxtLink class="underline" :to="to('stock/buying')">See what to buy of whom</NuxtLink>
    </p>
    <p v-if="due.length > 0" class="pt-1 text-sm">
      <span class="tag tag-larch">to gather now</span>
      {{ due.join('; ') }}.
      <NuxtLink class="underline" :to="to('stock/harvest')">See the harvests</NuxtLink>
    </p>
    <p v-if="line?.line.methodId" class="pt-1 text-sm text-soft">
      {{ line.line.name }}:
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

<style scoped>
.shorts {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(520px, 1fr));
  gap: 0 24px;
}
.shorts li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 112px 124px auto;
  align-items: center;
  gap: 8px;
  min-height: 40px;
  border-bottom: 1px solid var(--color-line);
}
.lacks {
  color: var(--color-hip);
  text-align: right;
  font-variant-numeric: tabular-nums;
}
.packs {
  color: var(--color-soft);
  font-size: 13px;
  line-height: 16px;
}
.acts {
  display: flex;
  justify-content: end;
  gap: 4px;
  min-width: 84px;
}
@media (max-width: 700px) {
  .shorts {
    grid-template-columns: minmax(0, 1fr);
  }
  .shorts li {
    grid-template-columns: minmax(0, 1fr) auto;
    padding: 4px 0;
  }
}
</style>
