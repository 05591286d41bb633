import type { Material } from './records'

/** A material before a workshop takes it in. */
export type CatalogueRow = Omit<Material, 'changedAt' | 'removed'>

const foam = (id: string, name: string, grainMm: number, colour: string): CatalogueRow => ({
  id, name, kind: grainMm >= 3 ? 'clump' : 'foam', unit: 'g', densityGPerMl: 0.11, grainMm, colour, packQuantity: grainMm >= 3 ? 60 : 40, packPriceMinor: 480,
})

const fibre = (tone: string, colour: string) => (fibreMm: number): CatalogueRow => ({
  id: `static-${tone}-${String(fibreMm).replace('.', '')}`, name: `Static fibre ${fibreMm} mm, ${tone}`, kind: 'static-fibre', unit: 'g', fibreMm, dtex: fibreMm < 4 ? 17 : 22, densityGPerMl: 1.14, colour,
  packQuantity: 20, packPriceMinor: 420,
})

/**
 * The materials that a new workshop starts with. Named by what they are; densities and packs are from memory and are there to be
 * overwritten. Grain densities are those of a single dyed foam grain, not of the loose heap.
 */
export const catalogue: readonly CatalogueRow[] = [
  { id: 'sprigs', name: 'Dried sprigs', kind: 'sprig', unit: 'piece', fromMm: 40, toMm: 200, packQuantity: 35, packPriceMinor: 1900, note: 'Sold by the quarter-bushel box as 30 to 35 trees; sorted well it gives 100 or more (common practice).' },
  { id: 'trunk-small', name: 'Moulded trunks, small', kind: 'trunk', unit: 'piece', fromMm: 35, toMm: 75, packQuantity: 24, packPriceMinor: 1100 },
  { id: 'trunk-medium', name: 'Moulded trunks, medium', kind: 'trunk', unit: 'piece', fromMm: 70, toMm: 130, packQuantity: 14, packPriceMinor: 1250 },
  { id: 'trunk-large', name: 'Moulded trunks, large', kind: 'trunk', unit: 'piece', fromMm: 125, toMm: 230, packQuantity: 6, packPriceMinor: 1300 },
  { id: 'filter-wool', name: 'Filter wool, undyed', kind: 'fibre-wool', unit: 'g', densityGPerMl: 0.02, colour: '#d9d8cf', packQuantity: 250, packPriceMinor: 350, note: 'The aquarium kind costs about a quarter of hobby fibre and is the same thing (common practice).' },
  foam('foam-fine-light', 'Ground foam, fine, light green', 0.5, '#86a045'),
  foam('foam-fine-mid', 'Ground foam, fine, mid green', 0.5, '#5a7a36'),
  foam('foam-fine-dark', 'Ground foam, fine, dark green', 0.5, '#3a5330'),
  foam('foam-fine-conifer', 'Ground foam, fine, conifer green', 0.6, '#2e4b38'),
  foam('foam-fine-yellow', 'Ground foam, fine, autumn yellow', 0.5, '#c39a35'),
  foam('foam-fine-rust', 'Ground foam, fine, rust', 0.5, '#9c5a2c'),
  foam('foam-fine-straw', 'Ground foam, fine, straw', 0.5, '#b7a36a'),
  foam('foam-medium-mid', 'Ground foam, medium, mid green', 1.4, '#56763a'),
  foam('foam-medium-olive', 'Ground foam, medium, olive', 1.4, '#7d7f45'),
  foam('foam-medium-russet', 'Ground foam, medium, russet', 1.4, '#8f6a33'),
  foam('clump-mid', 'Clump foam, mid green', 5, '#51703a'),
  foam('clump-grey-green', 'Clump foam, grey-green', 4, '#74825f'),
  foam('clump-autumn', 'Clump foam, autumn', 5, '#a5762e'),
  ...[2, 4, 6].map(fibre('spring', '#86a54a')),
  ...[2, 4, 6, 12].map(fibre('summer', '#6b8743')),
  ...[2, 4, 6, 12].map(fibre('straw', '#bda76c')),
  ...[4, 6].map(fibre('dead', '#9a7348')),
  { id: 'backing', name: 'Release backing (greaseproof)', kind: 'backing', unit: 'cm2', packQuantity: 30_000, packPriceMinor: 220 },
  { id: 'matte-medium', name: 'Matte medium', kind: 'matte-medium', unit: 'ml', densityGPerMl: 1.05, packQuantity: 250, packPriceMinor: 1150 },
  { id: 'pva', name: 'PVA', kind: 'pva', unit: 'ml', densityGPerMl: 1.07, packQuantity: 1000, packPriceMinor: 750 },
  { id: 'contact-adhesive', name: 'Contact adhesive that stays sticky', kind: 'contact-adhesive', unit: 'ml', densityGPerMl: 1.0, packQuantity: 120, packPriceMinor: 890 },
  { id: 'hairspray', name: 'Hairspray, super hold', kind: 'hairspray', unit: 'ml', densityGPerMl: 0.75, packQuantity: 300, packPriceMinor: 280 },
  { id: 'spray-grey-brown', name: 'Spray paint, matt grey-brown', kind: 'spray-paint', unit: 'ml', densityGPerMl: 0.8, colour: '#7d756b', packQuantity: 400, packPriceMinor: 640 },
  { id: 'paint-dark-brown', name: 'Acrylic paint, dark brown', kind: 'paint', unit: 'ml', densityGPerMl: 1.2, colour: '#4c3a2c', packQuantity: 100, packPriceMinor: 420 },
  { id: 'paint-dark-green', name: 'Acrylic paint, dark green', kind: 'paint', unit: 'ml', densityGPerMl: 1.2, colour: '#33472c', packQuantity: 100, packPriceMinor: 420 },
]
