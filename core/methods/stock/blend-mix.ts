import { jarWords, meshWords, wantsShredding, type MixedBlend } from '../../blends'
import type { StockMethod, Yield } from '../../makeup'
import { fact, figure, product, property, quotient, type Expression } from '../../quantities'
import { coefficients, minutes, row, seconds } from '../kit/rows'
import { plainNumber } from '../../units'
import { only } from '../kit/materials'
import { slot } from '../kit/slot'
import { stockWay, type StockMaking } from '../kit/way'
import { wholeBatch } from './recipe'

/** Times of mixing. From memory unless marked. */
export const mixing = coefficients('blend-mix', {
  spoilage: row('spoilage', 0, '', [0, 0.5], 'formula'),
  measureSec: seconds('measure out one material', 45),
  shredSec: seconds('shred 100 ml in small loads', 60),
  mixMin: minutes('mix by hand', 5, 'common practice'),
  tileSec: seconds('seal a pinch on a card', 60),
  sieveSec: seconds('sieve 100 ml', 40),
  jarSec: seconds('fill and label a jar', 60),
})

/** What its batches are filed under. */
export const BLEND_MIX = { id: 'blend-mix', name: 'Mixing a blend' } as const

const slotOf = (i: number): string => `part-${i + 1}`

/** What a mixture of so many grams takes of each of its parts, and what it gives in each jar. */
function measured({ mixture, jars }: MixedBlend, on: StockMaking, whole: Expression, allParts: number) {
  const { portions } = mixture
  const allMass = portions.reduce((sum, { grain, parts }) => sum + grain.bulkGPerMl * parts, 0)
  return {
    takes: portions.map(({ grain, parts }, i) => {
      const own = product(
        fact('parts', parts, '', 'yours', `of ${allParts}`),
        property('bulk density', grain.bulkGPerMl, 'g/ml', 'memory', grain.material.name),
      )
      const mass = fact('all parts by mass', allMass, 'g/ml')
      return on.takeAll(slotOf(i), product(whole, quotient(own, mass)))
    }),
    yields: jars.map(({ material, massShare, ofEach }): Yield => {
      const { changedAt: _changedAt, ...row } = material
      return {
        label: material.name,
        source: 'home-made',
        material: row,
        quantity: figure(product(whole, fact('share in this jar', massShare, '')), 'g'),
        shares: portions.map(({ grain }, at) => ({
          materialId: grain.material.id,
          share: Math.min(1, ofEach[at] ?? 1),
        })),
      }
    }),
  }
}

/** Mixing a blend as a way of making stock: asked for so much of one jar, all of it is made. */
export function blendMethod(mixed: MixedBlend): StockMethod {
  const { blend, mixture, jars } = mixed
  const { portions } = mixture
  const allParts = portions.reduce((sum, { parts }) => sum + parts, 0)
  const of = portions.map(({ grain, parts }) => ({ name: grain.material.name, parts }))
  return stockWay({
    ...BLEND_MIX,
    makes: `${blend.name}: ${of.map(({ name, parts }) => `${parts} ${name}`).join(', ')}.`,
    product: jars[0]?.material.id ?? '',
    also: jars.slice(1).map(({ material }) => material.id),
    figures: mixing,
    materials: portions.map(({ grain: { material } }, i) =>
      slot(slotOf(i), material.name, only(material.id, material.name)),
    ),
    operations: (on) => {
      const asked = jars.find(({ material }) => material.id === on.job.materialId) ?? jars[0]
      const inJar = Math.max(0.002, asked?.massShare ?? 1)
      const whole = quotient(
        fact('wanted', on.job.quantity, 'g', 'line'),
        fact('share in the jar that is asked for', inJar, ''),
      )
      // Heaps as they are measured out: together they lie in less.
      const ml = whole.value / mixture.bulkGPerMl / mixture.settled
      const shredded = portions.filter(({ grain }) => wantsShredding(grain.material))
      const shreddedMl = (ml * shredded.reduce((sum, { parts }) => sum + parts, 0)) / allParts
      const fractions = jars.map(
        ({ jar, massShare }) => `${Math.round(massShare * 100)} % ${jarWords(jar, blend.sieveMm)}`,
      )
      return [
        wholeBatch(on, 30 + portions.length * on.value(mixing.measureSec), 'measure', 'Measure out', {
          text: `${of.map(({ name, parts }) => `${parts} of ${name}`).join('; ')}: level parts of ${plainNumber(ml / allParts, 0)} ml, or by weight on the scale. Weigh each jar before and after.`,
          ...measured(mixed, on, whole, allParts),
          tools: ['measuring cup', 'scale'],
          cautions: ['dust'],
        }),
        shredded.length > 0 &&
          wholeBatch(
            on,
            60 + (shreddedMl / 100) * on.value(mixing.shredSec),
            'shred',
            'Shred in small loads',
            {
              text: `${shredded.map(({ grain }) => grain.material.name).join(' and ')}, ${plainNumber(shreddedMl, 0)} ml: an overfull jar cuts only the bottom. Leave half of the lichen whole where the mix is to be rough. It charges and clings until it is mixed in.`,
              tools: ['blender'],
              faults: ['overfilled-jar'],
            },
          ),
        wholeBatch(
          on,
          60 * on.value(mixing.mixMin),
          'mix',
          'Mix by hand',
          {
            text: 'In a wide tub with a lid, folded from the bottom up; don’t shake it: the fine grains sink. Let the dust settle before you open it.',
            cautions: ['dust'],
            passes: 'One colour wherever you dip in.',
          },
          'common practice',
        ),
        wholeBatch(on, on.value(mixing.tileSec), 'tile', 'Seal a pinch on a card', {
          text: `On the ground colour of the scene, fixed as the pieces will be; it darkens. Look at it dry, in daylight, beside the target, before the jar is closed: a part more is still easy. The target once sealed is near ${mixed.sealed}.`,
          needs: ['daylight'],
          passes: 'The tone that was wanted, sealed.',
        }),
        blend.sieveMm !== undefined &&
          wholeBatch(
            on,
            30 + (ml / 100) * on.value(mixing.sieveSec),
            'sieve',
            `Sieve at ${meshWords(blend.sieveMm)}`,
            {
              text: `A little at a time, shaken level. ${fractions.join('; ')}. Two jars, two labels.`,
              tools: ['sieve'],
            },
          ),
        wholeBatch(
          on,
          jars.length * on.value(mixing.jarSec),
          'jar',
          jars.length > 1 ? 'Fill and label two jars' : 'Fill and label the jar',
          {
            text: 'Print its label: name, parts, date, sealed colour and a code that this app reads. A pinch of it goes into the tile box.',
          },
        ),
      ]
    },
    examples: [],
  })
}
