import { mixHex, type Tones } from '../colour'
import { mixedSward } from '../grass'
import { lookOn, type Look, type Species } from '../plants'
import { floorLook, floorOf, isFloor } from './floor'
import { membersOf } from './mix'
import { sitterParts, type SitterPart } from './mixed-drawing'
import type { Commission, Line } from './records'
import { lookOptions, type LineSize } from './sizes'
import { pieceOf, type Kin, type Piece } from './piece'

/** A species of a line as it is on a day. */
export interface MemberPiece extends Kin {
  readonly species: Species
  readonly size: LineSize
  readonly look: Look
}

/** What a line is made of on a day: its piece, and each of its species with its share, its own first. */
export interface LinePiece {
  readonly piece: Piece
  readonly members: readonly [MemberPiece, ...MemberPiece[]]
}

/**
 * The piece of a line with all its species. A hedge is as high and as thick as its own species makes it; in a
 * sward each stands at its own height.
 * @param date YYYY-MM-DD
 * @param lookOf looks that are known already; absent: worked out
 * @throws RangeError when a species is not known
 */
export function linePiece(
  line: Line,
  commission: Commission,
  speciesOf: (id: string) => Species | undefined,
  date: string,
  lookOf: (species: Species) => Look = (species) =>
    lookOn(species, date, commission, lookOptions(line, commission)),
): LinePiece {
  const [own, ...others] = membersOf(line, speciesOf).map(({ species, share }): MemberPiece => {
    const look = lookOf(species)
    if (isFloor(line, species)) {
      const litter = floorOf(species)
      const litterLook = floorLook(look, species)
      const flat = { ...line, heightM: undefined, crownWidthM: undefined }
      const { piece, size } = pieceOf(flat, commission, litter, date, litterLook)
      return {
        piece: { ...piece, floor: true },
        size,
        look: litterLook,
        species: litter,
        share,
        name: species.common,
      }
    }
    const made = pieceOf(line, commission, species, date, look)
    return { ...made, species, share, name: species.common }
  })
  if (!own) throw new RangeError('line has no species; it must have one')
  const members = [own, ...others] as const
  return { piece: others.length === 0 ? own.piece : blended(line, members), members }
}

/** A species of a line with what it is drawn with. */
export type DrawnMember = MemberPiece & { readonly seeThrough: number }

/** The drawings that stand for a line on a day, each with its kind and look. */
export const drawnParts = (line: Line, members: LinePiece['members']): SitterPart<DrawnMember>[] => {
  const drawn = ({ piece, ...own }: MemberPiece): DrawnMember => ({
    ...own,
    piece,
    seeThrough: piece.seeThrough,
  })
  const [own, ...others] = members
  return sitterParts(line, [drawn(own), ...others.map(drawn)])
}

/** The mean over kinds, each by its share. */
const mean = (kin: readonly Kin[], of: (piece: Piece) => number): number =>
  kin.reduce((sum, { share, piece }) => sum + share * of(piece), 0)

function blended(line: Line, members: readonly [MemberPiece, ...MemberPiece[]]): Piece {
  const [{ piece: own }] = members
  const kin = members.map(({ name, share, piece }): Kin => ({ name, share, piece }))
  const leafy = kin.map((one) => ({ ...one, weight: one.share * Math.max(1e-6, one.piece.leaf) }))
  const tone = (of: keyof Tones): string =>
    mixHex(leafy.map(({ piece, weight }) => [piece.tones[of], weight]))
  const bloom = mean(kin, (piece) => piece.bloom)
  return {
    ...own,
    leaf: mean(kin, (piece) => piece.leaf),
    bloom,
    bloomColour:
      bloom > 0
        ? mixHex(kin.map(({ share, piece }) => [piece.bloomColour, share * piece.bloom]))
        : own.bloomColour,
    // −ln g adds up by share: the see-through law.
    seeThrough: Math.exp(mean(kin, (piece) => Math.log(piece.seeThrough))),
    tones: { shade: tone('shade'), base: tone('base'), light: tone('light') },
    sward:
      line.amount.kind === 'area'
        ? mixedSward(kin.map(({ share, piece }) => ({ share, sward: piece.sward })))
        : own.sward,
    kin,
  }
}
