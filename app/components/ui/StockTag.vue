<script setup lang="ts">
import { formatQuantity } from '~~/core/units'
import type { Plant } from '../../stores/commission'

/** How the stock stands for what is left to make of a line, in words. */
const props = defineProps<{ plant: Plant }>()
const workshop = useWorkshop()
const commission = useCommission()

const state = computed(() => {
  const { line, progress } = props.plant
  const stock = commission.stockOf.get(line.id)
  if (!workshop.ledgerRead) return { tone: 'plain', text: '…', title: 'Adding up the ledger' }
  if (!stock?.makeUp)
    return { tone: 'plain', text: 'no method yet', title: 'Choose how to make it in Make-up' }
  if (stock.makeUp.missing.length > 0)
    return {
      tone: 'hip',
      text: `no ${stock.makeUp.missing[0]?.label.toLowerCase()}`,
      title: 'No material of this kind is in the workshop',
    }
  if (progress.left === 0)
    return { tone: 'moss', text: progress.good >= progress.wanted ? 'all made' : 'in hand', title: '' }
  const [first, ...more] = stock.short
  if (!first) return { tone: 'moss', text: 'covered', title: 'What is left to make is covered by free stock' }
  const most = `short ${first.packs === undefined ? formatQuantity(first.short, first.unit) : `${first.packs} pack${first.packs === 1 ? '' : 's'}`}`
  return {
    tone: 'hip',
    text: more.length > 0 ? `short of ${more.length + 1}` : most,
    title: stock.short.map(({ name, short, unit }) => `${name}: ${formatQuantity(short, unit)}`).join('\n'),
  }
})
</script>

<template>
  <span class="tag" :class="`tag-${state.tone}`" :title="state.title">{{ state.text }}</span>
</template>
