import { readFile } from 'node:fs/promises'
import { buildDemo } from '../demo/build'
import { facesFor } from '../print/faces'
import type { Answer, Job, Task } from './names'
import { printed } from './orders'

/** Fonts lie beside the built worker. */
const fonts = new URL('./fonts/', import.meta.url)
/** Faults of an order that are told at the most. */
const MOST_FAULTS = 20

/** Reads, checks and sets an order; all that takes time of it happens here, off the thread that answers. */
async function sheetsOf({ name, body }: Extract<Job, { kind: 'sheets' }>): Promise<Answer> {
  const { schema, print } = printed[name]
  const text = Buffer.from(body).toString('utf8')
  let sent: unknown
  try {
    sent = JSON.parse(text)
  } catch {
    return { kind: 'not-json' }
  }
  const order = schema.safeParse(sent)
  if (!order.success) {
    const errors = order.error.issues
      .slice(0, MOST_FAULTS)
      .map((issue) => ({ pointer: `/${issue.path.map(String).join('/')}`, detail: issue.message }))
    return {
      kind: 'cant',
      because: errors.map(({ pointer, detail }) => `${pointer}: ${detail}`).join('; '),
      errors,
    }
  }
  const faces = await facesFor(JSON.stringify(order.data), (face) => readFile(new URL(`${face}.woff`, fonts)))
  const sheet = await print(order.data, faces)
  return sheet.kind === 'none'
    ? { kind: 'cant', because: sheet.because }
    : { kind: 'done', bytes: new Uint8Array(sheet.value) }
}

/** What the pool runs. */
export default async function work({ job, begun }: Task): Promise<Answer> {
  begun[0] = Date.now()
  return job.kind === 'demo'
    ? { kind: 'done', bytes: Buffer.from(JSON.stringify(buildDemo(job.nowMs))) }
    : sheetsOf(job)
}
