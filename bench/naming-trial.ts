import { mkdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { PNG } from 'pngjs'
import { lineSize, sitterOf, type Line } from '../core/commissions'
import { paintPlant, paletteOf, type Raster } from '../core/painting'
import { ages, lookOn, speciesTable, type Age, type Species } from '../core/plants'
import { seededRandom } from '../core/units'
import { drawPlant } from '../tests/support/drawings'

/**
 * A naming trial for people who know plants and have not seen the list: sheets of kinds without names, four
 * pictures each, a form for the answers, and a key. Drawings are good when most are named right.
 */
const kinds = Number(process.env.TRIAL_KINDS ?? 30)
const seed = Number(process.env.TRIAL_SEED ?? 1)
const folder = process.env.TRIAL_OUT ?? 'naming-trial'

/** The four pictures of a kind: each age, in leaf, in flower time, in autumn and bare. */
const pictures: readonly { readonly age: Age; readonly date: string }[] = [
  { age: ages[0], date: '2026-06-25' },
  { age: ages[1], date: '2026-05-12' },
  { age: ages[2], date: '2026-10-10' },
  { age: ages[3], date: '2026-01-15' },
]
const CELL = { width: 300, height: 300 }
const ROWS = 5
const PAPER = [246, 248, 244] as const

const random = seededRandom(seed)
const chosen = speciesTable
  .map((species) => ({ species, at: random() }))
  .sort((a, b) => a.at - b.at)
  .slice(0, kinds)
  .map(({ species }) => species)

/** Paints one picture of a kind into its cell, as large as there is room. */
function paintInto(raster: Raster, species: Species, column: number, row: number): void {
  const { age, date } = pictures[column] ?? { age: 'mature', date: '2026-06-25' }
  const line: Pick<Line, 'id' | 'age'> = { id: `trial${seed}${species.id}${age}`, age }
  const size = lineSize(line, { ratio: 87.1, stature: 1, viewingMm: 700 }, species)
  const { habitus, dress, seed: own } = sitterOf(line, species, size, species.seeThrough)
  const pxPerMm = Math.min(
    (CELL.height - 24) / size.heightMm,
    (CELL.width - 16) / ((habitus.row?.lengthMm ?? size.crownWidthMm) * 1.08),
  )
  const at = {
    x: (column + 0.5) * CELL.width,
    groundY: (row + 1) * CELL.height - 10,
    pxPerMm,
  }
  paintPlant(raster, drawPlant(habitus, dress, own), paletteOf(lookOn(species, date, undefined, { age })), at)
}

/** A picture on paper, as PNG. */
function pngOf({ width, height, pixels }: Raster): Buffer {
  const png = new PNG({ width, height })
  pixels.forEach((pixel, i) => {
    const covers = (pixel >>> 24) / 255
    PAPER.forEach((paper, k) => {
      png.data[i * 4 + k] = ((pixel >>> (8 * k)) & 255) * covers + paper * (1 - covers)
    })
    png.data[i * 4 + 3] = 255
  })
  return PNG.sync.write(png)
}

mkdirSync(folder, { recursive: true })
for (let sheet = 0; sheet * ROWS < chosen.length; sheet += 1) {
  const part = chosen.slice(sheet * ROWS, (sheet + 1) * ROWS)
  const [width, height] = [CELL.width * pictures.length, CELL.height * part.length]
  const raster = { width, height, pixels: new Uint32Array(width * height) }
  part.forEach((species, row) => {
    pictures.forEach((_, column) => paintInto(raster, species, column, row))
  })
  const first = sheet * ROWS + 1
  writeFileSync(join(folder, `kinds-${first}-to-${first + part.length - 1}.png`), pngOf(raster))
}
const numbered = chosen.map((species, i) => ({ number: i + 1, species }))
writeFileSync(
  join(folder, 'answers.csv'),
  ['number,name,likeness 1 to 5,remark', ...numbered.map(({ number }) => `${number},,,`)].join('\n'),
)
writeFileSync(
  join(folder, 'key.csv'),
  [
    'number,common,botanical',
    ...numbered.map(({ number, species }) => `${number},${species.common},${species.botanical}`),
  ].join('\n'),
)
console.log(`${chosen.length} kinds on sheets of ${ROWS}, from top to bottom, are in ${folder}/.`)
console.log('Give away the sheets and answers.csv; keep key.csv.')
