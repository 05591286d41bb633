import { fact, MM_IN_CM, product, property, quotient, rest } from '../../quantities'
import { amount, coefficients, loss, share, spoilage, sticking } from '../kit/rows'
import { exampleArea, examplePiece } from '../kit/examples'
import { judge } from '../kit/fit'
import { fibre, liquid, powder } from '../kit/materials'
import { slot } from '../kit/slot'
import { areaParts } from '../kit/parts'
import { dries, staysOpen } from '../kit/setting'
import { option, profile, way } from '../kit/way'

const k = coefficients('snow-cover', {
  spoilage: spoilage(0),
  patchCm2: amount('worked at once, at most', 300, 'cm²'),
  stemsOn: share('share with stems that stand out of the snow', 0.15),
  perCm2: amount('fibres where stems stand', 120, '/cm²'),
  stemGlueMl: amount('matt medium under the stems', 0.02, 'ml/cm²'),
  sticks: sticking('sticks, of what is thrown', 0.4),
  glueMl: amount('PVA under the snow', 0.05, 'ml/cm²'),
  lost: loss('lost, of the powder that is sieved', 0.15),
  stemSec: amount('glue and fibre, for each cm² of stems', 2, 's/cm²'),
  snowSec: amount('glue and powder, for each cm²', 0.8, 's/cm²'),
  stemDryMin: dries('medium', 'matt medium dries'),
  openSec: staysOpen('pva', 'PVA stays open'),
  dryMin: dries('pva', 'PVA under snow dries'),
})

/** Bulk density of very fine white powder, g/ml; from memory, as the catalogue has it. */
const BULK_G_PER_ML = 0.5

/** Ground under snow: stems first, then very fine powder over glue, with no coat over it. Common practice. */
export const snowCover = way('snow-cover', 'Snow, stems through it', {
  makes: 'Dry stems in islands, PVA, very fine white powder with a trace of black; no coat over it.',
  kinds: ['area'],
  profile: profile([1, 20], 'branches', 'mass-made', 'protected', [1, 2], 'tuft'),
  seasons: 'winter',
  figures: k,
  options: [
    option(
      'depth',
      'Snow lies',
      ['15', '15 cm deep', 'real depth: as after a night of snow'],
      ['5', '5 cm', 'a cover that grass comes through'],
      ['10', '10 cm', 'tracks show the ground'],
      ['30', '30 cm', 'deep: stones and low plants are gone'],
    ),
  ],
  suits({ piece }) {
    const winter = piece.sward.straw > 0.5 || piece.leaf < 0.4
    return judge({
      right: false,
      pro: [winter && 'the plants stand dead on the day: stems out of the snow'],
      con: [
        'only for a scene under snow',
        !winter && `on the day it is green: snow on it would be a late fall`,
      ],
      never: [
        piece.habit !== 'grass' &&
          piece.habit !== 'herb' &&
          piece.habit !== 'reed' &&
          'it is ground with stems in it',
        piece.crownForm === 'wall' && 'on a wall no snow lies',
      ],
    })
  },
  parts: (job, read) => areaParts(job, read, k.patchCm2),
  materials: ({ piece }) => {
    const { heightMm, colours } = piece.sward
    return [
      slot('stem-glue', 'Matt medium under the stems', liquid('matte-medium')),
      slot('stems', 'Stems', fibre(Math.max(2, heightMm), colours.straw)),
      slot('glue', 'PVA under the snow', liquid('pva')),
      slot('snow', 'Snow powder', powder('snow')),
    ]
  },
  operations: (on) => {
    const stems = on.product(on.ground, k.stemsOn)
    const snow = on.material('snow')
    const deep = quotient(
      fact('real depth', Number(on.choice('depth')) * 10, 'mm', 'line'),
      fact('ratio', on.piece.realRatio, ''),
    )
    const bulk = property('bulk density', snow?.bulkGPerMl ?? BULK_G_PER_ML, 'g/ml', 'memory', snow?.name)
    // Powder that stays as deep as wished, and what is lost over it.
    const lies = quotient(product(on.ground, quotient(deep, MM_IN_CM), bulk), rest(on.input(k.lost)))
    return [
      on.static('stems', 'Stems in islands', {
        text: 'Matt medium in uneven islands; sparse dry fibre, earth lead on; vacuum when it is dry. Snow has buried the rest.',
        hands: [on.value(k.stemSec) * stems.value, 60],
        takes: [
          on.take('stem-glue', [stems, k.stemGlueMl]),
          on.fibre('stems', { area: stems, perCm2: on.input(k.perCm2), sticks: k.sticks }),
        ],
        within: on.open('medium'),
        atOnce: on.one('A few islands at a time.'),
        wait: on.sets('medium', 'Let it dry', k.stemDryMin),
        tools: ['vacuum', 'stocking'],
        vacuums: 'stems',
        faults: ['lost-fibre', 'carpet-of-grass'],
      }),
      on.work('snow', 'Snow', {
        text: 'PVA between the stems, brushed up against banks; the powder through a fine sieve, a trace of black pigment in it, deeper in the lee. Blow it off stems and tracks. No coat over it: sealing turns it grey.',
        hands: [on.value(k.snowSec) * on.partCm2, 60],
        takes: [on.take('glue', [on.ground, k.glueMl]), on.take('snow', lies)],
        within: on.open('pva', { by: k.openSec }),
        atOnce: on.one('Patch by patch, edges overlapping.'),
        wait: on.sets('pva', 'Dry overnight, untouched', k.dryMin),
        tools: ['sieve', 'brush'],
        faults: ['snow-sealed'],
      }),
      on.inspect('Stems stand out of it, none is white; no glue shines.', ['snow-sealed', 'shiny-patches']),
    ]
  },
  examples: [
    exampleArea(examplePiece('grass', 'blades', 5), 400),
    exampleArea(examplePiece('reed', 'blades', 14), 30),
  ],
})
