<script setup lang="ts">
import { DEMO_KEY, OWN_KEY } from '../db/database'

/** The bare address leads to the demo where it was started as one, else to the maker's own workshop. */
const {
  public: { demo },
} = useRuntimeConfig()
await navigateTo(`/${demo ? DEMO_KEY : OWN_KEY}/line-up`, { replace: true })
</script>

<template>
  <div />
</template>
