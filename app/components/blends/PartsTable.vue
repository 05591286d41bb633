<script setup lang="ts">
import { Minus, Plus } from '@lucide/vue'
import { MOST_PARTS, shownFigure, type Bound, type MixedBlend } from '~~/core/blends'
import { counted, plainNumber } from '~~/core/units'
import type { Column } from '../../parts/table/column'

/** The parts of a mixture as a row of measures, changed by hand, with what each shows of the whole. */
const props = defineProps<{ mixed: MixedBlend; bounds: readonly Bound[]; locked: boolean }>()
const emit = defineEmits<{
  parts: [materialId: string, parts: number]
  pin: [materialId: string, parts?: number]
}>()
const rows = computed(() =>
  props.mixed.mixture.portions.map(({ grain, parts }, i) => ({
    grain,
    parts,
    shown: props.mixed.mixture.shown[i] ?? 0,
    pinned: props.bounds.some(({ materialId, least = 0 }) => materialId === grain.material.id && least > 0),
  })),
)
const total = computed(() => rows.value.reduce((sum, { parts }) => sum + parts, 0))
type Row = (typeof rows.value)[number]
const columns = computed<readonly Column<Row>[]>(() => [
  { id: 'grain', head: `Parts by volume, ${total.value} in all`, cell: 'leading-tight' },
  { id: 'measure', head: 'Measure', headless: true },
  { id: 'seen', head: 'Of what is seen', number: true },
  { id: 'acts', head: 'Actions', headless: true, cell: 'text-right whitespace-nowrap' },
])
</script>

<template>
  <DataTable
    class="parts mt-2"
    label="Parts"
    :rows="rows"
    :columns="columns"
    :key-of="({ grain }) => grain.material.id"
  >
    <template #grain="{ row }"
      ><span
        class="inline-block w-3 h-3 mr-1.75 border border-line align-[-1px]"
        :style="{ background: row.grain.hex }"
        aria-hidden="true"
      />{{ row.grain.material.name }}</template
    >
    <template #measure="{ row }"
      ><span class="flex items-center gap-1.5">
        <button
          type="button"
          class="step"
          :disabled="locked"
          :aria-label="`One part less of ${row.grain.material.name}`"
          @click="emit('parts', row.grain.material.id, row.parts - 1)"
        >
          <Minus class="size-4" aria-hidden="true" />
        </button>
        <span
          class="measure inline-flex gap-px mx-1.5 align-middle"
          role="img"
          :aria-label="counted(row.parts, 'part')"
          ><i
            v-for="n in MOST_PARTS"
            :key="n"
            :class="{ full: n <= row.parts }"
            :style="n <= row.parts ? { background: row.grain.hex } : {}"
        /></span>
        <button
          type="button"
          class="step"
          :disabled="locked || total >= MOST_PARTS"
          :aria-label="`One part more of ${row.grain.material.name}`"
          @click="emit('parts', row.grain.material.id, row.parts + 1)"
        >
          <Plus class="size-4" aria-hidden="true" />
        </button>
        <strong class="ml-1 inline-block w-5 text-right tabular-nums">{{ row.parts }}</strong>
      </span></template
    >
    <template #seen="{ row }"
      ><FigureButton
        :figure="shownFigure(mixed.mixture, row)"
        :label="`${row.grain.material.name}, of what is seen`"
        :text="`${plainNumber(row.shown * 100, row.shown < 0.1 ? 1 : 0)} %`"
    /></template>
    <template #acts="{ row }"
      ><button
        type="button"
        class="button button-quiet button-small"
        :aria-pressed="row.pinned"
        :title="row.pinned ? 'Proposals keep these parts' : 'Proposals may change these parts'"
        @click="emit('pin', row.grain.material.id, row.pinned ? undefined : row.parts)"
      >
        {{ row.pinned ? 'kept' : 'keep' }}
      </button>
      <button
        type="button"
        class="button button-quiet button-small"
        :disabled="locked"
        :aria-label="`Take ${row.grain.material.name} out`"
        @click="emit('parts', row.grain.material.id, 0)"
      >
        out
      </button></template
    >
  </DataTable>
</template>

<style scoped>
.step {
  display: grid;
  place-items: center;
  flex: none;
  width: 30px;
  min-height: 32px;
  border: 1px solid var(--color-line);
  border-radius: 3px;
  background: var(--color-white);
  font-size: 17px;
  line-height: 1;
}
.parts :deep(th),
.parts :deep(td) {
  padding-left: 4px;
  padding-right: 4px;
}
.step:disabled {
  color: var(--color-soft);
  background: var(--color-bench);
}
.measure i {
  width: 6px;
  height: 20px;
  border: 1px solid var(--color-line);
}
.measure i.full {
  border-color: var(--color-soft);
}
</style>
