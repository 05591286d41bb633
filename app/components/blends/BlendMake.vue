<script setup lang="ts">
import {
  amountsFor,
  jarWords,
  differenceWords,
  lastOf,
  lotColours,
  lotDrifts,
  sameParts,
  limitOf,
  meshes,
  meshWords,
  SMALLER_SHARE,
  sieved,
  standIns,
  takes,
  touchUpSchema,
  blendMlSchema,
  USUAL_TOUCH_UP,
  type Blend,
  type MixedBlend,
} from '~~/core/blends'
import { sealedHex, type Sealing } from '~~/core/colour'
import { batchName, planFrom } from '~~/core/batches'
import { makeUp } from '~~/core/makeup'
import { blendMethod } from '~~/core/methods'
import {
  figure,
  formatMinutes,
  formatQuantity,
  input,
  parseQuantity,
  plainNumber,
  readBounded,
  withinBounds,
  type Reading,
} from '~~/core/units'
import { planBatch } from '../../db/commands/bench'

/** How much of a blend is made, from which jars, how it is sieved; then it is made. */
const props = defineProps<{ blend: Blend; mixed: MixedBlend; sealing: Sealing; locked: boolean }>()
const emit = defineEmits<{
  change: [fields: Partial<Omit<Blend, 'id' | 'changedAt' | 'fieldsAt'>>]
  swap: [outId: string, inId: string]
}>()
const workshop = useWorkshop()
const store = useBlends()
const stock = useStock()
const shelf = useShelf()
const commission = useCommission()
const notices = useNotices()
const to = useStationPath()

const jarIds = computed(() => props.mixed.jars.map(({ material }) => material.id))
/** What lines and batches want of it, grams of the whole, by who wants it. */
const wanted = computed(() => {
  const rows = shelf.wanting.flatMap(({ who, needs }) => {
    const grams = props.mixed.jars.reduce((sum, { material, massShare }) => {
      const own = needs.filter(({ materialId }) => materialId === material.id)
      return Math.max(
        sum,
        own.reduce((all, need) => all + Math.max(need.quantity, need.lies ?? 0), 0) /
          Math.max(0.002, massShare),
      )
    }, 0)
    return grams > 0 ? [{ who, grams }] : []
  })
  return { rows, grams: rows.reduce((sum, row) => sum + row.grams, 0) }
})
const touchUp = computed(() => props.blend.touchUp ?? USUAL_TOUCH_UP)
const onHandG = computed(() =>
  props.mixed.jars.reduce(
    (sum, { material }) =>
      sum + (stock.stateById.get(material.id)?.onHand ?? 0) + (shelf.beingMixed.get(material.id) ?? 0),
    0,
  ),
)
/** What is still to be mixed for those who want it, ml. */
const wantedFigure = computed(() => {
  const { bulkGPerMl } = props.mixed.mixture
  const ml = Math.max(0, (wanted.value.grams * (1 + touchUp.value) - onHandG.value) / bulkGPerMl)
  return figure(ml, 'ml', 'what is wanted × (1 + for touching up) − what there is, ÷ bulk density', [
    ...wanted.value.rows.map(({ who, grams }) => input(who, grams, 'g', 'formula')),
    input(
      'for touching up',
      touchUp.value * 100,
      '%',
      props.blend.touchUp === undefined ? 'memory' : 'yours',
    ),
    input('there, or being mixed', onHandG.value, 'g', 'yours'),
    input('bulk density', bulkGPerMl, 'g/ml', 'memory'),
  ])
})
const ml = computed(
  () => props.blend.amountMl ?? (wantedFigure.value.value > 0 ? wantedFigure.value.value : 100),
)
const shownMl = (value: number): string => formatQuantity(Math.round(value * 10) / 10, 'ml')
const text = ref(shownMl(ml.value))
const fault = ref('')
watch([() => props.blend.id, ml], () => {
  text.value = shownMl(ml.value)
  fault.value = ''
})
function readMl(typed: string): Reading<number> {
  const reading = parseQuantity(typed, 'ml')
  return reading.kind === 'none'
    ? reading
    : withinBounds({ name: 'Amount', schema: blendMlSchema, unit: 'ml' }, reading.value, typed)
}
function takeMl(): void {
  const reading = readMl(text.value)
  fault.value = reading.kind === 'none' ? reading.because : ''
  if (reading.kind === 'ok') emit('change', { amountMl: reading.value })
}
const touchText = ref(plainNumber(touchUp.value * 100, 0))
const touchFault = ref('')
watch(touchUp, (share) => {
  touchText.value = plainNumber(share * 100, 0)
})
function takeTouchUp(): void {
  const reading = readBounded(
    { name: 'For touching up', schema: touchUpSchema, unit: '%', per: 100 },
    touchText.value,
  )
  touchFault.value = reading.kind === 'none' ? reading.because : ''
  if (reading.kind === 'ok') emit('change', { touchUp: reading.value })
}

const onHand = (id: string): number => stock.stateById.get(id)?.onHand ?? 0
const amounts = computed(() => amountsFor(props.mixed.mixture, ml.value))
const rows = computed(() =>
  amounts.value.map((amount) => {
    const { material, bulkGPerMl } = amount.portion.grain
    const free = shelf.freeOf(material.id)
    const short = amount.g - free
    return {
      ...amount,
      material,
      free,
      lacking: short > Math.max(0.05, 0.005 * amount.g) ? short : 0,
      figure: figure(amount.g, 'g', 'amount × parts ÷ all parts × bulk density', [
        input('amount', ml.value, 'ml', 'yours'),
        input('parts', amount.portion.parts, '', 'yours'),
        input('bulk density', bulkGPerMl, 'g/ml', 'memory', material.name),
      ]),
    }
  }),
)
const limit = computed(() => limitOf(props.mixed.mixture, shelf.freeOf))
const isShort = computed(() => rows.value.some(({ lacking }) => lacking > 0))
/** What is used up: said before it is done. */
const last = computed(() =>
  isShort.value
    ? []
    : lastOf(
        amounts.value,
        onHand,
        (id) =>
          stock.stateById.get(id)?.lots.some(({ lot, onHand: own }) => own > 0 && lot.source === 'bought') ??
          false,
      ),
)
const smaller = computed(() => Math.floor(limit.value.mostMl * SMALLER_SHARE))

/** For what lacks: what could stand in, and how far the mix drifts. */
const swaps = computed(() =>
  rows.value
    .filter(({ lacking }) => lacking > 0)
    .map(({ material, g }) => ({
      out: material,
      ins: standIns(
        props.blend.parts,
        material.id,
        store.grains,
        [...store.grains.values()].filter(
          (grain) => takes(props.blend.use, grain) && shelf.freeOf(grain.material.id) >= g,
        ),
        props.sealing,
      ).slice(0, 2),
    })),
)
/** Bags whose own colour was measured: the same recipe, another lot. */
const lotRows = computed(() => {
  const colours = lotColours(workshop.tiles)
  const lots = props.mixed.mixture.portions.flatMap(({ grain: { material } }) =>
    (stock.stateById.get(material.id)?.lots ?? []).flatMap(({ lot, onHand: own }) => {
      const colour = colours.get(lot.id)
      return own > 0 && colour
        ? [{ lotId: lot.id, materialId: material.id, colour, label: `${material.name}, ${lot.label}` }]
        : []
    }),
  )
  return lotDrifts(props.blend.parts, store.grains, lots, props.sealing).map((one) => ({
    ...one,
    label: lots.find(({ lotId }) => lotId === one.lotId)?.label ?? '',
  }))
})
/** So much is a big mix: six small tiles come first. From memory. */
const BIG_ML = 300
const wantsTrial = computed(
  () =>
    ml.value >= BIG_ML &&
    !props.locked &&
    !workshop.tiles.some(
      ({ verdict, parts }) => verdict !== undefined && sameParts(parts, props.blend.parts),
    ),
)
const grainWords = (ratio: number): string => (ratio > 1.4 ? ', coarser' : ratio < 0.7 ? ', finer' : '')

const split = computed(() =>
  props.blend.sieveMm === undefined ? undefined : sieved(props.mixed.mixture.portions, props.blend.sieveMm),
)
const sides = computed(() =>
  (['held', 'passed'] as const).map((jar) => {
    const side = split.value?.[jar]
    return {
      jar,
      words: jarWords(jar, props.blend.sieveMm),
      share: side?.massShare ?? 0,
      mixture: side?.mixture,
      sealed: side?.mixture && sealedHex(side.mixture.dry, props.sealing),
    }
  }),
)
function chooseMesh(event: Event): void {
  const value = Number((event.target as HTMLSelectElement).value)
  emit('change', { sieveMm: value > 0 ? value : undefined })
}

const work = computed(() => {
  const [jar] = props.mixed.jars
  if (!jar) return undefined
  const whole = ml.value * props.mixed.mixture.bulkGPerMl
  return makeUp({
    job: { kind: 'stock', materialId: jar.material.id, quantity: whole * jar.massShare, unit: 'g' },
    method: blendMethod(props.mixed),
    states: stock.states,
    own: workshop.ownValues,
    dryingFactor: commission.drying,
  })
})
const taking = ref(false)
const canMix = computed(
  () => work.value !== undefined && props.mixed.unknown.length === 0 && fault.value === '',
)
async function plan(start: boolean): Promise<void> {
  if (!work.value || !canMix.value || taking.value) return
  taking.value = true
  const own = new Set(jarIds.value)
  const number =
    workshop.batches.filter(({ plan: { yields } }) => yields.some(({ materialId }) => own.has(materialId)))
      .length + 1
  const answer = await workshop.give(
    planBatch,
    planFrom(work.value, undefined, batchName(props.blend.name, number)),
    { start },
  )
  taking.value = false
  if (answer.kind === 'none') return
  if (start) await navigateTo({ path: to('bench'), query: { batch: answer.value.id } })
  else notices.done(`“${answer.value.name}” is planned; what goes in is promised to it.`)
}
const packWords = (packs: number | undefined): string =>
  packs === undefined ? '–' : packs < 0.095 ? '< 0.1' : plainNumber(packs, 1)
</script>

<template>
  <section class="border-t-2 border-ink px-5 py-3" aria-label="Make it">
    <div class="flex flex-wrap items-start gap-x-5 gap-y-2">
      <h2 class="pt-6">Make it</h2>
      <TextField
        v-model="text"
        class="w-36"
        label="Amount of the loose mix"
        :fault="fault"
        @change="takeMl"
      />
      <TextField
        v-model="touchText"
        class="w-32"
        label="For touching up, %"
        :fault="touchFault"
        @change="takeTouchUp"
      />
      <label class="text-sm text-soft"
        >Sieve
        <select class="field w-44" :value="blend.sieveMm ?? 0" :disabled="locked" @change="chooseMesh">
          <option :value="0">not sieved</option>
          <option v-for="mesh in meshes" :key="mesh.openingMm" :value="mesh.openingMm">
            {{ meshWords(mesh.openingMm) }}
          </option>
        </select></label
      >
      <p class="pt-6 text-sm">
        <template v-if="wanted.rows.length > 0">
          Still to be mixed for
          {{
            wanted.rows
              .map(({ who }) => who)
              .slice(0, 3)
              .join(', ')
          }}{{ wanted.rows.length > 3 ? ' and others' : '' }}:
          <FigureButton :figure="wantedFigure" label="Still to be mixed" />
          <button
            v-if="wantedFigure.value >= 1 && Math.abs(ml - wantedFigure.value) > 1"
            type="button"
            class="button button-small ml-2"
            @click="emit('change', { amountMl: Math.ceil(wantedFigure.value) })"
          >
            Take that
          </button>
        </template>
        <span v-else class="text-soft">No line takes it yet.</span>
      </p>
      <span class="flex-1" />
      <span class="flex gap-2 pt-5">
        <button type="button" class="button" :disabled="!canMix || taking" @click="plan(false)">
          Plan it
        </button>
        <button
          type="button"
          class="button button-act"
          :disabled="!canMix || taking || isShort"
          @click="plan(true)"
        >
          Start mixing
        </button>
      </span>
    </div>
    <div class="mt-2 grid gap-x-6 xl:grid-cols-[minmax(0,1fr)_330px]">
      <div>
        <table class="ruled w-full self-start">
          <thead>
            <tr>
              <th class="!pl-0">Goes in</th>
              <th class="number">Parts</th>
              <th class="number">ml</th>
              <th class="number">Weigh</th>
              <th class="number">Packs</th>
              <th class="number">Handfuls</th>
              <th class="number">Scoops</th>
              <th class="number">Free</th>
              <th>State</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.material.id">
              <td class="!pl-0 leading-tight">{{ row.material.name }}</td>
              <td class="number">{{ row.portion.parts }}</td>
              <td class="number">{{ plainNumber(row.ml, row.ml < 10 ? 1 : 0) }}</td>
              <td class="number"><FigureButton :figure="row.figure" :label="row.material.name" /></td>
              <td class="number">{{ packWords(row.packs) }}</td>
              <td class="number">{{ plainNumber(row.handfuls, 1) }}</td>
              <td class="number">{{ plainNumber(row.scoops, 1) }}</td>
              <td class="number">{{ formatQuantity(row.free, 'g') }}</td>
              <td>
                <span class="tag" :class="row.lacking > 0 ? 'tag-hip' : 'tag-moss'">{{
                  row.lacking > 0 ? `short ${formatQuantity(row.lacking, 'g')}` : 'covered'
                }}</span>
              </td>
            </tr>
          </tbody>
        </table>
        <div v-if="split" class="mt-2 flex flex-wrap gap-x-8 text-sm">
          <div v-for="side in sides" :key="side.jar" class="flex items-center gap-3 py-1">
            <PalmDrawing
              v-if="side.mixture"
              :mixture="side.mixture"
              :sealing="sealing"
              :width="64"
              :height="38"
            />
            <span>
              <strong>{{ Math.round(side.share * 100) }} %</strong> {{ side.words }}
              <span v-if="side.mixture" class="block text-soft"
                >grain {{ plainNumber(side.mixture.grainMm, 2) }} mm, sealed {{ side.sealed }}</span
              >
              <span v-else class="block text-hip">next to nothing: take another mesh</span>
            </span>
          </div>
        </div>
      </div>
      <div class="text-sm">
        <p v-if="work" class="py-1 text-soft">
          About {{ formatMinutes(work.handsMin.value) }} of hands:
          {{ work.steps.map(({ title }) => title).join(' · ') }}.
        </p>
        <p v-if="wantsTrial" class="py-1 text-larch">
          No tile of this recipe has been judged: before so much, six small ones, sealed.
        </p>
        <p v-if="isShort && limit.scarcest" class="py-1 text-hip" role="alert">
          {{ limit.scarcest.grain.material.name }} runs out first: it gives {{ shownMl(limit.mostMl) }} of the
          mix.
          <button
            v-if="limit.mostMl >= 2"
            type="button"
            class="button button-small mt-1"
            @click="emit('change', { amountMl: Math.max(1, smaller) })"
          >
            Make {{ smaller }} ml, and keep a rest to match by
          </button>
        </p>
        <template v-for="swap in swaps" :key="swap.out.id">
          <p v-for="one in swap.ins" :key="one.grain.material.id" class="flex items-center gap-2 py-0.5">
            <span class="flex-1"
              >For {{ swap.out.name }}, {{ one.grain.material.name }}: moves it by ΔE
              {{ plainNumber(one.drift, 1) }}{{ grainWords(one.grainRatio) }}.</span
            >
            <button
              v-if="!locked"
              type="button"
              class="button button-small"
              :aria-label="`Take ${one.grain.material.name} instead of ${swap.out.name}`"
              @click="emit('swap', swap.out.id, one.grain.material.id)"
            >
              Take it
            </button>
          </p>
        </template>
        <p
          v-for="one in lotRows"
          :key="one.lotId"
          class="py-0.5"
          :class="one.drift < 1 ? 'text-soft' : 'text-larch'"
        >
          From “{{ one.label }}” it moves by ΔE {{ plainNumber(one.drift, 1) }}:
          {{ differenceWords(one.drift) }}.
        </p>
        <p v-for="one in last" :key="one.portion.grain.material.id" class="py-1 text-larch" role="status">
          Point of no return: this takes the last of {{ one.portion.grain.material.name
          }}{{ one.leftG > 0.05 ? `, all but ${formatQuantity(one.leftG, 'g')}` : '' }}.
          {{
            one.cantComeAgain
              ? 'It was not bought: it may not come again.'
              : 'The next bag is another lot, and another tone.'
          }}
          <button
            v-if="smaller >= 2 && smaller < ml"
            type="button"
            class="button button-small"
            @click="emit('change', { amountMl: smaller })"
          >
            Make {{ smaller }} ml instead
          </button>
        </p>
      </div>
    </div>
  </section>
</template>
