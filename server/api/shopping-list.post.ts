/** A shopping list to print: a block for each supplier, a box to tick for each line. */
export default defineEventHandler((event) => printSheets(event, 'shopping-list'))
