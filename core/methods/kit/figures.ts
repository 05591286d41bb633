import { amount, coefficients, seconds, share, sticking } from './rows'

/** What dressing, painting and gluing take, whatever is dressed. */
export const dressing = coefficients('shared', {
  adhesiveCoat: amount('a mist of adhesive', 0.035, 'ml/cm²'),
  paintCoat: amount('a coat from the can', 0.03, 'ml/cm²'),
  mistCoat: amount('a mist from the can', 0.008, 'ml/cm²'),
  shadeShare: share('share of the foliage underneath', 0.15),
  lightShare: share('share of the foliage on top', 0.15, 'memory', 'common practice: subtle'),
  baseSticks: sticking('base coat sticks, of what is thrown', 0.45),
  laterSticks: sticking('later coats stick, of what is thrown', 0.35),
  leafSticks: sticking('leaf sticks in a pass, of what is thrown', 0.3),
  throwSec: amount('sprinkle, for each cm² of crown', 0.3, 's/cm²'),
  readySec: seconds('spray a round before the first sprinkle', 8),
  paintSec: seconds('spray a crown, for each 40 cm²', 12),
  inspectSec: seconds('look a tree over', 10),
  snowRealMm: amount('real depth of snow on a crown from above', 30, 'mm'),
  snowSec: seconds('sieve snow over a crown, for each 40 cm² from above', 15),
})
