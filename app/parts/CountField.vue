<script setup lang="ts">
import { Minus, Plus } from '@lucide/vue'

/** A small number, one more or one less at a tap: for fingers with glue on them. */
defineProps<{ most: number; words: string; least?: number }>()
const count = defineModel<number>({ required: true })
</script>

<template>
  <div class="flex items-center gap-3">
    <button
      type="button"
      class="button !min-h-[56px] !min-w-[56px]"
      aria-label="One less"
      :disabled="count <= (least ?? 1)"
      @click="count -= 1"
    >
      <Minus class="size-6" aria-hidden="true" />
    </button>
    <span aria-live="polite" class="min-w-28 text-center">{{ words }}</span>
    <button
      type="button"
      class="button !min-h-[56px] !min-w-[56px]"
      aria-label="One more"
      :disabled="count >= most"
      @click="count += 1"
    >
      <Plus class="size-6" aria-hidden="true" />
    </button>
  </div>
</template>
