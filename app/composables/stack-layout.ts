import type { Bench, ActivitySlot, Sitting, Thread } from '~~/core/schedule'
import { namesInLines } from '~~/core/templates'

export type Zoom = 'tonight' | 'week' | 'season'

/** Sizes of a zoom, px. */
interface Sizes {
  readonly strip: number
  readonly gap: number
  /** Room above the strips of a sitting, for its waits. */
  readonly above: number
}
const sizesOf: Record<Zoom, Sizes> = {
  tonight: { strip: 64, gap: 6, above: 46 },
  week: { strip: 38, gap: 4, above: 26 },
  season: { strip: 15, gap: 2, above: 9 },
}

/** Room for dates at the left, and for names beside them where there are several, px. */
export const LEFT = 132
export const NAMES = 54
const LEAST_WIDTH = 7
/** Room that a letter takes in a box and under a strip, at most; lines of names under a strip, px. */
const NAME_CHAR_PX = 7.2
const UNDER_CHAR_PX = 6.6
const UNDER_LINES = 3
const UNDER_PX = 16
/** Minutes that are drawn of every sitting at least, and of free time after its last step. */
const LEAST_SHOWN = 90
const FREE_REST = 40
/** A season is drawn no further than this many sittings. */
const MOST_ROWS = 80

export interface Row {
  readonly sitting: Sitting
  readonly y: number
  readonly height: number
  readonly strips: readonly {
    readonly worker: number
    readonly y: number
    readonly open: readonly OpenBox[]
    readonly names: readonly UnderName[]
  }[]
}
export interface Box {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/** A name that does not fit into its step's box, under the strip; and where its line comes down from, px. */
export interface UnderName {
  readonly work: number
  readonly x: number
  readonly y: number
  readonly from: Pick<Box, 'x' | 'y'>
}

/** Open time; the minute until which it is free beyond what is drawn. */
export interface OpenBox extends Box {
  readonly freeTo?: number
}

/** What of the sittings is drawn at a zoom: tonight, the next seven days, or all that anything is laid into. */
export function shownSittings(
  sittings: readonly Sitting[],
  zoom: Zoom,
  placed: readonly (ActivitySlot | undefined)[],
): readonly Sitting[] {
  if (zoom === 'tonight') return sittings.slice(0, 1)
  const first = sittings[0]
  if (!first) return []
  const WEEK = 7 * 24 * 60
  if (zoom === 'week') return sittings.filter(({ from }) => from < first.from + WEEK)
  const last = Math.max(first.from + WEEK, ...placed.map((spot) => spot?.end ?? 0))
  return sittings.filter(({ from }) => from <= last).slice(0, MOST_ROWS)
}

/** Where everything of a stack of evenings is drawn, in px from its upper left corner. */
export function useStackLayout(
  bench: () => Bench,
  placed: () => readonly (ActivitySlot | undefined)[],
  sittings: () => readonly Sitting[],
  zoom: () => Zoom,
  width: () => number,
  /** How a step is called beside its box. */
  nameOf: (work: number) => string,
  /** Steps whose names come first where there is not room for all. */
  isFirst: (work: number) => boolean,
) {
  const sizes = computed(() => sizesOf[zoom()])
  /** As far into a sitting as anything reaches, and a bit: the free rest of a long one is told in words. */
  const longest = computed(() => {
    const reach = sittings().map(({ from, to, strips }) => {
      const used = strips.flatMap(({ works: own }) => own.map((work) => (placed()[work]?.end ?? from) - from))
      return Math.min(to - from, Math.max(0, ...used) + FREE_REST)
    })
    return Math.max(LEAST_SHOWN, ...reach)
  })
  const left = computed(() => LEFT + (bench().problem.workers.length > 1 ? NAMES : 0))
  const pxPerMin = computed(() => (width() - left.value - 12) / longest.value)

  const widthOf = ({ start, end }: ActivitySlot): number =>
    Math.max(LEAST_WIDTH, (end - start) * pxPerMin.value - 1)
  /** Whether a step's name stands in its box whole. */
  const fitting = computed(() =>
    placed().map(
      (spot, work) => spot !== undefined && nameOf(work).length * NAME_CHAR_PX + 12 <= widthOf(spot),
    ),
  )
  const nameFits = (work: number): boolean => fitting.value[work] ?? false
  /** Names of the steps of a strip that stand under it, as far as there is room. */
  function namesUnder(sitting: Sitting, own: readonly number[], foot: number): UnderName[] {
    if (zoom() === 'season') return []
    const unfit = own
      .flatMap((work) => {
        const spot = placed()[work]
        return spot && !nameFits(work) ? [{ work, x: xAt({ sitting }, spot.start) }] : []
      })
      .sort((a, b) => a.x - b.x)
    const lines = namesInLines(
      unfit.map(({ work, x }) => ({
        x,
        width: nameOf(work).length * UNDER_CHAR_PX + 10,
        first: isFirst(work),
      })),
      UNDER_LINES,
      width() - 4,
    )
    return unfit.flatMap(({ work, x }, i) => {
      const place = lines[i]
      return place ? [{ work, x: place.x, y: foot + 2 + place.line * UNDER_PX, from: { x, y: foot } }] : []
    })
  }

  const rows = computed<Row[]>(() => {
    const { strip, gap, above } = sizes.value
    let y = 0
    return sittings().map((sitting): Row => {
      const top = y + above
      let own = top
      const strips = sitting.strips.map(({ worker, open, works: steps }) => {
        const at = own
        const names = namesUnder(sitting, steps, at + strip)
        const foot = Math.max(at + strip, ...names.map((name) => name.y + UNDER_PX))
        own = foot + gap
        return {
          worker,
          names,
          y: at,
          open: open.flatMap(({ from, to }) => {
            const end = Math.min(to, sitting.from + longest.value)
            const x = left.value + (from - sitting.from) * pxPerMin.value
            const width = (end - from) * pxPerMin.value
            return width > 0 ? [{ x, y: at, width, height: strip, ...(end < to ? { freeTo: to } : {}) }] : []
          }),
        }
      })
      y = own
      return { sitting, y: top, height: own - top, strips }
    })
  })
  const height = computed(() => {
    const last = rows.value.at(-1)
    return last ? last.y + last.height + sizes.value.above : 0
  })
  const rowAt = (minute: number): Row | undefined =>
    rows.value.find(({ sitting }) => minute >= sitting.from && minute < sitting.to)
  const xAt = (row: { readonly sitting: Pick<Sitting, 'from'> }, minute: number): number =>
    left.value + (minute - row.sitting.from) * pxPerMin.value

  /** The box of a work where it is drawn; undefined where it lies elsewhere or nowhere. */
  function boxAt(spot: ActivitySlot | undefined): Box | undefined {
    const row = spot && rowAt(spot.start)
    const strip = row?.strips.find(({ worker }) => worker === spot?.worker)
    if (!spot || !row || !strip) return undefined
    return {
      x: xAt(row, spot.start),
      y: strip.y,
      width: widthOf(spot),
      height: sizes.value.strip,
    }
  }
  const boxes = computed(() => placed().map(boxAt))

  /** A thread as a path: out of the end of one box, down into the start of the next, or out at the foot. */
  function pathOf({ from, to }: Thread): string | undefined {
    const a = boxes.value[from]
    const b = boxes.value[to]
    if (!a) return undefined
    const [x, y] = [a.x + a.width, a.y + a.height]
    if (!b) return `M${x - 1} ${y} V${height.value}`
    if (b.y <= a.y) {
      const under = Math.max(y, b.y + b.height) + sizes.value.above * 0.4
      return `M${x - 1} ${y} C${x} ${under} ${b.x} ${under} ${b.x + 1} ${b.y + b.height}`
    }
    const bend = Math.min(40, (b.y - y) / 2 + 8)
    return `M${x - 1} ${y} C${x - 1} ${y + bend} ${b.x + 1} ${b.y - bend} ${b.x + 1} ${b.y}`
  }
  /** The strip under a point, with the sitting that it belongs to. */
  function stripAt(x: number, y: number): { sitting: Sitting; worker: number } | undefined {
    const { above } = sizes.value
    const row = rows.value.find((own) => y >= own.y - above && y < own.y + own.height)
    if (!row || x < 0) return undefined
    const worker = (row.strips.findLast((own) => y >= own.y) ?? row.strips[0])?.worker
    return worker === undefined ? undefined : { sitting: row.sitting, worker }
  }
  /** Full hours of a row, as far as it is drawn. @param clock the wall's words for a minute, "19:30" */
  function hoursOf({ sitting: { from, to } }: Row, clock: (minute: number) => string) {
    const HOUR = 60
    const end = Math.min(to, from + longest.value)
    const first = Array.from({ length: HOUR }, (_, i) => from + i).find((at) => clock(at).endsWith(':00'))
    if (first === undefined || first > end) return []
    return Array.from({ length: Math.floor((end - first) / HOUR) + 1 }, (_, i) => first + i * HOUR).map(
      (minute) => ({ words: clock(minute), x: xAt({ sitting: { from } }, minute) }),
    )
  }
  /** What dries after a work, as far as its sitting is drawn: a tail behind its box. */
  function tailOf(work: number): Box | undefined {
    const spot = placed()[work]
    const box = boxes.value[work]
    const row = spot && rowAt(spot.start)
    const waitMin = bench().works[work]?.waitMin ?? 0
    if (!spot || !box || !row || waitMin <= 0) return undefined
    const end = Math.min(spot.end + waitMin, row.sitting.to, row.sitting.from + longest.value)
    const x = box.x + box.width
    const TAIL = 8
    return { x, y: box.y + box.height - TAIL, width: xAt(row, end) - x, height: TAIL }
  }
  const works = computed(() => bench().works)
  return { nameFits, hoursOf, tailOf, rows, boxes, height, pathOf, stripAt, boxAt, works, xAt, sizes }
}
