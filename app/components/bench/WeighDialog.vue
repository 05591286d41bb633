<script setup lang="ts">
import {
  reclaimAlarm,
  reclaimOf,
  type Batch,
  type BatchStep,
  type BatchAction,
  type Run,
} from '~~/core/batches'
import { unitsPerGram, type Material } from '~~/core/stock'
import { formatQuantity, parseQuantity } from '~~/core/units'
import type { Column } from '../../parts/table/column'

type WeighDeed = Extract<BatchAction, { type: 'weigh-in' | 'weigh-out' | 'use' }>

/** Weighs a container before and after; the difference is what was used. What is not weighed can be typed. */
const props = defineProps<{ batch: Batch; run: Run; step: BatchStep }>()
const emit = defineEmits<{ close: []; deed: [deed: WeighDeed] }>()
const stock = useStock()
const { open } = useDialog(() => emit('close'))

const text = reactive<Record<string, string>>({})
const fault = reactive<Record<string, string>>({})
/** Where too little came back of a fibre: said, though the weighing stands. */
const alarm = reactive<Record<string, string>>({})
const reclaim = (id: string) => reclaimOf(props.batch, props.step, id, props.run.state.doneInStep)
/** The step's own materials first. */
const materials = computed<Material[]>(() => {
  const ids = [
    ...new Set([
      ...props.run.state.weighing.keys(),
      ...props.step.materialIds,
      ...(props.step.back ?? []).map(({ materialId }) => materialId),
      ...props.batch.plan.amounts.map(({ materialId }) => materialId),
    ]),
  ]
  return ids.flatMap((id) => stock.stateById.get(id)?.material ?? [])
})
/**
 * Grams can be taken where they can be turned into the material's unit; else it says which property is
 * missing, and amounts are typed.
 */
const scaleOf = (material: Material) => unitsPerGram(material)
const weighable = (material: Material): boolean =>
  material.unit !== 'piece' && scaleOf(material).kind === 'ok'
const whyNot = (material: Material): string => {
  const scale = scaleOf(material)
  return material.unit === 'piece' || scale.kind === 'ok'
    ? ''
    : `${scale.because} Until then type what was used.`
}
const weighedIn = (id: string) => props.run.state.weighing.get(id)

const columns: readonly Column<Material>[] = [
  { id: 'name', head: 'Material' },
  {
    id: 'in',
    head: 'In',
    number: true,
    text: ({ id }) => (weighedIn(id) ? `${weighedIn(id)?.grams} g` : ''),
  },
  {
    id: 'used',
    head: 'Used so far',
    number: true,
    cell: 'wide',
    text: ({ id, unit }) => {
      const measured = props.run.state.measured.get(id)
      return measured === undefined ? '–' : formatQuantity(measured, unit)
    },
  },
  { id: 'now', head: 'Now', cell: 'now' },
]

function weigh(material: Material): void {
  const reading = parseQuantity(text[material.id] ?? '', 'g', { zero: true })
  fault[material.id] = reading.kind === 'none' ? reading.because : ''
  const scale = scaleOf(material)
  if (reading.kind === 'none' || scale.kind === 'none') return
  const open = weighedIn(material.id)
  if (open && reading.value > open.grams) {
    fault[material.id] = `It weighed ${open.grams} g going in; it can’t weigh more coming out.`
    return
  }
  const expected = open && reclaim(material.id)
  alarm[material.id] = expected
    ? alarmWords[reclaimAlarm(expected, (open.grams - reading.value) * scale.value)]
    : ''
  emit('deed', {
    type: open ? 'weigh-out' : 'weigh-in',
    materialId: material.id,
    grams: reading.value,
    unitsPerG: scale.value,
  })
  text[material.id] = ''
}
const alarmWords = {
  'in order': '',
  little: 'Little came back. Empty the stocking and look for a hole before you go on.',
  nothing:
    'Nothing came back: stop and look inside the vacuum. A stocking with a hole pulls as strongly as ever.',
}
function use(material: Material): void {
  const reading = parseQuantity(text[material.id] ?? '', material.unit, { zero: true })
  fault[material.id] = reading.kind === 'none' ? reading.because : ''
  if (reading.kind === 'none') return
  emit('deed', { type: 'use', materialId: material.id, quantity: reading.value })
  text[material.id] = ''
}
</script>

<template>
  <BaseDialog v-model="open" title="Weigh in and out" wide>
    <p class="mb-2 text-soft">
      Weigh the container before you begin and when you are done: what is missing was used. Pieces are typed.
    </p>
    <DataTable label="Materials of the step" :rows="materials" :columns="columns" :key-of="({ id }) => id">
      <template #name="{ row: material }">
        <span class="font-semibold">{{ material.name }}</span>
        <span v-if="fault[material.id]" class="block text-sm text-hip" role="alert">{{
          fault[material.id]
        }}</span>
        <span v-if="alarm[material.id]" class="block max-w-80 text-sm text-hip" role="alert">{{
          alarm[material.id]
        }}</span>
        <span v-else-if="reclaim(material.id)" class="block text-xs text-soft"
          >expect about {{ formatQuantity(reclaim(material.id)?.back ?? 0, material.unit) }} back of
          {{ formatQuantity(reclaim(material.id)?.thrown ?? 0, material.unit) }}</span
        >
        <span v-if="whyNot(material)" class="block max-w-72 text-xs text-soft">{{ whyNot(material) }}</span>
      </template>
      <template #now="{ row: material }">
        <form
          class="flex flex-wrap gap-2"
          @submit.prevent="weighable(material) ? weigh(material) : use(material)"
        >
          <input
            v-model="text[material.id]"
            class="field !min-h-[44px] !w-28"
            inputmode="decimal"
            :placeholder="weighable(material) ? 'grams' : 'used'"
            :aria-label="`${material.name}, ${weighable(material) ? (weighedIn(material.id) ? 'grams out' : 'grams in') : 'used'}`"
          />
          <button type="submit" class="button !min-h-[44px] w-28">
            {{ weighable(material) ? (weighedIn(material.id) ? 'Weigh out' : 'Weigh in') : 'Add used' }}
          </button>
        </form>
      </template>
    </DataTable>
    <div class="answers mt-4">
      <button type="button" class="button button-act !min-h-[48px]" @click="open = false">
        Back to the step
      </button>
    </div>
  </BaseDialog>
</template>
