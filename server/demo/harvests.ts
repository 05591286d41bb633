import { gatheringById, gatherings, isOpenOn, windowsFrom, type Harvest } from '../../core/harvest'
import { addDays } from '../../core/units'
import type { WorkshopDocument } from '../../core/workshop'
import { DAY } from './play'

/** Where Tannet Lane Bench lies, and where its maker gathers. All of it invented. */
const WORKSHOP = { latitudeDeg: 50.5, altitudeM: 180 }
/** What is due is the first of these that the day allows. */
const LIKED = ['flower-heads', 'leaves', 'shrub-stems', 'thyme', 'lichen', 'grass', 'sprigs', 'soil', 'twigs']
const WHERE: Readonly<Record<string, string>> = {
  'flower-heads': 'the lane behind the mill',
  leaves: 'the churchyard wall',
  'shrub-stems': 'the bank above the reservoir',
}

/** A harvest that is due, the bed of next year, and what last year’s brought. */
export function addHarvests(document: WorkshopDocument, nowMs: number): void {
  const today = new Date(nowMs).toISOString().slice(0, 10)
  const changedAt = new Date(nowMs - 12 * DAY).toISOString()
  document.settings = { ...document.settings, place: WORKSHOP }
  const meant = (id: string, gather: string, over: Partial<Harvest>): void => {
    const gathering = gatheringById(gather)
    if (!gathering) throw new RangeError(`demo harvest is of ${gather}; it must be one that can be gathered`)
    const { materialId, outing } = gathering
    document.harvests.push({
      id,
      changedAt,
      gather,
      materialId,
      quantity: outing,
      from: today,
      to: today,
      place: '',
      permission: 'own ground',
      ...over,
    })
  }

  const open = LIKED.flatMap((id) => {
    const gathering = gatherings.find((one) => one.id === id)
    const [window] = gathering ? windowsFrom(gathering, WORKSHOP, today, 1) : []
    return window && isOpenOn(window, today) ? [{ id, window }] : []
  })[0]
  if (open)
    meant('harvest-due', open.id, {
      ...open.window,
      place: WHERE[open.id] ?? 'the garden of a neighbour',
      permission: 'given',
      note: 'Asked on Sunday: as much as we like from the outer side.',
    })

  const sprigs = gatheringById('sprigs')
  const [cut, next] = sprigs ? windowsFrom(sprigs, WORKSHOP, today) : []
  const bed = cut && isOpenOn(cut, today) ? next : cut
  if (bed) meant('harvest-bed', 'sprigs', { ...bed, quantity: 100, place: 'own bed' })

  // The lot that the shelf has of the last cut came of a harvest that had hoped for more.
  const lot = document.lots.find(
    ({ materialId, source }) => materialId === 'sprigs' && source === 'harvested',
  )
  if (lot) {
    meant('harvest-last', 'sprigs', {
      from: addDays(lot.date, -30),
      to: lot.date,
      quantity: 80,
      place: 'own bed',
      note: 'A wet August: a good third lay flat.',
    })
    document.lots = document.lots.map((row) => (row === lot ? { ...row, harvestId: 'harvest-last' } : row))
  }
}
