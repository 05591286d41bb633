<script setup lang="ts">
import type { Harvest } from '~~/core/harvest'
import type { LotSource, Material } from '~~/core/stock'
import { formatMoney, formatQuantity } from '~~/core/units'
import { plainChoices } from '../../parts/fields/choice'
import { day, hidable, maybe, money, note, oneOf, quantity, words } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'

/** Takes in a pack, a harvest or something home-made. */
const props = defineProps<{ material: Material; harvest?: Harvest }>()
defineEmits<{ close: [] }>()
const receiveLot = useDeed('receiveLot')
const notices = useNotices()

type Source = Exclude<LotSource, 'unrecorded' | 'by-product'>
const sources: Record<Source, { act: string; label: string }> = {
  bought: { act: 'Receive pack', label: 'a bag, a box, a bottle' },
  harvested: { act: 'Take in harvest', label: 'what and when' },
  'home-made': { act: 'Take in', label: 'what you made' },
  reclaimed: { act: 'Take in', label: 'from which tray' },
}
const { material, harvest } = props
const { packQuantity, packPriceMinor, unit } = material
const packPrice = packPriceMinor === undefined ? '' : formatMoney(packPriceMinor, '')

const form = useFields(
  {
    source: oneOf<Source>(plainChoices(Object.keys(sources) as Source[]), {
      label: 'Where from',
      start: harvest ? 'harvested' : 'bought',
      wide: true,
    }),
    quantity: quantity(
      unit,
      { label: 'Quantity', start: harvest ? harvest.quantity : packQuantity },
      { pack: packQuantity },
    ),
    priceMinor: maybe(
      money({
        label: 'Price of it all',
        hint: '0 for nothing paid; empty where nobody knows',
        start: harvest ? 0 : packPriceMinor,
      }),
    ),
    date: day({ label: 'Day', start: today(), past: true }),
    label: maybe(words({ label: 'Written on it' })),
    place: hidable(maybe(words({ label: 'Place', start: harvest?.place }))),
    note: note(),
  },
  {
    async send({ label, place, ...values }) {
      const answer = await receiveLot({
        materialId: material.id,
        ...values,
        label: label ?? `${values.source === 'bought' ? 'Pack' : 'Lot'} of ${formatDate(values.date)}`,
        ...(place === undefined ? {} : { place }),
        ...(harvest && values.source === 'harvested' ? { harvestId: harvest.id } : {}),
      })
      if (answer.kind === 'none') return answer
      notices.done(`${formatQuantity(values.quantity, unit)} of ${material.name} taken in.`)
    },
    look: ({ source }) => ({
      label: { placeholder: sources[source as Source].label },
      place: { hidden: source !== 'harvested' },
      note: { wide: source !== 'harvested' },
    }),
  },
)
const source = computed(() => form.texts.value.source as Source)
watch(source, (now) => form.set('priceMinor', now === 'bought' ? packPrice : '0'))
</script>

<template>
  <FieldsDialog :title="material.name" :form="form" :act="sources[source].act" @close="$emit('close')">
    <template #after>
      <p v-if="source === 'harvested'" class="col-span-2 text-sm text-larch">
        Ask before picking: land owner, local authority, protected species. Clean off pests and dry it fully.
      </p>
    </template>
  </FieldsDialog>
</template>
