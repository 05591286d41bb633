import type { Line } from '~~/core/commissions'
import type { Species } from '~~/core/plants'
import type { Reading } from '~~/core/units'

/** How many of a kind a new line begins with: tufts by the tray, bushes by the batch, trees by the evening. */
const firstCount = ({ crownForm, habit }: Species): number =>
  crownForm === 'blades' ? 60 : habit === 'shrub' || habit === 'climber' ? 20 : 7

/** Adds a line of a kind to the commission in hand, and takes it in hand; nothing where there is no commission. */
export function useNewLine(): (species: Species) => Promise<Reading<Line> | undefined> {
  const saveLine = useDeed('saveLine')
  const commission = useCommission()
  return async (species) => {
    if (!commission.current) return undefined
    const answer = await saveLine({
      commissionId: commission.current.id,
      name: species.common,
      speciesId: species.id,
      age: 'mature',
      zone: 'middle',
      amount: { kind: 'pieces', pieces: firstCount(species) },
    })
    if (answer.kind === 'ok') commission.chooseLine(answer.value.id)
    return answer
  }
}
