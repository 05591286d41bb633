<script setup lang="ts">
import { loansOf, toolFields, type ToolRecord } from '~~/core/tools'
import { plainNumber } from '~~/core/units'
import { day, hidable, maybe, money, note, number, own as ownField, words } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'

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
const forgetTool = useDeed('forgetTool')
const saveTool = useDeed('saveTool')
const buying = useBuying()
const { record: was, toolId, own } = props
const loans = ref(
  (was?.lent ?? []).map(({ count, to, since }) => ({ count: plainNumber(count, 1), to, since })),
)
const lend = (): void => {
  loans.value = [...loans.value, { count: '1', to: '', since: buying.now }]
}
const back = (i: number): void => {
  loans.value = loans.value.filter((_, at) => at !== i)
}

const form = useFields(
  {
    name: hidable(words({ label: 'Name', start: was?.name, wide: true, hidden: !own }, 'A name is needed.')),
    have: number(toolFields.have, {
      label: 'How many there are in all',
      hint: '0: none',
      start: was?.have ?? (props.countable ? 0 : 1),
    }),
    worn: number(toolFields.worn, { label: 'Of these worn', start: was?.worn ?? 0 }),
    lent: ownField('Lent'),
    priceMinor: maybe(money({ label: 'What one costs', hint: 'empty: our guess', start: was?.priceMinor })),
    soldOn: maybe(day({ label: 'Sold on', start: was?.soldOn, past: true })),
    note: note({ start: was?.note }),
  },
  {
    check: ({ have, worn }) => {
      if (have === undefined || worn === undefined) return {}
      const lent = loansOf(loans.value, have, worn)
      return lent.kind === 'none' ? { lent: lent.because } : {}
    },
    send: async ({ lent: _lent, ...values }) => {
      const lent = loansOf(loans.value, values.have, values.worn)
      if (lent.kind === 'none') return lent
      const id = was?.id ?? toolId
      return saveTool({ ...(id === undefined ? {} : { id }), ...values, lent: lent.value })
    },
  },
)
async function forget(): Promise<void> {
  if (was && (await forgetTool(was.id)).kind === 'ok') emit('close')
}
</script>

<template>
  <FieldsDialog
    :title="own ? (record?.name ?? 'New tool') : what"
    :form="form"
    act="Keep"
    @close="$emit('close')"
  >
    <template #lent="{ fault }">
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
        <p v-if="fault" class="text-sm text-hip" role="alert">{{ fault }}</p>
        <button type="button" class="button button-small" @click="lend">Lend</button>
      </fieldset>
    </template>
    <template v-if="record" #aside>
      <button type="button" class="button button-quiet mr-auto" @click="forget">
        {{ own ? 'Take out' : 'Say nothing of it' }}
      </button>
    </template>
  </FieldsDialog>
</template>
