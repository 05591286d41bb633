import type { MakeUp } from '~~/core/methods'
import type { Plant } from '../stores/commission'

/** The printed card is made by the server; without a connection it says so. */
export function useBatchCard() {
  const workshop = useWorkshop()
  const commission = useCommission()
  const notices = useNotices()
  const printing = ref(false)

  async function print(plant: Plant, makeUp: MakeUp): Promise<void> {
    const job = commission.current
    if (!job || printing.value) return
    printing.value = true
    try {
      const materials = makeUp.slots.flatMap(({ material }) => material ?? [])
      const card = await fetch('/api/batch-card', {
        method: 'POST', headers: { 'Content-Type': 'application/json' },
        body: JSON.stringify({
          paper: workshop.settings.paper, units: workshop.settings.units, workshop: workshop.settings.name, commission: { ...job, dateDepicted: commission.date },
          line: { ...plant.line, methodId: makeUp.method.id }, started: makeUp.started.value, dryingFactor: commission.drying, materials: [...new Map(materials.map((row) => [row.id, row])).values()],
        }),
      })
      if (!card.ok) {
        const problem = (await card.json().catch(() => ({}))) as { title?: string; detail?: string }
        throw new Error(problem.detail ?? problem.title ?? `the server answered ${card.status}`)
      }
      save(await card.blob(), `${plant.line.name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}-card.pdf`)
    } catch (error) {
      notices.fault(error instanceof TypeError ? 'The card is printed by the server, which can’t be reached just now. Everything else works without it.' : `The card was not printed: ${error instanceof Error ? error.message : String(error)}`)
    } finally {
      printing.value = false
    }
  }
  return { printing, print }
}

/** Hands a file to the browser to save. */
export function save(content: Blob, name: string): void {
  const address = URL.createObjectURL(content)
  const link = Object.assign(document.createElement('a'), { href: address, download: name })
  link.click()
  setTimeout(() => URL.revokeObjectURL(address), 10_000)
}
