import {
  bathWork,
  coatUse,
  crownOf,
  dressUses,
  fixedUse,
  flockUse,
  leafOf,
  piecesUse,
  seeThroughOf,
  withoutLeaf,
  type BathWork,
  type Dress,
  type PlantTask,
  type Use,
} from '../../makeup'
import { catalogueRow } from '../../stock'
import { fact, ONE, product, rest, type Expression, type Leaf } from '../../quantities'
import { sprigsOf } from './sprig-count'
import { sprigFigures as k } from './sprig-tree-figures'

/** Of the shared dressing only snow is used; it is stuck with the way's own hairspray. */
export const snowOnly: Dress = { adhesive: 'hairspray', form: 'ground', slot: 'hairspray' }

/** Whether there is any leaf to show on the day. */
export const leafy = ({ piece }: Pick<PlantTask, 'piece'>): boolean => piece.leaf > 0.01

/** Sprigs bound together for one tree. */
export const sprigsEach = (task: PlantTask): Leaf => sprigsOf(task.piece, task.value(k.flatCm2))

/** The bath that toughens them, where they are toughened. */
export function soak(task: PlantTask, sprigs: Leaf): BathWork | undefined {
  if (task.choice('sprigs') !== 'toughened') return undefined
  const length = Math.min(task.piece.heightMm, task.value(k.longest))
  return bathWork(task, {
    step: 'soak',
    title: 'Soaking bath',
    material: catalogueRow('soaking-bath'),
    taken: product(sprigs, fact('length of a sprig', length, 'mm'), task.input(k.pickUp)),
    standing: task.input(k.standing),
    parts: [{ slot: 'medium', label: 'Matte medium', parts: 1 }],
    water: 5,
  })
}

/** What a tree takes, step by step. */
export function usesOf(task: PlantTask, sprigs: Leaf, bath: BathWork | undefined): Use[] {
  const coat = (slot: string, at: string, label: string, of: (typeof k)[keyof typeof k]): Use =>
    coatUse(task, { slot, step: at, label }, of)
  const picked = task.input(k.spare)
  const armature = [
    ...piecesUse(task, {
      slot: 'sprig',
      step: 'sort',
      label: 'Sprigs',
      each: product(sprigs, picked),
    }),
    ...(bath?.uses ?? []),
    ...(sprigs.value > 1
      ? [
          ...(task.fill('tie').parts.length > 0
            ? [fixedUse(task, { slot: 'tie', step: 'bind', label: 'Fine wire' }, k.tieMm)]
            : []),
          fixedUse(task, { slot: 'ca', step: 'bind', label: 'CA' }, k.jointMl),
        ]
      : []),
    coat('trunk-paint', 'trunk', 'Trunk colour', k.trunkCoat),
    coat('tips-paint', 'trunk', 'Dark tips', k.tipsCoat),
  ]
  const snow = dressUses(withoutLeaf(task), snowOnly)
  if (!leafy(task)) return [...armature, ...snow]
  const flock = (slot: string, at: string, label: string, share: Expression): Use =>
    flockUse(task, {
      slot,
      step: at,
      label,
      area: crownOf(task),
      seeThrough: seeThroughOf(task),
      leaf: leafOf(task),
      share,
      sticks: k.sticks,
    })
  if (task.choice('colour') === 'overspray')
    return [
      ...armature,
      coat('hairspray', 'sprinkle', 'Hairspray', k.sprayCoat),
      flock('foliage', 'sprinkle', 'Coarse foam', ONE),
      coat('canopy-paint', 'canopy', 'Canopy colour', k.canopyCoat),
      coat('highlight-spray', 'canopy', 'Highlight mist', k.mistCoat),
      ...snow,
    ]
  const top = task.input(k.highlight)
  const isOpen = task.fill('highlight').parts.length === 0
  return [
    ...armature,
    coat('hairspray', 'sprinkle', 'Hairspray', k.sprayCoat),
    flock('foliage', 'sprinkle', 'Foliage', isOpen ? ONE : rest(top)),
    flock('highlight', 'highlight', 'Highlight, from above', top),
    coatUse(
      task,
      { slot: 'hairspray', step: 'highlight', label: 'Hairspray for the highlight' },
      k.sprayCoat,
      top,
    ),
    ...snow,
  ]
}
