import { amount, coefficients, dries, minutes, seconds, share, staysOpen } from '../../makeup'

/** The numbers that a tree of twisted wire rests on. */
export const wireFigures = coefficients('wire-broadleaf', {
  spoilage: share('spoilage', 0, 'memory', 'what goes wrong is twisted again'),
  takeUp: share('length that the twist takes up', 0.1, 'memory', 'the lay angle'),
  barkMm: amount('bark on the trunk, all coats together', 0.6, 'mm'),
  offcuts: share('wire cut off and lost', 0.05),
  latexCoat: amount('a coat of latex', 0.05, 'ml/cm²', 'memory', '8 ml on a tree of 200 mm'),
  groutCoat: amount('a coat of bark paste, its grout', 0.11, 'g/cm²', 'memory', '50 g on a tree of 200 mm'),
  pvaShare: amount('PVA to a gram of grout', 0.4, 'ml/g'),
  tipsEach: amount('sprigs cut to tips for a tree', 1.5, 'piece'),
  caEach: amount('CA for a tip', 0.012, 'ml'),
  activatorEach: amount('activator for a tip', 0.03, 'ml'),
  brushCoat: amount('dry-brushed paint', 0.003, 'ml/cm²'),
  trunkSec: seconds('fold, and twist to the first branch', 300),
  rootsSec: seconds('roots and pin', 480),
  limbsSec: seconds('main branches', 360),
  tipSec: seconds('lash, split, loop, clip: for each strand', 40, 'memory', '40 minutes for sixty'),
  latexSec: seconds('latex', 300),
  pasteSec: seconds('a coat of paste', 600),
  tipsSec: seconds('sprig tips, for each strand', 25, 'memory', '25 minutes for sixty'),
  paintSec: seconds('primer, dark brown, two dry-brushings', 480),
  latexMin: dries('latex', 'latex dries clear'),
  pasteMin: dries('grout-paste', 'a coat of paste cures'),
  lastPasteMin: minutes('the last coat cures', 720, 'memory', 'overnight'),
  pasteWetSec: staysOpen('grout-paste', 'grout and PVA stay workable'),
})
