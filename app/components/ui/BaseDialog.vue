<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

withDefaults(
  defineProps<{
    title: string
    wide?: boolean
    widest?: boolean
    /** What the hand is on when it opens; absent: what can be reached first. */
    begins?: HTMLElement | null
  }>(),
  { wide: false, widest: false, begins: null },
)
const open = defineModel<boolean>({ required: true })
const shell = useShell()
const own = Symbol('dialog')
const leave = (): void => {
  shell.dialogs = shell.dialogs.filter((one) => one !== own)
}
watch(
  open,
  (is) => {
    leave()
    if (is) shell.dialogs = [...shell.dialogs, own]
  },
  { immediate: true },
)
onBeforeUnmount(leave)
</script>

<template>
  <Dialog :open="open" :initial-focus="begins" class="fixed inset-0 z-30" @close="open = false">
    <div class="fixed inset-0 bg-ink/30" aria-hidden="true" />
    <div class="fixed inset-0 overflow-y-auto">
      <div class="flex min-h-full items-center justify-center p-4">
        <DialogPanel
          data-floats
          class="w-full rounded-md border border-line bg-paper p-5"
          :class="widest ? 'max-w-5xl' : wide ? 'max-w-3xl' : 'max-w-lg'"
        >
          <DialogTitle as="h2" class="mb-3">{{ title }}</DialogTitle>
          <slot />
          <NoticeList v-if="shell.dialogs.at(-1) === own" in-dialog />
        </DialogPanel>
      </div>
    </div>
  </Dialog>
</template>
