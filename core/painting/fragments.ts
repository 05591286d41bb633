/** What a fragment is of. */
export const Of = { leaf: 0, blade: 1, flower: 2, fruit: 3, wood: 4, eye: 5 } as const

/**
 * A fragment in 32 bits: what it is of (3), its tone (5), its place in the order of turning or, of wood, which
 * bark colour it has (8), the share at which it hangs or shows or, of twigs, is hidden (8), and at which it
 * flowers (8).
 */
export const fragmentOf = (of: number, tone: number, hue: number, from: number, bloom: number): number =>
  ((of << 29) | ((tone >> 3) << 24) | (hue << 16) | (from << 8) | bloom) >>> 0

/** Tones of a palette: a byte's upper five bits. */
export const TONES = 32
