/** The printed batch card, as a PDF. */
export default defineEventHandler((event) => printSheets(event, 'batch-card'))
