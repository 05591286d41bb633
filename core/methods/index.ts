import { isPlantMethod, shared, type Method, type PlantMethod } from '../makeup'
import { type Coefficient } from '../quantities'
import { dressing, grounding, pinFigures, setting } from './kit'
import { brambleMound } from './bushes/bramble-mound'
import { builtScrub } from './bushes/built-scrub'
import { clumpBush } from './bushes/clump-bush'
import { creeper } from './bushes/creeper'
import { meshBush } from './bushes/mesh-bush'
import { seedHeads } from './bushes/seed-heads'
import { sprigBush } from './bushes/sprig-bush'
import { woolBush } from './bushes/wool-bush'
import { readyBushes } from './bought/ready-bushes'
import { readyHedge } from './bought/ready-hedge'
import { readyTufts } from './bought/ready-tufts'
import { asTheyAre } from './existing/as-they-are'
import { refreshed } from './existing/refreshed'
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
import { plantingOut } from './planting/planting-out'
import { gatherMethods } from './stock/gathering'
import { stockMethods } from './stock/making'
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
export { makingClaims, stockMethodFor } from './stock/making'
export { gatherMethodFor } from './stock/gathering'
export * from './plans/twigs'
export * from './plans/layers'
export * from './plans/tray'
export * from './plans/hedge'

export { BLEND_MIX, blendMethod } from './stock/blend-mix'
export { plantingFigures, plantingOut, type Foot } from './planting/planting-out'

/** Every way of making there is: a new one is a file of its own and a row here. */
const all: readonly Method[] = [
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
  sprigBush,
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
  readyTufts,
  readyBushes,
  readyHedge,
  refreshed,
  asTheyAre,
  ...stockMethods,
  ...gatherMethods,
]

const known: Method[] = []
const ofPlants: PlantMethod[] = []
const byId = new Map<string, Method>()
/** Ways that are offered for no line: mixing a blend, and planting out, which makes nothing. */
const besides = new Map([BLEND_MIX, plantingOut].map(({ id, name }) => [id, name]))
const figures = new Map<string, Coefficient>()
const knowFigures = (own: readonly Coefficient[]): void => own.forEach((one) => figures.set(one.id, one))

/**
 * Makes a way known: it is ranked, made up, bought for, scheduled and printed as any other from then on.
 * @throws RangeError when there is one of its id already
 */
export function register(method: Method): void {
  if (byId.has(method.id) || besides.has(method.id))
    throw new RangeError(`id is ${method.id}; it must be one that no way has yet`)
  byId.set(method.id, method)
  known.push(method)
  if (isPlantMethod(method)) ofPlants.push(method)
  knowFigures(method.coefficients)
}
for (const shares of [shared, dressing, grounding, setting, pinFigures, mixing])
  knowFigures(Object.values(shares))
knowFigures(plantingOut.coefficients)
all.forEach(register)

/** Every way of making that is known, and those of plants, in the order in which they were made known. */
export const methods: readonly Method[] = known
export const plantMethods: readonly PlantMethod[] = ofPlants

/** The way of making plants with this id; undefined for one that this version does not know, as from a later one. */
export function plantMethodById(id: string): PlantMethod | undefined {
  const method = byId.get(id)
  return method && isPlantMethod(method) ? method : undefined
}

/** The way that makes the floor under trees. */
export const floorMethod: Pick<PlantMethod, 'id'> = woodlandFloor

/** The name of a way of making, or what to call one that is not known. */
export const methodName = (id: string): string =>
  byId.get(id)?.name ?? besides.get(id) ?? `a way that this version does not know (${id})`

/** The coefficient with this id, a method's own or one that several share. */
export const methodCoefficient = (id: string): Coefficient | undefined => figures.get(id)
