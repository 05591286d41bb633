<script setup lang="ts">
import { formatRatio } from '~~/core/units'
import type { MenuChoice } from '../../parts/menu-choice'

const workshop = useWorkshop()
const commission = useCommission()
const to = useStationPath()

const facts = computed(() => {
  const current = commission.current
  if (!current) return ''
  const due = current.deadline === undefined ? '' : ` · by ${formatDay(current.deadline)}`
  return `${formatRatio(current.ratio)} · ${formatPlace(current.latitudeDeg, current.altitudeM)}${due}`
})
const choices = computed<MenuChoice[]>(() => [
  ...workshop.commissions.map(({ id, name, ratio }) => ({
    words: name,
    beside: formatRatio(ratio),
    act: () => commission.chooseCommission(id),
  })),
  {
    words: 'New commission…',
    looks: 'border-t border-line text-moss',
    act: () => void navigateTo({ path: to('brief'), query: { new: 'commission' } }),
  },
])
</script>

<template>
  <div class="min-w-0">
    <div class="flex items-center gap-2">
      <ActionMenu
        v-if="workshop.commissions.length > 0"
        class="min-w-0"
        label="Change commission"
        :choices="choices"
      >
        <span class="truncate font-title text-lg leading-tight font-semibold">{{
          commission.current?.name
        }}</span>
      </ActionMenu>
      <p v-else class="truncate font-title text-lg font-semibold">{{ workshop.settings.name }}</p>
      <DemoTag v-if="workshop.isDemo && workshop.status === 'open'" />
    </div>
    <p class="truncate text-sm leading-[16px] text-soft">{{ facts }}</p>
  </div>
</template>
