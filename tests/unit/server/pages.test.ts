import { readdirSync } from 'node:fs'
import { places } from '../../../shared/stations'
import { isPage } from '../../../server/utils/pages'

test('the pages that the server knows are those that there are', () => {
  const folder = 'app/pages/[workshop]'
  const files = readdirSync(folder, { recursive: true })
    .map(String)
    .filter((name) => name.endsWith('.vue'))
    .map((name) => name.replaceAll('\\', '/').replace(/(?:\/?index)?\.vue$/, ''))
  expect(places.map(({ path }) => path).sort()).toEqual(files.filter((path) => path !== '').sort())
})

test.each([
  ['/', true],
  ['/mine', true],
  ['/mine/', true],
  ['/demo/line-up', true],
  ['/demo/stock/ahead', true],
  ['/copy-5f3a/bench/', true],
  ['/demo/nowhere', false],
  ['/demo/stock/nowhere', false],
  ['/demo/line-up/more', false],
  ['/wp-login.php', false],
  ['/a/b/c/d', false],
  ['/%00/bench', false],
  ['//bench', false],
])('%s', (path, is) => expect(isPage(path)).toBe(is))
