<script setup lang="ts">
import { stageAfter, type Batch } from '~~/core/batches'
import { plantMethods } from '~~/core/methods'

/**
 * The piece as it looks once a step is done: on the skeleton that its line is drawn with, bare or dressed. Of what is
 * planted, where it stands.
 */
const props = withDefaults(
  defineProps<{
    batch: Batch
    stepIndex: number
    width: number
    height: number
    caption?: string
    /** Pieces that are done in this step. */
    done?: number
  }>(),
  { caption: '', done: 0 },
)
const commission = useCommission()
const stock = useStock()
const plant = computed(() => commission.plants.find(({ line }) => line.id === props.batch.lineId))
/** Its line is of the commission in hand: the picture has its room before it is worked out. */
const isComing = computed(() => !plant.value && commission.lines.some(({ id }) => id === props.batch.lineId))
const rendering = computed(
  () => plantMethods.find(({ id }) => id === props.batch.methodId)?.profile.rendering,
)
const stage = computed(() =>
  stageAfter(props.batch.plan.steps, props.stepIndex, (id) => stock.stateById.get(id)?.material.of.stuff),
)
/** Of grass there is nothing to see before it is sown. */
const isShown = computed(
  () => plant.value && (stage.value !== 'bare' || plant.value.species.crownForm !== 'blades'),
)
</script>

<template>
  <PlantedPicture v-if="batch.makes.kind === 'planted'" :batch="batch" :done="done" :width="width" />
  <div v-else-if="isComing" :style="{ width: `${width}px` }" aria-hidden="true" />
  <figure v-else-if="plant && isShown" class="grid justify-items-center">
    <WayDrawing
      :plant="plant"
      :rendering="rendering"
      :bare="stage === 'bare'"
      :label="`${plant.line.name}, ${stage}`"
      :width="width"
      :height="height"
    />
    <figcaption class="text-sm text-soft">{{ caption || `after this step: ${stage}` }}</figcaption>
  </figure>
</template>
