<template>
  <ul class="legend" aria-label="How steps are drawn">
    <li><span class="key loose" /> days to spare</li>
    <li><span class="key tight" /> nothing to spare</li>
    <li><span class="key closing" /> within a window</li>
    <li><span class="key late" /> late</li>
    <li><span class="tail" /> it dries</li>
    <li><span class="line" /> then, of what is picked</li>
    <li>● pinned</li>
  </ul>
</template>

<style scoped>
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 10px 0 4px;
  font-size: 13px;
  color: var(--color-soft);
}
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
.key {
  width: 22px;
  height: 13px;
  border: 1px solid var(--color-soft);
  border-radius: 2px;
  background: var(--color-white);
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
.line {
  width: 22px;
  border-top: 2px solid var(--color-rain);
}
</style>
