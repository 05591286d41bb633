<script setup lang="ts">
import { jarWords, sieved, type Blend, type MixedBlend } from '~~/core/blends'
import { sealedHex, type Sealing } from '~~/core/colour'
import { formatQuantity, plainNumber } from '~~/core/units'
import type { Column } from '../../parts/table/column'

/** What goes into so much of a blend, in every measure of the bench; and what its sieve makes of it. */
const props = defineProps<{ blend: Blend; mixed: MixedBlend; sealing: Sealing; ml: number }>()
const { rows } = useMixAmounts(
  () => props.mixed,
  () => props.ml,
)
const packWords = (packs: number | undefined): string =>
  packs === undefined ? '–' : packs < 0.095 ? '< 0.1' : plainNumber(packs, 1)
const split = computed(() =>
  props.blend.sieveMm === undefined ? undefined : sieved(props.mixed.mixture.portions, props.blend.sieveMm),
)
const sides = computed(() =>
  (['held', 'passed'] as const).map((jar) => {
    const side = split.value?.[jar]
    return {
      jar,
      words: jarWords(jar, props.blend.sieveMm),
      share: side?.massShare ?? 0,
      mixture: side?.mixture,
      sealed: side?.mixture && sealedHex(side.mixture.dry, props.sealing),
    }
  }),
)
type Row = (typeof rows.value)[number]
const columns: readonly Column<Row>[] = [
  { id: 'name', head: 'Goes in', text: ({ material }) => material.name, cell: '!pl-0 leading-tight' },
  { id: 'parts', head: 'Parts', number: true, by: ({ portion }) => portion.parts },
  { id: 'ml', head: 'ml', number: true, text: ({ ml }) => plainNumber(ml, ml < 10 ? 1 : 0) },
  { id: 'weigh', head: 'Weigh', number: true },
  { id: 'packs', head: 'Packs', number: true, text: ({ packs }) => packWords(packs) },
  { id: 'handfuls', head: 'Handfuls', number: true, text: ({ handfuls }) => plainNumber(handfuls, 1) },
  { id: 'scoops', head: 'Scoops', number: true, text: ({ scoops }) => plainNumber(scoops, 1) },
  {
    id: 'free',
    head: 'Free',
    number: true,
    by: ({ free }) => free,
    text: ({ free }) => formatQuantity(free, 'g'),
  },
  { id: 'state', head: 'State' },
]
</script>

<template>
  <div>
    <DataTable label="What goes in" :rows="rows" :columns="columns" :key-of="({ material }) => material.id">
      <template #weigh="{ row }"><FigureButton :figure="row.figure" :label="row.material.name" /></template>
      <template #state="{ row }">
        <span class="tag" :class="row.lacking > 0 ? 'tag-hip' : 'tag-moss'">{{
          row.lacking > 0 ? `short ${formatQuantity(row.lacking, 'g')}` : 'covered'
        }}</span>
      </template>
    </DataTable>
    <div v-if="split" class="mt-2 flex flex-wrap gap-x-8 text-sm">
      <div v-for="side in sides" :key="side.jar" class="flex items-center gap-3 py-1">
        <SwatchDrawing
          v-if="side.mixture"
          :mixture="side.mixture"
          :sealing="sealing"
          :width="64"
          :height="38"
        />
        <span>
          <strong>{{ Math.round(side.share * 100) }} %</strong> {{ side.words }}
          <span v-if="side.mixture" class="block text-soft"
            >grain {{ plainNumber(side.mixture.grainMm, 2) }} mm, sealed {{ side.sealed }}</span
          >
          <span v-else class="block text-hip">next to nothing: take another mesh</span>
        </span>
      </div>
    </div>
  </div>
</template>
