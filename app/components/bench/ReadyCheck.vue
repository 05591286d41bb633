<script setup lang="ts">
import type { Batch, BatchStep } from '~~/core/batches'
import { formatQuantity } from '~~/core/units'

/** What must lie ready before a window opens: once the glue is on there is no time to look for it. */
const props = defineProps<{ batch: Batch; step: BatchStep; pieces: number }>()
const stock = useStock()
const checked = ref(new Set<string>())

const items = computed(() => {
  const amounts = props.batch.plan.amounts.filter((amount) => amount.step === props.step.id)
  const materials = amounts.map(({ materialId, quantity, lies }) => {
    const material = stock.stateById.get(materialId)?.material
    const isCan = material?.of.stuff === 'liquid' && material.of.liquid === 'spray-paint'
    const much = material ? formatQuantity(lies ?? quantity, material.unit) : ''
    return {
      id: materialId,
      words: `${material?.name ?? materialId}, ${much}`,
      hint: isCan ? 'read the colour on the can, shake it' : '',
    }
  })
  return [...props.step.tools.map((tool) => ({ id: tool, words: tool, hint: '' })), ...materials]
})
const left = computed(() => items.value.filter(({ id }) => !checked.value.has(id)).length)
function toggle(id: string): void {
  const next = new Set(checked.value)
  if (!next.delete(id)) next.add(id)
  checked.value = next
}
</script>

<template>
  <section
    v-if="items.length > 0"
    class="ready mb-3.5 py-2 px-3.5 border-l-6 border-l-rain bg-rain-pale"
    aria-label="Ready check"
  >
    <p class="text-[17px]">
      <strong>{{ left === 0 ? 'All lies ready.' : 'Before the window opens:' }}</strong>
      {{ left === 0 ? 'Open the glue when you like.' : `${pieces} to do, and this must lie within reach.` }}
    </p>
    <ul>
      <li v-for="{ id, words, hint } in items" :key="id">
        <label class="item flex items-center gap-2.5 min-h-11 text-[17px]"
          ><input type="checkbox" :checked="checked.has(id)" @change="toggle(id)" />
          <span
            >{{ words }}<em v-if="hint" class="text-soft not-italic">: {{ hint }}</em></span
          ></label
        >
      </li>
    </ul>
  </section>
</template>

<style scoped>
.ready ul {
  display: flex;
  flex-wrap: wrap;
  gap: 0 22px;
}
.item input {
  width: 22px;
  height: 22px;
}
</style>
