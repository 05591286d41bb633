import { zones, type Commission, type Line, type Piece, type PlantingGlue, type Zone } from '../commissions'
import { holeFor, isFoamBase } from '../hedges'
import { makeUp, type EstimateContext, type MakeUp } from '../makeup'
import { plantMethodById, plantingFigures, plantingOut, type Foot } from '../methods'
import type { PlantedOn, PlantLayer } from '../planting'
import { worthOf, type OwnValues } from '../quantities'
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
  /** A row behind is better planted first, and is not waited for where nobody knows when. */
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
): Map<string, PlantingWait[]> {
  const running = [...open].filter(({ run }) => isOpen(run)).sort(byAge)
  const plants = running.filter(({ batch }) => lines.has(plantedLine(batch) ?? ''))
  const makers = makersOf(running, plants, onTrays)
  return new Map(
    plants.map(({ batch }): [string, PlantingWait[]] => {
      const line = lines.get(plantedLine(batch) ?? '')
      const behind = plants.flatMap((other): PlantingWait[] => {
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
  trays: readonly { readonly counts: Readonly<Record<'planted' | 'to be planted', number>> }[],
  open: readonly OpenBatch[],
  inHand: number,
): PlantedSoFar {
  const wanted = line.amount.kind === 'pieces' ? line.amount.pieces : 0
  const sum = (state: 'planted' | 'to be planted'): number =>
    trays.reduce((all, { counts }) => all + Math.max(0, counts[state]), 0)
  const planned = open.reduce(
    (all, { batch, run }) => (plantedLine(batch) === line.id && isOpen(run) ? all + run.state.live : all),
    0,
  )
  const [stands, onTrays] = [sum('planted'), sum('to be planted')]
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
