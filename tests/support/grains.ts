import { labToHex } from '../../core/colour'
import { grainOf, type Grain, type Mixture, isSmallest, mixtureOf } from '../../core/blends'
import type { Material } from '../../core/stock'

const common = { unit: 'g', changedAt: '2026-01-01T00:00:00.000Z' } as const

/** Ground foam of a grain and a colour, as the catalogue has it. */
export const foam = (id: string, grainMm: number, colour: string): Material => ({
  ...common,
  id,
  name: `Foam ${id}`,
  of: { stuff: 'foam', form: 'ground', grainMm, colour },
  densityGPerMl: 0.11,
  bulkGPerMl: 0.045,
  packQuantity: 40,
})

/** Static fibre of 17 dtex. */
export const fibre = (id: string, lengthMm: number, colour: string): Material => ({
  ...common,
  id,
  name: `Fibre ${id}`,
  of: { stuff: 'fibre', lengthMm, dtex: 17, colour },
  densityGPerMl: 1.14,
  bulkGPerMl: 0.07,
  packQuantity: 20,
})

/** @throws Error where the material can't be mixed */
export function grain(material: Material): Grain {
  const read = grainOf(material)
  if (read.kind === 'none') throw new Error(read.because)
  return read.value
}

/** A colour that vegetation may have. */
export function leafColour(random: () => number): string {
  const hue = ((30 + random() * 110) * Math.PI) / 180
  const chroma = 8 + random() * 40
  return labToHex([20 + random() * 60, chroma * Math.cos(hue), chroma * Math.sin(hue)])
}

/** Flocks of several grains, and fibres, of any colour of leaves. */
export const flocks = (count: number, random: () => number): Grain[] =>
  Array.from({ length: count }, (_, i) =>
    grain(
      random() < 0.25
        ? fibre(`m${i}`, 2 + Math.floor(random() * 5), leafColour(random))
        : foam(`m${i}`, [0.4, 0.5, 0.6, 1.4, 2.6][Math.floor(random() * 5)] ?? 0.5, leafColour(random)),
    ),
  )

/** The nearest of all mixtures, one after the other. */
export function nearestByTrying(
  grains: readonly Grain[],
  off: (mixture: Mixture) => number,
  mostParts: number,
  mostMaterials: number,
  allowed: (counts: readonly number[]) => boolean = () => true,
): number {
  let nearest = Infinity
  const counts = grains.map(() => 0)
  const go = (from: number, used: number, left: number): void => {
    const portions = grains.flatMap((one, i) => (counts[i] ? [{ grain: one, parts: counts[i]! }] : []))
    if (used > 0 && isSmallest(portions.map(({ parts }) => parts)) && allowed(counts))
      nearest = Math.min(nearest, off(mixtureOf(portions)))
    if (used === mostMaterials) return
    for (let i = from; i < grains.length; i += 1)
      for (let parts = 1; parts <= left; parts += 1) {
        counts[i] = parts
        go(i + 1, used + 1, left - parts)
        counts[i] = 0
      }
  }
  go(0, 0, mostParts)
  return nearest
}
