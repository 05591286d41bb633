import { catalogue } from '../stock'
import { FILE_FORMAT, FILE_VERSION, type Settings, type WorkshopDocument } from './document'

export const defaultSettings = (now: string): Settings => ({
  id: 'settings', changedAt: now, name: 'My workshop', currency: '', units: 'metric', roomC: 20, humidity: 50, paper: 'A4',
})

/** A new workshop: the usual materials, nothing in stock. @param now ISO moment */
export function newWorkshop(now: string): WorkshopDocument {
  return {
    format: FILE_FORMAT, version: FILE_VERSION, savedAt: now, settings: defaultSettings(now),
    commissions: [], lines: [], materials: catalogue.map((row) => ({ ...row, changedAt: now })), lots: [], movements: [], batches: [], events: [],
  }
}
