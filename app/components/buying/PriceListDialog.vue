<script setup lang="ts">
import { changesOf, type ListedOffer } from '~~/core/buying'
import { counted, formatQuantity } from '~~/core/units'
import { namedChoices } from '../../parts/fields/choice'
import type { FoundList } from '../../composables/price-lists'
import type { Column } from '../../parts/table/column'

/** A price list before it is taken over: what it changes, what it has that nobody here knows, what is wrong in it. */
const props = defineProps<{ found: FoundList }>()
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const takePriceList = useDeed('takePriceList')
const buying = useBuying()
const notices = useNotices()
const { money } = useFormat()
const { open } = useDialog(() => emit('close'))
/** What the maker says of a row that is no material here. */
const said = reactive<Record<string, string>>({})
const materials = computed(() => [...workshop.materials].sort((a, b) => a.name.localeCompare(b.name)))
const listed = computed<ListedOffer[]>(() => [
  ...props.found.comparison.listed,
  ...props.found.comparison.unknown.flatMap((row) => {
    const materialId = said[row.article]
    return materialId ? [{ row, materialId }] : []
  }),
])
const changed = computed(() => listed.value.filter((one) => changesOf(one).length > 0))
const isWrong = computed(() => props.found.faults.length > 0)

function changeWords(one: ListedOffer): string {
  const { row, was } = one
  if (!was) return `new: ${money(row.priceMinor)}`
  return changesOf(one)
    .map((change) => {
      if (change === 'price') return `${money(was.priceMinor)} → ${money(row.priceMinor)}`
      if (change === 'stock') return row.stock
      if (change === 'pack') return `pack of ${formatQuantity(row.packQuantity, row.unit)}`
      return row.days === undefined ? 'as long as all else' : counted(row.days, 'day')
    })
    .join(', ')
}
const changes: readonly Column<ListedOffer>[] = [
  { id: 'name', head: 'Material', text: ({ row }) => row.name },
  {
    id: 'pack',
    head: 'Pack',
    number: true,
    text: ({ row }) => formatQuantity(row.packQuantity, row.unit),
  },
  { id: 'change', head: 'What changes', number: true, text: changeWords },
]
const unknownColumns: readonly Column<FoundList['comparison']['unknown'][number]>[] = [
  { id: 'name', head: 'In the list', text: ({ name }) => name },
  {
    id: 'pack',
    head: 'Pack and price',
    number: true,
    text: ({ packQuantity, unit, priceMinor }) =>
      `${formatQuantity(packQuantity, unit)}, ${money(priceMinor)}`,
  },
  { id: 'is', head: 'What it is here', cell: 'w-64' },
]
async function take(): Promise<void> {
  const answer = await takePriceList({
    supplierId: props.found.supplier.id,
    listed: JSON.parse(JSON.stringify(listed.value)) as ListedOffer[],
    origin: props.found.origin,
    seen: buying.now,
  })
  if (answer.kind === 'none') return
  notices.done(`${counted(answer.value, 'offer')} of ${props.found.supplier.name} new or changed.`)
  open.value = false
}
</script>

<template>
  <BaseDialog v-model="open" wide :title="`Price list of ${found.supplier.name}`">
    <template v-if="isWrong">
      <p class="text-hip" role="alert">
        {{ counted(found.faults.length, 'fault') }} in the file. Nothing is taken over until it is mended:
      </p>
      <FaultList :faults="found.faults" />
    </template>
    <template v-else>
      <p class="text-soft">
        {{ counted(found.comparison.listed.length, 'offer') }} of materials that are known here,
        {{ changed.length }} new or changed.
        <template v-if="found.comparison.gone.length > 0"
          >{{ counted(found.comparison.gone.length, 'offer') }} of an earlier list not on this one: left as
          they were.</template
        >
      </p>
      <div class="scroller relative mt-2 max-h-80 overflow-y-auto">
        <DataTable
          label="New or changed"
          bare
          class="text-sm"
          :rows="changed"
          :columns="changes"
          :key-of="({ row }) => row.article"
        />
        <template v-if="found.comparison.unknown.length > 0">
          <h3 class="mt-3">Not known here</h3>
          <DataTable
            label="Not known here"
            bare
            class="text-sm"
            :rows="found.comparison.unknown"
            :columns="unknownColumns"
            :key-of="({ article }) => article"
          >
            <template #is="{ row }">
              <SelectField
                :model-value="said[row.article] ?? ''"
                cell
                :label="`What is ${row.name}`"
                :options="[
                  { value: '', words: 'leave it' },
                  ...namedChoices(materials.filter(({ unit }) => unit === row.unit)),
                ]"
                @update:model-value="(id) => (said[row.article] = id)"
              />
            </template>
          </DataTable>
        </template>
      </div>
    </template>
    <div class="answers mt-4">
      <button type="button" class="button" @click="open = false">Leave it</button>
      <button
        v-if="!isWrong"
        type="button"
        class="button button-act"
        :disabled="listed.length === 0"
        @click="take"
      >
        Take over
      </button>
    </div>
  </BaseDialog>
</template>
