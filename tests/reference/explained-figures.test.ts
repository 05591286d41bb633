import { evaluate } from 'mathjs'
import { makeUp, type Job, type MakeUp } from '../../core/makeup'
import { setting } from '../../core/methods/kit'
import { methodCoefficient } from '../../core/methods'
import { formulaOf, formulaWithKey, leavesOf, numbersOf, type Figure } from '../../core/quantities'
import { stocked } from '../support/workshop'
import { grown, wayExamples, workedExample } from '../support/ways'

/**
 * Every printed formula of every figure gives its figure: read and worked out by mathjs, which knows nothing of ours.
 */
const figuresOf = (up: MakeUp): [string, Figure][] => [
  ...up.uses.flatMap(({ slot, step, perPiece, total, dispensed: lies }): [string, Figure][] => [
    [`${step}/${slot} for one`, perPiece],
    [`${step}/${slot} in all`, total],
    ...(lies ? ([[`${step}/${slot} on the tray`, lies]] as [string, Figure][]) : []),
  ]),
  ...up.pours.flatMap(({ title, lines }) =>
    lines.map(({ label, figure }): [string, Figure] => [`${title}/${label}`, figure]),
  ),
  ...up.yields.map(({ label, quantity }): [string, Figure] => [`comes out: ${label}`, quantity]),
  ['wanted', up.wanted],
  ['started', up.started],
  ['hands', up.handsMin],
  ['elapsed', up.elapsedMin],
  ...(up.costEachMinor ? ([['cost', up.costEachMinor]] as [string, Figure][]) : []),
]

function wrongOf(up: MakeUp): string[] {
  return figuresOf(up).flatMap(([name, figure]) => {
    const { formula, key } = formulaWithKey(figure.of)
    const value = Number(evaluate(formula, { ...key }))
    const off = Math.abs(value - figure.value) / Math.max(1e-12, Math.abs(figure.value))
    return off > 1e-9 && figure.value !== value
      ? [`${name}: ${formula} is ${value}, not ${figure.value}`]
      : []
  })
}

describe('every printed formula gives its figure (mathjs)', () => {
  test.each(wayExamples)('$name', (example) => {
    expect(wrongOf(workedExample(example))).toEqual([])
  })

  const sized = wayExamples.filter(({ name }) => / 1\b/.test(name))
  test.each([0.4, 2.5])('and at %s times the size, for one and for four hundred', (times) => {
    const seen = new Set<string>()
    for (const { method, job, choices } of sized) {
      if (seen.has(method.id)) continue
      seen.add(method.id)
      for (const pieces of [1, 400]) {
        const up = makeUp({
          job: scaled(job, times, pieces),
          method,
          states: stocked(),
          choices,
          dryingFactor: 1,
        })
        expect([method.id, ...wrongOf(up)]).toEqual([method.id])
      }
    }
    expect(seen.size).toBeGreaterThan(30)
  })

  test('and every coefficient in it can be set by its maker', () => {
    for (const example of wayExamples)
      for (const [name, { of }] of figuresOf(workedExample(example)))
        for (const { coefficient } of leavesOf(of))
          if (coefficient !== undefined)
            expect([name, coefficient, methodCoefficient(coefficient)?.id]).toEqual([
              name,
              coefficient,
              coefficient,
            ])
    for (const { id } of Object.values(setting)) expect(methodCoefficient(id)?.id).toBe(id)
  })

  test('and reads as a sentence: no code, no endless number, words for each part', () => {
    for (const example of wayExamples)
      for (const [name, { of }] of figuresOf(workedExample(example))) {
        expect([name, formulaOf(of)]).toEqual([
          name,
          expect.not.stringMatching(/undefined|NaN|x\d|\*|\d\.\d{5}/),
        ])
        expect([name, numbersOf(of)]).toEqual([name, expect.not.stringMatching(/undefined|NaN|\d\.\d{5}/)])
      }
  })
})

function scaled(job: Job, times: number, pieces: number): Job {
  if (job.kind === 'stock') return { ...job, quantity: job.quantity * times }
  const piece = grown(job.piece, times)
  switch (job.kind) {
    case 'pieces':
      return { ...job, piece, pieces }
    case 'length':
      return { ...job, piece, lengthMm: pieces * 30 }
    case 'area':
      return { ...job, piece, areaCm2: pieces * 4 }
  }
}
