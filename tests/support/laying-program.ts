import type { Problem } from '../../core/schedule'
import type { Highs } from './mix-program'

/** Minutes of a slot of the program: all times of its problems are whole slots. */
export const SLOT = 10

/** The optimum of a small problem by an integer program over slots: a variable for each start that is possible. */
export function optimum(highs: Highs, problem: Problem, aim: 'late' | 'end'): number | 'infeasible' {
  const starts = problem.works.map((work, w) =>
    work.who.flatMap((worker) =>
      (problem.workers[worker]?.open ?? []).flatMap(({ from, to }) => {
        const found: { name: string; worker: number; start: number; end: number }[] = []
        for (let start = from; start + work.minutes <= to; start += SLOT)
          found.push({ name: `x_${w}_${worker}_${start}`, worker, start, end: start + work.minutes })
        return found
      }),
    ),
  )
  const all = starts.flat()
  if (starts.some((own) => own.length === 0)) return 'infeasible'
  const sum = (terms: readonly (readonly [number, string])[]): string =>
    terms
      .filter(([factor]) => factor !== 0)
      .map(([factor, name]) => `${factor < 0 ? '-' : '+'} ${Math.abs(factor)} ${name}`)
      .join(' ')
  const startOf = (w: number, sign: number) =>
    (starts[w] ?? []).map(({ name, start }): [number, string] => [sign * start, name])
  const endOf = (w: number, sign: number) =>
    (starts[w] ?? []).map(({ name, end }): [number, string] => [sign * end, name])
  const rows = starts.map((own) => `${sum(own.map(({ name }) => [1, name]))} = 1`)
  const moments = [...new Set(all.map(({ start }) => start))].sort((a, b) => a - b)
  problem.workers.forEach((_, worker) => {
    for (const at of moments) {
      const busy = all.filter((own) => own.worker === worker && own.start <= at && own.end > at)
      if (busy.length > 1) rows.push(`${sum(busy.map(({ name }) => [1, name]))} <= 1`)
    }
  })
  problem.works.forEach((work, w) => {
    for (const { work: before, least, most } of work.after) {
      rows.push(`${sum([...startOf(w, 1), ...endOf(before, -1)])} >= ${least}`)
      if (most !== undefined) rows.push(`${sum([...endOf(w, 1), ...endOf(before, -1)])} <= ${most}`)
    }
  })
  // A holder is full from the start of one work until another begins or has ended.
  problem.holders.forEach(({ capacity }, holder) => {
    const holds = problem.holds.filter((hold) => hold.holder === holder)
    if (holds.length === 0) return
    for (const at of moments) {
      const terms = holds.flatMap(({ from = 0, to, until, amount }) => [
        ...(starts[from] ?? [])
          .filter(({ start }) => start <= at)
          .map(({ name }): [number, string] => [amount, name]),
        ...(starts[to] ?? [])
          .filter(({ start, end }) => (until === 'start' ? start : end) <= at)
          .map(({ name }): [number, string] => [-amount, name]),
      ])
      if (terms.length > 0) rows.push(`${sum(terms)} <= ${capacity}`)
    }
  })
  const lates = problem.jobs.flatMap(({ due, works }, job) =>
    due === undefined ? [] : [{ due, works, job }],
  )
  if (aim === 'end')
    for (const { works } of problem.jobs) rows.push(`+ 1 C ${sum(endOf(works.at(-1) ?? 0, -1))} >= 0`)
  else
    for (const { due, works, job } of lates)
      rows.push(`+ 1 L_${job} ${sum(endOf(works.at(-1) ?? 0, -1))} >= -${due}`)
  const goal = aim === 'end' ? 'C' : lates.map(({ job }) => `L_${job}`).join(' + ')
  const program = [
    'Minimize',
    `  ${goal}`,
    'Subject To',
    ...rows.map((row, i) => `  r${i}: ${row}`),
    'Binary',
    ...all.map(({ name }) => `  ${name}`),
    'End',
  ].join('\n')
  const answer = highs.solve(program)
  if (answer.Status === 'Infeasible') return 'infeasible'
  if (answer.Status !== 'Optimal') throw new Error(`the solver says ${answer.Status}`)
  return aim === 'end'
    ? Math.round(answer.Columns.C?.Primal ?? 0)
    : Math.round(lates.reduce((total, { job }) => total + (answer.Columns[`L_${job}`]?.Primal ?? 0), 0))
}
