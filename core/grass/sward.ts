import { mixHex } from '../colour'
import type { Look } from '../plants'

/** Tones that a layer can have: three of what is green, what is dry, what flowers and seeds. */
export const swardTones = ['shade', 'base', 'light', 'straw', 'head'] as const
export type SwardTone = (typeof swardTones)[number]

/** Words for the tones. */
export const swardToneWords: Record<SwardTone, string> = {
  shade: 'dark green',
  base: 'mid green',
  light: 'light green',
  straw: 'straw',
  head: 'seed heads',
}

/** What stands on a patch on a day: how tall at the model, how dry, in which colours. */
export interface Sward {
  readonly heightMm: number
  /** Share of the leaves that are dry, 0–1. */
  readonly straw: number
  /** Share of what is seen that is flower and seed heads, 0–1. */
  readonly heads: number
  readonly mown: boolean
  readonly colours: Readonly<Record<SwardTone, string>>
  /** Of a mixed one: how tall each kind stands, and its share of the ground. */
  readonly tall?: readonly { readonly share: number; readonly heightMm: number }[]
}

/**
 * The sward of a grass on a day. @param tones of its green, @param heightMm at the model
 */
export function swardOf(
  look: Look,
  green: Pick<Sward['colours'], 'shade' | 'base' | 'light'>,
  heightMm: number,
): Sward {
  const heads = Math.max(look.flower.share, look.fruit.share)
  return {
    heightMm,
    straw: look.straw.share,
    heads,
    mown: look.mown,
    colours: {
      ...green,
      straw: look.straw.colour,
      head: look.fruit.share > look.flower.share ? look.fruit.colour : look.flower.colour,
    },
  }
}

/** A grass of less than this share of the ground does not set the height of a sward. From memory. */
const LEAST_SHARE = 0.1

/**
 * The sward of several kinds by their shares of the ground: as tall as the tallest that has a tenth of it;
 * what is taller than the others has only its own share of it. Dry share and heads by the ground that each
 * has, colours mixed in linear light by what each shows of them.
 * @throws RangeError when there is none
 */
export function mixedSward(parts: readonly { readonly share: number; readonly sward: Sward }[]): Sward {
  const some = parts.filter(({ share }) => share >= LEAST_SHARE - 1e-9)
  const heightMm = Math.max(...(some.length > 0 ? some : parts).map(({ sward }) => sward.heightMm))
  if (!Number.isFinite(heightMm)) throw new RangeError('a sward has no kinds; it must have one')
  const mean = (of: (sward: Sward) => number): number =>
    parts.reduce((sum, { share, sward }) => sum + share * of(sward), 0)
  const colour = (tone: SwardTone, shows: (sward: Sward) => number): string =>
    mixHex(parts.map(({ share, sward }) => [sward.colours[tone], share * Math.max(1e-6, shows(sward))]))
  const green = (sward: Sward): number => 1 - sward.straw
  return {
    heightMm,
    straw: mean(({ straw }) => straw),
    heads: mean(({ heads }) => heads),
    mown: parts.every(({ share, sward }) => sward.mown || share < LEAST_SHARE),
    tall: parts.map(({ share, sward }) => ({ share, heightMm: sward.heightMm })),
    colours: {
      shade: colour('shade', green),
      base: colour('base', green),
      light: colour('light', green),
      straw: colour('straw', ({ straw }) => straw),
      head: colour('head', ({ heads }) => heads),
    },
  }
}

/** Share of the ground on which a sward reaches so high: all of it where it is of one kind. */
export const shareAbove = ({ tall }: Pick<Sward, 'tall'>, heightMm: number): number =>
  Math.min(
    1,
    (tall ?? []).reduce((sum, kind) => (kind.heightMm >= heightMm * 0.95 ? sum + kind.share : sum), 0) ||
      (tall ? LEAST_SHARE : 1),
  )

/**
 * What so tall a grass reads as at full size, in words. What 12 mm reads as at 1:48 and 1:76 is common practice,
 * the rest from memory.
 */
export function readsAs(lengthMm: number, ratio: number): string {
  const realMm = lengthMm * ratio
  const step = HEIGHTS.find(([below]) => realMm < below)
  return step?.[1] ?? 'a reed bed, above a head'
}

const HEIGHTS: readonly (readonly [belowMm: number, words: string])[] = [
  [60, 'a mown lawn'],
  [160, 'grazed turf'],
  [300, 'rough grass to the ankle'],
  [450, 'rough grass to the calf'],
  [700, 'knee-high weeds'],
  [1050, 'an overgrown lawn, to the hip'],
  [1750, 'tall herbs, to the chest'],
]
