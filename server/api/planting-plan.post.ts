/** The drilling template of a planting plan at 1:1, as a PDF of as many sheets as the board takes. */
export default defineEventHandler((event) => printSheets(event, 'planting-plan'))
