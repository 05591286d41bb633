import { constant, law, number, power, product, quotient, sum, type Expression } from './expression'

const PI = constant('π', Math.PI, '', 'geometry')

/** Area of a disc: π/4 · d². */
export const discArea = (diameter: Expression): Expression =>
  law('area of a disc', 'geometry', product(quotient(PI, number(4)), power(diameter, 2)))

/** Surface of a rod without its ends: π · d · length. */
export const rodSurface = (diameter: Expression, length: Expression): Expression =>
  law('surface of a rod', 'geometry', product(PI, diameter, length))

/** Volume of a spherical cap by the width of its foot and its height as a share of that: π·h·(3a² + h²)/6. */
export const capVolume = (width: Expression, height: Expression): Expression =>
  law(
    'spherical cap',
    'solid geometry',
    product(quotient(PI, number(6)), power(width, 3), height, sum(number(0.75), power(height, 2))),
  )
