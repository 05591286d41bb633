<script setup lang="ts">
/** Whether pieces are drawn as finished, or as their armature. */
const bare = defineModel<boolean>({ required: true })
</script>

<template>
  <button type="button" class="toggle" :aria-pressed="!bare" @click="bare = false">dressed</button>
  <button type="button" class="toggle" :aria-pressed="bare" @click="bare = true">bare</button>
</template>
