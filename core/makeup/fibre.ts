import { fibreMass, lostInTheFall, thrown } from '../coverage'
import { fact, figure, product, property, type Expression } from '../quantities'
import { plainNumber } from '../units'
import type { Material } from '../stock'
import type { Coefficient } from './coefficients'
import type { PlantTask, Use } from './method'
import { shared } from './shared'
import { startedOf } from './uses'
import type { Step, StepDraft } from './step'

/** Fibre set upright by static at one step, on so much ground for each piece. */
export interface FibreCoat {
  readonly slot: string
  readonly step: string
  readonly label: string
  /** Fibres on a cm², and the cm² of one piece. */
  readonly perCm2: Expression
  readonly area: Expression
  /** Share of these fibres that this slot makes up, 0–1. */
  readonly share?: Expression
  /** Of what is thrown, the share that sticks. */
  readonly sticks: Coefficient
}

const USUAL = { lengthMm: 4, dtex: 22 }

/**
 * Fibre of a slot, in each of the lengths that it is mixed from: shares are by number, so a longer fibre
 * weighs more. What falls comes back but for what is lost.
 * Source: ISO 1144 tex system.
 */
export function fibreUses(task: PlantTask, coat: FibreCoat): Use[] {
  const filled = task.fill(coat.slot)
  const { wish } = filled.slot
  const wished = wish.stuff === 'fibre' ? wish.lengthMm : USUAL.lengthMm
  const parts: readonly { material?: Material; share: number }[] =
    filled.parts.length > 0 ? filled.parts : [{ share: 1 }]
  return parts.map(({ material, share: own }) => {
    const of = material?.of.stuff === 'fibre' ? material.of : { lengthMm: wished, dtex: USUAL.dtex }
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
    const sticks = task.input(coat.sticks)
    const each = product(stuck, lostInTheFall(sticks, task.input(shared.reclaimed)))
    const started = startedOf(task)
    return {
      slot: coat.slot,
      step: coat.step,
      label: parts.length > 1 ? `${coat.label}, ${plainNumber(of.lengthMm, 1)} mm` : coat.label,
      ...(material === undefined ? {} : { material }),
      perPiece: figure(each, 'g'),
      total: figure(product(each, started), 'g'),
      lies: figure(product(thrown(stuck, sticks), started), 'g'),
    }
  })
}

/** What comes back of each fibre that lay on the tray at a step, as a share of what lay there. */
export const backOf = (uses: readonly Use[], step: string): NonNullable<Step['back']> =>
  uses.flatMap(({ step: at, material, total, lies }) =>
    at === step && material?.of.stuff === 'fibre' && lies && lies.value > total.value
      ? [{ materialId: material.id, share: 1 - total.value / lies.value }]
      : [],
  )

/** What every step with an applicator wants: earth, dry hands, no fumes about, and half an hour after them. */
export const staticStep = (draft: StepDraft): StepDraft => ({
  ...draft,
  tools: [...new Set(['static applicator', 'earth lead', ...(draft.tools ?? [])])],
  gives: ['sparks'],
  apart: { from: ['wet alcohol', 'solvent', 'aerosol'], airMin: 30 },
  cautions: [...new Set(['high-voltage', 'static-sparks', 'dust', ...(draft.cautions ?? [])])],
})
