<script setup lang="ts">
import { amountText } from '~~/core/commissions'
import { mixText } from '../brief/mix-text'
import { methodName } from '~~/core/methods'
import { formatMinutes } from '~~/core/units'
import type { Plant } from '../../stores/plant'

const commission = useCommission()
const to = useStationPath()
const { model, real } = useFormat()

const hands = ({ line }: Plant): string => {
  const makeUp = shelf.stockOf.get(line.id)?.makeUp
  return makeUp ? formatMinutes(makeUp.handsMin.value) : '–'
}
const shelf = useShelf()
const workshop = useWorkshop()
const rows = useTemplateRef<HTMLElement>('rows')
const table = useTemplateRef<HTMLElement>('table')
const { shownPlants, above, below, measure, move } = useLineTable(() => commission.restingPlants, {
  table,
  rows,
  row: '.row',
  rowPx: 38,
})
function open(plant: Plant): void {
  commission.chooseLine(plant.line.id)
  void navigateTo(to('make-up'))
}
</script>

<template>
  <table
    ref="table"
    class="ruled w-full border-t-2 border-ink"
    :aria-rowcount="commission.restingPlants.length + 1"
  >
    <thead>
      <tr>
        <th class="!w-7 !px-0"><span class="sr-only">Order</span></th>
        <th class="!pl-1">Plant</th>
        <th class="number">Stands</th>
        <th class="number">Model</th>
        <th class="number">Amount</th>
        <th>Look on {{ formatDay(commission.restingDate) }}</th>
        <th>Made by</th>
        <th class="number">Hands-on</th>
        <th>Stock</th>
        <th>Progress</th>
      </tr>
    </thead>
    <RowGap :px="above" :columns="10" />
    <tbody ref="rows">
      <tr
        v-for="{ plant, index } in shownPlants"
        :key="plant.line.id"
        :ref="measure"
        class="row h-9.5"
        :data-index="index"
        :aria-rowindex="index + 2"
        :class="{ chosen: plant.line.id === commission.selected?.line.id }"
        @click="commission.chooseLine(plant.line.id)"
        @dblclick="open(plant)"
      >
        <td class="!px-0 text-center">
          <GripButton :name="plant.line.name" @move="(by) => move(index, index + by)" />
        </td>
        <td class="!pl-1">
          <button type="button" class="text-left font-semibold hover:underline" @click.stop="open(plant)">
            {{ plant.line.name }}
          </button>
          <span class="botanical ml-2 whitespace-nowrap text-sm" :title="mixText(plant)"
            >{{ plant.species.botanical
            }}<template v-if="plant.members.length > 1"> + {{ plant.members.length - 1 }}</template></span
          >
        </td>
        <td class="number">{{ real(plant.size.form.heightM * 1000) }}</td>
        <td class="number">
          {{ model(plant.size.heightMm)
          }}<span
            v-if="plant.size.stature < 1"
            class="ml-1.5 text-xs text-soft"
            title="Stature: share of true scale"
            >{{ Math.round(plant.size.stature * 100) }} %</span
          >
        </td>
        <td class="number">{{ amountText(plant.line.amount, workshop.settings.units) }}</td>
        <td>
          <span class="flex items-center gap-2"
            ><LookSwatch :look="plant.look" /><span class="leading-tight">{{ plant.look.words }}</span></span
          >
        </td>
        <td class="leading-tight">{{ plant.line.methodId ? methodName(plant.line.methodId) : '–' }}</td>
        <td class="number">{{ hands(plant) }}</td>
        <td><StockTag :plant="plant" /></td>
        <td><ProgressBar :progress="plant.progress" /></td>
      </tr>
    </tbody>
    <RowGap :px="below" :columns="10" />
    <tbody v-if="commission.faulty.length > 0">
      <tr v-for="{ line, because } in commission.faulty" :key="line.id">
        <td />
        <td class="!pl-1 font-semibold">{{ line.name }}</td>
        <td colspan="8" class="text-hip">{{ because }} Change or remove the line in the Brief.</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.row td {
  padding-top: 3px;
  padding-bottom: 3px;
}
.row:hover {
  background: var(--color-hover);
}
.chosen {
  background: var(--color-hover);
  box-shadow: inset 5px 0 0 var(--color-moss);
}
</style>
