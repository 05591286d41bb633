import { useDebounceFn } from '@vueuse/core'
import { difference2000, toLab, type Lab } from '~~/core/colour'
import {
  grainsOf,
  mixedBlend,
  nearnessOf,
  sealingsOf,
  type Blend,
  type BlendTarget,
  type Grain,
  type MixedBlend,
  type ToneName,
} from '~~/core/blends'
import type { Material } from '~~/core/stock'
import { linePiece } from '~~/core/commissions'

/** What a target asks for: the colour once sealed, and where it comes from. */
export interface ReadTarget {
  readonly colour: string
  readonly lab: Lab
  readonly words: string
}

/** How long a blend must rest before the shelf follows it. */
const SETTLE_MS = 300

/** Blends as they stand: their mixtures, their jars as materials, and what they aim at. Derived, never stored. */
export const useBlends = defineStore('blends', () => {
  const workshop = useWorkshop()
  const inHand = useInHand()

  const sealings = computed(() => sealingsOf(workshop.tiles))
  /** What can be mixed: no blend goes into another. */
  const grains = computed<ReadonlyMap<string, Grain>>(() =>
    grainsOf(workshop.materials.filter(({ blendId }) => blendId === undefined)),
  )
  const byId = computed(() => new Map(workshop.blends.map((blend) => [blend.id, blend])))
  const mixedOf = (all: readonly Blend[]): ReadonlyMap<string, MixedBlend> =>
    new Map(
      all.flatMap((blend) => {
        const own = mixedBlend(blend, grains.value, workshop.tiles, sealings.value)
        return own ? [[blend.id, own] as const] : []
      }),
    )
  const mixed = computed(() => mixedOf(workshop.blends))
  /**
   * What the shelf works with follows when a blend has come to rest: all lines of all commissions hang on it. One that
   * is new or gone is followed at once.
   */
  const settled = shallowRef(workshop.blends)
  const settle = useDebounceFn(() => {
    settled.value = workshop.blends
  }, SETTLE_MS)
  watch(
    () => workshop.blends,
    (now, before) => {
      if (now.length === before.length) void settle()
      else settled.value = now
    },
    { flush: 'sync' },
  )
  const settledMixed = computed(() => mixedOf(settled.value))

  /** Materials of the shelf: the stored ones, and the jars of blends as these stand now. */
  const shelfMaterials = computed<Material[]>(() => {
    const jars = [...settledMixed.value.values()].flatMap((own) => own.jars.map(({ material }) => material))
    const own = new Set(jars.map(({ id }) => id))
    return [...workshop.materials.filter(({ id }) => !own.has(id)), ...jars]
  })

  /** Tone of a line's look on the day that its commission depicts, as it is lightened for scale. */
  function toneOf(lineId: string, tone: ToneName): ReadTarget | undefined {
    const line = workshop.lines.find(({ id }) => id === lineId)
    const commission = workshop.commissions.find(({ id }) => id === line?.commissionId)
    if (!line || !commission || !workshop.speciesOf(line.speciesId)) return undefined
    const { current, date } = inHand
    const day = current?.id === commission.id ? date : commission.dateDepicted
    try {
      const { look } = linePiece(line, commission, workshop.speciesOf, day).members[0]
      const colour = look.tones[tone]
      return { colour, lab: toLab(colour), words: `${line.name}, ${tone}, ${formatDay(day)}` }
    } catch {
      return undefined
    }
  }

  /** What a target asks for now; undefined where what it names is gone. */
  function readTarget(target: BlendTarget, seen: ReadonlySet<string> = new Set()): ReadTarget | undefined {
    switch (target.kind) {
      case 'tone':
        return toneOf(target.lineId, target.tone)
      case 'colour':
        return {
          colour: target.colour,
          lab: toLab(target.colour),
          words: target.from === 'photo' ? 'picked from a photograph' : 'as typed',
        }
      case 'material': {
        const material = workshop.materials.find(({ id }) => id === target.materialId)
        const colour = material && 'colour' in material.of ? material.of.colour : undefined
        return material && colour !== undefined
          ? { colour, lab: toLab(colour), words: `as ${material.name} is` }
          : undefined
      }
      case 'blend': {
        const own = mixed.value.get(target.blendId)
        if (own) return { colour: own.sealed, lab: toLab(own.sealed), words: `to match “${own.blend.name}”` }
        const blend = byId.value.get(target.blendId)
        return blend && !seen.has(blend.id)
          ? readTarget(blend.target, new Set([...seen, blend.id]))
          : undefined
      }
    }
  }
  const targetOf = (blend: Pick<Blend, 'target'>): ReadTarget | undefined => readTarget(blend.target)

  /**
   * How many blends want to be looked at: those that are taken by lines and are short, or that look like another bag
   * on the day that is depicted.
   */
  function wanting(used: ReadonlySet<string>, short: ReadonlyMap<string, unknown>): number {
    return [...mixed.value.values()].filter(({ blend, sealed, jars }) => {
      if (!jars.some(({ material }) => used.has(material.id))) return false
      const target = targetOf(blend)
      const nearness = target && nearnessOf(difference2000(toLab(sealed), target.lab))
      return (
        nearness === 'other' || nearness === 'wrong' || jars.some(({ material }) => short.has(material.id))
      )
    }).length
  }

  return { wanting, sealings, grains, byId, mixed, settledMixed, shelfMaterials, readTarget, targetOf }
})
