<script setup lang="ts">
import {
  differenceWords,
  leaningWords,
  nearnessOf,
  offFigure,
  speckleOf,
  type Bound,
  type MixedBlend,
  type SetStep,
} from '~~/core/blends'
import { difference2000, toLab, type Sealing } from '~~/core/colour'
import { plainNumber } from '~~/core/units'
import type { ReadTarget } from '../../stores/blends'
import type { Plant } from '../../stores/plant'

/** The mixture: its grains dry and sealed beside the target, and its parts as measures to be changed by hand. */
const props = defineProps<{
  mixed?: MixedBlend
  target?: ReadTarget
  sealing: Sealing
  bounds: readonly Bound[]
  locked: boolean
  /** The line whose tone it is to match, where it is one of this commission's. */
  plant?: Plant
  /** How the tones of its set stand to their base. */
  steps: readonly SetStep[]
}>()
const emit = defineEmits<{
  parts: [materialId: string, parts: number]
  pin: [materialId: string, parts?: number]
}>()

const box = useTemplateRef<HTMLElement>('box')
const width = useWidth(box)
const times = ref(1)
const STRIP = 190
/** Height of a crown over its flat colours, px. */
const CROWN = 120
const HEIGHT = 176
/** Target, mix sealed and mix dry stand edge to edge: the eye tells two colours apart best where they touch. */
const swatchWidth = computed(() =>
  Math.max(48, Math.floor((width.value - (props.plant ? STRIP : 0)) / (props.target ? 3 : 2))),
)

const sealedLab = computed(() => (props.mixed ? toLab(props.mixed.sealed) : undefined))
const off = computed(() =>
  sealedLab.value && props.target ? difference2000(sealedLab.value, props.target.lab) : undefined,
)
const differs = computed(() =>
  off.value === undefined || !props.target || !props.mixed
    ? undefined
    : offFigure({
        off: off.value,
        mixture: props.mixed.mixture,
        sealed: props.mixed.sealed,
        isMeasured: props.mixed.tile !== undefined,
        sealing: props.sealing,
        target: props.target,
      }),
)
const leaning = computed(() =>
  sealedLab.value && props.target ? leaningWords(sealedLab.value, props.target.lab) : '',
)
const tag = computed(() => {
  const nearness = off.value === undefined ? 'wrong' : nearnessOf(off.value)
  return nearness === 'same' || nearness === 'close'
    ? 'tag-moss'
    : nearness === 'near'
      ? 'tag-larch'
      : 'tag-hip'
})
const speckle = computed(() => props.mixed && speckleOf(props.mixed.mixture))
const signed = (value: number): string => `${value < 0 ? '−' : '+'}${plainNumber(Math.abs(value), 1)}`
</script>

<template>
  <section class="min-w-0 px-4 py-3" aria-label="Mixture">
    <div class="mb-2 flex items-baseline gap-3">
      <h2>Mixture</h2>
      <template v-if="mixed && off !== undefined">
        <span class="tag" :class="tag" role="status"
          >{{ differenceWords(off) }}{{ leaning ? `: ${leaning}` : '' }}</span
        >
        <span v-if="differs" class="text-sm text-soft"
          >ΔE
          <FigureButton
            :figure="differs"
            label="Difference from the target, ΔE₀₀"
            :text="plainNumber(off, 1)"
        /></span>
      </template>
      <span class="ml-auto flex" role="group" aria-label="Size of the grains">
        <button
          v-for="[size, words] in [
            [1, 'true size'],
            [4, '× 4'],
          ] as const"
          :key="size"
          type="button"
          class="choice"
          :aria-pressed="times === size"
          @click="times = size"
        >
          {{ words }}
        </button>
      </span>
    </div>
    <div ref="box">
      <div v-if="mixed" class="flex border border-line">
        <figure v-if="target" :style="{ width: `${swatchWidth}px`, background: target.colour }">
          <figcaption>target</figcaption>
        </figure>
        <figure>
          <SwatchDrawing
            :mixture="mixed.mixture"
            :sealing="sealing"
            :width="swatchWidth"
            :height="HEIGHT"
            :times="times"
            label="The mix once sealed"
          />
          <figcaption>sealed</figcaption>
        </figure>
        <figure>
          <SwatchDrawing
            :mixture="mixed.mixture"
            :width="swatchWidth"
            :height="HEIGHT"
            :times="times"
            label="The mix as it lies in the hand, dry"
          />
          <figcaption>dry</figcaption>
        </figure>
        <figure v-if="plant" class="afar flex-1 flex flex-col min-w-0 border-l border-l-line">
          <span class="flex">
            <WayDrawing
              :plant="plant"
              :width="STRIP / 2"
              :height="CROWN"
              :label="`${plant.line.name} on the day`"
            />
            <WayDrawing
              :plant="plant"
              :colour="mixed.sealed"
              :width="STRIP / 2"
              :height="CROWN"
              :label="`${plant.line.name} in this mix`"
            />
          </span>
          <span class="flats flex-1 flex" aria-hidden="true"
            ><i :style="{ background: target?.colour ?? 'transparent' }" /><i
              :style="{ background: mixed.sealed }"
          /></span>
          <figcaption>the day’s · this mix</figcaption>
        </figure>
        <figure v-else class="afar flex-1 flex flex-col min-w-0 border-l border-l-line">
          <span class="flats flex-1 flex" aria-hidden="true"
            ><i :style="{ background: target?.colour ?? 'transparent' }" /><i
              :style="{ background: mixed.sealed }"
          /></span>
          <figcaption>from afar: target · this mix</figcaption>
        </figure>
      </div>
      <p v-else class="grid place-content-center h-44 border border-dashed border-line text-soft">
        Put parts in from the jars on the right, or take a proposal below.
      </p>
    </div>
    <PartsTable
      v-if="mixed"
      :mixed="mixed"
      :bounds="bounds"
      :locked="locked"
      @parts="(id, parts) => emit('parts', id, parts)"
      @pin="(id, parts) => emit('pin', id, parts)"
    />
    <p v-if="mixed && speckle" class="mt-1 text-sm text-soft">
      Reads as {{ speckle.words }} · grain {{ plainNumber(mixed.mixture.grainMm, 2) }} mm · dry
      {{ mixed.dry }}, sealed {{ mixed.sealed }}{{ mixed.tile ? ', as measured on its tile' : ', foretold' }}.
    </p>
    <p v-if="steps.length > 0" class="mt-1 text-sm">
      Steps of the set:
      <template v-for="(step, i) in steps" :key="step.tone"
        ><template v-if="i > 0"> · </template
        ><span :class="step.keeps ? 'text-soft' : 'text-hip'"
          >{{ step.tone === 'light' ? 'highlight' : step.tone }} {{ signed(step.is) }} L* from the base,
          wanted {{ signed(step.wanted) }}{{ step.keeps ? '' : ': the step is lost' }}</span
        ></template
      >.
    </p>
    <p v-if="mixed && mixed.unknown.length > 0" class="text-sm text-hip" role="alert">
      {{ mixed.unknown.length === 1 ? 'A material of its recipe is' : 'Materials of its recipe are' }} not
      known here any more, or can’t be mixed: what is shown is without.
    </p>
  </section>
</template>

<style scoped>
figure {
  position: relative;
}
figcaption {
  position: absolute;
  left: 0;
  bottom: 0;
  padding: 0 6px;
  font-size: 12px;
  background: rgb(246 248 244 / 88%);
}
.flats i {
  flex: 1;
}
.afar figcaption {
  position: static;
  line-height: 1.2;
  padding: 3px 6px;
}
</style>
