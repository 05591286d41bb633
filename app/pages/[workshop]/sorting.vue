<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import {
  gaugeSheet,
  heapLengths,
  lengthsOfTally,
  sharesByLine,
  sizeClasses,
  type Sorting,
} from '~~/core/armature'
import { individualSizes, pieceOf } from '~~/core/commissions'
import { plantMethodById, twigsWanted } from '~~/core/methods'
import { isSortable } from '~~/core/stock'
import { counted, noun, rangeWords, readBounded } from '~~/core/units'
import { z } from 'zod'
import type { Column } from '../../parts/table/column'

/** A box of sprigs, twigs or heads is sorted by a tally, and shared out to the trees that are wanted. */
const workshop = useWorkshop()
const sortBox = useDeed('sortBox')
const stock = useStock()
const shelf = useShelf()
const commission = useCommission()
const armature = useArmature()
const notices = useNotices()
const to = useStationPath()
useStation('Sorting')

const boxes = computed(() =>
  stock.states
    .filter(({ material }) => isSortable(material))
    .flatMap((state) => state.lots.filter(({ onHand }) => onHand > 0).map((lot) => ({ state, lot }))),
)
const chosen = ref('')
const chosenBox = computed({
  get: () => box.value?.lot.lot.id ?? '',
  set: (id) => (chosen.value = id),
})
const box = computed(() => boxes.value.find(({ lot }) => lot.lot.id === chosen.value) ?? boxes.value[0])

const { own, tap, undo, clear, counts, curved } = useTally(() => box.value?.lot.lot.id)
useEventListener('keydown', (event: KeyboardEvent) => {
  if (event.key !== 'z' || !isFree(event)) return
  event.preventDefault()
  undo()
})
const kind = computed(() => {
  const of = box.value?.state.material.of
  return of?.stuff === 'twig' ? of.twig : 'sprig'
})
/** Lines that are built on such twigs, with what is left to make of each; the nearest deadline first. */
const lines = computed(() =>
  workshop.lines
    .flatMap((line) => {
      const up = shelf.stockOf.get(line.id)?.makeUp
      const job = workshop.commissions.find(({ id }) => id === line.commissionId)
      const species = workshop.speciesOf(line.speciesId)
      if (!up || !job || !species || !plantMethodById(line.methodId ?? '')) return []
      const left = Math.ceil(commission.progressOfLine(line).left)
      if (left < 1) return []
      const { size } = pieceOf(line, job, species, job.dateDepicted)
      const wanted = twigsWanted(up, individualSizes(size, left, line.id))
      return wanted?.kind === kind.value ? [{ line, job, wanted: wanted.wanted }] : []
    })
    .sort((a, b) => (a.job.deadline ?? '9999').localeCompare(b.job.deadline ?? '9999')),
)

/** What stands sorted already of this kind, with what is being tallied: one heap serves all lines. */
const sortedLengths = computed(() =>
  stock.states.flatMap(({ material: { of }, onHand }) => {
    if (of.stuff !== 'twig' || of.twig !== kind.value || !of.sorted) return []
    const { fromMm = 0, toMm = 0 } = of
    return heapLengths({ fromMm, toMm }, Math.max(0, Math.floor(onHand)))
  }),
)
const answer = shallowRef<{ one: Sorting; two: Sorting; lengths: readonly number[] }>()
watch(
  [counts, lines, sortedLengths],
  async () => {
    const lengths = [...sortedLengths.value, ...lengthsOfTally(counts.value)]
    const wanted = lines.value.flatMap((row) => row.wanted)
    const twice = [...lengths, ...lengthsOfTally(counts.value)]
    const asked = counts.value
    const [one, two] = await Promise.all([
      armature.shareOut(lengths, wanted),
      armature.shareOut(twice, wanted),
    ])
    if (asked === counts.value) answer.value = { one, two, lengths }
  },
  { immediate: true },
)
const NOBODY: Pick<Sorting, 'served'> = { served: [] }
/** What each line has of the sharing, and would have of twice the box. */
const rows = computed(() => {
  const trees = lines.value.map(({ wanted }) => wanted.length)
  const { one, two, lengths = [] } = answer.value ?? {}
  const shares = sharesByLine(one ?? NOBODY, trees, lengths)
  const twice = sharesByLine(two ?? NOBODY, trees, lengths)
  return lines.value.map(({ line, job, wanted }, i) => {
    const heights = wanted.map(({ heightMm }) => heightMm)
    const { served: servedNow = 0, taken = [] } = shares[i] ?? {}
    return {
      taken: taken.map(({ count, fromMm, toMm }) => `${count} of ${fromMm}–${toMm}`).join(', '),
      line,
      job,
      wanted: wanted.length,
      sprigs: wanted[0]?.sprigs ?? 1,
      heights: `${rangeWords(Math.round(Math.min(...heights)), Math.round(Math.max(...heights)))} mm`,
      one: servedNow,
      two: twice[i]?.served ?? 0,
    }
  })
})
type Row = (typeof rows.value)[number]
const columns: readonly Column<Row>[] = [
  { id: 'line', head: 'Line', cell: '!pl-4', by: ({ line }) => line.name },
  { id: 'heights', head: 'Heights', cell: 'text-sm' },
  { id: 'wanted', head: 'To make', number: true, by: ({ wanted }) => wanted, mostFirst: true },
  { id: 'one', head: 'From this', number: true, by: ({ one }) => one, mostFirst: true },
  {
    id: 'two',
    head: 'A second box',
    number: true,
    by: ({ one, two }) => two - one,
    mostFirst: true,
    text: ({ one, two }) => (two > one ? `+ ${two - one}` : '–'),
  },
]
const served = computed(() => rows.value.reduce((sum, { one }) => sum + one, 0))
const left = computed(() => answer.value?.one.left.length ?? 0)

const finishing = ref(false)
const leftIn = ref('0')
const fault = ref('')
async function finish(): Promise<void> {
  if (!box.value) return
  const read = readBounded({ name: 'Left in the box', schema: z.number().min(0).max(1e6) }, leftIn.value)
  if (read.kind === 'none') {
    fault.value = read.because
    return
  }
  const { state, lot } = box.value
  const done = await sortBox(
    lot.lot.id,
    {
      heaps: sizeClasses.map((own, i) => ({ ...own, count: counts.value[i] ?? 0 })),
      curved: curved.value,
      leftIn: read.value,
    },
    state,
  )
  if (done.kind === 'none') {
    fault.value = done.because
    return
  }
  clear(lot.lot.id)
  finishing.value = false
  fault.value = ''
  notices.done(
    `“${lot.lot.label}” is sorted into ${counted(done.value.lots.length, 'heap')}, each a lot of its own in Stock.`,
  )
}
const gauge = computed(() => gaugeSheet('Sorting gauge'))
</script>

<template>
  <div>
    <div class="flex flex-wrap items-center gap-x-4 gap-y-2 px-5 pt-3 pb-2">
      <h1>Sorting</h1>
      <SelectField
        v-if="box"
        v-model="chosenBox"
        beside
        label="Box"
        :options="
          boxes.map(({ state, lot }) => ({
            value: lot.lot.id,
            words: `${lot.lot.label} (${state.material.name}, ${lot.onHand} in the books)`,
          }))
        "
      />
      <span class="ml-auto"
        ><TemplateButtons :templates="() => [gauge]" title="Sorting gauge" what="gauge"
      /></span>
    </div>
    <div v-if="!box" class="m-6 max-w-lg">
      <p class="mb-4">
        There is no box to sort: no sprigs, twigs, roots, flower heads or stems stand unsorted in Stock.
      </p>
      <NuxtLink class="button button-act" :to="to('stock')">Go to Stock</NuxtLink>
    </div>
    <div v-else class="grid border-t-2 border-ink lg:grid-cols-[minmax(0,520px)_minmax(0,1fr)]">
      <section aria-label="Tally" class="p-4">
        <p class="mb-2 flex justify-between text-sm text-soft">
          <span>Foot on the gauge’s line, tap the class at the tip.</span>
          <span aria-live="polite">{{ counted(own.length, 'piece') }} sorted</span>
        </p>
        <div class="mb-2 grid grid-cols-[1fr_1.5fr_1fr] gap-2">
          <button
            type="button"
            class="heap other"
            :aria-label="`Curved, ${curved} so far`"
            @click="tap(CURVED)"
          >
            <span>Curved</span><strong>{{ curved }}</strong>
          </button>
          <button type="button" class="heap other" :disabled="own.length === 0" @click="undo">
            <span>Undo <kbd>z</kbd></span
            ><span class="text-sm text-soft">{{
              own.length === 0
                ? ''
                : own.at(-1) === CURVED
                  ? 'curved'
                  : `${sizeClasses[Number(own.at(-1))]?.fromMm}–${sizeClasses[Number(own.at(-1))]?.toMm} mm`
            }}</span>
          </button>
          <button
            type="button"
            class="heap other finish"
            :disabled="own.length === 0"
            @click="finishing = true"
          >
            Finish sorting…
          </button>
        </div>
        <div class="grid gap-0.75">
          <button
            v-for="i in sizeClasses.map((_, at) => sizeClasses.length - 1 - at)"
            :key="i"
            type="button"
            class="heap"
            :aria-label="`${sizeClasses[i]?.fromMm} to ${sizeClasses[i]?.toMm} mm, ${counts[i]} so far`"
            @click="tap(i)"
          >
            <span
              class="absolute left-0 bottom-0 h-1 bg-moss opacity-50"
              :style="{ width: `${((sizeClasses[i]?.toMm ?? 0) / 260) * 100}%` }"
            />
            <span class="relative">{{ sizeClasses[i]?.fromMm }}–{{ sizeClasses[i]?.toMm }} mm</span>
            <strong>{{ counts[i] }}</strong>
          </button>
        </div>
      </section>
      <section aria-label="What it makes" class="border-line py-3 lg:border-l">
        <h2 class="px-4 pb-1">What it makes</h2>
        <p v-if="lines.length === 0" class="px-4 text-soft">
          No line is built on {{ kind.replaceAll('-', ' ') }}s. Choose such a way in Make-up, and the box is
          shared out to its trees.
        </p>
        <template v-else>
          <DataTable
            label="Lines that this serves"
            :rows="rows"
            :columns="columns"
            :key-of="({ line }) => line.id"
          >
            <template #line="{ row }">
              <span class="font-semibold">{{ row.line.name }}</span><span class="block text-xs text-soft"
                >{{ row.job.name }}{{ row.sprigs > 1 ? ` · ${row.sprigs} bound together` : '' }}</span
              >
            </template>
            <template #heights="{ row }"
              >{{ row.heights
              }}<span v-if="row.taken" class="block text-xs text-soft">{{ row.taken }}</span></template
            >
            <template #one="{ row }"
              ><strong :class="row.one < row.wanted ? 'text-larch' : 'text-moss'">{{
                row.one
              }}</strong></template
            >
          </DataTable>
          <p class="px-4 pt-2 text-sm" role="status">
            {{ counted(served, 'tree') }} from what is sorted; {{ counted(left, 'piece') }}
            {{ noun(left, 'is', 'are') }} left for tips, bushes and undergrowth{{
              curved > 0 ? `, and ${curved} curved` : ''
            }}. Too tall is cut at the foot; of a wide crown two or three are bound together.
          </p>
        </template>
      </section>
    </div>
    <BaseDialog v-if="finishing && box" v-model="finishing" title="Finish sorting">
      <p class="mb-3">
        {{ counted(own.length, 'piece') }} from “{{ box.lot.lot.label }}”: each heap becomes a lot of its own
        in Stock, with its share of what the box cost. The books had {{ box.lot.onHand }} in it.
      </p>
      <TextField v-model="leftIn" label="Left in the box, unsorted" :fault="fault" />
      <div class="mt-4 flex justify-end gap-2">
        <button type="button" class="button" @click="finishing = false">Go on sorting</button>
        <button type="button" class="button button-act" @click="finish">Make the heaps</button>
      </div>
    </BaseDialog>
  </div>
</template>

<style scoped>
.heap {
  position: relative;
  display: flex;
  align-items: center;
  justify-content: space-between;
  min-height: 42px;
  padding: 0 14px;
  border: 1px solid var(--color-line);
  border-radius: 4px;
  background: var(--color-white);
  font-size: 17px;
  font-variant-numeric: tabular-nums;
  overflow: hidden;
  touch-action: manipulation;
}
.heap:active {
  background: var(--color-bench);
}
.heap:disabled {
  color: var(--color-soft);
}
.finish:not(:disabled) {
  background: var(--color-moss);
  border-color: var(--color-moss);
  color: var(--color-white);
  font-weight: 600;
}
.other {
  min-height: 52px;
}
kbd {
  border: 1px solid var(--color-line);
  border-radius: 3px;
  padding: 0 5px;
  font-size: 13px;
}
</style>
