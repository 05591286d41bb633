<script setup lang="ts">
import { BORING_MIN, isZone } from '~~/core/schedule'
import { none, ok, readBounded, type NumberField } from '~~/core/units'
import { settingsSchema, type Settings } from '~~/core/workshop'
import { USUAL_RESERVE_DAYS } from '../../stores/calendar'

/** What laying goes by besides sessions: reserve, boredom, daylight, the clock on the wall. */
const workshop = useWorkshop()
const changeSettings = useDeed('changeSettings')
const calendar = useCalendar()
const { shape } = settingsSchema
const fields = {
  reserveDays: { name: 'Reserve', schema: shape.reserveDays.unwrap(), unit: 'days' },
  boringMin: { name: 'Of one thing in a row', schema: shape.boringMin.unwrap(), unit: 'min' },
  longitudeDeg: { name: 'Longitude', schema: shape.longitudeDeg.unwrap(), unit: '°' },
} satisfies Record<string, NumberField>

const { text, fault, take } = useFieldTexts(
  () => workshop.key,
  () => {
    const { reserveDays, boringMin, longitudeDeg, timeZone } = workshop.settings
    return {
      reserveDays: reserveDays === undefined ? '' : String(reserveDays),
      boringMin: boringMin === undefined ? '' : String(boringMin),
      longitudeDeg: longitudeDeg === undefined ? '' : String(longitudeDeg),
      timeZone: timeZone ?? '',
    }
  },
)
const store = (change: Partial<Settings>) => changeSettings(change)
const leave = (field: keyof typeof fields) =>
  take(field, text[field].trim() === '' ? ok(undefined) : readBounded(fields[field], text[field]), (value) =>
    store({ [field]: value }),
  )
function leaveZone(): Promise<void> {
  const typed = text.timeZone.trim()
  const read =
    typed === ''
      ? ok(undefined)
      : isZone(typed)
        ? ok(typed)
        : none(`Read “${typed}”; a zone such as ${calendar.zone} is wanted.`)
  return take('timeZone', read, (timeZone) => store({ timeZone }))
}
</script>

<template>
  <section aria-label="What laying goes by">
    <h3>What laying goes by</h3>
    <div class="grid grid-cols-2 gap-x-3">
      <TextField
        v-model="text.reserveDays"
        label="Reserve before a promise, days"
        :placeholder="String(USUAL_RESERVE_DAYS)"
        :fault="fault.reserveDays"
        @change="leave('reserveDays')"
      />
      <TextField
        v-model="text.boringMin"
        label="Of one thing in a row at most, min"
        :placeholder="String(BORING_MIN)"
        :fault="fault.boringMin"
        @change="leave('boringMin')"
      />
      <TextField
        v-model="text.timeZone"
        label="Clock on the wall (time zone)"
        :placeholder="calendar.zone"
        :fault="fault.timeZone"
        @change="leaveZone"
      />
      <TextField
        v-model="text.longitudeDeg"
        label="Longitude, ° (west below 0), for daylight"
        placeholder="middle of the zone"
        :fault="fault.longitudeDeg"
        @change="leave('longitudeDeg')"
      />
    </div>
    <label class="flex items-center gap-2">
      <input
        type="checkbox"
        :checked="workshop.settings.lamp ?? false"
        @change="store({ lamp: ($event.target as HTMLInputElement).checked })"
      />
      There is a daylight lamp: pieces can be judged in the evening
    </label>
    <label class="flex items-center gap-2">
      <input
        type="checkbox"
        :checked="workshop.settings.sprayOutdoors ?? false"
        @change="store({ sprayOutdoors: ($event.target as HTMLInputElement).checked })"
      />
      There is no booth: cans are sprayed outdoors, in dry and still daylight; of the foam that falls there,
      less comes back
    </label>
  </section>
</template>
