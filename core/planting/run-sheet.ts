import { zones, type Amount, type PlantingGlue, type Zone } from '../commissions'
import { holeFor, type Base, type Hole } from '../hedges'
import { counted, plainNumber } from '../units'
import type { PlantLayer } from './layers'

/** A line as planting out sees it. Lengths in mm at the model. */
export interface PlantingOut {
  readonly lineId: string
  readonly code: string
  readonly name: string
  readonly zone: Zone
  readonly layer: PlantLayer
  readonly amount: Amount
  readonly heightMm: number
  /** Thickness of the stem at the ground. */
  readonly stemMm: number
  /** Whether its leaves or needles lie under it: this year’s or the last’s. */
  readonly litter: boolean
  /** Its way of making has set it where it stays. */
  readonly setInPlace?: boolean
}

/** One line of the run sheet: what is planted, in what, and what holds it meanwhile. */
export interface RunSheetRow {
  readonly row: PlantingOut
  /** Absent where nothing is drilled. */
  readonly hole?: Hole
  readonly glue: string
  /** Hours that it is propped for; absent where it stands by itself. */
  readonly propH?: number
  /** What comes before and after, in words. */
  readonly before?: string
  readonly after?: string
}

const GLUES: Record<PlantingGlue, string> = {
  pva: 'PVA in the hole',
  medium: 'full-strength medium in the hole',
  'hot-glue': 'hot glue in the hole, where it is hidden',
}

/** What holds for all pieces of a commission. */
export interface PlantedOn {
  readonly base?: Base
  readonly glue: PlantingGlue
  /** What is taller leans until its glue holds, mm; and how long that takes, min: 0 where it grabs. */
  readonly proppedMm: number
  readonly propMin: number
}

/**
 * The order of planting out: from the back to the front; in each zone first what is made in its place, then the
 * ground layer, shrubs and trees, the low before the tall. Common practice: so that no hand reaches over what
 * stands already.
 */
export function runSheet(lines: readonly PlantingOut[], on: PlantedOn): RunSheetRow[] {
  const depth = (zone: Zone): number => zones.length - zones.indexOf(zone)
  const rank = ({ amount, layer }: PlantingOut): number =>
    amount.kind === 'area'
      ? 0
      : amount.kind === 'length'
        ? 1
        : layer === 'ground'
          ? 2
          : layer === 'shrub'
            ? 3
            : 4
  return [...lines]
    .sort(
      (a, b) =>
        depth(a.zone) - depth(b.zone) ||
        rank(a) - rank(b) ||
        a.heightMm - b.heightMm ||
        a.code.localeCompare(b.code),
    )
    .map((row) => rowOf(row, on))
}

function rowOf(row: PlantingOut, { base, glue, proppedMm, propMin }: PlantedOn): RunSheetRow {
  const { amount, layer, stemMm, heightMm } = row
  if (amount.kind === 'area')
    return { row, glue: 'set in its place: see its batch', after: 'Vacuum when it is dry.' }
  if (amount.kind === 'length')
    return {
      row,
      glue: 'built in its place: see its batch',
      before: 'Standing trees of the hedge first.',
      after: 'Earth over the holes.',
    }
  if (row.setInPlace) return { row, glue: 'set by the last steps of its batch: not again' }
  if (layer === 'ground')
    return { row, glue: 'a dot of tacky PVA; not pressed down', after: 'Earth on every shiny spot.' }
  if (layer === 'shrub')
    return {
      row,
      glue: 'a pool of PVA as wide as the foot',
      after: 'Push it up with a stick while the glue is wet.',
    }
  const propH = heightMm > proppedMm ? Math.round(propMin / 6) / 10 : 0
  return {
    row,
    hole: holeFor(stemMm, base),
    glue: GLUES[glue],
    ...(propH > 0 ? { propH } : {}),
    ...(row.litter ? { before: 'Litter on its footprint first.' } : {}),
    after: 'Earth powder and a squirt of water on the ring.',
  }
}

/** A row in words, as it is printed. */
export function runSheetWords({ row, hole, glue, propH, before, after }: RunSheetRow): string {
  const amount = row.amount.kind === 'pieces' ? counted(row.amount.pieces, 'piece') : 'in place'
  return [
    `${row.code} ${row.name}, ${row.zone}: ${amount}.`,
    before,
    hole && `Hole ${plainNumber(hole.mm, 1)} mm, by ${hole.tool}.`,
    `${glue.charAt(0).toUpperCase()}${glue.slice(1)}.`,
    propH && `Prop with plastic pegs for ${propH} h.`,
    after,
  ]
    .filter(Boolean)
    .join(' ')
}
