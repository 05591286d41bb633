<script setup lang="ts">
import { permissions, type Gathering, type Harvest, type Outlook, type Permission } from '~~/core/harvest'
import { formatQuantity, originWords } from '~~/core/units'
import { plainChoices } from '../../parts/fields/choice'
import { choice, day, maybe, note, quantity, words } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'

/** A harvest that is meant to be: how much, in which days, where, and how it stands with leave. */
const props = defineProps<{ gathering: Gathering; harvest?: Harvest; outlook?: Outlook }>()
const emit = defineEmits<{ close: [] }>()
const removeHarvest = useDeed('removeHarvest')
const saveHarvest = useDeed('saveHarvest')
const stock = useStock()
const harvests = useHarvests()
const buying = useBuying()

const { gathering, harvest: was, outlook } = props
const unit = stock.stateById.get(gathering.materialId)?.material.unit ?? 'g'
const hoped = was?.quantity ?? (outlook && outlook.bring > 0 ? outlook.bring : gathering.outing)
const came = harvests.countOn(gathering.id)

const form = useFields(
  {
    quantity: quantity(unit, {
      label: 'How much is hoped for',
      start: hoped,
      hint:
        came.of > 0
          ? `${Math.round(100 * came.share)} % of what is hoped for comes, by your last ${came.of}`
          : '',
    }),
    place: maybe(
      words({ label: 'Where', start: was?.place, placeholder: 'own bed, the lane behind the mill' }),
      '',
    ),
    from: day({ label: 'From', start: was?.from ?? outlook?.window?.from ?? buying.now }),
    to: day({ label: 'To', start: was?.to ?? outlook?.window?.to ?? buying.now }),
    permission: choice<Permission>(plainChoices(permissions), {
      label: 'Leave of owner and authority',
      start: was?.permission ?? 'not asked',
      wide: true,
    }),
    note: note({ start: was?.note }),
  },
  {
    check: ({ from, to }) =>
      from && to && from > to
        ? { to: `Read ${formatDate(from)} to ${formatDate(to)}; the last day can’t come before the first.` }
        : {},
    send: (values) =>
      saveHarvest({
        ...(was && { id: was.id }),
        ...(was?.batchId === undefined ? {} : { batchId: was.batchId }),
        gather: gathering.id,
        materialId: gathering.materialId,
        ...values,
      }),
  },
)
const needsLeave = computed(() => ['not asked', 'asked'].includes(form.texts.value.permission ?? ''))
async function forget(): Promise<void> {
  if (was && (await removeHarvest(was.id)).kind === 'ok') emit('close')
}
</script>

<template>
  <FieldsDialog
    :title="`${gathering.name}: a harvest`"
    :form="form"
    act="Keep harvest"
    @close="$emit('close')"
  >
    <template #before>
      <p class="col-span-2 text-sm text-soft">
        Gathered {{ gathering.when }} ({{ originWords[gathering.origin] }}). One outing brings about
        {{ formatQuantity(gathering.outing, unit) }} ({{ originWords[gathering.outingOrigin] }}).
      </p>
    </template>
    <template #after>
      <p v-if="needsLeave" class="col-span-2 text-larch">
        Ask before picking: the owner of the ground, and the authority where ground or kind may be protected.
        {{ gathering.mind }}
      </p>
    </template>
    <template v-if="harvest" #aside>
      <button type="button" class="button button-quiet mr-auto" @click="forget">Take it out</button>
    </template>
  </FieldsDialog>
</template>
