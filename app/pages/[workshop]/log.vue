<script setup lang="ts">
import { logByMethod } from '~~/core/batches'

const stock = useStock()
const to = useStationPath()
useStation('Log')
const methods = computed(() => logByMethod(stock.log))
</script>

<template>
  <div v-if="stock.log.length > 0">
    <h1 class="px-5 pt-3">Log</h1>
    <LogByMethod :methods="methods" :entries="stock.log" />
    <LogEntries :entries="stock.log" />
  </div>
  <div v-else class="m-8 max-w-lg">
    <h1 class="mb-2">Nothing in the log</h1>
    <p class="mb-4">
      When a batch is finished or abandoned, what it took stands here against what was planned.
    </p>
    <NuxtLink class="button button-act" :to="to('bench')">Go to the Bench</NuxtLink>
  </div>
</template>
