<script setup lang="ts">
import type { Lot } from '~~/core/stock'
import { saveMark } from '../../db/commands/stock'
import { smallPhoto } from '../../drawing/photo'

/** Where a jar stands, and how it looks. */
const props = defineProps<{ lot: Lot; material: string }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const { open } = useDialog(() => emit('close'))
const mark = workshop.lotMarks.find(({ id }) => id === props.lot.id)
const text = reactive({ shelf: mark?.shelf ?? '', box: mark?.box ?? '' })
const photo = ref(mark?.photo)
const fault = ref('')

async function take(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  try {
    photo.value = await smallPhoto(file)
    fault.value = ''
  } catch {
    fault.value = `“${file.name}” can’t be read as a picture.`
  }
}
async function keep(): Promise<void> {
  const answer = await workshop.dispatch(saveMark, {
    id: props.lot.id,
    ...(text.shelf.trim() === '' ? {} : { shelf: text.shelf.trim() }),
    ...(text.box.trim() === '' ? {} : { box: text.box.trim() }),
    ...(photo.value === undefined ? {} : { photo: photo.value }),
  })
  if (answer.kind === 'ok') open.value = false
}
</script>

<template>
  <BaseDialog v-model="open" :title="`${material}, ${lot.label}`">
    <form class="grid grid-cols-2 gap-3" @submit.prevent="keep">
      <TextField v-model="text.shelf" label="Shelf" placeholder="left wall, 2" />
      <TextField v-model="text.box" label="Box" placeholder="greens" />
      <div class="col-span-2 flex items-start gap-3">
        <img v-if="photo" :src="photo" alt="The jar" class="max-h-40 max-w-[60%] border border-line" />
        <div class="flex flex-col items-start gap-2">
          <label class="button cursor-pointer"
            >{{ photo ? 'Another picture' : 'Add a picture'
            }}<input
              type="file"
              accept="image/*"
              class="sr-only"
              aria-label="A picture of the jar"
              @change="take"
          /></label>
          <button v-if="photo" type="button" class="button button-quiet" @click="photo = undefined">
            Take the picture out
          </button>
          <p v-if="fault" class="text-sm text-hip" role="alert">{{ fault }}</p>
        </div>
      </div>
      <div class="col-span-2 flex justify-end gap-2">
        <button type="button" class="button" @click="open = false">Leave it</button>
        <button type="submit" class="button button-act">Keep</button>
      </div>
    </form>
  </BaseDialog>
</template>
