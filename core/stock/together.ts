import { mixLengths } from '../coverage'
import { plainNumber, representatives } from '../units'
import type { StockState } from './ledger'
import type { Material } from './records'
import { shelfOf } from './shelf'
import { outside, type MaterialSpec } from './spec'

/** Several materials that serve one wish together, each with its share, and why. */
export interface Together {
  readonly parts: readonly { readonly material: Material; readonly share: number }[]
  readonly because: string
}

/** Lengths nearer than this to the wanted one are taken as they are. */
const NEAR_ENOUGH = 0.1

/** Two lengths of the best fibre's family that average to the wanted length; undefined where one will do. */
export function mixedLengths(
  wish: MaterialSpec,
  best: Material,
  candidates: readonly Material[],
): Together | undefined {
  if (wish.stuff !== 'fibre' || best.family === undefined) return undefined
  const lengthOf = ({ of }: Material): number => (of.stuff === 'fibre' ? of.lengthMm : 0)
  if (Math.abs(Math.log(lengthOf(best) / wish.lengthMm)) <= NEAR_ENOUGH) return undefined
  const family = candidates.filter(({ family: own }) => own === best.family)
  const { shorterMm, longerMm, share } = mixLengths(wish.lengthMm, family.map(lengthOf))
  const shorter = family.find((material) => lengthOf(material) === shorterMm)
  const longer = family.find((material) => lengthOf(material) === longerMm)
  if (!shorter || !longer || shorter === longer || share < 0.1 || share > 0.9) return undefined
  return {
    parts: [
      { material: shorter, share: 1 - share },
      { material: longer, share },
    ],
    because: `${plainNumber(wish.lengthMm, 1)} mm is not stocked: ${Math.round((1 - share) * 100)} % of ${shorterMm} mm and ${Math.round(share * 100)} % of ${longerMm} mm, by number`,
  }
}

/**
 * Heaps that a box was sorted into, each with the share of the pieces that take from it: the tallest piece first,
 * from the nearest heap that still has some, or from a box that nobody has sorted where none is near. Undefined
 * where the best is no heap, or one is enough.
 */
export function sortedHeaps(
  wish: MaterialSpec,
  candidates: readonly Material[],
  states: readonly StockState[],
  heightsMm: readonly number[],
): Together | undefined {
  if (wish.stuff !== 'twig' || heightsMm.length === 0) return undefined
  const isHeap = ({ of }: Material): boolean => of.stuff === 'twig' && of.sorted === true
  if (!candidates[0] || !isHeap(candidates[0])) return undefined
  // Heaps, and the first box that is not sorted.
  const box = candidates.find((material) => !isHeap(material))
  const heaps = [...candidates.filter(isHeap), ...(box ? [box] : [])].map((material) => ({
    material,
    left: Math.floor(shelfOf(states).byId.get(material.id)?.onHand ?? 0),
    count: 0,
  }))
  // Of very many some stand for all.
  const some = representatives(heightsMm, (height) => height, MOST_SORTED)
  const each = heightsMm.length / some.length
  for (const height of [...some].sort((a, b) => b - a)) {
    let heap = heaps.find(({ left }) => left > 0) ?? heaps[0]
    for (const other of heaps)
      if (heap && other.left > 0 && offHeap(other.material, height) < offHeap(heap.material, height))
        heap = other
    if (!heap) return undefined
    heap.left -= each
    heap.count += each
  }
  const used = heaps.filter(({ count }) => count > 0).sort((a, b) => b.count - a.count)
  if (used.length < 2) return undefined
  return {
    parts: used.map(({ material, count }) => ({ material, share: count / heightsMm.length })),
    because: `by height: ${used.map(({ material, count }) => `${Math.round(count)} from ${sizeOf(material)}`).join(', ')}`,
  }
}

/** Pieces that are given to a heap one by one. */
const MOST_SORTED = 2_000

/** A heap within a quarter of the height goes before a box that is still to be sorted. From memory. */
const UNSORTED = 0.32
const offHeap = ({ of }: Material, heightMm: number): number =>
  of.stuff === 'twig' ? (of.sorted ? outside(of, heightMm) : UNSORTED + outside(of, heightMm)) : Infinity
const sizeOf = ({ of, name }: Material): string =>
  of.stuff === 'twig' && of.fromMm !== undefined && of.toMm !== undefined
    ? `${of.fromMm}–${of.toMm} mm`
    : name
