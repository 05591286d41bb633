<script setup lang="ts">
import type { Dragged } from '~~/core/schedule'
import { counted } from '~~/core/units'

/** What would come of letting go here, beside the pointer. Places in px within the stack. */
const props = defineProps<{ answer: Dragged; x: number; y: number; within: number }>()
const WIDTH = 300
const left = computed(() => Math.min(props.x + 14, props.within - WIDTH))
const top = computed(() => props.y + 16)
const words = computed(() => {
  if (props.answer.kind === 'none') return props.answer.because
  const others = props.answer.moved.length - 1
  return others > 0 ? `Goes. ${counted(others, 'other step')} would move.` : 'Goes.'
})
</script>

<template>
  <p
    class="answer"
    :class="{ no: answer.kind === 'none' }"
    :style="{ left: `${left}px`, top: `${top}px`, maxWidth: `${WIDTH}px` }"
    role="status"
  >
    {{ words }}
  </p>
</template>

<style scoped>
.answer {
  position: absolute;
  z-index: 5;
  padding: 4px 9px;
  border: 1px solid var(--color-moss);
  border-radius: 4px;
  background: var(--color-white);
  font-size: 13px;
  pointer-events: none;
}
.answer.no {
  border-color: var(--color-hip);
  color: var(--color-hip-deep);
}
</style>
