import { mixture } from './rows'

/**
 * What is mixed ahead and kept covered, by volume. Ratios are common practice where the ways of making say so;
 * how long each keeps is from memory: watered glue sours, watered paint settles, spirit only evaporates.
 */
export const mixtures = [
  mixture(
    'soaking-bath',
    'Soaking bath, matte medium 1 : 5',
    [
      { materialId: 'matte-medium', name: 'Matte medium', parts: 1 },
      { name: 'Water', parts: 5 },
    ],
    1.01,
    60,
    { note: 'Kept covered from one batch to the next.' },
  ),
  mixture(
    'sealing-water',
    'Sealing water, PVA 1 : 3',
    [
      { materialId: 'pva', name: 'PVA', parts: 1 },
      { name: 'Water', parts: 3 },
    ],
    1.02,
    30,
    { note: 'Shake it before use. Sour smell or strings: pour it away.' },
  ),
  mixture(
    'ground-medium',
    'Ground glue, matte medium 3 : 1',
    [
      { materialId: 'matte-medium', name: 'Matte medium', parts: 3 },
      { name: 'Water', parts: 1 },
    ],
    1.04,
    180,
  ),
  mixture(
    'wetting-mist',
    'Wetting mist, alcohol 7 : 3',
    [
      { materialId: 'wetting-alcohol', name: 'Wetting alcohol', parts: 7 },
      { name: 'Water', parts: 3 },
    ],
    0.87,
    365,
    { note: 'In a closed sprayer, away from flames and from the applicator.' },
  ),
  mixture(
    'dark-wash',
    'Dark wash, paint 1 : 8',
    [
      { materialId: 'paint-dark-brown', name: 'Acrylic paint, dark brown', parts: 1 },
      { name: 'Water', parts: 8 },
    ],
    1.01,
    60,
    { colour: '#4c3a2c', note: 'Stir it up: the colour settles.' },
  ),
  mixture(
    'wetting-water',
    'Wetting water, detergent 1 : 200',
    [
      { materialId: 'detergent', name: 'Washing-up liquid', parts: 1 },
      { name: 'Water', parts: 200 },
    ],
    1,
    14,
    { note: 'In place of alcohol where nothing may burn; slower to run in.' },
  ),
  mixture(
    'antistatic-mist',
    'Antistatic mist, softener 1 : 20',
    [
      { materialId: 'softener', name: 'Fabric softener', parts: 1 },
      { name: 'Water', parts: 20 },
    ],
    1,
    60,
    { note: 'On jars, funnels and shreds that cling; never where static fibre is to be thrown.' },
  ),
]
