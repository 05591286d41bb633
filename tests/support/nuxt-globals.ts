import { afterEach, beforeEach, jest } from '@jest/globals'
import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { createPinia, defineStore, setActivePinia, storeToRefs } from 'pinia'
import * as vue from 'vue'

/**
 * What Nuxt imports by itself, for components under test: Vue's own, stores and composables (each read when it is first
 * asked for), and the components of parts and of the interface by their names.
 */
const root = join(__dirname, '../..')
const define = (name: string, get: () => unknown): void => {
  Object.defineProperty(globalThis, name, {
    configurable: true,
    get,
    // A test puts its own in place of it.
    set: (value: unknown) => define(name, () => value),
  })
}
for (const [name, value] of Object.entries(vue)) if (!(name in globalThis)) define(name, () => value)
define('defineStore', () => defineStore)
define('storeToRefs', () => storeToRefs)
const route = { params: { workshop: 'mine' }, query: {}, path: '/mine', hash: '' }
define('useRoute', () => () => route)
define('useRouter', () => () => ({ push: gone, replace: gone }))
define('navigateTo', () => gone)
/** Nothing is gone to: a component stands alone here. */
const gone = (): Promise<void> => Promise.resolve()

for (const folder of ['app/composables', 'app/stores'])
  for (const file of filesIn(folder, '.ts'))
    for (const [, name = ''] of readFileSync(file, 'utf8').matchAll(
      /^export (?:async )?(?:function|const) (\w+)/gm,
    ))
      define(name, () => (jest.requireActual(file) as Record<string, unknown>)[name])

const files = new Map(
  ['app/parts', 'app/components']
    .flatMap((folder) => filesIn(folder, '.vue'))
    .map((file) => [nameOf(file), file]),
)
const componentNamed = (name: string): unknown => {
  const file = files.get(name)
  if (name === 'NuxtLink') return link
  return file ? (jest.requireActual(file) as { default: unknown }).default : vue.resolveComponent(name)
}
define('componentNamed', () => componentNamed)
define('resolveComponent', () => componentNamed)

const link = {
  props: ['to'],
  setup:
    (_: unknown, { slots }: vue.SetupContext) =>
    () =>
      vue.h('a', slots.default?.()),
}

beforeEach(() => setActivePinia(createPinia()))
afterEach(() => {
  document.body.innerHTML = ''
})

function filesIn(folder: string, ending: string): string[] {
  return readdirSync(join(root, folder), { recursive: true, encoding: 'utf8' })
    .filter((file) => file.endsWith(ending))
    .map((file) => join(root, folder, file))
}
function nameOf(file: string): string {
  return file.slice(file.lastIndexOf('/') + 1, -'.vue'.length)
}
