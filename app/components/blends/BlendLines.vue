<script setup lang="ts">
import { blendOff, differenceWords, nearnessOf, type MixedBlend } from '~~/core/blends'
import type { Line } from '~~/core/commissions'
import { isKindOf } from '~~/core/stock'
import { plainNumber, type Breathing } from '~~/core/units'
import type { LineStock } from '../../stores/shelf'
import type { Column } from '../../parts/table/column'

/** Where a blend is used: slots of lines that take it, how far it is off there now, and who else could take it. */
const props = defineProps<{ mixed: MixedBlend }>()
const workshop = useWorkshop()
const changeLine = useDeed('changeLine')
const shelf = useShelf()
const notices = useNotices()

const NO_PLACES: readonly Place[] = []
interface Place {
  readonly key: string
  readonly line: Line
  readonly slot: string
  readonly label: string
  readonly materialId: string
  readonly jar: string
  readonly uses: boolean
  /** How far it is from the tone that the slot asks for on the day; absent where that asks for none. */
  readonly off?: number
}
const places = useSettled(() => placesIn(workshop.lines, shelf.stockOf, props.mixed.jars), NO_PLACES)
function* placesIn(
  lines: readonly Line[],
  stockOf: ReadonlyMap<string, LineStock>,
  jars: MixedBlend['jars'],
): Breathing<readonly Place[]> {
  const found: Place[] = []
  for (const line of lines) {
    for (const { slot, parts } of stockOf.get(line.id)?.makeUp?.slots ?? [])
      for (const { material } of jars) {
        if (!isKindOf(material, slot.wish)) continue
        const off = blendOff(slot, material)
        found.push({
          key: `${line.id}|${slot.id}|${material.id}`,
          line,
          slot: slot.id,
          label: slot.label,
          materialId: material.id,
          jar: jars.length > 1 ? material.name : '',
          uses: parts.some((part) => part.material.id === material.id),
          ...(off === undefined ? {} : { off }),
        })
      }
    yield
  }
  return found
}
const used = computed(() => places.value.filter(({ uses }) => uses))
/** Others, the nearest tone first. */
const others = computed(() =>
  places.value
    .filter(
      ({ uses, line }) =>
        !uses &&
        (props.mixed.blend.commissionId === undefined ||
          line.commissionId === props.mixed.blend.commissionId),
    )
    .sort((a, b) => (a.off ?? 50) - (b.off ?? 50)),
)
const offers = computed(() => [
  ...others.value.slice(0, MOST_OFFERED).map(({ key, line, label, jar }, i) => ({
    value: i === 0 ? '' : key,
    words: `${line.name}: ${label}${jar ? ` (${jar})` : ''}`,
  })),
  ...(others.value.length > MOST_OFFERED
    ? [
        {
          value: 'rest',
          words: `and ${others.value.length - MOST_OFFERED} whose tone is farther off`,
          disabled: true,
        },
      ]
    : []),
])
const chosen = ref('')
async function give(): Promise<void> {
  const place = others.value.find(({ key }) => key === chosen.value) ?? others.value[0]
  if (!place) return
  const answer = await changeLine(place.line.id, (stored: Line) => ({
    materials: { ...stored.materials, [place.slot]: place.materialId },
  }))
  chosen.value = ''
  if (answer.kind === 'ok') notices.done(`“${place.line.name}” takes it for ${place.label.toLowerCase()}.`)
}
async function takeBack(place: Place): Promise<void> {
  await changeLine(place.line.id, (stored: Line) => {
    const { [place.slot]: _was, ...rest } = stored.materials ?? {}
    return { materials: rest }
  })
}
const tag = (off: number): string =>
  ({ same: 'tag-moss', close: 'tag-moss', near: 'tag-larch', other: 'tag-hip', wrong: 'tag-hip' })[
    nearnessOf(off)
  ]
const columns: readonly Column<Place>[] = [
  { id: 'line', head: 'Line', text: ({ line }) => line.name, cell: '!pl-0' },
  { id: 'slot', head: 'For', text: ({ label, jar }) => (jar ? `${label}, ${jar}` : label) },
  { id: 'tone', head: 'Tone' },
  { id: 'act', head: 'Actions', number: true },
]
</script>

<template>
  <section class="border-t border-line px-5 py-3" aria-label="In the lines">
    <div class="flex flex-wrap items-center gap-3">
      <h2>In the lines</h2>
      <template v-if="others.length > 0">
        <SelectField
          v-model="chosen"
          cell
          class="w-80"
          label="Line and slot that is to take it"
          :options="offers"
        />
        <button type="button" class="button button-small" @click="give">Give it to that line</button>
      </template>
    </div>
    <DataTable
      v-if="used.length > 0"
      class="mt-1"
      bare
      label="Lines that take it"
      :rows="used"
      :columns="columns"
      :key-of="({ key }) => key"
    >
      <template #tone="{ row: place }">
        <span v-if="place.off !== undefined" class="tag" :class="tag(place.off)"
          >{{ differenceWords(place.off) }}, ΔE {{ plainNumber(place.off, 1) }} on the day depicted</span
        >
      </template>
      <template #act="{ row: place }">
        <button
          type="button"
          class="button button-quiet button-small"
          :aria-label="`Take it back from ${place.line.name}, ${place.label}`"
          @click="takeBack(place)"
        >
          take it back
        </button>
      </template>
    </DataTable>
    <p v-else class="text-sm text-soft">
      {{
        others.length > 0
          ? 'No line takes it yet. What a line takes is promised to it here and in Stock.'
          : 'No line of this commission has a slot for such a mix.'
      }}
    </p>
  </section>
</template>
