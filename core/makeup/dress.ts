import {
  difference,
  fact,
  MM_IN_CM,
  number,
  ONE,
  product,
  property,
  quotient,
  rest,
  type Expression,
} from '../quantities'
import type { Coefficient } from './coefficients'
import { dressing as d } from './dress-figures'
import type { Option, PlantTask, Use } from './method'
import type { Kin, Piece } from './job'
import type { Slot } from './slots'
import { open, openSecOf, sets } from './setting'
import { hands, step, wetRounds, type Step, type StepDraft } from './step'
import { aboveOf, coatUse, crownOf, flockUse, leafOf, materialsAt, seeThroughOf, use } from './uses'

/** How a crown is dressed: with what it is stuck, and whether with leaf, which takes two passes. */
export interface Dress {
  readonly adhesive: 'hairspray' | 'spray-adhesive' | 'cement'
  readonly form: 'leaf' | 'ground'
  /** A darker coat first, underneath and inside. */
  readonly shade?: boolean
  /** The slot that holds the adhesive, where the way has one already; absent: one of its own. */
  readonly slot?: string
  /** Share of what is seen that armature and fibre cover already; the foliage makes up the rest. 0 to 1. */
  readonly filled?: Coefficient
}

/** The step of the second pass. */
const AGAIN = 'dress-again'

/** Whether there is any leaf to show on the day. */
export const hasLeaf = ({ leaf }: Pick<Piece, 'leaf'>): boolean => leaf > 0.01

/** A task for what a way does besides its own dressing: snow alone, with no leaf. */
export const withoutLeaf = (task: PlantTask): PlantTask => ({ ...task, piece: { ...task.piece, leaf: 0 } })

/** What snow takes where a way has a dressing of its own; nothing without it. */
export const snowSlots = (choice: (option: string) => string, own?: { id: string; label: string }): Slot[] =>
  choice('snow') === 'laden'
    ? [
        ...(own ? [{ ...own, wish: { stuff: 'liquid' as const, liquid: 'hairspray' as const } }] : []),
        { id: 'snow', label: 'Snow powder', wish: { stuff: 'powder', powder: 'snow' } },
      ]
    : []

/** A tree under snow: the same way, with one more step. */
export const snowOption: Option = {
  id: 'snow',
  name: 'Snow',
  choices: [
    { id: 'none', name: 'none', words: 'as on a day without snow' },
    {
      id: 'laden',
      name: 'laden',
      words: 'very fine white powder over adhesive, from above, with no coat over it',
    },
  ],
}

const adhesiveNames: Record<Dress['adhesive'], string> = {
  hairspray: 'Hairspray',
  'spray-adhesive': 'Spray adhesive',
  cement: 'Scenic cement',
}

/** A kind whose leaf is thrown, with its slot: several in a mixed hedge, each with its own leaf. */
interface Leafy extends Omit<Kin, 'name'> {
  readonly slot: string
  /** What it is called beside others; empty where it is the only one. */
  readonly of: string
}

/** Kinds that have leaf on the day, with their slots. */
export const leafyKin = (piece: Piece): Leafy[] =>
  (piece.kin ?? [{ name: '', share: 1, piece }]).flatMap(({ name, share, piece: own }, i) =>
    hasLeaf(own)
      ? [{ slot: i === 0 ? 'foliage' : `foliage-${i + 1}`, of: name && `, ${name}`, share, piece: own }]
      : [],
  )

/** A slot of leaf or ground foam for each kind that has leaf on the day. */
export const leafSlots = (piece: Piece, form: Dress['form'], what: string): Slot[] =>
  leafyKin(piece).map(({ slot, of, piece: own }, i) => ({
    id: slot,
    label: `${what}${of}`,
    wish: { stuff: 'foam', form, grainMm: own.grainMm, colour: own.tones.base },
    ...(i === 0 ? {} : { mayShare: true }),
  }))

/** The materials that dressing takes: on a bare day none, but for snow. */
export function dressSlots(piece: Piece, dress: Dress, choice: (option: string) => string): Slot[] {
  const { light, shade } = piece.tones
  const first = leafyKin(piece)[0]?.slot ?? 'foliage'
  const snow = choice('snow') === 'laden'
  const leafy = hasLeaf(piece)
  const flock = (id: string, label: string, colour: string, grainMm: number, extra: Partial<Slot>): Slot => ({
    id,
    label,
    wish: { stuff: 'foam', form: dress.form, grainMm, colour },
    ...extra,
  })
  const what = dress.form === 'leaf' ? 'Leaf' : 'Foliage'
  return [
    ...((leafy || snow) && dress.slot === undefined
      ? [
          {
            id: 'adhesive',
            label: adhesiveNames[dress.adhesive],
            wish: { stuff: 'liquid' as const, liquid: dress.adhesive },
          },
        ]
      : []),
    ...(leafy
      ? [
          ...leafSlots(piece, dress.form, what),
          ...(dress.shade
            ? [
                flock('shade', 'Shade, underneath', shade, piece.grainMm, {
                  tone: { is: 'darker', than: first },
                  optional: true,
                }),
              ]
            : []),
          flock('highlight', 'Highlight', light, piece.grainMm * 0.8, {
            tone: { is: 'lighter', than: first },
            optional: true,
          }),
        ]
      : []),
    ...(snow
      ? [{ id: 'snow', label: 'Snow powder', wish: { stuff: 'powder' as const, powder: 'snow' as const } }]
      : []),
  ]
}

/**
 * Foliage in coats, by the see-through law in sequence: the see-through of all coats together is the product
 * of each coat's, so that −ln g is shared out among shade, base and highlight, and leaf is thrown in two
 * passes. Each coat has its own sticking share.
 */
export function dressUses(task: PlantTask, dress: Dress): Use[] {
  const { piece } = task
  const uses: Use[] = []
  const coat = (label: string, at: string): void => {
    uses.push(coatUse(task, { slot: dress.slot ?? 'adhesive', step: at, label }, d.adhesiveCoat))
  }
  if (hasLeaf(piece)) {
    const isFilled = (id: string): boolean => task.fill(id).parts.length > 0
    const light = isFilled('highlight') ? task.input(d.lightShare) : undefined
    const dark = dress.shade && isFilled('shade') ? task.input(d.shadeShare) : undefined
    const last = dress.form === 'leaf' ? AGAIN : 'dress'
    const flock = (
      slot: string,
      at: string,
      label: string,
      shares: readonly Expression[],
      sticks: typeof d.baseSticks,
      of: Piece = piece,
    ): Use =>
      flockUse(task, {
        slot,
        step: at,
        label,
        area: crownOf(task),
        seeThrough: seeThroughOf({ piece: of }),
        leaf: leafOf({ piece: of }),
        share: product(...shares, ...(dress.filled ? [rest(task.input(dress.filled))] : [])),
        sticks,
      })
    coat(`${adhesiveNames[dress.adhesive]}, first coat`, 'dress')
    if (dark) uses.push(flock('shade', 'dress', 'Shade, underneath and inside', [dark], d.baseSticks))
    // The base makes up what the other two tones leave.
    const tones = [light, dark].filter((tone) => tone !== undefined)
    const base = tones.reduce<Expression>((left, tone) => difference(left, tone), ONE)
    const leaf = (
      at: string,
      label: string,
      shares: readonly Expression[],
      sticks: typeof d.baseSticks,
    ): Use[] =>
      leafyKin(piece).map((kin) => {
        const own = kin.share < 1 ? [fact('share of the kind', kin.share, '', 'line')] : []
        return flock(kin.slot, at, `${label}${kin.of}`, [...shares, ...own], sticks, kin.piece)
      })
    if (dress.form === 'leaf') {
      const half = quotient(base, number(2))
      uses.push(...leaf('dress', 'Leaf, first pass', [half], d.leafSticks))
      coat(`${adhesiveNames[dress.adhesive]}, second coat`, AGAIN)
      uses.push(...leaf(AGAIN, 'Leaf, second pass', [half], d.leafSticks))
    } else uses.push(...leaf('dress', 'Foliage', [base], d.baseSticks))
    if (light) uses.push(flock('highlight', last, 'Highlight, from above', [light], d.laterSticks))
  }
  if (task.choice('snow') === 'laden') {
    coat(`${adhesiveNames[dress.adhesive]} for the snow`, 'snow')
    uses.push(snowUse(task))
  }
  return uses
}

/** How much powdered snow weighs as it lies. Our estimate. */
const SNOW_BULK = property('bulk density of snow powder', 0.5, 'g/ml')

/** Snow as it lies on a crown: from above × depth × bulk density. */
export const snowUse = (task: PlantTask): Use =>
  use(task, {
    slot: 'snow',
    step: 'snow',
    label: 'Snow',
    each: product(
      aboveOf(task),
      quotient(quotient(task.input(d.snowRealMm), fact('ratio', task.piece.realRatio, '')), MM_IN_CM),
      SNOW_BULK,
    ),
  })

/** The steps of dressing, and of snow: none on a bare day without it. */
export function dressSteps(
  task: PlantTask,
  dress: Dress,
  words: { readonly where?: string } = {},
): StepDraft[] {
  const { piece, value } = task
  const sprayed = dress.adhesive !== 'cement'
  const glue = adhesiveNames[dress.adhesive].toLowerCase()
  // Little leaf is soon thrown; turning the piece and shaking it stay.
  const eachSec = 4 + value(d.throwSec) * piece.sideAreaCm2 * (0.3 + 0.7 * Math.min(1, piece.leaf))
  const readySec = value(d.readySec)
  const wetSec = openSecOf(task, dress.adhesive)
  const round = wetRounds(wetSec, readySec, eachSec)
  const cement = dress.adhesive === 'cement'
  const air = sprayed
    ? ({ needs: ['ventilation'], gives: ['aerosol', 'solvent'] } satisfies Partial<Step>)
    : {}
  const window = open(task, dress.adhesive)
  const pass = (id: string, title: string, text: string): StepDraft => ({
    id,
    title,
    text,
    hands: hands(eachSec + round.setUpEachSec, 60),
    within: window,
    atOnce: round.atOnce,
    wait: sets(task, dress.adhesive, cement ? 'Let the cement dry' : 'Let it set'),
    tools: ['catch tray'],
    ...air,
    cautions: sprayed ? ['spray', 'dust'] : ['dust'],
    faults: ['clogged-stems', 'fallen-foliage', 'loud-two-tone'],
    passes: 'Light through the crown; no foliage on the trunk.',
  })
  const steps: StepDraft[] = []
  if (hasLeaf(piece)) {
    const thin =
      piece.leaf < 0.6
        ? ` Only ${Math.round(piece.leaf * 100)} % of the leaf hangs on the day: stop early, and leave twigs bare.`
        : ''
    const shade = dress.shade ? '; the dark underneath and inside first' : ''
    const thrown = `Over the catch dish: ${glue} on the ${words.where ?? 'foliage only'}${shade}. Sprinkle from above, turn over, and from below; shake.`
    const light = 'The lighter tone last, from above only. Tip the fall back into its own jar.'
    if (dress.form === 'leaf')
      steps.push(
        pass('dress', 'Leaf, first pass', `${thrown}${thin}`),
        pass(
          AGAIN,
          'Leaf, second pass; highlight',
          `A mist of ${glue} again, and more leaf where it is bare. ${light}`,
        ),
      )
    else steps.push(pass('dress', 'Dress the crown', `${thrown} ${light}${thin}`))
  }
  if (task.choice('snow') === 'laden')
    steps.push({
      id: 'snow',
      title: 'Snow',
      text: `A mist of ${glue} from above only, then the white powder through a sieve, with a trace of black pigment in it. It lies on limbs and on what faces the sky. No coat over it: sealing turns it grey.`,
      hands: hands((value(d.snowSec) * Math.max(4, piece.topAreaCm2)) / 40, 60),
      within: window,
      wait: sets(task, dress.adhesive, 'Let it set untouched'),
      tools: ['sieve', 'catch tray'],
      ...air,
      cautions: sprayed ? ['spray', 'dust'] : ['dust'],
      faults: ['snow-sealed'],
    })
  return steps
}

/** A step that sprays paint: matt, in air, dry before the next. */
export function paintStep(
  task: PlantTask,
  draft: Pick<StepDraft, 'id' | 'title' | 'text'> & Partial<StepDraft> & { readonly times?: number },
): StepDraft {
  const { times = 1, ...rest } = draft
  return {
    hands: {
      onceSec: 60,
      eachSec: task.value(d.paintSec) * Math.max(0.4, task.piece.sideAreaCm2 / 40) * times,
      origin: 'memory',
    },
    wait: sets(task, 'paint', 'Let the paint dry'),
    needs: ['ventilation'],
    gives: ['aerosol', 'solvent'],
    cautions: ['spray'],
    faults: ['trunk-colour', 'satin'],
    ...rest,
  }
}

/** A tuft is looked over sooner than a tree: as long as it is tall, down to a tenth. */
const inspected = ({ share, piece }: PlantTask): number =>
  'each' in share ? 1 : Math.min(1, Math.max(0.1, piece.heightMm / 100))

/** The last look, and what passes it. */
export const inspectStep = (
  task: PlantTask,
  passes: string,
  faults: readonly string[] = ['one-sided', 'satin'],
): StepDraft => ({
  id: 'inspect',
  title: 'Inspect',
  text: 'Turn each one round, look at it from above, in daylight; judge the first in its place on the scene.',
  hands: { onceSec: 0, eachSec: task.value(d.inspectSec) * inspected(task), origin: 'memory' },
  needs: ['daylight'],
  passes,
  faults: [...faults, 'wrong-on-the-scene'],
})

/** Drafts as steps, each with the materials that are used at it; what is false is left out. */
export const stepsWith = (uses: readonly Use[], drafts: readonly (StepDraft | false)[]): Step[] =>
  drafts.flatMap((draft) => (draft ? [step({ ...draft, materialIds: materialsAt(uses, draft.id) })] : []))
