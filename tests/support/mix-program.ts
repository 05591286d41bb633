import { mixLinear, type Linear } from '../../core/colour'
import type { Aim, Grain } from '../../core/blends'

/** HiGHS, an exact solver for mixed-integer programs, as far as it is asked here. */
export interface Highs {
  readonly solve: (program: string) => {
    readonly Status: string
    readonly Columns: Record<string, { readonly Primal: number }>
  }
}

/**
 * Looks for whole parts within a difference by integer programs: the parts' areas beyond a plane must not add up above
 * 0. Planes touch what is as near, found along 900 rays; where an answer lies beyond it all the same, the plane that
 * parts it is added, and it is asked again.
 */
export function partsWithin(
  highs: Highs,
  grains: readonly Grain[],
  aim: Aim,
  difference: number,
  most: { readonly parts: number; readonly materials: number },
): 'none' | readonly number[] {
  const centre = centreOf(aim)
  const minus = (light: Linear): Linear => light.map((own, i) => own - (centre[i] ?? 0)) as unknown as Linear
  const slope = (light: Linear): Linear =>
    [0, 1, 2].map((axis) => {
      const beside = (by: number): Linear =>
        light.map((own, i) => own + (i === axis ? by : 0)) as unknown as Linear
      return (aim.off(beside(1e-5)) - aim.off(beside(-1e-5))) / 2e-5
    }) as unknown as Linear
  // Steps along each axis that look alike, so that rays are spread evenly.
  const stretch = [0, 1, 2].map(
    (axis) => aim.off(centre.map((own, i) => own + (i === axis ? 1e-3 : 0)) as unknown as Linear) / 1e-3,
  )
  const rimAlong = (ray: Linear): Linear => {
    const at = (length: number): Linear =>
      centre.map((own, i) => own + length * (ray[i] ?? 0)) as unknown as Linear
    let [inside, outside] = [0, 0.001]
    while (aim.off(at(outside)) < difference) outside *= 2
    for (let i = 0; i < 24; i += 1) {
      const middle = (inside + outside) / 2
      if (aim.off(at(middle)) < difference) inside = middle
      else outside = middle
    }
    return at(outside)
  }
  const rim = Array.from({ length: 900 }, (_, i) => {
    const z = 1 - (2 * i + 1) / 900
    const turn = i * 2.399963
    const round = Math.sqrt(1 - z * z)
    return rimAlong(
      [round * Math.cos(turn), round * Math.sin(turn), z].map(
        (own, k) => own / (stretch[k] ?? 1),
      ) as unknown as Linear,
    )
  })
  const along = (light: Linear, normal: Linear): number =>
    minus(light).reduce((sum, own, i) => sum + own * (normal[i] ?? 0), 0)
  const rowOf = (normal: Linear): number[] => {
    const reach = Math.max(...rim.map((light) => along(light, normal)))
    return grains.map(({ colour, areaPerMl }) => (areaPerMl * (along(colour, normal) - reach)) / 1000)
  }
  const planes = rim.filter((_, i) => i % 30 === 0).map((light) => rowOf(slope(light)))
  for (let round = 0; round < 60; round += 1) {
    const answer = highs.solve(program(grains.length, planes, most))
    if (answer.Status === 'Infeasible') return 'none'
    if (answer.Status !== 'Optimal') throw new Error(`the solver says ${answer.Status}`)
    const parts = grains.map((_, i) => Math.round(answer.Columns[`p${i}`]?.Primal ?? 0))
    const light = mixLinear(grains.map(({ colour, areaPerMl }, i) => [colour, areaPerMl * (parts[i] ?? 0)]))
    if (aim.off(light) <= difference * 1.002) return parts
    planes.push(rowOf(slope(rimAlong(minus(light)))))
  }
  throw new Error('the planes do not close in')
}

/** Least parts in all that keep every plane, the materials and the parts that are allowed. */
function program(
  count: number,
  planes: readonly (readonly number[])[],
  most: { readonly parts: number; readonly materials: number },
): string {
  const names = Array.from({ length: count }, (_, i) => i)
  const total = names.map((i) => `p${i}`).join(' + ')
  const row = (plane: readonly number[]): string => {
    const largest = Math.max(...plane.map(Math.abs))
    return `${plane.map((value, i) => `${value < 0 ? '-' : '+'} ${(Math.abs(value) / largest).toFixed(9)} p${i}`).join(' ')} <= 0`
  }
  return [
    'Minimize',
    ` ${total}`,
    'Subject To',
    ...planes.map(row),
    `${total} >= 1`,
    `${total} <= ${most.parts}`,
    `${names.map((i) => `u${i}`).join(' + ')} <= ${most.materials}`,
    ...names.map((i) => `p${i} - ${most.parts} u${i} <= 0`),
    'Bounds',
    ...names.map((i) => `p${i} <= ${most.parts}`),
    'General',
    names.map((i) => `p${i}`).join(' '),
    'Binary',
    names.map((i) => `u${i}`).join(' '),
    'End',
  ].join('\n')
}

/** The light at which an aim is met, by walking downhill. */
function centreOf(aim: Aim): Linear {
  let at: [number, number, number] = [0.2, 0.2, 0.2]
  let step = 0.1
  while (step > 1e-7) {
    const tries = [0, 1, 2].flatMap((axis) =>
      [-step, step].map((by) => at.map((own, i) => own + (i === axis ? by : 0)) as [number, number, number]),
    )
    const better = tries.find((light) => aim.off(light) < aim.off(at))
    if (better) at = better
    else step /= 2
  }
  return at
}
