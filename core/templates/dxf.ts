import Drawing from 'dxf-writer'
import { templateLayers, type Template } from './template'

const COLOURS = { cut: Drawing.ACI.RED, fold: Drawing.ACI.BLUE, label: Drawing.ACI.WHITE } as const

/**
 * A template as DXF, in mm, on layers cut, fold and label; y up as drawing programs have it, so that the foot of
 * the template lies at 0.
 */
export function templateDxf({ heightMm, shapes }: Template): string {
  const drawing = new Drawing()
  drawing.setUnits('Millimeters')
  for (const layer of templateLayers) drawing.addLayer(layer, COLOURS[layer], 'CONTINUOUS')
  const up = (y: number): number => heightMm - y
  for (const shape of shapes) {
    drawing.setActiveLayer(shape.layer)
    switch (shape.kind) {
      case 'path':
        drawing.drawPolyline(
          shape.points.map(([x, y]): [number, number] => [x, up(y)]),
          shape.closed ?? false,
        )
        break
      case 'circle':
        drawing.drawCircle(shape.at[0], up(shape.at[1]), shape.radiusMm)
        break
      case 'text':
        drawing.drawText(
          shape.at[0],
          up(shape.at[1]),
          shape.sizeMm,
          0,
          shape.text,
          shape.align === 'middle' ? 'center' : 'left',
        )
    }
  }
  return drawing.toDxfString()
}
