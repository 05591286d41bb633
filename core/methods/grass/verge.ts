import { exampleArea, examplePiece } from '../kit/examples'
import { judge } from '../kit/fit'
import { clump, fibre, liquid, paint } from '../kit/materials'
import { patchParts } from '../kit/parts'
import { optional, slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'
import { vergeFigures, vergeOperations } from './verge-operations'

/** Verges and tracks: dots and strips of quick glue on the ground, tone by tone. Common practice. */
export const verge = way('verge', 'Verge, set in place', {
  makes: 'Dots and strips of quick glue where it grows, one tone after the other; wheel tracks stay bare.',
  kinds: ['area'],
  profile: profile([2, 12], 'branches', 'made one by one', 'reached over', [1, 1], 'tuft'),
  seasons: 'all year, by tone',
  figures: vergeFigures,
  options: [
    option(
      'accent',
      'Tips',
      ['none', 'as they are', 'no paint over the fibre'],
      ['blue', 'pale blue', 'straw turns to grey-leaved steppe'],
      ['earth', 'dark earth', 'it is dying'],
    ),
  ],
  suits: ({ piece }) =>
    judge({
      right: false,
      pro: [
        'grows out of stones and along tracks: wheel marks stay bare',
        'tones one after the other, edges uneven',
      ],
      con: ['dots and strips with bare ground between: for verges and tracks, not for a closed sward'],
      never: [
        piece.habit !== 'grass' && piece.habit !== 'herb' && 'it is grass, set where it grows',
        piece.heightMm > 16 && 'longer than fibre that stands by itself',
      ],
    }),
  parts: (job, read) =>
    patchParts(job, read, {
      openSec: vergeFigures.openSec,
      setUpSec: vergeFigures.setUpSec,
      secPerCm2: vergeFigures.dotSec,
    }),
  materials: ({ piece }, choice) => {
    const { heightMm, sward } = piece
    const { base, light, straw } = sward.colours
    const accent = choice('accent')
    return [
      slot('glue', 'Fast matt medium', liquid('matte-medium')),
      slot('first', 'First tone', fibre(Math.min(4, heightMm * 0.6), base)),
      slot('second', 'Second tone', fibre(Math.min(6, heightMm * 0.8), light)),
      slot('edge', 'Edges, longest', fibre(heightMm, straw)),
      slot('bush', 'Clump for bushes', clump(5, piece.tones.shade), optional),
      slot('bush-glue', 'PVA under the bushes', liquid('pva')),
      accent !== 'none' &&
        slot('tips', 'Paint for the tips', paint(accent === 'blue' ? '#b9c4c9' : '#4c3a2c')),
    ]
  },
  operations: vergeOperations,
  examples: [exampleArea(examplePiece('grass', 'blades', 7), 300)],
})
