<script setup lang="ts">
import {
  gatheringById,
  gatherings,
  outlookOf,
  spansAt,
  type Gathering,
  type Harvest,
  type Outlook,
} from '~~/core/harvest'
import { isTropical } from '~~/core/plants'
import type { Ahead } from '~~/core/stock'
import { formatQuantity } from '~~/core/units'
import type { Column } from '../../../parts/table/column'

/** What can be gathered near the workshop in which weeks, held against what planned work will want. */
const workshop = useWorkshop()
const stock = useStock()
const harvests = useHarvests()
const buying = useBuying()
const taken = useYearUse(gatherings.map(({ materialId }) => materialId))
const editing = ref<{ gathering: Gathering; harvest?: Harvest; outlook?: Outlook }>()
const taking = ref<Harvest>()
useStation('Harvest', () => {
  plan(rows.value[0]?.outlook)
})

const place = computed(() => harvests.place.at)
const tropical = computed(() => isTropical(place.value))
const rows = computed(() =>
  gatherings
    .map((gathering): Row => {
      const ahead = buying.aheads.get(gathering.materialId)
      const outlook = outlookOf(
        gathering,
        place.value,
        buying.now,
        ahead,
        taken.value.get(gathering.materialId),
      )
      return { gathering, ahead, outlook }
    })
    .sort((a, b) => comes(a.outlook).localeCompare(comes(b.outlook))),
)
const comes = ({ window, isOpen }: Outlook): string => (isOpen ? '' : (window?.from ?? '9999'))
interface Row {
  readonly gathering: Gathering
  readonly ahead: Ahead | undefined
  readonly outlook: Outlook
}
const columns: readonly Column<Row>[] = [
  { id: 'what', head: 'What', by: ({ gathering }) => gathering.name },
  { id: 'year', head: 'The year', cell: 'year wide' },
  { id: 'next', head: 'Next time', by: ({ outlook }) => comes(outlook) },
  { id: 'there', head: 'There', number: true, cell: 'wide' },
  { id: 'wanted', head: 'Wanted', number: true, cell: 'wide' },
  { id: 'bring', head: 'Bring home' },
  { id: 'act', head: 'Actions', headless: true, number: true },
]
/** The weeks of a year in which it can be gathered, and the days that work wants of it. */
const yearOf = ({ gathering, ahead, outlook: { isOpen } }: Row) => {
  const [sowing] = gathering.sowing ? spansAt(gathering.sowing, place.value) : []
  return {
    name: gathering.name,
    isOpen,
    spans: spansAt(gathering, place.value),
    ...(sowing ? { sowing } : {}),
    wants: (ahead?.days ?? []).flatMap(({ what, on, after }) =>
      what === 'wanted' && on !== undefined ? [{ on, lacking: after < 0 }] : [],
    ),
  }
}
const show = (quantity: number, { materialId }: Gathering): string =>
  formatQuantity(quantity, stock.stateById.get(materialId)?.material.unit ?? 'g')

function bringWords({ gathering, bring, because, there, coming, tooSoon }: Outlook): string {
  if (because === 'enough')
    return there > 0 || coming > 0 ? 'enough' : tooSoon > 0 ? 'too late for it' : 'none wanted'
  return `${show(bring, gathering)}${because === 'last year' ? ', as last year' : ''}`
}
function plan(outlook: Outlook | undefined): void {
  if (outlook) editing.value = { gathering: outlook.gathering, outlook }
}
function change(harvest: Harvest): void {
  const gathering = gatheringById(harvest.gather)
  if (gathering) editing.value = { gathering, harvest }
}
const takingMaterial = computed(() => stock.stateById.get(taking.value?.materialId ?? '')?.material)
/** What is to be done about now, before all else. */
const isDue = (harvest: Harvest): boolean => ['open', 'under way'].includes(harvests.stateOf(harvest))
const due = computed(() => known.value.filter(isDue))
const others = computed(() => known.value.filter((harvest) => !isDue(harvest)))
/** Those still to come first, then the latest. */
const known = computed(() => {
  const past = (harvest: Harvest): boolean => ['brought in', 'missed'].includes(harvests.stateOf(harvest))
  return workshop.harvests
    .filter(({ gather }) => gatheringById(gather) !== undefined)
    .sort(
      (a, b) =>
        Number(past(a)) - Number(past(b)) ||
        (past(a) ? b.to.localeCompare(a.to) : a.from.localeCompare(b.from)),
    )
})
</script>

<template>
  <div>
    <StockNav title="Harvest">
      <span class="text-sm text-soft"
        >{{ formatPlace(place.latitudeDeg, place.altitudeM)
        }}{{ harvests.place.from ? `, as ${harvests.place.from}: Workshop sets your own` : '' }}</span
      >
    </StockNav>
    <p v-if="!workshop.ledgerRead" class="px-5 py-3 text-soft" role="status">Reading the shelf…</p>
    <template v-else>
      <p v-if="tropical" class="px-5 pt-3 text-larch">
        So near the equator the weeks follow the rains: what is to be dry is gathered in the dry time. Where
        it rains twice a year, give each harvest the days that you know.
      </p>
      <HarvestList v-if="due.length > 0" label="Due now" :rows="due" @edit="change" @take="taking = $event" />
      <DataTable
        label="What can be gathered"
        page
        :rows="rows"
        :columns="columns"
        :key-of="({ gathering }) => gathering.id"
      >
        <template #what="{ row: { gathering } }">{{ gathering.name }}</template>
        <template #head-year><span class="sr-only">The year</span><MonthAxis /></template>
        <template #year="{ row }"><YearRibbon v-bind="yearOf(row)" :today="buying.now" /></template>
        <template #next="{ row: { outlook } }">
          <span v-if="outlook.window" :class="{ 'font-semibold text-moss': outlook.isOpen }">{{
            outlook.isOpen
              ? `now, to ${formatDay(outlook.window.to)}`
              : `${formatDay(outlook.window.from)} – ${formatDate(outlook.window.to)}`
          }}</span>
        </template>
        <template #there="{ row: { gathering, outlook } }">{{
          outlook.there > 0 ? show(outlook.there, gathering) : ''
        }}</template>
        <template #wanted="{ row: { gathering, outlook } }">
          {{ outlook.wanted > 0 ? show(outlook.wanted, gathering) : ''
          }}<span v-if="outlook.tooSoon > 0" class="block text-xs text-hip"
            >{{ show(outlook.tooSoon, gathering) }} sooner</span
          >
        </template>
        <template #bring="{ row: { gathering, outlook } }">
          <span :class="outlook.bring > 0 ? 'font-semibold' : 'text-soft'">{{ bringWords(outlook) }}</span>
          <span v-if="outlook.coming > 0" class="block text-xs text-soft"
            >{{ show(outlook.coming, gathering) }} on its way</span
          >
        </template>
        <template #act="{ row: { gathering, outlook } }">
          <button type="button" class="button button-small" @click="plan(outlook)">
            Plan<span class="sr-only"> {{ gathering.name }}</span>
          </button>
        </template>
      </DataTable>
      <p class="px-5 py-2 text-sm text-soft">
        Wanted is what planned work takes within a year; a mark on the ribbon shows when, red where it will be
        lacking. “Sooner” is lacking before anything gathered could be dry: buy it, or make it another way.
        Ask owner and authority before picking, and mind what is protected.
      </p>
      <HarvestList
        v-if="others.length > 0"
        label="To come, and past"
        :rows="others"
        @edit="change"
        @take="taking = $event"
      />
      <p v-else-if="due.length === 0" class="px-5 py-3 text-soft">
        No harvest is planned. Plan one: it counts as on its way, and comes up when its weeks come.
      </p>
    </template>
    <HarvestDialog
      v-if="editing"
      :key="editing.harvest?.id ?? editing.gathering.id"
      :gathering="editing.gathering"
      :harvest="editing.harvest"
      :outlook="editing.outlook"
      @close="editing = undefined"
    />
    <ReceiveDialog
      v-if="taking && takingMaterial"
      :key="taking.id"
      :material="takingMaterial"
      :harvest="taking"
      @close="taking = undefined"
    />
  </div>
</template>

<style scoped>
:deep(td.year) {
  width: 36%;
  padding-top: 0;
  padding-bottom: 0;
}
</style>
