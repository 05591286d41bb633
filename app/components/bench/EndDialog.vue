<script setup lang="ts">
import {
  MIXED_FALL,
  isMadeInPlace,
  partOf,
  partNounPlural,
  proposedKept,
  proposedUse,
  type Batch,
  type BatchAction,
  type Run,
} from '~~/core/batches'
import {
  counted,
  formatQuantity,
  parseQuantity,
  plainNumber,
  readNumber,
  type StockUnit,
} from '~~/core/units'
import { endBatch } from '../../db/commands/bench'
import { storageFault } from '../../db/storage-faults'

/** Finishes or abandons: what was used is looked over, then stock, tray and log are written in one go. */
const props = defineProps<{ batch: Batch; run: Run; kind: 'finish' | 'abandon' }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const stock = useStock()
const notices = useNotices()
const { open } = useDialog(() => emit('close'))

const faults = reactive<Record<string, string>>({})
const uses = proposedUse(props.batch, props.run)
const materialOf = (id: string) => stock.stateById.get(id)?.material
const unitOf = (id: string): StockUnit => materialOf(id)?.unit ?? 'g'
/** Besides what was planned, any work with flock may fill the tub of mixed falls. */
const planned = proposedKept(props.batch, props.run)
const mayFall =
  props.batch.makes.kind !== 'stock' &&
  uses.some(({ materialId }) => ['foam', 'fibre'].includes(materialOf(materialId)?.of.stuff ?? '')) &&
  !planned.some(({ materialId }) => materialId === MIXED_FALL.materialId)
const yields = [
  ...planned,
  ...(mayFall
    ? [{ materialId: MIXED_FALL.materialId, label: 'What fell mixed, into its tub', quantity: 0 }]
    : []),
]
const yieldUnit = (id: string): StockUnit =>
  props.batch.plan.yields.find(({ materialId }) => materialId === id)?.material.unit ?? 'g'
/** An amount as it is proposed. What was weighed keeps all its figures unless it is typed over. */
function shown(quantity: number, unit: StockUnit): string {
  return unit === 'piece' ? String(Math.round(quantity)) : formatQuantity(quantity, unit)
}
function readAmount(key: string, typed: string, proposed: number, unit: StockUnit): number {
  if (typed === shown(proposed, unit)) return unit === 'piece' ? Math.round(proposed) : proposed
  const reading = parseQuantity(typed, unit, { zero: true })
  if (reading.kind === 'none') faults[key] = reading.because
  return reading.kind === 'ok' ? reading.value : 0
}
const makesPieces = computed(() => props.batch.makes.kind !== 'stock')
const atWorkMs = computed(() => props.run.state.handsMs)
const text = reactive({
  tray: isMadeInPlace(props.batch) ? 'On the scene' : `Tray ${workshop.batches.length}`,
  reason: '',
  note: '',
  minutes: plainNumber(atWorkMs.value / 60_000, 1),
  used: Object.fromEntries(
    uses.map(({ materialId, proposed }) => [materialId, shown(proposed, unitOf(materialId))]),
  ) as Record<string, string>,
  kept: Object.fromEntries(
    yields.map(({ materialId, quantity }) => [materialId, shown(quantity, yieldUnit(materialId))]),
  ) as Record<string, string>,
})
const uncovered = ref('')
const openWeighings = computed(() =>
  [...props.run.state.weighing.keys()].map((id) => materialOf(id)?.name ?? id),
)

async function end(allowUncovered: boolean): Promise<void> {
  for (const key of Object.keys(faults)) faults[key] = ''
  const used = uses.map(({ materialId, proposed }) => ({
    materialId,
    quantity: readAmount(materialId, text.used[materialId] ?? '', proposed, unitOf(materialId)),
  }))
  const kept = yields.map(({ materialId, quantity }) => ({
    materialId,
    quantity: readAmount(`kept-${materialId}`, text.kept[materialId] ?? '', quantity, yieldUnit(materialId)),
  }))
  const handsMin = readNumber(text.minutes)
  if (handsMin === undefined) faults.minutes = `Read “${text.minutes}”; allowed is a number of minutes.`
  if (props.kind === 'finish' && text.tray.trim() === '') faults.tray = 'The tray needs a name.'
  if (props.kind === 'abandon' && text.reason.trim() === '')
    faults.reason = 'Say why: the log learns from it.'
  if (handsMin === undefined || Object.values(faults).some((because) => because !== '')) return
  const deed: Extract<BatchAction, { type: 'finish' | 'abandon' }> =
    props.kind === 'finish'
      ? {
          type: 'finish',
          tray: text.tray.trim(),
          date: today(),
          handsMin,
          used,
          kept,
          ...(text.note.trim() ? { note: text.note.trim() } : {}),
        }
      : { type: 'abandon', reason: text.reason.trim(), handsMin, used, kept }
  const answer = await endBatch(workshop.context(), props.batch.id, deed, allowUncovered).catch(
    (error: unknown) => ({
      kind: 'none' as const,
      because: `It could not be stored: ${storageFault(error)}`,
    }),
  )
  if (answer.kind === 'ok') {
    notices.done(
      props.kind === 'finish'
        ? isMadeInPlace(props.batch)
          ? `${counted(props.run.state.live, partOf(props.batch), partNounPlural(partOf(props.batch)))} in place.`
          : `${props.run.state.live} on “${text.tray.trim()}”.`
        : 'Abandoned. What was used was drawn.',
    )
    await navigateTo({ query: { batch: props.batch.id } })
    open.value = false
  } else if (answer.kind === 'uncovered') uncovered.value = answer.because
  else notices.fault(answer.because)
}
</script>

<template>
  <BaseDialog
    v-model="open"
    :title="kind === 'finish' ? `Finish “${batch.name}”` : `Abandon “${batch.name}”`"
    wide
  >
    <form class="grid gap-3" @submit.prevent="end(false)">
      <p v-if="openWeighings.length > 0" class="text-larch" role="status">
        Still weighed in and not out: {{ openWeighings.join(', ') }}. Without a weigh-out the plan’s figure is
        taken.
      </p>
      <table class="ruled w-full">
        <thead>
          <tr>
            <th>Material</th>
            <th class="number">Planned</th>
            <th class="number">Measured</th>
            <th>Draw from stock</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="use in uses" :key="use.materialId">
            <td>
              <span class="font-semibold">{{ materialOf(use.materialId)?.name ?? use.materialId }}</span><span
                v-if="faults[use.materialId]"
                class="block text-sm text-hip"
                role="alert"
                >{{ faults[use.materialId] }}</span
              >
            </td>
            <td class="number">{{ formatQuantity(use.planned, unitOf(use.materialId)) }}</td>
            <td class="number">
              {{ use.measured === undefined ? '–' : formatQuantity(use.measured, unitOf(use.materialId)) }}
            </td>
            <td>
              <input
                v-model="text.used[use.materialId]"
                class="field field-cell w-32"
                :aria-label="`Draw ${materialOf(use.materialId)?.name ?? use.materialId}`"
              />
            </td>
          </tr>
        </tbody>
      </table>
      <table v-if="yields.length > 0" class="ruled w-full">
        <thead>
          <tr>
            <th>Comes out besides</th>
            <th class="number">Planned</th>
            <th>Keep as a lot</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in yields" :key="one.materialId">
            <td>
              <span class="font-semibold">{{ one.label }}</span><span
                v-if="faults[`kept-${one.materialId}`]"
                class="block text-sm text-hip"
                role="alert"
                >{{ faults[`kept-${one.materialId}`] }}</span
              >
            </td>
            <td class="number">
              {{ one.quantity > 0 ? formatQuantity(one.quantity, yieldUnit(one.materialId)) : '' }}
            </td>
            <td>
              <input
                v-model="text.kept[one.materialId]"
                class="field field-cell w-32"
                :aria-label="`Keep ${one.label}`"
              />
            </td>
          </tr>
        </tbody>
      </table>
      <div class="grid grid-cols-3 gap-3">
        <TextField
          v-if="kind === 'finish' && makesPieces"
          v-model="text.tray"
          :label="isMadeInPlace(batch) ? 'Where it is' : 'Tray'"
          :fault="faults.tray"
        />
        <TextField
          v-if="kind === 'abandon'"
          v-model="text.reason"
          label="Why"
          :fault="faults.reason"
          class="col-span-2"
        />
        <TextField
          v-model="text.minutes"
          label="Hands-on minutes"
          :hint="
            run.state.gapMs > 60_000 ? `breaks of ${Math.round(run.state.gapMs / 60_000)} min left out` : ''
          "
          :fault="faults.minutes"
        />
        <TextField v-if="kind === 'finish'" v-model="text.note" label="Note for the log" />
      </div>
      <div v-if="uncovered" class="border-l-[6px] border-hip bg-hip-pale p-3" role="alert">
        <p>{{ uncovered }}</p>
        <button type="button" class="button button-danger mt-2 !min-h-[44px]" @click="end(true)">
          Draw it all the same
        </button>
      </div>
      <div class="flex justify-end gap-2">
        <button type="button" class="button !min-h-[48px]" @click="open = false">Not yet</button>
        <button
          type="submit"
          class="button !min-h-[48px]"
          :class="kind === 'finish' ? 'button-act' : 'button-danger'"
        >
          {{
            kind === 'abandon'
              ? 'Abandon batch'
              : makesPieces
                ? isMadeInPlace(batch)
                  ? `Draw stock, ${run.state.live} in place`
                  : `Draw stock, ${run.state.live} to the tray`
                : 'Draw stock, take in what was made'
          }}
        </button>
      </div>
    </form>
  </BaseDialog>
</template>
