<script setup lang="ts">
import type { Run } from '~~/core/batches'
import { deedWords } from './deed-words'

/** Takes the last deed back, and says which it was. */
const props = defineProps<{ run: Run }>()
const emit = defineEmits<{ undo: [] }>()
const lastDeed = computed(() => props.run.history.at(-1))
</script>

<template>
  <button type="button" class="button" :disabled="!lastDeed" @click="emit('undo')">
    Undo
    <span v-if="lastDeed" class="what text-sm font-normal text-soft">{{
      deedWords[lastDeed.deed.type]
    }}</span>
  </button>
</template>
