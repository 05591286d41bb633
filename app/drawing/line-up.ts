/** What the line-up needs to know of a plant: what it is called, how many there are, and the size that it is drawn at. */
export interface Lined {
  readonly label: string
  readonly pieces: number
  readonly heightMm: number
  readonly crownWidthMm: number
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

/** Wide enough for a hand to hit, px; less where there are too many. */
const LEAST_STAND_PX = 46
const PERSON_PX = 46
const CHARACTER_PX = 6.9
const ROWS = 3
const MOST_COPIES = 7

/** Sets the plants side by side at one scale, as large as height and width allow. */
export function layOut<P extends Lined>(plants: readonly P[], personMm: number, room: Room): LineUp<P> {
  const roomPx = Math.max(1, room.widthPx - room.leftPx - room.rightPx)
  const tallest = Math.max(personMm, ...plants.map(({ heightMm }) => heightMm))
  const gapShare = 0.06
  const leastPx = Math.min(LEAST_STAND_PX, (roomPx * (1 - gapShare) - PERSON_PX) / Math.max(1, plants.length) / 1.6)
  const standPx = ({ crownWidthMm }: Lined, scale: number): number => Math.max(leastPx, crownWidthMm * scale)
  const byHeight = (room.groundPx - room.topPx) / (tallest * 1.04)
  const widthAt = (scale: number): number => plants.reduce((sum, plant) => sum + standPx(plant, scale), 0) + PERSON_PX + roomPx * gapShare
  const pxPerMm = widthAt(byHeight) <= roomPx ? byHeight : largestFitting(byHeight, (scale) => widthAt(scale) <= roomPx)
  const spare = Math.max(0, roomPx - widthAt(pxPerMm)) + roomPx * gapShare
  const gap = spare / (plants.length + 1)
  let x = room.leftPx + gap / 2
  const places = plants.map((plant) => {
    const wide = standPx(plant, pxPerMm)
    const left = x
    x += wide + gap
    return { plant, left, wide }
  })
  const personX = x + 8
  const labels = labelRows([...places.map(({ plant, left, wide }) => ({ text: plant.pieces > 1 ? `${plant.label} ×${plant.pieces}` : plant.label, at: left + wide / 2 })), { text: 'Person', at: personX }], room)
  const stands = places.map(({ plant, left, wide }, i): Stand<P> => {
    const each = Math.max(plant.crownWidthMm * pxPerMm * 1.3, 5)
    const count = Math.max(1, Math.min(MOST_COPIES, Math.floor(wide / each), plant.pieces))
    const middle = left + wide / 2
    const { text, x: labelX, row } = labels[i] ?? { text: '', x: middle, row: 0 }
    return { plant, xs: Array.from({ length: count }, (_, k) => middle + (k - (count - 1) / 2) * each), left, right: left + wide, label: text, labelX, row }
  })
  return { stands, personX, personRow: labels[labels.length - 1]?.row ?? 0, pxPerMm, topMm: (room.groundPx - room.topPx) / pxPerMm }
}

/**
 * Sets labels in up to three rows so that none touches its neighbour. Where they are too many, the long ones are cut short, and one that finds no
 * room at all is left to the table.
 */
function labelRows(labels: readonly { text: string; at: number }[], room: Room): { text: string; x: number; row: number }[] {
  const ends: number[] = new Array<number>(ROWS).fill(-Infinity)
  const roomPx = room.widthPx - room.leftPx - room.rightPx
  const crowded = labels.reduce((sum, { text }) => sum + text.length * CHARACTER_PX + 8, 0) > ROWS * 0.8 * roomPx
  const most = crowded ? Math.max(4, Math.floor(((roomPx / labels.length) * ROWS - 8) / CHARACTER_PX)) : Infinity
  return labels.map(({ text, at }) => {
    for (let length = Math.min(text.length, most); length >= Math.min(4, text.length); length -= 1) {
      const words = length < text.length ? `${text.slice(0, length - 1).trimEnd()}…` : text
      const half = (words.length * CHARACTER_PX) / 2
      const x = Math.min(room.widthPx - room.rightPx + 50 - half, Math.max(room.leftPx + half - 40, at))
      const row = ends.findIndex((end) => end < x - half - 6)
      if (row < 0) continue
      ends[row] = x + half
      return { text: words, x, row }
    }
    return { text: '', x: at, row: ROWS - 1 }
  })
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

/** Steps of a mm grid at a scale, and the steps that carry a number: lines at least 12 px apart. */
export function gridSteps(pxPerMm: number): { readonly step: number; readonly labelled: number } {
  const step = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100].find((candidate) => candidate * pxPerMm >= 12) ?? 200
  return { step, labelled: step * 5 }
}

/** How the line-up is looked at: magnified about the ground, and moved. */
export interface Sight { readonly zoom: number; readonly panX: number; readonly panY: number }
export const WHOLE: Sight = { zoom: 1, panX: 0, panY: 0 }
export const MOST_ZOOM = 24

/** Where a place of the layout is seen. */
export const seenX = (sight: Sight, x: number): number => x * sight.zoom + sight.panX

/** Magnifies by a factor about a place on the drawing, within bounds; the place keeps still. */
export function zoomAbout(sight: Sight, factor: number, at: { x: number; y: number }, groundPx: number): Sight {
  const zoom = Math.min(MOST_ZOOM, Math.max(1, sight.zoom * factor))
  if (zoom === 1) return WHOLE
  const by = zoom / sight.zoom
  const groundY = groundPx + sight.panY
  return { zoom, panX: at.x - (at.x - sight.panX) * by, panY: at.y - (at.y - groundY) * by - groundPx }
}

/** Keeps the plants in sight: the drawing can't be pushed away altogether. */
export function keptInSight(sight: Sight, room: Room, topMmPx: number): Sight {
  const wide = room.widthPx * sight.zoom
  return { zoom: sight.zoom, panX: Math.min(room.widthPx * 0.6, Math.max(room.widthPx * 0.4 - wide, sight.panX)), panY: Math.min(topMmPx * sight.zoom, Math.max(-room.groundPx * 0.6, sight.panY)) }
}
