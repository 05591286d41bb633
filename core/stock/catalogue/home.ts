import { groundFoam, leaf, liquidRow, pack, pieces, powderRow, raw, type CatalogueRow } from './rows'

/** A stuff that is made at home: no pack of it is known, so that what is short of it is made. */
const homeMade = ({ packQuantity: _quantity, packPriceMinor: _price, ...row }: CatalogueRow): CatalogueRow =>
  row

/** What is bought, or found in the house, to be made into something for the shelf. */
const bought: readonly CatalogueRow[] = [
  {
    id: 'sisal-rope',
    name: 'Sisal rope, 8 mm',
    unit: 'mm',
    of: { stuff: 'other', colour: '#b39a6b' },
    metreG: 40,
    ...pack(10_000, 500),
    note: 'Combed out and cut: stiff, coarse stems, sprinkled by hand; it does not fly (common practice).',
  },
  pieces(
    'pastel-stick-green',
    'Soft pastel, green',
    { stuff: 'goods', goods: 'other', colour: '#6f7d4f' },
    { pieceG: 9, ...pack(1, 180), note: 'Soft ones, not oily: scraped to powder (common practice).' },
  ),
  pieces(
    'sponge',
    'Sponge, close-pored',
    { stuff: 'goods', goods: 'other', colour: '#d9cf9a' },
    { pieceG: 8, ...pack(6, 240), note: 'Without a scouring side; rinsed of its soap (from memory).' },
  ),
  liquidRow('detergent', 'Washing-up liquid', 'other', 1.03, pack(500, 150)),
  liquidRow('softener', 'Fabric softener', 'other', 1, pack(1000, 220)),
]

/** What is brought in from outdoors or the kitchen, before anything is done to it. */
const broughtIn: readonly CatalogueRow[] = [
  raw('tea-wet', 'Tea leaves, wet', '#4a3524', 0.6, 'Dry them the same day, or they mould.', 1),
  raw('sand-raw', 'Sand, as gathered', '#b39f78', 1.6, 'Salt of the sea blooms for years: rinse it well.'),
  raw('clay-raw', 'Clay, dry lumps', '#93714c', 1.1, 'From a bank that has dried out and cracked.'),
  raw(
    'catkins-birch',
    'Birch catkins, ripe',
    '#8f7146',
    0.12,
    'They fall apart between the fingers when ripe.',
  ),
  raw('bark-pine', 'Pine bark, fallen', '#6d4832', 0.2, 'What lies under old trees; never cut off.'),
  raw('moss-raw', 'Moss, dried', '#6b7740', 0.04, 'From roofs and paths; wild cushions are slow to grow.'),
]

/** What comes of these. */
const made: readonly CatalogueRow[] = [
  powderRow('tea-leaves', 'Tea leaves, dried', 'litter', '#4d3826', 0.25, {
    grainMm: 1.2,
    note: 'Dark, and finer than ground leaves: shade under shrubs (common practice).',
  }),
  powderRow('sand-coarse', 'Sand, coarse', 'soil', '#ad986f', 1.5, { grainMm: 0.9 }),
  powderRow('sand-fine', 'Sand, fine', 'soil', '#b8a47c', 1.5, { grainMm: 0.25 }),
  powderRow('clay-powder', 'Clay powder', 'soil', '#9a7850', 0.9, {
    grainMm: 0.05,
    note: 'Dust of paths and tracks; shaken through a stocking (common practice).',
  }),
  homeMade({
    ...leaf('leaf-catkin', 'birch scales, brown', '#8a6c40'),
    family: 'natural leaf',
    note: 'The scales of birch catkins look like single leaves (common practice).',
  }),
  powderRow('bark-crumbs', 'Bark, crumbled', 'other', '#6d4832', 0.25, {
    grainMm: 3,
    note: 'Rock and broken wood on forest floors (common practice).',
  }),
  powderRow('moss-shredded', 'Moss, shredded', 'other', '#6b7740', 0.05, {
    note: 'It pales within a year or two unless it is toned with thin paint (common practice).',
  }),
  homeMade({
    ...groundFoam('foam-sponge-medium', 'medium, of sponge, mid green', 1.6, '#5d7840'),
    family: 'sponge foam',
  }),
  homeMade({
    ...groundFoam('foam-sponge-fine', 'fine, of sponge, mid green', 0.6, '#5d7840'),
    family: 'sponge foam',
  }),
  {
    id: 'hemp-cut',
    name: 'Hemp, cut to 12 mm',
    unit: 'g',
    of: { stuff: 'fibre', lengthMm: 12, dtex: 250, colour: '#a58c5f' },
    family: 'cut hemp',
    densityGPerMl: 1.48,
    bulkGPerMl: 0.06,
    note: 'Softer than sisal; sprinkled by hand, it does not fly (common practice).',
  },
  {
    id: 'wool-dyed-green',
    name: 'Filter wool, dyed pale green',
    unit: 'g',
    of: { stuff: 'wool', colour: '#8f9465' },
    bulkGPerMl: 0.02,
  },
]

/** What is made at home, and what it is made from. Common practice; densities, packs and prices from memory. */
export const homeMaterials: readonly CatalogueRow[] = [...bought, ...broughtIn, ...made]
