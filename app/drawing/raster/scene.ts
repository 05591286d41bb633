import { LINE_STRIDE, MARK_STRIDE, type PlantDrawing } from '../../../core/drawing'
import { seenFrom, type View } from '../../../core/growth'

/** A drawing as seen from a side, sorted from far to near; kept, because the same plant is painted again and again. */
export interface Scene {
  readonly wood: Float32Array
  readonly woodNear: Float32Array
  readonly woodOrder: Uint32Array
  readonly marks: Float32Array
  readonly markNear: Float32Array
  readonly markOrder: Uint32Array
  readonly blades: Float32Array
  readonly bladeOrder: Uint32Array
}
const scenes = new WeakMap<PlantDrawing, Partial<Record<View, Scene>>>()

export function sceneOf(drawing: PlantDrawing, view: View): Scene {
  const known = scenes.get(drawing) ?? {}
  const found = known[view]
  if (found) return found
  const turn = (
    numbers: Float32Array,
    stride: number,
    points: number,
  ): [Float32Array, Float32Array, Uint32Array] => {
    const turned = Float32Array.from(numbers)
    const count = numbers.length / stride
    const near = new Float32Array(count)
    for (let i = 0; i < count; i += 1) {
      for (let p = 0; p < points; p += 1) {
        const o = i * stride + p * 3
        const [across, up, towards] = seenFrom(view, {
          x: numbers[o] ?? 0,
          y: numbers[o + 1] ?? 0,
          z: numbers[o + 2] ?? 0,
        })
        turned[o] = across
        turned[o + 1] = up
        near[i] = (near[i] ?? 0) + towards / points
      }
    }
    return [turned, near, Uint32Array.from(near.keys()).sort((a, b) => (near[a] ?? 0) - (near[b] ?? 0))]
  }
  const [wood, woodNear, woodOrder] = turn(drawing.wood, LINE_STRIDE, 2)
  const [marks, markNear, markOrder] = turn(drawing.marks, MARK_STRIDE, 1)
  const [blades, , bladeOrder] = turn(drawing.blades, LINE_STRIDE, 2)
  const scene = { wood, woodNear, woodOrder, marks, markNear, markOrder, blades, bladeOrder }
  scenes.set(drawing, { ...known, [view]: scene })
  return scene
}
