<script setup lang="ts">
import type { BuyingPlan, Supplier } from '~~/core/buying'

/** What each way of buying costs, as bars of one scale: this basket, the next best, and each supplier alone. */
const props = defineProps<{ plan: BuyingPlan; suppliers: readonly Supplier[] }>()
const second = defineModel<boolean>('second', { required: true })
const { money } = useFormat()

interface Bar {
  readonly key: string
  readonly name: string
  readonly minor?: number
  readonly lacks?: string
  readonly late?: string
  readonly tone: string
}
const namesOf = (basket: BuyingPlan['basket']): string =>
  basket?.parcels.map(({ supplier }) => supplier.name).join(' + ') ?? ''
const bars = computed<Bar[]>(() => [
  { key: 'best', name: namesOf(props.plan.basket), minor: props.plan.basket?.netMinor, tone: 'moss' },
  ...(props.plan.second
    ? [
        {
          key: 'second',
          name: `next best: ${namesOf(props.plan.second)}`,
          minor: props.plan.second.netMinor,
          tone: 'soft',
        },
      ]
    : []),
  ...props.plan.alone.map(({ supplier, netMinor, lacks, late }) => ({
    key: supplier.id,
    name: `${supplier.name} alone`,
    ...(late.length > 0 ? { late: `too late: ${late.map(({ name }) => name).join('; ')}` } : {}),
    ...(netMinor === undefined
      ? { lacks: `does not have: ${lacks.map(({ name }) => name).join('; ')}` }
      : { minor: netMinor }),
    tone: 'line',
  })),
])
const most = computed(() => Math.max(1, ...bars.value.map(({ minor = 0 }) => minor)))
const best = computed(() => props.plan.basket)
</script>

<template>
  <section aria-label="What it costs">
    <h2 class="pt-3">What it costs</h2>
    <ul>
      <li v-for="bar in bars" :key="bar.key" class="py-1.5">
        <div class="flex items-baseline gap-2 text-sm">
          <span class="min-w-0 flex-1">{{ bar.name }}</span>
          <span
            v-if="bar.minor !== undefined"
            class="tabular-nums"
            :class="{ 'font-semibold': bar.key === 'best' }"
            >{{ money(bar.minor) }}</span
          >
        </div>
        <div
          v-if="bar.minor !== undefined"
          class="bar"
          :class="`bar-${bar.tone}`"
          :style="{ width: `${(100 * bar.minor) / most}%` }"
        />
        <p v-else class="text-xs text-soft">{{ bar.lacks }}</p>
        <p v-if="bar.late" class="text-xs text-soft">{{ bar.late }}</p>
      </li>
    </ul>
    <p v-if="best && best.notBelowMinor < best.netMinor - 0.5" class="text-xs text-larch">
      Not proven the cheapest: none costs less than {{ money(best.notBelowMinor) }}.
    </p>
    <button
      v-if="plan.second"
      type="button"
      class="button button-quiet button-small -ml-2"
      @click="second = !second"
    >
      {{ second ? 'Back to the cheapest' : 'Show the next best' }}
    </button>
  </section>
</template>

<style scoped>
.bar {
  height: 8px;
  margin-top: 2px;
}
.bar-moss {
  background: var(--color-moss);
}
.bar-soft {
  background: var(--color-quiet-bar);
}
.bar-line {
  background: var(--color-line);
}
</style>
