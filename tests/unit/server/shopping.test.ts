import { readFile } from 'node:fs/promises'
import { facesFor } from '../../../server/print/faces'
import { shoppingOrderSchema, type ShoppingOrder } from '../../../server/shopping/order'
import { printShopping } from '../../../server/shopping/print'
import { bytesOf } from '../../support/faces'

const order = (lines: number, over: Partial<ShoppingOrder> = {}): ShoppingOrder =>
  shoppingOrderSchema.parse({
    paper: 'A4',
    title: 'Shopping list',
    total: '63.75',
    parcels: [
      {
        supplier: 'The cellar',
        terms: '13.20, 1.50 postage, here by 1 Dec 2026',
        lines: Array.from({ length: lines }, (_, i) => ({
          packs: `${i + 1} × 500 ml`,
          name: `Scenic cement ${i + 1}`,
          article: `C${i}`,
          price: '9.90',
        })),
      },
    ],
    ...over,
  })
const read = (name: string) => readFile(`server/fonts/${name}.woff`)
const printed = async (of: ShoppingOrder): Promise<string> =>
  bytesOf(await printShopping(of, await facesFor(JSON.stringify(of), read))).toString('latin1')
const pagesOf = (pdf: string): number => (pdf.match(/\/Type \/Page\b/g) ?? []).length

test('a list of an evening fits a sheet; a long one goes on to more, of the paper that was asked for', async () => {
  const short = await printed(order(12))
  expect(pagesOf(short)).toBe(1)
  expect(short).toMatch(/\/MediaBox \[0 0 595\.28 841\.89\]/)
  // 297 − 2 × 18 mm hold some 33 rows of 7 mm below the titles.
  expect(pagesOf(await printed(order(30)))).toBe(1)
  expect(pagesOf(await printed(order(40)))).toBe(2)
  expect(pagesOf(await printed(order(300)))).toBeGreaterThan(7)
  expect(await printed(order(2, { paper: 'Letter' }))).toMatch(/\/MediaBox \[0 0 612 792\]/)
})

test('names in another script, and far too long ones, are set all the same', async () => {
  const lines = [
    { packs: '1 × 40 g', name: 'Мелкая пена, тёмно-зелёная', price: '4.80' },
    {
      packs: '3 × 12',
      name: 'Sprigs that are called so at such a length that no column on earth holds them',
      price: '18.00',
    },
  ]
  const pdf = await printed(order(1, { parcels: [{ supplier: 'Ключ', terms: '', lines }] }))
  expect(pdf.startsWith('%PDF-')).toBe(true)
  expect(pagesOf(pdf)).toBe(1)
})

test('an order without parcels, or with a parcel without lines, is refused', () => {
  expect(shoppingOrderSchema.safeParse({ ...order(1), parcels: [] }).success).toBe(false)
  expect(() => order(0)).toThrow()
})
