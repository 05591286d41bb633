<script setup lang="ts">
import type { Template } from '~~/core/templates'

/** A sheet at 1:1 on paper, or as a file for a cutter. */
const props = withDefaults(
  defineProps<{
    /** Drawn when they are asked for: a large batch has many. */
    templates: () => readonly Template[]
    ready?: boolean
    title: string
    what: string
    list?: { readonly title: string; readonly words: readonly string[] }
  }>(),
  { ready: true },
)
const { printing, pdf, drawing } = useTemplates()
</script>

<template>
  <span class="flex flex-wrap items-center gap-2">
    <button
      type="button"
      class="button button-small"
      :disabled="printing || !ready"
      @click="pdf(props.templates(), title, list)"
    >
      {{ printing ? 'Printing…' : `Print ${what} at 1:1` }}
    </button>
    <button
      v-for="kind in ['svg', 'dxf'] as const"
      :key="kind"
      type="button"
      class="button button-quiet button-small"
      :disabled="!ready"
      :aria-label="`${what} as ${kind.toUpperCase()}`"
      @click="drawing(props.templates(), title, kind)"
    >
      {{ kind.toUpperCase() }}
    </button>
  </span>
</template>
