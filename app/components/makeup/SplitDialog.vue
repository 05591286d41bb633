<script setup lang="ts">
import { zones, type Line } from '~~/core/commissions'
import { rankMethods } from '~~/core/makeup'
import { plantMethods } from '~~/core/methods'
import { readBounded } from '~~/core/units'
import { z } from 'zod'
import { splitLine } from '../../db/commands/brief'
import type { Plant } from '../../stores/plant'

/** Some of a line made another way: three in wire at the front, forty in sprig behind. */
const props = defineProps<{ plant: Plant; methodId?: string }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const commission = useCommission()
const notices = useNotices()
const { open } = useDialog(() => emit('close'))

const wanted = computed(() =>
  props.plant.line.amount.kind === 'pieces' ? props.plant.line.amount.pieces : 0,
)
const most = computed(() => Math.max(0, Math.min(wanted.value - 1, Math.floor(props.plant.progress.left))))
const pieces = ref(String(Math.max(1, Math.min(3, most.value))))
const zone = ref<Line['zone']>('front')
/** All that suit, whether they have been worked out or not. */
const choices = computed(() =>
  rankMethods(plantMethods, props.plant.job).filter(
    ({ method, suit }) => suit.verdict !== 'unsuited' && method.id !== props.methodId,
  ),
)
const way = ref(choices.value[0]?.method.id ?? '')
const fault = ref('')

async function split(): Promise<void> {
  const read = readBounded(
    { name: 'Pieces', schema: z.number().int().min(1).max(Math.max(1, most.value)) },
    pieces.value,
  )
  if (read.kind === 'none') {
    fault.value = read.because
    return
  }
  const answer = await workshop.dispatch(
    splitLine,
    props.plant.line.id,
    { pieces: read.value, methodId: way.value, zone: zone.value },
    props.plant.progress.left,
  )
  if (answer.kind === 'none') {
    fault.value = answer.because
    return
  }
  notices.done(
    `“${answer.value.name}” is a line of its own; “${props.plant.line.name}” wants ${wanted.value - read.value}.`,
  )
  commission.chooseLine(answer.value.id)
  open.value = false
}
</script>

<template>
  <BaseDialog v-model="open" title="Make some another way">
    <p v-if="most < 1" class="mb-4">
      Nothing is left of this line to make another way: what is made or on the bench stays as it is.
    </p>
    <p v-else-if="choices.length === 0" class="mb-4">No other way suits this plant.</p>
    <form v-else class="grid gap-3" @submit.prevent="split">
      <p class="text-soft">
        “{{ plant.line.name }}” wants {{ wanted }}. Some of them become a line of their own, of the same plant
        and size.
      </p>
      <div class="grid grid-cols-[90px_1fr_120px] gap-3">
        <TextField v-model="pieces" label="Pieces" inputmode="numeric" />
        <div>
          <label class="label" for="split-way">Made as</label>
          <select id="split-way" v-model="way" class="field">
            <option v-for="{ method, suit } in choices" :key="method.id" :value="method.id">
              {{ method.name }}{{ suit.verdict === 'suits' ? '' : ', possible' }}
            </option>
          </select>
        </div>
        <div>
          <label class="label" for="split-zone">Standing</label>
          <select id="split-zone" v-model="zone" class="field">
            <option v-for="own in zones" :key="own" :value="own">{{ own }}</option>
          </select>
        </div>
      </div>
      <p v-if="fault" class="text-sm text-hip" role="alert">{{ fault }}</p>
      <div class="flex justify-end gap-2">
        <button type="button" class="button" @click="open = false">Cancel</button>
        <button type="submit" class="button button-act">Split the line</button>
      </div>
    </form>
    <div v-if="most < 1 || choices.length === 0" class="flex justify-end">
      <button type="button" class="button" @click="open = false">Close</button>
    </div>
  </BaseDialog>
</template>
