import type { BatchAction } from '~~/core/batches'

/** What each entry of a run says was done. */
export const deedWords: Record<BatchAction['type'], string> = {
  start: 'start',
  pieces: 'pieces done',
  round: 'start of the round',
  turn: 'turn to another step',
  advance: 'end of the wait',
  reject: 'reject',
  'weigh-in': 'weigh-in',
  'weigh-out': 'weigh-out',
  use: 'amount used',
  pause: 'pause',
  resume: 'going on',
  undo: 'undo',
  finish: 'finish',
  abandon: 'abandoning',
}
