import { newWorkshop, type WorkshopDocument } from '../../core/workshop'
import { batch, commission, line, NOON, play } from './workshop'

/** A workshop with one of each. */
export const full = (): WorkshopDocument => ({
  ...newWorkshop(NOON),
  commissions: [commission()],
  lines: [line()],
  batches: [batch()],
  events: play(batch(), [{ type: 'start' }]),
  lots: [
    {
      id: 'lot1',
      materialId: 'sprigs',
      label: 'box',
      source: 'bought',
      date: '2026-09-01',
      madeAt: NOON,
      priceMinor: 1900,
    },
  ],
  movements: [{ id: 'm1', at: NOON, lotId: 'lot1', kind: 'receive', quantity: 35 }],
})
