<script setup lang="ts">
import { methodById } from '~~/core/methods'
import { formatMinutes } from '~~/core/units'
import type { Plant } from '../../stores/commission'

const commission = useCommission()
const to = useStationPath()
const { model, real } = useFormat()

const hands = ({ line }: Plant): string => {
  const makeUp = commission.stockOf.get(line.id)?.makeUp
  return makeUp && makeUp.steps.length > 0 ? formatMinutes(makeUp.handsMin.value) : '–'
}
function open(plant: Plant): void {
  commission.chooseLine(plant.line.id)
  void navigateTo(to('make-up'))
}
</script>

<template>
  <table class="ruled w-full border-t-2 border-ink">
    <thead>
      <tr><th class="!pl-5">Plant</th><th class="number">Stands</th><th class="number">Model</th><th class="number">Pieces</th><th>Look on {{ formatDay(commission.date) }}</th><th>Made by</th><th class="number">Hands-on</th><th>Stock</th><th>Progress</th></tr>
    </thead>
    <tbody>
      <tr v-for="plant in commission.plants" :key="plant.line.id" class="row" :class="{ chosen: plant.line.id === commission.selected?.line.id }" @click="commission.chooseLine(plant.line.id)" @dblclick="open(plant)">
        <td class="!pl-5"><button type="button" class="text-left font-semibold hover:underline" @click.stop="open(plant)">{{ plant.line.name }}</button> <span class="botanical whitespace-nowrap text-sm">{{ plant.species.botanical }}</span></td>
        <td class="number">{{ real(plant.size.form.heightM * 1000) }}</td>
        <td class="number">{{ model(plant.size.heightMm) }}<span v-if="plant.size.stature < 1" class="ml-1.5 text-xs text-soft" title="Stature: share of true scale">{{ Math.round(plant.size.stature * 100) }} %</span></td>
        <td class="number">{{ plant.line.pieces }}</td>
        <td><span class="flex items-center gap-2"><LookSwatch :look="plant.look" /><span class="leading-tight">{{ plant.look.words }}</span></span></td>
        <td class="leading-tight">{{ plant.line.methodId ? methodById(plant.line.methodId).name : '–' }}</td>
        <td class="number">{{ hands(plant) }}</td>
        <td><StockTag :plant="plant" /></td>
        <td><ProgressBar :progress="plant.progress" /></td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.row { height: 38px; }
.row td { padding-top: 3px; padding-bottom: 3px; }
.row:hover { background: #eef2ec; }
.chosen { background: #eaf0ea; box-shadow: inset 5px 0 0 var(--color-moss); }
</style>
