import { jarWords, meshWords, wantsShredding, type MixedBlend } from '../../blends'
import {
  coefficients,
  minutes,
  seconds,
  stepsWith,
  use,
  type StepDraft,
  type StockMethod,
} from '../../makeup'
import { fact, figure, product, property, quotient } from '../../quantities'
import { plainNumber } from '../../units'

/** Times of mixing. From memory unless marked. */
export const mixing = coefficients('blend-mix', {
  spoilage: { name: 'spoilage', value: 0, unit: '', origin: 'formula', range: [0, 0.5] },
  measureSec: seconds('measure out one material', 45),
  shredSec: seconds('shred 100 ml in small loads', 60),
  mixMin: minutes('mix by hand', 5, 'common practice'),
  tileSec: seconds('seal a pinch on a card', 60),
  sieveSec: seconds('sieve 100 ml', 40),
  jarSec: seconds('fill and label a jar', 60),
})

/** What its batches are filed under. */
export const BLEND_MIX = { id: 'blend-mix', name: 'Mixing a blend' } as const

/** Mixing a blend as a way of making stock: asked for so much of one jar, all of it is made. */
export function blendMethod(mixed: MixedBlend): StockMethod {
  const { blend, mixture, jars } = mixed
  const { portions } = mixture
  const slotOf = (i: number): string => `part-${i + 1}`
  const allParts = portions.reduce((sum, { parts }) => sum + parts, 0)
  const massOf = portions.map(({ grain, parts }) => grain.bulkGPerMl * parts)
  const allMass = massOf.reduce((sum, own) => sum + own, 0)
  return {
    ...BLEND_MIX,
    makes: `${blend.name}: ${portions.map(({ grain, parts }) => `${parts} ${grain.material.name}`).join(', ')}.`,
    kinds: ['stock'],
    product: jars[0]?.material.id ?? '',
    also: jars.slice(1).map(({ material }) => material.id),
    coefficients: Object.values(mixing),
    options: [],
    spoilage: mixing.spoilage,
    slots: () =>
      portions.map(({ grain: { material } }, i) => ({
        id: slotOf(i),
        label: material.name,
        wish: { stuff: 'other', materialId: material.id, words: material.name },
      })),
    work(task) {
      const { job, value } = task
      const asked = jars.find(({ material }) => material.id === job.materialId) ?? jars[0]
      const whole = job.quantity / Math.max(0.002, asked?.massShare ?? 1)
      const ml = whole / mixture.bulkGPerMl
      const wanted = fact('wanted', job.quantity, 'g', 'line')
      const inJar = fact('share in the jar that is asked for', Math.max(0.002, asked?.massShare ?? 1), '')
      const all = quotient(wanted, inJar)
      const uses = portions.map(({ grain, parts }, i) => {
        const own = product(
          fact('parts', parts, '', 'yours', `of ${allParts}`),
          property('bulk density', grain.bulkGPerMl, 'g/ml', 'memory', grain.material.name),
        )
        const amount = product(all, quotient(own, fact('all parts by mass', allMass, 'g/ml')))
        return use(task, {
          slot: slotOf(i),
          step: 'measure',
          label: grain.material.name,
          each: amount,
          total: amount,
        })
      })
      const shredded = portions.filter(({ grain }) => wantsShredding(grain.material))
      const shreddedMl = (ml * shredded.reduce((sum, { parts }) => sum + parts, 0)) / allParts
      const once = (sec: number, origin: StepDraft['hands']['origin'] = 'memory'): StepDraft['hands'] => ({
        onceSec: Math.round(sec),
        eachSec: 0,
        origin,
      })
      return {
        uses,
        pours: [],
        cuts: [],
        yields: jars.map(({ material, massShare, ofEach }) => {
          const { changedAt: _changedAt, ...row } = material
          return {
            label: material.name,
            source: 'home-made',
            material: row,
            quantity: figure(product(all, fact('share in this jar', massShare, '')), 'g'),
            shares: portions.map(({ grain }, at) => ({
              materialId: grain.material.id,
              share: Math.min(1, ofEach[at] ?? 1),
            })),
          }
        }),
        steps: stepsWith(uses, [
          {
            id: 'measure',
            title: 'Measure out',
            text: `${portions.map(({ grain, parts }) => `${parts} of ${grain.material.name}`).join('; ')}: level parts of ${plainNumber(ml / allParts, 0)} ml, or by weight on the scale. Weigh each jar before and after.`,
            hands: once(30 + portions.length * value(mixing.measureSec)),
            tools: ['measuring cup', 'scale'],
            cautions: ['dust'],
          },
          shredded.length > 0 && {
            id: 'shred',
            title: 'Shred in small loads',
            text: `${shredded.map(({ grain }) => grain.material.name).join(' and ')}, ${plainNumber(shreddedMl, 0)} ml: an overfull jar cuts only the bottom. Leave half of the lichen whole where the mix is to be rough. It charges and clings until it is mixed in.`,
            hands: once(60 + (shreddedMl / 100) * value(mixing.shredSec)),
            tools: ['blender'],
            cautions: ['dust'],
            faults: ['overfilled-jar'],
          },
          {
            id: 'mix',
            title: 'Mix by hand',
            text: 'In a wide tub with a lid, folded from the bottom up; don’t shake it: the fine grains sink. Let the dust settle before you open it.',
            hands: once(60 * value(mixing.mixMin), 'common practice'),
            cautions: ['dust'],
            passes: 'One colour wherever you dip in.',
          },
          {
            id: 'tile',
            title: 'Seal a pinch on a card',
            text: `On the ground colour of the scene, fixed as the pieces will be; it darkens. Look at it dry, in daylight, beside the target, before the jar is closed: a part more is still easy. The target once sealed is near ${mixed.sealed}.`,
            hands: once(value(mixing.tileSec)),
            needs: ['daylight'],
            passes: 'The tone that was wanted, sealed.',
          },
          blend.sieveMm !== undefined && {
            id: 'sieve',
            title: `Sieve at ${meshWords(blend.sieveMm)}`,
            text: `A little at a time, shaken level. ${jars.map(({ jar, massShare }) => `${Math.round(massShare * 100)} % ${jarWords(jar, blend.sieveMm)}`).join('; ')}. Two jars, two labels.`,
            hands: once(30 + (ml / 100) * value(mixing.sieveSec)),
            tools: ['sieve'],
            cautions: ['dust'],
          },
          {
            id: 'jar',
            title: jars.length > 1 ? 'Fill and label two jars' : 'Fill and label the jar',
            text: 'Print its label: name, parts, date, sealed colour and a code that this app reads. A pinch of it goes into the tile box.',
            hands: once(jars.length * value(mixing.jarSec)),
          },
        ]),
      }
    },
    examples: [],
  }
}
