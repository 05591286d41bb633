import type { Species } from '../types'
import { barks, evergreenTree, flush, greens, late, mixed, paired, planted, tree, usual } from './presets'

const grid = (m: number): Species['rows'] => ({ apartM: m, inRowM: m })

/** Fruit trees, on their grid. From memory. */
export const orchard: readonly Species[] = [
  {
    id: 'peach', botanical: 'Prunus persica', common: 'Peach', crownForm: 'vase', ...tree, leaf: 'narrow', rows: grid(5), organs: { fruit: 'fruits' },
    heightM: [2, 3, 4, 5], crownRatio: [0.9, 1, 1.1, 1.15], clearStem: 0.18, dbhRatio: 0.036, seeThrough: 0.3, growth: { lobes: 8, droop: 0.1, angle: [46, 32], leader: 0.04, limbs: 5 }, leafMm: 110,
    bark: barks.dark, colours: { ...greens.mid, turning: [[70, 6, 54]], twig: [44, 18, 16], flower: [74, 34, -2], fruit: [66, 28, 44] }, show: { flower: 0.75, fruit: 0.16 }, dates: { ...usual, burst: '04-04', fullLeaf: '05-04', flower: ['03-20', '04-10'], fruit: ['07-10', '09-05'] },
    habitats: [{ habitat: 'orchard', perHa: 30, ages: planted }, { habitat: 'vineyard', perHa: 12, ages: planted }], groups: { as: 'row', size: [3, 9] },
  },
  {
    id: 'almond', botanical: 'Prunus dulcis', common: 'Almond', crownForm: 'rounded', ...tree, leaf: 'narrow', rows: grid(7), organs: { fruit: 'fruits' },
    heightM: [2, 4, 6, 8], crownRatio: [0.85, 0.9, 1, 1.05], clearStem: 0.22, dbhRatio: 0.04, seeThrough: 0.34, growth: { lobes: 8, droop: -0.1, leader: 0.1, limbs: 6 }, leafMm: 90,
    bark: barks.dark, colours: { ...greens.mid, turning: [[68, 4, 48]], flower: [90, 9, 0], fruit: [58, -4, 26] }, show: { flower: 0.8, fruit: 0.12 }, dates: { ...usual, burst: '03-15', fullLeaf: '04-20', flower: ['02-12', '03-14'], fruit: ['06-01', '09-20'] },
    habitats: [{ habitat: 'olive-terrace', perHa: 24, ages: planted }, { habitat: 'mediterranean-scrub', perHa: 4, ages: planted }], groups: { as: 'row', size: [3, 7] },
  },
  {
    id: 'orange', botanical: 'Citrus × sinensis', common: 'Orange', crownForm: 'rounded', ...evergreenTree, rows: grid(5), organs: { fruit: 'fruits' },
    heightM: [1.8, 3, 4.5, 6], crownRatio: [0.8, 0.86, 0.92, 0.95], clearStem: [0.2, 0.16, 0.12, 0.14], dbhRatio: 0.04, seeThrough: 0.05, growth: { lobes: 9, droop: 0.1 }, leafMm: 90,
    bark: barks.smooth, colours: { ...greens.deep, flower: [94, -1, 6], fruit: [68, 38, 72] }, show: { flower: 0.2, fruit: 0.2 }, dates: { ...flush, burst: '03-10', fullLeaf: '04-20', flower: ['04-10', '05-15'], fruit: ['11-01', '03-20'] },
    habitats: [{ habitat: 'olive-terrace', perHa: 30, ages: planted }, { habitat: 'subtropical-park', perHa: 10, ages: planted }], groups: { as: 'row', size: [3, 9] },
  },
  {
    id: 'sour-cherry', botanical: 'Prunus cerasus', common: 'Sour cherry', crownForm: 'rounded', ...tree, rows: grid(5), organs: { fruit: 'berries' },
    heightM: [2, 3.5, 5, 6.5], crownRatio: [0.8, 0.9, 0.95, 1], clearStem: 0.2, dbhRatio: 0.034, seeThrough: 0.28, growth: { lobes: 8, droop: 0.3 }, leafMm: 70,
    bark: barks.ringed, colours: { ...greens.mid, turning: [[64, 16, 52]], flower: [94, 0, 5], fruit: [40, 50, 32] }, show: { flower: 0.75, fruit: 0.24 }, dates: { ...usual, flower: ['04-18', '05-06'], fruit: ['06-25', '07-30'] },
    habitats: [{ habitat: 'orchard', perHa: 40, ages: planted }, { habitat: 'garden', perHa: 6, ages: planted }, { habitat: 'vineyard', perHa: 10, ages: planted }], groups: { as: 'row', size: [3, 7] },
  },
  {
    id: 'persimmon', botanical: 'Diospyros kaki', common: 'Persimmon', crownForm: 'rounded', ...tree, rows: grid(6), organs: { fruit: 'fruits' },
    heightM: [2.5, 4.5, 7, 9], crownRatio: [0.7, 0.76, 0.84, 0.9], clearStem: 0.2, dbhRatio: 0.032, seeThrough: 0.22, growth: { lobes: 8, droop: 0.2, crook: 0.5 }, leafMm: 130,
    bark: barks.plated, colours: { ...greens.mid, turning: [[58, 34, 48], [46, 42, 32]], fruit: [62, 42, 66] }, show: { flower: 0, fruit: 0.3 }, dates: { ...usual, burst: '04-24', fullLeaf: '05-24', fruit: ['10-01', '12-20'], turning: '10-10', fall: '10-28', bare: '11-22' },
    habitats: [{ habitat: 'rice-terrace', perHa: 8, ages: planted }, { habitat: 'east-asian-wood', perHa: 3, ages: planted }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'fig', botanical: 'Ficus carica', common: 'Fig', crownForm: 'multi-stemmed', ...tree, stems: 4, leaf: 'lobed', organs: { fruit: 'fruits' },
    heightM: [1.5, 3, 5, 7], crownRatio: [1, 1.05, 1.1, 1.15], clearStem: 0.06, dbhRatio: 0.03, seeThrough: 0.16, growth: { lobes: 9, droop: -0.1, crook: 0.5 }, leafMm: 190,
    bark: barks.smooth, colours: { ...greens.mid, turning: [[70, 0, 56]], fruit: [36, 12, -6] }, show: { flower: 0, fruit: 0.12 }, dates: { ...late, burst: '04-14', fullLeaf: '05-20', fruit: ['07-20', '10-10'], turning: '10-14', fall: '10-30', bare: '11-24' },
    habitats: [{ habitat: 'olive-terrace', perHa: 8, ages: planted }, { habitat: 'mediterranean-scrub', perHa: 6, ages: mixed }], groups: { as: 'alone', size: [1, 1] },
  },
  {
    id: 'pomegranate', botanical: 'Punica granatum', common: 'Pomegranate', crownForm: 'multi-stemmed', ...paired, stems: 6, leaf: 'small', organs: { fruit: 'fruits', flower: 'fruits' },
    heightM: [1.2, 2.2, 3.5, 5], crownRatio: [0.9, 0.95, 1, 1], clearStem: 0.04, dbhRatio: 0.022, seeThrough: 0.22, growth: { lobes: 8, droop: 0.1 }, leafMm: 50,
    bark: barks.twiggy, colours: { ...greens.mid, turning: [[76, 4, 64]], flower: [54, 58, 48], fruit: [52, 46, 34] }, show: { flower: 0.24, fruit: 0.18 }, dates: { ...late, burst: '04-10', fullLeaf: '05-20', flower: ['05-25', '07-20'], fruit: ['09-05', '11-20'] },
    habitats: [{ habitat: 'olive-terrace', perHa: 8, ages: planted }], groups: { as: 'few', size: [1, 3] },
  },
]
