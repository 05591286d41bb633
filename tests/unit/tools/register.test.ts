import {
  atHand,
  holderByName,
  missingTools,
  missingWords,
  ownableTools,
  registerId,
  registerOf,
  ruinedIn,
  toolById,
  type ToolRecord,
} from '../../../core/tools'
import { makeUp, type Job } from '../../../core/makeup'
import { methods } from '../../../core/methods'
import { stocked, workedOut } from '../../support/workshop'

const record = (id: string, more: Partial<ToolRecord> = {}): ToolRecord => ({
  id,
  changedAt: '2026-10-01T10:00:00.000Z',
  have: 1,
  lent: [],
  worn: 0,
  ...more,
})
const loan = (count: number) => ({ count, to: 'next door', since: '2026-09-01' })

describe('the register of tools', () => {
  const { steps } = workedOut('dowel-conifer', { speciesId: 'norway-spruce', heightM: 18 })
  const missing = (records: ToolRecord[]) => missingTools(steps, registerOf(records))

  test('nothing lacks where nothing is said, nor what no bench is without', () => {
    expect(missing([])).toEqual([])
    expect(
      missing(ownableTools.map(({ id }) => record(registerId(id), { have: 0 })))
        .map(({ id }) => id)
        .sort(),
    ).toEqual(['belt sander', 'drill', 'rasp', 'saw and mitre box'])
    expect(missing(ownableTools.map(({ id }) => record(registerId(id))))).toEqual([])
  })

  test('what is lent, worn, sold or never was is not at hand, and says so', () => {
    const words = (more: Partial<ToolRecord>) => missing([record('drill', more)]).map(missingWords)
    expect(words({ lent: [loan(1)] })).toEqual(['drill: lent to next door'])
    expect(words({ worn: 1 })).toEqual(['drill: worn'])
    expect(words({ soldOn: '2026-10-02' })).toEqual(['drill: sold'])
    expect(words({ have: 0 })).toEqual(['no drill'])
    expect(words({ have: 2, lent: [loan(1)] })).toEqual([])
  })

  test('two of five lent and two worn leave one; more lent than there are leave none', () => {
    expect(atHand(record('clamp', { have: 5, lent: [loan(2)], worn: 2 }))).toBe(1)
    expect(atHand(record('clamp', { have: 1, lent: [loan(2)] }))).toBe(0)
  })

  test('a price of the maker’s own takes the place of ours; what is taken out of the register is not said', () => {
    expect(missing([record('drill', { have: 0, priceMinor: 1200 })])[0]?.priceMinor).toBe(1200)
    expect(missing([record('drill', { have: 0, removed: true })])).toEqual([])
  })
})

describe('what work ruins', () => {
  const latex = { tools: ['old brush'], cautions: ['latex'] }

  test('a brush for each coat of latex, none for a wash or where no brush is named', () => {
    expect([...ruinedIn([latex, latex])]).toEqual([['old brush', 2]])
    expect(ruinedIn([{ tools: ['old brush'], cautions: ['dust'] }]).size).toBe(0)
    expect(ruinedIn([{ tools: ['bowl'], cautions: ['latex'] }]).size).toBe(0)
  })

  test('the last one gone, latex wants another', () => {
    const register = registerOf([record('old-brush', { have: 2, worn: 2 })])
    expect(missingTools([latex], register)).toMatchObject([{ id: 'old brush', because: 'worn' }])
  })
})

test('every tool that a step names is one that the register knows, and every holder too', () => {
  const steps = methods.flatMap((method) => {
    const [job] = method.examples as readonly Job[]
    return job ? makeUp({ job, method, states: stocked(), dryingFactor: 1 }).steps : []
  })
  for (const name of new Set(steps.flatMap((step) => step.tools)))
    expect([name, toolById(name)?.id]).toEqual([name, name])
  for (const { what } of steps.flatMap((step) => step.holders))
    expect([what, holderByName(what)?.what]).toEqual([what, what])
})
