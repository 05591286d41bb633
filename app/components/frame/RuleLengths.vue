<script setup lang="ts">
import { parseLength, toModelMm, toRealMm } from '~~/core/units'

/** Lengths typed on one side of the rule show on the other. */
const props = defineProps<{ ratio: number }>()
/** What is typed, model mm. */
const mm = defineModel<number>('mm')
const workshop = useWorkshop()
const { model, real } = useFormat()
const imperial = computed(() => workshop.settings.units === 'imperial')

const modelText = ref('')
const realText = ref('')
const fault = ref('')

function typed(side: 'model' | 'real'): void {
  const text = side === 'model' ? modelText.value : realText.value
  fault.value = ''
  if (text.trim() === '') {
    modelText.value = ''
    realText.value = ''
    mm.value = undefined
    return
  }
  const [small, large] = imperial.value ? (['in', 'ft'] as const) : (['mm', 'm'] as const)
  const reading = parseLength(text, side === 'model' ? small : large)
  if (reading.kind === 'none') {
    fault.value = reading.because
    mm.value = undefined
    return
  }
  const modelMm = side === 'model' ? reading.value : toModelMm(reading.value, props.ratio)
  mm.value = modelMm
  if (side === 'model') realText.value = real(toRealMm(modelMm, props.ratio))
  else modelText.value = model(modelMm)
}
watch(
  () => props.ratio,
  () => typed(realText.value ? 'real' : 'model'),
)
</script>

<template>
  <form class="typed relative flex items-center gap-1.25 px-2 border-r border-r-wood-edge" @submit.prevent>
    <label class="sr-only" for="rule-model">Model length</label>
    <input
      id="rule-model"
      v-model="modelText"
      class="box"
      placeholder="31mm"
      autocomplete="off"
      :aria-invalid="fault !== ''"
      aria-describedby="rule-fault"
      @input="typed('model')"
    />
    <span aria-hidden="true">=</span>
    <label class="sr-only" for="rule-real">Real length</label>
    <input
      id="rule-real"
      v-model="realText"
      class="box"
      placeholder="8ft6"
      autocomplete="off"
      :aria-invalid="fault !== ''"
      aria-describedby="rule-fault"
      @input="typed('real')"
    />
    <p
      id="rule-fault"
      class="fault absolute left-2 bottom-10 py-1 px-2 bg-white border border-hip rounded-sm text-hip text-[13px] whitespace-nowrap z-5"
      role="status"
    >
      {{ fault }}
    </p>
  </form>
</template>

<style scoped>
.box {
  width: 74px;
  height: 28px;
  padding: 0 6px;
  border: 1px solid var(--color-wood-line);
  border-radius: 3px;
  background: var(--color-wood-pale);
  font-size: 14px;
}
.box[aria-invalid='true'] {
  border: 2px solid var(--color-hip);
}
.fault:empty {
  display: none;
}
@media (max-width: 700px) {
  .typed {
    padding: 8px;
    border: 0;
  }
  .box {
    flex: 1;
    height: 44px;
  }
}
</style>
