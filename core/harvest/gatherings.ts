import type { TradeOrigin } from '../units'
import type { Bound } from './windows'

/** How something of one's own is grown: sown under glass, set out in spring, cut when it has ripened. */
export interface Sowing {
  /** Days of the reference year, "MM-DD", between which it is sown. */
  readonly from: string
  readonly to: string
  readonly bound: 'sown'
  /** Weeks from sowing to setting out, and from there to the cut. */
  readonly indoorWeeks: number
  readonly outdoorWeeks: number
}

/**
 * Something that can be gathered. Its window is given for the reference place and moves with the seasons of
 * another. What is of this file: common practice in what is gathered and when; days, amounts and times from
 * memory unless marked.
 */
export interface Gathering {
  readonly id: string
  readonly name: string
  /** What it becomes on the shelf, in that material's unit; what comes besides. */
  readonly materialId: string
  readonly besides?: { readonly materialId: string; readonly each: number }
  /** Days of the reference year, "MM-DD", ends included; it may pass over the new year. */
  readonly from: string
  readonly to: string
  /** What bounds it at other places, besides warmth. */
  readonly bound?: Bound
  readonly when: string
  readonly origin: TradeOrigin
  /** One outing brings about so much, in the material's unit, and takes so many minutes. */
  readonly outing: number
  readonly outingMin: number
  readonly outingOrigin: TradeOrigin
  /** Share of what is picked that is fit for the shelf once it is clean and dry. */
  readonly fit: number
  readonly how: string
  readonly clean: string
  readonly cleanMin: number
  /** What it is taken with; absent: cutters. */
  readonly takeTools?: readonly string[]
  /** What it is cleaned with, besides hands and paper. */
  readonly cleanTools?: readonly string[]
  /** What it dries on, where that is not paper or a string. */
  readonly dryTools?: readonly string[]
  readonly dry: string
  readonly dryDays: number
  readonly passes: string
  /** What must be minded about it, besides the owner and the pests. */
  readonly mind: string
  readonly cautions: readonly string[]
  readonly sowing?: Sowing
}

export const gatherings: readonly Gathering[] = [
  {
    id: 'sprigs',
    name: 'Sprigs',
    materialId: 'sprigs',
    besides: { materialId: 'curved-sprigs', each: 0.4 },
    from: '09-01',
    to: '10-05',
    when: 'when the seed stands ripe and the stems turn straw-coloured, before rain beats them down',
    origin: 'common practice',
    outing: 120,
    outingMin: 90,
    outingOrigin: 'memory',
    fit: 0.7,
    how: 'Cut whole plants at the ground with sharp cutters; lay them flat in an open crate, heads one way. Leave some to seed.',
    clean: 'Shake out the seed and keep it, dry, in a paper bag for next spring; pick off leaves and pests.',
    cleanMin: 40,
    dry: 'Hung head down in small bunches, airy and dark',
    dryDays: 14,
    passes: 'A stem snaps; no grey on it.',
    mind: 'Only from a bed of one’s own or where the owner grows it: wild stands are few.',
    cautions: ['gathering', 'wire-and-blades'],
    sowing: { from: '03-10', to: '04-20', bound: 'sown', indoorWeeks: 6, outdoorWeeks: 16 },
  },
  {
    id: 'flower-heads',
    name: 'Flower heads',
    materialId: 'flower-heads',
    from: '10-25',
    to: '12-15',
    when: 'when they stand brown and dry, before frost and wind break them',
    origin: 'common practice',
    outing: 150,
    outingMin: 60,
    outingOrigin: 'common practice',
    fit: 0.85,
    how: 'A hundred or two at a time, cut with a hand’s length of stem, never all of one bush; loose in a crate.',
    clean: 'Shake and blow the seed out; look for spiders and eggs between the stalks.',
    cleanMin: 25,
    dry: 'Standing loose in an open box, airy, in a warm room or the sun; never by a stove: they are tinder',
    dryDays: 7,
    passes: 'Rustles, and gives no dust of seed any more.',
    mind: 'Birds live on what stands over winter: leave most of it.',
    cautions: ['gathering', 'wire-and-blades'],
  },
  {
    id: 'shrub-stems',
    name: 'Berry-shrub stems',
    materialId: 'shrub-stems',
    from: '11-05',
    to: '03-10',
    when: 'after leaf fall and before the buds swell',
    origin: 'common practice',
    outing: 60,
    outingMin: 60,
    outingOrigin: 'memory',
    fit: 0.75,
    how: 'Old, much-branched stems one by one from the edge of the patch, cut low; none pulled out.',
    clean: 'Brush off moss and lichen, wipe down, cut dead tips back.',
    cleanMin: 30,
    dry: 'Flat on wire, not in the sun, so that the bark stays on',
    dryDays: 21,
    passes: 'Hard to the nail, bark tight.',
    mind: 'Heath and bog are often protected: leave of owner and of the authority.',
    dryTools: ['drying screen'],
    cautions: ['gathering', 'wire-and-blades'],
  },
  {
    id: 'roots',
    name: 'Cane roots',
    materialId: 'roots',
    from: '09-15',
    to: '03-05',
    bound: 'dug',
    when: 'when canes are cleared',
    origin: 'common practice',
    outing: 20,
    outingMin: 60,
    outingOrigin: 'memory',
    fit: 0.6,
    how: 'Dig out with a fork what is being cleared anyway; knock the earth off on the spot.',
    clean: 'Hose off against the ground, pick out the rest with a skewer, cut the canes off.',
    cleanMin: 60,
    dry: 'Turned over on wire, airy; two days at least',
    dryDays: 3,
    passes: 'Light in the hand, no earth in the forks.',
    mind: 'Cleared canes can carry disease: no earth of it into other gardens.',
    cleanTools: ['hose'],
    takeTools: ['cutters', 'garden fork'],
    dryTools: ['drying screen'],
    cautions: ['gathering', 'wire-and-blades'],
  },
  {
    id: 'leaves',
    name: 'Fallen leaves',
    materialId: 'leaves-raw',
    from: '10-15',
    to: '12-05',
    when: 'in late autumn, on a dry day after some wind',
    origin: 'common practice',
    outing: 600,
    outingMin: 30,
    outingOrigin: 'memory',
    fit: 0.8,
    how: 'Dry ones from the top of the heap, by kind where the colour matters, in a paper sack.',
    clean: 'Stalks, twigs and creatures out; nothing spotted or slimy.',
    cleanMin: 20,
    dry: 'Spread thin on paper, turned once a day',
    dryDays: 3,
    passes: 'Rustles; then an hour at 80 °C and the blender.',
    mind: 'Under a hedge the heap is somebody’s winter bed: take from lawns and paths.',
    takeTools: [],
    cautions: ['gathering'],
  },
  {
    id: 'grass',
    name: 'Dead grass',
    materialId: 'hank-gathered',
    from: '07-20',
    to: '09-25',
    bound: 'dries standing',
    when: 'when it has died off standing, before the autumn rain',
    origin: 'memory',
    outing: 80,
    outingMin: 40,
    outingOrigin: 'memory',
    fit: 0.6,
    how: 'Fine stems by the handful, cut low, laid all one way and tied loosely.',
    clean: 'Strip the heads between the fingers outdoors; shake ticks and seed out.',
    cleanMin: 20,
    dry: 'Hung in the bunch, airy',
    dryDays: 7,
    passes: 'Straw that does not bend without breaking.',
    mind: 'Not from a meadow that is still to be mown, nor from a nature reserve. Look yourself over for ticks.',
    cautions: ['gathering', 'wire-and-blades'],
  },
  {
    id: 'lichen',
    name: 'Lichen',
    materialId: 'lichen',
    from: '05-10',
    to: '09-20',
    when: 'in dry weeks, where it is allowed: two days of sun dry it',
    origin: 'common practice',
    outing: 100,
    outingMin: 60,
    outingOrigin: 'memory',
    fit: 0.7,
    how: 'What lies loose, a handful here and there, soft after dew so that it does not crumble.',
    clean: 'Needles, moss and small creatures out while it is damp.',
    cleanMin: 40,
    dry: 'Torn, in the sun for two days',
    dryDays: 2,
    passes: 'Crisp; soaks soft again in a minute.',
    mind: 'It grows a few millimetres a year and many kinds are protected: only where it is plainly allowed.',
    takeTools: [],
    cautions: ['gathering'],
  },
  {
    id: 'twigs',
    name: 'Garden twigs',
    materialId: 'twigs',
    from: '11-10',
    to: '02-25',
    when: 'when shrubs are pruned, and no bird nests in them',
    origin: 'memory',
    outing: 40,
    outingMin: 45,
    outingOrigin: 'memory',
    fit: 0.5,
    how: 'Compact, much-forked ends from the prunings; hold each up against the sky first.',
    clean: 'Buds, leaves and scale insects off with a stiff brush.',
    cleanMin: 20,
    dry: 'In a crate, airy, turned now and then',
    dryDays: 28,
    passes: 'Snaps clean; bark holds when it is rubbed.',
    mind: 'Some garden shrubs are poisonous: know what it is, and wash your hands.',
    cautions: ['gathering', 'wire-and-blades'],
  },
  {
    id: 'thyme',
    name: 'Dead thyme',
    materialId: 'thyme-stems',
    from: '03-05',
    to: '04-30',
    when: 'when old plants are cut back after the winter',
    origin: 'memory',
    outing: 300,
    outingMin: 40,
    outingOrigin: 'memory',
    fit: 0.7,
    how: 'Dead, grey, much-branched wood from the middle of old plants, in whole cushions.',
    clean: 'Rub the leaves off over paper; blow out the dust.',
    cleanMin: 20,
    dry: 'In an open box',
    dryDays: 4,
    passes: 'Grey and hard, no leaf left.',
    mind: 'From gardens: wild cushions stay where they are.',
    cautions: ['gathering', 'dust'],
  },
  {
    id: 'soil',
    name: 'Clay soil',
    materialId: 'soil-raw',
    from: '06-01',
    to: '09-30',
    bound: 'dug',
    when: 'in a dry spell, when it crumbles off the spade',
    origin: 'memory',
    outing: 3000,
    outingMin: 30,
    outingOrigin: 'memory',
    fit: 0.9,
    how: 'From under the turf, natural clay soil rather than sand, a bucket of it.',
    clean: 'Roots, stones and worms out on the spot.',
    cleanMin: 10,
    dry: 'Left open in its bucket: it is dried when it is graded',
    dryDays: 0,
    passes: 'Crumbles; no roots, nothing that moves.',
    mind: 'Not from old works, roadsides or fields that have been sprayed.',
    takeTools: ['spade'],
    cautions: ['gathering', 'dust'],
  },
  {
    id: 'sand',
    name: 'Sand',
    materialId: 'sand-raw',
    from: '03-01',
    to: '11-15',
    bound: 'dug',
    when: 'when it is dry enough to run through the fingers',
    origin: 'memory',
    outing: 3000,
    outingMin: 30,
    outingOrigin: 'memory',
    fit: 0.9,
    how: 'A bucket from a pit or a river bank, where it lies fine; by the sea from above the tide line.',
    clean: 'Shells, wood and weed out on the spot.',
    cleanMin: 10,
    dry: 'Left open in its bucket: it is rinsed and dried when it is graded',
    dryDays: 0,
    passes: 'One colour; no shells.',
    mind: 'Beaches and dunes are often protected, and a pit has an owner: ask. No bucket of it from a holiday.',
    takeTools: ['spade'],
    cautions: ['gathering'],
  },
  {
    id: 'clay',
    name: 'Dry clay',
    materialId: 'clay-raw',
    from: '06-01',
    to: '09-30',
    when: 'after weeks without rain, when banks have cracked',
    origin: 'memory',
    outing: 2000,
    outingMin: 30,
    outingOrigin: 'memory',
    fit: 0.9,
    how: 'Flakes from a dried-up puddle or a cracked bank, by colour: the palest gives the best dust.',
    clean: 'Roots and stones out on the spot.',
    cleanMin: 10,
    dry: 'Broken small and left in the sun, on paper',
    dryDays: 2,
    passes: 'A lump snaps and rings.',
    mind: 'A bank that is undercut comes down: take what lies, don’t dig into it.',
    takeTools: [],
    cautions: ['gathering', 'dust'],
  },
  {
    id: 'catkins',
    name: 'Birch catkins',
    materialId: 'catkins-birch',
    from: '08-15',
    to: '11-30',
    when: 'when they are brown and fall apart between the fingers, before wind has had them',
    origin: 'memory',
    outing: 120,
    outingMin: 40,
    outingOrigin: 'memory',
    fit: 0.85,
    how: 'By the handful from low branches into a paper bag, on a dry and still day: they fall apart by themselves.',
    clean: 'Leaves and stalks out.',
    cleanMin: 15,
    dry: 'Open in their bag, airy',
    dryDays: 5,
    passes: 'They fall apart at a touch.',
    mind: 'Small birds live on the seed in winter: a few of each tree.',
    takeTools: [],
    cautions: ['gathering'],
  },
  {
    id: 'bark',
    name: 'Pine bark',
    materialId: 'bark-pine',
    from: '04-01',
    to: '10-31',
    when: 'in a dry spell, when flakes lie at the foot of old trees',
    origin: 'memory',
    outing: 500,
    outingMin: 30,
    outingOrigin: 'memory',
    fit: 0.8,
    how: 'What has fallen, thick flakes rather than paper-thin ones; nothing is prised off.',
    clean: 'Earth, needles and creatures out, brushed off outdoors.',
    cleanMin: 20,
    cleanTools: ['brush'],
    dry: 'Spread on wire, airy',
    dryDays: 4,
    passes: 'Breaks with a crack.',
    mind: 'Beetles travel in bark: none of it out of a wood where trees are dying.',
    takeTools: [],
    dryTools: ['drying screen'],
    cautions: ['gathering'],
  },
  {
    id: 'moss',
    name: 'Moss',
    materialId: 'moss-raw',
    from: '03-01',
    to: '11-15',
    bound: 'damp',
    when: 'when it is damp enough to come off whole',
    origin: 'memory',
    outing: 60,
    outingMin: 30,
    outingOrigin: 'memory',
    fit: 0.6,
    how: 'From a roof, a path or a lawn that is being cleaned anyway, in flat pieces.',
    clean: 'Earth, needles and creatures out while it is damp.',
    cleanMin: 30,
    dry: 'Spread on wire in the shade: sun bleaches it',
    dryDays: 5,
    passes: 'Rustles, and is still green.',
    mind: 'Many kinds are protected and cushions in woods are old: only where it would be thrown away.',
    takeTools: ['flat blade'],
    dryTools: ['drying screen'],
    cautions: ['gathering'],
  },
]

const byId = new Map(gatherings.map((one) => [one.id, one]))

/** What is gathered under this id; undefined for something of a later version. */
export const gatheringById = (id: string): Gathering | undefined => byId.get(id)

/** How a material can be gathered; undefined where it can't. */
export const gatheringOf = (materialId: string): Gathering | undefined =>
  gatherings.find((one) => one.materialId === materialId)
