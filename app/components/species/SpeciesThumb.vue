<script setup lang="ts">
import { useElementVisibility } from '@vueuse/core'
import { lineSize, sitterOf } from '~~/core/commissions'
import { ages, lookOn, type Age, type Place, type Species } from '~~/core/plants'
import { paintPerson } from '../../drawing/person'

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
const { isWhole } = usePlantsPicture(canvas, toRef(props, 'width'), toRef(props, 'height'), () => {
  if (!seen.value) return { places: [] }
  const { places, pxPerMm, personX } = layout.value
  const { all, height } = props
  return {
    places: places.map(({ age, size, at }) => ({
      sitter: sitterOf({ id: `${props.species.id}-${age}` }, props.species, size, props.species.seeThrough),
      look: look.value,
      x: at,
      groundY: height - 3,
      pxPerMm,
      bare: props.bare,
    })),
    over: (context) => {
      if (all) paintPerson(context, personX, height - 3, PERSON_M * 10 * pxPerMm)
    },
  }
})
</script>

<template>
  <canvas
    ref="canvas"
    :style="{ width: `${width}px`, height: `${height}px` }"
    role="img"
    :aria-busy="!isWhole"
    :aria-label="`${species.common}, ${look.words}`"
  />
</template>
