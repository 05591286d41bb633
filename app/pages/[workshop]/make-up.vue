<script setup lang="ts">
import { ChevronLeft, ChevronRight } from '@lucide/vue'
import { nextBatchName, planFrom, startedSchema } from '~~/core/batches'
import type { Line } from '~~/core/commissions'
import { needsOf, proposedWay, type WaySort } from '~~/core/makeup'
import { readBounded } from '~~/core/units'
import { methodName, plantMethodById } from '~~/core/methods'
import { mixText } from '../../components/brief/mix-text'
import { planPanels } from '../../components/makeup/plan-panels'

const workshop = useWorkshop()
const planBatch = useDeed('planBatch')
const changeLine = useDeed('changeLine')
const commission = useCommission()
const estimates = useEstimates()
const notices = useNotices()
const to = useStationPath()
useStation('Make-up')

const plant = computed(() => commission.selected)
const by = ref<WaySort>('suits')
/** The ways follow the marker a few times a second: there are many, each drawn and worked out. */
const resting = computed(
  () => commission.restingPlants.find(({ line }) => line.id === plant.value?.line.id) ?? plant.value,
)
const { ways, sorted } = useWays(() => resting.value, by)
const splitting = ref(false)
const mixing = ref(false)
const finding = ref(false)
/**
 * The chosen method, where it makes this kind of job; while none is, the best suited one is worked out as a
 * proposal.
 */
const method = computed(() => {
  const chosen =
    plant.value?.line.methodId === undefined ? undefined : plantMethodById(plant.value.line.methodId)
  return chosen && plant.value && chosen.kinds.includes(plant.value.job.kind)
    ? chosen
    : proposedWay(ways.value)?.method
})
const methodId = computed(() => method.value?.id)
/** A way that was chosen and can't be followed: of a later version, or not for this kind of job. */
const passedOver = computed(() => {
  const id = plant.value?.line.methodId
  return id !== undefined && id !== methodId.value ? methodName(id) : ''
})

const startedText = ref('')
// Each looked at by itself: a plant that is worked out anew does not take away what is being typed.
watch([() => plant.value?.line.id, methodId], () => {
  startedText.value = ''
})
const startedRead = computed(() =>
  orNothing(startedText.value, (typed) => readBounded({ name: 'Pieces', schema: startedSchema }, typed)),
)
const started = computed(() => (startedRead.value.kind === 'ok' ? startedRead.value.value : undefined))
const startedFault = computed(() => (startedRead.value.kind === 'none' ? startedRead.value.because : ''))

const makeUp = computed(() => {
  if (!plant.value || !method.value) return undefined
  const { left, wanted } = plant.value.progress
  return estimates.workOut(plant.value, method.value, {
    left: left > 0 ? left : wanted,
    ...(started.value === undefined ? {} : { started: started.value }),
  })
})

/** What shows its plan, where the way has one. */
const panel = computed(() => method.value?.planner && planPanels[method.value.planner.kind])

async function choose(id: string): Promise<void> {
  if (plant.value) await changeLine(plant.value.line.id, { methodId: id })
}
async function chooseMaterial(slot: string, materialId: string): Promise<void> {
  if (!plant.value) return
  await changeLine(plant.value.line.id, (stored: Line) => {
    const { [slot]: _was, ...others } = stored.materials ?? {}
    return { materials: materialId === '' ? others : { ...others, [slot]: materialId } }
  })
}
async function chooseOption(option: string, choice: string): Promise<void> {
  if (!plant.value) return
  await changeLine(plant.value.line.id, (stored: Line) => ({
    choices: { ...stored.choices, [option]: choice },
  }))
}
async function plan(start: boolean): Promise<void> {
  if (!plant.value || !makeUp.value || makeUp.value.missing.length > 0) return
  const { line } = plant.value
  if (line.methodId !== makeUp.value.method.id) await choose(makeUp.value.method.id)
  const answer = await planBatch(planFrom(makeUp.value, line.id, nextBatchName(line, workshop.batches)), {
    start,
  })
  if (answer.kind === 'none') return
  if (start) await navigateTo({ path: to('bench'), query: { batch: answer.value.id } })
  else notices.done(`“${answer.value.name}” is planned; its materials are promised to it.`)
}
</script>

<template>
  <div v-if="plant">
    <div
      class="grid border-b-2 border-ink lg:grid-cols-[280px_minmax(0,1fr)] xl:grid-cols-[320px_minmax(0,1fr)]"
    >
      <PieceDrawing :plant="plant" />
      <section class="min-w-0 lg:border-l lg:border-line">
        <div class="flex items-baseline gap-3 px-4 pt-3">
          <h1>{{ plant.line.name }}</h1>
          <span class="botanical">{{ plant.species.botanical }}</span>
          <button
            v-if="plant.line.amount.kind !== 'pieces'"
            type="button"
            class="button button-quiet button-small"
            @click="mixing = true"
          >
            {{ mixText(plant) || 'Mix in other kinds' }}
          </button>
          <button v-else type="button" class="button button-quiet button-small" @click="finding = true">
            Some are there already
          </button>
          <ExistingDialog v-if="finding" :plant="plant" @close="finding = false" />
          <MixDialog v-if="mixing" :plant="plant" @close="mixing = false" />
          <span class="ml-auto flex gap-1">
            <button type="button" class="button button-quiet button-small" @click="commission.stepLine(-1)">
              <ChevronLeft class="size-4" aria-hidden="true" /> Previous line
            </button>
            <button type="button" class="button button-quiet button-small" @click="commission.stepLine(1)">
              Next line <ChevronRight class="size-4" aria-hidden="true" />
            </button>
          </span>
        </div>
        <p v-if="passedOver" class="px-4 pt-1 text-sm text-hip" role="status">
          This line was to be made as {{ passedOver }}; the best of the known ways is shown instead.
        </p>
        <MethodChoice
          v-model:by="by"
          :plant="resting ?? plant"
          :ways="sorted"
          :method-id="methodId"
          @choose="choose"
          @split="splitting = true"
        />
        <SplitDialog v-if="splitting" :plant="plant" :method-id="methodId" @close="splitting = false" />
      </section>
    </div>
    <template v-if="makeUp">
      <MakeUpSums
        v-model:started="startedText"
        :plant="plant"
        :make-up="makeUp"
        :started-fault="startedFault"
        @plan="plan"
      />
      <LaterPart>
        <BeforeStart
          :needs="needsOf(makeUp.uses)"
          :steps="makeUp.steps"
          :pieces="Math.round(makeUp.started.value)"
          :base="makeUp.job.kind === 'pieces' ? undefined : commission.current?.base"
          class="px-5 py-2"
        />
      </LaterPart>
      <LaterPart>
        <MakeUpAmounts :make-up="makeUp" :line="plant.line" @choose="chooseMaterial" @option="chooseOption" />
      </LaterPart>
      <LaterPart>
        <component
          :is="panel"
          v-if="panel"
          :plant="plant"
          :make-up="makeUp"
          @start="(trees: number) => (startedText = String(trees))"
        />
      </LaterPart>
      <LaterPart>
        <MakeUpSteps :make-up="makeUp" />
      </LaterPart>
    </template>
  </div>
  <div v-else class="m-8 max-w-lg">
    <h1 class="mb-2">No line in hand</h1>
    <p class="mb-4">
      Make-up works one line out: how to make it, with what, how much, and how long. Enter a line in the Brief
      first.
    </p>
    <NuxtLink class="button button-act" :to="to('brief')">Go to the Brief</NuxtLink>
  </div>
</template>
