const MS_PER_DAY = 86_400_000

/** The date that lies `days` after a date, both as YYYY-MM-DD; the year turns over. */
export function addDays(date: string, days: number): string {
  return new Date(Date.parse(`${date}T00:00:00Z`) + days * MS_PER_DAY).toISOString().slice(0, 10)
}

/** Whole days from one date to another, both as YYYY-MM-DD; below 0 where the other came before. */
export const daysBetween = (from: string, to: string): number =>
  Math.round((Date.parse(`${to}T00:00:00Z`) - Date.parse(`${from}T00:00:00Z`)) / MS_PER_DAY)
