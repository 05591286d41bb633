import { fibreMassPerArea, sprinkle } from '../coverage'
import { figure, input, plainNumber, type NumberInput } from '../units'
import type { Material } from '../stock'
import type { Coefficient } from './coefficients'
import type { PlantTask, Use } from './method'
import { shared } from './shared'
import type { Step, StepDraft } from './step'

/** Fibre set upright by static at one step, on so much ground for each piece. */
export interface FibreCoat {
  readonly slot: string
  readonly step: string
  readonly label: string
  /** Fibres on a cm², and the cm² of one piece. */
  readonly perCm2: NumberInput
  readonly area: NumberInput
  /** Share of these fibres that this slot makes up, 0–1. */
  readonly share?: number
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
  const share = coat.share ?? 1
  return parts.map(({ material, share: own }) => {
    const of = material?.of.stuff === 'fibre' ? material.of : { lengthMm: wished, dtex: USUAL.dtex }
    const stuck = fibreMassPerArea(coat.perCm2.value, of.lengthMm, of.dtex) * coat.area.value * share * own
    const reclaimed = task.input(shared.reclaimed)
    const each = sprinkle(stuck, task.value(coat.sticks), reclaimed.value)
    const inputs = [
      coat.area,
      coat.perCm2,
      input('length', of.lengthMm, 'mm', 'memory', material?.name ?? 'as wished'),
      input('linear density', of.dtex, 'dtex', 'memory'),
      ...(share * own < 1 ? [input('share of the fibres', share * own, '', 'formula')] : []),
      task.input(coat.sticks),
      reclaimed,
    ]
    return {
      slot: coat.slot,
      step: coat.step,
      label: parts.length > 1 ? `${coat.label}, ${plainNumber(of.lengthMm, 1)} mm` : coat.label,
      ...(material === undefined ? {} : { material }),
      perPiece: figure(
        each.leavesStockG,
        'g',
        'fibres per area × length × dtex × area × share, plus what is lost',
        inputs,
        'formula',
        'ISO 1144 tex system',
      ),
      total: figure(each.leavesStockG * task.started, 'g', 'amount for one × pieces started', inputs),
      lies: figure(each.thrownG * task.started, 'g', 'stuck ÷ sticking share × pieces started', inputs),
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
