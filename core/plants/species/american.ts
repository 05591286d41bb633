import type { Species } from '../types'
import { barks, evergreenTree, evergreenShrub, flush, grass, greens, late, mixed, needled, noOrgans, paired, scaled, tree, usual } from './presets'

/** Trees and shrubs of North American woods, mountains and dry country. From memory. */
export const american: readonly Species[] = [
  {
    id: 'sugar-maple', botanical: 'Acer saccharum', common: 'Sugar maple', crownForm: ['ovate', 'ovate', 'rounded', 'rounded'], ...paired, leaf: 'lobed',
    heightM: [6, 13, 23, 28], crownRatio: [0.5, 0.56, 0.68, 0.76], clearStem: [0.12, 0.16, 0.2, 0.24], dbhRatio: 0.028, seeThrough: 0.12, growth: { lobes: 12, droop: 0 }, leafMm: 110,
    bark: barks.grey, colours: { ...greens.mid, turning: [[66, 22, 62], [54, 42, 48]] }, show: noOrgans, dates: { ...usual, turning: '09-20', fall: '10-06', bare: '11-02' },
    habitats: [{ habitat: 'eastern-wood', perHa: 80, ages: mixed }], groups: { as: 'grove', size: [3, 7] },
  },
  {
    id: 'red-maple', botanical: 'Acer rubrum', common: 'Red maple', crownForm: 'ovate', ...paired, leaf: 'lobed',
    heightM: [5, 11, 19, 23], crownRatio: [0.46, 0.5, 0.56, 0.62], clearStem: 0.18, dbhRatio: 0.025, seeThrough: 0.2, growth: { lobes: 10, droop: -0.1 }, leafMm: 90,
    bark: barks.smooth, colours: { ...greens.mid, turning: [[54, 38, 44], [42, 50, 34]], flower: [46, 44, 24] }, show: { flower: 0.14, fruit: 0 }, organs: { flower: 'keys' },
    dates: { ...usual, flower: ['04-01', '04-24'], turning: '09-14', fall: '10-02', bare: '10-30' },
    habitats: [{ habitat: 'eastern-wood', perHa: 50, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'white-oak', botanical: 'Quercus alba', common: 'White oak', crownForm: 'spreading', ...tree, leaf: 'lobed', keeps: 'holds dead leaves',
    heightM: [5, 11, 21, 26], crownRatio: [0.6, 0.74, 0.95, 1.1], clearStem: 0.18, dbhRatio: 0.04, seeThrough: 0.2, growth: { lobes: 12, droop: 0, angle: [78, 36], leader: 0.2, limbs: 7, crook: 0.55 }, leafMm: 140,
    bark: { low: [60, 1, 6], high: [62, 1, 6], marks: 'plated' }, colours: { ...greens.mid, turning: [[50, 24, 30], [44, 24, 26]] }, show: noOrgans, dates: { ...late, turning: '10-06', fall: '10-24', bare: '11-22' },
    habitats: [{ habitat: 'eastern-wood', perHa: 45, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'red-oak', botanical: 'Quercus rubra', common: 'Red oak', crownForm: 'rounded', ...tree, leaf: 'lobed',
    heightM: [6, 13, 23, 28], crownRatio: [0.55, 0.62, 0.74, 0.85], clearStem: 0.2, dbhRatio: 0.034, seeThrough: 0.2, growth: { lobes: 10, droop: 0 }, leafMm: 170,
    bark: barks.grey, colours: { ...greens.mid, turning: [[48, 34, 34], [40, 30, 26]] }, show: noOrgans, dates: { ...usual, turning: '09-30', fall: '10-18', bare: '11-18' },
    habitats: [{ habitat: 'eastern-wood', perHa: 40, ages: mixed }, { habitat: 'garden', perHa: 1, ages: [0, 0.4, 0.6, 0] }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'live-oak', botanical: 'Quercus virginiana', common: 'Live oak', crownForm: 'spreading', ...evergreenTree,
    heightM: [4, 8, 13, 17], crownRatio: [0.9, 1.2, 1.6, 2], clearStem: [0.14, 0.16, 0.16, 0.14], dbhRatio: 0.075, seeThrough: 0.14, growth: { lobes: 14, droop: 0.1, angle: [82, 48], leader: 0.1, limbs: 7, curve: 0.1, crook: 0.7 }, leafMm: 70,
    bark: barks.dark, colours: { ...greens.deep }, show: noOrgans, dates: { burst: '03-10', fullLeaf: '04-15' },
    habitats: [{ habitat: 'subtropical-park', perHa: 10, ages: mixed }, { habitat: 'eastern-wood', perHa: 2, ages: [0, 0.3, 0.5, 0.2] }], groups: { as: 'alone', size: [1, 1] },
  },
  {
    id: 'tulip-tree', botanical: 'Liriodendron tulipifera', common: 'Tulip tree', crownForm: 'ovate', ...tree, leaf: 'lobed',
    heightM: [7, 16, 28, 35], crownRatio: [0.36, 0.36, 0.42, 0.5], clearStem: [0.1, 0.24, 0.36, 0.4], dbhRatio: 0.028, seeThrough: 0.18, growth: { lobes: 10, droop: 0, leader: 0.85, limbs: 18 }, leafMm: 140,
    bark: barks.grey, colours: { ...greens.light, turning: [[76, 4, 68]], flower: [78, -8, 42] }, show: { flower: 0.08, fruit: 0 }, organs: { flower: 'fruits' }, dates: { ...usual, flower: ['05-25', '06-20'] },
    habitats: [{ habitat: 'eastern-wood', perHa: 25, ages: mixed }, { habitat: 'garden', perHa: 1, ages: [0, 0.4, 0.6, 0] }], groups: { as: 'few', size: [1, 3] },
  },
  {
    id: 'american-elm', botanical: 'Ulmus americana', common: 'American elm', crownForm: 'vase', ...tree,
    heightM: [6, 13, 24, 28], crownRatio: [0.55, 0.66, 0.85, 0.95], clearStem: [0.16, 0.22, 0.28, 0.3], dbhRatio: 0.034, seeThrough: 0.22, growth: { lobes: 11, droop: 0.35, angle: [30, 16], leader: 0.06, limbs: 7, curve: -0.35 }, leafMm: 100,
    bark: barks.grey, colours: { ...greens.mid, turning: [[72, 2, 58]] }, show: noOrgans, dates: { ...usual },
    habitats: [{ habitat: 'eastern-wood', perHa: 10, ages: mixed }], groups: { as: 'few', size: [1, 3] },
  },
  {
    id: 'shagbark-hickory', botanical: 'Carya ovata', common: 'Shagbark hickory', crownForm: 'ovate', ...tree, leaf: 'feathered',
    heightM: [5, 11, 21, 25], crownRatio: [0.4, 0.42, 0.48, 0.54], clearStem: 0.24, dbhRatio: 0.024, seeThrough: 0.24, growth: { lobes: 9, droop: -0.1 }, leafMm: 250,
    bark: { low: [52, 2, 6], high: [54, 2, 6], marks: 'peeling' }, colours: { ...greens.mid, turning: [[72, 8, 62], [58, 18, 50]] }, show: noOrgans, dates: { ...late },
    habitats: [{ habitat: 'eastern-wood', perHa: 25, ages: mixed }], groups: { as: 'few', size: [1, 3] },
  },
  {
    id: 'paper-birch', botanical: 'Betula papyrifera', common: 'Paper birch', crownForm: 'ovate', ...tree, leaf: 'small', organs: { flower: 'catkins' },
    heightM: [5, 10, 17, 20], crownRatio: [0.42, 0.44, 0.5, 0.54], clearStem: 0.24, dbhRatio: 0.018, seeThrough: 0.38, growth: { lobes: 0, droop: 0.1, angle: [44, 24], leader: 0.82, limbs: 18 }, leafMm: 70,
    bark: { low: [82, 2, 8], high: [88, 1, 6], marks: 'birch' }, colours: { ...greens.light, turning: [[76, 4, 68]], twig: [36, 12, 8], flower: [64, 2, 36] }, show: { flower: 0.08, fruit: 0 },
    dates: { burst: '04-28', fullLeaf: '05-22', flower: ['04-20', '05-10'], turning: '09-12', fall: '09-28', bare: '10-26' },
    habitats: [{ habitat: 'eastern-wood', perHa: 30, ages: mixed }], groups: { as: 'few', size: [3, 5] },
  },
  {
    id: 'quaking-aspen', botanical: 'Populus tremuloides', common: 'Quaking aspen', crownForm: 'ovate', ...tree, leaf: 'round',
    heightM: [5, 10, 17, 21], crownRatio: [0.34, 0.32, 0.34, 0.38], clearStem: [0.14, 0.34, 0.44, 0.5], dbhRatio: 0.017, seeThrough: 0.36, growth: { lobes: 8, droop: -0.1, leader: 0.82 }, leafMm: 50,
    bark: { low: [62, 0, 9], high: [82, -2, 10], marks: 'birch' }, colours: { ...greens.light, turning: [[78, 8, 72]] }, show: noOrgans, dates: { burst: '05-04', fullLeaf: '05-28', turning: '09-10', fall: '09-26', bare: '10-20' },
    habitats: [{ habitat: 'dry-interior', perHa: 14, ages: [0.5, 0.35, 0.15, 0] }, { habitat: 'eastern-wood', perHa: 10, ages: mixed }], groups: { as: 'grove', size: [5, 9] },
  },
  {
    id: 'eastern-white-pine', botanical: 'Pinus strobus', common: 'Eastern white pine', crownForm: ['conical', 'conical', 'layered', 'irregular'], ...needled, leaf: 'tuft',
    heightM: [6, 15, 28, 38], crownRatio: [0.5, 0.42, 0.42, 0.44], clearStem: [0.03, 0.12, 0.3, 0.4], dbhRatio: 0.022, seeThrough: 0.26, growth: { lobes: 12, droop: 0, angle: [86, 58], leader: 0.88, limbs: 20, curve: 0.15 }, leafMm: 100,
    bark: barks.dark, colours: { ...greens.blue, fruit: [48, 10, 20] }, show: { flower: 0, fruit: 0.05 }, dates: { ...flush, fruit: ['08-20', '02-01'] },
    habitats: [{ habitat: 'eastern-wood', perHa: 30, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'red-pine', botanical: 'Pinus resinosa', common: 'Red pine', crownForm: ['conical', 'ovate', 'rounded', 'rounded'], ...needled, leaf: 'tuft',
    heightM: [5, 12, 22, 28], crownRatio: [0.5, 0.4, 0.36, 0.4], clearStem: [0.04, 0.26, 0.48, 0.54], dbhRatio: 0.02, seeThrough: 0.28, growth: { lobes: 11, droop: 0, angle: [76, 44], leader: 0.78 }, leafMm: 130,
    bark: { low: [46, 14, 18], high: [52, 20, 26], marks: 'plated' }, colours: { ...greens.needle, fruit: [48, 12, 22] }, show: { flower: 0, fruit: 0.05 }, dates: { ...flush, fruit: ['09-01', '04-01'] },
    habitats: [{ habitat: 'eastern-wood', perHa: 25, ages: mixed }], groups: { as: 'grove', size: [3, 7] },
  },
  {
    id: 'lodgepole-pine', botanical: 'Pinus contorta', common: 'Lodgepole pine', crownForm: ['conical', 'conical', 'columnar', 'columnar'], ...needled, leaf: 'tuft',
    heightM: [4, 10, 20, 26], crownRatio: [0.4, 0.28, 0.2, 0.19], clearStem: [0.03, 0.24, 0.46, 0.5], dbhRatio: 0.014, seeThrough: 0.32, growth: { lobes: 10, droop: 0, angle: [78, 44], leader: 0.94, limbs: 26, curve: 0.3 }, leafMm: 60,
    bark: barks.plated, colours: { ...greens.needle, fruit: [46, 10, 18] }, show: { flower: 0, fruit: 0.06 }, dates: { ...flush, fruit: ['01-02', '12-28'] },
    habitats: [{ habitat: 'dry-interior', perHa: 60, ages: mixed }], groups: { as: 'grove', size: [5, 11] },
  },
  {
    id: 'blue-spruce', botanical: 'Picea pungens', common: 'Blue spruce', crownForm: 'conical', ...needled,
    heightM: [4, 10, 20, 28], crownRatio: [0.55, 0.46, 0.38, 0.32], clearStem: 0.02, dbhRatio: 0.018, seeThrough: 0.1, growth: { lobes: 0, droop: 0.1, angle: [90, 60] }, leafMm: 60,
    bark: barks.grey, colours: { ...greens.blue, summer: [50, -8, -2], fresh: [56, -8, 5], fruit: [58, 10, 28] }, show: { flower: 0, fruit: 0.04 }, dates: { ...flush, fruit: ['08-20', '12-20'] },
    habitats: [{ habitat: 'dry-interior', perHa: 8, ages: mixed }, { habitat: 'garden', perHa: 4, ages: [0.4, 0.4, 0.2, 0] }], groups: { as: 'few', size: [1, 3] },
  },
  {
    id: 'balsam-fir', botanical: 'Abies balsamea', common: 'Balsam fir', crownForm: 'conical', ...needled,
    heightM: [4, 9, 16, 20], crownRatio: [0.46, 0.36, 0.28, 0.26], clearStem: 0.03, dbhRatio: 0.017, seeThrough: 0.1, growth: { lobes: 0, droop: 0.1, angle: [92, 62] }, leafMm: 50,
    bark: barks.smooth, colours: { ...greens.needle }, show: noOrgans, dates: { ...flush },
    habitats: [{ habitat: 'eastern-wood', perHa: 30, ages: mixed }], groups: { as: 'few', size: [3, 7] },
  },
  {
    id: 'eastern-hemlock', botanical: 'Tsuga canadensis', common: 'Eastern hemlock', crownForm: 'conical', ...needled,
    heightM: [5, 12, 22, 30], crownRatio: [0.6, 0.5, 0.46, 0.44], clearStem: 0.05, dbhRatio: 0.022, seeThrough: 0.12, growth: { lobes: 0, droop: 0.6, angle: [92, 66] }, leafMm: 40,
    bark: barks.dark, colours: { ...greens.needle, fruit: [46, 10, 20] }, show: { flower: 0, fruit: 0.05 }, dates: { ...flush, fruit: ['09-01', '03-01'] },
    habitats: [{ habitat: 'eastern-wood', perHa: 35, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'eastern-redcedar', botanical: 'Juniperus virginiana', common: 'Eastern redcedar', crownForm: ['columnar', 'columnar', 'ovate', 'irregular'], ...scaled,
    heightM: [3, 6, 11, 14], crownRatio: [0.4, 0.36, 0.4, 0.5], clearStem: [0.02, 0.04, 0.1, 0.16], dbhRatio: 0.026, seeThrough: 0.07, growth: { lobes: 0, droop: -0.6, angle: [34, 16], leader: 0.86, limbs: 26 }, leafMm: 25,
    bark: barks.red, colours: { ...greens.needle, turning: [[40, 4, 18]], fruit: [50, -4, -12] }, show: { flower: 0, fruit: 0.08 }, dates: { ...flush, fruit: ['09-10', '02-20'] },
    habitats: [{ habitat: 'eastern-wood', perHa: 12, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'bald-cypress', botanical: 'Taxodium distichum', common: 'Bald cypress', crownForm: ['conical', 'conical', 'conical', 'flat-topped'], ...needled, keeps: 'deciduous', leaf: 'feathered',
    heightM: [6, 14, 25, 32], crownRatio: [0.4, 0.36, 0.36, 0.5], clearStem: [0.06, 0.14, 0.26, 0.4], dbhRatio: 0.036, seeThrough: 0.28, growth: { lobes: 0, droop: 0.1, angle: [84, 60] }, leafMm: 90,
    bark: barks.red, colours: { ...greens.light, turning: [[54, 22, 40], [46, 26, 34]] }, show: noOrgans, dates: { burst: '04-14', fullLeaf: '05-20', turning: '10-10', fall: '10-28', bare: '11-22' },
    habitats: [{ habitat: 'eastern-wood', perHa: 8, ages: mixed }, { habitat: 'subtropical-park', perHa: 4, ages: mixed }], groups: { as: 'few', size: [3, 5] },
  },
  {
    id: 'giant-sequoia', botanical: 'Sequoiadendron giganteum', common: 'Giant sequoia', crownForm: ['conical', 'conical', 'conical', 'columnar'], ...scaled,
    heightM: [8, 20, 40, 70], crownRatio: [0.5, 0.4, 0.3, 0.22], clearStem: [0.02, 0.04, 0.14, 0.4], dbhRatio: 0.055, seeThrough: 0.12, growth: { lobes: 0, droop: 0.1, angle: [96, 56] }, leafMm: 60,
    bark: { low: [42, 20, 24], high: [46, 20, 26], marks: 'furrowed' }, colours: { ...greens.needle }, show: noOrgans, dates: { ...flush },
    habitats: [{ habitat: 'dry-interior', perHa: 1, ages: [0.3, 0.3, 0.2, 0.2] }, { habitat: 'garden', perHa: 0.5, ages: [0, 0.4, 0.6, 0] }], groups: { as: 'alone', size: [1, 1] },
  },
  {
    id: 'bunchgrass', botanical: 'Pseudoroegneria spicata', common: 'Bunchgrass', ...grass,
    heightM: [0.25, 0.4, 0.6, 0.8], crownRatio: [0.8, 0.75, 0.7, 0.65], stems: 22, seeThrough: 0.38, growth: { lobes: 0, droop: 0, leader: 0.35 }, leafMm: 200, bark: barks.straw, organs: { flower: 'ear' },
    colours: { ...greens.grass, summer: [58, -8, 24], turning: [[70, 2, 34]], flower: [70, 3, 30] }, show: { flower: 0.2, fruit: 0 }, dates: { burst: '03-25', fullLeaf: '05-20', flower: ['06-01', '07-15'], turning: '07-01', fall: '09-01', bare: '11-01' }, standing: { winter: 0.6 },
    habitats: [{ habitat: 'dry-interior', perHa: 2500, ages: [0.2, 0.4, 0.4, 0] }], groups: { as: 'carpet', size: [7, 25] },
  },
  {
    id: 'rabbitbrush', botanical: 'Ericameria nauseosa', common: 'Rabbitbrush', crownForm: 'mound', ...evergreenShrub, leaf: 'spine',
    heightM: [0.4, 0.8, 1.2, 1.6], crownRatio: [1, 1.05, 1.1, 1.1], stems: 14, seeThrough: 0.26, growth: { lobes: 5, droop: -0.6 }, leafMm: 40,
    bark: barks.twiggy, colours: { ...greens.grey, flower: [76, 4, 70] }, show: { flower: 0.6, fruit: 0 }, dates: { burst: '04-20', fullLeaf: '06-10', flower: ['08-20', '10-05'] },
    habitats: [{ habitat: 'dry-interior', perHa: 300, ages: mixed }], groups: { as: 'drift', size: [3, 11] },
  },
]
