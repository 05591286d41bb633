<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import type { Batch, BatchStep } from '~~/core/batches'
import { deal } from '~~/core/grass'
import { seedOf } from '~~/core/units'

/**
 * The dealer: what comes next, so that variety needs no thinking. Of single pieces it follows those that are done;
 * of what goes many times on a patch it counts by itself, and says when it is enough.
 */
const props = defineProps<{ batch: Batch; step: BatchStep; done: number; live: number }>()

const each = computed(() => props.step.deal?.each ?? 1)
const wanted = computed(() => each.value * props.live)
const counted = useKept(`hardy-thicket:deal:${props.batch.id}:${props.step.id}`, 0)
const at = computed(() => (each.value > 1 ? counted.value : props.done))
const dealt = computed(() =>
  deal(
    props.step.deal?.suits ?? [],
    Math.min(100_000, at.value + 2),
    seedOf(`${props.batch.id}|${props.step.id}`),
  ),
)
const words = (place: number): string => Object.values(dealt.value[place] ?? {}).join(' · ')
const enough = computed(() => at.value >= wanted.value)
const next = (): void => {
  if (each.value > 1 && !enough.value) counted.value += 1
}
useEventListener(document, 'keydown', (event: KeyboardEvent) => {
  const target = event.target as HTMLElement | null
  if (
    event.key !== 'd' ||
    event.ctrlKey ||
    event.metaKey ||
    target?.closest('input, textarea, select, dialog')
  )
    return
  next()
})
</script>

<template>
  <div class="mb-3.5 pt-2.5 pb-3 border-y border-y-line" role="status" aria-label="The dealer">
    <p v-if="enough" class="text-[26px] font-semibold">
      {{ step.deal?.enough ?? 'Enough: all are done.' }}
    </p>
    <template v-else>
      <p class="text-[26px] font-semibold">{{ words(at) }}</p>
      <p class="text-soft text-[16px]">
        then {{ words(at + 1) }}<template v-if="each > 1"> · {{ at }} of {{ wanted }}</template>
      </p>
    </template>
    <div v-if="each > 1" class="mt-2 flex gap-2">
      <button type="button" class="button button-act !min-h-[48px]" :disabled="enough" @click="next">
        Next one <span class="font-normal">(d)</span>
      </button>
      <button
        type="button"
        class="button button-quiet !min-h-[48px]"
        :disabled="counted === 0"
        @click="counted -= 1"
      >
        One back
      </button>
    </div>
  </div>
</template>
