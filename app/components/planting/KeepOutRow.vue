<script setup lang="ts">
import { keepOutFields, keepOutSchema, type KeepOut } from '~~/core/commissions'
import { formatModelLength, none, ok, plainNumber, readBoundedLength, readSigned } from '~~/core/units'

/** One keep-out as numbers. */
const props = defineProps<{ keepOut: KeepOut; place: number; units: 'metric' | 'imperial' }>()
const emit = defineEmits<{ change: [change: Partial<KeepOut>]; remove: [] }>()
const { text, fault, take } = useFieldTexts(
  () => props.keepOut.id,
  () => ({
    width: formatModelLength(props.keepOut.widthMm, props.units),
    overhang: formatModelLength(props.keepOut.overhangMm ?? 0, props.units),
    points: props.keepOut.points.map(([x, y]) => `${plainNumber(x, 0)},${plainNumber(y, 0)}`).join('  '),
  }),
)
const faults = computed(() => Object.values(fault).filter(Boolean).join(' '))

const called = computed(() => {
  const { kind, water } = props.keepOut
  return kind === 'line' ? (water ? 'Stream' : 'Track or path') : water ? 'Water' : 'Shape'
})
/** Nothing typed, or nought, is none of it. */
const readWidth = (field: keyof typeof keepOutFields, typed: string) =>
  /^(?:0+(?:[.,]0*)?\s*(?:mm|cm|m|in)?)?$/.test(typed.trim())
    ? ok(0)
    : readBoundedLength(keepOutFields[field], typed)
const leaveWidth = () =>
  take('width', readWidth('widthMm', text.width), (widthMm) => {
    emit('change', { widthMm })
  })
const leaveOverhang = () =>
  take('overhang', readWidth('overhangMm', text.overhang), (overhangMm) => {
    emit('change', { overhangMm: overhangMm === 0 ? undefined : overhangMm })
  })
function readPoints() {
  const points = text.points
    .trim()
    .split(/\s+(?=[-\d])|;/)
    .map((pair) => pair.split(',').map((part) => readSigned(part) ?? NaN))
  const least = props.keepOut.kind === 'shape' ? 3 : 2
  if (points.some((pair) => pair.length !== 2 || pair.some(Number.isNaN)))
    return none(
      `Points: read “${text.points}”; write them as x,y in mm from the front left corner: 0,60 400,140.`,
    )
  const checked = keepOutSchema.shape.points.safeParse(points)
  return points.length >= least && checked.success
    ? ok(checked.data)
    : none(`Points: read ${points.length}; allowed is ${least} to 200, within 20 m of the corner.`)
}
const leavePoints = () =>
  take('points', readPoints(), (points) => {
    emit('change', { points })
  })
</script>

<template>
  <tr>
    <td class="!pl-5">
      {{ called }} {{ place }}
      <label class="ml-2 inline-flex items-center gap-1 text-soft"
        ><input
          type="checkbox"
          class="accent-moss"
          :checked="keepOut.water ?? false"
          :aria-label="`Keep-out ${place} is water`"
          @change="emit('change', { water: keepOut.water ? undefined : true })"
        />
        water</label
      >
    </td>
    <td>
      <input
        v-if="keepOut.kind === 'line'"
        v-model="text.width"
        class="field field-cell !w-24"
        :aria-label="`Width of keep-out ${place}`"
        :aria-invalid="fault.width !== ''"
        @change="leaveWidth"
      />
    </td>
    <td>
      <input
        v-model="text.overhang"
        class="field field-cell !w-24"
        :aria-label="`How far crowns may reach over keep-out ${place}`"
        :aria-invalid="fault.overhang !== ''"
        @change="leaveOverhang"
      />
    </td>
    <td>
      <input
        v-model="text.points"
        class="field field-cell min-w-80"
        :aria-label="`Points of keep-out ${place}`"
        :aria-invalid="fault.points !== ''"
        @change="leavePoints"
      />
      <span v-if="faults" class="block text-sm text-hip" role="alert">{{ faults }}</span>
    </td>
    <td>
      <button
        type="button"
        class="button button-quiet button-small"
        :aria-label="`Remove keep-out ${place}`"
        @click="emit('remove')"
      >
        Remove
      </button>
    </td>
  </tr>
</template>
