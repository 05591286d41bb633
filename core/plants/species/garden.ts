import type { Species } from '../types'
import { annual, barks, climber, evergreenShrub, flush, grass, greens, herb, late, mixed, needled, noOrgans, paired, planted, scaled, shrub, tree, usual } from './presets'

const inGarden = (perHa: number): Species['habitats'] => [{ habitat: 'garden', perHa, ages: planted }]

/** Climbers, shrubs, flowers and hedges of gardens, and trees of streets and parks. From memory. */
export const garden: readonly Species[] = [
  {
    id: 'wisteria', botanical: 'Wisteria sinensis', common: 'Wisteria', ...climber, leaf: 'feathered', stems: 2, organs: { flower: 'catkins' },
    heightM: [1.5, 3, 5, 8], crownRatio: [1, 1, 1, 1], seeThrough: 0.26, growth: { lobes: 5, droop: 0.6, crook: 0.7 }, leafMm: 250,
    bark: barks.twiggy, colours: { ...greens.light, turning: [[72, 2, 54]], flower: [64, 22, -26] }, show: { flower: 0.7, fruit: 0 }, dates: { ...late, burst: '04-28', flower: ['05-01', '05-28'] },
    habitats: inGarden(4), groups: { as: 'few', size: [1, 1] },
  },
  {
    id: 'virginia-creeper', botanical: 'Parthenocissus quinquefolia', common: 'Virginia creeper', ...climber, leaf: 'hand', organs: { fruit: 'berries' },
    heightM: [1.5, 4, 7, 11], crownRatio: [1, 0.9, 0.85, 0.8], seeThrough: 0.08, growth: { lobes: 5, droop: 0.7 }, leafMm: 140,
    bark: barks.twiggy, colours: { ...greens.mid, turning: [[48, 38, 34], [38, 48, 26]], fruit: [22, 4, -14] }, show: { flower: 0, fruit: 0.06 }, dates: { ...usual, fruit: ['09-10', '11-20'], turning: '09-10', fall: '10-08', bare: '11-01' },
    habitats: inGarden(5), groups: { as: 'few', size: [1, 3] },
  },
  {
    id: 'climbing-rose', botanical: 'Rosa, climbing', common: 'Climbing rose', ...climber, leaf: 'feathered', stems: 4, organs: { flower: 'balls' },
    heightM: [1, 2, 3, 4.5], crownRatio: [0.9, 0.9, 0.9, 0.9], seeThrough: 0.3, growth: { lobes: 4, droop: 0.4 }, leafMm: 90,
    bark: barks.green, colours: { ...greens.deep, turning: [[60, 4, 44]], flower: [78, 26, 4] }, show: { flower: 0.55, fruit: 0 }, dates: { ...usual, burst: '04-02', flower: ['06-05', '08-05'], fall: '10-25', bare: '12-05' },
    habitats: inGarden(8), groups: { as: 'few', size: [1, 3] },
  },
  {
    id: 'wall-ivy', botanical: 'Hedera helix, on a wall', common: 'Ivy on a wall', ...climber, keeps: 'evergreen', leaf: 'lobed', organs: { fruit: 'berries' },
    heightM: [1, 2.5, 4.5, 7], crownRatio: [1.2, 1.1, 1, 0.95], seeThrough: 0.05, growth: { lobes: 6, droop: 0.5 }, leafMm: 70,
    bark: barks.twiggy, colours: { ...greens.deep, summer: [30, -13, 16], fruit: [18, 2, 0] }, show: { flower: 0, fruit: 0.08 }, dates: { ...flush, fruit: ['12-20', '04-20'] },
    habitats: inGarden(12), groups: { as: 'few', size: [1, 3] }, note: 'A sheet on a wall, as wide as its crown says; by the metre, as long as the wall.',
  },
  {
    id: 'garden-rose', botanical: 'Rosa, bedding', common: 'Garden rose', crownForm: 'multi-stemmed', ...shrub, leaf: 'feathered', stems: 7, rows: { apartM: 0.7, inRowM: 0.5 }, organs: { flower: 'balls' },
    heightM: [0.4, 0.7, 1, 1.3], crownRatio: [0.8, 0.8, 0.8, 0.8], seeThrough: 0.36, growth: { lobes: 4, droop: -0.4 }, leafMm: 70,
    bark: barks.green, colours: { ...greens.deep, turning: [[54, 12, 36]], flower: [52, 58, 26] }, show: { flower: 0.34, fruit: 0 }, dates: { ...usual, burst: '03-28', flower: ['06-08', '09-25'], fall: '11-01', bare: '12-15' },
    habitats: inGarden(90), groups: { as: 'row', size: [5, 15] },
  },
  {
    id: 'hydrangea', botanical: 'Hydrangea macrophylla', common: 'Hydrangea', crownForm: 'mound', ...shrub, arrangement: 'opposite', stems: 12, organs: { flower: 'domes' },
    heightM: [0.5, 0.9, 1.3, 1.7], crownRatio: [1.1, 1.15, 1.2, 1.2], seeThrough: 0.1, growth: { lobes: 6, droop: -0.3 }, leafMm: 150,
    bark: barks.twiggy, colours: { ...greens.mid, turning: [[64, 2, 46]], flower: [64, 10, -30] }, show: { flower: 0.6, fruit: 0 }, dates: { ...usual, flower: ['06-25', '09-10'] },
    habitats: [...inGarden(14), { habitat: 'east-asian-wood', perHa: 40, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'rhododendron', botanical: 'Rhododendron ponticum', common: 'Rhododendron', crownForm: 'mound', ...evergreenShrub, stems: 9, leaf: 'narrow', organs: { flower: 'domes' },
    heightM: [0.8, 1.8, 3, 4.5], crownRatio: [1.1, 1.15, 1.2, 1.25], seeThrough: 0.05, growth: { lobes: 8, droop: 0 }, leafMm: 150,
    bark: barks.twiggy, colours: { ...greens.deep, flower: [58, 38, -28] }, show: { flower: 0.6, fruit: 0 }, dates: { ...flush, flower: ['05-18', '06-18'] },
    habitats: [...inGarden(16), { habitat: 'woodland-edge', perHa: 20, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'lilac', botanical: 'Syringa vulgaris', common: 'Lilac', crownForm: 'multi-stemmed', ...shrub, arrangement: 'opposite', stems: 7, organs: { flower: 'candles' },
    heightM: [1.2, 2.4, 3.8, 5], crownRatio: [0.8, 0.82, 0.85, 0.9], clearStem: 0.04, seeThrough: 0.2, growth: { lobes: 8, droop: -0.3 }, leafMm: 80,
    bark: barks.twiggy, colours: { ...greens.mid, turning: [[62, -4, 40]], flower: [68, 20, -22] }, show: { flower: 0.5, fruit: 0 }, dates: { ...usual, burst: '03-28', fullLeaf: '05-01', flower: ['05-04', '05-28'] },
    habitats: inGarden(14), groups: { as: 'few', size: [1, 3] },
  },
  {
    id: 'forsythia', botanical: 'Forsythia × intermedia', common: 'Forsythia', crownForm: 'multi-stemmed', ...shrub, arrangement: 'opposite', stems: 14, leaf: 'narrow',
    heightM: [1, 1.6, 2.3, 3], crownRatio: [1, 1.05, 1.1, 1.1], seeThrough: 0.24, growth: { lobes: 6, droop: 0.35 }, leafMm: 90,
    bark: barks.twiggy, colours: { ...greens.mid, turning: [[62, 8, 44]], flower: [82, 5, 74] }, show: { flower: 0.8, fruit: 0 }, dates: { ...usual, burst: '04-10', flower: ['03-20', '04-18'] },
    habitats: inGarden(12), groups: { as: 'few', size: [1, 3] },
  },
  {
    id: 'hollyhock', botanical: 'Alcea rosea', common: 'Hollyhock', ...herb, leaf: 'round', organs: { flower: 'spire' },
    heightM: [0.5, 1.1, 1.8, 2.2], crownRatio: [0.5, 0.36, 0.28, 0.26], stems: 3, seeThrough: 0.44, growth: { lobes: 0, droop: -0.8 }, leafMm: 160, bark: barks.green,
    colours: { ...greens.mid, turning: [[58, 0, 34]], flower: [62, 50, 4] }, show: { flower: 0.6, fruit: 0 }, dates: { ...annual, flower: ['07-01', '09-05'] }, standing: { winter: 0.3 },
    habitats: inGarden(60), groups: { as: 'few', size: [3, 7] },
  },
  {
    id: 'delphinium', botanical: 'Delphinium elatum', common: 'Delphinium', ...herb, leaf: 'hand', organs: { flower: 'spire' },
    heightM: [0.4, 0.9, 1.4, 1.8], crownRatio: [0.5, 0.4, 0.34, 0.3], stems: 5, seeThrough: 0.44, growth: { lobes: 0, droop: -0.8 }, leafMm: 120, bark: barks.green,
    colours: { ...greens.mid, turning: [[60, 0, 34]], flower: [40, 26, -54] }, show: { flower: 0.7, fruit: 0 }, dates: { ...annual, flower: ['06-10', '07-15'] }, standing: { winter: 0.1 },
    habitats: inGarden(60), groups: { as: 'few', size: [3, 7] },
  },
  {
    id: 'lawn', botanical: 'Lolium perenne, mown', common: 'Lawn', ...grass, keeps: 'evergreen',
    heightM: [0.03, 0.04, 0.05, 0.08], crownRatio: [1.2, 1.1, 1, 1], stems: 16, seeThrough: 0.1, growth: { lobes: 0, droop: 0, leader: 0 }, leafMm: 40, bark: barks.green,
    colours: { ...greens.mid, summer: [50, -20, 36], fresh: [52, -22, 39] }, show: noOrgans, dates: { burst: '03-20', fullLeaf: '05-01' },
    habitats: inGarden(1), groups: { as: 'carpet', size: [31, 499] }, note: 'Plan it by area.',
  },
  {
    id: 'lawson-cypress', botanical: 'Chamaecyparis lawsoniana', common: 'Lawson cypress', crownForm: 'columnar', ...scaled, rows: { apartM: 1, inRowM: 0.6 },
    heightM: [2, 4, 8, 14], crownRatio: [0.4, 0.36, 0.34, 0.34], clearStem: 0.01, dbhRatio: 0.02, seeThrough: 0.03, growth: { lobes: 0, droop: 0.2, angle: [40, 20], leader: 0.9, limbs: 30 }, leafMm: 40,
    bark: barks.red, colours: { ...greens.needle }, show: noOrgans, dates: { ...flush },
    habitats: inGarden(30), groups: { as: 'row', size: [5, 15] }, note: 'Clipped as a hedge it keeps its leaves to the ground: plan it by the metre, trimmed.',
  },
  {
    id: 'white-cedar', botanical: 'Thuja occidentalis', common: 'White cedar', crownForm: 'conical', ...scaled, rows: { apartM: 0.8, inRowM: 0.5 },
    heightM: [1.5, 3, 7, 12], crownRatio: [0.44, 0.38, 0.34, 0.32], clearStem: 0.01, dbhRatio: 0.02, seeThrough: 0.04, growth: { lobes: 0, droop: -0.4, angle: [52, 26] }, leafMm: 30,
    bark: barks.red, colours: { ...greens.needle, turning: [[42, 4, 24]] }, show: noOrgans, dates: { ...flush },
    habitats: [...inGarden(30), { habitat: 'eastern-wood', perHa: 14, ages: mixed }], groups: { as: 'row', size: [5, 15] },
  },
  {
    id: 'black-pine', botanical: 'Pinus nigra', common: 'Black pine', crownForm: ['conical', 'ovate', 'irregular', 'flat-topped'], ...needled, leaf: 'tuft',
    heightM: [5, 11, 21, 27], crownRatio: [0.52, 0.44, 0.46, 0.6], clearStem: [0.03, 0.14, 0.32, 0.4], dbhRatio: 0.024, seeThrough: 0.16, growth: { lobes: 11, droop: -0.2, angle: [76, 46], leader: 0.76 }, leafMm: 130,
    bark: { low: [44, 4, 7], high: [52, 4, 8], marks: 'plated' }, colours: { ...greens.needle, summer: [28, -11, 12], fruit: [54, 10, 26] }, show: { flower: 0, fruit: 0.05 }, dates: { ...flush, fruit: ['10-01', '04-20'] },
    habitats: [{ habitat: 'mediterranean-mountain', perHa: 120, ages: mixed }, { habitat: 'garden', perHa: 2, ages: planted }, { habitat: 'dry-slope', perHa: 8, ages: mixed }], groups: { as: 'grove', size: [3, 7] },
  },
  {
    id: 'arolla-pine', botanical: 'Pinus cembra', common: 'Arolla pine', crownForm: ['columnar', 'columnar', 'columnar', 'irregular'], ...needled, leaf: 'tuft',
    heightM: [3, 8, 15, 21], crownRatio: [0.42, 0.36, 0.36, 0.44], clearStem: [0.02, 0.04, 0.1, 0.16], dbhRatio: 0.03, seeThrough: 0.12, growth: { lobes: 10, droop: -0.2, angle: [64, 30], leader: 0.86, limbs: 24, curve: 0.6 }, leafMm: 80,
    bark: barks.grey, colours: { ...greens.blue, fruit: [38, 12, -6] }, show: { flower: 0, fruit: 0.05 }, dates: { ...flush, fruit: ['08-01', '12-01'] },
    habitats: [{ habitat: 'mountain-slope', perHa: 50, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'robinia', botanical: 'Robinia pseudoacacia', common: 'Robinia', crownForm: ['ovate', 'ovate', 'irregular', 'irregular'], ...tree, leaf: 'feathered', organs: { flower: 'catkins', fruit: 'pods' },
    heightM: [5, 11, 19, 23], crownRatio: [0.5, 0.5, 0.54, 0.6], clearStem: [0.12, 0.26, 0.34, 0.36], dbhRatio: 0.028, seeThrough: 0.4, growth: { lobes: 9, droop: 0, crook: 0.7, angle: [48, 22] }, leafMm: 220,
    bark: { low: [46, 3, 8], high: [50, 3, 8], marks: 'furrowed' }, colours: { ...greens.light, turning: [[72, -2, 50]], flower: [92, -3, 14], fruit: [34, 10, 16] }, show: { flower: 0.5, fruit: 0.1 }, dates: { ...late, flower: ['05-22', '06-12'], fruit: ['09-20', '03-01'] },
    habitats: [{ habitat: 'waste-ground', perHa: 20, ages: mixed }, { habitat: 'garden', perHa: 3, ages: planted }, { habitat: 'eastern-wood', perHa: 8, ages: mixed }, { habitat: 'dry-slope', perHa: 6, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'copper-beech', botanical: 'Fagus sylvatica ‘Purpurea’', common: 'Copper beech', crownForm: 'rounded', ...tree, keeps: 'holds dead leaves',
    heightM: [6, 13, 23, 27], crownRatio: [0.58, 0.64, 0.76, 0.88], clearStem: 0.12, dbhRatio: 0.034, seeThrough: 0.12, growth: { lobes: 12, droop: 0.05, angle: [50, 18], leader: 0.52, limbs: 13, curve: 0.6 }, leafMm: 80,
    bark: { low: [57, 0, 5], high: [60, 0, 4], marks: 'smooth' }, colours: { fresh: [42, 28, 22], summer: [26, 14, 6], turning: [[46, 24, 34]], dead: [45, 20, 34], twig: [47, 8, 16] }, show: noOrgans, dates: { burst: '04-26', fullLeaf: '05-16', turning: '10-06', fall: '10-22', bare: '11-24' },
    habitats: inGarden(1), groups: { as: 'alone', size: [1, 1] },
  },
  {
    id: 'bird-cherry', botanical: 'Prunus padus', common: 'Bird cherry', crownForm: 'ovate', ...tree, organs: { flower: 'catkins' },
    heightM: [3, 6, 10, 13], crownRatio: [0.5, 0.54, 0.6, 0.64], clearStem: 0.12, dbhRatio: 0.02, seeThrough: 0.24, growth: { lobes: 9, droop: 0.1 }, leafMm: 80,
    bark: barks.dark, colours: { ...greens.mid, turning: [[60, 18, 48]], flower: [94, -1, 6] }, show: { flower: 0.5, fruit: 0 }, dates: { ...usual, burst: '03-28', fullLeaf: '04-28', flower: ['04-28', '05-18'], turning: '09-15' },
    habitats: [{ habitat: 'carr', perHa: 60, ages: mixed }, { habitat: 'boreal-forest', perHa: 20, ages: mixed }, { habitat: 'woodland-edge', perHa: 20, ages: mixed }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'black-poplar', botanical: 'Populus nigra', common: 'Black poplar', crownForm: 'spreading', ...tree, leaf: 'round',
    heightM: [7, 15, 25, 30], crownRatio: [0.5, 0.56, 0.68, 0.78], clearStem: 0.16, dbhRatio: 0.05, seeThrough: 0.28, growth: { lobes: 10, droop: 0.1, angle: [58, 24], leader: 0.4, limbs: 9, curve: -0.2, crook: 0.5 }, leafMm: 80,
    bark: barks.dark, colours: { ...greens.mid, turning: [[72, 2, 58]] }, show: noOrgans, dates: { ...usual },
    habitats: [{ habitat: 'carr', perHa: 6, ages: mixed }, { habitat: 'reed-swamp', perHa: 1, ages: planted }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'spindle', botanical: 'Euonymus europaeus', common: 'Spindle', crownForm: 'multi-stemmed', ...shrub, arrangement: 'opposite', stems: 6, organs: { fruit: 'berries' },
    heightM: [1, 2, 3, 4.5], crownRatio: [0.85, 0.9, 0.9, 0.9], seeThrough: 0.26, growth: { lobes: 7, droop: -0.2 }, leafMm: 60,
    bark: barks.green, colours: { ...greens.mid, turning: [[52, 32, 22], [44, 40, 14]], fruit: [58, 50, 6] }, show: { flower: 0, fruit: 0.24 }, dates: { ...usual, fruit: ['09-10', '11-20'], turning: '09-14', fall: '10-14', bare: '11-10' },
    habitats: [{ habitat: 'hedge-bank', perHa: 60, ages: mixed }, { habitat: 'woodland-edge', perHa: 30, ages: mixed }, { habitat: 'dry-slope', perHa: 12, ages: mixed }], groups: { as: 'few', size: [1, 3] },
  },
  {
    id: 'osier', botanical: 'Salix viminalis', common: 'Osier', crownForm: 'multi-stemmed', ...shrub, stems: 16, leaf: 'narrow', organs: { flower: 'catkins' },
    heightM: [1.5, 3, 4, 5], crownRatio: [0.6, 0.66, 0.7, 0.75], seeThrough: 0.34, growth: { lobes: 5, droop: -0.8, angle: [18, 6] }, leafMm: 150,
    bark: barks.twiggy, colours: { ...greens.grey, summer: [52, -15, 24], turning: [[72, 0, 50]], twig: [58, 4, 38], flower: [80, -4, 44] }, show: { flower: 0.3, fruit: 0 }, dates: { ...usual, burst: '04-08', flower: ['03-10', '04-10'], turning: '10-05' },
    habitats: [{ habitat: 'carr', perHa: 90, ages: mixed }, { habitat: 'reed-swamp', perHa: 30, ages: mixed }], groups: { as: 'drift', size: [3, 9] },
  },
  {
    id: 'norway-maple', botanical: 'Acer platanoides', common: 'Norway maple', crownForm: 'rounded', ...paired, leaf: 'lobed',
    heightM: [5, 12, 20, 24], crownRatio: [0.55, 0.62, 0.72, 0.8], clearStem: 0.16, dbhRatio: 0.03, seeThrough: 0.12, growth: { lobes: 11, droop: 0 }, leafMm: 130,
    bark: barks.grey, colours: { ...greens.mid, turning: [[76, 8, 68], [62, 26, 58]], flower: [78, -10, 60] }, show: { flower: 0.3, fruit: 0 }, dates: { ...usual, burst: '04-14', flower: ['04-08', '04-28'] },
    habitats: [{ habitat: 'garden', perHa: 3, ages: planted }, { habitat: 'broadleaf-wood', perHa: 12, ages: mixed }], groups: { as: 'row', size: [3, 7] },
  },
]
