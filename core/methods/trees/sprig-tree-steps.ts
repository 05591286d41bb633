import {
  dressSteps,
  materialsAt,
  open,
  step,
  timeWords,
  wetRounds,
  withoutLeaf,
  type PlantTask,
  type Step,
  type Use,
} from '../../makeup'
import type { Leaf } from '../../quantities'
import { counted } from '../../units'
import { leafy, snowOnly } from './sprig-tree-amounts'
import { sprigFigures as k } from './sprig-tree-figures'

/** Painting and misting take as long as there is crown, by a tree of 40 cm². */
const areaFactor = ({ piece }: PlantTask): number => Math.max(0.4, piece.sideAreaCm2 / 40)

/** What hands do, in order. */
export function stepsOf(task: PlantTask, sprigs: Leaf, uses: readonly Use[]): Step[] {
  const n = sprigs.value
  const { value } = task
  const toughened = task.choice('sprigs') === 'toughened'
  const tree = counted(n, 'sprig')
  const bowls = Math.ceil((n * task.started) / value(k.bowl))
  const pegs = { what: 'peg', each: 2 * n, until: 'soak' }
  const paint = value(k.paintSec) * areaFactor(task)
  const at = (id: string) => ({ id, materialIds: materialsAt(uses, id) })
  const spraying = { needs: ['ventilation'], gives: ['aerosol', 'solvent'] } satisfies Partial<Step>
  const armature: Step[] = [
    step({
      ...at('sort'),
      title: 'Sort and clean',
      text: `Pick ${tree} for each tree. Tweeze off dry leaves, cut inward twigs. Curved ones go to their own box.`,
      hands: { onceSec: 60, eachSec: value(k.sortSec) * n, origin: 'memory' },
      tools: ['tweezers', 'cutters'],
      cautions: ['wire-and-blades'],
      faults: ['one-sided'],
    }),
    ...(toughened
      ? [
          step({
            ...at('soak'),
            title: 'Soak, peg to the line',
            text: `${timeWords(value(k.soakSec) / 60)} in the bath, ${counted(value(k.bowl), 'sprig')} at a time; peg one bowl while the next soaks. Tap off on newspaper, peg head down; a second peg on the tip of the curved ones pulls them straight.`,
            hands: {
              // A soak wants an eye, not hands: the bowl before is pegged meanwhile. Each tree has its share of it.
              onceSec: 180,
              eachSec: value(k.pegSec) * n + (bowls * value(k.bowlSec)) / task.started,
              origin: 'memory',
            },
            atOnce: {
              count: Math.max(1, Math.floor(value(k.bowl) / n)),
              because: 'bowl',
              what: `The bowl takes ${counted(value(k.bowl), 'sprig')}.`,
            },
            wait: {
              leastMin: task.dryMin(value(k.dryMin)),
              kind: 'open film',
              what: 'Dry overnight on the line',
              origin: 'common practice',
            },
            tools: ['bowl', 'drying line'],
            holders: [pegs],
            cautions: ['wet-bath'],
            faults: ['white-puddles', 'beads'],
          }),
        ]
      : []),
    ...(n > 1
      ? [
          step({
            ...at('bind'),
            title: `Bind ${tree} to a tree`,
            text: 'Set them round, flat sides turned outward, so that it is round from above. Fine wire round the feet, CA into the joint, paste over it where it shows.',
            hands: { onceSec: 60, eachSec: value(k.bindSec), origin: 'memory' },
            within: open(task, 'ca'),
            tools: ['pliers'],
            needs: ['ventilation'],
            cautions: ['ca', 'wire'],
            faults: ['one-sided', 'visible-join'],
            passes: 'Round from above; the joint can’t be found.',
          }),
        ]
      : []),
    step({
      ...at('trunk'),
      title: 'Trunk colour, dark tips',
      text:
        n > 1
          ? 'Grey-brown on both sides, over the joint too; a light dark mist on the tips for depth.'
          : 'In the foam block: grey-brown on both sides; a light dark mist on the tips for depth.',
      hands: { onceSec: 60, eachSec: paint, origin: 'memory' },
      wait: {
        leastMin: task.dryMin(value(k.paintMin)),
        kind: 'open film',
        what: 'Let the paint dry',
        origin: 'memory',
      },
      tools: ['foam block'],
      holders: [{ what: 'block place', each: 1, until: 'inspect' }],
      ...spraying,
      cautions: ['spray'],
      faults: ['trunk-colour', 'satin'],
    }),
  ]
  const inspect = step({
    ...at('inspect'),
    title: 'Inspect',
    text: 'Turn each one round, look at it from above, in daylight.',
    hands: { onceSec: 0, eachSec: 8, origin: 'memory' },
    needs: ['daylight'],
    passes: leafy(task)
      ? 'Straight, see-through near the target, clean trunk, lighter on top.'
      : 'Straight, no puddles on the stem, tips darker than the trunk.',
    faults: ['one-sided', 'satin', 'shiny-patches'],
  })
  const snow = dressSteps(withoutLeaf(task), snowOnly).map((draft) => step({ ...draft, ...at(draft.id) }))
  if (!leafy(task)) return [...armature, ...snow, inspect]
  const sprinkleSec = 3 + value(k.flockSec) * task.piece.sideAreaCm2
  const wetSec = value(k.wetSec)
  const round = wetRounds(wetSec, value(k.setUpSec), sprinkleSec)
  const mistSec = value(k.mistSec) * areaFactor(task)
  const sprinkle = step({
    ...at('sprinkle'),
    title: 'Hairspray the crown, sprinkle',
    text: `Spray the crown only. Sprinkle from above, turn over, and do it from below. Don’t plunge it into the tub. ${timeWords(wetSec / 60)} before the spray has set.`,
    hands: {
      onceSec: 60,
      eachSec: sprinkleSec + round.setUpEachSec,
      origin: 'memory',
    },
    within: {
      sec: wetSec,
      what: `The spray stays wet for about ${timeWords(wetSec / 60)}.`,
      origin: 'memory',
    },
    atOnce: round.atOnce,
    wait: { leastMin: value(k.setMin), kind: 'tack clearing', what: 'Let it set', origin: 'memory' },
    tools: ['catch tray'],
    ...spraying,
    cautions: ['spray', 'dust'],
    faults: ['clogged-stems', 'fallen-foliage'],
    passes: 'Light through the crown; no foam on the trunk.',
  })
  const second =
    task.choice('colour') === 'overspray'
      ? step({
          ...at('canopy'),
          title: 'Spray the canopy, mist from above',
          text: 'The wanted green around the foliage; then the lighter mist, from above only. Mask the trunk or keep off it.',
          hands: { onceSec: 60, eachSec: paint + mistSec, origin: 'memory' },
          wait: {
            leastMin: task.dryMin(value(k.paintMin)),
            kind: 'open film',
            what: 'Let the paint dry',
            origin: 'memory',
          },
          ...spraying,
          cautions: ['spray'],
          faults: ['loud-two-tone', 'trunk-colour', 'satin'],
        })
      : step({
          ...at('highlight'),
          title: 'Highlight from above',
          text: 'A touch of spray and the lighter foam from above only. One step lighter, never another hue.',
          hands: { onceSec: 30, eachSec: mistSec, origin: 'memory' },
          wait: { leastMin: value(k.setMin), kind: 'tack clearing', what: 'Let it set', origin: 'memory' },
          ...spraying,
          cautions: ['spray'],
          faults: ['loud-two-tone'],
        })
  const bare = task.choice('colour') !== 'overspray' && task.fill('highlight').parts.length === 0
  return [...armature, sprinkle, ...(bare ? [] : [second]), ...snow, inspect]
}
