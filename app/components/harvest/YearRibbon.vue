<script setup lang="ts">
import { yearShare, type YearSpan } from '~~/core/harvest'
import { growing, months, stretches } from './stretches'

/**
 * The weeks of the year in which something can be gathered, as a ribbon; a thin one from sowing to the cut; a mark where
 * planned work will want of it; a line at today.
 */
const props = defineProps<{
  name: string
  /** One time of the year, or two where frost parts it. */
  spans: readonly YearSpan[]
  sowing?: YearSpan
  isOpen: boolean
  /** Days, ISO, that planned work wants of it, and whether it is lacking then. */
  wants: readonly { readonly on: string; readonly lacking: boolean }[]
  today: string
}>()
const at = (date: string): string => `${100 * yearShare(date)}%`
/** The marks in words: what is lacking is said so. */
const said = computed(() =>
  props.wants
    .map(({ on, lacking }) => `Wanted ${formatDate(on)}${lacking ? ', lacking then' : ''}.`)
    .join(' '),
)
const ribbons = computed(() => props.spans.flatMap(stretches))
const grows = computed(() => {
  const [cut] = props.spans
  return cut && props.sowing ? stretches(growing(props.sowing, cut)) : []
})
</script>

<template>
  <div class="year relative min-w-60 h-7.5" aria-hidden="true">
    <i
      v-for="{ left } in months.slice(1)"
      :key="left"
      class="top-0 bottom-0 border-l border-l-line"
      :style="{ left: `${left}%` }"
    />
    <i
      v-for="{ left, width } in grows"
      :key="`grows ${left}`"
      class="grows"
      :style="{ left: `${left}%`, width: `${width}%` }"
    />
    <i
      v-for="{ left, width } in ribbons"
      :key="`ribbon ${left}`"
      class="ribbon top-2 h-3.5 bg-quiet-bar"
      :class="{ open: isOpen }"
      :style="{ left: `${left}%`, width: `${width}%` }"
    />
    <i class="-top-1.5 -bottom-1.5 border-l-2 border-l-ink" :style="{ left: at(today) }" />
    <i
      v-for="{ on, lacking } in wants"
      :key="`${on} ${lacking}`"
      class="want top-0.5 -ml-1.25 border-5 border-transparent border-t-8 border-t-larch-strong border-b-0"
      :class="{ lacking }"
      :style="{ left: at(on) }"
      :title="`${name} wanted ${formatDate(on)}`"
    />
  </div>
  <p v-if="said" class="sr-only">{{ said }}</p>
</template>

<style scoped>
.year i {
  position: absolute;
}
.ribbon.open {
  background: var(--color-moss);
}
.grows {
  top: 14px;
  border-top: 2px dotted var(--color-moss);
}
.want.lacking {
  border-top-color: var(--color-hip);
}
@media (max-width: 700px) {
  .year {
    min-width: 0;
  }
}
</style>
