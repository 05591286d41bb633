<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { formOf, type Species } from '~~/core/plants'

/** Adds a line by the plant's name, common or botanical. */
const workshop = useWorkshop()
const addLine = useNewLine()
const { real } = useFormat()
const query = ref('')
const picked = ref<Species | null>(null)
const field = useTemplateRef<{ el: HTMLInputElement }>('field')

const found = computed(() => {
  const wanted = query.value.trim().toLowerCase()
  return workshop.kinds
    .filter(({ common, botanical }) => `${common} ${botanical}`.toLowerCase().includes(wanted))
    .sort((a, b) => a.common.localeCompare(b.common))
})

async function add(species: Species | null): Promise<void> {
  if (!species) return
  await addLine(species)
  picked.value = null
  query.value = ''
}
defineExpose({ focus: () => field.value?.el.focus() })
</script>

<template>
  <Combobox
    v-model="picked"
    as="div"
    class="relative min-w-48 flex-1 sm:max-w-96"
    nullable
    @update:model-value="add"
  >
    <ComboboxInput
      ref="field"
      class="field"
      placeholder="Add a line: beech, Picea…"
      aria-label="Add a line: name of the plant"
      autocomplete="off"
      :display-value="() => ''"
      @change="query = $event.target.value"
      @keydown.esc="($event.target as HTMLElement).blur()"
    />
    <ComboboxOptions
      class="absolute bottom-full z-20 mb-1 max-h-96 w-[min(460px,calc(100vw-32px))] overflow-auto rounded-md border border-line bg-white py-1"
    >
      <ComboboxOption
        v-for="species in found"
        :key="species.id"
        v-slot="{ active }"
        :value="species"
        as="template"
      >
        <li class="flex cursor-pointer items-baseline gap-2 px-3 py-1.5" :class="active ? 'bg-bench' : ''">
          <span>{{ species.common }}</span><span class="botanical text-sm">{{ species.botanical }}</span>
          <span class="ml-auto text-sm text-soft">{{ real(formOf(species, 'mature').heightM * 1000) }}</span>
        </li>
      </ComboboxOption>
      <li v-if="found.length === 0" class="px-3 py-2 text-soft">No plant of that name is in the table.</li>
    </ComboboxOptions>
  </Combobox>
</template>
