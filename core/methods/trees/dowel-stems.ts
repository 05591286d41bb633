import { cutRods } from '../../armature'
import { fact, MM_IN_CM, ONE, quotient, rodSurface } from '../../quantities'
import { plainNumber } from '../../units'
import type { PlantMaking } from '../kit/bench'
import type { Operation } from '../kit/making'
import { dowelCuts, dowelFigures as k, pinMm, USUAL_PIN_MM, type PlannedTrees } from '../plans/discs'

/** A rod that is not said to have a length is this long, mm: 36 in. */
const ROD_MM = 914

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
