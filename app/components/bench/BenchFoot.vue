<script setup lang="ts">
/** The foot of the Bench: what takes back at the left, what is done now large in the middle, what rejects at the right. */
</script>

<template>
  <Teleport defer to="#commit">
    <section
      class="foot grid grid-cols-[160px_minmax(0,1fr)_160px] gap-6 py-4 px-6 border-t border-t-line bg-bench"
      aria-label="What is done now"
    >
      <div class="side grid"><slot name="back" /></div>
      <div class="main flex items-stretch gap-3 min-h-26"><slot /></div>
      <div class="side grid"><slot name="reject" /></div>
    </section>
  </Teleport>
</template>

<style scoped>
.main :deep(.button) {
  font-size: 20px;
  white-space: normal;
}
.main :deep(.huge) {
  flex: 1;
  font-size: 28px;
}
.side :deep(.button) {
  flex-direction: column;
  gap: 0;
  font-size: 18px;
  white-space: normal;
}
@media (max-width: 1100px) {
  .foot {
    grid-template-columns: 120px minmax(0, 1fr) 120px;
    gap: 12px;
    padding: 12px 16px;
  }
}
@media (max-width: 700px) {
  .foot {
    grid-template-columns: 72px minmax(0, 1fr) 72px;
    gap: 8px;
    padding: 8px;
  }
  .main {
    flex-wrap: wrap;
    gap: 6px;
    min-height: 80px;
  }
  .main :deep(.huge) {
    flex-basis: 100%;
    min-height: 64px;
    font-size: 22px;
  }
  .main :deep(.button:not(.huge)) {
    flex: 1;
    min-height: 44px;
    padding: 0 6px;
    font-size: 15px;
  }
  .side :deep(.button) {
    padding: 0 4px;
    font-size: 15px;
  }
  .side :deep(.what) {
    display: none;
  }
}
</style>
