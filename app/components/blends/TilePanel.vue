<script setup lang="ts">
import { sealedHex } from '~~/core/colour'
import {
  mixtureOf,
  MOST_PARTS,
  portionsOf,
  sameParts,
  trialTiles,
  type Blend,
  type Tile,
} from '~~/core/blends'
import type { Column } from '../../parts/table/column'

/** Test tiles of a blend: what was mixed and put on what, what it looked like, what was thought of it. */
const props = defineProps<{ blend: Blend; locked: boolean }>()
const emit = defineEmits<{ take: [tile: Tile] }>()
const workshop = useWorkshop()
const removeTile = useDeed('removeTile')
const saveTiles = useDeed('saveTiles')
const store = useBlends()
const editing = ref<Tile | 'new'>()
const measuring = ref<{ tile: Tile; which: 'dry' | 'sealed' }>()
const all = ref(false)

/** Those of this blend and of its recipe; or all that there are. */
const tiles = computed(() =>
  workshop.tiles
    .filter(
      (tile) =>
        all.value ||
        tile.blendId === props.blend.id ||
        (props.blend.parts.length > 0 && sameParts(tile.parts, props.blend.parts)),
    )
    .sort((a, b) => b.date.localeCompare(a.date) || a.name.localeCompare(b.name)),
)
const rows = computed(() =>
  tiles.value.map((tile) => {
    const { portions } = portionsOf(tile.parts, store.grains)
    const mixture = portions.length > 0 ? mixtureOf(portions) : undefined
    const sealing = store.sealings[tile.sealer]
    return {
      tile,
      mixture,
      portions,
      dry: tile.dry ?? mixture?.dryHex,
      sealed: tile.sealed ?? (mixture && sealedHex(mixture.dry, sealing)),
    }
  }),
)
const asking = ref(false)
async function trial(): Promise<void> {
  if (asking.value) return
  asking.value = true
  const day = today()
  await saveTiles(
    trialTiles(props.blend.parts, MOST_PARTS).map((parts, i) => ({
      name: `${props.blend.name.slice(0, 100)}, tile ${i + 1}`,
      blendId: props.blend.id,
      parts: parts.map((part) => ({ ...part })),
      date: day,
      ground: 'card in the ground colour',
      sealer: props.blend.sealer,
    })),
  )
  asking.value = false
}
const short = (name: string): string => name.replace(/^[^,]*, /, '').replace(/^Static fibre /, '')
const columns: readonly Column<(typeof rows.value)[number]>[] = [
  { id: 'tile', head: 'Tile', by: ({ tile }) => tile.name, cell: '!pl-0 leading-tight' },
  { id: 'recipe', head: 'Recipe', cell: 'text-sm leading-tight' },
  { id: 'colours', head: 'Dry, sealed', cell: 'whitespace-nowrap' },
  { id: 'verdict', head: 'Verdict', by: ({ tile }) => tile.verdict },
  { id: 'good', head: 'Good for', text: ({ tile }) => tile.goodFor ?? '', cell: 'text-sm' },
  { id: 'act', head: 'Actions', headless: true, number: true },
]
</script>

<template>
  <section class="border-t border-line px-5 py-3" aria-label="Test tiles">
    <div class="flex flex-wrap items-center gap-3">
      <h2>Test tiles</h2>
      <label class="flex items-center gap-1 text-sm"
        ><input v-model="all" type="checkbox" /> all of the workshop ({{ workshop.tiles.length }})</label
      >
      <span class="flex-1" />
      <button
        v-if="blend.parts.length > 0"
        type="button"
        class="button button-small"
        :disabled="asking"
        @click="trial"
      >
        Six tiles as a trial
      </button>
      <button
        type="button"
        class="button button-small"
        :disabled="blend.parts.length === 0"
        @click="editing = 'new'"
      >
        New tile
      </button>
    </div>
    <DataTable
      v-if="rows.length > 0"
      class="mt-1"
      label="Test tiles"
      :rows="rows"
      :columns="columns"
      :key-of="({ tile }) => tile.id"
    >
      <template #tile="{ row }">
        <span class="flex items-center gap-2">
          <img
            v-if="row.tile.photo"
            :src="row.tile.photo"
            :alt="`Photo of ${row.tile.name}`"
            class="w-11 h-8.5 object-cover"
          />
          <span
            >{{ row.tile.name
            }}<span class="block text-xs text-soft"
              >{{ formatDate(row.tile.date) }}{{ row.tile.ground ? `, on ${row.tile.ground}` : '' }}</span
            ></span
          >
        </span>
      </template>
      <template #recipe="{ row }">
        <template v-for="({ grain, parts }, i) in row.portions" :key="grain.material.id"
          ><template v-if="i > 0"> + </template>{{ parts }} {{ short(grain.material.name) }}</template
        >
      </template>
      <template #colours="{ row }">
        <span class="two inline-flex w-14 h-5.5 align-[-5px] border border-line" aria-hidden="true"
          ><i :style="{ background: row.dry }" /><i :style="{ background: row.sealed }"
        /></span>
        <span class="ml-1 text-xs text-soft">{{
          row.tile.measured ? `measured, ${row.tile.measured.light}` : row.tile.sealed ? 'by eye' : 'foretold'
        }}</span>
      </template>
      <template #verdict="{ row }">
        <span
          v-if="row.tile.verdict"
          class="tag"
          :class="row.tile.verdict === 'good' ? 'tag-moss' : 'tag-larch'"
          >{{ row.tile.verdict }}</span
        >
        <span v-else class="text-sm text-soft">not judged</span>
      </template>
      <template #act="{ row }">
        <button
          v-for="which in ['dry', 'sealed'] as const"
          :key="which"
          type="button"
          class="button button-quiet button-small"
          :aria-label="`Measure ${row.tile.name} ${which}`"
          @click="measuring = { tile: row.tile, which }"
        >
          measure {{ which }}
        </button>
        <button
          type="button"
          class="button button-quiet button-small"
          :aria-label="`Judge ${row.tile.name}`"
          @click="editing = row.tile"
        >
          judge
        </button>
        <button
          type="button"
          class="button button-quiet button-small"
          :aria-label="`Mix ${row.tile.name} again`"
          @click="emit('take', row.tile)"
        >
          again
        </button>
        <button
          type="button"
          class="button button-quiet button-small"
          :aria-label="`Remove ${row.tile.name}`"
          @click="removeTile(row.tile.id)"
        >
          ×
        </button>
      </template>
    </DataTable>
    <p v-else class="text-sm text-soft">
      Before a big mix: six small tiles, sealed, each with a verdict and the scene that it would suit. Keep
      them.
    </p>
    <TileDialog
      v-if="editing"
      :tile="editing === 'new' ? undefined : editing"
      :blend="blend"
      @close="editing = undefined"
    />
    <MeasureDialog
      v-if="measuring"
      :title="`${measuring.tile.name}, ${measuring.which}`"
      :tile="measuring"
      @close="measuring = undefined"
    />
  </section>
</template>

<style scoped>
.two i {
  flex: 1;
}
</style>
