<script setup lang="ts">
/** Who is at the bench and when, and what laying goes by. What is changed here is kept at once. */
const emit = defineEmits<{ close: [] }>()
const { open } = useDialog(() => emit('close'))
</script>

<template>
  <BaseDialog v-model="open" title="People and sessions" widest>
    <div class="grid grid-cols-1 gap-x-8 gap-y-4 md:grid-cols-2">
      <div class="grid grid-cols-1 content-start gap-4">
        <SessionsForm />
        <PeopleForm />
      </div>
      <div class="grid grid-cols-1 content-start gap-4">
        <DaysForm />
        <LayingSettings />
      </div>
    </div>
    <div class="answers mt-3">
      <button type="button" class="button button-act" @click="open = false">Done</button>
    </div>
  </BaseDialog>
</template>
