<script setup lang="ts">
import { ownableTools } from '~~/core/makeup'
import { changeSettings } from '../../db/commands/brief'

/** Which tools are there: a way of making that wants another says so, with its price. */
const workshop = useWorkshop()
const { moneyEach } = useFormat()
const owned = computed(() => workshop.settings.tools)
const has = (id: string): boolean => owned.value?.includes(id) ?? true

async function tick(id: string, there: boolean): Promise<void> {
  const known = owned.value ?? ownableTools.map((tool) => tool.id)
  const others = known.filter((own) => own !== id)
  await workshop.give(changeSettings, { tools: there ? [...others, id] : others })
}
</script>

<template>
  <fieldset class="mt-2">
    <legend class="font-semibold">Tools that are there</legend>
    <p class="mb-1 text-sm text-soft">
      {{
        owned
          ? 'Untick what is lent, worn or sold: ways that want it say so.'
          : 'Nothing is said yet: all count as there. Untick what is missing.'
      }}
    </p>
    <div class="grid grid-cols-2 gap-x-4">
      <label v-for="tool in ownableTools" :key="tool.id" class="flex min-h-9 items-center gap-2 text-sm">
        <input
          type="checkbox"
          class="size-5 flex-none accent-moss"
          :checked="has(tool.id)"
          @change="tick(tool.id, ($event.target as HTMLInputElement).checked)"
        />
        <span class="min-w-0 flex-1"
          >{{ tool.id
          }}<span v-if="tool.instead" class="block text-xs text-soft">or {{ tool.instead }}</span></span
        >
        <span class="text-soft">{{ moneyEach(tool.priceMinor) }}</span>
      </label>
    </div>
  </fieldset>
</template>
