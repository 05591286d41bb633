import {
  amountText,
  apparentShare,
  drawnParts,
  individualSizes,
  isPatch,
  piecesToShow,
  shownMm,
  sitterOf,
  type DrawnMember,
  type DrawingSubject,
  type SitterPart,
} from '~~/core/commissions'
import type { Look } from '~~/core/plants'
import type { Lined } from '../drawing/line-up'
import { WHOLE, type Sight } from '../drawing/sight'
import { drawingOf } from '../drawing/studio'
import type { Plant } from './plant'

/** A plant as it stands in the line-up: an example of a line, or one of its pieces. */
export interface Subject extends Lined {
  readonly id: string
  readonly plant: Plant
  /** Size at the model, before distance makes it smaller. */
  readonly trueHeightMm: number
  /** How much smaller it is drawn than it is, when seen from the viewing point. */
  readonly shrink: number
  readonly example: DrawingSubject
  /** What further copies are drawn from, where there is room for some. */
  readonly others: readonly DrawingSubject[]
  /** Of a mixed line: its kinds side by side or among each other, instead of the example. */
  readonly parts: readonly SitterPart<DrawnMember>[]
}

/** What a line is drawn from: one drawing, or those of its kinds with their own looks. */
export const partsOf = ({ line, members }: Plant): SitterPart<DrawnMember>[] => drawnParts(line, members)

/** What the copy at a place is drawn from, with its look; the example stands first. */
export const drawnAt = (
  { example, others, parts, plant }: Subject,
  place: number,
): { sitter: DrawingSubject; look: Look; offsetMm: number }[] =>
  parts.length > 0
    ? parts.map(({ sitter, of, offsetMm }) => ({ sitter, look: of.look, offsetMm }))
    : [{ sitter: (place === 0 ? undefined : others[place - 1]) ?? example, look: plant.look, offsetMm: 0 }]

/** How far a plant reaches from its foot, mm: half its crown to either side, or as it was grown where it leans. */
function reachOf(sitter: DrawingSubject, crownWidthMm: number): { left: number; right: number } {
  const leans = (sitter.habitus.leanDeg ?? 0) !== 0 || (sitter.habitus.wind ?? 0) !== 0
  const drawing = leans ? drawingOf(sitter) : undefined
  return drawing?.reach ?? { left: crownWidthMm / 2, right: crownWidthMm / 2 }
}

/** Pieces of one line that are shown side by side. */
export const MOST_PIECES = 60
/** Lines that stand side by side at most: those around the one in hand. */
const MOST_LINES = 48
const COPIES = 7
const MOST_SHELVES = 4

/**
 * How the Line-up is looked at: true size or as seen, all lines or the pieces of one, one beside another, and
 * how near.
 */
export const useLineUp = defineStore('line-up', () => {
  const commission = useCommission()
  const mode = ref<'true' | 'seen'>('true')
  const pieces = ref(false)
  const lens = ref(false)
  const againstId = ref<string>()
  const sight = shallowRef<Sight>(WHOLE)

  const against = computed<Plant | undefined>(() =>
    commission.plants.find(
      ({ line }) => line.id === againstId.value && line.id !== commission.selected?.line.id,
    ),
  )
  watch(
    () => commission.current?.id,
    () => {
      pieces.value = false
      againstId.value = undefined
      sight.value = WHOLE
    },
  )
  watch([pieces, againstId, mode], () => {
    sight.value = WHOLE
  })

  /** Lines stand on one ground; the pieces of one may be shared out on shelves. */
  const mostShelves = computed(() => (pieces.value ? MOST_SHELVES : 1))

  const shrinkOf = (plant: Plant): number =>
    mode.value === 'seen' && commission.current ? apparentShare(commission.current, plant.line.zone) : 1

  /**
   * Sitters don't change with the day, but for what dies back: the same ones are handed out again, so that
   * their drawings are found at once.
   */
  const sat = new Map<string, { example: DrawingSubject; others: DrawingSubject[] }>()
  function sittersOf(
    { line, species, size, piece }: Plant,
    copies: number,
  ): { example: DrawingSubject; others: DrawingSubject[] } {
    const key = [
      line.id,
      species.id,
      line.leanDeg,
      line.wind,
      piece.seeThrough,
      copies,
      (size.heightMm / size.heightShare).toFixed(2),
      size.crownWidthMm.toFixed(2),
      size.form.clearStemM,
      size.trunkMm.toFixed(3),
      JSON.stringify(line.amount.kind === 'pieces' ? {} : line.amount),
    ].join('|')
    const known = sat.get(key)
    if (known) return known
    const made = {
      example: sitterOf(line, species, size, piece.seeThrough),
      others: Array.from({ length: copies - 1 }, (_, i) =>
        sitterOf(line, species, size, piece.seeThrough, i + 1),
      ),
    }
    if (sat.size > 2000) sat.clear()
    sat.set(key, made)
    return made
  }

  function example(plant: Plant, copies: number): Subject {
    const { line, size } = plant
    const shrink = shrinkOf(plant)
    const shown = isPatch(line.amount, size) ? 1 : piecesToShow(line.amount)
    const sitters = sittersOf(plant, Math.min(copies, shown))
    const wideMm = shownMm(line.amount, size)
    const { left, right } = reachOf(sitters.example, wideMm)
    return {
      id: line.id,
      plant,
      label: line.name,
      pieces: shown,
      amount: line.amount.kind === 'pieces' ? `×${shown}` : amountText(line.amount),
      heightMm: size.heightMm * shrink,
      crownWidthMm: (left + right) * shrink,
      leanMm: ((right - left) / 2) * shrink,
      trueHeightMm: size.heightMm,
      shrink,
      ...sitters,
      parts: plant.members.length > 1 ? partsOf(plant) : [],
    }
  }
  function piecesOf(plant: Plant): Subject[] {
    const { line, species, size, piece } = plant
    return individualSizes(size, Math.min(MOST_PIECES, piecesToShow(line.amount)), line.id).map((own, i) => {
      const alone = { ...line, amount: { kind: 'pieces' as const, pieces: 1 } }
      const example = sitterOf(alone, species, { ...size, ...own }, piece.seeThrough, i + 1)
      const { left, right } = reachOf(example, own.crownWidthMm)
      return {
        id: `${line.id}#${i + 1}`,
        plant,
        label: String(i + 1),
        pieces: 1,
        amount: '',
        heightMm: own.heightMm,
        crownWidthMm: left + right,
        leanMm: (right - left) / 2,
        trueHeightMm: own.heightMm,
        shrink: 1,
        example,
        others: [],
        parts: [],
      }
    })
  }

  const around = computed(() =>
    windowOf(
      commission.plants,
      commission.plants.findIndex(({ line }) => line.id === commission.selected?.line.id),
      MOST_LINES,
    ),
  )
  /** Lines that there was no room for in the drawing. */
  const leftOut = computed(() =>
    pieces.value || against.value ? 0 : commission.plants.length - around.value.length,
  )
  const subjects = computed<Subject[]>(() => {
    const chosen = commission.selected
    if (pieces.value && chosen && chosen.line.amount.kind !== 'length') return piecesOf(chosen)
    if (against.value && chosen) return [example(chosen, 1), example(against.value, 1)]
    return around.value.map((plant) => example(plant, COPIES))
  })
  return { mode, pieces, lens, againstId, against, sight, subjects, around, leftOut, mostShelves }
})
