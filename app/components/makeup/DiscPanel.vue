<script setup lang="ts">
import { boundShare, cutRods, padSheets, rodSheet, stemSheet } from '~~/core/armature'
import { individualSizes } from '~~/core/commissions'
import { type MakeUp } from '~~/core/makeup'
import { worthOf } from '~~/core/quantities'
import { discsOf, discTask, dowelFigures, nestOrderOf, padOf, treesNested } from '~~/core/methods'
import { counted, plainNumber } from '~~/core/units'
import type { Plant } from '../../stores/plant'

/** Dowels and discs of a batch: each tree at its own size, discs nested in pads, dowels laid into rods. */
const props = defineProps<{ plant: Plant; makeUp: MakeUp }>()
const emit = defineEmits<{ start: [trees: number] }>()
const workshop = useWorkshop()
const armature = useArmature()
const stock = useStock()

const started = computed(() => props.makeUp.started.value)
/** Trees that are planned together: of very many the first, and the others batch by batch. */
const planned = computed(() =>
  individualSizes(props.plant.size, Math.min(started.value, treesNested(props.makeUp)), props.plant.line.id),
)
const task = computed(() => discTask(props.makeUp, props.plant.piece))
const own = computed(() => discsOf(task.value, props.plant.piece))
const isPart = computed(() => planned.value.length < started.value)
const order = computed(() => nestOrderOf(props.makeUp, planned.value, workshop.ownValues))
const state = computed(() => order.value && armature.nestOf(order.value))
/** The best so far, once all discs have had their turn. */
const best = computed(() => (state.value?.best?.whole ? state.value.best : undefined))
watch(
  order,
  (next, before) => {
    // Worked out anew it is often the same: only another nesting takes its place.
    if (before && !(next && armature.isSameNest(before, next))) armature.stopNesting(before)
    if (next && !armature.nestOf(next)) void armature.nest(next)
  },
  { immediate: true },
)
onBeforeUnmount(() => {
  if (order.value) armature.stopNesting(order.value)
})

const pad = computed(() => padOf(task.value))
const title = computed(() => props.plant.line.name)
/** Templates of the pads, or of one by its place. */
const sheetsOf = (only?: number) =>
  best.value && order.value
    ? padSheets(best.value, order.value, order.value.labels, pad.value.widthMm, title.value, only)
    : []
const count = computed(() => best.value?.covered.filter((share) => share > 0).length ?? 0)
const material = (slot: string) =>
  props.makeUp.slots.find((filled) => filled.slot.id === slot)?.parts[0]?.material
const held = (slot: string): number => stock.stateById.get(material(slot)?.id ?? '')?.onHand ?? 0
const padsThere = computed(() => Math.floor(held('pad')))
/** How many trees the pads that are there make, where they are too few for all. */
const treesDone = ref<number>()
let asked = 0
watch(
  [best, padsThere, () => state.value?.share],
  async () => {
    const [nested, own] = [best.value, order.value]
    const mine = (asked += 1)
    treesDone.value = undefined
    if (!nested || !own || state.value?.share !== undefined) return
    const [sheet] = own.sheets
    if (nested.sheets <= padsThere.value || !sheet) return
    const there = { ...own, sheets: Array.from({ length: padsThere.value }, () => sheet) }
    const made = padsThere.value === 0 ? 0 : await armature.treesFitting(there, own.treeOf)
    // An order that is worked out anew meanwhile is often the same: what is asked last counts.
    if (mine === asked) treesDone.value = made
  },
  { immediate: true },
)
const bound = computed(() => {
  if (!order.value) return 1
  const area = order.value.radiiMm.reduce((sum, r) => sum + Math.PI * r * r, 0)
  const [sheet] = order.value.sheets
  return sheet
    ? Math.ceil(area / (sheet.widthMm * sheet.heightMm * boundShare(order.value.radiiMm)) - 1e-9)
    : 1
})

const dowelMm = computed(() => {
  const of = material('dowel')?.of
  return of?.stuff === 'dowel' ? of : undefined
})
const kerf = computed(() => worthOf(dowelFigures.kerfMm, workshop.ownValues).value)
const rods = computed(() => {
  const lengthMm = dowelMm.value?.rodMm ?? 914
  const lengths = planned.value.map(({ heightMm }) => heightMm)
  return { lengthMm, lengths, plan: cutRods(lengths, [{ lengthMm }], kerf.value) }
})
/** What is left of each rod and worth keeping, mm. */
const WORTH_KEEPING_MM = 20
const offcuts = computed(() => {
  const kept = rods.value.plan.rods
    .map(({ offcutMm }) => Math.round(offcutMm))
    .filter((mm) => mm >= WORTH_KEEPING_MM)
    .sort((a, b) => b - a)
  const more = kept.length > 12 ? ` and ${kept.length - 12} more` : ''
  return kept.length === 0 ? '' : `${kept.slice(0, 12).join(', ')} mm${more}`
})
const rodTemplate = computed(() =>
  rodSheet(rods.value.plan, rods.value.lengths, [rods.value.lengthMm], kerf.value, `${title.value}: rods`),
)
/** The stem that is shown: the usual tree’s, or one of the batch by its number. */
const tree = ref(0)
watch(started, (count) => {
  tree.value = Math.min(tree.value, count)
})
const stem = computed(() => {
  const size = planned.value[tree.value - 1]
  const name = tree.value === 0 ? 'order on the stem' : `tree ${tree.value}`
  return stemSheet(
    size ? discsOf(task.value, size) : own.value,
    dowelMm.value?.diameterMm ?? 6,
    `${title.value}: ${name}`,
  )
})
const shown = ref(0)
/** More pads than this are picked from a list. */
const MANY = 16
watch(count, (pads) => {
  shown.value = Math.min(shown.value, Math.max(0, pads - 1))
})
const shownSheet = computed(() => sheetsOf(shown.value)[0])
</script>

<template>
  <section aria-label="Dowels and discs" class="border-t-2 border-ink">
    <div class="flex flex-wrap items-center gap-x-5 gap-y-1 px-4 pt-3">
      <h2>Dowels and discs</h2>
      <span class="text-sm text-soft"
        >{{ counted(own.discs.length, 'disc') }} of {{ plainNumber(pad.thicknessMm / pad.layers, 1) }} mm on a
        tree of the usual size, the first {{ Math.round(own.discs[0]?.atMm ?? 0) }} mm up</span
      >
      <SelectField
        v-model="tree"
        beside
        label="Stem of"
        :options="[
          { value: 0, words: 'the usual tree' },
          ...planned.map((size, i) => ({
            value: i + 1,
            words: `tree ${i + 1}, ${Math.round(size.heightMm)} mm`,
          })),
        ]"
      />
      <span class="ml-auto">
        <TemplateButtons :templates="() => [stem]" :title="`${title} stem`" what="order on the stem" />
      </span>
    </div>
    <div class="grid gap-x-4 lg:grid-cols-[220px_minmax(0,1fr)]">
      <TemplateDrawing :template="stem" :max-height="420" class="px-4 py-2" />
      <div class="min-w-0 border-line py-2 lg:border-l">
        <div class="flex flex-wrap items-center gap-x-4 gap-y-1 px-4">
          <h3>Pads</h3>
          <span v-if="best" class="text-sm" role="status">
            {{ counted(best.sheets, 'pad') }} for
            {{
              isPart
                ? `the first ${planned.length} of ${counted(started, 'tree')}`
                : `all ${counted(started, 'tree')}`
            }}, {{ padsThere }} there:
            <strong v-if="best.sheets <= padsThere && best.left.length === 0" class="text-moss"
              >enough</strong
            >
            <strong v-else class="text-hip">{{ counted(best.sheets - padsThere, 'pad') }} to buy</strong>
            <template v-if="treesDone !== undefined"
              >, or
              <button
                type="button"
                class="underline"
                :disabled="treesDone < 1"
                @click="emit('start', treesDone)"
              >
                start {{ counted(treesDone, 'tree') }}
              </button></template
            >
            <span class="text-soft"> · by area alone no fewer than {{ bound }}</span>
          </span>
          <template v-if="state?.share !== undefined">
            <progress class="w-32 h-2 accent-moss" :value="state.share" max="1" aria-label="Nesting" />
            <button
              type="button"
              class="button button-quiet button-small"
              @click="order && armature.stopNesting(order)"
            >
              Good enough
            </button>
          </template>
          <button
            v-else-if="order"
            type="button"
            class="button button-quiet button-small"
            @click="armature.nest(order)"
          >
            Nest again
          </button>
          <span class="ml-auto">
            <TemplateButtons
              :templates="() => sheetsOf()"
              :ready="count > 0"
              :title="`${title} pads`"
              what="pad templates"
            />
          </span>
        </div>
        <div v-if="count > 0" class="px-4 pt-2">
          <SelectField
            v-if="count > MANY"
            v-model="shown"
            beside
            label="Pad"
            :options="Array.from({ length: count }, (_, i) => ({ value: i, words: `${i + 1} of ${count}` }))"
          />
          <div v-else class="flex flex-wrap gap-1 pb-2" role="group" aria-label="Pads">
            <button
              v-for="(_, i) in count"
              :key="i"
              type="button"
              class="pad-tab min-h-10 py-0.5 px-2.5 text-left whitespace-nowrap border-b-2 border-b-transparent"
              :aria-pressed="shown === i"
              @click="shown = i"
            >
              Pad {{ i + 1 }}
              <span class="text-xs text-soft">{{ Math.round((best?.covered[i] ?? 0) * 100) }} %</span>
            </button>
          </div>
          <TemplateDrawing v-if="shownSheet" :template="shownSheet" :max-height="330" />
        </div>
        <div class="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 pt-3">
          <h3>Rods</h3>
          <span class="text-sm">
            {{ counted(rods.plan.rods.length, 'rod') }} of {{ Math.round(rods.lengthMm) }} mm{{
              isPart ? ` for the first ${planned.length}` : ''
            }}, {{ Math.floor(held('dowel')) }} there;
            {{
              rods.plan.uncut.length > 0
                ? `${counted(rods.plan.uncut.length, 'dowel')} longer than a rod`
                : rods.plan.boundMm >= rods.plan.totalMm - 1e-6
                  ? 'no plan does with less'
                  : `at best ${Math.ceil(rods.plan.boundMm / rods.lengthMm)}`
            }}; offcuts {{ offcuts || 'none' }}
          </span>
          <span class="ml-auto">
            <TemplateButtons :templates="() => [rodTemplate]" :title="`${title} rods`" what="rods" />
          </span>
        </div>
        <TemplateDrawing :template="rodTemplate" :max-height="150" class="px-4 pt-1" />
      </div>
    </div>
  </section>
</template>

<style scoped>
.pad-tab[aria-pressed='true'] {
  border-bottom-color: var(--color-moss);
  background: var(--color-bench);
}
</style>
