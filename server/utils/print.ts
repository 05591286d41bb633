import type { H3Event } from 'h3'
import type * as z from 'zod'
import { facesFor, type Faces } from '../print/faces'

/** Reads an order sent as JSON and checks it field by field; or answers what is wrong, as a problem document. */
export async function readOrder<T>(
  event: H3Event,
  schema: z.ZodType<T>,
  maxBytes: number,
): Promise<{ kind: 'ok'; value: T } | { kind: 'problem'; answer: Record<string, unknown> }> {
  const wrong = (answer: Record<string, unknown>): { kind: 'problem'; answer: Record<string, unknown> } => ({
    kind: 'problem',
    answer,
  })
  if (!/^application\/(?:[\w.+-]+\+)?json\s*(?:;|$)/i.test(getHeader(event, 'content-type') ?? ''))
    return wrong(problem(event, 415, 'Unsupported media type', 'Send the order as application/json.'))
  const text = await readBounded(event, maxBytes)
  if (text === undefined)
    return wrong(problem(event, 413, 'Too large', `An order is at most ${maxBytes / 1024} kB.`))
  let body: unknown
  try {
    body = JSON.parse(text)
  } catch {
    return wrong(problem(event, 400, 'Not JSON', 'The order could not be read as JSON.'))
  }
  const order = schema.safeParse(body)
  if (order.success) return { kind: 'ok', value: order.data }
  const errors = order.error.issues
    .slice(0, 20)
    .map((issue) => ({ pointer: `/${issue.path.map(String).join('/')}`, detail: issue.message }))
  return wrong(
    problem(
      event,
      422,
      CANT_PRINT,
      errors.map(({ pointer, detail }) => `${pointer}: ${detail}`).join('; '),
      errors,
    ),
  )
}
const CANT_PRINT = 'The order can’t be printed'

/** An order that is well formed, and can't be printed all the same. */
export const cantPrint = (event: H3Event, because: string): Record<string, unknown> =>
  problem(event, 422, CANT_PRINT, because)

/** Too many orders wait already. */
export const tooBusy = (event: H3Event): Record<string, unknown> =>
  problem(event, 503, 'Busy', 'Too many sheets are being printed at once. Try again in a moment.')

/** The faces that an order's sheets are printed in. */
export function printFaces(order: unknown): Promise<Faces> {
  const storage = useStorage('assets:fonts')
  return facesFor(JSON.stringify(order), async (name) =>
    Buffer.from((await storage.getItemRaw<Uint8Array>(`${name}.woff`)) ?? []),
  )
}

/** Answers with a PDF to save. */
export function sendPdf(event: H3Event, pdf: Buffer, name: string): Buffer {
  setResponseHeaders(event, {
    'Content-Type': 'application/pdf',
    'Content-Disposition': `attachment; filename="${name}"`,
    'Cache-Control': 'no-store',
  })
  return pdf
}
