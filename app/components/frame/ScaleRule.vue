<script setup lang="ts">
import { X } from '@lucide/vue'
import { toRealMm } from '~~/core/units'

/**
 * A wooden rule: model lengths above, real ones below, at the commission's ratio. Where nothing is drawn to its measure
 * it is a strip that opens.
 */
const shell = useShell()
const place = usePlace()
const open = computed(() => shell.rule ?? place.value?.rule ?? false)
const commission = useCommission()
const { model, real } = useFormat()

const ratio = computed(() => commission.current?.ratio ?? 1)
const typedMm = ref<number>()
const selectedMm = computed(() => commission.selected?.size.heightMm)
</script>

<template>
  <button
    v-if="!open"
    type="button"
    class="strip block w-full h-4 px-6 border-t-2 border-t-wood-edge bg-wood text-wood-line text-[12px] leading-[13px] text-right"
    aria-label="Open the scale rule"
    aria-expanded="false"
    @click="shell.rule = true"
  >
    <template v-if="selectedMm !== undefined"
      >{{ model(selectedMm) }} = {{ real(toRealMm(selectedMm, ratio)) }}</template
    >
  </button>
  <section v-else class="rule" :class="{ asked: shell.rule }" aria-label="Scale rule">
    <RuleLengths v-model:mm="typedMm" :ratio="ratio" />
    <RuleFace :ratio="ratio" :typed-mm="typedMm" />
    <button
      v-if="shell.rule || !place?.rule"
      type="button"
      class="close grid place-items-center w-10 text-wood-line"
      aria-label="Close the scale rule"
      @click="shell.rule = false"
    >
      <X class="size-4" aria-hidden="true" />
    </button>
  </section>
</template>

<style scoped>
.rule {
  position: relative;
  display: flex;
  height: 40px;
  background: var(--color-wood);
  border-top: 2px solid var(--color-wood-edge);
}
.strip:focus-visible {
  outline-offset: -2px;
}
@media (max-width: 700px) {
  .strip,
  .rule:not(.asked) {
    display: none;
  }
  .rule {
    flex-direction: column-reverse;
    height: auto;
  }
  .close {
    position: absolute;
    right: 0;
    top: 38px;
    height: 60px;
  }
}
</style>
