import { massPerArea, RECLAIMED_SHARE, sprinkle } from '../foliage'
import type { Material } from '../stock'
import { formatQuantity } from '../units'
import { amount, figure, input } from './figures'
import type { Amount, Input, Origin } from './types'

/** Grain density of a foam whose row does not say, g/ml. From memory. */
const FOAM_DENSITY = 0.11

interface FlockCoat {
  readonly label: string
  readonly slot: string
  readonly material: Material
  readonly started: number
  /** Area that the flock covers, cm², with the words for it. */
  readonly areaCm2: number
  readonly areaInput: Input
  /** See-through of the coat in full leaf, and the share of the foliage on the day. */
  readonly seeThrough: number
  readonly seeThroughOrigin: Origin
  readonly leaf: number
  /** Share of the foliage that this coat makes up, 0–1, and why. */
  readonly share: Input & { readonly number: number }
  readonly stickShare: number
}

/**
 * Flock for a crown by the see-through law: −ln(g) · (2/3) · d · ρ · area, on the day's share of the foliage,
 * with what falls and does not come back.
 */
export function flockAmount(coat: FlockCoat): Amount {
  const { material, started } = coat
  const grainMm = material.grainMm ?? 0.5
  const density = material.densityGPerMl ?? FOAM_DENSITY
  const stuck = massPerArea(coat.seeThrough, grainMm, density) * coat.areaCm2 * coat.leaf * coat.share.number
  const each = sprinkle(stuck, coat.stickShare)
  const law: Input[] = [
    coat.areaInput,
    input('g, see-through in full leaf', coat.seeThrough, '', coat.seeThroughOrigin),
    input('foliage on the day', coat.leaf, '', 'memory'),
    input('d, grain', grainMm, 'mm', 'memory', material.name),
    input('ρ, density of a grain', density, 'g/ml', 'memory'),
    coat.share,
  ]
  const fall: Input[] = [
    input('sticks, of what is thrown', coat.stickShare, '', 'memory'),
    input('comes back from the tray', RECLAIMED_SHARE, '', 'common practice'),
  ]
  const source = 'Beer–Lambert canopy law (Monsi & Saeki 1953)'
  const perPiece = figure(
    each.leavesStockG,
    'g',
    '−ln(g) · (2/3) · d · ρ · area · foliage · share, plus what is lost in the fall',
    [...law, ...fall],
    'formula',
    source,
  )
  const thrown = figure(each.thrownG * started, 'g', 'stuck ÷ sticking share × pieces started', [
    input('stuck on one', formatQuantity(stuck, 'g'), '', 'formula'),
    ...fall,
    input('pieces started', started, '', 'formula'),
  ])
  return amount(coat.label, coat.slot, material, started, perPiece, undefined, thrown)
}
