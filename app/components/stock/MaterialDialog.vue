<script setup lang="ts">
import { kindNames, materialKinds, type Material } from '~~/core/stock'
import {
  formatMoney,
  formatQuantity,
  parseMoney,
  parseQuantity,
  plainNumber,
  readNumber,
  stockUnits,
  unitName,
} from '~~/core/units'
import { saveMaterial } from '../../db/commands/stock'

/** A material: what it is, in which unit it is counted, and the measures that the arithmetic needs. */
const props = defineProps<{ material?: Material }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const open = ref(true)
watch(open, (now) => {
  if (!now) emit('close')
})

const was = props.material
const shown = (value: number | undefined): string => (value === undefined ? '' : plainNumber(value, 3))
const kind = ref(was?.kind ?? 'foam')
const unit = ref(was?.unit ?? 'g')
const colour = ref(was?.colour ?? '#6b8743')
const hasColour = ref(was === undefined || was.colour !== undefined)
const text = reactive({
  name: was?.name ?? '',
  density: shown(was?.densityGPerMl),
  grain: shown(was?.grainMm),
  fibre: shown(was?.fibreMm),
  dtex: shown(was?.dtex),
  from: shown(was?.fromMm),
  to: shown(was?.toMm),
  pack: was?.packQuantity === undefined ? '' : formatQuantity(was.packQuantity, was.unit),
  price: was?.packPriceMinor === undefined ? '' : formatMoney(was.packPriceMinor, ''),
  note: was?.note ?? '',
})
const fault = ref('')
const measures = computed(() =>
  (
    [
      ['density', 'Density, g/ml', true],
      ['grain', 'Grain, mm', kind.value === 'foam' || kind.value === 'clump' || kind.value === 'other'],
      ['fibre', 'Fibre length, mm', kind.value === 'static-fibre'],
      ['dtex', 'Linear density, dtex', kind.value === 'static-fibre'],
      ['from', 'Serves from, mm', kind.value === 'sprig' || kind.value === 'trunk'],
      ['to', 'to, mm', kind.value === 'sprig' || kind.value === 'trunk'],
    ] as const
  ).filter(([, , fits]) => fits),
)

function measure(
  field: 'density' | 'grain' | 'fibre' | 'dtex' | 'from' | 'to',
  label: string,
): number | undefined {
  if (text[field].trim() === '') return undefined
  const read = readNumber(text[field])
  if (read === undefined || read <= 0)
    throw new RangeError(`${label}: read “${text[field]}”; allowed is a number above zero.`)
  return read
}
async function store(): Promise<void> {
  fault.value = ''
  try {
    const pack = text.pack.trim() === '' ? undefined : parseQuantity(text.pack, unit.value)
    const price = text.price.trim() === '' ? undefined : parseMoney(text.price)
    if (pack?.kind === 'none') throw new RangeError(`Pack: ${pack.because}`)
    if (price?.kind === 'none') throw new RangeError(`Price: ${price.because}`)
    const fields = {
      densityGPerMl: measure('density', 'Density'),
      grainMm: measure('grain', 'Grain'),
      fibreMm: measure('fibre', 'Fibre length'),
      dtex: measure('dtex', 'Linear density'),
      fromMm: measure('from', 'From'),
      toMm: measure('to', 'To'),
    }
    const answer = await workshop.give(saveMaterial, {
      ...was,
      name: text.name,
      kind: kind.value,
      unit: unit.value,
      ...fields,
      colour: hasColour.value ? colour.value.toLowerCase() : undefined,
      packQuantity: pack?.value,
      packPriceMinor: price?.value,
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
        <label class="label" for="kind">Kind</label
        ><select id="kind" v-model="kind" class="field">
          <option v-for="key in materialKinds" :key="key" :value="key">{{ kindNames[key] }}</option>
        </select>
      </div>
      <div>
        <label class="label" for="unit">Counted in</label
        ><select id="unit" v-model="unit" class="field">
          <option v-for="key in stockUnits" :key="key" :value="key">{{ unitName(key) }}</option>
        </select>
      </div>
      <TextField v-for="[field, label] in measures" :key="field" v-model="text[field]" :label="label" />
      <TextField v-model="text.pack" label="Usual pack" :placeholder="unitName(unit)" />
      <TextField v-model="text.price" label="Price of a pack" />
      <div class="flex items-end gap-2">
        <label class="flex min-h-10 items-center gap-2"
          ><input v-model="hasColour" type="checkbox" class="size-5 accent-moss" />Colour</label
        >
        <input v-model="colour" type="color" class="h-10 w-16" aria-label="Colour" :disabled="!hasColour" />
      </div>
      <TextField v-model="text.note" label="Note" />
      <p v-if="fault" class="col-span-2 text-hip" role="alert">{{ fault }}</p>
      <div class="col-span-2 flex justify-end gap-2">
        <button type="button" class="button" @click="open = false">Leave it</button>
        <button type="submit" class="button button-act">Store material</button>
      </div>
    </form>
  </BaseDialog>
</template>
