<script setup lang="ts">
import {
  allocate,
  colourOf,
  holdersWords,
  jarTimesWords,
  lackWords,
  measuredWords,
  meltsFoam,
  packShareWords,
  sheenWords,
  toneOf,
  wholeEachWords,
  type Lack,
  type Material,
} from '~~/core/stock'
import { formatQuantity, plainNumber, type StockUnit } from '~~/core/units'
import { blendOff, differenceWords, nearnessOf } from '~~/core/blends'
import { candidatesFor, needsOf, partNoun, type Filled, type MakeUp, type Use } from '~~/core/makeup'
import type { Figure } from '~~/core/quantities'
import type { Line } from '~~/core/commissions'
import type { Column } from '../../parts/table/column'

/** Amounts for one and for the batch, the material in each slot, and mixtures as volumes to pour. */
const props = defineProps<{ makeUp: MakeUp; line: Line }>()
const emit = defineEmits<{
  choose: [slot: string, materialId: string]
  option: [id: string, choice: string]
}>()
const stock = useStock()
const { real } = useFormat()
const shelf = useShelf()

const part = computed(() => partNoun(props.makeUp.share))
/** What this batch would lack, after what is claimed before it: open batches, and lines that are due sooner. */
const lacks = computed<ReadonlyMap<string, Lack>>(() => {
  const own = { id: 'this', who: 'this batch', order: 500, needs: needsOf(props.makeUp.uses) }
  const { lacks: all } = allocate([...shelf.claimsBefore(props.line), own], stock.states, shelf.beingMade)
  return new Map((all.get('this') ?? []).map((lack) => [lack.materialId, lack]))
})
/** What stands first among the materials for a slot: what is proposed, or that nothing is. */
const proposedWords = (parts: Filled['parts'], chosen: boolean): string =>
  parts.length === 0
    ? 'open'
    : chosen
      ? 'as proposed'
      : `${parts.map(({ material }) => material.name).join(' + ')} (proposed)`
const slotTone = (slotId: string): string | undefined => {
  const [first] = props.makeUp.slots.find(({ slot }) => slot.id === slotId)?.parts ?? []
  return first && toneOf(first.material)
}
/** A slot with what fills it, and a use that is made of it: one row a use, one for a slot without any. */
interface Row {
  readonly key: string
  readonly filled: Filled & {
    readonly choices: ReturnType<typeof candidatesFor>
    readonly off: number | undefined
    /** What its jar says of its own times, and what speaks against it here. */
    readonly says: string
    readonly warns: string
  }
  readonly use?: Use
  /** Of the uses of its slot. */
  readonly isFirst: boolean
}
function warningsOf(material: Material): string[] {
  const sheen = sheenWords(material)
  return [
    ...(sheen === undefined ? [] : [sheen]),
    ...(props.makeUp.onFoam && meltsFoam(material) ? ['it melts bare foam: seal that, or take another'] : []),
  ]
}
const rows = computed<Row[]>(() =>
  props.makeUp.slots.flatMap((slotFilled): Row[] => {
    const filled = {
      ...slotFilled,
      choices: candidatesFor(slotFilled.slot, stock.states, slotTone, new Set(), props.makeUp.onFoam),
      says: slotFilled.parts.flatMap(({ material }) => jarTimesWords(material) ?? []).join('; '),
      warns: slotFilled.parts.flatMap(({ material }) => warningsOf(material)).join('; '),
      off: blendOff(slotFilled.slot, slotFilled.parts[0]?.material),
    }
    const uses = props.makeUp.uses.filter(({ slot }) => slot === filled.slot.id)
    const key = filled.slot.id
    if (uses.length === 0) return [{ key, filled, isFirst: true }]
    return uses.map((use, i) => ({ key: `${key} ${use.label}`, filled, use, isFirst: i === 0 }))
  }),
)
const columns = computed<readonly Column<Row>[]>(() => [
  { id: 'takes', head: 'Takes', cell: 'min-w-28 !pl-4' },
  { id: 'material', head: 'Material' },
  { id: 'one', head: `One ${part.value}`, number: true },
  { id: 'batch', head: `Batch of ${props.makeUp.started.value}`, number: true },
  { id: 'tray', head: 'On the tray', number: true },
  {
    id: 'held',
    head: 'On hand',
    number: true,
    text: ({ use }) =>
      use?.material
        ? formatQuantity(stock.stateById.get(use.material.id)?.onHand ?? 0, use.material.unit)
        : '',
  },
  { id: 'stock', head: 'Stock' },
])
const colourIn = ({ parts: [first] }: Filled): string | undefined => first && colourOf(first.material.of)
const optionsOf = ({ parts, chosen, choices }: Row['filled']) => [
  { value: '', words: proposedWords(parts, chosen) },
  ...choices.map((material) => ({
    value: material.id,
    words: [material.name, ...jarDoubts(material), ...(held(material.id) ? [] : ['none in stock'])].join(
      ', ',
    ),
  })),
]
/** What speaks against a jar, in a word or two. */
const jarDoubts = (material: Material): string[] => [
  ...(sheenWords(material) === undefined || material.of.stuff !== 'liquid' ? [] : [material.of.finish ?? '']),
  ...(props.makeUp.onFoam && meltsFoam(material) ? ['melts bare foam'] : []),
]
const tagOf = (use: Use): string => (!use.material ? 'tag-larch' : words(use) ? 'tag-hip' : 'tag-moss')
const pourColumns: readonly Column<MakeUp['pours'][number]['lines'][number]>[] = [
  { id: 'what', head: 'What', cell: '!pl-4', text: ({ label }) => label },
  { id: 'amount', head: 'Amount', number: true, cell: 'text-lg' },
]
const yieldColumns: readonly Column<MakeUp['yields'][number]>[] = [
  { id: 'what', head: 'What', cell: '!pl-4', text: ({ label }) => label },
  { id: 'amount', head: 'Amount', number: true },
]
/** Mixtures, cuts, what comes out besides: what stands beside the amounts. */
const comesBeside = computed(
  () => props.makeUp.pours.length + props.makeUp.cuts.length + props.makeUp.yields.length > 0,
)
const kept = computed(() => props.makeUp.uses.filter(({ slot }) => slot === 'kept'))
const held = (id: string): boolean => (stock.stateById.get(id)?.onHand ?? 0) > 0
const words = ({ material }: Use): string => {
  const lack = material && lacks.value.get(material.id)
  return lack ? lackWords(lack, material.unit) : ''
}
/** What is taken, as the bench measures it; of whole things for one, how many at least and at most. */
const taken = ({ material }: Use, { value, unit }: Figure): string =>
  measuredWords(value, unit as StockUnit, material)
const ofPack = ({ material, total }: Use): string => (material ? packShareWords(total.value, material) : '')
const eachWords = ({ perPiece }: Use): string | undefined =>
  perPiece.unit === 'piece' ? wholeEachWords(perPiece.value) : undefined
const lackTitle = ({ material }: Use): string => {
  const lack = material && lacks.value.get(material.id)
  const holders = lack ? holdersWords(lack) : ''
  return holders ? `Before it: ${holders}` : ''
}
/** What the fibre that stands up stands for in nature, each of its lengths. */
function realWords({ wish }: Filled['slot'], parts: Filled['parts']): string {
  const { job } = props.makeUp
  if (wish.stuff !== 'fibre' || wish.how === 'sprinkled' || job.kind === 'stock') return ''
  return parts
    .flatMap(({ material: { of } }) =>
      of.stuff === 'fibre'
        ? [`${plainNumber(of.lengthMm, 1)} mm = ${real(of.lengthMm * job.piece.realRatio)}`]
        : [],
    )
    .join(', ')
}
</script>

<template>
  <section aria-label="Amounts">
    <fieldset v-if="makeUp.method.options.length > 0" class="flex flex-wrap gap-x-6 gap-y-1 px-4 pt-3">
      <legend class="sr-only">How it is made</legend>
      <div v-for="option in makeUp.method.options" :key="option.id" class="flex items-center gap-2">
        <span class="text-sm text-soft">{{ option.name }}</span>
        <SelectField
          cell
          :label="option.name"
          :model-value="makeUp.choices[option.id]"
          :options="option.choices.map(({ id, name, words }) => ({ value: id, words: name, title: words }))"
          @update:model-value="(choice) => choice !== undefined && emit('option', option.id, choice)"
        />
      </div>
    </fieldset>
    <p v-if="makeUp.missing.length > 0" class="px-4 pt-3 text-hip" role="alert">
      Open:
      {{ makeUp.missing.map(({ slot, because }) => `${slot.label.toLowerCase()} (${because})`).join('; ') }}.
      Take one into Stock; the amounts below hold for what is wanted.
    </p>
    <div class="grid" :class="{ 'lg:grid-cols-[minmax(0,1fr)_280px]': comesBeside }">
      <DataTable label="Materials" :rows="rows" :columns="columns" :key-of="({ key }) => key">
        <template #takes="{ row: { filled, isFirst } }">
          <strong v-if="isFirst">{{ filled.slot.label }}</strong>
        </template>
        <template #material="{ row: { filled, use, isFirst } }">
          <span v-if="!isFirst" class="text-sm text-soft">{{ use?.label }}</span>
          <template v-else>
            <span class="flex items-center gap-2">
              <i
                class="dot flex-none w-4.5 h-4.5 border border-line"
                :class="{ none: !colourIn(filled) }"
                :style="{ background: colourIn(filled) }"
                aria-hidden="true"
              />
              <SelectField
                cell
                class="max-w-64 min-w-40"
                :label="`Material for ${filled.slot.label}`"
                :model-value="filled.chosen ? (filled.parts[0]?.material.id ?? '') : ''"
                :options="optionsOf(filled)"
                @update:model-value="(id) => emit('choose', filled.slot.id, id)"
              />
            </span>
            <span v-if="realWords(filled.slot, filled.parts)" class="block text-xs text-soft">{{
              realWords(filled.slot, filled.parts)
            }}</span>
            <span v-if="filled.because" class="block max-w-80 text-xs text-soft">{{ filled.because }}</span>
            <span v-if="filled.says" class="block max-w-80 text-xs text-soft">{{ filled.says }}</span>
            <span v-if="filled.warns" class="block max-w-80 text-xs text-hip">{{ filled.warns }}</span>
            <span
              v-if="filled.off !== undefined"
              class="block max-w-80 text-xs"
              :class="['same', 'close'].includes(nearnessOf(filled.off)) ? 'text-soft' : 'text-hip'"
              >sealed, {{ differenceWords(filled.off) }} on this day: ΔE
              {{ plainNumber(filled.off, 1) }}</span
            >
          </template>
        </template>
        <template #one="{ row: { use } }">
          <FigureButton
            v-if="use"
            :figure="use.perPiece"
            :label="`${use.label}, one piece`"
            :text="eachWords(use)"
          />
        </template>
        <template #batch="{ row: { use } }">
          <template v-if="use">
            <strong
              ><FigureButton :figure="use.total" :label="`${use.label}, batch`" :text="taken(use, use.total)"
            /></strong>
            <span v-if="ofPack(use)" class="block text-xs text-soft">{{ ofPack(use) }}</span>
          </template>
        </template>
        <template #tray="{ row: { use } }">
          <FigureButton
            v-if="use?.dispensed"
            :figure="use.dispensed"
            :label="`${use.label}, on the tray`"
            :text="taken(use, use.dispensed)"
          />
        </template>
        <template #stock="{ row: { filled, use } }">
          <span v-if="use" class="tag" :class="tagOf(use)" :title="lackTitle(use)">{{
            use.material ? words(use) || 'covered' : filled.slot.optional ? 'left out' : 'open'
          }}</span>
          <span v-else class="text-sm text-soft">{{
            filled.parts.length > 0 ? 'not needed on this day' : 'left out until there is one'
          }}</span>
        </template>
      </DataTable>
      <div v-if="comesBeside" class="border-line lg:border-l">
        <template v-for="pour in makeUp.pours" :key="pour.title">
          <h2 class="px-4 pt-3 pb-1">{{ pour.title }}</h2>
          <DataTable
            :label="pour.title"
            bare
            :rows="pour.lines"
            :columns="pourColumns"
            :key-of="({ label }) => label"
          >
            <template #amount="{ row }"><FigureButton :figure="row.figure" :label="row.label" /></template>
          </DataTable>
          <p v-if="kept.length > 0" class="px-4 py-1 text-sm text-moss">
            The tub of the batch before is poured in first.
          </p>
        </template>
        <template v-if="makeUp.cuts.length > 0">
          <h2 class="px-4 pt-3 pb-1">Cut</h2>
          <p v-for="cut in makeUp.cuts" :key="cut.what" class="px-4 text-sm">
            {{ cut.count }} × {{ cut.what }},
            {{ cut.widthMm === undefined ? '' : `${Math.round(cut.widthMm)} × `
            }}{{ Math.round(cut.lengthMm) }} mm
          </p>
        </template>
        <template v-if="makeUp.yields.length > 0">
          <h2 class="px-4 pt-3 pb-1">Comes out besides</h2>
          <DataTable
            label="What it gives"
            bare
            :rows="makeUp.yields"
            :columns="yieldColumns"
            :key-of="({ material }) => material.id"
          >
            <template #amount="{ row }"><FigureButton :figure="row.quantity" :label="row.label" /></template>
          </DataTable>
        </template>
      </div>
    </div>
  </section>
</template>

<style scoped>
.dot.none {
  border-color: transparent;
}
</style>
