import type { Species } from '../types'

/** What many kinds have in common, to be spread into a row and overruled there. From memory. */
export const tree = { habit: 'broadleaf', arrangement: 'alternate', keeps: 'deciduous', origin: 'memory', stems: 1 } as const
export const paired = { ...tree, arrangement: 'opposite' } as const
export const evergreenTree = { ...tree, keeps: 'evergreen' } as const
export const needled = { habit: 'conifer', arrangement: 'needles', keeps: 'evergreen', origin: 'memory', stems: 1 } as const
export const scaled = { ...needled, arrangement: 'scales' } as const
export const shrub = { habit: 'shrub', arrangement: 'alternate', keeps: 'deciduous', origin: 'memory', clearStem: 0, dbhRatio: 0.012 } as const
export const evergreenShrub = { ...shrub, keeps: 'evergreen' } as const
export const climber = { ...shrub, habit: 'climber', crownForm: 'wall', stems: 7, dbhRatio: 0.008 } as const
export const palm = { habit: 'palm', crownForm: 'tuft', keeps: 'evergreen', origin: 'memory', stems: 1 } as const
const blades = { crownForm: 'blades', arrangement: 'basal', keeps: 'dies back', origin: 'memory', clearStem: 0, dbhRatio: 0 } as const
export const grass = { habit: 'grass', ...blades } as const
export const herb = { habit: 'herb', ...blades } as const

export const barks = {
  grey: { low: [50, 2, 7], high: [54, 1, 7], marks: 'furrowed' },
  dark: { low: [38, 3, 6], high: [42, 3, 7], marks: 'furrowed' },
  smooth: { low: [54, 1, 6], high: [58, 1, 6], marks: 'smooth' },
  plated: { low: [42, 6, 9], high: [48, 8, 12], marks: 'plated' },
  ringed: { low: [40, 8, 9], high: [46, 8, 9], marks: 'ringed' },
  red: { low: [42, 14, 18], high: [44, 14, 20], marks: 'peeling' },
  twiggy: { low: [46, 5, 11], high: [48, 4, 11], marks: 'none' },
  straw: { low: [60, 5, 28], high: [62, 4, 28], marks: 'none' },
  green: { low: [50, -14, 28], high: [54, -14, 30], marks: 'none' },
} as const satisfies Record<string, Species['bark']>

const colours = (
  fresh: Species['colours']['fresh'],
  summer: Species['colours']['summer'],
  dead: Species['colours']['dead'],
  twig: Species['colours']['twig'],
): Pick<Species['colours'], 'fresh' | 'summer' | 'dead' | 'twig' | 'turning'> => ({ fresh, summer, dead, twig, turning: [] })
export const greens = {
  mid: colours([56, -17, 38], [46, -19, 30], [50, 13, 32], [46, 6, 14]),
  deep: colours([54, -17, 35], [38, -16, 23], [46, 12, 26], [44, 6, 12]),
  light: colours([58, -17, 40], [54, -19, 36], [56, 10, 36], [52, 5, 18]),
  grey: colours([58, -7, 19], [56, -7, 14], [56, 5, 22], [56, 2, 11]),
  blue: colours([52, -13, 13], [42, -11, 4], [48, 12, 24], [46, 8, 16]),
  needle: colours([52, -16, 30], [34, -13, 15], [48, 13, 25], [46, 9, 17]),
  dull: colours([53, -11, 26], [46, -13, 21], [54, 11, 29], [52, 5, 16]),
  grass: colours([58, -17, 36], [56, -15, 34], [69, 4, 32], [64, 4, 28]),
} as const

/** Dates of trees that come into leaf and colour at about the usual time; of evergreens, their flush. */
export const usual = { burst: '04-18', fullLeaf: '05-14', turning: '10-02', fall: '10-16', bare: '11-14' } as const
export const late = { burst: '05-04', fullLeaf: '06-02', turning: '10-02', fall: '10-14', bare: '11-08' } as const
export const flush = { burst: '05-01', fullLeaf: '06-10' } as const
export const annual = { burst: '04-10', fullLeaf: '06-05', turning: '08-20', fall: '09-20', bare: '11-15' } as const

/** Ages as they stand together where a kind sows itself, where it is planted, and where it is an annual. */
export const mixed = [0.3, 0.35, 0.3, 0.05] as [number, number, number, number]
export const planted = [0.2, 0.4, 0.4, 0] as [number, number, number, number]
export const yearly = [0, 0.2, 0.8, 0] as [number, number, number, number]
export const noOrgans = { flower: 0, fruit: 0 } as const
