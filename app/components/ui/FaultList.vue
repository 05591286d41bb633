<script setup lang="ts">
import type { CsvFault } from '~~/core/csv'

/** What is wrong in a file, line by line; the first few hundred of it. */
defineProps<{ faults: readonly CsvFault[] }>()
const SHOWN = 300
</script>

<template>
  <ul class="mt-1 max-h-80 overflow-y-auto text-sm">
    <li v-for="(fault, i) in faults.slice(0, SHOWN)" :key="i">
      line {{ fault.line }}<template v-if="fault.column">, {{ fault.column }}</template
      >: {{ fault.because }}
    </li>
    <li v-if="faults.length > SHOWN" class="text-soft">and {{ faults.length - SHOWN }} more.</li>
  </ul>
</template>
