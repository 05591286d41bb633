import { sealedHex } from '../colour'
import type { Material, Stuff } from '../stock'
import type { Grain } from './grains'
import { mixtureOf, portionsOf, type Mixture } from './mixture'
import type { Blend, BlendUse } from './records'
import { meshWords, sieved } from './sieve'
import { measuredTile, type Sealings, type Tile } from './tiles'

/** The jars that a blend fills: the whole of it, or what its sieve lets through and holds back. */
export type Jar = 'whole' | 'passed' | 'held'

const JAR_ENDS: Record<Jar, string> = { whole: '', passed: '-fine', held: '-coarse' }

/** The material that a blend's jar is. */
export const blendMaterialId = (blendId: string, jar: Jar = 'whole'): string =>
  `blend-${blendId}${JAR_ENDS[jar]}`

/** The jars of a blend: one, or two where it is sieved. */
export const jarsOf = ({ sieveMm }: Pick<Blend, 'sieveMm'>): readonly Jar[] =>
  sieveMm === undefined ? ['whole'] : ['held', 'passed']

/** What a blend is worked with as: ways of making ask for foam, fibre or powder. */
function stuffOf(use: BlendUse, { grainMm, dryHex: colour, portions }: Mixture): Stuff {
  const size = Math.min(60, Math.max(0.02, Math.round(grainMm * 1000) / 1000))
  switch (use) {
    case 'sward': {
      const fibres = portions.flatMap(({ grain, parts }) =>
        grain.material.of.stuff === 'fibre' ? [{ of: grain.material.of, parts }] : [],
      )
      const all = fibres.reduce((sum, { parts }) => sum + parts, 0)
      const mean = (of: (fibre: (typeof fibres)[number]) => number): number =>
        all === 0 ? 1 : fibres.reduce((sum, fibre) => sum + fibre.parts * of(fibre), 0) / all
      return {
        stuff: 'fibre',
        lengthMm: Math.round(mean(({ of }) => of.lengthMm) * 100) / 100,
        dtex: Math.round(mean(({ of }) => of.dtex) * 100) / 100,
        colour,
      }
    }
    case 'litter':
      return { stuff: 'powder', powder: 'litter', grainMm: size, colour }
    case 'ground':
      return { stuff: 'powder', powder: 'soil', grainMm: size, colour }
    default:
      return { stuff: 'foam', form: 'ground', grainMm: size, colour }
  }
}

/** A jar of a blend, as a material of the shelf. */
export interface FilledJar {
  readonly jar: Jar
  readonly material: Material
  /** Share of the whole by mass, 0–1; and of each portion, in their order. */
  readonly massShare: number
  readonly ofEach: readonly number[]
}

/** A blend as it stands: its mixture, and its jars as materials of the shelf. */
export interface MixedBlend {
  readonly blend: Blend
  readonly mixture: Mixture
  /** Dry and sealed, "#rrggbb": as measured on its tile, where there is one. */
  readonly dry: string
  readonly sealed: string
  readonly tile?: Tile
  /** What it fills: one jar, or one for each side of its sieve. */
  readonly jars: readonly FilledJar[]
  /** Materials in its parts that are not known or can't be mixed. */
  readonly unknown: readonly string[]
}

const inBounds = (value: number): number => Math.min(25, Math.max(0.001, Math.round(value * 1e5) / 1e5))

/**
 * A blend worked out: what it looks like, and its jars as materials that slots and the shelf can take. Undefined while
 * it has no parts that are known. Derived, not stored: what is measured of its materials changes it.
 */
export function mixedBlend(
  blend: Blend,
  grains: ReadonlyMap<string, Grain>,
  tiles: readonly Tile[],
  sealings: Sealings,
): MixedBlend | undefined {
  const { portions, unknown } = portionsOf(blend.parts, grains)
  if (portions.length === 0) return undefined
  const mixture = mixtureOf(portions)
  const sealing = sealings[blend.sealer]
  const tile = unknown.length === 0 ? measuredTile(blend, tiles) : undefined
  const dry = tile?.dry ?? mixture.dryHex
  const sealed = tile?.sealed ?? sealedHex(mixture.dry, sealing)
  const split = blend.sieveMm === undefined ? undefined : sieved(portions, blend.sieveMm)
  const jars = jarsOf(blend).flatMap((jar): FilledJar[] => {
    const side = jar === 'whole' ? undefined : split?.[jar]
    const own = jar === 'whole' ? mixture : side?.mixture
    if (!own) return []
    const colours =
      jar === 'whole' ? { dry, sealed } : { dry: own.dryHex, sealed: sealedHex(own.dry, sealing) }
    const material: Material = {
      id: blendMaterialId(blend.id, jar),
      name: jarName(blend, jar),
      unit: 'g',
      of: stuffOf(blend.use, { ...own, dryHex: colours.dry }),
      family: 'blends',
      densityGPerMl: inBounds(own.densityGPerMl),
      bulkGPerMl: inBounds(own.bulkGPerMl),
      blendId: blend.id,
      sealed: colours.sealed,
      changedAt: blend.changedAt,
    }
    return [{ jar, material, massShare: side?.massShare ?? 1, ofEach: side?.ofEach ?? portions.map(() => 1) }]
  })
  return { blend, mixture, dry, sealed, jars, unknown, ...(tile ? { tile } : {}) }
}

/** What stands on a blend's jar. */
function jarName({ name, sieveMm }: Pick<Blend, 'name' | 'sieveMm'>, jar: Jar): string {
  const short = name.slice(0, 90)
  if (jar === 'whole' || sieveMm === undefined) return short
  return jar === 'passed' ? `${short}, fine` : `${short}, coarse`
}

/** What each side of the sieve is for. Common practice. */
export const jarWords = (jar: Jar, sieveMm: number | undefined): string =>
  sieveMm === undefined || jar === 'whole'
    ? 'all of it'
    : jar === 'passed'
      ? `through ${meshWords(sieveMm)}: edges and clearings`
      : `held by ${meshWords(sieveMm)}: thick growth`
