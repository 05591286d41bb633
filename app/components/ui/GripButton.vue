<script setup lang="ts">
/** What a row is dragged by; with the keyboard, arrows move it. */
defineProps<{ name: string }>()
const emit = defineEmits<{ move: [by: -1 | 1] }>()
const press = (event: KeyboardEvent): void => {
  if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return
  event.preventDefault()
  event.stopPropagation()
  emit('move', event.key === 'ArrowUp' ? -1 : 1)
}
</script>

<template>
  <button
    type="button"
    class="grip"
    :aria-label="`Move ${name}: drag, or arrow up and down`"
    title="Drag to reorder; or arrow keys"
    @click.stop
    @keydown="press"
  >
    <svg width="10" height="16" aria-hidden="true">
      <circle v-for="i in 6" :key="i" :cx="i % 2 ? 2 : 8" :cy="Math.ceil(i / 2) * 5 - 2" r="1.3" />
    </svg>
  </button>
</template>

<style scoped>
.grip {
  display: grid;
  place-items: center;
  width: 28px;
  height: 34px;
  border-radius: 3px;
  cursor: grab;
  touch-action: none;
}
.grip circle {
  fill: var(--color-soft);
}
.grip:hover {
  background: var(--color-bench);
}
</style>
