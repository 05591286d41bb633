<script setup lang="ts">
import { Minus, Plus } from '@lucide/vue'
import { difference2000, toLab } from '~~/core/colour'
import { shareDone, stopGrowing, goOnGrowing, stopped, underWay } from '../../drawing/studio'
import { refDebounced } from '@vueuse/core'
import { MOST_PIECES } from '../../stores/line-up'

/** How the line-up is looked at, what it is held against, and the picture of it. */
defineProps<{ saving: boolean }>()
const emit = defineEmits<{ zoomIn: []; zoomOut: []; save: [as: 'png' | 'svg' | 'copy'] }>()
const commission = useCommission()
const view = useLineUp()
const { model } = useFormat()

/** What stands out between two lines, in words: height, and how far apart their colours are. */
const between = computed(() => {
  const [a, b] = [commission.selected, view.against]
  if (!a || !b) return ''
  const ratio = a.size.heightMm / b.size.heightMm
  const taller =
    Math.abs(ratio - 1) < 0.03
      ? 'as tall as'
      : ratio > 1
        ? `${ratio.toFixed(1)}× the height of`
        : `${(1 / ratio).toFixed(1)}× lower than`
  const delta = difference2000(toLab(a.look.overall), toLab(b.look.overall))
  const colour =
    delta < 5
      ? 'hardly told apart by colour'
      : delta < 12
        ? 'near each other in colour'
        : 'well apart in colour'
  return `${a.line.name} is ${taller} ${b.line.name} (${model(a.size.heightMm)}, ${model(b.size.heightMm)}); ${colour}, ΔE₀₀ ${delta.toFixed(0)}.`
})
/** Of very many, those that stand around it. */
const others = computed(() => view.around.filter(({ line }) => line.id !== commission.selected?.line.id))
/** Work that is over in a moment is not talked about. */
const slow = refDebounced(
  computed(() => underWay.value > 0),
  350,
)
const busy = computed(() => slow.value && underWay.value > 0)
const pictures = (
  [
    ['png', 'Save as PNG'],
    ['svg', 'Save as SVG, true size'],
    ['copy', 'Copy picture'],
  ] as const
).map(([as, words]) => ({
  words,
  act: () => {
    emit('save', as)
  },
}))
</script>

<template>
  <div
    class="flex flex-wrap items-center gap-y-0.5 gap-x-1.5 py-0.75 px-5 border-b border-b-line text-[13px]"
  >
    <div class="group flex" role="group" aria-label="Size">
      <button type="button" class="tool" :aria-pressed="view.mode === 'true'" @click="view.mode = 'true'">
        To scale
      </button>
      <button
        type="button"
        class="tool"
        :aria-pressed="view.mode === 'seen'"
        title="Each zone as large as it looks from the viewing point"
        @click="view.mode = 'seen'"
      >
        As seen
      </button>
    </div>
    <button
      type="button"
      class="tool"
      :aria-pressed="view.pieces"
      :disabled="!commission.selected"
      :title="`Each piece of the chosen line, up to ${MOST_PIECES}`"
      @click="view.pieces = !view.pieces"
    >
      Pieces
    </button>
    <SelectField
      beside
      label="Show the chosen line beside"
      :model-value="view.againstId ?? ''"
      :disabled="view.pieces"
      :options="[
        { value: '', words: 'all' },
        ...others.map(({ line }) => ({ value: line.id, words: line.name })),
      ]"
      @update:model-value="(id) => (view.againstId = id || undefined)"
    />
    <button type="button" class="tool" :aria-pressed="view.lens" @click="view.lens = !view.lens">Lens</button>
    <div class="group flex" role="group" aria-label="Nearer and further">
      <button
        type="button"
        class="tool"
        aria-label="Further"
        :disabled="view.sight.zoom === 1"
        @click="emit('zoomOut')"
      >
        <Minus class="size-4" aria-hidden="true" />
      </button>
      <button type="button" class="tool" aria-label="Nearer" @click="emit('zoomIn')">
        <Plus class="size-4" aria-hidden="true" />
      </button>
    </div>
    <ActionMenu
      label="Picture"
      button="tool flex items-center gap-1"
      :choices="pictures"
      :disabled="saving"
      >{{ saving ? 'Drawing…' : 'Picture' }}</ActionMenu
    >
    <p class="ml-auto text-soft min-h-5 text-right flex-[1_1_200px] leading-[1.25]" role="status">
      <template v-if="busy"
        >Growing {{ underWay }} {{ underWay === 1 ? 'plant' : 'plants'
        }}{{ shareDone > 0 && underWay === 1 ? `, ${Math.round(shareDone * 100)} %` : '' }}
        <button type="button" class="text-moss underline min-h-6" @click="stopGrowing()">
          Stop
        </button></template
      >
      <template v-else-if="stopped"
        >Growing was stopped.
        <button type="button" class="text-moss underline min-h-6" @click="goOnGrowing()">
          Go on
        </button></template
      >
      <template v-else-if="between">{{ between }}</template>
      <template v-else-if="view.leftOut > 0"
        >{{ view.subjects.length }} of {{ commission.plants.length }} lines are drawn: those around the chosen
        one.</template
      >
      <template v-else-if="view.mode === 'seen' && commission.current"
        >From {{ model(commission.current.viewingMm) }} before the front edge.</template
      >
      <template v-else-if="view.pieces && commission.selected"
        >{{ commission.selected.line.name }}: no two alike, the same each time.</template
      >
    </p>
  </div>
</template>

<style scoped>
.tool,
:deep(.tool) {
  min-height: 34px;
  min-width: 34px;
  padding: 0 9px;
  border-bottom: 2px solid transparent;
  color: var(--color-ink);
  white-space: nowrap;
}
.tool:hover:not(:disabled) {
  background: var(--color-bench);
}
.tool:disabled {
  color: var(--color-edge);
}
.tool[aria-pressed='true'] {
  border-bottom-color: var(--color-moss);
  color: var(--color-moss);
  font-weight: 650;
}
</style>
