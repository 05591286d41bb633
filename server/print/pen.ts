import type { Faces, Style } from './faces'
import type { Pdf } from './paper'
import { setText, shortened, type Run, type SetLine } from './text'

/** How a text looks. */
export interface Ink {
  readonly style: Style
  readonly size: number
  readonly colour: string
}
/** Where a text stands, in points: without a width it is one line. */
export interface Box {
  readonly width?: number
  readonly align?: 'left' | 'center' | 'right'
  /** One line that is cut off with a mark where it is too long. */
  readonly oneLine?: boolean
}
export interface Pen {
  /** Writes from the top left corner down, over the end of a page to the next; leaves `pdf.y` below. */
  write(ink: Ink, text: string, x: number, y: number, box?: Box): void
  /** Height of a text in a width, points. */
  heightOf(ink: Ink, text: string, width: number): number
}

/** Points of type at which runs are measured. */
const MEASURED_AT = 100

/** Writes texts of any script with a document's faces. */
export function penFor(pdf: Pdf, faces: Faces): Pen {
  const registered = new Set<string>()
  const take = (name: string, bytes: Buffer, size: number): void => {
    if (!registered.has(name)) {
      pdf.registerFont(name, bytes)
      registered.add(name)
    }
    pdf.font(name).fontSize(size)
  }
  // A run from right to left is shaped whole: word by word the words would stand in the wrong order.
  const shaped = ({ rtl }: Run): { features?: [] } => (rtl ? { features: [] } : {})
  // Widths grow with the size of type: each run is shaped once, whatever its size, and each text set once.
  const widths = new Map<string, number>()
  const widthOfOne = (run: Run): number => {
    const key = `${run.face.name}\n${run.rtl}\n${run.text}`
    const kept = widths.get(key)
    if (kept !== undefined) return kept
    take(run.face.name, run.face.bytes, MEASURED_AT)
    const width = pdf.widthOfString(run.text, shaped(run)) / MEASURED_AT
    widths.set(key, width)
    return width
  }
  const measureAt =
    (size: number) =>
    (run: Run): number =>
      widthOfOne(run) * size
  const texts = new Map<string, SetLine[]>()
  const linesOf = (ink: Ink, text: string, { width, oneLine }: Box): SetLine[] => {
    const key = [ink.style, ink.size, width, oneLine, text].join('\n')
    const kept = texts.get(key)
    if (kept) return kept
    const measure = measureAt(ink.size)
    const chain = faces[ink.style]
    const lines =
      oneLine && width !== undefined
        ? [shortened(text, chain, measure, width)]
        : setText(text, chain, measure, width)
    texts.set(key, lines)
    return lines
  }
  /** The tallest face of a line gives its height; the style's own face its foot. */
  const heightOfLine = (ink: Ink, line: SetLine): number => {
    const [own] = faces[ink.style]
    return Math.max(
      ...[own, ...line.runs.map(({ face }) => face)].map((face) => {
        take(face.name, face.bytes, ink.size)
        return pdf.currentLineHeight(true)
      }),
    )
  }
  const footOf = (ink: Ink, height: number): number => {
    const [own] = faces[ink.style]
    take(own.name, own.bytes, ink.size)
    const { ascender } = (pdf as unknown as { _font: { ascender: number } })._font
    return (ascender / 1000) * ink.size + (height - pdf.currentLineHeight(true)) / 2
  }
  return {
    heightOf: (ink, text, width) =>
      linesOf(ink, text, { width }).reduce((sum, line) => sum + heightOfLine(ink, line), 0),
    write(ink, text, x, y, box = {}) {
      let top = y
      for (const line of linesOf(ink, text, box)) {
        const height = heightOfLine(ink, line)
        if (top + height > pdf.page.maxY()) {
          pdf.addPage()
          top = pdf.page.margins.top
        }
        const spare = (box.width ?? line.width) - line.width
        let left = x + (box.align === 'right' ? spare : box.align === 'center' ? spare / 2 : 0)
        const foot = top + footOf(ink, height)
        for (const run of line.runs) {
          const width = measureAt(ink.size)(run)
          take(run.face.name, run.face.bytes, ink.size)
          pdf
            .fillColor(ink.colour)
            .text(run.text, left, foot, { lineBreak: false, baseline: 'alphabetic', ...shaped(run) })
          left += width
        }
        top += height
      }
      pdf.y = top
    },
  }
}
