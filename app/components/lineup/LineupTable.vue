<script setup lang="ts">
import { amountText } from '~~/core/commissions'
import { methodName } from '~~/core/methods'
import { formatMinutes } from '~~/core/units'
import type { Column } from '../../parts/table/column'
import type { Plant } from '../../stores/plant'
import { mixText } from '../brief/mix-text'

const commission = useCommission()
const shelf = useShelf()
const workshop = useWorkshop()
const move = useLineOrder()
const to = useStationPath()
const { model, real } = useFormat()

const handsOf = ({ line }: Plant): string => {
  const makeUp = shelf.stockOf.get(line.id)?.makeUp
  return makeUp ? formatMinutes(makeUp.handsMin.value) : '–'
}
const wayOf = ({ line }: Plant): string => (line.methodId ? methodName(line.methodId) : '–')
const columns = computed<readonly Column<Plant>[]>(() => [
  { id: 'order', head: 'Order', headless: true, cell: 'w-7 px-0 text-center' },
  { id: 'plant', head: 'Plant', cell: 'pl-1' },
  { id: 'stands', head: 'Stands', number: true, text: ({ size }) => real(size.form.heightM * 1000) },
  { id: 'model', head: 'Model', number: true },
  {
    id: 'amount',
    head: 'Amount',
    number: true,
    text: ({ line }) => amountText(line.amount, workshop.settings.units),
  },
  { id: 'look', head: `Look on ${formatDay(commission.restingDate)}` },
  { id: 'way', head: 'Made by', cell: 'leading-tight', text: wayOf },
  { id: 'hands', head: 'Hands-on', number: true, text: handsOf },
  { id: 'stock', head: 'Stock' },
  { id: 'progress', head: 'Progress' },
])
function open(plant: Plant): void {
  commission.chooseLine(plant.line.id)
  void navigateTo(to('make-up'))
}
</script>

<template>
  <DataTable
    label="Lines"
    class="border-t-2 border-ink"
    :rows="commission.restingPlants"
    :columns="columns"
    :key-of="({ line }) => line.id"
    :is-chosen="({ line }) => line.id === commission.selected?.line.id"
    :class-of="() => 'h-9.5 hover:bg-hover *:py-[3px]'"
    :row-px="38"
    heavy
    movable
    @move="move"
    @pick="({ line }) => commission.chooseLine(line.id)"
    @enter="open"
  >
    <template #order="{ row: { line }, index }">
      <GripButton :name="line.name" @move="(by) => move(index, index + by)" />
    </template>
    <template #plant="{ row }">
      <button type="button" class="text-left font-semibold hover:underline" @click.stop="open(row)">
        {{ row.line.name }}
      </button>
      <span class="botanical ml-2 whitespace-nowrap text-sm" :title="mixText(row)"
        >{{ row.species.botanical
        }}<template v-if="row.members.length > 1"> + {{ row.members.length - 1 }}</template></span
      >
    </template>
    <template #model="{ row: { size } }"
      >{{ model(size.heightMm)
      }}<span v-if="size.stature < 1" class="ml-1.5 text-xs text-soft" title="Stature: share of true scale"
        >{{ Math.round(size.stature * 100) }} %</span
      ></template
    >
    <template #look="{ row: { look } }">
      <span class="flex items-center gap-2"
        ><LookSwatch :look="look" /><span class="leading-tight">{{ look.words }}</span></span
      >
    </template>
    <template #stock="{ row }"><StockTag :plant="row" /></template>
    <template #progress="{ row }"><ProgressBar :progress="row.progress" /></template>
    <template #rest>
      <tbody v-if="commission.faulty.length > 0">
        <tr v-for="{ line, because } in commission.faulty" :key="line.id">
          <td />
          <td class="!pl-1 font-semibold">{{ line.name }}</td>
          <td colspan="8" class="text-hip">{{ because }} Change or remove the line in the Brief.</td>
        </tr>
      </tbody>
    </template>
  </DataTable>
</template>
