<script setup lang="ts">
import { jobWords, waySortWords, type Way, type WaySort } from '~~/core/makeup'
import { makeOrBuy } from '~~/core/buying'
import { missingWords } from '~~/core/tools'
import { lackWords } from '~~/core/stock'
import { counted, formatMinutes, noun } from '~~/core/units'
import { choicesOf } from '../../parts/fields/choice'
import type { Column } from '../../parts/table/column'
import type { Plant } from '../../stores/plant'

/** The ways to make a piece, one under the other: as it would look, what it takes, what is lacking; and why. */
const props = defineProps<{
  plant: Plant
  ways: readonly Way[]
  methodId?: string
}>()
const emit = defineEmits<{ choose: [id: string]; split: [] }>()
const by = defineModel<WaySort>('by', { required: true })
const bare = ref(false)
const tools = useTools()
const stock = useStock()
const { moneyEach } = useFormat()

/** A word in the row, and what it stands for where the hand rests on it. */
interface Said {
  readonly word: string
  readonly title: string
}
/** As a way would look, small: enough to tell a puff from branches. */
const LOOK = { width: 44, height: 44 }
const verdicts = {
  suits: { tone: 'moss', word: 'suits' },
  possible: { tone: 'larch', word: 'possible' },
  unsuited: { tone: 'plain', word: 'does not suit' },
} as const
const shown = computed(() => props.ways.filter(({ suit }) => suit.verdict !== 'unsuited'))
const others = computed(() => props.ways.filter(({ suit }) => suit.verdict === 'unsuited'))
/** The way that was chosen when the line came is the first where nothing else orders them; rows don't move under a hand. */
const first = ref<string>()
watch(
  () => props.plant.line.id,
  () => {
    first.value = props.methodId
  },
  { immediate: true },
)
/** One that was chosen though it does not suit stands with the others. */
const rows = computed(() => {
  const all = [
    ...shown.value,
    ...others.value.filter(
      ({ method }) =>
        method.id === props.plant.line.methodId || (shown.value.length === 0 && method.id === props.methodId),
    ),
  ]
  const isFirst = ({ method }: Way): boolean => by.value === 'suits' && method.id === first.value
  return [...all.filter(isFirst), ...all.filter((way) => !isFirst(way))]
})
const columns: readonly Column<Way>[] = [
  { id: 'look', head: 'As it would look', headless: true, cell: 'look' },
  { id: 'way', head: 'Way' },
  { id: 'hands', head: 'Hands each', number: true },
  { id: 'cost', head: 'Cost each', number: true },
  { id: 'elapsed', head: 'Start to end', number: true },
  { id: 'wants', head: 'Lacking' },
]
/** Shares of the most that any of them takes, for the bars. */
const most = computed(() => ({
  hands: Math.max(0, ...rows.value.map(({ eachMin }) => eachMin)),
  cost: Math.max(0, ...rows.value.map(({ costMinor = 0 }) => costMinor)),
  elapsed: Math.max(0, ...rows.value.map(({ elapsedMin }) => elapsedMin)),
}))
const opened = computed(() => new Set(props.methodId === undefined ? [] : [props.methodId]))
const rest = computed(() => others.value.filter((way) => !rows.value.includes(way)))
const handsWords = (min: number): string =>
  min < 1 ? `${Math.round(min * 60)} s` : min < 100 ? `${min.toFixed(1)} min` : formatMinutes(min)
function lackOf({ lacks, open }: Way): Said {
  if (open.length > 0)
    return {
      word: `open: ${open[0]?.toLowerCase() ?? ''}${open.length > 1 ? ` +${open.length - 1}` : ''}`,
      title: open.join(', '),
    }
  const words = lacks.map((lack) => {
    const material = stock.stateById.get(lack.materialId)?.material
    return `${material?.name ?? lack.materialId}: ${material ? lackWords(lack, material.unit) : ''}`
  })
  return words.length === 0
    ? { word: 'all there', title: '' }
    : { word: `${words.length} short`, title: words.join('\n') }
}
const toolPrice = (way: Way): number => way.toolsMissing.reduce((sum, { priceMinor }) => sum + priceMinor, 0)
/** Beside a bought one, where its price is known. */
function buyWords(way: Way): string {
  const bought = props.plant.line.boughtPriceMinor
  if (bought === undefined || way.costMinor === undefined) return ''
  const answer = makeOrBuy(way.costMinor, bought, toolPrice(way))
  switch (answer.kind) {
    case 'makes at once':
      return `saves ${moneyEach(answer.savedMinor)}`
    case 'pays from':
      return `pays from ${counted(answer.pieces, 'piece')}`
    case 'never pays':
      return `dearer by ${moneyEach(answer.dearerMinor)}`
  }
}
function toolWords(way: Way): Said {
  const { toolsMissing } = way
  const price = toolPrice(way)
  return {
    word: `${toolsMissing.map(missingWords).join(', ')}${price > 0 ? ` (${moneyEach(price)})` : ''}`,
    title: toolsMissing
      .map((tool) => `${missingWords(tool)}${tool.instead ? `; or ${tool.instead}` : ''}`)
      .join('\n'),
  }
}
/** What each of the rows lacks, worked out once a row. */
const lacking = computed(
  () => new Map(rows.value.map((way) => [way.method.id, { stuff: lackOf(way), tools: toolWords(way) }])),
)
const togetherWords = ([least, most]: readonly [number, number]): string =>
  most === 1 ? 'one part at a time' : `${least}–${most} at once`
/** What a finished piece bears, in words that say what to do. */
const standing = {
  protected: 'not to be touched',
  'reached over': 'a sleeve may pass',
  handled: 'can be handled',
} as const
</script>

<template>
  <p v-if="ways.length === 0" class="px-4 pt-2 text-larch" role="status">
    No way of making {{ jobWords[plant.job.kind] }} is known yet. The plant is drawn, sized and planned; it
    can’t be worked out.
  </p>
  <template v-else>
    <p v-if="shown.every(({ method }) => method.reuses)" class="px-4 pt-1 text-sm text-larch">
      None of these ways really suits this plant. The least unsuited is shown; say so to the client, or choose
      another size or zone.
    </p>
    <div class="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 pt-1 text-sm">
      <SelectField v-model="by" beside label="Order of the ways" :options="choicesOf(waySortWords)" />
      <DressedOrBare v-model="bare" />
      <button
        v-if="plant.line.amount.kind === 'pieces' && plant.line.amount.pieces > 1"
        type="button"
        class="button button-quiet button-small ml-auto"
        @click="emit('split')"
      >
        Make some another way…
      </button>
    </div>
    <p v-if="!tools.said" class="px-4 pt-1 text-sm text-soft">
      List your tools in Workshop, and what a way lacks of them is said too.
    </p>
    <div class="ways" role="group" aria-label="Ways to make it" tabindex="0">
      <DataTable
        label="Ways to make it"
        :rows="rows"
        :columns="columns"
        :key-of="({ method }) => method.id"
        :is-chosen="({ method }) => method.id === methodId"
        :open="opened"
        :row-px="50"
      >
        <template #look="{ row: { method } }">
          <WayDrawing
            :plant="plant"
            :rendering="method.profile.rendering"
            :bare="bare"
            :width="LOOK.width"
            :height="LOOK.height"
          />
        </template>
        <template #way="{ row: { method, suit } }">
          <label class="flex cursor-pointer items-start gap-2">
            <input
              type="radio"
              name="method"
              class="mt-0.5 size-5 flex-none accent-moss"
              :value="method.id"
              :checked="method.id === plant.line.methodId"
              @change="emit('choose', method.id)"
            />
            <span class="leading-tight"
              ><span class="block font-semibold">{{ method.name }}</span>
              <span class="tag !leading-[18px]" :class="`tag-${verdicts[suit.verdict].tone}`">{{
                verdicts[suit.verdict].word
              }}</span>
              <span class="note block text-[13px] leading-[16px] text-soft bears">{{
                standing[method.profile.handling]
              }}</span>
            </span>
          </label>
        </template>
        <template #hands="{ row }">
          {{ handsWords(row.eachMin) }}<ShareBar :of="row.eachMin" :most="most.hands" />
        </template>
        <template #cost="{ row }">
          {{ row.costMinor === undefined ? '–' : moneyEach(row.costMinor) }}
          <ShareBar :of="row.costMinor ?? 0" :most="most.cost" />
          <span v-if="buyWords(row)" class="note block text-[13px] leading-[16px] text-soft">{{
            buyWords(row)
          }}</span>
        </template>
        <template #elapsed="{ row }">
          {{ formatMinutes(row.elapsedMin) }}<ShareBar :of="row.elapsedMin" :most="most.elapsed" />
        </template>
        <template #wants="{ row }">
          <span
            class="block"
            :class="row.lacks.length + row.open.length > 0 ? 'text-hip' : 'text-moss'"
            :title="lacking.get(row.method.id)?.stuff.title"
            >{{ lacking.get(row.method.id)?.stuff.word }}</span
          >
          <span
            v-if="row.toolsMissing.length > 0"
            class="note block text-[13px] leading-[16px] text-hip"
            :title="lacking.get(row.method.id)?.tools.title"
            >{{ lacking.get(row.method.id)?.tools.word }}</span
          >
        </template>
        <template #opened="{ row: { method, suit } }">
          <div class="reasons text-sm">
            <p>{{ method.makes }}</p>
            <p class="text-soft">
              Shows {{ method.profile.shows === 'puff' ? 'a puff' : 'branches' }} ·
              {{ method.profile.effort }} · {{ togetherWords(method.profile.together) }} ·
              {{ method.profile.sizeMm.join('–') }} mm · {{ method.profile.seasons }}
            </p>
            <ul>
              <li v-for="reason in suit.reasonsFor" :key="reason" class="for">{{ reason }}</li>
              <li v-for="reason in suit.reasonsAgainst" :key="reason" class="against">{{ reason }}</li>
            </ul>
          </div>
        </template>
      </DataTable>
    </div>
    <details v-if="rest.length > 0" class="px-4 pb-2 text-sm">
      <summary class="cursor-pointer text-soft">
        {{ counted(rest.length, 'other way') }} {{ noun(rest.length, 'does', 'do') }} not suit
      </summary>
      <ul class="reasons">
        <li v-for="{ method, suit } in rest" :key="method.id" class="against">
          <button type="button" class="underline" @click="emit('choose', method.id)">
            {{ method.name }}</button>: {{ suit.reasonsAgainst.join('; ') }}
        </li>
      </ul>
    </details>
  </template>
</template>

<style scoped>
/* On a phone the table is wider than its window: it is moved by itself. */
.ways {
  overflow-x: auto;
}
.ways :deep(table) {
  min-width: 560px;
  font-size: 14px;
}
.ways :deep(td) {
  padding-top: 2px;
  padding-bottom: 2px;
  line-height: 18px;
}
.ways :deep(.row-opened > td) {
  padding: 6px 16px 8px 82px;
}
.ways :deep(td.look) {
  padding-left: 16px;
}
.note.bears {
  display: inline;
  margin-left: 6px;
}
.note.text-hip {
  color: var(--color-hip);
}
.reasons li {
  position: relative;
  padding-left: 14px;
}
.reasons li::before {
  position: absolute;
  left: 0;
  font-weight: 700;
}
.for::before {
  content: '+';
  color: var(--color-moss);
}
.against::before {
  content: '−';
  color: var(--color-hip);
}
</style>
