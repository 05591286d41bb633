<script setup lang="ts">
import { MOST_DAYS, type Supplier } from '~~/core/buying'
import { formatMoney, parseMoney, type Reading } from '~~/core/units'
import { saveSupplier } from '../../db/commands/buying'

/** Who sells, and what a parcel costs. */
const props = defineProps<{ supplier?: Supplier }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const { open } = useDialog(() => emit('close'))
const price = (minor: number | undefined): string => (minor === undefined ? '' : formatMoney(minor, ''))
const text = reactive({
  name: props.supplier?.name ?? '',
  days: String(props.supplier?.days ?? 5),
  postage: price(props.supplier?.postageMinor ?? 0),
  free: price(props.supplier?.freeFromMinor),
  least: price(props.supplier?.minimumMinor),
  listed: props.supplier?.listed ?? '',
  note: props.supplier?.note ?? '',
})
const fault = reactive({ name: '', days: '', postage: '', free: '', least: '' })
const listed = usePriceLists().names

async function keep(): Promise<void> {
  const days = Number(text.days)
  const read = (typed: string): Reading<number> | undefined =>
    typed.trim() === '' ? undefined : parseMoney(typed)
  const [postage, free, least] = [read(text.postage), read(text.free), read(text.least)]
  const because = (own: Reading<number> | undefined): string => (own?.kind === 'none' ? own.because : '')
  fault.name = text.name.trim() === '' ? 'A name is needed.' : ''
  fault.days =
    text.days.trim() !== '' && Number.isInteger(days) && days >= 0 && days <= MOST_DAYS
      ? ''
      : `Read “${text.days}”; allowed are whole days from 0 to ${MOST_DAYS}.`
  fault.postage = because(postage)
  fault.free = because(free)
  fault.least = because(least)
  if (Object.values(fault).some(Boolean)) return
  const minor = (own: Reading<number> | undefined): number | undefined =>
    own?.kind === 'ok' ? own.value : undefined
  const answer = await workshop.dispatch(saveSupplier, {
    ...(props.supplier ? { id: props.supplier.id } : {}),
    name: text.name.trim(),
    days,
    postageMinor: minor(postage) ?? 0,
    ...(minor(free) === undefined ? {} : { freeFromMinor: minor(free) }),
    ...(minor(least) === undefined ? {} : { minimumMinor: minor(least) }),
    ...(text.listed === '' ? {} : { listed: text.listed }),
    ...(text.note.trim() === '' ? {} : { note: text.note.trim() }),
  })
  if (answer.kind === 'ok') open.value = false
}
</script>

<template>
  <BaseDialog v-model="open" :title="supplier ? supplier.name : 'New supplier'">
    <form class="grid grid-cols-2 gap-3" @submit.prevent="keep">
      <TextField v-model="text.name" class="col-span-2" label="Name" :fault="fault.name" />
      <TextField v-model="text.days" label="Days from order to shelf" :fault="fault.days" />
      <TextField v-model="text.postage" label="Postage" :fault="fault.postage" />
      <TextField v-model="text.free" label="Postage free from" hint="empty: never" :fault="fault.free" />
      <TextField
        v-model="text.least"
        label="No order below"
        hint="leave it empty for any sum"
        :fault="fault.least"
      />
      <div class="col-span-2">
        <label class="label" for="supplier-listed">Its prices can be asked for as</label>
        <select id="supplier-listed" v-model="text.listed" class="field">
          <option value="">no: its prices are typed, or come as a file</option>
          <option v-for="name in listed" :key="name" :value="name">{{ name }}</option>
        </select>
      </div>
      <TextField v-model="text.note" class="col-span-2" label="Note" />
      <div class="col-span-2 flex justify-end gap-2">
        <button type="button" class="button" @click="open = false">Leave it</button>
        <button type="submit" class="button button-act">Keep</button>
      </div>
    </form>
  </BaseDialog>
</template>
