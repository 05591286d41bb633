<script setup lang="ts">
import type { CommissionLog } from '~~/core/batches'
import type { Column } from '../../parts/table/column'

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
const sum = (rows: readonly CommissionLog[], of: (row: CommissionLog) => number): number =>
  rows.reduce((total, row) => total + of(row), 0)
const columns: readonly Column<CommissionLog>[] = [
  {
    id: 'commission',
    head: 'Commission',
    by: ({ commissionId }) => nameOf(commissionId),
    cell: 'font-semibold',
    total: () => 'Together',
  },
  {
    id: 'batches',
    head: 'Batches',
    number: true,
    by: ({ batches }) => batches,
    total: (rows) => String(sum(rows, ({ batches }) => batches)),
  },
  {
    id: 'good',
    head: 'Good pieces',
    number: true,
    by: ({ good }) => good,
    text: ({ good }) => (good > 0 ? String(good) : ''),
    total: (rows) => String(sum(rows, ({ good }) => good)),
  },
  {
    id: 'drawn',
    head: 'Drawn so far',
    number: true,
    by: ({ usedMinor }) => usedMinor,
    text: ({ usedMinor }) => money(usedMinor),
    total: (rows) => money(sum(rows, ({ usedMinor }) => usedMinor)),
  },
  {
    id: 'left',
    head: 'Leftovers written off',
    number: true,
    by: ({ writtenOffMinor }) => writtenOffMinor,
    text: ({ writtenOffMinor }) => money(writtenOffMinor),
    total: (rows) => money(sum(rows, ({ writtenOffMinor }) => writtenOffMinor)),
  },
  { id: 'unpriced', head: 'Without a price', text: unpriced, cell: 'text-sm text-soft' },
]
</script>

<template>
  <section aria-label="By commission">
    <DataTable
      page
      label="By commission"
      :rows="rows"
      :columns="columns"
      :key-of="({ commissionId }) => commissionId ?? 'shelf'"
    />
  </section>
</template>
