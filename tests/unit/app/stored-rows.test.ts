import 'fake-indexeddb/auto'
import type { Line } from '../../../core/commissions'
import { readWhole, WorkshopDb } from '../../../app/db/database'
import { ValidRows } from '../../../app/db/sound'
import { line } from '../../support/workshop'

const many = (count: number): Line[] =>
  Array.from({ length: count }, (_, i) => line({ id: `line-${String(i).padStart(5, '0')}` }))

describe('stored rows', () => {
  test.each([0, 1, 999, 1000, 1001, 2500])(
    '%i of them are all read, each once, by their ids',
    async (count) => {
      const db = new WorkshopDb(`rows-${count}`)
      const rows = many(count)
      await db.lines.bulkAdd([...rows].reverse())
      expect((await readWhole<Line>(db.table<Line, string>('lines'))).map(({ id }) => id)).toEqual(
        rows.map(({ id }) => id),
      )
      await db.delete()
    },
  )

  test('of very many the sound ones are kept, in their order; a faulty one is told until it is gone', async () => {
    const sound = new ValidRows()
    const rows = many(1200)
    const spoilt = rows.map((row, i) => (i === 700 ? { ...row, name: 7 as unknown as string } : row))
    const kept = await sound.ofMany('lines', spoilt)
    expect(kept.map(({ id }) => id)).toEqual(rows.filter((_, i) => i !== 700).map(({ id }) => id))
    expect(sound.list()).toMatchObject([{ table: 'lines', id: 'line-00700' }])
    await sound.ofMany(
      'lines',
      spoilt.filter((_, i) => i !== 700),
    )
    expect(sound.list()).toEqual([])
  })

  test('the same object is handed out again for as long as nothing in it has changed', async () => {
    const sound = new ValidRows()
    const first = await sound.ofMany('lines', many(900))
    const again = await sound.ofMany(
      'lines',
      many(900).map((row, i) =>
        i === 5 ? { ...row, name: 'Another', changedAt: '2026-11-29T10:00:00.000Z' } : row,
      ),
    )
    expect(again.filter((row, i) => row !== first[i]).map(({ id }) => id)).toEqual(['line-00005'])
  })
})
