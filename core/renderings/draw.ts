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
  rendering: Rendering,
  plant: Habitus,
  dress: DressKind,
  seed: number,
): Generator<number, PlantDrawing> {
  const { drawing: natural, skeleton } = yield* growingDressed(plant, dress, seed)
  const drawing =
    plant.row || plant.crownForm === 'blades' ? natural : renders[rendering](natural, plant, seed, skeleton)
  carryToLee(drawing, plant)
  return drawing
}

type Render = (
  drawing: PlantDrawing,
  plant: Habitus,
  seed: number,
  skeleton: Grown['skeleton'],
) => PlantDrawing

const renders: Readonly<Record<Rendering, Render>> = {
  sprig: asSprig,
  wire: (drawing, plant, seed, skeleton) => asWire(drawing, skeleton, plant, seed),
  discs: asDiscs,
  moulded: asMoulded,
  ready: asReady,
  twig: asTwig,
  root: asRoot,
  stem: asStems,
  head: asHead,
  hemp: asHemp,
  wool: asWool,
  mesh: asMesh,
  clump: asClump,
  arching: asArching,
  tuft: (drawing) => drawing,
}
