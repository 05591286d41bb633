import { fibreRow, liquidRow, pack, pieces, sheetRow, tease, type CatalogueRow } from './rows'

/** A jar with times of its own, as its label says. */
const jar = (
  id: string,
  name: string,
  own: Omit<Extract<CatalogueRow['of'], { stuff: 'liquid' }>, 'stuff'>,
  density: number,
  size: readonly [ml: number, priceMinor: number],
  note?: string,
): CatalogueRow => ({
  ...liquidRow(id, name, own.liquid, density, pack(...size)),
  of: { stuff: 'liquid', ...own },
  ...(note === undefined ? {} : { note }),
})
const thing = (
  id: string,
  name: string,
  unit: CatalogueRow['unit'],
  colour: string,
  extra: Partial<CatalogueRow>,
): CatalogueRow => ({ id, name, unit, of: { stuff: 'other', colour }, ...extra })

/** Minutes of three days. */
const THREE_DAYS = 4320

/** Glues and fillers beside the usual ones: each with its own times. */
const jars: readonly CatalogueRow[] = [
  jar('tacky-pva', 'Tacky PVA', { liquid: 'pva', openSec: 240, setsMin: 240 }, 1.08, [250, 500]),
  jar(
    'wood-glue',
    'Wood glue, quick',
    { liquid: 'pva', openSec: 300, setsMin: 60 },
    1.08,
    [250, 450],
    'Dries yellowish and hard: not under thin foliage (common practice).',
  ),
  jar(
    'construction-adhesive',
    'Construction adhesive, solvent-free',
    { liquid: 'construction', openSec: 900, setsMin: THREE_DAYS, onFoam: 'spares' },
    1.4,
    [300, 600],
    'Under foam sheets in small pressed dots: a closed film never dries (common practice).',
  ),
  jar('wood-filler', 'Wood filler', { liquid: 'filler', openSec: 600, setsMin: 240 }, 1.6, [310, 600]),
  jar(
    'brush-varnish',
    'Matt varnish, brushed',
    { liquid: 'brush-varnish', finish: 'matt' },
    1.03,
    [100, 450],
  ),
  jar(
    'gloss-medium',
    'Gloss medium',
    { liquid: 'resin', finish: 'gloss', setsMin: 120 },
    1.04,
    [250, 1150],
    'For water alone: on leaf and bark it shines.',
  ),
  jar(
    'water-resin',
    'Water resin, two parts',
    { liquid: 'resin', finish: 'gloss', openSec: 900, setsMin: 1440 },
    1.1,
    [250, 2000],
    'In thin pours; gloves and air, as its label says.',
  ),
  jar(
    'glycerine',
    'Glycerine',
    { liquid: 'other' },
    1.26,
    [100, 300],
    'Keeps leaves and stems supple (from memory).',
  ),
]

/** Ground, stone and what landforms are built of. */
const building: readonly CatalogueRow[] = [
  sheetRow('foam-sheet', 'Rigid foam sheet, 20 mm', 'foam-sheet', [600, 300], '#c9d6de', {
    ...pack(1800, 600),
    note: 'Solvent and heat melt it.',
  }),
  thing('plaster', 'Plaster', 'g', '#efece4', { ...pack(5000, 700), bulkGPerMl: 0.9, keepsDays: 365 }),
  thing('plaster-cloth', 'Plaster cloth', 'cm2', '#efece4', { ...pack(10_000, 500), keepsDays: 730 }),
  thing('stones', 'Stones, broken slate', 'g', '#7d7a75', { bulkGPerMl: 1.5 }),
  thing('cork-bark', 'Cork bark', 'g', '#6b523c', { ...pack(200, 550), bulkGPerMl: 0.15 }),
]

/** What lies in the drawer. */
const drawer: readonly CatalogueRow[] = [
  thing('double-tape', 'Double-sided tape', 'mm', '#e9e6dc', pack(10_000, 280)),
  thing('masking-tape', 'Masking tape', 'mm', '#d9c98f', pack(50_000, 250)),
  tease('wig-hair', 'Wig hair, dark brown', 'hank', '#33271f', {
    ...pack(20, 400),
    bulkGPerMl: 0.05,
    note: 'Finer than field fibre: reed, dead grass, twigs of bushes (common practice).',
  }),
  {
    ...fibreRow('bristle', '#cdbb8f')(30),
    id: 'brush-bristle',
    name: 'Brush bristle, 30 mm',
    of: { stuff: 'fibre', lengthMm: 30, dtex: 400, colour: '#cdbb8f' },
    family: 'bristle',
    note: 'Flower stems and reed, cut from an old brush; set by hand (common practice).',
  },
  thing('fabric-dye', 'Fabric dye, green', 'g', '#3f5a33', pack(10, 350)),
  pieces(
    'florists-rod',
    'Florists’ rod, 1.2 × 300 mm',
    { stuff: 'other', colour: '#55604a' },
    { pieceG: 2.7, ...pack(50, 400) },
  ),
]

/** What lies on a bench besides foliage and fibre. Packs, prices, densities and labels' times from memory. */
export const workbench: readonly CatalogueRow[] = [...jars, ...building, ...drawer]
