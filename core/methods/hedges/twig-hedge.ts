import { dressSlots } from '../kit/dress'
import { exampleHedge, examplePiece } from '../kit/examples'
import { isHedgeWood, judge, notAHedge } from '../kit/fit'
import { liquid, powder, sheet, sprayPaint, twig } from '../kit/materials'
import { stretchParts } from '../kit/parts'
import { optional, slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'
import { twigFigures as k } from '../plans/hedge'
import { hedgeLeaf, skeleton, growth } from './twig-hedge-operations'

const HARDLY_ANY_LEAF = 0.15

/** A field hedge by the metre: twigs in a bank, teased horsehair between them. Common practice. */
export const twigHedge = way('twig-hedge', 'Twig hedge', {
  makes:
    'Twigs in holes of a raised bank, teased horsehair worked between them, two scatters, daylight kept.',
  kinds: ['length'],
  profile: profile([12, 55], 'branches', 'made one by one', 'protected', [1, 3], 'twig'),
  seasons: 'winter to summer',
  planner: { kind: 'hedge', of: 'twigs' },
  figures: k,
  options: [
    option(
      'bank',
      'Bank',
      ['built', 'built', 'a low bank of paste along the line, dried before it is drilled'],
      ['there', 'is there', 'the ground has its bank already'],
      ['foam', 'of foam sheet', 'a strip of rigid foam under a skin of paste: for a bank that stands high'],
    ),
  ],
  suits(job) {
    const { piece } = job
    const free = job.kind === 'length' && job.section === 'free'
    return judge({
      right: free && isHedgeWood(job),
      pro: [
        'a skeleton of twigs with growth between them: daylight comes through, as in a field hedge',
        piece.leaf < HARDLY_ANY_LEAF && 'bare, it shows its twigs',
      ],
      con: [
        !free && 'clipped to a section it is less work cut from strips',
        piece.heightMm > 55 && `at ${Math.round(piece.heightMm)} mm twigs must be joined`,
      ],
      never: [
        notAHedge(job),
        piece.heightMm < 12 &&
          `at ${Math.round(piece.heightMm)} mm holes and twigs are wider than what they stand for: a strip, or mesh along a line`,
        piece.heightMm > 90 && `twigs give 12 to 55 mm, this is ${Math.round(piece.heightMm)} mm`,
      ],
    })
  },
  parts: (job, read) => stretchParts(job, read, k.stretchMm),
  materials: ({ piece }, choice) => [
    slot('twigs', 'Twigs', twig('stem', piece.heightMm)),
    slot('pva', 'PVA', liquid('pva')),
    choice('bank') === 'foam' && [
      slot('sheet', 'Foam sheet for the bank', sheet('foam-sheet')),
      slot('dots', 'Adhesive under it', liquid('construction')),
    ],
    choice('bank') !== 'there' && slot('bank', 'Paste for the bank', liquid('paste')),
    slot('bushes', 'Small sprig bushes', twig('curved-sprig', piece.heightMm * 0.6), optional),
    slot('earth', 'Earth', powder('soil', '#74603f')),
    slot('cement', 'Scenic cement', liquid('cement')),
    slot('hair', 'Rubberised horsehair', sheet('horsehair')),
    slot('brown', 'Brown for the horsehair', sprayPaint('#5f4a37')),
    dressSlots(piece, hedgeLeaf, choice),
  ],
  operations: (on) => {
    const { crownWidthMm, heightMm } = on.piece
    const top = on.cm2('top of the bank', (on.partMm * crownWidthMm) / 100, 'stretch × width')
    const side = on.cm2('side of the stretch', (on.partMm * heightMm) / 100)
    return [
      skeleton(on, top),
      growth(on, side),
      on.inspect('From the side: a skeleton, and daylight.', ['solid-wall', 'holes-seen']),
    ]
  },
  examples: [
    exampleHedge(examplePiece('shrub', 'multi-stemmed', 25), 800),
    exampleHedge(examplePiece('shrub', 'multi-stemmed', 20, { leaf: 0 }), 150),
  ],
})
