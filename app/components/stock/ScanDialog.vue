<script setup lang="ts">
import jsQR from 'jsqr'
import { readJarCode } from '~~/core/stock'
import { picturePixels } from '../../drawing/photo'

/** Finds a jar by the code on its label: through the camera, from a picture, or typed. */
const emit = defineEmits<{ close: []; found: [jar: { materialId: string; lotId?: string }] }>()
const workshop = useWorkshop()
const { open } = useDialog(() => emit('close'))
const typed = ref('')
const fault = ref('')
const looking = ref(false)
const video = useTemplateRef<HTMLVideoElement>('video')
let stream: MediaStream | undefined
let timer: ReturnType<typeof setTimeout> | undefined
/** Pictures a second are looked at: more would warm the phone and find nothing sooner. */
const EVERY_MS = 180

/** Tells what a code names. */
function found(text: string): boolean {
  const code = readJarCode(text)
  if (code.kind === 'none') {
    fault.value = code.because
    return false
  }
  const materialId =
    code.value.kind === 'material'
      ? code.value.materialId
      : workshop.lots.find(({ id }) => code.value.kind === 'lot' && id === code.value.lotId)?.materialId
  if (materialId === undefined || !useStock().stateById.has(materialId)) {
    fault.value = 'This jar is not of this workshop: its code is read, but nothing here has it.'
    return false
  }
  emit('found', {
    materialId,
    ...(code.value.kind === 'lot' ? { lotId: code.value.lotId } : {}),
  })
  open.value = false
  return true
}
function typedCode(): void {
  found(typed.value)
}
async function fromPicture(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  try {
    const { data, width, height } = await picturePixels(file)
    const code = jsQR(new Uint8ClampedArray(data), width, height)
    if (code) found(code.data)
    else fault.value = `No code was found in “${file.name}”: go nearer, and hold it flat.`
  } catch {
    fault.value = `“${file.name}” can’t be read as a picture.`
  }
}
async function start(): Promise<void> {
  fault.value = ''
  try {
    stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } })
  } catch {
    fault.value = 'The camera can’t be used here: take a picture of the label instead, or type its code.'
    return
  }
  looking.value = true
  await nextTick()
  if (!video.value) return
  video.value.srcObject = stream
  await video.value.play()
  const canvas = document.createElement('canvas')
  const look = async (): Promise<void> => {
    const seen = video.value
    if (!seen || !looking.value) return
    const [width, height] = [seen.videoWidth, seen.videoHeight]
    if (width > 0) {
      Object.assign(canvas, { width, height })
      const context = canvas.getContext('2d', { willReadFrequently: true })
      context?.drawImage(seen, 0, 0)
      const pixels = context?.getImageData(0, 0, width, height)
      const code = pixels && jsQR(pixels.data, width, height)
      if (code && found(code.data)) return
    }
    timer = setTimeout(() => void look(), EVERY_MS)
  }
  void look()
}
function stop(): void {
  looking.value = false
  clearTimeout(timer)
  stream?.getTracks().forEach((track) => track.stop())
  stream = undefined
}
onBeforeUnmount(stop)
</script>

<template>
  <BaseDialog v-model="open" title="Find a jar by its label">
    <div class="grid gap-3">
      <video v-show="looking" ref="video" class="w-full border border-line" muted playsinline />
      <div class="flex flex-wrap gap-2">
        <button v-if="!looking" type="button" class="button button-act" @click="start">
          Look with the camera
        </button>
        <button v-else type="button" class="button" @click="stop">Stop looking</button>
        <label class="button"
          >From a picture…<input class="sr-only" type="file" accept="image/*" @change="fromPicture"
        /></label>
      </div>
      <form class="flex items-end gap-2" @submit.prevent="typedCode">
        <TextField v-model="typed" class="flex-1" label="Or type the small print under the code" />
        <button type="submit" class="button mb-[22px]">Find</button>
      </form>
      <p v-if="fault" class="text-hip" role="alert">{{ fault }}</p>
    </div>
  </BaseDialog>
</template>
