<script setup lang="ts">
import { counted } from '~~/core/units'
import type { ShelfItem } from './shelf-columns'

/** How a material stands: when it runs out, what is on its way, what would cover it, how long it keeps. */
const props = defineProps<{ row: ShelfItem }>()
const buying = useBuying()
const { money } = useFormat()

const id = computed(() => props.row.state.material.id)
const ahead = computed(() => buying.aheads.get(id.value))
const runsOut = computed(() => ahead.value?.runsOut?.on)
/** The first day that some of it no longer keeps. */
const spoilsOn = computed(() => ahead.value?.days.find(({ what }) => what === 'spoils')?.on)
const comingOn = computed(() => buying.comingOn(id.value))
const wrong = computed(() => props.row.state.lots.some(({ onHand }) => onHand < 0))
const packs = computed(() => {
  const { short } = props.row
  if (short?.short === 0) return 'must lie there; it comes back'
  if (!short?.packs) return ''
  const cost = short.packsCostMinor === undefined ? '' : `, about ${money(short.packsCostMinor)}`
  return `${counted(short.packs, 'pack')}${cost}`
})
</script>

<template>
  <span v-if="wrong" class="tag tag-hip">below nothing: count it</span>
  <template v-else-if="row.short">
    <span v-if="comingOn" class="tag tag-rain">on its way, {{ formatDay(comingOn) }}</span>
    <span v-else-if="runsOut" class="block">runs out {{ formatWeekday(runsOut) }}</span>
    <span v-if="packs" class="block text-xs text-soft">{{ packs }}</span>
  </template>
  <span v-else-if="spoilsOn" class="text-sm text-larch">keeps until {{ formatDay(spoilsOn) }}</span>
  <span v-else-if="row.claimed > 0" class="text-sm text-moss">covered</span>
</template>
