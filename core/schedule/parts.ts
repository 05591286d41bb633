import type { BatchStep } from '../batches'

/** A part of a step: so many pieces in one go. */
export interface ActivityPart {
  readonly firstPiece: number
  readonly pieces: number
  /** Hands, and staying by it where its wait must be attended; whole minutes. */
  readonly minutes: number
}

/** What may be done in one go. */
export interface PartLimits {
  /** The longest session of all who could do it, minutes. */
  readonly longestMin: number
  /** No more of one thing in a row, minutes. */
  readonly boringMin: number
}

/** Minutes that someone stays by a step after hands are off it. */
export const attendedMin = ({ wait }: Pick<BatchStep, 'wait'>): number => (wait?.attended ? wait.leastMin : 0)

/**
 * A step in parts that fit into a session and bore nobody: even ones, and whole rounds where a window makes rounds of
 * it. What can't be divided further stays as long as it is. What is laid out anew for each part is counted in each.
 * @param pieces that are left to do in it
 */
export function activityPartsOf(
  step: Pick<BatchStep, 'hands' | 'wait' | 'within' | 'atOnce'>,
  pieces: number,
  { longestMin, boringMin }: PartLimits,
): ActivityPart[] {
  const { onceSec, eachSec } = step.hands
  const stay = attendedMin(step)
  const minutesFor = (count: number, isLast: boolean): number =>
    Math.max(1, Math.ceil((onceSec + eachSec * count) / 60 + (isLast ? stay : 0) - 1e-9))
  const round = step.within && step.atOnce ? Math.max(1, step.atOnce.count) : 1
  const rounds = Math.max(1, Math.ceil(pieces / round))
  const most = Math.min(longestMin - stay, boringMin)
  const whole = (onceSec + eachSec * pieces) / 60
  let count =
    whole > most ? Math.max(1, Math.ceil((eachSec * pieces) / Math.max(60, most * 60 - onceSec))) : 1
  // Even parts may round up beyond the most: one part more, until they fit or are single rounds.
  while (count < rounds && minutesFor(Math.ceil(rounds / count) * round, false) > most) count += 1
  count = Math.min(count, rounds)
  const parts: ActivityPart[] = []
  let done = 0
  for (let i = 0; i < count; i += 1) {
    const upTo = Math.min(pieces, Math.round(((i + 1) * rounds) / count) * round)
    const own = i === count - 1 ? pieces - done : upTo - done
    parts.push({ firstPiece: done, pieces: own, minutes: minutesFor(own, i === count - 1) })
    done += own
  }
  return parts
}
