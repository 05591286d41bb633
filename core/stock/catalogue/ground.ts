import { pack, powderRow, pieces, sheetRow, raw, tease, type CatalogueRow } from './rows'

/** What ground, bushes and hedges are made of. */
export const groundMaterials: readonly CatalogueRow[] = [
  sheetRow('mesh-green', 'Foliage mesh, mid green', 'mesh', [260, 150], '#5f7a3c', pack(390, 640)),
  sheetRow('mesh-autumn', 'Foliage mesh, autumn', 'mesh', [260, 150], '#a5762e', pack(390, 640)),
  sheetRow('ivy-mesh-green', 'Fine mesh, ivy green', 'ivy-mesh', [250, 150], '#465f35', {
    ...pack(375, 720),
    note: 'Reads as ivy, as low birch, or as scrub of dry land (common practice).',
  }),
  sheetRow('horsehair', 'Rubberised horsehair, 20 mm', 'horsehair', [300, 200], '#4a3a2c', {
    ...pack(600, 780),
    note: 'One side is denser: cut it off (common practice).',
  }),
  sheetRow('cloth-yellow', 'Towelling, yellow', 'cloth', [400, 260], '#c9b365', {
    ...pack(1040, 150),
    note: 'Yellow beats orange (common practice).',
  }),
  sheetRow('grass-mat', 'Grass mat, summer', 'mat', [300, 200], '#7d8c49', pack(600, 990)),
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
  tease('hank-gathered', 'Dead grass, gathered and dried', 'hank', '#b8a468', {
    bulkGPerMl: 0.03,
    note: 'Fine stems of dead grass serve as field fibre (from memory).',
  }),
  pieces(
    'thyme-stems',
    'Thyme twigs',
    { stuff: 'twig', twig: 'stem', fromMm: 12, toMm: 55 },
    { pieceG: 0.15, note: 'Dead, dry, cut from old garden plants (common practice).' },
  ),
  powderRow('soil-coarse', 'Soil, coarse', 'soil', '#6b563e', 1.2, {
    grainMm: 2.5,
    note: 'Natural clay soil, not sand; dried, then sieved in three (common practice).',
  }),
  powderRow('soil-medium', 'Soil, medium', 'soil', '#74603f', 1.2, { grainMm: 0.9 }),
  powderRow('soil-fine', 'Soil, fine', 'soil', '#806a49', 1.1, {
    grainMm: 0.12,
    note: 'Shaken through a stocking (common practice).',
  }),
  // As the mixing model has it of its parts.
  powderRow('ground-buff', 'Ground mix, fine soil and pale grout 1 : 1', 'soil', '#ada495', 1.1, {
    grainMm: 0.1,
  }),
  powderRow('sawdust-green', 'Sawdust, dyed dark green', 'sawdust', '#44543a', 0.2, {
    note: 'Coarse, and garish alone: a little, on forest floors (common practice).',
  }),
  powderRow('lichen-shredded', 'Lichen, shredded', 'other', '#8b8f6a', 0.04, {
    note: 'Half of it left whole, for large texture (common practice).',
  }),
  powderRow('clump-shredded', 'Clump foam, shredded', 'other', '#51703a', 0.05, {
    note: 'It charges and clings until it is mixed in (common practice).',
  }),
  powderRow('scrub-blend', 'Shredded scrub, coarse', 'other', '#6f7349', 0.05),
  powderRow('scrub-fine', 'Shredded scrub, fine', 'other', '#7b7c52', 0.06),
  raw(
    'leaves-raw',
    'Fallen leaves, as gathered',
    '#8a6a44',
    0.05,
    'In late autumn, dry ones; ask first. Dry they keep for years (common practice).',
  ),
  raw('soil-raw', 'Clay soil, as dug', '#6f5a40', 1.2, 'Natural clay soil, not sand (common practice).'),
  raw('coffee-wet', 'Coffee grounds, wet', '#33241a', 0.7, 'Dry them the same day, or they mould.', 1),
  powderRow('petals-yellow', 'Flower powder, yellow', 'blossom', '#dcbf3f', 0.3, pack(10, 450)),
  powderRow('petals-purple', 'Flower powder, purple', 'blossom', '#8a6aa0', 0.3, pack(10, 450)),
  powderRow('petals-red', 'Flower powder, red', 'blossom', '#b5443f', 0.3, pack(10, 450)),
  powderRow('petals-blue', 'Flower powder, blue', 'blossom', '#6a7fb8', 0.3, pack(10, 450)),
  powderRow('petals-ochre', 'Seed powder, ochre', 'blossom', '#b08a45', 0.3, pack(10, 450)),
]
