<script setup lang="ts">
/** Who is at the bench and when, and what laying goes by. What is changed here is kept at once. */
const emit = defineEmits<{ close: [] }>()
const { open } = useDialog(() => emit('close'))
</script>

<template>
  <BaseDialog v-model="open" title="People and sessions" widest>
    <div class="grid gap-x-8 gap-y-4 md:grid-cols-2">
      <div class="grid content-start gap-4">
        <SessionsForm />
        <PeopleForm />
      </div>
      <div class="grid content-start gap-4">
        <DaysForm />
        <LayingSettings />
      </div>
    </div>
    <div class="mt-3 flex justify-end">
      <button type="button" class="button button-act" @click="open = false">Done</button>
    </div>
  </BaseDialog>
</template>
