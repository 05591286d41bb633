import { ages, formOf, type Age } from '../plants'
import { noun } from '../units'
import { plain } from './reasons'
import type { Expected, PlantingWish, SuggestedLine, Suggestion } from './suggestion'

/**
 * What a small display is made of: one plant that leads, a few shrubs, something that climbs, and the ground.
 * From memory.
 */
const SHRUB_KINDS = 2
const GROUND_KINDS = 3
/** A leading plant's crown takes at most this share of the display's side. From memory. */
const LEADS_SHARE = 0.7

/** Share of the ground that grass covers at most; what flowers stands in one drift. From memory. */
const GRASS_COVER = 0.6

/**
 * The age at which a plant still fits the display, the oldest first that it usually has there; the youngest
 * where none does.
 */
function fittingAge({ species, ages: shares }: Expected, sideM: number, most: number): Age {
  const usual = ages.filter((_, i) => (shares[i] ?? 0) > 0)
  const fits = [...usual].reverse().find((age) => formOf(species, age).crownWidthM <= sideM * most)
  return fits ?? usual[0] ?? 'young'
}

/**
 * Lines for a display that holds less than a hectare's figures can tell: one leading plant, a few shrubs, a
 * climber, ground.
 * @param found kinds of the habitats, with their densities
 */
export function vignette(found: readonly Expected[], wish: PlantingWish): Suggestion {
  const sideM = Math.sqrt(wish.areaM2)
  const commonest = (of: (row: Expected) => boolean): Expected[] =>
    found.filter(of).sort((a, b) => b.number - a.number || a.species.id.localeCompare(b.species.id))
  const fits = (row: Expected, share: number): boolean =>
    formOf(row.species, fittingAge(row, sideM, share)).crownWidthM <= sideM * share
  const trees = commonest(({ layer }) => layer === 'tree')
  const shrubs = commonest(({ layer, species }) => layer === 'shrub' && species.habit !== 'climber')
  const climbers = commonest(({ species }) => species.habit === 'climber')
  const ground = commonest(({ layer }) => layer === 'ground')
  const leading = trees.find((row) => fits(row, LEADS_SHARE)) ?? shrubs[0] ?? ground[0]
  const lines: SuggestedLine[] = []
  let left = wish.pieces
  const add = (
    row: Expected,
    pieces: number,
    zone: SuggestedLine['zone'],
    share: number,
    words: string,
  ): void => {
    const count = Math.min(left, pieces)
    if (count < 1) return
    const age = fittingAge(row, sideM, share)
    left -= count
    lines.push({
      speciesId: row.species.id,
      name: row.species.common,
      layer: row.layer,
      age,
      heightM: formOf(row.species, age).heightM,
      pieces: count,
      zone,
      groups: count % 2 === 1 || count < 3 ? [count] : [count - 1, 1],
      reason: words,
    })
  }
  const tall = wish.tallInFront ? 'front' : 'middle'
  if (leading)
    add(
      leading,
      1,
      tall,
      LEADS_SHARE,
      `leads the scene: on ${plain(wish.areaM2)} m² one plant draws the eye, off the middle.`,
    )
  for (const row of shrubs.filter((other) => other !== leading && fits(other, 0.4)).slice(0, SHRUB_KINDS))
    add(row, 3, 'middle', 0.4, 'three of a kind, low enough to let the leading plant lead.')
  if (climbers[0]) add(climbers[0], 1, 'back', 0.5, 'climbs or creeps where something is to be softened.')
  const kinds = ground.filter((other) => other !== leading).slice(0, GROUND_KINDS)
  const grassy = kinds.filter(({ species }) => species.habit === 'grass')
  // Flowers and ferns first, each in one drift; grass takes what is left, as far as there is ground.
  for (const row of kinds.filter((other) => !grassy.includes(other))) {
    const drift = Math.min(row.species.groups.size[1], Math.floor(left / kinds.length))
    add(row, odd(drift), 'middle', 0.3, 'one drift of it, for the eye to find.')
  }
  grassy.forEach((row, i) => {
    const { crownWidthM } = formOf(row.species, fittingAge(row, sideM, 0.3))
    const covers = Math.floor((GRASS_COVER * wish.areaM2) / (0.25 * Math.PI * crownWidthM ** 2))
    const share = Math.min(covers, Math.floor(left / (grassy.length - i)))
    add(row, odd(share), i === 0 ? 'front' : 'middle', 0.3, 'covers the ground, most of it at the front.')
  })
  const taken = new Set(lines.map(({ speciesId }) => speciesId))
  const others = found.filter(({ species }) => !taken.has(species.id)).map(({ species }) => species.common)
  return {
    lines,
    plantedShare: 1,
    said: [
      `${plain(wish.areaM2)} m² is a small display: a vignette is laid out, not the hectare’s numbers.`,
      ...(others.length > 0 ? [`Left out, for room: ${others.join(', ')}.`] : []),
      ...(left > 0
        ? [
            `${left} of the ${wish.pieces} pieces ${noun(left, 'is', 'are')} left for touches: seed heads, litter, a second tone.`,
          ]
        : []),
    ],
  }
}

/** The largest odd number that is no more; 0 for none. */
const odd = (count: number): number => (count < 1 ? 0 : count % 2 === 1 ? count : count - 1)
