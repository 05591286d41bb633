<script setup lang="ts">
import { glueFor, plantingDraft } from '~~/core/batches'
import { plantingGlues, type Commission } from '~~/core/commissions'
import { bases, isFoamBase } from '~~/core/hedges'
import { needsOf } from '~~/core/makeup'
import { plantingOut } from '~~/core/methods'
import { quantile, unplacedWords } from '~~/core/schedule'
import { counted, formatMinutes, formatQuantity } from '~~/core/units'
import { plainChoices } from '../../parts/fields/choice'
import type { Answer } from '../../workers/calendar'

/** Planting out as work: what it takes, into what it is set, planned in one go, and when all of it can be delivered. */
const props = defineProps<{ commission: Commission }>()
const changeCommission = useDeed('changeCommission')
const planPlanting = useDeed('planPlanting')
const stock = useStock()
const calendar = useCalendar()
const notices = useNotices()
const { left, unmade } = usePlantingLeft()
const { askDelivery } = useAsking()

const store = (change: Partial<Commission>) => changeCommission(props.commission.id, change)
const onFoam = computed(() => isFoamBase(props.commission.base))
/** What melts what lies below is not offered. */
const glues = computed(() =>
  (plantingOut.options.find(({ id }) => id === 'glue')?.choices ?? []).flatMap(({ id, name, words }) => {
    const value = plantingGlues.find((glue) => glue === id)
    return value === undefined || (value === 'hot-glue' && onFoam.value)
      ? []
      : [{ value, words: `${name}: ${words}` }]
  }),
)

const pieces = computed(() => left.value.reduce((sum, one) => sum + one.pieces, 0))
const hands = computed(() => left.value.reduce((sum, { up }) => sum + up.handsMin.value, 0))
/** Glue and earth of all of it. */
const needs = computed(() =>
  needsOf(left.value.flatMap(({ up }) => up.uses)).flatMap(({ materialId, quantity }) => {
    const material = stock.stateById.get(materialId)?.material
    return material ? [`${material.name} ${formatQuantity(quantity, material.unit)}`] : []
  }),
)
const missing = computed(() => [
  ...new Set(left.value.flatMap(({ up }) => up.missing.map(({ slot }) => slot.label))),
])
async function plan(): Promise<void> {
  const drafts = left.value.map(({ plant, up }) => plantingDraft(up, plant.line))
  const answer = await planPlanting(drafts)
  if (answer.kind === 'none') return
  notices.done(
    `${counted(answer.value.length, 'batch', 'batches')} planned: they wait for what they plant, and for what stands behind.`,
  )
}

const answer = shallowRef<Answer>()
const asked = ref(false)
const asking = ref(false)
const fault = ref('')
async function ask(): Promise<void> {
  asking.value = true
  fault.value = ''
  try {
    answer.value = await askDelivery(props.commission.id)
    asked.value = true
  } catch (error) {
    fault.value = error instanceof Error ? error.message : String(error)
  } finally {
    asking.value = false
  }
}
watch([() => stock.open, () => props.commission], () => {
  asked.value = false
})
const { dayBy, moment } = useBenchWords(() => answer.value?.bench)
const delivery = computed(() => {
  if (!asked.value) return ''
  const { planEnd, promised, bench } = answer.value ?? {}
  if (!answer.value || !bench) return 'Nothing of it is planned or under way.'
  if (planEnd === undefined) {
    const [work, why] = answer.value.lost ?? []
    const told = work === undefined ? undefined : bench.works[work]
    if (!calendar.hasSessions || work === undefined || !told || why === undefined)
      return 'There are no sessions yet: enter them in the Calendar.'
    const name = stock.batchById.get(told.batchId)?.name ?? ''
    return `No day yet. “${name}”, ${told.step.title}: ${unplacedWords(bench, work, why, moment)}.`
  }
  const odds = promised
    ? `; even odds by ${dayBy(quantile(promised, 0.5))}, nine times in ten by ${dayBy(quantile(promised, 0.9))}`
    : ''
  return `What is planned is done ${moment(planEnd)} by the plan${odds}.`
})
</script>

<template>
  <section class="flex flex-wrap items-end gap-x-4 gap-y-1 px-5 pb-1" aria-label="The work of planting out">
    <SelectField
      class="w-44"
      label="Under the ground"
      :model-value="commission.base"
      :options="[{ value: undefined, words: 'not said' }, ...plainChoices(bases)]"
      @update:model-value="(base) => store({ base })"
    />
    <SelectField
      class="w-72"
      label="Trees are set in"
      :model-value="glueFor(commission)"
      :options="glues"
      @update:model-value="(plantingGlue) => store({ plantingGlue })"
    />
    <div class="min-w-65 flex-[1_1_260px] self-center pb-2 text-sm">
      <p v-if="pieces > 0">
        Still to plan: <strong>{{ counted(pieces, 'piece') }}, {{ formatMinutes(hands) }}</strong> of
        hands<template v-if="needs.length > 0">; {{ needs.join(', ') }}</template
        >.
        <span v-if="missing.length > 0" class="text-hip"
          >Nothing on the shelf: {{ missing.join(', ').toLowerCase() }}.</span
        >
      </p>
      <p v-if="unmade > 0" class="text-larch-deep">
        {{ counted(unmade, 'piece') }} {{ unmade === 1 ? 'is' : 'are' }} neither made nor planned to be: no
        day counts {{ unmade === 1 ? 'it' : 'them' }}.
      </p>
      <p v-if="delivery" role="status">{{ delivery }}</p>
      <p v-if="fault" class="text-hip" role="alert">{{ fault }}</p>
    </div>
    <span class="ml-auto flex gap-2 pb-5">
      <button type="button" class="button" :disabled="asking" @click="ask">
        {{ asking ? 'Reckoning…' : 'When is it delivered?' }}
      </button>
      <button v-if="pieces > 0" type="button" class="button button-act" @click="plan">
        Plan planting out
      </button>
    </span>
    <p v-if="onFoam" class="basis-full pb-1 text-sm text-soft">
      Hot glue and solvents melt foam: hot glue is not offered, holes are pricked.
    </p>
  </section>
</template>
