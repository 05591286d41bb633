<script setup lang="ts">
import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions } from '@headlessui/vue'
import { formOf, type Species } from '~~/core/plants'
import { saveLine } from '../../db/commands/brief'

/** Adds a line by the plant's name, common or botanical. */
const workshop = useWorkshop()
const commission = useCommission()
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
  if (!species || !commission.current) return
  const answer = await workshop.dispatch(saveLine, {
    commissionId: commission.current.id,
    name: species.common,
    speciesId: species.id,
    age: 'mature',
    zone: 'middle',
    amount: {
      kind: 'pieces',
      pieces:
        species.crownForm === 'blades'
          ? 60
          : species.habit === 'shrub' || species.habit === 'climber'
            ? 20
            : 7,
    },
  })
  picked.value = null
  query.value = ''
  if (answer.kind === 'ok') commission.chooseLine(answer.value.id)
}
defineExpose({ focus: () => field.value?.el.focus() })
</script>

<template>
  <div class="px-5 py-3">
    <Combobox v-model="picked" as="div" class="relative w-80" nullable @update:model-value="add">
      <ComboboxInput
        ref="field"
        class="field"
        placeholder="Add a line: beech, Picea…"
        aria-label="Add a line: name of the plant"
        autocomplete="off"
        :display-value="() => ''"
        @change="query = $event.target.value"
      />
      <ComboboxOptions
        class="absolute bottom-full z-20 mb-1 max-h-96 w-[460px] overflow-auto rounded-md border border-line bg-white py-1"
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
            <span class="ml-auto text-sm text-soft">{{
              real(formOf(species, 'mature').heightM * 1000)
            }}</span>
          </li>
        </ComboboxOption>
        <li v-if="found.length === 0" class="px-3 py-2 text-soft">No plant of that name is in the table.</li>
      </ComboboxOptions>
    </Combobox>
  </div>
</template>
