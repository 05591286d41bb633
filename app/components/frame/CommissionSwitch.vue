<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { formatRatio } from '~~/core/units'

const workshop = useWorkshop()
const commission = useCommission()
const to = useStationPath()

const facts = computed(() => {
  const current = commission.current
  if (!current) return ''
  const due = current.deadline === undefined ? '' : ` · finish by ${formatDay(current.deadline)}`
  return `${formatRatio(current.ratio)} · ${formatPlace(current.latitudeDeg, current.altitudeM)}${due}`
})
</script>

<template>
  <div class="min-w-0">
    <Menu v-if="workshop.commissions.length > 0" as="div" class="relative">
      <MenuButton class="flex max-w-full items-center gap-2 text-left" aria-label="Change commission">
        <span class="truncate font-title text-[20px] leading-tight font-semibold">{{
          commission.current?.name
        }}</span>
        <svg width="10" height="6" viewBox="0 0 10 6" aria-hidden="true">
          <path d="M1 1l4 4 4-4" fill="none" stroke="currentColor" stroke-width="1.5" />
        </svg>
      </MenuButton>
      <MenuItems
        class="absolute left-0 top-full z-20 mt-1 w-72 rounded-md border border-line bg-white py-1 focus:outline-none"
      >
        <MenuItem v-for="row in workshop.commissions" :key="row.id" v-slot="{ active }" as="template">
          <button
            type="button"
            class="block w-full px-3 py-2 text-left"
            :class="active ? 'bg-bench' : ''"
            @click="commission.chooseCommission(row.id)"
          >
            {{ row.name }} <span class="text-sm text-soft">{{ formatRatio(row.ratio) }}</span>
          </button>
        </MenuItem>
        <MenuItem v-slot="{ active }" as="template">
          <button
            type="button"
            class="block w-full border-t border-line px-3 py-2 text-left text-moss"
            :class="active ? 'bg-bench' : ''"
            @click="navigateTo({ path: to('brief'), query: { new: 'commission' } })"
          >
            New commission…
          </button>
        </MenuItem>
      </MenuItems>
    </Menu>
    <p v-else class="font-title text-[20px] font-semibold">{{ workshop.settings.name }}</p>
    <p class="truncate text-sm text-soft">{{ facts }}</p>
  </div>
</template>
