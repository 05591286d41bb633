<script setup lang="ts">
import { faultsOf, speciesSchema, speciesTable, type Place, type Species } from '~~/core/plants'
import { rowOf, speciesFields, textOf } from './fields'
import { plainChoices } from '../../parts/fields/choice'

/** A species of the maker's own, field by field, with the plant beside them as it would be drawn. */
const props = defineProps<{ base: Species; isNew: boolean; date: string; place: Place }>()
const emit = defineEmits<{ saved: [id: string]; leave: [] }>()
const workshop = useWorkshop()
const saveSpecies = useDeed('saveSpecies')
const text = reactive(textOf(props.base))
const faults = ref<Record<string, string>>({})
const groups = [...new Set(speciesFields.map(({ group }) => group))]

const read = computed(() => rowOf(props.base, text))
/** The row as it stands, where it can be read: so that the drawing follows the typing. */
const draft = computed(() => {
  const checked = speciesSchema.safeParse(read.value.row)
  return Object.keys(read.value.faults).length === 0 && checked.success ? checked.data : undefined
})
const shown = shallowRef<Species>(props.base)
watch(draft, (row) => {
  if (row && faultsOf(row).length === 0) shown.value = row
})

function idFor(name: string): string {
  const plain =
    name
      .toLowerCase()
      .normalize('NFKD')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '')
      .slice(0, 50) || 'species'
  const taken = new Set([...speciesTable, ...workshop.species].map(({ id }) => id))
  let id = `my-${plain}`
  for (let n = 2; taken.has(id); n += 1) id = `my-${plain}-${n}`
  return id
}
async function keep(): Promise<void> {
  const { row, faults: unread } = read.value
  const id = props.isNew ? idFor(text.common ?? '') : props.base.id
  const checked = speciesSchema.safeParse({ ...(row as object), id, origin: 'yours' })
  const found = checked.success
    ? faultsOf(checked.data).map(({ path, message }) => [path, message] as const)
    : checked.error.issues.map((issue) => [issue.path.join('.'), issue.message] as const)
  faults.value = { ...Object.fromEntries(found), ...unread }
  if (!checked.success || Object.keys(faults.value).length > 0) return
  const answer = await saveSpecies(checked.data)
  if (answer.kind === 'ok') emit('saved', id)
}
const faultOf = (path: string): string =>
  faults.value[path] ?? Object.entries(faults.value).find(([at]) => at.startsWith(`${path}.`))?.[1] ?? ''
/** Faults of fields that the form does not show. */
const others = computed(() =>
  Object.entries(faults.value).filter(
    ([path]) => !speciesFields.some((field) => field.path === path || path.startsWith(`${field.path}.`)),
  ),
)
</script>

<template>
  <form class="pt-2.5 px-5 pb-7.5" @submit.prevent="keep">
    <h1>{{ isNew ? `A copy of ${base.common}` : base.common }}</h1>
    <div class="top grid grid-cols-[440px_1fr] gap-4 sticky top-0 bg-paper z-1 border-b border-b-line pb-2">
      <SpeciesThumb :species="shown" :date="date" :place="place" :width="430" :height="190" all />
      <div class="grid content-start gap-2">
        <p class="text-sm text-soft">
          {{
            isNew
              ? 'A copy to change. It gets a name and a place of its own; ours stays as it is.'
              : 'Lines that use it follow at once.'
          }}
        </p>
        <div class="flex gap-2">
          <button type="submit" class="button button-act">
            {{ isNew ? 'Keep as my own' : 'Save' }}</button><button
            type="button"
            class="button"
            @click="emit('leave')"
          >
            Leave it
          </button>
        </div>
        <p v-if="Object.keys(faults).length > 0" class="text-sm text-hip" role="alert">
          {{
            Object.keys(faults).length === 1
              ? 'One field needs another look.'
              : `${Object.keys(faults).length} fields need another look.`
          }}<template v-for="[path, message] in others" :key="path"><br />{{ path }}: {{ message }}</template>
        </p>
      </div>
    </div>
    <fieldset v-for="group in groups" :key="group">
      <legend>{{ group }}</legend>
      <div class="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-y-2 gap-x-3">
        <div v-for="field in speciesFields.filter((row) => row.group === group)" :key="field.path">
          <label v-if="field.kind !== 'choice'" class="label" :for="`s-${field.path}`">{{
            field.label
          }}</label>
          <SelectField
            v-if="field.kind === 'choice'"
            v-model="text[field.path]!"
            :label="field.label"
            :options="plainChoices(field.choices ?? [])"
          />
          <span v-else-if="field.kind === 'colour'" class="flex items-center gap-1.5">
            <input
              :id="`s-${field.path}`"
              v-model="text[field.path]"
              type="color"
              class="colour w-13.5 h-10 p-0.5 border border-edge rounded-md bg-white"
              :class="{ none: text[field.path] === '' }"
            />
            <button
              v-if="field.optional && text[field.path] !== ''"
              type="button"
              class="button button-quiet button-small"
              :aria-label="`No ${field.label.toLowerCase()}`"
              @click="text[field.path] = ''"
            >
              none
            </button>
            <span v-else-if="field.optional" class="text-sm text-soft">none</span>
          </span>
          <input
            v-else
            :id="`s-${field.path}`"
            v-model="text[field.path]"
            class="field"
            :placeholder="field.kind === 'day' ? 'MM-DD' : ''"
            :aria-invalid="faultOf(field.path) !== ''"
            autocomplete="off"
          />
          <p v-if="faultOf(field.path)" class="text-sm text-hip">{{ faultOf(field.path) }}</p>
        </div>
      </div>
    </fieldset>
  </form>
</template>

<style scoped>
fieldset {
  padding-top: 10px;
}
legend {
  font-family: var(--font-title);
  font-weight: 650;
  font-size: 16px;
  padding-top: 10px;
}
.colour.none {
  opacity: 0.4;
}
@media (max-width: 900px) {
  .top {
    grid-template-columns: 1fr;
    position: static;
  }
}
</style>
