import type { Commission, KeepOut } from '../../core/commissions'
import { bedsOf, boardOf, planPlanting, type PlantingPlan } from '../../core/planting'
import { speciesById } from '../../core/plants'
import { commission, line } from './workshop'

/** Trees, shrubs and ground that the plans of tests are made of. */
export const kinds = [
  'beech',
  'silver-birch',
  'hawthorn',
  'hazel',
  'bramble',
  'bracken',
  'meadow-grass',
  'apple',
]
export const lines = (pieces: readonly number[]) =>
  pieces.map((count, i) => {
    const species = speciesById(kinds[i % kinds.length]!)
    return {
      line: line({
        id: `l${i}`,
        speciesId: species.id,
        amount: { kind: 'pieces', pieces: count },
        zone: (['front', 'middle', 'back'] as const)[i % 3],
      }),
      species,
    }
  })
export const track: KeepOut = {
  id: 't',
  kind: 'line',
  widthMm: 32,
  points: [
    [0, 60],
    [400, 140],
    [900, 120],
  ],
}
export const yard: KeepOut = {
  id: 'y',
  kind: 'shape',
  widthMm: 0,
  points: [
    [500, 200],
    [640, 200],
    [640, 330],
    [500, 330],
  ],
}
export const job = (over: Partial<Commission> = {}): Commission =>
  commission({ ratio: 148, boardWidthMm: 900, boardDepthMm: 400, ...over })
export const plan = (pieces: readonly number[], over: Partial<Commission> = {}, seed = 's'): PlantingPlan =>
  planPlanting(boardOf(job(over))!, bedsOf(job(over), lines(pieces)), seed)
