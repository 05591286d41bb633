<script setup lang="ts">
import {
  differenceWords,
  lastOf,
  lotColours,
  lotDrifts,
  sameParts,
  SMALLER_SHARE,
  standIns,
  takes,
  type Blend,
  type MixedBlend,
} from '~~/core/blends'
import type { Sealing } from '~~/core/colour'
import { formatQuantity, plainNumber } from '~~/core/units'

/** What is said before a blend is mixed: what runs out, what could stand in, how bags differ, what can't come again. */
const props = defineProps<{
  blend: Blend
  mixed: MixedBlend
  sealing: Sealing
  ml: number
  locked: boolean
}>()
const emit = defineEmits<{
  change: [fields: Partial<Omit<Blend, 'id' | 'changedAt' | 'fieldsAt'>>]
  swap: [outId: string, inId: string]
}>()
const workshop = useWorkshop()
const store = useBlends()
const stock = useStock()
const { amounts, rows, limit, isShort } = useMixAmounts(
  () => props.mixed,
  () => props.ml,
)
const onHand = (id: string): number => stock.stateById.get(id)?.onHand ?? 0
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
          (grain) => takes(props.blend.use, grain) && stock.freeOf(grain.material.id) >= g,
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
    props.ml >= BIG_ML &&
    !props.locked &&
    !workshop.tiles.some(
      ({ verdict, parts }) => verdict !== undefined && sameParts(parts, props.blend.parts),
    ),
)
const grainWords = (ratio: number): string => (ratio > 1.4 ? ', coarser' : ratio < 0.7 ? ', finer' : '')

const smallerWords = computed(() => formatQuantity(smaller.value, 'ml'))
const gives = computed(() => formatQuantity(Math.round(limit.value.mostMl * 10) / 10, 'ml'))
</script>

<template>
  <div>
    <p v-if="wantsTrial" class="py-1 text-larch">
      No tile of this recipe has been judged: before so much, six small ones, sealed.
    </p>
    <p v-if="isShort && limit.scarcest" class="py-1 text-hip" role="alert">
      {{ limit.scarcest.grain.material.name }} runs out first: it gives {{ gives }} of the mix.
      <button
        v-if="limit.mostMl >= 2"
        type="button"
        class="button button-small mt-1"
        @click="emit('change', { amountMl: Math.max(1, smaller) })"
      >
        Make {{ smallerWords }}, and keep a rest to match by
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
      From “{{ one.label }}” it moves by ΔE {{ plainNumber(one.drift, 1) }}: {{ differenceWords(one.drift) }}.
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
        Make {{ smallerWords }} instead
      </button>
    </p>
  </div>
</template>
