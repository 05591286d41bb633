import { formatMinutes } from '../units'
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

/** Whether a material melts polystyrene or extruded foam that it is put on bare: as its jar says, else its kind. */
export const meltsFoam = ({ of }: Pick<Material, 'of'>): boolean =>
  of.stuff === 'liquid' && (of.onFoam === undefined ? MELTS.has(of.liquid) : of.onFoam === 'melts')

/** What is seen of a jar whose film shines on what looks grown; undefined where it dries matt or says nothing. */
export function sheenWords({ of }: Pick<Material, 'of'>): string | undefined {
  if (of.stuff !== 'liquid' || of.finish === undefined || of.finish === 'matt') return undefined
  return `${of.finish}: it shines on leaf and bark; take a matt one, or mist it matt when it is dry`
}

/** What a jar says of its own times: "can be worked on for 4 minutes, has set in 4 hours"; undefined where nothing. */
export function jarTimesWords({ of }: Pick<Material, 'of'>): string | undefined {
  if (of.stuff !== 'liquid') return undefined
  const words = [
    of.openSec === undefined ? undefined : `can be worked on for ${formatMinutes(of.openSec / 60)}`,
    of.setsMin === undefined ? undefined : `has set in ${formatMinutes(of.setsMin)}`,
  ].filter((one) => one !== undefined)
  return words.length === 0 ? undefined : words.join(', ')
}
