<script setup lang="ts">
import { MOST_TOOLS, type Loan, type ToolRecord } from '~~/core/tools'
import { formatMoney, parseMoney, plainNumber, readNumber } from '~~/core/units'
import { forgetTool, saveTool } from '../../db/commands/tools'

/** What is said of a tool or a holder: how many, who has some, what is worn, whether it was sold. */
const props = defineProps<{
  record?: ToolRecord
  toolId?: string
  what: string
  /** A tool of the maker's own: it has a name. */
  own: boolean
  countable: boolean
}>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const buying = useBuying()
const { open } = useDialog(() => emit('close'))
const text = reactive({
  name: props.record?.name ?? '',
  have: plainNumber(props.record?.have ?? (props.countable ? 0 : 1), 1),
  worn: plainNumber(props.record?.worn ?? 0, 1),
  price: props.record?.priceMinor === undefined ? '' : formatMoney(props.record.priceMinor, ''),
  soldOn: props.record?.soldOn ?? '',
  note: props.record?.note ?? '',
})
const fault = reactive({ name: '', have: '', worn: '', price: '', lent: '' })
const loans = ref(
  (props.record?.lent ?? []).map(({ count, to, since }) => ({ count: plainNumber(count, 1), to, since })),
)
const lend = (): void => {
  loans.value = [...loans.value, { count: '1', to: '', since: buying.now }]
}
const back = (i: number): void => {
  loans.value = loans.value.filter((_, at) => at !== i)
}

/** A number of tools, or why it can't be one. */
function countOf(typed: string): number | string {
  const value = readNumber(typed)
  return value === undefined || value < 0 || value > MOST_TOOLS
    ? `Read “${typed}”; allowed is a number from 0 to ${MOST_TOOLS}.`
    : value
}
async function keep(): Promise<void> {
  const [have, worn] = [countOf(text.have), countOf(text.worn)]
  fault.name = props.own && text.name.trim() === '' ? 'A name is needed.' : ''
  fault.have = typeof have === 'string' ? have : ''
  fault.worn = typeof worn === 'string' ? worn : ''
  const price = text.price.trim() === '' ? undefined : parseMoney(text.price)
  fault.price = price?.kind === 'none' ? price.because : ''
  const lent: Loan[] = []
  fault.lent = ''
  for (const { count, to, since } of loans.value) {
    const many = countOf(count)
    if (typeof many === 'string') fault.lent = `Lent: ${many}`
    else if (to.trim() === '') fault.lent = 'Lent: say to whom.'
    else if (since === '') fault.lent = 'Lent: say since when.'
    else lent.push({ count: many, to: to.trim(), since })
  }
  const out = lent.reduce((sum, { count }) => sum + count, 0)
  if (typeof have === 'number' && typeof worn === 'number' && out + worn > have)
    fault.lent = `Read ${plainNumber(out, 1)} lent and ${plainNumber(worn, 1)} worn of ${plainNumber(have, 1)}; together they can’t be more than there are.`
  if (Object.values(fault).some(Boolean) || typeof have === 'string' || typeof worn === 'string') return
  const id = props.record?.id ?? props.toolId
  const answer = await workshop.dispatch(saveTool, {
    ...(id === undefined ? {} : { id }),
    ...(props.own ? { name: text.name.trim() } : {}),
    have,
    worn,
    lent,
    ...(text.soldOn === '' ? {} : { soldOn: text.soldOn }),
    ...(price?.kind === 'ok' ? { priceMinor: price.value } : {}),
    ...(text.note.trim() === '' ? {} : { note: text.note.trim() }),
  })
  if (answer.kind === 'ok') open.value = false
}
async function forget(): Promise<void> {
  if (!props.record) return
  const answer = await workshop.dispatch(forgetTool, props.record.id)
  if (answer.kind === 'ok') open.value = false
}
</script>

<template>
  <BaseDialog v-model="open" :title="own ? (record?.name ?? 'New tool') : what">
    <form class="grid grid-cols-2 gap-3" @submit.prevent="keep">
      <TextField v-if="own" v-model="text.name" class="col-span-2" label="Name" :fault="fault.name" />
      <TextField v-model="text.have" label="How many there are in all" hint="0: none" :fault="fault.have" />
      <TextField v-model="text.worn" label="Of these worn" :fault="fault.worn" />
      <fieldset class="col-span-2">
        <legend class="label">Lent</legend>
        <div
          v-for="(loan, i) in loans"
          :key="i"
          class="mb-2 grid grid-cols-[70px_1fr_150px_auto] items-start gap-2"
        >
          <TextField v-model="loan.count" hide-label :label="`How many, loan ${i + 1}`" />
          <TextField v-model="loan.to" hide-label :label="`To whom, loan ${i + 1}`" placeholder="to whom" />
          <DateField v-model="loan.since" hide-label :label="`Since, loan ${i + 1}`" past />
          <button type="button" class="button button-small mt-1" @click="back(i)">Is back</button>
        </div>
        <p v-if="fault.lent" class="text-sm text-hip" role="alert">{{ fault.lent }}</p>
        <button type="button" class="button button-small" @click="lend">Lend</button>
      </fieldset>
      <TextField v-model="text.price" label="What one costs" hint="empty: our guess" :fault="fault.price" />
      <DateField v-model="text.soldOn" label="Sold on" past />
      <TextField v-model="text.note" class="col-span-2" label="Note" />
      <div class="col-span-2 flex justify-end gap-2">
        <button v-if="record" type="button" class="button button-quiet mr-auto" @click="forget">
          {{ own ? 'Take out' : 'Say nothing of it' }}
        </button>
        <button type="button" class="button" @click="open = false">Leave it</button>
        <button type="submit" class="button button-act">Keep</button>
      </div>
    </form>
  </BaseDialog>
</template>
