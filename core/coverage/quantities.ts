import {
  constant,
  law,
  logarithm,
  MM_IN_CM,
  ONE,
  product,
  quotient,
  rest,
  sum,
  number,
  type Expression,
} from '../quantities'

/**
 * {@link massPerArea} as a quantity, g/cm²; −ln(g) is ln(1/g).
 * @param seeThrough share, above 0 to 1 @param grain mm @param density of the grain itself, g/ml
 */
export const flockMass = (seeThrough: Expression, grain: Expression, density: Expression): Expression =>
  law(
    'see-through law',
    'Beer–Lambert canopy law (Monsi & Saeki 1953; Nilson 1971)',
    product(
      logarithm(quotient(ONE, seeThrough)),
      quotient(number(2), number(3)),
      quotient(grain, MM_IN_CM),
      density,
    ),
  )

const DTEX = constant('', 1e7, 'mm·dtex/g', 'ISO 1144')

/** {@link fibreMassPerArea} as a quantity, g/cm². @param perCm2 1/cm² @param length mm @param dtex dtex */
export const fibreMass = (perCm2: Expression, length: Expression, dtex: Expression): Expression =>
  law('mass of fibres', 'ISO 1144 tex system', quotient(product(perCm2, length, dtex), DTEX))

/** What must be thrown so that so much sticks. */
export const thrown = (stuck: Expression, sticks: Expression): Expression => quotient(stuck, sticks)

/** What leaves the shelf for each gram that sticks: with what falls and does not come back, see {@link sprinkle}. */
export const lostInTheFall = (sticks: Expression, reclaimed: Expression): Expression =>
  sum(reclaimed, quotient(rest(reclaimed), sticks))
