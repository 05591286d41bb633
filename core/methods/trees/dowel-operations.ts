import { cutAreaCm2, cutRods, discsCm2 } from '../../armature'
import {
  constant,
  difference,
  fact,
  MM_IN_CM,
  most,
  number,
  ONE,
  product,
  quotient,
  rest,
  rodSurface,
  roundedUp,
  type Expression,
} from '../../quantities'
import { counted, plainNumber } from '../../units'
import type { PlantMaking } from '../kit/bench'
import { dressing } from '../kit/figures'
import type { Listed } from '../kit/listed'
import type { Operation, Taken } from '../kit/making'
import {
  dowelCuts,
  dowelFigures as k,
  LAYERS,
  padOf,
  pinMm,
  USUAL_PIN_MM,
  type PlannedTrees,
} from '../plans/discs'

/** A rod that is not said to have a length is this long, mm: 36 in. */
const ROD_MM = 914

const isCoir = (on: PlantMaking): boolean => on.choice('pad') === 'coir'
const isGreenFirst = (on: PlantMaking): boolean => isCoir(on) && on.choice('paint') === 'discs'

/** Dowels cut, drilled, tapered, rasped and stained: of rods that all trees' lengths are laid into. */
export function stems(on: PlantMaking, { sizes, trees, times }: PlannedTrees): Operation[] {
  const { heightMm, trunkMm } = on.piece
  const of = on.material('dowel')?.of
  const rodMm = of?.stuff === 'dowel' ? (of.rodMm ?? ROD_MM) : ROD_MM
  const kerfMm = on.value(k.kerfMm)
  const lengths = trees.map(({ dowelMm }) => dowelMm)
  const { rods, uncut } = cutRods(lengths, [{ lengthMm: rodMm }], kerfMm)
  const together = Math.round(lengths.reduce((sum, mm) => sum + mm, 0) * times)
  const laid = `dowels of ${together} mm together and a cut of ${plainNumber(kerfMm, 1)} mm at each, laid into rods of ${Math.round(rodMm)} mm`
  const rodCount = fact('rods', Math.ceil((rods.length + uncut.length) * times - 1e-9), '', 'formula', laid)
  const hole = pinMm(trunkMm, on.value(k.pinShare))
  const bark = rodSurface(quotient(fact('dowel', trunkMm, 'mm'), MM_IN_CM), quotient(on.height, MM_IN_CM))
  return [
    on.work('cut', 'Cut and drill the dowels', {
      text: `Labels off with solvent. Cut by the list, write its number on each. Drill the foot ${plainNumber(hole, 1)} mm for the pin${hole === USUAL_PIN_MM ? ' (7/64 in)' : ', no wider: the wood splits'}; it need be neither straight nor centred.`,
      hands: [on.value(k.cutSec), 120],
      takes: [on.takeOnce('dowel', rodCount)],
      cuts: dowelCuts(sizes.map((size) => size.heightMm)),
      tools: ['saw and mitre box', 'drill'],
      cautions: ['solvent'],
    }),
    on.work('taper', 'Taper', {
      text: 'Taper the upper part to a point, by knife or sander.',
      hands: on.value(k.taperSec) * heightMm,
      tools: ['belt sander'],
      cautions: ['wire-and-blades'],
    }),
    on.work('rasp', 'Rasp the bark', {
      text: 'Rasp lengthwise all round. The dull part of it: split it over evenings, or rasp only what will show.',
      hands: [on.value(k.raspSec) * heightMm, 60, 'common practice'],
      tools: ['rasp'],
      needs: ['outdoors'],
      passes: 'No smooth wood where it shows.',
    }),
    on.work('pin', 'Pin, stain', {
      text: 'Glue the pin in. Stain; the visible top and foot are enough.',
      hands: on.value(k.pinSec) + on.value(k.stainSec) * heightMm,
      takes: [
        on.take('pin', on.fill('pin').slot.wish.stuff === 'wire' ? k.pinWireMm : ONE),
        on.take('ca', [fact('hole', hole, 'mm'), k.pinCa]),
        on.take('stain', [bark, k.stainCoat]),
      ],
      wait: on.sets('stain', 'Let the stain dry', k.stainMin),
      tools: ['brush'],
      holders: [{ what: 'block place', each: 1, until: 'inspect' }],
      needs: ['ventilation'],
      gives: ['solvent'],
    }),
    on.work('brush', 'Dry-brush', {
      text: 'Grey on the ridges, before any branch goes on.',
      hands: [on.value(k.brushSec) * heightMm, 60],
      takes: [on.take('brush-paint', [bark, k.brushCoat])],
      tools: ['brush'],
      faults: ['trunk-colour'],
    }),
  ]
}

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

/** Foam lies on the discs, not on an outline; flat clear tightens it all. */
export function discFoliage(on: PlantMaking, { own }: PlannedTrees): Listed<Operation> {
  const onDiscs = fact(
    'discs of one tree',
    discsCm2(own),
    'cm²',
    'formula',
    'π/4 · d² of every disc on its stem',
  )
  const area = on.product(onDiscs, k.ragged)
  const leaf = on.isLeafy ? on.leaf : number(0.01)
  const light = on.has('highlight') ? on.input(dressing.lightShare) : undefined
  const foam = (id: string, share: Expression, label?: string): Taken =>
    on.crownFlock(id, { area, leaf, share, sticks: k.sticks }, label)
  const foams = [
    foam('foliage', light ? rest(light) : ONE),
    light && foam('highlight', light, 'Light foam, from above'),
  ]
  const each = on.value(k.foamSec) * area.value
  const inverted = on.choice('hang') === 'upswept'
  return [
    isCoir(on) && !isGreenFirst(on)
      ? on.spray('foam', 'Green, and foam while it is wet', {
          text: 'Spray the coir green all over; dark foam into the wet paint, over the bin; then light on top. When it has set tease the branches into shape. Missed brown reads as dieback.',
          hands: each,
          takes: [on.coat('pad-paint', dressing.paintCoat), foams],
          within: on.open('paint', { tail: 'one tree at a time' }),
          atOnce: on.one('One tree to a wet coat.'),
          tools: ['catch tray'],
          faults: ['dieback', 'glued-trunk'],
        })
      : on.spray('foam', 'Foam, dark then light', {
          text: 'Adhesive over the discs; dark foam over the bin, shake; light foam from above. What falls goes back to its jar.',
          hands: each,
          takes: [on.take('adhesive', [area, k.foamCoat], 'Adhesive for the foam'), foams],
          can: 'spray-adhesive',
          within: on.open('spray-adhesive'),
          until: null,
          tools: ['catch tray'],
          faults: ['glued-trunk', 'loud-two-tone'],
        }),
    on.spray('clear', `Flat clear, dried ${inverted ? 'upside down' : 'upright'}`, {
      text: `A generous coat of flat clear: it tightens everything. Dry it ${inverted ? 'upside down, so that branches rise' : 'upright, so that branches droop'}.`,
      hands: [on.value(k.clearSec) * area.value, 30],
      takes: [on.coat('clear', k.clearCoat)],
      wait: on.dries(k.clearMin, inverted ? 'Dry upside down' : 'Dry upright'),
      faults: ['satin'],
    }),
    on.choice('snow') === 'laden' &&
      on.spray('snow', 'Snow', {
        text: 'A mist of adhesive from above only, then white powder through a sieve, a trace of black in it. No coat over it.',
        hands: 0.05 * area.value,
        takes: [on.coat('adhesive', dressing.mistCoat, 'Adhesive for the snow'), on.snow()],
        can: 'spray-adhesive',
        until: 'Let it set untouched',
        tools: ['sieve', 'catch tray'],
        faults: ['snow-sealed'],
      }),
  ]
}
