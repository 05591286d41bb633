/** What the lines that want a tool would save with it, against what it costs. Hundredths. */
export interface ToolSaves {
  /** Made instead of bought, over all pieces that are planned. */
  readonly savedMinor: number
  readonly pieces: number
  /** So many pieces like them pay for it. */
  readonly paysFrom: number
  /** So many pay for one that is built at home, where such a one is known. */
  readonly homePaysFrom?: number
}

/**
 * From how many pieces on a tool pays, by the lines that want it: tool ÷ what making one saves against buying it, on
 * average. Undefined where no line says what a bought one costs, or making saves nothing. Hands are not paid.
 * @param homeMinor what the parts of one that is built at home cost
 */
export function toolSaves(
  toolMinor: number,
  lines: readonly { readonly pieces: number; readonly costMinor: number; readonly boughtMinor: number }[],
  homeMinor?: number,
): ToolSaves | undefined {
  const saving = lines.filter(({ pieces, costMinor, boughtMinor }) => pieces > 0 && boughtMinor > costMinor)
  const pieces = saving.reduce((sum, own) => sum + own.pieces, 0)
  const savedMinor = saving.reduce((sum, own) => sum + own.pieces * (own.boughtMinor - own.costMinor), 0)
  if (pieces === 0) return undefined
  const paidBy = (minor: number): number => Math.max(1, Math.ceil((minor * pieces) / savedMinor - 1e-9))
  return {
    savedMinor,
    pieces,
    paysFrom: paidBy(toolMinor),
    ...(homeMinor === undefined ? {} : { homePaysFrom: paidBy(homeMinor) }),
  }
}

/** Making against buying, tools that are still to be bought counted in. */
export type MakeOrBuy =
  | { readonly kind: 'makes at once'; readonly savedMinor: number }
  | { readonly kind: 'pays from'; readonly pieces: number; readonly toolsMinor: number }
  | { readonly kind: 'never pays'; readonly dearerMinor: number }

/**
 * From how many pieces on making is cheaper than buying: tools ÷ (price of a bought one − cost of a made one),
 * rounded up. Hands are not paid.
 * @param costMinor of a made one, hundredths @param boughtMinor of a bought one @param toolsMinor to be bought once
 */
export function makeOrBuy(costMinor: number, boughtMinor: number, toolsMinor: number): MakeOrBuy {
  const saved = boughtMinor - costMinor
  if (saved <= 0) return { kind: 'never pays', dearerMinor: -saved }
  if (toolsMinor <= 0) return { kind: 'makes at once', savedMinor: saved }
  return { kind: 'pays from', pieces: Math.ceil(toolsMinor / saved - 1e-9), toolsMinor }
}
