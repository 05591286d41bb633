import { catalogue } from '../../stock'
import { ownableTools, registerId } from '../../tools'
import { withNewMaterials, type Loose } from './catalogue'

const rowsOf = (value: unknown): Loose[] => (Array.isArray(value) ? (value as Loose[]) : [])

/**
 * 8 → 9: suppliers, offers and orders; harvests; where lots stand; a register of tools, which the settings knew only as
 * there or not. What was mixed to keep for a while says for how long.
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
  const keeps = new Map(catalogue.map(({ id, keepsDays }) => [id, keepsDays]))
  const grown = withNewMaterials(document, 9)
  return {
    ...grown,
    ...(document.settings === undefined ? {} : { settings }),
    materials: rowsOf(grown.materials).map((row) => {
      const keepsDays = row.keepsDays ?? keeps.get(String(row.id))
      return keepsDays === undefined ? row : { ...row, keepsDays }
    }),
    suppliers: [],
    offers: [],
    orders: [],
    tools,
    harvests: [],
    lotMarks: [],
  }
}
