<script setup lang="ts">
/** One of the people of the workshop, or all of them; nothing to pick where there is but one. */
const { possessive = false } = defineProps<{ label: string; possessive?: boolean }>()
const who = defineModel<string>({ required: true })
const workshop = useWorkshop()
const ending = computed(() => (possessive ? '’s' : ''))
</script>

<template>
  <SelectField
    v-if="workshop.people.length > 1"
    v-model="who"
    :label="label"
    :options="[
      { value: '', words: `everybody${ending}` },
      ...workshop.people.map(({ id, name }) => ({ value: id, words: `${name}${ending}` })),
    ]"
  />
</template>
