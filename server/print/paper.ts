import type PDFDocument from 'pdfkit'

/** What all printed sheets share. */
export type Pdf = InstanceType<typeof PDFDocument>

const PT_PER_MM = 72 / 25.4
/** Millimetres of paper as points. */
export const mm = (millimetres: number): number => millimetres * PT_PER_MM
export const INK = '#17211C'
export const SOFT = '#56635B'
export const RULE = '#C9D2C7'
/** Larch, dark enough to be read in small type. */
export const WARNING = '#8A5A08'
/** Length of the bar that proves the print true, mm. */
export const CHECK_BAR_MM = 50

/** The bytes of a PDF when it has ended. */
export function collect(pdf: Pdf): Promise<Buffer> {
  return new Promise((resolve, reject) => {
    const parts: Buffer[] = []
    pdf.on('data', (part: Buffer) => parts.push(part))
    pdf.on('end', () => resolve(Buffer.concat(parts)))
    pdf.on('error', reject)
  })
}

/** A bar of 50 mm with a tick at each centimetre. */
export function checkBar(pdf: Pdf, left: number, y: number): void {
  pdf
    .lineCap('butt')
    .lineWidth(0.8)
    .strokeColor(INK)
    .moveTo(left, y)
    .lineTo(left + mm(CHECK_BAR_MM), y)
    .stroke()
  for (let i = 0; i <= 5; i += 1)
    pdf
      .moveTo(left + mm(10 * i), y - (i % 5 === 0 ? 5 : 3))
      .lineTo(left + mm(10 * i), y)
      .stroke()
}
