/** What the line-up needs to know of a plant. */
export interface Lined {
  readonly line: { readonly name: string; readonly pieces: number }
  readonly size: { readonly heightMm: number; readonly crownWidthMm: number }
}

/** Where a line stands in the line-up. All in px. */
export interface Stand<P extends Lined = Lined> {
  readonly plant: P
  /** Foot of each plant drawn: one tree, or a few of what is small. */
  readonly xs: readonly number[]
  readonly left: number
  readonly right: number
  readonly label: string
  readonly labelX: number
  /** Row of the label: neighbours whose labels would touch are set one below the other. */
  readonly row: number
}

export interface LineUp<P extends Lined = Lined> {
  readonly stands: readonly Stand<P>[]
  readonly personX: number
  readonly personRow: number
  readonly pxPerMm: number
  /** Height that the grid reaches, mm. */
  readonly topMm: number
}

export interface Room { readonly widthPx: number; readonly groundPx: number; readonly topPx: number; readonly leftPx: number; readonly rightPx: number }

/** Wide enough for a hand to hit, px. */
const LEAST_STAND_PX = 46
const CHARACTER_PX = 6.9

/** Sets the plants side by side at one scale, as large as height and width allow. */
export function layOut<P extends Lined>(plants: readonly P[], personMm: number, room: Room): LineUp<P> {
  const roomPx = Math.max(1, room.widthPx - room.leftPx - room.rightPx)
  const tallest = Math.max(personMm, ...plants.map(({ size }) => size.heightMm))
  const gapShare = 0.06
  const byHeight = (room.groundPx - room.topPx) / (tallest * 1.04)
  const widthAt = (scale: number): number => plants.reduce((sum, plant) => sum + standPx(plant, scale), 0) + 46 + roomPx * gapShare
  const pxPerMm = widthAt(byHeight) <= roomPx ? byHeight : largestFitting(byHeight, (scale) => widthAt(scale) <= roomPx)
  const spare = Math.max(0, roomPx - widthAt(pxPerMm)) + roomPx * gapShare
  const gap = spare / (plants.length + 1)
  let x = room.leftPx + gap / 2
  const ends: number[] = []
  const rowFor = (at: number, half: number): number => {
    const row = [0, 1, 2].find((candidate) => (ends[candidate] ?? -Infinity) < at - half - 8) ?? 2
    ends[row] = at + half
    return row
  }
  const stands = plants.map((plant): Stand<P> => {
    const wide = standPx(plant, pxPerMm)
    const each = plant.size.crownWidthMm * pxPerMm
    const count = Math.max(1, Math.min(7, Math.floor(wide / Math.max(each * 1.3, 5)), plant.line.pieces))
    const middle = x + wide / 2
    const label = `${plant.line.name} ×${plant.line.pieces}`
    const halfLabel = (label.length * CHARACTER_PX) / 2
    const labelX = Math.min(room.widthPx - room.rightPx - halfLabel, Math.max(room.leftPx + halfLabel - 30, middle))
    const row = rowFor(labelX, halfLabel)
    const stand = { plant, xs: Array.from({ length: count }, (_, i) => middle + (i - (count - 1) / 2) * Math.max(each * 1.3, 5)), left: x, right: x + wide, label, labelX, row }
    x += wide + gap
    return stand
  })
  const personX = x + 8
  return { stands, personX, personRow: rowFor(personX, 3 * CHARACTER_PX), pxPerMm, topMm: (room.groundPx - room.topPx) / pxPerMm }
}

/** The largest scale below a bound that fits, by halving. */
function largestFitting(bound: number, fits: (scale: number) => boolean): number {
  let [low, high] = [0, bound]
  for (let i = 0; i < 40; i += 1) {
    const middle = (low + high) / 2
    if (fits(middle)) low = middle
    else high = middle
  }
  // With no room at all, as before the page is laid out, a scale that draws next to nothing.
  return Math.max(low, bound * 0.005)
}

const standPx = ({ size }: Lined, pxPerMm: number): number => Math.max(LEAST_STAND_PX, size.crownWidthMm * pxPerMm)
