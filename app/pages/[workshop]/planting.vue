<script setup lang="ts">
import type { Commission, KeepOut, Line } from '~~/core/commissions'
import { SKY } from '~~/core/colour'
import { cautionFootnote, cautions } from '~~/core/safety'
import { planSvg } from '~~/core/planting'
import { formatModelLength, formatRatio } from '~~/core/units'
import { fileNameOf, save } from '../../composables/save'

/** Where each piece stands on the board, and the sheets to drill by. */
const workshop = useWorkshop()
const changeCommission = useDeed('changeCommission')
const changeLine = useDeed('changeLine')
const removeKeepOut = useDeed('removeKeepOut')
const commission = useCommission()
const planting = usePlanting()
const to = useStationPath()
useStation('Planting plan')
planting.follow()

const numbers = ref(true)
const trackWidth = ref('')
const printing = ref(false)
const keepOuts = computed(() => commission.current?.keepOuts ?? [])

const draft = usePlanDraft(async (made, lineId) => {
  if (lineId === undefined) await keep((stored) => [...stored, made])
  else await changeLine(lineId, { drawn: made.points })
})
const { drawing, drawnFor, least } = draft
/** From above, to drill by; or as it will be seen. */
const seen = ref(false)
async function keep(change: (stored: readonly KeepOut[]) => KeepOut[]): Promise<void> {
  if (commission.current)
    await changeCommission(commission.current.id, ({ keepOuts: stored = [] }: Commission) => ({
      keepOuts: change(stored),
    }))
}
async function takeKeepOut(id: string): Promise<void> {
  if (commission.current) await removeKeepOut(commission.current.id, id)
}
async function stand(lineId: string, as: string): Promise<void> {
  await changeLine(lineId, { stands: as === '' ? undefined : (as as Line['stands']) })
}
const store = async (change: Partial<Commission>): Promise<void> => {
  if (commission.current) await changeCommission(commission.current.id, change)
}
const paintBackdrop = (event: Event) => store({ backdrop: (event.target as HTMLInputElement).value })
async function another(): Promise<void> {
  if (commission.current)
    await changeCommission(commission.current.id, ({ planSeed = 0 }: Commission) => ({
      planSeed: (planSeed + 1) % 1_000_000,
    }))
}
const { rows, runs } = usePlanted()
/** Makes the line want what is drawn. */
async function takeDrawn(lineId: string): Promise<void> {
  const hedge = planting.plan?.hedges.find((run) => run.lineId === lineId)
  const patch = planting.plan?.patches.find((run) => run.lineId === lineId)
  await changeLine(lineId, ({ amount }: Line) =>
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
/** What the plan heeds besides room, of this commission. */
const wishes = computed(() => {
  const { pieces } = planting.beds
  const codes = (has: (bed: (typeof pieces)[number]) => unknown): string =>
    pieces.flatMap((bed) => (has(bed) ? [bed.code] : [])).join(', ')
  const frail = codes(({ outOfReachMm }) => outOfReachMm)
  const wet = keepOuts.value.some(({ water }) => water) ? codes(({ waterside }) => waterside) : ''
  const row = codes(({ beforeBackdrop }) => beforeBackdrop)
  return [
    ...(frail ? [`Out of reach, as they break in a hand: ${frail}.`] : []),
    ...(wet ? [`At the water: ${wet}.`] : []),
    ...(row ? [`Close before the backdrop, and a tenth of the way to its colour: ${row}.`] : []),
  ]
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
        borders: plan.borders,
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
    <div class="flex flex-wrap items-center gap-2 py-1.5 px-5 border-b border-b-line text-[13px]">
      <h1 class="mr-2">Planting plan</h1>
      <div class="flex" role="group" aria-label="How the plan is shown">
        <button type="button" class="view min-h-8 px-2.5" :aria-pressed="!seen" @click="seen = false">
          From above
        </button>
        <button type="button" class="view min-h-8 px-2.5" :aria-pressed="seen" @click="seen = true">
          In the scene
        </button>
      </div>
      <template v-if="drawing">
        <span role="status">{{
          drawing.points.length < least
            ? 'Click its points on the board.'
            : 'Click on; double click or Enter ends it.'
        }}</span>
        <button
          type="button"
          class="button button-small"
          :disabled="drawing.points.length === 0"
          @click="draft.back"
        >
          Take a point back
        </button>
        <button type="button" class="button button-small" @click="draft.leave">Leave it</button>
        <button
          type="button"
          class="button button-act button-small"
          :disabled="drawing.points.length < least"
          @click="draft.finish"
        >
          {{ drawnFor === undefined ? 'Keep clear' : 'It stands here' }}
        </button>
      </template>
      <template v-else-if="!seen">
        <span>Keep clear:</span>
        <input
          v-model="trackWidth"
          class="field field-cell !w-18"
          placeholder="32 mm"
          aria-label="Width of a new track or path"
        />
        <button type="button" class="button button-small" @click="draft.begin('line', trackWidth)">
          Track or path
        </button>
        <button type="button" class="button button-small" @click="draft.begin('shape', trackWidth)">
          Shape
        </button>
        <button type="button" class="button button-small" @click="draft.begin('shape', trackWidth, true)">
          Water
        </button>
        <label class="flex items-center gap-1.5 ml-2" title="What is painted behind the back edge"
          >Backdrop
          <input
            type="color"
            class="h-8 w-10 rounded-sm border border-edge bg-white p-0.5"
            aria-label="Colour of the backdrop, measured near its foot"
            :value="commission.current.backdrop ?? SKY"
            @change="paintBackdrop"
          />
        </label>
        <button
          v-if="commission.current.backdrop"
          type="button"
          class="button button-quiet button-small"
          @click="store({ backdrop: undefined })"
        >
          no backdrop
        </button>
      </template>
      <span class="flex-1" />
      <label v-if="!seen" class="flex items-center gap-1.5"
        ><input v-model="numbers" type="checkbox" class="h-5 w-5 accent-moss" /> Numbers</label
      >
      <NuxtLink class="button button-small" :to="to('planting-out')">Run sheet</NuxtLink>
      <button type="button" class="button button-small" @click="another">Another plan</button>
      <button
        type="button"
        class="button button-small"
        aria-label="Template, SVG"
        :disabled="!planting.plan || planting.planning"
        @click="saveSvg"
      >
        SVG
      </button>
      <button
        type="button"
        class="button button-small"
        aria-label="Template, PDF"
        :disabled="!planting.plan || planting.planning || printing"
        @click="print"
      >
        {{ printing ? 'Printing…' : 'PDF' }}
      </button>
    </div>
    <SceneDrawing v-if="planting.plan && seen && !drawing" :plan="planting.plan" />
    <PlanDrawing
      v-else-if="planting.plan"
      :plan="planting.plan"
      :numbers="numbers"
      :drawing="drawing"
      @point="draft.point"
      @finish="draft.finish"
    />
    <p v-else class="m-8 text-soft" role="status">{{ planting.fault || 'Planting…' }}</p>
    <KeepOutList
      :keep-outs="keepOuts"
      :units="workshop.settings.units"
      @change="
        (id, change) => keep((stored) => stored.map((row) => (row.id === id ? { ...row, ...change } : row)))
      "
      @remove="takeKeepOut"
    />
    <PlantedTable :rows="rows" :runs="runs" @stand="stand" @draw="draft.beginLine" @take="takeDrawn" />
    <p v-if="wishes.length > 0" class="px-5 pt-3 text-sm text-soft">{{ wishes.join(' ') }}</p>
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
.view[aria-pressed='true'] {
  color: var(--color-moss);
  font-weight: 600;
  box-shadow: inset 0 -2px var(--color-moss);
}
</style>
