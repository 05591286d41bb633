import type { Zone } from '../commissions'
import { habitatById, habitatWords } from '../plants'
import { groupingWords } from './layers'
import type { Expected, PlantingWish, SuggestedLine } from './suggestion'

export type Counted = Pick<SuggestedLine, 'pieces' | 'groups'>

interface Why {
  readonly thinned: boolean
  readonly zone: Zone
  readonly smaller: boolean
  readonly closed: boolean
  readonly inRow: boolean
  readonly inBed: boolean
}

/** Why a line is suggested so: how many are usual, what was thinned, how and where they stand. */
export function reasonFor(row: Expected, wish: PlantingWish, { pieces, groups }: Counted, why: Why): string {
  const { at, number, species } = row
  const usual = at
    .map(
      ({ habitat, perHa }, i) =>
        `${plain(perHa)}${i === 0 ? ' to the hectare is usual' : ''} (${habitatWords(habitatById(habitat))})`,
    )
    .join(', ')
  const count = wish.habitats.length
  const part =
    count === 1
      ? ''
      : `, ${at.length > 1 ? 'each ' : ''}on ${['half', 'a third', 'a quarter'][count - 2] ?? `one part in ${count}`} of the ground`
  const parts = [`${usual}${part}: ${plain(number)} on ${plain(wish.areaM2 / 10_000)} ha`]
  if (why.thinned) parts.push(`thinned to ${pieces} for ${wish.pieces} pieces`)
  if (why.closed) parts.push('narrower than in the open, as crowns of a closed wood are')
  if (why.inBed) parts.push('in a bed with the others, the tall ones behind the low ones')
  else {
    parts.push(standing(species.groups.as, groups, why.inRow))
    parts.push(where(why))
  }
  return `${parts.join('; ')}.`
}

function standing(as: keyof typeof groupingWords, groups: readonly number[], inRow: boolean): string {
  if (inRow) return 'in rows along the bank'
  if (groups.every((size) => size === 1)) return groups.length === 1 ? groupingWords.alone : 'one by one'
  return `${groupingWords[as]}, ${[...new Set(groups)].join(' or ')} at a time`
}

function where({ zone, smaller }: Why): string {
  if (smaller) return `the smaller ones behind, ${zone === 'back' ? 'at the back' : 'in the middle'}`
  if (zone === 'front') return 'most of it at the front, where people look over the edge'
  return zone === 'middle' ? 'in the middle, with the lower growth before it' : 'at the back'
}

export const plain = (value: number): string =>
  value >= 10
    ? String(Math.round(value))
    : value >= 1
      ? String(Math.round(value * 10) / 10)
      : String(Math.round(value * 100) / 100)
