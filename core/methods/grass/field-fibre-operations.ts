import { fact, most, number, product, quotient, rest, roundedUp, sum } from '../../quantities'
import type { PlantMaking } from '../kit/bench'
import type { Listed } from '../kit/listed'
import type { Operation } from '../kit/making'
import { amount, coefficients, loss, seconds, share, spoilage, sticking } from '../kit/rows'

/** Amounts and times of field fibre. From memory unless marked. */
export const fieldFibreFigures = coefficients('field-fibre', {
  spoilage: spoilage(0.08),
  each: amount('weeds from a banded bundle', 8, 'piece', 'common practice'),
  footMm: amount('foot below the ground', 5, 'mm'),
  bundleG: amount('fibre of a weed, for each mm of its height', 0.003, 'g/mm'),
  waste: loss('wasted in the locked middle of a twist', 0.3),
  bundleCa: amount('CA through the middle of a bundle, for each mm of height', 0.005, 'ml/mm'),
  bundleGlue: amount('tacky glue in the end of a bundle, for each mm of height', 0.005, 'ml/mm'),
  adhesiveCoat: amount('light adhesive', 0.05, 'ml/cm²'),
  leafShare: share('share of its side that leaf covers', 0.4),
  sticks: sticking('leaf sticks, of what is thrown', 0.35),
  bindSec: seconds('band or twist a bundle', 60),
  trimSec: seconds('spread and trim', 30),
  leafSec: seconds('adhesive, leaf over a dish', 20),
  flowerG: amount('flower powder on a dipped tip, for each mm of height', 0.0005, 'g/mm'),
  clamps: amount('clamps that are there', 6, 'piece'),
})
const k = fieldFibreFigures

/** Both ends of a twist are held. */
const CLAMPS_A_TWIST = 2

/** A bundle twisted and locked with CA, or banded and kneaded in tacky glue; then cut into weeds. */
function bundled(on: PlantMaking): Operation {
  const twist = on.choice('bind') === 'twist'
  const each = on.value(k.each)
  const bundles = roundedUp(quotient(on.pieces, on.input(k.each)))
  const length = sum(on.height, on.input(k.footMm))
  const fibre = on.product(length, k.bundleG)
  const locked = product(quotient(bundles, on.pieces), on.height)
  return on.work('bind', twist ? 'Twist, lock with CA' : 'Band, cut, knead in glue', {
    text: twist
      ? `${bundles.value} bundles: twist, both ends held by clamps, CA through the middle; cut on either side of it, then each into four.`
      : `${bundles.value} bundles: a tight band, cut flush with it, knead the end in tacky glue, cut into about ${each}.`,
    hands: [on.value(k.bindSec) / each, 60],
    takes: [
      on.take('hank', twist ? quotient(fibre, rest(on.input(k.waste))) : fibre),
      on.take('lock', [locked, twist ? k.bundleCa : k.bundleGlue]),
    ],
    cuts: [
      {
        slot: 'hank',
        what: 'bundles',
        count: bundles.value,
        lengthMm: length.value * (twist ? 2.6 : 2),
      },
    ],
    ...(twist ? { within: on.open('ca') } : {}),
    atOnce: {
      count: Math.max(1, Math.floor(twist ? on.value(k.clamps) / CLAMPS_A_TWIST : 3)) * each,
      because: 'holder',
      what: twist ? 'A twist takes two clamps.' : 'Three bundles before the glue skins.',
    },
    wait: on.sets(twist ? 'ca-fibre' : 'tacky-pva', 'Let the ends set'),
    tools: twist ? ['knife'] : ['scissors', 'knife'],
    ...(twist ? { holders: [{ what: 'clamp', each: CLAMPS_A_TWIST / each, until: 'bind' }] } : {}),
    needs: ['ventilation'],
    faults: ['plugged-stalk'],
  })
}

/** Bundled, bent, dyed. */
export function fieldFibreOperations(on: PlantMaking): Listed<Operation> {
  const { heightMm, sideAreaCm2, sward } = on.piece
  const size = Math.max(0.4, heightMm / 18)
  const side = on.cm2('its side', sideAreaCm2)
  const flowers = sward.heads > 0.02 && on.has('flower')
  return [
    bundled(on),
    on.work('trim', 'Squash open, trim', {
      text: 'Press it open on the bench, spread the stems to all sides, trim to uneven lengths.',
      hands: on.value(k.trimSec) * size,
      tools: ['scissors'],
      faults: ['one-sided'],
    }),
    on.spray('leaf', 'Leaf over a dish', {
      text: `A light mist of adhesive: too much clogs the stems. Tilt it forward, leaf over the dish${flowers ? '; the top dipped in flower while wet' : ''}.`,
      hands: on.value(k.leafSec) * size,
      takes: [
        on.take('adhesive', [side, k.adhesiveCoat]),
        on.flock('leaf', {
          area: side,
          seeThrough: fact('see-through of its leaf', 0.5, '', 'memory'),
          leaf: most(number(0.2), on.leaf),
          share: on.input(k.leafShare),
          sticks: k.sticks,
        }),
        flowers && on.take('flower', [on.height, k.flowerG]),
      ],
      can: 'spray-adhesive',
      within: on.open('spray-adhesive'),
      tools: ['catch tray'],
      faults: ['clogged-stems', 'fallen-foliage'],
    }),
    on.inspect('Three-dimensional, stalks free.', ['plugged-stalk', 'one-sided']),
  ]
}
