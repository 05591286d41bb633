import type { Slot } from '../../makeup'
import type { MaterialSpec } from '../../stock'

/** What a slot may be told besides what fills it. */
type Extra = Pick<Slot, 'tone' | 'mayShare' | 'optional'>

/** The piece is made without it. */
export const optional: Extra = { optional: true }
/** A jar that another slot takes from may serve it too. */
export const sharing: Extra = { mayShare: true }
export const lighter = (than: string): Extra => ({ tone: { is: 'lighter', than } })
export const darker = (than: string): Extra => ({ tone: { is: 'darker', than } })

/** A place that a material fills. */
export const slot = (id: string, label: string, wish: MaterialSpec, ...extras: readonly Extra[]): Slot =>
  Object.assign({ id, label, wish }, ...extras) as Slot
