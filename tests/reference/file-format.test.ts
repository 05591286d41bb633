import Ajv2020 from 'ajv/dist/2020'
import addFormats from 'ajv-formats'
import { readFileSync } from 'node:fs'
import { workshopJsonSchema } from '../../core/workshop/json-schema'
import { newWorkshop, writeWorkshopFile } from '../../core/workshop'
import { buildDemo } from '../../server/demo/build'

const shipped = JSON.parse(readFileSync('docs/workshop.schema.json', 'utf8')) as Record<string, unknown>
const ajv = new Ajv2020({ strict: false, allErrors: true })
addFormats(ajv)
const validate = ajv.compile(shipped)

describe('the exported file against the shipped JSON Schema (draft 2020-12, read by an independent validator)', () => {
  test('the shipped schema is the one that core has (npm run schema)', () =>
    expect(shipped).toEqual(JSON.parse(JSON.stringify(workshopJsonSchema()))))

  test.each([
    ['the demo workshop', buildDemo(Date.parse('2026-11-25T08:00:00.000Z'))],
    ['an empty workshop', newWorkshop('2026-11-25T08:00:00.000Z')],
  ])('%s validates', (_name, document) => {
    validate(JSON.parse(writeWorkshopFile(document)))
    expect(validate.errors).toBeNull()
  })

  test('a wrong file does not', () => {
    const document = JSON.parse(writeWorkshopFile(buildDemo(0))) as { lines: Record<string, unknown>[] }
    expect(
      validate({
        ...document,
        lines: [{ ...document.lines[0], amount: { kind: 'pieces', pieces: 'many' } }],
      }),
    ).toBe(false)
    expect(validate({ ...document, version: 99 })).toBe(false)
    expect(validate({ ...document, surprise: true })).toBe(false)
  })
})
