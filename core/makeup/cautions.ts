import { gravestFirst, wearFor, type CautionId, type FaultId } from '../safety'
import {
  catalogue,
  isCa,
  isNearUmbels,
  isTinder,
  soaksUp,
  stuffCautions,
  type Handled,
  type Material,
  type Powder,
} from '../stock'
import { toolCautions } from '../tools'
import type { Use, Estimate } from './method'
import type { Slot } from './slots'
import type { Step } from './step'

/** What a step is done with and for. */
export interface Surroundings {
  /** What is in the hands at it: of a mixture, what it was mixed from too. */
  readonly handled: readonly Handled[]
  /** What is in the whole batch: glue meets at one step what was laid at another. */
  readonly around: readonly Handled[]
  /** What comes out at the end of a batch of stock, and whether it grew. */
  readonly gives: readonly { readonly material: Handled; readonly grew: boolean }[]
  readonly last: boolean
}

/**
 * The cautions that a step's materials, tools and air demand, whoever wrote the step. Common practice.
 * @returns ids, each once, the gravest first
 */
export function demandedCautions(
  step: Pick<Step, 'id' | 'tools' | 'gives' | 'faults' | 'needs' | 'wait'>,
  { handled, around, gives, last }: Surroundings,
): string[] {
  const demands: CautionId[] = [...handled.flatMap(stuffCautions), ...step.tools.flatMap(toolCautions)]
  const has = (id: CautionId): boolean => demands.includes(id)
  if (step.gives.includes('wet alcohol')) demands.push('alcohol', 'static-sparks')
  if (step.gives.includes('aerosol')) demands.push('spray')
  if (step.gives.includes('solvent') && !has('spray') && !has('adhesive')) demands.push('solvent')
  if (step.faults.includes('mould')) demands.push('mould')
  if (handled.some(isCa) && around.some(soaksUp)) demands.push('ca-heat')
  const grown = gives.filter(({ grew }) => grew).map(({ material }) => material)
  if (grown.some(isTinder) && step.wait?.kind === 'open film') demands.push('tinder')
  if (grown.some(isNearUmbels) && step.needs.includes('outdoors') && step.tools.includes('cutters'))
    demands.push('umbels')
  if (grown.some(({ id }) => id === 'soil-raw') && step.id !== 'ask') demands.push('soil')
  if (gives.length > 0 && last) demands.push('food-jars', ...(grown.length > 0 ? (['pests'] as const) : []))
  return gravestFirst(demands)
}

const isWatered = ({ of }: Handled): boolean => of.stuff === 'mixture'
const isPowder = (...kinds: Powder[]): ((one: Handled) => boolean) => {
  return ({ of }) => of.stuff === 'powder' && of.powder !== undefined && kinds.includes(of.powder)
}
const isSolvent = ({ of }: Handled): boolean =>
  of.stuff === 'liquid' &&
  ['spray-adhesive', 'spray-paint', 'varnish', 'contact-adhesive'].includes(of.liquid)

/**
 * What goes wrong with such materials and tools, whoever wrote the step. Common practice.
 * @param where whether it is made in its place, on the ground of the scene
 */
export function likelyFaults(
  { id, tools }: Pick<Step, 'id' | 'tools'>,
  { handled, gives, last }: Surroundings,
  where: 'in place' | 'at the bench',
): FaultId[] {
  const any = (of: (one: Handled) => boolean): boolean => handled.some(of)
  const brought = gives.some(({ grew }) => grew)
  const likely: readonly (readonly [FaultId, boolean])[] = [
    ['melted-foam', where === 'in place' && any(isSolvent)],
    ['ca-frosting', any(isCa)],
    ['insects-in-store', brought && last],
    [
      'sprouting-ground',
      (where === 'in place' && any(isPowder('soil'))) || any((one) => one.id === 'soil-raw'),
    ],
    ['salt-bloom', where === 'in place' && id.includes('seal') && tools.includes('spray bottle')],
    ['set-grout', any(isPowder('grout'))],
    ['clogged-sprayer', tools.includes('spray bottle')],
    ['clung-shreds', tools.includes('blender') && any(({ of }) => of.stuff === 'foam')],
    ['sour-glue', any(isWatered)],
    ['damp-fibre', tools.includes('static applicator')],
    ['bleeding-dye', any(isPowder('sawdust')) && any(({ of }) => of.stuff === 'liquid')],
  ]
  return likely.flatMap(([fault, is]) => (is ? [fault] : []))
}

/** A step with what must be minded at it, and what must be worn against that laid out with its tools. */
export function minded<S extends Pick<Step, 'cautions' | 'tools' | 'faults'>>(
  step: S,
  demanded: readonly string[],
  likely: readonly string[],
): S {
  const all = gravestFirst([...step.cautions, ...demanded])
  // Holes in a board have their own words, which say all that is said of a drill besides.
  const cautions = all.includes('drilling') ? all.filter((id) => id !== 'drill') : all
  return {
    ...step,
    cautions,
    tools: [...new Set([...step.tools, ...wearFor(cautions)])],
    faults: [...new Set([...step.faults, ...likely])],
  }
}

const rowOf = (id: string): Handled | undefined => catalogue.find((row) => row.id === id)

/** A material with what it was mixed from, as the workshop knows it, or the list that it began with. */
function withParts(material: Handled, byId: (id: string) => Handled | undefined): Handled[] {
  if (material.of.stuff !== 'mixture') return [material]
  const parts = material.of.parts.flatMap(({ materialId }) =>
    materialId === undefined ? [] : (byId(materialId) ?? rowOf(materialId) ?? []),
  )
  return [material, ...parts]
}

const grew = ({ source }: { readonly source: string }): boolean => source === 'harvested'

/**
 * The steps of a make-up with every caution that its materials and tools demand.
 * @param makes stock for the shelf, pieces at the bench, or what stays where it is made
 * @param slots of the way: one that is open will be filled by what it wishes for
 */
export function mindedSteps(
  { steps, uses, yields }: Estimate,
  makes: 'stock' | 'pieces' | 'in place',
  byId: (id: string) => Handled | undefined,
  slots: readonly Slot[],
): Step[] {
  const wished = new Map(slots.map(({ id, wish }) => [id, wish]))
  const of = (used: readonly Use[]): Handled[] =>
    used.flatMap(({ material, slot }) => {
      if (material) return withParts(material, byId)
      const wish = wished.get(slot)
      return wish && wish.stuff !== 'other' ? [{ id: '', of: wish }] : []
    })
  const around = of(uses)
  const gives = makes === 'stock' ? yields.map((one) => ({ material: one.material, grew: grew(one) })) : []
  return steps.map((step, i) => {
    const surroundings: Surroundings = {
      handled: of(uses.filter((use) => use.step === step.id)),
      around,
      gives,
      last: i === steps.length - 1,
    }
    return minded(
      step,
      demandedCautions(step, surroundings),
      likelyFaults(step, surroundings, makes === 'in place' ? makes : 'at the bench'),
    )
  })
}

/** What is looked at of a batch that was planned. */
interface PlannedBatch {
  readonly makes: { readonly kind: string }
  readonly plan: {
    readonly steps: readonly { readonly id: string }[]
    readonly amounts: readonly { readonly materialId: string }[]
    readonly yields: readonly {
      readonly source: string
      readonly materialId: string
      readonly material: Pick<Material, 'of'>
    }[]
  }
}

/**
 * A step of a batch that was planned some time ago, perhaps by an earlier version, with what must be minded today.
 * @param byId the workshop's materials
 */
export function mindedNow<S extends Step>(
  step: S,
  { makes, plan }: PlannedBatch,
  byId: (id: string) => Handled | undefined,
): S {
  const of = (ids: readonly string[]): Handled[] =>
    ids.flatMap((id) => {
      const known = byId(id)
      return known ? withParts(known, byId) : []
    })
  const gives =
    makes.kind === 'stock'
      ? plan.yields.map((one) => ({
          material: { id: one.materialId, of: one.material.of },
          grew: grew(one),
        }))
      : []
  const surroundings: Surroundings = {
    handled: of(step.materialIds),
    around: of(plan.amounts.map(({ materialId }) => materialId)),
    gives,
    last: plan.steps.at(-1)?.id === step.id,
  }
  return minded(step, demandedCautions(step, surroundings), [])
}
