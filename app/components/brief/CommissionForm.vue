<script setup lang="ts">
import { commissionFields, type Commission } from '~~/core/commissions'
import {
  formatModelLength,
  formatRatio,
  none,
  ok,
  parseRatio,
  plainNumber,
  readBounded,
  readBoundedLength,
} from '~~/core/units'
import { changeCommission, removeCommission } from '../../db/commands/brief'

/**
 * The commission's own facts. A field is stored when it is left; what can't be read stays in the field with
 * the reason.
 */
const props = defineProps<{ commission: Commission }>()
const emit = defineEmits<{ makeNew: [] }>()
const workshop = useWorkshop()
const notices = useNotices()
const removing = ref(false)

const { text, fault, take } = useFieldTexts(
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

const store = (change: Partial<Commission>) =>
  workshop.dispatch(changeCommission, props.commission.id, change)

/** Reads one field; stores it, or says what is wrong with it. */
function leave(field: Field): Promise<void> {
  const value = text[field]
  const { latitudeDeg, altitudeM, stature, viewingMm } = commissionFields
  switch (field) {
    case 'name':
      return take(field, value.trim() === '' ? none('A commission needs a name.') : ok(value), (name) =>
        store({ name }),
      )
    case 'place':
      return take(field, ok(value), (place) => store({ place }))
    case 'scale':
      return take(field, parseRatio(value), (ratio) => store({ ratio: Math.round(ratio * 100) / 100 }))
    case 'viewing':
      return take(field, readBoundedLength(viewingMm, value), (mm) => store({ viewingMm: mm }))
    case 'date':
      return take(field, value === '' ? none('Pick a day.') : ok(value), (dateDepicted) =>
        store({ dateDepicted }),
      )
    case 'deadline':
      return take(field, ok(value === '' ? undefined : value), (deadline) => store({ deadline }))
    case 'latitude':
      return take(field, readBounded(latitudeDeg, value), (degrees) => store({ latitudeDeg: degrees }))
    case 'altitude':
      return take(field, readBounded(altitudeM, value), (metres) => store({ altitudeM: metres }))
    case 'stature':
      return take(field, readBounded(stature, value), (share) => store({ stature: share }))
  }
}
async function remove(): Promise<void> {
  const answer = await workshop.dispatch(removeCommission, props.commission.id)
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
