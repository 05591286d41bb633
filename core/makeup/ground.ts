import { plainNumber } from '../units'
import { fact, figure, number, product, quotient, type Expression } from '../quantities'
import { coefficients } from './coefficients'
import type { Option, PlantTask, Pour, Use } from './method'
import { amount, seconds, share } from './rows'
import type { Slot } from './slots'
import { open, openSecOf, sets } from './setting'
import { hands, type StepDraft } from './step'
import { plantUse, startedOf, trunkOf, use } from './uses'

/** What setting plants in glue and sealing ground takes, whatever is set. */
export const grounding = coefficients('shared', {
  poolMl: amount('PVA in a pool, for a cm² of foot', 0.12, 'ml/cm²'),
  poolSec: seconds('set in a pool', 20),
  wettingMl: amount('wetting mist', 0.02, 'ml/cm²'),
  sealMl: amount('dilute PVA to seal', 0.06, 'ml/cm²'),
  sealSec: seconds('mist and seal, for 10 cm²', 6),
})

/** Parts of water to one of PVA, for sealing. Common practice: 3 : 1 to 1 : 1. */
const WATER_PARTS = 3
/** Alcohol in a wetting mist; the rest is water. */
const ALCOHOL = fact('alcohol in the mist', 0.7, '', 'common practice')

/** Whether ground that has been set is sealed with dilute PVA. */
export const sealOption: Option = {
  id: 'seal',
  name: 'Sealing',
  choices: [
    { id: 'none', name: 'none', words: 'glue below holds it: nothing over it' },
    { id: 'sealed', name: 'sealed', words: 'mist and dilute PVA over all: firmer, darker, a little lower' },
  ],
}

/** What sealing takes from the shelf. */
export const sealingSlots: readonly Slot[] = [
  { id: 'wetting', label: 'Wetting alcohol', wish: { stuff: 'liquid', liquid: 'alcohol' }, optional: true },
  { id: 'seal', label: 'PVA to seal', wish: { stuff: 'liquid', liquid: 'pva' }, mayShare: true },
]

/** The same where it is the maker’s to choose. */
export const sealSlots = (choice: (option: string) => string): readonly Slot[] =>
  choice('seal') === 'sealed' ? sealingSlots : []

/**
 * Wetting and dilute PVA over an area.
 * @param area cm² of one piece or patch that is sealed @param step the step at which it is done
 */
export function sealingUses(task: PlantTask, area: Expression, step = 'seal'): Use[] {
  const of = (slot: string, label: string, rate: typeof grounding.sealMl, share: Expression): Use =>
    use(task, {
      slot,
      step,
      label,
      each: product(area, task.input(rate), share),
    })
  return [
    ...(task.fill('wetting').parts.length > 0
      ? [of('wetting', 'Wetting alcohol', grounding.wettingMl, ALCOHOL)]
      : []),
    of('seal', 'PVA to seal, 1 : 3 water', grounding.sealMl, quotient(number(1), number(1 + WATER_PARTS))),
  ]
}

/**
 * What is poured together to wet and to seal all parts started.
 * @param area cm² of one part @param times how often it is sealed
 */
export function sealingPours(task: PlantTask, area: Expression, times = 1): Pour[] {
  const mixture = (
    title: string,
    rate: typeof grounding.sealMl,
    parts: readonly [string, number][],
  ): Pour => {
    const whole = parts.reduce((sum, [, part]) => sum + part, 0)
    return {
      title,
      lines: parts.map(([label, part]) => ({
        label,
        figure: figure(
          product(
            area,
            startedOf(task),
            ...(times > 1 ? [fact('times it is sealed', times, '')] : []),
            task.input(rate),
            quotient(number(part), number(whole)),
          ),
          'ml',
        ),
      })),
    }
  }
  return [
    ...(task.fill('wetting').parts.length > 0
      ? [
          mixture('Wetting mist', grounding.wettingMl, [
            ['Alcohol', 7],
            ['Water', 3],
          ]),
        ]
      : []),
    mixture('Seal, PVA 1 : 3 water', grounding.sealMl, [
      ['PVA', 1],
      ['Water', WATER_PARTS],
    ]),
  ]
}

/** What is poured where sealing was chosen. */
export const sealPours = (task: PlantTask, area: Expression): Pour[] =>
  task.choice('seal') === 'sealed' ? sealingPours(task, area) : []

/** What sealing uses where it was chosen. */
export const sealUses = (task: PlantTask, area: Expression): Use[] =>
  task.choice('seal') === 'sealed' ? sealingUses(task, area) : []

/** Mist, then dilute PVA. @param areaCm2 of one piece or patch @param words another id, title or text */
export function sealingStep(
  task: PlantTask,
  areaCm2: number,
  words: Partial<Pick<StepDraft, 'id' | 'title' | 'text'>> = {},
): StepDraft {
  return {
    id: 'seal',
    title: 'Wet and seal',
    text: 'A fine wetting mist until it is damp, then PVA 1 : 3 with water from a sprayer: it runs in. Wick puddles up with torn tissue. It dries darker and a little lower.',
    hands: hands((task.value(grounding.sealSec) * areaCm2) / 10, 60),
    wait: sets(task, 'dilute-pva', 'Let it dry clear'),
    tools: ['spray bottle', 'measuring cup'],
    needs: ['ventilation'],
    gives: ['wet alcohol'],
    cautions: ['wet-bath', 'static-sparks'],
    faults: ['beads', 'white-puddles', 'shiny-patches'],
    ...words,
  }
}

/** The same; nothing where it is not sealed. */
export const sealStep = (task: PlantTask, areaCm2: number): StepDraft | false =>
  task.choice('seal') === 'sealed' && sealingStep(task, areaCm2)

/** A piece that does not stand by itself gets a pin to stand and to be planted by. */
export const pinFigures = coefficients('shared', {
  pinShare: share('hole for a pin, of the trunk', 0.4),
  pinLong: amount('pin, of the trunk', 6, 'mm/mm'),
  pinCa: amount('CA on a pin, for each mm of trunk', 0.02, 'ml/mm'),
  pinSec: seconds('drill the foot, set a pin', 25),
})
export const pinSlots = ({ trunkMm }: Pick<PlantTask['piece'], 'trunkMm'>): Slot[] => [
  {
    id: 'foot-pin',
    label: 'Wire for the foot',
    wish: { stuff: 'wire', diameterMm: Math.max(0.3, trunkMm * pinFigures.pinShare.value) },
    mayShare: true,
  },
  { id: 'foot-ca', label: 'CA for the foot', wish: { stuff: 'liquid', liquid: 'ca' }, mayShare: true },
]
export function pinUses(task: PlantTask): Use[] {
  const trunk = trunkOf(task)
  return [
    use(task, {
      slot: 'foot-pin',
      step: 'pin',
      label: 'Wire for the foot',
      each: product(trunk, task.input(pinFigures.pinLong)),
    }),
    use(task, {
      slot: 'foot-ca',
      step: 'pin',
      label: 'CA for the foot',
      each: product(trunk, task.input(pinFigures.pinCa)),
    }),
  ]
}
export const pinStep = (task: PlantTask): StepDraft => ({
  id: 'pin',
  title: 'A pin in the foot',
  text: `Drill the foot ${plainNumber(Math.max(0.3, task.piece.trunkMm * task.value(pinFigures.pinShare)), 1)} mm, a wire pin in CA: it stands by it in the block, and in the ground afterwards.`,
  hands: hands(task.value(pinFigures.pinSec), 60),
  within: open(task, 'ca'),
  tools: ['pin vice', 'cutters'],
  needs: ['ventilation'],
  cautions: ['ca', 'drill'],
})

/** The slot of the glue that plants are set in. */
export const poolSlot: Slot = {
  id: 'pool',
  label: 'PVA to set them in',
  wish: { stuff: 'liquid', liquid: 'pva' },
}

/** Glue of the pool that one plant stands in. @param foot cm² */
export const poolUse = (task: PlantTask, foot: Expression, step = 'pool'): Use =>
  plantUse(task, { slot: 'pool', step, label: 'PVA to set them in' }, grounding.poolMl, foot)

/** Set in a pool of PVA, several plants together, pushed in with a stick. */
export function poolStep(
  task: PlantTask,
  words: { readonly text?: string; readonly faults?: readonly string[] } = {},
): StepDraft {
  const openSec = openSecOf(task, 'pva')
  const eachSec = task.value(grounding.poolSec)
  return {
    id: 'pool',
    title: 'Set in a pool of glue',
    text:
      words.text ??
      'A pool of PVA as wide as the foot, three to five together; push them down with a stick, so that they stand up rather than flat.',
    hands: hands(eachSec, 30),
    within: open(task, 'pva'),
    atOnce: {
      count: Math.max(1, Math.floor(openSec / eachSec)),
      because: 'window',
      what: `${Math.round(eachSec)} s each before the pools skin.`,
    },
    wait: sets(task, 'pva', 'Dry overnight'),
    tools: ['skewer'],
    faults: [...(words.faults ?? ['white-puddles', 'shiny-patches'])],
  }
}
