<script setup lang="ts">
import type { OrderProgress } from '~~/core/buying'
import { formatQuantity } from '~~/core/units'
import type { Column } from '../../parts/table/column'

/** Orders: sent, partly come, come; what is missing of each. */
const closeOrder = useDeed('closeOrder')
const buying = useBuying()
const stock = useStock()
const notices = useNotices()
const { money } = useFormat()
const receiving = ref<OrderProgress>()
const all = ref(false)
const isOpen = ({ state }: OrderProgress): boolean => state === 'sent' || state === 'partly come'
const shown = computed(() => buying.orders.filter((order) => all.value || isOpen(order)))
const done = computed(() => buying.orders.filter((order) => !isOpen(order)).length)
const materialOf = (id: string) => stock.stateById.get(id)?.material
const tones = { sent: 'plain', 'partly come': 'larch', come: 'moss', 'closed short': 'hip' } as const

/** Nothing more of an order is waited for; or it is again. */
async function close({ order }: OrderProgress, on: string | undefined): Promise<void> {
  const answer = await closeOrder(order.id, on)
  if (answer.kind !== 'ok') return
  const who = buying.supplierName(order.supplierId)
  notices.done(on ? `Nothing more is waited for of ${who}.` : `The rest of ${who} is waited for again.`)
}
const columns: readonly Column<OrderProgress>[] = [
  { id: 'who', head: 'Supplier', cell: 'align-top' },
  { id: 'lines', head: 'What', cell: 'align-top text-sm' },
  { id: 'state', head: 'State', cell: 'align-top' },
  {
    id: 'sum',
    head: 'Together',
    number: true,
    text: ({ totalMinor }) => money(totalMinor),
    cell: 'align-top',
  },
  { id: 'act', head: 'Actions', number: true, cell: 'align-top' },
]
</script>

<template>
  <section v-if="buying.orders.length > 0" aria-label="Orders" class="mt-4 border-t-2 border-ink">
    <div class="flex items-baseline gap-3 px-5 pt-3 pb-1">
      <h2>Orders</h2>
      <button
        v-if="done > 0"
        type="button"
        class="button button-quiet button-small"
        :aria-pressed="all"
        @click="all = !all"
      >
        {{ all ? 'Only those on their way' : `All, ${done} done` }}
      </button>
    </div>
    <p v-if="shown.length === 0" class="px-5 pb-2 text-sm text-soft">Nothing is on its way.</p>
    <DataTable
      v-else
      page
      bare
      label="Orders"
      :rows="shown"
      :columns="columns"
      :key-of="({ order }) => order.id"
    >
      <template #who="{ row: one }">
        <span class="font-semibold">{{ buying.supplierName(one.order.supplierId) }}</span>
        <span class="block text-sm text-soft">sent {{ formatDate(one.order.sent) }}</span>
      </template>
      <template #lines="{ row: one }">
        <span v-for="(line, i) in one.lines" :key="i" class="block">
          {{ line.packs }} ×
          {{ formatQuantity(line.packQuantity, materialOf(line.materialId)?.unit ?? 'g') }}
          {{ materialOf(line.materialId)?.name ?? line.materialId }}
          <span v-if="line.come > 0 && line.waiting > 0" class="text-larch"
            >· {{ formatQuantity(line.come, materialOf(line.materialId)?.unit ?? 'g') }} came</span
          >
          <span v-else-if="line.come > 0" class="text-moss">· came</span>
        </span>
      </template>
      <template #state="{ row: one }">
        <span class="tag" :class="`tag-${tones[one.state]}`">{{ one.state }}</span>
        <span v-if="one.overdue" class="tag tag-hip ml-1">was due {{ formatDay(one.order.expected) }}</span>
        <span v-else-if="isOpen(one)" class="block text-sm text-soft"
          >due {{ formatDate(one.order.expected) }}</span
        >
      </template>
      <template #act="{ row: one }">
        <template v-if="isOpen(one)">
          <button type="button" class="button button-small mr-1" @click="receiving = one">
            Take in<span class="sr-only"> {{ buying.supplierName(one.order.supplierId) }}</span>
          </button>
          <button type="button" class="button button-quiet button-small" @click="close(one, buying.now)">
            No more comes
          </button>
        </template>
        <button
          v-else-if="one.state === 'closed short'"
          type="button"
          class="button button-quiet button-small"
          @click="close(one, undefined)"
        >
          Wait for the rest again
        </button>
      </template>
    </DataTable>
    <ReceiveOrderDialog v-if="receiving" :progress="receiving" @close="receiving = undefined" />
  </section>
</template>
