import * as Comlink from 'comlink'
import type { Nesting, NestOrder, Sorting, WantedTree, WireOrder, WirePlan } from '~~/core/armature'
import type { DrawingSubject } from '~~/core/commissions'
import { serviceOf } from '../workers/service'

/** Plans kept; the oldest goes first. */
const KEPT = 240
/**
 * How a plan is wanted: by who shows it, for whom the oldest goes; or by one of all the lines that are reckoned up, of
 * which there may be more than are kept. Those do without: else each would drive out the next, and never come to rest.
 */
export type Want = 'now' | 'where there is room'

/** Discs being nested, or nested. */
export interface NestState {
  readonly best?: Nesting
  /** 0–1 while it goes on; absent when it has come to rest. */
  readonly share?: number
}

/** Armatures that the worker has planned: asked for by who shows them, there when they have come. */
export const useArmature = defineStore('armature', () => {
  const wires = shallowReactive(new Map<string, WirePlan | { readonly fault: string }>())
  const nests = shallowReactive(new Map<string, NestState>())
  const asked = new Set<string>()
  const ids = new Map<string, number>()
  let serial = 0

  const remote = () => serviceOf('armature')
  function keep<T>(map: Map<string, T>, key: string, value: T): void {
    const oldest = toRaw(map).keys().next().value
    if (toRaw(map).size >= KEPT && oldest !== undefined && oldest !== key) map.delete(oldest)
    map.set(key, value)
  }
  const rounded = (_key: string, value: unknown): unknown =>
    typeof value === 'number' ? Math.round(value * 100) / 100 : value

  const wireKey = (sitter: DrawingSubject, order: WireOrder): string =>
    JSON.stringify([sitter, order], rounded)
  /** Why an armature can't be planned; nothing where it can, or nobody knows yet. */
  function wireFault(sitter: DrawingSubject, order: WireOrder): string {
    const known = wires.get(wireKey(sitter, order))
    return known && 'fault' in known ? known.fault : ''
  }
  /** The plan for a plant and an order, if it has come; else it is asked for. Undefined, too, where it can't be. */
  function wireFor(sitter: DrawingSubject, order: WireOrder, want: Want = 'now'): WirePlan | undefined {
    const key = wireKey(sitter, order)
    const known = wires.get(key)
    if (known) return 'fault' in known ? undefined : known
    if (want !== 'now' && toRaw(wires).size + asked.size >= KEPT) return undefined
    if (!asked.has(key) && import.meta.client) {
      asked.add(key)
      void remote()
        .wire(plain(sitter), plain(order))
        .then((plan) => {
          keep(wires, key, plan)
        })
        .catch((error: unknown) => {
          keep(wires, key, { fault: error instanceof Error ? error.message : String(error) })
        })
        .finally(() => asked.delete(key))
    }
    return undefined
  }

  const nestKey = (order: NestOrder): string =>
    JSON.stringify([order.radiiMm, order.sheets[0], order.gapMm], rounded)
  /** How far the discs of an order are nested; nothing where nobody has asked. */
  const nestOf = (order: NestOrder): NestState | undefined => nests.get(nestKey(order))

  const isSameNest = (a: NestOrder, b: NestOrder): boolean => nestKey(a) === nestKey(b)

  /** Nests discs from the start; what is found is told as it comes. */
  async function nest(order: NestOrder): Promise<void> {
    const key = nestKey(order)
    if (nests.get(key)?.share !== undefined) return
    const id = (serial += 1)
    ids.set(key, id)
    keep(nests, key, { ...nests.get(key), share: 0 })
    const best = await remote().nest(
      id,
      plain(order),
      Comlink.proxy((found: Nesting, share: number) => {
        if (ids.get(key) === id) nests.set(key, { best: found, share })
      }),
    )
    nests.set(key, { best })
    ids.delete(key)
  }
  /** Stops nesting: the best so far stays. */
  function stopNesting(order: NestOrder): void {
    const id = ids.get(nestKey(order))
    if (id !== undefined) void remote().stop(id)
  }

  /** How many trees the pads that are there make. @param treeOf the tree of each disc, from 0 */
  function treesFitting(order: NestOrder, treeOf: readonly number[]): Promise<number> {
    const discsOf: number[][] = []
    treeOf.forEach((tree, disc) => (discsOf[tree] ??= []).push(disc))
    return remote().fitting(plain({ ...order, tries: 40 }), discsOf) as Promise<number>
  }

  /** Shares sprigs out to trees. */
  const shareOut = (lengthsMm: readonly number[], wanted: readonly WantedTree[]): Promise<Sorting> =>
    remote().share(plain(lengthsMm), plain(wanted)) as Promise<Sorting>

  return { wireFor, wireFault, nestOf, isSameNest, nest, stopNesting, treesFitting, shareOut }
})

/** Data without what the page has wound around it, so that it can be sent. */
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
