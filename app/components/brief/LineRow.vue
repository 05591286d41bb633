<script setup lang="ts">
import { amountSchema, amountText, lineSize, zones, type Amount, type Line } from '~~/core/commissions'
import { ages } from '~~/core/plants'
import { parseLength, parseQuantity, plainNumber, readNumber } from '~~/core/units'
import { changeLine, removeLine } from '../../db/commands/brief'
import type { Plant } from '../../stores/commission'

/** One line of the brief. Height and crown are proposed by the species and can be overwritten; the model size follows while they are typed. */
const props = defineProps<{ plant: Plant }>()
const workshop = useWorkshop()
const commission = useCommission()
const { model, real } = useFormat()
const removing = ref(false)

const imperial = computed(() => workshop.settings.units === 'imperial')
const line = computed(() => props.plant.line)
const overwritten = (metres: number | undefined): string => (metres === undefined ? '' : real(metres * 1000))

const { text, fault, left } = useFieldTexts(
  () => line.value.id,
  () => ({
    name: line.value.name,
    amount: amountText(line.value.amount, workshop.settings.units),
    stature: line.value.stature === undefined ? '' : plainNumber(line.value.stature * 100, 0),
    height: overwritten(line.value.heightM),
    crown: overwritten(line.value.crownWidthM),
  }),
)
const faults = computed(() => Object.values(fault).filter(Boolean).join(' '))

/** Metres in a field; nothing typed means as the species proposes. */
function metres(value: string): number | undefined | string {
  if (value.trim() === '') return undefined
  const reading = parseLength(value, imperial.value ? 'ft' : 'm')
  return reading.kind === 'none' ? reading.because : reading.value / 1000
}

/** The size as typed, before it is stored. */
const typedSize = computed(() => {
  const [heightM, crownWidthM] = [metres(text.height), metres(text.crown)]
  if (!commission.current || typeof heightM === 'string' || typeof crownWidthM === 'string') return undefined
  return lineSize({ ...line.value, heightM, crownWidthM }, commission.current, props.plant.species)
})

const store = (change: Partial<Line>) => workshop.give(changeLine, line.value.id, change)
async function leaveName(): Promise<void> {
  left('name')
  if (text.name.trim() === '') text.name = line.value.name
  else await store({ name: text.name })
}
async function leaveLength(field: 'height' | 'crown'): Promise<void> {
  const read = metres(text[field])
  const most = field === 'height' ? 120 : 80
  left(field)
  if (typeof read === 'string') fault[field] = read
  else if (read !== undefined && read > most)
    fault[field] =
      `${field === 'height' ? 'Height' : 'Crown'}: read ${plainNumber(read, 1)} m; allowed is up to ${most} m.`
  else await store(field === 'height' ? { heightM: read } : { crownWidthM: read })
}
/** What the amount's field reads, in the kind that the line has. */
function readAmount(): Amount | string {
  const typed = text.amount
  const { amount } = line.value
  if (amount.kind === 'pieces') {
    const read = readNumber(typed)
    return read === undefined
      ? `Pieces: read “${typed}”; allowed is 1 to 10000.`
      : { kind: 'pieces', pieces: read }
  }
  const reading =
    amount.kind === 'length' ? parseLength(typed, imperial.value ? 'in' : 'mm') : parseQuantity(typed, 'cm2')
  if (reading.kind === 'none') return reading.because
  return amount.kind === 'length'
    ? { ...amount, lengthMm: reading.value }
    : { kind: 'area', areaCm2: reading.value }
}
async function leaveAmount(): Promise<void> {
  const read = readAmount()
  left('amount')
  if (typeof read === 'string') {
    fault.amount = read
    return
  }
  const checked = amountSchema.safeParse(read)
  if (checked.success) await store({ amount: checked.data })
  else
    fault.amount =
      read.kind === 'pieces'
        ? `Pieces: read “${text.amount}”; allowed is 1 to 10000.`
        : `Amount: read “${text.amount}”; allowed is ${read.kind === 'length' ? '5 mm to 200 m' : '1 cm² to 100 m²'}.`
}
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
async function leaveStature(): Promise<void> {
  const read =
    text.stature.trim() === '' ? undefined : Number(text.stature.replace('%', '').replace(',', '.'))
  left('stature')
  if (read !== undefined && !(read >= 60 && read <= 100))
    fault.stature = `Stature: read “${text.stature}”; allowed is 60 to 100 %, or nothing for the commission’s own.`
  else await store({ stature: read === undefined ? undefined : read / 100 })
}
</script>

<template>
  <tr
    :class="{ 'bg-bench': commission.selected?.line.id === line.id }"
    @focusin="commission.chooseLine(line.id)"
  >
    <td class="!pl-5">
      <span class="flex items-center gap-2">
        <input
          v-model="text.name"
          class="field field-cell !w-40 max-[1180px]:!w-32 flex-none font-semibold"
          aria-label="Name of the line"
          :title="plant.species.botanical"
          @change="leaveName"
        />
        <span class="botanical w-28 text-sm leading-tight max-[1400px]:hidden">{{
          plant.species.botanical
        }}</span>
      </span>
      <span v-if="faults" class="block text-sm text-hip" role="alert">{{ faults }}</span>
    </td>
    <td>
      <select
        class="field field-cell !w-[112px]"
        aria-label="Age"
        :value="line.age"
        @change="store({ age: ($event.target as HTMLSelectElement).value as Line['age'] })"
      >
        <option v-for="age in ages" :key="age" :value="age">{{ age }}</option>
      </select>
    </td>
    <td class="number">
      <span class="flex justify-end gap-1">
        <input
          v-model="text.amount"
          class="field field-cell !w-[72px] text-right"
          :aria-label="line.amount.kind === 'pieces' ? 'Pieces' : 'Amount'"
          @change="leaveAmount"
        />
        <select
          class="field field-cell !w-[92px]"
          aria-label="Counted as"
          :value="kindNow"
          @change="chooseKind(($event.target as HTMLSelectElement).value)"
        >
          <option v-for="(words, key) in kinds" :key="key" :value="key">{{ words }}</option>
        </select>
      </span>
    </td>
    <td>
      <select
        class="field field-cell !w-[84px]"
        aria-label="Zone"
        :value="line.zone"
        @change="store({ zone: ($event.target as HTMLSelectElement).value as Line['zone'] })"
      >
        <option v-for="zone in zones" :key="zone" :value="zone">{{ zone }}</option>
      </select>
    </td>
    <td class="number">
      <input
        v-model="text.stature"
        class="field field-cell !w-12 text-right"
        :placeholder="plainNumber((commission.current?.stature ?? 1) * 100, 0)"
        aria-label="Stature, per cent"
        @change="leaveStature"
      />
    </td>
    <td class="number">
      <input
        v-model="text.height"
        class="field field-cell !w-[76px] text-right"
        :placeholder="real(plant.size.form.heightM * 1000)"
        aria-label="Real height"
        @change="leaveLength('height')"
      />
    </td>
    <td class="number">
      <input
        v-model="text.crown"
        class="field field-cell !w-[76px] text-right"
        :placeholder="real(plant.size.form.crownWidthM * 1000)"
        aria-label="Real crown width"
        @change="leaveLength('crown')"
      />
    </td>
    <td class="number font-semibold" aria-label="Model size">
      <template v-if="typedSize"
        >{{ model(typedSize.heightMm) }}
        <span class="font-normal text-soft">× {{ model(typedSize.crownWidthMm) }}</span></template
      >
      <template v-else>–</template>
    </td>
    <td class="number">
      <button
        type="button"
        class="button button-quiet button-small"
        :aria-label="`Remove ${line.name}`"
        @click="removing = true"
      >
        Remove
      </button>
      <ConfirmDialog
        v-model="removing"
        :title="`Remove “${line.name}”?`"
        act="Remove line"
        danger
        @confirm="workshop.give(removeLine, line.id)"
        >Its finished batches stay in the log.</ConfirmDialog
      >
    </td>
  </tr>
</template>
