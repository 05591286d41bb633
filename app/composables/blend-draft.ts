import { useDebounceFn } from '@vueuse/core'
import { BLEND_MIX } from '~~/core/methods'
import {
  blendMaterialId,
  mixedBlend,
  MOST_MATERIALS,
  MOST_PARTS,
  type Blend,
  type MixedBlend,
} from '~~/core/blends'
import { none, ok, type Reading } from '~~/core/units'

const REST_MS = 180

/** The blend in hand as it is on the page: a change shows at once, and is stored behind it. */
export function useBlendDraft(stored: () => Blend | undefined) {
  const workshop = useWorkshop()
  const changeBlend = useDeed('changeBlend')
  const blends = useBlends()
  const draft = shallowRef<Blend>()
  let saving = 0
  watch(
    stored,
    (row) => {
      if (saving === 0 || row?.id !== draft.value?.id) draft.value = row
    },
    { immediate: true },
  )

  type Fields = Partial<Omit<Blend, 'id' | 'changedAt' | 'fieldsAt'>>
  async function change(fields: Fields): Promise<Reading<Blend>> {
    const own = draft.value
    if (!own) return none('No blend is in hand.')
    draft.value = { ...own, ...fields }
    saving += 1
    const answer = await changeBlend(own.id, fields)
    saving -= 1
    if (answer.kind === 'none' && draft.value.id === own.id) draft.value = stored()
    return answer
  }

  const mix = (own: Blend | undefined): MixedBlend | undefined =>
    own && mixedBlend(own, blends.grains, workshop.tiles, blends.sealings)
  const mixed = computed(() => mix(draft.value))
  /** While parts are pressed one after the other only the mixture follows; what hangs on it waits until they rest. */
  const late = shallowRef(draft.value)
  const rest = useDebounceFn(() => {
    late.value = draft.value
  }, REST_MS)
  watch(draft, () => void rest(), { flush: 'sync' })
  const resting = computed(() => (late.value?.id === draft.value?.id ? late.value : draft.value))
  const restingMixed = computed(() => (resting.value === draft.value ? mixed.value : mix(resting.value)))
  /** Batches that have mixed it or are mixing it: its recipe stays as it is. */
  const mixes = computed(() => {
    const id = draft.value?.id
    if (id === undefined) return []
    const own = new Set((['whole', 'passed', 'held'] as const).map((jar) => blendMaterialId(id, jar)))
    return workshop.batches.filter(
      ({ methodId, plan }) =>
        methodId === BLEND_MIX.id && plan.yields.some(({ materialId }) => own.has(materialId)),
    )
  })

  /** Sets a material to so many parts; 0 takes it out. */
  async function setParts(materialId: string, parts: number): Promise<Reading<unknown>> {
    const own = draft.value
    if (!own) return ok(undefined)
    const others = own.parts.filter((part) => part.materialId !== materialId)
    const left = MOST_PARTS - others.reduce((sum, part) => sum + part.parts, 0)
    if (parts > left) return none(`${MOST_PARTS} parts in all at most: take some away first.`)
    const known = own.parts.some((part) => part.materialId === materialId)
    if (!known && parts > 0 && own.parts.length >= MOST_MATERIALS)
      return none(`${MOST_MATERIALS} materials at most: take one out first.`)
    const next = known
      ? own.parts.flatMap((part) =>
          part.materialId === materialId ? (parts > 0 ? [{ materialId, parts }] : []) : [part],
        )
      : [...own.parts, { materialId, parts }]
    return change({ parts: next })
  }

  return { draft, mixed, resting, restingMixed, mixes, change, setParts }
}
