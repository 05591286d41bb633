<script setup lang="ts">
import { materialFields, stuffNames, type Material, type StuffName } from '~~/core/stock'
import {
  formatMoney,
  formatQuantity,
  parseMoney,
  parseQuantity,
  readBounded,
  stockUnits,
  unitName,
} from '~~/core/units'
import { saveMaterial } from '../../db/commands/stock'
import { blankStuff, commonMeasures, readMeasure, stuffFields, textOf } from './material-fields'

/** A material: what stuff it is, in which unit it is counted, and the measures that the arithmetic needs. */
const props = defineProps<{ material?: Material }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const { open } = useDialog(() => emit('close'))

const was = props.material
const kind = ref<StuffName>(was?.of.stuff ?? 'foam')
const unit = ref(was?.unit ?? 'g')
const before: Record<string, unknown> = { ...(was?.of ?? blankStuff('foam')) }
const colour = ref(typeof before.colour === 'string' ? before.colour : '#6b8743')
const hasColour = ref(was === undefined || typeof before.colour === 'string')
const measures = reactive<Record<string, string>>({
  ...textOf(before),
  ...textOf({ ...was }),
})
const text = reactive({
  name: was?.name ?? '',
  family: was?.family ?? '',
  pack: was?.packQuantity === undefined ? '' : formatQuantity(was.packQuantity, was.unit),
  price: was?.packPriceMinor === undefined ? '' : formatMoney(was.packPriceMinor, ''),
  keeps: was?.keepsDays === undefined ? '' : String(was.keepsDays),
  note: was?.note ?? '',
})
const fault = ref('')
const fields = computed(() => stuffFields[kind.value])
const common = computed(() => commonMeasures(kind.value, unit.value))
watch(kind, (now) => {
  for (const [name, value] of Object.entries(textOf({ ...blankStuff(now) }))) measures[name] ||= value
})

async function store(): Promise<void> {
  fault.value = ''
  try {
    const pack = text.pack.trim() === '' ? undefined : parseQuantity(text.pack, unit.value)
    const price = text.price.trim() === '' ? undefined : parseMoney(text.price)
    if (pack?.kind === 'none') throw new RangeError(`Pack: ${pack.because}`)
    if (price?.kind === 'none') throw new RangeError(`Price: ${price.because}`)
    const keeps = orNothing(text.keeps, (typed) => readBounded(materialFields.keepsDays, typed))
    if (keeps.kind === 'none') throw new RangeError(keeps.because)
    const same = was?.of.stuff === kind.value ? was.of : blankStuff(kind.value)
    const own = Object.fromEntries(
      fields.value.map((field) => [field.name, readMeasure(field, measures[field.name] ?? '')]),
    )
    const answer = await workshop.dispatch(saveMaterial, {
      ...(was && { id: was.id }),
      name: text.name,
      unit: unit.value,
      of: {
        ...same,
        ...own,
        ...('colour' in blankStuff(kind.value)
          ? { colour: hasColour.value ? colour.value.toLowerCase() : undefined }
          : {}),
      } as Material['of'],
      ...Object.fromEntries(
        common.value.map((field) => [field.name, readMeasure(field, measures[field.name] ?? '')]),
      ),
      family: text.family.trim() || undefined,
      packQuantity: pack?.value,
      packPriceMinor: price?.value,
      keepsDays: keeps.value,
      note: text.note.trim() || undefined,
    })
    if (answer.kind === 'ok') open.value = false
  } catch (error) {
    fault.value = error instanceof Error ? error.message : String(error)
  }
}
</script>

<template>
  <BaseDialog v-model="open" :title="was ? was.name : 'New material'">
    <form class="grid grid-cols-2 gap-3" @submit.prevent="store">
      <TextField
        v-model="text.name"
        class="col-span-2"
        label="Name: what it is"
        placeholder="Ground foam, fine, olive"
      />
      <div>
        <label class="label" for="kind">Stuff</label
        ><select id="kind" v-model="kind" class="field">
          <option v-for="(name, key) in stuffNames" :key="key" :value="key">{{ name }}</option>
        </select>
      </div>
      <div>
        <label class="label" for="unit">Counted in</label
        ><select id="unit" v-model="unit" class="field">
          <option v-for="key in stockUnits" :key="key" :value="key">{{ unitName(key) }}</option>
        </select>
      </div>
      <template v-for="field in fields" :key="field.name">
        <div v-if="field.choices">
          <label class="label" :for="`of-${field.name}`">{{ field.label }}</label><select
            :id="`of-${field.name}`"
            v-model="measures[field.name]"
            class="field"
          >
            <option v-for="choice in field.choices" :key="choice" :value="choice">
              {{ choice.replaceAll('-', ' ') }}
            </option>
          </select>
        </div>
        <TextField
          v-else
          :model-value="measures[field.name] ?? ''"
          :label="field.label"
          @update:model-value="(value: string) => (measures[field.name] = value)"
        />
      </template>
      <TextField
        v-for="field in common"
        :key="field.name"
        :model-value="measures[field.name] ?? ''"
        :label="field.label"
        @update:model-value="(value: string) => (measures[field.name] = value)"
      />
      <TextField v-model="text.family" label="Family, if it has several tones or lengths" />
      <TextField v-model="text.pack" label="Usual pack" :placeholder="unitName(unit)" />
      <TextField v-model="text.price" label="Price of a pack" />
      <div class="flex items-end gap-2">
        <label class="flex min-h-10 items-center gap-2"
          ><input v-model="hasColour" type="checkbox" class="size-5 accent-moss" />Colour</label
        >
        <input v-model="colour" type="color" class="h-10 w-16" aria-label="Colour" :disabled="!hasColour" />
      </div>
      <TextField v-model="text.keeps" label="Keeps, days" placeholder="for years" />
      <TextField v-model="text.note" class="col-span-2" label="Note" />
      <p v-if="fault" class="col-span-2 text-hip" role="alert">{{ fault }}</p>
      <div class="col-span-2 flex justify-end gap-2">
        <button type="button" class="button" @click="open = false">Leave it</button>
        <button type="submit" class="button button-act">Store material</button>
      </div>
    </form>
  </BaseDialog>
</template>
