/** Any address below /api that is not there, or not for this method. */
export default defineEventHandler((event) =>
  problem(event, 404, 'Not found', `There is nothing at ${event.method} ${event.path.split('?')[0]}.`),
)
