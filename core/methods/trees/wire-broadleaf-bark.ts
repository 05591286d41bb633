import { MM_IN_CM, number, ONE, quotient, roundedUp, sum, type Expression } from '../../quantities'
import type { PlantMaking } from '../kit/bench'
import { dressing } from '../kit/figures'
import type { Operation } from '../kit/making'
import { wireFigures as k } from './wire-broadleaf-operations'

const COATS = 3

/** Latex, then bark of grout and PVA in coats, each cured before the next. */
export function barked(on: PlantMaking, surface: Expression): Operation[] {
  const coats = COATS + (on.choice('bulk') === 'paste' ? 1 : 0)
  const size = on.piece.heightMm / 200
  const bark = on.product(
    surface,
    k.barked,
    quotient(on.input(k.barkMm), MM_IN_CM),
    quotient(number(coats), number(COATS)),
  )
  const grout = on.product(bark, k.groutDensity, sum(ONE, on.input(k.groutLeft)))
  const coat = quotient(grout, number(coats))
  return [
    on.work('latex', 'Latex', {
      text: 'A thin coat with an old brush from the foot up, none on the tips: a drop there dries as a bead. It dries clear.',
      hands: on.value(k.latexSec) * size,
      takes: [on.take('latex', [surface, k.latexCoat])],
      within: on.open('latex', { tail: 'little at a time' }),
      wait: on.sets('latex', 'Dry until it is clear', k.latexMin),
      tools: ['old brush'],
      holders: [{ what: 'base', each: 1, until: 'inspect' }],
      needs: ['ventilation'],
      faults: ['tip-drops'],
    }),
    ...Array.from({ length: coats }, (_, i): Operation => {
      const last = i === coats - 1
      const text =
        i === 0
          ? 'Grout and PVA to a paste, over trunk and first limbs, none on twigs: it fills the lines of the twist and thickens.'
          : last
            ? 'Finer and higher up. Dab dry grout where moss would grow. On until no wire shows.'
            : 'A finer mix, a little higher up.'
      return on.work(i === 0 ? 'paste' : `paste-${i + 1}`, `Bark paste, coat ${i + 1} of ${coats}`, {
        text,
        hands: [on.value(k.pasteSec) * size, 120],
        takes: [
          on.take('grout', coat, `Grout, coat ${i + 1}`),
          on.take('pva', [coat, k.pvaShare], `PVA, coat ${i + 1}`),
        ],
        within: on.open('grout-paste', { by: k.pasteWetSec }),
        wait: last
          ? on.sets('grout-paste', 'Let the last coat cure overnight', k.lastPasteMin)
          : on.sets('grout-paste', 'Let the coat cure', k.pasteMin),
        tools: ['old brush', 'bowl'],
        faults: ['wire-look'],
        ...(last ? { passes: 'No wire seen from the viewing distance.' } : {}),
      })
    }),
  ]
}

/** Sprig tips, about one to a branch end: by the crown, whatever the wire; and the colours of the wood. */
export function tipped(on: PlantMaking): Operation[] {
  const size = on.piece.heightMm / 200
  const full = quotient(on.crown, on.input(k.tipCm2))
  const tips = roundedUp(on.choice('ends') === 'long' ? on.product(full, k.longEnds) : full)
  return [
    on.work('tips', 'Sprig tips', {
      text: 'Branch by branch: a speck of CA, the tip held a second, a breath of activator. Tips lean on along the twig, outward and up.',
      hands: [on.value(k.sprigTipSec) * tips.value, 60],
      takes: [
        on.takePieces('tips', quotient(tips, on.input(k.tipsFromSprig)), 'Sprigs to cut up'),
        on.take('ca', [tips, k.caEach]),
        on.has('activator') && on.take('activator', [tips, k.activatorEach]),
      ],
      within: on.open('ca', { tail: 'hold the tip before you dab' }),
      tools: ['tweezers'],
      needs: ['ventilation'],
      gives: ['solvent'],
      faults: ['visible-join'],
    }),
    on.paint('paint', 'Grey primer', {
      text: 'Grey primer all over.',
      hands: on.value(k.primerSec) * size,
      takes: [on.coat('primer', dressing.paintCoat)],
    }),
    on.paint('brown', 'Dark brown from below', {
      text: 'A dark-brown mist from below, over dry primer.',
      hands: [on.value(k.brownSec) * size, 30],
      takes: [on.coat('bark-paint', dressing.mistCoat)],
    }),
    on.work('brush', 'Dry-brush grey, then brown', {
      text: 'Pale grey, then brown, on the ridges. Trunks are grey and grey-brown, rarely brown.',
      hands: [on.value(k.brushSec) * size, 60],
      takes: [on.coat('brush-paint', k.brushCoat), on.coat('brush-brown', k.brushCoat)],
      wait: on.sets('dry-brush', 'Let the paint dry'),
      tools: ['brush'],
      faults: ['trunk-colour'],
    }),
  ]
}
