import type { Slot } from '../../makeup'
import type { Coefficient } from '../../quantities'
import type { PlantMaking } from './bench'
import type { Taken } from './making'
import { powder } from './materials'

/** One cover of an order: what is thrown, brushed or poured, how much where it lies, on which share of the ground. */
export interface GroundCover {
  readonly step: string
  readonly slot: Slot
  /** g or ml for a cm² where it lies. */
  readonly rate: Coefficient
  /** Share of the ground that it lies on; absent: all of it. */
  readonly on?: Coefficient
}

/** A cover; one jar may serve several of them. @param slot optional where the order is complete without it */
export const cover = (step: string, slot: Slot, rate: Coefficient, on?: Coefficient): GroundCover => ({
  step,
  slot: { ...slot, mayShare: true },
  rate,
  ...(on === undefined ? {} : { on }),
})

/** Slots of the covers, each once. */
export const coverSlots = (covers: readonly GroundCover[]): Slot[] =>
  covers.map(({ slot }) => slot).filter(({ id }, i, all) => all.findIndex((other) => other.id === id) === i)

/** What the covers of a step take. */
export const covered = (bench: PlantMaking, covers: readonly GroundCover[], step: string): Taken[] =>
  covers.flatMap(({ step: at, slot: { id, label, optional }, rate, on }) =>
    at !== step || (optional && !bench.has(id))
      ? []
      : [bench.take(id, on ? [bench.ground, on, rate] : [bench.ground, rate], label)],
  )

/** Earth as covers want it. */
export const EARTH = powder('soil', '#74603f')
