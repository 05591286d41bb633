<script setup lang="ts">
import { counted } from '~~/core/units'
import { writeLots, writeMaterials, writeMovements, writeOffers } from '~~/core/workshop'
import type { CsvTable, TableIn } from '../../db/commands/tables'
import { save } from '../../composables/save'
import type { Column } from '../../parts/table/column'

/** Tables of the shelf as CSV: out, and in with all that is wrong told line by line before anything is written. */
const emit = defineEmits<{ close: [] }>()
const workshop = useWorkshop()
const previewTable = useDeed('previewTable')
const takeTable = useDeed('takeTable')
const buying = useBuying()
const notices = useNotices()
const { open } = useDialog(() => emit('close'))
const words: Record<CsvTable, { name: string; says: string }> = {
  materials: { name: 'Materials', says: 'what each is, its sizes, colours, densities and packs' },
  lots: { name: 'Lots', says: 'what came when from where; new rows are taken in' },
  movements: {
    name: 'Movements',
    says: 'every entry of the ledger; counts, receipts and draws can be added',
  },
  offers: { name: 'Offers', says: 'who sells which pack at what price' },
}
interface Table {
  readonly table: CsvTable
  readonly name: string
  readonly says: string
}
const tables: readonly Table[] = (Object.keys(words) as CsvTable[]).map((table) => ({
  table,
  ...words[table],
}))
const columns: readonly Column<Table>[] = [
  { id: 'table', head: 'Table' },
  { id: 'files', head: 'File', number: true },
]
const MOST_BYTES = 20_000_000

async function textOf(table: CsvTable): Promise<string> {
  const { db } = workshop.context()
  const materials = new Map(workshop.materials.map((row) => [row.id, row]))
  const nameOf = (id: string): string => materials.get(id)?.name ?? id
  if (table === 'materials') return writeMaterials(workshop.materials)
  if (table === 'offers')
    return writeOffers(
      buying.offers.map((offer) => ({
        offer,
        supplier: buying.supplierName(offer.supplierId),
        material: nameOf(offer.materialId),
      })),
    )
  if (table === 'lots')
    return writeLots(
      workshop.lots.map((lot) => ({
        lot,
        material: nameOf(lot.materialId),
        received: workshop.balances.get(lot.id)?.received ?? 0,
        onHand: workshop.balances.get(lot.id)?.onHand ?? 0,
      })),
    )
  const lots = new Map(workshop.lots.map((lot) => [lot.id, lot]))
  const batches = new Map(workshop.batches.map(({ id, name }) => [id, name]))
  const movements = (await db.movements.toArray()).sort(
    (a, b) => a.at.localeCompare(b.at) || a.id.localeCompare(b.id),
  )
  return writeMovements(
    movements.map((movement) => {
      const lot = lots.get(movement.lotId)
      return {
        movement,
        label: lot?.label ?? '',
        material: lot ? nameOf(lot.materialId) : '',
        batch: batches.get(movement.batchId ?? '') ?? '',
      }
    }),
  )
}
async function out(table: CsvTable): Promise<void> {
  save(new Blob([await textOf(table)], { type: 'text/csv' }), `${table}.csv`)
}

const found = shallowRef<{ table: CsvTable; file: string; text: string; told: TableIn }>()
async function read(table: CsvTable, event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  if (!file) return
  if (file.size > MOST_BYTES) {
    notices.fault(`“${file.name}” has ${file.size} bytes; allowed are ${MOST_BYTES}.`)
    return
  }
  const text = await file.text()
  const told = await previewTable(table, text, buying.now)
  if (told.kind === 'ok') found.value = { table, file: file.name, text, told: told.value }
}
async function take(): Promise<void> {
  if (!found.value) return
  const { table, text } = found.value
  const answer = await takeTable(table, text, buying.now)
  if (answer.kind === 'none') return
  const { added, changed } = answer.value
  notices.done(`${words[table].name}: ${added} new, ${changed} changed.`)
  found.value = undefined
}
</script>

<template>
  <BaseDialog v-model="open" wide title="Files of the shelf">
    <template v-if="!found">
      <p class="text-soft">CSV (RFC 4180): a table that a spreadsheet opens. Save one to see its columns.</p>
      <DataTable
        class="mt-2"
        label="Tables of the shelf"
        bare
        :rows="tables"
        :columns="columns"
        :key-of="({ table }) => table"
      >
        <template #table="{ row }">
          {{ row.name }} <span class="block text-sm text-soft">{{ row.says }}</span>
        </template>
        <template #files="{ row }">
          <button type="button" class="button button-small mr-1" @click="out(row.table)">
            Save<span class="sr-only"> {{ row.name }} as CSV</span>
          </button>
          <label class="button button-small cursor-pointer"
            >Read in<input
              type="file"
              class="sr-only"
              accept=".csv,text/csv"
              :aria-label="`Read in ${row.name}`"
              @change="read(row.table, $event)"
          /></label>
        </template>
      </DataTable>
    </template>
    <template v-else>
      <p class="font-semibold">{{ found.file }}, {{ words[found.table].name.toLowerCase() }}</p>
      <p v-if="found.told.ignored.length > 0" class="text-sm text-larch">
        Nothing is read from the columns {{ found.told.ignored.map((name) => `“${name}”`).join(', ') }}.
      </p>
      <template v-if="found.told.faults.length > 0">
        <p class="mt-2 text-hip" role="alert">
          {{ counted(found.told.faults.length, 'fault') }}. Nothing is written until the file is mended:
        </p>
        <FaultList :faults="found.told.faults" />
      </template>
      <p v-else class="mt-2">
        {{ found.told.added }} new, {{ found.told.changed }} changed, {{ found.told.same }} as they are here
        already.
      </p>
    </template>
    <div class="answers mt-4">
      <button v-if="found" type="button" class="button" @click="found = undefined">Leave it</button>
      <button v-else type="button" class="button" @click="open = false">Done</button>
      <button
        v-if="found && found.told.faults.length === 0"
        type="button"
        class="button button-act"
        :disabled="found.told.added + found.told.changed === 0"
        @click="take"
      >
        Take over
      </button>
    </div>
  </BaseDialog>
</template>
