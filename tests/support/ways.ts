import { makeUp, type Job, type MakeUp, type Step, type Method, type PlantJob } from '../../core/makeup'
import { type Piece } from '../../core/commissions'
import { examplePiece } from '../../core/methods/kit'
import { methods, plantingOut, plantMethodById } from '../../core/methods'
import { stocked } from './workshop'

/** An example of a way of making, with one of each of its options chosen. */
export interface WayExample {
  readonly name: string
  readonly method: Method
  readonly job: Job
  readonly choices: Readonly<Record<string, string>>
}

/** Every example of every way of making, and of planting out, with every option. */
export const wayExamples: readonly WayExample[] = [...methods, plantingOut].flatMap((method: Method) =>
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

/** A job by a way, with more on the shelf than it could want. @param over whatever else is asked of it */
export const made = (
  methodId: string,
  job: PlantJob,
  choices: Record<string, string> = {},
  over: Partial<Parameters<typeof makeUp>[0]> = {},
): MakeUp =>
  makeUp({
    job,
    method: plantMethodById(methodId)!,
    states: stocked(() => 1e6),
    choices,
    dryingFactor: 1,
    ...over,
  })

/** So much of a slot for one piece, at one step or at all of them. */
export const each = ({ uses }: MakeUp, slot: string, step?: string): number =>
  uses
    .filter((use) => use.slot === slot && (step === undefined || use.step === step))
    .reduce((sum, { perPiece }) => sum + perPiece.value, 0)
/** So much of a slot for the whole batch. */
export const total = ({ uses }: MakeUp, slot: string): number =>
  uses.filter((use) => use.slot === slot).reduce((sum, use) => sum + use.total.value, 0)
/** A step by its name. */
export const stepOf = ({ steps }: MakeUp, id: string): Step => steps.find((step) => step.id === id)!
/** Steps in their order. */
export const stepIds = ({ steps }: MakeUp): string[] => steps.map(({ id }) => id)
/** Hours of hands. */
export const handsH = ({ handsMin }: MakeUp): number => handsMin.value / 60

/** An old oak of 200 mm whose crown is 182 cm² from the side. */
export const oak = (over: object = {}) =>
  examplePiece('broadleaf', 'rounded', 200, { zone: 'front', sideAreaCm2: 182, trunkMm: 8, ...over })

/** A piece so many times as large. */
export const grown = (piece: Piece, times: number): Piece => ({
  ...piece,
  heightMm: piece.heightMm * times,
  crownWidthMm: piece.crownWidthMm * times,
  crownDepthMm: piece.crownDepthMm * times,
  clearStemMm: piece.clearStemMm * times,
  trunkMm: piece.trunkMm * times,
  sideAreaCm2: piece.sideAreaCm2 * times ** 2,
  topAreaCm2: piece.topAreaCm2 * times ** 2,
  surfaceCm2: piece.surfaceCm2 * times ** 2,
  volumeCm3: piece.volumeCm3 * times ** 3,
  sward: { ...piece.sward, heightMm: piece.sward.heightMm * times },
})
