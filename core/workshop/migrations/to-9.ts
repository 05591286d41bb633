import { ownableTools, registerId } from '../../tools'
import { withNewMaterials, type Loose } from './catalogue'

/**
 * 8 → 9: suppliers, offers and orders; harvests; where lots stand; a register of tools, which the settings knew only as
 * there or not.
 */
export function toVersion9(document: Loose): Loose {
  const { tools: there, ...settings } = (document.settings ?? {}) as Loose & { changedAt?: string }
  const tools = Array.isArray(there)
    ? ownableTools.map(({ id }) => ({
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
