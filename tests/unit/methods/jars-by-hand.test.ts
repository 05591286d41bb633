import { isFoamBase } from '../../../core/hedges'
import { makeUp, type MakeUp } from '../../../core/makeup'
import { plantMethodById } from '../../../core/methods'
import { exampleArea, examplePiece, examplePieces } from '../../../core/methods/kit'
import { catalogueRow, type Material, type StockState } from '../../../core/stock'
import { made, stepOf } from '../../support/ways'
import { stocked } from '../../support/workshop'

const grass = examplePiece('grass', 'blades', 6)
const shelf = (own: Readonly<Record<string, Partial<Material['of']>>>): StockState[] =>
  stocked(() => 1e6).map((state) => {
    const over = own[state.material.id]
    return over === undefined
      ? state
      : { ...state, material: { ...state.material, of: { ...state.material.of, ...over } as Material['of'] } }
  })
const with_ = (methodId: string, own: Parameters<typeof shelf>[0], over: object = {}): MakeUp =>
  makeUp({
    job: examplePieces(grass, 60),
    method: plantMethodById(methodId)!,
    states: shelf(own),
    dryingFactor: 1,
    ...over,
  })

describe('glue is what the jar says, by hand', () => {
  test('tufts by hand in plain PVA dry half a day; in tacky PVA four hours, and its window is half', () => {
    const steps = (pva: string) => {
      const up = made('hand-tuft', examplePieces(grass, 60), {}, { materials: { pva } })
      return up.steps.find(({ wait, within }) => wait !== undefined && within !== undefined)!
    }
    const [plain, tacky] = [steps('pva'), steps('tacky-pva')]
    expect([plain.within?.sec, plain.wait?.leastMin]).toEqual([480, 720])
    expect([tacky.within?.sec, tacky.wait?.leastMin]).toEqual([240, 240])
    expect(tacky.within?.what).toContain('skins after about 4 minutes')
    expect(tacky.wait?.what).toContain('Tacky PVA: 4 hours')
  })

  test('what no jar says is as usual, and a jar’s own wait still follows the room', () => {
    const up = with_(
      'hand-tuft',
      { pva: { setsMin: 100 } as never },
      { dryingFactor: 1.5, materials: { pva: 'pva' } },
    )
    const step = up.steps.find(({ wait }) => wait?.kind === 'open film')!
    expect(step.wait?.leastMin).toBe(150)
    expect(step.within?.sec).toBe(480)
  })

  test('a trace of it is as much quicker as the jar is than usual: 60 min × 240 ÷ 720 = 20; the pool is its own jar', () => {
    const up = with_('seed-heads', {}, { job: examplePieces(examplePiece('herb', 'tuft', 12), 24) })
    expect(up.slots.map(({ slot, parts: [first] }) => [slot.id, first?.material.id])).toEqual(
      expect.arrayContaining([
        ['glue', 'tacky-pva'],
        ['pool', 'pva'],
      ]),
    )
    expect(stepOf(up, 'dip').wait?.leastMin).toBe(20)
    expect(stepOf(up, 'dip').within?.sec).toBe(60)
    expect(stepOf(up, 'pool').wait?.leastMin).toBe(720)
  })

  test('ground is worked in patches that the jar allows: (240 − 20) ÷ 0.7 is 314 cm², (120 − 20) ÷ 0.7 is 143', () => {
    const patches = (own: Parameters<typeof shelf>[0]) =>
      with_('layered-grass', own, { job: exampleArea(examplePiece('grass', 'blades', 8), 600) }).wanted.value
    expect(patches({})).toBe(Math.ceil(600 / 314))
    expect(patches({ 'matte-medium': { openSec: 120 } as never })).toBe(Math.ceil(600 / 143))
  })

  test('a quick jar is taken where it is to hold at once, plain PVA where none is there', () => {
    const glue = (states: StockState[]) =>
      makeUp({
        job: examplePieces(grass, 60),
        method: plantMethodById('ready-tufts')!,
        states,
        dryingFactor: 1,
      }).slots.find(({ slot }) => slot.id === 'glue')?.parts[0]?.material.id
    expect(glue(stocked())).toBe('tacky-pva')
    expect(glue(stocked(({ id }) => (id === 'pva' ? 100 : 0)))).toBe('pva')
  })

  test('what shines is taken only where nothing matt of its kind is there', () => {
    const trunk = (own: Parameters<typeof shelf>[0], drop: readonly string[] = []) =>
      makeUp({
        job: examplePieces(examplePiece('broadleaf', 'rounded', 120), 12),
        method: plantMethodById('sprig-tree')!,
        states: shelf(own).map((state) =>
          drop.includes(state.material.id) ? { ...state, onHand: 0 } : state,
        ),
        dryingFactor: 1,
      }).slots.find(({ slot }) => slot.id === 'trunk-paint')!.parts[0]!.material.id
    const usual = trunk({})
    const gloss = { [usual]: { finish: 'gloss' } as never }
    expect(trunk(gloss)).not.toBe(usual)
    const others = stocked().flatMap(({ material: { id, of } }) =>
      of.stuff === 'liquid' && of.liquid === 'spray-paint' && id !== usual ? [id] : [],
    )
    expect(trunk(gloss, others)).toBe(usual)
  })

  test('on bare foam the can that spares it comes first; on wood the first of the list does', () => {
    expect(isFoamBase('polystyrene')).toBe(true)
    const spares: Material = {
      ...catalogueRow('spray-adhesive'),
      id: 'z-foam-safe',
      name: 'Spray adhesive for foam',
      of: { stuff: 'liquid', liquid: 'spray-adhesive', onFoam: 'spares' },
      changedAt: '2026-09-01T00:00:00.000Z',
    }
    const states = [...stocked(() => 1e6), { material: spares, lots: [], onHand: 400 }]
    const can = (onFoam: boolean) =>
      makeUp({
        job: exampleArea(examplePiece('grass', 'blades', 8), 300),
        method: plantMethodById('roll-and-tear')!,
        states,
        dryingFactor: 1,
        onFoam,
      })
    const of = (up: MakeUp) => up.slots.find(({ slot }) => slot.id === 'adhesive')?.parts[0]?.material.id
    expect([of(can(false)), of(can(true))]).toEqual(['spray-adhesive', 'z-foam-safe'])
    expect(can(true).onFoam).toBe(true)
    // What is made on a tray does not touch the board.
    expect(with_('hand-tuft', {}, { onFoam: true }).onFoam).toBeUndefined()
  })
})
