import { dressSlots, snowOption } from '../kit/dress'
import { examplePiece, examplePieces } from '../kit/examples'
import { hasLeaf, isBare, judgeTree, type Sizes } from '../kit/fit'
import { foam, goods, liquid, sprayPaint, sprinkledFibre, twig } from '../kit/materials'
import { darker, optional, slot } from '../kit/slot'
import { option, profile, way } from '../kit/way'
import { dwarfShrubTreeFigures, shrubLeaf, dwarfShrubTreeOperations } from './dwarf-shrub-tree-operations'

const SIZES: Sizes = { well: [80, 200] }

/** A tree from two or three dwarf-shrub stems, taped to one trunk. Common practice. */
export const dwarfShrubTree = way('dwarf-shrub-tree', 'Dwarf-shrub tree', {
  makes:
    'Two or three berry-shrub stems shaved, glued and taped to one trunk, sisal and fibre for twigs, leaf.',
  profile: profile(SIZES.well, 'branches', 'made one by one', 'reached over', [4, 6], 'stem'),
  seasons: 'in leaf; stems cut after leaf fall',
  figures: dwarfShrubTreeFigures,
  options: [
    option(
      'twigs',
      'Twigs',
      ['sisal', 'cut sisal', 'crooked and uneven'],
      ['fibre', 'static fibre', 'straight, all of one length'],
    ),
    option(
      'joint',
      'Joint',
      ['taped', 'taped at once', 'it bears within minutes'],
      ['overnight', 'left overnight', 'taped the next day: surer where stems are thick'],
    ),
    snowOption,
  ],
  suits: ({ piece }) =>
    judgeTree(piece, SIZES, {
      right: piece.habit === 'broadleaf' && piece.zone !== 'back',
      pro: [
        'a stout trunk with a true fork in minutes of hands',
        'twigs of two thicknesses: it bears being seen with little leaf',
        'tougher than a sprig',
      ],
      con: [
        piece.zone === 'back' && 'more than a tree at the back needs',
        isBare(piece) && 'bare, its straight fibre twigs are seen for what they are',
        piece.habit === 'conifer' && 'stems fork like a broadleaf',
      ],
      never: [piece.crownForm === 'conical' && 'no whorls about a leader'],
    }),
  materials: ({ piece }, choice) => [
    slot('stems', 'Stems', twig('stem', piece.heightMm)),
    slot('ca', 'CA', liquid('ca')),
    slot('tape', 'Floral tape', goods('tape')),
    slot('pva', 'PVA', liquid('pva')),
    choice('twigs') === 'fibre'
      ? slot('twig-fibre', 'Brown fibre for twigs', sprinkledFibre(12, '#5a4330'))
      : slot('twig-fibre', 'Cut sisal', sprinkledFibre(12, '#9c8460')),
    slot('short-fibre', 'Brown fibre, 2.5 mm', sprinkledFibre(2.5, '#5a4330')),
    slot('twig-glue', 'Spray adhesive', liquid('spray-adhesive')),
    slot('brown', 'Brown', sprayPaint('#5f4a37')),
    slot('black', 'Black mist', sprayPaint('#26241f'), darker('brown'), optional),
    hasLeaf(piece) && slot('core', 'Fine foam, core', foam(0.4, piece.tones.shade)),
    dressSlots(piece, shrubLeaf, choice),
  ],
  operations: dwarfShrubTreeOperations,
  examples: [
    examplePieces(examplePiece('broadleaf', 'rounded', 130), 6),
    examplePieces(examplePiece('broadleaf', 'spreading', 170, { leaf: 0.33 }), 4),
  ],
})
