import type { Setting } from '../../adhesives'
import {
  MM_IN_CM,
  ONE,
  fact,
  product,
  property,
  quotient,
  type Coefficient,
  type Leaf,
} from '../../quantities'
import { type PlantTask, type StepDraft } from '../../makeup'
import { type Piece } from '../../commissions'
import { hasLeaf } from './fit'
import { dressing } from './figures'
import {
  eachOf,
  Making,
  type Draft,
  type Words,
  type Factor,
  type Flock,
  type Operation,
  type Taken,
} from './making'
import { partCm2, partMm } from './parts'

/** A coat of flock over the crown, until it is told otherwise. */
type CrownFlock = Partial<Flock> & Pick<Flock, 'sticks'>

/** A spray: what it is, whether something goes into it while it is wet, and until when one waits. */
export interface Spray extends Draft {
  /** What comes out of the can; absent: paint. */
  readonly can?: 'paint' | 'hairspray' | 'spray-adhesive'
  /** Something goes into it while it is wet: what passes before each round begins, s. */
  readonly wet?: number
  /** What is waited for; null: nothing. */
  readonly until?: string | null
}

/** Glue that something is done in. */
interface Glued extends Draft {
  readonly in: Setting
  readonly until: string
}

/** What every step with an applicator wants: earth, dry hands, no fumes about, and half an hour after them. */
const APPLICATOR = {
  gives: ['sparks'],
  apart: { from: ['wet alcohol', 'solvent', 'aerosol'], airMin: 30 },
} satisfies Partial<StepDraft>
/** What a can gives to the air, and what it wants of the place. */
export const CAN_AIR = {
  needs: ['ventilation'],
  gives: ['aerosol', 'solvent'],
} satisfies Partial<StepDraft>

/** A job for plants on the bench: its amounts, and the operations that any way may use. */
export class PlantMaking extends Making<PlantTask> {
  get piece(): Piece {
    return this.task.piece
  }
  /** The same bench with another piece on it: a stretch of hedge as one crown, a crown without its leaf. */
  with(piece: Partial<Piece>): PlantMaking {
    return new PlantMaking({ ...this.task, piece: { ...this.piece, ...piece } })
  }

  /** The same bench where no wind blows: for foam that is pressed on, mixed in, or falls into what was brushed on. */
  get indoors(): PlantMaking {
    return new PlantMaking({ ...this.task, outdoors: false })
  }

  get height(): Leaf {
    return fact('height', this.piece.heightMm, 'mm')
  }
  get width(): Leaf {
    return fact('width', this.piece.crownWidthMm, 'mm')
  }
  get trunk(): Leaf {
    return fact('trunk', this.piece.trunkMm, 'mm')
  }
  /** The crown from the side, cm². */
  get crown(): Leaf {
    const source = 'the outline of the crown form, integrated'
    return fact('crown from the side', this.piece.sideAreaCm2, 'cm²', 'formula', source)
  }
  /** The piece from above, cm². */
  get above(): Leaf {
    return fact('crown from above', this.piece.topAreaCm2, 'cm²', 'formula', 'π/4 · crown width²')
  }
  /** The room that one piece takes, cm³. */
  get volume(): Leaf {
    const source = '2/3 · area from above · height'
    return fact('volume of one', this.piece.volumeCm3, 'cm³', 'formula', source)
  }
  /** How much is seen through its crown in full leaf, and what share of its foliage it has on the day. */
  get seeThrough(): Leaf {
    return fact('see-through in full leaf', this.piece.seeThrough, '', this.piece.seeThroughOrigin)
  }
  get leaf(): Leaf {
    return fact('foliage on the day', this.piece.leaf, '', 'memory')
  }
  get bloom(): Leaf {
    return fact('share in flower', this.piece.bloom, '', 'memory', 'on the day')
  }
  get isLeafy(): boolean {
    return hasLeaf(this.piece)
  }
  /** Ground of one part, cm²; length of one part, mm. */
  get partCm2(): number {
    return partCm2(this.task)
  }
  get partMm(): number {
    return partMm(this.task)
  }
  get ground(): Leaf {
    return fact('ground', this.partCm2, 'cm²')
  }

  /** Crown from the side × coat: what is sprayed or brushed on. */
  coat(slotId: string, coat: Coefficient, label?: string, share: Factor = ONE): Taken {
    return this.take(slotId, share === ONE ? [this.crown, coat] : [this.crown, share, coat], label)
  }
  /** Flock for the crown, on the day's foliage, unless it is told otherwise. */
  crownFlock(slotId: string, of: CrownFlock, label?: string): Taken {
    return this.flock(
      slotId,
      { area: this.crown, seeThrough: this.seeThrough, leaf: this.leaf, ...of },
      label,
    )
  }

  /** From a can: in air that moves, and what goes into the wet has its window and its rounds. */
  spray(id: string, title: string, { can = 'paint', wet, until, ...draft }: Spray): Operation {
    const words = until === undefined ? (can === 'paint' ? 'Let the paint dry' : 'Let it set') : until
    const inTheWet = (setUpSec: number) => ({
      within: this.open(can),
      atOnce: this.rounds(can, eachOf(draft.hands), setUpSec).atOnce,
      tools: ['catch tray'],
    })
    const details = {
      ...CAN_AIR,
      ...(wet === undefined ? {} : inTheWet(wet)),
      ...(words === null ? {} : { wait: this.sets(can, words) }),
      ...draft,
    }
    return this.work(id, title, details, 60)
  }
  /** Paint from a can all over, dry before the next; as long as there is crown. */
  paint(id: string, title: string, draft: Draft): Operation {
    const hands = this.value(dressing.paintSec) * Math.max(0.4, this.piece.sideAreaCm2 / 40)
    return this.spray(id, title, { hands, faults: ['trunk-colour', 'satin'], ...draft })
  }
  /** Fibre set upright by static. */
  static(id: string, title: string, draft: Draft): Operation {
    const tools = [...new Set(['static applicator', 'earth lead', ...(draft.tools ?? [])])]
    return this.work(id, title, { ...APPLICATOR, ...draft, tools })
  }
  /** Glue that is followed up while it is open, and sets before the next. */
  glue(id: string, title: string, { in: of, until, ...draft }: Glued): Operation {
    return this.work(id, title, { within: this.open(of), wait: this.sets(of, until), ...draft })
  }
  /** The last look, and what passes it. A tuft is looked over sooner than a tree: as long as it is tall. */
  inspect(passes: string, faults: readonly string[], { title = 'Inspect', ...over }: Words = {}): Operation {
    const tall = 'each' in this.task.share ? 1 : Math.min(1, Math.max(0.1, this.piece.heightMm / 100))
    const details = {
      text: 'Turn each one round, look at it from above, in daylight; judge the first in its place on the scene.',
      hands: this.value(dressing.inspectSec) * tall,
      needs: ['daylight' as const],
      passes,
      faults: [...faults, 'wrong-on-the-scene'],
      ...over,
    }
    return this.work('inspect', title, details, 0)
  }
  /** Snow as it lies on a crown: from above × depth × bulk density. */
  snow(): Taken {
    const bulk = property('bulk density of snow powder', 0.5, 'g/ml')
    const deep = quotient(this.input(dressing.snowRealMm), fact('ratio', this.piece.realRatio, ''))
    return this.take('snow', product(this.above, quotient(deep, MM_IN_CM), bulk), 'Snow')
  }
  /** An area of the piece or its part, cm². @param source how it is worked out */
  cm2(words: string, value: number, source?: string): Leaf {
    return fact(words, value, 'cm²', 'formula', source)
  }
}
