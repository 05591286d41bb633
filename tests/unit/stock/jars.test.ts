import {
  catalogue,
  catalogueRow,
  insteadWords,
  jarTimesWords,
  meltsFoam,
  sheenWords,
} from '../../../core/stock'

test('sprays, contact adhesive, CA and hot glue melt foam; white glue, medium, paint by brush and latex do not', () => {
  for (const id of ['spray-adhesive', 'ca', 'hot-glue', 'flat-varnish', 'spray-brown'])
    expect([id, meltsFoam(catalogueRow(id))]).toEqual([id, true])
  for (const id of ['pva', 'matte-medium', 'latex', 'hairspray', 'soil-fine'])
    expect([id, meltsFoam(catalogueRow(id))]).toEqual([id, false])
  expect(catalogue.filter(meltsFoam).every(({ of }) => of.stuff === 'liquid')).toBe(true)
})

describe('a jar', () => {
  const jar = (own: object) => ({
    of: { stuff: 'liquid' as const, liquid: 'spray-adhesive' as const, ...own },
  })
  test('says of itself whether it melts foam', () => {
    expect([meltsFoam(jar({})), meltsFoam(jar({ onFoam: 'spares' }))]).toEqual([true, false])
    expect(meltsFoam({ of: { stuff: 'liquid', liquid: 'latex', onFoam: 'melts' } })).toBe(true)
  })
  test('that shines is warned of; one that is matt, or says nothing, is not', () => {
    expect(sheenWords(jar({ finish: 'satin' }))).toMatch(/^satin: it shines/)
    expect([
      sheenWords(jar({ finish: 'matt' })),
      sheenWords(jar({})),
      sheenWords(catalogueRow('soil-fine')),
    ]).toEqual([undefined, undefined, undefined])
  })
  test('has its times put into words', () => {
    expect(jarTimesWords(catalogueRow('tacky-pva'))).toBe('can be worked on for 4 min, has set in 4 h 00')
    expect(jarTimesWords(jar({ setsMin: 20 }))).toBe('has set in 20 min')
    expect(jarTimesWords(catalogueRow('pva'))).toBeUndefined()
  })
  test('has something that makers take instead, where there is such', () => {
    expect(insteadWords(catalogueRow('hairspray').of)).toContain('spray adhesive')
    expect(insteadWords(catalogueRow('green-fibre').of)).toContain('filter wool')
    expect(insteadWords(catalogueRow('ca').of)).toBeUndefined()
  })
})
