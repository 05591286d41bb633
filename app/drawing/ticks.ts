/** A tick of a rule or a line of a grid. */
export interface Tick {
  /** In the unit of the scale. */
  readonly value: number
  readonly labelled: boolean
  /** Halfway between two that are labelled. */
  readonly half: boolean
}

/**
 * The least round step (1, 2 or 5 times a power of ten) that takes so many pixels.
 * @param pxPerUnit pixels to a unit of the scale
 */
export function roundStep(pxPerUnit: number, leastPx: number): number {
  const least = leastPx / pxPerUnit
  const power = Math.floor(Math.log10(least))
  const step = [1, 2, 5, 10].find((times) => times * 10 ** power >= least * (1 - 1e-9)) ?? 10
  return Number((step * 10 ** power).toPrecision(12))
}

/** Into how many parts a step of 1, 2 or 5 is divided, the finest first. */
const partsOf = (step: number): readonly number[] =>
  Math.round(step / 10 ** Math.floor(Math.log10(step) + 1e-9)) === 2 ? [10, 4, 2, 1] : [10, 5, 2, 1]

/**
 * Ticks at round values, those with a number so far apart as numbers need, and as many between them as have room.
 * @param span ends of the scale, in its unit @param pxPerUnit pixels to a unit
 * @param room least distance of ticks, and of those with a number, px
 */
export function roundTicks(
  [from, to]: readonly [number, number],
  pxPerUnit: number,
  room: { readonly tickPx: number; readonly labelPx: number },
): Tick[] {
  if (!(to > from) || !(pxPerUnit > 0)) return []
  const step = roundStep(pxPerUnit, room.labelPx)
  const parts = partsOf(step).find((count) => (pxPerUnit * step) / count >= room.tickPx) ?? 1
  return between(from, to, step, parts)
}

/** Ticks at so many parts of a step, between the ends. */
function between(from: number, to: number, step: number, parts: number): Tick[] {
  const fine = step / parts
  const first = Math.ceil(from / fine - 1e-9)
  const last = Math.floor(to / fine + 1e-9)
  return Array.from({ length: last - first + 1 }, (_, i) => {
    const at = first + i
    return {
      value: Number((at * fine).toPrecision(12)),
      labelled: at % parts === 0,
      half: parts % 2 === 0 && Math.abs(at % parts) === parts / 2,
    }
  })
}

/** What is halved: an inch and its parts, then whole ones. */
const halved = [1 / 32, 1 / 16, 1 / 8, 1 / 4, 1 / 2, 1, 2, 5, 10, 20, 50, 100] as const

/**
 * Ticks as on a rule of inches or feet: halves of halves below one, round numbers above. Arguments as for
 * round ticks.
 */
export function halvedTicks(
  span: readonly [number, number],
  pxPerUnit: number,
  room: { readonly tickPx: number; readonly labelPx: number },
): Tick[] {
  const [from, to] = span
  if (!(to > from) || !(pxPerUnit > 0)) return []
  const step = halved.find((candidate) => candidate * pxPerUnit >= room.labelPx)
  if (step === undefined) return roundTicks(span, pxPerUnit, room)
  const fine = halved.find((part) => Number.isInteger(step / part) && part * pxPerUnit >= room.tickPx)
  return between(from, to, step, Math.round(step / (fine ?? step)))
}
