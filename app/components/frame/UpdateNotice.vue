<script setup lang="ts">
/** A new version of the app is there: the maker says when it is taken, since it reloads the page. */
const { $pwa } = useNuxtApp()
const later = ref(false)

/** A version that is told to go does so at once, or not while it is still at something for this page. */
const LET_GO_MS = 3_000
const taking = ref(false)
/** The page is reloaded as soon as the new version is in charge; else anyway, which frees the old one. */
async function take(): Promise<void> {
  taking.value = true
  await $pwa?.updateServiceWorker()
  window.setTimeout(() => location.reload(), LET_GO_MS)
}
</script>

<template>
  <p
    v-if="$pwa?.needRefresh && !later"
    class="flex flex-none flex-wrap items-center gap-x-4 border-b border-line bg-rain-pale px-4 py-1 text-sm"
    role="status"
  >
    <span>A new version of the app is ready.</span>
    <button type="button" class="font-semibold underline" :disabled="taking" @click="take">
      Take it now (reloads the page)
    </button>
    <button type="button" class="underline" @click="later = true">Later</button>
  </p>
</template>
