import type { HabitatId } from './kinds'
import type { Species } from './types'

/** Parts of the world whose plants are not mixed. */
export const regions = ['temperate', 'Mediterranean', 'western interior', 'subtropics', 'East Asia', 'Australia', 'eastern America', 'savanna'] as const
export type Region = (typeof regions)[number]

/** A kind of place that plants grow in together. */
export interface Habitat {
  readonly id: HabitatId
  readonly name: string
  readonly words: string
  /** Where in the world: kinds of one region grow together. */
  readonly region: Region
  /** Share of the ground that crowns of trees and shrubs cover, seen from above, 0–1. From memory. */
  readonly cover: number
}

export const habitats: readonly Habitat[] = [
  { id: 'broadleaf-wood', name: 'Broadleaf wood', words: 'tall trees close together, little under them', region: 'temperate', cover: 0.85 },
  { id: 'woodland-edge', name: 'Woodland edge', words: 'trees behind, shrubs before them, long grass in front', region: 'temperate', cover: 0.6 },
  { id: 'boreal-forest', name: 'Boreal forest', words: 'spruce and pine with birch, low shrubs below', region: 'temperate', cover: 0.7 },
  { id: 'mountain-slope', name: 'Mountain slope', words: 'open conifers, dwarf pine and juniper, grass between', region: 'temperate', cover: 0.4 },
  { id: 'carr', name: 'Carr', words: 'alder and willow on wet ground', region: 'temperate', cover: 0.7 },
  { id: 'reed-swamp', name: 'Reed swamp', words: 'reed and bulrush at the water, a willow or two', region: 'temperate', cover: 0.1 },
  { id: 'hay-meadow', name: 'Hay meadow', words: 'tall grass and flowers, a lone tree', region: 'temperate', cover: 0.03 },
  { id: 'pasture', name: 'Pasture', words: 'grazed turf, tussocks, old trees far apart', region: 'temperate', cover: 0.06 },
  { id: 'hedge-bank', name: 'Hedge-bank', words: 'a line of shrubs with trees left in it, ferns and flowers at its foot', region: 'temperate', cover: 0.7 },
  { id: 'heath', name: 'Heath', words: 'heather and gorse, birch and pine coming in', region: 'temperate', cover: 0.3 },
  { id: 'garden', name: 'Garden', words: 'planted trees and shrubs, well spaced', region: 'temperate', cover: 0.3 },
  { id: 'orchard', name: 'Orchard', words: 'fruit trees over grass', region: 'temperate', cover: 0.4 },
  { id: 'shoreline', name: 'Shoreline', words: 'salt-bitten shrubs and stiff grass', region: 'temperate', cover: 0.15 },
  { id: 'mediterranean-scrub', name: 'Mediterranean scrub', words: 'evergreen bushes, pines and holm oak on dry ground', region: 'Mediterranean', cover: 0.5 },
  { id: 'olive-terrace', name: 'Olive terrace', words: 'olives in loose rows, cypress and oleander by the steps', region: 'Mediterranean', cover: 0.3 },
  { id: 'dry-interior', name: 'Dry interior', words: 'pine and juniper far apart over sagebrush', region: 'western interior', cover: 0.25 },
  { id: 'subtropical-park', name: 'Subtropical park', words: 'palms and broad evergreen shade', region: 'subtropics', cover: 0.4 },
  { id: 'east-asian-wood', name: 'East Asian wood', words: 'tall cedar, maple and cherry, bamboo', region: 'East Asia', cover: 0.65 },
  { id: 'australian-bush', name: 'Australian bush', words: 'open eucalypts and wattle, she-oak and grass-trees', region: 'Australia', cover: 0.35 },
  { id: 'australian-heights', name: 'Australian heights', words: 'snow gums over tussock grass and low shrubs', region: 'Australia', cover: 0.3 },
  { id: 'australian-desert', name: 'Australian desert', words: 'mulga and desert oak far apart over hummock grass', region: 'Australia', cover: 0.12 },
  { id: 'eastern-wood', name: 'Eastern wood', words: 'maple, oak and hickory with tall pine and hemlock', region: 'eastern America', cover: 0.85 },
  { id: 'savanna', name: 'Savanna', words: 'flat-topped thorn trees over tall grass', region: 'savanna', cover: 0.12 },
  { id: 'desert', name: 'Desert', words: 'cactus, yucca and agave on bare ground', region: 'western interior', cover: 0.08 },
  { id: 'arable', name: 'Arable', words: 'fields of grain, maize or rape in rows, poppies at the edge', region: 'temperate', cover: 0.02 },
  { id: 'vineyard', name: 'Vineyard', words: 'vines in rows, a fruit tree or two, grass between', region: 'temperate', cover: 0.05 },
  { id: 'waste-ground', name: 'Waste ground', words: 'weeds, bramble and young birch on rubble', region: 'temperate', cover: 0.15 },
  { id: 'dry-slope', name: 'Dry slope', words: 'thin turf, feather-grass, thorn and juniper on lime', region: 'temperate', cover: 0.12 },
  { id: 'mediterranean-mountain', name: 'Mediterranean mountain', words: 'cedar and black pine over thorny cushions', region: 'Mediterranean', cover: 0.35 },
  { id: 'rice-terrace', name: 'Rice terrace', words: 'paddies and tea rows below a wooded slope', region: 'East Asia', cover: 0.08 },
]

/** The habitat with this id. @throws RangeError when there is none */
export function habitatById(id: string): Habitat {
  const found = habitats.find((habitat) => habitat.id === id)
  if (!found) throw new RangeError(`habitat is ${id}; it must be one of ${habitats.map((habitat) => habitat.id).join(', ')}`)
  return found
}

/** A habitat's name inside a sentence: small, but for what is named after a part of the world. */
export const habitatWords = ({ name }: Habitat): string =>
  /^(Mediterranean|East Asian|Australian)\b/.test(name) ? name : name.toLowerCase()

/** The parts of the world that a species grows in: those of its habitats. */
export const regionsOf = ({ habitats: own }: Pick<Species, 'habitats'>): Region[] => [
  ...new Set(own.map(({ habitat }) => habitatById(habitat).region)),
]
