import { linearToLab, toLab, type Sealing } from '../colour'
import {
  difference,
  fact,
  figure,
  most,
  ONE,
  product,
  property,
  quotient,
  sum,
  type Detail,
  type Figure,
} from '../quantities'
import { plainNumber, type Origin } from '../units'
import type { Grain } from './grains'
import type { Mixture, Portion } from './mixture'

const partsOf = ({ portions }: Pick<Mixture, 'portions'>): number =>
  portions.reduce((all, { parts }) => all + parts, 0)

/** What so much of a mix takes of one of its jars, g. @param ml of the loose mix */
export const amountFigure = (
  mixture: Pick<Mixture, 'portions'>,
  { grain, parts }: Portion,
  ml: number,
): Figure =>
  figure(
    product(
      fact('amount', ml, 'ml', 'yours'),
      quotient(fact('parts', parts, '', 'yours'), fact('all parts', partsOf(mixture), '')),
      property('bulk density', grain.bulkGPerMl, 'g/ml', 'memory', grain.material.name),
    ),
    'g',
  )

const areaOf = (grain: Grain) =>
  fact(
    `area that 1 ml of ${grain.material.name} shows`,
    grain.areaPerMl / 100,
    'cm²/ml',
    'formula',
    grain.shape === 'fibre'
      ? `length × diameter of each fibre: ${plainNumber(grain.sizeMm, 1)} mm, ${plainNumber(grain.acrossMm * 1000, 0)} µm thick`
      : `1.5 × fill ÷ grain of ${plainNumber(grain.sizeMm, 2)} mm`,
  )

/** The share of all that is seen of a mix that one of its parts makes up. */
export function shownFigure({ portions }: Pick<Mixture, 'portions'>, own: Portion): Figure {
  const shown = ({ grain, parts }: Portion) =>
    product(fact(`parts of ${grain.material.name}`, parts, '', 'yours'), areaOf(grain))
  return figure(quotient(shown(own), sum(...portions.map(shown))), '%')
}

/** What is still to be mixed for those who want it, ml: what they want and more for touching up, less what is there. */
export function stillWantedFigure(of: {
  readonly rows: readonly { readonly who: string; readonly grams: number }[]
  readonly touchUp: { readonly share: number; readonly origin: Origin }
  readonly thereG: number
  readonly bulkGPerMl: number
}): Figure {
  const wanted =
    of.rows.length === 0
      ? fact('wanted', 0, 'g')
      : sum(...of.rows.map(({ who, grams }) => fact(who, grams, 'g', 'line')))
  const more = sum(ONE, fact('for touching up', of.touchUp.share, '', of.touchUp.origin))
  const left = difference(product(wanted, more), fact('there, or being mixed', of.thereG, 'g', 'stock'))
  return figure(
    quotient(most(fact('nothing', 0, 'g'), left), property('bulk density', of.bulkGPerMl, 'g/ml')),
    'ml',
  )
}

const labWords = ([l, a, b]: readonly [number, number, number]): string =>
  [l, a, b].map((part) => plainNumber(part, 1)).join(', ')

/**
 * How far a mix, once sealed, is from a target: a colour difference with the colours that it is taken of.
 * @param off ΔE₀₀ of the two (CIE 142-2001) @param tiles that have taught the sealing
 */
export function offFigure(of: {
  readonly off: number
  readonly mixture: Pick<Mixture, 'dry'>
  readonly sealed: string
  readonly isMeasured: boolean
  readonly sealing: Sealing
  readonly target: { readonly lab: readonly [number, number, number]; readonly words: string }
}): Figure {
  const { lightness, chroma, tiles } = of.sealing
  const origin = tiles > 0 ? 'log' : 'memory'
  const sealing = (name: string, factor: number): Detail => ({
    name,
    words: `× ${plainNumber(factor, 2)}`,
    origin,
    ...(tiles > 0 ? { note: `your ${tiles} tiles` } : {}),
  })
  return figure(fact('ΔE₀₀ of the mix once sealed to the target (CIE 142-2001)', of.off, ''), '', [
    {
      name: 'mix, dry (L*, a*, b*)',
      words: labWords(linearToLab(of.mixture.dry)),
      origin: 'formula',
      note: 'grains by the area that they show, in linear light (IEC 61966-2-1)',
    },
    sealing('sealing, L*', lightness.value),
    sealing('sealing, C*', chroma.value),
    {
      name: 'mix, sealed',
      words: labWords(toLab(of.sealed)),
      origin: of.isMeasured ? 'yours' : 'formula',
      ...(of.isMeasured ? { note: 'measured on its tile' } : {}),
    },
    { name: 'target', words: labWords(of.target.lab), origin: 'formula', note: of.target.words },
  ])
}
