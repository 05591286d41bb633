/**
 * Cautions, shown at the step where they matter. All common practice; labels, safety sheets and local rules
 * come first.
 */
export const cautions = {
  spray: {
    title: 'Spray',
    text: 'Ventilate well or use a booth. No flame, no spark, no cigarette. Wear what the label asks for.',
  },
  'static-sparks': {
    title: 'Sparks',
    text: 'The applicator makes sparks. Never near wet isopropanol, solvent or fresh spray: let it air first.',
  },
  'high-voltage': {
    title: 'High voltage',
    text: 'Clip the earth lead on first, keep hands dry, switch off before you touch the grid. Never with a pacemaker. A home-built one deserves more care still.',
  },
  'wire-and-blades': {
    title: 'Points and blades',
    text: 'Tweezers, cutters and sharp tips: cut away from you, and mind your eyes.',
  },
  adhesive: {
    title: 'Adhesive fumes',
    text: 'Contact adhesive gives off solvent while it clears: open the window, no flame, and follow the label.',
  },
  wire: {
    title: 'Wire ends',
    text: 'Cut ends fly and prick: wear glasses, hold the end that you cut off, sweep the bench before you lean on it.',
  },
  latex: {
    title: 'Latex',
    text: 'Not for anyone with a latex allergy. Gloves and fresh air; it gives off ammonia. It ruins the brush.',
  },
  ca: {
    title: 'CA glue',
    text: 'It sticks skin at once and its fumes sting: fresh air, glasses, none near the eyes. The activator too. Debonder within reach.',
  },
  'hot-glue': {
    title: 'Hot glue',
    text: 'It burns and sticks to the burn. A few chips in the pot, low heat, cold water near; switch it off when you leave.',
  },
  rasping: {
    title: 'Rasp and sander',
    text: 'Gloves and glasses, the rod clamped; away from you. Dust mask at the sander, no loose sleeves.',
  },
  drill: {
    title: 'Drill',
    text: 'Clamp the piece, wear glasses, keep the other hand away from the bit.',
  },
  grout: {
    title: 'Grout and plaster dust',
    text: 'Cement dust is caustic and harms the lungs: mask, gloves, no sweeping dry. Wash it off the skin.',
  },
  'water-jet': {
    title: 'Water jet',
    text: 'Stones and soil fly: glasses. Hold the root down, not against the jet.',
  },
  gathering: {
    title: 'Gathered plants',
    text: 'Ask the owner, mind protected kinds and the local rules; clean off pests, dry fully.',
  },
  solvent: {
    title: 'Solvent',
    text: 'For labels and residue: gloves, fresh air, no flame; rags dried outside.',
  },
  dust: {
    title: 'Dust',
    text: 'Dry flock and fibre float. Wear a dust mask when you sprinkle, tip or sieve a lot of it.',
  },
  'wet-bath': {
    title: 'Bath',
    text: 'Gloves keep paint and glue off the skin. Keep these bowls out of the kitchen afterwards.',
  },
  oven: {
    title: 'Oven',
    text: 'Stay with it; never with food, never with anything that was sprayed. Air the kitchen.',
  },
  blender: {
    title: 'Blender',
    text: 'Blades: unplug before you reach in. Keep it out of the kitchen afterwards; let the dust settle before you open it.',
  },
  drilling: {
    title: 'Drilling',
    text: 'Look under the board for wires before you drill. Clamp it, wear glasses, keep the other hand away from the bit.',
  },
} as const

export type CautionId = keyof typeof cautions

export interface Caution {
  readonly title: string
  readonly text: string
}

/** The caution with this id. One that a later version wrote is not hidden: its name is shown, and where to look. */
export const cautionOf = (id: string): Caution =>
  Object.hasOwn(cautions, id)
    ? cautions[id as CautionId]
    : {
        title: id.replaceAll('-', ' '),
        text: 'A caution of a later version of the app: see the label and the safety sheet.',
      }

export const cautionFootnote = 'The label, the safety sheet and local rules come first.'
