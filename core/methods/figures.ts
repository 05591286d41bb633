import type { Material } from '../stock'
import { formatQuantity, plainNumber, type Figure, type Input, type Origin } from '../units'
import type { Amount, Piece } from './types'

/** An input of a formula, shown as a person would write it. */
export function input(
  name: string,
  value: number | string,
  unit: string,
  origin: Origin,
  note?: string,
): Input {
  const shown =
    typeof value === 'number'
      ? plainNumber(value, Math.abs(value) < 0.1 ? 4 : Math.abs(value) < 10 ? 2 : 1)
      : value
  return {
    name,
    value: unit === '' ? shown : `${shown} ${unit}`,
    origin,
    ...(note === undefined ? {} : { note }),
  }
}

export function figure(
  value: number,
  unit: string,
  formula: string,
  inputs: readonly Input[],
  origin: Origin = 'formula',
  source?: string,
): Figure {
  return { value, unit, formula, inputs, origin, ...(source === undefined ? {} : { source }) }
}

/** An amount of a material that is used up piece by piece. @param perPiece in the material's unit */
export function amount(
  label: string,
  slot: string,
  material: Material,
  started: number,
  perPiece: Figure,
  total?: Figure,
  onTray?: Figure,
): Amount {
  return {
    slot,
    label,
    materialId: material.id,
    materialName: material.name,
    unit: material.unit,
    perPiece,
    total:
      total ??
      figure(perPiece.value * started, material.unit, 'amount for one × pieces started', [
        input('amount for one', formatQuantity(perPiece.value, material.unit), '', perPiece.origin),
        input('pieces started', started, '', 'formula'),
      ]),
    ...(onTray === undefined ? {} : { onTray }),
  }
}

/** The words for a piece's crown as it went into a formula. */
export const crownInputs = (piece: Piece): Input[] => [
  input(
    'crown from the side',
    piece.sideAreaCm2,
    'cm²',
    'formula',
    'the outline of the crown form, integrated',
  ),
]
