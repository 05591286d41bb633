import { exampleArea, examplePiece } from '../kit/examples'
import { judge } from '../kit/fit'
import { clump, fibre, fineEarth, foam, leafScatter, liquid, paint } from '../kit/materials'
import { patchParts } from '../kit/parts'
import { optional, sharing, slot } from '../kit/slot'
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
      'pattern',
      'What it is',
      ['verge', 'a verge', 'dots and strips of two tones, the longest at walls and posts'],
      [
        'track',
        'a track',
        'straw along the middle, green between the wheels, a second round, long straw at the edges',
      ],
      ['road', 'an old road', 'fine turf and a little soil along its middle, long straw at the edges'],
    ),
    option(
      'accent',
      'Tips',
      ['none', 'as they are', 'no paint over the fibre'],
      ['blue', 'pale blue', 'straw turns to grey-leaved steppe'],
      ['earth', 'dark earth', 'it is dying'],
      ['both', 'pale blue and dark earth', 'a dry lane late in the year'],
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
  parts: (job, read, jarOf) =>
    patchParts(job, read, jarOf, {
      glue: 'medium',
      openSec: vergeFigures.openSec,
      setUpSec: vergeFigures.setUpSec,
      secPerCm2: vergeFigures.dotSec,
    }),
  materials: ({ piece }, choice) => {
    const { heightMm, sward } = piece
    const { base, light, straw } = sward.colours
    const accent = choice('accent')
    const pattern = choice('pattern')
    const isTrack = pattern === 'track'
    const isRoad = pattern === 'road'
    return [
      slot('glue', 'Fast matt medium', liquid('matte-medium')),
      isRoad && slot('turf', 'Fine turf', foam(0.5, base)),
      isRoad && slot('soil', 'Soil along the middle', fineEarth),
      !isRoad &&
        slot(
          'first',
          isTrack ? 'Straw, along the middle' : 'First tone',
          fibre(Math.min(4, heightMm * 0.6), isTrack ? straw : base),
        ),
      !isRoad &&
        slot(
          'second',
          isTrack ? 'Green, between the wheels' : 'Second tone',
          fibre(Math.min(6, heightMm * 0.8), isTrack ? base : light),
        ),
      isTrack && slot('again', 'Second round, sparser', fibre(Math.min(6, heightMm * 0.8), light), sharing),
      slot('edge', 'Edges, longest', fibre(heightMm, straw), sharing),
      isTrack && slot('bits', 'Bits of foliage', leafScatter(0.7, base), optional),
      slot('bush', 'Clump for bushes', clump(5, piece.tones.shade), optional),
      slot('bush-glue', 'PVA under the bushes', liquid('pva')),
      (accent === 'blue' || accent === 'both') && slot('tips', 'Pale paint for the tips', paint('#b9c4c9')),
      (accent === 'earth' || accent === 'both') && slot('tips-earth', 'Earth for the tips', paint('#4c3a2c')),
    ]
  },
  operations: vergeOperations,
  examples: [
    exampleArea(examplePiece('grass', 'blades', 7), 300),
    {
      kind: 'area',
      piece: examplePiece('grass', 'blades', 5),
      areaCm2: 840,
      strip: { lengthMm: 1400, widthMm: 60 },
    },
  ],
})
