<script setup lang="ts">
import { isOpen } from '~~/core/batches'

const route = useRoute()
const workshop = useWorkshop()
const stock = useStock()
const to = useStationPath()
useStation('Bench', () => {
  void navigateTo(to('make-up'))
})

/** Open batches, the one touched last first; and one that has just ended, while it is looked at. */
const open = computed(() =>
  workshop.batches
    .filter((batch) => isOpen(stock.runs.get(batch.id)))
    .sort((a, b) => lastTouched(b.id).localeCompare(lastTouched(a.id))),
)
const lastTouched = (id: string): string =>
  stock.runs.get(id)?.history.at(-1)?.at ?? workshop.batches.find((batch) => batch.id === id)?.madeAt ?? ''
const asked = computed(() => workshop.batches.find(({ id }) => id === route.query.batch))
const batch = computed(() => asked.value ?? open.value[0])
const run = computed(() => (batch.value ? stock.runs.get(batch.value.id) : undefined))
</script>

<template>
  <div v-if="batch && run" class="bench">
    <BatchTabs :batches="open" :current="batch" />
    <BatchRun :key="batch.id" :batch="batch" :run="run" />
  </div>
  <div v-else class="m-8 max-w-lg">
    <h1 class="mb-2">Nothing on the bench</h1>
    <p class="mb-4">
      A batch is started from Make-up. Then its steps stand here, one at a time, in type that can be read from
      arm’s length.
    </p>
    <NuxtLink class="button button-act" :to="to('make-up')">Go to Make-up</NuxtLink>
  </div>
</template>

<style scoped>
.bench {
  display: flex;
  flex-direction: column;
  min-height: 100%;
}
</style>
