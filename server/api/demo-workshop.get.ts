import { buildDemo } from '../demo/build'

/** The demo workshop, with its dates around today. */
export default defineEventHandler(() => buildDemo(Date.now()))
