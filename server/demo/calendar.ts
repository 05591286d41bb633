import type { TimeOf } from '../../core/schedule'
import type { WorkshopDocument } from '../../core/workshop'
import { DAY } from './play'

const MONDAY = 1
const TUESDAY = 2
const THURSDAY = 4
const SATURDAY = 6

/** Two people, their evenings and Saturdays; one is away for a long weekend before the first promise. */
export function addCalendar(document: WorkshopDocument, nowMs: number): void {
  const changedAt = new Date(nowMs - 40 * DAY).toISOString()
  document.people.push(
    { id: 'demo-maren', changedAt, name: 'Maren' },
    { id: 'demo-jory', changedAt, name: 'Jory' },
  )
  const weekly = (
    id: string,
    weekday: number,
    from: string,
    to: string,
    people: string[],
  ): TimeOf<'weekly'> => ({ id, changedAt, kind: 'weekly', weekday, from, to, people })
  document.times.push(
    weekly('demo-monday', MONDAY, '19:30', '21:30', ['demo-jory']),
    weekly('demo-tuesday', TUESDAY, '19:00', '21:30', []),
    weekly('demo-thursday', THURSDAY, '19:00', '22:00', []),
    weekly('demo-saturday', SATURDAY, '10:00', '15:00', []),
  )
  const day = (days: number): string => new Date(nowMs + days * DAY).toISOString().slice(0, 10)
  document.times.push({
    id: 'demo-away',
    changedAt,
    kind: 'off',
    from: day(6),
    to: day(8),
    people: ['demo-jory'],
    why: 'at the coast',
  })
}
