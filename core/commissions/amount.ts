import { counted, formatModelLength, formatQuantity, type UnitSystem } from '../units'
import { grownMm } from '../hedges'
import type { Amount, Line } from './records'

/** What is to be made of a line: a hedge without its gates and gaps; all else as it stands. */
export const madeAmount = ({ amount, gaps }: Pick<Line, 'amount' | 'gaps'>): Amount =>
  amount.kind === 'length' && gaps
    ? { ...amount, lengthMm: Math.max(1, grownMm(amount.lengthMm, gaps)) }
    : amount

/** An amount as a number: pieces, mm or cm². */
export const sizeOfAmount = (amount: Amount): number =>
  amount.kind === 'pieces' ? amount.pieces : amount.kind === 'length' ? amount.lengthMm : amount.areaCm2

/** An amount for reading: "24", "3.2 m", "600 cm²". */
export function amountText(amount: Amount, system: UnitSystem = 'metric'): string {
  switch (amount.kind) {
    case 'pieces':
      return String(amount.pieces)
    case 'length':
      return system === 'imperial'
        ? formatModelLength(amount.lengthMm, system)
        : formatQuantity(amount.lengthMm, 'mm')
    case 'area': {
      const { strip } = amount
      if (!strip) return formatQuantity(amount.areaCm2, 'cm2')
      const side = (mm: number): string =>
        system === 'imperial' ? formatModelLength(mm, system) : formatQuantity(mm, 'mm')
      return `${side(strip.lengthMm)} × ${side(strip.widthMm)}`
    }
  }
}

/** The amount with its noun: "24 pieces", "3.2 m of hedge". */
export function amountWithNoun(amount: Amount): string {
  if (amount.kind === 'pieces') return counted(amount.pieces, 'piece')
  return amount.kind === 'length' ? `${amountText(amount)} of hedge` : `${amountText(amount)} of ground`
}

/** Tufts of a patch that are shown one by one. */
const FEW = 12

/**
 * Pieces that a line shows at most when they are drawn one by one: its own, one stretch of a hedge, a few
 * tufts of a patch.
 */
export const piecesToShow = (amount: Amount): number =>
  amount.kind === 'pieces' ? amount.pieces : amount.kind === 'length' ? 1 : FEW
