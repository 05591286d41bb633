/** What is worn against something: it is laid out with the tools of the step. */
export const gears = ['gloves', 'glasses', 'dust mask'] as const
export type Gear = (typeof gears)[number]

export interface Caution {
  readonly title: string
  readonly text: string
  /** What must be worn, whatever the amount. */
  readonly wear?: readonly Gear[]
}

/**
 * Cautions, shown at the step where they matter, in this order: what burns, shocks or poisons comes before what
 * pricks. All common practice; labels, safety sheets and local rules come first.
 */
const rows = {
  tinder: {
    title: 'Tinder',
    text: 'Dry heads, leaves and grass catch fire at once. Air, never heat: no stove, heater, hot air or flame near them, nobody smokes.',
  },
  'ca-heat': {
    title: 'CA on fibre',
    text: 'Hemp, cotton, wool or tissue that soaks up CA heats by itself and can smoke and burn. Drops only, none on a wad; no cotton gloves; water within reach.',
  },
  alcohol: {
    title: 'Isopropanol burns',
    text: 'Its mist and vapour catch fire. No flame, no static, no motor near; open the window, and let it air before anything that sparks.',
  },
  spray: {
    title: 'Spray',
    text: 'Every spray can burns: no flame, no spark, no cigarette. Ventilate well or use a booth. Wear what the label asks for. Solvent sprays melt foam board.',
  },
  'high-voltage': {
    title: 'High voltage',
    text: 'Clip the earth lead on first, keep hands dry, switch off before you touch the grid. Never with a pacemaker or any other implant that works by current. A home-built one deserves more care still.',
  },
  'static-sparks': {
    title: 'Sparks',
    text: 'The applicator makes sparks. Never near wet isopropanol, solvent or fresh spray: let it air first.',
  },
  umbels: {
    title: 'Know the umbels',
    text: 'Hogweed sap burns skin in the sun; hemlock poisons. Cut no umbel that you can’t name for certain: gloves, sleeves down, wash, and nothing of it where children or animals reach.',
    wear: ['gloves'],
  },
  adhesive: {
    title: 'Adhesive fumes',
    text: 'Contact adhesive gives off solvent while it clears: open the window, no flame, and follow the label.',
  },
  solvent: {
    title: 'Solvent',
    text: 'Gloves, fresh air, no flame; rags dried flat outside.',
    wear: ['gloves'],
  },
  oven: {
    title: 'Oven',
    text: 'A thin layer, a thermometer beside it, never over 80 °C (soil 100). Not in a gas oven. Stay with it; no food in it at once, and never anything that was sprayed or glued. Air the kitchen.',
  },
  blender: {
    title: 'Blender',
    text: 'Lid on; unplug it before you reach in. Nothing that is damp with alcohol or solvent: the motor sparks. Let the dust settle before you open it, and keep it out of the kitchen for good.',
  },
  'hot-glue': {
    title: 'Hot glue',
    text: 'It burns and sticks to the burn. A few chips in the pot, low heat, cold water near; switch it off when you leave. Hot tools melt foam, and its fumes are poison: fresh air.',
  },
  ca: {
    title: 'CA glue',
    text: 'It sticks skin at once and its fumes sting: fresh air, glasses, none near the eyes. The activator too, and that burns. Never wipe it up with cotton or tissue. Debonder within reach.',
    wear: ['glasses'],
  },
  grout: {
    title: 'Grout and plaster dust',
    text: 'Cement dust is caustic and harms the lungs: mask, gloves, no sweeping dry. Wash it off the skin.',
    wear: ['gloves', 'dust mask'],
  },
  latex: {
    title: 'Latex',
    text: 'Not for anyone with a latex allergy. Gloves that hold none, and fresh air; it gives off ammonia. It ruins the brush.',
    wear: ['gloves'],
  },
  rubber: {
    title: 'Rubber in it',
    text: 'Rubberised hair holds latex: not for anyone with a latex allergy, in work or in the finished piece. Gloves that hold none.',
    wear: ['gloves'],
  },
  'water-jet': {
    title: 'Water jet',
    text: 'Stones and soil fly: glasses. Hold the root down, not against the jet.',
    wear: ['glasses'],
  },
  sander: {
    title: 'Belt sander',
    text: 'Glasses and dust mask; no gloves, no loose sleeves or hair that it can catch. Away from you.',
    wear: ['glasses', 'dust mask'],
  },
  rasping: {
    title: 'Rasp',
    text: 'Gloves and glasses, the rod clamped; away from you.',
    wear: ['gloves', 'glasses'],
  },
  drill: {
    title: 'Drill',
    text: 'Clamp the piece, wear glasses, keep the other hand away from the bit.',
    wear: ['glasses'],
  },
  drilling: {
    title: 'Drilling',
    text: 'Look under the board for wires before you drill. Clamp it, wear glasses, keep the other hand away from the bit.',
    wear: ['glasses'],
  },
  wire: {
    title: 'Wire ends',
    text: 'Cut ends fly and prick: wear glasses, hold the end that you cut off, sweep the bench before you lean on it.',
    wear: ['glasses'],
  },
  'wire-and-blades': {
    title: 'Points and blades',
    text: 'Tweezers, cutters and sharp tips: cut away from you, and mind your eyes.',
  },
  soil: {
    title: 'Soil',
    text: 'It carries germs, seeds, eggs and spores: gloves, mask where it dusts, wash your hands. Bake it 30 to 60 minutes, at most 100 °C, before it comes to the bench.',
    wear: ['gloves', 'dust mask'],
  },
  mould: {
    title: 'Mould',
    text: 'Grey or musty: don’t open or shake it. Bag it as it is, mask on, throw it away, and look at the jars that stood beside it.',
  },
  gathering: {
    title: 'Gathered plants',
    text: 'Ask the owner, mind protected kinds and the local rules; clean off pests, dry fully. Before soil or plants go by post or over a border: the plant health rules.',
  },
  pests: {
    title: 'Guests',
    text: 'Insects and eggs come in with what was gathered: two days in the freezer, in a closed bag, before it stands beside other stock.',
  },
  'wet-bath': {
    title: 'Bath',
    text: 'Gloves keep paint and glue off the skin. Keep these bowls out of the kitchen afterwards.',
    wear: ['gloves'],
  },
  dust: {
    title: 'Dust',
    text: 'Dry flock, fibre and powder float. Wear a dust mask when you sprinkle, tip or sieve a lot of it.',
  },
  'food-jars': {
    title: 'Not food',
    text: 'It looks like food or drink in a kitchen jar: a jar of its own, labelled, out of reach of children and animals.',
  },
} as const satisfies Record<string, Caution>

export type CautionId = keyof typeof rows
export const cautions: Readonly<Record<CautionId, Caution>> = rows
const order = new Map(Object.keys(rows).map((id, i) => [id, i]))

/** The caution with this id. One that a later version wrote is not hidden: its name is shown, and where to look. */
export const cautionOf = (id: string): Caution =>
  Object.hasOwn(cautions, id)
    ? cautions[id as CautionId]
    : {
        title: id.replaceAll('-', ' '),
        text: 'A caution of a later version of the app: see the label and the safety sheet.',
      }

/** Cautions, each once, the gravest first; those of a later version before all. */
export const gravestFirst = (ids: Iterable<string>): string[] =>
  [...new Set(ids)].sort((a, b) => (order.get(a) ?? -1) - (order.get(b) ?? -1))

/** What must be worn against these, each once. */
export const wearFor = (ids: readonly string[]): Gear[] =>
  gears.filter((gear) => ids.some((id) => cautionOf(id).wear?.includes(gear)))

export const cautionFootnote = 'The label, the safety sheet and local rules come first.'
