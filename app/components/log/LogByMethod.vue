<script setup lang="ts">
import type { LogEntry, MethodLog } from '~~/core/batches'
import { methodName } from '~~/core/methods'
import { formatMinutes } from '~~/core/units'
import type { Column } from '../../parts/table/column'

/** Planned against real by method: a bar chart of minutes, and the figures. */
defineProps<{ methods: readonly MethodLog[]; entries: readonly LogEntry[] }>()
const { moneyEach } = useFormat()
const percent = (share: number): string => `${Math.round(share * 100)} %`
const against = (ratio: number): string =>
  Math.abs(ratio - 1) < 0.005
    ? 'as planned'
    : `${Math.abs(Math.round((ratio - 1) * 100))} % ${ratio > 1 ? 'more' : 'less'}`
const columns: readonly Column<MethodLog>[] = [
  { id: 'method', head: 'Method', by: ({ methodId }) => methodName(methodId), cell: 'font-semibold' },
  { id: 'batches', head: 'Batches', number: true, by: ({ batches }) => batches },
  {
    id: 'good',
    head: 'Good / started',
    number: true,
    by: ({ good }) => good,
    text: ({ good, started }) => `${good} / ${started}`,
  },
  { id: 'yield', head: 'Yield', number: true, by: (row) => row.yield },
  { id: 'minutes', head: 'Minutes', number: true, by: ({ realMin }) => realMin },
  {
    id: 'amounts',
    head: 'Amounts',
    number: true,
    by: ({ amountsRatio }) => amountsRatio,
    text: ({ amountsRatio }) => against(amountsRatio),
  },
  { id: 'cost', head: 'A good one cost', number: true, by: ({ usedEachMinor }) => usedEachMinor },
]
</script>

<template>
  <section class="grid lg:grid-cols-[minmax(0,1fr)_400px]" aria-label="By method">
    <DataTable
      class="self-start"
      page
      label="By method"
      :rows="methods"
      :columns="columns"
      :key-of="({ methodId }) => methodId"
    >
      <template #yield="{ row }"
        >{{ percent(row.yield)
        }}<span class="block text-xs text-soft">{{ percent(row.plannedYield) }} planned</span></template
      >
      <template #minutes="{ row }"
        >{{ formatMinutes(row.realMin) }}
        <span class="block text-xs text-soft">{{ against(row.minutesRatio) }}</span></template
      >
      <template #cost="{ row }"
        >{{ row.usedEachMinor === undefined ? '–' : moneyEach(row.usedEachMinor)
        }}<span v-if="row.writtenOffEachMinor !== undefined" class="block text-xs text-soft"
          >{{ moneyEach(row.writtenOffEachMinor) }} written off</span
        ></template
      >
    </DataTable>
    <LaterPart>
      <LazyMinutesChart :entries="entries" class="lg:border-l lg:border-line" />
    </LaterPart>
  </section>
</template>
