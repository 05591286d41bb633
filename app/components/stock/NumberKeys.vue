<script setup lang="ts">
/** Keys for a number, as large as a finger with glue on it. */
const typed = defineModel<string>({ required: true })
const KEYS = ['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0', '⌫'] as const
const MOST_DIGITS = 12
const press = (key: string): void => {
  typed.value = key === '⌫' ? typed.value.slice(0, -1) : `${typed.value}${key}`.slice(0, MOST_DIGITS)
}
</script>

<template>
  <div class="grid grid-cols-[repeat(3,1fr)] gap-2" role="group" aria-label="Numbers">
    <button
      v-for="key in KEYS"
      :key="key"
      type="button"
      class="button min-h-16 text-[26px]"
      @click="press(key)"
    >
      <span v-if="key === '⌫'" class="sr-only">Take back a digit</span
      ><span :aria-hidden="key === '⌫'">{{ key }}</span>
    </button>
  </div>
</template>
