import { isPlantMethod, shared, type Method, type PlantMethod } from '../makeup'
import { type Coefficient } from '../quantities'
import { dressing, grounding, pinFigures, setting } from './kit'
import { brambleMound } from './bushes/bramble-mound'
import { builtScrub } from './bushes/built-scrub'
import { clumpBush } from './bushes/clump-bush'
import { creeper } from './bushes/creeper'
import { meshBush } from './bushes/mesh-bush'
import { seedHeads } from './bushes/seed-heads'
import { woolBush } from './bushes/wool-bush'
import { bareGround } from './ground/bare-ground'
import { plantedBed } from './ground/planted-bed'
import { snowCover } from './ground/snow-cover'
import { turfCovers } from './ground/turf-covers'
import { woodlandFloor } from './ground/woodland-floor'
import { clothGrass } from './grass/cloth-grass'
import { drilledBoard } from './grass/drilled-board'
import { fieldFibre } from './grass/field-fibre'
import { floweringTuft } from './grass/flowering-tuft'
import { grassMat } from './grass/grass-mat'
import { handTuft } from './grass/hand-tuft'
import { layeredGrass } from './grass/layered-grass'
import { longBunch } from './grass/long-bunch'
import { rollAndTear } from './grass/roll-and-tear'
import { tuftSheet } from './grass/tuft-sheet'
import { verge } from './grass/verge'
import { trimmedHedge } from './hedges/trimmed-hedge'
import { twigHedge } from './hedges/twig-hedge'
import { BLEND_MIX, mixing } from './stock/blend-mix'
import { gatherMethods } from './stock/gathering'
import { stockMethods } from './stock/ways'
import { mouldedTrunk } from './trees/moulded-trunk'
import { blossomTree } from './trees/blossom-tree'
import { dowelConifer } from './trees/dowel-conifer'
import { dwarfShrubTree } from './trees/dwarf-shrub-tree'
import { flowerHeadBirch } from './trees/flower-head-birch'
import { flowerHeadPine } from './trees/flower-head-pine'
import { hempTree } from './trees/hemp-tree'
import { readyTree } from './trees/ready-tree'
import { rootTree } from './trees/root-tree'
import { twigTree } from './trees/twig-tree'
import { wireBroadleaf } from './trees/wire-broadleaf'
import { wirePine } from './trees/wire-pine'
import { sprigTree } from './trees/sprig-tree'

export * from './plans/discs'
export * from './plans/wire'
export { makingClaims } from './stock/making'
export { gatherMethodFor } from './stock/gathering'
export { stockMethodFor } from './stock/ways'
export * from './plans/twigs'
export * from './plans/layers'
export * from './plans/tray'
export * from './plans/hedge'

export { BLEND_MIX, blendMethod } from './stock/blend-mix'

/** Every way of making. A new one is a file of its own and a row here. */
export const methods: readonly Method[] = [
  sprigTree,
  mouldedTrunk,
  blossomTree,
  dowelConifer,
  dwarfShrubTree,
  flowerHeadBirch,
  flowerHeadPine,
  hempTree,
  readyTree,
  rootTree,
  twigTree,
  wireBroadleaf,
  wirePine,
  woolBush,
  meshBush,
  clumpBush,
  brambleMound,
  builtScrub,
  seedHeads,
  creeper,
  twigHedge,
  trimmedHedge,
  layeredGrass,
  tuftSheet,
  drilledBoard,
  floweringTuft,
  handTuft,
  verge,
  rollAndTear,
  fieldFibre,
  longBunch,
  clothGrass,
  grassMat,
  turfCovers,
  bareGround,
  plantedBed,
  woodlandFloor,
  snowCover,
  ...stockMethods,
  ...gatherMethods,
]

const byId = new Map(methods.map((method) => [method.id, method]))

/** The way of making plants with this id; undefined for one that this version does not know, as from a later one. */
export function plantMethodById(id: string): PlantMethod | undefined {
  const method = byId.get(id)
  return method && isPlantMethod(method) ? method : undefined
}

export const plantMethods: readonly PlantMethod[] = methods.filter(isPlantMethod)

/** The way that makes the floor under trees. */
export const floorMethod: Pick<PlantMethod, 'id'> = woodlandFloor

/** The name of a way of making, or what to call one that is not known. */
export const methodName = (id: string): string =>
  byId.get(id)?.name ??
  (id === BLEND_MIX.id ? BLEND_MIX.name : `a way that this version does not know (${id})`)

const coefficients = new Map(
  [
    ...Object.values(shared),
    ...Object.values(dressing),
    ...Object.values(grounding),
    ...Object.values(setting),
    ...Object.values(pinFigures),
    ...Object.values(mixing),
    ...methods.flatMap((method) => method.coefficients),
  ].map((one) => [one.id, one]),
)

/** The coefficient with this id, a method's own or one that several share. */
export const methodCoefficient = (id: string): Coefficient | undefined => coefficients.get(id)
