<script setup lang="ts">
import { grownMm, holeSheet, withGap, type Gap, type HedgeTree } from '~~/core/hedges'
import { plannerOf, type MakeUp } from '~~/core/makeup'
import { worthOf, type Coefficient } from '~~/core/quantities'
import { stripPlanOf, twigPlanOf } from '~~/core/methods'
import { counted, formatQuantity } from '~~/core/units'
import type { Plant } from '../../stores/plant'

/** A hedge along its line: gates and gaps, twigs by length with their holes, or strips from sheets. */
const props = defineProps<{ plant: Plant; makeUp: MakeUp }>()
const workshop = useWorkshop()
const changeLine = useDeed('changeLine')

const totalMm = computed(() =>
  props.plant.line.amount.kind === 'length' ? props.plant.line.amount.lengthMm : 0,
)
const gaps = computed<readonly Gap[]>(() => props.plant.line.gaps ?? [])
const trees = computed<readonly HedgeTree[]>(() => props.plant.line.trees ?? [])
const value = (coefficient: Coefficient): number => worthOf(coefficient, workshop.ownValues).value
const whole = computed(() => ({ piece: props.plant.piece, lengthMm: totalMm.value }))
const of = computed(() => plannerOf(props.makeUp, 'hedge')?.of)
const twigs = computed(() =>
  of.value === 'twigs'
    ? twigPlanOf(whole.value, gaps.value, value, props.plant.line.id, trees.value)
    : undefined,
)
const hair = computed(() => props.makeUp.slots.find(({ slot }) => slot.id === 'hair')?.parts[0]?.material)
const strips = computed(() =>
  of.value === 'strips' ? stripPlanOf(whole.value, gaps.value, value, hair.value) : undefined,
)
const title = computed(() => `${props.plant.line.name}: holes`)
/** As far as holes are laid out: all of a hedge but of a very long one. */
const laidMm = computed(() =>
  twigs.value && twigs.value.count > twigs.value.holes.length ? twigs.value.laidMm : totalMm.value,
)
const sheet = computed(
  () =>
    twigs.value &&
    holeSheet({
      title: title.value,
      lengthMm: laidMm.value,
      widthMm: twigs.value.widthMm,
      holeMm: twigs.value.holeMm,
      gaps: gaps.value.filter(({ atMm }) => atMm < laidMm.value),
      trees: trees.value.filter(({ atMm }) => atMm <= laidMm.value),
      holes: twigs.value.holes,
    }),
)
/** What is drawn: the first metre at most; the paper has all of it. */
const SHOWN_MM = 400
const shown = computed(
  () =>
    twigs.value &&
    holeSheet({
      title: title.value,
      lengthMm: Math.min(SHOWN_MM, totalMm.value),
      widthMm: twigs.value.widthMm,
      holeMm: twigs.value.holeMm,
      gaps: gaps.value.filter(({ atMm }) => atMm < SHOWN_MM),
      trees: trees.value.filter(({ atMm }) => atMm <= SHOWN_MM),
      holes: twigs.value.holes.filter(({ alongMm }) => alongMm <= SHOWN_MM),
    }),
)
const stripCount = computed(() => Math.round((strips.value?.strips.length ?? 0) * (strips.value?.times ?? 1)))
/** Strips of each length, the longest first. */
const lengths = computed(() => {
  const counts = new Map<number, number>()
  for (const mm of strips.value?.strips ?? [])
    counts.set(Math.round(mm), (counts.get(Math.round(mm)) ?? 0) + 1)
  const { times = 1 } = strips.value ?? {}
  return [...counts]
    .map(([mm, count]): [number, number] => [mm, Math.round(count * times)])
    .sort((a, b) => b[0] - a[0])
})

const text = reactive({ at: '', width: '' })
const fault = ref('')
async function set(next: readonly Gap[]): Promise<void> {
  await changeLine(props.plant.line.id, {
    gaps: next.length === 0 ? undefined : next.map((gap) => ({ ...gap })),
  })
}
async function add(): Promise<void> {
  const next = withGap(gaps.value, text, totalMm.value)
  fault.value = next.kind === 'none' ? next.because : ''
  if (next.kind === 'none') return
  await set(next.value)
  Object.assign(text, { at: '', width: '' })
}
</script>

<template>
  <section aria-label="Hedge" class="border-t-2 border-ink">
    <div class="flex flex-wrap items-center gap-x-5 gap-y-1 px-4 pt-3">
      <h2>Along the hedge</h2>
      <span class="text-sm text-soft">
        {{ formatQuantity(totalMm, 'mm') }} along its line,
        {{ formatQuantity(grownMm(totalMm, gaps), 'mm') }} of hedge<template v-if="twigs">
          · {{ counted(twigs.count, 'hole') }}, {{ Math.round((twigs.count / twigs.grownMm) * 200) }} for 200
          mm</template
        ><template v-if="strips">
          · {{ counted(stripCount, 'strip') }} from {{ counted(strips.sheets, 'sheet') }}</template
        >
        · see-through {{ Math.round(plant.piece.seeThrough * 100) }} % in leaf
      </span>
      <span v-if="sheet" class="ml-auto">
        <TemplateButtons :templates="() => (sheet ? [sheet] : [])" :title="title" what="hole sheet" />
      </span>
    </div>
    <TemplateDrawing v-if="shown" :template="shown" :max-height="150" class="px-4 py-2" />
    <p v-if="shown && totalMm > SHOWN_MM" class="px-4 text-xs text-soft">
      The first {{ SHOWN_MM }} mm are shown; paper and files have
      {{
        laidMm < totalMm
          ? `the first ${formatQuantity(laidMm, 'mm')}: turn and lay the same again for the rest`
          : `all ${formatQuantity(totalMm, 'mm')}`
      }}.
    </p>
    <div class="grid gap-x-4 lg:grid-cols-2">
      <div class="py-2">
        <h3 class="px-4 pb-1">{{ twigs ? 'Twigs to cut' : 'Strips to cut' }}</h3>
        <ul v-if="twigs" class="flex flex-wrap gap-x-5 gap-y-1 px-4">
          <li v-for="{ lengthMm, count } in twigs.cuts" :key="lengthMm">
            <strong>{{ count }}</strong> × {{ lengthMm }} mm
          </li>
        </ul>
        <ul v-else-if="strips" class="flex flex-wrap gap-x-5 gap-y-1 px-4">
          <li v-for="[mm, count] in lengths" :key="mm">
            <strong>{{ count }}</strong> × {{ mm }} mm
          </li>
          <li class="basis-full text-sm text-soft">
            {{ counted(strips.rowsPerSheet, 'row') }} to a sheet, {{ counted(strips.rows, 'row') }} cut;
            joints of neighbouring layers lie half a strip apart.
          </li>
        </ul>
      </div>
      <div class="border-line py-2 lg:border-l">
        <h3 class="px-4 pb-1">Gates and gaps</h3>
        <ul class="px-4">
          <li v-for="(gap, i) in gaps" :key="`${gap.atMm}-${gap.widthMm}`" class="flex items-center gap-3">
            {{ formatQuantity(gap.widthMm, 'mm') }} from {{ formatQuantity(gap.atMm, 'mm') }} on
            <button
              type="button"
              class="button button-quiet button-small"
              :aria-label="`Close the gap at ${formatQuantity(gap.atMm, 'mm')}`"
              @click="set(gaps.filter((_, at) => at !== i))"
            >
              close it
            </button>
          </li>
          <li v-if="gaps.length === 0" class="text-sm text-soft">none: it runs through</li>
        </ul>
        <form class="flex items-end gap-2 px-4 pt-2" @submit.prevent="add">
          <label class="text-sm"
            ><span class="block text-soft">From</span
            ><input
              v-model="text.at"
              class="field field-cell !w-24"
              placeholder="620 mm"
              :aria-invalid="fault !== ''"
          /></label>
          <label class="text-sm"
            ><span class="block text-soft">Wide</span
            ><input
              v-model="text.width"
              class="field field-cell !w-24"
              placeholder="45 mm"
              :aria-invalid="fault !== ''"
          /></label>
          <button type="submit" class="button button-small">Leave a gap</button>
        </form>
        <p v-if="fault" class="px-4 pt-1 text-sm text-hip" role="alert">{{ fault }}</p>
        <HedgeTrees :plant="plant" :total-mm="totalMm" :gaps="gaps" />
      </div>
    </div>
  </section>
</template>
