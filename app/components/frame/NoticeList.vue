<script setup lang="ts">
import { X } from '@lucide/vue'

/**
 * What was just done or refused, in a line of its own that lies over nothing. Below a dialog nothing can be pressed: what
 * offers something stands in the dialog then.
 */
const props = defineProps<{ inDialog?: boolean }>()
const notices = useNotices()
const shell = useShell()
const shown = computed(() =>
  notices.list.filter(({ action }) => (props.inDialog ? action : !action || shell.dialogs.length === 0)),
)
</script>

<template>
  <div
    v-show="shown.length > 0"
    class="border-t border-t-line bg-white"
    :class="{ 'in-dialog': inDialog }"
    aria-live="polite"
  >
    <div
      v-for="notice in shown"
      :key="notice.id"
      class="notice"
      :class="`notice-${notice.kind}`"
      :role="notice.kind === 'fault' ? 'alert' : 'status'"
    >
      <p class="flex-1 whitespace-pre-line">{{ notice.text }}</p>
      <button v-if="notice.action" type="button" class="button button-small" @click="notices.act(notice)">
        {{ notice.action.words }}
        <kbd class="border border-line rounded-sm px-1.25 text-[13px] [font-family:inherit]">z</kbd>
      </button>
      <button
        type="button"
        class="grid place-items-center w-8 h-8"
        aria-label="Close"
        @click="notices.close(notice.id)"
      >
        <X class="size-4" aria-hidden="true" />
      </button>
    </div>
  </div>
</template>

<style scoped>
.in-dialog {
  margin-top: 16px;
  border: 1px solid var(--color-line);
}
.notice {
  display: flex;
  gap: 12px;
  align-items: center;
  min-height: 40px;
  padding: 4px 8px 4px 20px;
  border-left: 4px solid;
}
.notice + .notice {
  border-top: 1px solid var(--color-line);
}
.notice-fault {
  border-left-color: var(--color-hip);
  color: var(--color-hip-deep);
}
.notice-done {
  border-left-color: var(--color-moss);
  color: var(--color-moss-deep);
}
</style>
