<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { ChevronDown } from '@lucide/vue'
import { formatRatio } from '~~/core/units'

const workshop = useWorkshop()
const commission = useCommission()
const to = useStationPath()

const facts = computed(() => {
  const current = commission.current
  if (!current) return ''
  const due = current.deadline === undefined ? '' : ` · by ${formatDay(current.deadline)}`
  return `${formatRatio(current.ratio)} · ${formatPlace(current.latitudeDeg, current.altitudeM)}${due}`
})
</script>

<template>
  <div class="min-w-0">
    <div class="flex items-center gap-2">
      <Menu v-if="workshop.commissions.length > 0" as="div" class="relative min-w-0">
        <MenuButton class="flex max-w-full items-center gap-1 text-left" aria-label="Change commission">
          <span class="truncate font-title text-lg leading-tight font-semibold">{{
            commission.current?.name
          }}</span>
          <ChevronDown class="size-4 flex-none" aria-hidden="true" />
        </MenuButton>
        <MenuItems class="menu absolute left-0 top-full z-30 mt-1 w-72">
          <MenuItem v-for="row in workshop.commissions" :key="row.id" v-slot="{ active }" as="template">
            <button
              type="button"
              class="item"
              :class="{ on: active }"
              @click="commission.chooseCommission(row.id)"
            >
              {{ row.name }} <span class="text-sm text-soft">{{ formatRatio(row.ratio) }}</span>
            </button>
          </MenuItem>
          <MenuItem v-slot="{ active }" as="template">
            <button
              type="button"
              class="item border-t border-line text-moss"
              :class="{ on: active }"
              @click="navigateTo({ path: to('brief'), query: { new: 'commission' } })"
            >
              New commission…
            </button>
          </MenuItem>
        </MenuItems>
      </Menu>
      <p v-else class="truncate font-title text-lg font-semibold">{{ workshop.settings.name }}</p>
      <DemoTag v-if="workshop.isDemo && workshop.status === 'open'" />
    </div>
    <p class="truncate text-sm leading-[16px] text-soft">{{ facts }}</p>
  </div>
</template>
