<script setup lang="ts">
import { colourOf, type LotState, type Material } from '~~/core/stock'
import { formatQuantity } from '~~/core/units'

/** One jar of a material: what it holds, what it cost, where it stands. */
const props = defineProps<{ lot: LotState; material: Material }>()
const { money } = useFormat()
const { marks, placeOf } = useLotMarks()
const labels = useJarLabels()
const dialog = ref<'count' | 'mark' | 'measure'>()

const show = (quantity: number): string => formatQuantity(quantity, props.material.unit)
const mark = computed(() => marks.value.get(props.lot.lot.id))
const canMeasure = computed(
  () => colourOf(props.material.of) !== undefined && props.material.blendId === undefined,
)
/** Paid, worked out from what went into it, or not known; nothing paid is a price. */
const price = computed(() => {
  const { lot, unitPriceMinor, received } = props.lot
  if (lot.priceMinor !== undefined) return lot.priceMinor === 0 ? 'nothing paid' : money(lot.priceMinor)
  return unitPriceMinor === undefined ? 'no price' : `${money(unitPriceMinor * received)}, worked out`
})
const said = computed(() =>
  [`of ${show(props.lot.received)}`, price.value, props.lot.lot.note ?? ''].filter(Boolean).join(' · '),
)
</script>

<template>
  <div class="lot">
    <p class="name">
      {{ lot.lot.label }}
      <span class="text-soft"
        >· {{ lot.lot.source }} {{ formatDate(lot.lot.date) }}{{ lot.lot.place ? `, ${lot.lot.place}` : ''
        }}{{ placeOf(lot.lot.id) ? ` · ${placeOf(lot.lot.id)}` : '' }}</span
      >
      <img
        v-if="mark?.photo"
        :src="mark.photo"
        :alt="`Picture of ${lot.lot.label}`"
        class="ml-2 inline-block h-9 border border-line"
      />
    </p>
    <p class="text-right tabular-nums" :class="{ 'text-hip': lot.onHand < 0 }">{{ show(lot.onHand) }}</p>
    <p class="said text-soft">{{ said }}</p>
    <div class="flex justify-end gap-0.5">
      <button
        v-if="canMeasure"
        type="button"
        class="button button-quiet button-small"
        @click="dialog = 'measure'"
      >
        Measure<span class="sr-only"> the colour of {{ lot.lot.label }}</span>
      </button>
      <button
        type="button"
        class="button button-quiet button-small"
        @click="labels.print([{ material, lot: lot.lot }], fileNameOf(lot.lot.label))"
      >
        Label<span class="sr-only"> for {{ lot.lot.label }}</span>
      </button>
      <button type="button" class="button button-quiet button-small" @click="dialog = 'mark'">
        Place<span class="sr-only"> of {{ lot.lot.label }}</span>
      </button>
      <button type="button" class="button button-small" @click="dialog = 'count'">
        Count<span class="sr-only"> {{ lot.lot.label }}</span>
      </button>
      <MeasureDialog
        v-if="dialog === 'measure'"
        :title="`${material.name}, ${lot.lot.label}`"
        :lot="{ id: lot.lot.id, label: `${material.name}, ${lot.lot.label}`, materialId: material.id }"
        @close="dialog = undefined"
      />
      <MarkDialog
        v-if="dialog === 'mark'"
        :lot="lot.lot"
        :material="material.name"
        @close="dialog = undefined"
      />
      <CountDialog v-if="dialog === 'count'" :state="lot" :material="material" @close="dialog = undefined" />
    </div>
  </div>
</template>

<style scoped>
.lot {
  display: grid;
  grid-template-columns: minmax(0, 1.6fr) 72px minmax(0, 1fr) auto;
  align-items: center;
  gap: 0 16px;
  min-height: 44px;
  border-bottom: 1px solid var(--color-line);
}
@media (max-width: 700px) {
  .lot {
    grid-template-columns: minmax(0, 1fr) auto;
  }
}
</style>
