/**
 * What the line-up needs to know of a plant: what it is called, how many there are, and the size that it is
 * drawn at.
 */
export interface Lined {
  readonly label: string
  /** Pieces that can be drawn beside each other. */
  readonly pieces: number
  /** How much of it the line wants, as its label says it: "×24", "1.2 m". */
  readonly amount: string
  readonly heightMm: number
  /** Width that it takes up, mm. */
  readonly crownWidthMm: number
  /** How far to the right of its foot the middle of that width lies, mm; 0 for what stands upright. */
  readonly leanMm?: number
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
  /** How high its shelf lies above the lowest. */
  readonly lift: number
  /** Row of the label: neighbours whose labels would touch are set one below the other. */
  readonly row: number
}

export interface LineUp<P extends Lined = Lined> {
  readonly stands: readonly Stand<P>[]
  readonly personX: number
  readonly personRow: number
  readonly pxPerMm: number
  /** Heights of the shelves above the lowest, px, from the top one to 0. */
  readonly shelves: readonly number[]
  /** Height of a shelf, mm: what its grid reaches. */
  readonly topMm: number
}

export interface Room {
  readonly widthPx: number
  readonly groundPx: number
  readonly topPx: number
  readonly leftPx: number
  readonly rightPx: number
  /** Room for labels under a shelf that is not the lowest. */
  readonly shelfPx?: number
}

/** Its name, with how much of it there is where that is more than one piece. */
export const labelOf = ({ label, amount }: Lined): string =>
  amount === '' || amount === '×1' ? label : `${label} ${amount}`

/** Wide enough for a hand to hit, px; less where there are too many. */
const LEAST_STAND_PX = 46
const PERSON_PX = 46
const CHARACTER_PX = 6.9
const ROWS = 3
const MOST_COPIES = 7

const GAP_SHARE = 0.06

/**
 * Sets the plants side by side at one scale, as large as height and width allow.
 * @param mostShelves many of a size are shared out on so many shelves, if that lets them be larger
 */
export function layOut<P extends Lined>(
  plants: readonly P[],
  personMm: number,
  room: Room,
  mostShelves = 1,
): LineUp<P> {
  const tallest = Math.max(personMm, ...plants.map(({ heightMm }) => heightMm))
  const ways = Array.from({ length: Math.max(1, Math.min(mostShelves, plants.length)) }, (_, i) =>
    shelvesOf(plants, i + 1, tallest, room),
  )
  const { rows, heightPx, pxPerMm } = ways.reduce((best, way) =>
    way.pxPerMm > best.pxPerMm * 1.02 ? way : best,
  )
  const shelves = rows.map((_, i) => (rows.length - 1 - i) * (heightPx + (room.shelfPx ?? 0)))
  const laid = rows.map((row, i) => shelf(row, pxPerMm, shelves[i] ?? 0, room, i === rows.length - 1))
  const last = laid[laid.length - 1]
  return {
    stands: laid.flatMap(({ stands }) => stands),
    shelves,
    personX: last?.personX ?? 0,
    personRow: last?.personRow ?? 0,
    pxPerMm,
    topMm: heightPx / pxPerMm,
  }
}

const roomPxOf = (room: Room): number => Math.max(1, room.widthPx - room.leftPx - room.rightPx)
/** Width of a stand at a scale: the plant's own, or what a hand needs to hit it. */
const standPx = ({ crownWidthMm }: Lined, scale: number, inRow: number, room: Room): number =>
  Math.max(
    Math.min(LEAST_STAND_PX, (roomPxOf(room) * (1 - GAP_SHARE) - PERSON_PX) / Math.max(1, inRow) / 1.6),
    crownWidthMm * scale,
  )
const widthAt = (row: readonly Lined[], scale: number, room: Room): number =>
  row.reduce((sum, plant) => sum + standPx(plant, scale, row.length, room), 0) +
  PERSON_PX +
  roomPxOf(room) * GAP_SHARE

/** The plants in order on so many shelves, and the largest scale at which they fit. */
function shelvesOf<P extends Lined>(
  plants: readonly P[],
  count: number,
  tallest: number,
  room: Room,
): { rows: P[][]; heightPx: number; pxPerMm: number } {
  const inRow = Math.max(1, Math.ceil(plants.length / count))
  const rows = Array.from({ length: Math.max(1, Math.ceil(plants.length / inRow)) }, (_, i) =>
    plants.slice(i * inRow, (i + 1) * inRow),
  )
  const heightPx = Math.max(
    1,
    (room.groundPx - room.topPx - (rows.length - 1) * (room.shelfPx ?? 0)) / rows.length,
  )
  const byHeight = heightPx / (tallest * 1.04)
  const fits = (scale: number): boolean => rows.every((row) => widthAt(row, scale, room) <= roomPxOf(room))
  return { rows, heightPx, pxPerMm: fits(byHeight) ? byHeight : largestFitting(byHeight, fits) }
}

function shelf<P extends Lined>(
  row: readonly P[],
  pxPerMm: number,
  lift: number,
  room: Room,
  person: boolean,
): { stands: Stand<P>[]; personX: number; personRow: number } {
  const roomPx = roomPxOf(room)
  const spare = Math.max(0, roomPx - widthAt(row, pxPerMm, room)) + roomPx * GAP_SHARE
  const gap = spare / (row.length + 1)
  let x = room.leftPx + gap / 2
  const places = row.map((plant) => {
    const wide = standPx(plant, pxPerMm, row.length, room)
    const left = x
    x += wide + gap
    return { plant, left, wide }
  })
  const personX = x + 8
  const labels = labelRows(
    [
      ...places.map(({ plant, left, wide }) => ({
        text: labelOf(plant),
        at: left + wide / 2,
      })),
      ...(person ? [{ text: 'Person', at: personX }] : []),
    ],
    room,
  )
  const stands = places.map(({ plant, left, wide }, i): Stand<P> => {
    const each = Math.max(plant.crownWidthMm * pxPerMm * 1.3, 5)
    const count = Math.max(1, Math.min(MOST_COPIES, Math.floor(wide / each), plant.pieces))
    const middle = left + wide / 2
    const foot = middle - (plant.leanMm ?? 0) * pxPerMm
    const { text, x: labelX, row: labelRow } = labels[i] ?? { text: '', x: middle, row: 0 }
    return {
      plant,
      xs: Array.from({ length: count }, (_, k) => foot + (k - (count - 1) / 2) * each),
      left,
      right: left + wide,
      lift,
      label: text,
      labelX,
      row: labelRow,
    }
  })
  return { stands, personX, personRow: labels[labels.length - 1]?.row ?? 0 }
}

/**
 * Sets labels in up to three rows so that none touches its neighbour. Where they are too many, the long ones
 * are cut short, and one that finds no room at all is left to the table.
 */
function labelRows(
  labels: readonly { text: string; at: number }[],
  room: Room,
): { text: string; x: number; row: number }[] {
  const ends: number[] = new Array<number>(ROWS).fill(-Infinity)
  const roomPx = room.widthPx - room.leftPx - room.rightPx
  const crowded =
    labels.reduce((sum, { text }) => sum + text.length * CHARACTER_PX + 8, 0) > ROWS * 0.8 * roomPx
  const most = crowded
    ? Math.max(4, Math.floor(((roomPx / labels.length) * ROWS - 8) / CHARACTER_PX))
    : Infinity
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
