<script setup lang="ts">
import { logByCommission, logByMethod } from '~~/core/batches'

const log = useLog()
const stock = useStock()
const to = useStationPath()
useStation('Log')
log.follow()
const methods = computed(() => logByMethod(log.entries))
const workshop = useWorkshop()
const commissions = computed(() => {
  const byLine = new Map(workshop.lines.map(({ id, commissionId }) => [id, commissionId]))
  return logByCommission(log.entries, (lineId) => byLine.get(lineId))
})
</script>

<template>
  <div v-if="log.entries.length > 0 || stock.trays.length > 0">
    <h1 class="px-5 pt-3">Log</h1>
    <TrayTable v-if="stock.trays.length > 0" />
    <LaterPart>
      <LogByMethod :methods="methods" :entries="log.entries" />
    </LaterPart>
    <LogByCommission v-if="commissions.length > 0" :rows="commissions" />
    <LaterPart>
      <LogEntries :entries="log.entries" />
    </LaterPart>
  </div>
  <p v-else-if="log.reading || log.fault" class="m-8 text-soft" role="status">
    {{ log.fault || 'Reading what has ended…' }}
  </p>
  <div v-else class="m-8 max-w-lg">
    <h1 class="mb-2">Nothing in the log</h1>
    <p class="mb-4">
      When a batch is finished or abandoned, what it took stands here against what was planned.
    </p>
    <NuxtLink class="button button-act" :to="to('bench')">Go to the Bench</NuxtLink>
  </div>
</template>
