import { personPaths } from './person-outline'

/** A place in a picture of its own: the foot of a plant, in mm at the model; its shelf so far above the lowest. */
export interface Place {
  readonly xMm: number
  readonly liftMm: number
  readonly shrink: number
}

/** A plant as lines, y up, in mm. */
export interface PlantLines extends Place {
  readonly svg: string
}

export interface LineUpPicture {
  readonly title: string
  readonly under: string
  readonly labels: readonly {
    readonly text: string
    readonly under: string
    readonly xMm: number
    readonly liftMm: number
  }[]
  /** Heights of the shelves above the lowest, and of what stands on one. */
  readonly shelvesMm: readonly number[]
  readonly shelfTopMm: number
  readonly personXMm: number
  readonly personMm: number
  readonly widthMm: number
  readonly topMm: number
  /** Step of the grid's numbered lines, mm. */
  readonly gridMm: number
  readonly realOf: (mm: number) => string
}

const escape = (text: string): string => text.replace(/[&<>"']/g, (c) => `&#${c.charCodeAt(0)};`)
const n = (value: number): string => String(Math.round(value * 100) / 100)

/** Room for words around the drawing, mm at the model, in proportion to it. */
export const marginOf = (picture: Pick<LineUpPicture, 'topMm' | 'widthMm'>): number =>
  Math.max(picture.topMm, picture.widthMm * 0.3) * 0.16

/** Where a plant stands in a picture of so many px to a mm: its foot, px, and the px to a mm of it. */
export function standIn(
  picture: LineUpPicture,
  { xMm, liftMm, shrink }: Place,
  scale: number,
): { readonly x: number; readonly groundY: number; readonly pxPerMm: number } {
  const m = marginOf(picture)
  return {
    x: (m + xMm) * scale,
    groundY: (picture.topMm + m - liftMm) * scale,
    pxPerMm: shrink * scale,
  }
}

/** The line-up as SVG at its true size: a millimetre of the drawing is a millimetre of the model. */
export function lineUpSvg(picture: LineUpPicture, plants: readonly PlantLines[]): string {
  const m = marginOf(picture)
  const [wide, high] = [picture.widthMm + 2 * m, picture.topMm + 2 * m]
  const ground = picture.topMm + m
  const font = m * 0.15
  const parts: string[] = []
  for (const lift of picture.shelvesMm)
    for (let mm = 0; mm <= picture.shelfTopMm; mm += picture.gridMm) {
      const y = ground - lift - mm
      parts.push(
        `<path d="M${n(m)} ${n(y)}H${n(m + picture.widthMm)}" stroke="#cfd7cd" stroke-width="${n(font * 0.06)}"/>`,
      )
      parts.push(
        `<text x="${n(m * 0.9)}" y="${n(y + font * 0.35)}" text-anchor="end">${mm === 0 ? '0 mm' : n(mm)}</text><text x="${n(m * 1.1 + picture.widthMm)}" y="${n(y + font * 0.35)}">${escape(picture.realOf(mm))}</text>`,
      )
    }
  for (const place of plants)
    parts.push(
      `<g transform="translate(${n(m + place.xMm)} ${n(ground - place.liftMm)}) scale(${n(place.shrink)} ${n(-place.shrink)})">${place.svg}</g>`,
    )
  parts.push(
    `<g fill="#17211c" transform="translate(${n(m + picture.personXMm)} ${n(ground)}) scale(${n(picture.personMm)} ${n(-picture.personMm)})">${personPaths.map((path) => `<path d="M${path.map(([x, y]) => `${x} ${y}`).join('L')}Z"/>`).join('')}<circle cy=".93" r=".066"/></g>`,
  )
  for (const lift of picture.shelvesMm)
    parts.push(
      `<path d="M${n(m)} ${n(ground - lift)}H${n(m + picture.widthMm)}" stroke="#5d5f48" stroke-width="${n(font * 0.12)}"/>`,
    )
  picture.labels.forEach(({ text, under, xMm, liftMm }, i) => {
    const y = ground - liftMm + font * (1.6 + (picture.shelvesMm.length > 1 ? 0 : i % 2) * 2.3)
    parts.push(
      `<text x="${n(m + xMm)}" y="${n(y)}" text-anchor="middle" fill="#17211c">${escape(text)}</text><text x="${n(m + xMm)}" y="${n(y + font)}" text-anchor="middle" font-size="${n(font * 0.8)}">${escape(under)}</text>`,
    )
  })
  parts.push(
    `<text x="${n(m)}" y="${n(m * 0.42)}" font-size="${n(font * 1.7)}" fill="#17211c" font-family="Petrona, Georgia, serif">${escape(picture.title)}</text><text x="${n(m)}" y="${n(m * 0.42 + font * 1.5)}">${escape(picture.under)}</text>`,
  )
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${n(wide)}mm" height="${n(high)}mm" viewBox="0 0 ${n(wide)} ${n(high)}" font-family="'Atkinson Hyperlegible Next', system-ui, sans-serif" font-size="${n(font)}" fill="#56635b"><rect width="100%" height="100%" fill="#f6f8f4"/>${parts.join('')}</svg>\n`
}
