<script setup lang="ts">
import { permissions, type Gathering, type Harvest, type Outlook, type Permission } from '~~/core/harvest'
import { formatQuantity, originWords, parseQuantity, unitName } from '~~/core/units'
import { removeHarvest, saveHarvest } from '../../db/commands/harvest'

/** A harvest that is meant to be: how much, in which days, where, and how it stands with leave. */
const props = defineProps<{ gathering: Gathering; harvest?: Harvest; outlook?: Outlook }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const stock = useStock()
const harvests = useHarvests()
const buying = useBuying()
const { open } = useDialog(() => emit('close'))

const unit = computed(() => stock.stateById.get(props.gathering.materialId)?.material.unit ?? 'g')
const hoped =
  props.harvest?.quantity ??
  (props.outlook && props.outlook.bring > 0 ? props.outlook.bring : props.gathering.outing)
const window = props.outlook?.window
const text = reactive({
  quantity: formatQuantity(hoped, unit.value),
  from: props.harvest?.from ?? window?.from ?? buying.now,
  to: props.harvest?.to ?? window?.to ?? buying.now,
  place: props.harvest?.place ?? '',
  permission: props.harvest?.permission ?? ('not asked' as Permission),
  note: props.harvest?.note ?? '',
})
const fault = reactive({ quantity: '', days: '' })
const count = computed(() => harvests.countOn(props.gathering.id))
const needsLeave = computed(() => text.permission === 'not asked' || text.permission === 'asked')

async function keep(): Promise<void> {
  const quantity = parseQuantity(text.quantity, unit.value)
  fault.quantity = quantity.kind === 'none' ? quantity.because : ''
  fault.days =
    text.from === '' || text.to === ''
      ? 'Pick both days.'
      : text.from > text.to
        ? `Read ${formatDate(text.from)} to ${formatDate(text.to)}; the last day can’t come before the first.`
        : ''
  if (quantity.kind === 'none' || fault.days) return
  const answer = await workshop.dispatch(saveHarvest, {
    ...(props.harvest ? { id: props.harvest.id } : {}),
    gather: props.gathering.id,
    materialId: props.gathering.materialId,
    quantity: quantity.value,
    from: text.from,
    to: text.to,
    place: text.place.trim(),
    permission: text.permission,
    ...(props.harvest?.batchId === undefined ? {} : { batchId: props.harvest.batchId }),
    ...(text.note.trim() === '' ? {} : { note: text.note.trim() }),
  })
  if (answer.kind === 'ok') open.value = false
}
async function forget(): Promise<void> {
  if (!props.harvest) return
  const answer = await workshop.dispatch(removeHarvest, props.harvest.id)
  if (answer.kind === 'ok') open.value = false
}
</script>

<template>
  <BaseDialog v-model="open" :title="`${gathering.name}: a harvest`">
    <form class="grid grid-cols-2 gap-3" @submit.prevent="keep">
      <p class="col-span-2 text-sm text-soft">
        Gathered {{ gathering.when }} ({{ originWords[gathering.origin] }}). One outing brings about
        {{ formatQuantity(gathering.outing, unit) }} ({{ originWords[gathering.outingOrigin] }}).
      </p>
      <TextField
        v-model="text.quantity"
        :label="`How much is hoped for, ${unitName(unit)}`"
        :fault="fault.quantity"
        :hint="
          count.of > 0
            ? `${Math.round(100 * count.share)} % of what is hoped for comes, by your last ${count.of}`
            : ''
        "
      />
      <TextField v-model="text.place" label="Where" placeholder="own bed, the lane behind the mill" />
      <DateField v-model="text.from" label="From" :fault="fault.days" />
      <DateField v-model="text.to" label="To" />
      <div class="col-span-2">
        <label class="label" for="permission">Leave of owner and authority</label>
        <select id="permission" v-model="text.permission" class="field">
          <option v-for="one in permissions" :key="one" :value="one">{{ one }}</option>
        </select>
      </div>
      <p v-if="needsLeave" class="col-span-2 text-larch">
        Ask before picking: the owner of the ground, and the authority where ground or kind may be protected.
        {{ gathering.mind }}
      </p>
      <TextField v-model="text.note" class="col-span-2" label="Note" />
      <div class="col-span-2 flex justify-end gap-2">
        <button v-if="harvest" type="button" class="button button-quiet mr-auto" @click="forget">
          Take it out
        </button>
        <button type="button" class="button" @click="open = false">Leave it</button>
        <button type="submit" class="button button-act">Keep harvest</button>
      </div>
    </form>
  </BaseDialog>
</template>
