<script setup lang="ts">
import { partOf, partNounPlural, standsWhenDone, type Batch, type Run } from '~~/core/batches'
import { counted } from '~~/core/units'

defineProps<{ batch: Batch; run: Run }>()
const to = useStationPath()
</script>

<template>
  <section class="p-6 text-lg">
    <template v-if="run.state.outcome?.type === 'finish'">
      <p class="text-2xl font-semibold">
        {{
          batch.makes.kind === 'stock'
            ? 'Made, and in stock.'
            : batch.makes.kind === 'planted'
              ? `${counted(run.state.live, 'piece')} planted.`
              : standsWhenDone(batch)
                ? `${counted(run.state.live, `good ${partOf(batch)}`, `good ${partNounPlural(partOf(batch))}`)}, in place.`
                : `${counted(run.state.live, 'good piece')} on “${run.state.outcome.tray}”.`
        }}
      </p>
      <p class="mt-2">Stock was drawn by what was used, and the log is written.</p>
    </template>
    <template v-else-if="run.state.outcome">
      <p class="text-2xl font-semibold">Abandoned: {{ run.state.outcome.reason }}</p>
      <p class="mt-2">What was used so far was drawn from stock.</p>
    </template>
    <p class="mt-6 flex gap-3">
      <NuxtLink :to="to('log')" class="button button-act !min-h-[48px]">Look at the log</NuxtLink>
      <NuxtLink :to="to('line-up')" class="button !min-h-[48px]">Back to the line-up</NuxtLink>
      <span class="flex-1" />
      <slot />
    </p>
  </section>
</template>
