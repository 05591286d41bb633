import { makeUp, mindedNow, type Job, type MakeUp } from '../../../core/makeup'
import { methods } from '../../../core/methods'
import { cautionOf, cautions, gears, gravestFirst } from '../../../core/safety'
import { wayExamples, workedExample } from '../../support/ways'
import { batch, stocked } from '../../support/workshop'

type Step = MakeUp['steps'][number]

/**
 * What a maker's eye looks for in the words and the materials of a step, beside the rules that the app has: each
 * row says by which sign, and what must be minded then. Common practice.
 */
const signs: readonly (readonly [string, (step: Step, names: string) => boolean, readonly string[]])[] = [
  ['a spray can', (_, names) => /spray|hairspray|flat clear/i.test(names), ['spray']],
  ['isopropanol', (_, names) => /isopropanol|alcohol/i.test(names), ['alcohol', 'static-sparks']],
  ['the applicator', ({ tools }) => tools.includes('static applicator'), ['high-voltage', 'static-sparks']],
  ['CA', (_, names) => /\bCA\b/.test(names), ['ca']],
  ['latex', (_, names) => /\blatex\b/i.test(names), ['latex']],
  ['rubberised horsehair', (_, names) => /horsehair/i.test(names), ['rubber']],
  ['grout', (_, names) => /grout/i.test(names), ['grout']],
  ['hot glue', (_, names) => /hot-glue/i.test(names), ['hot-glue']],
  ['contact adhesive', (_, names) => /contact adhesive/i.test(names), ['adhesive']],
  ['stain', (_, names) => /\bstain\b/i.test(names), ['solvent']],
  ['soil', (_, names) => /\bsoil\b/i.test(names), ['soil']],
  ['wire', (_, names) => /\bwire\b/i.test(names), ['wire']],
  [
    'powder, flock or fibre',
    (_, names) => /foam, |leaf scatter|static fibre|powder|sawdust/i.test(names),
    ['dust'],
  ],
  ['an oven', ({ text }) => /\b80 °C/.test(text), ['oven']],
  ['a blender', ({ title }) => /shred|blend,/i.test(title), ['blender', 'dust']],
  ['a hose', ({ text }) => /\bhose|water jet/i.test(text), ['water-jet']],
  ['a rasp', ({ tools }) => tools.includes('rasp'), ['rasping']],
  ['a belt sander', ({ tools }) => tools.includes('belt sander'), ['sander']],
  ['mould', ({ faults }) => faults.includes('mould'), ['mould']],
]

describe('what can hurt is said at the step where it can', () => {
  test.each(wayExamples)('$name', (example) => {
    const up = workedExample(example)
    const soaks = up.uses.some(({ material }) =>
      /hemp|wool|stuffing|hank|towelling/i.test(material?.name ?? ''),
    )
    for (const step of up.steps) {
      const names = up.uses
        .filter((use) => use.step === step.id)
        .map(({ material }) => material?.name ?? '')
        .join('; ')
      const wanted = signs.flatMap(([, is, demands]) => (is(step, names) ? demands : []))
      if (soaks && /\bCA\b/.test(names)) wanted.push('ca-heat')
      expect({ step: step.id, cautions: step.cautions }).toEqual({
        step: step.id,
        cautions: expect.arrayContaining(wanted),
      })
      expect(step.cautions).toEqual(gravestFirst(step.cautions))
      expect(step.cautions.length).toBeLessThanOrEqual(9)
      expect(step.faults.length).toBeLessThanOrEqual(9)
      // Gloves, glasses and masks that a caution asks for lie with the tools.
      for (const gear of gears)
        if (step.cautions.some((id) => cautionOf(id).wear?.includes(gear))) expect(step.tools).toContain(gear)
    }
  })

  test('gathering: seed heads dry far from heat, umbels are known, guests freeze; roots are hosed with glasses on', () => {
    const of = (id: string): MakeUp => {
      const method = methods.find((one) => one.id === id)!
      return makeUp({
        job: (method.examples as readonly Job[])[0]!,
        method,
        states: stocked(),
        dryingFactor: 1,
      })
    }
    const heads = of('gather-flower-heads')
    const step = (up: MakeUp, id: string): Step => up.steps.find((one) => one.id === id)!
    expect(step(heads, 'gather').cautions).toEqual(expect.arrayContaining(['umbels', 'gathering']))
    expect(step(heads, 'gather').tools).toContain('gloves')
    expect(step(heads, 'dry').cautions).toContain('tinder')
    expect(step(heads, 'dry').cautions).not.toContain('oven')
    expect(step(heads, 'dry').text).toMatch(/never by a stove/)
    expect(step(heads, 'box').cautions).toEqual(expect.arrayContaining(['pests', 'food-jars']))
    expect(step(heads, 'box').faults).toContain('insects-in-store')
    expect(step(of('gather-roots'), 'clean').cautions).toContain('water-jet')
    expect(step(of('gather-roots'), 'clean').tools).toEqual(expect.arrayContaining(['hose', 'glasses']))
    for (const { id } of of('gather-soil').steps.filter((one) => one.id !== 'ask'))
      expect(step(of('gather-soil'), id).cautions).toContain('soil')
  })

  test('no step dries anything by a stove, and no caution is without a place', () => {
    const said = new Set<string>(['drilling'])
    for (const example of wayExamples)
      for (const step of workedExample(example).steps) {
        for (const id of step.cautions) said.add(id)
        expect(step.text).not.toMatch(/(?<!never )by (?:a|the) stove/)
      }
    expect(Object.keys(cautions).filter((id) => !said.has(id))).toEqual([])
  })

  test('what each caution says', () => {
    const words = (id: string): string => cautionOf(id).text
    expect(words('tinder')).toMatch(/no stove/)
    expect(words('ca-heat')).toMatch(/smoke and burn.*Drops only/)
    expect(words('oven')).toMatch(
      /thin layer.*thermometer.*80 °C \(soil 100\).*gas oven.*Stay with it.*no food/,
    )
    expect(words('blender')).toMatch(/Lid on.*alcohol or solvent.*sparks.*kitchen/)
    expect(words('alcohol')).toMatch(/No flame, no static/)
    expect(words('soil')).toMatch(/gloves, mask.*wash your hands.*30 to 60 minutes/)
    expect(words('mould')).toMatch(/Bag it.*mask.*jars that stood beside/)
    expect(words('umbels')).toMatch(/Hogweed.*hemlock/)
    expect(words('gathering')).toMatch(/plant health rules/)
    expect(words('pests')).toMatch(/two days in the freezer/)
    expect(words('high-voltage')).toMatch(/pacemaker or any other implant/)
    expect(words('food-jars')).toMatch(/children and animals/)
    expect(words('hot-glue')).toMatch(/foam, and its fumes/)
    expect(words('spray')).toMatch(/melt foam board/)
  })

  test('a batch that an earlier version planned is minded as today', () => {
    const planned = batch()
    const old = {
      ...planned.plan.steps[0]!,
      cautions: ['laser-cutter'],
      tools: ['blender'],
      materialIds: ['wetting-mist'],
    }
    const states = new Map(stocked().map(({ material }) => [material.id, material]))
    const step = mindedNow(old, { ...planned, plan: { ...planned.plan, steps: [old] } }, (id) =>
      states.get(id),
    )
    // What a later version wrote stays; alcohol is found in the mixture that it went into.
    expect(step.cautions).toEqual(['laser-cutter', 'alcohol', 'static-sparks', 'blender', 'dust'])
  })
})
