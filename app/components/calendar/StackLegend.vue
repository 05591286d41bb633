<template>
  <ul
    class="legend flex flex-wrap gap-y-1 gap-x-4.5 mt-2.5 mb-1 text-[13px] text-soft"
    aria-label="How steps are drawn"
  >
    <li><span class="key w-5.5 h-3.25 border border-soft rounded-[2px] bg-white" /> days to spare</li>
    <li>
      <span class="key w-5.5 h-3.25 border border-soft rounded-[2px] bg-white tight" /> nothing to spare
    </li>
    <li>
      <span class="key w-5.5 h-3.25 border border-soft rounded-[2px] bg-white closing" /> within a window
    </li>
    <li><span class="key w-5.5 h-3.25 border border-soft rounded-[2px] bg-white late" /> late</li>
    <li><span class="tail" /> it dries</li>
    <li><span class="w-5.5 border-t-2 border-t-rain" /> then, of what is picked</li>
    <li>● pinned</li>
  </ul>
</template>

<style scoped>
.legend li {
  display: flex;
  align-items: center;
  gap: 6px;
}
.tail {
  width: 22px;
  height: 8px;
  background: repeating-linear-gradient(135deg, var(--color-rain) 0 1px, transparent 1px 5px);
}
.key.tight {
  border: 2px solid var(--color-ink);
}
.key.closing {
  border: 2px dashed var(--color-larch);
  background: var(--color-larch-pale);
}
.key.late {
  border: 2px solid var(--color-hip);
  background: repeating-linear-gradient(135deg, var(--color-white) 0 4px, var(--color-hip-pale) 4px 8px);
}
</style>
