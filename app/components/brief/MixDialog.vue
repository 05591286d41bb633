<script setup lang="ts">
import { mixedInSchema, mixSchema, MOST_MIXED, ownShare, type MixedIn } from '~~/core/commissions'
import { none, ok, plainNumber, readBounded, type Reading } from '~~/core/units'
import { own } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'
import type { Plant } from '../../stores/plant'

/** The species of a mixed hedge or sward, each with its share; the line's own makes up the rest. */
const props = defineProps<{ plant: Plant }>()
defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const changeLine = useDeed('changeLine')

const SHARE = { name: 'Share', schema: mixedInSchema.shape.share, unit: '%', per: 100 } as const
const rows = ref(
  (props.plant.line.mix ?? []).map(({ speciesId, share }) => ({
    speciesId,
    share: plainNumber(share * 100, 1),
  })),
)
const hedge = computed(() => props.plant.line.amount.kind === 'length')

/** Of a floor under trees it is the tree that counts. */
const bladed = computed(() => workshop.speciesOf(props.plant.line.speciesId)?.crownForm === 'blades')
/** Plants that can share the line: what has blades in a sward, what has wood in a hedge. */
const kinds = computed(() =>
  workshop.kinds
    .filter(
      ({ id, crownForm }) => id !== props.plant.line.speciesId && (crownForm === 'blades') === bladed.value,
    )
    .sort((a, b) => a.common.localeCompare(b.common)),
)
const free = (own: string) =>
  kinds.value.filter(({ id }) => id === own || rows.value.every(({ speciesId }) => speciesId !== id))
const shareOf = (text: string): number => {
  const read = readBounded(SHARE, text)
  return read.kind === 'ok' ? read.value : 0
}
const rest = computed(() =>
  ownShare(rows.value.map(({ speciesId, share }) => ({ speciesId, share: shareOf(share) }))),
)

function add(): void {
  const [first] = free('')
  if (first) rows.value.push({ speciesId: first.id, share: '20' })
}
/** What is typed, as a mixture; or what is wrong with it. */
function readMix(): Reading<MixedIn[]> {
  const mix: MixedIn[] = []
  for (const { speciesId, share } of rows.value) {
    const read = readBounded(SHARE, share)
    if (read.kind === 'none')
      return none(`${workshop.speciesOf(speciesId)?.common ?? speciesId}: ${read.because}`)
    mix.push({ speciesId, share: read.value })
  }
  return mix.length === 0 || mixSchema.safeParse(mix).success
    ? ok(mix)
    : none(
        `Shares: read ${plainNumber((1 - rest.value) * 100, 0)} % together; 98 % at most, so that some is left to ${props.plant.species.common}.`,
      )
}
const form = useFields(
  { kinds: own('Kinds', readMix) },
  {
    send: ({ kinds: mix }) => changeLine(props.plant.line.id, { mix: mix.length === 0 ? undefined : mix }),
  },
)
</script>

<template>
  <FieldsDialog
    :title="`Kinds in “${plant.line.name}”`"
    :form="form"
    act="Keep the mixture"
    @close="$emit('close')"
  >
    <template #kinds="{ fault }">
      <div class="col-span-2 grid gap-3">
        <p class="text-soft">
          {{
            hedge
              ? 'A hedge is as high and as thick as its own kind makes it; each kind brings its own leaf.'
              : 'Each kind stands at its own height; the tallest that has a tenth of the ground sets the longest layer.'
          }}
        </p>
        <ul class="grid gap-2">
          <li class="flex items-baseline gap-3">
            <span class="w-64">{{ plant.species.common }}</span>
            <output class="w-20 text-right" aria-label="Left to its own kind"
              >{{ plainNumber(rest * 100, 0) }} %</output
            >
            <span class="text-sm text-soft">the rest</span>
          </li>
          <li
            v-for="(row, i) in rows"
            :key="row.speciesId"
            class="flex flex-wrap items-center gap-x-3 gap-y-1"
          >
            <SelectField
              v-model="row.speciesId"
              cell
              class="w-64"
              :label="`Kind ${i + 2}`"
              :options="free(row.speciesId).map(({ id, common }) => ({ value: id, words: common }))"
            />
            <span class="flex w-20 items-center justify-end gap-1"
              ><input
                v-model="row.share"
                class="field field-cell !w-14 text-right"
                inputmode="decimal"
                :aria-label="`Share of kind ${i + 2}, per cent`"
              />
              %</span
            >
            <button
              type="button"
              class="button button-quiet button-small"
              :aria-label="`Leave out kind ${i + 2}`"
              @click="rows.splice(i, 1)"
            >
              Leave out
            </button>
          </li>
        </ul>
        <button
          v-if="rows.length < MOST_MIXED && free('').length > 0"
          type="button"
          class="button button-small justify-self-start"
          @click="add"
        >
          Add a kind
        </button>
        <p v-if="fault" class="text-sm text-hip" role="alert">{{ fault }}</p>
      </div>
    </template>
  </FieldsDialog>
</template>
