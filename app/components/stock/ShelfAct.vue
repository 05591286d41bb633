<script setup lang="ts">
import { gatheringOf } from '~~/core/harvest'
import { stockMethodFor } from '~~/core/methods'
import type { ShelfItem } from './shelf-columns'

/** The one thing to do with a material: what comes next where it is short, else to take in what was brought. */
const props = defineProps<{ row: ShelfItem }>()
const emit = defineEmits<{ receive: []; make: [] }>()
const buying = useBuying()
const to = useStationPath()

const material = computed(() => props.row.state.material)
/** A place where it is got. */
const way = computed(() => {
  const { id, blendId } = material.value
  if (blendId !== undefined) return { word: 'Mix', to: { path: to('blends'), query: { blend: blendId } } }
  const { short } = props.row
  if (!short) return undefined
  if (gatheringOf(id) && short.packs === undefined) return { word: 'Gather', to: to('stock/harvest') }
  return (buying.offersOf.get(id)?.length ?? 0) > 0 && buying.comingOn(id) === undefined
    ? { word: 'Buy', to: to('stock/buying') }
    : undefined
})
const isMade = computed(() => stockMethodFor(material.value.id) !== undefined)
</script>

<template>
  <NuxtLink v-if="way" class="button button-small" :to="way.to"
    >{{ way.word }}<span class="sr-only"> {{ material.name }}</span></NuxtLink
  >
  <button v-else-if="isMade" type="button" class="button button-small" @click="emit('make')">
    Make<span class="sr-only"> {{ material.name }}</span>
  </button>
  <button v-else type="button" class="button button-small" @click="emit('receive')">
    Receive<span class="sr-only"> {{ material.name }}</span>
  </button>
</template>
