<script setup lang="ts">
import { liveQuery } from 'dexie'
import { foldRun, type Batch, type Run, type RunEvent } from '~~/core/batches'

const route = useRoute()
const workshop = useWorkshop()
const stock = useStock()
const to = useStationPath()
useStation('Bench', () => {
  void navigateTo(to('make-up'))
})

/** Open batches: those whose window closes, the soonest first; then the one touched last. */
const open = computed(() =>
  [...stock.open]
    .sort(
      (a, b) =>
        (closesMs(a.run) ?? NEVER) - (closesMs(b.run) ?? NEVER) ||
        touched(b.run, b.batch).localeCompare(touched(a.run, a.batch)),
    )
    .map(({ batch }) => batch),
)
const NEVER = Number.MAX_VALUE
const touched = (run: Run, batch: Batch): string => run.history.at(-1)?.at ?? batch.madeAt

const isTonight = computed(() => route.query.tonight !== undefined)
const asked = computed(() => stock.batchById.get(String(route.query.batch ?? '')))
const batch = computed(() => asked.value ?? open.value[0])
/** A batch that has ended is not kept in the stores; while it is looked at, its own entries are read. */
const endedEvents = shallowRef<RunEvent[]>()
watch(
  () => [batch.value?.id, batch.value && stock.runs.has(batch.value.id)] as const,
  ([id, isOpen], _before, onCleanup) => {
    endedEvents.value = undefined
    const { db } = workshop
    if (!id || isOpen || !db) return
    const subscription = liveQuery(() => db.events.where('batchId').equals(id).toArray()).subscribe(
      (events) => {
        endedEvents.value = events
      },
    )
    onCleanup(() => subscription.unsubscribe())
  },
  { immediate: true },
)
const run = computed(() => {
  if (!batch.value) return undefined
  return (
    stock.runs.get(batch.value.id) ??
    (endedEvents.value ? foldRun(batch.value, endedEvents.value) : undefined)
  )
})
</script>

<template>
  <div v-if="isTonight && open.length > 0" class="flex flex-col min-h-full">
    <BatchTabs :batches="open" />
    <TonightBench />
  </div>
  <div v-else-if="batch && run" class="flex flex-col min-h-full">
    <BatchTabs :batches="open" :current="batch" />
    <BatchRun :key="batch.id" :batch="batch" :run="run" />
  </div>
  <div v-else-if="!batch" class="m-8 max-w-lg">
    <h1 class="mb-2">Nothing on the bench</h1>
    <p class="mb-4">
      A batch is started from Make-up. Then its steps stand here, one at a time, in type that can be read from
      arm’s length.
    </p>
    <NuxtLink class="button button-act" :to="to('make-up')">Go to Make-up</NuxtLink>
  </div>
</template>
