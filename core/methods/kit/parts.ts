import { patchesOf } from '../../grass'
import {
  ONE,
  constant,
  difference,
  fact,
  figure,
  law,
  most,
  property,
  quotient,
  roundedUp,
  type Coefficient,
  type Expression,
} from '../../quantities'
import type { Setting } from '../../adhesives'
import type { JarOf, JobParts, PlantJob, PlantTask, ReadCoefficient } from '../../makeup'
import { timeOf } from './setting'

/** What limits a patch: how long glue is open, what passes before the first stroke, and how fast hands are. */
export interface WetPatch {
  /** What is open, as its jar may say. */
  readonly glue: Setting
  readonly openSec: Coefficient
  readonly setUpSec: Coefficient
  readonly secPerCm2: Coefficient
}

/** An area in patches that hands can glue and fill while the glue is open. */
export function patchParts(job: PlantJob, read: ReadCoefficient, jarOf: JarOf, of: WetPatch): JobParts {
  const [usually, setUp, speed] = [read(of.openSec), read(of.setUpSec), read(of.secPerCm2)]
  const { time, jar } = timeOf({ value: (one) => read(one).value, jarOf }, of.glue, 'open', {
    by: of.openSec,
  })
  const open = jar === undefined ? usually : property('can be worked on', time, 's', 'stock', jar)
  const largest = law(
    'wet patch',
    'what hands cover while the glue is open',
    most(constant('', 1, 'cm²', 'our estimate'), quotient(difference(open, setUp), speed)),
  )
  return evenPatches(job, largest)
}

/** An area in even patches of no more than so much. */
export function areaParts(job: PlantJob, read: ReadCoefficient, mostCm2: Coefficient): JobParts {
  return evenPatches(job, read(mostCm2))
}

function evenPatches(job: PlantJob, largest: Expression): JobParts {
  const areaCm2 = job.kind === 'area' ? job.areaCm2 : job.piece.topAreaCm2
  const { eachCm2 } = patchesOf(areaCm2, largest.value)
  const area = fact('area', areaCm2, 'cm²', 'line')
  return {
    count: figure(most(ONE, roundedUp(quotient(area, largest))), 'patches'),
    share: { kind: 'area', cm2Each: eachCm2, each: 'patch' },
  }
}

/** A hedge in stretches of no more than so much. */
export function stretchParts(job: PlantJob, read: ReadCoefficient, mostMm: Coefficient): JobParts {
  const lengthMm = job.kind === 'length' ? job.lengthMm : job.piece.crownWidthMm
  const count = most(ONE, roundedUp(quotient(fact('length', lengthMm, 'mm', 'line'), read(mostMm))))
  return {
    count: figure(count, 'stretches'),
    share: { kind: 'length', mmEach: lengthMm / count.value, each: 'stretch' },
  }
}

/** Ground that one part takes, cm²: of its area; of a single plant, its own circle. */
export const partCm2 = ({ share, piece }: Pick<PlantTask, 'share' | 'piece'>): number =>
  share.kind === 'area' ? share.cm2Each : piece.topAreaCm2

/** Length that one part takes, mm: of its hedge; of a single plant, its own width. */
export const partMm = ({ share, piece }: Pick<PlantTask, 'share' | 'piece'>): number =>
  share.kind === 'length' ? share.mmEach : piece.crownWidthMm
