<script setup lang="ts">
/** One of the people of the workshop, or all of them; nothing to pick where there is but one. */
const { possessive = false } = defineProps<{ id: string; label: string; possessive?: boolean }>()
const who = defineModel<string>({ required: true })
const workshop = useWorkshop()
const ending = computed(() => (possessive ? '’s' : ''))
</script>

<template>
  <div v-if="workshop.people.length > 1">
    <label class="label" :for="id">{{ label }}</label>
    <select :id="id" v-model="who" class="field">
      <option value="">everybody{{ ending }}</option>
      <option v-for="person in workshop.people" :key="person.id" :value="person.id">
        {{ person.name }}{{ ending }}
      </option>
    </select>
  </div>
</template>
