<script setup lang="ts">
import { zones, type Line } from '~~/core/commissions'
import { rankMethods } from '~~/core/makeup'
import { plantMethods } from '~~/core/methods'
import { z } from 'zod'
import { plainChoices } from '../../parts/fields/choice'
import { choice, number, picked } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'
import type { Plant } from '../../stores/plant'

/** Some of a line made another way: three in wire at the front, forty in sprig behind. */
const props = defineProps<{ plant: Plant; methodId?: string }>()
defineEmits<{ close: [] }>()
const splitLine = useDeed('splitLine')
const commission = useCommission()
const notices = useNotices()
const { line, progress, job } = props.plant

const wanted = line.amount.kind === 'pieces' ? line.amount.pieces : 0
const most = Math.max(0, Math.min(wanted - 1, Math.floor(progress.left)))
/** All that suit, whether they have been worked out or not. */
const choices = rankMethods(plantMethods, job)
  .filter(({ method, suit }) => suit.verdict !== 'unsuited' && method.id !== props.methodId)
  .map(({ method, suit }) => ({
    value: method.id,
    words: suit.verdict === 'suits' ? method.name : `${method.name}, possible`,
  }))
const cannot =
  most < 1
    ? 'Nothing is left of this line to make another way: what is made or on the bench stays as it is.'
    : choices.length === 0
      ? 'No other way suits this plant.'
      : ''

const form = useFields(
  {
    pieces: number(
      { name: 'Pieces', schema: z.number().int().min(1).max(Math.max(1, most)) },
      { start: Math.max(1, Math.min(3, most)) },
    ),
    zone: choice<Line['zone']>(plainChoices(zones), { label: 'Standing', start: 'front' }),
    methodId: picked({ label: 'Made as', start: choices[0]?.value, choices, wide: true }),
  },
  {
    async send(values) {
      const answer = await splitLine(line.id, values, progress.left)
      if (answer.kind === 'none') return answer
      notices.done(
        `“${answer.value.name}” is a line of its own; “${line.name}” wants ${wanted - values.pieces}.`,
      )
      commission.chooseLine(answer.value.id)
    },
  },
)
const open = ref(true)
</script>

<template>
  <FieldsDialog
    v-if="cannot === ''"
    title="Make some another way"
    :form="form"
    act="Split the line"
    @close="$emit('close')"
  >
    <template #before>
      <p class="col-span-2 text-soft">
        “{{ plant.line.name }}” wants {{ wanted }}. Some of them become a line of their own, of the same plant
        and size.
      </p>
    </template>
  </FieldsDialog>
  <BaseDialog v-else v-model="open" title="Make some another way" @update:model-value="$emit('close')">
    <p class="mb-4">{{ cannot }}</p>
    <div class="flex justify-end">
      <button type="button" class="button" @click="$emit('close')">Close</button>
    </div>
  </BaseDialog>
</template>
