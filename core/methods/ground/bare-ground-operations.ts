import type { Piece } from '../../commissions'
import type { PlantMaking } from '../kit/bench'
import { cover, covered, EARTH, type GroundCover } from '../kit/covers'
import { sealing } from '../kit/ground'
import type { Listed } from '../kit/listed'
import type { Operation } from '../kit/making'
import { fineEarth, foam, liquid, paint, powder } from '../kit/materials'
import { amount, coefficients, seconds, share, spoilage, sticking } from '../kit/rows'
import { dries } from '../kit/setting'
import { optional, slot } from '../kit/slot'

/** Amounts and times of bare ground. From memory unless marked. */
export const bareGroundFigures = coefficients('bare-ground', {
  spoilage: spoilage(0),
  patchCm2: amount('worked at once, at most', 500, 'cm²'),
  paintMl: amount('earth paint', 0.02, 'ml/cm²', 'memory', 'one step brighter than wanted: covers dull it'),
  coatMl: amount(
    '3 : 1 coat, the medium in it',
    0.03,
    'ml/cm²',
    'memory',
    '3 : 1 medium : water, common practice',
  ),
  fineG: amount('fine soil', 0.05, 'g/cm²'),
  grassOn: share('share with grass', 0.2),
  perCm2: amount('fibres where grass stands', 250, '/cm²'),
  grassGlueMl: amount('matt medium under the grass', 0.02, 'ml/cm²'),
  stoneG: amount('pale fine stone', 0.06, 'g/cm²'),
  stoneOn: share('share with stone', 0.15),
  mediumG: amount('medium soil', 0.08, 'g/cm²'),
  mediumOn: share('share with medium soil, around the stone', 0.15),
  coarseG: amount('coarse soil', 0.1, 'g/cm²'),
  coarseOn: share('share with a little coarse soil', 0.04),
  foamG: amount('fine foam', 0.01, 'g/cm²'),
  foamOn: share('share with fine foam', 0.2),
  tuftG: amount('coarse foam, isolated', 0.02, 'g/cm²'),
  tuftOn: share('share with isolated coarse foam', 0.03),
  sticks: sticking('sticks, of what is thrown', 0.4),
  paintSec: amount('paint, coat, soil, for each cm²', 0.8, 's/cm²'),
  grassSec: amount('glue and fibre, for each cm² of grass', 2, 's/cm²'),
  coverSec: amount('stone, soils, foams, for each cm²', 0.7, 's/cm²'),
  paintDryMin: dries('brush-paint', 'earth paint dries'),
  openSec: seconds('3 : 1 coat stays open', 300),
  dryMin: dries('medium', 'matt medium dries'),
})
const k = bareGroundFigures

/** The covers of bare ground in their order. Common practice; amounts from memory. */
export const covers = ({ tones: { base, shade } }: Piece): GroundCover[] => [
  cover('earth', slot('paint', 'Earth paint', paint('#8a7252')), k.paintMl),
  cover('soil', slot('coat', 'Matt medium, 3 : 1', liquid('matte-medium')), k.coatMl),
  cover('soil', slot('fine', 'Fine soil', fineEarth), k.fineG),
  cover(
    'grass',
    slot('glue', 'Matt medium under the grass', liquid('matte-medium')),
    k.grassGlueMl,
    k.grassOn,
  ),
  cover('covers', slot('stone', 'Pale fine stone', powder('grout', '#c4bfb4')), k.stoneG, k.stoneOn),
  cover('covers', slot('medium', 'Medium soil', EARTH), k.mediumG, k.mediumOn),
  cover(
    'covers',
    slot('coarse', 'Coarse soil, at its edges', powder('soil', '#6b563e'), optional),
    k.coarseG,
    k.coarseOn,
  ),
  cover('covers', slot('foam', 'Fine foam', foam(0.5, base)), k.foamG, k.foamOn),
  cover(
    'covers',
    slot('tufts', 'Coarse foam, here and there', foam(2.6, shade), optional),
    k.tuftG,
    k.tuftOn,
  ),
]

/** Earth, a little grass, and what lies on it, sealed twice. */
export function bareGroundOperations(on: PlantMaking): Listed<Operation> {
  const all = covers(on.piece)
  const paintSec = on.value(k.paintSec) * on.partCm2
  const grass = on.product(on.ground, k.grassOn)
  return [
    on.work('earth', 'Earth paint', {
      text: 'Paint one step brighter than wanted, in two tones that run into each other: covers dull it, and loose earth looks brighter until it is sealed.',
      hands: [paintSec / 2, 60],
      takes: covered(on, all, 'earth'),
      wait: on.sets('brush-paint', 'Let the paint dry', k.paintDryMin),
      tools: ['brush'],
      needs: ['daylight'],
      faults: ['foam-dulled'],
    }),
    on.work('soil', 'Coat and fine soil', {
      text: 'Medium 3 : 1 with water over it; fine soil shaken through a stocking, heavier on high ground and at rock feet.',
      hands: [paintSec / 2, 60],
      takes: covered(on, all, 'soil'),
      within: on.within(
        on.openSec('medium', k.openSec),
        `The coat stays open for about ${on.time(on.openSec('medium', k.openSec))}.`,
      ),
      atOnce: on.one('Patch by patch, edges overlapping.'),
      faults: ['tide-line'],
    }),
    sealing(
      on,
      on.ground,
      {
        id: 'seal-soil',
        title: 'Wet very finely, seal',
        text: 'The finest mist that there is until the soil darkens, then dilute PVA beside it, to run in; lift puddles with torn tissue. A tide line: mist glue, dust, mist glue.',
      },
      2,
    ),
    on.static('grass', 'A little grass', {
      text: 'Matt medium in uneven islands on about a fifth, edges dabbed; earth lead on, fibre; vacuum once when it is dry. Nothing in rows.',
      hands: [on.value(k.grassSec) * grass.value, 60],
      takes: [
        covered(on, all, 'grass'),
        on.fibre('fibre', { area: grass, perCm2: on.input(k.perCm2), sticks: k.sticks }),
      ],
      within: on.open('medium'),
      atOnce: on.one('A few islands at a time.'),
      wait: on.dries(k.dryMin, 'Let it dry before the vacuum', 'medium'),
      tools: ['vacuum', 'stocking'],
      vacuums: 'grass',
      faults: ['lost-fibre', 'skinned-glue'],
    }),
    on.work('covers', 'Stone, soils, foams', {
      text: 'Pale fine stone in drifts; medium soil and a little coarse around its edges; fine foams; coarse foam here and there; fine foam over it.',
      hands: [on.value(k.coverSec) * on.partCm2, 60],
      takes: covered(on, all, 'covers'),
      faults: ['loud-two-tone'],
    }),
    sealing(on, on.ground, { title: 'Wet and seal all of it' }, 0),
    on.inspect('Earth of one family; no tide line; stone lies in the soil, not on it.', [
      'tide-line',
      'beads',
    ]),
  ]
}
