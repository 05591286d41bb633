import { ownCoefficientSchema, type OwnCoefficient } from '../../../core/quantities'
import { methodCoefficient } from '../../../core/methods'
import { none, plainNumber, type Reading } from '../../../core/units'
import { withChange } from '../../../core/workshop'
import { check, type CommandContext } from './context'

/**
 * Sets a coefficient to the maker's own value, or takes that back.
 * @param value absent: what the app knows holds again
 */
export async function setCoefficient(
  { db, now }: CommandContext,
  id: string,
  value: number | undefined,
): Promise<Reading<OwnCoefficient>> {
  const coefficient = methodCoefficient(id)
  if (!coefficient) return none(`coefficient: “${id}” is not known.`)
  const [least, most] = coefficient.range
  if (value !== undefined && !(value >= least && value <= most))
    return none(
      `${coefficient.name}: read ${plainNumber(value, 4)} ${coefficient.unit}; allowed is ${least} to ${most}.`,
    )
  return db.transaction('rw', db.coefficients, async () => {
    const stored = await db.coefficients.get(id)
    const change = {
      removed: value === undefined ? true : undefined,
      ...(value === undefined ? {} : { value }),
    }
    const checked = check(
      ownCoefficientSchema,
      stored
        ? withChange(stored, change, now())
        : {
            id,
            value: value ?? coefficient.value,
            changedAt: now(),
            ...(value === undefined ? { removed: true } : {}),
          },
    )
    if (checked.kind === 'ok') await db.coefficients.put(checked.value)
    return checked
  })
}
