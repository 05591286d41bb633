import {
  allStands,
  foldRun,
  glueFor,
  isPlantedOut,
  movesOf,
  plantedOn,
  plantedMoves,
  plantedSoFar,
  plantingDraft,
  plantingMakeUp,
  plantingWaits,
  standsWhenDone,
  type Batch,
  type Tray,
} from '../../../core/batches'
import { examplePiece } from '../../../core/methods/kit'
import { batch, line, minutesAfter, play } from '../../support/workshop'

const open = (own: Batch) => ({ batch: own, run: foldRun(own, []) })
const making = (id: string, lineId: string): Batch => batch({ id, lineId })
const planting = (id: string, lineId: string): Batch => {
  const { lineId: _made, ...rest } = batch({ id, makes: { kind: 'planted', lineId } })
  return rest
}
const lines = new Map([
  ['spruce', line({ id: 'spruce', zone: 'back' })],
  ['hazel', line({ id: 'hazel', zone: 'middle' })],
  ['birch', line({ id: 'birch', zone: 'front' })],
  ['other', line({ id: 'other', zone: 'back', commissionId: 'elsewhere' })],
])
const tray = (name: string, waiting: number, more: Partial<Tray['counts']> = {}): Tray => ({
  batchId: 'b',
  name,
  counts: {
    'to be planted': waiting,
    planted: 0,
    sold: 0,
    'given back': 0,
    spoilt: 0,
    'moved on': 0,
    ...more,
  },
})

describe('planting out', () => {
  test('waits for the pieces that are being made, and for all that stands farther back on its own board', () => {
    const waits = plantingWaits(
      [
        open(making('m1', 'birch')),
        open(making('m2', 'birch')),
        open(planting('p-birch', 'birch')),
        open(planting('p-hazel', 'hazel')),
        open(planting('p-spruce', 'spruce')),
        open(planting('p-other', 'other')),
      ],
      lines,
      new Map(),
    )
    expect(waits.get('p-birch')).toEqual([
      { step: 'set', batchId: 'm1' },
      { step: 'set', batchId: 'm2' },
      { step: 'set', batchId: 'p-hazel', until: 'set', soft: true },
      { step: 'set', batchId: 'p-spruce', until: 'set', soft: true },
    ])
    expect(waits.get('p-hazel')).toEqual([{ step: 'set', batchId: 'p-spruce', until: 'set', soft: true }])
    expect(waits.get('p-spruce')).toEqual([])
    expect(waits.get('p-other')).toEqual([])
    expect(waits.has('m1')).toBe(false)
  })

  test('what has ended, or lost its line, is waited for no more', () => {
    const done = planting('p-spruce', 'spruce')
    const ended = foldRun(done, play(done, [{ type: 'abandon', reason: 'no', handsMin: 0, used: [] }]))
    const waits = plantingWaits(
      [{ batch: done, run: ended }, open(planting('p-birch', 'birch')), open(planting('p-gone', 'gone'))],
      lines,
      new Map(),
    )
    expect([...waits]).toEqual([['p-birch', []]])
  })

  test('what is on trays is not waited for: what was planned first has it first', () => {
    // Two batches of five each, four good of each are foretold; six lie on trays, two are planted by five each.
    const waits = (onTrays: number) => {
      const found = plantingWaits(
        [
          open(making('m1', 'birch')),
          open(making('m2', 'birch')),
          open(planting('p1', 'birch')),
          open({ ...planting('p2', 'birch'), madeAt: minutesAfter(9) }),
        ],
        lines,
        new Map([['birch', onTrays]]),
      )
      return ['p1', 'p2'].map((id) => found.get(id)!.map(({ batchId }) => batchId))
    }
    expect(waits(10)).toEqual([[], []])
    expect(waits(6)).toEqual([[], ['m1']])
    expect(waits(2)).toEqual([['m1'], ['m1', 'm2']])
  })

  test('counts what stands, waits and is planned; what is neither made nor planned to be can’t be planted', () => {
    const own = line({ id: 'birch', amount: { kind: 'pieces', pieces: 20 } })
    const planned = { ...planting('p', 'birch'), pieces: 8 }
    // Of 20, 5 stand, 9 lie on trays, 3 are being made: 3 nobody makes. 8 of the 12 are planned.
    expect(plantedSoFar(own, [tray('Lid', 9, { planted: 5 })], [open(planned)], 3)).toEqual({
      wanted: 20,
      stands: 5,
      onTrays: 9,
      planned: 8,
      left: 4,
      unmade: 3,
    })
    expect(plantedSoFar(own, [tray('Lid', 4, { planted: 25 })], [], 0).left).toBe(0)
  })

  test('all stands: pieces that are planted, a hedge but for what is no work, ground when it is made', () => {
    const made = (wanted: number, good: number) => ({ wanted, good, inHand: 0, left: wanted - good })
    const own = line({ amount: { kind: 'pieces', pieces: 20 } })
    // Twenty are made; the last waits on its tray.
    expect([19, 20, 21].map((stands) => allStands(own, made(20, 20), stands))).toEqual([false, true, true])
    const hedge = line({ amount: { kind: 'length', lengthMm: 1000, section: 'free' } })
    expect([997, 998, 1000, 1200].map((good) => allStands(hedge, made(1000, good), 0))).toEqual([
      false,
      true,
      true,
      true,
    ])
  })

  test('a batch that plants a line with a very long name has a name that a batch may have', () => {
    const up = plantingMakeUp(
      { piece: examplePiece('broadleaf', 'rounded', 80), layer: 'tree', pieces: 3, commission: {} },
      { states: [], dryingFactor: 1 },
    )
    const short = plantingDraft(up, { id: 'l', name: 'Beech' })
    expect([short.name, short.makes]).toEqual(['Plant out: Beech', { kind: 'planted', lineId: 'l' }])
    const { name } = plantingDraft(up, { id: 'l', name: 'B'.repeat(120) })
    expect([name.length, name.slice(0, 12), name.at(-1)]).toEqual([120, 'Plant out: B', '…'])
  })

  test('its good pieces stand and what broke is spoilt, the fullest tray first', () => {
    expect(plantedMoves([tray('Left', 3), tray('Right', 6)], 7, 2)).toEqual([
      { batchId: 'b', tray: 'Right', count: 6, from: 'to be planted', to: 'planted' },
      { batchId: 'b', tray: 'Left', count: 1, from: 'to be planted', to: 'planted' },
      { batchId: 'b', tray: 'Left', count: 2, from: 'to be planted', to: 'spoilt' },
    ])
  })

  test('what was ticked off meanwhile stands already: nothing is moved twice', () => {
    const moves = plantedMoves([tray('Left', 2, { planted: 4 })], 6, 1)
    expect(moves).toEqual([{ batchId: 'b', tray: 'Left', count: 2, from: 'to be planted', to: 'planted' }])
    expect(movesOf([tray('Left', 2)], 5, 'to be planted', 'planted').lacking).toBe(3)
  })

  test('hedges, ground and what its way sets in place are not planted again', () => {
    expect(isPlantedOut(line({ methodId: 'sprig-tree' }))).toBe(true)
    expect(isPlantedOut(line({ methodId: 'clump-bush' }))).toBe(false)
    expect(isPlantedOut(line({ amount: { kind: 'area', areaCm2: 100 } }))).toBe(false)
    expect(standsWhenDone(batch({ methodId: 'clump-bush' }))).toBe(true)
    expect(standsWhenDone(batch({ methodId: 'sprig-tree' }))).toBe(false)
  })

  test('hot glue is for what it does not melt', () => {
    expect(glueFor({ plantingGlue: 'hot-glue', base: 'plaster' })).toBe('hot-glue')
    expect(glueFor({ plantingGlue: 'hot-glue', base: 'extruded foam' })).toBe('pva')
    expect(glueFor({})).toBe('pva')
    // The sheet and the batch go by the same figures, a maker's own before the craft's.
    expect(plantedOn({})).toEqual({ glue: 'pva', proppedMm: 45, propMin: 720 })
    const own = new Map([['planting-out/medium-min', 90]])
    expect(plantedOn({ base: 'wood', plantingGlue: 'medium' }, own)).toMatchObject({
      base: 'wood',
      propMin: 90,
    })
    expect(plantedOn({ plantingGlue: 'hot-glue' }).propMin).toBe(0)
  })
})
