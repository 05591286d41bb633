<script setup lang="ts">
import {
  gluings,
  layerFaults,
  MOST_LAYERS,
  layerSchema,
  movedLayer,
  readsAs,
  swardToneWords,
  withOneMore,
  type GrassLayer,
} from '~~/core/grass'
import type { MakeUp } from '~~/core/makeup'
import { coverFigure, layerPlanOf, layersOf, seenFigure } from '~~/core/methods'
import { counted, formatMinutes, formatQuantity, plainNumber, readBounded } from '~~/core/units'
import { choicesOf, plainChoices } from '../../parts/fields/choice'
import type { Column } from '../../parts/table/column'
import type { Plant } from '../../stores/plant'

/** Grass in layers: what each is, takes and covers; changed, dropped, moved and seen at once. */
const props = defineProps<{ plant: Plant; makeUp: MakeUp }>()
const workshop = useWorkshop()
const changeLine = useDeed('changeLine')

const plan = computed(() => layerPlanOf(props.makeUp, workshop.ownValues))
const layers = computed(() => [...layersOf(props.plant.job)])
const own = computed(() => props.plant.line.layers !== undefined)
const faults = computed(() => layerFaults(layers.value))
const sward = computed(() => props.plant.piece.sward)
const personMm = computed(() => 1750 / props.plant.piece.realRatio)

async function set(next: readonly GrassLayer[] | undefined): Promise<void> {
  await changeLine(props.plant.line.id, {
    layers: next === undefined ? undefined : [...next],
  })
}
const changed = (at: number, over: Partial<GrassLayer>): Promise<void> =>
  set(layers.value.map((layer, i) => (i === at ? { ...layer, ...over } : layer)))

const { text, fault, take } = useFieldTexts(
  () => `${props.plant.line.id}|${layers.value.length}`,
  () =>
    Object.fromEntries(
      Array.from({ length: MOST_LAYERS }, (_, i) => layers.value[i]).flatMap((layer, i) => [
        [`length-${i}`, layer ? plainNumber(layer.lengthMm, 1) : ''],
        [`count-${i}`, layer ? plainNumber(layer.perCm2, 2) : ''],
      ]),
    ) as Record<string, string>,
)
const leave = (at: number, field: 'lengthMm' | 'perCm2'): Promise<void> => {
  const key = `${field === 'lengthMm' ? 'length' : 'count'}-${at}`
  return take(
    key,
    readBounded(
      {
        name: field === 'lengthMm' ? 'Length, mm' : 'Fibres on a cm²',
        schema: layerSchema.shape[field],
      },
      text[key] ?? '',
    ),
    (read) => changed(at, { [field]: read }),
  )
}
const grams = (value: number): string => formatQuantity(value, 'g')
const materialOf = (at: number): string =>
  props.makeUp.slots
    .find(({ slot }) => slot.id === `layer-${at + 1}`)
    ?.parts.map(({ material }) => material.name)
    .join(' + ') ?? ''
const seen = computed(() => plan.value && seenFigure(plan.value, own.value))
const cover = computed(() => plan.value && coverFigure(plan.value, own.value))

interface Row {
  readonly row: NonNullable<typeof plan.value>['layers'][number]
  readonly i: number
}
const rows = computed<Row[]>(() => (plan.value?.layers ?? []).map((row, i) => ({ row, i })))
const columns: readonly Column<Row>[] = [
  { id: 'place', head: 'Layer', number: true, cell: '!pl-4', text: ({ i }) => String(i + 1) },
  { id: 'fibres', head: 'Fibre', cell: 'min-w-36 text-sm' },
  { id: 'mm', head: 'mm', number: true },
  { id: 'tone', head: 'Tone' },
  { id: 'glue', head: 'Glue' },
  { id: 'count', head: 'a cm²', number: true },
  { id: 'stands', head: 'Stands', number: true, text: ({ row }) => grams(row.standingG) },
  { id: 'hopper', head: 'In the hopper', number: true, text: ({ row }) => grams(row.hopperG) },
  { id: 'back', head: 'Back', number: true, text: ({ row }) => grams(row.backG) },
  { id: 'glueMl', head: 'Glue', number: true, text: ({ row }) => formatQuantity(row.glueMl, 'ml') },
  { id: 'hands', head: 'Hands', number: true, text: ({ row }) => formatMinutes(row.minutes) },
  { id: 'covers', head: 'Covers', number: true, text: ({ row }) => `${Math.round(row.cover * 100)} %` },
  { id: 'acts', head: 'Order', headless: true, cell: 'whitespace-nowrap' },
]
</script>

<template>
  <section v-if="plan" aria-label="Layers of grass" class="border-t-2 border-ink">
    <div class="flex flex-wrap items-baseline gap-x-5 gap-y-1 px-4 pt-3">
      <h2>Layers</h2>
      <span class="text-sm text-soft">
        {{ plainNumber(sward.heightMm, 1) }} mm: {{ readsAs(sward.heightMm, plant.piece.realRatio) }} ·
        {{ sward.mown ? 'mown' : `${Math.round(sward.straw * 100)} % dry` }}
        {{ sward.heads > 0.04 ? '· in seed or flower' : '' }} ·
        {{ counted(plan.patches, 'patch', 'patches') }} of {{ plainNumber(plan.patchCm2, 0) }} cm², one while
        the glue is open
      </span>
      <button
        v-if="own"
        type="button"
        class="button button-quiet button-small ml-auto"
        @click="set(undefined)"
      >
        Back to the proposal
      </button>
    </div>
    <div class="grid gap-x-4 lg:grid-cols-[minmax(0,1fr)_330px]">
      <div class="min-w-0 px-4 py-2">
        <LayerDrawing :plan="plan" :person-mm="personMm" :seed="plant.line.id" />
      </div>
      <dl class="border-line px-4 py-2 lg:border-l">
        <div class="flex justify-between gap-3 border-b border-line py-1">
          <dt>Seen height</dt>
          <dd>
            <FigureButton
              v-if="seen"
              :figure="seen"
              label="Seen height"
              :text="`${plainNumber(plan.seenMm, 1)} mm`"
            /><span class="text-soft"> · sealed {{ plainNumber(plan.sealedMm, 1) }} mm</span>
          </dd>
        </div>
        <div class="flex justify-between gap-3 border-b border-line py-1">
          <dt>Cover from above</dt>
          <dd>
            <FigureButton
              v-if="cover"
              :figure="cover"
              label="Cover from above"
              :text="`${Math.round(plan.cover * 100)} %`"
            />
            <span class="text-soft"> · soil seen between</span>
          </dd>
        </div>
        <div class="flex justify-between gap-3 border-b border-line py-1">
          <dt>Hands and waits</dt>
          <dd>
            {{ formatMinutes(plan.layers.reduce((sum, one) => sum + one.minutes, 0)) }} ·
            <span class="text-soft"
              >{{ formatMinutes(plan.layers.reduce((sum, one) => sum + one.waitMin, 0)) }} drying</span
            >
          </dd>
        </div>
        <div class="flex justify-between gap-3 py-1">
          <dt>Back from the vacuum</dt>
          <dd>{{ grams(plan.layers.reduce((sum, one) => sum + one.backG, 0)) }}</dd>
        </div>
        <p v-for="words in faults" :key="words" class="mt-1 text-sm text-hip" role="status">{{ words }}</p>
        <p v-if="Object.values(fault).find(Boolean)" class="mt-1 text-sm text-hip" role="alert">
          {{ Object.values(fault).find(Boolean) }}
        </p>
      </dl>
    </div>
    <div class="relative overflow-x-auto">
      <DataTable label="Layers" :rows="rows" :columns="columns" :key-of="({ i }) => String(i)">
        <template #fibres="{ row: { row, i } }"
          ><span
            v-for="fibre in row.fibres"
            :key="fibre.lengthMm"
            class="mr-1 inline-block h-3 w-3 align-middle"
            :style="{ background: fibre.colour }"
            aria-hidden="true"
          />{{ materialOf(i) || 'nothing on the list' }}</template
        >
        <template #mm="{ row: { i } }"
          ><CellField
            v-model="text[`length-${i}`]!"
            class="!w-14 text-right"
            :label="`Length of layer ${i + 1}, mm`"
            :fault="fault[`length-${i}`]"
            @change="leave(i, 'lengthMm')"
        /></template>
        <template #tone="{ row: { row, i } }"
          ><SelectField
            cell
            class="w-28"
            :model-value="row.layer.tone"
            :label="`Tone of layer ${i + 1}`"
            :options="choicesOf(swardToneWords)"
            @update:model-value="(tone) => changed(i, { tone })"
        /></template>
        <template #glue="{ row: { row, i } }"
          ><SelectField
            cell
            class="w-26"
            :model-value="row.layer.glue"
            :label="`Glue of layer ${i + 1}`"
            :options="plainChoices(gluings)"
            @update:model-value="(glue) => changed(i, { glue })"
        /></template>
        <template #count="{ row: { i } }"
          ><CellField
            v-model="text[`count-${i}`]!"
            class="!w-16 text-right"
            :label="`Fibres of layer ${i + 1} on a cm²`"
            :fault="fault[`count-${i}`]"
            @change="leave(i, 'perCm2')"
        /></template>
        <template #acts="{ row: { i } }"
          ><button
            type="button"
            class="button button-quiet button-small"
            :disabled="i === 0"
            :aria-label="`Layer ${i + 1} earlier`"
            @click="set(movedLayer(layers, i, -1))"
          >
            ↑
          </button>
          <button
            type="button"
            class="button button-quiet button-small"
            :disabled="i === layers.length - 1"
            :aria-label="`Layer ${i + 1} later`"
            @click="set(movedLayer(layers, i, 1))"
          >
            ↓
          </button>
          <button
            type="button"
            class="button button-quiet button-small"
            :disabled="layers.length === 1"
            :aria-label="`Drop layer ${i + 1}`"
            @click="set(layers.filter((_, at) => at !== i))"
          >
            ×
          </button></template
        >
      </DataTable>
    </div>
    <p class="px-4 py-2">
      <button
        type="button"
        class="button button-small"
        :disabled="layers.length >= MOST_LAYERS"
        @click="set(withOneMore(layers))"
      >
        Add a longer layer
      </button>
      <span class="ml-3 text-sm text-soft"
        >Materials are chosen above. One underlay a tone; what falls mixed becomes rough-ground mix.</span
      >
    </p>
  </section>
</template>
