import { exampleArea, examplePiece } from '../kit/examples'
import { judge } from '../kit/fit'
import { liquid, sheet } from '../kit/materials'
import { slot } from '../kit/slot'
import { areaParts } from '../kit/parts'
import { amount, coefficients, seconds, spoilage } from '../kit/rows'
import { dries } from '../kit/setting'
import { profile, way } from '../kit/way'

const k = coefficients('grass-mat', {
  spoilage: spoilage(0),
  togetherCm2: amount('laid before the glue skins', 400, 'cm²'),
  torn: amount('mat for each cm² of ground, torn', 1.1, 'cm²/cm²'),
  scrapCm2: amount('one torn piece', 20, 'cm²'),
  glueMl: amount('white glue', 0.025, 'ml/cm²'),
  tearSec: seconds('peel or tear a piece', 10),
  setSec: seconds('glue and set a piece', 20),
  dryMin: dries('pva', 'white glue under a mat'),
})

/** Grass mat, torn in pieces. Common practice. */
export const grassMat = way('grass-mat', 'Mats, torn', {
  makes: 'Grass mat torn to pieces, edges pressed in white glue, tones mixed in clusters.',
  kinds: ['area'],
  profile: profile([2, 8], 'branches', 'from the bag', 'handled', [1, 1], 'tuft'),
  seasons: 'by the mat',
  figures: k,
  suits: ({ piece, kind }) =>
    judge({
      right: false,
      pro: ['quick cover for backdrops and banks', 'any season that a mat is sold in'],
      con: [
        piece.zone === 'front' && 'at the front one length and one tone read as a mat',
        piece.zone === 'middle' && 'mixed tones and bushes over the joins, or it reads as a mat',
        kind === 'area' && piece.sward.heads > 0.05 && 'no stems and no heads above it',
      ],
      never: [piece.habit !== 'grass' && 'a mat is grass', piece.heightMm > 12 && 'taller than any mat'],
    }),
  parts: (job, read) => areaParts(job, read, k.togetherCm2),
  materials: ({ piece }) => [
    slot('mat', 'Grass mat', sheet('mat', piece.sward.colours.base)),
    slot('glue', 'White glue', liquid('pva')),
  ],
  operations: (on) => {
    const scraps = Math.max(1, Math.round(on.partCm2 / on.value(k.scrapCm2)))
    return [
      on.work('tear', 'Tear', {
        text: `Peel and tear about ${scraps} pieces for each patch, no straight edge and no two alike; thin the rims with your fingers.`,
        hands: on.value(k.tearSec) * scraps,
        takes: [on.take('mat', [on.ground, k.torn])],
        faults: ['straight-edge'],
      }),
      on.work('set', 'Glue and press the edges', {
        text: 'White glue on the ground; press the edges, not the middle. Tones in clusters; bushes and tufts over the joins.',
        hands: on.value(k.setSec) * scraps,
        takes: [on.take('glue', [on.ground, k.glueMl])],
        wait: on.rests(k.dryMin, 'Dry under the mat, overnight', 'closed joint', 'pva'),
        faults: ['stripes', 'flat-tufts'],
      }),
      on.inspect('No rectangle can be read.', ['straight-edge', 'stripes']),
    ]
  },
  examples: [exampleArea(examplePiece('grass', 'blades', 5, { zone: 'back' }), 500)],
})
