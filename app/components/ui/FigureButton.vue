<script setup lang="ts">
import { Popover, PopoverButton, PopoverPanel } from '@headlessui/vue'
import { originWords, type Figure } from '~~/core/units'

/** A figure that can be asked where it comes from: one click shows its formula and what went into it. */
defineProps<{ figure: Figure; label: string }>()
const { figure: show } = useFormat()
const panel = useTemplateRef<{ el: HTMLElement }>('panel')
const place = ref<Record<string, string>>({})

/** Keeps the panel on the screen: below the figure where there is room, above it where not. */
function settle(event: MouseEvent): void {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  const below = window.innerHeight - box.bottom > 280
  place.value = {
    right: `${Math.max(8, Math.min(window.innerWidth - 388, window.innerWidth - box.right))}px`,
    ...(below ? { top: `${box.bottom + 4}px` } : { bottom: `${window.innerHeight - box.top + 4}px` }),
  }
}
</script>

<template>
  <Popover as="span" class="inline-block">
    <PopoverButton class="figure" :aria-label="`${label}: ${show(figure)}. Where from?`" @click="settle">{{ show(figure) }}</PopoverButton>
    <Teleport to="body">
      <PopoverPanel ref="panel" class="panel" :style="place">
        <p class="font-semibold">{{ label }}: {{ show(figure) }}</p>
        <p class="mt-1 text-sm">{{ figure.formula }}</p>
        <table v-if="figure.inputs.length > 0" class="ruled mt-2 w-full text-sm">
          <tbody>
            <tr v-for="input in figure.inputs" :key="input.name">
              <td class="!px-0">{{ input.name }}<span v-if="input.note" class="block text-xs text-soft">{{ input.note }}</span></td>
              <td class="number">{{ input.value }}</td>
              <td class="!pr-0 text-xs text-soft">{{ originWords[input.origin] }}</td>
            </tr>
          </tbody>
        </table>
        <p class="mt-2 text-xs text-soft">{{ originWords[figure.origin] }}<template v-if="figure.source">, {{ figure.source }}</template></p>
      </PopoverPanel>
    </Teleport>
  </Popover>
</template>

<style scoped>
.figure { min-height: 28px; padding: 0 3px; margin: 0 -3px; border-bottom: 1px dotted #8b988f; font-variant-numeric: tabular-nums; white-space: nowrap; }
.figure:hover { background: var(--color-bench); }
.panel { position: fixed; z-index: 35; width: 380px; max-height: 70vh; overflow: auto; padding: 12px 14px; border: 1px solid var(--color-soft); border-radius: 4px; background: #fff; text-align: left; white-space: normal; font-weight: 400; }
</style>
