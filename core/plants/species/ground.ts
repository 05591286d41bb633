import type { Species } from '../types'

const blades = { crownForm: 'blades', arrangement: 'basal', keeps: 'dies back', origin: 'memory', clearStem: 0, dbhRatio: 0 } as const
const grass = { habit: 'grass', ...blades } as const
const herb = { habit: 'herb', ...blades } as const
const straw = { low: [60, 5, 28], high: [62, 4, 28], marks: 'none' } as const satisfies Species['bark']

/** Grasses, reeds, ferns and flowering herbs. From memory. */
export const ground: readonly Species[] = [
  {
    id: 'tufted-hair-grass', botanical: 'Deschampsia cespitosa', common: 'Tufted hair-grass', ...grass,
    heightM: [0.5, 0.8, 1.1, 1.4], crownRatio: [0.6, 0.55, 0.5, 0.48], stems: 26, seeThrough: 0.3, growth: { lobes: 0, droop: 0.4 }, leafMm: 400, bark: straw,
    colours: { fresh: [56, -19, 35], summer: [54, -15, 32], turning: [[64, 0, 36]], dead: [67, 3, 30], twig: [62, 4, 28], flower: [66, 2, 24] }, show: { flower: 0.2, fruit: 0 },
    dates: { burst: '03-20', fullLeaf: '05-20', flower: ['06-20', '08-05'], turning: '08-25', fall: '10-20', bare: '12-10' }, standing: { winter: 0.6 },
    habitats: [{ habitat: 'pasture', perHa: 600, ages: [0.2, 0.3, 0.4, 0.1] }, { habitat: 'carr', perHa: 900, ages: [0.3, 0.3, 0.3, 0.1] }, { habitat: 'woodland-edge', perHa: 500, ages: [0.3, 0.3, 0.4, 0] }, { habitat: 'mountain-slope', perHa: 800, ages: [0.3, 0.4, 0.3, 0] }], groups: { as: 'drift', size: [5, 15] },
  },
  {
    id: 'meadow-grass', botanical: 'Arrhenatherum elatius', common: 'Tall oat-grass', ...grass,
    heightM: [0.3, 0.6, 0.9, 1.2], crownRatio: [0.6, 0.5, 0.45, 0.4], stems: 20, seeThrough: 0.45, growth: { lobes: 0, droop: 0.15 }, leafMm: 300, bark: straw,
    colours: { fresh: [60, -19, 39], summer: [58, -14, 36], turning: [[70, 2, 38]], dead: [70, 4, 32], twig: [64, 4, 28], flower: [62, 6, 18] }, show: { flower: 0.24, fruit: 0 },
    dates: { burst: '03-15', fullLeaf: '05-20', flower: ['06-01', '07-08'], turning: '09-20', fall: '10-25', bare: '12-05' }, standing: { winter: 0.3, cut: '07-12' },
    habitats: [{ habitat: 'hay-meadow', perHa: 6000, ages: [0.1, 0.3, 0.4, 0.2] }, { habitat: 'hedge-bank', perHa: 1500, ages: [0.2, 0.4, 0.4, 0] }, { habitat: 'orchard', perHa: 900, ages: [0.4, 0.4, 0.2, 0] }, { habitat: 'woodland-edge', perHa: 900, ages: [0.2, 0.4, 0.4, 0] }], groups: { as: 'carpet', size: [9, 31] },
  },
  {
    id: 'fescue', botanical: 'Festuca ovina', common: 'Sheep’s fescue', ...grass,
    heightM: [0.08, 0.15, 0.25, 0.35], crownRatio: [1.1, 1, 0.9, 0.85], stems: 30, seeThrough: 0.3, growth: { lobes: 0, droop: 0.1, leader: 0.35 }, leafMm: 120, bark: straw,
    colours: { fresh: [58, -14, 27], summer: [56, -9, 22], turning: [[64, 0, 28]], dead: [68, 3, 28], twig: [64, 3, 26], flower: [66, 3, 22] }, show: { flower: 0.18, fruit: 0 },
    dates: { burst: '03-20', fullLeaf: '05-15', flower: ['05-25', '07-05'], turning: '08-10', fall: '10-20', bare: '12-15' }, standing: { winter: 0.6, green: 0.7 },
    habitats: [{ habitat: 'garden', perHa: 900, ages: [0.3, 0.5, 0.2, 0] }, { habitat: 'pasture', perHa: 2500, ages: [0.3, 0.4, 0.3, 0] }, { habitat: 'heath', perHa: 1200, ages: [0.3, 0.4, 0.3, 0] }, { habitat: 'mountain-slope', perHa: 1600, ages: [0.3, 0.4, 0.3, 0] }, { habitat: 'dry-slope', perHa: 2500, ages: [0.3, 0.4, 0.3, 0] }], groups: { as: 'carpet', size: [9, 25] },
  },
  {
    id: 'dry-grass', botanical: 'Brachypodium retusum', common: 'Mediterranean false-brome', ...grass,
    heightM: [0.2, 0.3, 0.45, 0.6], crownRatio: [1, 0.95, 0.9, 0.9], stems: 22, seeThrough: 0.4, growth: { lobes: 0, droop: 0.2 }, leafMm: 150, bark: straw,
    colours: { fresh: [62, -14, 34], summer: [60, -8, 34], turning: [[70, 4, 38]], dead: [74, 5, 36], twig: [66, 4, 30] }, show: { flower: 0, fruit: 0 },
    dates: { burst: '10-01', fullLeaf: '02-20', turning: '06-15', fall: '07-05', bare: '08-15' }, standing: { winter: 0.75 },
    habitats: [{ habitat: 'olive-terrace', perHa: 3000, ages: [0.2, 0.3, 0.4, 0.1] }, { habitat: 'mediterranean-scrub', perHa: 2000, ages: [0.3, 0.4, 0.3, 0] }], groups: { as: 'carpet', size: [9, 25] },
  },
  {
    id: 'feather-grass', botanical: 'Stipa pennata', common: 'Feather grass', ...grass,
    heightM: [0.25, 0.4, 0.6, 0.8], crownRatio: [0.8, 0.8, 0.8, 0.8], stems: 24, seeThrough: 0.4, growth: { lobes: 0, droop: 0.7 }, organs: { flower: 'feather' }, leafMm: 350, bark: straw,
    colours: { fresh: [62, -14, 30], summer: [60, -8, 28], turning: [[72, 2, 32]], dead: [75, 3, 28], twig: [66, 3, 26], flower: [84, 0, 14] }, show: { flower: 0.4, fruit: 0 },
    dates: { burst: '03-30', fullLeaf: '05-25', flower: ['05-28', '07-15'], turning: '07-05', fall: '09-10', bare: '11-10' }, standing: { winter: 0.6 },
    habitats: [{ habitat: 'dry-slope', perHa: 1800, ages: [0.2, 0.4, 0.4, 0] }], groups: { as: 'carpet', size: [7, 25] },
  },
  {
    id: 'marram', botanical: 'Ammophila arenaria', common: 'Marram', ...grass,
    heightM: [0.4, 0.7, 0.9, 1.1], crownRatio: [0.7, 0.7, 0.75, 0.75], stems: 26, seeThrough: 0.36, growth: { lobes: 0, droop: 0.25, leader: 0.14 }, organs: { flower: 'ear' }, leafMm: 600, bark: straw,
    colours: { fresh: [62, -10, 24], summer: [60, -6, 22], turning: [[66, 0, 28]], dead: [72, 3, 28], twig: [66, 3, 26], flower: [76, 2, 30] }, show: { flower: 0.16, fruit: 0 },
    dates: { burst: '03-25', fullLeaf: '06-05', flower: ['07-01', '08-20'], turning: '09-15', fall: '11-01', bare: '12-20' }, standing: { winter: 0.85 },
    habitats: [{ habitat: 'shoreline', perHa: 1800, ages: [0.2, 0.3, 0.4, 0.1] }], groups: { as: 'drift', size: [7, 21] },
  },
  {
    id: 'sea-couch', botanical: 'Elymus athericus', common: 'Sea couch', ...grass,
    heightM: [0.3, 0.5, 0.7, 0.9], crownRatio: [0.7, 0.65, 0.6, 0.6], stems: 22, seeThrough: 0.35, growth: { lobes: 0, droop: -0.1, leader: 0.3 }, organs: { flower: 'ear' }, leafMm: 250, bark: straw,
    colours: { fresh: [60, -10, 19], summer: [58, -8, 18], turning: [[66, 2, 28]], dead: [69, 2, 26], twig: [64, 3, 24], flower: [70, 1, 26] }, show: { flower: 0.16, fruit: 0 },
    dates: { burst: '03-28', fullLeaf: '05-28', flower: ['06-20', '08-15'], turning: '08-28', fall: '10-15', bare: '12-05' }, standing: { winter: 0.75 },
    habitats: [{ habitat: 'shoreline', perHa: 2600, ages: [0.2, 0.3, 0.4, 0.1] }], groups: { as: 'carpet', size: [9, 25] },
  },
  {
    id: 'spinifex', botanical: 'Triodia pungens', common: 'Hummock grass', ...grass, keeps: 'evergreen',
    heightM: [0.25, 0.4, 0.6, 0.8], crownRatio: [1.4, 1.7, 2, 2.2], stems: 40, seeThrough: 0.2, growth: { lobes: 0, droop: -0.2, leader: 0.08 }, leafMm: 250, bark: straw,
    colours: { fresh: [62, -10, 31], summer: [60, -4, 28], turning: [], dead: [68, 5, 32], twig: [64, 4, 28], flower: [74, 3, 34] }, show: { flower: 0.16, fruit: 0 },
    dates: { burst: '04-10', fullLeaf: '06-10', flower: ['05-20', '07-20'] },
    habitats: [{ habitat: 'australian-desert', perHa: 1400, ages: [0.2, 0.4, 0.3, 0.1] }], groups: { as: 'carpet', size: [7, 19] },
  },
  {
    id: 'bamboo', botanical: 'Phyllostachys bambusoides', common: 'Timber bamboo', ...grass, habit: 'reed', keeps: 'evergreen', arrangement: 'alternate',
    heightM: [4, 8, 13, 18], crownRatio: [0.5, 0.36, 0.28, 0.24], clearStem: 0.3, stems: 13, seeThrough: 0.34, growth: { lobes: 0, droop: 0.6 }, leaf: 'narrow', leafMm: 120,
    bark: { low: [52, -14, 30], high: [58, -14, 34], marks: 'ringed' },
    colours: { fresh: [56, -15, 36], summer: [52, -16, 34], turning: [], dead: [70, 2, 38], twig: [58, -8, 36] }, show: { flower: 0, fruit: 0 },
    dates: { burst: '05-01', fullLeaf: '06-20' },
    habitats: [{ habitat: 'east-asian-wood', perHa: 220, ages: [0.2, 0.4, 0.4, 0] }, { habitat: 'subtropical-park', perHa: 20, ages: [0.4, 0.4, 0.2, 0] }], groups: { as: 'grove', size: [5, 15] },
  },
  {
    id: 'common-reed', botanical: 'Phragmites australis', common: 'Common reed', leaf: 'narrow', ...blades, habit: 'reed',
    heightM: [1, 1.8, 2.5, 3], crownRatio: [0.3, 0.26, 0.24, 0.24], stems: 18, seeThrough: 0.4, arrangement: 'alternate', growth: { lobes: 0, droop: -0.2 }, organs: { flower: 'plume', fruit: 'plume' }, leafMm: 400, bark: straw,
    colours: { fresh: [58, -15, 32], summer: [56, -14, 28], turning: [[68, 0, 44]], dead: [71, 4, 32], twig: [66, 4, 30], flower: [50, 8, 14], fruit: [68, 4, 20] }, show: { flower: 0.2, fruit: 0.2 },
    dates: { burst: '04-22', fullLeaf: '06-25', flower: ['08-05', '09-30'], fruit: ['10-01', '03-20'], turning: '09-28', fall: '10-25', bare: '12-05' }, standing: { winter: 0.92 },
    habitats: [{ habitat: 'reed-swamp', perHa: 9000, ages: [0.2, 0.4, 0.3, 0.1] }, { habitat: 'carr', perHa: 500, ages: [0.4, 0.4, 0.2, 0] }, { habitat: 'shoreline', perHa: 300, ages: [0.4, 0.4, 0.2, 0] }], groups: { as: 'carpet', size: [15, 41] },
  },
  {
    id: 'bulrush', botanical: 'Typha latifolia', common: 'Bulrush', ...blades, habit: 'reed',
    heightM: [1, 1.5, 1.9, 2.2], crownRatio: [0.5, 0.45, 0.4, 0.4], stems: 12, seeThrough: 0.44, growth: { lobes: 0, droop: -0.3, leader: 0.24 }, leaf: 'broad', organs: { flower: 'mace', fruit: 'mace' }, leafMm: 900, bark: straw,
    colours: { fresh: [54, -16, 29], summer: [52, -16, 24], turning: [[66, 0, 42]], dead: [68, 6, 32], twig: [62, 5, 30], flower: [32, 12, 18], fruit: [34, 12, 18] }, show: { flower: 0.14, fruit: 0.14 },
    dates: { burst: '04-18', fullLeaf: '06-15', flower: ['06-25', '08-30'], fruit: ['08-20', '02-10'], turning: '09-20', fall: '10-20', bare: '12-01' }, standing: { winter: 0.8 },
    habitats: [{ habitat: 'reed-swamp', perHa: 900, ages: [0.2, 0.4, 0.4, 0] }], groups: { as: 'drift', size: [5, 15] },
  },
  {
    id: 'soft-rush', botanical: 'Juncus effusus', common: 'Soft rush', ...blades, habit: 'reed',
    heightM: [0.3, 0.5, 0.7, 0.9], crownRatio: [0.8, 0.75, 0.7, 0.7], stems: 30, seeThrough: 0.34, growth: { lobes: 0, droop: -0.4, leader: 0.5 }, organs: { flower: 'tassel' }, leafMm: 600, bark: straw,
    colours: { fresh: [51, -18, 29], summer: [48, -16, 26], turning: [[60, 0, 34]], dead: [62, 6, 30], twig: [58, 4, 28], flower: [44, 8, 22] }, show: { flower: 0.1, fruit: 0 },
    dates: { burst: '04-01', fullLeaf: '05-30', flower: ['06-10', '08-05'], turning: '10-01', fall: '11-10', bare: '12-28' }, standing: { winter: 0.92, green: 0.92 },
    habitats: [{ habitat: 'pasture', perHa: 250, ages: [0.2, 0.4, 0.4, 0] }, { habitat: 'carr', perHa: 500, ages: [0.2, 0.4, 0.4, 0] }, { habitat: 'reed-swamp', perHa: 500, ages: [0.3, 0.4, 0.3, 0] }], groups: { as: 'drift', size: [3, 11] },
  },
  {
    id: 'bracken', botanical: 'Pteridium aquilinum', common: 'Bracken', ...blades, habit: 'fern',
    heightM: [0.5, 0.9, 1.3, 1.8], crownRatio: [0.9, 0.9, 0.85, 0.8], arrangement: 'alternate', stems: 5, seeThrough: 0.25, growth: { lobes: 0, droop: 0.5 }, leafMm: 500,
    bark: { low: [42, 12, 24], high: [44, 8, 26], marks: 'none' },
    colours: { fresh: [54, -18, 38], summer: [52, -20, 38], turning: [[64, 8, 52], [54, 18, 44]], dead: [44, 17, 30], twig: [44, 14, 26] }, show: { flower: 0, fruit: 0 },
    dates: { burst: '05-04', fullLeaf: '06-18', turning: '09-10', fall: '10-12', bare: '11-20' }, standing: { winter: 0.4 },
    habitats: [{ habitat: 'woodland-edge', perHa: 900, ages: [0.2, 0.4, 0.4, 0] }, { habitat: 'heath', perHa: 700, ages: [0.3, 0.4, 0.3, 0] }, { habitat: 'broadleaf-wood', perHa: 250, ages: [0.3, 0.4, 0.3, 0] }, { habitat: 'pasture', perHa: 100, ages: [0.5, 0.4, 0.1, 0] }], groups: { as: 'drift', size: [7, 21] },
  },
  {
    id: 'male-fern', botanical: 'Dryopteris filix-mas', common: 'Male fern', ...blades, habit: 'fern',
    heightM: [0.3, 0.5, 0.8, 1.1], crownRatio: [1.2, 1.2, 1.2, 1.2], stems: 7, seeThrough: 0.3, growth: { lobes: 0, droop: 0.3 }, leafMm: 400,
    bark: { low: [40, 8, 20], high: [44, -4, 24], marks: 'none' },
    colours: { fresh: [55, -21, 41], summer: [48, -20, 34], turning: [[62, 2, 44]], dead: [44, 12, 26], twig: [44, 8, 22] }, show: { flower: 0, fruit: 0 },
    dates: { burst: '04-18', fullLeaf: '05-28', turning: '09-28', fall: '10-25', bare: '12-05' }, standing: { winter: 0.25 },
    habitats: [{ habitat: 'garden', perHa: 30, ages: [0.3, 0.4, 0.3, 0] }, { habitat: 'broadleaf-wood', perHa: 400, ages: [0.2, 0.4, 0.4, 0] }, { habitat: 'hedge-bank', perHa: 500, ages: [0.3, 0.4, 0.3, 0] }, { habitat: 'east-asian-wood', perHa: 300, ages: [0.3, 0.4, 0.3, 0] }, { habitat: 'carr', perHa: 300, ages: [0.3, 0.4, 0.3, 0] }], groups: { as: 'few', size: [3, 7] },
  },
  {
    id: 'cow-parsley', botanical: 'Anthriscus sylvestris', common: 'Cow parsley', ...herb,
    heightM: [0.3, 0.6, 0.9, 1.2], crownRatio: [0.7, 0.65, 0.6, 0.55], stems: 8, seeThrough: 0.5, growth: { lobes: 0, droop: -0.3 }, leaf: 'feathered', organs: { flower: 'umbel' }, leafMm: 200, bark: straw,
    colours: { fresh: [53, -19, 35], summer: [50, -18, 32], turning: [[62, 0, 38]], dead: [56, 6, 26], twig: [54, 4, 24], flower: [94, -2, 8] }, show: { flower: 0.5, fruit: 0 },
    dates: { burst: '02-25', fullLeaf: '04-28', flower: ['05-04', '06-14'], turning: '07-01', fall: '08-01', bare: '09-30' }, standing: { winter: 0.2 },
    habitats: [{ habitat: 'hedge-bank', perHa: 1600, ages: [0.2, 0.4, 0.4, 0] }, { habitat: 'woodland-edge', perHa: 400, ages: [0.3, 0.4, 0.3, 0] }, { habitat: 'orchard', perHa: 200, ages: [0.4, 0.4, 0.2, 0] }], groups: { as: 'drift', size: [5, 15] },
  },
  {
    id: 'oxeye-daisy', botanical: 'Leucanthemum vulgare', common: 'Oxeye daisy', ...herb,
    heightM: [0.2, 0.35, 0.5, 0.65], crownRatio: [0.6, 0.55, 0.5, 0.5], stems: 10, seeThrough: 0.5, growth: { lobes: 0, droop: -0.4 }, organs: { flower: 'daisy' }, leafMm: 60, bark: straw,
    colours: { fresh: [52, -18, 32], summer: [48, -17, 28], turning: [[58, 0, 32]], dead: [56, 6, 26], twig: [54, 4, 24], eye: [78, 8, 72], flower: [94, 0, 12] }, show: { flower: 0.5, fruit: 0 },
    dates: { burst: '03-15', fullLeaf: '05-20', flower: ['06-01', '07-20'], turning: '08-10', fall: '09-20', bare: '11-15' }, standing: { winter: 0.15, cut: '07-12' },
    habitats: [{ habitat: 'garden', perHa: 120, ages: [0.3, 0.4, 0.3, 0] }, { habitat: 'hay-meadow', perHa: 1500, ages: [0.2, 0.4, 0.4, 0] }, { habitat: 'hedge-bank', perHa: 200, ages: [0.3, 0.4, 0.3, 0] }], groups: { as: 'drift', size: [5, 15] },
  },
  {
    id: 'poppy', botanical: 'Papaver rhoeas', common: 'Poppy', ...herb,
    heightM: [0.2, 0.35, 0.5, 0.6], crownRatio: [0.6, 0.55, 0.5, 0.5], stems: 8, seeThrough: 0.55, growth: { lobes: 0, droop: -0.2 }, organs: { flower: 'cup' }, leafMm: 80, bark: straw,
    colours: { fresh: [56, -15, 28], summer: [54, -14, 24], turning: [[60, 0, 30]], dead: [62, 5, 28], twig: [56, 2, 24], flower: [48, 66, 50] }, show: { flower: 0.5, fruit: 0 },
    dates: { burst: '03-25', fullLeaf: '05-25', flower: ['06-01', '07-25'], turning: '07-20', fall: '08-20', bare: '10-10' }, standing: { winter: 0 },
    habitats: [{ habitat: 'arable', perHa: 2000, ages: [0.2, 0.4, 0.4, 0] }, { habitat: 'olive-terrace', perHa: 500, ages: [0.2, 0.4, 0.4, 0] }], groups: { as: 'drift', size: [5, 15] },
  },
  {
    id: 'nettle', botanical: 'Urtica dioica', common: 'Nettle', ...herb, arrangement: 'opposite',
    heightM: [0.3, 0.6, 1, 1.4], crownRatio: [0.7, 0.6, 0.5, 0.45], stems: 14, seeThrough: 0.36, growth: { lobes: 0, droop: -0.6 }, leafMm: 90, bark: straw,
    colours: { fresh: [51, -18, 31], summer: [42, -17, 24], turning: [[54, -4, 32]], dead: [52, 6, 22], twig: [50, 6, 20] }, show: { flower: 0, fruit: 0 },
    dates: { burst: '03-18', fullLeaf: '06-10', turning: '09-20', fall: '10-15', bare: '11-25' }, standing: { winter: 0.45 },
    habitats: [{ habitat: 'hedge-bank', perHa: 900, ages: [0.2, 0.4, 0.4, 0] }, { habitat: 'carr', perHa: 500, ages: [0.2, 0.4, 0.4, 0] }, { habitat: 'pasture', perHa: 80, ages: [0.3, 0.4, 0.3, 0] }], groups: { as: 'drift', size: [5, 15] },
  },
  {
    id: 'foxglove', botanical: 'Digitalis purpurea', common: 'Foxglove', ...herb,
    heightM: [0.3, 0.7, 1.2, 1.6], crownRatio: [0.8, 0.5, 0.36, 0.32], stems: 4, seeThrough: 0.5, growth: { lobes: 0, droop: -0.8 }, organs: { flower: 'spire' }, leafMm: 180, bark: straw,
    colours: { fresh: [53, -16, 30], summer: [50, -16, 26], turning: [[58, 0, 30]], dead: [48, 8, 24], twig: [48, 6, 22], flower: [54, 44, -20] }, show: { flower: 0.5, fruit: 0 },
    dates: { burst: '03-20', fullLeaf: '05-25', flower: ['06-05', '07-25'], turning: '08-15', fall: '09-20', bare: '11-20' }, standing: { winter: 0.3 },
    habitats: [{ habitat: 'woodland-edge', perHa: 160, ages: [0.2, 0.4, 0.4, 0] }, { habitat: 'hedge-bank', perHa: 160, ages: [0.2, 0.4, 0.4, 0] }, { habitat: 'garden', perHa: 60, ages: [0.2, 0.5, 0.3, 0] }, { habitat: 'mountain-slope', perHa: 60, ages: [0.3, 0.4, 0.3, 0] }], groups: { as: 'few', size: [3, 9] },
  },
]
