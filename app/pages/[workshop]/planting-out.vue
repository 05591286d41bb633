<script setup lang="ts">
import { Check } from '@lucide/vue'
import { allStands, plantedLine, plantedOn } from '~~/core/batches'
import { floorMethod, plantMethodById } from '~~/core/methods'
import { layerOf, runSheet, runSheetWords, type RunSheetRow } from '~~/core/planting'
import { cautionFootnote, cautions } from '~~/core/safety'
import { amountText, individualSizes } from '~~/core/commissions'
import { counted, formatMinutes, plainNumber } from '~~/core/units'
import { crownTopArea } from '~~/core/plants'
import { lowered } from '../../components/brief/mix-text'
import type { Column } from '../../parts/table/column'
import type { Plant } from '../../stores/plant'

/** Planting out: in which order, with what, and ticked off as pieces leave their trays. */
const workshop = useWorkshop()
const plantOut = useDeed('plantOut', 'here')
const saveLine = useDeed('saveLine')
const commission = useCommission()
const stock = useStock()
const planting = usePlanting()
const notices = useNotices()
const to = useStationPath()
useStation('Planting out')
planting.follow()

const codeOf = computed(
  () =>
    new Map([
      ...planting.beds.pieces.map(({ lineId, code }) => [lineId, code] as const),
      ...planting.beds.hedges.map(({ lineId, code }) => [lineId, code] as const),
      ...planting.beds.patches.map(({ lineId, code }) => [lineId, code] as const),
    ]),
)
const rows = computed<RunSheetRow[]>(() =>
  runSheet(
    commission.plants.map(({ line, species, size }) => ({
      lineId: line.id,
      code: codeOf.value.get(line.id) ?? '·',
      name: line.name,
      zone: line.zone,
      layer: layerOf(species),
      amount: line.amount,
      heightMm: size.heightMm,
      stemMm: size.trunkMm,
      litter: species.habit === 'broadleaf' || species.habit === 'conifer',
      setInPlace: line.methodId !== undefined && plantMethodById(line.methodId)?.setsInPlace === true,
    })),
    plantedOn(commission.current ?? {}, workshop.ownValues),
  ),
)
const { soFar } = usePlantingOut()
const { left } = usePlantingLeft()
/** Minutes of hands that the rest of a line takes to be planted. */
const handsOf = computed(() => new Map(left.value.map(({ plant, up }) => [plant.line.id, up.handsMin.value])))
const byLine = computed(() => new Map(commission.plants.map(({ line }) => [line.id, soFar(line)] as const)))
const waiting = (lineId: string): number => byLine.value.get(lineId)?.onTrays ?? 0
const planted = (lineId: string): number => byLine.value.get(lineId)?.stands ?? 0
/** The open batch that plants a line: its pieces are counted there. */
const batchOf = computed(
  () =>
    new Map(
      stock.open.flatMap(({ batch, run }) => {
        const lineId = plantedLine(batch)
        return lineId === undefined ? [] : [[lineId, { batch, run }] as const]
      }),
    ),
)
/** Pieces that stand, of all that are to be planted; ground and hedges stand when they are made. */
const standing = computed(() => {
  const all = [...byLine.value.values()]
  return {
    stand: all.reduce((sum, one) => sum + Math.min(one.wanted, one.stands), 0),
    of: all.reduce((sum, one) => sum + one.wanted, 0),
  }
})
const isDone = computed(
  () =>
    commission.plants.length > 0 &&
    commission.linesLeft === 0 &&
    commission.plants.every(({ line, progress }) => allStands(line, progress, planted(line.id))),
)

const text = reactive<Record<string, string>>({})
const fault = reactive<Record<string, string>>({})
async function move(lineId: string, count: number, back: boolean): Promise<void> {
  const answer = await plantOut(lineId, count, back)
  fault[lineId] = answer.kind === 'none' ? answer.because : ''
  if (answer.kind === 'none') return
  notices.done(`${counted(count, 'piece')}: ${back ? 'to be planted' : 'planted'}.`)
  text[lineId] = ''
}
/** Ground under the crowns of a line, cm²: each its own circle. */
const underCm2 = ({ line, size }: Plant): number =>
  line.amount.kind === 'pieces'
    ? individualSizes(size, line.amount.pieces, line.id).reduce(
        (sum, { crownWidthMm }) => sum + crownTopArea(crownWidthMm) / 100,
        0,
      )
    : 0
/** The litter under a line of trees as a line of its own; undefined where there is one, or nothing falls. */
function litterUnder({ row }: RunSheetRow): Parameters<typeof saveLine>[0] | undefined {
  const plant = commission.plants.find(({ line }) => line.id === row.lineId)
  if (!plant || !row.litter || row.amount.kind !== 'pieces' || row.layer !== 'tree') return undefined
  const { speciesId, age, zone, commissionId } = plant.line
  // Old and young trees of a kind, or those of another zone, have a floor each.
  const laid = commission.lines.some(
    (one) =>
      one.amount.kind === 'area' && one.speciesId === speciesId && one.zone === zone && one.age === age,
  )
  if (laid) return undefined
  return {
    commissionId,
    name: `Litter, ${lowered(plant.species.common)}`,
    speciesId,
    age,
    zone,
    amount: { kind: 'area', areaCm2: Math.max(1, Math.round(underCm2(plant))) },
    methodId: floorMethod.id,
  }
}
async function planLitter(draft: Parameters<typeof saveLine>[0]): Promise<void> {
  const answer = await saveLine(draft)
  if (answer.kind === 'ok')
    notices.done(`“${answer.value.name}” is a line of its own: ${amountText(answer.value.amount)} of ground.`)
}
function plant(lineId: string): void {
  const typed = (text[lineId] ?? '').trim()
  const count = typed === '' ? waiting(lineId) : Number(typed)
  if (!Number.isInteger(count) || count < 1 || count > waiting(lineId)) {
    fault[lineId] = `Planted: read “${typed}”; it must be a whole number from 1 to ${waiting(lineId)}.`
    return
  }
  void move(lineId, count, false)
}
function runWords(lineId: string): string {
  const found = batchOf.value.get(lineId)
  if (!found) return ''
  const { phase, live } = found.run.state
  return phase === 'planned' ? `${live} planned` : phase === 'waiting' ? 'holding' : 'under way'
}
const zoneWords = { front: 'Front', middle: 'Middle', back: 'Back' } as const
const placeOf = computed(() => new Map(rows.value.map(({ row }, i) => [row.lineId, i + 1])))
const columns: readonly Column<RunSheetRow>[] = [
  { id: 'place', head: 'No.', number: true, text: ({ row }) => String(placeOf.value.get(row.lineId) ?? '') },
  { id: 'line', head: 'Line' },
  { id: 'hole', head: 'Hole', cell: 'whitespace-nowrap' },
  { id: 'glue', head: 'Glue and prop', cell: 'max-w-64 text-sm' },
  { id: 'around', head: 'Before and after', cell: 'max-w-60 text-sm' },
  {
    id: 'hands',
    head: 'Hands',
    number: true,
    cell: 'wide',
    text: ({ row }) => {
      const min = handsOf.value.get(row.lineId) ?? batchOf.value.get(row.lineId)?.batch.plan.handsMin
      return min === undefined ? '' : formatMinutes(min)
    },
  },
  { id: 'stand', head: 'Stand', number: true, cell: 'wide' },
  {
    id: 'waiting',
    head: 'On trays',
    number: true,
    cell: 'wide',
    text: ({ row }) => String(waiting(row.lineId) || '–'),
  },
  { id: 'acts', head: 'Planted now' },
]
const { printing, pdf } = useTemplates()
const print = (): Promise<void> =>
  pdf([], `${commission.current?.name ?? ''}: planting out`, {
    title: `${commission.current?.name ?? ''}: planting out`,
    words: [
      ...rows.value.map(runSheetWords),
      'When all stands and is dry: earth on every shiny spot, then vacuum through a stocking.',
    ],
  })
</script>

<template>
  <div v-if="commission.current && rows.length > 0">
    <div class="flex flex-wrap items-center gap-x-4 gap-y-2 px-5 py-2">
      <h1>Planting out</h1>
      <span v-if="isDone" class="tag tag-moss">All of it stands</span>
      <span class="text-sm text-soft"
        >{{ standing.stand }} of {{ counted(standing.of, 'piece') }} stand. From the back to the front; the
        letters are those of the planting plan.</span
      >
      <span class="ml-auto flex gap-2">
        <NuxtLink class="button button-small" :to="to('planting')">Planting plan</NuxtLink>
        <button type="button" class="button button-small" :disabled="printing" @click="print">
          {{ printing ? 'Printing…' : 'Print run sheet' }}
        </button>
      </span>
    </div>
    <PlantingWork :commission="commission.current" />
    <div class="overflow-x-auto">
      <DataTable
        class="run"
        label="Run sheet"
        page
        :rows="rows"
        :columns="columns"
        :key-of="({ row }) => row.lineId"
        :group-of="({ row }) => zoneWords[row.zone]"
      >
        <template #line="{ row: entry }"
          ><strong>{{ entry.row.code }}</strong> {{ entry.row.name }}
          <span class="text-sm text-soft">{{
            amountText(entry.row.amount, workshop.settings.units)
          }}</span></template
        >
        <template #hole="{ row: entry }"
          ><template v-if="entry.hole"
            >{{ plainNumber(entry.hole.mm, 1) }} mm
            <span class="text-sm text-soft">by {{ entry.hole.tool }}</span></template
          ></template
        >
        <template #glue="{ row: entry }"
          >{{ entry.glue
          }}<template v-if="entry.propH"> · prop {{ entry.propH }} h, plastic pegs</template></template
        >
        <template #around="{ row: entry }"
          ><span v-if="entry.before" class="block"
            >{{ entry.before }}
            <button
              v-if="litterUnder(entry)"
              type="button"
              class="text-moss underline"
              :aria-label="`Plan the litter under ${entry.row.name}`"
              @click="planLitter(litterUnder(entry)!)"
            >
              plan it
            </button></span
          >{{ entry.after }}</template
        >
        <template #stand="{ row: entry }"
          >{{ planted(entry.row.lineId) || '' }}
          <Check
            v-if="planted(entry.row.lineId) > 0 && waiting(entry.row.lineId) === 0"
            class="inline size-4 text-moss"
            aria-label="all"
        /></template>
        <template #acts="{ row: entry }"
          ><NuxtLink
            v-if="batchOf.get(entry.row.lineId)"
            class="button button-small"
            :to="{ path: to('bench'), query: { batch: batchOf.get(entry.row.lineId)?.batch.id } }"
            >At the Bench
            <span class="font-normal text-soft">{{ runWords(entry.row.lineId) }}</span></NuxtLink
          >
          <form
            v-else-if="waiting(entry.row.lineId) > 0"
            class="flex items-center gap-1"
            @submit.prevent="plant(entry.row.lineId)"
          >
            <input
              v-model="text[entry.row.lineId]"
              class="field field-cell !w-16"
              inputmode="numeric"
              :placeholder="String(waiting(entry.row.lineId))"
              :aria-label="`${entry.row.name}: planted now`"
              :aria-invalid="(fault[entry.row.lineId] ?? '') !== ''"
            />
            <button type="submit" class="button button-small">Planted</button>
          </form>
          <button
            v-else-if="planted(entry.row.lineId) > 0 && entry.row.amount.kind === 'pieces'"
            type="button"
            class="button button-quiet button-small"
            :aria-label="`${entry.row.name}: put back on the tray`"
            @click="move(entry.row.lineId, planted(entry.row.lineId), true)"
          >
            put back
          </button>
          <span v-if="fault[entry.row.lineId]" class="block text-sm text-hip" role="alert">{{
            fault[entry.row.lineId]
          }}</span></template
        >
      </DataTable>
    </div>
    <p class="px-5 py-3 text-sm">
      <strong class="text-larch">{{ cautions.drilling.title }}.</strong> {{ cautions.drilling.text }}
      <strong class="text-larch">{{ cautions['hot-glue'].title }}.</strong> {{ cautions['hot-glue'].text }}
      <span class="text-soft">{{ cautionFootnote }}</span>
    </p>
  </div>
  <div v-else class="m-8 max-w-lg">
    <h1 class="mb-2">Nothing to plant out</h1>
    <p class="mb-4">A run sheet follows from the lines of a commission. Enter one in the Brief.</p>
    <NuxtLink class="button button-act" :to="to('brief')">Go to the Brief</NuxtLink>
  </div>
</template>

<style scoped>
/* In the hand a piece is a card: what it is, its hole and glue, and what was planted. */
@media (max-width: 700px) {
  .run :deep(thead) {
    position: absolute;
    clip-path: inset(50%);
  }
  .run :deep(.row) {
    display: grid;
    grid-template-columns: auto minmax(0, 1fr);
    gap: 0 8px;
    padding: 8px 16px;
    border-bottom: 1px solid var(--color-line);
  }
  .run :deep(td) {
    padding: 0;
    border: 0;
    text-align: left;
    max-width: none;
  }
  .run :deep(td:nth-child(n + 3)) {
    grid-column: 2;
  }
}
</style>
