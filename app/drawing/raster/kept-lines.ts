import { over, type Raster, type Sink } from './pixels'

/**
 * The pixels of many lines about the plant's foot, line after line: the season changes their colours at most,
 * never their places.
 */
export interface Lines {
  readonly start: Uint32Array
  readonly dx: Int16Array
  readonly dy: Int16Array
  readonly colour: Uint32Array
  readonly strength: Float32Array
}

export function recorded(count: number, draw: (i: number, sink: Sink) => void): Lines {
  const [dx, dy, colours, strengths]: [number[], number[], number[], number[]] = [[], [], [], []]
  const start = new Uint32Array(count + 1)
  for (let i = 0; i < count; i += 1) {
    draw(i, {
      emit: (x, y, colour, strength) => {
        dx.push(x)
        dy.push(y)
        colours.push(colour)
        strengths.push(strength)
      },
    })
    start[i + 1] = dx.length
  }
  return {
    start,
    dx: Int16Array.from(dx),
    dy: Int16Array.from(dy),
    colour: Uint32Array.from(colours),
    strength: Float32Array.from(strengths),
  }
}

/** Lays a kept line into a raster, in its own colour or another. */
export function blit(
  { width, height, pixels }: Raster,
  { start, dx, dy, colour, strength }: Lines,
  i: number,
  { x, groundY }: { readonly x: number; readonly groundY: number },
  other: number | undefined,
): void {
  const end = start[i + 1] ?? 0
  for (let k = start[i] ?? 0; k < end; k += 1) {
    const px = x + (dx[k] ?? 0)
    const py = groundY + (dy[k] ?? 0)
    if (px < 0 || py < 0 || px >= width || py >= height) continue
    const at = py * width + px
    const own = other ?? colour[k] ?? 0
    const covers = strength[k] ?? 1
    pixels[at] = covers >= 1 ? own : over(own, pixels[at] ?? 0, covers)
  }
}
