/** What lines of a template are for; files keep them on layers of these names. */
export const templateLayers = ['cut', 'fold', 'label'] as const
export type TemplateLayer = (typeof templateLayers)[number]

/** A place on a template, mm from its top left corner: x to the right, y down. */
export type TemplatePoint = readonly [x: number, y: number]

export type Shape =
  | {
      readonly kind: 'path'
      readonly layer: TemplateLayer
      readonly points: readonly TemplatePoint[]
      readonly closed?: boolean
      /** How thick it is drawn, mm; absent: a hair. */
      readonly widthMm?: number
    }
  | {
      readonly kind: 'circle'
      readonly layer: TemplateLayer
      readonly at: TemplatePoint
      readonly radiusMm: number
    }
  | {
      readonly kind: 'text'
      readonly layer: TemplateLayer
      readonly at: TemplatePoint
      readonly text: string
      readonly sizeMm: number
      readonly align?: 'left' | 'middle'
    }

/** A drawing at 1:1 that work is laid on or cut by. */
export interface Template {
  readonly title: string
  readonly note: string
  readonly widthMm: number
  readonly heightMm: number
  readonly shapes: readonly Shape[]
}

/** Sets a template's shapes off by so much: for putting several onto one. */
export const moved = (shapes: readonly Shape[], dx: number, dy: number): Shape[] =>
  shapes.map((shape): Shape => {
    const to = ([x, y]: TemplatePoint): TemplatePoint => [x + dx, y + dy]
    return shape.kind === 'path' ? { ...shape, points: shape.points.map(to) } : { ...shape, at: to(shape.at) }
  })
