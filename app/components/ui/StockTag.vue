<script setup lang="ts">
import { holdersWords, lackWords } from '~~/core/stock'
import type { Plant } from '../../stores/plant'

/** How the stock stands for what is left to make of a line, in words. */
const props = defineProps<{ plant: Plant }>()
const workshop = useWorkshop()
const shelf = useShelf()
const stock = useStock()

const state = computed(() => {
  const { line, progress } = props.plant
  const known = shelf.stockOf.get(line.id)
  if (!workshop.ledgerRead) return { tone: 'plain', text: '…', title: 'Adding up the ledger' }
  if (known?.fault) return { tone: 'hip', text: 'no way of making', title: known.fault }
  if (!known?.makeUp)
    return { tone: 'plain', text: 'no method yet', title: 'Choose how to make it in Make-up' }
  const [missing] = known.makeUp.missing
  if (missing)
    return { tone: 'hip', text: `no ${missing.slot.label.toLowerCase()}`, title: missing.because ?? '' }
  if (progress.left <= 0)
    return { tone: 'moss', text: progress.good >= progress.wanted ? 'all made' : 'in hand', title: '' }
  const [first, ...more] = known.lacks
  if (!first)
    return { tone: 'moss', text: 'covered', title: 'What is left to make is covered by what is on the shelf' }
  const nameOf = (id: string): string => stock.stateById.get(id)?.material.name ?? id
  const words = (lack: typeof first): string =>
    lackWords(lack, stock.stateById.get(lack.materialId)?.material.unit ?? 'g')
  return {
    tone: 'hip',
    text: more.length > 0 ? `short of ${more.length + 1}` : words(first),
    title: known.lacks
      .map((lack) => {
        const holders = holdersWords(lack)
        const held = holders ? ` (before it: ${holders})` : ''
        const back = lack.short > 0 ? '' : ' (it comes back)'
        return `${nameOf(lack.materialId)}: ${words(lack)}${back}${held}`
      })
      .join('\n'),
  }
})
</script>

<template>
  <span class="tag" :class="`tag-${state.tone}`" :title="state.title">{{ state.text }}</span>
</template>
