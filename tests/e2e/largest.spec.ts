import { expect, test } from '@playwright/test'
import { Maker } from './support/maker'
import { largestAmounts } from '../support/largest'

test('a commission of the largest amounts that lines may want: it is read, and every station opens', async ({
  page,
  request,
}) => {
  const demo = await (await request.get('/api/demo-workshop', { maxRetries: 3 })).json()
  const maker = new Maker(page)
  await maker.open('workshop', 'mine')
  await maker.mergeFile({
    name: 'largest.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(largestAmounts(demo))),
  })
  for (const station of [
    'Brief',
    'Line-up',
    'Make-up',
    'Blends',
    'Stock',
    'Calendar',
    'Bench',
    'Log',
    'Brief',
  ]) {
    await maker.go(station)
    await expect(page.getByRole('main').getByRole('alert')).toHaveCount(0)
  }
  await expect(page.getByLabel('Pieces', { exact: true }).first()).toHaveValue('10000')
})
