<script setup lang="ts">
import type { LogEntry, MethodLog } from '~~/core/batches'
import { methodName } from '~~/core/methods'
import { formatMinutes } from '~~/core/units'

/** Planned against real by method: a bar chart of minutes, and the figures. */
defineProps<{ methods: readonly MethodLog[]; entries: readonly LogEntry[] }>()
const { moneyEach } = useFormat()
const percent = (share: number): string => `${Math.round(share * 100)} %`
const against = (ratio: number): string =>
  Math.abs(ratio - 1) < 0.005
    ? 'as planned'
    : `${Math.abs(Math.round((ratio - 1) * 100))} % ${ratio > 1 ? 'more' : 'less'}`
</script>

<template>
  <section class="grid lg:grid-cols-[minmax(0,1fr)_400px]" aria-label="By method">
    <table class="ruled w-full self-start">
      <thead>
        <tr>
          <th class="!pl-5">Method</th>
          <th class="number">Batches</th>
          <th class="number">Good / started</th>
          <th class="number">Yield</th>
          <th class="number">Minutes</th>
          <th class="number">Amounts</th>
          <th class="number">A good one cost</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in methods" :key="row.methodId">
          <td class="!pl-5 font-semibold">{{ methodName(row.methodId) }}</td>
          <td class="number">{{ row.batches }}</td>
          <td class="number">{{ row.good }} / {{ row.started }}</td>
          <td class="number">
            {{ percent(row.yield)
            }}<span class="block text-xs text-soft">{{ percent(row.plannedYield) }} planned</span>
          </td>
          <td class="number">
            {{ formatMinutes(row.realMin) }}
            <span class="block text-xs text-soft">{{ against(row.minutesRatio) }}</span>
          </td>
          <td class="number">{{ against(row.amountsRatio) }}</td>
          <td class="number">
            {{ row.usedEachMinor === undefined ? '–' : moneyEach(row.usedEachMinor)
            }}<span v-if="row.writtenOffEachMinor !== undefined" class="block text-xs text-soft"
              >{{ moneyEach(row.writtenOffEachMinor) }} written off</span
            >
          </td>
        </tr>
      </tbody>
    </table>
    <LaterPart>
      <LazyMinutesChart :entries="entries" class="lg:border-l lg:border-line" />
    </LaterPart>
  </section>
</template>
