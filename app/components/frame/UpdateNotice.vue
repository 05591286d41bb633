<script setup lang="ts">
/** A new version of the app is there: the maker says when it is taken, since it reloads the page. */
const { $pwa } = useNuxtApp()
const later = ref(false)
</script>

<template>
  <p
    v-if="$pwa?.needRefresh && !later"
    class="flex flex-none flex-wrap items-center gap-x-4 border-b border-line bg-rain-pale px-4 py-1 text-sm"
    role="status"
  >
    <span>A new version of the app is ready.</span>
    <button type="button" class="font-semibold underline" @click="$pwa?.updateServiceWorker()">
      Take it now (reloads the page)
    </button>
    <button type="button" class="underline" @click="later = true">Later</button>
  </p>
</template>
