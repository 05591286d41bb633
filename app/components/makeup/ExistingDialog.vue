<script setup lang="ts">
import { z } from 'zod'
import type { Spare } from '~~/core/batches'
import { formatModelLength, readBoundedLength } from '~~/core/units'
import { choice, number, typed, words } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'
import type { Plant } from '../../stores/plant'
import type { ExistingUse } from '../../composables/existing'

/** Pieces that are there already, from an old layout or a box, or spared by another line. */
const props = defineProps<{ plant: Plant }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const notices = useNotices()
const to = useStationPath()
const { spares, commissionOf, enter, take } = useExisting(() => props.plant)
const { line, piece, progress } = props.plant
/** Old pieces that the list has rows for, mm. */
const HEIGHT = { name: 'Height', schema: z.number().min(5).max(400), unit: 'mm' } as const

const form = useFields(
  {
    count: number(
      { name: 'How many', schema: z.number().int().min(1).max(2_000) },
      { start: Math.max(1, Math.round(progress.left)) },
    ),
    heightMm: typed<number>(
      {
        label: 'About how tall',
        start: formatModelLength(piece.heightMm, workshop.settings.units),
        hint: 'the plants of the line are so tall',
      },
      (text) => readBoundedLength(HEIGHT, text),
    ),
    use: choice<ExistingUse>(
      [
        { value: 'refreshed', words: 'tired: adhesive and new foam' },
        { value: 'as-they-are', words: 'good as they are: dusted' },
      ],
      { label: 'They are', start: 'refreshed', wide: true },
    ),
    from: words(
      { label: 'Where from', start: 'old layout', wide: true },
      'Say where they are from: it names the lot.',
    ),
  },
  {
    async send({ count, heightMm, use, from }) {
      const answer = await enter({ count, heightMm, use, from: from ?? '' })
      if (answer.kind === 'none') return answer
      notices.done(`“${answer.value.batch.name}” is planned: ${count} pieces that are there.`)
      await navigateTo({ path: to('bench'), query: { batch: answer.value.batch.id } })
    },
  },
)
async function takeOn(spare: Spare): Promise<void> {
  const answer = await take(spare)
  if (answer.kind === 'none') return
  notices.done(`“${answer.value.name}” is planned: ${spare.count} off “${spare.tray}”.`)
  emit('close')
}
</script>

<template>
  <FieldsDialog
    title="Pieces that are there already"
    :form="form"
    act="Enter and plan"
    @close="emit('close')"
  >
    <template #before>
      <p class="col-span-2 text-soft">
        For “{{ line.name }}”. Tired ones stand well at the back, and at seams between two grasses.
      </p>
      <ul v-if="spares.length > 0" class="col-span-2 mb-2" aria-label="Spares of other lines">
        <li
          v-for="spare in spares"
          :key="`${spare.batchId}|${spare.tray}`"
          class="flex items-center gap-3 py-1"
        >
          <span class="flex-1"
            ><strong>{{ spare.count }} spare</strong> of “{{ spare.line.name }}”, {{ commissionOf(spare) }},
            on “{{ spare.tray }}”</span
          >
          <button type="button" class="button button-small" @click="takeOn(spare)">Use them here</button>
        </li>
      </ul>
    </template>
  </FieldsDialog>
</template>
