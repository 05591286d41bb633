import {
  bathWork,
  coatUse,
  crownInput,
  flockUse,
  use,
  type BathWork,
  type PlantTask,
  type Use,
} from '../../makeup'
import { catalogueRow } from '../../stock'
import { figure, input, type NumberInput } from '../../units'
import { sprigFigures as k } from './sprig-tree-figures'

/** Whether there is any leaf to show on the day. */
export const leafy = ({ piece }: Pick<PlantTask, 'piece'>): boolean => piece.leaf > 0.01

/** Sprigs bound together for one tree: as many as its crown has room for, each no longer than good sprigs are. */
export function sprigsEach(task: PlantTask): NumberInput {
  const { piece } = task
  const width = task.value(k.width)
  const length = Math.min(piece.heightMm, task.value(k.longest))
  const one = (Math.PI / 4) * (width * length) ** 2
  const count = Math.max(1, Math.ceil((piece.sideAreaCm2 * 100) / one - 0.35))
  return input(
    'sprigs in a tree',
    count,
    '',
    'formula',
    `crown from the side ÷ crown of a sprig of ${Math.round(length)} mm`,
  )
}

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
    use(task, {
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
  if (!leafy(task)) return armature
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
  ]
}
