import { readingBusy, type BusyFile, type BusyOrder } from '../../core/schedule/busy-file'
import type { Reading } from '../../core/units'

/** What the worker says: at which line of the file it is, and at the end what it has read. */
export type BusySaid =
  { readonly kind: 'at'; readonly line: number } | { readonly kind: 'read'; readonly file: Reading<BusyFile> }

const say = (said: BusySaid): void => self.postMessage(said)

self.addEventListener('message', ({ data }: MessageEvent<BusyOrder>) => {
  const reading = readingBusy(data)
  for (;;) {
    const next = reading.next()
    if (next.done) {
      say({ kind: 'read', file: next.value })
      return
    }
    say({ kind: 'at', line: next.value })
  }
})
