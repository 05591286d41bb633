<script setup lang="ts">
import {
  gatheringById,
  gatherings,
  outlookOf,
  stretchAt,
  type Gathering,
  type Harvest,
  type Outlook,
} from '~~/core/harvest'
import { isTropical, REFERENCE_PLACE } from '~~/core/plants'
import { formatQuantity } from '~~/core/units'

/** What can be gathered near the workshop in which weeks, held against what planned work will want. */
const workshop = useWorkshop()
const stock = useStock()
const harvests = useHarvests()
const buying = useBuying()
const taken = useYearUse(gatherings.map(({ materialId }) => materialId))
const chosen = ref<string>()
const editing = ref<{ gathering: Gathering; harvest?: Harvest; outlook?: Outlook }>()
const taking = ref<Harvest>()
useStation('Harvest', () => {
  plan(rows.value[0]?.outlook)
})

const place = computed(() => harvests.place.at)
const tropical = computed(() => isTropical(place.value))
const rows = computed(() =>
  gatherings
    .map((gathering) => {
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
/** What has the longest time lies innermost, where the way round is short; the same all year and everywhere. */
const ringed = gatherings
  .map((gathering) => ({ gathering, days: stretchAt(gathering, REFERENCE_PLACE)?.days ?? 0 }))
  .sort((a, b) => b.days - a.days)
const rings = computed(() =>
  ringed.map(({ gathering }) => {
    const row = rows.value.find((one) => one.gathering.id === gathering.id)
    const stretch = stretchAt(gathering, place.value)
    const sowing = gathering.sowing && stretchAt(gathering.sowing, place.value)
    return {
      id: gathering.id,
      name: gathering.name,
      ...(stretch ? { stretch } : {}),
      ...(sowing ? { sowing } : {}),
      isOpen: row?.outlook.isOpen ?? false,
      wants: (row?.ahead?.days ?? []).flatMap(({ what, on, after }) =>
        what === 'wanted' && on !== undefined ? [{ on, lacking: after < 0 }] : [],
      ),
    }
  }),
)
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
        So near the equator the weeks follow the rains, and none are foretold: each harvest takes the days
        that you give it.
      </p>
      <HarvestList v-if="due.length > 0" label="Due now" :rows="due" @edit="change" @take="taking = $event" />
      <div class="layout">
        <YearWheel v-model:chosen="chosen" :rings="rings" :today="buying.now" class="mt-2 ml-5" />
        <table class="ruled self-start">
          <thead>
            <tr>
              <th>What</th>
              <th>Next time</th>
              <th class="number">There</th>
              <th class="number">Wanted</th>
              <th>Bring home</th>
              <th><span class="sr-only">Actions</span></th>
            </tr>
          </thead>
          <tbody>
            <tr
              v-for="{ gathering, outlook } in rows"
              :key="gathering.id"
              :class="{ chosen: chosen === gathering.id }"
              @mouseenter="chosen = gathering.id"
            >
              <td>{{ gathering.name }}</td>
              <td>
                <template v-if="outlook.window"
                  ><span :class="{ 'font-semibold text-moss': outlook.isOpen }">{{
                    outlook.isOpen
                      ? `now, to ${formatDay(outlook.window.to)}`
                      : `${formatDay(outlook.window.from)} – ${formatDate(outlook.window.to)}`
                  }}</span></template
                >
              </td>
              <td class="number">{{ outlook.there > 0 ? show(outlook.there, gathering) : '' }}</td>
              <td class="number">
                {{ outlook.wanted > 0 ? show(outlook.wanted, gathering) : ''
                }}<span v-if="outlook.tooSoon > 0" class="block text-xs text-hip"
                  >{{ show(outlook.tooSoon, gathering) }} sooner</span
                >
              </td>
              <td>
                <span :class="outlook.bring > 0 ? 'font-semibold' : 'text-soft'">{{
                  bringWords(outlook)
                }}</span>
                <span v-if="outlook.coming > 0" class="block text-xs text-soft"
                  >{{ show(outlook.coming, gathering) }} on its way</span
                >
              </td>
              <td class="number">
                <button type="button" class="button button-small" @click="plan(outlook)">
                  Plan<span class="sr-only"> {{ gathering.name }}</span>
                </button>
              </td>
            </tr>
          </tbody>
        </table>
      </div>
      <p class="px-5 py-2 text-sm text-soft">
        Wanted is what planned work takes within a year; a mark on the wheel shows when, red where it will be
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
.layout {
  display: grid;
  grid-template-columns: minmax(300px, 440px) minmax(0, 1fr);
  gap: 0 24px;
}
.chosen td {
  background: var(--color-hover);
}
@media (max-width: 900px) {
  .layout {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
