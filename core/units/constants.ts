/** Exact or published conversion factors. Source: NIST SP 811 and NIST Handbook 44, Appendix C. */
export const MM_PER_INCH = 25.4
export const MM_PER_FOOT = 304.8
export const MM_PER_YARD = 914.4
/** Avoirdupois ounce, g (exact: 28.349523125). */
export const G_PER_OUNCE = 28.349523125
/** Avoirdupois pound, g (exact). */
export const G_PER_POUND = 453.59237
/** US fluid ounce, mL (exact: 29.5735295625). */
export const ML_PER_US_FLUID_OUNCE = 29.5735295625
/** US bushel, mL (exact: 2150.42 cubic inches = 35.23907016688 L). */
export const ML_PER_US_BUSHEL = 35_239.07016688

/** US gallon, ml: 231 cubic inches. Source: NIST Handbook 44, App. C. */
export const ML_PER_US_GALLON = 231 * 16.387064
