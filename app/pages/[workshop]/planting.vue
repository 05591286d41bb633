<script setup lang="ts">
import { keepOutFields, type Commission, type KeepOut, type Line } from '~~/core/commissions'
import { cautionFootnote, cautions } from '~~/core/safety'
import { groupingWords, planSvg } from '~~/core/planting'
import { formatModelLength, formatQuantity, formatRatio, readBoundedLength } from '~~/core/units'
import { changeCommission, changeLine } from '../../db/commands/brief'
import { newId } from '../../db/ids'
import { fileNameOf, save } from '../../composables/save'
import { useEventListener } from '@vueuse/core'
import { isFree } from '../../composables/keys'

/** Where each piece stands on the board, and the sheets to drill by. */
const workshop = useWorkshop()
const commission = useCommission()
const planting = usePlanting()
const notices = useNotices()
const to = useStationPath()
useStation('Planting plan')
planting.follow()

const numbers = ref(true)
const drawing = ref<KeepOut>()
/** The hedge or the patch of grass that is drawn, by its line; else it is something to keep clear. */
const drawnFor = ref<string>()
const trackWidth = ref('')
const printing = ref(false)
const keepOuts = computed(() => commission.current?.keepOuts ?? [])

function begin(kind: KeepOut['kind']): void {
  const reading = readBoundedLength(keepOutFields.widthMm, trackWidth.value === '' ? '32' : trackWidth.value)
  if (reading.kind === 'none') {
    notices.fault(reading.because)
    return
  }
  drawnFor.value = undefined
  drawing.value = { id: newId(), kind, widthMm: kind === 'line' ? reading.value : 0, points: [] }
}
/** Draws where a hedge runs or grass grows. */
function beginLine(line: Line, widthMm: number): void {
  drawnFor.value = line.id
  drawing.value = { id: line.id, kind: line.amount.kind === 'length' ? 'line' : 'shape', widthMm, points: [] }
}
function point(x: number, y: number): void {
  const last = drawing.value?.points.at(-1)
  const at: [number, number] = [Math.round(x), Math.round(y)]
  // The second click of a double click is not another corner.
  if (drawing.value && !(last && Math.hypot(last[0] - at[0], last[1] - at[1]) < 2))
    drawing.value = { ...drawing.value, points: [...drawing.value.points, at] }
}
const least = computed(() => (drawing.value?.kind === 'shape' ? 3 : 2))
async function finish(): Promise<void> {
  const made = drawing.value
  if (!made || made.points.length < least.value) return
  drawing.value = undefined
  if (drawnFor.value === undefined) await keep((stored) => [...stored, made])
  else await workshop.give(changeLine, drawnFor.value, { drawn: made.points })
}
async function keep(change: (stored: readonly KeepOut[]) => KeepOut[]): Promise<void> {
  if (commission.current)
    await workshop.give(changeCommission, commission.current.id, ({ keepOuts: stored = [] }: Commission) => ({
      keepOuts: change(stored),
    }))
}
async function stand(lineId: string, as: string): Promise<void> {
  await workshop.give(changeLine, lineId, { stands: as === '' ? undefined : (as as Line['stands']) })
}
async function another(): Promise<void> {
  if (commission.current)
    await workshop.give(changeCommission, commission.current.id, ({ planSeed = 0 }: Commission) => ({
      planSeed: (planSeed + 1) % 1_000_000,
    }))
}
useEventListener('keydown', (event: KeyboardEvent) => {
  if (!drawing.value || !isFree(event)) return
  if (event.key === 'Enter') void finish()
  else if (event.key === 'Escape') drawing.value = undefined
  else if (event.key === 'Backspace')
    drawing.value = { ...drawing.value, points: drawing.value.points.slice(0, -1) }
})

const plantOf = (lineId: string) => commission.plants.find(({ line }) => line.id === lineId)
const rows = computed(() =>
  planting.beds.pieces.map((bed) => {
    const left = planting.plan?.left.find(({ lineId }) => lineId === bed.lineId)?.pieces ?? 0
    return { bed, plant: plantOf(bed.lineId), left, groups: [...new Set(bed.groups)].join(', ') }
  }),
)
/** Hedges and grass: what the line wants, and what is drawn. */
const runs = computed(() => [
  ...(planting.plan?.hedges ?? []).map((hedge) => ({
    ...hedge,
    plant: plantOf(hedge.lineId),
    wanted: formatQuantity(hedge.wantedMm, 'mm'),
    laid: formatQuantity(hedge.lengthMm, 'mm'),
    fits: Math.abs(hedge.lengthMm / hedge.wantedMm - 1) < 0.05,
  })),
  ...(planting.plan?.patches ?? []).map((patch) => ({
    ...patch,
    widthMm: 0,
    plant: plantOf(patch.lineId),
    wanted: formatQuantity(patch.wantedCm2, 'cm2'),
    laid: formatQuantity(patch.areaCm2, 'cm2'),
    fits: Math.abs(patch.areaCm2 / patch.wantedCm2 - 1) < 0.05,
  })),
])
/** Makes the line want what is drawn. */
async function takeDrawn(lineId: string): Promise<void> {
  const hedge = planting.plan?.hedges.find((run) => run.lineId === lineId)
  const patch = planting.plan?.patches.find((run) => run.lineId === lineId)
  await workshop.give(changeLine, lineId, ({ amount }: Line) =>
    amount.kind === 'length' && hedge
      ? { amount: { ...amount, lengthMm: Math.round(hedge.lengthMm) } }
      : amount.kind === 'area' && patch
        ? { amount: { ...amount, areaCm2: Math.round(patch.areaCm2) } }
        : {},
  )
}
const reach = computed(() => {
  const mm = planting.plan?.overhangMm ?? 0
  return mm > 0.5
    ? `Crowns reach over what is kept clear by ${formatModelLength(mm, workshop.settings.units)} at most.`
    : 'No crown reaches over what is kept clear.'
})
const fileName = (): string => fileNameOf(commission.current?.name ?? 'plan')
function saveSvg(): void {
  const { plan } = planting
  if (plan)
    save(
      new Blob(
        [
          planSvg(
            plan,
            (id) => commission.plants.find(({ line }) => line.id === id)?.look.overall ?? '#56635b',
          ),
        ],
        { type: 'image/svg+xml' },
      ),
      `${fileName()}-planting.svg`,
    )
}
async function print(): Promise<void> {
  const { plan } = planting
  const job = commission.current
  if (!plan || !job || printing.value) return
  printing.value = true
  try {
    await printFrom(
      '/api/planting-plan',
      {
        paper: workshop.settings.paper,
        title: job.name,
        scale: formatRatio(job.ratio),
        board: plan.board,
        spots: plan.spots,
        hedges: plan.hedges,
        patches: plan.patches,
        legend: [
          ...rows.value.map(({ bed, plant }) => ({
            code: bed.code,
            name: plant?.line.name ?? '',
            amount: String(bed.crownsMm.length),
          })),
          ...runs.value.map(({ code, plant, laid }) => ({
            code,
            name: plant?.line.name ?? '',
            amount: laid,
          })),
        ],
      },
      `${fileName()}-planting.pdf`,
      'The template',
    )
  } finally {
    printing.value = false
  }
}
</script>

<template>
  <div
    v-if="commission.current && planting.board && commission.plants.length > 0"
    class="flex min-h-full flex-col"
  >
    <div class="tools">
      <h1 class="mr-2">Planting plan</h1>
      <template v-if="!drawing">
        <label class="flex items-center gap-1.5"
          >Width
          <input
            v-model="trackWidth"
            class="field field-cell !w-20"
            placeholder="32 mm"
            aria-label="Width of a new track or path"
        /></label>
        <button type="button" class="button button-small" @click="begin('line')">Draw a track or path</button>
        <button type="button" class="button button-small" @click="begin('shape')">
          Draw a shape to keep clear
        </button>
      </template>
      <template v-else>
        <span role="status">{{
          drawing.points.length < least
            ? 'Click its points on the board.'
            : 'Click on; double click or Enter ends it.'
        }}</span>
        <button
          type="button"
          class="button button-small"
          :disabled="drawing.points.length === 0"
          @click="drawing = { ...drawing, points: drawing.points.slice(0, -1) }"
        >
          Take a point back
        </button>
        <button type="button" class="button button-small" @click="drawing = undefined">Leave it</button>
        <button
          type="button"
          class="button button-act button-small"
          :disabled="drawing.points.length < least"
          @click="finish"
        >
          {{ drawnFor === undefined ? 'Keep clear' : 'It stands here' }}
        </button>
      </template>
      <span class="flex-1" />
      <label class="flex items-center gap-1.5"
        ><input v-model="numbers" type="checkbox" class="h-5 w-5 accent-moss" /> Numbers</label
      >
      <button type="button" class="button button-small" @click="another">Another plan</button>
      <button
        type="button"
        class="button button-small"
        :disabled="!planting.plan || planting.planning"
        @click="saveSvg"
      >
        Save as SVG
      </button>
      <button
        type="button"
        class="button button-small"
        :disabled="!planting.plan || planting.planning || printing"
        @click="print"
      >
        {{ printing ? 'Printing…' : 'Template, 1:1 PDF' }}
      </button>
    </div>
    <PlanDrawing
      v-if="planting.plan"
      :plan="planting.plan"
      :numbers="numbers"
      :drawing="drawing"
      @point="point"
      @finish="finish"
    />
    <p v-else class="m-8 text-soft" role="status">{{ planting.fault || 'Planting…' }}</p>
    <KeepOutList
      :keep-outs="keepOuts"
      :units="workshop.settings.units"
      @change="
        (id, change) => keep((stored) => stored.map((row) => (row.id === id ? { ...row, ...change } : row)))
      "
      @remove="(id) => keep((stored) => stored.filter((row) => row.id !== id))"
    />
    <table class="ruled w-full border-t-2 border-ink">
      <thead>
        <tr>
          <th class="!pl-5">Line</th>
          <th>Plant</th>
          <th>Zone</th>
          <th class="number">Amount</th>
          <th>Stands</th>
          <th>In groups of</th>
          <th>Planted</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ bed, plant, left, groups } in rows" :key="bed.lineId">
          <td class="!pl-5 font-semibold">{{ bed.code }}</td>
          <td>
            {{ plant?.line.name }} <span class="botanical text-sm">{{ plant?.species.botanical }}</span>
          </td>
          <td>{{ bed.zone }}</td>
          <td class="number">{{ bed.crownsMm.length }}</td>
          <td>
            <select
              class="field field-cell !w-60"
              :aria-label="`How ${plant?.line.name} stands`"
              :value="plant?.line.stands ?? ''"
              @change="stand(bed.lineId, ($event.target as HTMLSelectElement).value)"
            >
              <option value="">
                {{ plant ? `as usual: ${groupingWords[plant.species.groups.as]}` : '' }}
              </option>
              <option v-for="(words, as) in groupingWords" :key="as" :value="as">{{ words }}</option>
            </select>
          </td>
          <td>{{ groups }}</td>
          <td>
            <span v-if="left > 0" class="tag tag-hip">no room for {{ left }}</span
            ><span v-else class="tag tag-moss">all</span>
          </td>
        </tr>
        <tr v-for="run in runs" :key="run.lineId">
          <td class="!pl-5 font-semibold">{{ run.code }}</td>
          <td>
            {{ run.plant?.line.name }}
            <span class="botanical text-sm">{{ run.plant?.species.botanical }}</span>
          </td>
          <td>{{ run.plant?.line.zone }}</td>
          <td class="number">{{ run.wanted }}</td>
          <td colspan="2">
            <button
              v-if="run.plant"
              type="button"
              class="button button-small mr-1"
              @click="beginLine(run.plant.line, run.widthMm)"
            >
              {{ run.plant.line.amount.kind === 'length' ? 'Draw where it runs' : 'Draw where it grows' }}
            </button>
            <button v-if="!run.fits" type="button" class="button button-small" @click="takeDrawn(run.lineId)">
              Make it {{ run.laid }}
            </button>
          </td>
          <td>
            <span class="tag" :class="run.fits ? 'tag-moss' : 'tag-larch'">{{
              run.fits ? 'as drawn' : `${run.laid} drawn`
            }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <p class="px-5 pt-3 text-sm" :class="(planting.plan?.overhangMm ?? 0) > 0.5 ? 'text-larch' : 'text-soft'">
      {{ reach }}
    </p>
    <p class="px-5 py-3 text-sm">
      <strong class="text-larch">{{ cautions.drilling.title }}.</strong> {{ cautions.drilling.text }}
      <span class="text-soft">{{ cautionFootnote }}</span>
    </p>
  </div>
  <div v-else class="m-8 max-w-lg">
    <h1 class="mb-2">No board yet</h1>
    <p class="mb-4">
      {{
        commission.plants.length === 0
          ? 'A plan needs lines to plant.'
          : 'A plan needs the width and depth of the board.'
      }}
      Both are in the Brief.
    </p>
    <NuxtLink class="button button-act" :to="to('brief')">Go to the Brief</NuxtLink>
  </div>
</template>

<style scoped>
.tools {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  padding: 6px 20px;
  border-bottom: 1px solid var(--color-line);
  font-size: 13px;
}
</style>
