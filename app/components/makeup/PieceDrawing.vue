<script setup lang="ts">
import { lineFields, shownMm } from '~~/core/commissions'
import { views, type View } from '~~/core/growth'
import { formatRatio, plainNumber, readBounded, toRealMm } from '~~/core/units'
import type { Plant } from '../../stores/plant'
import { partsOf } from '../../stores/line-up'

/** The piece from the front, the side or above, dressed as on the day or bare, with its measures. */
const props = defineProps<{ plant: Plant }>()
const changeLine = useDeed('changeLine')
const commission = useCommission()
const { model, real } = useFormat()
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const box = useTemplateRef<HTMLElement>('box')
const width = useWidth(box)
const bare = ref(false)
const view = ref<View>('front')

const HEIGHT = 250
const GROUND = 226
const size = computed(() => props.plant.size)
const fromAbove = computed(() => view.value === 'top')
/** What is seen from the front: a crown, or a stretch of hedge; from the side a hedge shows its section. */
const hedge = computed(() => {
  const { amount } = props.plant.line
  return amount.kind === 'length' ? amount : undefined
})
/** A crown, a stretch of hedge or a patch of grass, from the front. */
const shown = computed(() => shownMm(props.plant.line.amount, size.value))
const wideMm = computed(() => (view.value === 'side' ? size.value.crownWidthMm : shown.value))
const pxPerMm = computed(() =>
  Math.min(
    (GROUND - 16) / (fromAbove.value ? size.value.crownWidthMm : size.value.heightMm),
    Math.max(1, width.value - 190) / wideMm.value,
  ),
)
const middle = computed(() => width.value / 2 - 6)
const y = (mm: number): number => GROUND - mm * pxPerMm.value

const { isWhole } = usePlantsPicture(canvas, width, ref(HEIGHT), () => {
  // From its end a hedge shows its section: runs stand one behind the other.
  const along = view.value === 'side' ? 0 : pxPerMm.value
  return {
    places: partsOf(props.plant).map(({ sitter, of, offsetMm }) => ({
      sitter,
      look: of.look,
      x: middle.value + offsetMm * along,
      groundY: fromAbove.value ? (GROUND + 8) / 2 : GROUND,
      pxPerMm: pxPerMm.value,
      view: view.value,
      bare: bare.value,
    })),
  }
})

/** Blades are set by number, not by how much is seen through them. */
const hasCrown = computed(() => props.plant.species.crownForm !== 'blades')
const ratio = computed(() => commission.current?.ratio ?? 1)
const facts = computed(() => {
  const { piece, look } = props.plant
  const floor = piece.floor === true
  const rows: [string, string][] = [
    [
      'Height',
      `${model(size.value.heightMm)} · ${real(toRealMm(size.value.heightMm, ratio.value))} at ${formatRatio(ratio.value)}`,
    ],
  ]
  if (!floor)
    rows.push([
      hedge.value ? 'Hedge' : 'Crown',
      hedge.value
        ? `${model(size.value.crownWidthMm)} thick, ${hedge.value.section}; ${model(shown.value)} of it shown`
        : `${model(size.value.crownWidthMm)} wide · ${plainNumber(piece.sideAreaCm2, 1)} cm² from the side`,
    ])
  if (size.value.clearStemMm > 0.5 && !hedge.value) rows.push(['Clear stem', model(size.value.clearStemMm)])
  if (size.value.stature < 1)
    rows.push(['Stature', `${plainNumber(size.value.stature * 100, 0)} % of true scale`])
  if (hasCrown.value) rows.push(['Grain', `${plainNumber(piece.grainMm, 2)} mm for a leaf`])
  rows.push([`On ${formatDay(commission.date)}`, look.words])
  return rows
})

/** See-through wanted in full leaf; emptied, the species' own again. */
const inPercent = (share: number | undefined): string =>
  share === undefined ? '' : plainNumber(share * 100, 0)
const {
  text: typed,
  fault,
  take,
} = useFieldTexts(
  () => props.plant.line.id,
  () => {
    const { seeThrough, wind, leanDeg } = props.plant.line
    return {
      seeThrough: inPercent(seeThrough),
      wind: inPercent(wind),
      leanDeg: leanDeg === undefined ? '' : plainNumber(leanDeg, 1),
    }
  },
)
const faults = computed(() => Object.values(fault).filter(Boolean).join(' '))
const leave = (field: 'seeThrough' | 'wind' | 'leanDeg') =>
  take(
    field,
    orNothing(typed[field], (text) => readBounded(lineFields[field], text)),
    (read) =>
      changeLine(props.plant.line.id, {
        [field]: field !== 'seeThrough' && read === 0 ? undefined : read,
      }),
  )
</script>

<template>
  <section aria-label="The piece">
    <div ref="box" class="relative" :style="{ height: `${HEIGHT}px` }">
      <canvas
        ref="canvas"
        class="absolute inset-0"
        :style="{ width: `${width}px`, height: `${HEIGHT}px` }"
        role="img"
        :aria-busy="!isWhole"
        :aria-label="`${plant.line.name} from the ${view}, ${bare ? 'bare' : plant.look.words}`"
      />
      <svg class="absolute inset-0" :width="width" :height="HEIGHT" aria-hidden="true">
        <template v-if="!fromAbove">
          <line
            x1="14"
            :x2="width - 14"
            :y1="GROUND"
            :y2="GROUND"
            stroke="var(--color-earth)"
            stroke-width="1.5"
          />
          <path
            class="fill-none stroke-moss stroke-[1.5px]"
            :d="`M${width - 88} ${y(size.heightMm)}h14m-7 0V${GROUND}`"
          />
          <text :x="width - 76" :y="(y(size.heightMm) + GROUND) / 2 + 4">{{ model(size.heightMm) }}</text>
        </template>
        <path
          class="fill-none stroke-moss stroke-[1.5px]"
          :d="`M${middle - (wideMm * pxPerMm) / 2} ${GROUND + 6}v8m0 -4H${middle + (wideMm * pxPerMm) / 2}m0 -4v8`"
        />
      </svg>
      <div class="absolute left-3 top-2 grid text-sm">
        <DressedOrBare v-model="bare" />
        <span class="my-1 border-t border-line" />
        <button
          v-for="side in views"
          :key="side"
          type="button"
          class="toggle"
          :aria-pressed="view === side"
          @click="view = side"
        >
          {{ side }}
        </button>
      </div>
    </div>
    <dl
      class="grid items-center grid-cols-[auto_1fr] gap-y-px gap-x-3 px-4 pb-2.5 text-[13px] leading-[19px] [&>dt]:text-soft"
    >
      <template v-for="[name, value] in facts" :key="name"
        ><dt>{{ name }}</dt>
        <dd>{{ value }}</dd></template
      >
      <dt v-if="hasCrown"><label for="see-through">See-through</label></dt>
      <dd v-if="hasCrown">
        <input
          id="see-through"
          v-model="typed.seeThrough"
          class="field inline-block w-13 min-h-7 py-0 px-1.5"
          inputmode="decimal"
          :placeholder="plainNumber(plant.piece.seeThrough * 100, 0)"
          :aria-invalid="fault.seeThrough !== ''"
          @change="leave('seeThrough')"
        />
        % in full leaf
      </dd>
      <dt v-if="!plant.piece.floor"><label for="lean">Lean</label></dt>
      <dd v-if="!plant.piece.floor">
        <input
          id="lean"
          v-model="typed.leanDeg"
          class="field inline-block w-13 min-h-7 py-0 px-1.5"
          inputmode="decimal"
          placeholder="0"
          :aria-invalid="fault.leanDeg !== ''"
          @change="leave('leanDeg')"
        />°
      </dd>
      <dt v-if="!plant.piece.floor"><label for="wind">Wind-shaped</label></dt>
      <dd v-if="!plant.piece.floor">
        <input
          id="wind"
          v-model="typed.wind"
          class="field inline-block w-13 min-h-7 py-0 px-1.5"
          inputmode="decimal"
          placeholder="0"
          :aria-invalid="fault.wind !== ''"
          @change="leave('wind')"
        />
        %
      </dd>
    </dl>
    <p v-if="faults" class="px-4 pb-2 text-sm text-hip" role="alert">{{ faults }}</p>
  </section>
</template>

<style scoped>
text {
  font-size: 13px;
  font-weight: 650;
  fill: var(--color-moss);
}
</style>
