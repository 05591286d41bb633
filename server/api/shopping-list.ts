/** Other methods than POST. */
export default defineEventHandler((event) => onlyMethod(event, 'POST'))
