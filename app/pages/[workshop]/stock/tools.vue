<script setup lang="ts">
import type { Line } from '~~/core/commissions'
import { toolSaves, type ToolSaves } from '~~/core/buying'
import { atHand, holders, ownableTools, registerId, toolById, type ToolRecord } from '~~/core/tools'

/** What there is to work with: tools owned, lent, worn, sold; holders counted; who wants what is missing. */
const workshop = useWorkshop()
const tools = useTools()
const shelf = useShelf()
const commission = useCommission()
const editing = ref<{ record?: ToolRecord; id?: string; what: string; countable: boolean }>()
useStation('Tools', () => {
  editing.value = { what: '', countable: false }
})

interface Row {
  readonly id: string
  readonly what: string
  readonly record?: ToolRecord
  readonly priceMinor: number
  readonly instead?: string
  readonly ruinedBy?: string
  readonly unit?: 'piece' | 'm'
  /** What it would save the lines that want it, where it is not at hand. */
  readonly saves?: ToolSaves
}
const toolRows = computed<Row[]>(() => [
  ...ownableTools
    .filter(({ id }) => !holders.some(({ what }) => what === id))
    .map((tool) => {
      const record = tools.register.get(registerId(tool.id))
      return {
        id: registerId(tool.id),
        what: tool.id,
        ...(record ? { record } : {}),
        priceMinor: record?.priceMinor ?? tool.priceMinor,
        ...(tool.instead ? { instead: tool.instead } : {}),
        ...(tool.ruinedBy ? { ruinedBy: tool.ruinedBy } : {}),
        ...savesOf(tool.id, record?.priceMinor ?? tool.priceMinor, record),
      }
    }),
  ...workshop.tools
    .filter(({ name }) => name !== undefined)
    .map((record) => ({
      id: record.id,
      what: record.name ?? '',
      record,
      priceMinor: record.priceMinor ?? 0,
    })),
])
const holderRows = computed<Row[]>(() =>
  holders.map(({ what, priceMinor, unit }) => {
    const record = tools.register.get(registerId(what))
    return {
      id: registerId(what),
      what,
      ...(record ? { record } : {}),
      priceMinor: record?.priceMinor ?? priceMinor,
      unit,
    }
  }),
)
/** Lines whose way of making wants a tool, by its name. */
const wanting = computed(() => {
  const byTool = new Map<string, Line[]>()
  for (const line of workshop.lines) {
    const steps = shelf.stockOf.get(line.id)?.makeUp?.steps ?? []
    const names = new Set(steps.flatMap((step) => [...step.tools, ...step.holders.map(({ what }) => what)]))
    for (const name of names) byTool.set(name, [...(byTool.get(name) ?? []), line])
  }
  return byTool
})
/** What a tool that is not at hand would save, made instead of bought. */
function savesOf(what: string, priceMinor: number, record: ToolRecord | undefined): { saves?: ToolSaves } {
  if (!record || atHand(record) > 0) return {}
  const saves = toolSaves(
    priceMinor,
    (wanting.value.get(what) ?? []).flatMap((line) => {
      const cost = shelf.stockOf.get(line.id)?.makeUp?.costEachMinor?.value
      const { left } = commission.progressOfLine(line)
      return line.boughtPriceMinor === undefined || cost === undefined
        ? []
        : [{ pieces: left, costMinor: cost, boughtMinor: line.boughtPriceMinor }]
    }),
    toolById(what)?.homeBuiltMinor,
  )
  return saves ? { saves } : {}
}
const edit = ({ record, id, what, unit }: Row): void => {
  editing.value = { ...(record ? { record } : {}), id, what, countable: unit !== undefined }
}
const isNamed = (what: string): boolean =>
  toolById(what) !== undefined || holders.some((row) => row.what === what)
</script>

<template>
  <div>
    <StockNav title="Tools and holders">
      <button type="button" class="button" @click="editing = { what: '', countable: false }">New tool</button>
    </StockNav>
    <p class="px-5 py-2 text-sm text-soft">
      What nothing is said of counts as there. What is lent, worn or sold is missing: ways of making that want
      it say so, and holders limit how many pieces are under way at once.
    </p>
    <div class="layout grid grid-cols-[minmax(0,1.25fr)_minmax(0,1fr)] gap-y-0 gap-x-5 items-start">
      <ToolTable title="Tools" :rows="toolRows" :wanting="wanting" @edit="edit" />
      <ToolTable title="Holders" counted :rows="holderRows" :wanting="wanting" @edit="edit" />
    </div>
    <ToolDialog
      v-if="editing"
      :record="editing.record"
      :tool-id="editing.id"
      :what="editing.what"
      :own="!isNamed(editing.what)"
      :countable="editing.countable"
      @close="editing = undefined"
    />
  </div>
</template>

<style scoped>
@media (max-width: 1080px) {
  .layout {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
