<script setup lang="ts">
import { NEAR, type ShelfQuery } from '~~/core/stock'
import { plainNumber, readNumber } from '~~/core/units'
import { shelfChoices, type ShelfColumn } from './shelf-columns'

/** Finds on the shelf: by words, near a colour, by grain, by age; and says which columns are shown. */
const query = defineModel<ShelfQuery>('query', { required: true })
const columns = defineModel<readonly ShelfColumn[]>('columns', { required: true })
defineProps<{ found: number; of: number }>()

const more = ref(false)
const text = reactive({ words: '', within: plainNumber(NEAR, 0), from: '', to: '', days: '' })
const fault = reactive({ within: '', from: '', to: '', days: '' })
const near = ref('#6b8743')
const byColour = ref(false)

/** A number above nothing; empty where none was typed. */
function number(field: keyof typeof fault): number | undefined {
  const typed = text[field].trim()
  const read = typed === '' ? undefined : readNumber(typed)
  fault[field] =
    typed !== '' && (read === undefined || read < 0) ? `Read “${typed}”; allowed is a number from 0.` : ''
  return fault[field] === '' ? read : undefined
}
watch(
  [text, near, byColour],
  () => {
    const [within, fromMm, toMm, olderDays] = [number('within'), number('from'), number('to'), number('days')]
    query.value = {
      ...(text.words.trim() === '' ? {} : { words: text.words }),
      ...(byColour.value ? { near: near.value, ...(within === undefined ? {} : { within }) } : {}),
      ...(fromMm === undefined ? {} : { fromMm }),
      ...(toMm === undefined ? {} : { toMm }),
      ...(olderDays === undefined ? {} : { olderDays }),
    }
  },
  { deep: true },
)
const asked = computed(() => Object.keys(query.value).length > 0)
function clear(): void {
  Object.assign(text, { words: '', within: plainNumber(NEAR, 0), from: '', to: '', days: '' })
  byColour.value = false
}
const isShown = (id: ShelfColumn): boolean => columns.value.includes(id)
function show(id: ShelfColumn): void {
  columns.value = shelfChoices
    .map((column) => column.id)
    .filter((column) => (column === id ? !isShown(id) : isShown(column)))
}
</script>

<template>
  <section class="px-5 py-2" aria-label="Search">
    <div class="flex flex-wrap items-center gap-3">
      <TextField
        v-model="text.words"
        class="w-64"
        type="search"
        label="Find on the shelf"
        hide-label
        placeholder="fine foam, straw, box 3"
      />
      <slot />
      <button type="button" class="choice" :aria-expanded="more" @click="more = !more">
        colour, grain, age, columns
      </button>
      <p v-if="asked" class="text-sm" role="status">
        {{ found }} of {{ of }}
        <button type="button" class="button button-quiet button-small" @click="clear">Clear</button>
      </p>
    </div>
    <div v-if="more" class="mt-2 flex flex-wrap items-end gap-x-5 gap-y-2">
      <div class="flex items-end gap-2">
        <label class="flex min-h-10 items-center gap-2"
          ><input v-model="byColour" type="checkbox" class="size-5 accent-moss" />Near the colour</label
        >
        <input
          v-model="near"
          type="color"
          class="h-10 w-14"
          aria-label="Colour to be near to"
          @input="byColour = true"
        />
        <TextField v-model="text.within" class="w-24" label="within ΔE" :fault="fault.within" />
      </div>
      <div class="flex gap-2">
        <TextField v-model="text.from" class="w-32" label="Grain from, mm" :fault="fault.from" />
        <TextField v-model="text.to" class="w-24" label="to, mm" :fault="fault.to" />
      </div>
      <TextField v-model="text.days" class="w-40" label="A jar older than, days" :fault="fault.days" />
      <fieldset class="flex flex-wrap gap-x-4">
        <legend class="label">Columns</legend>
        <label v-for="column in shelfChoices" :key="column.id" class="flex min-h-9 items-center gap-1.5">
          <input
            type="checkbox"
            class="size-5 accent-moss"
            :checked="isShown(column.id)"
            @change="show(column.id)"
          />{{ column.word }}
        </label>
      </fieldset>
    </div>
  </section>
</template>
