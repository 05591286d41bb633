import { plantedOn } from '../../../core/batches'
import { makeUp } from '../../../core/makeup'
import { highlightFit } from '../../../core/stock'
import { examplePiece, examplePieces } from '../../../core/methods/kit'
import { plantMethodById, plantMethods } from '../../../core/methods'
import { runSheet } from '../../../core/planting'
import { made } from '../../support/ways'
import { stocked } from '../../support/workshop'

describe('tones and planting out', () => {
  test('a highlight is 5 to 12 L* lighter and within 15° of hue where the shelf has one; else the nearest, said so', () => {
    // #5a7a36 has L* 47.5; #6f8f45 about 55.5 and of its hue; #86a045 is 14 lighter.
    expect(highlightFit('#6f8f45', '#5a7a36').off).toBe(0)
    expect(highlightFit('#86a045', '#5a7a36').off).toBeGreaterThan(0)
    expect(highlightFit('#8f8a45', '#5a7a36').hueDeg).toBeGreaterThan(15)
    const highlight = (colour: string) =>
      made(
        'sprig-tree',
        examplePieces(examplePiece('broadleaf', 'rounded', 80), 3),
        {},
        {
          states: stocked(() => 1e6).flatMap((state) => {
            const { id, of } = state.material
            if (of.stuff !== 'foam' || id === 'foam-fine-mid') return [state]
            return id === 'foam-fine-light'
              ? [{ ...state, material: { ...state.material, of: { ...of, colour } } }]
              : []
          }),
        },
      ).slots.find(({ slot: { id } }) => id === 'highlight')!
    const fits = highlight('#6f8f45')
    expect([fits.parts[0]?.material.id, fits.because]).toEqual(['foam-fine-light', undefined])
    // #a9bd62 is 26 lighter and 9.9° of hue away.
    expect(highlight('#a9bd62').because).toMatch(/nearest there is: 25\.9 L\* lighter and 9\.9°.*mix one/i)
    // 12.5 is over, and must not read as 12.
    expect(highlight('#7f9a45').because).toMatch(/12\.5 L\* lighter/)
  })

  test('what its way has set where it stays is not planted again', () => {
    const row = {
      lineId: 'l',
      code: 'A',
      name: 'Bushes',
      zone: 'front',
      layer: 'shrub',
      amount: { kind: 'pieces', pieces: 9 },
      heightMm: 15,
      stemMm: 1,
      litter: false,
    } as const
    const on = plantedOn({})
    expect(runSheet([row], on)[0]!.glue).toMatch(/pool of PVA/)
    expect(runSheet([{ ...row, setInPlace: true }], on)[0]!.glue).toMatch(/not again/)
    for (const { id, setsInPlace, examples } of plantMethods) {
      const up = makeUp({
        job: examples[0]!,
        method: plantMethodById(id)!,
        states: stocked(),
        dryingFactor: 1,
      })
      const sets =
        up.job.kind === 'pieces' && up.steps.some((step) => step.id === 'pool' || step.id === 'plant')
      expect([id, setsInPlace === true]).toEqual([id, sets])
    }
  })
})
