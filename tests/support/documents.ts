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
  people: [{ id: 'ada', changedAt: NOON, name: 'Ada' }],
  times: [
    { id: 't1', changedAt: NOON, kind: 'weekly', weekday: 5, from: '19:00', to: '21:30', people: ['ada'] },
    {
      id: 't2',
      changedAt: NOON,
      kind: 'off',
      from: '2026-12-24',
      to: '2026-12-26',
      people: [],
      why: 'holiday',
    },
  ],
  layings: [
    {
      id: batch().id,
      changedAt: NOON,
      works: [
        {
          step: batch().plan.steps[0]?.id ?? '',
          part: 0,
          person: 'ada',
          start: '2026-10-09T17:00:00.000Z',
          end: '2026-10-09T17:30:00.000Z',
          pinned: true,
        },
      ],
    },
  ],
  movements: [{ id: 'm1', at: NOON, lotId: 'lot1', kind: 'receive', quantity: 35 }],
})
