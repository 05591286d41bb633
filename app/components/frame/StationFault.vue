<script setup lang="ts">
import { save } from '../../composables/save'

/** A station that can't be shown: why, and the ways out. Everything else goes on. */
defineProps<{ error: unknown }>()
const emit = defineEmits<{ again: [] }>()
const workshop = useWorkshop()
const to = useStationPath()
const wordsOf = (error: unknown): string => (error instanceof Error ? error.message : String(error))

async function exportRaw(): Promise<void> {
  const { db } = workshop
  if (!db) return
  const rows = await Promise.all(db.tables.map(async (table) => [table.name, await table.toArray()] as const))
  save(
    new Blob([JSON.stringify(Object.fromEntries(rows))], { type: 'application/json' }),
    `${workshop.key}-as-stored-${today()}.json`,
  )
}
</script>

<template>
  <section class="m-8 max-w-xl" role="alert">
    <h1 class="mb-2">This station can’t be shown</h1>
    <p class="mb-2">
      Something in the workshop is not what it should be. Nothing is lost, and the other stations work.
    </p>
    <p class="mb-4 text-hip">{{ wordsOf(error) }}</p>
    <p class="flex flex-wrap gap-2">
      <button type="button" class="button button-act" @click="emit('again')">Try again</button>
      <NuxtLink class="button" :to="to('workshop')" @click="emit('again')"
        >Look at the workshop’s records</NuxtLink
      >
      <button type="button" class="button" @click="exportRaw">Save everything as it is stored</button>
    </p>
  </section>
</template>
