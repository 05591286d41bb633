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
