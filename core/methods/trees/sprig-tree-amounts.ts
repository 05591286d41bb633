import {
  bathWork,
  coatUse,
  crownInput,
  dressUses,
  flockUse,
  piecesUse,
  withoutLeaf,
  type BathWork,
  type Dress,
  type PlantTask,
  type Use,
} from '../../makeup'
import { catalogueRow } from '../../stock'
import { figure, input, type NumberInput } from '../../units'
import { sprigsOf } from './sprig-count'
import { sprigFigures as k } from './sprig-tree-figures'

/** Of the shared dressing only snow is used; it is stuck with the way's own hairspray. */
export const snowOnly: Dress = { adhesive: 'hairspray', form: 'ground', slot: 'hairspray' }

/** Whether there is any leaf to show on the day. */
export const leafy = ({ piece }: Pick<PlantTask, 'piece'>): boolean => piece.leaf > 0.01

/** Sprigs bound together for one tree. */
export const sprigsEach = (task: PlantTask): NumberInput =>
  sprigsOf(task.piece, task.value(k.width), task.value(k.longest))

/** The bath that toughens them, where they are toughened. */
export function soak(task: PlantTask, sprigs: NumberInput): BathWork | undefined {
  if (task.choice('sprigs') !== 'toughened') return undefined
  const length = Math.min(task.piece.heightMm, task.value(k.longest))
  return bathWork(task, {
    step: 'soak',
    title: 'Soaking bath',
    material: catalogueRow('soaking-bath'),
    taken: input(
      'carried away by one',
      task.value(k.pickUp) * length * sprigs.value,
      'ml',
      'formula',
      'for each mm of its sprigs, after shaking off',
    ),
    standing: task.input(k.standing),
    parts: [{ slot: 'medium', label: 'Matte medium', parts: 1 }],
    water: 5,
  })
}

/** What a tree takes, step by step. */
export function usesOf(task: PlantTask, sprigs: NumberInput, bath: BathWork | undefined): Use[] {
  const { piece, started } = task
  const coat = (slot: string, at: string, label: string, of: (typeof k)[keyof typeof k]): Use =>
    coatUse(task, { slot, step: at, label }, of)
  const picked = task.input(k.spare)
  const armature = [
    ...piecesUse(task, {
      slot: 'sprig',
      step: 'sort',
      label: 'Sprigs',
      perPiece: figure(
        sprigs.value * picked.value,
        'piece',
        'sprigs in a tree × sprigs picked for one that is used',
        [sprigs, picked],
      ),
      total: figure(
        Math.ceil(sprigs.value * picked.value * started - 1e-9),
        'piece',
        'for one × pieces started, rounded up',
        [sprigs, picked, input('pieces started', started, '', 'formula')],
      ),
    }),
    ...(bath?.uses ?? []),
    coat('trunk-paint', 'trunk', 'Trunk colour', k.trunkCoat),
    coat('tips-paint', 'trunk', 'Dark tips', k.tipsCoat),
  ]
  const snow = dressUses(withoutLeaf(task), snowOnly)
  if (!leafy(task)) return [...armature, ...snow]
  const flock = (slot: string, at: string, label: string, share: NumberInput): Use =>
    flockUse(task, {
      slot,
      step: at,
      label,
      area: crownInput(task),
      seeThrough: input('g, see-through in full leaf', piece.seeThrough, '', piece.seeThroughOrigin),
      leaf: piece.leaf,
      share,
      sticks: k.sticks,
    })
  if (task.choice('colour') === 'overspray')
    return [
      ...armature,
      coat('hairspray', 'sprinkle', 'Hairspray', k.sprayCoat),
      flock('foliage', 'sprinkle', 'Coarse foam', input('share of the foliage', 1, '', 'formula')),
      coat('canopy-paint', 'canopy', 'Canopy colour', k.canopyCoat),
      coat('highlight-spray', 'canopy', 'Highlight mist', k.mistCoat),
      ...snow,
    ]
  const top =
    task.fill('highlight').parts.length > 0
      ? task.input(k.highlight)
      : input('share on top', 0, '', 'formula', 'the highlight is open')
  return [
    ...armature,
    coat('hairspray', 'sprinkle', 'Hairspray', k.sprayCoat),
    flock(
      'foliage',
      'sprinkle',
      'Foliage',
      input('share of the foliage', 1 - top.value, '', top.origin, 'less what goes on top'),
    ),
    flock('highlight', 'highlight', 'Highlight, from above', task.input(k.highlight)),
    coatUse(
      task,
      { slot: 'hairspray', step: 'highlight', label: 'Hairspray for the highlight' },
      k.sprayCoat,
      task.input(k.highlight),
    ),
    ...snow,
  ]
}
