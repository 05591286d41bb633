import { zones, type Commission, type Line, type Piece, type PlantingGlue, type Zone } from '../commissions'
import { holeFor, isFoamBase } from '../hedges'
import { makeUp, type EstimateContext, type MakeUp } from '../makeup'
import { plantMethodById, plantingFigures, plantingOut, type Foot } from '../methods'
import type { PlantedOn, PlantLayer } from '../planting'
import { worthOf, type OwnValues } from '../quantities'
import { planFrom, withinAName } from './plan'
import type { Batch } from './records'
import type { Run } from './machine'
import { countOn, type Tray } from './trays'
import { isMade, isMadeInPlace, isOpen, plantedLine, type Progress } from './use'

/** How a piece is set, by the layer that it stands in. */
const FOOT: Record<PlantLayer, Foot> = { tree: 'hole', shrub: 'pool', ground: 'dot' }

/** Glue that a commission's trees are set in: what melts what lies under them is left out. */
export function glueFor({
  base,
  plantingGlue = 'pva',
}: Pick<Commission, 'base' | 'plantingGlue'>): PlantingGlue {
  return plantingGlue === 'hot-glue' && isFoamBase(base) ? 'pva' : plantingGlue
}

const NONE: OwnValues = new Map()

/** What holds for all pieces of a commission, by the craft's figures or a maker's own. */
export function plantedOn(
  commission: Pick<Commission, 'base' | 'plantingGlue'>,
  own: OwnValues = NONE,
): PlantedOn {
  const glue = glueFor(commission)
  const { proppedMm, pvaMin, mediumMin } = plantingFigures
  const holds = { pva: pvaMin, medium: mediumMin, 'hot-glue': undefined }[glue]
  return {
    ...(commission.base === undefined ? {} : { base: commission.base }),
    glue,
    proppedMm: worthOf(proppedMm, own).value,
    propMin: holds ? worthOf(holds, own).value : 0,
  }
}

/** Whether a line's pieces are planted out: hedges, ground and what its way sets in place are where they stay. */
export const isPlantedOut = ({ amount, methodId }: Pick<Line, 'amount' | 'methodId'>): boolean =>
  amount.kind === 'pieces' && plantMethodById(methodId ?? '')?.setsInPlace !== true

/** Whether what a batch makes stands where it stays when it is done: made there, or set there by its last steps. */
export const standsWhenDone = (batch: Pick<Batch, 'makes' | 'methodId'>): boolean =>
  isMadeInPlace(batch) ||
  (batch.makes.kind !== 'stock' && plantMethodById(batch.methodId)?.setsInPlace === true)

/** So many pieces of a line, to be planted. */
export interface ToPlant {
  readonly piece: Piece
  readonly layer: PlantLayer
  readonly pieces: number
  readonly commission: Pick<Commission, 'base' | 'plantingGlue'>
}

/** Planting out worked out: holes, glue, earth, minutes and waits. @throws RangeError when less than one is planted */
export function plantingMakeUp(
  { piece, layer, pieces, commission }: ToPlant,
  context: EstimateContext,
): MakeUp {
  return makeUp({
    ...context,
    job: { kind: 'pieces', piece, pieces },
    method: plantingOut,
    started: pieces,
    choices: {
      foot: FOOT[layer],
      glue: glueFor(commission),
      hole: holeFor(piece.trunkMm, commission.base).tool,
    },
  })
}

/** A batch that plants what a make-up has been worked out for. */
export function plantingDraft(up: MakeUp, line: Pick<Line, 'id' | 'name'>): Omit<Batch, 'id' | 'madeAt'> {
  return {
    ...planFrom(up, undefined, withinAName(line.name, { before: 'Plant out: ' })),
    makes: { kind: 'planted', lineId: line.id },
  }
}

/** Id of the step at which pieces leave their trays. */
export const SETTING_STEP = 'set'

/** What a batch waits for of another: pieces that are to be made before they are planted, a row behind it. */
export interface BatchWait {
  /** Id of the step that can't begin before. */
  readonly step: string
  readonly batchId: string
  /** Id of the step that must be done; absent: all of them, and dry. */
  readonly until?: string
  /** Where it finds no place, nothing waits for it: a row behind is better planted first, no more. */
  readonly soft?: boolean
}

interface OpenBatch {
  readonly batch: Batch
  readonly run: Run
}

/**
 * What each open batch that plants must wait for: those of its line that make its pieces, as far as they are not on
 * trays; and all that stands farther back on the same board, so that no hand reaches over what stands already. Common
 * practice.
 * @param onTrays pieces that wait to be planted, by line
 * @returns by id of the planting batch
 */
export function plantingWaits(
  open: readonly OpenBatch[],
  lines: ReadonlyMap<string, Pick<Line, 'commissionId' | 'zone'>>,
  onTrays: ReadonlyMap<string, number>,
): Map<string, BatchWait[]> {
  const running = [...open].filter(({ run }) => isOpen(run)).sort(byAge)
  const plants = running.filter(({ batch }) => lines.has(plantedLine(batch) ?? ''))
  const makers = makersOf(running, plants, onTrays)
  return new Map(
    plants.map(({ batch }): [string, BatchWait[]] => {
      const line = lines.get(plantedLine(batch) ?? '')
      const behind = plants.flatMap((other): BatchWait[] => {
        const there = lines.get(plantedLine(other.batch) ?? '')
        return there && line && there.commissionId === line.commissionId && isBehind(there.zone, line.zone)
          ? [{ step: SETTING_STEP, batchId: other.batch.id, until: SETTING_STEP, soft: true }]
          : []
      })
      const made = (makers.get(batch.id) ?? []).map((batchId) => ({ step: SETTING_STEP, batchId }))
      return [batch.id, [...made, ...behind]]
    }),
  )
}

const byAge = (a: OpenBatch, b: OpenBatch): number =>
  a.batch.madeAt.localeCompare(b.batch.madeAt) || (a.batch.id < b.batch.id ? -1 : 1)
const isBehind = (a: Zone, b: Zone): boolean => zones.indexOf(a) > zones.indexOf(b)

/** By batch that plants, those that make pieces for it: what was planned first has what is there first. */
function makersOf(
  running: readonly OpenBatch[],
  plants: readonly OpenBatch[],
  onTrays: ReadonlyMap<string, number>,
): Map<string, string[]> {
  const there = new Map(onTrays)
  const coming = running.flatMap(({ batch, run }) =>
    batch.lineId !== undefined && batch.makes.kind === 'pieces'
      ? [{ id: batch.id, lineId: batch.lineId, left: Math.min(run.state.live, batch.plan.expectedGood) }]
      : [],
  )
  return new Map(
    plants.map(({ batch, run }): [string, string[]] => {
      const lineId = plantedLine(batch) ?? ''
      let wanted = run.state.live
      const taken = Math.min(wanted, there.get(lineId) ?? 0)
      there.set(lineId, (there.get(lineId) ?? 0) - taken)
      wanted -= taken
      const ids: string[] = []
      for (const maker of coming) {
        if (wanted <= 0) break
        if (maker.lineId !== lineId || maker.left <= 0) continue
        const own = Math.min(wanted, maker.left)
        maker.left -= own
        wanted -= own
        ids.push(maker.id)
      }
      return [batch.id, ids]
    }),
  )
}

/** How far the planting of a line has come, in pieces. */
export interface PlantedSoFar {
  readonly wanted: number
  readonly stands: number
  readonly onTrays: number
  /** Pieces of open batches that plant them. */
  readonly planned: number
  /** On trays or being made, and not yet planned to be planted. */
  readonly left: number
  /** Wanted, and neither standing nor on trays nor being made. */
  readonly unmade: number
}

/**
 * Counts what stands of a line, what waits on trays, and what is planned to be planted.
 * @param trays of its batches @param inHand good pieces that its open batches will give
 */
export function plantedSoFar(
  line: Pick<Line, 'id' | 'amount'>,
  trays: readonly Pick<Tray, 'counts'>[],
  open: readonly OpenBatch[],
  inHand: number,
): PlantedSoFar {
  const wanted = line.amount.kind === 'pieces' ? line.amount.pieces : 0
  const planned = open.reduce(
    (all, { batch, run }) => (plantedLine(batch) === line.id && isOpen(run) ? all + run.state.live : all),
    0,
  )
  const [stands, onTrays] = [countOn(trays, 'planted'), countOn(trays, 'to be planted')]
  const toPlan = Math.max(0, wanted - stands - planned)
  return {
    wanted,
    stands,
    onTrays,
    planned,
    left: Math.min(toPlan, Math.max(0, onTrays + inHand - planned)),
    unmade: Math.max(0, wanted - stands - onTrays - inHand),
  }
}

/**
 * Whether all that a line wants stands: pieces that are planted; hedges and ground stand when they are made.
 * @param stands pieces of it that are planted
 */
export const allStands = ({ amount }: Pick<Line, 'amount'>, progress: Progress, stands: number): boolean =>
  amount.kind === 'pieces' ? stands >= amount.pieces : isMade(amount, progress)
