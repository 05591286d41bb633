import { gatheredGround } from './gathered-ground'
import { gatheredPlants } from './gathered-plants'
import type { Gathering } from './gathering'

/** All that can be gathered. */
export const gatherings: readonly Gathering[] = [...gatheredPlants, ...gatheredGround]

const byId = new Map(gatherings.map((one) => [one.id, one]))

/** What is gathered under this id; undefined for something of a later version. */
export const gatheringById = (id: string): Gathering | undefined => byId.get(id)

/** How a material can be gathered; undefined where it can't. */
export const gatheringOf = (materialId: string): Gathering | undefined =>
  gatherings.find((one) => one.materialId === materialId)
