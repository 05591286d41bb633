/**
 * Gives each row a column of its own so that the sum of costs is the least: the assignment problem, solved
 * exactly by shortest augmenting paths with potentials (the Hungarian method; Kuhn 1955, Munkres 1957).
 * @param costs rows of equal length, no more rows than columns; Infinity forbids
 * @returns the column of each row
 * @throws RangeError when there are more rows than columns
 */
export function assign(costs: readonly (readonly number[])[]): number[] {
  const rows = costs.length
  const columns = costs[0]?.length ?? 0
  if (rows === 0) return []
  if (rows > columns) throw new RangeError(`rows is ${rows}; it must be at most the columns, ${columns}`)
  // A forbidden pair costs more than any that is allowed, so that potentials stay numbers.
  const FORBIDDEN = 1e9
  const u = new Float64Array(rows + 1)
  const v = new Float64Array(columns + 1)
  const rowOf = new Int32Array(columns + 1)
  const way = new Int32Array(columns + 1)
  for (let row = 1; row <= rows; row += 1) {
    rowOf[0] = row
    const least = new Float64Array(columns + 1).fill(Infinity)
    const seen = new Uint8Array(columns + 1)
    let column = 0
    do {
      seen[column] = 1
      const at = rowOf[column] ?? 0
      let delta = Infinity
      let next = 0
      const own = costs[at - 1] ?? []
      for (let j = 1; j <= columns; j += 1) {
        if (seen[j]) continue
        const cost = Math.min(FORBIDDEN, own[j - 1] ?? FORBIDDEN) - (u[at] ?? 0) - (v[j] ?? 0)
        if (cost < (least[j] ?? Infinity)) {
          least[j] = cost
          way[j] = column
        }
        if ((least[j] ?? Infinity) < delta) {
          delta = least[j] ?? Infinity
          next = j
        }
      }
      for (let j = 0; j <= columns; j += 1)
        if (seen[j]) {
          const r = rowOf[j] ?? 0
          u[r] = (u[r] ?? 0) + delta
          v[j] = (v[j] ?? 0) - delta
        } else least[j] = (least[j] ?? 0) - delta
      column = next
    } while (rowOf[column] !== 0)
    while (column !== 0) {
      const before = way[column] ?? 0
      rowOf[column] = rowOf[before] ?? 0
      column = before
    }
  }
  const columnOf = new Array<number>(rows).fill(-1)
  for (let j = 1; j <= columns; j += 1) {
    const row = rowOf[j] ?? 0
    if (row > 0) columnOf[row - 1] = j - 1
  }
  return columnOf
}
