/** How rows of the catalogue are written: one short line a material. Densities are from memory. */

import type { Material } from '../records'
import type { Liquid, Powder, Stuff } from '../stuffs'

/** A material before a workshop takes it in. */
export type CatalogueRow = Omit<Material, 'changedAt' | 'removed' | 'fieldsAt'>

type Extra = Partial<Omit<CatalogueRow, 'id' | 'name' | 'of' | 'unit'>>

/** A pack: its quantity and its price in hundredths. */
export const pack = (packQuantity: number, packPriceMinor: number) => ({ packQuantity, packPriceMinor })

export const groundFoam = (id: string, name: string, grainMm: number, colour: string): CatalogueRow => ({
  id,
  name: `Ground foam, ${name}`,
  unit: 'g',
  of: { stuff: 'foam', form: 'ground', grainMm, colour },
  family: `ground foam, ${grainMm < 1 ? 'fine' : grainMm < 2 ? 'medium' : 'coarse'}`,
  densityGPerMl: 0.11,
  // The finer the grain, the closer it lies.
  bulkGPerMl: grainMm < 1 ? 0.07 : grainMm < 2 ? 0.055 : 0.045,
  ...pack(40, 480),
})

export const clumpFoam = (id: string, name: string, grainMm: number, colour: string): CatalogueRow => ({
  id,
  name: `Clump foam, ${name}`,
  unit: 'g',
  of: { stuff: 'foam', form: 'clump', grainMm, colour },
  family: 'clump foam',
  densityGPerMl: 0.11,
  bulkGPerMl: 0.035,
  ...pack(60, 480),
})

/** Bulk density of loose static fibre, g/ml: 0.10 of 2 mm, 0.05 of 6, 0.03 of 12; a power of the length. */
const fibreBulk = (lengthMm: number): number => Math.round(100 * (lengthMm / 2) ** -0.65) / 1000

export const fibreRow =
  (tone: string, colour: string) =>
  (lengthMm: number): CatalogueRow => ({
    id: `static-${tone}-${String(lengthMm).replace('.', '')}`,
    name: `Static fibre ${lengthMm} mm, ${tone}`,
    unit: 'g',
    of: { stuff: 'fibre', lengthMm, dtex: lengthMm < 4 ? 17 : 22, colour },
    family: `static fibre, ${tone}`,
    densityGPerMl: 1.14,
    bulkGPerMl: fibreBulk(lengthMm),
    ...pack(20, 420),
  })

export const liquidRow = (
  id: string,
  name: string,
  of: Liquid,
  densityGPerMl: number,
  extra: Extra,
): CatalogueRow => ({
  id,
  name,
  unit: 'ml',
  of: { stuff: 'liquid', liquid: of },
  densityGPerMl,
  ...extra,
})

export const paintRow = (id: string, name: string, colour: string): CatalogueRow => ({
  ...liquidRow(id, `Acrylic paint, ${name}`, 'paint', 1.2, { family: 'acrylic paint', ...pack(100, 420) }),
  of: { stuff: 'liquid', liquid: 'paint', colour, finish: 'matt' },
})

export const sprayPaintRow = (id: string, name: string, colour: string): CatalogueRow => ({
  ...liquidRow(id, `Spray paint, matt ${name}`, 'spray-paint', 0.8, {
    family: 'spray paint, matt',
    ...pack(400, 640),
  }),
  of: { stuff: 'liquid', liquid: 'spray-paint', colour, finish: 'matt' },
})

export const leaf = (id: string, name: string, colour: string): CatalogueRow => ({
  id,
  name: `Leaf scatter, ${name}`,
  unit: 'g',
  of: { stuff: 'foam', form: 'leaf', grainMm: 0.7, colour },
  family: 'leaf scatter',
  densityGPerMl: 0.25,
  bulkGPerMl: 0.06,
  ...pack(25, 690),
})

export const wire = (id: string, diameterMm: number, metres: number, price: number): CatalogueRow => ({
  id,
  name: `Soft wire, ${diameterMm} mm`,
  unit: 'mm',
  of: { stuff: 'wire', diameterMm },
  family: 'soft iron wire',
  // Iron, 7.87 g/ml.
  metreG: Math.round(7.87 * (Math.PI / 4) * diameterMm ** 2 * 1000) / 1000,
  ...pack(metres * 1000, price),
})

export const rodRow = (
  id: string,
  name: string,
  diameterMm: number,
  rodMm: number,
  price: number,
): CatalogueRow => ({
  id,
  name,
  unit: 'piece',
  of: { stuff: 'dowel', diameterMm, rodMm },
  family: 'dowel rods',
  ...pack(1, price),
})

export const powderRow = (
  id: string,
  name: string,
  of: Powder,
  colour: string,
  bulkGPerMl: number,
  { grainMm, ...extra }: Extra & { readonly grainMm?: number } = {},
): CatalogueRow => ({
  id,
  name,
  unit: 'g',
  of: { stuff: 'powder', powder: of, colour, ...(grainMm === undefined ? {} : { grainMm }) },
  bulkGPerMl,
  ...extra,
})

export const pieces = (id: string, name: string, of: Stuff, extra: Extra): CatalogueRow => ({
  id,
  name,
  unit: 'piece',
  of,
  ...extra,
})

export const trunk = (id: string, size: string, fromMm: number, toMm: number, extra: Extra): CatalogueRow =>
  pieces(
    id,
    `Moulded trunks, ${size}`,
    { stuff: 'goods', goods: 'trunk', fromMm, toMm },
    {
      family: 'moulded trunks',
      ...extra,
    },
  )

export const sheetRow = (
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

export const raw = (
  id: string,
  name: string,
  colour: string,
  bulkGPerMl: number,
  note: string,
  keepsDays?: number,
): CatalogueRow => ({
  id,
  name,
  unit: 'g',
  of: { stuff: 'other', colour },
  bulkGPerMl,
  ...(keepsDays === undefined ? {} : { keepsDays }),
  note,
})

/** What is mixed ahead, by volume, and kept covered. @param keepsDays from memory */
export const mixture = (
  id: string,
  name: string,
  parts: Extract<Stuff, { stuff: 'mixture' }>['parts'],
  densityGPerMl: number,
  keepsDays: number,
  extra: Extra & { colour?: string } = {},
): CatalogueRow => {
  const { colour, ...rest } = extra
  return {
    id,
    name,
    unit: 'ml',
    of: { stuff: 'mixture', parts, ...(colour === undefined ? {} : { colour }) },
    densityGPerMl,
    keepsDays,
    ...rest,
  }
}

export const tease = (
  id: string,
  name: string,
  of: Extract<Stuff, { stuff: 'wool' }>['wool'],
  colour: string,
  extra: Extra,
): CatalogueRow => ({ id, name, unit: 'g', of: { stuff: 'wool', wool: of, colour }, ...extra })
