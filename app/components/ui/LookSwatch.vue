<script setup lang="ts">
import type { Look } from '~~/core/plants'

defineProps<{ look: Look }>()
</script>

<template>
  <span class="swatch" aria-hidden="true"><i :style="{ background: look.tones.shade }" /><i :style="{ background: look.tones.base }" /><i :style="{ background: look.tones.light }" /></span>
</template>

<style scoped>
.swatch { flex: none; display: inline-flex; vertical-align: -3px; border: 1px solid var(--color-line); }
.swatch i { width: 15px; height: 15px; }
</style>
