<script setup lang="ts">
import { liveQuery } from 'dexie'
import { bringBack, KEPT_DAYS, type TakenAway } from '../../db/taken-away'

/** What was taken away or replaced lately: each can be brought back. */
const workshop = useWorkshop()
const taken = shallowRef<readonly TakenAway[]>([])
watch(
  () => workshop.db,
  (db, _before, onCleanup) => {
    taken.value = []
    if (!db) return
    const followed = liveQuery(() => db.takenAway.orderBy('at').reverse().toArray()).subscribe({
      next: (rows) => {
        taken.value = rows
      },
    })
    onCleanup(() => followed.unsubscribe())
  },
  { immediate: true },
)
/** The last ones are shown; the others when they are asked for. */
const FIRST = 10
const all = ref(false)
const shown = computed(() => (all.value ? taken.value : taken.value.slice(0, FIRST)))
</script>

<template>
  <section aria-label="Taken away lately">
    <h2>Taken away lately</h2>
    <p class="text-sm text-soft">
      {{
        taken.length === 0
          ? `Nothing. What is removed or replaced can be brought back from here for ${KEPT_DAYS} days, in this browser.`
          : `It can be brought back for ${KEPT_DAYS} days, in this browser.`
      }}
    </p>
    <ul>
      <li v-for="one in shown" :key="one.id" class="flex items-center gap-3 border-b border-line py-1">
        <span class="w-44 flex-none text-sm text-soft">{{ formatMoment(one.at) }}</span>
        <span class="min-w-0 flex-1 break-words">{{ one.words }}</span>
        <button type="button" class="button button-small" @click="workshop.dispatch(bringBack, one.id)">
          Bring back<span class="sr-only"> {{ one.words }}</span>
        </button>
      </li>
    </ul>
    <button
      v-if="taken.length > shown.length"
      type="button"
      class="button button-small mt-2"
      @click="all = true"
    >
      Show all {{ taken.length }}
    </button>
  </section>
</template>
