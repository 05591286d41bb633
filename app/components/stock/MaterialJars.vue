<script setup lang="ts">
import { stockMethodFor } from '~~/core/methods'
import { colourOf, type StockState } from '~~/core/stock'
import { measureWords } from './material-words'

/** The jars of a material, what is known of it, and all that can be done with it. */
const props = defineProps<{ state: StockState }>()
const emit = defineEmits<{ receive: []; edit: []; make: [] }>()
const workshop = useWorkshop()
const measuring = ref(false)
const material = computed(() => props.state.material)
const isBlend = computed(() => material.value.blendId !== undefined)
const said = computed(() =>
  [
    props.state.lots.length === 0 ? 'No lots yet' : '',
    measureWords(material.value, workshop.settings.units),
    material.value.measured
      ? `colour measured ${formatDate(material.value.measured.date)}, ${material.value.measured.light}`
      : '',
    material.value.note ?? '',
  ]
    .filter(Boolean)
    .join(' · '),
)
</script>

<template>
  <div class="-my-1.5 text-[13px]">
    <JarRow v-for="lot in state.lots" :key="lot.lot.id" :lot="lot" :material="material" />
    <div class="flex flex-wrap items-center gap-1 min-h-11">
      <p class="min-w-0 flex-1 text-sm text-soft">{{ said }}</p>
      <button
        v-if="!isBlend && colourOf(material.of)"
        type="button"
        class="button button-quiet button-small"
        @click="measuring = true"
      >
        Measure its colour<span class="sr-only">: {{ material.name }}</span>
      </button>
      <button v-if="!isBlend" type="button" class="button button-quiet button-small" @click="emit('edit')">
        Change<span class="sr-only"> {{ material.name }}</span>
      </button>
      <button
        v-if="stockMethodFor(material.id)"
        type="button"
        class="button button-quiet button-small"
        @click="emit('make')"
      >
        Make<span class="sr-only"> {{ material.name }}</span>
      </button>
      <button type="button" class="button button-small" @click="emit('receive')">
        Receive<span class="sr-only"> {{ material.name }}</span>
      </button>
    </div>
    <MeasureDialog
      v-if="measuring"
      :title="material.name"
      :material-id="material.id"
      @close="measuring = false"
    />
  </div>
</template>
