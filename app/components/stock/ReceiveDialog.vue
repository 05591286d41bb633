<script setup lang="ts">
import type { Harvest } from '~~/core/harvest'
import type { LotSource, Material } from '~~/core/stock'
import { formatMoney, formatQuantity, parseMoney, parseQuantity, unitName } from '~~/core/units'
import { receiveLot } from '../../db/commands/stock'

/** Takes in a pack, a harvest or something home-made. */
const props = defineProps<{ material: Material; harvest?: Harvest }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const notices = useNotices()
const { open } = useDialog(() => emit('close'))

const { packQuantity, packPriceMinor, unit } = props.material
const source = ref<Exclude<LotSource, 'unrecorded' | 'by-product'>>(props.harvest ? 'harvested' : 'bought')
const text = reactive({
  quantity: props.harvest
    ? formatQuantity(props.harvest.quantity, unit)
    : packQuantity === undefined
      ? ''
      : formatQuantity(packQuantity, unit),
  price: props.harvest ? '0' : packPriceMinor === undefined ? '' : formatMoney(packPriceMinor, ''),
  date: today(),
  label: '',
  place: props.harvest?.place ?? '',
  note: '',
})
const fault = reactive({ quantity: '', price: '', date: '', label: '' })
const words = {
  bought: { act: 'Receive pack', label: 'a bag, a box, a bottle' },
  harvested: { act: 'Take in harvest', label: 'what and when' },
  'home-made': { act: 'Take in', label: 'what you made' },
  reclaimed: { act: 'Take in', label: 'from which tray' },
}
watch(source, (now) => {
  text.price = now === 'bought' ? (packPriceMinor === undefined ? '' : formatMoney(packPriceMinor, '')) : '0'
})

async function receive(): Promise<void> {
  const quantity = parseQuantity(text.quantity, unit, { pack: props.material.packQuantity })
  const price = text.price.trim() === '' ? undefined : parseMoney(text.price)
  fault.quantity = quantity.kind === 'none' ? quantity.because : ''
  fault.price = price?.kind === 'none' ? price.because : ''
  fault.date = text.date === '' ? 'Pick a day.' : ''
  if (quantity.kind === 'none' || price?.kind === 'none' || fault.date) return
  const answer = await workshop.dispatch(receiveLot, {
    materialId: props.material.id,
    source: source.value,
    quantity: quantity.value,
    date: text.date,
    label: text.label.trim() || `${source.value === 'bought' ? 'Pack' : 'Lot'} of ${formatDate(text.date)}`,
    ...(price ? { priceMinor: price.value } : {}),
    ...(props.harvest && source.value === 'harvested' ? { harvestId: props.harvest.id } : {}),
    ...(text.place.trim() ? { place: text.place.trim() } : {}),
    ...(text.note.trim() ? { note: text.note.trim() } : {}),
  })
  if (answer.kind === 'none') return
  notices.done(`${formatQuantity(quantity.value, unit)} of ${props.material.name} taken in.`)
  open.value = false
}
</script>

<template>
  <BaseDialog v-model="open" :title="material.name">
    <form class="grid grid-cols-2 gap-3" @submit.prevent="receive">
      <fieldset class="col-span-2">
        <legend class="label">Where from</legend>
        <div class="flex">
          <label v-for="(_, key) in words" :key="key" class="source" :class="{ on: source === key }"
            ><input v-model="source" type="radio" class="sr-only" :value="key" />{{ key }}</label
          >
        </div>
      </fieldset>
      <TextField v-model="text.quantity" :label="`Quantity, ${unitName(unit)}`" :fault="fault.quantity" />
      <TextField
        v-model="text.price"
        label="Price of it all"
        hint="0 for nothing paid; empty where nobody knows"
        :fault="fault.price"
      />
      <DateField v-model="text.date" label="Day" past :fault="fault.date" />
      <TextField
        v-model="text.label"
        label="Written on it"
        :placeholder="words[source].label"
        :fault="fault.label"
      />
      <TextField v-if="source === 'harvested'" v-model="text.place" label="Place" />
      <TextField v-model="text.note" label="Note" :class="{ 'col-span-2': source !== 'harvested' }" />
      <p v-if="source === 'harvested'" class="col-span-2 text-sm text-larch">
        Ask before picking: land owner, local authority, protected species. Clean off pests and dry it fully.
      </p>
      <div class="col-span-2 flex justify-end gap-2">
        <button type="button" class="button" @click="open = false">Leave it</button>
        <button type="submit" class="button button-act">{{ words[source].act }}</button>
      </div>
    </form>
  </BaseDialog>
</template>

<style scoped>
.source {
  display: flex;
  align-items: center;
  min-height: 40px;
  padding: 0 14px;
  border: 1px solid #8b988f;
  margin-left: -1px;
  background: #fff;
  cursor: pointer;
}
.source.on {
  background: var(--color-ink);
  color: #fff;
}
.source:focus-within {
  outline: 2px solid var(--color-rain);
  outline-offset: 2px;
}
</style>
