<script setup lang="ts" generic="K extends string">
/** A row of buttons of which one is on. */
const model = defineModel<K>({ required: true })
defineProps<{ label: string; choices: readonly (readonly [key: K, word: string])[] }>()
</script>

<template>
  <div class="flex" role="group" :aria-label="label">
    <button
      v-for="[key, word] in choices"
      :key="key"
      type="button"
      class="choice"
      :aria-pressed="model === key"
      @click="model = key"
    >
      {{ word }}
    </button>
  </div>
</template>
