/**
 * The one list of stations and their rooms. Navigation, number keys, the finder, page addresses, what works without a
 * connection, pictures, and the tests that walk through the app read it: a new station is a row here and its page.
 */
export interface Station {
  /** Below a workshop's address. */
  readonly path: string
  readonly name: string
  /** Key that goes there; only stations in working order have one. */
  readonly key?: string
  /** The station that it is a room of. */
  readonly of?: string
  /** Whether the scale rule lies open there; elsewhere it is a strip that opens. */
  readonly rule: boolean
  /** Nothing true is shown before the ledger is read. */
  readonly ledger?: boolean
  /** What is done there most: the accessible name of a button, link or field, as a pattern. */
  readonly main: string
}

export const places = [
  { path: 'brief', name: 'Brief', key: '1', rule: true, main: '^Add a line' },
  { path: 'line-up', name: 'Line-up', key: '2', rule: true, main: '^Nearer$' },
  { path: 'make-up', name: 'Make-up', key: '3', rule: true, ledger: true, main: '^Start batch of ' },
  { path: 'blends', name: 'Blends', key: '4', rule: false, main: '^Start mixing' },
  {
    path: 'stock',
    name: 'Stock',
    key: '5',
    rule: false,
    ledger: true,
    main: '^(Buy|Mix|Make|Gather|Receive)',
  },
  { path: 'calendar', name: 'Calendar', key: '6', rule: false, main: '^(Lay anew|Keep this plan|Stop)$' },
  { path: 'bench', name: 'Bench', key: '7', rule: false, ledger: true, main: '^Piece done$' },
  { path: 'log', name: 'Log', key: '8', rule: false, ledger: true, main: '^Move the ' },
  { path: 'species', name: 'Species', rule: false, main: '^Add to the brief' },
  { path: 'planting', name: 'Planting', rule: true, main: '^Another plan$' },
  { path: 'workshop', name: 'Workshop', rule: false, main: '^Export to a file$' },
  {
    path: 'planting-out',
    name: 'Planting out',
    of: 'planting',
    rule: false,
    main: '^Plan(ted| planting out)$',
  },
  { path: 'sorting', name: 'Sorting', of: 'stock', rule: true, main: '^Finish sorting' },
  { path: 'stock/ahead', name: 'Ahead', of: 'stock', rule: false, main: '' },
  { path: 'stock/buying', name: 'Buying', of: 'stock', rule: false, main: '^Note (it|all) as sent$' },
  { path: 'stock/count', name: 'Stock-take', of: 'stock', rule: false, main: '^Next jar$' },
  { path: 'stock/harvest', name: 'Harvest', of: 'stock', rule: false, main: '^Plan(?!t)' },
  { path: 'stock/tools', name: 'Tools', of: 'stock', rule: false, main: '^New tool$' },
] as const satisfies readonly Station[]

/** The stations in working order. */
export const stations: readonly (Station & { readonly key: string })[] = places.flatMap((one) =>
  'key' in one ? [one] : [],
)
/** What lies beside the work: looked up, planned, set. */
export const besides: readonly Station[] = places.filter((one) => !('key' in one) && !('of' in one))

/** The place at an address below a workshop's; undefined where there is no page. */
export const placeAt = (path: string): Station | undefined => places.find((one) => one.path === path)
