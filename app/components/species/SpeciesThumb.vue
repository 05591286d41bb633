<script setup lang="ts">
import { useElementVisibility } from '@vueuse/core'
import { lineSize, sitterOf } from '~~/core/commissions'
import { ages, lookOn, type Age, type Place, type Species } from '~~/core/plants'
import { paintPerson } from '../../drawing/person'
import { paintPlant, paletteOf } from '~~/core/painting'
import { drawingAsked, drawingOf, stopped } from '../../drawing/studio'

/** A species drawn on a day: one plant as large as fits, or its four ages side by side with a person, at one scale. */
const props = withDefaults(
  defineProps<{
    species: Species
    date: string
    place: Place
    width: number
    height: number
    all?: boolean
    bare?: boolean
  }>(),
  { all: false, bare: false },
)
const canvas = useTemplateRef<HTMLCanvasElement>('canvas')
const raster = useRaster(canvas, toRef(props, 'width'), toRef(props, 'height'))
const PERSON_M = 1.75

/** Real plants on paper: one mm to a cm will do for a scale, since the paper's room decides. */
const sizeOf = (age: Age) =>
  lineSize(
    { age, zone: 'front' },
    { ratio: 100, stature: 1, viewingMm: 1000 },
    props.species,
    look.value.height,
  )
const look = computed(() => lookOn(props.species, props.date, props.place))
const shown = computed(() =>
  (props.all ? ages : (['mature'] as const)).map((age) => ({ age, size: sizeOf(age) })),
)
const layout = computed(() => {
  const tallest = Math.max(props.all ? PERSON_M * 10 : 0, ...shown.value.map(({ size }) => size.heightMm))
  const wide = shown.value.reduce(
    (sum, { size }) => sum + size.crownWidthMm * 1.08,
    props.all ? PERSON_M * 8 : 0,
  )
  const pxPerMm = Math.min((props.height - 8) / tallest, (props.width - 6) / wide)
  let x = (props.width - wide * pxPerMm) / 2
  const places = shown.value.map(({ age, size }) => {
    const at = x + (size.crownWidthMm * 1.08 * pxPerMm) / 2
    x += size.crownWidthMm * 1.08 * pxPerMm
    return { age, size, at }
  })
  return { pxPerMm, places, personX: x + PERSON_M * 4 * pxPerMm }
})
/** Only what can be seen is grown and painted: the library is long. */
const seen = useElementVisibility(canvas, { rootMargin: '120px' })
const sitters = computed(() =>
  seen.value
    ? layout.value.places.map(({ age, size }) =>
        sitterOf({ id: `${props.species.id}-${age}` }, props.species, size, props.species.seeThrough),
      )
    : [],
)
watch(
  [sitters, stopped],
  ([all]) => {
    for (const sitter of all) drawingAsked(sitter)
  },
  { immediate: true },
)
const drawings = computed(() => sitters.value.map((sitter) => drawingOf(sitter)))
function paint(): void {
  if (seen.value)
    raster.paint(
      (pixels, k) => {
        for (const [i, { at }] of layout.value.places.entries()) {
          const drawing = drawings.value[i]
          if (drawing)
            paintPlant(
              pixels,
              drawing,
              paletteOf(look.value),
              { x: at * k, groundY: (props.height - 3) * k, pxPerMm: layout.value.pxPerMm * k },
              props.bare,
            )
        }
      },
      (context) => {
        if (props.all)
          paintPerson(context, layout.value.personX, props.height - 3, PERSON_M * 10 * layout.value.pxPerMm)
      },
    )
}
watch([layout, look, () => props.bare, drawings, raster.scale], paint, { flush: 'post' })
</script>

<template>
  <canvas
    ref="canvas"
    :style="{ width: `${width}px`, height: `${height}px` }"
    role="img"
    :aria-label="`${species.common}, ${look.words}`"
  />
</template>
