<script setup lang="ts">
import { trayStates, type Tray, type TrayState } from '~~/core/batches'

/** Finished pieces: where they stand, and what has become of them. Moved on, or back, at any time. */
const workshop = useWorkshop()
const stock = useStock()

const moving = ref<{ tray: Tray; from: TrayState }>()
const rows = computed(() =>
  stock.trays
    .map((tray) => ({ tray, batch: stock.batchById.get(tray.batchId) }))
    .sort((a, b) => b.tray.counts['to be planted'] - a.tray.counts['to be planted']),
)
const lineOf = (id: string | undefined): string => workshop.lines.find((line) => line.id === id)?.name ?? ''
</script>

<template>
  <section aria-label="Trays">
    <table class="ruled w-full">
      <thead>
        <tr>
          <th class="!pl-5">Tray</th>
          <th>Pieces of</th>
          <th v-for="state in trayStates" :key="state" class="number">{{ state }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ tray, batch } in rows" :key="`${tray.batchId}|${tray.name}`">
          <td class="!pl-5 font-semibold">{{ tray.name }}</td>
          <td>
            {{ batch?.name }}
            <span v-if="batch?.lineId" class="text-sm text-soft">{{ lineOf(batch.lineId) }}</span>
          </td>
          <td v-for="state in trayStates" :key="state" class="number">
            <button
              v-if="tray.counts[state] > 0"
              type="button"
              class="button button-quiet button-small"
              :aria-label="`Move the ${tray.counts[state]} ${state} on ${tray.name}`"
              @click="moving = { tray, from: state }"
            >
              {{ tray.counts[state] }}
            </button>
            <span
              v-else-if="tray.counts[state] < 0"
              class="tag tag-hip"
              title="Two copies of the workshop moved the same pieces"
              >{{ tray.counts[state] }}: count them</span
            >
          </td>
        </tr>
      </tbody>
    </table>
    <MoveDialog v-if="moving" v-bind="moving" @close="moving = undefined" />
  </section>
</template>
