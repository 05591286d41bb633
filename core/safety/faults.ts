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
  'wire-look': {
    looks: 'Wire shows, twist lines in the trunk',
    cause: 'too little bark',
    todo: 'Another coat of paste; fill the lines, thinner upwards.',
  },
  'round-ends': {
    looks: 'Twigs end in little circles',
    cause: 'loops left whole',
    todo: 'Clip each loop to two ends, of uneven length.',
  },
  'tip-drops': {
    looks: 'Drops on the tips',
    cause: 'coat too wet',
    todo: 'Wick them off while wet; lighter coats.',
  },
  'wool-slides': {
    looks: 'Wool slides off',
    cause: 'the branch end is a point',
    todo: 'Bend the end to a shallow cradle.',
  },
  cushions: {
    looks: 'Round cushions for plates',
    cause: 'too much fibre, pressed on',
    todo: 'Tease it thin and flat; prune before the needles.',
  },
  'square-disc': {
    looks: 'Square discs',
    cause: 'cut without rags',
    todo: 'Cut deep ragged notches; recut, square pieces show.',
  },
  'bare-ring': {
    looks: 'A bare ring around the stem',
    cause: 'hole too wide, or too little adhesive',
    todo: 'Adhesive under the disc, press it to the stem.',
  },
  'limp-pad': { looks: 'Discs hang limp', cause: 'pad or coir too thin', todo: 'Lay two over each other.' },
  'glued-trunk': {
    looks: 'Foam on the trunk',
    cause: 'not masked',
    todo: 'Mask below the first branch; brush it off before it sets.',
  },
  spiral: {
    looks: 'A conifer like a spiral stair',
    cause: 'moulded branches bent too far',
    todo: 'Bend less: conifers hardly at all.',
  },
  'glue-strings': {
    looks: 'Strings and blobs of glue',
    cause: 'old, burnt glue',
    todo: 'Empty the pot; a few fresh chips.',
  },
  'visible-join': {
    looks: 'The joint shows',
    cause: 'faces not shaved, no paste',
    todo: 'Paste over it, or tape, or ivy.',
  },
  'fibre-clumps': {
    looks: 'Fibre in clumps',
    cause: 'too much PVA, thrown from one side',
    todo: 'Tease it apart while wet; turn the piece as you sprinkle.',
  },
  'black-stem': {
    looks: 'Black on the stem',
    cause: 'can too near',
    todo: 'Farther off, short bursts from above; touch the stem up pale.',
  },
  mould: {
    looks: 'Mould',
    cause: 'coffee or leaves not dry',
    todo: 'Throw it away; dry fully before use.',
  },
  'opaque-head': {
    looks: 'No sky through it',
    cause: 'head not thinned',
    todo: 'Cut whole rays out; open tiers.',
  },
  'tape-lets-go': {
    looks: 'Tape lets go',
    cause: 'not stretched, or not sealed at once',
    todo: 'Stretch it, CA at once.',
  },
  'broom-shape': {
    looks: 'A broom',
    cause: 'strands left straight',
    todo: 'Open and bend every strand; knot none.',
  },
  'glue-run': {
    looks: 'Glue has run up the strands',
    cause: 'too much CA at the neck',
    todo: 'A drop all round, head down until it grabs.',
  },
  'plastic-shine': {
    looks: 'Plastic shine',
    cause: 'bare plastic between the foam',
    todo: 'Matt paint before the foam.',
  },
  dieback: {
    looks: 'Brown patches like dieback',
    cause: 'missed brown pad',
    todo: 'Green over it, unless dieback is meant.',
  },
  'snow-sealed': {
    looks: 'Snow turned grey',
    cause: 'a coat over it',
    todo: 'Sieve it anew; never seal it.',
  },
  'petal-blobs': {
    looks: 'Blossom in blobs',
    cause: 'too much PVA',
    todo: 'Dab, do not brush; tap off before it sets.',
  },
  'straight-edge': {
    looks: 'A straight edge shows',
    cause: 'cut, not torn',
    todo: 'Tear along it, set fibre over the join.',
  },
  'matted-cloth': {
    looks: 'The cloth mats',
    cause: 'brush too wet',
    todo: 'Wipe the brush nearly dry, flick the pile up while it dries.',
  },
  'orange-cast': {
    looks: 'An orange cast',
    cause: 'the cloth’s own colour',
    todo: 'Change the cloth; yellow beats orange.',
  },
  'lost-fibre': {
    looks: 'Nothing comes back from the vacuum',
    cause: 'the stocking has a hole, or was left out',
    todo: 'Stop and look inside; test it with a pinch of fibre first.',
  },
  'skinned-glue': {
    looks: 'Fibre brushes off',
    cause: 'the glue had skinned',
    todo: 'A smaller patch at once; fresh glue on the bare spot.',
  },
  'glued-wall': {
    looks: 'Tuft glued to the wall of its hole',
    cause: 'glue touched the wall',
    todo: 'Knife round it; place the glue with a skewer.',
  },
  'over-long-stems': {
    looks: 'Stems stand far above their tuft',
    cause: 'not trimmed',
    todo: 'Trim to twice the tuft’s height at most.',
  },
  'brush-foot': {
    looks: 'A foot like a brush',
    cause: 'bound tight and cut level',
    todo: 'Splay it, hide the foot with foam and fallen stems.',
  },
  'flat-tufts': {
    looks: 'Tufts pressed flat',
    cause: 'pressed down like a mat',
    todo: 'Press mats’ edges only; lift tufts with a pin.',
  },
  'net-shows': {
    looks: 'The net of the mesh shows',
    cause: 'not teased',
    todo: 'Tease it to all sides; more foam over the threads.',
  },
  balls: { looks: 'Little balls', cause: 'clump left as it came', todo: 'Tear it; no two pieces alike.' },
  'white-core': {
    looks: 'White shows inside',
    cause: 'wool not dyed through',
    todo: 'Spray the core brown before the leaf.',
  },
  'solid-lump': {
    looks: 'A solid lump',
    cause: 'stuffing not teased',
    todo: 'Tease until you can read through it.',
  },
  'bare-patches': {
    looks: 'Bare patches',
    cause: 'too little adhesive',
    todo: 'A second coat where it is bare, and leaf.',
  },
  'too-orderly': {
    looks: 'Too orderly',
    cause: 'spaced by eye',
    todo: 'Let the dealer choose; move every third one.',
  },
  'gap-shadow': {
    looks: 'A dark gap under it',
    cause: 'not filled',
    todo: 'More PVA and torn lichen in the gap.',
  },
  'holes-seen': {
    looks: 'The holes show',
    cause: 'no earth over them',
    todo: 'Earth over the holes, wetted and cemented.',
  },
  'solid-wall': {
    looks: 'A solid green wall',
    cause: 'too much horsehair and leaf',
    todo: 'Pull some out; daylight must come through.',
  },
  'regular-row': {
    looks: 'Bushes in a row',
    cause: 'one after the other',
    todo: 'Twigs at random, growth across the joints.',
  },
  'plugged-stalk': {
    looks: 'The stalk is plugged',
    cause: 'too much glue when dipped',
    todo: 'Knead it, cut above the plug.',
  },
  rows: { looks: 'Hanks in rows', cause: 'dabbed on in order', todo: 'Random strokes; turn the board.' },
  stripes: {
    looks: 'Stripes of mat',
    cause: 'strips laid side by side',
    todo: 'Torn pieces across; bushes on the joints.',
  },
  'foam-dulled': {
    looks: 'All of it dull',
    cause: 'covers on paint that was no brighter than wanted',
    todo: 'Dust a brighter cover over it; next time paint one step brighter.',
  },
  'ground-lifts': {
    looks: 'Ground lifts under a foot',
    cause: 'not dry right through',
    todo: 'Press it back with PVA, weight it, and wait a day.',
  },
  'litter-carpet': {
    looks: 'Leaf litter like a carpet',
    cause: 'spread evenly, one tone',
    todo: 'Brush it off paths and stones; drift it against trunks and banks, and dust a second tone.',
  },
  'tide-line': {
    looks: 'A tide line in the soil',
    cause: 'wetted to an edge',
    todo: 'Mist glue, dust, mist glue again.',
  },
  'grout-ring': {
    looks: 'A pale ring round the hole',
    cause: 'drilling dust',
    todo: 'Earth powder and a squirt of water.',
  },
  'overfilled-jar': {
    looks: 'The jar spins above',
    cause: 'too much in it',
    todo: 'A smaller load; stir between.',
  },
  'lying-fibres': {
    looks: 'Fibres lie down',
    cause: 'poor earth, or the glue had skinned',
    todo: 'Check the clip, hold the applicator 10 mm off, work a smaller patch.',
  },
  'melted-foam': {
    looks: 'Foam board sinks into pits',
    cause: 'solvent of a spray or of contact adhesive',
    todo: 'Stop and air it; fill with plaster, seal foam with water-based paint before any solvent.',
  },
  'ca-frosting': {
    looks: 'White bloom around CA',
    cause: 'too much of it, in still damp air',
    todo: 'Move the air, take less; a touch of matt coat or wash hides it.',
  },
  'insects-in-store': {
    looks: 'Fine dust, holes or threads in the box',
    cause: 'insects that came in with it',
    todo: 'Two days in the freezer, bagged; sift, look at the boxes beside it.',
  },
  'sprouting-ground': {
    looks: 'Something sprouts in the ground',
    cause: 'seed in soil that was not baked',
    todo: 'Pull it, let the ground dry; bake the rest of that soil.',
  },
  'salt-bloom': {
    looks: 'White bloom on dry ground',
    cause: 'salts of soil, plaster or grout that came up with the water',
    todo: 'Brush it off dry, seal it thinly; less water next time.',
  },
  'set-grout': {
    looks: 'Grout is lumpy in the jar',
    cause: 'damp got in',
    todo: 'Throw it away: it no longer sets. A new jar, closed at once.',
  },
  'clogged-sprayer': {
    looks: 'The sprayer spits or stops',
    cause: 'glue dried in the nozzle',
    todo: 'Warm water through it, a pin from outside; rinse after each use.',
  },
  'clung-shreds': {
    looks: 'Shreds cling to jar, tub and hands',
    cause: 'charged by the blades',
    todo: 'Tip them into the mix at once; a breath of damp air over them, never alcohol.',
  },
  'sour-glue': {
    looks: 'Watered glue smells or pulls strings',
    cause: 'it has been kept too long',
    todo: 'Pour it away, wash the bottle hot; mix less.',
  },
  'damp-fibre': {
    looks: 'Fibre falls in clots and won’t fly',
    cause: 'damp fibre or damp air',
    todo: 'Dry it in a warm room, sieve it; wait for a dry evening.',
  },
  leaning: {
    looks: 'Leans once it is dry',
    cause: 'the prop let go, or was taken off too soon; the hole too wide',
    todo: 'Water at the foot, wait, turn it out; fill the hole, set it again and prop it from two sides.',
  },
  'bleeding-dye': {
    looks: 'Colour runs into what lies beside',
    cause: 'dye that water or spirit takes up',
    todo: 'Try a pinch in the sealing water first; mist lightly, let each coat dry.',
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
