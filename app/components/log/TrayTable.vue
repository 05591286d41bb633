<script setup lang="ts">
import { trayStates, type Tray, type TrayState } from '~~/core/batches'
import { counted } from '~~/core/units'
import { movePieces } from '../../db/commands/bench'

/** Finished pieces: where they stand, and what has become of them. Moved on, or back, at any time. */
const workshop = useWorkshop()
const stock = useStock()
const notices = useNotices()

const moving = ref<{ tray: Tray; from: TrayState; to: TrayState; count: string }>()
const fault = ref('')
const rows = computed(() =>
  stock.trays
    .map((tray) => ({ tray, batch: stock.batchById.get(tray.batchId) }))
    .sort((a, b) => b.tray.counts['to be planted'] - a.tray.counts['to be planted']),
)
const lineOf = (id: string | undefined): string => workshop.lines.find((line) => line.id === id)?.name ?? ''
/** The usual way on: what waits is planted; what is elsewhere goes back to waiting. */
function begin(tray: Tray, from: TrayState): void {
  fault.value = ''
  moving.value = {
    tray,
    from,
    to: from === 'to be planted' ? 'planted' : 'to be planted',
    count: String(Math.max(1, tray.counts[from])),
  }
}
async function move(): Promise<void> {
  const wish = moving.value
  if (!wish) return
  const answer = await movePieces(workshop.context(), {
    batchId: wish.tray.batchId,
    tray: wish.tray.name,
    count: Number(wish.count),
    from: wish.from,
    to: wish.to,
  })
  if (answer.kind === 'none') {
    fault.value = answer.because
    return
  }
  notices.done(`${counted(answer.value.count, 'piece')}: ${wish.to}.`)
  moving.value = undefined
}
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
              @click="begin(tray, state)"
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
    <BaseDialog
      v-if="moving"
      :model-value="true"
      :title="`${moving.tray.name}: ${moving.from}`"
      @update:model-value="moving = undefined"
    >
      <form class="grid gap-3" @submit.prevent="move">
        <TextField v-model="moving.count" label="How many" :fault="fault" />
        <fieldset>
          <legend class="label">Now they are</legend>
          <div class="flex flex-wrap gap-2">
            <button
              v-for="state in trayStates.filter((other) => other !== moving?.from)"
              :key="state"
              type="button"
              class="button !min-h-[44px]"
              :class="{ 'button-act': moving.to === state }"
              :aria-pressed="moving.to === state"
              @click="moving.to = state"
            >
              {{ state }}
            </button>
          </div>
        </fieldset>
        <div class="flex justify-end gap-2">
          <button type="button" class="button" @click="moving = undefined">Leave it</button>
          <button type="submit" class="button button-act">Move</button>
        </div>
      </form>
    </BaseDialog>
  </section>
</template>
