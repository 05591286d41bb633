<script setup lang="ts">
import { verdicts, type Blend, type Tile, type Verdict } from '~~/core/blends'
import { sealerWords } from '~~/core/colour'
import { choicesOf, plainChoices } from '../../parts/fields/choice'
import { choice, day, maybe, note, oneOf, own, words } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'

/** A test tile: on what, fixed with what, and what the eye said of it. */
const props = defineProps<{ tile?: Tile; blend: Blend }>()
defineEmits<{ close: [] }>()
const saveTile = useDeed('saveTile')
const { tile: was, blend } = props
const photo = ref(was?.photo)
/** Of a tile that is there, all that is not asked for stays; of a new one its parts are those of the blend now. */
function kept() {
  if (!was) return { blendId: blend.id, parts: blend.parts.map((part) => ({ ...part })) }
  const {
    changedAt: _at,
    fieldsAt: _fields,
    verdict: _verdict,
    goodFor: _for,
    note: _note,
    photo: _photo,
    ...rest
  } = was
  return rest
}

const form = useFields(
  {
    name: words({ label: 'Name', start: was?.name ?? `${blend.name.slice(0, 90)}, tile`, wide: true }),
    date: day({ label: 'Day', start: was?.date ?? today(), past: true }),
    sealer: choice(choicesOf(sealerWords), { label: 'Fixed with', start: was?.sealer ?? blend.sealer }),
    ground: maybe(words({ label: 'On', start: was?.ground ?? 'card in the ground colour', wide: true }), ''),
    verdict: maybe(
      oneOf<Verdict | ''>([{ value: '', words: 'not judged yet' }, ...plainChoices(verdicts)], {
        label: 'Verdict, in its place and in daylight',
        start: was?.verdict ?? '',
        wide: true,
      }),
    ),
    goodFor: maybe(
      words({ label: 'Good for', start: was?.goodFor, placeholder: 'hedge foot in October', wide: true }),
    ),
    note: note({ start: was?.note }),
    picture: own('A picture of the tile'),
  },
  {
    send: ({ picture: _picture, verdict, ...values }) =>
      saveTile({
        ...kept(),
        ...values,
        ...(verdict ? { verdict } : {}),
        ...(photo.value ? { photo: photo.value } : {}),
      }),
  },
)
</script>

<template>
  <FieldsDialog
    :title="tile ? 'Test tile' : 'New test tile'"
    :form="form"
    act="Keep the tile"
    @close="$emit('close')"
  >
    <template #picture="{ look }">
      <PictureField v-model="photo" class="col-span-2" :label="look.label" alt="Picture of the tile" />
    </template>
  </FieldsDialog>
</template>
