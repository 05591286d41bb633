<script setup lang="ts">
import { fibreField, paintFromAbove, paintSection, sealed, type FieldPicture } from '~~/core/grass'
import { SOIL, type LayerPlan } from '~~/core/methods'
import { plainNumber, seedOf } from '~~/core/units'
import { paintPerson } from '../../drawing/person'

/** A sward at true scale: a section beside a person, and as it is seen from above, dry and sealed. */
const props = defineProps<{ plan: LayerPlan; personMm: number; seed: string }>()

const section = useTemplateRef<HTMLCanvasElement>('section')
const above = useTemplateRef<HTMLCanvasElement>('above')
const box = useTemplateRef<HTMLElement>('box')
const width = useWidth(box)

const HEIGHT = 190
const MARGIN = { top: 10, ground: 22, person: 16 }
/** How deep the strip is that a section shows, mm. */
const DEPTH_MM = 8
const tallest = computed(() =>
  Math.max(props.personMm, ...props.plan.fibres.map(({ lengthMm, footMm = 0 }) => footMm + lengthMm)),
)
const pxPerMm = computed(() => (HEIGHT - MARGIN.top - MARGIN.ground) / tallest.value)
const personPx = computed(() => Math.max(30, props.personMm * pxPerMm.value * 0.5) + MARGIN.person)
const stripMm = computed(() => Math.max(10, (width.value - personPx.value - 8) / pxPerMm.value))
const field = computed(() =>
  fibreField(props.plan.fibres, {
    widthMm: stripMm.value,
    depthMm: DEPTH_MM,
    reach: props.plan.reach,
    lean: props.plan.lean,
    seed: seedOf(props.seed),
  }),
)
const colours = computed(() => props.plan.fibres.map(({ colour }) => colour))

function put(context: CanvasRenderingContext2D, picture: FieldPicture, x: number, y: number): void {
  context.putImageData(new ImageData(picture.data, picture.width, picture.height), x, y)
}

function paintSide(): void {
  const context = section.value?.getContext('2d')
  if (!context || !section.value || width.value < 50) return
  const k = Math.min(2, window.devicePixelRatio)
  Object.assign(section.value, { width: Math.round(width.value * k), height: Math.round(HEIGHT * k) })
  const px = pxPerMm.value * k
  const picture = paintSection(
    {
      field: field.value,
      colours: colours.value,
      pixelsPerMm: px,
      width: Math.ceil(stripMm.value * px),
      height: Math.round((HEIGHT - MARGIN.ground) * k),
    },
    DEPTH_MM,
  )
  put(context, picture, Math.round(personPx.value * k), 0)
  context.setTransform(k, 0, 0, k, 0, 0)
  paintPerson(context, personPx.value / 2, HEIGHT - MARGIN.ground, props.personMm * pxPerMm.value)
  const ground = HEIGHT - MARGIN.ground
  context.fillStyle = SOIL
  context.fillRect(0, ground, width.value, 3)
  const line = (mm: number, words: string, dash: readonly number[]): void => {
    const y = ground - mm * pxPerMm.value
    context.strokeStyle = token('ink')
    context.lineWidth = 1
    context.setLineDash([...dash])
    context.beginPath()
    context.moveTo(personPx.value, y + 0.5)
    context.lineTo(width.value, y + 0.5)
    context.stroke()
    context.setLineDash([])
    context.font = '12px "Atkinson Hyperlegible Next", sans-serif'
    const wide = context.measureText(words).width
    context.fillStyle = 'rgba(246, 248, 244, 0.85)'
    context.fillRect(width.value - wide - 10, y - 16, wide + 8, 15)
    context.fillStyle = token('ink')
    context.fillText(words, width.value - wide - 6, y - 4)
  }
  line(props.plan.seenMm, `seen at ${plainNumber(props.plan.seenMm, 1)} mm`, [5, 3])
  context.fillStyle = token('soft')
  context.font = '12px "Atkinson Hyperlegible Next", sans-serif'
  const step = tallest.value > 24 ? 10 : 5
  for (let mm = 0; mm <= stripMm.value; mm += step) {
    const x = personPx.value + mm * pxPerMm.value
    context.fillRect(x, ground + 3, 1, 5)
    if (mm % (step * 2) === 0 && x < width.value - 30) context.fillText(`${mm}`, x + 2, ground + 15)
  }
  context.setTransform(1, 0, 0, 1, 0, 0)
}

/** Twice as dense as the section's pixels: blades are a few hundredths of a mm wide. */
const ABOVE = { heightPx: 96, pxPerMm: 9 }
function paintDown(): void {
  const context = above.value?.getContext('2d')
  if (!context || !above.value || width.value < 50) return
  const half = Math.floor(width.value / 2) - 4
  Object.assign(above.value, { width: Math.round(width.value), height: ABOVE.heightPx })
  const down = fibreField(props.plan.fibres, {
    widthMm: half / ABOVE.pxPerMm,
    depthMm: ABOVE.heightPx / ABOVE.pxPerMm,
    reach: props.plan.reach,
    lean: props.plan.lean,
    seed: seedOf(props.seed),
  })
  const view = { field: down, pixelsPerMm: ABOVE.pxPerMm, width: half, height: ABOVE.heightPx }
  put(context, paintFromAbove({ ...view, colours: colours.value }, SOIL), 0, 0)
  put(
    context,
    paintFromAbove({ ...view, colours: colours.value.map(sealed) }, sealed(SOIL)),
    Math.round(width.value) - half,
    0,
  )
}
watch(
  [() => props.plan, width, () => props.personMm],
  () => {
    paintSide()
    paintDown()
  },
  { flush: 'post' },
)
onMounted(() => {
  paintSide()
  paintDown()
})
</script>

<template>
  <div ref="box" class="min-w-0">
    <canvas
      ref="section"
      class="block w-full"
      :style="{ height: `${HEIGHT}px` }"
      role="img"
      :aria-label="`Section through the sward, ${Math.round(stripMm)} mm wide, beside a person of 1.75 m`"
    />
    <canvas
      ref="above"
      class="mt-2 block w-full"
      :style="{ height: `${ABOVE.heightPx}px` }"
      role="img"
      aria-label="The sward from above, dry on the left, sealed on the right"
    />
    <div class="mt-1 flex justify-between text-xs text-soft">
      <span class="flex items-center gap-1"
        ><span class="inline-block size-3" :style="{ background: plan.dry }" aria-hidden="true" />from above,
        dry: the eye mixes it to this</span
      >
      <span class="flex items-center gap-1"
        >sealed<span class="inline-block size-3" :style="{ background: plan.sealed }" aria-hidden="true"
      /></span>
    </div>
  </div>
</template>
