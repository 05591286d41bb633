import { toLab, usualSealing, noSealing } from '../../../core/colour'
import {
  aimAt,
  bestHelp,
  grainsOf,
  blendGroupsOf,
  mixtureOf,
  nearestMix,
  portionsOf,
  proposeMixes,
  sealedOf,
  speckleOf,
  takes,
  useFor,
  type Grain,
  type BlendParts,
  type BlendSearch,
} from '../../../core/blends'
import { catalogue } from '../../../core/stock'
import { seededRandom } from '../../../core/units'
import { flocks, foam, grain, leafColour, nearestByTrying } from '../../support/grains'

const shelf = grainsOf(catalogue.map((row) => ({ ...row, changedAt: '2026-01-01T00:00:00.000Z' })))
const all = [...shelf.values()]
const search = (over: Partial<BlendSearch> & { colour?: string } = {}): BlendSearch => ({
  grains: all.filter((own) => takes('crown', own)),
  aim: aimAt(toLab(over.colour ?? '#8a5f2e'), usualSealing),
  texture: 'any',
  ...over,
})
const found = (over: Parameters<typeof search>[0]) => {
  const solution = nearestMix(search(over))
  if (solution.kind === 'none') throw new Error('nothing was found')
  return solution
}
const partsIn = (parts: BlendParts): number => parts.reduce((sum, { parts: own }) => sum + own, 0)

describe('the nearest mix', () => {
  test('a colour that one jar has once sealed is that jar alone', () => {
    const jar = all.find(({ material }) => material.id === 'foam-fine-rust')!
    const sealed = sealedOf(mixtureOf([{ grain: jar, parts: 1 }]), usualSealing)
    const { parts, off } = found({ aim: aimAt(sealed, usualSealing), enough: 0.001 })
    expect([parts, off]).toEqual([[{ materialId: 'foam-fine-rust', parts: 1 }], expect.closeTo(0, 6)])
  })

  test('keeps bounds: at least, at most, left out', () => {
    const bounds = [
      { materialId: 'foam-fine-rust', most: 0 },
      { materialId: 'leaf-olive', least: 3 },
      { materialId: 'foam-medium-russet', least: 1, most: 2 },
    ]
    const parts = new Map(found({ bounds }).parts.map((own) => [own.materialId, own.parts]))
    expect(parts.has('foam-fine-rust')).toBe(false)
    expect(parts.get('leaf-olive')).toBeGreaterThanOrEqual(3)
    expect([1, 2]).toContain(parts.get('foam-medium-russet'))
  })

  test('bounds are kept exactly as by trying all', () => {
    const random = seededRandom(31)
    for (let round = 0; round < 8; round += 1) {
      const grains = flocks(6, random)
      const aim = aimAt(toLab(leafColour(random)), usualSealing)
      const bounds = [
        { materialId: 'm1', least: 2 },
        { materialId: 'm3', most: 1 },
      ]
      const { off } = found({ grains, aim, bounds, mostParts: 7, enough: 0 })
      const tried = nearestByTrying(
        grains,
        ({ dry }) => aim.off(dry),
        7,
        5,
        (counts) => (counts[1] ?? 0) >= 2 && (counts[3] ?? 0) <= 1,
      )
      // Trying skips 2 : 2, which a bound may ask for: it is never nearer than what was found.
      expect(off).toBeLessThanOrEqual(tried + 1e-9)
    }
  })

  test('more parts demanded than there are is no mix, proven', () => {
    const bounds = [
      { materialId: 'leaf-olive', least: 7 },
      { materialId: 'leaf-dark', least: 6 },
    ]
    expect(nearestMix(search({ bounds }))).toEqual({ kind: 'none', proven: true })
    expect(nearestMix(search({ grains: [] }))).toEqual({ kind: 'none', proven: true })
  })

  test.each(['one', 'mixed', 'rough'] as const)('keeps a wish for texture: %s', (texture) => {
    const { parts } = found({ texture, grains: all.filter((own) => takes('scrub', own)), colour: '#55633f' })
    const sizes = portionsOf(parts, shelf).portions.map(({ grain: own }) => own.sizeMm)
    const ratio = Math.max(...sizes) / Math.min(...sizes)
    if (texture === 'one') expect(ratio).toBeLessThanOrEqual(1.7)
    else expect(ratio).toBeGreaterThanOrEqual(texture === 'mixed' ? 2 : 4)
  })

  test('a texture that the jars can’t give is none', () => {
    const grains = [grain(foam('a', 0.5, '#557733')), grain(foam('b', 0.5, '#778844'))]
    expect(nearestMix(search({ grains, texture: 'rough' }))).toEqual({ kind: 'none', proven: true })
  })

  test('needles have foam and fibre, neither less than a third', () => {
    const grains = all.filter((own) => takes('needles', own))
    const { parts } = found({ grains, groups: blendGroupsOf('needles'), colour: '#3f5a3a' })
    const fibres = parts.filter(({ materialId }) => materialId.startsWith('static'))
    const share = partsIn(fibres) / partsIn(parts)
    expect(share).toBeGreaterThanOrEqual(1 / 3 - 1e-9)
    expect(share).toBeLessThanOrEqual(2 / 3 + 1e-9)
  })

  test('what no mix reaches is said: nothing comes nearer than a bound, and the best not nearer than it', () => {
    const { off, nothingBelow } = found({ colour: '#e8d040' })
    expect(off).toBeGreaterThan(5)
    expect(nothingBelow).toBeGreaterThan(0.9 * off - 0.2)
    expect(nothingBelow).toBeLessThanOrEqual(off)
  })

  test('an answer that must differ does, by two tones', () => {
    const first = found({})
    const second = found({ unlike: [first.parts] })
    const hexes = ({ parts }: { parts: BlendParts }) =>
      new Set(portionsOf(parts, shelf).portions.map(({ grain: own }) => own.hex))
    const [a, b] = [hexes(first), hexes(second)]
    const shared = [...a].filter((hex) => b.has(hex)).length
    expect(a.size + b.size - 2 * shared).toBeGreaterThanOrEqual(2)
    expect(second.off).toBeGreaterThanOrEqual(first.off - 0.1)
  })
})

describe('what is offered', () => {
  test('three that differ, the nearest first, and the simplest within a just-seen step', () => {
    const offered = proposeMixes(search())
    if (offered.kind === 'none') throw new Error('nothing was found')
    const { best, simplest } = offered
    expect(best).toHaveLength(3)
    expect([...best].sort((a, b) => a.off - b.off)).toEqual(best)
    expect(simplest.off).toBeLessThanOrEqual(best[0]!.off + 1)
    expect(simplest.parts.length).toBeLessThanOrEqual(best[0]!.parts.length)
  })

  test('a summer green has no more than a trace of russet, and no dots where closer tones do', () => {
    const grains = new Map(all.map((own) => [own.material.id, own]))
    for (const colour of ['#5f7d3a', '#4f6b33', '#6b7f3f', '#7a8f45', '#55662f']) {
      const asked = search({ colour, texture: 'one' })
      const offered = proposeMixes(asked)
      if (offered.kind === 'none') throw new Error('nothing was found')
      // Where not all was looked through, it is said: a louder mix may be nearer.
      const whole = nearestMix(asked)
      const nearest = whole.kind === 'found' ? whole.off : Infinity
      if (!offered.quiet) expect(offered.best[0]!.off).toBeLessThanOrEqual(nearest + 1e-9)
      const { portions } = portionsOf(offered.simplest.parts, grains)
      const red = portions.filter(({ grain: own }) => {
        const [, a] = toLab(own.hex)
        return a > 8
      })
      const parts = portions.reduce((sum, own) => sum + own.parts, 0)
      expect(red.reduce((sum, own) => sum + own.parts, 0)).toBeLessThanOrEqual(0.08 * parts)
      // Dots only where nothing of close tones comes within two steps that are just seen.
      if (speckleOf(mixtureOf(portions)).mean >= 16) {
        const grains = asked.grains.filter((own) => asked.aim.off(own.colour) <= 16)
        const close = nearestMix({ ...asked, grains })
        const quiet =
          close.kind === 'found' && speckleOf(mixtureOf(portionsOf(close.parts, shelf).portions)).mean < 16
        expect(quiet ? close.off : Infinity).toBeGreaterThan(offered.best[0]!.off + 2)
      }
    }
  })

  test('a line’s own tone is for needles, fibre or a crown, by what it is', () => {
    expect(useFor('conifer', 'pieces')).toBe('needles')
    expect(useFor('grass', 'area')).toBe('sward')
    expect(useFor('grass', 'pieces')).toBe('crown')
    expect(useFor('broadleaf', 'pieces')).toBe('crown')
    const sisal = shelf.get('sisal-cut')!
    expect(takes('sward', sisal)).toBe(false)
    expect(takes('sward', shelf.get('static-summer-4')!)).toBe(true)
  })

  test('no mix of fewer materials or parts is as good as the simplest', () => {
    const random = seededRandom(9)
    for (let round = 0; round < 6; round += 1) {
      const grains = flocks(7, random)
      const aim = aimAt(toLab(leafColour(random)), usualSealing)
      const offered = proposeMixes({ grains, aim, texture: 'any', mostParts: 8 })
      if (offered.kind === 'none') throw new Error('nothing was found')
      const { best, simplest } = offered
      const good = best[0]!.off + 1
      const nearest = (parts: number, materials: number): number =>
        nearestByTrying(grains, ({ dry }) => aim.off(dry), parts, materials)
      expect(simplest.off).toBeLessThanOrEqual(good)
      expect(nearest(8, simplest.parts.length - 1)).toBeGreaterThan(good)
      expect(nearest(partsIn(simplest.parts) - 1, simplest.parts.length)).toBeGreaterThan(good)
    }
  })

  test('one jar gives one answer', () => {
    const grains: Grain[] = [grain(foam('only', 0.5, '#557733'))]
    expect(proposeMixes(search({ grains }))).toMatchObject({
      best: [{ parts: [{ materialId: 'only', parts: 1 }] }],
    })
  })

  test('the material that would help most is named with how near it brings the mix', () => {
    const grains = ['foam-fine-light', 'foam-fine-mid'].map((id) => shelf.get(id)!)
    const offers = ['foam-fine-dark', 'foam-fine-rust', 'foam-fine-straw'].map((id) => shelf.get(id)!)
    const wanted = search({ grains, aim: aimAt(toLab('#9c5a2c'), noSealing) })
    const { off } = nearestMix(wanted) as { off: number }
    const help = bestHelp(wanted, offers, off)
    expect(help?.grain.material.id).toBe('foam-fine-rust')
    // The new jar must be in it, and the others need not.
    expect(help?.off).toBeLessThan(0.2)
    expect(bestHelp(wanted, [], off)).toBeUndefined()
  })
})
