import type { Liquid } from './stuffs'
import type { Material } from './records'

/** Liquids whose solvent or heat eats rigid foam. Common practice: test a scrap; what is sealed first is safe. */
const MELTS: ReadonlySet<Liquid> = new Set([
  'spray-adhesive',
  'contact-adhesive',
  'spray-paint',
  'varnish',
  'ca',
  'activator',
  'stain',
  'hot-glue',
])

/** Whether a material melts polystyrene or extruded foam that it is put on bare. */
export const meltsFoam = ({ of }: Pick<Material, 'of'>): boolean =>
  of.stuff === 'liquid' && MELTS.has(of.liquid)
