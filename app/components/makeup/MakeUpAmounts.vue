<script setup lang="ts">
import {
  allocate,
  colourOf,
  holdersWords,
  lackWords,
  measuredWords,
  packShareWords,
  toneOf,
  wholeEachWords,
  type Lack,
} from '~~/core/stock'
import { formatQuantity, plainNumber, type StockUnit } from '~~/core/units'
import { blendOff, differenceWords, nearnessOf } from '~~/core/blends'
import { candidatesFor, needsOf, partNoun, type Filled, type MakeUp, type Use } from '~~/core/makeup'
import type { Figure } from '~~/core/quantities'
import type { Line } from '~~/core/commissions'

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
const rows = computed(() =>
  props.makeUp.slots.map((filled) => ({
    ...filled,
    uses: props.makeUp.uses.filter(({ slot }) => slot === filled.slot.id),
    choices: candidatesFor(filled.slot, stock.states, slotTone, new Set()),
    off: blendOff(filled.slot, filled.parts[0]?.material),
  })),
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
    <div class="grid lg:grid-cols-[minmax(0,1fr)_280px]">
      <table class="ruled w-full">
        <thead>
          <tr>
            <th class="!pl-4">Takes</th>
            <th>Material</th>
            <th class="number">One {{ part }}</th>
            <th class="number">Batch of {{ makeUp.started.value }}</th>
            <th class="number">On the tray</th>
            <th class="number">On hand</th>
            <th>Stock</th>
          </tr>
        </thead>
        <tbody v-for="{ slot, parts, chosen, because, uses, choices, off } in rows" :key="slot.id">
          <tr>
            <td class="min-w-28 !pl-4 font-semibold">{{ slot.label }}</td>
            <td>
              <span class="flex items-center gap-2">
                <i
                  class="dot"
                  :class="{ none: !parts[0] || !colourOf(parts[0].material.of) }"
                  :style="{ background: parts[0] && colourOf(parts[0].material.of) }"
                  aria-hidden="true"
                />
                <SelectField
                  cell
                  class="max-w-64 min-w-40"
                  :label="`Material for ${slot.label}`"
                  :model-value="chosen ? (parts[0]?.material.id ?? '') : ''"
                  :options="[
                    { value: '', words: proposedWords(parts, chosen) },
                    ...choices.map(({ id, name }) => ({
                      value: id,
                      words: held(id) ? name : `${name}, none in stock`,
                    })),
                  ]"
                  @update:model-value="(id) => emit('choose', slot.id, id)"
                />
              </span>
              <span v-if="realWords(slot, parts)" class="block text-xs text-soft">{{
                realWords(slot, parts)
              }}</span>
              <span v-if="because" class="block max-w-80 text-xs text-soft">{{ because }}</span>
              <span
                v-if="off !== undefined"
                class="block max-w-80 text-xs"
                :class="['same', 'close'].includes(nearnessOf(off)) ? 'text-soft' : 'text-hip'"
                >sealed, {{ differenceWords(off) }} on this day: ΔE {{ plainNumber(off, 1) }}</span
              >
            </td>
            <template v-if="uses[0]">
              <td class="number">
                <FigureButton
                  :figure="uses[0].perPiece"
                  :label="`${uses[0].label}, one piece`"
                  :text="eachWords(uses[0])"
                />
              </td>
              <td class="number font-semibold">
                <FigureButton
                  :figure="uses[0].total"
                  :label="`${uses[0].label}, batch`"
                  :text="taken(uses[0], uses[0].total)"
                /><span v-if="ofPack(uses[0])" class="block text-xs font-normal text-soft">{{
                  ofPack(uses[0])
                }}</span>
              </td>
              <td class="number">
                <FigureButton
                  v-if="uses[0].dispensed"
                  :figure="uses[0].dispensed"
                  :label="`${uses[0].label}, on the tray`"
                  :text="taken(uses[0], uses[0].dispensed)"
                />
              </td>
              <td class="number">
                {{
                  uses[0].material
                    ? formatQuantity(
                        stock.stateById.get(uses[0].material.id)?.onHand ?? 0,
                        uses[0].material.unit,
                      )
                    : ''
                }}
              </td>
              <td>
                <span
                  class="tag"
                  :class="!uses[0].material ? 'tag-larch' : words(uses[0]) ? 'tag-hip' : 'tag-moss'"
                  :title="lackTitle(uses[0])"
                  >{{
                    uses[0].material ? words(uses[0]) || 'covered' : slot.optional ? 'left out' : 'open'
                  }}</span
                >
              </td>
            </template>
            <td v-else colspan="5" class="text-sm text-soft">
              {{ parts.length > 0 ? 'not needed on this day' : 'left out until there is one' }}
            </td>
          </tr>
          <tr v-for="use in uses.slice(1)" :key="use.label" class="more">
            <td class="!pl-4"></td>
            <td class="text-sm text-soft">{{ use.label }}</td>
            <td class="number">
              <FigureButton
                :figure="use.perPiece"
                :label="`${use.label}, one piece`"
                :text="eachWords(use)"
              />
            </td>
            <td class="number font-semibold">
              <FigureButton
                :figure="use.total"
                :label="`${use.label}, batch`"
                :text="taken(use, use.total)"
              /><span v-if="ofPack(use)" class="block text-xs font-normal text-soft">{{ ofPack(use) }}</span>
            </td>
            <td class="number">
              <FigureButton
                v-if="use.dispensed"
                :figure="use.dispensed"
                :label="`${use.label}, on the tray`"
                :text="taken(use, use.dispensed)"
              />
            </td>
            <td class="number">
              {{
                use.material
                  ? formatQuantity(stock.stateById.get(use.material.id)?.onHand ?? 0, use.material.unit)
                  : ''
              }}
            </td>
            <td>
              <span class="tag" :class="words(use) ? 'tag-hip' : 'tag-moss'" :title="lackTitle(use)">{{
                words(use) || 'covered'
              }}</span>
            </td>
          </tr>
        </tbody>
      </table>
      <div class="border-line lg:border-l">
        <template v-for="pour in makeUp.pours" :key="pour.title">
          <h2 class="px-4 pt-3 pb-1">{{ pour.title }}</h2>
          <table class="ruled w-full">
            <tbody>
              <tr v-for="row in pour.lines" :key="row.label">
                <td class="!pl-4">{{ row.label }}</td>
                <td class="number !pr-4 text-lg"><FigureButton :figure="row.figure" :label="row.label" /></td>
              </tr>
            </tbody>
          </table>
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
          <table class="ruled w-full">
            <tbody>
              <tr v-for="one in makeUp.yields" :key="one.material.id">
                <td class="!pl-4">{{ one.label }}</td>
                <td class="number !pr-4"><FigureButton :figure="one.quantity" :label="one.label" /></td>
              </tr>
            </tbody>
          </table>
        </template>
        <p v-if="makeUp.pours.length + makeUp.yields.length === 0" class="px-4 py-3 text-sm text-soft">
          Nothing to mix for this way.
        </p>
      </div>
    </div>
  </section>
</template>

<style scoped>
.dot {
  flex: none;
  width: 18px;
  height: 18px;
  border: 1px solid var(--color-line);
}
.dot.none {
  border-color: transparent;
}
</style>
