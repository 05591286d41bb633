import { catalogue, catalogueRow, meltsFoam } from '../../../core/stock'

test('sprays, contact adhesive, CA and hot glue melt foam; white glue, medium, paint by brush and latex do not', () => {
  for (const id of ['spray-adhesive', 'ca', 'hot-glue', 'flat-varnish', 'spray-brown'])
    expect([id, meltsFoam(catalogueRow(id))]).toEqual([id, true])
  for (const id of ['pva', 'matte-medium', 'latex', 'hairspray', 'soil-fine'])
    expect([id, meltsFoam(catalogueRow(id))]).toEqual([id, false])
  expect(catalogue.filter(meltsFoam).every(({ of }) => of.stuff === 'liquid')).toBe(true)
})
