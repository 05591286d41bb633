import { amount, coefficients, dries, seconds, share } from '../../makeup'

/** The numbers that a conifer of dowel and discs rests on. */
export const dowelFigures = coefficients('dowel-conifer', {
  spoilage: share('spoilage', 0.03),
  kerfMm: amount('width of the saw’s cut', 1.2, 'mm'),
  strip: share('strip of a pad kept uncut for odd sizes', 0.15),
  packed: share('discs cover, of the pad that is cut', 0.74, 'memory', 'until they are nested'),
  stainCoat: amount('stain on the dowel', 0.03, 'ml/cm²'),
  brushCoat: amount('dry-brushed grey on the dowel', 0.008, 'ml/cm²'),
  caPin: amount('CA for a pin', 0.08, 'ml'),
  glueCoat: amount('adhesive under the discs', 0.012, 'ml/cm²'),
  foamCoat: amount('adhesive for the foam', 0.03, 'ml/cm²'),
  clearCoat: amount('flat clear, generous', 0.07, 'ml/cm²'),
  padShare: share('of the foliage that the pads make up', 0.45),
  sticks: share('foam sticks, of what is shaken on', 0.5),
  cutSec: seconds('label off, cut, drill', 120),
  taperSec: seconds('taper the top', 60),
  raspSec: seconds('rasp', 300, 'common practice', '12 an hour'),
  pinSec: seconds('pin and stain', 120),
  brushSec: seconds('dry-brush', 60),
  discSec: seconds('cut and split, for each disc on the stem', 38, 'memory', '10 to 15 minutes a tree'),
  fitSec: seconds('dry-fit, lay out, mask', 120),
  threadSec: seconds('glue and thread, for each disc on the stem', 15, 'memory', 'five minutes a tree'),
  foamSec: seconds('foam, dark and light', 180),
  clearSec: seconds('flat clear', 40),
  stainMin: dries('stain'),
  clearMin: dries('clear'),
})
