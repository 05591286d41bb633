import * as z from 'zod'
import { fitSealing, noSealing, sealers, toLab, usualSealing, type Sealer, type Sealing } from '../colour'
import { measuredSchema } from '../stock'
import { changeable, colourSchema, dateSchema, idSchema, nameSchema, noteSchema } from '../units/schema'
import { partsSchema, type Blend } from './records'

/** What the eye said of a tile. */
export const verdicts = ['good', 'too light', 'too dark', 'too strong', 'too dull', 'wrong hue'] as const
export type Verdict = (typeof verdicts)[number]

/** A small picture of a tile, as a data address; large ones are shrunk before they come here. */
const MOST_PHOTO = 200_000
const photoSchema = z
  .string()
  .max(MOST_PHOTO, 'must be a picture of at most 150 kB')
  .regex(/^data:image\/(?:jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/, 'must be a JPEG, PNG or WebP picture')

/** A test tile or swatch: what was mixed, on what, fixed with what, what it looks like, and what was thought of it. */
export const tileSchema = z.strictObject({
  ...changeable,
  name: nameSchema,
  /** The blend that it was a trial for; absent: a material alone, or a mix of the moment. */
  blendId: idSchema.optional(),
  /** Of a swatch of one material: the lot that it is of. */
  lotId: idSchema.optional(),
  /** As it was mixed then, whatever has become of the blend since. */
  parts: partsSchema.min(1, 'must be at least one part'),
  date: dateSchema,
  /** What it was put on: "soil-brown card". */
  ground: z.string().max(120),
  sealer: z.enum(sealers),
  dry: colourSchema.optional(),
  sealed: colourSchema.optional(),
  /** How the colours were measured; absent: by eye, or not at all. */
  measured: measuredSchema.optional(),
  photo: photoSchema.optional(),
  verdict: z.enum(verdicts).optional(),
  /** What scene it would suit. */
  goodFor: z.string().max(200).optional(),
  note: noteSchema.optional(),
})
export type Tile = z.infer<typeof tileSchema>

/** Colours of lots by their latest measured swatch, dry: bags of one material differ. */
export function lotColours(tiles: readonly Tile[]): ReadonlyMap<string, string> {
  const colours = new Map<string, string>()
  for (const { lotId, dry, measured, removed } of [...tiles].sort((a, b) => a.date.localeCompare(b.date)))
    if (lotId !== undefined && dry !== undefined && measured && !removed) colours.set(lotId, dry)
  return colours
}

/** How sealing works in this workshop, for each sealer: by its tiles where there are enough, else from memory. */
export type Sealings = Readonly<Record<Sealer, Sealing>>

/** Works the sealing models out of tiles that were measured dry and sealed. */
export function sealingsOf(tiles: readonly Tile[]): Sealings {
  const of = (sealer: Sealer): Sealing => {
    if (sealer === 'none') return noSealing
    const pairs = tiles.flatMap((tile) =>
      tile.sealer === sealer && tile.dry && tile.sealed && tile.measured && !tile.removed
        ? [{ dry: toLab(tile.dry), sealed: toLab(tile.sealed) }]
        : [],
    )
    try {
      return fitSealing(pairs) ?? usualSealing
    } catch {
      // Tiles that no glue explains are left out of account; the tiles' table says so.
      return usualSealing
    }
  }
  return Object.fromEntries(sealers.map((sealer) => [sealer, of(sealer)])) as Sealings
}

/** Whether two recipes are the same, in whatever order they are told. */
export const sameParts = (a: Blend['parts'], b: Blend['parts']): boolean =>
  a.length === b.length &&
  a.every(({ materialId, parts }) => b.some((own) => own.materialId === materialId && own.parts === parts))

/** The latest tile of a blend's own recipe and sealer that was measured: what the blend really looks like. */
export const measuredTile = (
  blend: Pick<Blend, 'id' | 'parts' | 'sealer'>,
  tiles: readonly Tile[],
): Tile | undefined =>
  tiles
    .filter(
      (tile) =>
        !tile.removed &&
        tile.sealer === blend.sealer &&
        tile.measured !== undefined &&
        tile.sealed !== undefined &&
        sameParts(tile.parts, blend.parts),
    )
    .sort((a, b) => b.date.localeCompare(a.date))[0]

/** How many tiles make a trial before a big mix. Common practice: six. */
const TRIAL_TILES = 6

/**
 * Six small tiles to try before a big mix: the recipe itself, and with each of its materials a part more or less, the
 * largest steps last; each in whole parts.
 */
export function trialTiles(parts: Blend['parts'], mostParts: number): Blend['parts'][] {
  const trials: Blend['parts'][] = [parts]
  const all = parts.reduce((sum, { parts: own }) => sum + own, 0)
  for (const by of [1, -1, 2])
    for (const { materialId } of parts) {
      const changed = parts
        .map((own) => (own.materialId === materialId ? { ...own, parts: own.parts + by } : own))
        .filter(({ parts: own }) => own > 0)
      if (changed.length === 0 || all + by > mostParts || trials.some((known) => isRatioOf(known, changed)))
        continue
      trials.push(changed)
    }
  return trials.slice(0, TRIAL_TILES)
}

/** Whether two recipes are one in other numbers: 2 : 2 is 1 : 1. */
function isRatioOf(a: Blend['parts'], b: Blend['parts']): boolean {
  if (a.length !== b.length) return false
  const ratio =
    (b[0]?.parts ?? 1) / (a.find(({ materialId }) => materialId === b[0]?.materialId)?.parts ?? NaN)
  return b.every(({ materialId, parts }) => {
    const own = a.find((part) => part.materialId === materialId)?.parts
    return own !== undefined && Math.abs(parts / own - ratio) < 1e-9
  })
}
