/** What goes wrong, how it looks, and what to do. All common practice. */
export const faults = {
  'shiny-patches': {
    looks: 'Shiny patches',
    cause: 'too much glue',
    todo: 'Cover with earth colour or a coat of matt varnish.',
  },
  'white-puddles': {
    looks: 'White puddles',
    cause: 'medium too thick',
    todo: 'Wait until it clears; thin the next bath.',
  },
  beads: {
    looks: 'Beads and craters',
    cause: 'not wetted, or the mist too coarse',
    todo: 'Add a drop of detergent to the water, or mist finer.',
  },
  'clogged-stems': {
    looks: 'Clogged stems',
    cause: 'too much spray',
    todo: 'Shake off, tease the tips apart before it sets, spray less.',
  },
  'one-sided': {
    looks: 'Flat, one-sided piece',
    cause: 'branches in one plane',
    todo: 'Bend it on all sides, or add a sprig where it is bare.',
  },
  'loud-two-tone': {
    looks: 'Loud two-tone',
    cause: 'tones too far apart',
    todo: 'Take closer tones; mist the base colour over it.',
  },
  'fallen-foliage': {
    looks: 'Foliage falls off',
    cause: 'the glue had dried before the flock came',
    todo: 'Spray again and put it back, or call it litter.',
  },
  'tuft-stuck': {
    looks: 'Tuft glued to the backing',
    cause: 'dot too large or sheet not a release sheet',
    todo: 'Slide a skewer or knife under; smaller dots next time.',
  },
  satin: { looks: 'Satin sheen', cause: 'gloss in the coat', todo: 'Matt coat over all.' },
  pancake: {
    looks: 'Bush as flat as a pancake',
    cause: 'pressed while wet',
    todo: 'Push up with a stick before it sets.',
  },
  'trunk-colour': {
    looks: 'Trunk too pale or too brown',
    cause: 'first coat left as it is',
    todo: 'A thin dark wash; trunks are grey and grey-brown.',
  },
  'joined-dots': {
    looks: 'Dots run together',
    cause: 'dots too close or too wet',
    todo: 'Cut the tuft in two when dry; wider gaps next time.',
  },
  'carpet-of-grass': {
    looks: 'Grass like a carpet',
    cause: 'one length, one tone',
    todo: 'Comb it with the vacuum; add a longer tone, sparse.',
  },
  'wrong-on-the-scene': {
    looks: 'Colour only wrong on the scene',
    cause: 'judged at the bench, not in place',
    todo: 'Dress one pilot piece and look at it in place, in daylight, before the rest.',
  },
  'lying-fibres': {
    looks: 'Fibres lie down',
    cause: 'poor earth, or the glue had skinned',
    todo: 'Check the clip, hold the applicator 10 mm off, work a smaller patch.',
  },
} as const

export type FaultId = keyof typeof faults

export interface Fault {
  readonly looks: string
  readonly cause: string
  readonly todo: string
}

/** The fault with this id; one that a later version wrote goes by its name. */
export const faultOf = (id: string): Fault =>
  Object.hasOwn(faults, id)
    ? faults[id as FaultId]
    : { looks: id.replaceAll('-', ' '), cause: 'known to a later version of the app', todo: '' }
