import { priceListSchema } from '../../../core/buying'
import { assortmentOf, simulatedSuppliers } from '../../../server/prices/assortment'
import { PriceListFault } from '../../../server/prices/port'
import { simulatedPriceLists } from '../../../server/prices/simulated'

const NOW = Date.parse('2026-11-26T10:00:00.000Z')
const WEEK = 7 * 86_400_000
const service = (waits: number[] = []) =>
  simulatedPriceLists(
    () => NOW,
    (ms) => {
      waits.push(ms)
      return Promise.resolve()
    },
  )

describe('the simulated price list', () => {
  test('is a list, the same on one day, with other prices a week later and some things sold out', () => {
    for (const supplier of simulatedSuppliers) {
      const list = {
        supplier: supplier.listed,
        at: new Date(NOW).toISOString(),
        rows: assortmentOf(supplier, NOW),
      }
      expect(priceListSchema.safeParse(list).error).toBeUndefined()
      expect(assortmentOf(supplier, NOW)).toEqual(list.rows)
      const later = new Map(assortmentOf(supplier, NOW + WEEK).map((row) => [row.article, row]))
      const moved = list.rows.map((row) => (later.get(row.article)?.priceMinor ?? 0) / row.priceMinor)
      expect(moved.filter((ratio) => ratio !== 1).length).toBeGreaterThan(moved.length / 2)
      expect(moved.every((ratio) => ratio > 0.85 && ratio < 1.18)).toBe(true)
      const sold = list.rows.filter(({ stock }) => stock === 'sold out').length
      expect(sold).toBeGreaterThan(0)
      expect(sold).toBeLessThan(list.rows.length / 5)
      expect(new Set(list.rows.map(({ article }) => article)).size).toBe(list.rows.length)
    }
  })

  test('is slow, and down now and then; asked again it answers', async () => {
    const waits: number[] = []
    const port = service(waits)
    const answers: string[] = []
    for (let i = 0; i < 12; i += 1)
      answers.push(
        await port.list('tithe-loft').then(
          ({ rows }) => (rows.length > 50 ? 'list' : 'empty'),
          (error: unknown) => (error instanceof PriceListFault ? 'down' : 'broken'),
        ),
      )
    expect(answers.filter((answer) => answer === 'down')).toHaveLength(2)
    expect(answers.filter((answer) => answer === 'list')).toHaveLength(10)
    expect(Math.min(...waits)).toBeGreaterThanOrEqual(300)
  })

  test('knows nobody else', async () => {
    await expect(service().list('elsewhere')).rejects.toThrow('No supplier is listed')
  })
})
