<script setup lang="ts">
import {
  readAgeShares,
  readSides,
  suggestedPiecesSchema,
  suggestPlanting,
  type SuggestedLine,
} from '~~/core/planting'
import { ages, habitatById, habitats, regions, type HabitatId } from '~~/core/plants'
import { readPieces, zones } from '~~/core/commissions'
import { readBounded } from '~~/core/units'
import { plainChoices } from '../../parts/fields/choice'
import type { Column } from '../../parts/table/column'

/** Lines suggested for an area and its habitats, with reasons; changed and left out as wished before they are taken. */
const open = defineModel<boolean>({ required: true })
const workshop = useWorkshop()
const changeCommission = useDeed('changeCommission')
const saveLines = useDeed('saveLines')
const commission = useCommission()
const notices = useNotices()
const { real, model } = useFormat()

const text = reactive({ width: '', depth: '', pieces: '150' })
const areaOf = ref<'board' | 'real'>('board')
const chosen = ref<HabitatId[]>(['woodland-edge'])
const mixText = reactive<Record<(typeof ages)[number], string>>({
  young: '',
  'semi-mature': '',
  mature: '',
  veteran: '',
})
const spread = ref<'all' | 'part'>('all')
const tallInFront = ref(false)
const found = ref<SuggestedLine[]>([])
/** Those of the lines that are to be taken. */
const takenKeys = ref<ReadonlySet<string>>(new Set())
const keyOf = ({ speciesId, age }: SuggestedLine): string => `${speciesId} ${age}`
/** Share of the ground that is planted, and what was left out. */
const plantedShare = ref(1)
const said = ref<readonly string[]>([])
const fault = ref('')

watch(open, (is) => {
  if (!is) return
  const job = commission.current
  text.width = job?.boardWidthMm === undefined ? '' : model(job.boardWidthMm)
  text.depth = job?.boardDepthMm === undefined ? '' : model(job.boardDepthMm)
  areaOf.value = 'board'
  found.value = []
  fault.value = ''
})

/** Real sides of the area, mm; or what can't be read. */
const sides = computed(() => readSides(text, areaOf.value, commission.current?.ratio ?? 1))
const areaWords = computed(() => {
  if (sides.value.kind === 'none') return ''
  const [width, depth] = sides.value.value
  return `${real(width)} × ${real(depth)}, ${((width * depth) / 1e10).toPrecision(2)} ha`
})

function suggest(): void {
  found.value = []
  if (sides.value.kind === 'none') {
    fault.value = sides.value.because
    return
  }
  const [widthMm, depthMm] = sides.value.value
  const reading = readBounded({ name: 'Pieces', schema: suggestedPiecesSchema }, text.pieces)
  if (reading.kind === 'none') {
    fault.value = reading.because
    return
  }
  const pieces = reading.value
  const mix = readAgeShares(mixText)
  if (mix.kind === 'none') {
    fault.value = mix.because
    return
  }
  const suggested = suggestPlanting(
    {
      areaM2: (widthMm * depthMm) / 1e6,
      habitats: chosen.value,
      pieces,
      spread: spread.value,
      tallInFront: tallInFront.value,
      ...(mix.value && { ages: mix.value }),
    },
    workshop.kinds,
  )
  fault.value = suggested.kind === 'none' ? suggested.because : ''
  if (suggested.kind === 'none') return
  found.value = suggested.value.lines.map((line) => ({ ...line }))
  takenKeys.value = new Set(found.value.map(keyOf))
  plantedShare.value = suggested.value.plantedShare
  said.value = suggested.value.said
}
const taken = computed(() =>
  found.value.filter((line) => takenKeys.value.has(keyOf(line)) && line.pieces > 0),
)
const total = computed(() => taken.value.reduce((sum, { pieces }) => sum + pieces, 0))
function setPieces(line: SuggestedLine, value: string): void {
  const read = readPieces(value, `Pieces of ${line.name}`)
  fault.value = read.kind === 'none' ? `${read.because} It stays at ${line.pieces}.` : ''
  if (read.kind === 'ok') Object.assign(line, { pieces: read.value })
}

const columns = computed<readonly Column<SuggestedLine>[]>(() => [
  { id: 'plant', head: 'Plant', by: ({ name }) => name },
  {
    id: 'stands',
    head: 'Stands',
    number: true,
    cell: 'wide',
    by: ({ heightM }) => heightM,
    mostFirst: true,
    text: ({ heightM }) => real(heightM * 1000),
  },
  { id: 'pieces', head: 'Pieces', number: true, by: ({ pieces }) => pieces, mostFirst: true },
  { id: 'zone', head: 'Zone', by: ({ zone }) => zones.indexOf(zone) },
  { id: 'why', head: 'Why', cell: 'wide leading-tight text-soft', text: ({ reason }) => reason },
])

async function take(): Promise<void> {
  const job = commission.current
  if (!job || taken.value.length === 0) return
  const answer = await saveLines(
    job.id,
    taken.value.map(({ speciesId, name, age, pieces, zone, crownWidthM, stands }) => ({
      commissionId: job.id,
      speciesId,
      name,
      age,
      amount: { kind: 'pieces' as const, pieces },
      zone,
      ...(crownWidthM === undefined ? {} : { crownWidthM }),
      ...(stands === undefined ? {} : { stands }),
    })),
  )
  if (answer.kind === 'none') return
  const share = plantedShare.value < 1 ? Math.max(0.02, plantedShare.value) : undefined
  if (job.plantedShare !== share) await changeCommission(job.id, { plantedShare: share })
  notices.done(`${answer.value.length} lines, ${total.value} pieces, are in the brief.`)
  open.value = false
}
const byRegion = regions.map((region) => ({
  region,
  places: habitats.filter((habitat) => habitat.region === region),
}))
/** Kinds of different parts of the world don't grow together: a habitat of another part takes the place of all. */
function toggle(id: HabitatId): void {
  const { region } = habitatById(id)
  chosen.value = chosen.value.includes(id)
    ? chosen.value.filter((other) => other !== id)
    : [...chosen.value.filter((other) => habitatById(other).region === region), id]
}
</script>

<template>
  <BaseDialog v-model="open" title="Suggest a planting" widest>
    <form class="grid gap-3" @submit.prevent="suggest">
      <div class="wish grid grid-cols-[1.3fr_1fr_1fr_1fr_1.6fr] gap-2.5 items-start">
        <SelectField
          v-model="areaOf"
          label="Area given as"
          :options="[
            { value: 'board', words: 'size on the board' },
            { value: 'real', words: 'size in reality' },
          ]"
        />
        <TextField v-model="text.width" label="Width" :placeholder="areaOf === 'board' ? '0.9 m' : '80 m'" />
        <TextField v-model="text.depth" label="Depth" :placeholder="areaOf === 'board' ? '0.4 m' : '40 m'" />
        <TextField v-model="text.pieces" label="Pieces at most" />
        <p class="self-end pb-6 text-sm text-soft">{{ areaWords }}</p>
      </div>
      <fieldset>
        <legend class="label">What grows there</legend>
        <div class="flex flex-wrap gap-y-1 gap-x-4.5">
          <div
            v-for="{ region, places } in byRegion"
            :key="region"
            class="region flex flex-wrap items-center gap-1"
            role="group"
            :aria-label="region"
          >
            <span aria-hidden="true">{{ region }}</span>
            <button
              v-for="habitat in places"
              :key="habitat.id"
              type="button"
              class="habitat min-h-9 px-2.5 border border-line rounded-md bg-white text-[13px]"
              :aria-pressed="chosen.includes(habitat.id)"
              :title="habitat.words"
              @click="toggle(habitat.id)"
            >
              {{ habitat.name }}
            </button>
          </div>
        </div>
      </fieldset>
      <fieldset class="flex flex-wrap items-center gap-3">
        <legend class="label">Ages, % (empty: as usual there)</legend>
        <label v-for="age in ages" :key="age" class="flex items-center gap-1.5 text-sm"
          >{{ age }} <input v-model="mixText[age]" class="field field-cell !w-16" inputmode="numeric"
        /></label>
        <SelectField
          v-model="spread"
          beside
          class="flex-wrap"
          label="Where pieces are fewer than nature has"
          :options="[
            { value: 'all', words: 'thin over all of it' },
            { value: 'part', words: 'natural spacing on part of it' },
          ]"
        />
        <label class="flex items-center gap-1.5 text-sm"
          ><input v-model="tallInFront" type="checkbox" class="h-5 w-5 accent-moss" /> Tall growth may stand
          in front</label
        >
        <button type="submit" class="button ml-auto" :class="{ 'button-act': found.length === 0 }">
          Suggest
        </button>
      </fieldset>
      <p v-if="fault" class="text-sm text-hip" role="alert">{{ fault }}</p>
    </form>
    <template v-if="found.length > 0">
      <div v-if="plantedShare < 1" class="mt-2 flex items-center gap-3 text-sm">
        <span
          class="part block w-60 h-5.5 border border-soft bg-bench"
          role="img"
          :aria-label="`${Math.round(plantedShare * 100)} % of the board is planted`"
          ><i :style="{ width: `${plantedShare * 100}%` }"
        /></span>
        {{ Math.round(plantedShare * 100) }} % of the board, from the left
      </div>
      <p v-for="words in said" :key="words" class="mt-1 text-sm text-larch">{{ words }}</p>
      <DataTable
        v-model:chosen="takenKeys"
        class="mt-2 text-sm"
        label="Suggested lines"
        :rows="found"
        :columns="columns"
        :key-of="keyOf"
        :choosing="({ name }) => name"
        :class-of="(line) => (takenKeys.has(keyOf(line)) ? '' : 'opacity-60')"
      >
        <template #plant="{ row: line }"
          ><strong>{{ line.name }}</strong></template
        >
        <template #pieces="{ row: line }">
          <input
            class="field field-cell !w-16 text-right"
            inputmode="numeric"
            :value="line.pieces"
            :aria-label="`Pieces of ${line.name}`"
            @change="setPieces(line, ($event.target as HTMLInputElement).value)"
          />
        </template>
        <template #zone="{ row: line }">
          <SelectField
            v-model="line.zone"
            cell
            class="w-24"
            :label="`Zone of ${line.name}`"
            :options="plainChoices(zones)"
          />
        </template>
      </DataTable>
      <div class="answers mt-3 items-center">
        <p class="mr-auto text-sm text-soft">Densities are our estimate; change what you know better.</p>
        <button type="button" class="button" @click="open = false">Leave it</button>
        <button type="button" class="button button-act" :disabled="taken.length === 0" @click="take">
          Take {{ taken.length }} lines, {{ total }} pieces
        </button>
      </div>
    </template>
  </BaseDialog>
</template>

<style scoped>
.part i {
  display: block;
  height: 100%;
  background: var(--color-moss);
}
.region > span {
  color: var(--color-soft);
  font-size: 13px;
}
.habitat[aria-pressed='true'] {
  border-color: var(--color-moss);
  background: var(--color-moss-pale);
  font-weight: 650;
}
@media (max-width: 700px) {
  .wish {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
