<script setup lang="ts">
import {
  LONGEST_GAP_MS,
  openBeside,
  partOf,
  stepAt,
  type Batch,
  type BatchStep,
  type Run,
} from '~~/core/batches'
import { stepHandsMin } from '~~/core/makeup'
import { capitalised, formatCountdown, formatMinutes, uncapitalised } from '~~/core/units'

/** One step in large type: what to do, how many are done, what closes, what dries, what can hurt, what goes wrong. */
const props = defineProps<{ batch: Batch; run: Run; step: BatchStep }>()
const emit = defineEmits<{
  pieces: [count: number]
  round: []
  advance: [early: boolean]
  turn: [step: number]
}>()
const nowMs = useClock()

const state = computed(() => props.run.state)
const left = computed(() => state.value.live - state.value.doneInStep)
const leftInRound = computed(() => (state.value.round ? Math.min(left.value, state.value.round.left) : 0))
/** Since the last entry; a gap too long to be work counts as none, as in the log. */
const sinceLastMs = computed(() => {
  const passed = Math.max(0, nowMs.value - state.value.lastMs)
  return passed <= LONGEST_GAP_MS ? passed : 0
})
/** Time at this step so far, and what was planned for it. */
const stepMs = computed(
  () =>
    state.value.stepHandsMs + (state.value.phase === 'hands' && !state.value.paused ? sinceLastMs.value : 0),
)
const plannedMin = computed(() => stepHandsMin(props.step, state.value.live))
/** A window is about to open: nothing of this step has been done. */
const windowAhead = computed(
  () => props.step.within !== undefined && !state.value.round && state.value.doneInStep === 0,
)
/** Pieces of the next round, where the wet time allows fewer than are left and none is running. */
const roundAhead = computed(() => {
  const { within, atOnce } = props.step
  const most = atOnce?.count ?? Infinity
  return within !== undefined && !state.value.round && most < state.value.live
    ? Math.min(most, left.value)
    : 0
})
/** Other steps that can be done now; while something dries, the first of them is what hands turn to. */
const open = computed(() => (state.value.round ? [] : openBeside(props.batch, state.value, nowMs.value)))
const meanwhile = computed(() => {
  const { wait } = state.value
  return wait && wait.untilMs > nowMs.value ? open.value[0] : undefined
})
const part = computed(() => partOf(props.batch))
/** A mixture or a harvest is not counted in pieces: its steps are done or not. */
const isStock = computed(() => props.batch.makes.kind === 'stock')
/** What fresh spray or alcohol still hangs in the air beside an applicator; asked about, once. */
const aired = ref('')
const air = useAir(() => props.step, nowMs)
const inAir = computed(() => {
  const found = air.value
  return found && aired.value !== `${props.step.id}|${found.untilMs}` ? found : undefined
})
/** What the place must give, and what must keep away. */
const placeWords = computed(() => [
  ...props.step.needs.map(
    (need) => ({ ventilation: 'Open the window', daylight: 'In daylight', outdoors: 'Outdoors' })[need],
  ),
  ...(props.step.apart
    ? [`not within ${formatMinutes(props.step.apart.airMin)} of ${props.step.apart.from.join(', ')}`]
    : []),
])
</script>

<template>
  <div class="step flex flex-1">
    <StepPicture
      class="picture flex-none content-start pt-4.5 pr-0 pb-0 pl-6"
      :batch="batch"
      :step-index="state.stepIndex"
      :width="340"
      :height="400"
      :done="state.doneInStep"
    />
    <section class="do flex-1 min-w-0 py-4.5 px-6">
      <h2 class="title text-[32px]">{{ step.title }}</h2>
      <p class="text text-[20px] leading-[1.35] mt-1 max-w-[46ch]">{{ step.text }}</p>
      <p v-if="placeWords.length > 0" class="mt-1.5 text-[16px] text-rain">{{ placeWords.join('; ') }}.</p>

      <StepWait v-if="state.phase === 'waiting' && state.wait" :wait="state.wait" :step="step" />
      <template v-else>
        <ReadyCheck v-if="windowAhead" :key="step.id" :batch="batch" :step="step" :pieces="left" />
        <StepWindow :state="state" :step="step" />
        <div v-if="inAir" class="mb-3 border-l-[6px] border-hip bg-hip-pale p-3 text-lg" role="alert">
          <p>
            <strong>Air the room first.</strong> “{{ inAir.batchName }}” left {{ inAir.what }} in the air:
            sparks near it burn. {{ formatCountdown(inAir.untilMs - nowMs) }} to go.
          </p>
          <button
            type="button"
            class="button mt-2 !min-h-[48px]"
            @click="aired = `${step.id}|${inAir.untilMs}`"
          >
            It is aired: go on
          </button>
        </div>
        <DealerCard
          v-if="step.deal && !inAir"
          :batch="batch"
          :step="step"
          :done="state.doneInStep"
          :live="state.live"
        />
        <NextSpot v-if="batch.makes.kind === 'planted'" :batch="batch" :done="state.doneInStep" />
        <p class="mt-3 text-soft tabular-nums">
          {{ formatCountdown(stepMs) }} at this step, {{ formatMinutes(plannedMin) }} planned<template
            v-if="step.wait"
          >
            · then {{ uncapitalised(step.wait.what) }}, {{ formatMinutes(step.wait.leastMin) }}</template
          >
        </p>
      </template>
      <p
        v-if="!step.within && step.atOnce && step.atOnce.count < state.live"
        class="mt-3 text-soft tabular-nums"
      >
        {{ step.atOnce.count }} at once. {{ step.atOnce.what }}
      </p>
      <BesideSteps
        v-if="!state.paused"
        :batch="batch"
        :run="run"
        :open="open.filter((at) => at !== meanwhile)"
        @turn="(at) => emit('turn', at)"
      />
      <p v-if="step.passes" class="mt-3 text-[16px]"><strong>Passes:</strong> {{ step.passes }}</p>
      <p v-if="state.paused" class="mt-3 text-[20px] font-[650] text-larch-deep" role="status">
        Paused. Waits go on drying.
      </p>
    </section>

    <StepMind class="mind flex-[0_0_320px]" :step="step" />
    <BenchFoot>
      <template #back><slot name="back" /></template>
      <button
        v-if="meanwhile !== undefined"
        type="button"
        class="button button-act huge"
        :disabled="state.paused"
        @click="emit('turn', meanwhile)"
      >
        Meanwhile: {{ stepAt(batch, meanwhile).title }}
      </button>
      <WaitActs
        v-if="state.phase === 'waiting' && state.wait"
        :wait="state.wait"
        :step="step"
        :paused="state.paused"
        @advance="(early) => emit('advance', early)"
      />
      <template v-else-if="!inAir">
        <p v-if="!isStock" class="count self-center min-w-37.5 text-[26px] tabular-nums" aria-live="polite">
          <strong>{{ state.doneInStep }}</strong> of {{ state.live }}
        </p>
        <button
          v-if="roundAhead > 0"
          type="button"
          class="button border-larch text-larch-deep bg-white huge"
          :disabled="state.paused"
          @click="emit('round')"
        >
          Start a round of {{ roundAhead }}
        </button>
        <button
          type="button"
          class="button button-act huge"
          :disabled="state.paused || left === 0"
          @click="emit('pieces', 1)"
        >
          {{ isStock ? 'This is done' : `${capitalised(part)} done` }}
        </button>
        <button
          v-if="leftInRound > 1"
          type="button"
          class="button"
          :disabled="state.paused"
          @click="emit('pieces', leftInRound)"
        >
          These {{ leftInRound }}
        </button>
        <button
          v-if="left > 1"
          type="button"
          class="button"
          :disabled="state.paused"
          @click="emit('pieces', left)"
        >
          All {{ left }} left
        </button>
      </template>
      <template #reject><slot name="reject" /></template>
    </BenchFoot>
  </div>
</template>

<style scoped>
.count strong {
  font-size: 72px;
  line-height: 1;
}
@media (max-width: 1200px) {
  .picture {
    display: none;
  }
}
@media (max-width: 900px) {
  .step {
    flex-direction: column;
  }
  .mind {
    flex: none;
  }
  .count {
    min-width: 0;
  }
  .count strong {
    font-size: 40px;
  }
  .do {
    padding: 12px 16px;
  }
  .title {
    font-size: 26px;
  }
  .text {
    font-size: 18px;
  }
}
</style>
