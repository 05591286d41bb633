import { registerId } from '../../tools'
import { withNewMaterials, type Loose } from './catalogue'

/** What could be ticked in format 8. */
const tickable = [
  'drying line',
  'steel tray',
  'static applicator',
  'earth lead',
  'pliers',
  'drill',
  'pin vice',
  'saw and mitre box',
  'rasp',
  'belt sander',
  'vacuum',
  'drilled board',
  'glue pot',
  'sieve',
  'clamps',
  'hose',
  'oven tray',
]

/**
 * 8 → 9: suppliers, offers and orders; harvests; where lots stand; a register of tools, which the settings knew only as
 * there or not.
 */
export function toVersion9(document: Loose): Loose {
  const { tools: there, ...settings } = (document.settings ?? {}) as Loose & { changedAt?: string }
  const tools = Array.isArray(there)
    ? tickable.map((id) => ({
        id: registerId(id),
        changedAt: settings.changedAt,
        have: there.includes(id) ? 1 : 0,
        lent: [],
        worn: 0,
      }))
    : []
  return {
    ...withNewMaterials(document, 9),
    ...(document.settings === undefined ? {} : { settings }),
    suppliers: [],
    offers: [],
    orders: [],
    tools,
    harvests: [],
    lotMarks: [],
  }
}
