<script setup lang="ts">
import type { MenuChoice } from '../../parts/menu-choice'

/** All stations in one menu, where there is no room for the rail: on a phone, and at the Bench. */
const to = useStationPath()
const shell = useShell()
const place = usePlace()
const { wants } = useWants()
const all = [...stations, ...besides]
const wantsOf = computed(() => new Map(all.map(({ path, name }) => [name, wants.value[path]])))
const choices = computed<MenuChoice[]>(() => [
  ...all.map(({ path, name, key }) => ({ words: name, to: to(path), mark: key ?? '' })),
  { words: 'Find anything', looks: 'border-t border-line sm:hidden', act: () => (shell.find = true) },
  ...(place.value?.path === 'bench'
    ? []
    : [{ words: 'Scale rule', looks: 'sm:hidden', act: () => (shell.rule = !shell.rule) }]),
])
</script>

<template>
  <ActionMenu nav label="Stations" button="button button-quiet" width="w-56" :choices="choices">
    <span class="text-soft">{{ place?.key }}</span> {{ place?.name ?? 'Stations' }}
    <template #choice="{ choice }">
      <span class="w-4 text-sm text-soft">{{ choice.mark }}</span>
      <span class="flex-1">{{ choice.words }}</span>
      <StationCount :wants="wantsOf.get(choice.words)" />
    </template>
  </ActionMenu>
</template>
