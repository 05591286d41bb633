<script setup lang="ts">
import type { Look } from '~~/core/plants'

/** The colours of a look: its leaves by their share, in shade and light, then flowers and fruit where they show. */
const props = defineProps<{ look: Look }>()
const parts = computed(() => {
  const { leaves, leaf, bark, flower, fruit } = props.look
  const list = [
    { colour: bark.twig, share: leaf < 0.35 ? 1 - leaf : 0 },
    ...leaves.map(({ tones, share }) => ({ colour: tones.base, share: share * leaf })),
    { colour: flower.colour, share: flower.share },
    { colour: fruit.colour, share: fruit.share },
  ]
  return list.filter(({ share }) => share > 0.04)
})
</script>

<template>
  <span class="swatch flex-none inline-flex w-11.5 h-4.25 align-[-3px] border border-line" aria-hidden="true"
    ><i v-for="(part, i) in parts" :key="i" :style="{ background: part.colour, flexGrow: part.share }"
  /></span>
</template>

<style scoped>
.swatch i {
  flex-basis: 3px;
}
</style>
