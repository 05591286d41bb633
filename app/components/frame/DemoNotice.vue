<script setup lang="ts">
import { fillDemo } from '../../db/open'

const workshop = useWorkshop()
const notices = useNotices()
const asking = ref(false)

async function afresh(): Promise<void> {
  try {
    await fillDemo(workshop.context().db, true)
    notices.done('The demo is as it was at the start.')
  } catch {
    notices.fault('The demo could not be fetched. Nothing was changed.')
  }
}
</script>

<template>
  <p
    class="notice print:hidden flex flex-none flex-wrap items-center gap-x-4 border-b border-line bg-rain-pale px-4 py-1 text-sm text-[#1f4c60]"
  >
    <span>This is the demo workshop: invented, and kept apart from your own.</span>
    <button type="button" class="font-semibold underline" @click="asking = true">
      Start the demo afresh
    </button>
    <NuxtLink to="/mine/line-up" class="font-semibold underline">Go to my own workshop</NuxtLink>
    <LazyConfirmDialog
      v-if="asking"
      v-model="asking"
      title="Start the demo afresh?"
      act="Start afresh"
      @confirm="afresh"
      >What you did in the demo is thrown away. Your own workshop is not touched.</LazyConfirmDialog
    >
  </p>
</template>
