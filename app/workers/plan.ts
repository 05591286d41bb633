import { planPlanting } from '../../core/planting/plan'

/** Plans away from the page: hundreds of pieces take many darts. */
export const service = { plan: planPlanting }
