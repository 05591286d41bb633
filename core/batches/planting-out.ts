import type { Commission, Line, Piece } from '../commissions'
import { zones, type PlantingGlue } from '../commissions'
import { holeFor, isFoamBase } from '../hedges'
import { makeUp, type EstimateContext, type MakeUp } from '../makeup'
import { plantMethodById, plantingOut, type Foot } from '../methods'
import type { PlantLayer } from '../planting'
import { planFrom } from './plan'
import type { Batch } from './records'
import { isMadeInPlace, isOpen, plantedLine } from './use'
import type { Run } from './machine'

/** How a piece is set, by the layer that it stands in. */
const FOOT: Record<PlantLayer, Foot> = { tree: 'hole', shrub: 'pool', ground: 'dot' }

/** Glue that a commission's trees are set in: what melts what lies under them is left out. */
export function glueFor({
  base,
  plantingGlue = 'pva',
}: Pick<Commission, 'base' | 'plantingGlue'>): PlantingGlue {
  return plantingGlue === 'hot-glue' && isFoamBase(base) ? 'pva' : plantingGlue
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
    ...planFrom(up, undefined, plantingName(line.name)),
    makes: { kind: 'planted', lineId: line.id },
  }
}

const MOST_NAME = 120
const PREFIX = 'Plant out: '
const plantingName = (line: string): string => `${PREFIX}${line}`.slice(0, MOST_NAME)

/** Id of the step at which pieces leave their trays. */
export const SETTING_STEP = 'set'

/** What a batch waits for of another: its step, and that one's. */
export interface PlantingWait {
  readonly step: string
  readonly batchId: string
  readonly until?: string
}

/**
 * What each open batch that plants must wait for: the pieces of its own line that are being made, and all that stands
 * farther back on the same board, so that no hand reaches over what stands already. Common practice.
 * @returns by id of the planting batch
 */
export function plantingWaits(
  open: readonly { readonly batch: Batch; readonly run: Run }[],
  lines: ReadonlyMap<string, Pick<Line, 'commissionId' | 'zone'>>,
): Map<string, PlantingWait[]> {
  const running = open.filter(({ run }) => isOpen(run))
  return new Map(
    running.flatMap(({ batch }): [string, PlantingWait[]][] => {
      const lineId = plantedLine(batch)
      const line = lines.get(lineId ?? '')
      if (lineId === undefined || !line) return []
      const made = running.flatMap((other): PlantingWait[] =>
        other.batch.lineId === lineId && other.batch.makes.kind === 'pieces'
          ? [{ step: SETTING_STEP, batchId: other.batch.id }]
          : [],
      )
      const behind = running.flatMap((other): PlantingWait[] => {
        const there = lines.get(plantedLine(other.batch) ?? '')
        return there?.commissionId === line.commissionId &&
          zones.indexOf(there.zone) > zones.indexOf(line.zone)
          ? [{ step: SETTING_STEP, batchId: other.batch.id, until: SETTING_STEP }]
          : []
      })
      return [[batch.id, [...made, ...behind]]]
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
  /** Wanted, and neither standing nor planned. */
  readonly left: number
}

/**
 * Counts what stands of a line, what waits on trays, and what is planned to be planted.
 * @param trays of its batches
 */
export function plantedSoFar(
  line: Pick<Line, 'id' | 'amount'>,
  trays: readonly { readonly counts: Readonly<Record<'planted' | 'to be planted', number>> }[],
  open: readonly { readonly batch: Batch; readonly run: Run }[],
): PlantedSoFar {
  const wanted = line.amount.kind === 'pieces' ? line.amount.pieces : 0
  const sum = (state: 'planted' | 'to be planted'): number =>
    trays.reduce((all, { counts }) => all + Math.max(0, counts[state]), 0)
  const planned = open.reduce(
    (all, { batch, run }) => (plantedLine(batch) === line.id && isOpen(run) ? all + run.state.live : all),
    0,
  )
  const stands = sum('planted')
  return {
    wanted,
    stands,
    onTrays: sum('to be planted'),
    planned,
    left: Math.max(0, wanted - stands - planned),
  }
}
