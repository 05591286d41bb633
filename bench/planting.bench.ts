import type { Line } from '../core/commissions'
import { bedsOf, boardOf, planPlanting } from '../core/planting'
import { speciesById } from '../core/plants'
import { newWorkshop } from '../core/workshop'
import { report } from './race'

/**
 * Planting plans of 5 000 pieces on 2.4 × 0.9 m, with room for all, and with room for a few; against the same
 * board with a tenth of them.
 */
const NOW = '2026-01-01T08:00:00.000Z'
const board = {
  ...newWorkshop(NOW).commissions[0]!,
  id: 'wood',
  changedAt: NOW,
  name: 'Wood',
  ratio: 87.1,
  dateDepicted: '2026-06-20',
  place: '',
  latitudeDeg: 50,
  altitudeM: 100,
  viewingMm: 700,
  stature: 0.75,
  boardWidthMm: 2400,
  boardDepthMm: 900,
  keepOuts: [
    {
      id: 'track',
      kind: 'line' as const,
      widthMm: 32,
      points: [
        [0, 200],
        [1200, 340],
        [2400, 300],
      ] as [number, number][],
    },
  ],
}

const rows = (amounts: Readonly<Record<string, number>>) =>
  Object.entries(amounts).map(([speciesId, pieces], order) => {
    const line: Line = {
      id: speciesId,
      changedAt: NOW,
      commissionId: board.id,
      order,
      name: speciesId,
      speciesId,
      age: 'mature',
      amount: { kind: 'pieces', pieces },
      zone: (['front', 'middle', 'back'] as const)[order % 3]!,
      methodId: 'sprig-tree',
    }
    return { line, species: speciesById(speciesId) }
  })

const time = (amounts: Readonly<Record<string, number>>) => {
  const beds = bedsOf(board, rows(amounts))
  const times: number[] = []
  let planted = 0
  for (let i = 0; i < 3; i += 1) {
    const start = performance.now()
    planted = planPlanting(boardOf(board)!, beds, `seed ${i}`).spots.length
    times.push(performance.now() - start)
  }
  return { ms: times.sort((a, b) => a - b)[1]!, planted }
}

const mixed = { 'silver-birch': 100, hazel: 300, bramble: 600, bracken: 1500, 'soft-rush': 2500 }
const tenth = Object.fromEntries(Object.entries(mixed).map(([kind, pieces]) => [kind, pieces / 10]))
const crowded = { beech: 1500, 'silver-birch': 1500, hawthorn: 1000, hazel: 1000 }
const few = time(tenth)
for (const [what, amounts] of Object.entries({ 'a mixed wood': mixed, 'trees far too many': crowded })) {
  const { ms, planted } = time(amounts)
  report(
    `${what}: 5 000 pieces asked, ${planted} planted, ${Math.round(ms)} ms (target 2000); a tenth of the mixed wood, ${few.planted}, takes ${Math.round(few.ms)} ms`,
    ms < 2000,
  )
}
