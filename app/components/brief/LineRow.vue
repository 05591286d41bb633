<script setup lang="ts">
import { X } from '@lucide/vue'
import {
  lineFields,
  lineSize,
  readAmount,
  readRealMeasure,
  amountText,
  zones,
  type Amount,
  type Line,
} from '~~/core/commissions'
import { ages } from '~~/core/plants'
import { none, ok, plainNumber, readBounded } from '~~/core/units'
import { mixText } from './mix-text'
import type { Plant } from '../../stores/plant'
import { choicesOf, plainChoices } from '../../parts/fields/choice'

/**
 * One line of the brief. Height and crown are proposed by the species and can be overwritten; the model size
 * follows while they are typed.
 */
const props = defineProps<{ plant: Plant }>()
const emit = defineEmits<{ move: [by: -1 | 1] }>()
const workshop = useWorkshop()
const changeLine = useDeed('changeLine')
const removeLine = useDeed('removeLine')
const commission = useCommission()
const { model, real } = useFormat()
const removing = ref(false)
const mixing = ref(false)

const units = computed(() => workshop.settings.units)
const line = computed(() => props.plant.line)
const overwritten = (metres: number | undefined): string => (metres === undefined ? '' : real(metres * 1000))

const { text, fault, take } = useFieldTexts(
  () => line.value.id,
  () => ({
    name: line.value.name,
    amount: amountText(line.value.amount, units.value),
    stature: line.value.stature === undefined ? '' : plainNumber(line.value.stature * 100, 0),
    height: overwritten(line.value.heightM),
    crown: overwritten(line.value.crownWidthM),
  }),
)
const faults = computed(() => Object.values(fault).filter(Boolean).join(' '))

/** The size as typed, before it is stored. */
const typedSize = computed(() => {
  const height = readRealMeasure('heightM', text.height, units.value)
  const crown = readRealMeasure('crownWidthM', text.crown, units.value)
  if (!commission.current || height.kind === 'none' || crown.kind === 'none') return undefined
  const as = { ...line.value, heightM: height.value, crownWidthM: crown.value }
  return lineSize(as, commission.current, props.plant.species)
})

const store = (change: Partial<Line>) => changeLine(line.value.id, change)
const leaveName = () =>
  take('name', text.name.trim() === '' ? none('A line needs a name.') : ok(text.name), (name) =>
    store({ name }),
  )
const leaveLength = (field: 'height' | 'crown', measure: 'heightM' | 'crownWidthM') =>
  take(field, readRealMeasure(measure, text[field], units.value), (metres) => store({ [measure]: metres }))
const leaveAmount = () =>
  take('amount', readAmount(text.amount, line.value.amount, units.value), (amount) => store({ amount }))
const leaveStature = () =>
  take(
    'stature',
    orNothing(text.stature, (typed) => readBounded(lineFields.stature, typed)),
    (stature) => store({ stature }),
  )
/** Another kind of amount begins with what looks right; what was drawn for the old one goes. */
const kinds = {
  pieces: 'pieces',
  'length-free': 'hedge',
  'length-trimmed': 'hedge, trimmed',
  area: 'area',
} as const
const kindNow = computed(() =>
  line.value.amount.kind === 'length'
    ? (`length-${line.value.amount.section}` as const)
    : line.value.amount.kind,
)
async function chooseKind(kind: string): Promise<void> {
  const { amount } = line.value
  const next: Amount =
    kind === 'pieces'
      ? { kind: 'pieces', pieces: 12 }
      : kind === 'area'
        ? { kind: 'area', areaCm2: 200 }
        : {
            kind: 'length',
            lengthMm: amount.kind === 'length' ? amount.lengthMm : 500,
            section: kind === 'length-trimmed' ? 'trimmed' : 'free',
          }
  const same = next.kind === amount.kind
  await store({ amount: next, ...(same ? {} : { drawn: undefined }) })
}
</script>

<template>
  <tr
    :class="{ 'bg-bench': commission.selected?.line.id === line.id }"
    @focusin="commission.chooseLine(line.id)"
  >
    <td class="!pl-2 !pr-0">
      <GripButton :name="line.name" @move="(by) => emit('move', by)" />
    </td>
    <td class="!pl-1">
      <span class="flex items-center gap-2">
        <CellField
          v-model="text.name"
          class="!w-48 flex-none font-semibold max-[1100px]:!w-44"
          label="Name of the line"
          :fault="fault.name"
          :title="plant.species.botanical"
          @change="leaveName"
        />
        <span class="botanical w-28 text-sm leading-tight max-[1400px]:hidden">{{
          plant.species.botanical
        }}</span>
      </span>
      <button
        v-if="line.amount.kind !== 'pieces'"
        type="button"
        class="button button-quiet button-small !min-h-6 !px-1.5 text-sm"
        :title="mixText(plant)"
        @click="mixing = true"
      >
        {{ plant.members.length > 1 ? `${plant.members.length} kinds…` : 'one kind…' }}
      </button>
      <MixDialog v-if="mixing" :plant="plant" @close="mixing = false" />
      <span v-if="faults" class="block text-sm text-hip" role="alert">{{ faults }}</span>
    </td>
    <td>
      <SelectField
        cell
        class="w-[124px]"
        label="Age"
        :model-value="line.age"
        :options="plainChoices(ages)"
        @update:model-value="(age) => store({ age })"
      />
    </td>
    <td class="number">
      <span class="flex justify-end gap-1">
        <CellField
          v-model="text.amount"
          class="text-right"
          :class="line.amount.kind === 'area' && line.amount.strip ? '!w-[124px]' : '!w-[72px]'"
          :label="line.amount.kind === 'pieces' ? 'Pieces' : 'Amount'"
          :title="line.amount.kind === 'area' ? 'Such as 600 cm², or 1.4 m × 60 mm' : undefined"
          :fault="fault.amount"
          @change="leaveAmount"
        />
        <SelectField
          cell
          class="w-[92px]"
          label="Counted as"
          :model-value="kindNow"
          :options="choicesOf(kinds)"
          @update:model-value="chooseKind"
        />
      </span>
    </td>
    <td>
      <SelectField
        cell
        class="w-[92px] max-[1100px]:w-[84px]"
        label="Zone"
        :model-value="line.zone"
        :options="plainChoices(zones)"
        @update:model-value="(zone) => store({ zone })"
      />
    </td>
    <td class="number">
      <CellField
        v-model="text.stature"
        class="!w-12 text-right"
        :placeholder="plainNumber((commission.current?.stature ?? 1) * 100, 0)"
        label="Stature, per cent"
        :fault="fault.stature"
        @change="leaveStature"
      />
    </td>
    <td class="number">
      <CellField
        v-model="text.height"
        class="!w-[76px] text-right"
        :placeholder="real(plant.size.form.heightM * 1000)"
        label="Real height"
        :fault="fault.height"
        @change="leaveLength('height', 'heightM')"
      />
    </td>
    <td class="number">
      <CellField
        v-model="text.crown"
        class="!w-[76px] text-right"
        :placeholder="real(plant.size.form.crownWidthM * 1000)"
        label="Real crown width"
        :fault="fault.crown"
        @change="leaveLength('crown', 'crownWidthM')"
      />
    </td>
    <td class="number font-semibold" aria-label="Model size">
      <template v-if="typedSize"
        >{{ model(typedSize.heightMm) }}
        <span class="font-normal text-soft max-[1100px]:block"
          >× {{ model(typedSize.crownWidthMm) }}</span
        ></template
      >
      <template v-else>–</template>
    </td>
    <td class="number">
      <button
        type="button"
        class="button button-quiet button-small !px-1.5"
        :aria-label="`Remove ${line.name}`"
        :title="`Remove ${line.name}`"
        @click="removing = true"
      >
        <X class="size-4" aria-hidden="true" />
      </button>
      <ConfirmDialog
        v-if="removing"
        v-model="removing"
        :title="`Remove “${line.name}”?`"
        act="Remove line"
        danger
        @confirm="removeLine(line.id)"
        >Its finished batches stay in the log.</ConfirmDialog
      >
    </td>
  </tr>
</template>
