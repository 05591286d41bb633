<script setup lang="ts">
import { months } from './stretches'

/** The months over ribbons of a year. */
</script>

<template>
  <span class="relative block h-4.5" aria-hidden="true">
    <span
      v-for="{ letter, left } in months"
      :key="left"
      class="absolute pl-1"
      :style="{ left: `${left}%` }"
      >{{ letter }}</span
    >
  </span>
</template>
