<script setup lang="ts">
import { Check } from '@lucide/vue'
import { difference2000, toLab } from '~~/core/colour'
import { differenceWords, type Blend, type BlendTarget, type Tile } from '~~/core/blends'
import { cards, measureColour, type CardKind, type PixelPatch, type Picture } from '~~/core/inspection'
import { plainNumber, type Reading } from '~~/core/units'
import { picturePixels } from '../../drawing/photo'

/**
 * A colour measured from a photograph with a card in it: pick the card, pick the sample. It becomes a blend's target, a
 * material's colour, or what a tile looks like dry or sealed.
 */
const props = defineProps<{
  title: string
  blend?: Blend
  materialId?: string
  /** A swatch of one lot, beside the material's own colour. */
  lot?: { readonly id: string; readonly label: string; readonly materialId: string }
  tile?: { readonly tile: Tile; readonly which: 'dry' | 'sealed' }
}>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const changeBlend = useDeed('changeBlend', 'here')
const measureMaterial = useDeed('measureMaterial', 'here')
const saveTile = useDeed('saveTile', 'here')
const { open } = useDialog(() => emit('close'))

const picture = shallowRef<Picture & { canvas: HTMLCanvasElement }>()
const fault = ref('')
const light = ref('daylight, overcast')
const card = ref<CardKind>('grey')
type Role = 'card' | 'second' | 'sample'
const roles: Record<Role, string> = {
  card: 'the card',
  second: 'the other card (if there is one)',
  sample: 'the sample',
}
const role = ref<Role>('card')
const patches = reactive<Partial<Record<Role, PixelPatch>>>({})

async function take(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  fault.value = ''
  try {
    picture.value = await picturePixels(file)
    delete patches.card
    delete patches.second
    delete patches.sample
    role.value = 'card'
  } catch {
    fault.value = `Picture: “${file.name}” can’t be read; allowed are JPEG, PNG and WebP pictures.`
  }
}
const holder = useTemplateRef<HTMLElement>('holder')
const SHOWN_PX = 620
const shrink = computed(() =>
  picture.value ? Math.min(1, SHOWN_PX / picture.value.width, 420 / picture.value.height) : 1,
)
watch(
  [picture, holder],
  () => {
    if (!holder.value || !picture.value) return
    const { canvas } = picture.value
    canvas.style.width = `${canvas.width * shrink.value}px`
    canvas.style.height = `${canvas.height * shrink.value}px`
    canvas.style.display = 'block'
    holder.value.replaceChildren(canvas)
  },
  { flush: 'post' },
)

/** A rectangle is drawn by dragging; a tap puts one of a usual size there. */
const TAP_PX = 46
let from: { x: number; y: number } | undefined
const at = (event: PointerEvent): { x: number; y: number } => {
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect()
  return { x: (event.clientX - box.left) / shrink.value, y: (event.clientY - box.top) / shrink.value }
}
function press(event: PointerEvent): void {
  from = at(event)
  ;(event.currentTarget as HTMLElement).setPointerCapture(event.pointerId)
}
function drag(event: PointerEvent): void {
  if (!from) return
  const to = at(event)
  patches[role.value] = {
    x: Math.min(from.x, to.x),
    y: Math.min(from.y, to.y),
    width: Math.abs(to.x - from.x),
    height: Math.abs(to.y - from.y),
  }
}
function release(event: PointerEvent): void {
  if (!from) return
  drag(event)
  const own = patches[role.value]
  const side = TAP_PX / shrink.value
  if (own && own.width < side / 4 && own.height < side / 4)
    patches[role.value] = { x: from.x - side / 2, y: from.y - side / 2, width: side, height: side }
  from = undefined
  if (role.value === 'card') role.value = 'sample'
}

const read = computed<Reading<ReturnType<typeof measured>> | undefined>(() => {
  if (!picture.value || !patches.card || !patches.sample) return undefined
  const answer = measureColour({
    picture: picture.value,
    card: { card: card.value, patch: patches.card },
    ...(patches.second
      ? { second: { card: card.value === 'grey' ? 'white' : 'grey', patch: patches.second } }
      : {}),
    sample: patches.sample,
  })
  return answer.kind === 'ok' ? { kind: 'ok', value: measured(answer.value) } : answer
})
const measured = (of: Extract<ReturnType<typeof measureColour>, { kind: 'ok' }>['value']) => of
const result = computed(() => (read.value?.kind === 'ok' ? read.value.value : undefined))
const material = computed(() =>
  workshop.materials.find(({ id }) => id === (props.lot?.materialId ?? props.materialId)),
)
const was = computed(() => {
  if (props.tile) return props.tile.tile[props.tile.which]
  return material.value && 'colour' in material.value.of ? material.value.of.colour : undefined
})
const moved = computed(() =>
  result.value && was.value ? difference2000(result.value.lab, toLab(was.value)) : undefined,
)

const storing = ref(false)
async function store(): Promise<void> {
  const own = result.value
  if (!own || storing.value) return
  storing.value = true
  const how = {
    date: today(),
    light: light.value.trim().slice(0, 60) || 'not noted',
    spread: Math.round(own.spread * 100) / 100,
  }
  const answer = await storeAs(own.colour, how)
  storing.value = false
  if (answer?.kind === 'none') fault.value = answer.because
  else open.value = false
}
async function storeAs(
  colour: string,
  how: { date: string; light: string; spread: number },
): Promise<Reading<unknown> | undefined> {
  if (props.tile) {
    const { tile, which } = props.tile
    const { changedAt: _changedAt, fieldsAt: _fieldsAt, ...kept } = tile
    return saveTile({ ...kept, [which]: colour, measured: how })
  }
  if (props.lot)
    return saveTile({
      name: props.lot.label.slice(0, 120),
      lotId: props.lot.id,
      parts: [{ materialId: props.lot.materialId, parts: 1 }],
      date: how.date,
      ground: '',
      sealer: 'none',
      dry: colour,
      measured: how,
    })
  if (props.materialId !== undefined) return measureMaterial(props.materialId, colour, how)
  const target: BlendTarget = { kind: 'colour', colour, from: 'photo' }
  return props.blend && changeBlend(props.blend.id, { target })
}
const act = computed(() =>
  props.tile
    ? `Keep it as ${props.tile.which}`
    : props.lot
      ? 'Keep it as this lot’s'
      : props.materialId
        ? 'Correct its colour'
        : 'Make it the target',
)
</script>

<template>
  <BaseDialog v-model="open" :title="`Measure from a photograph: ${title}`" wide>
    <div class="grid gap-3">
      <p class="text-sm text-soft">
        Daylight without sun on it, the card flat beside the sample, both filling a good part of the picture.
        A second card of the other kind tells the camera’s own curve.
      </p>
      <div class="flex flex-wrap items-center gap-3">
        <label class="button"
          >{{ picture ? 'Another picture…' : 'Picture or camera…'
          }}<input class="sr-only" type="file" accept="image/*" capture="environment" @change="take"
        /></label>
        <SelectField
          v-model="card"
          class="w-56"
          label="The card is"
          :options="
            Object.entries(cards).map(([kind, { name }]) => ({
              value: kind as keyof typeof cards,
              words: name,
            }))
          "
        />
        <TextField v-model="light" label="Light" class="w-52" />
      </div>
      <template v-if="picture">
        <div class="flex flex-wrap gap-2" role="group" aria-label="What is picked">
          <button
            v-for="(words, own) in roles"
            :key="own"
            type="button"
            class="button button-small"
            :class="{ 'button-act': role === own }"
            :aria-pressed="role === own"
            @click="role = own"
          >
            {{ words }} <Check v-if="patches[own]" class="size-4" aria-label="set" />
          </button>
        </div>
        <div
          class="relative touch-none cursor-crosshair border border-line"
          :style="{ width: `${picture.width * shrink}px`, height: `${picture.height * shrink}px` }"
          role="application"
          :aria-label="`Picture: tap or drag over ${roles[role]}`"
          @pointerdown="press"
          @pointermove="drag"
          @pointerup="release"
        >
          <div ref="holder" />
          <template v-for="(words, own) in roles" :key="own">
            <span
              v-if="patches[own]"
              class="patch absolute border-2 border-white [outline:1px_solid_var(--color-ink)] pointer-events-none"
              :class="own"
              :style="{
                left: `${(patches[own]?.x ?? 0) * shrink}px`,
                top: `${(patches[own]?.y ?? 0) * shrink}px`,
                width: `${(patches[own]?.width ?? 0) * shrink}px`,
                height: `${(patches[own]?.height ?? 0) * shrink}px`,
              }"
              ><i>{{ own === 'sample' ? 'sample' : own === 'card' ? 'card' : 'other' }}</i></span
            >
          </template>
        </div>
      </template>
      <p v-if="read?.kind === 'none'" class="text-hip" role="alert">{{ read.because }}</p>
      <div v-if="result" class="flex items-center gap-3">
        <span
          class="flex-none w-14 h-10 border border-line"
          :style="{ background: result.colour }"
          aria-hidden="true"
        />
        <span
          v-if="was"
          class="flex-none w-14 h-10 border border-line"
          :style="{ background: was }"
          aria-hidden="true"
        />
        <p role="status">
          {{ result.colour }}, parts of the sample ΔE {{ plainNumber(result.spread, 1) }} from the whole{{
            moved === undefined
              ? ''
              : `; ${differenceWords(moved)} (ΔE ${plainNumber(moved, 1)}) from ${was} as it was`
          }}.
          <span v-for="warning in result.warnings" :key="warning" class="block text-larch">{{
            warning
          }}</span>
        </p>
      </div>
      <p v-if="fault" class="text-hip whitespace-pre-line" role="alert">{{ fault }}</p>
      <div class="flex justify-end gap-2">
        <button type="button" class="button" @click="open = false">Leave it</button>
        <button type="button" class="button button-act" :disabled="!result || storing" @click="store">
          {{ act }}
        </button>
      </div>
    </div>
  </BaseDialog>
</template>

<style scoped>
.patch i {
  position: absolute;
  left: 0;
  top: 0;
  padding: 0 4px;
  font-size: 12px;
  font-style: normal;
  background: var(--color-ink);
  color: var(--color-white);
}
</style>
