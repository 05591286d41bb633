<script setup lang="ts">
/** The room in a table that rows take which are not in the window. */
defineProps<{ px: number; columns: number }>()
</script>

<template>
  <tbody v-if="px > 0" aria-hidden="true">
    <tr>
      <td :colspan="columns" class="!border-0 !p-0" :style="{ height: `${px}px` }"></td>
    </tr>
  </tbody>
</template>
