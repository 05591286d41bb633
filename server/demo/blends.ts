import { batchName, planFrom } from '../../core/batches'
import { grainsOf, mixedBlend, sealingsOf, type Blend, type Tile, type ToneName } from '../../core/blends'
import { makeUp } from '../../core/makeup'
import { blendMethod } from '../../core/methods'
import type { WorkshopDocument } from '../../core/workshop'
import { DAY, MINUTE, play, statesOf, type Dice } from './play'

type Seed = Pick<Blend, 'id' | 'name' | 'parts'> & { readonly tone: ToneName; readonly amountMl: number }

/** The beech of the halt in October, from the jars that are there: a set that keeps its steps. */
const beech: readonly Seed[] = [
  {
    id: 'kh-mix-shade',
    name: 'Beech, old, shade',
    tone: 'shade',
    amountMl: 120,
    parts: [
      { materialId: 'leaf-dark', parts: 5 },
      { materialId: 'leaf-russet', parts: 1 },
    ],
  },
  {
    id: 'kh-mix-base',
    name: 'Beech, old, base',
    tone: 'base',
    amountMl: 180,
    parts: [
      { materialId: 'foam-fine-mid', parts: 1 },
      { materialId: 'leaf-olive', parts: 1 },
      { materialId: 'leaf-russet', parts: 1 },
    ],
  },
  {
    id: 'kh-mix-light',
    name: 'Beech, old, highlight',
    tone: 'light',
    amountMl: 600,
    parts: [
      { materialId: 'leaf-olive', parts: 3 },
      { materialId: 'foam-fine-mid', parts: 1 },
      { materialId: 'foam-fine-straw', parts: 1 },
    ],
  },
]

/** Blends of the demo: a set for the beech, one of it mixed, one short of a lot, a tile with its verdict, a palette. */
export function addBlends(document: WorkshopDocument, nowMs: number, dice: Dice): void {
  const iso = (ms: number): string => new Date(ms).toISOString()
  const changedAt = iso(nowMs - 9 * DAY)
  const date = changedAt.slice(0, 10)
  document.blends.push(
    ...beech.map(({ tone, ...seed }): Blend => ({
      ...seed,
      changedAt,
      commissionId: 'kestrel-halt',
      setId: 'kh-beech-set',
      target: { kind: 'tone', lineId: 'kh-beech', tone },
      use: 'crown',
      texture: 'one',
      sealer: 'pva',
      date,
    })),
  )
  const tile: Tile = {
    id: 'kh-tile-base',
    changedAt,
    name: 'Beech, old, base, tile 1',
    blendId: 'kh-mix-base',
    parts: beech[1]?.parts ?? [],
    date,
    ground: 'card in soil brown',
    sealer: 'pva',
    verdict: 'good',
    goodFor: 'old beech at the edge of the wood, early October',
    note: 'Judged on the scene, by the window.',
  }
  document.tiles.push(tile)
  mix(document, 'kh-mix-base', nowMs - 8 * DAY, nowMs, dice)
  document.palettes.push({
    id: 'kh-palette',
    changedAt,
    commissionId: 'kestrel-halt',
    name: 'Kestrel Halt, October',
    colours: [
      { name: 'Beech, shade', colour: '#4c5127' },
      { name: 'Beech, base', colour: '#686e34' },
      { name: 'Beech, highlight', colour: '#828650' },
      { name: 'Spruce', colour: '#34492f' },
      { name: 'Rowan', colour: '#8f5a2c' },
      { name: 'Bracken', colour: '#96693a' },
      { name: 'Pasture', colour: '#8b8a4e' },
      { name: 'Ground', colour: '#75634a' },
    ],
  })
}

/** Mixes a blend by the rules of the bench. */
function mix(document: WorkshopDocument, blendId: string, startMs: number, nowMs: number, dice: Dice): void {
  const blend = document.blends.find(({ id }) => id === blendId)
  const mixed =
    blend && mixedBlend(blend, grainsOf(document.materials), document.tiles, sealingsOf(document.tiles))
  const jar = mixed?.jars[0]
  if (!mixed || !jar) throw new RangeError(`demo blend is ${blendId}; it must have parts that are known`)
  const up = makeUp({
    job: {
      kind: 'stock',
      materialId: jar.material.id,
      quantity: (blend.amountMl ?? 100) * mixed.mixture.bulkGPerMl,
      unit: 'g',
    },
    method: blendMethod(mixed),
    states: statesOf(document),
    dryingFactor: 1.2,
  })
  const batch = {
    ...planFrom(up, undefined, batchName(blend.name, 1)),
    id: dice.newId(),
    madeAt: new Date(startMs - 5 * MINUTE).toISOString(),
  }
  play(document, batch, { name: batch.name, slow: 1.1, used: 1.02, rejects: [] }, startMs, nowMs, dice)
}
