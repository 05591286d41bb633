<script setup lang="ts">
import type { CommissionLog } from '~~/core/batches'

/** What each commission has drawn of the shelf so far, with leftovers counted and written off. */
defineProps<{ rows: readonly CommissionLog[] }>()
const workshop = useWorkshop()
const stock = useStock()
const { money } = useFormat()
const nameOf = (id: string | undefined): string =>
  workshop.commissions.find((commission) => commission.id === id)?.name ??
  'For the shelf, or of lines that are gone'
const unpriced = ({ unpricedMaterialIds }: CommissionLog): string =>
  unpricedMaterialIds.map((id) => stock.stateById.get(id)?.material.name ?? id).join(', ')
</script>

<template>
  <section aria-label="By commission">
    <table class="ruled w-full">
      <thead>
        <tr>
          <th class="!pl-5">Commission</th>
          <th class="number">Batches</th>
          <th class="number">Good pieces</th>
          <th class="number">Drawn so far</th>
          <th class="number">Leftovers written off</th>
          <th>Without a price</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.commissionId ?? 'shelf'">
          <td class="!pl-5 font-semibold">{{ nameOf(row.commissionId) }}</td>
          <td class="number">{{ row.batches }}</td>
          <td class="number">{{ row.good > 0 ? row.good : '' }}</td>
          <td class="number">{{ money(row.usedMinor) }}</td>
          <td class="number">{{ money(row.writtenOffMinor) }}</td>
          <td class="text-sm text-soft">{{ unpriced(row) }}</td>
        </tr>
      </tbody>
    </table>
  </section>
</template>
