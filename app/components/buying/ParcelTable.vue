<script setup lang="ts">
import type { Parcel } from '~~/core/buying'
import { formatQuantity } from '~~/core/units'
import type { Column } from '../../parts/table/column'

/** What one supplier sends: packs, what they cost, and why these. */
const props = defineProps<{ parcel: Parcel }>()
const emit = defineEmits<{ send: [] }>()
const { money } = useFormat()
const postage = computed(() => {
  const { supplier, goodsMinor, postageMinor } = props.parcel
  if (postageMinor === 0) return supplier.postageMinor === 0 ? 'no postage' : 'postage free'
  const left = supplier.freeFromMinor === undefined ? 0 : supplier.freeFromMinor - goodsMinor
  return `${money(postageMinor)} postage${left > 0 ? `, free from ${money(left)} more` : ''}`
})
const columns: readonly Column<Parcel['lines'][number]>[] = [
  {
    id: 'packs',
    head: 'Packs',
    number: true,
    text: ({ packs, offer, material }) => `${packs} × ${formatQuantity(offer.packQuantity, material.unit)}`,
    cell: 'w-40',
  },
  { id: 'what', head: 'Material' },
  { id: 'cost', head: 'Cost', number: true, text: ({ costMinor }) => money(costMinor), cell: 'w-24' },
]
</script>

<template>
  <section :aria-label="parcel.supplier.name">
    <div class="flex flex-wrap items-baseline gap-y-1 gap-x-3.5 pt-3 pb-1 pl-5">
      <h2>{{ parcel.supplier.name }}</h2>
      <p class="text-sm text-soft">
        {{ money(parcel.goodsMinor) }}, {{ postage }} · here by {{ formatDate(parcel.arrives) }}
      </p>
      <span class="flex-1" />
      <button type="button" class="button button-small" @click="emit('send')">
        Note as sent<span class="sr-only">: {{ parcel.supplier.name }}</span>
      </button>
    </div>
    <DataTable
      page
      bare
      :label="parcel.supplier.name"
      :rows="parcel.lines"
      :columns="columns"
      :key-of="({ offer }) => offer.id"
    >
      <template #what="{ row: line }">
        {{ line.material.name }}
        <span v-if="line.reasons.length > 0" class="block text-xs text-soft">{{
          line.reasons.join(' · ')
        }}</span>
      </template>
    </DataTable>
  </section>
</template>
