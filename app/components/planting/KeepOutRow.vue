<script setup lang="ts">
import type { KeepOut } from '~~/core/commissions'
import { formatModelLength, parseLength, plainNumber, readSigned } from '~~/core/units'

/** One keep-out as numbers. */
const props = defineProps<{ keepOut: KeepOut; place: number; units: 'metric' | 'imperial' }>()
const emit = defineEmits<{ change: [change: Partial<KeepOut>]; remove: [] }>()
const { text, fault, left } = useFieldTexts(
  () => props.keepOut.id,
  () => ({
    width: formatModelLength(props.keepOut.widthMm, props.units),
    overhang: formatModelLength(props.keepOut.overhangMm ?? 0, props.units),
    points: props.keepOut.points.map(([x, y]) => `${plainNumber(x, 0)},${plainNumber(y, 0)}`).join('  '),
  }),
)
const faults = computed(() => Object.values(fault).filter(Boolean).join(' '))

function leaveWidth(): void {
  left('width')
  const reading = parseLength(text.width, 'mm')
  if (reading.kind === 'none') fault.width = `Width: ${reading.because}`
  else if (reading.value > 2000) fault.width = `Width: read ${text.width}; allowed is up to 2 m.`
  else emit('change', { widthMm: reading.value })
}
function leaveOverhang(): void {
  left('overhang')
  const typed = text.overhang.trim()
  const reading =
    /^0+(?:[.,]0*)?\s*(?:mm)?$/.test(typed) || typed === ''
      ? { kind: 'ok' as const, value: 0 }
      : parseLength(typed, 'mm')
  if (reading.kind === 'none') fault.overhang = `Crowns over it: ${reading.because}`
  else if (reading.value > 500)
    fault.overhang = `Crowns over it: read ${text.overhang}; allowed is up to 500 mm.`
  else emit('change', { overhangMm: reading.value === 0 ? undefined : reading.value })
}
function leavePoints(): void {
  left('points')
  const points = text.points
    .trim()
    .split(/\s+(?=[-\d])|;/)
    .map((pair) => pair.split(',').map((part) => readSigned(part) ?? NaN))
  const least = props.keepOut.kind === 'shape' ? 3 : 2
  if (points.some((pair) => pair.length !== 2 || pair.some(Number.isNaN)))
    fault.points = `Points: read “${text.points}”; write them as x,y in mm from the front left corner: 0,60 400,140.`
  else if (points.length < least || points.length > 200)
    fault.points = `Points: read ${points.length}; allowed is ${least} to 200.`
  else emit('change', { points: points.map(([x = 0, y = 0]): [number, number] => [x, y]) })
}
</script>

<template>
  <tr>
    <td class="!pl-5">{{ keepOut.kind === 'line' ? 'Track or path' : 'Shape' }} {{ place }}</td>
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
        class="field field-cell"
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
