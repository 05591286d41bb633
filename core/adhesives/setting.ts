import type { TradeOrigin } from '../units'

/**
 * How glue and paint dry: an open film follows the air, and so does glue that is to turn tacky; a closed
 * joint and a cure keep their full time whatever the weather (common practice). What grows takes its season.
 */
export const waitKinds = ['open film', 'closed joint', 'cure', 'tack clearing', 'growth'] as const
export type WaitKind = (typeof waitKinds)[number]

/** An overnight is ten hours. */
const NIGHT = 600
const OVERNIGHT = [NIGHT, 'memory', 'overnight'] as const
interface Row {
  readonly name: string
  /** So long it can be worked on, s, and what then is the matter with it. */
  readonly open?: readonly [key: string, sec: number, words: string, origin?: TradeOrigin]
  /** So long until the next step, min. */
  readonly sets?: readonly [key: string, min: number, origin?: TradeOrigin, note?: string]
  readonly kind: WaitKind
}
/** @param open null where it has no window @param sets absent where it has no wait */
const row = (name: string, kind: Row['kind'], open: Row['open'] | null, sets?: Row['sets']): Row => ({
  name,
  kind,
  ...(open && { open }),
  ...(sets && { sets }),
})
/**
 * How glues, paints and pastes set: the one table of windows and waits. At 20 °C and 50 %; an open film follows the
 * air, what sets by itself or lies in a closed joint does not.
 */
export const settings = {
  hairspray: row('hairspray', 'tack clearing', ['sprayWetSec', 60, 'stays wet for'], ['spraySetMin', 10]),
  'spray-adhesive': row(
    'spray adhesive',
    'tack clearing',
    ['tackWetSec', 300, 'stays open for'],
    ['tackSetMin', 20],
  ),
  ca: row('CA', 'cure', ['caOpenSec', 5, 'grabs in'], ['caNightMin', NIGHT, 'common practice', 'overnight']),
  'ca-fibre': row('CA in fibre', 'cure', null, ['caFibreMin', 20]),
  'hot-glue': row('hot glue', 'cure', ['hotGlueOpenSec', 10, 'grabs in'], ['hotGlueSetMin', 1]),
  tape: row('floral tape', 'tack clearing', ['tapeOpenSec', 120, 'keeps its tack for']),
  pva: row('PVA', 'open film', ['poolOpenSec', 480, 'skins after'], ['pvaDryMin', 720]),
  'tacky-pva': row('tacky PVA', 'open film', ['tackyOpenSec', 240, 'skins after'], ['tackySetMin', 240]),
  'dilute-pva': row('dilute PVA', 'open film', null, ['sealDryMin', 360]),
  trace: row('a trace of glue', 'open film', ['traceOpenSec', 120, 'takes powder for'], ['traceDryMin', 60]),
  medium: row(
    'fast matt medium',
    'open film',
    ['mediumOpenSec', 240, 'skins after'],
    ['mediumDryMin', 20, 'common practice'],
  ),
  latex: row('latex', 'open film', ['latexOpenSec', 180, 'skins in the brush after'], ['latexDryMin', 45]),
  'grout-paste': row(
    'grout and PVA',
    'cure',
    ['groutOpenSec', 900, 'stays workable for'],
    ['groutSetMin', 240],
  ),
  paste: row(
    'modelling paste',
    'open film',
    ['pasteOpenSec', 600, 'takes the brush for'],
    ['pasteDryMin', ...OVERNIGHT],
  ),
  cement: row(
    'scenic cement',
    'open film',
    ['cementWetSec', 600, 'stays wet for'],
    ['cementDryMin', ...OVERNIGHT],
  ),
  paint: row('spray paint', 'open film', ['paintWetSec', 60, 'takes scatter for'], ['paintDryMin', 20]),
  'brush-paint': row('brush paint', 'open film', null, ['brushPaintMin', 60]),
  'dry-brush': row('dry-brushed paint', 'open film', null, ['dryBrushMin', 20]),
  wash: row('wash', 'open film', null, ['washDryMin', 30]),
  stain: row('stain', 'open film', null, ['stainDryMin', 120]),
  /** Under a closed sheet glue has no air: small dots, pressed, weighted. Up to three days, common practice. */
  construction: row(
    'construction adhesive',
    'closed joint',
    ['constructionOpenSec', 900, 'takes the sheet for'],
    ['constructionSetMin', 4320, 'common practice'],
  ),
  filler: row('wood filler', 'open film', ['fillerOpenSec', 600, 'can be shaped for'], ['fillerDryMin', 240]),
  clear: row('flat clear', 'open film', ['clearOpenSec', 120, 'takes foam for'], ['clearDryMin', 60]),
}

/** What sets. */
export type Setting = keyof typeof settings
