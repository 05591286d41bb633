<script setup lang="ts">
import { months } from './stretches'

/** The months over ribbons of a year. */
</script>

<template>
  <span class="axis" aria-hidden="true">
    <span v-for="{ letter, left } in months" :key="left" class="month" :style="{ left: `${left}%` }">{{
      letter
    }}</span>
  </span>
</template>

<style scoped>
.axis {
  position: relative;
  display: block;
  height: 18px;
}
.month {
  position: absolute;
  padding-left: 4px;
}
</style>
