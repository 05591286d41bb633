<script setup lang="ts">
import {
  clashesOf,
  MOST_COLOURS,
  nearestIn,
  referencePalettes,
  type Blend,
  type BlendUse,
  type PaletteColour,
  type PaletteFile,
  type PaletteRecord,
} from '~~/core/blends'
import { counted, plainNumber } from '~~/core/units'
import { namedChoices } from '../../parts/fields/choice'
import type { Column } from '../../parts/table/column'

/** The commission's palette, made first and kept; every blend of it against it. */
const props = defineProps<{ blends: readonly Blend[] }>()
const emit = defineEmits<{ propose: [colours: { name: string; colour: string; use: BlendUse }[]] }>()
const workshop = useWorkshop()
const removePalette = useDeed('removePalette')
const savePalette = useDeed('savePalette')
const commission = useCommission()
const store = useBlends()
const notices = useNotices()

const own = computed<PaletteRecord | undefined>(() =>
  workshop.palettes.find(({ commissionId }) => commissionId === commission.current?.id),
)
const others = computed(() => workshop.palettes.filter(({ id }) => id !== own.value?.id))
const looked = ref('own')
const palettes = computed(() => [
  {
    value: 'own',
    words: own.value ? `${own.value.name} (this commission’s)` : 'this commission has none yet',
  },
  ...namedChoices(others.value),
  ...referencePalettes.map(({ id, name }) => ({ value: id, words: `reference: ${name}` })),
])
const shown = computed<{ name: string; words: string; colours: readonly PaletteColour[] } | undefined>(() => {
  const reference = referencePalettes.find(({ id }) => id === looked.value)
  if (reference) return reference
  const other = others.value.find(({ id }) => id === looked.value) ?? own.value
  return other && { name: other.name, words: other.note ?? '', colours: other.colours }
})
const reference = computed(() => referencePalettes.find(({ id }) => id === looked.value))

/** Each blend against the palette: the colour it lies nearest to, and what makes trouble. */
const rows = computed(() =>
  props.blends.flatMap((blend) => {
    const mixed = store.mixed.get(blend.id)
    if (!mixed || !own.value) return []
    const beside = props.blends
      .filter(({ id }) => id !== blend.id)
      .flatMap(({ id, name }) => {
        const other = store.mixed.get(id)
        return other ? [{ name, colour: other.sealed }] : []
      })
    return [
      {
        blend,
        sealed: mixed.sealed,
        nearest: nearestIn(mixed.sealed, own.value.colours),
        clashes: clashesOf(mixed.sealed, beside, own.value.colours),
      },
    ]
  }),
)
type Row = (typeof rows.value)[number]
const columns: readonly Column<Row>[] = [
  { id: 'blend', head: 'Blend', by: ({ blend }) => blend.name },
  { id: 'nearest', head: 'In the palette nearest to', by: ({ nearest }) => nearest?.off, mostFirst: true },
  { id: 'beside', head: 'Beside the others', by: ({ clashes }) => clashes.length, mostFirst: true },
]
async function keep(name: string, colours: readonly PaletteColour[]): Promise<void> {
  const answer = await savePalette({
    ...(own.value ? { id: own.value.id } : {}),
    name: name.slice(0, 120),
    ...(commission.current ? { commissionId: commission.current.id } : {}),
    colours: colours.map((colour) => ({ ...colour })),
  })
  if (answer.kind === 'ok') {
    looked.value = 'own'
    notices.done(`“${answer.value.name}” is the palette of ${commission.current?.name ?? 'this workshop'}.`)
  }
}
const fromBlends = (): Promise<void> =>
  keep(
    `${commission.current?.name ?? 'Workshop'}, palette`,
    props.blends.flatMap(({ id, name }) => {
      const mixed = store.mixed.get(id)
      return mixed ? [{ name: name.slice(0, 80), colour: mixed.sealed }] : []
    }),
  )
const hasMixed = computed(() => props.blends.some(({ id }) => store.mixed.has(id)))
async function read(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  const palette = await readPaletteFile(file)
  if (palette.kind === 'none') notices.fault(`${file.name}: ${palette.because} Nothing was taken from it.`)
  else if (own.value) asked.value = { file: file.name, ...palette.value }
  else await keep(palette.value.name, palette.value.colours)
}
/** A palette that was read while there is one: what it is to be is asked first. */
const asked = shallowRef<PaletteFile & { readonly file: string }>()
const asking = computed({
  get: () => asked.value !== undefined,
  set: (open: boolean) => {
    if (!open) asked.value = undefined
  },
})
/** Both palettes' colours, each once. */
const together = computed(() => {
  const there = own.value?.colours ?? []
  const known = new Set(there.map(({ name, colour }) => `${colour} ${name}`))
  return [
    ...there,
    ...(asked.value?.colours ?? []).filter(({ name, colour }) => !known.has(`${colour} ${name}`)),
  ]
})
async function take(as: 'added' | 'instead' | 'new'): Promise<void> {
  const [palette, there, both] = [asked.value, own.value, together.value]
  asked.value = undefined
  if (!palette || !there) return
  if (as === 'added') await keep(there.name, both)
  else if (as === 'instead') await keep(palette.name, palette.colours)
  else {
    const answer = await savePalette({
      name: palette.name.slice(0, 120),
      colours: palette.colours.map((colour) => ({ ...colour })),
    })
    if (answer.kind === 'ok') {
      looked.value = answer.value.id
      notices.done(`“${answer.value.name}” is kept beside this commission’s palette.`)
    }
  }
}
function propose(): void {
  const palette = reference.value
  if (!palette) return
  emit(
    'propose',
    palette.colours.flatMap(({ name, colour }) => {
      const use = palette.set[name]
      return use ? [{ name: `${palette.name}: ${name.toLowerCase()}`, colour, use }] : []
    }),
  )
}
</script>

<template>
  <section class="border-t-2 border-ink px-5 py-3" aria-label="Palette">
    <div class="flex flex-wrap items-center gap-3">
      <h2>Palette</h2>
      <SelectField v-model="looked" cell class="w-64" label="Palette to look at" :options="palettes" />
      <button
        v-if="looked !== 'own' && shown"
        type="button"
        class="button button-small"
        @click="keep(shown.name, shown.colours)"
      >
        Make it this commission’s
      </button>
      <button v-if="reference" type="button" class="button button-small" @click="propose">
        Blend set from it
      </button>
      <button
        v-if="hasMixed && looked === 'own'"
        type="button"
        class="button button-small"
        @click="fromBlends"
      >
        {{ own ? 'Make it anew from the blends' : 'Make it from the blends' }}
      </button>
      <label class="button button-small"
        >Read .gpl or .csv…<input class="sr-only" type="file" accept=".gpl,.csv,text/csv" @change="read"
      /></label>
      <template v-if="shown">
        <button
          v-for="kind in ['gpl', 'csv'] as const"
          :key="kind"
          type="button"
          class="button button-quiet button-small"
          @click="savePaletteFile(shown, kind)"
        >
          Save .{{ kind }}
        </button>
      </template>
      <button
        v-if="own && looked === 'own'"
        type="button"
        class="button button-quiet button-small"
        @click="removePalette(own.id)"
      >
        Remove
      </button>
    </div>
    <BaseDialog v-model="asking" title="A palette is there already">
      <p v-if="asked && own">
        “{{ asked.file }}” has {{ counted(asked.colours.length, 'colour') }}; “{{ own.name }}” has
        {{ own.colours.length }}.
      </p>
      <div class="mt-4 grid gap-2">
        <button
          type="button"
          class="button button-act"
          :disabled="together.length > MOST_COLOURS"
          @click="take('added')"
        >
          Add to it: {{ counted(together.length, 'colour') }}
        </button>
        <button type="button" class="button" @click="take('new')">Keep it beside, as a new one</button>
        <button type="button" class="button" @click="take('instead')">Put it in its place</button>
        <button type="button" class="button button-quiet" @click="asked = undefined">Take nothing</button>
      </div>
      <p v-if="together.length > MOST_COLOURS" class="mt-2 text-sm text-soft">
        Together they have {{ together.length }} colours; the most is {{ MOST_COLOURS }}.
      </p>
    </BaseDialog>
    <ul
      v-if="shown"
      class="colours flex flex-wrap gap-y-1 gap-x-3.5 mt-2"
      :aria-label="`Colours of ${shown.name}`"
    >
      <li v-for="(one, i) in shown.colours" :key="i">
        <i :style="{ background: one.colour }" aria-hidden="true" />
        <span class="text-xs"
          >{{ one.name }}<span class="block text-soft">{{ one.colour }}</span></span
        >
      </li>
    </ul>
    <p v-if="shown?.words" class="mt-1 text-sm text-soft">{{ shown.words }}</p>
    <p v-if="!shown" class="mt-1 text-sm text-soft">
      A palette made first and kept beats judging each bag by eye: take one of the three references, the
      blends that are there, or a file.
    </p>
    <DataTable
      v-if="own && rows.length > 0"
      class="mt-2"
      label="Blends against the palette"
      :rows="rows"
      :columns="columns"
      :key-of="({ blend }) => blend.id"
    >
      <template #blend="{ row }"
        ><span
          class="inline-block w-6.5 h-4 mr-2 border border-line align-[-3px]"
          :style="{ background: row.sealed }"
          aria-hidden="true"
        />{{ row.blend.name }}</template
      >
      <template #nearest="{ row }">
        <template v-if="row.nearest">
          <span
            class="inline-block w-6.5 h-4 mr-2 border border-line align-[-3px]"
            :style="{ background: row.nearest.colour.colour }"
            aria-hidden="true"
          />{{ row.nearest.colour.name }}, ΔE {{ plainNumber(row.nearest.off, 1) }}
        </template>
      </template>
      <template #beside="{ row }">
        <span v-if="row.clashes.length === 0" class="text-sm text-soft">told apart, and not loud</span>
        <span v-for="clash in row.clashes" :key="clash.words" class="tag tag-larch mr-1">{{
          clash.words
        }}</span>
      </template>
    </DataTable>
  </section>
</template>

<style scoped>
.colours li {
  display: flex;
  align-items: center;
  gap: 6px;
}
.colours i {
  width: 34px;
  height: 34px;
  border: 1px solid var(--color-line);
}
</style>
