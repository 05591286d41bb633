import { tonesOf } from '../colour'
import { crownSideArea, crownSurface, crownTopArea, type CrownForm, type Habit } from '../plants'
import type { Piece } from './piece'

/** A piece for a method's example jobs: a plant of so many mm at the model. @param widthShare crown width ÷ height */
export function examplePiece(
  habit: Habit,
  crownForm: CrownForm,
  heightMm: number,
  over: Partial<Piece> & { readonly widthShare?: number } = {},
): Piece {
  const { widthShare = 0.7, ...rest } = over
  const crownWidthMm = heightMm * widthShare
  const clearStemMm = habit === 'broadleaf' || habit === 'conifer' ? heightMm * 0.2 : 0
  const crownDepthMm = heightMm - clearStemMm
  const topAreaCm2 = crownTopArea(crownWidthMm) / 100
  return {
    habit,
    crownForm,
    zone: 'middle',
    heightMm,
    crownWidthMm,
    crownDepthMm,
    clearStemMm,
    trunkMm: heightMm * 0.03,
    realRatio: 87.1,
    sideAreaCm2: crownSideArea(crownForm, crownWidthMm, crownDepthMm) / 100,
    topAreaCm2,
    surfaceCm2: crownSurface(crownForm, crownWidthMm, crownDepthMm) / 100,
    volumeCm3: (2 / 3) * topAreaCm2 * (crownDepthMm / 10),
    leaf: 1,
    bloom: 0,
    bloomColour: '#efe6e6',
    seeThrough: 0.22,
    seeThroughOrigin: 'memory',
    grainMm: 0.5,
    tones: tonesOf('#5a7a36'),
    sward: {
      heightMm,
      straw: 0.3,
      heads: 0,
      mown: false,
      colours: { ...tonesOf('#5a7a36'), straw: '#bda76c', head: '#a99a6a' },
    },
    ...rest,
  }
}
