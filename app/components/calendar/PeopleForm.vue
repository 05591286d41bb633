<script setup lang="ts">
/** Who works at the bench. Nobody named: one pair of hands. */
const workshop = useWorkshop()
const removePerson = useDeed('removePerson')
const savePerson = useDeed('savePerson')
const name = ref('')
const fault = ref('')

async function add(): Promise<void> {
  const typed = name.value.trim()
  fault.value = typed === '' ? 'Read nothing; a name is wanted.' : ''
  if (fault.value) return
  const answer = await savePerson({ name: typed })
  fault.value = answer.kind === 'none' ? answer.because : ''
  if (answer.kind === 'ok') name.value = ''
}
</script>

<template>
  <section aria-label="People">
    <h3>Who is at the bench</h3>
    <p v-if="workshop.people.length === 0" class="text-sm text-soft">
      Nobody is named: one pair of hands, yours.
    </p>
    <ul class="my-1">
      <li v-for="person in workshop.people" :key="person.id" class="flex items-center gap-2">
        <span class="flex-1">{{ person.name }}</span>
        <button type="button" class="button button-small button-quiet" @click="removePerson(person.id)">
          Take out<span class="sr-only"> {{ person.name }}</span>
        </button>
      </li>
    </ul>
    <form class="flex items-start gap-2" @submit.prevent="add">
      <TextField v-model="name" class="flex-1" label="Name" :fault="fault" />
      <button type="submit" class="button mt-[22px]">Add</button>
    </form>
  </section>
</template>
