import type { MonthLook, Species } from './types'

/**
 * The reference plants. All measures and colours are from memory, rounded, for a plant in the open on fair ground;
 * a maker overwrites them line by line.
 */

type Stage = readonly [leaf: number, colour: string, words: string]

/** Spells out twelve months from stages named by one letter each: "bbbsuuuuttab". */
function year(letters: string, stages: Record<string, Stage>): MonthLook[] {
  return [...letters].map((letter) => {
    const stage = stages[letter]
    if (!stage) throw new RangeError(`month letter is ${letter}; it must be one of ${Object.keys(stages).join(', ')}`)
    return { leaf: stage[0], colour: stage[1], words: stage[2] }
  })
}

const memory = { origin: 'memory' } as const

export const speciesTable: readonly Species[] = [
  {
    id: 'norway-spruce', botanical: 'Picea abies', common: 'Norway spruce', habit: 'conifer', crownForm: 'conical', ...memory,
    heightM: [6, 14, 26, 34], crownRatio: [0.44, 0.38, 0.32, 0.28], clearStem: 0.03, dbhRatio: 0.016, stems: 1, seeThrough: 0.12, leafMm: 60, bark: '#6f6257',
    months: year('eeeeffeeeeee', { e: [1, '#2c4a35', 'evergreen'], f: [1, '#3f6a3c', 'fresh tips'] }),
  },
  {
    id: 'scots-pine', botanical: 'Pinus sylvestris', common: 'Scots pine', habit: 'conifer', crownForm: 'irregular', ...memory,
    heightM: [5, 11, 20, 25], crownRatio: [0.5, 0.42, 0.38, 0.45], clearStem: 0.42, dbhRatio: 0.02, stems: 1, seeThrough: 0.3, leafMm: 90, bark: '#a2683f',
    months: year('eeeeffeeeeee', { e: [1, '#47604c', 'evergreen, blue-green'], f: [1, '#5b7a4c', 'candles out'] }),
  },
  {
    id: 'umbrella-pine', botanical: 'Pinus pinea', common: 'Umbrella pine', habit: 'conifer', crownForm: 'flat-topped', ...memory,
    heightM: [5, 9, 15, 20], crownRatio: [0.7, 0.75, 0.85, 0.9], clearStem: 0.6, dbhRatio: 0.032, stems: 1, seeThrough: 0.14, leafMm: 120, bark: '#8b6a55',
    months: year('eeeeffeeeeee', { e: [1, '#3c5a36', 'evergreen'], f: [1, '#587a3f', 'fresh tips'] }),
  },
  {
    id: 'italian-cypress', botanical: 'Cupressus sempervirens', common: 'Italian cypress', habit: 'conifer', crownForm: 'columnar', ...memory,
    heightM: [4, 9, 16, 22], crownRatio: [0.2, 0.16, 0.14, 0.15], clearStem: 0.04, dbhRatio: 0.02, stems: 1, seeThrough: 0.05, leafMm: 40, bark: '#7a6a5a',
    months: year('eeeeeeeeeeee', { e: [1, '#2f4a33', 'evergreen, dark'] }),
  },
  {
    id: 'beech', botanical: 'Fagus sylvatica', common: 'Beech', habit: 'broadleaf', crownForm: 'rounded', ...memory,
    heightM: [7, 14, 24, 28], crownRatio: [0.55, 0.6, 0.68, 0.78], clearStem: 0.16, dbhRatio: 0.03, stems: 1, seeThrough: 0.18, leafMm: 80, bark: '#8c8a83',
    months: year('wwwflsssstvw', {
      w: [0.06, '#9a6c42', 'bare, a few dead leaves held'], f: [0.35, '#a9bd4e', 'leaves breaking'], l: [0.95, '#7fa23c', 'fresh green'],
      s: [1, '#4f7233', 'full summer leaf'], t: [0.82, '#a97a2c', 'turning'], v: [0.3, '#8c5426', 'brown, mostly fallen'],
    }),
  },
  {
    id: 'pedunculate-oak', botanical: 'Quercus robur', common: 'Pedunculate oak', habit: 'broadleaf', crownForm: 'spreading', ...memory,
    heightM: [6, 12, 20, 22], crownRatio: [0.6, 0.72, 0.9, 1.05], clearStem: 0.16, dbhRatio: 0.04, stems: 1, seeThrough: 0.24, leafMm: 100, bark: '#746a5e',
    months: year('bbbfgssssstb', {
      b: [0.04, '#8d7350', 'bare'], f: [0.3, '#b3a64c', 'leaves breaking, bronze-green'], g: [0.9, '#86a03f', 'fresh green'],
      s: [1, '#51702f', 'full leaf'], t: [0.5, '#94692f', 'brown, thinning'],
    }),
  },
  {
    id: 'silver-birch', botanical: 'Betula pendula', common: 'Silver birch', habit: 'broadleaf', crownForm: 'ovate', ...memory,
    heightM: [6, 12, 18, 20], crownRatio: [0.42, 0.42, 0.44, 0.48], clearStem: 0.2, dbhRatio: 0.015, stems: 1, seeThrough: 0.42, leafMm: 45, bark: '#d4d0c6',
    months: year('bbbfgsssstvb', {
      b: [0, '#6d5350', 'bare, purple-brown twigs'], f: [0.45, '#a3b84d', 'leaves breaking'], g: [0.95, '#86a945', 'fresh green'],
      s: [1, '#6a8a3d', 'full leaf'], t: [0.62, '#c9a233', 'yellow, a third fallen'], v: [0.18, '#b98d35', 'last yellow leaves'],
    }),
  },
  {
    id: 'rowan', botanical: 'Sorbus aucuparia', common: 'Rowan', habit: 'broadleaf', crownForm: 'ovate', ...memory,
    heightM: [4, 7, 11, 13], crownRatio: [0.45, 0.5, 0.55, 0.6], clearStem: 0.18, dbhRatio: 0.02, stems: 1, seeThrough: 0.32, leafMm: 120, bark: '#8f877c',
    months: year('bbbfwsssrtvb', {
      b: [0, '#7a6458', 'bare'], f: [0.5, '#93ad4b', 'leaves breaking'], w: [0.95, '#a8b877', 'in flower'], s: [1, '#5b7d3a', 'full leaf'],
      r: [0.95, '#8c5a32', 'in fruit, first red'], t: [0.72, '#b04a26', 'red, in fruit'], v: [0.15, '#9a4a2c', 'nearly bare, fruit left'],
    }),
  },
  {
    id: 'hawthorn', botanical: 'Crataegus monogyna', common: 'Hawthorn', habit: 'broadleaf', crownForm: 'irregular', ...memory,
    heightM: [2.5, 4, 6, 8], crownRatio: [0.8, 0.85, 0.9, 1], clearStem: 0.14, dbhRatio: 0.03, stems: 1, seeThrough: 0.2, leafMm: 35, bark: '#71685e',
    months: year('bbfgwssssrvb', {
      b: [0, '#6c5a50', 'bare'], f: [0.45, '#98b24b', 'leaves breaking'], g: [0.9, '#7da044', 'fresh green'], w: [1, '#cfd6b4', 'white with flower'],
      s: [1, '#557535', 'full leaf'], r: [0.7, '#8d5a30', 'red haws, thinning'], v: [0.2, '#7c4f36', 'haws on bare twigs'],
    }),
  },
  {
    id: 'olive', botanical: 'Olea europaea', common: 'Olive', habit: 'broadleaf', crownForm: 'irregular', ...memory,
    heightM: [2.5, 4, 6, 8], crownRatio: [0.75, 0.85, 0.95, 1], clearStem: 0.24, dbhRatio: 0.07, stems: 1, seeThrough: 0.3, leafMm: 60, bark: '#8d8577',
    months: year('eeeefweeeeee', { e: [1, '#76845f', 'evergreen, grey-green'], f: [1, '#8a9663', 'fresh tips'], w: [1, '#9aa27c', 'in flower, cream'] }),
  },
  {
    id: 'hazel', botanical: 'Corylus avellana', common: 'Hazel', habit: 'shrub', crownForm: 'multi-stemmed', ...memory,
    heightM: [2, 3.5, 5, 6], crownRatio: [0.9, 0.95, 1, 1], clearStem: 0.04, dbhRatio: 0.012, stems: 9, seeThrough: 0.22, leafMm: 90, bark: '#84705c',
    months: year('bcbfgssssttb', {
      b: [0, '#79664f', 'bare'], c: [0.05, '#b8a34a', 'catkins'], f: [0.5, '#9db54f', 'leaves breaking'], g: [0.95, '#7fa142', 'fresh green'],
      s: [1, '#587a36', 'full leaf'], t: [0.6, '#b59a3d', 'yellow, thinning'],
    }),
  },
  {
    id: 'blackthorn', botanical: 'Prunus spinosa', common: 'Blackthorn', habit: 'shrub', crownForm: 'mound', ...memory,
    heightM: [1, 1.5, 2.5, 3.5], crownRatio: [1.2, 1.2, 1.1, 1.1], clearStem: 0, dbhRatio: 0.01, stems: 11, seeThrough: 0.16, leafMm: 30, bark: '#4d4440',
    months: year('bbwwgssssttb', {
      b: [0, '#5a4c48', 'bare, nearly black'], w: [0.4, '#e4e4da', 'white with flower before the leaf'], g: [0.95, '#769a42', 'fresh green'],
      s: [1, '#4f6f33', 'full leaf'], t: [0.55, '#8f7a3c', 'thinning, sloes'],
    }),
  },
  {
    id: 'gorse', botanical: 'Ulex europaeus', common: 'Gorse', habit: 'shrub', crownForm: 'mound', ...memory,
    heightM: [0.6, 1.2, 1.8, 2.2], crownRatio: [1.1, 1.1, 1.2, 1.3], clearStem: 0, dbhRatio: 0.01, stems: 12, seeThrough: 0.1, leafMm: 25, bark: '#6b6044',
    months: year('eewwweeeeeee', { e: [1, '#4b6136', 'evergreen, spiny'], w: [1, '#c9ae2f', 'yellow with flower'] }),
  },
  {
    id: 'oleander', botanical: 'Nerium oleander', common: 'Oleander', habit: 'shrub', crownForm: 'multi-stemmed', ...memory,
    heightM: [1, 2, 3, 4], crownRatio: [0.9, 0.9, 0.9, 0.95], clearStem: 0, dbhRatio: 0.01, stems: 10, seeThrough: 0.14, leafMm: 120, bark: '#85796a',
    months: year('eeeeewwwweee', { e: [1, '#5a7550', 'evergreen'], w: [1, '#a9788a', 'pink with flower'] }),
  },
  {
    id: 'tufted-hair-grass', botanical: 'Deschampsia cespitosa', common: 'Tufted hair-grass', habit: 'grass', crownForm: 'blades', ...memory,
    heightM: [0.25, 0.4, 0.5, 0.8], crownRatio: [1, 0.95, 0.9, 0.9], clearStem: 0, dbhRatio: 0, stems: 26, seeThrough: 0.3, leafMm: 400, bark: '#8f7f4d',
    months: year('dddgggsssood', {
      d: [0.8, '#b39f6a', 'straw, sparse'], g: [1, '#6f8f45', 'green'], s: [1, '#8f9a55', 'green under straw heads'], o: [0.95, '#a89a60', 'straw over green'],
    }),
  },
  {
    id: 'meadow-grass', botanical: 'Arrhenatherum elatius', common: 'Tall oat-grass', habit: 'grass', crownForm: 'blades', ...memory,
    heightM: [0.3, 0.6, 0.9, 1.2], crownRatio: [0.6, 0.5, 0.45, 0.4], clearStem: 0, dbhRatio: 0, stems: 20, seeThrough: 0.45, leafMm: 300, bark: '#9a8a52',
    months: year('dddggshggodd', {
      d: [0.6, '#b7a36c', 'straw, laid'], g: [1, '#7b9a48', 'green'], s: [1, '#98a35c', 'in flower, purple-tinged'], h: [0.7, '#c2ae6c', 'hay, ripe'],
      o: [0.8, '#9d9a58', 'aftermath, some straw'],
    }),
  },
  {
    id: 'dry-grass', botanical: 'Brachypodium retusum', common: 'Mediterranean false-brome', habit: 'grass', crownForm: 'blades', ...memory,
    heightM: [0.2, 0.3, 0.45, 0.6], crownRatio: [1, 0.95, 0.9, 0.9], clearStem: 0, dbhRatio: 0, stems: 22, seeThrough: 0.4, leafMm: 150, bark: '#a58f56',
    months: year('gggggsddddgg', { g: [1, '#86934f', 'green'], s: [0.95, '#b3a160', 'drying'], d: [0.85, '#c8b174', 'straw'] }),
  },
  {
    id: 'common-reed', botanical: 'Phragmites australis', common: 'Common reed', habit: 'grass', crownForm: 'blades', ...memory,
    heightM: [1, 1.8, 2.5, 3], crownRatio: [0.3, 0.26, 0.24, 0.24], clearStem: 0, dbhRatio: 0, stems: 18, seeThrough: 0.4, leafMm: 400, bark: '#a58f5f',
    months: year('dddnggggppdd', {
      d: [0.7, '#c3ac78', 'dead standing straw, dark plumes'], n: [0.75, '#b1a86c', 'straw with new shoots'], g: [1, '#76904c', 'green'], p: [1, '#8d8a56', 'purple-brown plumes'],
    }),
  },
  {
    id: 'sea-couch', botanical: 'Elymus athericus', common: 'Sea couch', habit: 'grass', crownForm: 'blades', ...memory,
    heightM: [0.3, 0.5, 0.7, 0.9], crownRatio: [0.7, 0.65, 0.6, 0.6], clearStem: 0, dbhRatio: 0, stems: 22, seeThrough: 0.35, leafMm: 250, bark: '#9d9160',
    months: year('dddnggggsddd', { d: [0.75, '#b5a676', 'grey straw'], n: [0.85, '#98a070', 'grey-green among straw'], g: [1, '#7f9468', 'blue-green'], s: [1, '#a19c68', 'ripe, straw heads'] }),
  },
  {
    id: 'bracken', botanical: 'Pteridium aquilinum', common: 'Bracken', habit: 'fern', crownForm: 'blades', ...memory,
    heightM: [0.5, 0.9, 1.3, 1.8], crownRatio: [0.9, 0.9, 0.85, 0.8], clearStem: 0, dbhRatio: 0, stems: 9, seeThrough: 0.25, leafMm: 500, bark: '#7d5c38',
    months: year('dddcgggggtdd', { d: [0.55, '#8d5f38', 'dead, red-brown'], c: [0.3, '#8f8048', 'croziers through dead litter'], g: [1, '#6b8f3b', 'green'], t: [0.9, '#b07f3a', 'yellow to rust'] }),
  },
]

/** The species with this id. @throws RangeError when there is none */
export function speciesById(id: string): Species {
  const found = speciesTable.find((species) => species.id === id)
  if (!found) throw new RangeError(`species is ${id}; it must be one of ${speciesTable.map((species) => species.id).join(', ')}`)
  return found
}
