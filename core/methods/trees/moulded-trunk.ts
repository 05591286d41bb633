import { snowOption, snowSlots } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { judge } from '../kit/fit'
import { pinSlots } from '../kit/ground'
import { clump, goods, leafScatter, liquid, paint } from '../kit/materials'
import { slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'
import { mouldedTrunkFigures, mouldedTrunkOperations } from './moulded-trunk-operations'

/** A bent plastic trunk with clump foam. Common practice. */
export const mouldedTrunk = way('moulded-trunk', 'Moulded trunk', {
  makes: 'A bent plastic trunk with clump foam pressed onto sticky branch ends.',
  profile: profile([40, 200], 'puff', 'from the bag', 'handled', [2, 12], 'moulded'),
  seasons: 'in leaf',
  figures: mouldedTrunkFigures,
  options: [
    option(
      'foliage',
      'Foliage',
      ['clump', 'clump foam', 'pressed on: full and dense'],
      ['leaf', 'leaf on a fine web', 'teased out along the branch: lighter'],
    ),
    option(
      'trunk',
      'Trunk',
      ['leave', 'as delivered', 'no paint'],
      ['wash', 'washed', 'a thin dark wash before the adhesive takes the shine away'],
    ),
    option(
      'hold',
      'Afterwards',
      ['none', 'nothing', 'the contact adhesive holds it'],
      ['spray', 'a mist of spray adhesive', 'for pieces that are handled'],
    ),
    snowOption,
  ],
  suits: ({ piece }) => {
    const { heightMm, habit, leaf } = piece
    return judge({
      right: habit === 'broadleaf',
      pro: [
        habit === 'broadleaf' && 'full crowns for a hedge line or a wood, where clumps read as foliage',
        heightMm >= 70 && 'the trunk has its flare and main forks already',
        'a few minutes of hands each, and no paint',
      ],
      con: [
        piece.zone === 'front' && 'at the front the clumps and the plastic are seen for what they are',
        leaf < 0.4 && leaf >= 0.15 && 'with so little leaf on the day, the plastic branches would show',
        piece.seeThrough > 0.35 && 'clump makes a dense crown; this species is airy',
        habit === 'conifer' && 'the forks are a broadleaf’s; only a pine with pads could pass',
      ],
      never: [
        habit !== 'broadleaf' &&
          habit !== 'conifer' &&
          'it is a trunk with a crown, which this plant has not',
        heightMm > 230 && 'no moulded trunk is that tall',
        heightMm < 35 && 'smaller than the smallest moulded trunk',
        leaf < 0.15 && 'with so little leaf on the day, the plastic branches would show',
      ],
    })
  },
  materials: ({ piece }, choice) => [
    slot('trunk', 'Trunks', goods('trunk', piece.heightMm * 0.92)),
    slot('adhesive', 'Contact adhesive', liquid('contact-adhesive')),
    choice('foliage') === 'leaf'
      ? slot('clump', 'Leaf', leafScatter(piece.grainMm, piece.tones.base))
      : slot('clump', 'Clump foam', clump(Math.max(3, piece.grainMm * 2), piece.tones.base)),
    choice('trunk') === 'wash' && slot('wash', 'Dark wash', paint('#45423e')),
    choice('hold') === 'spray' && slot('hold', 'Spray adhesive', liquid('spray-adhesive')),
    snowSlots(choice, { id: 'snow-glue', label: 'Hairspray for the snow' }),
    pinSlots(piece),
  ],
  operations: mouldedTrunkOperations,
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 110), 20),
    examplePieces(examplePiece('broadleaf', 'ovate', 40), 1),
  ],
})
