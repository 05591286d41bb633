import type { Species } from '../types'
import { barks, evergreenShrub, evergreenTree, flush, grass, greens, mixed, noOrgans, palm, planted, scaled, tree, usual } from './presets'

const wild = [0.2, 0.4, 0.4, 0] as [number, number, number, number]

/** Plants of deserts, savannas, hot gardens and the southern continents. From memory. */
export const dry: readonly Species[] = [
  {
    id: 'columnar-cactus', botanical: 'Carnegiea gigantea', common: 'Columnar cactus', crownForm: 'columnar', ...evergreenTree, leaf: 'spine', organs: { flower: 'fruits' },
    heightM: [1.5, 4, 8, 12], crownRatio: [0.3, 0.3, 0.34, 0.4], clearStem: [0.3, 0.34, 0.34, 0.3], dbhRatio: 0.06, seeThrough: 0.75, growth: { lobes: 0, droop: 0, angle: [86, 70], leader: 1, limbs: 4, curve: 0.98, crook: 0.05, tips: 5 }, leafMm: 40,
    bark: { low: [46, -8, 20], high: [48, -14, 22], marks: 'furrowed' }, colours: { ...greens.mid, twig: [48, -14, 22], flower: [94, 0, 8] }, show: { flower: 0.1, fruit: 0 }, dates: { ...flush, flower: ['05-01', '06-15'] },
    habitats: [{ habitat: 'desert', perHa: 60, ages: [0.3, 0.3, 0.3, 0.1] }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'prickly-pear', botanical: 'Opuntia ficus-indica', common: 'Prickly pear', crownForm: 'mound', ...evergreenShrub, stems: 7, leaf: 'pad', organs: { fruit: 'fruits' },
    heightM: [0.5, 1, 1.8, 2.8], crownRatio: [1.1, 1.15, 1.2, 1.2], seeThrough: 0.3, growth: { lobes: 0, droop: -0.6, tips: 26 }, leafMm: 320,
    bark: barks.green, colours: { ...greens.blue, summer: [54, -14, 24], fruit: [52, 44, 30] }, show: { flower: 0, fruit: 0.2 }, dates: { ...flush, fruit: ['08-01', '11-01'] },
    habitats: [{ habitat: 'desert', perHa: 260, ages: mixed }, { habitat: 'mediterranean-scrub', perHa: 40, ages: mixed }, { habitat: 'olive-terrace', perHa: 20, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'agave', botanical: 'Agave americana', common: 'Agave', ...grass, keeps: 'evergreen', leaf: 'broad',
    heightM: [0.4, 0.8, 1.3, 1.7], crownRatio: [1.5, 1.5, 1.5, 1.5], stems: 9, seeThrough: 0.2, growth: { lobes: 0, droop: -0.4, leader: 0 }, leafMm: 1200, bark: barks.straw,
    colours: { ...greens.blue, summer: [60, -9, 4], fresh: [62, -8, 8] }, show: noOrgans, dates: { ...flush },
    habitats: [{ habitat: 'desert', perHa: 200, ages: wild }, { habitat: 'mediterranean-scrub', perHa: 16, ages: wild }, { habitat: 'olive-terrace', perHa: 14, ages: wild }, { habitat: 'subtropical-park', perHa: 20, ages: wild }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'yucca', botanical: 'Yucca elata', common: 'Yucca', ...palm, arrangement: 'basal', leaf: 'narrow',
    heightM: [0.8, 1.6, 2.8, 4], crownRatio: [0.9, 0.6, 0.44, 0.4], clearStem: [0.1, 0.4, 0.62, 0.7], crownBase: [0.04, 0.28, 0.5, 0.6], dbhRatio: 0.05, seeThrough: 0.3, growth: { lobes: 0, droop: 0.3 }, leafMm: 500,
    bark: { low: [54, 6, 18], high: [58, 6, 20], marks: 'ringed' }, colours: { ...greens.grey, summer: [58, -8, 22] }, show: noOrgans, dates: { ...flush },
    habitats: [{ habitat: 'desert', perHa: 90, ages: mixed }, { habitat: 'subtropical-park', perHa: 8, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'creosote-bush', botanical: 'Larrea tridentata', common: 'Creosote bush', crownForm: 'multi-stemmed', ...evergreenShrub, stems: 12, leaf: 'small',
    heightM: [0.6, 1.1, 1.7, 2.2], crownRatio: [1.1, 1.15, 1.2, 1.2], seeThrough: 0.5, growth: { lobes: 5, droop: -0.3 }, leafMm: 14,
    bark: barks.twiggy, colours: { ...greens.dull, flower: [80, 6, 72] }, show: { flower: 0.12, fruit: 0 }, dates: { ...flush, flower: ['03-20', '05-10'] },
    habitats: [{ habitat: 'desert', perHa: 700, ages: mixed }], groups: { as: 'drift', size: [5, 15] },
  },
  {
    id: 'umbrella-acacia', botanical: 'Vachellia tortilis', common: 'Umbrella acacia', crownForm: ['vase', 'flat-topped', 'flat-topped', 'flat-topped'], ...evergreenTree, leaf: 'feathered',
    heightM: [2, 4.5, 8, 12], crownRatio: [0.9, 1.2, 1.5, 1.6], clearStem: [0.14, 0.4, 0.6, 0.66], dbhRatio: 0.04, seeThrough: 0.36, growth: { lobes: 12, droop: 0, angle: [40, 28], leader: 0.05, limbs: 7, curve: -0.3, crook: 0.45 }, leafMm: 60,
    bark: barks.dark, colours: { ...greens.dull }, show: noOrgans, dates: { ...flush },
    habitats: [{ habitat: 'savanna', perHa: 14, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'baobab', botanical: 'Adansonia digitata', common: 'Baobab', crownForm: 'spreading', ...tree, leaf: 'hand',
    heightM: [4, 9, 15, 20], crownRatio: [0.6, 0.75, 0.95, 1.1], clearStem: [0.3, 0.34, 0.36, 0.36], dbhRatio: 0.088, seeThrough: 0.44, growth: { lobes: 8, droop: 0, angle: [66, 34], leader: 0.08, limbs: 8, crook: 0.6 }, leafMm: 140,
    bark: { low: [58, 4, 8], high: [60, 3, 8], marks: 'smooth' }, colours: { ...greens.mid, turning: [[66, 4, 44]] }, show: noOrgans, dates: { ...usual },
    habitats: [{ habitat: 'savanna', perHa: 0.6, ages: mixed }], groups: { as: 'alone', size: [1, 1] },
  },
  {
    id: 'thorn-bush', botanical: 'Senegalia mellifera', common: 'Black thorn', crownForm: 'mound', ...evergreenShrub, stems: 9, leaf: 'small',
    heightM: [0.8, 1.6, 2.6, 3.6], crownRatio: [1.3, 1.35, 1.4, 1.4], seeThrough: 0.4, growth: { lobes: 6, droop: 0 }, leafMm: 20,
    bark: barks.twiggy, colours: { ...greens.dull, flower: [88, 0, 18] }, show: { flower: 0.4, fruit: 0 }, dates: { ...flush, flower: ['03-01', '04-10'] },
    habitats: [{ habitat: 'savanna', perHa: 60, ages: mixed }], groups: { as: 'drift', size: [3, 9] },
  },
  {
    id: 'savanna-grass', botanical: 'Themeda triandra', common: 'Red grass', ...grass,
    heightM: [0.3, 0.6, 1, 1.4], crownRatio: [0.7, 0.6, 0.5, 0.45], stems: 20, seeThrough: 0.36, growth: { lobes: 0, droop: 0.2, leader: 0.45 }, leafMm: 250, bark: barks.straw,
    colours: { ...greens.grass, turning: [[62, 14, 36]], dead: [66, 9, 34], flower: [50, 16, 24] }, show: { flower: 0.24, fruit: 0 }, dates: { burst: '04-10', fullLeaf: '06-10', flower: ['06-01', '08-10'], turning: '07-20', fall: '09-10', bare: '11-10' }, standing: { winter: 0.7 },
    habitats: [{ habitat: 'savanna', perHa: 9000, ages: wild }], groups: { as: 'carpet', size: [9, 41] },
  },
  {
    id: 'banana', botanical: 'Musa acuminata', common: 'Banana', ...palm, arrangement: 'alternate', leaf: 'broad', organs: { fruit: 'fruits' },
    heightM: [1.5, 2.8, 4.5, 6], crownRatio: [0.9, 0.8, 0.75, 0.7], clearStem: [0.2, 0.34, 0.42, 0.46], crownBase: [0.1, 0.24, 0.3, 0.34], dbhRatio: 0.045, seeThrough: 0.2, growth: { lobes: 0, droop: 0.4, tips: 11 }, leafMm: 1800,
    bark: { low: [52, -4, 24], high: [56, -10, 30], marks: 'none' }, colours: { ...greens.light, fruit: [66, -14, 52] }, show: { flower: 0, fruit: 0.1 }, dates: { ...flush, fruit: ['01-02', '12-30'] },
    habitats: [{ habitat: 'subtropical-park', perHa: 40, ages: wild }], groups: { as: 'few', size: [3, 7] },
  },
  {
    id: 'tree-fern', botanical: 'Dicksonia antarctica', common: 'Tree fern', ...palm, arrangement: 'feather',
    heightM: [0.8, 1.8, 3.5, 5.5], crownRatio: [1.8, 1.4, 0.95, 0.72], clearStem: [0.2, 0.5, 0.7, 0.78], crownBase: [0.1, 0.36, 0.56, 0.66], dbhRatio: 0.075, seeThrough: 0.24, growth: { lobes: 0, droop: 0.5, tips: 26 }, leafMm: 250,
    bark: { low: [30, 6, 10], high: [34, 8, 12], marks: 'ringed' }, colours: { ...greens.light }, show: noOrgans, dates: { ...flush },
    habitats: [{ habitat: 'australian-bush', perHa: 8, ages: mixed }, { habitat: 'subtropical-park', perHa: 16, ages: mixed }], groups: { as: 'few', size: [3, 7] },
  },
  {
    id: 'yellow-box', botanical: 'Eucalyptus melliodora', common: 'Yellow box', crownForm: 'spreading', ...evergreenTree, leaf: 'narrow',
    heightM: [5, 10, 17, 22], crownRatio: [0.6, 0.7, 0.85, 0.95], clearStem: [0.14, 0.24, 0.3, 0.3], dbhRatio: 0.045, seeThrough: 0.38, growth: { lobes: 12, droop: 0.5, angle: [48, 24], leader: 0.2, limbs: 7, crook: 0.6 }, leafMm: 110,
    bark: { low: [42, 8, 14], high: [74, 3, 14], marks: 'peeling' }, colours: { ...greens.dull, flower: [90, -2, 16] }, show: { flower: 0.1, fruit: 0 }, dates: { ...flush, flower: ['04-01', '06-10'] },
    habitats: [{ habitat: 'australian-bush', perHa: 20, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'grey-box', botanical: 'Eucalyptus microcarpa', common: 'Grey box', crownForm: 'irregular', ...evergreenTree, leaf: 'narrow',
    heightM: [5, 10, 17, 21], crownRatio: [0.5, 0.6, 0.72, 0.8], clearStem: [0.16, 0.28, 0.36, 0.36], dbhRatio: 0.04, seeThrough: 0.4, growth: { lobes: 11, droop: 0.4, crook: 0.5 }, leafMm: 110,
    bark: { low: [56, 2, 8], high: [64, 2, 9], marks: 'plated' }, colours: { ...greens.dull, summer: [46, -11, 16] }, show: noOrgans, dates: { ...flush },
    habitats: [{ habitat: 'australian-bush', perHa: 20, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'bottlebrush', botanical: 'Melaleuca citrina', common: 'Bottlebrush', crownForm: 'multi-stemmed', ...evergreenShrub, stems: 6, leaf: 'narrow', organs: { flower: 'spire' },
    heightM: [0.8, 1.6, 2.6, 4], crownRatio: [0.9, 0.95, 1, 1], seeThrough: 0.26, growth: { lobes: 7, droop: 0.3 }, leafMm: 60,
    bark: barks.grey, colours: { ...greens.dull, flower: [46, 62, 36] }, show: { flower: 0.4, fruit: 0 }, dates: { ...flush, flower: ['04-15', '06-10'] },
    habitats: [{ habitat: 'australian-bush', perHa: 120, ages: mixed }, { habitat: 'subtropical-park', perHa: 10, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'she-oak', botanical: 'Allocasuarina verticillata', common: 'Drooping she-oak', crownForm: 'rounded', ...scaled, habit: 'broadleaf', leaf: 'spine', organs: { fruit: 'balls' },
    heightM: [2.5, 5, 8, 11], crownRatio: [0.7, 0.75, 0.85, 0.9], clearStem: 0.2, dbhRatio: 0.034, seeThrough: 0.34, growth: { lobes: 9, droop: 0.8 }, leafMm: 120,
    bark: barks.dark, colours: { ...greens.dull, summer: [44, -8, 18], fruit: [40, 10, 18] }, show: { flower: 0, fruit: 0.06 }, dates: { ...flush, fruit: ['01-02', '12-28'] },
    habitats: [{ habitat: 'australian-bush', perHa: 30, ages: mixed }, { habitat: 'australian-desert', perHa: 8, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'grass-tree', botanical: 'Xanthorrhoea australis', common: 'Grass-tree', ...palm, arrangement: 'basal', leaf: 'narrow', organs: { flower: 'mace' },
    heightM: [0.8, 1.2, 1.8, 2.8], crownRatio: [1.4, 1.1, 0.85, 0.7], clearStem: [0.06, 0.24, 0.42, 0.56], crownBase: [0.02, 0.1, 0.24, 0.38], dbhRatio: 0.09, seeThrough: 0.24, growth: { lobes: 0, droop: 0.8 }, leafMm: 800,
    bark: { low: [22, 3, 4], high: [28, 4, 6], marks: 'ringed' }, colours: { ...greens.dull, summer: [48, -12, 26] }, show: noOrgans, dates: { ...flush },
    habitats: [{ habitat: 'australian-bush', perHa: 90, ages: mixed }], groups: { as: 'few', size: [1, 7] },
  },
  {
    id: 'kangaroo-grass', botanical: 'Themeda australis', common: 'Kangaroo grass', ...grass,
    heightM: [0.25, 0.45, 0.7, 1], crownRatio: [0.8, 0.7, 0.6, 0.55], stems: 20, seeThrough: 0.38, growth: { lobes: 0, droop: 0.3, leader: 0.35 }, leafMm: 250, bark: barks.straw,
    colours: { ...greens.grass, turning: [[60, 14, 34]], dead: [66, 8, 32], flower: [46, 18, 24] }, show: { flower: 0.22, fruit: 0 }, dates: { burst: '03-20', fullLeaf: '05-20', flower: ['05-25', '07-20'], turning: '06-20', fall: '08-20', bare: '10-20' }, standing: { winter: 0.7, green: 0.3 },
    habitats: [{ habitat: 'australian-bush', perHa: 3000, ages: wild }], groups: { as: 'carpet', size: [9, 31] },
  },
  {
    id: 'snow-grass', botanical: 'Poa hiemata', common: 'Snow grass', ...grass, keeps: 'evergreen',
    heightM: [0.15, 0.25, 0.4, 0.5], crownRatio: [1.1, 1.1, 1, 1], stems: 26, seeThrough: 0.3, growth: { lobes: 0, droop: 0.5, leader: 0.12 }, leafMm: 250, bark: barks.straw,
    colours: { ...greens.grass, summer: [60, -8, 26] }, show: noOrgans, dates: { ...flush },
    habitats: [{ habitat: 'australian-heights', perHa: 4000, ages: wild }], groups: { as: 'carpet', size: [9, 31] },
  },
  {
    id: 'alpine-mint-bush', botanical: 'Prostanthera cuneata', common: 'Alpine mint bush', crownForm: 'mound', ...evergreenShrub, stems: 12, leaf: 'small',
    heightM: [0.3, 0.6, 0.9, 1.3], crownRatio: [1.2, 1.25, 1.3, 1.3], seeThrough: 0.12, growth: { lobes: 5, droop: -0.4 }, leafMm: 10,
    bark: barks.twiggy, colours: { ...greens.deep, flower: [90, 6, -4] }, show: { flower: 0.5, fruit: 0 }, dates: { ...flush, flower: ['06-05', '07-20'] },
    habitats: [{ habitat: 'australian-heights', perHa: 200, ages: mixed }], groups: { as: 'drift', size: [3, 9] },
  },
  {
    id: 'alpine-ash', botanical: 'Eucalyptus delegatensis', common: 'Alpine ash', crownForm: ['ovate', 'ovate', 'irregular', 'irregular'], ...evergreenTree, leaf: 'narrow',
    heightM: [8, 20, 36, 48], crownRatio: [0.36, 0.3, 0.3, 0.34], clearStem: [0.16, 0.4, 0.55, 0.58], dbhRatio: 0.03, seeThrough: 0.42, growth: { lobes: 10, droop: 0.3 }, leafMm: 130,
    bark: { low: [48, 5, 10], high: [78, 1, 9], marks: 'peeling' }, colours: { ...greens.dull, summer: [44, -12, 18] }, show: noOrgans, dates: { ...flush },
    habitats: [{ habitat: 'australian-heights', perHa: 20, ages: mixed }], groups: { as: 'grove', size: [3, 7] },
  },
  {
    id: 'mulga', botanical: 'Acacia aneura', common: 'Mulga', crownForm: 'vase', ...evergreenTree, leaf: 'spine', stems: 2,
    heightM: [1.5, 3, 5, 7], crownRatio: [0.8, 0.85, 0.9, 0.95], clearStem: 0.16, dbhRatio: 0.03, seeThrough: 0.4, growth: { lobes: 8, droop: -0.4 }, leafMm: 50,
    bark: barks.dark, colours: { ...greens.grey, summer: [52, -7, 14], flower: [80, 8, 70] }, show: { flower: 0.2, fruit: 0 }, dates: { ...flush, flower: ['03-01', '05-01'] },
    habitats: [{ habitat: 'australian-desert', perHa: 60, ages: mixed }], groups: { as: 'few', size: [3, 7] },
  },
  {
    id: 'saltbush', botanical: 'Atriplex nummularia', common: 'Saltbush', crownForm: 'mound', ...evergreenShrub, stems: 10, leaf: 'small',
    heightM: [0.4, 0.9, 1.4, 2], crownRatio: [1.2, 1.25, 1.3, 1.3], seeThrough: 0.16, growth: { lobes: 6, droop: -0.3 }, leafMm: 25,
    bark: barks.twiggy, colours: { ...greens.grey, summer: [64, -5, 10] }, show: noOrgans, dates: { ...flush },
    habitats: [{ habitat: 'australian-desert', perHa: 300, ages: mixed }], groups: { as: 'drift', size: [3, 11] },
  },
  {
    id: 'hedgehog-broom', botanical: 'Erinacea anthyllis', common: 'Hedgehog broom', crownForm: 'mound', ...evergreenShrub, stems: 14, leaf: 'spine',
    heightM: [0.12, 0.2, 0.3, 0.4], crownRatio: [1.6, 1.7, 1.8, 1.9], seeThrough: 0.1, growth: { lobes: 4, droop: -0.7 }, leafMm: 20,
    bark: barks.twiggy, colours: { ...greens.grey, flower: [52, 24, -34] }, show: { flower: 0.6, fruit: 0 }, dates: { ...flush, flower: ['05-20', '06-30'] },
    habitats: [{ habitat: 'mediterranean-mountain', perHa: 900, ages: mixed }], groups: { as: 'drift', size: [5, 15] },
  },
  {
    id: 'greek-juniper', botanical: 'Juniperus excelsa', common: 'Greek juniper', crownForm: ['conical', 'conical', 'irregular', 'irregular'], ...scaled,
    heightM: [2, 5, 9, 13], crownRatio: [0.5, 0.5, 0.6, 0.7], clearStem: [0.02, 0.06, 0.14, 0.2], dbhRatio: 0.04, seeThrough: 0.12, growth: { lobes: 9, droop: -0.3, crook: 0.5 }, leafMm: 25,
    bark: barks.red, colours: { ...greens.needle, fruit: [40, 0, -14] }, show: { flower: 0, fruit: 0.06 }, dates: { ...flush, fruit: ['09-01', '03-01'] },
    habitats: [{ habitat: 'mediterranean-mountain', perHa: 40, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'mulberry', botanical: 'Morus alba', common: 'White mulberry', crownForm: 'rounded', ...tree, leaf: 'lobed', rows: { apartM: 6, inRowM: 6 },
    heightM: [3, 5, 8, 11], crownRatio: [0.8, 0.9, 0.95, 1], clearStem: 0.22, dbhRatio: 0.045, seeThrough: 0.16, growth: { lobes: 9, droop: 0.1, crook: 0.5 }, leafMm: 120,
    bark: barks.grey, colours: { ...greens.mid, turning: [[72, 0, 56]] }, show: noOrgans, dates: { ...usual },
    habitats: [{ habitat: 'rice-terrace', perHa: 6, ages: planted }, { habitat: 'vineyard', perHa: 4, ages: planted }, { habitat: 'olive-terrace', perHa: 4, ages: planted }], groups: { as: 'row', size: [3, 7] },
  },
]
