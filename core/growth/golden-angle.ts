/** What stands one by one around a stem turns on by this, radians. Source: phyllotaxis, 137.5°. */
export const GOLDEN_ANGLE = Math.PI * (3 - Math.sqrt(5))
