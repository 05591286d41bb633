import type { Species } from '../types'
import { annual, barks, climber, grass, greens, herb, noOrgans, planted, usual, yearly } from './presets'

/** What fields and vineyards are sown and planted with, in rows. From memory. */
export const crops: readonly Species[] = [
  {
    id: 'wheat', botanical: 'Triticum aestivum', common: 'Wheat', ...grass, rows: { apartM: 0.13, inRowM: 0.05 }, organs: { flower: 'ear', fruit: 'ear' },
    heightM: [0.2, 0.5, 0.85, 1], crownRatio: [0.3, 0.24, 0.2, 0.2], stems: 6, seeThrough: 0.3, growth: { lobes: 0, droop: 0, leader: 0.72 }, leafMm: 250, bark: barks.straw,
    colours: { ...greens.grass, summer: [54, -18, 34], turning: [[72, 6, 48]], dead: [76, 6, 42], flower: [62, -12, 36], fruit: [72, 9, 46] }, show: { flower: 0.4, fruit: 0.5 }, dates: { burst: '10-20', fullLeaf: '05-20', flower: ['05-28', '06-24'], fruit: ['06-24', '08-05'], turning: '06-26', fall: '07-18', bare: '08-04' }, standing: { winter: 0.12, cut: '08-06' },
    habitats: [{ habitat: 'arable', perHa: 900000, ages: yearly }], groups: { as: 'carpet', size: [51, 499] },
  },
  {
    id: 'barley', botanical: 'Hordeum vulgare', common: 'Barley', ...grass, rows: { apartM: 0.13, inRowM: 0.05 }, organs: { flower: 'awned', fruit: 'awned' },
    heightM: [0.2, 0.45, 0.75, 0.9], crownRatio: [0.3, 0.24, 0.22, 0.22], stems: 6, seeThrough: 0.3, growth: { lobes: 0, droop: 0.4, leader: 0.72 }, leafMm: 220, bark: barks.straw,
    colours: { ...greens.grass, summer: [58, -18, 36], turning: [[76, 4, 44]], dead: [80, 4, 36], flower: [66, -12, 34], fruit: [80, 3, 36] }, show: { flower: 0.4, fruit: 0.5 }, dates: { burst: '03-20', fullLeaf: '05-20', flower: ['05-25', '06-18'], fruit: ['06-18', '07-25'], turning: '06-20', fall: '07-10', bare: '07-26' }, standing: { winter: 0, cut: '07-28' },
    habitats: [{ habitat: 'arable', perHa: 800000, ages: yearly }], groups: { as: 'carpet', size: [51, 499] },
  },
  {
    id: 'maize', botanical: 'Zea mays', common: 'Maize', ...grass, habit: 'reed', arrangement: 'alternate', leaf: 'broad', rows: { apartM: 0.75, inRowM: 0.15 }, organs: { flower: 'panicle', fruit: 'tassel' },
    heightM: [0.4, 1.2, 2.2, 2.6], crownRatio: [0.5, 0.4, 0.34, 0.32], stems: 1, seeThrough: 0.3, growth: { lobes: 0, droop: 0 }, leafMm: 700, bark: barks.straw,
    colours: { ...greens.grass, summer: [48, -20, 32], turning: [[70, 4, 42]], flower: [72, 4, 40], fruit: [72, 8, 44] }, show: { flower: 0.3, fruit: 0.2 }, dates: { burst: '05-10', fullLeaf: '07-15', flower: ['07-15', '08-15'], fruit: ['08-15', '10-10'], turning: '09-05', fall: '10-01', bare: '10-20' }, standing: { winter: 0, cut: '10-15' },
    habitats: [{ habitat: 'arable', perHa: 80000, ages: yearly }], groups: { as: 'carpet', size: [31, 301] },
  },
  {
    id: 'rape', botanical: 'Brassica napus', common: 'Oilseed rape', ...herb, arrangement: 'alternate', rows: { apartM: 0.25, inRowM: 0.1 }, organs: { flower: 'spire', fruit: 'spire' },
    heightM: [0.2, 0.7, 1.2, 1.5], crownRatio: [0.6, 0.45, 0.4, 0.4], stems: 5, seeThrough: 0.3, growth: { lobes: 0, droop: -0.5 }, leafMm: 180, bark: barks.straw,
    colours: { ...greens.blue, summer: [50, -14, 18], turning: [[66, 2, 40]], dead: [62, 8, 32], flower: [86, -4, 82], fruit: [62, -4, 36] }, show: { flower: 0.9, fruit: 0.4 }, dates: { burst: '02-25', fullLeaf: '04-20', flower: ['04-22', '05-24'], fruit: ['06-01', '07-20'], turning: '06-25', fall: '07-10', bare: '07-28' }, standing: { winter: 0.12, cut: '07-24' },
    habitats: [{ habitat: 'arable', perHa: 250000, ages: yearly }], groups: { as: 'carpet', size: [51, 499] },
  },
  {
    id: 'stubble', botanical: 'Triticum aestivum, cut', common: 'Stubble', ...grass, keeps: 'evergreen', rows: { apartM: 0.13, inRowM: 0.05 },
    heightM: [0.08, 0.12, 0.16, 0.22], crownRatio: [0.5, 0.4, 0.34, 0.3], stems: 7, seeThrough: 0.5, growth: { lobes: 0, droop: -0.4, leader: 0.9 }, leafMm: 100, bark: barks.straw,
    colours: { fresh: [76, 5, 38], summer: [74, 5, 38], turning: [], dead: [70, 5, 32], twig: [70, 5, 32] }, show: noOrgans, dates: { burst: '08-06', fullLeaf: '08-20' },
    habitats: [{ habitat: 'arable', perHa: 900000, ages: yearly }], groups: { as: 'carpet', size: [51, 499] }, note: 'Cut straw as it stands from harvest until the plough comes.',
  },
  {
    id: 'cabbage', botanical: 'Brassica oleracea', common: 'Cabbage', ...herb, arrangement: 'rosette', leaf: 'round', rows: { apartM: 0.6, inRowM: 0.5 }, organs: { flower: 'balls', fruit: 'balls' },
    heightM: [0.1, 0.22, 0.32, 0.4], crownRatio: [1.5, 1.5, 1.5, 1.4], stems: 1, seeThrough: 0.2, growth: { lobes: 0, droop: -0.4 }, leafMm: 320, bark: barks.green,
    colours: { ...greens.blue, summer: [58, -12, 14], turning: [[66, -4, 30]], dead: [58, 4, 26] }, show: noOrgans, dates: { ...annual, burst: '05-20', fullLeaf: '07-25', turning: '10-20', fall: '11-15', bare: '12-20' }, standing: { winter: 0.2 },
    habitats: [{ habitat: 'arable', perHa: 33000, ages: yearly }, { habitat: 'garden', perHa: 60, ages: yearly }], groups: { as: 'row', size: [9, 61] },
  },
  {
    id: 'sunflower', botanical: 'Helianthus annuus', common: 'Sunflower', ...herb, arrangement: 'opposite', leaf: 'round', rows: { apartM: 0.7, inRowM: 0.25 }, organs: { flower: 'daisy', fruit: 'balls' },
    heightM: [0.4, 1, 1.7, 2.1], crownRatio: [0.4, 0.32, 0.28, 0.26], stems: 1, seeThrough: 0.4, growth: { lobes: 0, droop: -0.6 }, leafMm: 220, bark: barks.green,
    colours: { ...greens.mid, turning: [[54, 2, 30]], dead: [44, 8, 22], eye: [30, 12, 18], flower: [77, 14, 74], fruit: [34, 10, 18] }, show: { flower: 0.5, fruit: 0.3 }, dates: { ...annual, burst: '05-01', fullLeaf: '07-01', flower: ['07-05', '08-20'], fruit: ['08-25', '10-05'], turning: '08-28', fall: '09-25', bare: '10-20' }, standing: { winter: 0 },
    habitats: [{ habitat: 'arable', perHa: 60000, ages: yearly }, { habitat: 'garden', perHa: 20, ages: yearly }], groups: { as: 'row', size: [9, 101] },
  },
  {
    id: 'grapevine', botanical: 'Vitis vinifera', common: 'Grapevine', ...climber, leaf: 'lobed', keeps: 'deciduous', stems: 3, rows: { apartM: 2, inRowM: 1.1 }, crownBase: 0.32, clearStem: 0.32, organs: { fruit: 'plates' },
    heightM: [0.9, 1.5, 1.8, 2], crownRatio: [0.6, 0.65, 0.7, 0.7], dbhRatio: 0.03, seeThrough: 0.22, growth: { lobes: 4, droop: 0.1, crook: 0.6 }, leafMm: 120,
    bark: { low: [38, 6, 10], high: [42, 8, 12], marks: 'peeling' }, colours: { ...greens.mid, turning: [[70, 6, 56], [54, 28, 40]], fruit: [28, 16, -10] }, show: { flower: 0, fruit: 0.14 }, dates: { ...usual, burst: '04-22', fullLeaf: '06-05', fruit: ['08-25', '10-12'], turning: '09-28', fall: '10-20', bare: '11-14' },
    habitats: [{ habitat: 'vineyard', perHa: 4500, ages: planted }], groups: { as: 'row', size: [9, 61] }, note: 'On wires; plan it by the metre to have whole rows.',
  },
  {
    id: 'hop', botanical: 'Humulus lupulus', common: 'Hop', ...climber, arrangement: 'opposite', leaf: 'lobed', keeps: 'deciduous', rows: { apartM: 3, inRowM: 1.5 }, organs: { fruit: 'berries' },
    heightM: [1.5, 3, 5, 7], crownRatio: [0.5, 0.34, 0.26, 0.22], dbhRatio: 0.004, seeThrough: 0.26, growth: { lobes: 4, droop: 0.5 }, leafMm: 110,
    bark: barks.green, colours: { ...greens.mid, turning: [[70, 0, 54]], fruit: [72, -12, 46] }, show: { flower: 0, fruit: 0.4 }, dates: { ...usual, burst: '04-20', fullLeaf: '07-01', fruit: ['08-10', '09-20'], turning: '09-15', fall: '10-05', bare: '11-01' },
    habitats: [{ habitat: 'arable', perHa: 900, ages: planted }, { habitat: 'hedge-bank', perHa: 30, ages: planted }], groups: { as: 'row', size: [5, 31] },
  },
]
