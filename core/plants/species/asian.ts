import type { Species } from '../types'
import { barks, evergreenShrub, flush, grass, greens, late, mixed, needled, noOrgans, planted, scaled, tree, usual, yearly } from './presets'

/** Trees, crops and grasses of East Asia. From memory. */
export const asian: readonly Species[] = [
  {
    id: 'zelkova', botanical: 'Zelkova serrata', common: 'Zelkova', crownForm: 'vase', ...tree, leaf: 'small',
    heightM: [5, 11, 20, 26], crownRatio: [0.6, 0.7, 0.86, 0.95], clearStem: [0.16, 0.18, 0.2, 0.18], dbhRatio: 0.036, seeThrough: 0.2, growth: { lobes: 11, droop: 0.05, angle: [32, 14], leader: 0.05, limbs: 8, curve: -0.2, crook: 0.16 }, leafMm: 60,
    bark: barks.smooth, colours: { ...greens.mid, turning: [[58, 28, 48], [48, 30, 36]] }, show: noOrgans, dates: { ...usual, turning: '10-08', fall: '10-28', bare: '11-20' },
    habitats: [{ habitat: 'east-asian-wood', perHa: 20, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'mume', botanical: 'Prunus mume', common: 'Japanese apricot', crownForm: 'rounded', ...tree,
    heightM: [2, 3.5, 5, 7], crownRatio: [0.85, 0.9, 1, 1.05], clearStem: 0.2, dbhRatio: 0.04, seeThrough: 0.34, growth: { lobes: 8, droop: -0.3, crook: 0.8, angle: [60, 26] }, leafMm: 70,
    bark: barks.dark, colours: { ...greens.mid, turning: [[66, 6, 50]], flower: [82, 22, -2] }, show: { flower: 0.7, fruit: 0 }, dates: { ...usual, flower: ['02-20', '03-24'] },
    habitats: [{ habitat: 'rice-terrace', perHa: 10, ages: planted }, { habitat: 'east-asian-wood', perHa: 6, ages: planted }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'japanese-red-pine', botanical: 'Pinus densiflora', common: 'Japanese red pine', crownForm: ['conical', 'irregular', 'irregular', 'flat-topped'], ...needled, leaf: 'tuft',
    heightM: [4, 9, 18, 24], crownRatio: [0.55, 0.5, 0.56, 0.7], clearStem: [0.04, 0.26, 0.44, 0.5], dbhRatio: 0.02, seeThrough: 0.32, growth: { lobes: 10, droop: 0, angle: [76, 46], crook: 0.75 }, leafMm: 90,
    bark: { low: [44, 12, 16], high: [56, 26, 32], marks: 'plated' }, colours: { ...greens.needle, fruit: [48, 10, 18] }, show: { flower: 0, fruit: 0.05 }, dates: { ...flush, fruit: ['09-01', '04-01'] },
    habitats: [{ habitat: 'east-asian-wood', perHa: 30, ages: mixed }, { habitat: 'rice-terrace', perHa: 4, ages: mixed }], groups: { as: 'few', size: [3, 5] },
  },
  {
    id: 'hinoki', botanical: 'Chamaecyparis obtusa', common: 'Hinoki cypress', crownForm: 'conical', ...scaled,
    heightM: [4, 11, 20, 30], crownRatio: [0.5, 0.36, 0.3, 0.28], clearStem: [0.04, 0.16, 0.3, 0.36], dbhRatio: 0.02, seeThrough: 0.1, growth: { lobes: 0, droop: 0.1, angle: [86, 56] }, leafMm: 40,
    bark: barks.red, colours: { ...greens.needle }, show: noOrgans, dates: { ...flush },
    habitats: [{ habitat: 'east-asian-wood', perHa: 90, ages: mixed }], groups: { as: 'grove', size: [3, 9] },
  },
  {
    id: 'camellia', botanical: 'Camellia japonica', common: 'Camellia', crownForm: 'ovate', ...evergreenShrub, stems: 2, organs: { flower: 'fruits' },
    heightM: [1, 2, 4, 6], crownRatio: [0.8, 0.76, 0.72, 0.75], clearStem: 0.06, dbhRatio: 0.022, seeThrough: 0.05, growth: { lobes: 8, droop: 0 }, leafMm: 80,
    bark: barks.smooth, colours: { ...greens.deep, flower: [46, 58, 26] }, show: { flower: 0.18, fruit: 0 }, dates: { ...flush, flower: ['02-01', '04-15'] },
    habitats: [{ habitat: 'east-asian-wood', perHa: 40, ages: mixed }, { habitat: 'garden', perHa: 3, ages: planted }], groups: { as: 'few', size: [1, 3] },
  },
  {
    id: 'tea', botanical: 'Camellia sinensis', common: 'Tea', crownForm: 'mound', ...evergreenShrub, stems: 12, rows: { apartM: 1.8, inRowM: 0.7 },
    heightM: [0.4, 0.7, 0.9, 1.1], crownRatio: [1.4, 1.5, 1.6, 1.6], seeThrough: 0.04, growth: { lobes: 6, droop: -0.4 }, leafMm: 60,
    bark: barks.twiggy, colours: { ...greens.deep, fresh: [57, -18, 42], flower: [93, -1, 10] }, show: { flower: 0.06, fruit: 0 }, dates: { burst: '04-05', fullLeaf: '05-20', flower: ['10-01', '11-20'] },
    habitats: [{ habitat: 'rice-terrace', perHa: 3000, ages: [0.1, 0.3, 0.6, 0] }], groups: { as: 'row', size: [9, 31] }, note: 'Clipped to a rounded hedge; plan it by the metre to have whole rows.',
  },
  {
    id: 'rice', botanical: 'Oryza sativa', common: 'Rice', ...grass, rows: { apartM: 0.3, inRowM: 0.18 },
    heightM: [0.2, 0.5, 0.9, 1.1], crownRatio: [0.5, 0.42, 0.36, 0.34], stems: 10, seeThrough: 0.3, growth: { lobes: 0, droop: 0.3, leader: 0.4 }, leafMm: 400, bark: barks.straw, organs: { fruit: 'panicle' },
    colours: { ...greens.grass, summer: [58, -20, 42], turning: [[72, 4, 50]], fruit: [70, 8, 52] }, show: { flower: 0, fruit: 0.5 }, dates: { burst: '05-20', fullLeaf: '07-20', fruit: ['08-20', '10-10'], turning: '08-28', fall: '10-05', bare: '10-20' }, standing: { winter: 0, cut: '10-08' },
    habitats: [{ habitat: 'rice-terrace', perHa: 180000, ages: yearly }], groups: { as: 'carpet', size: [31, 301] },
  },
  {
    id: 'plume-grass', botanical: 'Miscanthus sinensis', common: 'Plume grass', ...grass, organs: { flower: 'plume', fruit: 'plume' },
    heightM: [0.6, 1.2, 1.8, 2.2], crownRatio: [0.6, 0.56, 0.52, 0.5], stems: 18, seeThrough: 0.34, growth: { lobes: 0, droop: 0.5, leader: 0.3 }, leafMm: 700, bark: barks.straw,
    colours: { ...greens.grass, turning: [[70, 8, 44]], flower: [78, 6, 14], fruit: [88, 1, 8] }, show: { flower: 0.4, fruit: 0.4 }, dates: { burst: '04-20', fullLeaf: '07-01', flower: ['08-28', '10-05'], fruit: ['10-05', '02-20'], turning: '10-01', fall: '11-10', bare: '12-20' }, standing: { winter: 0.9 },
    habitats: [{ habitat: 'east-asian-wood', perHa: 300, ages: [0.2, 0.4, 0.4, 0] }, { habitat: 'rice-terrace', perHa: 200, ages: [0.2, 0.4, 0.4, 0] }, { habitat: 'garden', perHa: 10, ages: planted }], groups: { as: 'drift', size: [3, 9] },
  },
  {
    id: 'katsura', botanical: 'Cercidiphyllum japonicum', common: 'Katsura', crownForm: 'ovate', ...tree, arrangement: 'opposite', stems: 3, leaf: 'round',
    heightM: [4, 9, 16, 24], crownRatio: [0.5, 0.55, 0.62, 0.7], clearStem: 0.08, dbhRatio: 0.028, seeThrough: 0.24, growth: { lobes: 9, droop: 0 }, leafMm: 70,
    bark: barks.grey, colours: { ...greens.light, turning: [[74, 10, 58], [62, 26, 48]] }, show: noOrgans, dates: { ...late, burst: '04-12', fullLeaf: '05-10' },
    habitats: [{ habitat: 'east-asian-wood', perHa: 10, ages: mixed }, { habitat: 'garden', perHa: 1, ages: planted }], groups: { as: 'alone', size: [1, 1] },
  },
]
