import { readingBusy, type BusyFile, type BusyOrder } from '../../core/schedule/busy-file'
import type { Reading } from '../../core/units'

/** Reads calendars of others away from the page: an entry of theirs may come to no end. */
export const service = {
  /** Reads a calendar. @param at is told of each line that is come to, also where the next comes to no end */
  read(order: BusyOrder, at: (line: number) => void): Reading<BusyFile> {
    const reading = readingBusy(order)
    for (;;) {
      const next = reading.next()
      if (next.done) return next.value
      at(next.value)
    }
  },
}
