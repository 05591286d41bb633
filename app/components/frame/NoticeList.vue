<script setup lang="ts">
/**
 * Below a dialog nothing can be pressed: what offers something stands in it, at the left, since what ends the dialog
 * is at the right. What only says something stays in the corner.
 */
const props = defineProps<{ inDialog?: boolean }>()
const notices = useNotices()
const shell = useShell()
const shown = computed(() =>
  notices.list.filter(({ action }) => (props.inDialog ? action : !action || shell.dialogs.length === 0)),
)
</script>

<template>
  <div class="list" :class="{ beside: inDialog }" aria-live="polite">
    <div
      v-for="notice in shown"
      :key="notice.id"
      class="notice"
      :class="`notice-${notice.kind}`"
      :role="notice.kind === 'fault' ? 'alert' : 'status'"
    >
      <p class="whitespace-pre-line">{{ notice.text }}</p>
      <button v-if="notice.action" type="button" class="button button-small" @click="notices.act(notice)">
        {{ notice.action.words }} <kbd class="key">z</kbd>
      </button>
      <button type="button" class="close" aria-label="Close" @click="notices.close(notice.id)">×</button>
    </div>
  </div>
</template>

<style scoped>
.list {
  position: fixed;
  right: 16px;
  bottom: 60px;
  z-index: 40;
  display: grid;
  gap: 8px;
  width: min(420px, calc(100vw - 32px));
}
/* Words begin at the left whatever the dialog's own do. */
.beside {
  right: auto;
  left: 16px;
  text-align: left;
}
.notice {
  display: flex;
  gap: 12px;
  align-items: start;
  padding: 10px 6px 10px 14px;
  border: 1px solid;
  border-left-width: 5px;
  border-radius: 4px;
  background: #fff;
}
.notice p {
  flex: 1;
}
.notice-fault {
  border-color: var(--color-hip);
  color: #86222f;
}
.notice-done {
  border-color: var(--color-moss);
  color: #1f5034;
}
.key {
  border: 1px solid var(--color-line);
  border-radius: 3px;
  padding: 0 5px;
  font-size: 13px;
  font-family: inherit;
}
.close {
  width: 32px;
  height: 32px;
  font-size: 20px;
  line-height: 1;
  margin-top: -5px;
}
</style>
