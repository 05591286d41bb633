import { cardOrderSchema } from '../cards/order'
import { printCard } from '../cards/print'

const MAX_BYTES = 64 * 1024

/** The printed batch card, as a PDF. What is sent is checked field by field; the figures are worked out here by the same core. */
export default defineEventHandler(async (event) => {
  if (!getHeader(event, 'content-type')?.startsWith('application/json')) return problem(event, 415, 'Unsupported media type', 'Send the order as application/json.')
  const text = await readBounded(event, MAX_BYTES)
  if (text === undefined) return problem(event, 413, 'Too large', `An order is at most ${MAX_BYTES / 1024} kB.`)
  let body: unknown
  try {
    body = JSON.parse(text)
  } catch {
    return problem(event, 400, 'Not JSON', 'The order could not be read as JSON.')
  }
  const order = cardOrderSchema.safeParse(body)
  if (!order.success) {
    const errors = order.error.issues.slice(0, 20).map((issue) => ({ pointer: `/${issue.path.map(String).join('/')}`, detail: issue.message }))
    return problem(event, 422, 'The order can’t be printed', errors.map(({ pointer, detail }) => `${pointer}: ${detail}`).join('; '), errors)
  }
  const storage = useStorage('assets:fonts')
  const font = async (name: string): Promise<Buffer> => Buffer.from(await storage.getItemRaw<Uint8Array>(`${name}.woff`) ?? [])
  const [text400, text700, title, botanical] = await Promise.all([
    font('atkinson-hyperlegible-next-latin-400-normal'), font('atkinson-hyperlegible-next-latin-700-normal'), font('petrona-latin-600-normal'), font('petrona-latin-400-italic'),
  ])
  const card = await printCard(order.data, { text: text400, bold: text700, title, botanical })
  if (card.kind === 'none') return problem(event, 422, 'The order can’t be printed', card.because)
  setResponseHeaders(event, { 'Content-Type': 'application/pdf', 'Content-Disposition': 'attachment; filename="batch-card.pdf"', 'Cache-Control': 'no-store' })
  return card.value
})
