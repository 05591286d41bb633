/** Numbers to an entry of a drawing's wood and blades: x1 y1 z1 x2 y2 z2, then the diameters at both ends. */
export const LINE_STRIDE = 8
/** Numbers to an entry of its marks: x y z, and half of its length as a vector. */
export const MARK_STRIDE = 6
/** Numbers to an entry of its organs: x y z, half of its length as a vector, half its width. */
export const ORGAN_STRIDE = 7
/** Bytes to an entry of the traits: see Trait. */
export const TRAIT_STRIDE = 4
/** Bytes to an organ's: tone, the share at which it shows, and its part. */
export const ORGAN_TRAITS = 3
