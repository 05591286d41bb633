import * as Comlink from 'comlink'
import type { BusyFile, BusyOrder } from '~~/core/schedule/busy-file'
import { none, type Reading } from '~~/core/units'
import { startService } from '../workers/service'

/** An entry that takes longer than this comes to no end, ms. */
const ENTRY_MS = 1_500
/** All of a file is read within so long, or not at all, ms. */
const FILE_MS = 12_000
/** Larger files are no calendars of a person, bytes. */
const MOST_BYTES = 20_000_000

/** One try: what was read; or the line of the entry at which nothing went on. */
function tried(
  order: BusyOrder,
  until: number,
): Promise<Reading<BusyFile> | { kind: 'stuck'; line: number }> {
  return new Promise((resolve) => {
    const unread = (because: string): void => end(none(`The file could not be read: ${because}.`))
    const { service, end: endThread } = startService('busy-file', unread)
    let line = 0
    let timer: ReturnType<typeof setTimeout> | undefined
    const end = (answer: Reading<BusyFile> | { kind: 'stuck'; line: number }): void => {
      clearTimeout(timer)
      endThread()
      resolve(answer)
    }
    // Until the first line is told the worker itself is being fetched.
    const watch = (ms: number): void => {
      clearTimeout(timer)
      timer = setTimeout(() => end({ kind: 'stuck', line }), Math.max(0, Math.min(ms, until - Date.now())))
    }
    watch(FILE_MS)
    const at = (come: number): void => {
      line = come
      watch(ENTRY_MS)
    }
    service
      .read(order, Comlink.proxy(at))
      .then(end)
      .catch((error: unknown) => unread(error instanceof Error ? error.message : String(error)))
  })
}

/**
 * Reads a calendar file off the page, whatever is in it: an entry that comes to no end is left out, and the others
 * are read anew without it.
 */
export async function readBusyFile(file: File, order: Omit<BusyOrder, 'text'>): Promise<Reading<BusyFile>> {
  if (file.size > MOST_BYTES)
    return none(`It has ${Math.round(file.size / 1e6)} MB; a calendar has ${MOST_BYTES / 1e6} MB at most.`)
  const text = await file.text()
  const until = Date.now() + FILE_MS
  const without = new Set<number>()
  for (;;) {
    const answer = await tried({ ...order, text, without }, until)
    if (answer.kind !== 'stuck') return answer
    if (Date.now() >= until || answer.line === 0 || without.has(answer.line))
      return none(
        answer.line === 0
          ? 'It could not be read in time.'
          : `It could not be read in time; the reading came as far as line ${answer.line}.`,
      )
    without.add(answer.line)
  }
}
