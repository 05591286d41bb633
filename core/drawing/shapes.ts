/**
 * What a mark is drawn as: a cluster of leaves, a spray of needles, or a flower or seed head that is nothing
 * without its season.
 */
export const Shape = { cluster: 0, spray: 1, flowerOnly: 2 } as const
