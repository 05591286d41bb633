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
  <label v-if="commission.current" class="chip">
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
.chip {
  position: relative;
  padding: 3px 10px;
  border: 1px solid var(--color-edge);
  border-radius: 3px;
  background: var(--color-white);
  line-height: 20px;
  white-space: nowrap;
}
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
