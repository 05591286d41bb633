<script setup lang="ts">
import type { Line } from '~~/core/commissions'
import { groupingWords } from '~~/core/planting'
import type { PlantedRow, PlantedRun } from '../../composables/planted'
import { choicesOf } from '../../parts/fields/choice'

/** What stands on the plan, line by line: pieces in their groups; hedges and grass as they are drawn. */
defineProps<{ rows: readonly PlantedRow[]; runs: readonly PlantedRun[] }>()
const emit = defineEmits<{
  stand: [lineId: string, as: string]
  draw: [line: Line, widthMm: number]
  take: [lineId: string]
}>()
</script>

<template>
  <table class="ruled w-full border-t-2 border-ink">
    <thead>
      <tr>
        <th class="!pl-5">Line</th>
        <th>Plant</th>
        <th>Zone</th>
        <th class="number">Amount</th>
        <th>Stands</th>
        <th>In groups of</th>
        <th>Room</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="{ bed, plant, left, groups } in rows" :key="bed.lineId">
        <td class="!pl-5 font-semibold">{{ bed.code }}</td>
        <td>
          {{ plant?.line.name }} <span class="botanical text-sm">{{ plant?.species.botanical }}</span>
        </td>
        <td>{{ bed.zone }}</td>
        <td class="number">{{ bed.crownsMm.length }}</td>
        <td>
          <SelectField
            cell
            class="w-60"
            :label="`How ${plant?.line.name} stands`"
            :model-value="plant?.line.stands ?? ''"
            :options="[
              { value: '', words: plant ? `as usual: ${groupingWords[plant.species.groups.as]}` : '' },
              ...choicesOf(groupingWords),
            ]"
            @update:model-value="(as) => emit('stand', bed.lineId, as)"
          />
        </td>
        <td>{{ groups }}</td>
        <td>
          <span v-if="left > 0" class="tag tag-hip">no room for {{ left }}</span
          ><span v-else class="tag tag-moss">room for all</span>
        </td>
      </tr>
      <tr v-for="run in runs" :key="run.lineId">
        <td class="!pl-5 font-semibold">{{ run.code }}</td>
        <td>
          {{ run.plant?.line.name }}
          <span class="botanical text-sm">{{ run.plant?.species.botanical }}</span>
        </td>
        <td>{{ run.plant?.line.zone }}</td>
        <td class="number">{{ run.wanted }}</td>
        <td colspan="2">
          <button
            v-if="run.plant"
            type="button"
            class="button button-small mr-1"
            @click="emit('draw', run.plant.line, run.widthMm)"
          >
            {{ run.plant.line.amount.kind === 'length' ? 'Draw where it runs' : 'Draw where it grows' }}
          </button>
          <button
            v-if="!run.fits"
            type="button"
            class="button button-small"
            @click="emit('take', run.lineId)"
          >
            Make it {{ run.laid }}
          </button>
        </td>
        <td>
          <span class="tag" :class="run.fits ? 'tag-moss' : 'tag-larch'">{{
            run.fits ? 'as drawn' : `${run.laid} drawn`
          }}</span>
        </td>
      </tr>
    </tbody>
  </table>
</template>
