import { RECLAIMED_SHARE } from '../coverage'
import { coefficients } from '../quantities'

/** Coefficients that several ways of making share. */
export const shared = coefficients('shared', {
  reclaimed: {
    name: 'comes back from the tray',
    value: RECLAIMED_SHARE,
    unit: '',
    origin: 'common practice',
    range: [0, 1],
    spread: 0.1,
    note: 'indoors; wind costs most of it',
  },
  foamDensity: {
    name: 'ρ, density of a grain',
    value: 0.11,
    unit: 'g/ml',
    origin: 'memory',
    range: [0.02, 2],
  },
  hedgeCloseness: {
    name: 'distance in a free hedge, of a crown’s width',
    value: 0.85,
    unit: '',
    origin: 'memory',
    range: [0.3, 1.5],
  },
  trimmedCloseness: {
    name: 'distance in a trimmed hedge, of a crown’s width',
    value: 0.7,
    unit: '',
    origin: 'memory',
    range: [0.3, 1.5],
  },
  swardCover: {
    name: 'ground covered by tufts',
    value: 0.55,
    unit: '',
    origin: 'memory',
    range: [0.05, 0.9],
    note: 'soil stays partly seen',
  },
})
