<script setup lang="ts">
import { addDays, counted } from '~~/core/units'
import type { Ahead } from '~~/core/stock'

/** Each material's shelf from today on: what there will be on each day, and what runs out when. */
const workshop = useWorkshop()
const buying = useBuying()
const stock = useStock()
const { opened, toggle } = useOpened()
const only = ref<'out' | 'wanted'>('out')
useStation('Ahead')

interface Row {
  readonly name: string
  readonly ahead: Ahead
}
const rows = computed<Row[]>(() =>
  [...buying.aheads.values()]
    .flatMap((ahead): Row[] => {
      const name = stock.stateById.get(ahead.materialId)?.material.name
      return name !== undefined && ahead.days.length > 0 ? [{ name, ahead }] : []
    })
    .sort((a, b) => outOn(a.ahead).localeCompare(outOn(b.ahead)) || a.name.localeCompare(b.name)),
)
/** What runs out on no day that is known comes after what does, and before what does not run out. */
const outOn = ({ runsOut }: Ahead): string => runsOut?.on ?? (runsOut ? '9998' : '9999')
const running = computed(() => rows.value.filter(({ ahead }) => ahead.runsOut))
const shown = computed(() => (only.value === 'out' ? running.value : rows.value))

/** The days that are drawn: to the last that anything is known of, at least a month, at most a year. */
const last = computed(() => {
  const known = shown.value.flatMap(({ ahead }) => ahead.days.flatMap(({ on }) => on ?? []))
  const end = known.sort().at(-1) ?? buying.now
  const least = addDays(buying.now, 30)
  const most = addDays(buying.now, 365)
  return end < least ? least : end > most ? most : addDays(end, 5)
})
</script>

<template>
  <div>
    <StockNav title="Ahead">
      <ChoiceRow
        v-model="only"
        label="Which materials"
        :choices="[
          ['out', `runs out (${running.length})`],
          ['wanted', `all that changes (${rows.length})`],
        ]"
      />
    </StockNav>
    <p v-if="!workshop.ledgerRead" class="px-5 py-3 text-soft" role="status">Reading the shelf…</p>
    <p v-else-if="shown.length === 0" class="px-5 py-4 text-moss">
      {{
        only === 'out'
          ? 'Nothing runs out: all that is planned is covered.'
          : 'Nothing is wanted of the shelf, and nothing is on its way.'
      }}
    </p>
    <table v-else class="ruled w-full">
      <thead>
        <tr>
          <th class="!pl-5">Material</th>
          <th class="number">Now</th>
          <th class="w-[46%]"><DayAxis :from="buying.now" :to="last" /></th>
          <th>Runs out</th>
        </tr>
      </thead>
      <tbody>
        <AheadRow
          v-for="{ ahead } in shown"
          :key="ahead.materialId"
          :ahead="ahead"
          :to-day="last"
          :open="opened.has(ahead.materialId)"
          @toggle="toggle(ahead.materialId)"
        />
      </tbody>
    </table>
    <p class="px-5 py-3 text-sm text-soft">
      Materials are wanted {{ counted(buying.leadDays, 'day') }} before a promise; what is on the bench wants
      them today; what has no promise stands at the end.
    </p>
  </div>
</template>
