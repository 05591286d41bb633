<script setup lang="ts">
import type { Commission } from '~~/core/commissions'
import { formatRatio, formatModelLength, parseLength, parseRatio, plainNumber } from '~~/core/units'
import { changeCommission, removeCommission } from '../../db/commands/brief'

/** The commission's own facts. A field is stored when it is left; what can't be read stays in the field with the reason. */
const props = defineProps<{ commission: Commission }>()
const emit = defineEmits<{ makeNew: [] }>()
const workshop = useWorkshop()
const notices = useNotices()
const removing = ref(false)

const { text, fault, left } = useFieldTexts(
  () => props.commission.id,
  () => {
    const row = props.commission
    return {
      name: row.name,
      scale: formatRatio(row.ratio),
      place: row.place,
      latitude: plainNumber(row.latitudeDeg, 2),
      altitude: plainNumber(row.altitudeM, 0),
      date: row.dateDepicted,
      deadline: row.deadline ?? '',
      viewing: formatModelLength(row.viewingMm, workshop.settings.units),
      stature: plainNumber(row.stature * 100, 0),
    }
  },
)
type Field = keyof typeof text

const store = (change: Partial<Commission>) => workshop.give(changeCommission, props.commission.id, change)

const numberIn = (name: string, min: number, max: number, value: string): number | string => {
  const read = value.trim() === '' ? NaN : Number(value.replace(',', '.').replace('−', '-'))
  return Number.isFinite(read) && read >= min && read <= max
    ? read
    : `${name}: read “${value}”; allowed is ${min} to ${max}.`
}

/** Reads one field; stores it, or says what is wrong with it. */
async function leave(field: Field): Promise<void> {
  left(field)
  const value = text[field]
  switch (field) {
    case 'name':
      return value.trim() === ''
        ? refuse(field, 'A commission needs a name.')
        : void (await store({ name: value }))
    case 'place':
      return void (await store({ place: value }))
    case 'scale': {
      const reading = parseRatio(value)
      return reading.kind === 'none'
        ? refuse(field, reading.because)
        : void (await store({ ratio: Math.round(reading.value * 100) / 100 }))
    }
    case 'viewing': {
      const reading = parseLength(value, 'mm')
      if (reading.kind === 'none') return refuse(field, reading.because)
      return reading.value < 50 || reading.value > 20_000
        ? refuse(field, 'Allowed is 50 mm to 20 m.')
        : void (await store({ viewingMm: reading.value }))
    }
    case 'date':
      return value === '' ? refuse(field, 'Pick a day.') : void (await store({ dateDepicted: value }))
    case 'deadline':
      return void (await store({ deadline: value === '' ? undefined : value }))
    case 'latitude':
      return whole(field, numberIn('Latitude', -70, 70, value), (n) => ({ latitudeDeg: n }))
    case 'altitude':
      return whole(field, numberIn('Altitude', -430, 6000, value), (n) => ({ altitudeM: n }))
    case 'stature':
      return whole(field, numberIn('Stature', 60, 100, value.replace('%', '')), (n) => ({ stature: n / 100 }))
  }
}
function refuse(field: Field, because: string): void {
  fault[field] = because
}
async function whole(
  field: Field,
  read: number | string,
  change: (n: number) => Partial<Commission>,
): Promise<void> {
  if (typeof read === 'string') refuse(field, read)
  else await store(change(read))
}
async function remove(): Promise<void> {
  const answer = await workshop.give(removeCommission, props.commission.id)
  if (answer.kind === 'ok')
    notices.done(`“${props.commission.name}” and its lines are out of sight. Its batches stay in the log.`)
}
</script>

<template>
  <section class="px-5 pt-2">
    <div class="flex items-center gap-3">
      <h1 class="flex-1">Brief</h1>
      <button type="button" class="button button-quiet" @click="removing = true">
        Remove this commission
      </button>
      <button type="button" class="button" @click="emit('makeNew')">New commission</button>
    </div>
    <ScaleLadder :ratio="commission.ratio" @pick="(ratio) => store({ ratio })" />
    <div class="facts">
      <TextField v-model="text.name" label="Name" :fault="fault.name" @change="leave('name')" />
      <TextField
        v-model="text.scale"
        label="Scale"
        hint="or 4mm/ft, 1/4in"
        :fault="fault.scale"
        @change="leave('scale')"
      />
      <TextField
        v-model="text.date"
        label="Date depicted"
        type="date"
        :fault="fault.date"
        @change="leave('date')"
      />
      <TextField
        v-model="text.deadline"
        label="Finish by"
        type="date"
        :fault="fault.deadline"
        @change="leave('deadline')"
      />
      <TextField v-model="text.place" label="Place" :fault="fault.place" @change="leave('place')" />
      <TextField
        v-model="text.latitude"
        label="Latitude, °"
        hint="south −"
        :fault="fault.latitude"
        @change="leave('latitude')"
      />
      <TextField
        v-model="text.altitude"
        label="Altitude, m"
        :fault="fault.altitude"
        @change="leave('altitude')"
      />
      <TextField
        v-model="text.viewing"
        label="Seen from"
        hint="eye to edge"
        :fault="fault.viewing"
        @change="leave('viewing')"
      />
      <TextField
        v-model="text.stature"
        label="Stature, %"
        hint="60 to 100"
        :fault="fault.stature"
        @change="leave('stature')"
      />
    </div>
    <BoardForm :commission="commission" />
    <ConfirmDialog
      v-model="removing"
      :title="`Remove “${commission.name}”?`"
      act="Remove commission"
      danger
      @confirm="remove"
      >Its lines go out of sight with it. Finished batches stay in the log, and stock is not
      touched.</ConfirmDialog
    >
  </section>
</template>

<style scoped>
.facts {
  display: grid;
  grid-template-columns: 1.5fr 1.15fr 1.1fr 1.1fr 1.5fr 0.75fr 0.75fr 0.95fr 0.75fr;
  gap: 10px;
  align-items: start;
  margin-top: 6px;
}
@media (max-width: 1100px) {
  .facts {
    grid-template-columns: repeat(5, 1fr);
  }
}
@media (max-width: 800px) {
  .facts {
    grid-template-columns: repeat(2, 1fr);
  }
}
</style>
