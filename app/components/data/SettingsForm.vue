<script setup lang="ts">
import { plainNumber, readNumber } from '~~/core/units'
import { vapourDeficitHPa } from '~~/core/adhesives'
import type { Settings } from '~~/core/workshop'
import { changeSettings } from '../../db/commands/brief'

const workshop = useWorkshop()
const commission = useCommission()
const { text, fault, left } = useFieldTexts(
  () => workshop.key,
  () => {
    const { name, currency, roomC, humidity } = workshop.settings
    return { name, currency, roomC: plainNumber(roomC, 1), humidity: plainNumber(humidity, 0) }
  },
)

const store = (change: Partial<Settings>) => workshop.give(changeSettings, change)

async function leave(field: 'roomC' | 'humidity', label: string, min: number, max: number): Promise<void> {
  const read = readNumber(text[field])
  left(field)
  if (read === undefined || read < min || read > max)
    fault[field] = `${label}: read “${text[field]}”; allowed is ${min} to ${max}.`
  else await store({ [field]: read })
}
async function leaveName(): Promise<void> {
  left('name')
  if (text.name.trim() === '') fault.name = 'A workshop needs a name.'
  else await store({ name: text.name.trim() })
}
async function leaveCurrency(): Promise<void> {
  left('currency')
  await store({ currency: text.currency.trim().slice(0, 8) })
}
const deficit = computed(() =>
  plainNumber(vapourDeficitHPa(workshop.settings.roomC, workshop.settings.humidity), 1),
)
</script>

<template>
  <section aria-label="Settings" class="mt-2 grid content-start gap-3">
    <h2>Settings</h2>
    <TextField v-model="text.name" label="Name of the workshop" :fault="fault.name" @change="leaveName" />
    <div class="grid grid-cols-3 gap-3">
      <div>
        <label class="label" for="units">Lengths</label>
        <select
          id="units"
          class="field"
          :value="workshop.settings.units"
          @change="store({ units: ($event.target as HTMLSelectElement).value as Settings['units'] })"
        >
          <option value="metric">mm and metres</option>
          <option value="imperial">inches and feet</option>
        </select>
      </div>
      <div>
        <label class="label" for="paper">Paper</label>
        <select
          id="paper"
          class="field"
          :value="workshop.settings.paper"
          @change="store({ paper: ($event.target as HTMLSelectElement).value as Settings['paper'] })"
        >
          <option value="A4">A4</option>
          <option value="Letter">US Letter</option>
        </select>
      </div>
      <TextField v-model="text.currency" label="Currency" placeholder="€, £, kr" @change="leaveCurrency" />
    </div>
    <p class="-mt-1 text-sm text-soft">Every field reads both: 8ft6, 2.6 m, 31mm, 3/4in.</p>
    <h3 class="mt-2">The room that pieces dry in</h3>
    <div class="grid grid-cols-2 gap-3">
      <TextField
        v-model="text.roomC"
        label="Temperature, °C"
        :fault="fault.roomC"
        @change="leave('roomC', 'Temperature', 0, 45)"
      />
      <TextField
        v-model="text.humidity"
        label="Relative humidity, %"
        :fault="fault.humidity"
        @change="leave('humidity', 'Humidity', 5, 95)"
      />
    </div>
    <p class="text-sm text-soft">
      Water-based coats dry {{ plainNumber(commission.drying, 2) }} times as long as at 20 °C and 50 %: the
      air here can take up {{ deficit }} hPa (Magnus formula, WMO No. 8; common practice for the use).
    </p>
  </section>
</template>
