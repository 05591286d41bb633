import { proposedStrands, wantedStoutMm } from '../../armature'
import {
  amount,
  coefficients,
  dries,
  seconds,
  share,
  snowSlots,
  type PlantJob,
  type Slot,
} from '../../makeup'

/** Amounts and times of a pine of wire. From memory unless marked. */
export const k = coefficients('wire-pine', {
  spoilage: share('spoilage', 0, 'memory', 'what goes wrong is twisted again'),
  takeUp: share('length that the twist takes up', 0.1),
  barkMm: amount('bark on the trunk, all coats together', 1.2, 'mm'),
  offcuts: share('wire cut off and lost', 0.05),
  pasteCoat: amount('bark paste on the wood', 0.14, 'ml/cm²'),
  umberShare: amount('umber to a millilitre of paste', 0.06, 'ml/ml'),
  sawdustShare: amount('sawdust to a millilitre of paste', 0.12, 'g/ml'),
  thickenCoat: amount('cement and sawdust where it is too thin', 0.04, 'ml/cm²'),
  thickened: share('wood that is too thin', 0.5),
  thickenDust: amount('sawdust to a millilitre of cement, to thicken', 0.5, 'g/ml'),
  needleFoam: share('foam of the needles, of the foliage', 0.34, 'memory', 'the pads make up a third'),
  needleFibre: amount('fibre to a gram of foam, one to one by volume', 1.2, 'g/g'),
  pastelG: amount('a pastel dusted on bark', 0.001, 'g/cm²'),
  mossG: amount('moss and dead needles at the foot', 0.05, 'g/cm²'),
  yellowCoat: amount('a breath of yellow', 0.003, 'ml/cm²'),
  fibre: amount(
    'teased fibre in the pads, for each cm² of crown',
    0.006,
    'g/cm²',
    'memory',
    'before it is pruned',
  ),
  pruned: share('fibre pruned off again', 0.15),
  glue: amount('PVA for the pads, for each cm² of crown', 0.012, 'ml/cm²'),
  cementCoat: amount('a coat of cement on the pads', 0.03, 'ml/cm²'),
  sticks: share('needles stick in a pass, of what is spooned', 0.55),
  upperCoat: amount('orange on the upper trunk', 0.01, 'ml/cm²'),
  lowerCoat: amount('brush paint on the lower trunk', 0.006, 'ml/cm²'),
  joinSec: seconds('join armatures, roots, pin', 900),
  endsSec: seconds('clip, bend, cradle the ends', 600),
  thickenSec: seconds('cement and sawdust', 300),
  barkSec: seconds('bark paste with a stiff brush', 1200),
  padsSec: seconds('fibre pads', 2400),
  paintSec: seconds('orange above, grey-brown below', 1500, 'memory', 'tedious'),
  pruneSec: seconds('prune', 300),
  needleSec: seconds('cement and needles, a pass', 900),
  pastelSec: seconds('pastels, moss, foot', 300),
  pasteMin: dries('paste'),
})

/** What it takes from the shelf. */
export const slots = ({ piece }: PlantJob, choice: (option: string) => string): Slot[] => {
  const strands = proposedStrands(piece.heightMm, piece.zone, 'quick')
  const stoutMm = wantedStoutMm(piece.trunkMm, strands, k.barkMm.value)
  return [
    { id: 'wire', label: 'Stout wire', wish: { stuff: 'wire', diameterMm: stoutMm } },
    {
      id: 'thin-wire',
      label: 'Thin wire',
      wish: { stuff: 'wire', diameterMm: Math.max(0.25, stoutMm * 0.5) },
    },
    { id: 'paste', label: 'Modelling paste', wish: { stuff: 'liquid', liquid: 'paste' } },
    { id: 'umber', label: 'Raw umber', wish: { stuff: 'liquid', liquid: 'paint', colour: '#5c4a38' } },
    { id: 'sawdust', label: 'Sawdust', wish: { stuff: 'powder', powder: 'sawdust' } },
    { id: 'cement', label: 'Scenic cement', wish: { stuff: 'liquid', liquid: 'cement' } },
    { id: 'fibre', label: 'Teased fibre', wish: { stuff: 'wool', colour: piece.tones.shade } },
    { id: 'pva', label: 'PVA', wish: { stuff: 'liquid', liquid: 'pva' } },
    {
      id: 'upper-paint',
      label: 'Upper trunk, rust',
      wish: { stuff: 'liquid', liquid: 'spray-paint', colour: '#a8663a' },
    },
    {
      id: 'lower-paint',
      label: 'Lower trunk, grey-brown',
      wish: { stuff: 'liquid', liquid: 'paint', colour: '#7a7065' },
    },
    {
      id: 'needles',
      label: 'Needles: fine foam',
      wish: {
        stuff: 'foam',
        form: 'ground',
        grainMm: Math.min(0.6, piece.grainMm),
        colour: piece.tones.base,
      },
    },
    {
      id: 'needle-fibre',
      label: 'Needles: fibre',
      wish: { stuff: 'fibre', lengthMm: 2, colour: piece.tones.base },
    },
    {
      id: 'yellow-paint',
      label: 'A breath of yellow',
      wish: { stuff: 'liquid', liquid: 'spray-paint', colour: '#c8a43a' },
      optional: true,
    },
    {
      id: 'pastel',
      label: 'Flesh pastel',
      wish: { stuff: 'powder', powder: 'pastel', colour: '#d9a98a' },
      optional: true,
    },
    {
      id: 'pastel-dark',
      label: 'Umber pastel',
      wish: { stuff: 'powder', powder: 'pastel', colour: '#5c4a38' },
      optional: true,
    },
    {
      id: 'moss',
      label: 'Moss at the foot',
      wish: { stuff: 'foam', form: 'ground', grainMm: 0.5, colour: '#5b6a35' },
      mayShare: true,
    },
    ...snowSlots(choice, { id: 'adhesive', label: 'Hairspray' }),
  ]
}
