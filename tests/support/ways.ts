import { makeUp, type Job, type MakeUp, type Method } from '../../core/makeup'
import { methods } from '../../core/methods'
import { stocked } from './workshop'

/** An example of a way of making, with one of each of its options chosen. */
export interface WayExample {
  readonly name: string
  readonly method: Method
  readonly job: Job
  readonly choices: Readonly<Record<string, string>>
}

/** Every example of every way of making, with every option. */
export const wayExamples: readonly WayExample[] = methods.flatMap((method: Method) =>
  (method.examples as readonly Job[]).flatMap((job, i) => {
    const all = method.options.reduce<Record<string, string>[]>(
      (sets, { id, choices }) => sets.flatMap((set) => choices.map((one) => ({ ...set, [id]: one.id }))),
      [{}],
    )
    return all.map((choices) => ({
      name: `${method.id} ${i + 1} ${Object.values(choices).join(' ')}`.trim(),
      method,
      job,
      choices,
    }))
  }),
)

/** An example worked out with a full shelf, in a room that dries as the rules say. */
export const workedExample = ({ method, job, choices }: WayExample): MakeUp =>
  makeUp({ job, method, states: stocked(), choices, dryingFactor: 1 })
