<script setup lang="ts">
import {
  meshes,
  meshWords,
  touchUpSchema,
  blendMlSchema,
  USUAL_TOUCH_UP,
  type Blend,
  type MixedBlend,
  stillWantedFigure,
} from '~~/core/blends'
import type { Sealing } from '~~/core/colour'
import { batchName, planFrom } from '~~/core/batches'
import { makeUp } from '~~/core/makeup'
import { blendMethod } from '~~/core/methods'
import {
  formatMinutes,
  formatQuantity,
  parseQuantity,
  plainNumber,
  readBounded,
  withinBounds,
  type Reading,
} from '~~/core/units'

/** How much of a blend is made, from which jars, how it is sieved; then it is made. */
const props = defineProps<{ blend: Blend; mixed: MixedBlend; sealing: Sealing; locked: boolean }>()
const emit = defineEmits<{
  change: [fields: Partial<Omit<Blend, 'id' | 'changedAt' | 'fieldsAt'>>]
  swap: [outId: string, inId: string]
}>()
const workshop = useWorkshop()
const planBatch = useDeed('planBatch')
const stock = useStock()
const shelf = useShelf()
const estimates = useEstimates()
const notices = useNotices()
const to = useStationPath()

const jarIds = computed(() => props.mixed.jars.map(({ material }) => material.id))
/** What lines and batches want of it, grams of the whole, by who wants it. */
const wanted = computed(() => {
  const rows = shelf.wanting.flatMap(({ who, needs }) => {
    const grams = props.mixed.jars.reduce((sum, { material, massShare }) => {
      const own = needs.filter(({ materialId }) => materialId === material.id)
      return Math.max(
        sum,
        own.reduce((all, need) => all + Math.max(need.quantity, need.lies ?? 0), 0) /
          Math.max(0.002, massShare),
      )
    }, 0)
    return grams > 0 ? [{ who, grams }] : []
  })
  return { rows, grams: rows.reduce((sum, row) => sum + row.grams, 0) }
})
const touchUp = computed(() => props.blend.touchUp ?? USUAL_TOUCH_UP)
const onHandG = computed(() =>
  props.mixed.jars.reduce(
    (sum, { material }) =>
      sum + (stock.stateById.get(material.id)?.onHand ?? 0) + (shelf.beingMade.get(material.id) ?? 0),
    0,
  ),
)
/** What is still to be mixed for those who want it, ml. */
const wantedFigure = computed(() =>
  stillWantedFigure({
    rows: wanted.value.rows,
    touchUp: { share: touchUp.value, origin: props.blend.touchUp === undefined ? 'memory' : 'yours' },
    thereG: onHandG.value,
    bulkGPerMl: props.mixed.mixture.bulkGPerMl,
  }),
)
const ml = computed(
  () => props.blend.amountMl ?? (wantedFigure.value.value > 0 ? wantedFigure.value.value : 100),
)
const shownMl = (value: number): string => formatQuantity(Math.round(value * 10) / 10, 'ml')
const text = ref(shownMl(ml.value))
const fault = ref('')
watch([() => props.blend.id, ml], () => {
  text.value = shownMl(ml.value)
  fault.value = ''
})
function readMl(typed: string): Reading<number> {
  const reading = parseQuantity(typed, 'ml')
  return reading.kind === 'none'
    ? reading
    : withinBounds({ name: 'Amount', schema: blendMlSchema, unit: 'ml' }, reading.value, typed)
}
function takeMl(): void {
  const reading = readMl(text.value)
  fault.value = reading.kind === 'none' ? reading.because : ''
  if (reading.kind === 'ok') emit('change', { amountMl: reading.value })
}
const touchText = ref(plainNumber(touchUp.value * 100, 0))
const touchFault = ref('')
watch(touchUp, (share) => {
  touchText.value = plainNumber(share * 100, 0)
})
function takeTouchUp(): void {
  const reading = readBounded(
    { name: 'For touching up', schema: touchUpSchema, unit: '%', per: 100 },
    touchText.value,
  )
  touchFault.value = reading.kind === 'none' ? reading.because : ''
  if (reading.kind === 'ok') emit('change', { touchUp: reading.value })
}

const { isShort } = useMixAmounts(
  () => props.mixed,
  () => ml.value,
)
const work = computed(() => {
  const [jar] = props.mixed.jars
  if (!jar) return undefined
  const whole = ml.value * props.mixed.mixture.bulkGPerMl
  return makeUp({
    job: { kind: 'stock', materialId: jar.material.id, quantity: whole * jar.massShare, unit: 'g' },
    method: blendMethod(props.mixed),
    ...estimates.contextOf(props.blend.id),
  })
})
const taking = ref(false)
const canMix = computed(
  () => work.value !== undefined && props.mixed.unknown.length === 0 && fault.value === '',
)
async function plan(start: boolean): Promise<void> {
  if (!work.value || !canMix.value || taking.value) return
  taking.value = true
  const own = new Set(jarIds.value)
  const number =
    workshop.batches.filter(({ plan: { yields } }) => yields.some(({ materialId }) => own.has(materialId)))
      .length + 1
  const answer = await planBatch(planFrom(work.value, undefined, batchName(props.blend.name, number)), {
    start,
  })
  taking.value = false
  if (answer.kind === 'none') return
  if (start) await navigateTo({ path: to('bench'), query: { batch: answer.value.id } })
  else notices.done(`“${answer.value.name}” is planned; what goes in is promised to it.`)
}
</script>

<template>
  <section class="border-t-2 border-ink px-5 py-3" aria-label="Make it">
    <div class="flex flex-wrap items-start gap-x-5 gap-y-2">
      <h2 class="pt-6">Make it</h2>
      <TextField
        v-model="text"
        class="w-36"
        label="Amount of the loose mix"
        :fault="fault"
        @change="takeMl"
      />
      <TextField
        v-model="touchText"
        class="w-32"
        label="For touching up, %"
        :fault="touchFault"
        @change="takeTouchUp"
      />
      <SelectField
        class="w-44"
        label="Sieve"
        :model-value="blend.sieveMm ?? 0"
        :disabled="locked"
        :options="[
          { value: 0, words: 'not sieved' },
          ...meshes.map(({ openingMm }) => ({ value: openingMm, words: meshWords(openingMm) })),
        ]"
        @update:model-value="(mesh) => emit('change', { sieveMm: mesh > 0 ? mesh : undefined })"
      />
      <p class="pt-6 text-sm">
        <template v-if="wanted.rows.length > 0">
          Still to be mixed for
          {{
            wanted.rows
              .map(({ who }) => who)
              .slice(0, 3)
              .join(', ')
          }}{{ wanted.rows.length > 3 ? ' and others' : '' }}:
          <FigureButton :figure="wantedFigure" label="Still to be mixed" />
          <button
            v-if="wantedFigure.value >= 1 && Math.abs(ml - wantedFigure.value) > 1"
            type="button"
            class="button button-small ml-2"
            @click="emit('change', { amountMl: Math.ceil(wantedFigure.value) })"
          >
            Take that
          </button>
        </template>
        <span v-else class="text-soft">No line takes it yet.</span>
      </p>
    </div>
    <CommitBar label="Mixing it">
      <p class="flex-1">
        {{ shownMl(ml) }} of the loose mix<template v-if="work"
          >, about {{ formatMinutes(work.handsMin.value) }} of hands</template
        ><span v-if="isShort" class="text-hip">; a jar holds too little</span>
      </p>
      <button type="button" class="button" :disabled="!canMix || taking" @click="plan(false)">Plan it</button>
      <button
        type="button"
        class="button button-act"
        :disabled="!canMix || taking || isShort"
        @click="plan(true)"
      >
        Start mixing
      </button>
    </CommitBar>
    <div class="mt-2 grid gap-x-6 xl:grid-cols-[minmax(0,1fr)_330px]">
      <BlendAmounts :blend="blend" :mixed="mixed" :sealing="sealing" :ml="ml" />
      <div class="text-sm">
        <p v-if="work" class="py-1 text-soft">
          About {{ formatMinutes(work.handsMin.value) }} of hands:
          {{ work.steps.map(({ title }) => title).join(' · ') }}.
        </p>
        <BlendNotes
          :blend="blend"
          :mixed="mixed"
          :sealing="sealing"
          :ml="ml"
          :locked="locked"
          @change="(fields) => emit('change', fields)"
          @swap="(outId, inId) => emit('swap', outId, inId)"
        />
      </div>
    </div>
  </section>
</template>
