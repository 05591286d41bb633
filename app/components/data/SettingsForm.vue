<script setup lang="ts">
import { commissionFields } from '~~/core/commissions'
import { none, ok, plainNumber, readBounded } from '~~/core/units'
import { vapourDeficitHPa } from '~~/core/adhesives'
import { settingsFields, type Settings } from '~~/core/workshop'

const workshop = useWorkshop()
const changeSettings = useDeed('changeSettings')
const estimates = useEstimates()
const harvests = useHarvests()
const { text, fault, take } = useFieldTexts(
  () => workshop.key,
  () => {
    const { name, currency, roomC, humidity, place } = workshop.settings
    return {
      name,
      currency,
      roomC: plainNumber(roomC, 1),
      humidity: plainNumber(humidity, 0),
      latitude: place ? plainNumber(place.latitudeDeg, 2) : '',
      altitude: place ? plainNumber(place.altitudeM, 0) : '',
    }
  },
)

const store = (change: Partial<Settings>) => changeSettings(change)

const leave = (field: keyof typeof settingsFields) =>
  take(field, readBounded(settingsFields[field], text[field]), (read) => store({ [field]: read }))
const leaveName = () =>
  take('name', text.name.trim() === '' ? none('A workshop needs a name.') : ok(text.name.trim()), (name) =>
    store({ name }),
  )
/** The place: emptied, the first commission's holds again; a height alone is kept until there is a latitude. */
function leavePlace(field: 'latitude' | 'altitude'): Promise<void> {
  const { latitudeDeg, altitudeM } = commissionFields
  if (text.latitude.trim() === '') return take(field, ok(undefined), (place) => store({ place }))
  const latitude = readBounded(latitudeDeg, text.latitude)
  if (latitude.kind === 'none') return take('latitude', latitude, () => undefined)
  const high =
    text.altitude.trim() === '' ? ok(harvests.place.at.altitudeM) : readBounded(altitudeM, text.altitude)
  return take('altitude', high, (metres) =>
    store({ place: { latitudeDeg: latitude.value, altitudeM: metres } }),
  )
}
const leaveCurrency = () =>
  take('currency', ok(text.currency.trim().slice(0, 8)), (currency) => store({ currency }))
const deficit = computed(() =>
  plainNumber(vapourDeficitHPa(workshop.settings.roomC, workshop.settings.humidity), 1),
)
</script>

<template>
  <section aria-label="Settings" class="mt-2 grid content-start gap-3">
    <h2>Settings</h2>
    <TextField v-model="text.name" label="Name of the workshop" :fault="fault.name" @change="leaveName" />
    <div class="grid grid-cols-3 gap-3">
      <SelectField
        label="Lengths"
        :model-value="workshop.settings.units"
        :options="[
          { value: 'metric', words: 'mm and metres' },
          { value: 'imperial', words: 'inches and feet' },
        ]"
        @update:model-value="(units) => store({ units })"
      />
      <SelectField
        label="Paper"
        :model-value="workshop.settings.paper"
        :options="[
          { value: 'A4', words: 'A4' },
          { value: 'Letter', words: 'US Letter' },
        ]"
        @update:model-value="(paper) => store({ paper })"
      />
      <TextField v-model="text.currency" label="Currency" placeholder="€, £, kr" @change="leaveCurrency" />
    </div>
    <p class="-mt-1 text-sm text-soft">Every field reads both: 8ft6, 2.6 m, 31mm, 3/4in.</p>
    <h3 class="mt-2">Where the workshop is</h3>
    <div class="grid grid-cols-2 gap-3">
      <TextField
        v-model="text.latitude"
        label="Latitude, ° (south below 0)"
        :fault="fault.latitude"
        :placeholder="plainNumber(harvests.place.at.latitudeDeg, 1)"
        @change="leavePlace('latitude')"
      />
      <TextField
        v-model="text.altitude"
        label="Height above the sea, m"
        :fault="fault.altitude"
        :placeholder="plainNumber(harvests.place.at.altitudeM, 0)"
        @change="leavePlace('altitude')"
      />
    </div>
    <p class="-mt-1 text-sm text-soft">
      For the weeks in which things can be gathered near it. Left empty, the first commission’s place is
      taken.
    </p>
    <h3 class="mt-2">The room that pieces dry in</h3>
    <div class="grid grid-cols-2 gap-3">
      <TextField v-model="text.roomC" label="Temperature, °C" :fault="fault.roomC" @change="leave('roomC')" />
      <TextField
        v-model="text.humidity"
        label="Relative humidity, %"
        :fault="fault.humidity"
        @change="leave('humidity')"
      />
    </div>
    <p v-if="estimates.drying.unsure" class="text-sm text-larch" role="status">
      {{
        estimates.drying.unsure === 'too damp'
          ? 'Too damp'
          : estimates.drying.unsure === 'too cold'
            ? 'Too cold'
            : 'Too hot'
      }}
      for water-based coats: no drying time is foretold beyond 90 %, under 5 °C or above 40 °C. Warm or air
      the room, and test by touch.
    </p>
    <p v-else class="text-sm text-soft">
      Water-based coats dry {{ plainNumber(estimates.drying.factor, 2) }} times as long as at 20 °C and 50 %:
      the air here can take up {{ deficit }} hPa (Magnus formula, WMO No. 8; common practice for the use).
    </p>
  </section>
</template>
