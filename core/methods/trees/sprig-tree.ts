import { isBladed, isBushy } from '../../commissions'
import { snowOnly, snowOption, snowSlots } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { hasLeaf, judge } from '../kit/fit'
import { foam, liquid, rod, sprayPaint, twig } from '../kit/materials'
import { darker, lighter, optional, slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'
import { sprigFoliage, TIPS } from './sprig-foliage'
import { sprigFigures as k, TRUNK, snow, sprigsOf, boundSprigs, armature } from './sprig-operations'

/** Dried sprigs, toughened and dressed. Common practice. */
export const sprigTree = way('sprig-tree', 'Soaked sprig tree', {
  makes: 'Dried sprigs, soaked and dried straight, painted, sprinkled with foam.',
  profile: profile([30, 250], 'branches', 'mass-made', 'protected', [5, 50], 'sprig'),
  seasons: 'any',
  bound: boundSprigs,
  figures: k,
  options: [
    option(
      'colour',
      'Colour',
      ['own', 'coloured foam straight on', 'the foam keeps its own colour, the lighter one on top'],
      [
        'overspray',
        'any foam, sprayed over',
        'coarse foam of any mid colour; the canopy is sprayed, then misted lighter from above',
      ],
    ),
    option(
      'sprigs',
      'Sprigs',
      ['toughened', 'soaked', 'tough and straight; a night’s drying'],
      ['dry', 'dry', 'no bath and no night, but brittle and as they grew'],
    ),
    snowOption,
  ],
  suits: ({ piece, kind }) => {
    const { heightMm, zone, habit } = piece
    const tree = habit === 'broadleaf'
    return judge({
      right: tree && heightMm >= 45 && heightMm <= 160 && kind === 'pieces',
      pro: [
        tree && 'fine branching that reads as a broadleaf even when bare',
        heightMm >= 45 && heightMm <= 160 && 'a good sprig has just this height',
        zone !== 'back' && 'see-through crown bears being looked at from close by',
        'cheap and quick in drying loads of fifty',
      ],
      but: [zone === 'front' && 'sprigs snap: not at the very edge, where sleeves pass'],
      con: [
        heightMm > 160 &&
          `sprigs over 160 mm are rare; ${Math.round(heightMm)} mm wants several bound together`,
        heightMm < 45 && 'smaller than a sprig’s own forks: tips only, and few branches to see',
        habit === 'conifer' && 'no leader and no whorls: it won’t pass for a conifer close by',
        isBushy(piece) && 'a sprig has one stem; a shrub wants several from the foot',
      ],
      never: [
        isBladed(piece) && 'has a stem and forks, which a tuft has not',
        habit === 'palm' && 'a palm has fronds on a bare stem, which no sprig has',
        heightMm > 260 && 'no sprigs bound together are that tall',
        heightMm < 25 && 'no sprig is that small',
      ],
    })
  },
  materials: ({ piece }, choice) => {
    const { base, light } = piece.tones
    const { grainMm } = piece
    const coarse = Math.max(1, grainMm * 1.8)
    return [
      slot('sprig', 'Sprigs', twig('sprig', Math.min(piece.heightMm, k.longest.value))),
      choice('sprigs') === 'toughened' && slot('medium', 'Matte medium', liquid('matte-medium')),
      sprigsOf(piece).value > 1 && [
        slot('tie', 'Fine wire to bind', rod('wire', 0.3), optional),
        slot('ca', 'CA', liquid('ca')),
      ],
      slot('trunk-paint', 'Trunk colour', sprayPaint(TRUNK)),
      slot('tips-paint', 'Dark tips', sprayPaint(TIPS), darker('trunk-paint'), optional),
      (hasLeaf(piece) || choice('snow') === 'laden') && slot('hairspray', 'Hairspray', liquid('hairspray')),
      hasLeaf(piece) &&
        (choice('colour') === 'overspray'
          ? [
              // Any mid colour will do: it is sprayed over. Coarse, for volume.
              slot('foliage', 'Coarse foam', foam(coarse, base)),
              slot('canopy-paint', 'Canopy colour', sprayPaint(base)),
              slot('highlight-spray', 'Highlight mist', sprayPaint(light), lighter('canopy-paint'), optional),
            ]
          : [
              slot('foliage', 'Foliage', foam(grainMm, base)),
              slot('highlight', 'Highlight', foam(grainMm * 0.8, light), lighter('foliage'), optional),
            ]),
      snowSlots(choice),
    ]
  },
  operations: (on) => [
    armature(on),
    on.isLeafy && sprigFoliage(on),
    snowOnly(on, snow),
    on.inspect(
      on.isLeafy
        ? 'Straight, see-through near the target, clean trunk, lighter on top.'
        : 'Straight, no puddles on the stem, tips darker than the trunk.',
      ['one-sided', 'satin', 'shiny-patches'],
      { text: 'Turn each one round, look at it from above, in daylight.', hands: 8 },
    ),
  ],
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 100), 50),
    examplePieces(examplePiece('broadleaf', 'rounded', 250), 3),
    examplePieces(examplePiece('broadleaf', 'ovate', 90, { leaf: 0 }), 12),
    examplePieces(examplePiece('broadleaf', 'spreading', 60, { leaf: 0.35 }), 1),
  ],
})
