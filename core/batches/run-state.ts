import type { BatchAction } from './records'

/**
 * Where a run stands. `hands`: pieces are being done; `waiting`: it dries; `done`: all steps are behind it,
 * to be inspected and finished.
 */
export type Phase = 'planned' | 'hands' | 'waiting' | 'done' | 'finished' | 'abandoned'

/** A wait that runs, in ms since 1970: it goes on whatever the browser does. */
export interface Wait {
  readonly sinceMs: number
  readonly untilMs: number
  readonly latestMs?: number
}

export interface RunState {
  readonly phase: Phase
  readonly paused: boolean
  readonly stepIndex: number
  /** Pieces still good. */
  readonly live: number
  readonly doneInStep: number
  /** By step: pieces done in it; whether it is behind, its wait too; milliseconds of hands. */
  readonly done: readonly number[]
  readonly past: readonly boolean[]
  readonly stepMs: readonly number[]
  /** By step, the waits that run, that of the step in hand among them. */
  readonly waits: ReadonlyMap<number, Wait>
  /** By step that is behind: the last moment that its wait left for what follows it, ms since 1970. */
  readonly closes: ReadonlyMap<number, number>
  /** Pieces that have been through each step so far, rejects among them: what its materials were used for. */
  readonly reached: readonly number[]
  readonly begun: boolean
  readonly rejects: readonly { readonly count: number; readonly reason: string; readonly step: number }[]
  /** The wait of the step in hand. */
  readonly wait?: Wait
  /** The round that runs in a window step. */
  readonly round?: {
    readonly sinceMs: number
    readonly closesMs: number
    readonly size: number
    /** Pieces of the round that are neither done nor rejected. */
    readonly left: number
  }
  /** The step in hand must be done by then: what the wait before it allows at most. */
  readonly followByMs?: number
  /** Rounds in which the window had closed before the last piece was done. */
  readonly lateRounds: number
  /** Weighed in and not yet out, by material: grams and units per gram. */
  readonly weighing: ReadonlyMap<string, { readonly grams: number; readonly unitsPerG: number }>
  /** Measured use by material, in its unit. */
  readonly measured: ReadonlyMap<string, number>
  /** Hands-on time so far; gaps longer than {@link LONGEST_GAP_MS} are left out and summed apart. */
  readonly handsMs: number
  readonly gapMs: number
  readonly stepHandsMs: number
  readonly lastMs: number
  readonly outcome?: Extract<BatchAction, { type: 'finish' | 'abandon' }>
}
