<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { orderFor, shoppingText, type Order, type Parcel, type Supplier } from '~~/core/buying'
import { gatheringOf } from '~~/core/harvest'
import { counted, formatQuantity } from '~~/core/units'

/** What is lacking becomes a basket: of whom, in which packs, and why; orders as they come; who sells what. */
const workshop = useWorkshop()
const changeSettings = useDeed('changeSettings')
const sendOrders = useDeed('sendOrders')
const buying = useBuying()
const notices = useNotices()
const to = useStationPath()
const { money } = useFormat()
const list = useShoppingList()
const { copy } = useCopying()

const editing = ref<Supplier | 'new'>()
useStation('Buying', () => {
  editing.value = 'new'
})

/** A basket is looked for whenever what it rests on has come to rest. */
const search = useDebounceFn(() => buying.search(), 200)
watch(
  () => workshop.ledgerRead && JSON.stringify(buying.task),
  (task) => {
    if (task) void search()
  },
  { immediate: true },
)
const basket = computed(() => buying.plan?.basket)
const shownSecond = ref(false)
const shown = computed(() => (shownSecond.value ? buying.plan?.second : basket.value))
watch(basket, () => {
  shownSecond.value = false
})

const lead = ref(String(buying.leadDays))
const leadFault = ref('')
async function setLead(): Promise<void> {
  const days = Number(lead.value)
  const whole = lead.value.trim() !== '' && Number.isInteger(days) && days >= 0 && days <= 365
  leadFault.value = whole ? '' : `Read “${lead.value}”; allowed are whole days from 0 to 365.`
  if (whole) await changeSettings({ leadDays: days })
}

async function send(parcels: readonly Parcel[]): Promise<void> {
  const drafts: Omit<Order, 'id' | 'changedAt'>[] = parcels.map((parcel) => orderFor(parcel, buying.now))
  const answer = await sendOrders(drafts)
  if (answer.kind === 'ok')
    notices.done(
      `${counted(parcels.length, 'order')} noted: ${parcels.map(({ supplier }) => supplier.name).join(', ')}.`,
    )
}
/** Makes a parcel's order by hand for what nobody has in time, and says so. */
const obstacleWords = {
  'no offer': 'nobody is known who sells it',
  'sold out': 'sold out with everybody who has it',
  late: 'not in time',
} as const
const isIdle = computed(() => workshop.ledgerRead && !buying.searching && buying.plan !== undefined)
</script>

<template>
  <div>
    <StockNav title="Buying">
      <template v-if="shown">
        <button
          type="button"
          class="button"
          @click="copy(shoppingText(shown, money, formatDate), 'The shopping list is copied.')"
        >
          Copy the list
        </button>
        <button type="button" class="button" @click="list.print(shown)">Print the list</button>
      </template>
      <button type="button" class="button" @click="editing = 'new'">New supplier</button>
    </StockNav>

    <section
      class="flex flex-wrap items-start gap-y-3 gap-x-4 pt-2.5 px-5 pb-1.5 border-b border-b-line"
      aria-label="What the basket is for"
    >
      <TextField
        v-model="lead"
        class="w-40"
        label="Days before a promise"
        :fault="leadFault"
        @change="setLead"
      />
      <DateField
        :model-value="buying.until ?? ''"
        class="w-44"
        label="For what is needed by"
        @update:model-value="buying.until = $event === '' ? undefined : $event"
      />
      <button
        type="button"
        class="choice mt-[22px]"
        :aria-pressed="buying.until === undefined"
        @click="buying.until = undefined"
      >
        all that is planned
      </button>
      <div>
        <p class="label">What is left over of a pack counts</p>
        <ChoiceRow
          v-model="buying.leftovers"
          label="What is left over of a pack counts"
          :choices="[
            ['nothing', 'for nothing'],
            ['worth', 'for what later work would pay'],
          ]"
        />
      </div>
    </section>

    <p v-if="buying.failure" class="px-5 py-3 text-hip" role="alert">
      The basket could not be worked out: {{ buying.failure }}
      <button type="button" class="button button-small ml-2" @click="buying.search()">Try again</button>
    </p>
    <p v-else-if="!isIdle && !basket" class="px-5 py-3 text-soft" role="status">Looking for the basket…</p>
    <p v-else-if="buying.task.wanted.length === 0" class="px-5 py-3 text-moss">
      Nothing has to be bought: all that is left to make is covered, or on its way.
    </p>
    <p
      v-else-if="isIdle && buying.until !== undefined && !basket && buying.plan?.obstacles.length === 0"
      class="px-5 py-3 text-moss"
    >
      Nothing is lacking by {{ formatDate(buying.until) }}.
    </p>
    <p v-else-if="workshop.suppliers.length === 0" class="px-5 py-3">
      {{ counted(buying.task.wanted.length, 'material') }} will run out. Say who sells what: add a supplier,
      then read a price list or type its offers.
    </p>

    <div v-if="shown" class="layout grid grid-cols-[minmax(0,1fr)_320px] gap-y-0 gap-x-6 pr-5">
      <div class="min-w-0">
        <ParcelTable
          v-for="parcel in shown.parcels"
          :key="parcel.supplier.id"
          :parcel="parcel"
          @send="send([parcel])"
        />
        <CommitBar label="The whole basket">
          <p class="flex-1">
            <strong class="font-semibold">{{ money(shown.goodsMinor + shown.postageMinor) }}</strong>
            <span class="text-soft">
              in {{ counted(shown.parcels.length, 'parcel') }}, {{ money(shown.postageMinor) }} of it
              postage<template v-if="shown.worthMinor > 0.5"
                >; what is over is worth {{ money(shown.worthMinor) }} to later work</template
              ></span
            >
          </p>
          <button type="button" class="button button-act" @click="send(shown.parcels)">
            Note {{ shown.parcels.length === 1 ? 'it' : 'all' }} as sent
          </button>
        </CommitBar>
      </div>
      <aside class="min-w-0">
        <BasketBars
          v-if="buying.plan?.basket"
          v-model:second="shownSecond"
          :plan="buying.plan"
          :suppliers="workshop.suppliers"
        />
        <p v-if="buying.waiting" class="mt-3 text-sm">
          <template v-if="buying.waiting.sendBy"
            >It can be sent until {{ formatDate(buying.waiting.sendBy) }} and all be in time.
          </template>
          {{ counted(buying.waiting.next, 'more material') }} will be needed later:
          <template v-if="buying.waiting.savesMinor > 0"
            >one order for both would save {{ money(buying.waiting.savesMinor) }}.</template
          >
          <template v-else>one order for both saves nothing.</template>
        </p>
        <template v-if="buying.plan && buying.plan.obstacles.length > 0">
          <h2 class="mt-4">Can’t be had, or late</h2>
          <ul class="text-sm">
            <li
              v-for="obstacle in buying.plan.obstacles"
              :key="`${obstacle.material.id}${obstacle.kind}`"
              class="border-b border-line py-1.5"
            >
              <span class="font-semibold">{{ obstacle.material.name }}</span>:
              {{ formatQuantity(obstacle.lacking, obstacle.material.unit)
              }}<template v-if="obstacle.by"> by {{ formatDate(obstacle.by) }}</template
              >, <span class="text-hip">{{ obstacleWords[obstacle.kind] }}</span><template
                v-if="obstacle.soonest"
                >: {{ formatDate(obstacle.soonest) }} at the soonest</template
              ><template v-if="gatheringOf(obstacle.material.id)"
                >; it can be
                <NuxtLink class="underline" :to="to('stock/harvest')">gathered</NuxtLink></template
              >
            </li>
          </ul>
        </template>
        <p v-if="buying.plan && buying.plan.leftOut.length > 0" class="mt-3 text-sm text-larch">
          Ten suppliers are compared at a time; left out:
          {{ buying.plan.leftOut.map(({ name }) => name).join(', ') }}.
        </p>
      </aside>
    </div>
    <ul v-else-if="isIdle && buying.plan && buying.plan.obstacles.length > 0" class="px-5 py-2 text-sm">
      <li v-for="obstacle in buying.plan.obstacles" :key="obstacle.material.id" class="py-1">
        <NuxtLink class="underline" :to="{ path: to('stock'), query: { material: obstacle.material.id } }">{{
          obstacle.material.name
        }}</NuxtLink>: {{ formatQuantity(obstacle.lacking, obstacle.material.unit) }},
        <span class="text-hip">{{ obstacleWords[obstacle.kind] }}</span>
      </li>
    </ul>

    <OrderList />
    <SupplierList @edit="editing = $event" />
    <SupplierDialog
      v-if="editing"
      :supplier="editing === 'new' ? undefined : editing"
      @close="editing = undefined"
    />
  </div>
</template>

<style scoped>
@media (max-width: 1080px) {
  .layout {
    grid-template-columns: minmax(0, 1fr);
    padding-right: 0;
  }
  .layout aside {
    padding: 0 20px;
  }
}
</style>
