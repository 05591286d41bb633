<script setup lang="ts">
import { useDevicePixelRatio, useElementSize } from '@vueuse/core'
import { formatRatio, plainNumber, readNumber, toRealMm } from '~~/core/units'
import { saveLine } from '../../db/commands/brief'
import { drawingOf, paintPlant } from '../../drawing/paint'
import type { Plant } from '../../stores/commission'

/** The piece from the side, dressed as on the day or bare, with its measures. */
const props = defineProps<{ plant: Plant }>()
const workshop = useWorkshop()
const commission = useCommission()
const { model, real } = useFormat()
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const box = useTemplateRef<HTMLElement>('box')
const { width } = useElementSize(box)
const { pixelRatio } = useDevicePixelRatio()
const bare = ref(false)

const HEIGHT = 250
const GROUND = 226
const size = computed(() => props.plant.size)
const pxPerMm = computed(() => Math.min((GROUND - 16) / size.value.heightMm, Math.max(1, width.value - 190) / size.value.crownWidthMm))
const middle = computed(() => width.value / 2 - 6)
const y = (mm: number): number => GROUND - mm * pxPerMm.value

function paint(): void {
  const context = canvas.value?.getContext('2d', { willReadFrequently: true })
  if (!context || width.value === 0) return
  context.setTransform(pixelRatio.value, 0, 0, pixelRatio.value, 0, 0)
  context.clearRect(0, 0, width.value, HEIGHT)
  const { line, species, piece, look } = props.plant
  paintPlant(context, drawingOf(line.id, species, size.value, piece.seeThrough), look, species.bark, { x: middle.value, groundY: GROUND, pxPerMm: pxPerMm.value }, bare.value)
}
watch([() => props.plant, bare, width, pixelRatio], paint, { flush: 'post' })
onMounted(paint)

/** Blades are set by number, not by how much is seen through them. */
const hasCrown = computed(() => props.plant.species.crownForm !== 'blades')
const ratio = computed(() => commission.current?.ratio ?? 1)
const facts = computed(() => {
  const { piece, look } = props.plant
  const rows: [string, string][] = [
    ['Height', `${model(size.value.heightMm)} · ${real(toRealMm(size.value.heightMm, ratio.value))} at ${formatRatio(ratio.value)}`],
    ['Crown', `${model(size.value.crownWidthMm)} wide · ${plainNumber(piece.sideAreaCm2, 1)} cm² from the side`],
  ]
  if (size.value.clearStemMm > 0.5) rows.push(['Clear stem', model(size.value.clearStemMm)])
  if (size.value.stature < 1) rows.push(['Stature', `${plainNumber(size.value.stature * 100, 0)} % of true scale`])
  if (hasCrown.value) rows.push(['Grain', `${plainNumber(piece.grainMm, 2)} mm for a leaf`])
  rows.push([`On ${formatDay(commission.date)}`, look.words])
  return rows
})

/** See-through wanted in full leaf; emptied, the species' own again. */
const seeThrough = ref('')
const fault = ref('')
watch(() => props.plant.line, (line) => { seeThrough.value = line.seeThrough === undefined ? '' : plainNumber(line.seeThrough * 100, 0); fault.value = '' }, { immediate: true })
async function leaveSeeThrough(): Promise<void> {
  const read = seeThrough.value.trim() === '' ? undefined : readNumber(seeThrough.value.replace('%', ''))
  const fits = seeThrough.value.trim() === '' || (read !== undefined && read >= 2 && read <= 90)
  fault.value = fits ? '' : `See-through: read “${seeThrough.value}”; allowed is 2 to 90 %.`
  if (fits) await workshop.give(saveLine, { ...props.plant.line, seeThrough: read === undefined ? undefined : read / 100 })
}
</script>

<template>
  <section aria-label="The piece">
    <div ref="box" class="relative" :style="{ height: `${HEIGHT}px` }">
      <canvas ref="canvas" class="absolute inset-0" :width="width * pixelRatio" :height="HEIGHT * pixelRatio" :style="{ width: `${width}px`, height: `${HEIGHT}px` }" role="img" :aria-label="`${plant.line.name} from the side, ${bare ? 'bare' : plant.look.words}`" />
      <svg class="absolute inset-0" :width="width" :height="HEIGHT" aria-hidden="true">
        <line x1="14" :x2="width - 14" :y1="GROUND" :y2="GROUND" stroke="#3b463f" stroke-width="1.5" />
        <path class="measure" :d="`M${width - 88} ${y(size.heightMm)}h14m-7 0V${GROUND}`" />
        <text :x="width - 76" :y="(y(size.heightMm) + GROUND) / 2 + 4">{{ model(size.heightMm) }}</text>
        <path class="measure" :d="`M${middle - (size.crownWidthMm * pxPerMm) / 2} ${GROUND + 6}v8m0 -4H${middle + (size.crownWidthMm * pxPerMm) / 2}m0 -4v8`" />
      </svg>
      <div class="absolute left-3 top-2 grid text-sm">
        <button type="button" class="toggle" :aria-pressed="!bare" @click="bare = false">dressed</button>
        <button type="button" class="toggle" :aria-pressed="bare" @click="bare = true">bare</button>
      </div>
    </div>
    <dl class="facts">
      <template v-for="[name, value] in facts" :key="name"><dt>{{ name }}</dt><dd>{{ value }}</dd></template>
      <dt v-if="hasCrown"><label for="see-through">See-through</label></dt>
      <dd v-if="hasCrown"><input id="see-through" v-model="seeThrough" class="field see" inputmode="decimal" :placeholder="plainNumber(plant.species.seeThrough * 100, 0)" :aria-invalid="fault !== ''" @change="leaveSeeThrough"> % in full leaf</dd>
    </dl>
    <p v-if="fault" class="px-4 pb-2 text-sm text-hip" role="alert">{{ fault }}</p>
  </section>
</template>

<style scoped>
.measure { fill: none; stroke: var(--color-moss); stroke-width: 1.5; }
text { font-size: 13px; font-weight: 650; fill: var(--color-moss); }
.toggle { min-height: 32px; padding: 0 9px; border-bottom: 2px solid transparent; color: var(--color-soft); }
.toggle[aria-pressed='true'] { border-bottom-color: var(--color-moss); color: var(--color-ink); }
.see { display: inline-block; width: 52px; min-height: 28px; padding: 0 6px; }
.facts { display: grid; align-items: center; grid-template-columns: auto 1fr; gap: 1px 12px; padding: 0 16px 10px; font-size: 13px; line-height: 19px; }
dt { color: var(--color-soft); }
</style>
