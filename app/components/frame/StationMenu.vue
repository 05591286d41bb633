<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { ChevronDown } from '@lucide/vue'

/** All stations in one menu, where there is no room for the rail: on a phone, and at the Bench. */
const to = useStationPath()
const shell = useShell()
const place = usePlace()
const { wants } = useWants()
const all = [...stations, ...besides]
</script>

<template>
  <Menu as="nav" class="relative" aria-label="Stations">
    <MenuButton class="button button-quiet" aria-label="Stations">
      <span class="text-soft">{{ place?.key }}</span> {{ place?.name ?? 'Stations' }}
      <ChevronDown class="size-4" aria-hidden="true" />
    </MenuButton>
    <MenuItems class="menu absolute left-0 top-full z-30 mt-1 w-56">
      <MenuItem v-for="station in all" :key="station.path" v-slot="{ active }" as="template">
        <NuxtLink :to="to(station.path)" class="item" :class="{ on: active }">
          <span class="w-4 text-sm text-soft">{{ station.key }}</span>
          <span class="flex-1">{{ station.name }}</span>
          <StationCount :wants="wants[station.path]" />
        </NuxtLink>
      </MenuItem>
      <MenuItem v-slot="{ active }" as="template">
        <button
          type="button"
          class="item border-t border-line sm:hidden"
          :class="{ on: active }"
          @click="shell.find = true"
        >
          Find anything
        </button>
      </MenuItem>
      <MenuItem v-if="place?.path !== 'bench'" v-slot="{ active }" as="template">
        <button
          type="button"
          class="item sm:hidden"
          :class="{ on: active }"
          @click="shell.rule = !shell.rule"
        >
          Scale rule
        </button>
      </MenuItem>
    </MenuItems>
  </Menu>
</template>
