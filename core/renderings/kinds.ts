/** How a way of making shows: what its armature looks like, and how foliage sits on it. */
export const renderings = [
  'sprig',
  'wire',
  'discs',
  'moulded',
  'twig',
  'root',
  'head',
  'stem',
  'hemp',
  'ready',
  'wool',
  'mesh',
  'clump',
  'arching',
  'tuft',
] as const
export type Rendering = (typeof renderings)[number]
