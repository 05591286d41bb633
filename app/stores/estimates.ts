import { dryingIn } from '~~/core/adhesives'
import { isFoamBase } from '~~/core/hedges'
import { dealtSizes, sitterOf, type Commission, type DrawingSubject, type Line } from '~~/core/commissions'
import {
  makeUp,
  someOf,
  type EstimateContext,
  type MakeUp,
  type MakeUpOrder,
  type PlantMethod,
} from '~~/core/makeup'
import { nestOrderOf, treesNested, workedOutWith } from '~~/core/methods'
import type { Want } from './armature'
import { amountOf, type Plant } from './plant'

/** What every estimate rests on here, and the estimates that are made with it. */
export const useEstimates = defineStore('estimates', () => {
  const workshop = useWorkshop()
  const stock = useStock()
  const learnt = useLearnt()
  const armature = useArmature()
  const drying = computed(() => dryingIn(workshop.settings.roomC, workshop.settings.humidity))

  const baseOf = ({ commissionId }: Line): Commission['base'] =>
    workshop.commissions.find(({ id }) => id === commissionId)?.base
  /** What every estimate with a way of making rests on here. @param base what lies under the ground it is made on */
  const contextOf = (methodId: string, base?: Commission['base']): EstimateContext => ({
    states: stock.states,
    free: (materialId) => stock.freeOf(materialId),
    own: workshop.ownValues,
    learnt: learnt.of(methodId),
    dryingFactor: drying.value.factor,
    ...(workshop.settings.sprayOutdoors && { outdoors: true }),
    ...(isFoamBase(base) && { onFoam: true }),
    ...(drying.value.unsure && { unsure: drying.value.unsure }),
  })

  /** Works a plant out with a method: all that the line wants, what is left of it, or a number started. */
  function workOut(plant: Plant, method: PlantMethod, of: { left?: number; started?: number } = {}): MakeUp {
    const order: MakeUpOrder = {
      job: of.left === undefined ? plant.job : someOf(plant.job, amountOf(plant.line.amount, of.left)),
      method,
      ...(of.started === undefined ? {} : { started: of.started }),
      choices: plant.line.choices,
      materials: plant.line.materials,
      ...contextOf(method.id, baseOf(plant.line)),
      sizes: dealtSizes(plant.size, plant.line.id),
    }
    return withArmature(order, sitterOf(plant.line, plant.species, plant.size, plant.piece.seeThrough))
  }
  /** Works an order out with the armature of the plant that is drawn, as soon as that is there. */
  function withArmature(order: MakeUpOrder, sitter: DrawingSubject, want: Want = 'now'): MakeUp {
    const up = workedOutWith(order, (wire) => armature.wireFor(sitter, wire, want))
    const few = up.started.value <= treesNested(up)
    const nested = few ? nestOrderOf(up, order.sizes?.(up.started.value) ?? [], order.own) : undefined
    const best = nested && armature.nestOf(nested)?.best
    return best?.left.length === 0 ? makeUp({ ...order, pads: best.sheets }) : up
  }

  return { drying, contextOf, workOut, withArmature }
})
