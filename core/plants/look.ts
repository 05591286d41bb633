import {
  labToLinear,
  mix,
  mixLinear,
  toHex,
  tonesOf,
  hazed,
  type Lab,
  type Linear,
  type Tones,
} from '../colour'
import { dayOfYear } from './days'
import type { Age } from './kinds'
import { bbchOf, cycleOf, heightShare, smooth, stageOn, type Stage } from './phenology'
import { isTropical, REFERENCE_PLACE, referenceDay, type Place } from './season-shift'
import { tropicalHeight, tropicalStage } from './tropics'
import type { Species } from './types'
import { wordsFor } from './words'

/** Leaves of one colour, and their share of all that hang. */
export interface LeafShare {
  readonly tones: Tones
  readonly share: number
  /** Where they hang: the higher, the further out and up in the crown. */
  readonly outer: number
}

/** How a plant looks on a day. Shares are 0–1. */
export interface Look {
  /** Share of the full foliage. */
  readonly leaf: number
  /** The colours that the leaves have, the commonest first; their shares sum to 1. */
  readonly leaves: readonly LeafShare[]
  /** Shade, base and light of the leaves taken together: what a blend aims at. */
  readonly tones: Tones
  /** Share of the crown covered by flowers or fruit, and their colour. */
  readonly flower: { readonly share: number; readonly colour: string; readonly eye: string }
  readonly fruit: { readonly share: number; readonly colour: string }
  readonly bark: { readonly low: string; readonly high: string; readonly twig: string }
  /** What the eye makes of the whole from afar: leaves, flowers, fruit and bare twigs by the area they show. */
  readonly overall: string
  /** Share of the full height: below 1 for what dies back, or is mown. */
  readonly height: number
  /** Of what is mown: whether it has been this year, and nothing new has covered the stubble yet. */
  readonly mown: boolean
  /** Share of the leaves that are dry, turned or dead, and their colour; and that of the green ones. */
  readonly straw: { readonly share: number; readonly colour: string }
  readonly green: string
  /** BBCH codes, the vegetative one first. */
  readonly bbch: readonly number[]
  readonly words: string
}

/**
 * Dead leaves that beech, oak or hornbeam hold, as a share of the full foliage: at the fall, and still when
 * the new ones come. They belong to young trees, the lower crown and clipped hedges; an old tree stands bare.
 * General knowledge; from memory.
 */
const HELD: Record<Age | 'clipped', readonly [atFall: number, inSpring: number]> = {
  clipped: [0.55, 0.4],
  young: [0.26, 0.18],
  'semi-mature': [0.1, 0.07],
  mature: [0.03, 0.02],
  veteran: [0, 0],
}
/** Foliage of what dies back, as it stands in winter. From memory. */
const DEAD_STANDING = 0.6
/** Of an evergreen's leaves, the share that is new after a flush, and that is shed meanwhile. From memory. */
const FLUSH = 0.34
const SHED = 0.06

/** What a look depends on besides species, date and place. */
export interface LookOptions {
  /** Share of pale sky mixed in for scale, 0–1 (see hazeShare). */
  readonly haze?: number
  /** What is painted behind it, and the share of that mixed in besides: it is to go over into it. */
  readonly backdrop?: { readonly colour: string; readonly share: number }
  /** How old it is; absent: semi-mature. */
  readonly age?: Age
  /** A clipped hedge holds its dead leaves whatever its age. */
  readonly clipped?: boolean
}

/**
 * The look of a species on a date at a place: its phenology shifted for latitude and height, half a year in
 * the south; wet and dry in the tropics. Smooth, and the same at the end of a year as at the start of the
 * next. Leaves are mixed in linear light.
 * @throws RangeError when the date is not YYYY-MM-DD
 */
export function lookOn(
  species: Species,
  date: string,
  place: Place = REFERENCE_PLACE,
  { haze = 0, backdrop, age = 'semi-mature', clipped = false }: LookOptions = {},
): Look {
  const behind = (colour: string): string => {
    const inAir = hazed(colour, haze)
    return backdrop ? mix(inAir, backdrop.colour, backdrop.share) : inAir
  }
  const tropical = isTropical(place)
  const local = dayOfYear(date)
  const day = tropical ? local : referenceDay(local, place)
  const stage = tropical ? tropicalStage(species, local, place) : stageOn(species, day)
  const held = HELD[clipped ? 'clipped' : age]
  const leaf = leafAmount(species, stage, held)
  const mixture = leafColours(species, stage, held)
  const seen = (lab: Lab): string => behind(toHex(labToLinear(lab)))
  const mean = mixLinear(mixture.map(([lab, share]) => [labToLinear(lab), share]))
  const flower = {
    share: stage.flower * species.show.flower,
    colour: seen(species.colours.flower ?? species.colours.summer),
    eye: seen(species.colours.eye ?? species.colours.flower ?? species.colours.summer),
  }
  const fruit = {
    share: stage.fruit * species.show.fruit,
    colour: seen(species.colours.fruit ?? species.colours.summer),
  }
  const { low, high } = species.bark
  const inFront = Math.min(0.9, flower.share + fruit.share)
  const weights: [Linear, number][] = [
    [mean, leaf * (1 - inFront)],
    [labToLinear(species.colours.twig), (1 - leaf) * (1 - inFront) * 0.7],
    [labToLinear(species.colours.flower ?? species.colours.summer), flower.share],
    [labToLinear(species.colours.fruit ?? species.colours.summer), fruit.share],
  ]
  return {
    leaf,
    flower,
    fruit,
    leaves: mixture
      .map(([lab, share], i) => ({
        tones: tonesOf(seen(lab)),
        share,
        // A flush is outside of last year's leaves; what has turned further is outside of what has not.
        outer: species.keeps === 'evergreen' ? -i : i,
      }))
      .sort((a, b) => b.share - a.share),
    tones: tonesOf(behind(toHex(mean))),
    bark: { low: seen(low), high: seen(high), twig: seen(species.colours.twig) },
    overall: behind(toHex(mixLinear(weights))),
    height: tropical ? tropicalHeight(species, stage) : heightShare(species, day),
    mown: !tropical && stage.day >= (cycleOf(species).cut ?? Infinity),
    ...dryAndGreen(species, mixture, behind),
    bbch: tropical ? [] : bbchOf(species, day),
    words: wordsFor(species, stage, leaf, cycleOf(species)),
  }
}

/** What is dry among the leaves, and what is green; where there is none of one, the colour that it would have. */
function dryAndGreen(
  { colours }: Species,
  mixture: readonly [Lab, number][],
  behind: (colour: string) => string,
): Pick<Look, 'straw' | 'green'> {
  const dry = new Set<Lab>([...colours.turning, colours.dead])
  const mean = (of: readonly [Lab, number][], without: Lab): string => {
    const mixed: readonly [Lab, number][] = of.length === 0 ? [[without, 1]] : of
    return behind(toHex(mixLinear(mixed.map(([lab, share]) => [labToLinear(lab), share]))))
  }
  const isDry = mixture.filter(([lab]) => dry.has(lab))
  return {
    straw: { share: isDry.reduce((sum, [, share]) => sum + share, 0), colour: mean(isDry, colours.dead) },
    green: mean(
      mixture.filter(([lab]) => !dry.has(lab)),
      colours.summer,
    ),
  }
}

/** Share of the full foliage that hangs. */
function leafAmount(species: Species, stage: Stage, held: readonly [number, number]): number {
  const { out, fallen, day } = stage
  switch (species.keeps) {
    case 'evergreen':
      return (1 - SHED * out * (1 - stage.hardened)) * (1 - (1 - (species.winterLeaf ?? 1)) * winterOf(stage))
    case 'deciduous':
      return out * (1 - fallen)
    case 'dies back':
      return DEAD_STANDING + (1 - DEAD_STANDING) * out * (1 - fallen)
    case 'holds dead leaves':
      return Math.max(
        out * (1 - fallen),
        heldShare(species, day, fallen, held) * (1 - out) + heldShare(species, day, fallen, held) * fallen,
      )
  }
}

/** Of what bronzes in the cold, the share that has in the middle of winter. From memory. */
const BRONZED = 0.55

/** How much of a winter it is for an evergreen, 0–1: from half a year after its buds burst until they burst again. */
const winterOf = ({ day }: Stage): number => smooth((day - 195) / 70) * (1 - smooth((day - 320) / 45))

function heldShare(
  species: Species,
  day: number,
  fallen: number,
  [atFall, inSpring]: readonly [number, number],
): number {
  const { bare } = cycleOf(species)
  if (fallen === 0) return inSpring
  return atFall + (inSpring - atFall) * smooth((day - bare) / Math.max(1, 360 - bare))
}

/** What stands green through the winter is duller than in summer. From memory. */
const WINTER_DULL = { lightness: 0.94, chroma: 0.62 }
/** Of the regrowth after a cut, this share stays green until spring. From memory. */
const AFTERMATH_GREEN = 0.75

/** The colours that leaves have on a day, with their shares of all that hang. */
function leafColours(species: Species, stage: Stage, held: readonly [number, number]): [Lab, number][] {
  const { fresh, summer, turning, dead } = species.colours
  const { out, hardened, turned, fallen } = stage
  const late: Lab = [
    summer[0] * (1 - 0.06 * hardened),
    summer[1] * (1 - 0.12 * hardened),
    summer[2] * (1 - 0.1 * hardened),
  ]
  if (species.keeps === 'evergreen') {
    const flush = FLUSH * out * (1 - hardened)
    const bronzed = turning[0] ? BRONZED * winterOf(stage) : 0
    return tidy([
      [fresh, flush],
      [summer, (1 - flush) * (1 - bronzed)],
      [turning[0] ?? summer, (1 - flush) * bronzed],
    ])
  }
  const stages: Lab[] = [late, ...turning, ...(species.keeps === 'deciduous' ? [] : [dead])]
  const young = (1 - hardened) * (1 - turned)
  const along = spread(turned, stages.length)
  const colours: [Lab, number][] = [
    [fresh, young],
    ...stages.map((lab, i): [Lab, number] => [lab, (along[i] ?? 0) * (1 - young)]),
  ]
  if (species.keeps === 'deciduous') return tidy(colours)
  // Last year's dead leaves or straw among the new; all that is left once the year's own have gone.
  const last = held[1]
  const among = last * (1 - out) + out
  // Nothing of last year stands among what is sown anew.
  const stands = (species.standing?.winter ?? 0) > 0
  const gone = Math.max(
    species.keeps === 'dies back' ? (stands ? 1 - out : 0) : among > 0 ? (last * (1 - out)) / among : 0,
    fallen * fallen,
  )
  const old = stands ? 0.12 * (1 - hardened) : 0
  const green = greenShare(species, stage)
  const deadShare = (gone + (1 - gone) * old) * (1 - green)
  const winterGreen = Math.max(gone, turned) * green
  const dull: Lab = [
    summer[0] * WINTER_DULL.lightness,
    summer[1] * WINTER_DULL.chroma,
    summer[2] * WINTER_DULL.chroma,
  ]
  const rest = Math.max(0, 1 - deadShare - winterGreen)
  return tidy([
    ...colours.map(([lab, share]): [Lab, number] => [lab, share * rest]),
    [dull, winterGreen],
    [dead, deadShare],
  ])
}

/**
 * Share of what dies back that stays green through the winter: the kind's own, and what has grown again after
 * a cut.
 */
function greenShare(species: Species, { day, out }: Stage): number {
  if (!species.standing) return 0
  const { cut } = cycleOf(species)
  const own = species.standing.green ?? 0
  // What is mown stays mown: until the new growth covers it in spring the aftermath is what stands.
  const mown = cut === undefined ? 0 : AFTERMATH_GREEN * Math.max(smooth((day - cut - 10) / 40), 1 - out)
  return Math.max(own, mown)
}

/**
 * Leaves don't turn together: shares of the stages when the mean leaf has come a share of the way from the
 * first to the last.
 */
function spread(turned: number, stages: number): number[] {
  const last = stages - 1
  const shares = new Array<number>(stages).fill(0)
  if (last === 0) return [1]
  const at = turned * last
  const width = 0.85 * Math.min(1, at, last - at)
  const samples = 11
  for (let k = 0; k < samples; k += 1) {
    const leaf = Math.min(last, Math.max(0, at + width * ((2 * k) / (samples - 1) - 1)))
    const low = Math.min(last - 1, Math.floor(leaf))
    shares[low] = (shares[low] ?? 0) + (1 - (leaf - low)) / samples
    shares[low + 1] = (shares[low + 1] ?? 0) + (leaf - low) / samples
  }
  return shares
}

/** Joins equal colours and drops what can't be seen; the shares sum to 1. */
function tidy(colours: readonly [Lab, number][]): [Lab, number][] {
  const joined = new Map<Lab, number>()
  for (const [lab, share] of colours) joined.set(lab, (joined.get(lab) ?? 0) + share)
  const kept = [...joined].filter(([, share]) => share > 0.004)
  const sum = kept.reduce((total, [, share]) => total + share, 0)
  return kept.map(([lab, share]) => [lab, share / sum])
}
