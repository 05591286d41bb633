<script setup lang="ts">
import { WHOLE } from '../../drawing/sight'

const commission = useCommission()
const view = useLineUp()
const to = useStationPath()
useStation('Line-up', () => {
  void navigateTo(to('brief'))
})
const drawing = useTemplateRef<{ zoomIn: () => void; zoomOut: () => void }>('drawing')
const { saving, keep } = useLineUpPicture()
onBeforeUnmount(() => {
  view.sight = WHOLE
})
</script>

<template>
  <div v-if="commission.plants.length > 0" class="flex min-h-full flex-col">
    <h1 class="sr-only">Line-up</h1>
    <LineupTools :saving="saving" @zoom-in="drawing?.zoomIn()" @zoom-out="drawing?.zoomOut()" @save="keep" />
    <LineupDrawing ref="drawing" />
    <LaterPart>
      <LineupTable />
    </LaterPart>
  </div>
  <div v-else class="m-8 max-w-lg">
    <h1 class="mb-2">Nothing to line up</h1>
    <p class="mb-4">
      {{ commission.current ? 'This commission has no lines yet.' : 'There is no commission yet.' }} What you
      enter in the Brief stands here at its true model size, next to a person.
    </p>
    <NuxtLink class="button button-act" :to="to('brief')">Go to the Brief</NuxtLink>
  </div>
</template>
