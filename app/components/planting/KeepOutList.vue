<script setup lang="ts">
import type { KeepOut } from '~~/core/commissions'
import { formatModelLength, parseLength, plainNumber, readSigned } from '~~/core/units'

/** What is kept clear, as numbers: for those who know them, or can't draw. */
const props = defineProps<{ keepOuts: readonly KeepOut[]; units: 'metric' | 'imperial' }>()
const emit = defineEmits<{ change: [keepOuts: KeepOut[]] }>()
const fault = ref('')

const pointsText = ({ points }: KeepOut): string => points.map(([x, y]) => `${plainNumber(x, 0)},${plainNumber(y, 0)}`).join('  ')
function replace(id: string, change: Partial<KeepOut>): void { fault.value = ''; emit('change', props.keepOuts.map((row) => (row.id === id ? { ...row, ...change } : row))) }
function leaveWidth(row: KeepOut, value: string): void {
  const reading = parseLength(value, 'mm')
  if (reading.kind === 'none') fault.value = `Width: ${reading.because}`
  else if (reading.value > 2000) fault.value = `Width: read ${value}; allowed is up to 2 m.`
  else replace(row.id, { widthMm: reading.value })
}
function leavePoints(row: KeepOut, value: string): void {
  const points = value.trim().split(/\s+(?=[-\d])|;/).map((pair) => pair.split(',').map((part) => readSigned(part) ?? NaN))
  const least = row.kind === 'shape' ? 3 : 2
  if (points.some((pair) => pair.length !== 2 || pair.some(Number.isNaN))) fault.value = `Points: read “${value}”; write them as x,y in mm from the front left corner: 0,60 400,140.`
  else if (points.length < least || points.length > 200) fault.value = `Points: read ${points.length}; allowed is ${least} to 200.`
  else replace(row.id, { points: points.map(([x = 0, y = 0]): [number, number] => [x, y]) })
}
</script>

<template>
  <table v-if="keepOuts.length > 0" class="ruled w-full text-sm">
    <thead><tr><th class="!pl-5">Kept clear</th><th>Width</th><th>Points, mm from the left and the front</th><th><span class="sr-only">Remove</span></th></tr></thead>
    <tbody>
      <tr v-for="(row, i) in keepOuts" :key="row.id">
        <td class="!pl-5">{{ row.kind === 'line' ? 'Track or path' : 'Shape' }} {{ i + 1 }}</td>
        <td><input v-if="row.kind === 'line'" class="field field-cell !w-24" :value="formatModelLength(row.widthMm, units)" :aria-label="`Width of keep-out ${i + 1}`" @change="leaveWidth(row, ($event.target as HTMLInputElement).value)"></td>
        <td><input class="field field-cell" :value="pointsText(row)" :aria-label="`Points of keep-out ${i + 1}`" @change="leavePoints(row, ($event.target as HTMLInputElement).value)"></td>
        <td><button type="button" class="button button-quiet button-small" :aria-label="`Remove keep-out ${i + 1}`" @click="emit('change', keepOuts.filter(({ id }) => id !== row.id))">Remove</button></td>
      </tr>
    </tbody>
  </table>
  <p v-if="fault" class="px-5 py-1 text-sm text-hip" role="alert">{{ fault }}</p>
</template>
