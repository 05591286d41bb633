/** Templates at 1:1 for wire, discs, dowels and the sprig gauge, as a PDF of as many pages as they take. */
export default defineEventHandler((event) => printSheets(event, 'template'))
