<script setup lang="ts">
import { jobWords, waySortWords, type Way, type WaySort } from '~~/core/makeup'
import { makeOrBuy } from '~~/core/buying'
import { missingWords } from '~~/core/tools'
import { lackWords } from '~~/core/stock'
import { counted, formatMinutes, noun } from '~~/core/units'
import { choicesOf } from '../../parts/fields/choice'
import type { Plant } from '../../stores/plant'

/** The ways to make a piece side by side: as it would look, what it takes, what is missing, and why. */
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

const WIDTH = 112
const HEIGHT = 122
const verdicts = {
  suits: { tone: 'moss', word: 'suits' },
  possible: { tone: 'larch', word: 'possible' },
  unsuited: { tone: 'plain', word: 'does not suit' },
} as const
const shown = computed(() => props.ways.filter(({ suit }) => suit.verdict !== 'unsuited'))
const others = computed(() => props.ways.filter(({ suit }) => suit.verdict === 'unsuited'))
/** One that was chosen though it does not suit is drawn with the others. */
const columns = computed(() => [
  ...shown.value,
  ...others.value.filter(
    ({ method }) =>
      method.id === props.plant.line.methodId || (shown.value.length === 0 && method.id === props.methodId),
  ),
])
const rest = computed(() => others.value.filter((way) => !columns.value.includes(way)))
const chosen = computed(() => props.ways.find(({ method }) => method.id === props.methodId))

/** The chosen way is in view, however many there are. */
const strip = useTemplateRef<HTMLElement>('strip')
watch(
  () => [props.plant.line.id, props.methodId, columns.value.length],
  () => {
    const box = strip.value
    const cell = box?.querySelector<HTMLElement>('td.on')
    if (!box || !cell) return
    const room = box.clientWidth - cell.offsetWidth
    if (cell.offsetLeft > box.scrollLeft + room || cell.offsetLeft < box.scrollLeft + 120)
      box.scrollLeft = Math.max(0, cell.offsetLeft - room)
  },
  { flush: 'post', immediate: true },
)

const handsWords = (min: number): string =>
  min < 1 ? `${Math.round(min * 60)} s` : min < 100 ? `${min.toFixed(1)} min` : formatMinutes(min)
function lackOf({ lacks, open }: Way): { word: string; title: string } {
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
function buyWords(way: Way): string {
  const bought = props.plant.line.boughtPriceMinor
  if (bought === undefined || way.costMinor === undefined) return '–'
  const answer = makeOrBuy(way.costMinor, bought, toolPrice(way))
  switch (answer.kind) {
    case 'makes at once':
      return `saves ${moneyEach(answer.savedMinor)} each`
    case 'pays from':
      return `pays from ${counted(answer.pieces, 'piece')}`
    case 'never pays':
      return `dearer by ${moneyEach(answer.dearerMinor)}`
  }
}
const togetherWords = ([least, most]: readonly [number, number]): string =>
  most === 1 ? 'one part at a time' : `${least}–${most} at once`
/** What a finished piece bears, in words that say what to do. */
const standing = {
  protected: 'leave it alone',
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
    <p v-if="shown.length === 0" class="px-4 pt-1 text-sm text-larch">
      None of these ways really suits this plant. The least unsuited is shown; say so to the client, or choose
      another size or zone.
    </p>
    <div class="flex flex-wrap items-center gap-x-4 gap-y-1 px-4 pt-1 text-sm">
      <SelectField v-model="by" beside label="Order of the ways" :options="choicesOf(waySortWords)" />
      <button type="button" class="toggle" :aria-pressed="!bare" @click="bare = false">dressed</button>
      <button type="button" class="toggle" :aria-pressed="bare" @click="bare = true">bare</button>
      <button
        v-if="plant.line.amount.kind === 'pieces' && plant.line.amount.pieces > 1"
        type="button"
        class="button button-quiet button-small ml-auto"
        @click="emit('split')"
      >
        Make some another way…
      </button>
    </div>
    <div ref="strip" class="strip" tabindex="0" role="group" aria-label="Ways to make it">
      <table class="ways">
        <tbody>
          <tr>
            <th scope="row"><span class="sr-only">As it would look</span></th>
            <td v-for="{ method } in columns" :key="method.id" :class="{ on: method.id === methodId }">
              <WayDrawing
                :plant="plant"
                :rendering="method.profile.rendering"
                :bare="bare"
                :width="WIDTH"
                :height="HEIGHT"
              />
            </td>
          </tr>
          <tr>
            <th scope="row"><span class="sr-only">Way</span></th>
            <td
              v-for="{ method, suit } in columns"
              :key="method.id"
              class="way"
              :class="{ on: method.id === methodId }"
            >
              <label class="flex cursor-pointer gap-1.5">
                <input
                  type="radio"
                  name="method"
                  class="mt-0.5 size-5 flex-none accent-moss"
                  :value="method.id"
                  :checked="method.id === plant.line.methodId"
                  @change="emit('choose', method.id)"
                />
                <span
                  ><span class="block font-semibold leading-tight">{{ method.name }}</span
                  ><span class="tag !leading-[19px]" :class="`tag-${verdicts[suit.verdict].tone}`">{{
                    verdicts[suit.verdict].word
                  }}</span></span
                >
              </label>
            </td>
          </tr>
          <tr>
            <th scope="row">Hands each</th>
            <td v-for="way in columns" :key="way.method.id" :class="{ on: way.method.id === methodId }">
              {{ handsWords(way.eachMin) }}
            </td>
          </tr>
          <tr>
            <th scope="row">Cost each</th>
            <td v-for="way in columns" :key="way.method.id" :class="{ on: way.method.id === methodId }">
              {{ way.costMinor === undefined ? '–' : moneyEach(way.costMinor) }}
            </td>
          </tr>
          <tr v-if="plant.line.boughtPriceMinor !== undefined">
            <th scope="row">Against bought</th>
            <td v-for="way in columns" :key="way.method.id" :class="{ on: way.method.id === methodId }">
              {{ buyWords(way) }}
            </td>
          </tr>
          <tr>
            <th scope="row">Start to end</th>
            <td v-for="way in columns" :key="way.method.id" :class="{ on: way.method.id === methodId }">
              {{ formatMinutes(way.elapsedMin) }}
            </td>
          </tr>
          <tr>
            <th scope="row">Once it stands</th>
            <td v-for="{ method } in columns" :key="method.id" :class="{ on: method.id === methodId }">
              {{ standing[method.profile.handling] }}
            </td>
          </tr>
          <tr>
            <th scope="row">Materials</th>
            <td v-for="way in columns" :key="way.method.id" :class="{ on: way.method.id === methodId }">
              <span
                :class="way.lacks.length + way.open.length > 0 ? 'text-hip' : 'text-moss'"
                :title="lackOf(way).title"
                >{{ lackOf(way).word }}</span
              >
            </td>
          </tr>
          <tr>
            <th scope="row">Tools</th>
            <td v-for="way in columns" :key="way.method.id" :class="{ on: way.method.id === methodId }">
              <span
                :class="way.toolsMissing.length > 0 ? 'text-hip' : tools.said ? 'text-moss' : 'text-soft'"
                :title="
                  way.toolsMissing
                    .map((tool) => `${missingWords(tool)}${tool.instead ? `; or ${tool.instead}` : ''}`)
                    .join('\n')
                "
                >{{
                  way.toolsMissing.length > 0
                    ? `${way.toolsMissing.map(missingWords).join(', ')}${toolPrice(way) > 0 ? ` (${moneyEach(toolPrice(way))})` : ''}`
                    : tools.said
                      ? 'all there'
                      : 'list your tools in Workshop'
                }}</span
              >
            </td>
          </tr>
        </tbody>
      </table>
    </div>
    <div v-if="chosen" class="reasons px-4 pt-1.5 pb-2 text-sm">
      <p>{{ chosen.method.makes }}</p>
      <p class="text-soft">
        Shows {{ chosen.method.profile.shows === 'puff' ? 'a puff' : 'branches' }} ·
        {{ chosen.method.profile.effort }} · {{ togetherWords(chosen.method.profile.together) }} ·
        {{ chosen.method.profile.sizeMm.join('–') }} mm · {{ chosen.method.profile.seasons }}
      </p>
      <ul>
        <li v-for="reason in chosen.suit.reasonsFor" :key="reason" class="for">{{ reason }}</li>
        <li v-for="reason in chosen.suit.reasonsAgainst" :key="reason" class="against">{{ reason }}</li>
      </ul>
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
.strip {
  overflow-x: auto;
}
.ways {
  font-size: 13px;
  font-variant-numeric: tabular-nums;
  border-collapse: collapse;
}
.ways th {
  position: sticky;
  left: 0;
  background: var(--color-paper);
  font-weight: 400;
  text-align: left;
  color: var(--color-soft);
  padding: 0 6px 0 16px;
  white-space: nowrap;
  z-index: 1;
}
.ways td {
  width: 126px;
  min-width: 126px;
  padding: 1px 7px;
  border-left: 1px solid var(--color-line);
  line-height: 18px;
}
.ways tr:nth-child(n + 3) {
  border-top: 1px solid var(--color-line);
}
.way {
  vertical-align: top;
}
.on {
  background: var(--color-bench);
}
.toggle {
  min-height: 32px;
  padding: 0 6px;
  border-bottom: 2px solid transparent;
  color: var(--color-soft);
}
.toggle[aria-pressed='true'] {
  border-bottom-color: var(--color-moss);
  color: var(--color-ink);
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
