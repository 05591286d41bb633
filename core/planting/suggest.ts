import { zones, type Zone } from '../commissions'
import {
  ages,
  formOf,
  habitatById,
  type Age,
  type Grouping,
  type Habitat,
  type HabitatId,
  type Species,
} from '../plants'
import { none, ok, requireRange, type Reading } from '../units'

/** What a planting is suggested for. */
export interface PlantingWish {
  /** Real area, m². */
  readonly areaM2: number
  readonly habitats: readonly HabitatId[]
  /** Shares of the four ages; absent: as usual in the habitat. */
  readonly ages?: readonly [number, number, number, number]
  /** How many pieces the maker is ready to make. */
  readonly pieces: number
}

export const layers = ['tree', 'shrub', 'ground'] as const
export type Layer = (typeof layers)[number]

/** A line as suggested, to be changed or left out before it is taken. */
export interface SuggestedLine {
  readonly speciesId: string
  readonly name: string
  readonly layer: Layer
  readonly age: Age
  readonly heightM: number
  readonly pieces: number
  readonly zone: Zone
  /** Sizes of the groups that it stands in; odd wherever it stands in groups. */
  readonly groups: readonly number[]
  readonly reason: string
}

export const layerOf = ({ habit }: Pick<Species, 'habit'>): Layer =>
  habit === 'shrub' || habit === 'climber'
    ? 'shrub'
    : habit === 'broadleaf' || habit === 'conifer' || habit === 'palm'
      ? 'tree'
      : 'ground'

/** How plants stand together, in words. */
export const groupingWords: Record<Grouping, string> = {
  alone: 'stands alone',
  few: 'a few together',
  grove: 'in groves',
  drift: 'in drifts',
  row: 'in rows',
  carpet: 'close together',
}

/** How a budget of pieces is divided where there is more of everything than it allows; from memory. */
const SHARE: Record<Layer, number> = { tree: 0.3, shrub: 0.3, ground: 0.4 }
/** Kinds of one layer that are told apart at a glance. */
const MOST_KINDS: Record<Layer, number> = { tree: 6, shrub: 5, ground: 5 }
/** How much each age tells of a scene: the grown plants make it. From memory. */
const TELLS = [1, 1.15, 1.3, 1.15]
/** From so many pieces on, a species is split into older and younger. */
const SPLIT_FROM = 6

/**
 * Lines for an area of one or more habitats: numbers from the densities of the species table, thinned to the pieces that are wanted, in odd groups,
 * the larger before the smaller. Densities are from memory; odd numbers and larger in front are common practice.
 * @returns lines, the tallest layer first; or why there are none
 * @throws RangeError when the area is not above 0 or the pieces are not 1 to 5000
 */
export function suggestPlanting(wish: PlantingWish, species: readonly Species[]): Reading<SuggestedLine[]> {
  requireRange('area', wish.areaM2, 'm²', { above: 0 })
  requireRange('pieces', wish.pieces, '', { min: 1, max: 5000 })
  if (wish.habitats.length === 0) return none('Choose a habitat: nothing says yet what grows there.')
  const found = expected(wish, species)
  if (found.length === 0) return none('None of the species is at home in these habitats.')
  const allowed = allowance(found, wish.pieces)
  const lines = layers.flatMap((layer) => {
    const kinds = found
      .filter((row) => row.layer === layer)
      .sort((a, b) => b.number - a.number || a.species.id.localeCompare(b.species.id))
      .slice(0, MOST_KINDS[layer])
    const sum = kinds.reduce((total, { number }) => total + number, 0)
    const share = Math.min(1, allowed[layer] / Math.max(1e-9, sum))
    return kinds
      .flatMap((row) => linesOf(row, row.number * share, wish, share < 0.999))
      .sort((a, b) => b.heightM - a.heightM || b.pieces - a.pieces)
  })
  return lines.length > 0
    ? ok(fitted(lines, wish.pieces).map(({ tell, ...line }) => ({ ...line, reason: tell(line) })))
    : none(`On ${round(wish.areaM2)} m² there is less than one plant of each kind. Take a larger area.`)
}

interface Expected {
  readonly species: Species
  readonly layer: Layer
  readonly number: number
  readonly habitat: Habitat
  readonly at: Species['habitats']
  readonly ages: readonly [number, number, number, number]
}

/** How many of each species the area holds; a species of several of the habitats counts by its mean. */
function expected({ areaM2, habitats, ages: wanted }: PlantingWish, species: readonly Species[]): Expected[] {
  return species.flatMap((row): Expected[] => {
    const at = row.habitats
      .filter(({ habitat }) => habitats.includes(habitat))
      .sort((a, b) => b.perHa - a.perHa)
    const [most] = at
    if (!most) return []
    const perHa = at.reduce((sum, { perHa: density }) => sum + density, 0) / habitats.length
    return [
      {
        species: row,
        layer: layerOf(row),
        at,
        number: (perHa * areaM2) / 10_000,
        habitat: habitatById(most.habitat),
        ages: normal(wanted ?? most.ages),
      },
    ]
  })
}

/** Pieces for each layer: its share of the budget, or less where it needs less; what one leaves goes to the others. */
function allowance(found: readonly Expected[], pieces: number): Record<Layer, number> {
  const need = (layer: Layer): number =>
    found
      .filter((row) => row.layer === layer)
      .sort((a, b) => b.number - a.number)
      .slice(0, MOST_KINDS[layer])
      .reduce((sum, { number }) => sum + number, 0)
  const given: Record<Layer, number> = { tree: 0, shrub: 0, ground: 0 }
  let open = layers.filter((layer) => need(layer) > 0)
  let left = pieces
  while (open.length > 0 && left > 0.5) {
    const shares = open.reduce((sum, layer) => sum + SHARE[layer], 0)
    const before = left
    for (const layer of open) {
      const more = Math.min((before * SHARE[layer]) / shares, need(layer) - given[layer])
      given[layer] += more
      left -= more
    }
    open = open.filter((layer) => need(layer) - given[layer] > 0.5)
  }
  return given
}

type Counted = Pick<SuggestedLine, 'pieces' | 'groups'>
/** A line while its number may still go down; its reason is told at the end. */
type Draft = Omit<SuggestedLine, 'reason'> & { readonly tell: (line: Counted) => string }

/** A species as one or two lines by age, each in odd groups. */
function linesOf(row: Expected, number: number, wish: PlantingWish, thinned: boolean): Draft[] {
  const { species, layer } = row
  const total = Math.round(number)
  if (total < 1) return []
  const order = ages
    .map((age, i) => ({ age, share: row.ages[i] ?? 0, weight: (row.ages[i] ?? 0) * (TELLS[i] ?? 1) }))
    .filter(({ share }) => share > 0)
    .sort((a, b) => b.weight - a.weight)
  const main = order[0]
  const second = order[1]
  if (!main) return []
  const split = total >= SPLIT_FROM && second !== undefined && layer !== 'ground'
  const older = split && ages.indexOf(second.age) > ages.indexOf(main.age) ? second : main
  const parts = split
    ? [
        {
          age: main.age,
          pieces: Math.round((total * main.share) / (main.share + second.share)),
          first: main === older,
        },
        { age: second.age, pieces: 0, first: second === older },
      ]
    : [{ age: main.age, pieces: total, first: true }]
  if (parts[1]) parts[1].pieces = total - (parts[0]?.pieces ?? 0)
  return parts
    .filter(({ pieces }) => pieces > 0)
    .sort((a, b) => Number(b.first) - Number(a.first))
    .map(({ age, pieces, first }): Draft => {
      const groups = groupsOf(species, pieces)
      const zone = zoneOf(row, first)
      return {
        speciesId: species.id,
        name: split && !first ? `${species.common}, ${age}` : species.common,
        layer,
        age,
        heightM: formOf(species, age).heightM,
        pieces: groups.reduce((sum, size) => sum + size, 0),
        zone,
        groups,
        tell: (line) => reasonFor(row, wish, line, thinned || line.pieces < pieces, zone, split && !first),
      }
    })
}

/** The larger of a kind stand before the smaller (common practice); trees behind shrubs, what grows on the ground in front of both. */
function zoneOf({ layer, habitat }: Expected, larger: boolean): Zone {
  const open = habitat.cover < 0.2
  const at = layer === 'tree' && !open ? 1 : 0
  return zones[at + (larger ? 0 : 1)] ?? 'middle'
}

/** Odd groups that add up to about as many pieces: as large as the kind stands together, the rest smaller, one left over alone. */
export function groupsOf({ groups }: Pick<Species, 'groups'>, pieces: number): number[] {
  const odd = (n: number): number => (n % 2 === 1 ? n : n - 1)
  const [least, most] = groups.size
  const sizes: number[] = []
  let left = pieces
  for (let i = 0; left > 0; i += 1) {
    const wanted = Math.max(1, odd(Math.round(i % 2 === 0 ? most : (least + most) / 2)))
    const size = Math.max(1, odd(Math.min(wanted, left)))
    sizes.push(size)
    left -= size
  }
  return sizes.sort((a, b) => b - a)
}

function reasonFor(
  row: Expected,
  wish: PlantingWish,
  { pieces, groups }: Counted,
  thinned: boolean,
  zone: Zone,
  smaller: boolean,
): string {
  const { at, number, species } = row
  const usual = at
    .map(
      ({ habitat, perHa }, i) =>
        `${plain(perHa)}${i === 0 ? ' to the hectare is usual' : ''} (${habitatById(habitat).name.toLowerCase()})`,
    )
    .join(', ')
  const count = wish.habitats.length
  const part =
    count === 1
      ? ''
      : `, ${at.length > 1 ? 'each ' : ''}on ${['half', 'a third', 'a quarter'][count - 2] ?? `one part in ${count}`} of the ground`
  const parts = [`${usual}${part}: ${plain(number)} on ${plain(wish.areaM2 / 10_000)} ha`]
  if (thinned) parts.push(`thinned to ${pieces} for ${wish.pieces} pieces`)
  parts.push(
    groups.length === 1 && groups[0] === 1
      ? groupingWords.alone
      : `${groupingWords[species.groups.as]}, ${[...new Set(groups)].join(' or ')} at a time`,
  )
  parts.push(
    smaller
      ? `the smaller ones behind, ${zone === 'back' ? 'at the back' : 'in the middle'}`
      : zone === 'front'
        ? 'at the front'
        : zone === 'middle'
          ? 'in the middle, with the lower growth before them'
          : 'at the back',
  )
  return `${parts.join('; ')}.`
}

/** Never more pieces than asked for: the largest lines of the ground go first. */
function fitted(lines: readonly Draft[], pieces: number): Draft[] {
  const result = lines.map((line) => ({ ...line, groups: [...line.groups] }))
  for (let over = result.reduce((sum, line) => sum + line.pieces, 0) - pieces; over > 0;) {
    const largest = result.reduce((most, line) => (line.pieces > most.pieces ? line : most))
    const smallest = largest.groups.pop() ?? 0
    over -= smallest
    Object.assign(largest, { pieces: largest.pieces - smallest })
  }
  return result.filter(({ pieces: left }) => left > 0)
}

function normal(
  shares: readonly [number, number, number, number],
): readonly [number, number, number, number] {
  const sum = shares.reduce((total, share) => total + share, 0)
  requireRange('sum of the age shares', sum, '', { above: 0 })
  return [shares[0] / sum, shares[1] / sum, shares[2] / sum, shares[3] / sum]
}

const round = (value: number): string => String(Math.round(value))
const plain = (value: number): string =>
  value >= 10
    ? String(Math.round(value))
    : value >= 1
      ? String(Math.round(value * 10) / 10)
      : String(Math.round(value * 100) / 100)
