import type { Commission, Line } from '../../core/commissions'

type LineSeed = Omit<Line, 'changedAt' | 'fieldsAt' | 'commissionId' | 'order'>

/**
 * The invented commissions of the demo. Dates are given as month and day; the builder puts them into the
 * coming season.
 */
export const commissionSeeds: readonly { readonly commission: Omit<Commission, 'changedAt' | 'fieldsAt' | 'dateDepicted' | 'deadline'>; readonly depicted: string; readonly due?: string; readonly lines: readonly LineSeed[] }[] = [
  {
    commission: { id: 'kestrel-halt', name: 'Kestrel Halt', ratio: 87.1, place: 'a forest halt in the hills', latitudeDeg: 49, altitudeM: 640, viewingMm: 700, stature: 0.75, boardWidthMm: 1500, boardDepthMm: 600,
      keepOuts: [{ id: 'kh-track', kind: 'line', widthMm: 40, points: [[0, 190], [420, 205], [900, 240], [1500, 250]] }, { id: 'kh-platform', kind: 'shape', widthMm: 0, points: [[480, 120], [860, 150], [860, 205], [480, 180]] }] },
    depicted: '10-04', due: '12-12',
    lines: [
      { id: 'kh-beech', name: 'Beech, old', speciesId: 'beech', age: 'mature', amount: { kind: 'pieces', pieces: 24 }, zone: 'middle', heightM: 23, methodId: 'sprig-tree', materials: { foliage: 'blend-kh-mix-base' }, boughtPriceMinor: 950 },
      { id: 'kh-beech-front', name: 'Beech, by the platform', speciesId: 'beech', age: 'mature', amount: { kind: 'pieces', pieces: 3 }, zone: 'front', heightM: 23, methodId: 'wire-broadleaf', boughtPriceMinor: 3200 },
      { id: 'kh-beech-young', name: 'Beech, young', speciesId: 'beech', age: 'semi-mature', amount: { kind: 'pieces', pieces: 10 }, zone: 'back', methodId: 'moulded-trunk', boughtPriceMinor: 620 },
      { id: 'kh-spruce', name: 'Norway spruce', speciesId: 'norway-spruce', age: 'mature', amount: { kind: 'pieces', pieces: 18 }, zone: 'back', heightM: 28, methodId: 'dowel-conifer', boughtPriceMinor: 780 },
      { id: 'kh-birch', name: 'Silver birch', speciesId: 'silver-birch', age: 'mature', amount: { kind: 'pieces', pieces: 15 }, zone: 'front', methodId: 'sprig-tree', boughtPriceMinor: 850 },
      { id: 'kh-rowan', name: 'Rowan', speciesId: 'rowan', age: 'mature', amount: { kind: 'pieces', pieces: 7 }, zone: 'front', methodId: 'sprig-tree', boughtPriceMinor: 850 },
      { id: 'kh-hazel', name: 'Hazel', speciesId: 'hazel', age: 'semi-mature', amount: { kind: 'pieces', pieces: 12 }, zone: 'middle', methodId: 'wool-bush', boughtPriceMinor: 180 },
      { id: 'kh-hedge', name: 'Field hedge', speciesId: 'blackthorn', age: 'semi-mature', amount: { kind: 'length', lengthMm: 1200, section: 'free' }, zone: 'middle', mix: [{ speciesId: 'hawthorn', share: 0.3 }, { speciesId: 'hazel', share: 0.15 }], heightM: 1.9, crownWidthM: 1.6, stature: 1, drawn: [[40, 300], [480, 318], [860, 352], [1230, 366]], gaps: [{ atMm: 560, widthMm: 45 }], methodId: 'twig-hedge', boughtPriceMinor: 1800 },
      { id: 'kh-tussocks', name: 'Pasture tussocks', speciesId: 'tufted-hair-grass', age: 'mature', heightM: 0.5, amount: { kind: 'pieces', pieces: 220 }, zone: 'front', stature: 1, methodId: 'tuft-sheet', boughtPriceMinor: 8 },
      { id: 'kh-meadow', name: 'Hay-meadow edge', speciesId: 'meadow-grass', mix: [{ speciesId: 'fescue', share: 0.35 }, { speciesId: 'oxeye-daisy', share: 0.1 }], age: 'semi-mature', amount: { kind: 'area', areaCm2: 420 }, drawn: [[1080, 16], [1480, 16], [1480, 121], [1080, 121]], zone: 'front', stature: 1, methodId: 'layered-grass' },
      { id: 'kh-bracken', name: 'Bracken', speciesId: 'bracken', age: 'semi-mature', amount: { kind: 'pieces', pieces: 60 }, zone: 'middle', stature: 1, methodId: 'field-fibre' },
    ],
  },
  {
    commission: { id: 'cold-saltings', name: 'Cold Saltings', ratio: 56, place: 'a gaming board by the sea', latitudeDeg: 52, altitudeM: 0, viewingMm: 900, stature: 0.75, boardWidthMm: 900, boardDepthMm: 600,
      keepOuts: [{ id: 'cs-creek', kind: 'line', widthMm: 60, points: [[300, 600], [340, 420], [480, 330], [520, 160], [640, 0]] }] },
    depicted: '04-20',
    lines: [
      { id: 'cs-reed', name: 'Reed', speciesId: 'common-reed', age: 'semi-mature', amount: { kind: 'area', areaCm2: 180 }, zone: 'middle', methodId: 'long-bunch' },
      { id: 'cs-gorse', name: 'Gorse in flower', speciesId: 'gorse', age: 'mature', amount: { kind: 'pieces', pieces: 30 }, zone: 'front', methodId: 'wool-bush', boughtPriceMinor: 150 },
      { id: 'cs-hawthorn', name: 'Hawthorn, wind-bent', speciesId: 'hawthorn', age: 'mature', amount: { kind: 'pieces', pieces: 9 }, zone: 'front', heightM: 4.2, crownWidthM: 4.6, leanDeg: 8, wind: 0.7, methodId: 'sprig-tree', boughtPriceMinor: 900 },
      { id: 'cs-couch', name: 'Sea couch', speciesId: 'sea-couch', age: 'mature', amount: { kind: 'area', areaCm2: 320 }, zone: 'front', stature: 1, methodId: 'layered-grass' },
    ],
  },
  {
    commission: { id: 'olive-steps', name: 'Olive Steps', ratio: 43.5, place: 'a terrace in the south', latitudeDeg: 38, altitudeM: 250, viewingMm: 450, stature: 1, boardWidthMm: 620, boardDepthMm: 420,
      keepOuts: [{ id: 'os-steps', kind: 'line', widthMm: 46, points: [[250, 0], [300, 180], [420, 420]] }] },
    depicted: '06-10',
    lines: [
      { id: 'os-olive', name: 'Olive', speciesId: 'olive', age: 'mature', amount: { kind: 'pieces', pieces: 5 }, zone: 'front', methodId: 'sprig-tree', boughtPriceMinor: 2400 },
      { id: 'os-cypress', name: 'Italian cypress', speciesId: 'italian-cypress', age: 'semi-mature', amount: { kind: 'pieces', pieces: 7 }, zone: 'back', heightM: 9, boughtPriceMinor: 1200 },
      { id: 'os-pine', name: 'Umbrella pine', speciesId: 'umbrella-pine', age: 'mature', amount: { kind: 'pieces', pieces: 3 }, zone: 'front', heightM: 9, methodId: 'wire-pine', boughtPriceMinor: 3800 },
      { id: 'os-oleander', name: 'Oleander', speciesId: 'oleander', age: 'mature', amount: { kind: 'pieces', pieces: 9 }, zone: 'middle', heightM: 2.6, methodId: 'wool-bush', boughtPriceMinor: 320 },
      { id: 'os-grass', name: 'Dry grass', speciesId: 'dry-grass', age: 'mature', amount: { kind: 'area', areaCm2: 260 }, zone: 'front', methodId: 'layered-grass' },
    ],
  },
  {
    commission: { id: 'mill-leat', name: 'Mill Leat', ratio: 76.2, place: 'a box diorama of a leat', latitudeDeg: 51, altitudeM: 40, viewingMm: 400, stature: 1, boardWidthMm: 420, boardDepthMm: 300 },
    depicted: '08-12', due: 'a Thursday soon',
    lines: [
      { id: 'ml-willowherb', name: 'Willowherb by the leat', speciesId: 'willowherb', age: 'mature', amount: { kind: 'pieces', pieces: 56 }, zone: 'front', methodId: 'field-fibre' },
      { id: 'ml-sallow', name: 'Sallow', speciesId: 'goat-willow', age: 'semi-mature', amount: { kind: 'pieces', pieces: 18 }, zone: 'middle', heightM: 2.4, methodId: 'wool-bush', boughtPriceMinor: 240 },
      { id: 'ml-alder', name: 'Alder', speciesId: 'alder', age: 'semi-mature', amount: { kind: 'pieces', pieces: 4 }, zone: 'middle', methodId: 'dwarf-shrub-tree', boughtPriceMinor: 1100 },
    ],
  },
]

/** Packs, harvests and counts on the demo's shelf: material, quantity, price in hundredths, days ago, label. */
export const lotSeeds: readonly (readonly [materialId: string, quantity: number, priceMinor: number | undefined, daysAgo: number, label: string, source?: 'harvested' | 'home-made'])[] = [
  ['sprigs', 35, 1900, 120, 'Box of sprigs, sorted once'], ['sprigs', 100, 5400, 110, 'Three boxes of sprigs'], ['sprigs', 60, 0, 62, 'Own bed, September cut', 'harvested'],
  ['trunk-medium', 14, 1250, 90, 'Bag of medium trunks'], ['trunk-large', 6, 1300, 90, 'Bag of large trunks'],
  ['filter-wool', 250, 350, 150, 'Aquarium filter wool'],
  ['foam-fine-light', 40, 480, 200, 'Bag, light green'], ['foam-fine-mid', 40, 480, 200, 'Bag, mid green'], ['foam-fine-dark', 40, 460, 200, 'Bag, dark green'],
  ['foam-fine-yellow', 40, 480, 75, 'Bag, yellow'], ['foam-fine-rust', 40, 480, 75, 'Bag, rust'], ['foam-fine-straw', 40, 480, 40, 'Bag, straw'],
  ['foam-medium-russet', 120, 1400, 60, 'Three bags, russet'], ['foam-medium-mid', 40, 480, 60, 'Bag, medium mid green'], ['foam-medium-olive', 40, 480, 60, 'Bag, olive'], ['clump-autumn', 60, 480, 60, 'Bag of clump, autumn'], ['clump-grey-green', 60, 480, 44, 'Bag of clump, grey-green'],
  ['static-straw-4', 20, 420, 130, 'Jar, straw 4 mm'], ['static-straw-6', 20, 420, 130, 'Jar, straw 6 mm'], ['static-summer-4', 20, 420, 130, 'Jar, summer 4 mm'], ['static-dead-4', 20, 400, 130, 'Jar, dead 4 mm'], ['static-summer-12', 20, 420, 30, 'Jar, summer 12 mm'], ['static-straw-12', 20, 420, 30, 'Jar, straw 12 mm'],
  ['backing', 30_000, 220, 130, 'Roll of greaseproof'], ['matte-medium', 250, 1150, 110, 'Bottle, opened'], ['pva', 1000, 750, 160, 'Litre of PVA'],
  ['contact-adhesive', 120, 890, 48, 'Tin'], ['hairspray', 300, 280, 58, 'Can, first'], ['spray-grey-brown', 400, 640, 58, 'Can, grey-brown'], ['spray-dark-brown', 400, 640, 58, 'Can, dark brown'], ['foam-fine-gold', 40, 480, 75, 'Bag, pale gold'], ['foam-fine-pale', 40, 480, 130, 'Bag, pale spring green'], ['static-pale-4', 20, 420, 130, 'Jar, pale 4 mm'], ['static-pale-6', 20, 420, 130, 'Jar, pale 6 mm'], ['wire-070', 40_000, 640, 70, 'Two coils, 0.7 mm'], ['wire-030', 50_000, 320, 70, 'Coil, 0.3 mm'], ['wire-100', 20_000, 480, 70, 'Coil, 1 mm'], ['wire-140', 10_000, 520, 70, 'Coil, 1.4 mm'], ['wire-045', 50_000, 380, 70, 'Coil, 0.45 mm'],
  ['dowel-4', 8, 720, 55, 'Bundle of rods, 4 mm'], ['sprigs', 33, 2500, 20, 'Quarter-bushel box'], ['pad-green', 6, 3720, 55, 'Six green pads'], ['pins', 100, 240, 55, 'Box of pins'], ['ca', 20, 480, 38, 'Bottle of CA'], ['activator', 100, 690, 38, 'Can of activator'], ['stain', 250, 640, 55, 'Tin of stain'], ['spray-adhesive', 400, 890, 50, 'Can of spray adhesive'], ['flat-varnish', 400, 690, 50, 'Can of flat clear'], ['foam-fine-conifer', 80, 960, 50, 'Two bags, conifer green'],
  ['latex', 10, 980, 66, 'Bottle of latex, the rest'], ['grout-grey', 1000, 390, 66, 'Bag of grout, grey'], ['paste', 60, 860, 66, 'Tub of paste, mostly used'], ['sawdust-fine', 300, 0, 66, 'Own sawdust, sieved', 'home-made'], ['scenic-cement', 40, 990, 66, 'Bottle of cement, the rest'], ['green-fibre', 20, 420, 66, 'Bag of teasing fibre'], ['paint-umber', 100, 420, 66, 'Tube, raw umber'], ['paint-pale-grey', 100, 420, 66, 'Tube, pale grey'], ['paint-grey-brown', 100, 420, 66, 'Tube, grey-brown'], ['spray-rust', 400, 640, 66, 'Can, rust'], ['spray-grey-primer', 400, 640, 66, 'Can, grey primer'], ['foam-fine-needle', 40, 480, 66, 'Bag, pine needle'], ['static-summer-2', 20, 420, 66, 'Jar, summer 2 mm'], ['curved-sprigs', 22, 0, 60, 'Curved ones of the sorted box', 'harvested'], ['leaf-mid', 25, 690, 30, 'Jar of leaf, mid green'], ['leaf-yellow', 25, 690, 30, 'Jar of leaf, autumn yellow'], ['leaf-russet', 25, 690, 30, 'Jar of leaf, russet'],
  ['hank-straw', 40, 900, 34, 'Two bags of hanks, straw'], ['hank-green', 20, 450, 34, 'Bag of hanks, green'], ['hank-brown', 20, 450, 34, 'Bag of hanks, brown'], ['horsehair', 1200, 1560, 42, 'Two sheets of horsehair'], ['thyme-stems', 900, 0, 42, 'Old thyme from the garden', 'harvested'], ['mesh-green', 390, 640, 42, 'Bag of mesh'], ['ivy-mesh-green', 375, 720, 42, 'Bag of fine mesh'], ['cloth-yellow', 1040, 150, 42, 'Towelling, yellow'], ['grass-mat', 600, 990, 90, 'Roll of mat'], ['soil-medium', 400, 0, 80, 'Own clay soil, sieved', 'home-made'], ['soil-fine', 250, 0, 80, 'Own clay soil, through a stocking', 'home-made'], ['lichen', 100, 560, 90, 'Bag of lichen'], ['floral-tape', 27_000, 260, 90, 'Roll of tape'], ['spray-brown', 400, 640, 42, 'Can, brown'], ['matte-medium', 250, 1150, 25, 'Bottle, new'], ['static-dark-2', 20, 420, 25, 'Jar, dark 2 mm'], ['static-spring-2', 20, 420, 25, 'Jar, spring 2 mm'], ['static-straw-10', 20, 420, 25, 'Jar, straw 10 mm'], ['wetting-alcohol', 500, 620, 25, 'Bottle of alcohol'],
  ['hairspray', 300, 280, 21, 'Can, second'], ['ca', 20, 480, 21, 'Bottle, second'], ['foam-fine-mid', 40, 480, 21, 'Second bag, mid green'],
  ['leaf-dark', 20, 690, 21, 'Second bag, dark green'], ['leaf-olive', 20, 690, 21, 'Second bag, olive grey'], ['pastel-green', 20, 350, 21, 'Second pot'],
  ['static-straw-2', 20, 420, 21, 'Jar, straw 2 mm'], ['leaf-litter', 60, 0, 30, 'Own leaves, dried and ground', 'home-made'],
  ['paint-dark-brown', 100, 420, 100, 'Tube, dark brown'], ['paint-dark-green', 100, 420, 100, 'Tube, dark green'],
]
