import type { Material } from './records'
import type { Liquid, Stuff } from './stuffs'

/** A material before a workshop takes it in. */
export type CatalogueRow = Omit<Material, 'changedAt' | 'removed' | 'fieldsAt'>

type Extra = Partial<Omit<CatalogueRow, 'id' | 'name' | 'of' | 'unit'>>

/** A pack: its quantity and its price in hundredths. */
const pack = (packQuantity: number, packPriceMinor: number) => ({ packQuantity, packPriceMinor })

const groundFoam = (id: string, name: string, grainMm: number, colour: string): CatalogueRow => ({
  id,
  name: `Ground foam, ${name}`,
  unit: 'g',
  of: { stuff: 'foam', form: 'ground', grainMm, colour },
  family: grainMm < 1 ? 'ground foam, fine' : 'ground foam, medium',
  densityGPerMl: 0.11,
  bulkGPerMl: 0.045,
  ...pack(40, 480),
})

const clumpFoam = (id: string, name: string, grainMm: number, colour: string): CatalogueRow => ({
  id,
  name: `Clump foam, ${name}`,
  unit: 'g',
  of: { stuff: 'foam', form: 'clump', grainMm, colour },
  family: 'clump foam',
  densityGPerMl: 0.11,
  bulkGPerMl: 0.035,
  ...pack(60, 480),
})

const fibre =
  (tone: string, colour: string) =>
  (lengthMm: number): CatalogueRow => ({
    id: `static-${tone}-${String(lengthMm).replace('.', '')}`,
    name: `Static fibre ${lengthMm} mm, ${tone}`,
    unit: 'g',
    of: { stuff: 'fibre', lengthMm, dtex: lengthMm < 4 ? 17 : 22, colour },
    family: `static fibre, ${tone}`,
    densityGPerMl: 1.14,
    bulkGPerMl: 0.07,
    ...pack(20, 420),
  })

const liquid = (id: string, name: string, of: Liquid, densityGPerMl: number, extra: Extra): CatalogueRow => ({
  id,
  name,
  unit: 'ml',
  of: { stuff: 'liquid', liquid: of },
  densityGPerMl,
  ...extra,
})

const paint = (id: string, name: string, colour: string): CatalogueRow => ({
  ...liquid(id, `Acrylic paint, ${name}`, 'paint', 1.2, { family: 'acrylic paint', ...pack(100, 420) }),
  of: { stuff: 'liquid', liquid: 'paint', colour },
})

const sprayPaint = (id: string, name: string, colour: string): CatalogueRow => ({
  ...liquid(id, `Spray paint, matt ${name}`, 'spray-paint', 0.8, {
    family: 'spray paint, matt',
    ...pack(400, 640),
  }),
  of: { stuff: 'liquid', liquid: 'spray-paint', colour },
})

const pieces = (id: string, name: string, of: Stuff, extra: Extra): CatalogueRow => ({
  id,
  name,
  unit: 'piece',
  of,
  ...extra,
})

const trunk = (id: string, size: string, fromMm: number, toMm: number, extra: Extra): CatalogueRow =>
  pieces(
    id,
    `Moulded trunks, ${size}`,
    { stuff: 'goods', goods: 'trunk', fromMm, toMm },
    {
      family: 'moulded trunks',
      ...extra,
    },
  )

/**
 * The materials that a new workshop starts with. Named by what they are; densities and packs are from memory
 * and are there to be overwritten. Grain densities are those of a single dyed foam grain, bulk densities
 * those of the loose heap.
 */
export const catalogue: readonly CatalogueRow[] = [
  pieces(
    'sprigs',
    'Dried sprigs',
    { stuff: 'twig', twig: 'sprig', fromMm: 40, toMm: 200 },
    {
      pieceG: 0.6,
      ...pack(35, 1900),
      note: 'Sold by the quarter-bushel box as 30 to 35 trees; sorted well it gives 100 or more (common practice).',
    },
  ),
  pieces(
    'curved-sprigs',
    'Curved sprigs',
    { stuff: 'twig', twig: 'curved-sprig', fromMm: 20, toMm: 120 },
    {
      pieceG: 0.4,
      note: 'What is left when the straight ones are picked: branch tips, undergrowth, bushes (common practice).',
    },
  ),
  trunk('trunk-small', 'small', 35, 75, { pieceG: 1.5, ...pack(24, 1100) }),
  trunk('trunk-medium', 'medium', 70, 130, { pieceG: 4, ...pack(14, 1250) }),
  trunk('trunk-large', 'large', 125, 230, { pieceG: 11, ...pack(6, 1300) }),
  {
    id: 'filter-wool',
    name: 'Filter wool, undyed',
    unit: 'g',
    of: { stuff: 'wool', colour: '#d9d8cf' },
    bulkGPerMl: 0.02,
    ...pack(250, 350),
    note: 'The aquarium kind costs about a quarter of hobby fibre and is the same thing (common practice).',
  },
  groundFoam('foam-fine-pale', 'fine, pale spring green', 0.4, '#a9bd62'),
  groundFoam('foam-fine-light', 'fine, light green', 0.5, '#86a045'),
  groundFoam('foam-fine-mid', 'fine, mid green', 0.5, '#5a7a36'),
  groundFoam('foam-fine-dark', 'fine, dark green', 0.5, '#3a5330'),
  groundFoam('foam-fine-conifer', 'fine, conifer green', 0.6, '#2e4b38'),
  groundFoam('foam-fine-gold', 'fine, pale gold', 0.4, '#d8bd68'),
  groundFoam('foam-fine-yellow', 'fine, autumn yellow', 0.5, '#c39a35'),
  groundFoam('foam-fine-rust', 'fine, rust', 0.5, '#9c5a2c'),
  groundFoam('foam-fine-straw', 'fine, straw', 0.5, '#b7a36a'),
  groundFoam('foam-medium-mid', 'medium, mid green', 1.4, '#56763a'),
  groundFoam('foam-medium-olive', 'medium, olive', 1.4, '#7d7f45'),
  groundFoam('foam-medium-russet', 'medium, russet', 1.4, '#8f6a33'),
  clumpFoam('clump-mid', 'mid green', 5, '#51703a'),
  clumpFoam('clump-grey-green', 'grey-green', 4, '#74825f'),
  clumpFoam('clump-autumn', 'autumn', 5, '#a5762e'),
  ...[2, 4, 6].map(fibre('spring', '#86a54a')),
  ...[2, 4, 6, 12].map(fibre('summer', '#6b8743')),
  ...[2, 4, 6, 12].map(fibre('straw', '#bda76c')),
  ...[2, 4, 6].map(fibre('pale', '#d3c493')),
  ...[4, 6].map(fibre('dead', '#9a7348')),
  {
    id: 'rough-ground',
    name: 'Rough-ground mix',
    unit: 'g',
    of: { stuff: 'other', colour: '#948a5c' },
    bulkGPerMl: 0.07,
    note: 'Falls of several tones that can’t be parted any more: a material of its own (common practice).',
  },
  {
    id: 'backing',
    name: 'Release backing (greaseproof)',
    unit: 'cm2',
    of: { stuff: 'sheet', sheet: 'release' },
    squareMetreG: 40,
    ...pack(30_000, 220),
  },
  liquid('matte-medium', 'Matte medium', 'matte-medium', 1.05, pack(250, 1150)),
  {
    id: 'soaking-bath',
    name: 'Soaking bath, matte medium 1 : 5',
    unit: 'ml',
    of: {
      stuff: 'mixture',
      parts: [
        { materialId: 'matte-medium', name: 'Matte medium', parts: 1 },
        { name: 'Water', parts: 5 },
      ],
    },
    densityGPerMl: 1.01,
    note: 'Kept covered from one batch to the next.',
  },
  liquid('pva', 'PVA', 'pva', 1.07, pack(1000, 750)),
  liquid('contact-adhesive', 'Contact adhesive that stays sticky', 'contact-adhesive', 1, pack(120, 890)),
  liquid('hairspray', 'Hairspray, super hold', 'hairspray', 0.75, pack(300, 280)),
  sprayPaint('spray-grey-brown', 'grey-brown', '#7d756b'),
  sprayPaint('spray-dark-brown', 'dark brown', '#3d3128'),
  sprayPaint('spray-mid-green', 'mid green', '#56723a'),
  sprayPaint('spray-yellow-green', 'yellow-green', '#93a04c'),
  sprayPaint('spray-ochre', 'ochre', '#a8863f'),
  paint('paint-dark-brown', 'dark brown', '#4c3a2c'),
  paint('paint-dark-green', 'dark green', '#33472c'),
]

/** The row of the catalogue with this id. @throws RangeError when there is none */
export function catalogueRow(id: string): CatalogueRow {
  const found = catalogue.find((row) => row.id === id)
  if (!found) throw new RangeError(`material is ${id}; it must be one of the catalogue`)
  return found
}
