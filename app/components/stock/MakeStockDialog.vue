<script setup lang="ts">
import { batchName, planFrom } from '~~/core/batches'
import { makeUp } from '~~/core/makeup'
import { stockMethodFor } from '~~/core/methods'
import type { Material } from '~~/core/stock'
import { formatMinutes, formatQuantity, parseQuantity } from '~~/core/units'
import { choice, quantity, type Fields } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'
import type { Column } from '../../parts/table/column'

/** Makes stock from stock: so much of it, as a batch at the bench that ends as a lot. */
const props = defineProps<{ material: Material }>()
defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const planBatch = useDeed('planBatch')
const estimates = useEstimates()
const to = useStationPath()
const { material } = props
const { unit } = material
const how = { pack: material.packQuantity }

const method = stockMethodFor(material.id)
/** What can be chosen about the way, by the option's id. */
const options: Fields = Object.fromEntries(
  (method?.options ?? []).map(({ id, name, choices }) => [
    id,
    choice(
      choices.map((one) => ({ value: one.id, words: `${one.name}: ${one.words}` })),
      { label: name, start: choices[0]?.id, wide: true },
    ),
  ]),
)

const form = useFields(
  {
    quantity: quantity(unit, { label: 'How much', start: unit === 'ml' ? 500 : undefined, wide: true }, how),
    ...options,
  },
  {
    async send() {
      if (!work.value || work.value.missing.length > 0) return { kind: 'none' }
      const { id } = work.value.method
      const number = workshop.batches.filter(({ methodId }) => methodId === id).length + 1
      const answer = await planBatch(planFrom(work.value, undefined, batchName(material.name, number)), {
        start: true,
      })
      if (answer.kind === 'ok') await navigateTo({ path: to('bench'), query: { batch: answer.value.id } })
      return answer
    },
  },
)
const work = computed(() => {
  const reading = parseQuantity(form.texts.value.quantity ?? '', unit, how)
  if (reading.kind === 'none' || !method) return undefined
  return makeUp({
    job: { kind: 'stock', materialId: material.id, quantity: reading.value, unit },
    method,
    choices: Object.fromEntries(Object.keys(options).map((id) => [id, form.texts.value[id] ?? ''])),
    ...estimates.contextOf(method.id),
  })
})

interface Row {
  readonly what: string
  readonly amount: string
  readonly gives?: boolean
}
/** What is poured, else what it takes and what it gives. */
const rows = computed<Row[]>(() => {
  if (!work.value) return []
  const { pours, uses, yields } = work.value
  if (pours.length > 0)
    return pours.flatMap(({ lines }) =>
      lines.map(({ label, figure }) => ({ what: label, amount: formatQuantity(figure.value, 'ml') })),
    )
  return [
    ...uses.map(({ material: of, label, total }) => ({
      what: of?.name ?? label,
      amount: of ? formatQuantity(total.value, of.unit) : '',
    })),
    ...yields.map(({ material: of, quantity: { value } }) => ({
      what: `gives ${of.name}`,
      amount: formatQuantity(value, of.unit),
      gives: true,
    })),
  ]
})
const columns: readonly Column<Row>[] = [
  { id: 'what', head: 'What', text: ({ what }) => what },
  { id: 'amount', head: 'Amount', number: true, text: ({ amount }) => amount },
]
</script>

<template>
  <FieldsDialog
    :title="`Make ${material.name}`"
    :form="form"
    act="Start at the bench"
    :disabled="work && work.missing.length > 0"
    @close="$emit('close')"
  >
    <template #after>
      <DataTable
        v-if="work"
        class="col-span-2"
        label="What it takes and gives"
        bare
        :rows="rows"
        :columns="columns"
        :key-of="({ what }) => what"
        :class-of="({ gives }) => (gives ? 'text-moss' : '')"
      />
      <p v-if="work" class="col-span-2 text-soft">
        Hands {{ formatMinutes(work.handsMin.value) }}, ready after
        {{ formatMinutes(work.elapsedMin.value) }}.
      </p>
      <p v-if="work && work.missing.length > 0" class="col-span-2 text-hip" role="alert">
        Open: {{ work.missing.map(({ because }) => because).join('; ') }}.
      </p>
    </template>
  </FieldsDialog>
</template>
