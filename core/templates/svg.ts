import type { Shape, Template, TemplateLayer } from './template'

const n = (value: number): string => String(Math.round(value * 1000) / 1000)
const escaped = (text: string): string =>
  text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;')

const COLOUR: Record<TemplateLayer, string> = { cut: '#a52f3d', fold: '#2b6078', label: '#17211c' }
const HAIR_MM = 0.2
const BAR_MM = 50

function shapeSvg(shape: Shape): string {
  switch (shape.kind) {
    case 'path': {
      const d = `M${shape.points.map(([x, y]) => `${n(x)} ${n(y)}`).join('L')}${shape.closed ? 'Z' : ''}`
      return `<path d="${d}" stroke-width="${n(shape.widthMm ?? HAIR_MM)}"/>`
    }
    case 'circle':
      return `<circle cx="${n(shape.at[0])}" cy="${n(shape.at[1])}" r="${n(shape.radiusMm)}" stroke-width="${HAIR_MM}"/>`
    case 'text':
      return `<text x="${n(shape.at[0])}" y="${n(shape.at[1])}" font-size="${n(shape.sizeMm)}"${shape.align === 'middle' ? ' text-anchor="middle"' : ''} fill="${COLOUR[shape.layer]}" stroke="none">${escaped(shape.text)}</text>`
  }
}

/** A template as SVG at 1:1 in mm, a group a layer, with a bar of 50 mm below to check a print by. */
export function templateSvg({ title, note, widthMm, heightMm, shapes }: Template): string {
  const groups = (['fold', 'cut', 'label'] as const).map(
    (layer) =>
      `<g id="${layer}" fill="none" stroke="${COLOUR[layer]}" stroke-linejoin="round" stroke-linecap="round">${shapes
        .filter((shape) => shape.layer === layer)
        .map(shapeSvg)
        .join('')}</g>`,
  )
  const foot = heightMm + 6
  const bar = `<g id="check"><path data-bar="${BAR_MM}" d="M2 ${n(foot)}h${BAR_MM}M2 ${n(foot - 1.5)}v3M${BAR_MM + 2} ${n(foot - 1.5)}v3" stroke="#17211c" stroke-width="0.3" fill="none"/><text x="${BAR_MM + 5}" y="${n(foot + 1)}" font-size="3">${BAR_MM} mm: print at 100 %. ${escaped(title)}</text></g>`
  const whole = Math.max(widthMm, 120)
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${n(whole)}mm" height="${n(heightMm + 12)}mm" viewBox="0 0 ${n(whole)} ${n(heightMm + 12)}" font-family="system-ui, sans-serif"><title>${escaped(title)}</title><desc>${escaped(note)}</desc>${groups.join('')}${bar}</svg>\n`
}
