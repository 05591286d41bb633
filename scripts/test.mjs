/**
 * npm test: installs what is missing, then lint, types, unit, reference and end-to-end tests; ends with the
 * true totals.
 */
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { check } from './check.mjs'
import { ensureBuild, ensureChromium, ensurePackages, root, runTool, say } from './lib.mjs'

ensurePackages()
const chromium = ensureChromium()
await check()

const reports = join(root, 'reports')
rmSync(reports, { recursive: true, force: true })
mkdirSync(reports)
const jestReport = join(reports, 'jest.json')
const playwrightReport = join(reports, 'playwright.json')

say('Unit and reference tests')
const jestCode = runTool('jest', ['--json', `--outputFile=${jestReport}`])
ensureBuild()
say('End-to-end tests in Chromium')
const playwrightCode = runTool('playwright', ['test', '--reporter=list,json'], {
  env: { CHROMIUM_PATH: chromium, PLAYWRIGHT_JSON_OUTPUT_NAME: playwrightReport },
})

const read = (path) => (existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : undefined)
const jest = read(jestReport)
const playwright = read(playwrightReport)
const passed = (jest?.numPassedTests ?? 0) + (playwright?.stats.expected ?? 0)
/** A test that passed only when tried again has failed; a run without a report counts as one failure. */
const failed =
  (jest ? jest.numFailedTests + jest.numRuntimeErrorTestSuites : 1) +
  (playwright ? playwright.stats.unexpected + playwright.stats.flaky + (playwright.errors?.length ?? 0) : 1)
const skipped = (jest?.numPendingTests ?? 0) + (playwright?.stats.skipped ?? 0)
console.log(`\n${passed} passed, ${failed} failed${skipped > 0 ? `, ${skipped} skipped` : ''}`)
process.exit(jestCode !== 0 || playwrightCode !== 0 || failed > 0 ? 1 : 0)
