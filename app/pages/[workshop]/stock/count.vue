<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { unitsPerGram, type Found, type LotState, type Material } from '~~/core/stock'
import { counted, formatQuantity, noun, parseQuantity, readNumber, unitName } from '~~/core/units'
import { z } from 'zod'
import { nowIso } from '../../../db/ids'

/** The whole shelf, jar by jar: big, for one hand; weighed or counted; the differences at the end, written at once. */
const workshop = useWorkshop()
const countLots = useDeed('countLots')
const stock = useStock()
const notices = useNotices()
useStation('Stock-take')

interface Jar {
  readonly material: Material
  readonly lot: LotState
}
/** Jars with something in them, as they stand: by shelf and box, then by name. */
const { placeOf } = useLotMarks()
const jars = computed<Jar[]>(() =>
  stock.states
    .flatMap(({ material, lots }) =>
      lots.filter(({ onHand }) => onHand !== 0).map((lot) => ({ material, lot })),
    )
    .sort(
      (a, b) =>
        // What stands nowhere in particular is looked for last.
        Number(placeOf(a.lot.lot.id) === '') - Number(placeOf(b.lot.lot.id) === '') ||
        placeOf(a.lot.lot.id).localeCompare(placeOf(b.lot.lot.id), 'en', { numeric: true }) ||
        a.material.name.localeCompare(b.material.name) ||
        a.lot.lot.date.localeCompare(b.lot.lot.date),
    ),
)

const foundSchema = z.array(
  z.strictObject({ lotId: z.string(), counted: z.number(), books: z.number(), at: z.string().optional() }),
)
/** What was found so far, in turn. It outlives a closed lid. */
const found = useKept<Found[]>(`hardy-thicket:stock-take:${workshop.key}`, [], {
  serializer: {
    read: (text) => {
      try {
        const known = foundSchema.safeParse(JSON.parse(text))
        return known.success ? known.data : []
      } catch {
        return []
      }
    },
    write: (value) => JSON.stringify(value),
  },
})
const isDone = computed(() => new Set(found.value.map(({ lotId }) => lotId)))
const skipped = ref<string[]>([])
const chosen = ref('')
const left = computed(() => jars.value.filter(({ lot }) => !isDone.value.has(lot.lot.id)))
/** The jar in hand: one that was looked for, else the next; what was passed over comes at the end. */
const jar = computed<Jar | undefined>(
  () =>
    left.value.find(({ lot }) => lot.lot.id === chosen.value) ??
    left.value.find(({ lot }) => !skipped.value.includes(lot.lot.id)) ??
    left.value[0],
)
const reviewing = ref(false)

const typed = ref('')
const onScale = ref(false)
const tare = ref('')
const amount = useTemplateRef<HTMLInputElement>('amount')
watch(
  () => jar.value?.lot.lot.id,
  () => {
    typed.value = ''
    // With a keyboard one types and presses Enter, jar after jar; a finger is not thrown out by an opening keyboard.
    if (matchMedia('(pointer: fine)').matches) void nextTick(() => amount.value?.focus())
    if (!scaleRead.value) onScale.value = false
  },
  { flush: 'post' },
)
const unit = computed(() => jar.value?.material.unit ?? 'g')
/** Units to a gram, where what is in the jar can be weighed. */
const perGram = computed(() => {
  const per = jar.value && unit.value !== 'g' ? unitsPerGram(jar.value.material) : undefined
  return per?.kind === 'ok' ? per.value : undefined
})
const scaleRead = computed(() => unit.value === 'g' || perGram.value !== undefined)
const isWeighed = computed(() => unit.value === 'g' || onScale.value)
const reading = computed(() => {
  if (typed.value === '' || !jar.value) return undefined
  const read = parseQuantity(typed.value, isWeighed.value ? 'g' : unit.value, { zero: true })
  if (read.kind === 'none' || !isWeighed.value) return read
  const jarG = tare.value.trim() === '' ? 0 : (readNumber(tare.value) ?? NaN)
  const net = read.value - jarG
  if (Number.isNaN(jarG) || net < 0)
    return {
      kind: 'none' as const,
      because: `The empty jar: read “${tare.value}”; allowed is a number of grams, not more than was weighed.`,
    }
  const inUnits = unit.value === 'g' ? net : net * (perGram.value ?? 1)
  // Pieces are whole: a scale says about how many.
  return { kind: 'ok' as const, value: unit.value === 'piece' ? Math.round(inUnits) : inUnits }
})

function keep(quantity: number): void {
  if (!jar.value) return
  const { lot } = jar.value
  found.value = [...found.value, { lotId: lot.lot.id, counted: quantity, books: lot.onHand, at: nowIso() }]
  chosen.value = ''
}
function enter(): void {
  if (reading.value?.kind === 'ok') keep(reading.value.value)
}
function skip(): void {
  if (!jar.value) return
  skipped.value = [...skipped.value.filter((id) => id !== jar.value?.lot.lot.id), jar.value.lot.lot.id]
  chosen.value = ''
}
function undo(): void {
  const last = found.value.at(-1)
  if (!last) return
  found.value = found.value.slice(0, -1)
  chosen.value = last.lotId
  reviewing.value = false
}
useEventListener('keydown', (event: KeyboardEvent) => {
  if (!isFree(event) || event.key !== 'z') return
  event.preventDefault()
  undo()
})

async function write(): Promise<void> {
  const answer = await countLots(found.value)
  if (answer.kind === 'none') return
  notices.done(`${counted(found.value.length, 'jar')} counted, ${answer.value} put right.`)
  found.value = []
  skipped.value = []
  reviewing.value = false
}
const scanning = ref(false)
function jumpTo(lotId: string): void {
  scanning.value = false
  reviewing.value = false
  found.value = found.value.filter((one) => one.lotId !== lotId)
  chosen.value = lotId
}
function foundJar({ materialId, lotId }: { materialId: string; lotId?: string }): void {
  const wanted = lotId ?? left.value.find(({ material }) => material.id === materialId)?.lot.lot.id
  if (wanted === undefined) notices.fault('Every jar of this material is counted already.')
  else jumpTo(wanted)
}
const share = computed(() => {
  const all = left.value.length + found.value.length
  return all === 0 ? 0 : (100 * found.value.length) / all
})
</script>

<template>
  <div>
    <StockNav title="Stock-take">
      <p class="text-soft">
        {{ found.length }} of {{ found.length + left.length }} {{ noun(found.length + left.length, 'jar') }}
      </p>
      <button type="button" class="button" :disabled="found.length === 0" @click="undo">Undo</button>
      <button type="button" class="button" @click="scanning = true">Find a jar</button>
      <button
        v-if="!reviewing"
        type="button"
        class="button"
        :class="{ 'button-act': left.length === 0 }"
        :disabled="found.length === 0"
        @click="reviewing = true"
      >
        See the differences
      </button>
      <button v-else type="button" class="button" @click="reviewing = false">Go on counting</button>
    </StockNav>
    <div class="done h-1 bg-line" aria-hidden="true"><div :style="{ width: `${share}%` }" /></div>

    <TakeDifferences
      v-if="reviewing || (!jar && found.length > 0)"
      :found="found"
      @again="jumpTo"
      @write="write"
    />

    <p v-else-if="!workshop.ledgerRead" class="px-5 py-4 text-soft" role="status">Reading the shelf…</p>
    <p v-else-if="!jar" class="px-5 py-4 text-soft">There is nothing on the shelf to count.</p>

    <form
      v-else
      id="take"
      class="count grid grid-cols-[minmax(0,1fr)_300px] gap-6 py-4 px-5 max-w-[980px]"
      @submit.prevent="enter"
    >
      <div class="min-w-0">
        <p class="text-soft">{{ placeOf(jar.lot.lot.id) || 'no shelf noted' }}</p>
        <h2 class="name flex items-center gap-3 text-[30px] leading-[1.2]">
          <i
            v-if="'colour' in jar.material.of && jar.material.of.colour"
            class="flex-none w-8.5 h-8.5 border border-line"
            :style="{ background: jar.material.of.colour }"
            aria-hidden="true"
          />{{ jar.material.name }}
        </h2>
        <p class="text-lg">
          {{ jar.lot.lot.label }}, {{ jar.lot.lot.source }} {{ formatDate(jar.lot.lot.date) }}
        </p>
        <p class="mt-1 text-lg text-soft">The books say {{ formatQuantity(jar.lot.onHand, unit) }}.</p>
        <label class="mt-4 block text-lg" for="take-amount">{{
          isWeighed ? 'On the scale, g' : `Found, ${unitName(unit)}`
        }}</label>
        <input
          id="take-amount"
          ref="amount"
          v-model="typed"
          class="w-full max-w-85 min-h-18 py-0 px-4 border-2 border-ink rounded-md bg-white text-[38px] tabular-nums"
          inputmode="decimal"
          autocomplete="off"
        />
        <p
          class="min-h-7 text-lg"
          :class="reading?.kind === 'none' ? 'text-hip' : 'text-soft'"
          aria-live="polite"
        >
          <template v-if="reading?.kind === 'none'">{{ reading.because }}</template>
          <template v-else-if="reading && isWeighed && unit !== 'g'"
            >about {{ formatQuantity(reading.value, unit) }}</template
          >
          <template v-else-if="reading && isWeighed && tare"
            >{{ formatQuantity(reading.value, unit) }} in it</template
          >
        </p>
        <div class="flex flex-wrap items-end gap-3">
          <button
            v-if="perGram !== undefined"
            type="button"
            class="button min-h-14 text-[19px]"
            :aria-pressed="onScale"
            @click="onScale = !onScale"
          >
            {{ onScale ? `Count it in ${unitName(unit)}` : 'Weigh it' }}
          </button>
          <TextField v-if="isWeighed" v-model="tare" class="w-44" label="The empty jar, g" placeholder="0" />
        </div>
      </div>
      <div>
        <NumberKeys v-model="typed" />
      </div>
      <CommitBar label="This jar">
        <button type="button" class="button min-h-14 text-[19px]" @click="skip">Later</button>
        <button type="button" class="button min-h-14 text-[19px]" @click="keep(jar.lot.onHand)">
          As the books say
        </button>
        <button
          type="submit"
          form="take"
          class="button button-act min-h-14 text-[19px] flex-1"
          :disabled="reading?.kind !== 'ok'"
        >
          Next jar
        </button>
      </CommitBar>
    </form>
    <ScanDialog v-if="scanning" @close="scanning = false" @found="foundJar" />
  </div>
</template>

<style scoped>
.done div {
  height: 100%;
  background: var(--color-moss);
}
@media (max-width: 760px) {
  .count {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
