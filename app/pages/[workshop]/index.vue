<script setup lang="ts">
await navigateTo(`/${String(useRoute().params.workshop)}/line-up`, { replace: true })
</script>

<template>
  <div />
</template>
