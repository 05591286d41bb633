import type { Material } from './records'
import type { Liquid, Powder, Stuff } from './stuffs'

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

const leaf = (id: string, name: string, colour: string): CatalogueRow => ({
  id,
  name: `Leaf scatter, ${name}`,
  unit: 'g',
  of: { stuff: 'foam', form: 'leaf', grainMm: 0.7, colour },
  family: 'leaf scatter',
  densityGPerMl: 0.25,
  bulkGPerMl: 0.06,
  ...pack(25, 690),
})

const wire = (id: string, diameterMm: number, metres: number, price: number): CatalogueRow => ({
  id,
  name: `Soft wire, ${diameterMm} mm`,
  unit: 'mm',
  of: { stuff: 'wire', diameterMm },
  family: 'soft iron wire',
  // Iron, 7.87 g/ml.
  metreG: Math.round(7.87 * (Math.PI / 4) * diameterMm ** 2 * 1000) / 1000,
  ...pack(metres * 1000, price),
})

const rod = (id: string, name: string, diameterMm: number, rodMm: number, price: number): CatalogueRow => ({
  id,
  name,
  unit: 'piece',
  of: { stuff: 'dowel', diameterMm, rodMm },
  family: 'dowel rods',
  ...pack(1, price),
})

const powder = (
  id: string,
  name: string,
  of: Powder,
  colour: string,
  bulkGPerMl: number,
  extra: Extra = {},
): CatalogueRow => ({
  id,
  name,
  unit: 'g',
  of: { stuff: 'powder', powder: of, colour },
  bulkGPerMl,
  ...extra,
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

const sheet = (
  id: string,
  name: string,
  of: Extract<Stuff, { stuff: 'sheet' }>['sheet'],
  size: readonly [widthMm: number, heightMm: number],
  colour: string,
  extra: Extra,
): CatalogueRow => ({
  id,
  name,
  unit: 'cm2',
  of: { stuff: 'sheet', sheet: of, widthMm: size[0], heightMm: size[1], colour },
  packQuantity: (size[0] * size[1]) / 100,
  ...extra,
})

const raw = (id: string, name: string, colour: string, bulkGPerMl: number, note: string): CatalogueRow => ({
  id,
  name,
  unit: 'g',
  of: { stuff: 'other', colour },
  bulkGPerMl,
  note,
})

const tease = (
  id: string,
  name: string,
  of: Extract<Stuff, { stuff: 'wool' }>['wool'],
  colour: string,
  extra: Extra,
): CatalogueRow => ({ id, name, unit: 'g', of: { stuff: 'wool', wool: of, colour }, ...extra })

/** What ground, bushes and hedges are made of. */
const groundMaterials: readonly CatalogueRow[] = [
  sheet('mesh-green', 'Foliage mesh, mid green', 'mesh', [260, 150], '#5f7a3c', pack(390, 640)),
  sheet('mesh-autumn', 'Foliage mesh, autumn', 'mesh', [260, 150], '#a5762e', pack(390, 640)),
  sheet('ivy-mesh-green', 'Fine mesh, ivy green', 'ivy-mesh', [250, 150], '#465f35', {
    ...pack(375, 720),
    note: 'Reads as ivy, as low birch, or as scrub of dry land (common practice).',
  }),
  sheet('horsehair', 'Rubberised horsehair, 20 mm', 'horsehair', [300, 200], '#4a3a2c', {
    ...pack(600, 780),
    note: 'One side is denser: cut it off (common practice).',
  }),
  sheet('cloth-yellow', 'Towelling, yellow', 'cloth', [400, 260], '#c9b365', {
    ...pack(1040, 150),
    note: 'Yellow beats orange (common practice).',
  }),
  sheet('grass-mat', 'Grass mat, summer', 'mat', [300, 200], '#7d8c49', pack(600, 990)),
  tease('stuffing', 'Toy stuffing', 'stuffing', '#e6e3da', { bulkGPerMl: 0.012, ...pack(250, 390) }),
  tease('hank-straw', 'Field fibre in hanks, straw', 'hank', '#bda76c', {
    bulkGPerMl: 0.06,
    ...pack(20, 450),
  }),
  tease('hank-green', 'Field fibre in hanks, green', 'hank', '#6b8743', {
    bulkGPerMl: 0.06,
    ...pack(20, 450),
  }),
  tease('hank-brown', 'Field fibre in hanks, brown', 'hank', '#7a5f3e', {
    bulkGPerMl: 0.06,
    ...pack(20, 450),
  }),
  tease('lichen', 'Lichen', 'lichen', '#8b8f6a', {
    bulkGPerMl: 0.03,
    ...pack(100, 560),
    note: 'Gathered only where it is allowed; it is slow to grow (common practice).',
  }),
  pieces(
    'thyme-stems',
    'Thyme twigs',
    { stuff: 'twig', twig: 'stem', fromMm: 12, toMm: 55 },
    { pieceG: 0.15, note: 'Dead, dry, cut from old garden plants (common practice).' },
  ),
  powder('soil-coarse', 'Soil, coarse', 'soil', '#6b563e', 1.2, {
    note: 'Natural clay soil, not sand; dried, then sieved in three (common practice).',
  }),
  powder('soil-medium', 'Soil, medium', 'soil', '#74603f', 1.2),
  powder('soil-fine', 'Soil, fine', 'soil', '#806a49', 1.1, {
    note: 'Shaken through a stocking (common practice).',
  }),
  powder('ground-buff', 'Ground mix, fine soil and pale grout 1 : 1', 'soil', '#a2937c', 1.1),
  powder('sawdust-green', 'Sawdust, dyed dark green', 'sawdust', '#44543a', 0.2, {
    note: 'Coarse, and garish alone: a little, on forest floors (common practice).',
  }),
  powder('scrub-blend', 'Shredded scrub, coarse', 'other', '#6f7349', 0.05),
  powder('scrub-fine', 'Shredded scrub, fine', 'other', '#7b7c52', 0.06),
  raw(
    'leaves-raw',
    'Fallen leaves, as gathered',
    '#8a6a44',
    0.05,
    'In late autumn; ask first (common practice).',
  ),
  raw('soil-raw', 'Clay soil, as dug', '#6f5a40', 1.2, 'Natural clay soil, not sand (common practice).'),
  raw('coffee-wet', 'Coffee grounds, wet', '#33241a', 0.7, 'Dry them the same day, or they mould.'),
  powder('petals-yellow', 'Flower powder, yellow', 'blossom', '#dcbf3f', 0.3, pack(10, 450)),
  powder('petals-purple', 'Flower powder, purple', 'blossom', '#8a6aa0', 0.3, pack(10, 450)),
  powder('petals-red', 'Flower powder, red', 'blossom', '#b5443f', 0.3, pack(10, 450)),
  powder('petals-blue', 'Flower powder, blue', 'blossom', '#6a7fb8', 0.3, pack(10, 450)),
  powder('petals-ochre', 'Seed powder, ochre', 'blossom', '#b08a45', 0.3, pack(10, 450)),
]

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
  groundFoam('foam-coarse-dark', 'coarse, dark green', 2.6, '#3d5430'),
  groundFoam('foam-coarse-light', 'coarse, light green', 2.6, '#7f9a45'),
  clumpFoam('clump-mid', 'mid green', 5, '#51703a'),
  clumpFoam('clump-grey-green', 'grey-green', 4, '#74825f'),
  clumpFoam('clump-autumn', 'autumn', 5, '#a5762e'),
  ...[2, 4, 6].map(fibre('spring', '#86a54a')),
  ...[2, 4, 6, 12].map(fibre('summer', '#6b8743')),
  ...[2, 4, 6, 12].map(fibre('straw', '#bda76c')),
  ...[2, 4, 6].map(fibre('pale', '#d3c493')),
  ...[4, 6].map(fibre('dead', '#9a7348')),
  ...[2, 4].map(fibre('dark', '#4c5f36')),
  fibre('lime', '#a8b74e')(4),
  ...[7, 10].map(fibre('straw', '#bda76c')),
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
  leaf('leaf-spring', 'spring green', '#8fa84a'),
  leaf('leaf-mid', 'mid green', '#5f7d3a'),
  leaf('leaf-olive', 'olive grey', '#7f8a66'),
  leaf('leaf-dark', 'dark green', '#3f5a33'),
  leaf('leaf-yellow', 'autumn yellow', '#c79c36'),
  leaf('leaf-russet', 'russet', '#9a5f2e'),
  groundFoam('foam-fine-needle', 'fine, pine needle', 0.5, '#4a5f3c'),
  wire('wire-030', 0.3, 50, 320),
  wire('wire-045', 0.45, 50, 380),
  wire('wire-070', 0.7, 25, 420),
  wire('wire-100', 1, 20, 480),
  wire('wire-140', 1.4, 10, 520),
  rod('dowel-4', 'Dowel rod, 4 mm', 4, 914, 90),
  rod('dowel-6', 'Dowel rod, 6 mm', 6, 914, 120),
  rod('dowel-10', 'Dowel rod, 10 mm', 10, 914, 190),
  pieces(
    'pad-green',
    'Filter pad, natural fibre, green',
    { stuff: 'pad', pad: 'fibre', thicknessMm: 25, widthMm: 400, heightMm: 300, colour: '#46583c' },
    { family: 'fibre pads', ...pack(1, 620), note: 'Ready green; nylon shines (common practice).' },
  ),
  pieces(
    'pad-coir',
    'Coir liner',
    { stuff: 'pad', pad: 'coir', thicknessMm: 10, widthMm: 500, heightMm: 350, colour: '#6b5036' },
    { family: 'coir', ...pack(1, 450), note: 'Limp: lay two over each other (common practice).' },
  ),
  {
    id: 'pad-corners',
    name: 'Pad corners',
    unit: 'cm2',
    of: { stuff: 'other', colour: '#46583c' },
    note: 'What is left between discs: upper discs, undergrowth (common practice).',
  },
  pieces('pins', 'Headless nails for pins', { stuff: 'goods', goods: 'pin' }, pack(100, 240)),
  {
    id: 'floral-tape',
    name: 'Floral tape, brown',
    unit: 'mm',
    of: { stuff: 'goods', goods: 'tape', colour: '#5b4a3a' },
    ...pack(27_000, 260),
    note: 'Sticks only when stretched (common practice).',
  },
  {
    id: 'hemp-rope',
    name: 'Hemp rope, 10 mm',
    unit: 'mm',
    of: { stuff: 'rope', diameterMm: 10, colour: '#a58c5f' },
    ...pack(10_000, 650),
  },
  {
    id: 'sisal-cut',
    name: 'Sisal, cut to 12 mm',
    unit: 'g',
    of: { stuff: 'fibre', lengthMm: 12, dtex: 300, colour: '#9c8460' },
    family: 'cut sisal',
    densityGPerMl: 1.3,
    bulkGPerMl: 0.08,
    ...pack(50, 280),
  },
  ...[2.5, 12].map(fibre('brown', '#5a4330')),
  {
    id: 'green-fibre',
    name: 'Teasing fibre, dark green',
    unit: 'g',
    of: { stuff: 'wool', colour: '#3c4f35' },
    bulkGPerMl: 0.02,
    ...pack(20, 420),
  },
  pieces(
    'twigs',
    'Garden twigs',
    { stuff: 'twig', twig: 'twig', fromMm: 80, toMm: 250 },
    {
      pieceG: 6,
      note: 'Compact branching. Ask before picking; clean and dry fully (common practice).',
    },
  ),
  pieces(
    'roots',
    'Cane roots',
    { stuff: 'twig', twig: 'root', fromMm: 80, toMm: 260 },
    {
      pieceG: 12,
      note: 'When canes are cleared; wash and dry for two days (common practice).',
    },
  ),
  pieces(
    'flower-heads',
    'Dried flower heads',
    { stuff: 'twig', twig: 'head', fromMm: 50, toMm: 190 },
    {
      pieceG: 0.8,
      note: 'A hundred or two at a time in late autumn, with leave (common practice).',
    },
  ),
  pieces(
    'shrub-stems',
    'Dwarf-shrub stems',
    { stuff: 'twig', twig: 'stem', fromMm: 60, toMm: 220 },
    {
      pieceG: 2,
      note: 'After leaf fall, with leave of owner and authority (common practice).',
    },
  ),
  pieces(
    'ready-tree-medium',
    'Ready trees, 70–130 mm',
    { stuff: 'goods', goods: 'ready-tree', fromMm: 60, toMm: 140 },
    { family: 'ready trees', ...pack(10, 1800) },
  ),
  pieces(
    'ready-tree-large',
    'Ready trees, 130–220 mm',
    { stuff: 'goods', goods: 'ready-tree', fromMm: 125, toMm: 230 },
    { family: 'ready trees', ...pack(5, 1900) },
  ),
  powder('grout-grey', 'Tile grout, grey', 'grout', '#8f8b84', 1.1, pack(1000, 390)),
  powder('grout-pale', 'Tile grout, pale grey', 'grout', '#c4bfb4', 1.1, pack(1000, 390)),
  powder('sawdust-fine', 'Sawdust, fine', 'sawdust', '#a07a4e', 0.2, {
    note: 'Sieved; dull it for forest floors (common practice).',
  }),
  powder('coffee-grounds', 'Coffee grounds, dried', 'coffee', '#3b2a1f', 0.4, {
    note: 'An hour at 80 °C until fully dry, or they mould (common practice).',
  }),
  powder('pastel-green', 'Pastel powder, green', 'pastel', '#6f7d4f', 0.6, pack(20, 350)),
  powder('petals-white', 'Blossom powder, white', 'blossom', '#efe6e6', 0.3, pack(10, 450)),
  powder('petals-pink', 'Blossom powder, pink', 'blossom', '#e3b4bd', 0.3, pack(10, 450)),
  powder('leaf-litter', 'Ground leaves, sieved', 'litter', '#7a5a38', 0.15, {
    note: 'Dried, 20 to 30 s in a blender, both ends sieved off (common practice).',
  }),
  powder('snow-powder', 'Very fine white powder', 'snow', '#f4f5f6', 0.5, pack(100, 520)),
  liquid('ca', 'CA glue', 'ca', 1.05, pack(20, 480)),
  liquid('activator', 'CA activator', 'activator', 0.75, pack(100, 690)),
  liquid('hot-glue', 'Hot-glue chips', 'hot-glue', 0.95, pack(250, 520)),
  liquid('latex', 'Latex', 'latex', 0.95, pack(250, 980)),
  {
    ...liquid('paste', 'Modelling paste', 'paste', 1.6, pack(250, 860)),
    of: { stuff: 'liquid', liquid: 'paste', colour: '#e8e4da' },
  },
  {
    ...liquid('stain', 'Wood stain, grey-brown', 'stain', 0.95, pack(250, 640)),
    of: { stuff: 'liquid', liquid: 'stain', colour: '#5d5145' },
  },
  liquid('scenic-cement', 'Scenic cement', 'cement', 1.02, pack(500, 990)),
  liquid('spray-adhesive', 'Spray adhesive', 'spray-adhesive', 0.75, pack(400, 890)),
  liquid('flat-varnish', 'Flat clear, spray', 'varnish', 0.8, pack(400, 690)),
  sprayPaint('spray-grey-primer', 'grey primer', '#8b8a87'),
  sprayPaint('spray-pale-grey', 'pale grey', '#b9b4ab'),
  sprayPaint('spray-black', 'black', '#26241f'),
  sprayPaint('spray-brown', 'brown', '#5f4a37'),
  sprayPaint('spray-rust', 'rust', '#a8663a'),
  sprayPaint('spray-oxide-green', 'oxide green', '#3f5137'),
  paint('paint-pale-grey', 'pale grey', '#b7b2a8'),
  paint('paint-dark-grey', 'dark grey', '#45423e'),
  paint('paint-orange-brown', 'orange-brown', '#b0713f'),
  paint('paint-grey-brown', 'grey-brown', '#7a7065'),
  paint('paint-umber', 'raw umber', '#5c4a38'),
  paint('paint-dark-brown', 'dark brown', '#4c3a2c'),
  paint('paint-dark-green', 'dark green', '#33472c'),
  paint('paint-grass-green', 'grass green', '#6f8a3c'),
  paint('paint-dull-green', 'dull green', '#66704a'),
  paint('paint-yellow-green', 'yellow-green', '#a3ab55'),
  paint('paint-pale-blue', 'pale blue', '#b9c4c9'),
  liquid('wetting-alcohol', 'Wetting alcohol (isopropanol)', 'alcohol', 0.79, pack(500, 620)),
  ...groundMaterials,
]

/** The row of the catalogue with this id. @throws RangeError when there is none */
export function catalogueRow(id: string): CatalogueRow {
  const found = catalogue.find((row) => row.id === id)
  if (!found) throw new RangeError(`material is ${id}; it must be one of the catalogue`)
  return found
}
