import { getDocument, OPS } from 'pdfjs-dist/legacy/build/pdf.mjs'

const PT_PER_MM = 72 / 25.4

export interface PdfPage {
  readonly widthMm: number
  readonly heightMm: number
  readonly text: string
  /** Each piece of text with its place from the foot of the page. */
  readonly items: readonly { readonly text: string; readonly xMm: number; readonly yMm: number }[]
  /** Level lines, as long as they are on paper. */
  readonly linesMm: readonly { readonly length: number }[]
}

/** Reads a PDF with an independent reader. */
export async function readPdf(bytes: Buffer): Promise<PdfPage[]> {
  const pdf = await getDocument({ data: new Uint8Array(bytes), useSystemFonts: true, verbosity: 0 }).promise
  const pages: PdfPage[] = []
  for (let i = 1; i <= pdf.numPages; i += 1) {
    const page = await pdf.getPage(i)
    const [x1 = 0, y1 = 0, x2 = 0, y2 = 0] = page.view
    const items = (await page.getTextContent()).items.flatMap((item) =>
      'str' in item
        ? [
            {
              text: item.str,
              xMm: (item.transform[4] as number) / PT_PER_MM,
              yMm: (item.transform[5] as number) / PT_PER_MM,
            },
          ]
        : [],
    )
    const { fnArray, argsArray } = await page.getOperatorList()
    const linesMm: { length: number }[] = []
    // How far what is drawn is enlarged at the moment.
    let scale = 1
    const kept: number[] = []
    fnArray.forEach((operator, at) => {
      if (operator === OPS.save) kept.push(scale)
      if (operator === OPS.restore) scale = kept.pop() ?? 1
      if (operator === OPS.transform) {
        const [a = 1, b = 0] = argsArray[at] as number[]
        scale *= Math.hypot(a, b)
      }
      if (operator !== OPS.constructPath) return
      const [, points] = argsArray[at] as [number[], number[]]
      if (points.length === 4 && Math.abs(points[1]! - points[3]!) < 1e-6)
        linesMm.push({ length: (Math.abs(points[2]! - points[0]!) * scale) / PT_PER_MM })
    })
    pages.push({
      widthMm: (x2 - x1) / PT_PER_MM,
      heightMm: (y2 - y1) / PT_PER_MM,
      text: items.map(({ text }) => text).join(' '),
      items,
      linesMm,
    })
  }
  return pages
}
