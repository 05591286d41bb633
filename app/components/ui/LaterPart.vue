<script lang="ts">
/** Parts of a page that are still to be made, in the order that they stand in. */
const waiting: (() => void)[] = []
let frame = 0
function goOn(): void {
  waiting.shift()?.()
  frame = waiting.length > 0 ? requestAnimationFrame(goOn) : 0
}
</script>

<script setup lang="ts">
/** A part of a page that is made in a frame of its own, after what stands before it: the first answer is quick. */
const isThere = ref(false)
const show = (): void => {
  isThere.value = true
}
onMounted(() => {
  waiting.push(show)
  if (frame === 0) frame = requestAnimationFrame(goOn)
})
onBeforeUnmount(() => {
  const at = waiting.indexOf(show)
  if (at >= 0) waiting.splice(at, 1)
})
</script>

<template>
  <slot v-if="isThere" />
</template>
