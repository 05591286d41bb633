import { differenceCiede2000 } from 'culori/fn'
import type { Lab } from './lab'

const ciede2000 = differenceCiede2000()
const asLab = ([l, a, b]: Lab) => ({ mode: 'lab65', l, a, b }) as const

/**
 * Colour difference ΔE₀₀ of two CIELAB colours, with kL = kC = kH = 1: about 1 is just seen side by side.
 * Source: CIE 142-2001, as worked out with test data by Sharma, Wu & Dalal 2005.
 */
export const difference2000 = (first: Lab, second: Lab): number => ciede2000(asLab(first), asLab(second))
