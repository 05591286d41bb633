import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join, relative, resolve } from 'node:path'

const root = resolve(__dirname, '../../core')
const files = readdirSync(root, { recursive: true, encoding: 'utf8' })
  .filter((name) => name.endsWith('.ts'))
  .map((name) => join(root, name))
const known = new Set(files)
const textOf = new Map(files.map((file) => [file, readFileSync(file, 'utf8')]))

/** Files of core/ that a file takes something from, a type or a value. */
const needs = (file: string): string[] =>
  [...textOf.get(file)!.matchAll(/(?:import|export)[^;]*?from '(\.[^']*)'/g)].flatMap(([, from]) => {
    const at = resolve(dirname(file), from!)
    return [`${at}.ts`, join(at, 'index.ts')].filter((one) => known.has(one))
  })

/** Files that lead back to themselves. Source: Tarjan 1972, strongly connected components. */
function circles(): string[][] {
  const index = new Map<string, number>()
  const low = new Map<string, number>()
  const stack: string[] = []
  const found: string[][] = []
  const visit = (file: string): void => {
    index.set(file, index.size)
    low.set(file, index.get(file)!)
    stack.push(file)
    for (const next of needs(file))
      if (!index.has(next)) {
        visit(next)
        low.set(file, Math.min(low.get(file)!, low.get(next)!))
      } else if (stack.includes(next)) low.set(file, Math.min(low.get(file)!, index.get(next)!))
    if (low.get(file) !== index.get(file)) return
    const own = stack.splice(stack.indexOf(file))
    if (own.length > 1) found.push(own.map((one) => relative(root, one)))
  }
  for (const file of files) if (!index.has(file)) visit(file)
  return found
}

describe('the rooms of core/', () => {
  test('files are read, and what they take from one another is found', () => {
    expect(files.length).toBeGreaterThan(300)
    expect(needs(join(root, 'makeup/make-up.ts'))).toContain(join(root, 'stock/index.ts'))
  })

  test('no file leads back to itself, by types either', () => {
    expect(circles()).toEqual([])
  })

  test('no name is exported with two meanings', () => {
    const declared = new Map<string, string[]>()
    for (const [file, text] of textOf)
      for (const [, name] of text.matchAll(
        /^export (?:const|let|function\*?|async function|interface|type|class|const enum|enum) (\w+)/gm,
      ))
        declared.set(name!, [...new Set([...(declared.get(name!) ?? []), relative(root, file)])])
    expect([...declared].filter(([, of]) => of.length > 1)).toEqual([])
  })

  test('what a method is called is compared in its own file alone', () => {
    const asked = [...textOf].filter(([, text]) => /(?:method\.id|methodId) [!=]== '/.test(text))
    expect(asked.map(([file]) => relative(root, file))).toEqual([])
  })
})
