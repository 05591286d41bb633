<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import {
  partOf,
  partNounPlural,
  standsWhenDone,
  stepAt,
  type Batch,
  type BatchAction,
  type Run,
} from '~~/core/batches'
import { mindedNow } from '~~/core/makeup'
import { counted } from '~~/core/units'

/** One batch at the bench: its step, large; what was done, undo, rejects, weighing, and the end. */
const props = defineProps<{ batch: Batch; run: Run }>()
const workshop = useWorkshop()
const doDeed = useDeed('doDeed')
const undoDeed = useDeed('undoDeed')
const weighing = ref(false)
const ending = ref<'finish' | 'abandon'>()

const state = computed(() => props.run.state)
/** The step as it was planned, with what must be minded at it as it is known today. */
const step = computed(() =>
  mindedNow(stepAt(props.batch, state.value.stepIndex), props.batch, (id) =>
    workshop.materials.find((material) => material.id === id),
  ),
)
/** The main button changes with the step, its wait, and its rounds. */
useNextHand(() => [
  state.value.phase,
  state.value.stepIndex,
  state.value.round !== undefined,
  state.value.paused,
])
const part = computed(() => partOf(props.batch))
/** What finishing does, besides drawing stock. */
const endingWords = computed(() => {
  const { makes } = props.batch
  if (makes.kind === 'stock') return 'and what you made becomes a lot.'
  if (makes.kind === 'planted') return 'and the pieces leave their trays: they stand.'
  return standsWhenDone(props.batch)
    ? 'and the log knows it stands in its place.'
    : 'and the pieces go on a tray.'
})
const over = computed(() => state.value.phase === 'finished' || state.value.phase === 'abandoned')
const inTurn = useTurns()
/** One deed after the other: a second tap on the same while the first is being written is not a second piece. */
const act = (deed: Exclude<BatchAction, { type: 'finish' | 'abandon' | 'undo' }>): void =>
  inTurn(deed.type, async () => {
    const answer = await doDeed(props.batch.id, deed)
    if (answer.kind === 'ok') written.value = answer.value.id
  })
/** The entry that was written last; the run shows it a moment later. */
const written = ref<string>()
const lastDeed = computed(() => {
  const { history } = props.run
  const isShown = written.value === undefined || history.some(({ id }) => id === written.value)
  return isShown ? history.at(-1)?.id : written.value
})
const undo = (): void =>
  inTurn('undo', async () => {
    const target = lastDeed.value
    written.value = undefined
    if (target !== undefined) await undoDeed(props.batch.id, target)
  })
const reject = (count: number, reason: string, of: 'done' | 'open') =>
  act({ type: 'reject', step: state.value.stepIndex, count, reason, of })
const pieceDone = (count: number) => act({ type: 'pieces', step: state.value.stepIndex, count })

useEventListener('keydown', (event: KeyboardEvent) => {
  if (!isFree(event) || event.repeat) return
  if (
    event.key === ' ' &&
    state.value.phase === 'hands' &&
    !state.value.paused &&
    !(event.target instanceof HTMLButtonElement)
  ) {
    event.preventDefault()
    pieceDone(1)
  }
  if (event.key === 'z') {
    event.preventDefault()
    undo()
  }
})
</script>

<template>
  <div class="run flex flex-col flex-1">
    <header class="head flex flex-wrap items-center gap-y-2 gap-x-5 py-2.5 px-6 border-b border-b-line">
      <div class="min-w-0">
        <h1 class="truncate">{{ batch.name }}</h1>
        <p v-if="batch.makes.kind !== 'stock'" class="text-soft">
          {{ state.live }} good of {{ batch.pieces }} started<template v-if="state.rejects.length > 0">
            · {{ batch.pieces - state.live }} rejected</template
          >
        </p>
      </div>
      <StepTrail :batch="batch" :run="run" class="flex-1 min-w-55" />
      <div v-if="!over && state.phase !== 'planned'" class="flex items-center gap-2">
        <button type="button" class="button" @click="act({ type: state.paused ? 'resume' : 'pause' })">
          {{ state.paused ? 'Go on' : 'Pause' }}
        </button>
        <button type="button" class="button" :disabled="state.paused" @click="weighing = true">
          Weigh<span v-if="state.weighing.size > 0" class="tag tag-rain">{{ state.weighing.size }} open</span>
        </button>
        <button type="button" class="button button-danger button-away" @click="ending = 'abandon'">
          Abandon
        </button>
      </div>
    </header>

    <SetAsideNote class="mx-6 mt-3" :entries="run.setAside" />
    <PlannedBatch
      v-if="state.phase === 'planned'"
      :batch="batch"
      @start="act({ type: 'start' })"
      @abandon="ending = 'abandon'"
    />
    <EndedBatch v-else-if="over" :batch="batch" :run="run"><UndoButton :run="run" @undo="undo" /></EndedBatch>
    <template v-else>
      <BenchStep
        v-if="state.phase !== 'done'"
        :batch="batch"
        :run="run"
        :step="step"
        @pieces="pieceDone"
        @round="act({ type: 'round', step: state.stepIndex })"
        @turn="(at) => act({ type: 'turn', step: at })"
        @advance="
          (early) => act({ type: 'advance', step: state.stepIndex, ...(early ? { early: true } : {}) })
        "
      >
        <template #back><UndoButton :run="run" @undo="undo" /></template>
        <template #reject><RejectButton :batch="batch" :run="run" :step="step" @reject="reject" /></template>
      </BenchStep>
      <section v-else class="mx-6 my-6">
        <p class="text-2xl font-semibold">
          {{
            state.live === 0
              ? `No good ${part} is left.`
              : batch.makes.kind === 'stock'
                ? 'All steps are done.'
                : `All steps are done: ${counted(state.live, `good ${part}`, `good ${partNounPlural(part)}`)}.`
          }}
        </p>
        <p class="mt-2 text-lg">
          Weigh out what is still open, then finish: stock is drawn by what was used,
          {{ endingWords }}
        </p>
      </section>
      <BenchFoot v-if="state.phase === 'done'">
        <template #back><UndoButton :run="run" @undo="undo" /></template>
        <button
          type="button"
          class="button button-act huge"
          :disabled="state.paused"
          @click="ending = 'finish'"
        >
          Finish batch
        </button>
        <template #reject><RejectButton :batch="batch" :run="run" :step="step" @reject="reject" /></template>
      </BenchFoot>
    </template>

    <WeighDialog
      v-if="weighing"
      :batch="batch"
      :run="run"
      :step="step"
      @close="weighing = false"
      @deed="act"
    />
    <EndDialog v-if="ending" :batch="batch" :run="run" :kind="ending" @close="ending = undefined" />
  </div>
</template>

<style scoped>
/* What destroys stands apart. */
.button-away {
  margin-left: 32px;
}
@media (max-width: 640px) {
  .head {
    padding: 8px 16px;
  }
  .button-away {
    margin-left: auto;
  }
}
</style>
