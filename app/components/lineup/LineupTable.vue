<script setup lang="ts">
import { amountText } from '~~/core/commissions'
import { methodName } from '~~/core/methods'
import { formatMinutes } from '~~/core/units'
import { moveLine } from '../../db/commands/brief'
import type { Plant } from '../../stores/commission'

const commission = useCommission()
const to = useStationPath()
const { model, real } = useFormat()

const hands = ({ line }: Plant): string => {
  const makeUp = shelf.stockOf.get(line.id)?.makeUp
  return makeUp ? formatMinutes(makeUp.handsMin.value) : '–'
}
const workshop = useWorkshop()
const shelf = useShelf()
const held = ref<string>()
const over = ref<number>()
async function drop(place: number): Promise<void> {
  const from = commission.plants.findIndex(({ line }) => line.id === held.value)
  const id = held.value
  held.value = undefined
  over.value = undefined
  if (id !== undefined && from >= 0 && place !== from) await workshop.give(moveLine, id, place)
}
/** Arrow keys on a handle move the line; the handle keeps the focus. */
async function shift(event: KeyboardEvent, plant: Plant, row: number): Promise<void> {
  const by = event.key === 'ArrowUp' ? -1 : event.key === 'ArrowDown' ? 1 : 0
  if (by === 0 || row + by < 0 || row + by >= commission.plants.length) return
  event.preventDefault()
  event.stopPropagation()
  await workshop.give(moveLine, plant.line.id, row + by)
}
function open(plant: Plant): void {
  commission.chooseLine(plant.line.id)
  void navigateTo(to('make-up'))
}
</script>

<template>
  <table class="ruled w-full border-t-2 border-ink">
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
    <tbody>
      <tr
        v-for="(plant, row) in commission.restingPlants"
        :key="plant.line.id"
        class="row"
        :class="{
          chosen: plant.line.id === commission.selected?.line.id,
          over: over === row && held !== undefined,
        }"
        @dragover.prevent="over = row"
        @drop.prevent="drop(row)"
        @click="commission.chooseLine(plant.line.id)"
        @dblclick="open(plant)"
      >
        <td class="!px-0 text-center">
          <button
            type="button"
            class="handle"
            draggable="true"
            :aria-label="`Move ${plant.line.name}: drag, or arrow up and down`"
            title="Drag to reorder; or arrow keys"
            @click.stop
            @dragstart="held = plant.line.id"
            @dragend="held = undefined"
            @keydown="shift($event, plant, row)"
          >
            ⋮⋮
          </button>
        </td>
        <td class="!pl-1">
          <button type="button" class="text-left font-semibold hover:underline" @click.stop="open(plant)">
            {{ plant.line.name }}
          </button>
          <span class="botanical ml-2 whitespace-nowrap text-sm">{{ plant.species.botanical }}</span>
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
      <tr v-for="{ line, because } in commission.faulty" :key="line.id" class="row">
        <td />
        <td class="!pl-1 font-semibold">{{ line.name }}</td>
        <td colspan="8" class="text-hip">{{ because }} Change or remove the line in the Brief.</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.row {
  height: 38px;
}
.row td {
  padding-top: 3px;
  padding-bottom: 3px;
}
.row:hover {
  background: #eef2ec;
}
.over {
  box-shadow: inset 0 2px 0 var(--color-moss);
}
.handle {
  width: 26px;
  min-height: 30px;
  color: var(--color-soft);
  cursor: grab;
  letter-spacing: -2px;
}
.chosen {
  background: #eaf0ea;
  box-shadow: inset 5px 0 0 var(--color-moss);
}
</style>
