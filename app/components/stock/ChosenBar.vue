<script setup lang="ts">
import { counted } from '~~/core/units'
import { MOST_LABELS } from '~~/shared/labels'
import { listOf } from './chosen'

/** What is done with all materials that are chosen on the shelf. */
const props = defineProps<{ chosen: ReadonlySet<string> }>()
const emit = defineEmits<{ close: [] }>()
const stock = useStock()
const labels = useJarLabels()
const { copy } = useCopying()

const states = computed(() => stock.states.filter(({ material }) => props.chosen.has(material.id)))
/** Jars with something in them. */
const jars = computed(() =>
  states.value.flatMap(({ material, lots }) =>
    lots.filter(({ onHand }) => onHand > 0).map(({ lot }) => ({ material, lot })),
  ),
)
const copyList = (): Promise<void> =>
  copy(listOf(states.value), `${counted(states.value.length, 'material')} copied as a list.`)
</script>

<template>
  <CommitBar label="Chosen materials">
    <p class="flex-1" role="status">
      {{
        chosen.size === 0
          ? 'Tick materials: their jars get labels, or they are copied as a list.'
          : `${counted(chosen.size, 'material')}, ${counted(jars.length, 'jar')} with something in ${jars.length === 1 ? 'it' : 'them'}`
      }}
    </p>
    <button type="button" class="button" @click="emit('close')">Done choosing</button>
    <button type="button" class="button" :disabled="chosen.size === 0" @click="copyList">
      Copy as a list
    </button>
    <button
      type="button"
      class="button button-act"
      :disabled="jars.length === 0 || jars.length > MOST_LABELS"
      :title="jars.length > MOST_LABELS ? `${MOST_LABELS} labels at most are printed at once` : undefined"
      @click="labels.print(jars, 'Jar labels')"
    >
      Print {{ counted(jars.length, 'label') }}
    </button>
  </CommitBar>
</template>
