/** Labels for jars as sheets to print, each with a code that the app reads through the camera. */
export default defineEventHandler((event) => printSheets(event, 'jar-labels'))
