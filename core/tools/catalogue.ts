/** A tool that a step may name. Prices in hundredths, from memory; they are there to be overwritten. */
export interface Tool {
  readonly id: string
  /** On every bench: it is never counted as missing. */
  readonly usual?: boolean
  readonly priceMinor: number
  /** What one that is built at home costs in parts, hundredths; absent: it is bought. */
  readonly homeBuiltMinor?: number
  /** What a thrifty maker takes instead, common practice. */
  readonly instead?: string
  /** The caution of work that one of them does not survive: it is used up like stock. */
  readonly ruinedBy?: string
}

const usual = (id: string): Tool => ({ id, usual: true, priceMinor: 0 })
const tool = (id: string, priceMinor: number, instead?: string): Tool => ({
  id,
  priceMinor,
  ...(instead === undefined ? {} : { instead }),
})

export const tools: readonly Tool[] = [
  ...[
    'tweezers',
    'cutters',
    'scissors',
    'knife',
    'brush',
    'toothbrush',
    'bowl',
    'tub',
    'measuring cup',
    'scale',
    // What a caution asks to be worn.
    'gloves',
    'glasses',
    'dust mask',
  ].map(usual),
  ...[
    'catch tray',
    'coated carton',
    'flat blade',
    'foam block',
    'small spoon',
    'skewer',
    'pencil',
    'steel rule',
    'spray bottle',
    'tissue',
    'stick',
    'tape',
    'paper',
  ].map(usual),
  tool('drying line', 400, 'string and clothes pegs'),
  tool('steel tray', 300, 'a biscuit tin'),
  { ...tool('static applicator', 8500, 'a home-built one, which deserves more care'), homeBuiltMinor: 1500 },
  tool('earth lead', 200),
  tool('pliers', 900),
  tool('drill', 4500),
  tool('awl', 400, 'a darning needle in a cork'),
  tool('screwdriver', 500),
  tool('pin vice', 900),
  tool('saw and mitre box', 1400),
  tool('rasp', 1100),
  tool('belt sander', 6500, 'a knife: slower, and mind the thumb'),
  tool('vacuum', 4500, 'a hand sweeper and paper: loses more'),
  tool('drilled board', 600, 'drill one from the sheet'),
  tool('glue pot', 2800, 'a hot-glue gun: strings more'),
  tool('sieve', 700, 'a tea strainer that stays at the bench'),
  tool('hose', 1500, 'rain, and patience'),
  tool('stocking', 100, 'a fine tea strainer: slower'),
  tool('oven', 4500, 'sun and wind, in a dry week'),
  tool('oven tray', 300),
  tool('oven thermometer', 700),
  tool('blender', 2500, 'scissors, and an evening'),
  tool('mortar', 1500, 'a hammer and a strong bag'),
  tool('spade', 2200),
  tool('garden fork', 2400, 'a spade'),
  tool('drying screen', 900, 'a piece of mesh on four bricks'),
  // Each coat of latex ruins one (common practice); a bristle brush from the household shelf will do.
  { id: 'old brush', priceMinor: 60, ruinedBy: 'latex', instead: 'a wad of sponge on a stick' },
]

const byId = new Map(tools.map((row) => [row.id, row]))

/** The tool with this id; undefined for one of a later version. */
export const toolById = (id: string): Tool | undefined => byId.get(id)

/** Tools that can be there or not: those that no bench is without are left out. */
export const ownableTools: readonly Tool[] = tools.filter((row) => !row.usual)
