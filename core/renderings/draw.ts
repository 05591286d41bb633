import { carryToLee, growingDressed, type Grown, type PlantDrawing } from '../drawing'
import type { DressKind, Habitus } from '../growth'
import { asDiscs } from './discs'
import type { Rendering } from './kinds'
import { asMoulded, asReady, asRoot, asSprig, asStems, asTwig } from './natural'
import { asArching, asClump, asMesh } from './puffs'
import { asHead, asHemp, asWool } from './rays'
import { asWire } from './wire'

/**
 * A plant as a way of making shows it, on the skeleton that the plant itself is drawn with: same seed, same
 * fork. A stretch of hedge, and what is made of blades, is drawn as it is.
 */
export function* renderedDrawing(
  manner: Rendering,
  plant: Habitus,
  dress: DressKind,
  seed: number,
): Generator<number, PlantDrawing> {
  const grown = yield* growingDressed(plant, dress, seed)
  const drawing =
    plant.row || plant.crownForm === 'blades' ? grown.drawing : inManner(manner, grown, plant, seed)
  carryToLee(drawing, plant)
  return drawing
}

function inManner(
  manner: Rendering,
  { drawing, skeleton }: Grown,
  plant: Habitus,
  seed: number,
): PlantDrawing {
  switch (manner) {
    case 'sprig':
      return asSprig(drawing, plant)
    case 'wire':
      return asWire(drawing, skeleton, plant, seed)
    case 'discs':
      return asDiscs(drawing, plant, seed)
    case 'moulded':
      return asMoulded(drawing, plant, seed)
    case 'ready':
      return asReady(drawing, plant)
    case 'twig':
      return asTwig(drawing, plant, seed)
    case 'root':
      return asRoot(drawing, plant, seed)
    case 'stem':
      return asStems(drawing, plant, seed)
    case 'head':
      return asHead(drawing, plant)
    case 'hemp':
      return asHemp(drawing, plant, seed)
    case 'wool':
      return asWool(drawing, plant, seed)
    case 'mesh':
      return asMesh(drawing, plant, seed)
    case 'clump':
      return asClump(drawing, plant, seed)
    case 'arching':
      return asArching(drawing, plant, seed)
    case 'tuft':
      return drawing
  }
}
