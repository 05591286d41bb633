<script setup lang="ts">
import type { Template } from '~~/core/templates'

/** A sheet at 1:1 on paper, or as a file for a cutter. */
const props = defineProps<{
  templates: readonly Template[]
  title: string
  what: string
  list?: { readonly title: string; readonly words: readonly string[] }
}>()
const { printing, pdf, drawing } = useTemplates()
</script>

<template>
  <span class="flex flex-wrap items-center gap-2">
    <button
      type="button"
      class="button button-small"
      :disabled="printing || templates.length === 0"
      @click="pdf(props.templates, title, list)"
    >
      {{ printing ? 'Printing…' : `Print ${what} at 1:1` }}
    </button>
    <button
      v-for="kind in ['svg', 'dxf'] as const"
      :key="kind"
      type="button"
      class="button button-quiet button-small"
      :disabled="templates.length === 0"
      :aria-label="`${what} as ${kind.toUpperCase()}`"
      @click="drawing(props.templates, title, kind)"
    >
      {{ kind.toUpperCase() }}
    </button>
  </span>
</template>
