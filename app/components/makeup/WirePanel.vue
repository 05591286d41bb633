<script setup lang="ts">
import {
  gaugeWords,
  STRANDS_RANGE,
  twistList,
  wireSheet,
  type CutList,
  type WirePlan,
} from '~~/core/armature'
import { sitterOf, type Line } from '~~/core/commissions'
import type { MakeUp } from '~~/core/makeup'
import { STRANDS_CHOICE, strandsSet, wireOrderOf } from '~~/core/methods'
import { costOfDraw } from '~~/core/stock'
import { counted, plainNumber, readBounded } from '~~/core/units'
import { z } from 'zod'
import type { Column } from '../../parts/table/column'
import type { Plant } from '../../stores/plant'

/** The armature of twisted wire: what to cut, in which order to twist, and the sheet to lay it on. */
const props = defineProps<{ plant: Plant; makeUp: MakeUp }>()
const workshop = useWorkshop()
const changeLine = useDeed('changeLine')
const armature = useArmature()
const stock = useStock()
const { moneyEach } = useFormat()

const wanted = computed(() => {
  const { line, species, size, piece } = props.plant
  const wire = wireOrderOf(props.makeUp, {
    choices: line.choices,
    states: stock.states,
    own: workshop.ownValues,
  })
  return wire && { wire, sitter: sitterOf(line, species, size, piece.seeThrough) }
})
const plan = computed<WirePlan | undefined>(
  () => wanted.value && armature.wireFor(wanted.value.sitter, wanted.value.wire),
)
const cant = computed(() => (wanted.value ? armature.wireFault(wanted.value.sitter, wanted.value.wire) : ''))
const title = computed(() => `${props.plant.line.name}: wire`)
const sheet = computed(() => plan.value && wireSheet(plan.value, title.value))
const order = computed(() => (plan.value ? twistList(plan.value.order) : []))
const started = computed(() => props.makeUp.started.value)

const { text, fault, take } = useFieldTexts(
  () => props.plant.line.id,
  () => ({ strands: String(strandsSet(props.plant.line.choices) ?? '') }),
)
const [least, most] = STRANDS_RANGE
const leave = () =>
  take(
    'strands',
    orNothing(text.strands, (typed) =>
      readBounded({ name: 'Strands', schema: z.number().int().min(least).max(most) }, typed),
    ),
    (read) =>
      changeLine(props.plant.line.id, (stored: Line) => {
        const { [STRANDS_CHOICE]: _was, ...others } = stored.choices ?? {}
        return { choices: read === undefined ? others : { ...others, [STRANDS_CHOICE]: String(read) } }
      }),
  )

const metres = (mm: number): string => `${plainNumber(mm / 1000, 1)} m`
/** Grams of a length of wire by the material that it is. */
function gramsOf(slot: string, mm: number): string {
  const material = props.makeUp.slots.find((filled) => filled.slot.id === slot)?.parts[0]?.material
  return material?.metreG === undefined ? '' : ` · ${plainNumber((mm / 1000) * material.metreG, 1)} g`
}
/** What the wire of a slot costs: for one, and for the batch. */
function costOf(slot: string): string {
  const use = props.makeUp.uses.find((own) => own.slot === slot)
  const state = use?.material && stock.stateById.get(use.material.id)
  const cost = use && state ? costOfDraw(use.total.value, state) : undefined
  if (cost === undefined) return ''
  return `costs ${moneyEach(cost / started.value)} for one, ${moneyEach(cost)} for the batch, offcuts in it`
}
const gauges = computed(() => {
  const own = plan.value
  if (!own) return []
  const row = (slot: string, name: string, mm: number, cut: CutList) => ({ slot, name, mm, cut })
  return [
    row('wire', 'Stout', own.stoutMm, own.two.stoutCut),
    row('thin-wire', 'Thin', own.thinMm, own.two.thinCut),
  ]
})

/** What is cut of a gauge; below it what all comes to, for one and for the batch. */
const cutColumns = (
  head: string,
  slot: string,
  cut: CutList,
): readonly Column<CutList['lengths'][number]>[] => [
  {
    id: 'cut',
    cell: '!pl-4',
    head,
    text: ({ count, lengthMm }) => `${count} × ${lengthMm} mm`,
    total: () =>
      [
        `${metres(cut.totalMm)}${gramsOf(slot, cut.totalMm)}, ${metres(cut.wasteMm)} of it cut off again`,
        costOf(slot),
      ]
        .filter(Boolean)
        .join('; '),
  },
  {
    id: 'batch',
    head: started.value > 1 ? `× ${started.value}` : '',
    number: true,
    text: ({ count }) => (started.value > 1 ? String(count * started.value) : ''),
    total: () => (started.value > 1 ? metres(cut.totalMm * started.value) : ''),
  },
]
</script>

<template>
  <section aria-label="Armature" class="border-t-2 border-ink">
    <div class="flex flex-wrap items-center gap-x-5 gap-y-1 px-4 pt-3">
      <h2>Armature</h2>
      <label class="flex items-center gap-2 text-sm">
        <span class="text-soft">Strands</span>
        <input
          v-model="text.strands"
          class="field field-cell !w-16"
          inputmode="numeric"
          :placeholder="String(plan?.strands ?? '')"
          :aria-invalid="fault.strands !== ''"
          @change="leave"
        />
      </label>
      <span v-if="plan" class="text-sm text-soft">
        trunk {{ plainNumber(plan.trunk.isMm, 1) }} mm with its bark, wanted
        {{ plainNumber(plan.trunk.wantedMm, 1) }} mm · {{ counted(plan.two.limbs.length, 'limb') }} ·
        {{
          plan.roots.each.length === 0
            ? 'a pin alone'
            : `${counted(plan.roots.each.length, 'root')} and a pin`
        }}
      </span>
      <span class="ml-auto">
        <TemplateButtons
          v-if="sheet"
          :templates="() => (sheet ? [sheet] : [])"
          :title="title"
          what="wire sheet"
          :list="{ title: `${plant.line.name}: order of twisting`, words: order }"
        />
      </span>
    </div>
    <p v-if="fault.strands" class="px-4 text-sm text-hip" role="alert">{{ fault.strands }}</p>
    <p v-if="!plan" class="px-4 py-3 text-sm text-soft" role="status">
      {{
        makeUp.missing.some(({ slot }) => slot.id === 'wire' || slot.id === 'thin-wire')
          ? 'Take wire into Stock, or choose one, and the armature is planned.'
          : cant
            ? `No armature can be twisted for it: ${cant}.`
            : 'Planning the armature…'
      }}
    </p>
    <div v-else class="grid gap-x-4 lg:grid-cols-[minmax(0,1fr)_300px_290px]">
      <TemplateDrawing v-if="sheet" :template="sheet" :max-height="440" class="px-4 py-2" />
      <div class="border-line py-2 lg:border-l">
        <h3 class="px-4 pb-1">Cut for one</h3>
        <DataTable
          v-for="{ slot, name, mm, cut } in gauges"
          :key="slot"
          class="mb-2"
          :label="`${name} wire to cut`"
          :rows="cut.lengths"
          :columns="cutColumns(`${name}: ${gaugeWords(mm)}`, slot, cut)"
          :key-of="({ lengthMm }) => String(lengthMm)"
        />
        <h3 class="px-4 pt-1 pb-1">Wires that are there</h3>
        <ul class="px-4 text-sm">
          <li v-for="{ wireMm, factor } in plan.fits" :key="wireMm">
            {{ gaugeWords(wireMm) }}:
            {{ factor < 1.08 ? 'fits trunk and limbs' : `${Math.round((factor - 1) * 100)} % off` }}
          </li>
          <li v-if="plan.fits.length === 0" class="text-soft">none in stock</li>
        </ul>
      </div>
      <div class="border-line py-2 lg:border-l">
        <h3 class="px-4 pb-1">Order of twisting</h3>
        <ol
          class="order [list-style:decimal_inside] tabular-nums max-h-[410px] overflow-y-auto px-4 text-sm"
          tabindex="0"
          aria-label="Order of twisting"
        >
          <li v-for="(words, i) in order" :key="i">{{ words }}</li>
        </ol>
      </div>
    </div>
  </section>
</template>
