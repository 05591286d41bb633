import { inGamut } from '../colour'
import { dayOfMonthDay } from './days'
import { cycleOf } from './phenology'
import type { Species } from './types'

/** A fault of a species row beyond the shape of its fields. */
export interface RowFault {
  readonly path: string
  readonly message: string
}

/**
 * What does not fit together in a species row: heights that don't rise, dates out of order, colours that no
 * screen shows.
 */
export function faultsOf(row: Species): RowFault[] {
  const faults: RowFault[] = []
  const fault = (path: string, message: string): void => {
    faults.push({ path, message })
  }
  row.heightM.forEach((height, i) => {
    if (i > 0 && height <= (row.heightM[i - 1] ?? 0))
      fault(`heightM.${i}`, 'must be taller than at the age before')
  })
  const days: [string, string | undefined][] = [
    ['burst', row.dates.burst],
    ['fullLeaf', row.dates.fullLeaf],
    ['turning', row.dates.turning],
    ['fall', row.dates.fall],
    ['bare', row.dates.bare],
  ]
  for (const [name, day] of [
    ...days,
    ...(row.dates.flower ?? []).map((day, i): [string, string] => [`flower.${i}`, day]),
    ...(row.dates.fruit ?? []).map((day, i): [string, string] => [`fruit.${i}`, day]),
  ]) {
    if (day === undefined) continue
    try {
      dayOfMonthDay(day)
    } catch {
      fault(`dates.${name}`, 'is no day of the year')
    }
  }
  if (faults.length > 0) return faults
  const { full, turning, fall, bare } = cycleOf({ ...row })
  if (row.keeps === 'evergreen') {
    if (row.dates.turning ?? row.dates.fall ?? row.dates.bare)
      fault('dates.turning', 'an evergreen has no autumn: leave turning, fall and bare empty')
  } else {
    for (const name of ['turning', 'fall', 'bare'] as const)
      if (row.dates[name] === undefined) fault(`dates.${name}`, 'is needed where leaves fall or die back')
    if (!(full < turning && turning <= fall && fall <= bare))
      fault(
        'dates.turning',
        'full leaf, turning, fall and bare must follow the bursting of the buds in this order',
      )
  }
  if ((row.keeps === 'dies back') !== (row.standing !== undefined))
    fault('standing.winter', row.standing ? 'is only for what dies back' : 'is needed for what dies back')
  for (const show of ['flower', 'fruit'] as const) {
    if (row.show[show] > 0 && row.dates[show] === undefined)
      fault(`dates.${show}.0`, `is needed where ${show}s show`.replace('fruits', 'fruit'))
    if (row.show[show] > 0 && row.colours[show] === undefined)
      fault(`colours.${show}`, 'is needed where it shows')
  }
  const colours = {
    fresh: row.colours.fresh,
    summer: row.colours.summer,
    dead: row.colours.dead,
    twig: row.colours.twig,
    ...(row.colours.flower && { flower: row.colours.flower }),
    ...(row.colours.fruit && { fruit: row.colours.fruit }),
  }
  for (const [name, lab] of Object.entries(colours))
    if (!inGamut(lab, 0.003)) fault(`colours.${name}`, 'lies outside what sRGB shows')
  return faults
}
