<script setup lang="ts">
import { amountText } from '~~/core/commissions'
import { partNoun, type MakeUp } from '~~/core/makeup'
import { partNounPlural } from '~~/core/batches'
import { counted, parseMoney, formatMoney } from '~~/core/units'
import { amountOf, type Plant } from '../../stores/plant'

/** Pieces, time, cost, and what to do next. */
const props = defineProps<{ plant: Plant; makeUp: MakeUp; startedFault: string }>()
const started = defineModel<string>('started', { required: true })
const emit = defineEmits<{ plan: [start: boolean] }>()
const workshop = useWorkshop()
const changeLine = useDeed('changeLine')

const { text, fault, left } = useFieldTexts(
  () => props.plant.line.id,
  () => {
    const { boughtPriceMinor } = props.plant.line
    return { bought: boughtPriceMinor === undefined ? '' : formatMoney(boughtPriceMinor, '') }
  },
)
async function leaveBought(): Promise<void> {
  left('bought')
  const reading = text.bought.trim() === '' ? undefined : parseMoney(text.bought)
  if (reading?.kind === 'none') {
    fault.bought = reading.because
    return
  }
  await changeLine(props.plant.line.id, { boughtPriceMinor: reading?.value })
}
const part = computed(() => partNoun(props.makeUp.share))
const ready = computed(() => props.makeUp.missing.length === 0 && props.startedFault === '')
/** What is left of the line, none where all of it is made or covered. */
const leftText = computed(() => {
  const { line, progress } = props.plant
  return progress.left > 0
    ? amountText(amountOf(line.amount, progress.left), workshop.settings.units)
    : 'none'
})
const { printing, print } = useBatchCard()
</script>

<template>
  <CommitBar label="Pieces, time and cost">
    <dl>
      <div>
        <dt>Wanted</dt>
        <dd>
          {{ amountText(plant.line.amount, workshop.settings.units)
          }}<span v-if="plant.progress.left < plant.progress.wanted" class="text-sm text-soft">
            · {{ leftText }} left</span
          ><span v-if="plant.line.amount.kind !== 'pieces'" class="text-sm text-soft">
            ·
            <FigureButton
              :figure="makeUp.wanted"
              label="Pieces for it"
              :text="counted(makeUp.wanted.value, part, partNounPlural(part))"
          /></span>
        </dd>
      </div>
      <div>
        <dt><label for="started">Start</label></dt>
        <dd class="flex items-center gap-1">
          <input
            id="started"
            v-model="started"
            class="field field-cell !w-16"
            inputmode="numeric"
            :placeholder="String(makeUp.started.value)"
            :aria-invalid="startedFault !== ''"
          />
          <FigureButton
            v-if="started.trim() === ''"
            :figure="makeUp.started"
            label="Pieces to start"
            :text="`why ${makeUp.started.value}?`"
            class="text-sm text-soft"
          />
        </dd>
      </div>
      <template v-if="makeUp.steps.length > 0">
        <div>
          <dt>Hands-on</dt>
          <dd><FigureButton :figure="makeUp.handsMin" label="Hands-on time" /></dd>
        </div>
        <div>
          <dt>From start to end</dt>
          <dd v-if="makeUp.unsure" class="text-sm">{{ makeUp.unsure }} to foretell</dd>
          <dd v-else><FigureButton :figure="makeUp.elapsedMin" label="Elapsed time" /></dd>
        </div>
        <div>
          <dt>Cost of a good one</dt>
          <dd>
            <FigureButton
              v-if="makeUp.costEachMinor"
              :figure="makeUp.costEachMinor"
              label="Cost of a good piece"
            /><span v-else class="text-sm text-soft">{{
              makeUp.unpriced.length > 0
                ? `no price for ${makeUp.unpriced.join(', ')}`
                : 'when nothing is open'
            }}</span>
          </dd>
        </div>
      </template>
      <div>
        <dt><label for="bought">A bought one costs</label></dt>
        <dd>
          <input
            id="bought"
            v-model="text.bought"
            class="field field-cell !w-20"
            inputmode="decimal"
            placeholder="–"
            :aria-invalid="fault.bought !== ''"
            @change="leaveBought"
          /><span v-if="fault.bought" class="block max-w-56 text-sm text-hip" role="alert">{{
            fault.bought
          }}</span>
        </dd>
      </div>
    </dl>
    <div class="flex gap-2 ml-auto">
      <button type="button" class="button" :disabled="!ready || printing" @click="print(plant, makeUp)">
        {{ printing ? 'Printing…' : 'Print card' }}
      </button>
      <button type="button" class="button" :disabled="!ready" @click="emit('plan', false)">Plan batch</button>
      <button type="button" class="button button-act" :disabled="!ready" @click="emit('plan', true)">
        Start batch of {{ makeUp.started.value }}
      </button>
    </div>
    <p v-if="startedFault" class="w-full text-sm text-hip" role="alert">{{ startedFault }}</p>
  </CommitBar>
</template>

<style scoped>
dl {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  flex: 1;
}
@media (max-width: 1100px) {
  dl {
    column-gap: 12px;
  }
}
dt {
  font-size: 13px;
  color: var(--color-soft);
}
dd {
  min-height: 32px;
  display: flex;
  align-items: center;
  gap: 4px;
  font-size: 16px;
  font-variant-numeric: tabular-nums;
}
</style>
