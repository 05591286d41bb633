<script setup lang="ts">
import { ChevronDown } from '@lucide/vue'
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

/**
 * The commission's own facts. A field is stored when it is left; what can't be read stays in the field with
 * the reason.
 */
const props = defineProps<{ commission: Commission }>()
const emit = defineEmits<{ makeNew: [] }>()
const workshop = useWorkshop()
const changeCommission = useDeed('changeCommission')
const removeCommission = useDeed('removeCommission')
const notices = useNotices()
const removing = ref(false)

/** The ladder of scales is opened by the ratio: a choice that is made once. */
const laddered = ref(false)
const length = (mm: number | undefined): string =>
  mm === undefined ? '' : formatModelLength(mm, workshop.settings.units)

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
      width: length(row.boardWidthMm),
      depth: length(row.boardDepthMm),
    }
  },
)
type Field = keyof typeof text

const store = (change: Partial<Commission>) => changeCommission(props.commission.id, change)

const leaveBoard = (
  field: 'width' | 'depth',
  key: 'boardWidthMm' | 'boardDepthMm',
  bounds: Parameters<typeof readBoundedLength>[0],
): Promise<void> =>
  take(
    field,
    orNothing(text[field], (typed) => readBoundedLength(bounds, typed)),
    (mm) => store({ [key]: mm }),
  )
const faults = computed(() => Object.values(fault).filter(Boolean))
/** Few words of a day are reckoned from the beginning of the year that is depicted. */
const yearBegins = computed(() => `${props.commission.dateDepicted.slice(0, 4)}-01-01`)

/** Reads one field; stores it, or says what is wrong with it. */
function leave(field: Field): Promise<void> {
  const value = text[field]
  const { latitudeDeg, altitudeM, viewingMm, boardWidthMm, boardDepthMm } = commissionFields
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
    case 'width':
      return leaveBoard(field, 'boardWidthMm', boardWidthMm)
    case 'depth':
      return leaveBoard(field, 'boardDepthMm', boardDepthMm)
  }
}
async function remove(): Promise<void> {
  const answer = await removeCommission(props.commission.id)
  if (answer.kind === 'ok')
    notices.done(`“${props.commission.name}” and its lines are out of sight. Its batches stay in the log.`)
}
</script>

<template>
  <section class="px-6 pt-3">
    <div class="flex flex-wrap items-center gap-3">
      <h1 class="flex-1">Brief</h1>
      <button type="button" class="button button-danger button-small sm:mr-8" @click="removing = true">
        Remove this commission
      </button>
      <button type="button" class="button" @click="emit('makeNew')">New commission</button>
    </div>
    <p class="max-w-[72ch] mt-1.5 text-[18px] leading-[32px]">
      <SentenceField v-model="text.name" label="Name" :fault="fault.name" @change="leave('name')" />, at
      <SentenceField v-model="text.scale" label="Scale" :fault="fault.scale" @change="leave('scale')" />
      <button
        type="button"
        class="inline-grid place-items-center w-6 h-6 align-middle"
        :aria-expanded="laddered"
        aria-label="All scales"
        @click="laddered = !laddered"
      >
        <ChevronDown class="size-4" aria-hidden="true" /></button
      >:
      <SentenceField
        v-model="text.place"
        label="Place"
        placeholder="a place"
        :fault="fault.place"
        @change="leave('place')"
      />, at
      <SentenceField
        v-model="text.latitude"
        label="Latitude, °"
        :fault="fault.latitude"
        @change="leave('latitude')"
      />° (south below 0) and
      <SentenceField
        v-model="text.altitude"
        label="Altitude, m"
        :fault="fault.altitude"
        @change="leave('altitude')"
      />
      m, on
      <DateField
        v-model="text.date"
        label="Date depicted"
        inline
        :from="yearBegins"
        :fault="fault.date"
        @change="leave('date')"
      />; on a board of
      <SentenceField
        v-model="text.width"
        label="Board, width"
        placeholder="width"
        :fault="fault.width"
        @change="leave('width')"
      />
      ×
      <SentenceField
        v-model="text.depth"
        label="Board, depth"
        placeholder="depth"
        :fault="fault.depth"
        @change="leave('depth')"
      />, seen from
      <SentenceField
        v-model="text.viewing"
        label="Seen from"
        :fault="fault.viewing"
        @change="leave('viewing')"
      />
      before its front edge. To be finished by
      <DateField
        v-model="text.deadline"
        label="Finish by"
        inline
        :fault="fault.deadline"
        @change="leave('deadline')"
      />.
    </p>
    <p v-for="one in faults" :key="one" class="text-sm text-hip" role="alert">{{ one }}</p>
    <ScaleLadder v-if="laddered" :ratio="commission.ratio" @pick="(ratio) => store({ ratio })" />
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
