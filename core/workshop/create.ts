import { catalogue } from '../stock'
import { FILE_FORMAT, FILE_VERSION, type Settings, type WorkshopDocument } from './document'

/** When a record that nobody has touched was changed. A real change is always later, so it stays when copies meet. */
export const UNTOUCHED = '1970-01-01T00:00:00.000Z'

export const defaultSettings = (): Settings => ({
  id: 'settings',
  changedAt: UNTOUCHED,
  name: 'My workshop',
  currency: '',
  units: 'metric',
  roomC: 20,
  humidity: 50,
  paper: 'A4',
})

/** A new workshop: the usual materials, nothing in stock. @param now ISO moment */
export function newWorkshop(now: string): WorkshopDocument {
  return {
    format: FILE_FORMAT,
    version: FILE_VERSION,
    savedAt: now,
    settings: defaultSettings(),
    species: [],
    commissions: [],
    lines: [],
    materials: catalogue.map((row) => ({ ...row, changedAt: UNTOUCHED })),
    coefficients: [],
    blends: [],
    tiles: [],
    palettes: [],
    suppliers: [],
    offers: [],
    orders: [],
    tools: [],
    harvests: [],
    people: [],
    times: [],
    lotMarks: [],
    lots: [],
    movements: [],
    batches: [],
    layings: [],
    events: [],
    trayEntries: [],
  }
}
