<script setup lang="ts">
import { isPlantedOut, plantedLine, type Batch } from '~~/core/batches'
import { amountText, readAmount, readPieces, sizeOfAmount } from '~~/core/commissions'
import { chanceBy, quantile, unplacedWords, type Held } from '~~/core/schedule'
import { counted, formatMinutes, none, ok, type Reading } from '~~/core/units'
import { day as dayField, hidable, maybe, picked, tick, typed } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'
import { amountOf, type Plant } from '../../stores/plant'
import type { Column } from '../../parts/table/column'
import type { Asked, Variant } from '../../composables/asking'

/** “Can I have forty by the 12th?”: the days by which it is done at even odds and nine times in ten, and what is in the way. */
/** A planned batch that is too large, where smaller ones are to take its place. */
const { insteadOf } = defineProps<{ insteadOf?: Batch | undefined }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const planBatches = useDeed('planBatches')
const commission = useCommission()
const calendar = useCalendar()
const notices = useNotices()
const { open } = useDialog(() => emit('close'))
const { ask } = useAsking()
const plantingOut = usePlantingOut()

const plants = computed(() => commission.plants)
/** What is wanted still, of what is known how to make, first. */
const likely =
  plants.value.find(({ line, progress }) => progress.left > 0 && line.methodId !== undefined) ??
  plants.value[0]
/** What is left of a line, or all of it where nothing is: "12", "1.2 m", "600 cm²". */
const wordsOf = (
  { line, progress }: Pick<Plant, 'line' | 'progress'>,
  size = progress.left || progress.wanted,
): string => amountText(amountOf(line.amount, size), workshop.settings.units)
const asks = { pieces: 'How many', length: 'How long', area: 'How much' } as const
const plantOf = (id: string | undefined): Plant | undefined => plants.value.find(({ line }) => line.id === id)
/** Pieces that nothing is planned to plant yet. */
const canBePlanted = (id: string | undefined): boolean => {
  const line = plantOf(id)?.line
  return (
    line !== undefined &&
    insteadOf === undefined &&
    isPlantedOut(line) &&
    plantingOut.soFar(line).planned === 0
  )
}
const kindOf = (id: string | undefined) => plantOf(id)?.line.amount.kind ?? 'pieces'

/** The number of pieces, or the mm or cm² that are asked for. */
function readCount(typed: string, { lineId }: Readonly<Record<string, string>>): Reading<number> {
  const plant = plantOf(lineId)
  if (!plant) return none('Choose a line.')
  if (plant.line.amount.kind === 'pieces') return readPieces(typed, asks.pieces)
  const amount = readAmount(typed, plant.line.amount, workshop.settings.units)
  return amount.kind === 'none' ? amount : ok(sizeOfAmount(amount.value))
}
const form = useFields(
  {
    lineId: picked({
      label: `Of ${commission.current?.name ?? ''}`,
      start: insteadOf?.lineId ?? likely?.line.id,
      wide: true,
    }),
    count: typed({ label: asks.pieces }, readCount),
    by: maybe(dayField({ label: 'By', start: commission.current?.deadline })),
    pilot: hidable(tick({ label: 'a pilot piece is finished and judged before the rest', wide: true })),
    planted: hidable(tick({ label: 'and planted out: done when they stand on the scene', wide: true })),
  },
  {
    stays: true,
    async send({ lineId, count, by, pilot, planted }) {
      fault.value = ''
      const plant = plantOf(lineId)
      if (!plant) return { kind: 'none' }
      try {
        const answer = await ask(plant, count, {
          due: by,
          pilot: pilot === true,
          insteadOf: insteadOf?.id,
          planted: planted === true,
        })
        if (answer.kind === 'none') fault.value = answer.because
        else found.value = answer.value
      } catch (error) {
        fault.value = error instanceof Error ? error.message : String(error)
      }
    },
    look: ({ lineId }) => ({
      lineId: {
        choices: windowOf(
          plants.value,
          plants.value.findIndex(({ line }) => line.id === lineId),
        ).map(({ line, progress }) => ({
          value: line.id,
          words: `${line.name} (${progress.left > 0 ? wordsOf({ line, progress }) : 0} left)`,
          disabled: insteadOf !== undefined && line.id !== insteadOf.lineId,
        })),
      },
      count: { label: asks[kindOf(lineId)] },
      pilot: { hidden: kindOf(lineId) !== 'pieces' },
      planted: { hidden: !canBePlanted(lineId) },
    }),
  },
)
const text = form.texts
watch(
  () => text.value.lineId,
  (id) => {
    const plant = plantOf(id)
    form.set('count', plant ? wordsOf(plant, insteadOf?.plan.expectedGood) : '')
    if (kindOf(id) !== 'pieces') form.set('pilot', '')
    if (!canBePlanted(id)) form.set('planted', '')
  },
  { immediate: true },
)
const fault = ref('')
const found = shallowRef<Asked>()
watch(text, () => {
  found.value = undefined
})

const answer = computed(() => found.value?.best.answer)
const { dayBy, moment, holdersOf } = useBenchWords(() => answer.value?.bench)
const half = computed(() => (answer.value?.promised ? quantile(answer.value.promised, 0.5) : undefined))
const sure = computed(() => (answer.value?.promised ? quantile(answer.value.promised, 0.9) : undefined))
/** How likely it is by the day that is asked for. */
const chance = computed(() => {
  const { promised, bench } = answer.value ?? {}
  const { by } = text.value
  return promised && bench && by ? chanceBy(promised, bench.originMs, calendar.zone, by) : undefined
})
const lostWords = ({ answer: { lost, bench } }: Variant): string =>
  lost ? `${bench.works[lost[0]]?.step.title ?? ''}: ${unplacedWords(bench, lost[0], lost[1], moment)}` : ''
/** What costs most time, the most first. */
const inTheWay = computed(() => {
  const { held = [], bench } = answer.value ?? {}
  if (!bench) return []
  const sums = new Map<string, number>()
  for (const one of held) sums.set(wordOf(one), (sums.get(wordOf(one)) ?? 0) + one.minutes)
  return [...sums].sort((a, b) => b[1] - a[1]).slice(0, 4)
})
function wordOf({ by, holder, other }: Held): string {
  const { bench } = answer.value ?? {}
  const batchId = other === undefined ? undefined : bench?.works[other]?.batchId
  const planned = workshop.batches.find(({ id }) => id === batchId)?.name
  const name = planned ?? 'its own batches'
  switch (by) {
    case 'wait':
      return 'waiting for glue and paint'
    case 'before':
      return `${name}, which ${planned === undefined ? 'come' : 'comes'} first`
    case 'no session':
      return 'no session to go on in'
    case 'hours':
      return 'no session in daylight or dry hours'
    case 'hands':
      return `hands at ${name}`
    case 'holder':
      return `${holdersOf(holder)} taken by ${name}`
    case 'air':
      return 'air that must clear'
    case 'pinned':
      return 'days that are pinned'
  }
}
/** A gain of less than this is not worth an evening, minutes. */
const WORTH_MIN = 60
const gainWords = computed(() => {
  const { gain } = answer.value ?? {}
  if (!gain) return 'One more evening in the next four weeks would gain nothing.'
  if (gain.minutes < WORTH_MIN) return 'One more evening in the next four weeks would gain next to nothing.'
  return `One more evening, ${moment(gain.from)}, would gain ${gain.minutes === Infinity ? 'a place for it' : formatMinutes(gain.minutes)}.`
})

/** Batches that make: what plants them is no share of it. */
const madeIn = ({ drafts }: Variant): number =>
  drafts.filter((draft) => plantedLine(draft) === undefined).length
const variantColumns: readonly Column<Variant>[] = [
  { id: 'words', head: 'Batches' },
  {
    id: 'done',
    head: 'Done',
    text: ({ answer: { planEnd } }) => (planEnd === undefined ? 'finds no place' : `done ${moment(planEnd)}`),
  },
  { id: 'plan', head: 'Plan', number: true },
]

onMounted(() => {
  if (insteadOf) void form.submit()
})

async function plan(variant: Variant): Promise<void> {
  const { by, pilot } = text.value
  const due = by && by !== commission.current?.deadline ? by : undefined
  const answered = await planBatches(variant.drafts, {
    pilot: pilot === 'yes',
    ...(due === undefined ? {} : { due }),
    ...(insteadOf ? { insteadOf: insteadOf.id } : {}),
  })
  if (answered.kind === 'none') return
  notices.done(
    `${counted(answered.value.length, 'batch', 'batches')} planned; their materials are promised to them.`,
  )
  open.value = false
}
</script>

<template>
  <BaseDialog
    v-model="open"
    :title="insteadOf ? `${insteadOf.name}: in smaller batches` : 'Can I have them by then?'"
    wide
  >
    <p v-if="plants.length === 0" class="text-soft">
      {{ commission.current?.name ?? 'This commission' }} has no line yet. Another commission is picked at the
      top left.
    </p>
    <template v-else>
      <FieldsForm :form="form" :act="form.busy.value ? 'Trying…' : 'Ask'" no-leave />
      <p v-if="fault" class="mt-2 text-hip" role="alert">{{ fault }}</p>

      <section v-if="found && answer" class="mt-4" aria-label="Answer" aria-live="polite">
        <template v-if="answer.planEnd !== undefined && half !== undefined && sure !== undefined">
          <p class="text-xl">
            Even odds by <strong>{{ dayBy(half) }}</strong>; nine times in ten by
            <strong>{{ dayBy(sure) }}</strong>.
          </p>
          <p
            v-if="chance !== undefined"
            :class="chance >= 0.9 ? 'text-moss' : chance >= 0.5 ? 'text-larch' : 'text-hip'"
          >
            By {{ formatWeekday(text.by ?? '') }}: {{ Math.round(100 * chance) }} in a hundred.
          </p>
          <p class="text-soft">
            By the plan it is done {{ moment(answer.planEnd)
            }}<template v-if="(answer.promised?.short ?? 0) > 0.02"
              >; in {{ Math.round(100 * (answer.promised?.short ?? 0)) }} of a hundred runs too few come out,
              and some are made again</template
            >.
          </p>
          <template v-if="inTheWay.length > 0">
            <h3 class="mt-3">What stands in the way</h3>
            <ul>
              <li v-for="[word, minutes] in inTheWay" :key="word">
                {{ word }}: {{ formatMinutes(minutes) }}
              </li>
            </ul>
          </template>
          <p class="mt-2">{{ gainWords }}</p>
        </template>
        <p v-else class="text-hip">It finds no place: {{ lostWords(found.best) }}.</p>
        <h3 class="mt-3">In how many batches</h3>
        <p v-if="found.tooLarge" class="text-soft">
          {{ counted(madeIn(found.tooLarge), 'batch', 'batches') }} of {{ found.tooLarge.words }} begun would
          find no place. {{ lostWords(found.tooLarge) }}.
        </p>
        <DataTable
          label="Batches to share it out over"
          bare
          :rows="found.variants"
          :columns="variantColumns"
          :key-of="({ words }) => words"
        >
          <template #words="{ row }"
            >{{ counted(madeIn(row), 'batch', 'batches') }}
            <span class="text-soft">of {{ row.words }} begun</span></template
          >
          <template #plan="{ row }"
            ><button type="button" class="button button-small" @click="plan(row)">
              Plan it so
            </button></template
          >
        </DataTable>
      </section>
    </template>
    <div class="answers mt-4">
      <button type="button" class="button" @click="open = false">Close</button>
    </div>
  </BaseDialog>
</template>
