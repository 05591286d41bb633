<script setup lang="ts">
import { smallPhoto } from '../drawing/photo'

/** A picture: taken with the camera or picked, shown small, taken out. */
defineProps<{ label: string; alt: string }>()
/** A small JPEG as a data address; undefined: none. */
const picture = defineModel<string | undefined>({ required: true })
const fault = ref('')

async function take(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  fault.value = ''
  try {
    picture.value = await smallPhoto(file)
  } catch {
    fault.value = `“${file.name}” can’t be read; allowed are JPEG, PNG and WebP pictures.`
  }
}
</script>

<template>
  <div class="flex items-start gap-3">
    <img v-if="picture" :src="picture" :alt="alt" class="max-h-40 max-w-[60%] border border-line" />
    <div class="flex flex-col items-start gap-2">
      <label class="button cursor-pointer"
        >{{ picture ? 'Another picture…' : 'Add a picture…'
        }}<input
          type="file"
          accept="image/*"
          capture="environment"
          class="sr-only"
          :aria-label="label"
          @change="take"
      /></label>
      <button v-if="picture" type="button" class="button button-quiet" @click="picture = undefined">
        Take the picture out
      </button>
      <p v-if="fault" class="text-sm text-hip" role="alert">{{ fault }}</p>
    </div>
  </div>
</template>
