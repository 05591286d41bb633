import type { Species } from '../types'
import { barks, greens, herb, noOrgans, shrub, usual } from './presets'

const wild = [0.2, 0.4, 0.4, 0] as [number, number, number, number]
const year = { burst: '04-01', fullLeaf: '06-10', turning: '08-25', fall: '10-05', bare: '11-25' } as const

/** What comes up by itself on waste ground, verges and wet corners. From memory. */
export const weeds: readonly Species[] = [
  {
    id: 'creeping-thistle', botanical: 'Cirsium arvense', common: 'Creeping thistle', ...herb, arrangement: 'alternate', leaf: 'narrow', organs: { flower: 'balls', fruit: 'balls' },
    heightM: [0.25, 0.5, 0.8, 1.1], crownRatio: [0.6, 0.5, 0.45, 0.42], stems: 7, seeThrough: 0.44, growth: { lobes: 0, droop: -0.5 }, leafMm: 130, bark: barks.straw,
    colours: { ...greens.grey, summer: [48, -14, 20], turning: [[58, 2, 28]], flower: [56, 32, -24], fruit: [84, 1, 8] }, show: { flower: 0.4, fruit: 0.4 }, dates: { ...year, flower: ['06-25', '08-20'], fruit: ['08-05', '09-25'] }, standing: { winter: 0.5 },
    habitats: [{ habitat: 'waste-ground', perHa: 900, ages: wild }, { habitat: 'pasture', perHa: 120, ages: wild }, { habitat: 'dry-slope', perHa: 60, ages: wild }], groups: { as: 'drift', size: [5, 15] },
  },
  {
    id: 'dock', botanical: 'Rumex obtusifolius', common: 'Dock', ...herb, leaf: 'broad', organs: { flower: 'spire', fruit: 'spire' },
    heightM: [0.3, 0.55, 0.85, 1.1], crownRatio: [0.8, 0.6, 0.5, 0.45], stems: 4, seeThrough: 0.4, growth: { lobes: 0, droop: -0.6 }, leafMm: 260, bark: barks.straw,
    colours: { ...greens.mid, turning: [[48, 20, 28]], dead: [34, 16, 20], flower: [56, 4, 32], fruit: [38, 24, 24] }, show: { flower: 0.4, fruit: 0.6 }, dates: { ...year, burst: '03-10', flower: ['06-05', '07-20'], fruit: ['07-20', '12-20'] }, standing: { winter: 0.75 },
    habitats: [{ habitat: 'waste-ground', perHa: 500, ages: wild }, { habitat: 'pasture', perHa: 150, ages: wild }], groups: { as: 'few', size: [1, 7] },
  },
  {
    id: 'willowherb', botanical: 'Chamaenerion angustifolium', common: 'Rosebay willowherb', ...herb, arrangement: 'alternate', leaf: 'narrow', organs: { flower: 'spire', fruit: 'spire' },
    heightM: [0.4, 0.8, 1.3, 1.7], crownRatio: [0.5, 0.4, 0.36, 0.32], stems: 7, seeThrough: 0.44, growth: { lobes: 0, droop: -0.8 }, leafMm: 140, bark: barks.straw,
    colours: { ...greens.mid, turning: [[50, 22, 36]], dead: [54, 8, 24], flower: [58, 46, -16], fruit: [84, 2, 8] }, show: { flower: 0.6, fruit: 0.5 }, dates: { ...year, burst: '04-10', flower: ['06-28', '08-25'], fruit: ['08-20', '10-10'] }, standing: { winter: 0.6 },
    habitats: [{ habitat: 'waste-ground', perHa: 700, ages: wild }, { habitat: 'woodland-edge', perHa: 200, ages: wild }, { habitat: 'boreal-forest', perHa: 100, ages: wild }], groups: { as: 'drift', size: [7, 21] },
  },
  {
    id: 'buddleia', botanical: 'Buddleja davidii', common: 'Buddleia', crownForm: 'multi-stemmed', ...shrub, arrangement: 'opposite', leaf: 'narrow', stems: 9, organs: { flower: 'spire' },
    heightM: [1, 2, 3, 4], crownRatio: [1, 1, 1, 1.05], seeThrough: 0.26, growth: { lobes: 7, droop: 0.3 }, leafMm: 180,
    bark: barks.twiggy, colours: { ...greens.grey, summer: [50, -14, 20], turning: [[58, -2, 30]], flower: [52, 28, -34] }, show: { flower: 0.4, fruit: 0 }, dates: { ...usual, flower: ['07-01', '09-20'], turning: '10-15', fall: '11-01', bare: '12-10' },
    habitats: [{ habitat: 'waste-ground', perHa: 120, ages: [0.5, 0.4, 0.1, 0] }, { habitat: 'garden', perHa: 6, ages: wild }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'horsetail', botanical: 'Equisetum arvense', common: 'Horsetail', ...herb, arrangement: 'opposite', leaf: 'narrow', organs: { flower: 'mace' },
    heightM: [0.12, 0.25, 0.4, 0.55], crownRatio: [0.5, 0.45, 0.4, 0.4], stems: 8, seeThrough: 0.5, growth: { lobes: 0, droop: -0.7 }, leafMm: 70, bark: barks.green,
    colours: { ...greens.light, turning: [[60, 2, 34]], flower: [70, 8, 34] }, show: { flower: 0.2, fruit: 0 }, dates: { burst: '03-28', fullLeaf: '05-25', flower: ['03-28', '05-05'], turning: '09-20', fall: '10-15', bare: '11-20' }, standing: { winter: 0.1 },
    habitats: [{ habitat: 'waste-ground', perHa: 900, ages: wild }, { habitat: 'carr', perHa: 300, ages: wild }], groups: { as: 'drift', size: [9, 25] },
  },
  {
    id: 'dandelion', botanical: 'Taraxacum officinale', common: 'Dandelion', ...herb, arrangement: 'rosette', leaf: 'lobed', organs: { flower: 'daisy', fruit: 'balls' },
    heightM: [0.08, 0.15, 0.22, 0.3], crownRatio: [1.5, 1.2, 1.1, 1], stems: 4, seeThrough: 0.5, growth: { lobes: 0, droop: -0.2 }, leafMm: 130, bark: barks.green,
    colours: { ...greens.mid, turning: [[56, -4, 32]], flower: [82, 6, 74], fruit: [88, 0, 4] }, show: { flower: 0.6, fruit: 0.5 }, dates: { burst: '03-05', fullLeaf: '04-15', flower: ['04-05', '05-18'], fruit: ['05-05', '06-10'], turning: '10-10', fall: '11-10', bare: '12-20' }, standing: { winter: 0.4, green: 0.8 },
    habitats: [{ habitat: 'pasture', perHa: 800, ages: wild }, { habitat: 'orchard', perHa: 900, ages: wild }, { habitat: 'waste-ground', perHa: 400, ages: wild }], groups: { as: 'drift', size: [7, 31] },
  },
  {
    id: 'hogweed', botanical: 'Heracleum sphondylium', common: 'Hogweed', ...herb, leaf: 'feathered', organs: { flower: 'umbel', fruit: 'umbel' },
    heightM: [0.5, 0.9, 1.4, 1.8], crownRatio: [0.8, 0.65, 0.55, 0.5], stems: 3, seeThrough: 0.46, growth: { lobes: 0, droop: -0.4 }, leafMm: 380, bark: barks.green,
    colours: { ...greens.mid, turning: [[58, 2, 34]], dead: [50, 8, 24], flower: [91, -2, 12], fruit: [56, 8, 26] }, show: { flower: 0.6, fruit: 0.6 }, dates: { ...year, flower: ['06-10', '08-15'], fruit: ['08-10', '12-01'] }, standing: { winter: 0.7 },
    habitats: [{ habitat: 'hedge-bank', perHa: 400, ages: wild }, { habitat: 'hay-meadow', perHa: 150, ages: wild }, { habitat: 'waste-ground', perHa: 120, ages: wild }], groups: { as: 'few', size: [3, 9] },
  },
  {
    id: 'mullein', botanical: 'Verbascum thapsus', common: 'Mullein', ...herb, leaf: 'broad', organs: { flower: 'spire', fruit: 'spire' },
    heightM: [0.3, 0.8, 1.4, 1.8], crownRatio: [1, 0.5, 0.34, 0.3], stems: 1, seeThrough: 0.44, growth: { lobes: 0, droop: -0.9 }, leafMm: 280, bark: barks.straw,
    colours: { ...greens.grey, turning: [[60, 2, 26]], dead: [40, 10, 20], flower: [82, 6, 68], fruit: [38, 10, 18] }, show: { flower: 0.4, fruit: 0.6 }, dates: { ...year, flower: ['06-20', '08-20'], fruit: ['08-20', '02-20'] }, standing: { winter: 0.85 },
    habitats: [{ habitat: 'waste-ground', perHa: 90, ages: wild }, { habitat: 'dry-slope', perHa: 60, ages: wild }], groups: { as: 'few', size: [1, 5] },
  },
  {
    id: 'wormwood', botanical: 'Artemisia absinthium', common: 'Wormwood', crownForm: 'mound', ...shrub, keeps: 'evergreen', stems: 12, leaf: 'spine', winterLeaf: 0.6,
    heightM: [0.3, 0.5, 0.8, 1], crownRatio: [1, 1, 1, 1], seeThrough: 0.3, growth: { lobes: 4, droop: -0.6 }, leafMm: 50,
    bark: barks.twiggy, colours: { ...greens.grey }, show: noOrgans, dates: { burst: '04-01', fullLeaf: '06-01' },
    habitats: [{ habitat: 'dry-slope', perHa: 300, ages: wild }, { habitat: 'waste-ground', perHa: 150, ages: wild }], groups: { as: 'drift', size: [3, 9] },
  },
]
