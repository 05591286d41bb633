import * as z from 'zod'
import type { Zone } from '../commissions'
import { ages, formOf, habitatById, habitatWords, type Age, type HabitatId, type Species } from '../plants'
import { boundsOf, none, ok, requireRange, type Reading } from '../units'
import { layerGroupsOf, layerOf, layers, type PlantLayer } from './layers'
import { reasonFor, type Counted } from './reasons'
import { vignette } from './vignette'
import type { Expected, PlantingWish, SuggestedLine, Suggestion } from './suggestion'

/** Pieces that a planting can be suggested for. */
export const suggestedPiecesSchema = z.number().int().min(1).max(5000)

/** How a budget of pieces is divided where there is more of everything than it allows; from memory. */
const SHARE: Record<PlantLayer, number> = { tree: 0.3, shrub: 0.3, ground: 0.4 }
/** Kinds of one layer that are told apart at a glance. */
const MOST_KINDS: Record<PlantLayer, number> = { tree: 6, shrub: 5, ground: 5 }
/** How much each age tells of a scene: the grown plants make it. From memory. */
const TELLS = [1, 1.15, 1.3, 1.15]
/** From so many pieces on, a species is split by age: so many ages at most. */
const SPLIT_FROM = 5
const MOST_AGES = 3
/**
 * From this cover on a wood is closed, and its crowns about half as wide as in the open. General knowledge;
 * from memory.
 */
const CLOSED_COVER = 0.7
const CLOSED_CROWN = 0.55
/**
 * A display of less real ground than this, or with less than one tree, is a vignette, whatever the hectare
 * says, m². From memory.
 */
const VIGNETTE_M2 = 120

/**
 * Lines for an area of one or more habitats: numbers from the densities of the species table, thinned to the
 * pieces that are wanted or set on a part of it, in odd groups, low growth in front. A small display becomes
 * a vignette. Densities are from memory; odd numbers are common practice.
 * @returns lines, the tallest layer first, with what was left out; or why there are none
 * @throws RangeError when the area is not above 0 or the pieces are not 1 to 5000
 */
export function suggestPlanting(wish: PlantingWish, species: readonly Species[]): Reading<Suggestion> {
  requireRange('area', wish.areaM2, 'm²', { above: 0 })
  const { least: min, most: max } = boundsOf(suggestedPiecesSchema)
  requireRange('pieces', wish.pieces, '', { min, max })
  if (wish.habitats.length === 0) return none('Choose a habitat: nothing says yet what grows there.')
  const apart = apartFrom(wish.habitats)
  if (apart !== undefined) return none(apart)
  const found = expected(wish, species)
  if (found.length === 0) return none('None of the species is at home in these habitats.')
  if (wish.areaM2 < VIGNETTE_M2) return ok(vignette(found, wish))
  const need = layers.reduce((sum, layer) => sum + needOf(found, layer), 0)
  const plantedShare = wish.spread === 'part' ? Math.min(1, wish.pieces / Math.max(1, need)) : 1
  const scaled = found.map((row) => ({ ...row, number: row.number * plantedShare }))
  const allowed = allowance(scaled, wish.pieces)
  const drafts = layers.flatMap((layer) => {
    const kinds = kindsOf(scaled, layer)
    const sum = kinds.reduce((total, { number }) => total + number, 0)
    const share = Math.min(1, allowed[layer] / Math.max(1e-9, sum))
    return kinds
      .flatMap((row) => linesOf(row, row.number * share, wish, share < 0.999))
      .sort((a, b) => b.heightM - a.heightM || b.pieces - a.pieces)
  })
  if (drafts.length === 0)
    return none(`On ${round(wish.areaM2)} m² there is less than one plant of each kind. Take a larger area.`)
  const lines = fitted(drafts, wish.pieces).map(({ tell, ...line }) => ({ ...line, reason: tell(line) }))
  return ok({ lines, plantedShare, said: leftOut(scaled, lines, wish, plantedShare) })
}

/** Habitats of different parts of the world are not mixed. */
function apartFrom(habitats: readonly HabitatId[]): string | undefined {
  const [first, ...others] = habitats.map(habitatById)
  const other = others.find(({ region }) => region !== first?.region)
  return first && other
    ? `${first.name} (${first.region}) and ${habitatWords(other)} (${other.region}) don’t lie in one part of the world: their kinds don’t grow together. Choose one of the two.`
    : undefined
}

/**
 * What the suggestion leaves out, in words: kinds beyond those that are told apart, kinds too rare for a
 * piece, and the bare part.
 */
function leftOut(
  found: readonly Expected[],
  lines: readonly SuggestedLine[],
  wish: PlantingWish,
  plantedShare: number,
): string[] {
  const taken = new Set(lines.map(({ speciesId }) => speciesId))
  const missing = found.filter(({ species }) => !taken.has(species.id))
  const many = missing.filter((row) => !kindsOf(found, row.layer).includes(row))
  const rare = missing.filter((row) => !many.includes(row))
  const names = (rows: readonly Expected[]): string => rows.map(({ species }) => species.common).join(', ')
  const said: string[] = []
  if (plantedShare < 1)
    said.push(
      `${round(plantedShare * 100)} % of the ground is planted as closely as it grows there; the rest stays open.`,
    )
  if (rare.length > 0)
    said.push(`Left out, less than one of each on this ground with ${wish.pieces} pieces: ${names(rare)}.`)
  if (many.length > 0) said.push(`Left out, more kinds than are told apart: ${names(many)}.`)
  const pieces = lines.reduce((sum, line) => sum + line.pieces, 0)
  if (pieces < wish.pieces * 0.95 && plantedShare === 1)
    said.push(`${pieces} of the ${wish.pieces} pieces are all that such ground holds.`)
  return said
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

/** The kinds of a layer that are told apart, the commonest first. */
const kindsOf = (found: readonly Expected[], layer: PlantLayer): Expected[] =>
  found
    .filter((row) => row.layer === layer)
    .sort((a, b) => b.number - a.number || a.species.id.localeCompare(b.species.id))
    .slice(0, MOST_KINDS[layer])

const needOf = (found: readonly Expected[], layer: PlantLayer): number =>
  kindsOf(found, layer).reduce((sum, { number }) => sum + number, 0)

/** Pieces for each layer: its share of the budget, or less where it needs less; what one leaves goes to the others. */
function allowance(found: readonly Expected[], pieces: number): Record<PlantLayer, number> {
  const need = (layer: PlantLayer): number => needOf(found, layer)
  const given: Record<PlantLayer, number> = { tree: 0, shrub: 0, ground: 0 }
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

/** A line while its number may still go down; its reason is told at the end. */
type Draft = Omit<SuggestedLine, 'reason'> & { readonly tell: (line: Counted) => string }

/** A species as lines by age, each in odd groups: old ones too, wherever the ground has one. */
function linesOf(row: Expected, number: number, wish: PlantingWish, thinned: boolean): Draft[] {
  const { species, layer } = row
  const total = Math.round(number)
  if (total < 1) return []
  const parts = agesOf(row, total)
  const oldest = parts.reduce((most, { age }) => Math.max(most, ages.indexOf(age)), 0)
  return parts.map(({ age, pieces }): Draft => {
    const older = ages.indexOf(age) === oldest
    const inRow = row.habitat.id === 'hedge-bank'
    const inBed = isForBeds(row, age)
    const groups = layerGroupsOf(species, pieces)
    const zone = inBed ? bedZone(wish) : zoneOf(row, older, wish.tallInFront ?? false)
    const form = formOf(species, age)
    const closed = layer === 'tree' && row.habitat.cover >= CLOSED_COVER && !inRow
    return {
      speciesId: species.id,
      name: parts.length > 1 && age !== mainAge(parts) ? `${species.common}, ${age}` : species.common,
      layer,
      age,
      heightM: form.heightM,
      ...(closed ? { crownWidthM: round2(form.crownWidthM * CLOSED_CROWN) } : {}),
      pieces: groups.reduce((sum, size) => sum + size, 0),
      zone,
      ...(inRow ? { stands: 'row' as const } : inBed ? { stands: 'bed' as const } : {}),
      groups,
      tell: (line) =>
        reasonFor(row, wish, line, {
          thinned: thinned || line.pieces < pieces,
          zone,
          smaller: !older && layer === 'tree',
          closed,
          inRow,
          inBed,
        }),
    }
  })
}

/** What is no taller than this stands in a garden's beds, m. From memory. */
const BED_M = 1.6
/** What grows taller, and usually stands in rows, is a hedge; lower, it edges a bed, m. */
const EDGING_M = 0.8
/** Flowers and low shrubs of a garden stand in beds; vegetables have rows of their own, climbers a wall. */
const isForBeds = ({ species, layer, habitat }: Expected, age: Age): boolean =>
  habitat.id === 'garden' &&
  (layer === 'shrub'
    ? species.habit !== 'climber' && !isHedging(species)
    : species.habit === 'herb' && !species.rows) &&
  formOf(species, age).heightM <= BED_M
const isHedging = ({ groups, rows, heightM }: Species): boolean =>
  groups.as === 'row' && !rows && heightM[2] > EDGING_M
const bedZone = ({ tallInFront }: PlantingWish): Zone => (tallInFront ? 'middle' : 'front')

const mainAge = (parts: readonly { age: Age; pieces: number }[]): Age | undefined =>
  parts.reduce<{ age: Age; pieces: number } | undefined>(
    (most, part) => (most === undefined || part.pieces > most.pieces ? part : most),
    undefined,
  )?.age

/** Pieces by age: the commonest and most telling ages, each with a piece at least, the oldest first. */
function agesOf(row: Expected, total: number): { age: Age; pieces: number }[] {
  const order = ages
    .map((age, i) => ({ age, share: row.ages[i] ?? 0, weight: (row.ages[i] ?? 0) * (TELLS[i] ?? 1) }))
    .filter(({ share }) => share > 0)
    .sort((a, b) => b.weight - a.weight)
  const [main] = order
  if (!main) return []
  if (total < SPLIT_FROM || row.layer === 'ground') return [{ age: main.age, pieces: total }]
  const veteran = order.find(({ age, share }) => age === 'veteran' && share * total >= 0.5)
  const chosen = [...new Set([...(veteran ? [veteran] : []), ...order])].slice(0, MOST_AGES)
  const sum = chosen.reduce((all, { share }) => all + share, 0)
  const parts = chosen
    .map(({ age, share }) => ({ age, pieces: Math.max(1, Math.round((total * share) / sum)) }))
    .sort((a, b) => ages.indexOf(b.age) - ages.indexOf(a.age))
  const largest = parts.reduce((most, part) => (part.pieces > most.pieces ? part : most))
  largest.pieces = Math.max(1, largest.pieces + total - parts.reduce((all, { pieces }) => all + pieces, 0))
  return parts
}

/**
 * Low growth in front, where people look over the edge; trees behind it, the larger before the smaller for
 * depth (common practice). On open ground there is little to hide behind a tree, and it stands in the middle.
 */
function zoneOf({ layer, habitat }: Expected, larger: boolean, tallInFront: boolean): Zone {
  if (layer === 'ground') return tallInFront ? 'middle' : 'front'
  if (tallInFront) return larger && layer === 'tree' ? 'front' : 'middle'
  if (layer === 'shrub') return 'middle'
  return larger || habitat.cover < 0.2 ? 'middle' : 'back'
}

/**
 * Never more pieces than asked for: the commonest line gives first, its smallest group, and none is given up
 * altogether.
 */
function fitted(lines: readonly Draft[], pieces: number): Draft[] {
  const result = lines.map((line) => ({ ...line, groups: [...line.groups] }))
  for (let over = result.reduce((sum, line) => sum + line.pieces, 0) - pieces; over > 0;) {
    const givers = result.filter(({ groups }) => groups.length > 1 || result.length === 1)
    const largest = (givers.length > 0 ? givers : result).reduce((most, line) =>
      line.pieces > most.pieces ? line : most,
    )
    const smallest = largest.groups.pop() ?? 0
    if (smallest === 0) break
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
const round2 = (value: number): number => Math.round(value * 100) / 100
