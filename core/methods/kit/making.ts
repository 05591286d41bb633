import type { Setting } from '../../adhesives'
import { fibreMass, flockMass, lostInTheFall, thrown } from '../../coverage'
import {
  ONE,
  fact,
  figure,
  number,
  product,
  property,
  quotient,
  roundedUp,
  type Coefficient,
  type Expression,
  type Leaf,
} from '../../quantities'
import { plainNumber, type TradeOrigin } from '../../units'
import { catalogueRow, unitOfSpec, type Material } from '../../stock'
import {
  shared,
  timeWords,
  wetRounds,
  type Cut,
  type Filled,
  type Pour,
  type StepDraft,
  type Task,
  type Use,
  type WetRounds,
  type Yield,
} from '../../makeup'
import { listed, type Listed } from './listed'
import { openSecOf, open, sets, type WhoseTime } from './setting'

/** What goes into an amount as one of its factors. */
export type Factor = Expression | Coefficient | number

/** So much of one material; the operation that takes it says at which step. */
export type Taken = Omit<Use, 'step'>

/** Seconds of hands for each piece; once for the batch, where that is not as usual; and where they come from. */
export type Hands = number | readonly [each: number, once?: number, by?: TradeOrigin]

/** What an operation is told besides what it is called; all that it leaves out is nothing. */
export interface Draft extends Partial<
  Omit<StepDraft, 'id' | 'title' | 'text' | 'hands' | 'materialIds' | 'back'>
> {
  readonly text: string
  readonly hands?: Hands
  readonly takes?: Listed<Taken>
  /** The step whose fallen fibre comes back at this one. */
  readonly vacuums?: string
  readonly pours?: readonly Pour[]
  readonly cuts?: readonly Cut[]
  readonly yields?: Listed<Yield>
}

/** Another name or other words for an operation of the kit. */
export interface Words extends Partial<Draft> {
  readonly id?: string
  readonly title?: string
}

/** Seconds of hands for each piece. */
export const eachOf = (hands: Hands = 0): number => (typeof hands === 'number' ? hands : hands[0])

/** A trait that the dealer deals: what may be dealt, and how often. What has no share is left out. */
export const trait = (id: string, shares: Readonly<Record<string, number>>) => ({
  id,
  options: Object.entries(shares).flatMap(([name, share]) => (share > 0 ? [{ name, share }] : [])),
})

/** What hands do at one step, with all that belongs to it. */
export interface Operation {
  readonly step: StepDraft
  readonly takes: readonly Taken[]
  readonly vacuums?: string
  readonly pours: readonly Pour[]
  readonly cuts: readonly Cut[]
  readonly yields: readonly Yield[]
}

/** What a coat of flock is told. */
export interface Flock {
  /** Area that it covers, cm²; its see-through in full leaf, the foliage of the day, and this coat's share of it. */
  readonly area: Expression
  readonly seeThrough: Expression
  readonly leaf?: Expression
  readonly share?: Expression
  readonly sticks: Coefficient
}

/** What fibre set by static is told: fibres on a cm², the cm² of one piece, and this slot's share of them. */
export interface Fibre {
  readonly perCm2: Expression
  readonly area: Expression
  readonly share?: Expression
  readonly sticks: Coefficient
}

const whose = (by?: Coefficient, from?: string): WhoseTime => ({
  ...(by === undefined ? {} : { by }),
  ...(from === undefined ? {} : { from }),
})
const USUAL_FIBRE = { lengthMm: 4, dtex: 22 }
/** Most of what is worked out for a job, whatever it makes. */
export class Making<T extends Task = Task> {
  constructor(readonly task: T) {}

  get job(): T['job'] {
    return this.task.job
  }
  get started(): number {
    return this.task.started
  }
  choice(optionId: string): string {
    return this.task.choice(optionId)
  }
  /** What fills a slot; whether anything does. */
  fill(slotId: string): Filled {
    return this.task.fill(slotId)
  }
  has(slotId: string): boolean {
    return this.fill(slotId).parts.length > 0
  }
  material(slotId: string): Material | undefined {
    return this.fill(slotId).parts[0]?.material
  }

  value(coefficient: Coefficient): number {
    return this.task.value(coefficient)
  }
  /** A factor as it goes into an amount. */
  input(of: Factor): Expression {
    return typeof of === 'number' ? number(of) : 'op' in of ? of : this.task.input(of)
  }
  product(...of: readonly Factor[]): Expression {
    const [first, ...rest] = of.map((one) => this.input(one))
    return first && rest.length === 0 ? first : product(first ?? ONE, ...rest)
  }
  get pieces(): Leaf {
    return fact('pieces started', this.started, '')
  }

  /** So much of the material that fills a slot, for one piece. @param label what it is called here */
  take(slotId: string, of: Factor | readonly Factor[], label?: string): Taken {
    const each = this.product(...(Array.isArray(of) ? (of as readonly Factor[]) : [of as Factor]))
    return this.taken(slotId, label, each, product(each, this.pieces))
  }
  /** So much for each good piece: glue of what is planted. */
  takeGood(slotId: string, of: readonly Factor[], label?: string): Taken {
    const each = this.product(...of)
    const good = fact('good pieces', this.task.good, '', 'memory', 'judged before they are planted')
    return this.taken(slotId, label, each, product(each, good))
  }
  /** So much for the whole batch, shared out to its pieces. */
  takeOnce(slotId: string, total: Expression, label?: string): Taken {
    return { ...this.taken(slotId, label, quotient(total, this.pieces), total), once: true }
  }
  /** So much for the batch and no piece: what stock is made of. */
  takeAll(slotId: string, total: Expression, label?: string): Taken {
    return this.taken(slotId, label, total, total)
  }
  protected taken(
    slotId: string,
    label: string | undefined,
    each: Expression,
    total: Expression,
    lies?: Expression,
  ): Taken {
    const { slot, parts } = this.fill(slotId)
    const unit = parts[0]?.material.unit ?? unitOfSpec(slot.wish)
    return {
      slot: slotId,
      label: label ?? slot.label,
      perPiece: figure(each, unit),
      total: figure(total, unit),
      ...(lies === undefined ? {} : { dispensed: figure(lies, unit) }),
      ...(parts[0] === undefined ? {} : { material: parts[0].material }),
    }
  }

  /**
   * Whole pieces of all materials that fill a slot: for the batch what one takes × pieces started, rounded up, shared
   * out among them, no piece lost.
   */
  takePieces(slotId: string, of: Factor | readonly Factor[], label?: string): Taken[] {
    const each = this.product(...(Array.isArray(of) ? (of as readonly Factor[]) : [of as Factor]))
    const { slot, parts } = this.fill(slotId)
    const total = roundedUp(product(each, this.pieces))
    if (parts.length < 2) return [this.taken(slotId, label, each, total)]
    const wished = parts.map(({ share }) => total.value * share)
    const counts = wished.map(Math.floor)
    const byRest = wished
      .map((wish, i) => ({ i, rest: wish - Math.floor(wish) }))
      .sort((a, b) => b.rest - a.rest || a.i - b.i)
    const left = Math.round(total.value - counts.reduce((sum, count) => sum + count, 0))
    for (const { i } of byRest.slice(0, left)) counts[i] = (counts[i] ?? 0) + 1
    return parts.flatMap(({ material }, i): Taken[] => {
      const count = counts[i] ?? 0
      if (count === 0) return []
      const part = quotient(fact('taken from this heap', count, '', 'formula', material.name), total)
      return [
        {
          slot: slotId,
          label: label ?? slot.label,
          material,
          perPiece: figure(product(each, part), 'piece'),
          total: figure(fact('taken from this heap', count, 'piece', 'formula', material.name), 'piece'),
        },
      ]
    })
  }

  /** Flock by the see-through law, on the day's share of the foliage, with what is lost in the fall. */
  flock(slotId: string, coat: Flock, label?: string): Taken {
    const foam = this.material(slotId)
    const { wish } = this.fill(slotId).slot
    const wished = wish.stuff === 'foam' ? wish.grainMm : 0.5
    const grainMm = foam?.of.stuff === 'foam' ? foam.of.grainMm : wished
    const density =
      foam?.densityGPerMl === undefined
        ? this.input(shared.foamDensity)
        : property('density of a grain', foam.densityGPerMl, 'g/ml', 'memory', foam.name)
    const stuck = product(
      flockMass(
        coat.seeThrough,
        property('grain', grainMm, 'mm', 'memory', foam?.name ?? 'as wished'),
        density,
      ),
      coat.area,
      ...(coat.leaf ? [coat.leaf] : []),
      ...(coat.share ? [coat.share] : []),
    )
    const sticks = this.input(coat.sticks)
    const reclaimed = this.task.outdoors ? shared.reclaimedOutdoors : shared.reclaimed
    const each = product(stuck, lostInTheFall(sticks, this.input(reclaimed)))
    return this.taken(
      slotId,
      label,
      each,
      product(each, this.pieces),
      product(thrown(stuck, sticks), this.pieces),
    )
  }

  /**
   * Fibre of a slot, in each of the lengths that it is mixed from: shares are by number, so a longer fibre weighs
   * more. What falls comes back but for what is lost. Source: ISO 1144 tex system.
   */
  fibre(slotId: string, coat: Fibre, label = this.fill(slotId).slot.label): Taken[] {
    const { slot, parts: filled } = this.fill(slotId)
    const wished = slot.wish.stuff === 'fibre' ? slot.wish.lengthMm : USUAL_FIBRE.lengthMm
    const parts: readonly { material?: Material; share: number }[] =
      filled.length > 0 ? filled : [{ share: 1 }]
    return parts.map(({ material, share: own }) => {
      const of = material?.of.stuff === 'fibre' ? material.of : { lengthMm: wished, dtex: USUAL_FIBRE.dtex }
      const stuck = product(
        fibreMass(
          coat.perCm2,
          property('length', of.lengthMm, 'mm', 'stock', material?.name ?? 'as wished'),
          property('linear density', of.dtex, 'dtex', 'memory'),
        ),
        coat.area,
        ...(coat.share ? [coat.share] : []),
        ...(own < 1 ? [fact('share of this length', own, '')] : []),
      )
      const sticks = this.input(coat.sticks)
      const each = product(stuck, lostInTheFall(sticks, this.input(shared.reclaimed)))
      return {
        slot: slotId,
        label: parts.length > 1 ? `${label}, ${plainNumber(of.lengthMm, 1)} mm` : label,
        ...(material === undefined ? {} : { material }),
        perPiece: figure(each, 'g'),
        total: figure(product(each, this.pieces), 'g'),
        dispensed: figure(product(thrown(stuck, sticks), this.pieces), 'g'),
      }
    })
  }

  /** What comes out besides the pieces, as a lot of its own. @param quantity in the material's own unit */
  byProduct(materialId: string, label: string, quantity: Expression): Yield {
    const material = catalogueRow(materialId)
    return { label, source: 'by-product', material, quantity: figure(quantity, material.unit), shares: [] }
  }

  /** The window of what is worked on, in words made of its own seconds; how many seconds that is. */
  open(of: Setting, words?: Parameters<typeof open>[2]): NonNullable<StepDraft['within']> {
    return open(this.task, of, words)
  }
  openSec(of: Setting, by?: Coefficient, from?: string): number {
    return openSecOf(this.task, of, whose(by, from))
  }
  /** The wait until it has set. @param by a way's own figure @param from the slot, where several are of its kind */
  sets(of: Setting, what: string, by?: Coefficient, from?: string): NonNullable<StepDraft['wait']> {
    return sets(this.task, of, what, whose(by, from))
  }
  /** The wait for an open film in this room, from a way's own figure. @param of what sets, where a jar may tell it */
  dries(by: Coefficient, what: string, of?: Setting): NonNullable<StepDraft['wait']> {
    if (of !== undefined) return sets(this.task, of, what, { by, kind: 'open film' })
    return { leastMin: this.task.dryMin(this.value(by)), kind: 'open film', what, origin: by.origin }
  }
  /** A wait that the weather does not change. @param of what sets, where a jar may tell it */
  rests(
    by: Coefficient,
    what: string,
    kind: 'closed joint' | 'cure' | 'tack clearing' | 'growth' = 'closed joint',
    of?: Setting,
  ): NonNullable<StepDraft['wait']> {
    if (of !== undefined) return sets(this.task, of, what, { by, kind })
    return { leastMin: this.value(by), kind, what, origin: by.origin }
  }
  /** As many at once as its window allows. @param eachSec for one @param setUpSec that each round begins with */
  rounds(of: Setting, eachSec: number, setUpSec = 0, by?: Coefficient): WetRounds {
    return wetRounds(this.openSec(of, by), setUpSec, eachSec)
  }
  /** So many at once, at least one, and why no more. */
  atOnce(
    count: number,
    what: string,
    because: NonNullable<StepDraft['atOnce']>['because'] = 'window',
  ): NonNullable<StepDraft['atOnce']> {
    return { count: Math.max(1, Math.floor(count)), because, what }
  }
  /** A window of so many seconds, in words of its own. */
  within(sec: number, what: string): NonNullable<StepDraft['within']> {
    return { sec, what, origin: 'memory' }
  }
  /** One part at a time. */
  one(what: string): NonNullable<StepDraft['atOnce']> {
    return { count: 1, because: 'window', what }
  }
  time(sec: number): string {
    return timeWords(sec / 60)
  }

  /** An operation of hands alone. @param usualOnce seconds once for the batch, where it is not told */
  work(id: string, title: string, draft: Draft, usualOnce = 30): Operation {
    const { hands = 0, takes = [], vacuums, pours = [], cuts = [], yields = [], ...step } = draft
    const taken = listed(takes)
    const [eachSec, onceSec = usualOnce, origin = 'memory'] = typeof hands === 'number' ? [hands] : hands
    return {
      step: {
        id,
        title,
        ...step,
        text: `${step.text}${this.outdoorWords(step.gives, taken)}`,
        hands: { onceSec, eachSec, origin },
      },
      takes: taken,
      ...(vacuums === undefined ? {} : { vacuums }),
      pours,
      cuts,
      yields: listed(yields),
    }
  }

  /** What is said of a can where there is no booth: what is thrown into its spray must not be blown away. */
  private outdoorWords(gives: Draft['gives'], takes: readonly Taken[]): string {
    if (!this.task.outdoors || gives?.includes('aerosol') !== true) return ''
    const box = takes.some(({ dispensed }) => dispensed !== undefined) ? ', the tray in a deep box' : ''
    return ` Outdoors: dry and still${box}.`
  }
}
