import { makeUp, type MakeUp, type Step } from '../../../core/makeup'
import { stocked } from '../../support/workshop'
import { wayExamples, workedExample, type WayExample } from '../../support/ways'

/** The same with no booth: what is sprayed is sprayed outdoors. */
const outdoors = ({ method, job, choices }: WayExample): MakeUp =>
  makeUp({ job, method, states: stocked(), choices, dryingFactor: 1, outdoors: true })

const isSprayed = ({ gives }: Step): boolean => gives.includes('aerosol')

/** What a step throws: of what lies in the catch tray, foam is blown about; fibre is set indoors. */
const thrownAt = ({ uses }: MakeUp, { id }: Step) =>
  uses.filter((use) => use.step === id && use.dispensed !== undefined && use.material?.of.stuff === 'foam')

describe('where there is no booth', () => {
  test.each(wayExamples)('$name: the wind takes foam of what is sprayed, and of nothing else', (example) => {
    const inside = workedExample(example)
    const outside = outdoors(example)
    const differ = outside.uses.flatMap((use, i) =>
      use.total.value === inside.uses[i]?.total.value ? [] : use,
    )
    const thrown = outside.steps.filter(isSprayed).flatMap((step) => thrownAt(outside, step))
    expect(differ.map(({ step, label }) => `${step}: ${label}`)).toEqual(
      thrown.map(({ step, label }) => `${step}: ${label}`),
    )
    // A deep box is for what is thrown; paint alone needs none.
    for (const step of outside.steps)
      expect([step.id, step.text.includes('in a deep box')]).toEqual([
        step.id,
        isSprayed(step) && thrownAt(outside, step).length > 0,
      ])
  })
})
