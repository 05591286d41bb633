/** What a station wants to be looked at for. */
export interface Wants {
  readonly count: number
  readonly tone: 'hip' | 'larch' | 'plain'
  readonly says: string
}

/** A station shows a count only when it wants something. */
export function useWants() {
  const workshop = useWorkshop()
  const stock = useStock()
  const commission = useCommission()
  const shelf = useShelf()
  const blends = useBlends()
  const wants = computed<Record<string, Wants | undefined>>(() => {
    if (workshop.status !== 'open') return {}
    const short = workshop.ledgerRead ? shelf.shortages.length : 0
    const open = stock.open.length
    // Blends that lines take and that lack something, or look like another bag by now.
    const off = workshop.ledgerRead ? blends.wanting(shelf.usedMaterials, shelf.shortageOf) : 0
    const without = commission.lines.filter(({ methodId }) => methodId === undefined).length
    return {
      'make-up':
        without > 0 ? { count: without, tone: 'plain', says: `${without} without a method` } : undefined,
      blends: off > 0 ? { count: off, tone: 'larch', says: `${off} to look at` } : undefined,
      stock: short > 0 ? { count: short, tone: 'hip', says: `${short} short` } : undefined,
      bench: open > 0 ? { count: open, tone: 'larch', says: `${open} open` } : undefined,
    }
  })
  return { wants }
}
