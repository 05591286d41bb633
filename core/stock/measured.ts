import { counted, formatQuantity, plainNumber, type StockUnit } from '../units'
import type { Material } from './records'

const SPRAYS: ReadonlySet<string> = new Set(['spray-paint', 'hairspray', 'spray-adhesive'])
/** Drops to a millilitre. Common practice. */
const DROPS = 20
/** What a can gives by eye, ml. */
const SPRAY_STEP_ML = 5

type Measured = Pick<Material, 'of' | 'packQuantity'>

const isSpray = ({ of }: Pick<Material, 'of'>): boolean =>
  of.stuff === 'liquid' && SPRAYS.has(of.liquid ?? '')

/** A step up: forgives what floating point adds. */
const upTo = (quantity: number, step: number): number => Math.ceil(quantity / step - 1e-9) * step

/**
 * An amount to be taken, to what a bench can measure, rounded up: 0.1 g, 1 ml, drops below that, 5 ml of a spray,
 * whole things.
 */
export function measuredWords(quantity: number, unit: StockUnit, material?: Pick<Material, 'of'>): string {
  if (quantity <= 0) return formatQuantity(quantity, unit)
  switch (unit) {
    case 'piece':
      return formatQuantity(upTo(quantity, 1), unit)
    case 'g':
      return formatQuantity(upTo(quantity, quantity >= 100 ? 1 : 0.1), unit)
    case 'ml':
      if (material && isSpray(material)) return formatQuantity(upTo(quantity, SPRAY_STEP_ML), unit)
      return quantity < 1
        ? counted(upTo(quantity * DROPS, 1), 'drop')
        : formatQuantity(upTo(quantity, 1), unit)
    case 'mm':
    case 'cm2':
      return formatQuantity(upTo(quantity, 1), unit)
  }
}

const FRACTIONS: readonly (readonly [share: number, words: string])[] = [
  [3 / 4, 'three quarters'],
  [2 / 3, 'two thirds'],
  [1 / 2, 'half'],
  [1 / 3, 'a third'],
  [1 / 4, 'a quarter'],
  [1 / 5, 'a fifth'],
  [1 / 6, 'a sixth'],
  [1 / 8, 'an eighth'],
  [1 / 10, 'a tenth'],
  [1 / 15, 'a fifteenth'],
  [1 / 20, 'a twentieth'],
]

/** What share of its pack that is: "a tenth of the can"; empty where it hardly counts or no pack is known. */
export function packShareWords(quantity: number, material: Measured): string {
  const { packQuantity } = material
  if (packQuantity === undefined || packQuantity <= 0) return ''
  const share = quantity / packQuantity
  const pack = isSpray(material) ? 'can' : 'pack'
  if (share < 0.035) return ''
  if (share > 0.88) return share < 1.12 ? `a whole ${pack}` : `${plainNumber(share, 1)} ${pack}s`
  const off = (own: number): number => Math.abs(Math.log(share / own))
  const [, words] = FRACTIONS.reduce((best, next) => (off(next[0]) < off(best[0]) ? next : best))
  return `${words} of the ${pack}`
}

/** Whole things for one piece, where they do not come out even: "2 or 3". */
export function wholeEachWords(each: number): string {
  const [least, most] = [Math.floor(each + 1e-9), Math.ceil(each - 1e-9)]
  return least === most
    ? String(least)
    : least === 0
      ? `1 to ${plainNumber(1 / each, 0)}`
      : `${least} or ${most}`
}
