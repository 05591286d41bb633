<script setup lang="ts">
import { placeWords as orderWords, stepHandsMin, waitTime, type MakeUp, type Step } from '~~/core/makeup'
import { cautionFootnote, cautionOf } from '~~/core/safety'
import { capitalised, formatMinutes, uncapitalised } from '~~/core/units'
import type { Column } from '../../parts/table/column'

const props = defineProps<{ makeUp: MakeUp }>()

/** A wait with its limits and its kind: only an open film follows the air. */
const waitWords = ({ wait }: Step): string =>
  wait
    ? `${waitTime(wait, formatMinutes, props.makeUp.unsure)}: ${uncapitalised(wait.what)} (${wait.kind})`
    : ''

/** What the place must give, and what must keep away. */
const placeWords = ({ needs, apart }: Step): string =>
  [...needs, ...(apart ? [`${formatMinutes(apart.airMin)} of air after ${apart.from.join(', ')}`] : [])].join(
    ', ',
  )
const columns: readonly Column<Step>[] = [
  { id: 'step', head: 'Steps' },
  {
    id: 'hands',
    head: 'Hands',
    number: true,
    text: (step) => formatMinutes(stepHandsMin(step, props.makeUp.started.value)),
  },
  { id: 'wait', head: 'Then wait', text: waitWords, cell: 'text-sm' },
  { id: 'once', head: 'At once', cell: 'text-sm' },
  { id: 'mind', head: 'Mind', cell: 'text-sm' },
]
</script>

<template>
  <section v-if="makeUp.steps.length > 0" aria-label="Steps" class="border-t-2 border-ink">
    <DataTable page label="Steps" :rows="makeUp.steps" :columns="columns" :key-of="({ id }) => id">
      <template #step="{ row: step }">
        <span class="font-semibold">{{ makeUp.steps.indexOf(step) + 1 }} {{ step.title }}</span
        ><span class="block text-sm text-soft">{{ step.text }}</span
        ><span v-if="orderWords(makeUp.steps, makeUp.steps.indexOf(step))" class="block text-sm text-rain">{{
          capitalised(orderWords(makeUp.steps, makeUp.steps.indexOf(step)) ?? '')
        }}</span
        ><span v-if="step.passes" class="block text-sm"><strong>Passes:</strong> {{ step.passes }}</span>
      </template>
      <template #once="{ row: step }">
        <template v-if="step.atOnce && step.atOnce.count < makeUp.started.value"
          ><strong>{{ step.atOnce.count }}</strong
          >. {{ step.atOnce.what }}
        </template>
        {{ step.within?.what }}
      </template>
      <template #mind="{ row: step }">
        <span v-if="placeWords(step)" class="block text-rain">{{ placeWords(step) }}</span>
        <span
          v-for="id in step.cautions"
          :key="id"
          class="tag tag-larch mr-1 mb-0.5"
          :title="cautionOf(id).text"
          >{{ cautionOf(id).title }}</span
        >
      </template>
    </DataTable>
    <p class="px-4 py-2 text-sm text-soft">{{ cautionFootnote }}</p>
  </section>
</template>
