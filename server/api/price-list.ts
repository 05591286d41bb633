/** Other methods than GET. */
export default defineEventHandler((event) => onlyMethod(event, 'GET'))
