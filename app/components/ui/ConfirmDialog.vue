<script setup lang="ts">
withDefaults(defineProps<{ title: string; act: string; danger?: boolean; disabled?: boolean }>(), {
  danger: false,
  disabled: false,
})
const open = defineModel<boolean>({ required: true })
const emit = defineEmits<{ confirm: [] }>()

/** The likely answer, where nothing is lost by it. */
const likely = useTemplateRef<HTMLElement>('likely')

function confirm(): void {
  emit('confirm')
  open.value = false
}
</script>

<template>
  <BaseDialog v-model="open" :title="title" :begins="danger ? null : likely">
    <div class="whitespace-pre-line text-base text-ink"><slot /></div>
    <div class="mt-5 flex justify-end gap-2">
      <button type="button" class="button" @click="open = false">Leave it</button>
      <button
        ref="likely"
        type="button"
        class="button"
        :class="danger ? 'button-danger' : 'button-act'"
        :disabled="disabled"
        @click="confirm"
      >
        {{ act }}
      </button>
    </div>
  </BaseDialog>
</template>
