<script setup lang="ts">
import { yearShare, type YearSpan } from '~~/core/harvest'
import { growing, months, stretches } from './stretches'

/**
 * The weeks of the year in which something can be gathered, as a ribbon; a thin one from sowing to the cut; a mark where
 * planned work will want of it; a line at today.
 */
const props = defineProps<{
  name: string
  stretch?: YearSpan
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
const ribbons = computed(() => (props.stretch ? stretches(props.stretch) : []))
const grows = computed(() =>
  props.stretch && props.sowing ? stretches(growing(props.sowing, props.stretch)) : [],
)
</script>

<template>
  <div class="year" aria-hidden="true">
    <i v-for="{ left } in months.slice(1)" :key="left" class="month" :style="{ left: `${left}%` }" />
    <i
      v-for="{ left, width } in grows"
      :key="`grows ${left}`"
      class="grows"
      :style="{ left: `${left}%`, width: `${width}%` }"
    />
    <i
      v-for="{ left, width } in ribbons"
      :key="`ribbon ${left}`"
      class="ribbon"
      :class="{ open: isOpen }"
      :style="{ left: `${left}%`, width: `${width}%` }"
    />
    <i class="today" :style="{ left: at(today) }" />
    <i
      v-for="{ on, lacking } in wants"
      :key="`${on} ${lacking}`"
      class="want"
      :class="{ lacking }"
      :style="{ left: at(on) }"
      :title="`${name} wanted ${formatDate(on)}`"
    />
  </div>
  <p v-if="said" class="sr-only">{{ said }}</p>
</template>

<style scoped>
.year {
  position: relative;
  min-width: 240px;
  height: 30px;
}
.year i {
  position: absolute;
}
.month {
  top: 0;
  bottom: 0;
  border-left: 1px solid var(--color-line);
}
.ribbon {
  top: 8px;
  height: 14px;
  background: var(--color-quiet-bar);
}
.ribbon.open {
  background: var(--color-moss);
}
.grows {
  top: 14px;
  border-top: 2px dotted var(--color-moss);
}
.today {
  top: -6px;
  bottom: -6px;
  border-left: 2px solid var(--color-ink);
}
.want {
  top: 2px;
  margin-left: -5px;
  border: 5px solid transparent;
  border-top: 8px solid var(--color-larch-strong);
  border-bottom: 0;
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
