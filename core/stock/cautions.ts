import type { CautionId } from '../safety'
import type { Material } from './records'
import type { MaterialSpec } from './spec'
import type { Liquid } from './stuffs'

/** What of a material its cautions rest on; of a slot that is open, what is wished for. */
export interface Handled {
  readonly id: string
  readonly of: Material['of'] | Exclude<MaterialSpec, { stuff: 'other' }>
}

const ofLiquid: Partial<Record<Liquid, readonly CautionId[]>> = {
  'contact-adhesive': ['adhesive'],
  'spray-adhesive': ['spray'],
  hairspray: ['spray'],
  'spray-paint': ['spray'],
  varnish: ['spray'],
  ca: ['ca'],
  activator: ['ca'],
  'hot-glue': ['hot-glue'],
  stain: ['solvent'],
  latex: ['latex'],
  alcohol: ['alcohol', 'static-sparks'],
}

/** What is dug or picked, whose rows say no more than that: by the row. */
const ofRow: Readonly<Record<string, readonly CautionId[]>> = {
  'soil-raw': ['soil'],
  'coffee-wet': ['mould'],
  'leaves-raw': ['mould'],
  'tea-wet': ['mould'],
  'moss-raw': ['mould', 'dust'],
  'clay-raw': ['soil', 'dust'],
  'sand-raw': ['soil'],
  'bark-pine': ['dust'],
  'catkins-birch': ['dust'],
}

/** What a material demands by itself, wherever it is worked with. */
export function stuffCautions({ id, of }: Handled): readonly CautionId[] {
  if (Object.hasOwn(ofRow, id)) return ofRow[id] ?? []
  switch (of.stuff) {
    case 'liquid':
      return ofLiquid[of.liquid] ?? []
    case 'foam':
      return of.form === 'clump' ? [] : ['dust']
    case 'fibre':
      return ['dust']
    case 'wire':
      return ['wire']
    case 'sheet':
      return of.sheet === 'horsehair' ? ['rubber'] : []
    case 'powder':
      return of.powder === 'grout' ? ['grout'] : of.powder === 'soil' ? ['soil', 'dust'] : ['dust']
    default:
      return []
  }
}

/** Fibre that CA heats when it soaks in. */
export const soaksUp = ({ of }: Handled): boolean =>
  of.stuff === 'rope' || of.stuff === 'wool' || (of.stuff === 'sheet' && of.sheet === 'cloth')
export const isCa = ({ of }: Handled): boolean => of.stuff === 'liquid' && of.liquid === 'ca'
const TINDER_ROWS: ReadonlySet<string> = new Set(['moss-raw', 'catkins-birch'])
/** What is dry and fine enough to catch fire beside a stove. Leaves and bark go through the oven, watched. */
export const isTinder = ({ id, of }: Handled): boolean =>
  of.stuff === 'twig' ||
  (of.stuff === 'wool' && (of.wool === 'hank' || of.wool === 'lichen')) ||
  TINDER_ROWS.has(id)
/** What grows where umbels grow, and is taken for one of them or cut among them. */
export const isNearUmbels = ({ of }: Handled): boolean =>
  (of.stuff === 'twig' && of.twig !== 'root') || (of.stuff === 'wool' && of.wool === 'hank')
