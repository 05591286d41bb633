import { readFile } from 'node:fs/promises'
import jsQR from 'jsqr'
import { labelsOrderSchema, type LabelsOrder } from '../../../server/labels/order'
import { codeOf, printLabels } from '../../../server/labels/print'
import { facesFor } from '../../../server/print/faces'
import { jarCodeText } from '../../../core/stock'
import { bytesOf } from '../../support/faces'

const label = (i: number): LabelsOrder['labels'][number] => ({
  title: `Beech, old, base ${i}`,
  lines: ['3 rust + 1 gold', 'home-made 4 Oct 2026', 'sealed #6b6f37'],
  code: jarCodeText({ kind: 'lot', lotId: `lot-${i}` }),
  colour: '#6b6f37',
})
const read = (name: string) => readFile(`server/fonts/${name}.woff`)
const printed = async (count: number, paper: 'A4' | 'Letter' = 'A4'): Promise<Buffer> => {
  const order = labelsOrderSchema.parse({ paper, labels: Array.from({ length: count }, (_, i) => label(i)) })
  return bytesOf(await printLabels(order, await facesFor(JSON.stringify(order), read)))
}
const pagesOf = (pdf: Buffer): number => (pdf.toString('latin1').match(/\/Type \/Page\b/g) ?? []).length

test('the printed code is read by another library, long ids too', () => {
  for (const text of [label(7).code, jarCodeText({ kind: 'material', materialId: 'x'.repeat(64) })]) {
    const { side, dark } = codeOf(text)
    // Four pixels to a square, with white around it as there is on the label.
    const width = side * 4 + 40
    const pixels = new Uint8ClampedArray(width * width * 4).fill(255)
    dark.forEach((is, at) => {
      if (!is) return
      for (let y = 0; y < 4; y += 1)
        for (let x = 0; x < 4; x += 1) {
          const place = (20 + Math.floor(at / side) * 4 + y) * width + 20 + (at % side) * 4 + x
          pixels.set([0, 0, 0], place * 4)
        }
    })
    expect(jsQR(pixels, width, width)?.data).toBe(text)
  }
})

test('three to a row, eight rows to a sheet of A4; more go on to the next', async () => {
  expect(pagesOf(await printed(1))).toBe(1)
  expect(pagesOf(await printed(24))).toBe(1)
  expect(pagesOf(await printed(25))).toBe(2)
  expect(pagesOf(await printed(22, 'Letter'))).toBe(2)
})

test('a name in another script, and one that is far too long, are set all the same', async () => {
  const order = labelsOrderSchema.parse({
    paper: 'A4',
    labels: [
      { ...label(1), title: 'Бук, основной тон' },
      {
        ...label(2),
        title: 'A very long name of a blend that goes on and on and on and on until nobody can hold it',
      },
    ],
  })
  expect(
    bytesOf(await printLabels(order, await facesFor(JSON.stringify(order), read)))
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-')
})

test.each([
  [{ labels: [] }, 'labels'],
  [{ labels: [{ ...label(1), code: 'javascript:alert(1)' }] }, 'labels.0.code'],
  [{ labels: [{ ...label(1), colour: 'red' }] }, 'labels.0.colour'],
  [{ labels: Array.from({ length: 301 }, (_, i) => label(i)) }, 'labels'],
])('an order that can’t be printed names the field', (over, path) => {
  const checked = labelsOrderSchema.safeParse({ paper: 'A4', ...over })
  expect(checked.success ? '' : checked.error.issues[0]?.path.join('.')).toBe(path)
})
