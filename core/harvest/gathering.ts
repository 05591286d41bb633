import type { TradeOrigin } from '../units'
import type { SeasonBound } from './windows'

/** How something of one's own is grown: sown under glass, set out in spring, cut when it has ripened. */
export interface Sowing {
  /** Days of the reference year, "MM-DD", between which it is sown. */
  readonly from: string
  readonly to: string
  readonly bound: 'sown'
  /** Weeks from sowing to setting out, and from there to the cut. */
  readonly indoorWeeks: number
  readonly outdoorWeeks: number
}

/**
 * Something that can be gathered. Its window is given for the reference place and moves with the seasons of
 * another. What is of this file: common practice in what is gathered and when; days, amounts and times from
 * memory unless marked.
 */
export interface Gathering {
  readonly id: string
  readonly name: string
  /** What it becomes on the shelf, in that material's unit; what comes besides. */
  readonly materialId: string
  readonly besides?: { readonly materialId: string; readonly each: number }
  /** Days of the reference year, "MM-DD", ends included; it may pass over the new year. */
  readonly from: string
  readonly to: string
  /** What bounds it at other places, besides warmth. */
  readonly bound?: SeasonBound
  readonly when: string
  readonly origin: TradeOrigin
  /** One outing brings about so much, in the material's unit, and takes so many minutes. */
  readonly outing: number
  readonly outingMin: number
  readonly outingOrigin: TradeOrigin
  /** Share of what is picked that is fit for the shelf once it is clean and dry. */
  readonly fit: number
  readonly how: string
  readonly clean: string
  readonly cleanMin: number
  /** What it is taken with; absent: cutters. */
  readonly takeTools?: readonly string[]
  /** What it is cleaned with, besides hands and paper. */
  readonly cleanTools?: readonly string[]
  /** What it dries on, where that is not paper or a string. */
  readonly dryTools?: readonly string[]
  readonly dry: string
  readonly dryDays: number
  readonly passes: string
  /** What must be minded about it, besides the owner and the pests. */
  readonly mind: string
  readonly cautions: readonly string[]
  readonly sowing?: Sowing
}
