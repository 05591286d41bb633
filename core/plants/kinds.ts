/** The words that species are described in. Apart from the schema, so that what draws plants need not load it. */

export const ages = ['young', 'semi-mature', 'mature', 'veteran'] as const
export type Age = (typeof ages)[number]

export const habits = [
  'conifer',
  'broadleaf',
  'palm',
  'shrub',
  'climber',
  'grass',
  'reed',
  'fern',
  'herb',
] as const
export type Habit = (typeof habits)[number]

export const crownForms = [
  'columnar',
  'conical',
  'ovate',
  'rounded',
  'spreading',
  'vase',
  'weeping',
  'layered',
  'flat-topped',
  'irregular',
  'multi-stemmed',
  'prostrate',
  'mound',
  'wall',
  'tuft',
  'blades',
] as const
export type CrownForm = (typeof crownForms)[number]

/**
 * What a plant does with its leaves over the year; "holds dead leaves" until the new ones come, "dies back"
 * to the ground.
 */
export const leafHabits = ['evergreen', 'deciduous', 'holds dead leaves', 'dies back'] as const
export const arrangements = [
  'alternate',
  'opposite',
  'whorled',
  'needles',
  'scales',
  'feather',
  'fan',
  'basal',
  'rosette',
] as const
/** How leaves are made, as the eye tells kinds of tree apart by them. */
export const leafKinds = [
  'broad',
  'round',
  'lobed',
  'feathered',
  'hand',
  'narrow',
  'small',
  'tuft',
  'spray',
  'scale',
  'spine',
  'pad',
] as const
export type LeafKind = (typeof leafKinds)[number]

/**
 * What flowers and fruit look like from a few steps away: "blossom" covers the leaves, everything else stands
 * or hangs by itself.
 */
export const organKinds = [
  'blossom',
  'catkins',
  'candles',
  'plates',
  'domes',
  'berries',
  'fruits',
  'cones',
  'pods',
  'keys',
  'balls',
  'umbel',
  'daisy',
  'cup',
  'spire',
  'plume',
  'mace',
  'panicle',
  'feather',
  'ear',
  'awned',
  'tassel',
] as const
export type OrganKind = (typeof organKinds)[number]

export const barkMarks = ['smooth', 'furrowed', 'plated', 'peeling', 'birch', 'ringed', 'none'] as const
export type BarkMarks = (typeof barkMarks)[number]
export const groupings = ['alone', 'few', 'grove', 'drift', 'row', 'bed', 'carpet'] as const
export type Grouping = (typeof groupings)[number]
export const habitatIds = [
  'broadleaf-wood',
  'woodland-edge',
  'boreal-forest',
  'mountain-slope',
  'carr',
  'reed-swamp',
  'hay-meadow',
  'pasture',
  'hedge-bank',
  'heath',
  'garden',
  'orchard',
  'shoreline',
  'mediterranean-scrub',
  'olive-terrace',
  'dry-interior',
  'subtropical-park',
  'east-asian-wood',
  'australian-bush',
  'australian-heights',
  'australian-desert',
  'eastern-wood',
  'savanna',
  'desert',
  'arable',
  'vineyard',
  'waste-ground',
  'dry-slope',
  'mediterranean-mountain',
  'rice-terrace',
] as const
export type HabitatId = (typeof habitatIds)[number]
