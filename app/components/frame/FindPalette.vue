<script setup lang="ts">
import {
  Combobox,
  ComboboxInput,
  ComboboxOption,
  ComboboxOptions,
  Dialog,
  DialogPanel,
} from '@headlessui/vue'
import type { Station } from '../../../shared/stations'

interface Found {
  readonly id: string
  readonly name: string
  readonly kind: string
  readonly go: () => void
}
const shell = useShell()
const workshop = useWorkshop()
const blends = useBlends()
const commission = useCommission()
const to = useStationPath()
const query = ref('')

const nameOf = computed(() => new Map(workshop.commissions.map(({ id, name }) => [id, name])))
const everything = computed<Found[]>(() => [
  ...(places as readonly Station[]).map(({ path, name, of }) => ({
    id: path,
    name,
    kind: of === undefined ? 'station' : `room of ${placeAt(of)?.name ?? ''}`,
    go: () => navigateTo(to(path)),
  })),
  ...workshop.commissions.map(({ id, name }) => ({
    id,
    name,
    kind: 'commission',
    go: () => {
      commission.chooseCommission(id)
      void navigateTo(to('line-up'))
    },
  })),
  ...workshop.lines.map(({ id, name, commissionId }) => ({
    id,
    name,
    kind: `line of ${nameOf.value.get(commissionId) ?? ''}`,
    go: () => {
      commission.chooseCommission(commissionId)
      commission.chooseLine(id)
      void navigateTo(to('make-up'))
    },
  })),
  ...workshop.kinds.map(({ id, common, botanical }) => ({
    id: `species-${id}`,
    name: common,
    kind: `species, ${botanical}`,
    go: () => {
      void navigateTo({ path: to('species'), query: { kind: id } })
    },
  })),
  ...blends.shelfMaterials.map(({ id, name }) => ({
    id,
    name,
    kind: 'material',
    go: () => {
      void navigateTo({ path: to('stock'), query: { material: id } })
    },
  })),
  ...workshop.batches.map(({ id, name }) => ({
    id,
    name,
    kind: 'batch',
    go: () => {
      void navigateTo({ path: to('bench'), query: { batch: id } })
    },
  })),
])
const found = computed(() => {
  const words = query.value.toLowerCase().split(/\s+/).filter(Boolean)
  return everything.value
    .filter(({ name, kind }) => words.every((word) => `${name} ${kind}`.toLowerCase().includes(word)))
    .slice(0, 12)
})
function pick(row: Found | null): void {
  if (!row) return
  close()
  row.go()
}
function close(): void {
  shell.find = false
  query.value = ''
}
</script>

<template>
  <Dialog :open="shell.find" class="fixed inset-0 z-40" aria-label="Find" @close="close">
    <div class="fixed inset-0 bg-ink/30" aria-hidden="true" />
    <div class="fixed inset-x-0 top-[12vh] mx-auto w-[min(560px,calc(100vw-32px))]">
      <DialogPanel class="rounded-md border border-line bg-white">
        <Combobox :model-value="null" @update:model-value="pick">
          <ComboboxInput
            class="field !border-0 !min-h-[52px] text-lg"
            placeholder="Find a commission, line, material or batch"
            aria-label="Find anything"
            autocomplete="off"
            @change="query = $event.target.value"
          />
          <ComboboxOptions static class="max-h-80 overflow-auto border-t border-line py-1">
            <ComboboxOption
              v-for="row in found"
              :key="`${row.kind}${row.id}`"
              v-slot="{ active }"
              :value="row"
              as="template"
            >
              <li
                class="flex cursor-pointer items-baseline gap-3 px-3 py-2"
                :class="active ? 'bg-bench' : ''"
              >
                <span>{{ row.name }}</span><span class="text-sm text-soft">{{ row.kind }}</span>
              </li>
            </ComboboxOption>
            <li v-if="found.length === 0" class="px-3 py-2 text-soft">Nothing is called that.</li>
          </ComboboxOptions>
        </Combobox>
      </DialogPanel>
    </div>
  </Dialog>
</template>
