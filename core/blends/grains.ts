import { fromHex, type Linear } from '../colour'
import { fibreDiameterUm } from '../coverage'
import { colourOf, type Material, type Powder } from '../stock'
import { none, ok, type Reading } from '../units'

/** A loose material as a mix sees it: the colour of its grains, and how much of it is seen. */
export interface Grain {
  readonly material: Material
  readonly colour: Linear
  readonly hex: string
  /** Grains and flakes as spheres, fibres as rods lying down. */
  readonly shape: 'grain' | 'fibre'
  /** What the eye takes as its size, mm: a grain's diameter, a fibre's length. */
  readonly sizeMm: number
  /** Across: a grain's diameter, a fibre's thickness, mm. */
  readonly acrossMm: number
  /** Area that one millilitre of the loose heap shows when it lies one grain deep, mm². */
  readonly areaPerMl: number
  /** g of one millilitre of the loose heap. */
  readonly bulkGPerMl: number
  /** g/ml of the grain itself. */
  readonly densityGPerMl: number
}

/** What mixing asks of a material. */
export type Mixable = Pick<Material, 'name' | 'unit' | 'of' | 'densityGPerMl' | 'bulkGPerMl'>

/** Lichen and clump foam go through the blender before they are mixed: pieces of about this, mm. From memory. */
const SHREDDED_MM = 2.5
/** Grains of powders that don't say theirs, mm. From memory. */
const POWDER_MM: Record<Powder, number> = {
  grout: 0.08,
  sawdust: 0.6,
  coffee: 0.5,
  pastel: 0.03,
  blossom: 0.5,
  litter: 0.9,
  snow: 0.05,
  soil: 0.35,
  // What is shredded, shredded already.
  other: SHREDDED_MM,
}

/** What a heap holds of grain where the density of the grain is not known: loose spheres. From memory. */
const FILL = 0.4
/** Nylon, the stuff of static fibre, g/ml. */
const NYLON = 1.14

/** The size of a material's grains, mm, as they go into a mix; undefined for what is no grain. */
function grainMm({ of }: Mixable): number | undefined {
  switch (of.stuff) {
    case 'foam':
      return of.form === 'clump' ? Math.min(of.grainMm, SHREDDED_MM) : of.grainMm
    case 'powder':
      return of.grainMm ?? POWDER_MM[of.powder ?? 'other']
    case 'wool':
      return of.wool === 'lichen' ? SHREDDED_MM : undefined
    default:
      return undefined
  }
}

/** What must be shredded before it can be mixed. */
export const wantsShredding = ({ of }: Pick<Material, 'of'>): boolean =>
  (of.stuff === 'foam' && of.form === 'clump') || (of.stuff === 'wool' && of.wool === 'lichen')

/**
 * How a material shows in a mix: at equal volume spheres of diameter d show 1.5 · fill ÷ d, so that fine flock
 * dominates; fibres lying down show length × diameter each. Geometry.
 * @returns or which property is missing
 */
export function grainOf(material: Material): Reading<Grain> {
  const { name, of, bulkGPerMl } = material
  const hex = colourOf(of)
  if (material.unit !== 'g') return none(`“${name}” is not counted in grams: it can’t be mixed by parts.`)
  if (hex === undefined) return none(`“${name}” has no colour: set it on the material first.`)
  if (bulkGPerMl === undefined)
    return none(`“${name}” has no bulk density (of the loose heap): set it on the material first.`)
  const common = { material, hex, colour: fromHex(hex), bulkGPerMl }
  if (of.stuff === 'fibre') {
    const densityGPerMl = material.densityGPerMl ?? NYLON
    const acrossMm = fibreDiameterUm(of.dtex, densityGPerMl) / 1000
    const fibreG = (of.dtex / 1e7) * of.lengthMm
    return ok({
      ...common,
      shape: 'fibre',
      sizeMm: of.lengthMm,
      acrossMm,
      areaPerMl: (bulkGPerMl / fibreG) * of.lengthMm * acrossMm,
      densityGPerMl,
    })
  }
  const size = grainMm(material)
  if (size === undefined) return none(`“${name}” is no flock, fibre or powder: it can’t be mixed by parts.`)
  const densityGPerMl = material.densityGPerMl ?? bulkGPerMl / FILL
  const fill = Math.min(0.7, bulkGPerMl / densityGPerMl)
  return ok({
    ...common,
    shape: 'grain',
    sizeMm: size,
    acrossMm: size,
    areaPerMl: (1.5 * fill * 1000) / size,
    densityGPerMl,
  })
}

/** The grains of what can be mixed, by material. */
export function grainsOf(materials: readonly Material[]): ReadonlyMap<string, Grain> {
  const grains = new Map<string, Grain>()
  for (const material of materials) {
    const grain = grainOf(material)
    if (grain.kind === 'ok') grains.set(material.id, grain.value)
  }
  return grains
}
