import { fact, figure, number, quotient, sum, type Coefficient, type Expression } from '../../quantities'
import { amount, coefficients, row, seconds, share } from './rows'
import { type Option, type Pour, type Slot } from '../../makeup'
import { type Piece } from '../../commissions'
import { plainNumber } from '../../units'
import type { PlantMaking } from './bench'
import { listed } from './listed'
import type { Factor, Operation, Words } from './making'
import { liquid, rod } from './materials'
import { optional, sharing, slot } from './slot'
import { option } from './way'

/** What setting plants in glue and sealing ground takes, whatever is set. */
export const grounding = coefficients('shared', {
  poolMl: amount('PVA in a pool, for a cm² of foot', 0.12, 'ml/cm²'),
  poolSec: seconds('set in a pool', 20),
  wettingMl: amount('wetting mist', 0.02, 'ml/cm²'),
  sealMl: amount('dilute PVA to seal', 0.06, 'ml/cm²'),
  sealWater: row(
    'water to one part of PVA, to seal',
    3,
    '',
    [1, 6],
    'common practice',
    '3 : 1 down to 1 : 1',
  ),
  sealSec: seconds('mist and seal, for 10 cm²', 6),
})

/** Alcohol in a wetting mist; the rest is water. */
const ALCOHOL = fact('alcohol in the mist', 0.7, '', 'common practice')

/** Whether ground that has been set is sealed with dilute PVA. */
export const sealOption: Option = option(
  'seal',
  'Sealing',
  ['none', 'none', 'glue below holds it: nothing over it'],
  ['sealed', 'sealed', 'mist and dilute PVA over all: firmer, darker, a little lower'],
)

/** What sealing takes from the shelf. */
export const sealingSlots: readonly Slot[] = [
  slot('wetting', 'Wetting alcohol', liquid('alcohol'), optional),
  slot('seal', 'PVA to seal', liquid('pva'), sharing),
]
/** The same where it is the maker’s to choose. */
export const sealSlots = (choice: (option: string) => string): readonly Slot[] =>
  choice('seal') === 'sealed' ? sealingSlots : []

/** How far the seal is thinned, in words: "1 : 3". */
const dilutionWords = (on: PlantMaking): string => `1 : ${plainNumber(on.value(grounding.sealWater), 1)}`

/** What is poured together to wet and to seal all parts started, so many times. */
function sealingPours(on: PlantMaking, area: Expression, times: number): Pour[] {
  const mixture = (title: string, rate: Coefficient, parts: readonly [string, number][]): Pour => {
    const whole = parts.reduce((sum, [, part]) => sum + part, 0)
    const all: Factor[] = [
      area,
      on.pieces,
      ...(times > 1 ? [fact('times it is sealed', times, '')] : []),
      rate,
    ]
    const of = (part: number): Expression => on.product(...all, quotient(number(part), number(whole)))
    return { title, lines: parts.map(([label, part]) => ({ label, figure: figure(of(part), 'ml') })) }
  }
  return listed([
    on.has('wetting') &&
      mixture('Wetting mist', grounding.wettingMl, [
        ['Alcohol', 7],
        ['Water', 3],
      ]),
    mixture(`Seal, PVA ${dilutionWords(on)} water`, grounding.sealMl, [
      ['PVA', 1],
      ['Water', on.value(grounding.sealWater)],
    ]),
  ])
}

/**
 * Mist, then dilute PVA.
 * @param area cm² of one piece or patch @param words another id, title or text
 * @param times how often it is sealed in all, where this is the first; 0 where it has been poured for
 */
export function sealing(on: PlantMaking, area: Expression, words: Words = {}, times = 1): Operation {
  const { id = 'seal', title = 'Wet and seal', ...own } = words
  return on.work(id, title, {
    text: `A fine wetting mist until it is damp, then PVA ${dilutionWords(on)} with water from a sprayer: it runs in. Wick puddles up with torn tissue. It dries darker and a little lower.`,
    hands: [(on.value(grounding.sealSec) * area.value) / 10, 60],
    takes: [
      on.has('wetting') && on.take('wetting', [area, grounding.wettingMl, ALCOHOL]),
      on.take(
        'seal',
        [area, grounding.sealMl, quotient(number(1), sum(number(1), on.input(grounding.sealWater)))],
        `PVA to seal, ${dilutionWords(on)} water`,
      ),
    ],
    pours: times > 0 ? sealingPours(on, area, times) : [],
    wait: on.sets('dilute-pva', 'Let it dry clear', undefined, 'seal'),
    tools: ['spray bottle', 'measuring cup'],
    needs: ['ventilation'],
    gives: ['wet alcohol'],
    cautions: ['wet-bath'],
    faults: ['beads', 'white-puddles', 'shiny-patches'],
    ...own,
  })
}
/** The same; nothing where it is not sealed. */
export const sealingIfChosen = (on: PlantMaking, area: Expression): Operation | false =>
  on.choice('seal') === 'sealed' && sealing(on, area)

/** A piece that does not stand by itself gets a pin to stand and to be planted by. */
export const pinFigures = coefficients('shared', {
  pinShare: share('hole for a pin, of the trunk', 0.4),
  pinLong: amount('pin, of the trunk', 6, 'mm/mm'),
  pinCa: amount('CA on a pin, for each mm of trunk', 0.02, 'ml/mm'),
  pinSec: seconds('drill the foot, set a pin', 25),
})
const pinMm = (trunkMm: number, share = pinFigures.pinShare.value): number => Math.max(0.3, trunkMm * share)
export const pinSlots = ({ trunkMm }: Pick<Piece, 'trunkMm'>): Slot[] => [
  slot('foot-pin', 'Wire for the foot', rod('wire', pinMm(trunkMm)), sharing),
  slot('foot-ca', 'CA for the foot', liquid('ca'), sharing),
]
export const pinned = (on: PlantMaking): Operation =>
  on.work('pin', 'A pin in the foot', {
    text: `Drill the foot ${plainNumber(pinMm(on.piece.trunkMm, on.value(pinFigures.pinShare)), 1)} mm, a wire pin in CA: it stands by it in the block, and in the ground afterwards.`,
    hands: [on.value(pinFigures.pinSec), 60],
    takes: [
      on.take('foot-pin', [on.trunk, pinFigures.pinLong]),
      on.take('foot-ca', [on.trunk, pinFigures.pinCa]),
    ],
    within: on.open('ca'),
    tools: ['pin vice', 'cutters'],
    needs: ['ventilation'],
  })

/** The slot of the glue that plants are set in. */
export const poolSlot: Slot = slot('pool', 'PVA to set them in', liquid('pva'))

/** Set in a pool of PVA, several plants together, pushed in with a stick. @param foot cm² of one */
export function pooled(on: PlantMaking, foot: Expression, words: Words = {}): Operation {
  const eachSec = on.value(grounding.poolSec)
  const count = Math.max(1, Math.floor(on.openSec('pva', undefined, 'pool') / eachSec))
  const { title = 'Set in a pool of glue', takes = [], ...own } = words
  return on.work('pool', title, {
    text: 'A pool of PVA as wide as the foot, three to five together; push them down with a stick, so that they stand up rather than flat.',
    hands: eachSec,
    takes: [on.takeGood('pool', [foot, grounding.poolMl]), takes],
    within: on.open('pva', { from: 'pool' }),
    atOnce: { count, because: 'window', what: `${Math.round(eachSec)} s each before the pools skin.` },
    wait: on.sets('pva', 'Dry overnight', undefined, 'pool'),
    tools: ['skewer'],
    faults: ['white-puddles', 'shiny-patches'],
    ...own,
  })
}
