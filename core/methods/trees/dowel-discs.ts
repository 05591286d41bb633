import { cutAreaCm2 } from '../../armature'
import { constant, difference, fact, most, ONE, product, quotient, rest, roundedUp } from '../../quantities'
import { counted } from '../../units'
import type { PlantMaking } from '../kit/bench'
import { dressing } from '../kit/figures'
import type { Listed } from '../kit/listed'
import type { Operation } from '../kit/making'
import { dowelFigures as k, LAYERS, padOf, type PlannedTrees } from '../plans/discs'

export const isCoir = (on: PlantMaking): boolean => on.choice('pad') === 'coir'

export const isGreenFirst = (on: PlantMaking): boolean => isCoir(on) && on.choice('paint') === 'discs'

/** Discs cut ragged from pads, and threaded from the top. */
export function branches(on: PlantMaking, { own, trees, times }: PlannedTrees): Listed<Operation> {
  const coir = isCoir(on)
  const acrossMm = own.discs.reduce((sum, { diameterMm }) => sum + diameterMm, 0)
  const count = own.discs.length
  const pad = padOf(on)
  const cutCm2 = trees.reduce((sum, { cuts }) => sum + cutAreaCm2(cuts), 0) * (coir ? 2 : 1) * times
  const discs = fact('discs’ area', cutCm2, 'cm²', 'formula', 'π/4 · d² of every disc that is cut')
  const sheet = fact('a pad', (pad.widthMm * pad.heightMm) / 100, 'cm²', 'stock')
  const kept = rest(on.input(k.strip))
  const { pads: nested } = on.task
  const pads =
    nested === undefined
      ? most(ONE, roundedUp(quotient(discs, on.product(sheet, kept, k.packed))))
      : fact('pads', nested, '', 'formula', 'as the discs are nested, a strip of each pad kept')
  const corners = difference(product(pads, sheet, kept), discs)
  const scrap = constant('', 1, 'cm²', 'at least a scrap')
  const layers = LAYERS[on.choice('layers') as keyof typeof LAYERS]
  const split = {
    1: 'not split',
    2: 'each split into two thin ones',
    4: 'each split into two and those again',
  }
  return [
    on.work('discs', coir ? 'Cut ragged discs of coir' : 'Cut ragged discs, split them', {
      text: `Cut by the template: circles first, then ragged notches; ${split[layers]}${coir ? '; two over each other for each place' : ''}. ${counted(count, 'disc')} for a tree of the usual size. Keep the numbers together; square corners go on upper discs.`,
      hands: [on.value(k.discMmSec) * acrossMm, 120],
      takes: [on.takeOnce('pad', pads)],
      yields: [on.byProduct('pad-corners', 'Pad corners: upper discs, undergrowth', most(scrap, corners))],
      // Whenever hands are free: the stems' stain dries meanwhile.
      after: [],
      tools: ['scissors', 'knife'],
      faults: ['square-disc', 'limp-pad'],
      passes: 'No straight edge; the largest at the bottom.',
    }),
    isGreenFirst(on) &&
      on.spray('paint-discs', 'Green the discs', {
        text: 'Spray them flat, both sides, so that no brown is missed.',
        hands: 4 * count,
        takes: [on.coat('pad-paint', dressing.paintCoat)],
        faults: ['dieback'],
      }),
    on.work('fit', 'Dry-fit, lay out, mask', {
      text: `Thread all discs dry, lay them out in their order. Mask the stem below the first branch, ${Math.round(own.discs[0]?.atMm ?? 0)} mm up.`,
      hands: on.value(k.fitSec) * count,
      after: ['brush', 'discs', 'paint-discs'],
      tools: ['pencil'],
      faults: ['bare-ring'],
    }),
    on.spray('thread', 'Adhesive, disc, next', {
      text: 'Adhesive on the stem where the disc will sit, slide it down from the top, press; the next. No bare ring.',
      hands: [on.value(k.threadMmSec) * acrossMm, 30],
      takes: [on.take('adhesive', [fact('discs', count, ''), k.discGlue], 'Adhesive under the discs')],
      can: 'spray-adhesive',
      within: on.open('spray-adhesive'),
      until: 'Let it grip',
      faults: ['bare-ring', 'glued-trunk'],
    }),
  ]
}
