import type { Lab } from '../colour'

/** How far two colours are apart, as a maker would say it. */
export type Nearness = 'same' | 'close' | 'near' | 'other' | 'wrong'

/**
 * Steps of ΔE₀₀: about 1 is just seen side by side (CIE 142); the words and the steps above it are from memory.
 */
const steps: readonly { readonly below: number; readonly is: Nearness; readonly words: string }[] = [
  { below: 1, is: 'same', words: 'can’t be told apart' },
  { below: 2.5, is: 'close', words: 'a close tone' },
  { below: 5, is: 'near', words: 'the same family' },
  { below: 10, is: 'other', words: 'another bag' },
  { below: Infinity, is: 'wrong', words: 'another colour' },
]

const stepOf = (difference: number) =>
  steps.find(({ below }) => difference < below) ?? { is: 'wrong' as const, words: 'another colour' }

export const nearnessOf = (difference: number): Nearness => stepOf(difference).is
/** A difference in words: "can’t be told apart", "a close tone", "another bag". */
export const differenceWords = (difference: number): string => stepOf(difference).words

/** Differences along one direction smaller than this are not said. */
const SAID = 1.2

/**
 * How a colour differs from what is wanted, in words: "darker and duller"; empty where nothing of it is to be seen.
 */
export function leaningWords(is: Lab, wanted: Lab): string {
  const chroma = (lab: Lab): number => Math.hypot(lab[1], lab[2])
  const words: string[] = []
  const lightness = is[0] - wanted[0]
  if (Math.abs(lightness) >= SAID) words.push(lightness > 0 ? 'lighter' : 'darker')
  const strength = chroma(is) - chroma(wanted)
  if (Math.abs(strength) >= SAID * 1.5) words.push(strength > 0 ? 'stronger' : 'duller')
  const mean = Math.sqrt(Math.max(0, chroma(is) * chroma(wanted)))
  const turn = angleOf(is) - angleOf(wanted)
  const round = ((turn + 540) % 360) - 180
  const shift = 2 * mean * Math.sin((round * Math.PI) / 360)
  if (Math.abs(shift) >= SAID * 1.5) words.push(hueWord(wanted, shift))
  return words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} and ${words.at(-1) ?? ''}`
}

const angleOf = ([, a, b]: Lab): number => ((Math.atan2(b, a) * 180) / Math.PI + 360) % 360

/** Which way a hue has moved: vegetation runs from red through yellow to green and blue-green. */
function hueWord(wanted: Lab, shift: number): string {
  const hue = angleOf(wanted)
  if (hue < 70) return shift > 0 ? 'yellower' : 'redder'
  if (hue < 100) return shift > 0 ? 'greener' : 'redder'
  if (hue < 170) return shift > 0 ? 'bluer' : 'yellower'
  return shift > 0 ? 'bluer' : 'greener'
}
