<script setup lang="ts">
import type { LogEntry } from '~~/core/batches'
import { formatMinutes, formatQuantity } from '~~/core/units'

/** Batch by batch: planned against real, and the cost of a good piece against a bought one. */
defineProps<{ entries: readonly LogEntry[] }>()
const workshop = useWorkshop()
const stock = useStock()
const { moneyEach, money } = useFormat()
const { opened, toggle } = useOpened()

const boughtOf = (entry: LogEntry): number | undefined =>
  workshop.lines.find(({ id }) => id === entry.batch.lineId)?.boughtPriceMinor
const name = (id: string): string => stock.stateById.get(id)?.material.name ?? id
const show = (id: string, quantity: number): string =>
  formatQuantity(quantity, stock.stateById.get(id)?.material.unit ?? 'g')
const off = (used: number, planned: number): string =>
  planned <= 0
    ? 'not planned'
    : Math.abs(used / planned - 1) < 0.005
      ? 'as planned'
      : `${used > planned ? '+' : '−'}${Math.abs(Math.round((used / planned - 1) * 100))} %`
</script>

<template>
  <table class="ruled w-full border-t-2 border-ink">
    <thead>
      <tr>
        <th class="!pl-5">Batch</th>
        <th>Ended</th>
        <th class="number">Good / started</th>
        <th class="number">Minutes, planned</th>
        <th>Tray</th>
        <th class="number">A good one cost</th>
        <th class="number">written off</th>
        <th class="number">A bought one</th>
      </tr>
    </thead>
    <tbody v-for="entry in entries" :key="entry.batch.id">
      <tr>
        <td class="!pl-5">
          <RowToggle
            class="font-semibold"
            :open="opened.has(entry.batch.id)"
            @toggle="toggle(entry.batch.id)"
            >{{ entry.batch.name }}</RowToggle
          >
        </td>
        <td>
          <span v-if="entry.ended === 'abandoned'" class="tag tag-hip mr-2">abandoned</span
          >{{ formatMoment(entry.at) }}
        </td>
        <td class="number">{{ entry.good }} / {{ entry.batch.pieces }}</td>
        <td class="number">
          {{ formatMinutes(entry.realMin) }}
          <span class="text-soft">{{ formatMinutes(entry.plannedMin) }}</span>
        </td>
        <td>{{ entry.tray }}</td>
        <td class="number">{{ entry.good > 0 ? moneyEach(entry.cost.usedMinor / entry.good) : '–' }}</td>
        <td class="number">
          {{ entry.good > 0 ? moneyEach(entry.cost.writtenOffMinor / entry.good) : '–' }}
        </td>
        <td class="number">{{ boughtOf(entry) === undefined ? '–' : moneyEach(boughtOf(entry) ?? 0) }}</td>
      </tr>
      <tr v-if="opened.has(entry.batch.id)" class="detail">
        <td colspan="8" class="!pl-11">
          <SetAsideNote :entries="entry.setAside" />
          <div class="grid gap-6 py-1 lg:grid-cols-[minmax(0,1fr)_320px]">
            <table class="ruled w-full">
              <thead>
                <tr>
                  <th>Material</th>
                  <th class="number">Planned</th>
                  <th class="number">Used</th>
                  <th class="number">Off by</th>
                </tr>
              </thead>
              <tbody>
                <tr v-for="row in entry.amounts" :key="row.materialId">
                  <td>{{ name(row.materialId) }}</td>
                  <td class="number">{{ show(row.materialId, row.planned) }}</td>
                  <td class="number">{{ show(row.materialId, row.used) }}</td>
                  <td class="number">{{ off(row.used, row.planned) }}</td>
                </tr>
              </tbody>
            </table>
            <div class="text-sm">
              <p v-for="(reject, i) in entry.rejects" :key="i">
                <span class="tag tag-hip mr-1">{{ reject.count }} rejected</span>{{ reject.reason }}, at “{{
                  entry.batch.plan.steps[reject.step]?.title
                }}”
              </p>
              <p v-if="entry.lateRounds > 0" class="mt-1">
                {{ entry.lateRounds }} {{ entry.lateRounds === 1 ? 'round' : 'rounds' }} went on after the
                window had closed.
              </p>
              <p v-if="entry.note" class="mt-1">{{ entry.note }}</p>
              <p class="mt-2 text-soft">
                Materials drawn: {{ money(entry.cost.usedMinor) }} at what the lots cost;
                {{ money(entry.cost.writtenOffMinor) }} with what is left in them written off.
              </p>
              <p v-if="entry.cost.unpricedMaterialIds.length > 0" class="mt-1 text-larch">
                Without a price, counted as nothing:
                {{ entry.cost.unpricedMaterialIds.map(name).join(', ') }}.
              </p>
            </div>
          </div>
        </td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.detail > td {
  background: var(--color-hover);
}
</style>
