<script setup lang="ts">
import { verdicts, type Blend, type Tile, type Verdict } from '~~/core/blends'
import { sealers, sealerWords, type Sealer } from '~~/core/colour'
import { saveTile } from '../../db/commands/blends'
import { smallPhoto } from '../../drawing/photo'

/** A test tile: on what, fixed with what, and what the eye said of it. */
const props = defineProps<{ tile?: Tile; blend: Blend }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const { open } = useDialog(() => emit('close'))
const form = reactive({
  name: props.tile?.name ?? `${props.blend.name.slice(0, 90)}, tile`,
  date: props.tile?.date ?? today(),
  ground: props.tile?.ground ?? 'card in the ground colour',
  sealer: (props.tile?.sealer ?? props.blend.sealer) as Sealer,
  verdict: (props.tile?.verdict ?? '') as Verdict | '',
  goodFor: props.tile?.goodFor ?? '',
  note: props.tile?.note ?? '',
})
const photo = ref(props.tile?.photo)
const fault = ref('')
async function takePhoto(event: Event): Promise<void> {
  const file = (event.target as HTMLInputElement).files?.[0]
  if (!file) return
  fault.value = ''
  try {
    photo.value = await smallPhoto(file)
  } catch {
    fault.value = `Photo: “${file.name}” can’t be read; allowed are JPEG, PNG and WebP pictures.`
  }
}
async function store(): Promise<void> {
  const { verdict, goodFor, note, ...rest } = form
  const {
    changedAt: _changedAt,
    fieldsAt: _fieldsAt,
    ...stored
  } = props.tile ?? {
    changedAt: '',
    fieldsAt: {},
    blendId: props.blend.id,
    parts: props.blend.parts.map((part) => ({ ...part })),
  }
  const {
    verdict: _verdict,
    goodFor: _goodFor,
    note: _note,
    photo: _photo,
    ...kept
  } = stored as Partial<Tile> & Pick<Tile, 'parts'>
  const answer = await saveTile(workshop.context(), {
    ...kept,
    ...rest,
    ...(photo.value ? { photo: photo.value } : {}),
    ...(verdict ? { verdict } : {}),
    ...(goodFor.trim() ? { goodFor: goodFor.trim() } : {}),
    ...(note.trim() ? { note: note.trim() } : {}),
  })
  if (answer.kind === 'ok') open.value = false
  else fault.value = answer.because
}
</script>

<template>
  <BaseDialog v-model="open" :title="tile ? 'Test tile' : 'New test tile'">
    <form class="grid gap-3" @submit.prevent="store">
      <TextField v-model="form.name" label="Name" />
      <div class="grid grid-cols-2 gap-3">
        <DateField v-model="form.date" label="Day" past />
        <label class="text-sm text-soft"
          >Fixed with
          <select v-model="form.sealer" class="field">
            <option v-for="sealer in sealers" :key="sealer" :value="sealer">{{ sealerWords[sealer] }}</option>
          </select></label
        >
      </div>
      <TextField v-model="form.ground" label="On" />
      <fieldset>
        <legend class="label">Verdict, in its place and in daylight</legend>
        <div class="flex flex-wrap gap-2">
          <button
            v-for="verdict in verdicts"
            :key="verdict"
            type="button"
            class="button button-small"
            :class="{ 'button-act': form.verdict === verdict }"
            :aria-pressed="form.verdict === verdict"
            @click="form.verdict = form.verdict === verdict ? '' : verdict"
          >
            {{ verdict }}
          </button>
        </div>
      </fieldset>
      <TextField v-model="form.goodFor" label="Good for" placeholder="hedge foot in October" />
      <TextField v-model="form.note" label="Note" />
      <div class="flex items-center gap-3">
        <img v-if="photo" :src="photo" alt="Photo of the tile" class="max-h-28 border border-line" />
        <label class="button button-small"
          >{{ photo ? 'Another photo…' : 'Add a photo…'
          }}<input class="sr-only" type="file" accept="image/*" capture="environment" @change="takePhoto"
        /></label>
        <button
          v-if="photo"
          type="button"
          class="button button-quiet button-small"
          @click="photo = undefined"
        >
          Without
        </button>
      </div>
      <p v-if="fault" class="text-hip whitespace-pre-line" role="alert">{{ fault }}</p>
      <div class="flex justify-end gap-2">
        <button type="button" class="button" @click="open = false">Leave it</button>
        <button type="submit" class="button button-act">Keep the tile</button>
      </div>
    </form>
  </BaseDialog>
</template>
