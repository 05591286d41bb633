import { isBladed } from '../../commissions'
import { ONE, rest } from '../../quantities'
import { coefficients, seconds, share, spoilage, sticking, amount } from '../kit/rows'
import { examplePiece, examplePieces } from '../kit/examples'
import { dressing } from '../kit/figures'
import { hasLeaf, judge } from '../kit/fit'
import { foam, goods, liquid } from '../kit/materials'
import { lighter, optional, sharing, slot } from '../kit/slot'
import { profile, way } from '../kit/way'

const k = coefficients('refreshed', {
  spoilage: spoilage(0.05),
  dustSec: seconds('brush off dust and what is loose, of 120 mm', 30),
  foamShare: share('of the foliage that is thrown on', 0.35, 'memory', 'the old piece brings the rest'),
  lightShare: share('of what is thrown on, the lighter tone', 0.3),
  sticks: sticking('foam sticks, of what is thrown', 0.45),
  dressCm2Sec: amount('adhesive and foam, for each cm² of crown', 0.5, 's/cm²'),
})

/** A tired piece that is there: adhesive and new foam over what it has. Common practice. */
export const refreshed = way('refreshed', 'Old piece, refreshed', {
  makes: 'A tired piece dusted, a mist of adhesive, new foam in two tones over what it has left.',
  profile: profile([15, 400], 'puff', 'from the bag', 'reached over', [3, 30], 'ready'),
  seasons: 'in leaf',
  reuses: true,
  figures: k,
  suits: ({ piece }) =>
    judge({
      right: false,
      pro: ['its armature is there: a minute or two each', 'new tones bring it into the scene’s season'],
      con: [
        piece.zone === 'front' && 'the old stem and forks are seen from close by',
        piece.leaf < 0.4 && 'it has more leaf left than this day leaves',
      ],
      never: [
        isBladed(piece) && 'blades are not dressed anew',
        piece.habit === 'palm' && 'fronds are no foam',
        !hasLeaf(piece) && 'there is no leaf to refresh on this day',
        piece.heightMm < 10 && 'so small a piece is made anew sooner',
      ],
    }),
  materials: ({ piece }) => [
    slot('piece', 'Pieces that are there', goods('old-piece', piece.heightMm)),
    slot('adhesive', 'Hairspray', liquid('hairspray')),
    slot('foliage', 'Foam, fine', foam(piece.grainMm, piece.tones.base)),
    slot('highlight', 'A lighter tone', foam(piece.grainMm, piece.tones.light), lighter('foliage'), optional),
    slot('seal', 'Hairspray to seal', liquid('hairspray'), sharing),
  ],
  operations: (on) => {
    const light = on.has('highlight') ? on.input(k.lightShare) : undefined
    const thrown = on.input(k.foamShare)
    const eachSec = on.value(k.dressCm2Sec) * on.piece.sideAreaCm2
    return [
      on.work('dust', 'Dust, shake', {
        text: 'Brush the dust off, shake what is loose onto paper: it is mixed fall. Bend back what has sunk.',
        hands: on.value(k.dustSec) * Math.max(0.2, on.piece.heightMm / 120),
        takes: [on.takePieces('piece', ONE)],
        tools: ['brush', 'paper'],
        cautions: ['dust'],
        holders: [{ what: 'block place', each: 1, until: 'inspect' }],
      }),
      on.spray('dress', 'Adhesive, new foam', {
        text: 'A mist of adhesive from all sides, the stem covered; foam over the thin places first, then all of it lightly.',
        hands: eachSec,
        takes: [
          on.coat('adhesive', dressing.adhesiveCoat),
          on.crownFlock('foliage', {
            share: light ? on.product(thrown, rest(light)) : thrown,
            sticks: k.sticks,
          }),
        ],
        can: 'hairspray',
        wet: on.value(dressing.readySec),
        until: 'Let it set',
        faults: ['opaque-head', 'fallen-foliage'],
      }),
      light !== undefined &&
        on.spray('highlight', 'The lighter tone from above', {
          text: 'A mist from above only, the lighter foam over it: subtle.',
          hands: [eachSec / 3, 30],
          takes: [
            on.coat('adhesive', dressing.mistCoat, 'Hairspray for the lighter tone'),
            on.crownFlock('highlight', { share: on.product(thrown, light), sticks: k.sticks }),
          ],
          can: 'hairspray',
          within: on.open('hairspray'),
          tools: ['catch tray'],
          faults: ['loud-two-tone'],
        }),
      on.spray('seal', 'Seal', {
        text: 'A light mist all over; matt.',
        hands: [eachSec / 6, 30],
        takes: [on.coat('seal', dressing.mistCoat, 'Hairspray to seal')],
        can: 'hairspray',
        until: 'Let it set',
        faults: ['satin'],
      }),
      on.inspect('Holds when it is shaken; the old tone is seen nowhere but inside.', [
        'fallen-foliage',
        'loud-two-tone',
      ]),
    ]
  },
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 120, { zone: 'back' }), 9),
    examplePieces(examplePiece('conifer', 'conical', 160), 4),
  ],
})
