<script setup lang="ts">
/** The date depicted, where there is no room for the season band. */
const commission = useCommission()
function take(event: Event): void {
  const { value } = event.target as HTMLInputElement
  if (value === '') return
  commission.draggedDate = value
  commission.settleDate()
}
</script>

<template>
  <label
    v-if="commission.current"
    class="chip relative py-0.75 px-2.5 border border-edge rounded-sm bg-white leading-[20px] whitespace-nowrap"
  >
    <span class="sr-only">Date depicted</span>
    <span aria-hidden="true">{{ formatDay(commission.date) }}</span>
    <input
      type="date"
      class="pick"
      :value="commission.date"
      @click="($event.target as HTMLInputElement).showPicker()"
      @change="take"
    />
  </label>
</template>

<style scoped>
/* The browser’s own calendar opens wherever the chip is pressed. */
.pick {
  position: absolute;
  inset: 0;
  width: 100%;
  opacity: 0;
}
.chip:focus-within {
  outline: 2px solid var(--color-rain);
  outline-offset: 2px;
}
</style>
