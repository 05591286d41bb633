<script setup lang="ts">
import { fillDemo } from '../../db/open'

/** Says that this is the demo, kept apart from the maker's own workshop, and leads out of it. */
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
  <div class="flex-none print:hidden">
    <ActionMenu
      label="This is the demo workshop"
      button="tag tag-rain flex items-center gap-1"
      :choices="[
        { words: 'Go to my own workshop', to: '/mine/line-up' },
        { words: 'Start the demo afresh…', act: () => (asking = true) },
      ]"
    >
      Demo
      <template #says>
        <p class="px-3 py-2 text-sm text-soft">
          This is the demo workshop: invented, and kept apart from your own.
        </p>
      </template>
    </ActionMenu>
    <LazyConfirmDialog
      v-if="asking"
      v-model="asking"
      title="Start the demo afresh?"
      act="Start afresh"
      @confirm="afresh"
      >What you did in the demo is thrown away. Your own workshop is not touched.</LazyConfirmDialog
    >
  </div>
</template>
