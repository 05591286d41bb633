/** Labels that are printed at once, at most. */
export const MOST_LABELS = 300
