import { patchesOf, wetPatchCm2 } from '../grass'
import { figure, input } from '../units'
import type { Coefficient } from './coefficients'
import type { Parts, PlantJob, ReadCoefficient } from './job'
import type { PlantTask } from './method'

/** What limits a patch: how long glue is open, what passes before the first stroke, and how fast hands are. */
export interface WetPatch {
  readonly openSec: Coefficient
  readonly setUpSec: Coefficient
  readonly secPerCm2: Coefficient
}

/** An area in patches that hands can glue and fill while the glue is open. */
export function patchParts(job: PlantJob, read: ReadCoefficient, of: WetPatch): Parts {
  const [open, setUp, speed] = [read(of.openSec), read(of.setUpSec), read(of.secPerCm2)]
  const most = wetPatchCm2(open.value, setUp.value, speed.value)
  return evenPatches(
    job,
    input('largest wet patch', most, 'cm²', 'formula', '(open time − set-up) ÷ hand speed'),
    [open, setUp, speed],
  )
}

/** An area in even patches of no more than so much. */
export function areaParts(job: PlantJob, read: ReadCoefficient, mostCm2: Coefficient): Parts {
  return evenPatches(job, read(mostCm2), [])
}

function evenPatches(
  job: PlantJob,
  most: ReturnType<ReadCoefficient>,
  inputs: ReturnType<ReadCoefficient>[],
): Parts {
  const areaCm2 = job.kind === 'area' ? job.areaCm2 : job.piece.topAreaCm2
  const { count, eachCm2 } = patchesOf(areaCm2, most.value)
  return {
    count: figure(count, 'patches', 'area ÷ largest patch, rounded up; all of one size', [
      input('area', areaCm2, 'cm²', 'yours'),
      most,
      ...inputs,
    ]),
    share: { kind: 'area', cm2Each: eachCm2, each: 'patch' },
  }
}

/** A hedge in stretches of no more than so much. */
export function stretchParts(job: PlantJob, read: ReadCoefficient, mostMm: Coefficient): Parts {
  const most = read(mostMm)
  const lengthMm = job.kind === 'length' ? job.lengthMm : job.piece.crownWidthMm
  const count = Math.max(1, Math.ceil(lengthMm / most.value - 1e-9))
  return {
    count: figure(count, 'stretches', 'length ÷ longest stretch, rounded up; all of one length', [
      input('length', lengthMm, 'mm', 'yours'),
      most,
    ]),
    share: { kind: 'length', mmEach: lengthMm / count, each: 'stretch' },
  }
}

/** Ground that one part takes, cm²: of its area; of a single plant, its own circle. */
export const partCm2 = ({ share, piece }: Pick<PlantTask, 'share' | 'piece'>): number =>
  share.kind === 'area' ? share.cm2Each : piece.topAreaCm2

/** Length that one part takes, mm: of its hedge; of a single plant, its own width. */
export const partMm = ({ share, piece }: Pick<PlantTask, 'share' | 'piece'>): number =>
  share.kind === 'length' ? share.mmEach : piece.crownWidthMm
