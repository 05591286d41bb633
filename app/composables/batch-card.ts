import { sentContext, type MakeUp } from '~~/core/makeup'
import type { Plant } from '../stores/plant'

/** The printed batch card of a line worked out. */
export function useBatchCard() {
  const workshop = useWorkshop()
  const commission = useCommission()
  const estimates = useEstimates()
  const printing = ref(false)

  async function print(plant: Plant, makeUp: MakeUp): Promise<void> {
    const job = commission.current
    if (!job || printing.value) return
    printing.value = true
    const materials = makeUp.slots.flatMap(({ parts }) => parts.map(({ material }) => material))
    await printFrom(
      '/api/batch-card',
      {
        paper: workshop.settings.paper,
        units: workshop.settings.units,
        workshop: workshop.settings.name,
        commission: { ...job, dateDepicted: commission.date },
        line: { ...plant.line, methodId: makeUp.method.id },
        ownSpecies: plant.members.flatMap(({ species }) => workshop.ownKind(species.id) ?? []),
        started: makeUp.started.value,
        context: sentContext(
          { ...estimates.contextOf(makeUp.method.id), ...(makeUp.onFoam && { onFoam: true }) },
          makeUp,
        ),
        ...(makeUp.pads === undefined ? {} : { pads: makeUp.pads }),
        materials: [...new Map(materials.map((row) => [row.id, row])).values()],
      },
      `${fileNameOf(plant.line.name)}-card.pdf`,
      'The card',
    )
    printing.value = false
  }
  return { printing, print }
}
