import * as Comlink from 'comlink'
import { planPlanting } from '../../core/planting/plan'

/** Plans away from the page: hundreds of pieces take many darts. */
const planner = { plan: planPlanting }
export type Planner = typeof planner
Comlink.expose(planner)
