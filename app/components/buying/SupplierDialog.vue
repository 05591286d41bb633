<script setup lang="ts">
import { daysSchema, type Supplier } from '~~/core/buying'
import { plainChoices } from '../../parts/fields/choice'
import { maybe, money, note, number, picked, words } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'

/** Who sells, and what a parcel costs. */
const props = defineProps<{ supplier?: Supplier }>()
defineEmits<{ close: [] }>()
const saveSupplier = useDeed('saveSupplier')
const was = props.supplier
const listed = usePriceLists().names

const form = useFields(
  {
    name: words({ label: 'Name', start: was?.name, wide: true }, 'A name is needed.'),
    days: number({ name: 'Days from order to shelf', schema: daysSchema }, { start: was?.days ?? 5 }),
    postageMinor: maybe(money({ label: 'Postage', start: was?.postageMinor ?? 0 }), 0),
    freeFromMinor: maybe(
      money({ label: 'Postage free from', hint: 'empty: never', start: was?.freeFromMinor }),
    ),
    minimumMinor: maybe(
      money({ label: 'No order below', hint: 'leave it empty for any sum', start: was?.minimumMinor }),
    ),
    listed: maybe(picked({ label: 'Its prices can be asked for as', start: was?.listed, wide: true })),
    note: note({ start: was?.note }),
  },
  {
    send: (values) => saveSupplier({ ...(was && { id: was.id }), ...values }),
    look: () => ({
      listed: {
        choices: [
          { value: '', words: 'no: its prices are typed, or come as a file' },
          ...plainChoices(listed.value),
        ],
      },
    }),
  },
)
</script>

<template>
  <FieldsDialog
    :title="supplier ? supplier.name : 'New supplier'"
    :form="form"
    act="Keep"
    @close="$emit('close')"
  />
</template>
