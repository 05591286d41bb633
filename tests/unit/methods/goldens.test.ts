import { readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type { MakeUp } from '../../../core/makeup'
import { wayExamples, workedExample } from '../../support/ways'

/**
 * What each way of making answered when these were written: amounts, hands, waits and steps. They change only where
 * a figure is put right, and the change that does it names the reason. GOLDENS=write writes them anew.
 */
const file = join(__dirname, '../../fixtures/estimates.jsonl')

const byText = (a: unknown, b: unknown): number => (JSON.stringify(a) < JSON.stringify(b) ? -1 : 1)
const six = (value: number): number => Number(value.toPrecision(6))
function answerOf(up: MakeUp) {
  return {
    started: up.started.value,
    handsMin: six(up.handsMin.value),
    elapsedMin: six(up.elapsedMin.value),
    // In whatever order they are listed: what a step takes first is no figure.
    uses: up.uses
      .map(({ slot, step, material, total, dispensed: lies }) => [
        slot,
        step,
        material?.id ?? null,
        six(total.value),
        total.unit,
        ...(lies === undefined ? [] : [six(lies.value)]),
      ])
      .sort(byText),
    yields: up.yields.map(({ material, quantity }) => [material.id, six(quantity.value)]).sort(byText),
    cuts: up.cuts.map(({ what, count, lengthMm }) => [what, count, six(lengthMm)]),
    steps: up.steps.map(({ id, hands, wait, within, atOnce }) => [
      id,
      six(hands.onceSec),
      six(hands.eachSec),
      wait === undefined
        ? null
        : [six(wait.leastMin), wait.mostMin === undefined ? null : six(wait.mostMin), wait.kind],
      within === undefined ? null : six(within.sec),
      atOnce?.count ?? null,
    ]),
  }
}

const read = (): Map<string, unknown> =>
  new Map(
    readFileSync(file, 'utf8')
      .trim()
      .split('\n')
      .map((row) => JSON.parse(row) as [string, unknown]),
  )

if (process.env.GOLDENS === 'write')
  writeFileSync(
    file,
    wayExamples
      .map((example) => `${JSON.stringify([example.name, answerOf(workedExample(example))])}\n`)
      .join(''),
  )
const goldens = read()

describe('each way answers as it did', () => {
  test.each(wayExamples)('$name', (example) => {
    expect(answerOf(workedExample(example))).toEqual(goldens.get(example.name))
  })

  test('and no answer is kept of what is no longer there', () => {
    const names = new Set(wayExamples.map(({ name }) => name))
    expect(names.size).toBe(wayExamples.length)
    expect([...goldens.keys()].filter((name) => !names.has(name))).toEqual([])
  })
})
