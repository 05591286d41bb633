<script setup lang="ts">
import { materialFields, stuffNames, type Material, type StuffName } from '~~/core/stock'
import { formatQuantity, parseQuantity, stockUnits, unitName, type StockUnit } from '~~/core/units'
import { choicesOf } from '../../parts/fields/choice'
import {
  choice,
  hidable,
  maybe,
  money,
  note,
  number,
  tick,
  typed,
  words,
  type Field,
} from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'
import { allMeasures, blankStuff, commonMeasures, measureField, stuffFields } from './material-fields'

/** A material: what stuff it is, in which unit it is counted, and the measures that the arithmetic needs. */
const props = defineProps<{ material?: Material }>()
defineEmits<{ close: [] }>()
const saveMaterial = useDeed('saveMaterial')
const was = props.material
type Measure = Field<number | string | undefined>

/** The properties of every stuff; those of the chosen one are asked for. */
const ofStuff = (Object.keys(stuffNames) as StuffName[]).flatMap((stuff) =>
  stuffFields[stuff].map((field) => ({ key: `${stuff}:${field.name}`, stuff, field })),
)
const recordOf = (stuff: StuffName) => (was?.of.stuff === stuff ? was.of : blankStuff(stuff))
const isColoured = (stuff: string): boolean => 'colour' in blankStuff(stuff as StuffName)
const colour = ref(was && 'colour' in was.of && was.of.colour ? was.of.colour : '#6b8743')

const form = useFields(
  {
    name: words(
      {
        label: 'Name: what it is',
        placeholder: 'Ground foam, fine, olive',
        start: was?.name,
        wide: true,
      },
      'A name is needed.',
    ),
    kind: choice(choicesOf(stuffNames), { label: 'Stuff', start: was?.of.stuff ?? 'foam' }),
    unit: choice<StockUnit>(
      stockUnits.map((unit) => ({ value: unit, words: unitName(unit) })),
      { label: 'Counted in', start: was?.unit ?? 'g' },
    ),
    ...Object.fromEntries(
      ofStuff.map(({ key, stuff, field }): [string, Measure] => [key, measureField(field, recordOf(stuff))]),
    ),
    ...Object.fromEntries(
      allMeasures.map((name): [string, Measure] => [name, measureField({ name, label: name }, was ?? {})]),
    ),
    family: maybe(words({ label: 'Family, if it has several tones or lengths', start: was?.family })),
    packQuantity: maybe(
      typed<number>(
        {
          label: 'Usual pack',
          start: was?.packQuantity === undefined ? '' : formatQuantity(was.packQuantity, was.unit),
        },
        (text, { unit }) => parseQuantity(text, unit as StockUnit),
      ),
    ),
    packPriceMinor: maybe(money({ label: 'Price of a pack', start: was?.packPriceMinor })),
    keepsDays: maybe(
      number(materialFields.keepsDays, {
        label: 'Keeps, days',
        placeholder: 'for years',
        start: was?.keepsDays,
      }),
    ),
    colour: hidable(
      tick({
        label: 'Colour',
        start: was === undefined || ('colour' in was.of && was.of.colour !== undefined),
      }),
    ),
    note: note({ start: was?.note }),
  },
  {
    send(read) {
      const values = read as Record<string, unknown>
      const kind = values.kind as StuffName
      const own = Object.fromEntries(
        ofStuff.filter(({ stuff }) => stuff === kind).map(({ key, field }) => [field.name, values[key]]),
      )
      return saveMaterial({
        ...(was && { id: was.id }),
        name: read.name as string,
        unit: read.unit as StockUnit,
        of: {
          ...recordOf(kind),
          ...own,
          ...(isColoured(kind) ? { colour: values.colour ? colour.value.toLowerCase() : undefined } : {}),
        } as Material['of'],
        ...Object.fromEntries(allMeasures.map((name) => [name, values[name]])),
        family: values.family as string | undefined,
        packQuantity: values.packQuantity as number | undefined,
        packPriceMinor: values.packPriceMinor as number | undefined,
        keepsDays: values.keepsDays as number | undefined,
        note: values.note as string | undefined,
      })
    },
    look: ({ kind, unit }) => {
      const common = commonMeasures(kind as StuffName, unit as StockUnit)
      return {
        ...Object.fromEntries(ofStuff.map(({ key, stuff }) => [key, { hidden: stuff !== kind }])),
        ...Object.fromEntries(
          allMeasures.map((name) => {
            const asked = common.find((field) => field.name === name)
            return [name, asked ? { label: asked.label } : { hidden: true }]
          }),
        ),
        packQuantity: { placeholder: unitName(unit as StockUnit) },
        colour: { hidden: !isColoured(kind ?? '') },
      }
    },
  },
)
</script>

<template>
  <FieldsDialog
    :title="material ? material.name : 'New material'"
    :form="form"
    act="Store material"
    @close="$emit('close')"
  >
    <template #colour="{ look }">
      <div class="flex items-center gap-2">
        <FormField
          kind="tick"
          :look="look"
          :model-value="form.texts.value.colour ?? ''"
          @update:model-value="(text) => form.set('colour', text)"
        />
        <input
          v-model="colour"
          type="color"
          class="h-10 w-16"
          aria-label="What colour"
          :disabled="form.texts.value.colour !== 'yes'"
        />
      </div>
    </template>
  </FieldsDialog>
</template>
