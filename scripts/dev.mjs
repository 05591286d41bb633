/** npm run dev: the app with live reload. */
import { ensurePackages, runTool } from './lib.mjs'

ensurePackages()
process.exit(runTool('nuxi', ['dev', ...process.argv.slice(2)]))
