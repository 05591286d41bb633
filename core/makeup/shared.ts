import { RECLAIMED_SHARE } from '../coverage'
import { coefficients, row } from '../quantities'

/** Coefficients that several ways of making share. */
export const shared = coefficients('shared', {
  reclaimed: {
    ...row(
      'comes back from the tray',
      RECLAIMED_SHARE,
      '',
      [0, 1],
      'common practice',
      'indoors; wind costs most of it',
    ),
    spread: 0.1,
  },
  reclaimedOutdoors: {
    ...row('comes back from the tray outdoors', 0.3, '', [0, 1], 'memory', 'the wind takes the rest'),
    spread: 0.4,
  },
  foamDensity: row('ρ, density of a grain', 0.11, 'g/ml', [0.02, 2]),
  hedgeCloseness: row('distance in a free hedge, of a crown’s width', 0.85, '', [0.3, 1.5]),
  trimmedCloseness: row('distance in a trimmed hedge, of a crown’s width', 0.7, '', [0.3, 1.5]),
  swardCover: row('ground covered by tufts', 0.55, '', [0.05, 0.9], 'memory', 'soil stays partly seen'),
})
