import { planFrom, type Batch } from '../../core/batches'
import { linePiece, type Commission, type Line } from '../../core/commissions'
import { jobOf, makeUp } from '../../core/makeup'
import { plantMethodById } from '../../core/methods'
import { speciesById } from '../../core/plants'
import { sizeClasses } from '../../core/armature'
import { catalogueRow, LEAD_DAYS, sortedBox } from '../../core/stock'
import { seededRandom } from '../../core/units'
import { newWorkshop, type WorkshopDocument } from '../../core/workshop'
import { addBlends } from './blends'
import { addBuying, toolRegister } from './buying'
import { addCalendar } from './calendar'
import { addHarvests } from './harvests'
import { commissionSeeds, lotSeeds } from './lines'
import { DAY, MINUTE, play, statesOf, type Course, type Dice } from './play'

/** A demo batch of a line. */
interface Story extends Course {
  readonly lineId: string
  readonly pieces: number
  readonly startedAgoMs: number
}

const stories: readonly Story[] = [
  {
    lineId: 'kh-tussocks',
    name: 'Tussocks, first tray',
    pieces: 120,
    startedAgoMs: 41 * DAY,
    slow: 1.25,
    used: 1.18,
    rejects: [{ step: 3, reason: 'dots had joined', count: 9 }],
    planted: 60,
    note: 'Damp evening; the dots stayed wet long enough.',
  },
  {
    lineId: 'kh-beech',
    name: 'Old beech, first dozen',
    pieces: 12,
    startedAgoMs: 33 * DAY,
    slow: 1.2,
    used: 1.1,
    rejects: [{ step: 5, reason: 'one-sided', count: 1 }],
  },
  {
    lineId: 'kh-hazel',
    name: 'Hazel heap',
    pieces: 13,
    startedAgoMs: 26 * DAY,
    slow: 0.92,
    used: 0.95,
    rejects: [{ step: 2, reason: 'flat as a pancake', count: 1 }],
  },
  {
    lineId: 'kh-beech',
    name: 'Old beech, second lot',
    pieces: 8,
    startedAgoMs: 19 * DAY,
    slow: 1.08,
    used: 1.04,
    rejects: [],
    note: 'Sprigs from the September cut, straighter than the box.',
  },
  {
    lineId: 'cs-gorse',
    name: 'Gorse, half the board',
    pieces: 16,
    startedAgoMs: 12 * DAY,
    slow: 1.04,
    used: 1.12,
    rejects: [{ step: 2, reason: 'too bright', count: 1 }],
  },
  {
    lineId: 'kh-birch',
    name: 'Birch for the platform',
    pieces: 8,
    startedAgoMs: 4 * DAY,
    slow: 1.1,
    used: 1,
    rejects: [],
    stopAt: { step: 'sprinkle', done: 3 },
  },
  {
    lineId: 'cs-couch',
    name: 'Couch, patch by patch',
    pieces: 2,
    startedAgoMs: 3 * DAY,
    slow: 1.1,
    used: 1,
    rejects: [],
    stopAt: { step: 'vacuum-2', done: 1 },
  },
  {
    lineId: 'kh-beech-young',
    name: 'Young beech, tacky since yesterday',
    pieces: 10,
    startedAgoMs: 25.2 * 60 * MINUTE,
    slow: 1,
    used: 1,
    rejects: [],
    stopAt: { step: 'press', done: 4 },
    tackyAgoMs: 23.4 * 60 * MINUTE,
  },
  {
    lineId: 'kh-spruce',
    name: 'Spruce, four for the back',
    pieces: 4,
    startedAgoMs: 1 * DAY,
    slow: 1,
    used: 1,
    rejects: [],
    planned: true,
  },
  {
    lineId: 'os-olive',
    name: 'Olives for the terrace',
    pieces: 6,
    startedAgoMs: 6 * DAY,
    slow: 1,
    used: 1,
    rejects: [],
    planned: true,
  },
]

/** The demo workshop, invented from end to end, with its dates around `nowMs`. */
export function buildDemo(nowMs: number): WorkshopDocument {
  const document = newWorkshop(new Date(nowMs).toISOString())
  const random = seededRandom(4)
  let serial = 0
  const newId = (): string => `demo-${String((serial += 1)).padStart(4, '0')}`
  const dice = { random, newId }
  const iso = (ms: number): string => new Date(ms).toISOString()
  const past = iso(nowMs - 160 * DAY)
  document.settings = {
    ...document.settings,
    name: 'Tannet Lane Bench',
    changedAt: past,
    roomC: 18,
    humidity: 58,
  }

  for (const { commission, depicted, due, lines } of commissionSeeds) {
    const isSoon = due === 'a Thursday soon'
    const year = coming(isSoon ? depicted : (due ?? depicted), nowMs)
    document.commissions.push({
      ...commission,
      changedAt: past,
      dateDepicted: `${year}-${depicted}`,
      ...(due === undefined ? {} : { deadline: isSoon ? afterNextThursday(nowMs) : `${year}-${due}` }),
    })
    lines.forEach((line, i) =>
      document.lines.push({ ...line, commissionId: commission.id, order: i + 1, changedAt: past }),
    )
  }
  for (const [materialId, quantity, priceMinor, daysAgo, label, source = 'bought'] of lotSeeds) {
    const at = nowMs - daysAgo * DAY
    const id = newId()
    document.lots.push({
      id,
      materialId,
      label,
      source,
      date: iso(at).slice(0, 10),
      madeAt: iso(at),
      ...(priceMinor === undefined ? {} : { priceMinor }),
      ...(source === 'harvested' ? { place: 'own bed' } : {}),
    })
    document.movements.push({ id: newId(), at: iso(at), lotId: id, kind: 'receive', quantity })
  }
  for (const story of [...stories].sort((a, b) => b.startedAgoMs - a.startedAgoMs))
    tell(document, story, nowMs, dice)
  sortBox(document, nowMs - 2 * DAY, newId)
  addBlends(document, nowMs, dice)
  document.tools = toolRegister(nowMs)
  addBuying(document, nowMs, newId)
  addHarvests(document, nowMs)
  addCalendar(document, nowMs)
  return document
}

/** What the quarter-bushel box gave when it was sorted: far more than the 33 trees that it was sold as. */
const BOX = { label: 'Quarter-bushel box', heaps: [4, 11, 15, 21, 24, 17, 9, 5, 2, 0], curved: 26 } as const

/** Sorts the box by the rules of the bench. */
function sortBox(document: WorkshopDocument, ms: number, newId: () => string): void {
  const state = statesOf(document).find(({ material }) => material.id === 'sprigs')
  const lot = state?.lots.find((own) => own.lot.label === BOX.label)
  if (!state || !lot) throw new RangeError(`demo box is ${BOX.label}; it must be in stock`)
  const at = new Date(ms).toISOString()
  const sorted = sortedBox({
    state,
    lot,
    heaps: sizeClasses.map((size, i) => ({ ...size, count: BOX.heaps[i] ?? 0 })),
    curved: BOX.curved,
    curvedMaterial: catalogueRow('curved-sprigs'),
    leftIn: 0,
    at,
    newId,
  })
  if (sorted.kind === 'none') throw new Error(`demo box: ${sorted.because}`)
  for (const row of sorted.value.materials)
    if (!document.materials.some(({ id }) => id === row.id))
      document.materials.push({ ...row, changedAt: at })
  document.lots.push(...sorted.value.lots)
  document.movements.push(...sorted.value.movements)
}

/** A promise whose materials must be there next Thursday. */
function afterNextThursday(nowMs: number): string {
  const THURSDAY = 4
  const days = ((THURSDAY - new Date(nowMs).getUTCDay() + 7) % 7 || 7) + LEAD_DAYS
  return new Date(nowMs + days * DAY).toISOString().slice(0, 10)
}

/** The year in which a month and day come next, or have just been. */
function coming(monthDay: string, nowMs: number): number {
  const year = new Date(nowMs).getUTCFullYear()
  return Date.parse(`${year}-${monthDay}T00:00:00Z`) < nowMs - 20 * DAY ? year + 1 : year
}

/** Works a story's batch out and plays it. */
function tell(document: WorkshopDocument, story: Story, nowMs: number, dice: Dice): void {
  const line = found<Line>(document.lines, story.lineId)
  const commission = found<Commission>(document.commissions, line.commissionId)
  const { piece } = linePiece(line, commission, (id) => speciesById(id), commission.dateDepicted)
  const method = plantMethodById(line.methodId ?? 'sprig-tree')
  if (!method) throw new RangeError(`demo method is ${line.methodId}; it must exist`)
  const up = makeUp({
    job: jobOf(line, piece),
    method,
    started: story.pieces,
    states: statesOf(document),
    dryingFactor: 1.2,
  })
  const ms = nowMs - story.startedAgoMs
  const batch: Batch = {
    ...planFrom(up, line.id, story.name),
    id: dice.newId(),
    madeAt: new Date(ms - 5 * MINUTE).toISOString(),
  }
  play(document, batch, story, ms, nowMs, dice)
}

function found<T extends { id: string }>(rows: readonly T[], id: string): T {
  const row = rows.find((candidate) => candidate.id === id)
  if (!row) throw new RangeError(`demo row is ${id}; it must exist`)
  return row
}
