import {
  colourFromAbove,
  coverFromAbove,
  feetOf,
  meanUp,
  proposeLayers,
  sealed,
  seenHeight,
  type Gluing,
  type GrassLayer,
  type Lean,
  type Reach,
  type StandingFibre,
} from '../../grass'
import { plannerOf, stepHandsMin, type MakeUp, type PlantJob } from '../../makeup'
import { fact, figure, worthOf, type Coefficient, type Figure, type OwnValues } from '../../quantities'
import { amount, coefficients, seconds, share, spoilage, sticking } from '../kit/rows'
import { plainNumber, type Origin } from '../../units'

import { dries, staysOpen } from '../kit/setting'

/** What grass set in layers takes. */
export const grassFigures = coefficients('layered-grass', {
  spoilage: spoilage(0),
  openSec: staysOpen('medium'),
  setUpSec: seconds('clip on and switch on', 20),
  patchSec: amount('glue and fibre, for each cm²', 0.7, 's/cm²'),
  tipSec: amount('touch tips, fibre, for each cm²', 1, 's/cm²'),
  refillSec: seconds('earth, fill the hopper, for each layer', 180),
  vacuumSec: amount('vacuum, for each cm²', 0.05, 's/cm²'),
  sticks: sticking('sticks, of what is thrown', 0.4),
  midShare: share('share of the patch that is its middle', 0.45),
  tipShare: share('share of the patch where tips are touched', 0.3),
  glueAll: amount('glue all over', 0.015, 'ml/cm²'),
  glueMid: amount('glue in the middle, generous', 0.03, 'ml/cm²', 'memory', 'plenty is common practice'),
  glueTips: amount('glue on tips, barely touched', 0.003, 'ml/cm²'),
  touchCm2: amount('reached by one touch of the brush', 0.5, 'cm²'),
  dryMin: dries('medium', 'fast matt medium dries'),
  leanDeg: amount('mean lean of a fibre', 24, '°'),
  combDeg: amount('lean that the vacuum combs in', 9, '°'),
  swept: share('of the lost fall, swept up mixed', 0.6),
})

/** Share of the patch that each gluing reaches. */
export const gluingReachOf = (value: (coefficient: Coefficient) => number): Reach => ({
  'all over': 1,
  'mid-patch': value(grassFigures.midShare),
  'tips only': value(grassFigures.tipShare),
})

export const leanOf = (value: (coefficient: Coefficient) => number, combed: boolean): Lean => ({
  meanDeg: value(grassFigures.leanDeg),
  combDeg: combed ? value(grassFigures.combDeg) : 0,
})

/** Glue on a cm² of the patch as a whole, ml/cm², by where it goes. */
export const glueRate: Readonly<Record<Gluing, readonly Coefficient[]>> = {
  'all over': [grassFigures.glueAll],
  'mid-patch': [grassFigures.midShare, grassFigures.glueMid],
  'tips only': [grassFigures.tipShare, grassFigures.glueTips],
}
const k = grassFigures

/**
 * Fibres on a cm² in the first layer, and the mass of a layer by that of the last. From memory: of 2 mm that is 80 g on
 * a m², so a bag of 20 g for a quarter of it, and soil is seen on less than half.
 */
const LAYERING = { firstPerCm2: 1800, fall: 0.5 } as const

/** What soil is taken for where it is seen between the fibres. From memory. */
export const SOIL = '#75634a'

/** The layers of a job: as the maker has set them, else as its sward asks for. */
export const layersOf = (job: PlantJob): readonly GrassLayer[] =>
  (job.kind === 'area' ? job.layers : undefined) ?? proposeLayers(job.piece.sward, LAYERING)

export const layerSlot = (place: number): string => `layer-${place + 1}`
/** The step at which what is loose of a layer is lifted. */
export const vacuumOf = (place: number): string => `vacuum-${place + 1}`

/** One layer as it is worked out, for the whole patch. Grams and ml. */
export interface PlannedLayer {
  readonly layer: GrassLayer
  readonly fibres: readonly StandingFibre[]
  readonly standingG: number
  /** What goes into the hopper, what the vacuum gives back, and what leaves stock. */
  readonly hopperG: number
  readonly backG: number
  readonly takenG: number
  readonly glueMl: number
  readonly minutes: number
  readonly waitMin: number
  /** Cover from above once it is set, 0–1. */
  readonly cover: number
}

/** Everything that layers of grass come to. */
export interface LayerPlan {
  readonly layers: readonly PlannedLayer[]
  readonly fibres: readonly StandingFibre[]
  readonly reach: Reach
  readonly lean: Lean
  readonly patchCm2: number
  readonly patches: number
  /** Height that it is seen at, mm: the 90th percentile of tips by length. Sealed it is lower. */
  readonly seenMm: number
  readonly sealedMm: number
  readonly cover: number
  readonly dry: string
  readonly sealed: string
}

/** Sealing takes this share of the height. From memory; common practice knows that foam loses a tenth and more. */
const FLATTENED = 0.12

/** The layers of a make-up by layers; nothing where it is made another way. */
export function layerPlanOf(made: MakeUp, own: OwnValues): LayerPlan | undefined {
  const { job, share } = made
  if (!plannerOf(made, 'layers') || job.kind !== 'area' || share.kind !== 'area') return undefined
  const value = (coefficient: Coefficient): number => worthOf(coefficient, own).value
  const reach = gluingReachOf(value)
  const lean = leanOf(value, made.choices.comb !== 'upright')
  const fibres: StandingFibre[] = []
  const wanted = layersOf(job)
  const feet = feetOf(wanted, meanUp(lean))
  const layers = wanted.map((layer, i): PlannedLayer => {
    const slot = layerSlot(i)
    const uses = made.uses.filter((use) => use.slot === slot)
    const filled = made.slots.find((one) => one.slot.id === slot)
    const parts = filled?.parts ?? []
    const of = (lengthMm: number, dtex: number, colour: string, part: number): StandingFibre => ({
      lengthMm,
      dtex,
      colour,
      perCm2: layer.perCm2 * part,
      glue: layer.glue,
      ...(feet[i] ? { footMm: feet[i] } : {}),
    })
    const asWished = of(layer.lengthMm, 22, job.piece.sward.colours[layer.tone], 1)
    const ownFibres =
      parts.length === 0
        ? [asWished]
        : parts.flatMap(({ material, share: part }) =>
            material.of.stuff === 'fibre'
              ? [of(material.of.lengthMm, material.of.dtex, material.of.colour ?? asWished.colour, part)]
              : [],
          )
    fibres.push(...ownFibres)
    const sum = (figures: readonly (number | undefined)[]): number =>
      figures.reduce<number>((total, one) => total + (one ?? 0), 0)
    const takenG = sum(uses.map(({ total }) => total.value))
    const hopperG = sum(uses.map(({ dispensed }) => dispensed?.value))
    const step = made.steps.find(({ id }) => id === slot)
    const vacuum = made.steps.find(({ id }) => id === vacuumOf(i))
    return {
      layer,
      fibres: ownFibres,
      standingG: hopperG * value(k.sticks),
      hopperG,
      backG: hopperG - takenG,
      takenG,
      glueMl: sum(
        made.uses.filter((use) => use.slot === 'glue' && use.step === slot).map(({ total }) => total.value),
      ),
      minutes: sum([step, vacuum].map((one) => one && stepHandsMin(one, made.started.value))),
      waitMin: step?.wait?.leastMin ?? 0,
      cover: coverFromAbove(fibres, reach, lean),
    }
  })
  const seenMm = seenHeight(fibres, lean)
  const dry = colourFromAbove(fibres, SOIL, reach, lean)
  return {
    layers,
    fibres,
    reach,
    lean,
    patchCm2: share.cm2Each,
    patches: made.wanted.value,
    seenMm,
    sealedMm: seenMm * (1 - FLATTENED),
    cover: coverFromAbove(fibres, reach, lean),
    dry,
    sealed: sealed(dry),
  }
}

const originOf = (isOwn: boolean): Origin => (isOwn ? 'yours' : 'formula')

/** The height that layers are seen at, mm, with what it is worked out from. */
export const seenFigure = ({ seenMm, lean, layers }: LayerPlan, isOwn: boolean): Figure =>
  figure(fact('90th percentile of tips, each counted by the length of its fibre', seenMm, 'mm'), 'mm', [
    { name: 'mean lean', words: `${plainNumber(lean.meanDeg, 0)}°`, origin: 'memory' },
    { name: 'comb', words: `${plainNumber(lean.combDeg, 0)}°`, origin: 'memory' },
    ...layers.map(({ layer }, i) => ({
      name: `layer ${i + 1}`,
      words: `${plainNumber(layer.lengthMm, 1)} mm${layer.glue === 'tips only' ? ', on the tips below' : ''}`,
      origin: originOf(isOwn),
    })),
  ])

/** Ground that fibres cover from above, with what it is worked out from. */
export const coverFigure = ({ cover, layers }: LayerPlan, isOwn: boolean): Figure =>
  figure(fact('part by part of the patch, by a Boolean model', cover, ''), '%', [
    {
      name: 'of each part',
      words: '1 − e^(−fibres × width × length × mean sine of the lean)',
      origin: 'formula',
    },
    ...layers.map(({ layer }, i) => ({
      name: `fibres of layer ${i + 1} on a cm²`,
      words: plainNumber(layer.perCm2, 0),
      origin: originOf(isOwn),
    })),
  ])
