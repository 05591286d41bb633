import { toLab, type Sealing } from '../../core/colour'
import {
  aimAt,
  bestHelp,
  grainOf,
  blendGroupsOf,
  proposeMixes,
  type BlendUse,
  type Bound,
  type Grain,
  type Help,
  type NoSolution,
  type Proposal,
  type Texture,
} from '../../core/blends'
import type { Material } from '../../core/stock'

/** What is looked for, as plain data. */
export interface MixOrder {
  /** Jars that may go in, and what could be got besides. */
  readonly jars: readonly Material[]
  readonly offers: readonly Material[]
  /** The colour wanted once sealed, "#rrggbb". */
  readonly wanted: string
  readonly sealing: Sealing
  readonly use: BlendUse
  readonly texture: Texture
  readonly bounds: readonly Bound[]
}

export interface MixAnswer {
  readonly proposal: Proposal | NoSolution
  /** The one material that would help most: its id and how near it would bring the mix. */
  readonly help?: { readonly materialId: string; readonly off: number }
}

const grainsIn = (materials: readonly Material[]): Grain[] =>
  materials.flatMap((material) => {
    const grain = grainOf(material)
    return grain.kind === 'ok' ? [grain.value] : []
  })

/** Searches for mixes away from the page. */
export const service = {
  propose(order: MixOrder): MixAnswer {
    const search = {
      grains: grainsIn(order.jars),
      aim: aimAt(toLab(order.wanted), order.sealing),
      texture: order.texture,
      groups: blendGroupsOf(order.use),
      bounds: order.bounds,
    }
    const proposal = proposeMixes(search)
    const best = proposal.kind === 'found' ? (proposal.best[0]?.off ?? Infinity) : Infinity
    const help: Help | undefined = best > NEAR ? bestHelp(search, grainsIn(order.offers), best) : undefined
    return {
      proposal,
      ...(help ? { help: { materialId: help.grain.material.id, off: help.off } } : {}),
    }
  },
}
/** Nearer than this nothing is bought for. */
const NEAR = 1.5
