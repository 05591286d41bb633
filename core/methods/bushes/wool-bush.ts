import { isBladed, isBushy } from '../../commissions'
import { examplePiece, examplePieces } from '../kit/examples'
import { judge } from '../kit/fit'
import { foam, liquid, paint, wool } from '../kit/materials'
import { slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'
import { woolBushFigures, woolBushOperations } from './wool-bush-operations'

/** Teased wool, dyed and stiffened in one bath. Common practice. */
export const woolBush = way('wool-bush', 'Wool bush', {
  makes: 'Teased filter wool, dyed and stiffened in one bath, fine foam sprinkled in while it is wet.',
  kinds: ['pieces', 'length'],
  profile: profile([5, 60], 'puff', 'mass-made', 'handled', [10, 50], 'wool'),
  seasons: 'in leaf',
  figures: woolBushFigures,
  options: [
    option(
      'core',
      'Core',
      ['dark', 'dark core', 'depth between the leaves'],
      ['leaf', 'leaf-coloured core', 'paler and softer; where the core shows it passes for leaf'],
    ),
  ],
  suits: ({ piece, kind }) => {
    const { habit, heightMm, leaf } = piece
    return judge({
      right: isBushy(piece),
      pro: [
        isBushy(piece) && 'a rounded mass down to the ground, as a bush has',
        'minutes for a large heap, and the cheapest way of all',
        piece.crownForm === 'mound' && 'scrub that really is dense may be opaque',
      ],
      con: [
        kind === 'length' &&
          'set bush by bush: a closed green line, without the twigs and the daylight of a hedge',
        habit === 'broadleaf' &&
          'no stem and no branches: only for a bush-like tree that stands among others',
        habit === 'fern' && 'fronds would be lost; from a distance it may pass for a bracken bank',
        leaf < 0.3 && leaf >= 0.15 && 'with so little leaf on the day, a bush is mostly twigs',
        heightMm > 70 && heightMm <= 90 && `at ${Math.round(heightMm)} mm the wool sags`,
        heightMm < 4 && heightMm >= 3 && 'too small to tease and dip one by one',
        piece.zone === 'front' && heightMm > 40 && 'at the front a bush of this size wants twigs inside',
      ],
      never: [
        habit === 'conifer' && 'a conifer has a leader and tiers',
        isBladed(piece) && habit !== 'fern' && 'it stands in blades',
        habit === 'palm' && 'a palm has fronds on a bare stem',
        leaf < 0.15 && 'with so little leaf on the day, a bush is mostly twigs',
        heightMm > 90 && `at ${Math.round(heightMm)} mm the wool sags`,
        heightMm < 3 && 'too small to tease and dip one by one',
      ],
    })
  },
  materials: ({ piece }, choice) => {
    const { base, shade } = piece.tones
    return [
      slot('wool', 'Filter wool', wool()),
      slot('paint', 'Core colour', paint(choice('core') === 'leaf' ? base : shade)),
      slot('pva', 'PVA', liquid('pva')),
      slot('foliage', 'Foliage', foam(piece.grainMm, base)),
    ]
  },
  operations: woolBushOperations,
  examples: [
    examplePieces(examplePiece('shrub', 'mound', 15, { widthShare: 1.3 }), 80),
    examplePieces(examplePiece('shrub', 'multi-stemmed', 60), 1),
    { kind: 'length', piece: examplePiece('shrub', 'multi-stemmed', 22), lengthMm: 1200, section: 'trimmed' },
  ],
})
