import { formOf, speciesTable, type Species } from '../../../core/plants'
import { cardOrderSchema, type CardOrder } from '../../../server/cards/order'
import { printCard } from '../../../server/cards/print'
import type { Faces } from '../../../server/print/faces'
import { printFacesFor } from '../../support/faces'
import { commission, line, materials } from '../../support/workshop'

let faces: Faces
beforeAll(async () => {
  faces = await printFacesFor()
})
const methodFor: Record<string, string> = {
  conifer: 'sprig-tree',
  broadleaf: 'sprig-tree',
  palm: 'sprig-tree',
  shrub: 'wool-bush',
  climber: 'wool-bush',
  grass: 'tuft-sheet',
  reed: 'tuft-sheet',
  fern: 'tuft-sheet',
  herb: 'tuft-sheet',
}
/** Every habit and every crown form, each at least once: what is drawn differently. The small ones: less to draw. */
const seen = new Set<string>()
const height = (row: Species): number => formOf(row, 'mature').heightM
const kinds = [...speciesTable]
  .sort((a, b) => height(a) - height(b))
  .filter((row) => {
    const traits = [row.habit, formOf(row, 'mature').crownForm]
    const fresh = traits.some((trait) => !seen.has(trait))
    for (const trait of traits) seen.add(trait)
    return fresh
  })

function order(over: Partial<CardOrder['line']> = {}, more: Partial<CardOrder> = {}): CardOrder {
  return {
    paper: 'A4',
    units: 'metric',
    workshop: 'Bench',
    commission: commission(),
    line: { ...line(), methodId: 'sprig-tree', ...over },
    started: 12,
    context: { coefficients: [], learnt: [], dryingFactor: 1, shelf: [] },
    ownSpecies: [],
    materials: materials.map((row) => ({ ...row })),
    ...more,
  }
}
const pagesOf = (pdf: Buffer): number => pdf.toString('latin1').match(/\/Type \/Page\b/g)?.length ?? 0

describe('the batch card', () => {
  test.each(kinds.map((row) => [row.id, row] as const))('prints %s', async (_id, row) => {
    const paper = row.common.length % 2 === 0 ? 'A4' : 'Letter'
    const card = await printCard(
      order({ speciesId: row.id, methodId: methodFor[row.habit] ?? '' }, { paper }),
      faces,
    )
    if (card.kind === 'none') throw new Error(card.because)
    expect(card.value.subarray(0, 5).toString()).toBe('%PDF-')
    expect(card.value.toString('latin1').trimEnd().endsWith('%%EOF')).toBe(true)
    expect(pagesOf(card.value)).toBeLessThanOrEqual(3)
  })

  test('a mixed hedge is printed with all its kinds, each of its leaf among the amounts', async () => {
    const mix = [
      { speciesId: 'hawthorn', share: 0.3 },
      { speciesId: 'hazel', share: 0.2 },
    ]
    const sent = order({
      speciesId: 'blackthorn',
      mix,
      amount: { kind: 'length', lengthMm: 900, section: 'free' },
      methodId: 'twig-hedge',
    })
    expect(cardOrderSchema.safeParse(sent).success).toBe(true)
    const unknown = { ...sent, line: { ...sent.line, mix: [{ speciesId: 'nowhere', share: 0.3 }] } }
    expect(cardOrderSchema.safeParse(unknown).success).toBe(false)
    const card = await printCard(sent, faces)
    if (card.kind === 'none') throw new Error(card.because)
    expect(pagesOf(card.value)).toBeLessThanOrEqual(4)
    const alone = await printCard({ ...sent, line: { ...sent.line, mix: undefined } }, faces)
    // Two more lines of leaf, three plants in one picture: more than one kind takes.
    expect(card.value.length).toBeGreaterThan(alone.kind === 'ok' ? alone.value.length : Infinity)
  })

  test('a wire tree’s card has its cut list and the order of twisting; no page of it is nearly empty', async () => {
    const sent = order(
      { speciesId: 'beech', methodId: 'wire-broadleaf', heightM: 15, zone: 'front' },
      { started: 3 },
    )
    const card = await printCard(sent, faces)
    if (card.kind === 'none') throw new Error(card.because)
    // Amounts and steps take two pages, the order of twisting at most two more, the drawing one.
    expect(pagesOf(card.value)).toBeLessThanOrEqual(5)
  })

  test('a species of the maker’s own is printed from its own row', async () => {
    const own = { ...speciesTable[0]!, id: 'my-spruce', common: 'Blue spruce', botanical: 'Picea pungens' }
    expect(cardOrderSchema.safeParse(order({ speciesId: 'my-spruce' }, { ownSpecies: [own] })).success).toBe(
      true,
    )
    expect(cardOrderSchema.safeParse(order({ speciesId: 'my-spruce' })).success).toBe(false)
    const card = await printCard(order({ speciesId: 'my-spruce' }, { ownSpecies: [own] }), faces)
    expect(card.kind).toBe('ok')
  })

  test('a small plant’s card is one page', async () => {
    const card = await printCard(order({ heightM: 5 }), faces)
    expect(card.kind === 'ok' && pagesOf(card.value)).toBe(1)
  })

  test('a material that is not there is named', async () => {
    const card = await printCard(
      order({}, { materials: materials.filter(({ id }) => id !== 'hairspray') }),
      faces,
    )
    expect(card).toEqual({ kind: 'none', because: 'No material for: hairspray.' })
  })

  test('an order is checked to the last field', () => {
    const good = order()
    expect(cardOrderSchema.safeParse(good).success).toBe(true)
    for (const bad of [
      { ...good, started: 1.5 },
      { ...good, paper: 'A3' },
      { ...good, context: { ...good.context, dryingFactor: 99 } },
      { ...good, materials: [] },
      { ...good, surprise: 1 },
      { ...good, line: { ...good.line, speciesId: 'triffid' } },
      { ...good, line: { ...good.line, amount: { kind: 'pieces' as const, pieces: 1e9 } } },
      { ...good, commission: { ...good.commission, ratio: -1 } },
    ]) {
      expect(cardOrderSchema.safeParse(bad).success).toBe(false)
    }
  })
})
