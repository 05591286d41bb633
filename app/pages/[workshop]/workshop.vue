<script setup lang="ts">
useStation('Workshop')
</script>

<template>
  <div class="grid gap-x-10 px-5 py-3 lg:grid-cols-2">
    <h1 class="col-span-full">Workshop</h1>
    <FaultyRecords class="col-span-full" />
    <SettingsForm />
    <div>
      <DataPanel />
      <TakenAwayList class="mt-4" />
    </div>
  </div>
</template>
