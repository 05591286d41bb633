import type { Cycle, Stage } from './phenology'
import type { Species } from './types'

const FALLEN: readonly (readonly [upTo: number, words: string])[] = [
  [0.06, ''],
  [0.18, 'one leaf in eight fallen'],
  [0.29, 'a quarter fallen'],
  [0.42, 'a third fallen'],
  [0.58, 'half fallen'],
  [0.71, 'two thirds fallen'],
  [0.85, 'three quarters fallen'],
  [0.97, 'last leaves'],
]

/** A look in a few words: "turning, one leaf in eight fallen", "bare, in flower". */
export function wordsFor(species: Species, stage: Stage, leaf: number, cycle: Cycle): string {
  const parts = [leafWords(species, stage, leaf)]
  if (stage.flower > 0.08)
    parts.push(
      species.habit === 'grass' || species.habit === 'reed'
        ? 'heads out'
        : stage.flower < 0.5
          ? 'some flower'
          : 'in flower',
    )
  if (stage.fruit > 0.12)
    parts.push(
      species.habit === 'grass' || species.habit === 'reed'
        ? 'ripe heads'
        : species.habit === 'conifer'
          ? 'cones'
          : 'in fruit',
    )
  if (cycle.cut !== undefined && stage.day >= cycle.cut && stage.day < cycle.cut + 90 && stage.turned < 0.9)
    parts.push(stage.day < cycle.cut + 12 ? 'just cut' : 'growing again after the cut')
  return parts.filter((part) => part !== '').join(', ')
}

function leafWords(species: Species, stage: Stage, leaf: number): string {
  const { out, hardened, turned, fallen } = stage
  if (species.keeps === 'evergreen')
    return out > 0.15 && hardened < 0.7 ? 'evergreen, fresh tips' : 'evergreen'
  if (species.keeps === 'dies back') {
    if (out < 0.03 || fallen > 0.97) return 'dead, standing'
    if (out < 0.9) return out < 0.3 ? 'new growth among the old' : 'growing'
    if (turned > 0.05) return turned > 0.8 ? 'straw' : turned > 0.4 ? 'straw over green' : 'yellowing'
    return hardened < 0.5 ? 'fresh green' : 'green'
  }
  if (fallen > 0.97 || out < 0.03)
    return species.keeps === 'holds dead leaves' && leaf > 0.01 ? 'bare, some dead leaves held' : 'bare'
  if (out < 0.97) return out < 0.3 ? 'leaves breaking' : out < 0.65 ? 'half in leaf' : 'nearly in leaf'
  if (turned > 0.03) {
    const share = FALLEN.find(([upTo]) => 1 - leaf <= upTo)?.[1] ?? 'last leaves'
    return [turned < 0.15 ? 'first leaves turning' : turned < 0.75 ? 'turning' : 'turned', share]
      .filter((part) => part !== '')
      .join(', ')
  }
  return hardened < 0.4 ? 'fresh green' : 'full leaf'
}
