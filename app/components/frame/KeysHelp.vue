<script setup lang="ts">
const shell = useShell()
const columns = [
  { id: 'key', head: 'Key', cell: 'font-medium whitespace-nowrap' },
  { id: 'does', head: 'What it does' },
]
</script>

<template>
  <BaseDialog v-model="shell.keys" title="Keys">
    <DataTable label="Keys" bare :rows="keyList" :columns="columns" :key-of="([key]) => key">
      <template #key="{ row: [key] }">{{ key }}</template>
      <template #does="{ row: [, does] }">{{ does }}</template>
    </DataTable>
  </BaseDialog>
</template>
