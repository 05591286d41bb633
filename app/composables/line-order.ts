/** Puts the lines of the commission in another order, by their places among those that can be worked out. */
export function useLineOrder() {
  const moveLine = useDeed('moveLine')
  const commission = useCommission()
  return async (from: number, to: number): Promise<void> => {
    const [line, other] = [commission.plants[from]?.line, commission.plants[to]?.line]
    if (!line || !other || line === other) return
    // A table leaves out lines that can't be worked out: the place counts them too.
    const others = commission.lines.filter(({ id }) => id !== line.id)
    const place = others.findIndex(({ id }) => id === other.id) + (to > from ? 1 : 0)
    await moveLine(line.id, place)
  }
}
